import * as say from './words.ts';
import type { LimbPairSpec } from '../anatomy/bodyPlan.ts';
import { posedBone } from '../anatomy/pose.ts';
import type { Bone } from '../anatomy/skeleton.ts';
import type { WireChoice } from '../piece/pieceSchema.ts';
import type { Working } from '../piece/working.ts';
import type { BendSchedule } from './bendSchedule.ts';
import { ALONG_THE_WIRE, cutLines, decided, derived, marginLine } from './cutLines.ts';
import { times, type CarriedBone, type WireFeature } from './plannedWire.ts';
import { seatDepthMm, type PegSeat } from './pegSeat.ts';
import { pairRefs, routeThrough, type Route } from './routes.ts';
import { overSpine } from './windings.ts';
import { type Winding } from './winding.ts';
import type { WireDraft, WireSetting } from './wireSetting.ts';

/** The wire of a limb pair where the user did not choose one of its own. */
export const limbChoice = (
  { wire }: Pick<WireSetting, 'wire'>,
  pair: LimbPairSpec,
): WireChoice => ({
  ...(wire.limbs[pair.id] ?? wire.spine),
  strands: 1,
});

/** The key of a pair's wire, under which its routes are kept. */
export const limbsKey = (pairId: string): string => `limbs:${pairId}`;

/** The bones of a pair, left and right in turn, from the trunk outwards. */
export const sideBySide = ({ left, right }: LimbPairSpec): readonly string[] =>
  left.bones.flatMap((id, i) => [id, right.bones[i]!]);

/** Left and right bones of a pair. */
export const pairBones = (
  setting: Pick<WireSetting, 'stance'>,
  pair: LimbPairSpec,
): readonly Bone[] => sideBySide(pair).map((id) => posedBone(setting.stance.posed, id).bone);

/** The foot or tip at which the wire of a pair is begun. */
export const pairEnd = (
  { stance }: Pick<WireSetting, 'stance'>,
  pair: LimbPairSpec,
  side: 'left' | 'right' = 'left',
): string =>
  stance.feet.find((foot) => foot.contact.id === pair[side].contact)?.contact.name ?? say.tip(side);

const singly = (bones: readonly Bone[]): readonly CarriedBone[] =>
  bones.map(({ id }) => ({ boneId: id, strands: 1 }));

/**
 * One wire per limb pair: from the left foot over the girdle, wound round the spine, to the right.
 * It is pegged into the base unless rods stand in its place.
 */
export function limbDraft(
  setting: WireSetting,
  pair: LimbPairSpec,
  pegged: boolean,
  thickAt?: WireDraft['thickAt'],
): WireDraft {
  const choice = limbChoice(setting, pair);
  const bones = pairBones(setting, pair);
  const through = routeThrough(setting.stance, pairRefs(pair, pegged), setting)!;
  const { route, winding } = overSpine(setting, through, choice);
  return {
    key: limbsKey(pair.id),
    kind: 'limbs',
    name: pair.name,
    namedEnd: pairEnd(setting, pair),
    choice,
    route,
    ...(thickAt ? { thickAt } : {}),
    through: singly(bones),
    along: bones,
    winding,
    features: (schedule) => turnsFeature(winding, route, schedule, pair.over),
    lines: (id, schedule) => limbLines(setting, id, { route, winding, schedule }),
  };
}

/** The turns round the spine: right after the bend that leads onto it. */
export function turnsFeature(
  winding: Winding | null,
  { wrapAt }: Route,
  schedule: BendSchedule,
  over: string,
): readonly WireFeature[] {
  if (winding === null || wrapAt === null) return [];
  const onto = schedule.bends.findIndex((bend) => bend.vertex === wrapAt);
  const { markMm, arcMm } = schedule.bends[onto]!;
  const { turns, lengthMm } = winding;
  return [
    {
      kind: 'turns',
      name: say.roundSpineAt(times(turns), over),
      afterBend: onto + 1,
      atMm: markMm + arcMm,
      lengthMm,
    },
  ];
}

/** An end that lies beside another wire and is bound to it: the wire begins with it. */
export const boundEnd = (lengthMm: number): readonly WireFeature[] =>
  lengthMm === 0
    ? []
    : [
        {
          kind: 'end',
          name: say.mmToBeBound(lengthMm.toFixed(0)),
          afterBend: 0,
          atMm: 0,
          lengthMm,
        },
      ];

/** A wire over a limb pair as it is laid. */
export interface LaidWire {
  readonly route: Route;
  readonly winding: Winding | null;
  readonly schedule: BendSchedule;
}

/** What the pegs at the ends of a route go into; none at an end without a peg. */
const endSeats = (
  { stance, seat }: WireSetting,
  { points, pegs }: Route,
): readonly (PegSeat | null)[] =>
  [points[0], points.at(-1)].map((point, end) => {
    if (!pegs[end as 0 | 1] || point?.ref.over !== 'peg') return null;
    const { contactId } = point.ref;
    const foot = stance.feet.find(({ contact }) => contact.id === contactId);
    return foot === undefined ? null : seat(foot.ball[0], foot.groundMm);
  });

