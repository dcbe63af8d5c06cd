import { markingOn, markingZoneId, type Marking } from '../anatomy/marking.ts';
import type { CoatZone } from '../anatomy/coat.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { leftOf } from './runs.ts';
import { skinField } from './skinFields.ts';
import type { SkinChart } from './skinChart.ts';
import type { SkinSpot } from './skinPoint.ts';
import { crumbs } from './wander.ts';

/** One colour of one marking: a zone of its own. Those later in the list lie over the earlier. */
export interface MarkPart {
  readonly zoneId: string;
  readonly markingId: string;
  readonly colour: number;
}

/** Every colour of some markings, from the bottom to the top. */
export const markParts = (markings: readonly Marking[]): readonly MarkPart[] =>
  markings.flatMap(({ id, colours }) =>
    colours.map((_, colour) => ({ zoneId: markingZoneId(id, colour), markingId: id, colour })),
  );

/** What each part covers of a spot, 0 to 1, as if it were alone; one number a part. */
export type Coverage = (spot: SkinSpot | undefined, onColumn: SkinSpot | undefined) => Float32Array;

/** How much of what it covers a distance outside a colour leaves: half on its edge, all `over` mm into it. */
export const covered = (outMm: number, overMm: number): number =>
  Math.max(0, Math.min(1, 0.5 - outMm / overMm));

/** Over how many mm a marking ends; a hard one over no less than what can be told apart. */
export const edgeOver = ({ edge, edgeMm }: Pick<Marking, 'edge' | 'edgeMm'>, leastMm: number) =>
  edge === 'soft' ? Math.max(leastMm, edgeMm) : leastMm;

/** So far from an edge a spot is wholly in or out, life mm. */
const reachOf = (marking: Marking, leastMm: number): number =>
  edgeOver(marking, leastMm) / 2 + (marking.edge === 'broken' ? marking.edgeMm : 0);

/** How markings cover spots of the skin; `leastMm` is the finest that is told apart there, life mm. */
export function coverageOf(
  skeleton: Skeleton,
  markings: readonly Marking[],
  leastMm: number,
): Coverage {
  const fields = markings.map((marking) => ({
    marking,
    field:
      markingOn(marking) === 'skin'
        ? skinField(skeleton, marking, reachOf(marking, leastMm))
        : undefined,
    over: edgeOver(marking, leastMm),
    side: oneSide(skeleton, marking),
  }));
  const many = markings.reduce((sum, { colours }) => sum + colours.length, 0);
  return (own, onColumn) => {
    const cover = new Float32Array(many);
    let n = 0;
    for (const { marking, field, over, side } of fields) {
      const spot = marking.spreads ? (onColumn ?? own) : own;
      const outs =
        spot === undefined || (side !== null && side !== spot.isRight) ? undefined : field?.(spot);
      if (outs !== undefined && spot !== undefined) {
        const isFolded = marking.mirrored && spot.run.isColumn;
        const strays = crumbs(marking, spot, isFolded ? Math.abs(spot.round) : spot.round);
        outs.forEach((out, c) => (cover[n + c] = covered(out + strays, over)));
      }
      n += marking.colours.length;
    }
    return cover;
  };
}

/** The one side that a marking of a limb is on where the other has it not; null for both. */
function oneSide(skeleton: Skeleton, { mirrored, places }: Marking): boolean | null {
  const [first] = places;
  if (mirrored || first === undefined) return null;
  const bone = skeleton.byId.get(first.boneId);
  return bone === undefined || bone.side === 'mid' ? null : leftOf(skeleton, bone.id).isRight;
}

/** What of a spot each part shows with the later ones over it; what is left is the coat's own. */
export function seenOf(cover: Float32Array): {
  readonly seen: Float32Array;
  readonly rest: number;
} {
  const seen = new Float32Array(cover.length);
  let rest = 1;
  for (let n = cover.length - 1; n >= 0; n--) {
    seen[n] = cover[n]! * rest;
    rest *= 1 - cover[n]!;
  }
  return { seen, rest };
}

/** The coverage of every point of a skin: as many numbers a point as there are parts. */
export function coverOfSkin({ own, onColumn }: SkinChart, coverage: Coverage, parts: number) {
  const all = new Float32Array(parts * own.length);
  for (let i = 0; i < own.length; i++) all.set(coverage(own[i], onColumn[i]), parts * i);
  return all;
}

/**
 * What edges or bars take of the feathers of a zone, as a share: of what is seen of one, as long and as wide as it is
 * in life, the strip along both sides and the tip, or bars by their width and step. 0 elsewhere.
 */
export function featherShare(
  { kind, part, widthMm, stepMm }: Marking,
  { id, covering, hair, lock }: CoatZone,
): number {
  if (part !== id || covering !== 'feather' || hair === null || lock === null) return 0;
  if (kind === 'feather-bars') return Math.min(1, widthMm / stepMm);
  const inner = Math.max(0, lock.mm - 2 * widthMm) * Math.max(0, hair.mm - widthMm);
  return 1 - inner / (lock.mm * hair.mm);
}
