import * as say from './words.ts';
import type { LimbPairSpec } from '../anatomy/bodyPlan.ts';
import { posedBone, type PosedBone } from '../anatomy/pose.ts';
import { stanceMassCentre } from '../body/massCentre.ts';
import { skinDistance } from '../body/surfaceDistance.ts';
import { thinSections } from '../body/thinSections.ts';
import { groundHeight } from '../posing/ground.ts';
import { add, lerp, scale, sub, unit, type Vec3 } from '../geometry/vec3.ts';
import type { WireChoice } from '../piece/pieceSchema.ts';
import type { Working } from '../piece/working.ts';
import type { Footfall, StancePlan } from '../stance/stancePlan.ts';
import { toDeg } from '../units/angles.ts';
import type { BendSchedule } from './bendSchedule.ts';
import { ALLOWANCE, ALONG_THE_WIRE, cutLines, decided, derived } from './cutLines.ts';
import { neckFrom } from './spineStrands.ts';
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
  const { stance, wire, pegDepthMm } = setting;
  const [x, , z] = hold.ball;
  const { id, name } = hold.contact;
  const peg = pegPoint(say.pegUnder(name), pegRef(id), [x, -pegDepthMm, z]);
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
    lines: (wireId, schedule) => rodLines(setting, wireId, schedule, pegDepthMm, say.spine),
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
  const { stance, wire, pegDepthMm } = setting;
  const limb = pair[side];
  const foot = stance.feet.find(({ contact }) => contact.id === limb.contact);
  if (foot === undefined || !foot.down) return null;
  const choice = rodChoice(setting);
  const d = choiceDiameterMm(choice);
  const bones = limb.bones.toReversed().slice(0, -1);
  const joints = bones.map((id) => routePoint(stance, jointRef(id), setting)!);
  const covered = (to: Vec3): boolean =>
    Array.from({ length: STATIONS }, (_, i) => (i + 0.5) / STATIONS).every(
      (t) => -skinDistance(stance.skin, lerp(foot.ball, to, t)) - d / 2 >= wire.coverMm,
    );
  const best = Math.max(
    0,
    joints.findLastIndex(({ at }) => covered(at)),
  );
  const top = joints[best]!;
  const up = unit(sub(top.at, foot.ball));
  const slantDeg = toDeg(Math.acos(Math.min(1, Math.max(-1, up[1]))));
  const { id, name } = foot.contact;
  const below = foot.ball[1] - foot.groundMm + pegDepthMm;
  const slanting = slantDeg <= MOST_SLANT_DEG;
  const pegAt: Vec3 = slanting
    ? add(foot.ball, scale(up, -below / up[1]))
    : [foot.ball[0], foot.groundMm - pegDepthMm, foot.ball[2]];
  const peg = pegPoint(say.pegUnder(name), pegRef(id), pegAt);
  const ball: RoutePoint = { ref: ballRef(id), at: foot.ball, name: say.ballOf(name) };
  const route: Route = { points: [peg, ball, top], wrapAt: null, pegs: [true, false] };
  const inside = bones.slice(0, best);
  const pegMm = slanting ? pegDepthMm / up[1] : pegDepthMm;
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
      lines: (wireId, schedule) => rodLines(setting, wireId, schedule, pegMm, say.wireOfLimb),
    },
  };
}

/** The iron runs along the trunk for at least this share of a bone of it: common practice. */
const LEAST_ALONG = 0.35;

/** Where the column passes nearest to the plumb line of the flesh: there an iron meets the trunk. */
export function ironPlace(stance: StancePlan): {
  readonly bone: PosedBone;
  /** Along it, 0 to 1. */
  readonly t: number;
  readonly at: Vec3;
} {
  const { plan } = stance.posed.skeleton;
  const trunk = plan.spine.slice(plan.tailBones.length, neckFrom(plan));
  const column = (trunk.length > 0 ? trunk : plan.spine).map((id) => posedBone(stance.posed, id));
  const flesh = { bones: thinSections(stance.posed.skeleton) };
  const plumb = stanceMassCentre(stance.posed, flesh) ?? column[0]!.start;
  const beside = ({ start, end }: PosedBone, t: number): number => {
    const [x, , z] = lerp(start, end, t);
    return Math.hypot(x - plumb[0], z - plumb[2]);
  };
  const places = column.flatMap((bone) =>
    Array.from({ length: 11 }, (_, i) => ({ bone, t: i / 10 })),
  );
  const best = places.reduce((nearest, place) =>
    beside(place.bone, place.t) < beside(nearest.bone, nearest.t) ? place : nearest,
  );
  return { ...best, at: lerp(best.bone.start, best.bone.end, best.t) };
}

/**
 * The back iron: one stiff rod from under the base up into the trunk and along it, bound in two places
 * so that the body cannot turn. It carries all the weight, so it stands where the column is nearest to
 * the plumb line of the flesh (by its thin sections, before any body is worked out).
 */
export function ironDraft(setting: WireSetting): WireDraft {
  const { stance, pegDepthMm } = setting;
  const { bone, t, at } = ironPlace(stance);
  // Along the bone towards its higher end, unless too little of it is left there.
  const upward = bone.end[1] >= bone.start[1];
  const room = upward ? 1 - t : t;
  const to = room >= LEAST_ALONG === upward ? 1 : 0;
  const end = to === 1 ? bone.end : bone.start;
  const groundMm = groundHeight(stance.ground, at[0]);
  const { id } = bone.bone;
  const route: Route = {
    points: [
      pegPoint(say.pegOfIron, pegRef('iron'), [at[0], groundMm - pegDepthMm, at[2]]),
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
    lines: (wireId, schedule) => rodLines(setting, wireId, schedule, pegDepthMm, say.spine),
  };
}

/** The lengths of a rod: what rises out of the base, its peg, nut and washers, tie end and margin. */
export function rodLines(
  { wire, base }: WireSetting,
  id: string,
  schedule: BendSchedule,
  pegMm: number,
  beside: string,
): readonly Working[] {
  const { line } = cutLines(`wire.${id}`, id);
  const { nutAndWashers, tieEnd, margin } = wire.allowancesMm;
  const depthMm = base.thicknessMm + nutAndWashers;
  const share = depthMm === 0 ? 0 : pegMm / depthMm;
  const riseMm = schedule.developedMm - pegMm;
  return [
    line(
      'rise',
      say.fromBaseUpTo,
      riseMm,
      ALONG_THE_WIRE,
      [derived('N', say.bends, schedule.bends.length, 'count')],
      say.bonesOfPosedModel2,
    ),
    line('pegs', say.pegThroughBase, share * base.thicknessMm, 's · t', [
      decided('t', say.thicknessOfBase, base.thicknessMm, 'mm'),
      derived('s', say.longerByItsSlant, share, 'ratio'),
    ]),
    line('nuts', say.belowBaseNutAnd, share * nutAndWashers, 's · a', [
      decided('a', say.nutAndWashers, nutAndWashers, 'mm'),
      derived('s', say.longerByItsSlant, share, 'ratio'),
    ]),
    line('tie', say.besideToBeLashed(beside), tieEnd, ALLOWANCE, [
      decided('a', say.tieEnd, tieEnd, 'mm'),
    ]),
    line('margin', say.margin, margin, ALLOWANCE, [decided('a', say.margin, margin, 'mm')]),
  ];
}
