import { least } from '../geometry/extremes.ts';
import type { ContactSpec, StepGaitSpec } from '../anatomy/bodyPlan.ts';
import { poseSkeleton, posedBone, type JointAngles, type PosedSkeleton } from '../anatomy/pose.ts';
import type { Bone, Skeleton } from '../anatomy/skeleton.ts';
import { padRadiusMm } from '../body/skin.ts';
import { cross, distance, type Vec3 } from '../geometry/vec3.ts';
import { toDeg } from '../units/angles.ts';
import { isDown } from './footfalls.ts';
import { reachingChain, reachTo, type Reached } from './reach.ts';
import { fallOf, movedAngles } from './gaitMoves.ts';
import { toesAngles } from './toesAngles.ts';

/** How far the feet of a gait go on one skeleton, life mm. */
export interface Stride {
  /** Same foot to same foot, along the ground. */
  readonly strideMm: number;
  /** What a foot goes back under the body while it is down. */
  readonly sweepMm: number;
  /** Height of the hip above the ground in the gait. */
  readonly hipMm: number;
  /** Share of the gait's usual sweep that these limbs reach within their limits. */
  readonly share: number;
}

/** Where a foot stands in the first stance, life mm, root at the origin. */
interface Stand {
  readonly contact: ContactSpec;
  readonly foot: Vec3;
  /** From the first joint that swings to the foot. */
  readonly limbMm: number;
  readonly padMm: number;
}

interface Standing {
  readonly posed: PosedSkeleton;
  readonly stands: readonly Stand[];
  /** Height of the ground below the root. */
  readonly groundY: number;
}

/** A shortfall this small, as a share of the limb, is none. */
const MET_SHARE = 2e-4;
/** Sweeps tried, as shares of the gait's. */
const SHARES = [1, 0.95, 0.9, 0.85, 0.8, 0.75, 0.7, 0.65, 0.6, 0.55, 0.5, 0.4, 0.3] as const;
/** Moments of a foot's time on the ground at which the sweep must be within reach. */
const CHECKED = [0, 0.25, 0.5, 0.75, 1] as const;
/** Strides remembered per skeleton: a number is typed, not slid. */
const MOST_STRIDES = 60;
const strides = new WeakMap<Skeleton, Map<string, Stride>>();

function standing(skeleton: Skeleton): Standing {
  const posed = poseSkeleton(skeleton, skeleton.plan.stances[0]?.anglesDeg ?? {});
  const stands = skeleton.plan.contacts
    .filter((contact) => contact.kind === 'foot')
    .map((contact): Stand => {
      const foot = posedBone(posed, contact.bone).end;
      const first = swingingBone(skeleton, contact.bone);
      const limbMm = distance(posedBone(posed, first.id).start, foot);
      return { contact, foot, limbMm, padMm: padRadiusMm(posed, contact.bone) };
    });
  const levels = stands.map(({ foot, padMm }) => foot[1] - padMm);
  return { posed, stands, groundY: levels.reduce((sum, y) => sum + y, 0) / levels.length };
}

/** The first bone of a limb that swings fore and aft from the trunk: thigh, upper arm, coxa. */
function swingingBone(skeleton: Skeleton, boneId: string): Bone {
  const chain = reachingChain(skeleton, boneId);
  const wide = chain.find(({ joint }) =>
    Object.values(joint.freedoms).some((freedom) => freedom.maxDeg - freedom.minDeg > 60),
  );
  return wide ?? chain[0]!;
}

/**
 * The stride of a gait on a skeleton: the gait's usual sweep over the shortest limb, or the stride that is
 * wanted (life mm), shortened until every foot reaches it within its limits at the gait's height.
 * Remembered per skeleton.
 */
