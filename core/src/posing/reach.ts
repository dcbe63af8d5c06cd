import { greatest } from '../geometry/extremes.ts';
import { FREEDOMS, type FreedomName } from '../anatomy/bodyPlan.ts';
import { alongBone, poseSkeleton, posedBone, type JointAngles } from '../anatomy/pose.ts';
import type { Bone, Skeleton } from '../anatomy/skeleton.ts';
import { inverse3, times, type Matrix3, type Triple } from '../geometry/matrix3.ts';
import { aboutAxis, compose, IDENTITY, turn, type Quat } from '../geometry/quat.ts';
import { add, cross, distance, dot, ORIGIN, scale, sub, type Vec3 } from '../geometry/vec3.ts';
import { toDeg, toRad } from '../units/angles.ts';

/** A chain that reached for a point: its angles, and by how much it fell short, life mm. */
export interface Reached {
  /** All angles of the stance, those of the chain changed, degrees. */
  readonly angles: JointAngles;
  readonly shortfallMm: number;
  /** Bones whose joints turned, the one nearest to the trunk first. */
  readonly chain: readonly string[];
}

/** A target is met within this, life mm, and within this share of the chain where that is less. */
const MET_MM = 0.01;
const MET_SHARE = 1e-5;
const MAX_STEPS = 200;
/** A chain that gains less than this share of its shortfall in a step has come as near as it can. */
const LITTLE = 1e-5;
/** An angle turns by at most this in one step, radians: the derivative holds no further. */
const LARGEST_TURN = 0.35;
/** Chains start from these turns of their hinges too, so that a straight limb can bend, radians. */
const NUDGES = [0.3, -0.3] as const;

/**
 * The bones that turn when the far end of one is moved: from it towards the trunk, as long as they
 * are of its side, or, on the midline, of its part of the plan (neck and head, tail). Fixed joints
 * ride along.
 */
export function reachingChain(skeleton: Skeleton, boneId: string): readonly Bone[] {
  const tip = skeleton.byId.get(boneId);
  const part = skeleton.plan.parts.find(({ keys }) => keys.includes(tip?.key ?? ''));
  const chain: Bone[] = [];
  let bone = tip;
  while (
    bone !== undefined &&
    bone.side === tip?.side &&
    (bone.side !== 'mid' || part?.keys.includes(bone.key))
  ) {
    chain.unshift(bone);
    bone = bone.parent === null ? undefined : skeleton.byId.get(bone.parent);
  }
  return chain;
}

/**
 * Brings the far end of a bone to a point, the trunk held still, by turning the joints of its chain
 * within their limits: damped least squares on the end's position (S. Buss & J.-S. Kim 2005; A.
 * Aristidou & J. Lasenby 2011 compare such methods), with the exact derivative axis × (end − joint).
 * `target` is in the animal's axes with the root at the origin, life mm. `anyAngle` lifts the limits;
 * joints of `locked` bones stay as they are. Where the point is out of reach, the chain comes as near as it can and says by how much it fails.
 */
export function reachTo(
  skeleton: Skeleton,
  start: JointAngles,
  boneId: string,
  target: Vec3,
  anyAngle = false,
  locked: readonly string[] = [],
): Reached {
  const chain = reachingChain(skeleton, boneId);
  const turnings = turningsOf(
    chain.filter(({ id }) => !locked.includes(id)),
    anyAngle,
  );
  const metMm = Math.min(
    MET_MM,
    MET_SHARE * chain.reduce((sum, bone) => sum + bone.lifeLengthMm, 0),
  );
  const base = baseOf(skeleton, start, chain[0]);
  const given = turnings.map(({ bone, name }) => toRad(start[bone.id]?.[name] ?? 0));
  const end = (at: readonly number[]): Kinematics => kinematics(chain, turnings, at, base, start);
  // The first try keeps nearest to what was; another one must be clearly nearer to the target.
  let best = descend(turnings, given, end, target, metMm);
  for (const nudge of NUDGES) {
    if (best.miss <= metMm) break;
    const from = given.map((rad, i) => clamped(turnings[i]!, rad + nudge));
    const other = descend(turnings, from, end, target, metMm);
    if (other.miss < best.miss - metMm) best = other;
  }
  const merged: Record<string, JointAngles[string]> = { ...start };
  turnings.forEach(({ bone, name }, i) => {
    merged[bone.id] = { ...merged[bone.id], [name]: toDeg(best.at[i]!) };
  });
  return { angles: merged, shortfallMm: best.miss, chain: chain.map(({ id }) => id) };
}

interface Turning {
  readonly bone: Bone;
  readonly name: FreedomName;
  readonly low: number;
  readonly high: number;
}

function turningsOf(chain: readonly Bone[], anyAngle: boolean): readonly Turning[] {
  return chain.flatMap((bone) =>
    FREEDOMS.flatMap((name): Turning[] => {
      const freedom = bone.joint.freedoms[name];
      if (freedom === undefined) return [];
      const [low, high] = anyAngle ? [-180, 180] : [freedom.minDeg, freedom.maxDeg];
      return [{ bone, name, low: toRad(low), high: toRad(high) }];
    }),
  );
}

