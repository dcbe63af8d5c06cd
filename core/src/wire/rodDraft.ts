import * as say from './words.ts';
import type { LimbPairSpec } from '../anatomy/bodyPlan.ts';
import { posedBone } from '../anatomy/pose.ts';
import { groundHeight } from '../posing/ground.ts';
import { add, lerp, scale, sub, unit, type Vec3 } from '../geometry/vec3.ts';
import type { WireChoice } from '../piece/pieceSchema.ts';
import { input, type Working } from '../piece/working.ts';
import { plumbPlace } from '../stance/plumbPlace.ts';
import type { Footfall } from '../stance/stancePlan.ts';
import { toDeg } from '../units/angles.ts';
import type { BendSchedule } from './bendSchedule.ts';
import { ALLOWANCE, ALONG_THE_WIRE, cutLines, decided, derived } from './cutLines.ts';
import { seatDepthMm, type PegSeat } from './pegSeat.ts';
import { BENT_KEY_MM } from './rodKeys.ts';
import { routePoint, type RoutePoint } from './routePoints.ts';
import { ballRef, boneRef, jointRef, pegRef, type RouteRef } from './routeRef.ts';
import type { Route } from './routes.ts';
import type { WireDraft, WireSetting } from './wireSetting.ts';
import { choiceDiameterMm } from './wireStock.ts';

/** A hole is drilled slanting up to this; a rod that leans more is bent above the board. */
export const MOST_SLANT_DEG = 30;
/** Places along a rod at which its cover is looked at. */
const STATIONS = 6;

/** The stiff rod of legs and back. */
export const rodChoice = ({ wire, rodMm }: Pick<WireSetting, 'wire' | 'rodMm'>): WireChoice => ({
  metal: wire.rod.metal,
  size: wire.rod.size ?? { system: 'mm', value: rodMm },
  strands: 1,
});

const pegPoint = (name: string, ref: RouteRef, at: Vec3): RoutePoint => ({ ref, at, name });

/**
 * A straight rod from under the base up to the bone that it carries, lashed to the spine there: for
 * a body that swims or flies, and for one that lies on its belly and must not turn.
 */
export function heldRodDraft(setting: WireSetting, hold: Footfall): WireDraft {
  const { stance, wire } = setting;
  const [x, , z] = hold.ball;
  const { id, name } = hold.contact;
  const seat = setting.seat(x, hold.groundMm);
  const peg = pegPoint(say.pegUnder(name), pegRef(id), [x, hold.groundMm - seatDepthMm(seat), z]);
  const route: Route = {
    points: [peg, { ref: ballRef(id), at: hold.ball, name }],
    wrapAt: null,
    pegs: [true, false],
  };
  return {
    key: `rod:${id}`,
    kind: 'rod',
    name: say.rod(name),
    namedEnd: say.endUnderBase,
    choice: wire.limbs[id] === undefined ? rodChoice(setting) : { ...wire.limbs[id], strands: 1 },
    route,
    through: [],
    along: [posedBone(stance.posed, hold.contact.bone).bone],
    lines: (wireId, schedule) => rodLines(setting, wireId, schedule, seat, say.spine),
  };
}

/** How far up a leg a straight rod from its foot stays inside the flesh. */
export interface LegRod {
  readonly draft: WireDraft;
  /** References that the rod runs beside, from the ball up to where it ends. */
  readonly beside: readonly RouteRef[];
}

/**
 * A stiff rod up one leg: from under the base through the foot, straight to the highest joint that it
 * reaches inside the flesh with enough clay over it, at least to the first. Steeper than
 * {@link MOST_SLANT_DEG} it goes through a slanting hole; else it stands upright and is bent in the
 * foot. The soft wire of the limb is bound along it.
 */
export function legRod(
  setting: WireSetting,
  pair: LimbPairSpec,
  side: 'left' | 'right',
): LegRod | null {
  const { stance, wire } = setting;
  const limb = pair[side];
  const foot = stance.feet.find(({ contact }) => contact.id === limb.contact);
  if (foot === undefined || !foot.down) return null;
  const choice = rodChoice(setting);
  const d = choiceDiameterMm(choice);
  const bones = limb.bones.toReversed().slice(0, -1);
  const joints = bones.map((id) => routePoint(stance, jointRef(id), setting)!);
  const covered = (to: Vec3): boolean =>
    Array.from({ length: STATIONS }, (_, i) => (i + 0.5) / STATIONS).every(
      (t) => setting.clayDepth(lerp(foot.ball, to, t)) - d / 2 >= wire.coverMm,
    );
  const best = Math.max(
    0,
    joints.findLastIndex(({ at }) => covered(at)),
  );
  const top = joints[best]!;
  const up = unit(sub(top.at, foot.ball));
  const slantDeg = toDeg(Math.acos(Math.min(1, Math.max(-1, up[1]))));
  const { id, name } = foot.contact;
  const seat = setting.seat(foot.ball[0], foot.groundMm);
  const deepMm = seatDepthMm(seat);
  const below = foot.ball[1] - foot.groundMm + deepMm;
  const slanting = slantDeg <= MOST_SLANT_DEG;
  const pegAt: Vec3 = slanting
    ? add(foot.ball, scale(up, -below / up[1]))
    : [foot.ball[0], foot.groundMm - deepMm, foot.ball[2]];
  const peg = pegPoint(say.pegUnder(name), pegRef(id), pegAt);
  const ball: RoutePoint = { ref: ballRef(id), at: foot.ball, name: say.ballOf(name) };
  const route: Route = { points: [peg, ball, top], wrapAt: null, pegs: [true, false] };
  const inside = bones.slice(0, best);
  return {
    beside: [ballRef(id), ...bones.slice(0, best + 1).map(jointRef)],
    draft: {
      key: `rod:${id}`,
      kind: 'rod',
      name: say.rod(name),
      namedEnd: say.endUnderBase,
      choice,
      route,
      through: inside.map((boneId) => ({ boneId, strands: 1 })),
      along: bones.slice(0, best + 1).map((boneId) => posedBone(stance.posed, boneId).bone),
      lines: (wireId, schedule) =>
        rodLines(setting, wireId, schedule, seat, say.wireOfLimb, slanting ? up[1] : 1),
    },
  };
}

