import type { WireDecisions } from '../workshop/workpiece.ts';
import type { LimbPairSpec } from '../anatomy/bodyPlan.ts';
import type { StancePlan } from '../stance/stancePlan.ts';
import { coilDraft, hasBarrel } from './coilDraft.ts';
import { fineDraft, fineParts, type FinePart } from './fineDrafts.ts';
import { foldedDrafts, foldedPairs } from './foldedDrafts.ts';
import { limbDraft, sideBySide } from './limbDraft.ts';
import { sameRef } from './routeRef.ts';
import type { RoutePoint } from './routes.ts';
import { ownDrafts } from './ownRoutes.ts';
import { heldRodDraft, ironDraft, legRod, rodChoice } from './rodDraft.ts';
import { wallRodDraft } from './wallRodDraft.ts';
import { wayOf } from './schemes.ts';
import { spineDraft } from './spineDraft.ts';
import { tailDraft } from './tailDraft.ts';
import type { WireDraft, WireSetting } from './wireSetting.ts';
import { choiceDiameterMm } from './wireStock.ts';

/** Every wire of the scheme, the spine first, and the thin parts with or without one. */
export interface Drafts {
  readonly drafts: readonly WireDraft[];
  readonly fine: readonly FinePart[];
}

/** The limb pairs of a stance that are not folded on the body. */
export const extendedPairs = (stance: StancePlan): readonly LimbPairSpec[] =>
  stance.posed.skeleton.plan.limbPairs.filter((pair) => !stance.folded.includes(pair.id));

/** Whether an iron carries the piece: asked for, and the piece stands on feet. */
export const onIron = ({ scheme }: Pick<WireDecisions, 'scheme'>, stance: StancePlan): boolean =>
  scheme === 'back-iron' &&
  stance.hold === 'base' &&
  stance.feet.some(({ contact, down }) => down && contact.kind === 'foot');

/** Drafts the wires of the chosen scheme, with the user's own routes in place of the scheme's. */
export function draftWires(setting: WireSetting): Drafts {
  const { stance, wire } = setting;
  const pairs = extendedPairs(stance);
  const iron = onIron(wire, stance);
  const made = pairs.flatMap((pair) => limbWires(setting, pair, !iron && stance.hold !== 'free'));
  const folded = wire.scheme === 'folded-pair' ? foldedWires(setting, pairs) : [];
  const held =
    wire.scheme === 'no-wire'
      ? []
      : stance.feet
          .filter(({ contact, down }) => contact.kind !== 'foot' && down && stance.hold !== 'free')
          .map((hold) =>
            stance.wall === null
              ? heldRodDraft(setting, hold)
              : wallRodDraft(setting, stance.wall, hold),
          );
  const large = [
    ...trunkWires(setting, folded),
    ...folded,
    ...made,
    ...held,
    ...(iron ? [ironDraft(setting)] : []),
  ];
  const own = large.flatMap((draft) => ownDrafts(setting, draft));
  // Where a folded wire was merged away, its other end went with it.
  const routed = own.filter(
    ({ otherEndOf }) => otherEndOf === undefined || own.some(({ key }) => key === otherEndOf),
  );
  const carried = new Set([
    ...large.flatMap(({ through }) => through.map(({ boneId }) => boneId)),
    // A limb left without a wire, or folded on the body, gets no thin ones either.
    ...stance.posed.skeleton.plan.limbPairs.flatMap((pair) => sideBySide(pair)),
    ...stance.posed.skeleton.plan.spine,
  ]);
  const fine = wire.scheme === 'no-wire' ? [] : fineParts(setting, carried);
  const thin = fine.flatMap((part) =>
    part.choice === null ? [] : ownDrafts(setting, fineDraft(setting, part, part.choice)),
  );
  return { drafts: [...routed, ...thin], fine };
}

/** The trunk: twisted, coiled, or what the folded wires leave of it. */
function trunkWires(setting: WireSetting, folded: readonly WireDraft[]): readonly WireDraft[] {
  switch (setting.wire.scheme) {
    case 'no-wire':
      return [];
    case 'coiled-trunk':
      return [hasBarrel(setting) ? coilDraft(setting) : spineDraft(setting)];
    case 'folded-pair':
      return folded.length === 0 ? [spineDraft(setting)] : tailDraft(setting);
    default:
      return [spineDraft(setting)];
  }
}

function foldedWires(setting: WireSetting, pairs: readonly LimbPairSpec[]): readonly WireDraft[] {
  const all = foldedPairs(
    setting,
    pairs.filter((pair) => wayOf(setting.wire, pair) === 'folded'),
  );
  return all.flatMap((foldedPair) =>
    foldedDrafts(setting, foldedPair, all, setting.stance.hold !== 'free'),
  );
}

function limbWires(
  setting: WireSetting,
  pair: LimbPairSpec,
  pegged: boolean,
): readonly WireDraft[] {
  const { stance } = setting;
  const way = wayOf(setting.wire, pair);
  if (way === 'none' || way === 'folded') return [];
  if (way === 'loops') return [limbDraft(setting, pair, pegged)];
  const rods =
    stance.hold === 'free'
      ? []
      : [legRod(setting, pair, 'left'), legRod(setting, pair, 'right')].flatMap((rod) =>
          rod === null ? [] : [rod],
        );
  const besides = rods.flatMap((rod) => rod.beside);
  const isBeside = (point: RoutePoint | undefined): boolean =>
    point !== undefined && besides.some((ref) => sameRef(ref, point.ref));
  const rodMm = choiceDiameterMm(rodChoice(setting));
  const limb = limbDraft(setting, pair, false);
  const d = choiceDiameterMm(limb.choice);
  const { points } = limb.route;
  // Where the rod runs along, wire and rod lie side by side.
  const doubled = points.map((point, i) => isBeside(point) && isBeside(points[i + 1]));
  return [
    { ...limb, thickAt: (leg) => (doubled[leg] ? d + rodMm : d) },
    ...rods.map(({ draft }) => draft),
  ];
}