export function strideOf(
  skeleton: Skeleton,
  gait: StepGaitSpec,
  wantedMm: number | null = null,
): Stride {
  const known = strides.get(skeleton) ?? new Map<string, Stride>();
  strides.set(skeleton, known);
  const key = `${gait.id} ${wantedMm}`;
  const found = known.get(key);
  if (found !== undefined) return found;
  const stand = standing(skeleton);
  const limbMm = least(stand.stands.map((stand) => stand.limbMm));
  const hipMm = -stand.groundY * gait.height;
  const usualMm =
    gait.stridePerHip === undefined ? gait.sweep * limbMm : gait.stridePerHip * hipMm * gait.duty;
  const fits = (share: number): boolean =>
    stand.stands.every((entry) =>
      CHECKED.every((t) => {
        const fall = fallOf(gait, entry.contact);
        const moment = fall + t * gait.duty;
        const target = footTarget(stand, entry, gait, share * usualMm, t);
        const start = guess(skeleton, gait, entry.contact, moment, target, entry);
        const { shortfallMm } = reached(skeleton, gait, entry.contact, start, target);
        return shortfallMm <= MET_SHARE * limbMm;
      }),
    );
  const wanted = wantedMm === null ? 1 : (wantedMm * gait.duty) / usualMm;
  const share = SHARES.map((share) => share * wanted).find(fits) ?? SHARES.at(-1)! * wanted;
  const sweepMm = share * usualMm;
  const stride: Stride = {
    strideMm: sweepMm / gait.duty,
    sweepMm,
    hipMm,
    share,
  };
  if (known.size >= MOST_STRIDES) known.clear();
  known.set(key, stride);
  return stride;
}

/** Where a foot is to be: `t` goes from 0 to 1 while it is down; beyond 1 it swings, up to 2. */
function footTarget(
  { groundY }: Standing,
  { foot, padMm, limbMm }: Stand,
  gait: StepGaitSpec,
  sweepMm: number,
  t: number,
): Vec3 {
  const sole = groundY * gait.height + padMm;
  if (t <= 1) return [foot[0] + (sweepMm / 2) * forwardness(t), sole, foot[2]];
  const s = t - 1;
  const up = gait.lift * limbMm * Math.sin(Math.PI * s);
  return [foot[0] + (sweepMm / 2) * forwardness(t), sole + up, foot[2]];
}

/** Where in its own round a foot is: 0 to 1 down, 1 to 2 in the air. */
function phaseOf(fall: number, duty: number, moment: number): number {
  const since = moment - fall - Math.floor(moment - fall);
  return isDown(fall, duty, moment) ? since / duty : 1 + (since - duty) / (1 - duty);
}

/** How far forward a foot is in its round: 1 as it falls, −1 as it leaves the ground. */
function forwardness(t: number): number {
  if (t <= 1) return 1 - 2 * t;
  const s = t - 1;
  return 2 * (s - Math.sin(2 * Math.PI * s) / (2 * Math.PI)) - 1;
}

/** Which way a bone's flexion carries its far end: 1 forward, −1 back. */
const flexesForward = ({ joint, rest }: Bone): number =>
  Math.sign(cross(joint.freedoms.flexion?.axis ?? [0, 0, 0], rest)[0]);

/** Turns that a gait itself gives to bones of a limb, degrees of flexion within their limits. */
function drivenAngles(
  skeleton: Skeleton,
  { driven = {} }: StepGaitSpec,
  contact: ContactSpec,
  t: number,
): ReadonlyMap<string, number> {
  const share = forwardness(t) / 2;
  return new Map(
    reachingChain(skeleton, contact.bone).flatMap((bone) => {
      const flexion = bone.joint.freedoms.flexion;
      const through = driven[bone.key];
      if (flexion === undefined || through === undefined) return [];
      const stands = skeleton.plan.stances[0]?.anglesDeg[bone.id]?.flexion ?? 0;
      const deg = stands + through * share * flexesForward(bone);
      return [[bone.id, Math.min(flexion.maxDeg, Math.max(flexion.minDeg, deg))] as const];
    }),
  );
}

/** A foot brought to its place by the joints of its limb that the gait leaves free. */
const reached = (
  skeleton: Skeleton,
  { driven = {} }: StepGaitSpec,
  contact: ContactSpec,
  start: JointAngles,
  target: Vec3,
): Reached =>
  reachTo(
    ...([skeleton, start, contact.bone, target, false] as const),
    reachingChain(skeleton, contact.bone).flatMap(({ id, key }) => (key in driven ? [id] : [])),
  );