const clamped = ({ low, high }: Turning, rad: number): number => Math.min(high, Math.max(low, rad));

interface Base {
  readonly at: Vec3;
  readonly rotation: Quat;
}

/** Where the chain hangs: the place and rotation of what carries its first bone. */
function baseOf(skeleton: Skeleton, start: JointAngles, first: Bone | undefined): Base {
  if (first === undefined || first.parent === null) return { at: ORIGIN, rotation: IDENTITY };
  const carrier = posedBone(poseSkeleton(skeleton, start), first.parent);
  return { at: alongBone(carrier, first.at), rotation: carrier.rotation };
}

interface Kinematics {
  readonly end: Vec3;
  /** How the end moves with each turning. */
  readonly slopes: readonly Vec3[];
}

function kinematics(
  chain: readonly Bone[],
  turnings: readonly Turning[],
  at: readonly number[],
  base: Base,
  start: JointAngles,
): Kinematics {
  const axes: Vec3[] = [];
  const pivots: Vec3[] = [];
  let q = base.rotation;
  let place = base.at;
  let reach: Vec3 = ORIGIN;
  let i = 0;
  chain.forEach((bone, n) => {
    if (n > 0) place = add(place, scale(reach, bone.at));
    for (const name of FREEDOMS) {
      const freedom = bone.joint.freedoms[name];
      if (freedom === undefined) continue;
      const own = turnings[i]?.bone === bone && turnings[i]?.name === name;
      if (own) {
        axes.push(turn(q, freedom.axis));
        pivots.push(place);
      }
      const rad = own ? at[i]! : toRad(start[bone.id]?.[name] ?? 0);
      if (own) i += 1;
      q = compose(q, aboutAxis(freedom.axis, rad));
    }
    reach = turn(q, scale(bone.rest, bone.lifeLengthMm));
  });
  const end = add(place, reach);
  return { end, slopes: axes.map((axis, k) => cross(axis, sub(end, pivots[k]!))) };
}

/** Damped steps until the target is met or nothing more is gained. */
function descend(
  turnings: readonly Turning[],
  from: readonly number[],
  end: (at: readonly number[]) => Kinematics,
  target: Vec3,
  metMm: number,
): { readonly at: readonly number[]; readonly miss: number } {
  let at = from.map((rad, i) => clamped(turnings[i]!, rad));
  let now = end(at);
  let miss = distance(now.end, target);
  const size = Math.max(1, greatest(now.slopes.map((slope) => Math.hypot(...slope))));
  let damping = 1e-3;
  for (let step = 0; step < MAX_STEPS && miss > metMm && damping < 1e4; step++) {
    const next = stepped(turnings, at, now, target, damping * size ** 2);
    const tried = end(next);
    const left = distance(tried.end, target);
    if (left >= miss) {
      damping *= 6;
      continue;
    }
    const gained = (miss - left) / miss;
    [at, now, miss] = [next, tried, left];
    damping = Math.max(1e-9, damping / 4);
    if (gained < LITTLE) break;
  }
  return { at, miss };
}

/** Δ = Jᵀ(JJᵀ + λ)⁻¹ e over the angles that do not push against a limit. */
function stepped(
  turnings: readonly Turning[],
  at: readonly number[],
  { end, slopes }: Kinematics,
  target: Vec3,
  damping: number,
): number[] {
  const error = sub(target, end);
  let free = slopes.map((_, i) => i);
  let by: readonly number[] = [];
  // An angle that would leave its limits rests, and the others take its share.
  for (let round = 0; round < 3; round++) {
    const v = solved(
      free.map((i) => slopes[i]!),
      error,
      damping,
    );
    by = free.map((i) => Math.max(-LARGEST_TURN, Math.min(LARGEST_TURN, dot(slopes[i]!, v))));
    const blocked = free.filter((i, k) => {
      const { low, high } = turnings[i]!;
      return (at[i]! <= low && by[k]! < 0) || (at[i]! >= high && by[k]! > 0);
    });
    if (blocked.length === 0) break;
    free = free.filter((i) => !blocked.includes(i));
  }
  const next = [...at];
  free.forEach((i, k) => (next[i] = clamped(turnings[i]!, at[i]! + (by[k] ?? 0))));
  return next;
}

/** (JJᵀ + λ)⁻¹ e for the columns of J. */
function solved(columns: readonly Vec3[], error: Vec3, damping: number): Vec3 {
  const entry = (r: 0 | 1 | 2, c: 0 | 1 | 2): number =>
    columns.reduce((sum, column) => sum + column[r] * column[c], r === c ? damping : 0);
  const row = (r: 0 | 1 | 2): Triple => [entry(r, 0), entry(r, 1), entry(r, 2)];
  const normal: Matrix3 = [row(0), row(1), row(2)];
  return times(inverse3(normal), error);
}