/** The iron runs along the trunk for at least this share of a bone of it: common practice. */
const LEAST_ALONG = 0.35;

/**
 * The back iron: one stiff rod from under the base up into the trunk and along it, bound in two places
 * so that the body cannot turn. It carries all the weight, so it stands where the column is nearest to
 * the plumb line of the flesh (by its thin sections, before any body is worked out).
 */
export function ironDraft(setting: WireSetting): WireDraft {
  const { stance } = setting;
  const { bone, t, at } = plumbPlace(stance.posed);
  // Along the bone towards its higher end, unless too little of it is left there.
  const upward = bone.end[1] >= bone.start[1];
  const room = upward ? 1 - t : t;
  const to = room >= LEAST_ALONG === upward ? 1 : 0;
  const end = to === 1 ? bone.end : bone.start;
  const groundMm = groundHeight(stance.ground, at[0]);
  const seat = setting.seat(at[0], groundMm);
  const { id } = bone.bone;
  const route: Route = {
    points: [
      pegPoint(say.pegOfIron, pegRef('iron'), [at[0], groundMm - seatDepthMm(seat), at[2]]),
      { ref: boneRef(id, t), at, name: 'trunk, where the iron meets it' },
      { ref: to === 1 ? boneRef(id, 1) : jointRef(id), at: end, name: 'trunk, end of the iron' },
    ],
    wrapAt: null,
    pegs: [true, false],
  };
  return {
    key: 'iron',
    kind: 'iron',
    name: 'Back iron',
    namedEnd: say.endUnderBase,
    choice: rodChoice(setting),
    route,
    through: [{ boneId: id, strands: 1 }],
    along: [bone.bone],
    lines: (wireId, schedule) => rodLines(setting, wireId, schedule, seat, say.spine),
  };
}

/**
 * The lengths of a rod: what rises out of its seat, its peg, nut and washers, what is bent against turning, tie end and
 * margin. `steep` is the sine of the angle at which it goes in.
 */
export function rodLines(
  { wire, rodKey }: WireSetting,
  id: string,
  schedule: BendSchedule,
  { into, throughMm, belowMm }: PegSeat,
  beside: string,
  steep = 1,
): readonly Working[] {
  const { line } = cutLines(`wire.${id}`, id);
  const { tieEnd, margin } = wire.allowancesMm;
  const share = 1 / steep;
  const riseMm = schedule.developedMm - share * (throughMm + belowMm);
  return [
    line(
      'rise',
      say.fromBaseUpTo,
      riseMm,
      ALONG_THE_WIRE,
      [derived('N', say.bends, schedule.bends.length, 'count')],
      say.bonesOfPosedModel2,
    ),
    into === 'board'
      ? line('pegs', say.pegThroughBase, share * throughMm, 's · t', [
          decided('t', say.thicknessOfBase, throughMm, 'mm'),
          derived('s', say.longerByItsSlant, share, 'ratio'),
        ])
      : line('pegs', say.pegIntoPerch, share * throughMm, 's · t', [
          derived('t', say.depthInPerch, throughMm, 'mm'),
          derived('s', say.longerByItsSlant, share, 'ratio'),
        ]),
    line('nuts', say.belowBaseNutAnd, share * belowMm, 's · a', [
      decided('a', say.nutAndWashers, belowMm, 'mm'),
      derived('s', say.longerByItsSlant, share, 'ratio'),
    ]),
    ...(rodKey === 'bent' && into === 'board'
      ? [
          line('key', say.bentAgainstTurning, BENT_KEY_MM, ALLOWANCE, [
            input('a', say.bentAgainstTurning, BENT_KEY_MM, 'mm', 'memory'),
          ]),
        ]
      : []),
    line('tie', say.besideToBeLashed(beside), tieEnd, ALLOWANCE, [
      decided('a', say.tieEnd, tieEnd, 'mm'),
    ]),
    line('margin', say.margin, margin, ALLOWANCE, [decided('a', say.margin, margin, 'mm')]),
  ];
}