/** A first guess: the limb swung towards its target, folded as much as the gait folds it in the air. */
function guess(
  skeleton: Skeleton,
  gait: StepGaitSpec,
  contact: ContactSpec,
  moment: number,
  target: Vec3,
  stand: Stand,
): JointAngles {
  const first = swingingBone(skeleton, contact.bone);
  const t = phaseOf(fallOf(gait, contact), gait.duty, moment);
  const bump = t <= 1 ? 0 : Math.sin(Math.PI * (t - 1));
  const swing = toDeg(Math.asin(clampUnit((target[0] - stand.foot[0]) / stand.limbMm)));
  const angles: Record<string, JointAngles[string]> = {
    ...skeleton.plan.stances[0]?.anglesDeg,
    ...movedAngles(gait.moves, moment),
  };
  const driven = drivenAngles(skeleton, gait, contact, t);
  for (const bone of reachingChain(skeleton, contact.bone)) {
    const own = driven.get(bone.id);
    if (own !== undefined) {
      angles[bone.id] = { ...angles[bone.id], flexion: own };
      continue;
    }
    const deg = (gait.folds[bone.key] ?? 0) * bump + (bone === first ? swing : 0);
    if (bone.joint.freedoms.flexion === undefined || deg === 0) continue;
    const given = angles[bone.id]?.flexion ?? 0;
    angles[bone.id] = { ...angles[bone.id], flexion: given + deg };
  }
  return angles;
}

const clampUnit = (v: number): number => Math.max(-1, Math.min(1, v));

/**
 * Joint angles at a moment of a gait on feet: the column goes to and fro, and each foot is put where
 * the gait wants it, within the limits of its limb. Toes beyond a standing foot lie flat.
 */
export function steppedAngles(
  skeleton: Skeleton,
  gait: StepGaitSpec,
  moment: number,
  wantedMm: number | null = null,
): JointAngles {
  const stand = standing(skeleton);
  const { sweepMm } = strideOf(skeleton, gait, wantedMm);
  let angles: JointAngles = {
    ...skeleton.plan.stances[0]?.anglesDeg,
    ...movedAngles(gait.moves, moment),
  };
  for (const entry of stand.stands) {
    const { contact } = entry;
    const t = phaseOf(fallOf(gait, contact), gait.duty, moment);
    const target = footTarget(stand, entry, gait, sweepMm, t);
    const start = guess(skeleton, gait, contact, moment, target, entry);
    const chain = reachingChain(skeleton, contact.bone).map(({ id }) => id);
    const from = { ...angles, ...Object.fromEntries(chain.map((id) => [id, start[id] ?? {}])) };
    angles = reached(skeleton, gait, contact, from, target).angles;
    const bump = t <= 1 ? 0 : Math.sin(Math.PI * (t - 1));
    angles = toesAngles(skeleton, angles, contact, bump, gait.folds);
  }
  return heldAngles(skeleton, gait, angles);
}

/** The angles with each held bone turned back by what the joint before it has turned from the first stance. */
function heldAngles(
  skeleton: Skeleton,
  { held = {} }: StepGaitSpec,
  angles: JointAngles,
): JointAngles {
  const first = skeleton.plan.stances[0]?.anglesDeg ?? {};
  const out: Record<string, JointAngles[string]> = { ...angles };
  for (const bone of skeleton.bones) {
    const { flexion } = bone.joint.freedoms;
    const before = skeleton.bones.find(
      ({ key, side }) => key === held[bone.key] && side === bone.side,
    );
    if (flexion === undefined || before === undefined) continue;
    const stands = (id: string): number => first[id]?.flexion ?? 0;
    const deg = stands(bone.id) + stands(before.id) - (angles[before.id]?.flexion ?? 0);
    const within = Math.min(flexion.maxDeg, Math.max(flexion.minDeg, deg));
    out[bone.id] = { ...out[bone.id], flexion: within };
  }
  return out;
}
