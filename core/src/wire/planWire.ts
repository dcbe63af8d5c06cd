import type { Snag } from '../piece/snag.ts';
import { unknownMetals } from './metals.ts';
import type { WireDecisions } from '../workshop/workpiece.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { type WirePlan } from './wirePlan.ts';
import { greatest } from '../geometry/extremes.ts';
import type { CoatChoice } from '../body/undersize.ts';
import type { StageResult } from '../piece/stageResult.ts';
import type { Working } from '../piece/working.ts';
import type { Fitting } from '../fittings/fittingsPlan.ts';
import type { StancePlan } from '../stance/stancePlan.ts';
import { armatureSteps } from './armatureSteps.ts';
import { planBase } from './baseHoles.ts';
import { bindingsOf, planBindings } from './bindings.ts';
import { placedCoil } from './coilDraft.ts';
import { draftWires, onIron, extendedPairs } from './draftWires.ts';
import { clayDepthOf } from './clayDepth.ts';
import { planHinges } from './hinges.ts';
import type { PlannedWire } from './plannedWire.ts';
import { planStock } from './planStock.ts';
import { pegSeat, seatDepthMm } from './pegSeat.ts';
import { rodKeyOf, standsOnOne } from './rodKeys.ts';
import { planShafts } from './shafts.ts';
import { plumbPlace } from '../stance/plumbPlace.ts';
import { suggestedRodMm } from './rodSize.ts';
import { wayOf } from './schemes.ts';
import { spineStrands } from './spineStrands.ts';
import { ropeDiameterMm } from './twist.ts';
import { finishWire } from './wireDraft.ts';
import { type WireDraft, type WireSetting } from './wireSetting.ts';
import { choiceDiameterMm } from './wireStock.ts';

/** Large wires are called by letters, the spine first; thin ones by T and a number. */
const letter = (i: number): string => String.fromCharCode('A'.charCodeAt(0) + i);

/** What Wire reads. */
export interface WireInputs {
  readonly wire: Workpiece['wire'];
  readonly base: Workpiece['stance']['base'];
  readonly stance: StancePlan;
  /** The coat, which takes clay away where it is planted; all carved where not said. */
  readonly skin?: CoatChoice;
  /** What is made apart, whose wires are cut with the others; nothing where not said. */
  readonly fittings?: readonly Fitting[];
  /** Cutting steps that are done, in one line: their wires are not cut once more. */
  readonly cutDone?: string;
}

/** The armature of a stance by the chosen scheme, with all that is needed to make it. */
export function planWire(of: WireInputs): WirePlan {
  const { wire, base, stance, skin, fittings = [], cutDone = '' } = of;
  const setting = wireSetting(wire, base, stance, skin);
  const { drafts, fine } = draftWires(setting);
  const wires = withOwnersCut(
    lettered(drafts).map(([draft, id]) => finishWire(setting, draft, id)),
  );
  const bindings = planBindings(setting, bindingsOf(setting, wires));
  const board = planBase(setting, wires);
  const shafts =
    wire.scheme === 'no-wire' ? [] : planShafts(setting, fittings, carriedBones(wires));
  const stock = planStock({ wires, shafts }, wire, new Set(cutDone.split(' ')));
  const hinges = planHinges(setting);
  const planned = {
    rodMm: setting.rodMm,
    wires,
    unwired: stance.posed.skeleton.plan.limbPairs
      .filter((pair) => stance.folded.includes(pair.id) || wayOf(wire, pair) === 'none')
      .map((pair) => pair.name),
    fine,
    shafts,
    bindings,
    coil: wires.some(({ lines }) => lines.some(({ id }) => id.endsWith('.coil')))
      ? placedCoil(setting)
      : null,
    hinges,
    base: board,
    rodKey: setting.rodKey,
    hangs: stance.hold === 'hanging',
    stock,
  };
  return {
    ...planned,
    workings: wireWorkings(planned),
    snags: [
      ...metalSnags(wire),
      ...wires.flatMap((wire) => wire.snags),
      ...board.snags,
      ...turningSnags(setting, wires),
    ],
    steps: armatureSteps(planned, wire),
  };
}