/** From the ball of each pegged foot down to the ground under it, mm; nothing at an end without a peg. */
function padsMm({ points }: Route, [first, last]: readonly (PegSeat | null)[]): readonly number[] {
  const heights = points.map(({ at }) => at[1]);
  return [
    first ? heights[1]! - heights[0]! - seatDepthMm(first) : 0,
    last ? heights.at(-2)! - heights.at(-1)! - seatDepthMm(last) : 0,
  ];
}

/** What round bends save against corners. */
const roundingLine = (
  line: ReturnType<typeof cutLines>['line'],
  { developedMm, polylineMm }: BendSchedule,
): Working =>
  line(
    'rounding',
    say.savedByRoundingBends,
    developedMm - polylineMm,
    'L − P',
    [
      derived('L', say.withItsBendsRounded, developedMm, 'mm'),
      derived('P', say.straightFromJointTo, polylineMm, 'mm'),
    ],
    say.vectorGeometryNeutralAxis,
  );

/** What the pegs of a wire take: through the base and below it, or into a perch. */
function pegLines(
  line: ReturnType<typeof cutLines>['line'],
  { wire, base }: WireSetting,
  pegged: readonly PegSeat[],
): readonly Working[] {
  const { nutAndWashers } = wire.allowancesMm;
  const inPerch = pegged.filter(({ into }) => into === 'perch');
  const pegs = pegged.length - inPerch.length;
  const intoPerchMm = inPerch.reduce((sum, { throughMm }) => sum + throughMm, 0);
  const counted = derived('pegs', say.feetWithPeg, pegs, 'count');
  return [
    line('pegs', say.pegsThroughBase, pegs * base.thicknessMm, 'pegs · t', [
      counted,
      decided('t', say.thicknessOfBase, base.thicknessMm, 'mm'),
    ]),
    ...(inPerch.length === 0
      ? []
      : [
          line(
            'perch',
            say.pegsIntoPerch,
            intoPerchMm,
            'Σ tᵢ',
            inPerch.map(({ throughMm }) => derived('tᵢ', say.depthInPerch, throughMm, 'mm')),
          ),
        ]),
    line('nuts', say.belowBaseNutAnd, pegs * nutAndWashers, 'pegs · a', [
      counted,
      decided('a', say.nutAndWashers, nutAndWashers, 'mm'),
    ]),
  ];
}

/**
 * The lines of a wire between feet: bones, soles, pegs, what rounding saves, turns and margin. A route
 * that the user drew has the same ones; `overlaps` counts the ends that lie beside another wire.
 */

export function limbLines(
  setting: WireSetting,
  id: string,
  { route, winding, schedule }: LaidWire,
  overlaps = 0,
): readonly Working[] {
  const { line } = cutLines(`wire.${id}`, id);
  const { stance, wire } = setting;
  const seats = endSeats(setting, route);
  const pegged = seats.filter((seat) => seat !== null);
  const pads = padsMm(route, seats);
  const padMm = pads.reduce((a, b) => a + b, 0);
  const turnsMm = winding?.lengthMm ?? 0;
  const bonesMm =
    schedule.polylineMm -
    padMm -
    pegged.reduce((sum, seat) => sum + seatDepthMm(seat), 0) -
    turnsMm;
  const bends = schedule.bends.length;
  return [
    line(
      'bones',
      route.pegs[0] && route.pegs[1] ? say.alongBonesBallTo : say.alongBones,
      bonesMm,
      ALONG_THE_WIRE,
      [derived('N', say.jointsPassed, bends, 'count')],
      say.bonesOfPosedModelJoint,
    ),
    line(
      'pads',
      say.throughSolesToBase,
      padMm,
      'Σ hᵢ',
      pads.map((mm) => derived('hᵢ', say.fromBallOfFoot, mm, 'mm')),
      say.feetAsPosed(stance.feet.length),
    ),
    ...pegLines(line, setting, pegged),
    roundingLine(line, schedule),
    line('turns', say.turnsRoundSpine, turnsMm, 'turns · √((2 · π · r)² + p²)', [
      decided('turns', say.turns, winding?.turns ?? 0, 'count'),
      derived('r', say.halfOfSpineAnd, winding?.radiusMm ?? 0, 'mm'),
      derived('p', say.fromTurnToTurnTouching, winding?.pitchMm ?? 0, 'mm'),
    ]),
    ...(overlaps === 0
      ? []
      : [
          line('overlap', say.besideNextWireTo, overlaps * wire.binder.overlapMm, 'ends · o', [
            derived('ends', say.endsBesideAnotherWire, overlaps, 'count'),
            decided('o', say.overlap, wire.binder.overlapMm, 'mm'),
          ]),
        ]),
    marginLine(line, wire, bends),
  ];
}