/** A piece on one rod that nothing keeps from turning. */
function turningSnags(
  { stance, rodKey, wire }: WireSetting,
  wires: readonly PlannedWire[],
): readonly Snag[] {
  const [only, ...others] = wires.filter(({ kind }) => kind === 'rod' || kind === 'iron');
  const isAlone = standsOnOne(stance, onIron(wire, stance));
  if (only === undefined || others.length > 0 || !isAlone || rodKey !== 'none') return [];
  return [
    {
      code: 'rod-may-turn',
      grade: 'watch',
      stage: 'wire',
      target: { kind: 'wire', id: only.id },
      facts: { rod: `${only.id} (${only.name.toLowerCase()})` },
    },
  ];
}

/** Metals that the workshop does not have. */
const metalSnags = (wire: WireDecisions): readonly Snag[] =>
  unknownMetals(wire).map((metal) => ({
    code: 'metal-unknown',
    grade: 'fix',
    stage: 'wire',
    facts: { metal },
  }));

/** Bones with a thin wire of their own. */
const carriedBones = (wires: readonly PlannedWire[]): ReadonlySet<string> =>
  new Set(
    wires
      .filter(({ kind }) => kind === 'fine')
      .flatMap(({ through }) => through.map(({ boneId }) => boneId)),
  );

/** What every wire of a piece is planned from. */
export function wireSetting(
  wire: Workpiece['wire'],
  base: Workpiece['stance']['base'],
  stance: StancePlan,
  skin: CoatChoice = { zones: {}, backingMm: 0 },
): WireSetting {
  const d = choiceDiameterMm(wire.spine);
  const { plan } = stance.posed.skeleton;
  const { strandsAt } = spineStrands(plan, { ...wire, neckStrands: 0 });
  const coiled = wire.scheme === 'coiled-trunk';
  const folded = wire.scheme === 'folded-pair' && extendedPairs(stance).length > 0;
  const seat: WireSetting['seat'] = (x, groundMm) => pegSeat({ stance, wire, base }, x, groundMm);
  const strands = coiled ? 1 : folded ? 2 * extendedPairs(stance).length : greatest(strandsAt);
  return {
    stance,
    wire,
    base,
    ropeMm: ropeDiameterMm(strands, d),
    rodMm:
      wire.rod.size === null
        ? suggestedRodMm(stance, wire, onIron(wire, stance) ? plumbPlace(stance.posed).at : null)
        : choiceDiameterMm({ size: wire.rod.size }),
    seat,
    pegMm: (x, groundMm) => seatDepthMm(seat(x, groundMm)),
    clayDepth: clayDepthOf(stance, skin),
    rodKey: rodKeyOf(wire, standsOnOne(stance, onIron(wire, stance))),
  };
}

/** The other end of a folded wire has no length of its own: it is part of the one cut. */
const withOwnersCut = (wires: readonly PlannedWire[]): readonly PlannedWire[] =>
  wires.map((wire) =>
    wire.otherEndOf === null
      ? wire
      : { ...wire, cut: wires.find(({ key }) => key === wire.otherEndOf)!.cut },
  );

/** Letters for drafts in their order; the other end of a folded wire has its letter with an r. */
function lettered(drafts: readonly WireDraft[]): readonly (readonly [WireDraft, string])[] {
  let [large, thin] = [0, 0];
  return drafts.map((draft) => [
    draft,
    draft.kind === 'fine'
      ? `T${++thin}`
      : draft.otherEndOf === undefined
        ? letter(large++)
        : `${letter(large - 1)}r`,
  ]);
}

/** Every working of the wire stage, in the order in which the ledger shows them. */
function wireWorkings(plan: Omit<WirePlan, keyof StageResult>): readonly Working[] {
  return [
    ...plan.wires.flatMap((wire) => [
      ...(wire.otherEndOf === null ? [wire.cut] : []),
      ...wire.lines,
      ...wire.moreStrands.flatMap(({ cut, lines }) => [cut, ...lines]),
      ...wire.bends.flatMap((bend) =>
        [bend.feed, bend.mark, bend.middle, bend.turn, bend.angle, bend.bendTo].filter(
          (w) => w !== undefined,
        ),
      ),
      ...(wire.leftOut === undefined ? [] : [wire.leftOut]),
      wire.cover,
    ]),
    ...plan.fine.map(({ length }) => length),
    ...plan.shafts.flatMap(({ length, cut }) => (cut === null ? [length] : [length, cut])),
    ...plan.bindings.workings,
    ...plan.hinges.workings,
    ...plan.base.workings,
    ...plan.stock.workings,
  ];
}
