import { Matrix, solve } from 'ml-matrix';
import { aboutAxis, compose, IDENTITY, turn, type Quat } from '../geometry/quat.ts';
import { angleBetween, cross, sub, type Vec3 } from '../geometry/vec3.ts';
import { toDeg, toRad } from '../units/angles.ts';
import { FREEDOMS, type FreedomName } from './bodyPlan.ts';
import type { JointAngles } from './pose.ts';
import type { Skeleton } from './skeleton.ts';

/** Joint angles that bring bones to lie in wanted directions, and how far each still misses. */
export interface FittedAngles {
  /** Of every freedom that was turned, degrees; the others keep what they had. */
  readonly angles: JointAngles;
  /** Angle between wanted and reached, by bone, degrees. */
  readonly missDeg: ReadonlyMap<string, number>;
}

/** One freedom that may turn: its bone, its axis, its limits and where it starts, radians. */
interface Turning {
  readonly boneId: string;
  readonly name: FreedomName;
  readonly axis: Vec3;
  readonly low: number;
  readonly high: number;
  readonly start: number;
}

/** Steps in each of the two rounds; a round ends earlier when nothing more is gained. */
const MAX_STEPS = 40;
/** A step that gains less than this share of what is left ends its round. */
const LITTLE = 1e-4;
/** Squares this small are rounding. */
const NOTHING = 1e-20;
/**
 * How strongly an angle is held where it started, against a bone's direction (1): just enough that a
 * twist which no direction tells stays as it was. The second round lets it go.
 */
const HOLDS = [1e-2, 1e-5] as const;

/**
 * Finds the joint angles within their limits at which the bones lie nearest to the wanted unit
 * directions (animal's axes): damped least squares (K. Levenberg 1944; D. Marquardt 1963) with the
 * exact derivative of a rotation, axis × direction; angles that push against a limit rest in that
 * step. Bones without a wanted direction keep theirs relative to their parents.
 */
export function fitAngles(
  skeleton: Skeleton,
  wanted: ReadonlyMap<string, Vec3>,
  start: JointAngles,
): FittedAngles {
  const turnings = turningsOf(skeleton, wanted, start);
  let at: readonly number[] = turnings.map(({ start: rad, low, high }) =>
    Math.min(high, Math.max(low, rad)),
  );
  let now = residuals(skeleton, wanted, turnings, at, start);
  for (const hold of HOLDS) {
    let damping = 1e-3;
    for (let step = 0; step < MAX_STEPS && damping < 1e6; step++) {
      const next = stepped(turnings, at, now, hold, damping);
      const tried = residuals(skeleton, wanted, turnings, next, start);
      const before = now.square + held(turnings, at, hold);
      const after = tried.square + held(turnings, next, hold);
      if (after > before) {
        damping *= 8;
        continue;
      }
      [at, now] = [next, tried];
      damping = Math.max(1e-9, damping / 4);
      if (before - after <= LITTLE * before + NOTHING) break;
    }
  }
  const missDeg = new Map(
    [...wanted].map(([id, direction]) => [
      id,
      toDeg(angleBetween(now.directions.get(id)!, direction)),
    ]),
  );
  return { angles: mergedAngles(start, turnings, at), missDeg };
}

/** Every freedom of a joint that carries a wanted bone, itself or further out. */
function turningsOf(
  skeleton: Skeleton,
  wanted: ReadonlyMap<string, Vec3>,
  start: JointAngles,
): readonly Turning[] {
  const carries = new Set<string>();
  for (const id of wanted.keys()) {
    let bone = skeleton.byId.get(id);
    while (bone !== undefined && !carries.has(bone.id)) {
      carries.add(bone.id);
      bone = bone.parent === null ? undefined : skeleton.byId.get(bone.parent);
    }
  }
  return skeleton.bones
    .filter((bone) => carries.has(bone.id))
    .flatMap((bone) =>
      FREEDOMS.flatMap((name): Turning[] => {
        const freedom = bone.joint.freedoms[name];
        if (freedom === undefined) return [];
        return [
          {
            boneId: bone.id,
            name,
            axis: freedom.axis,
            low: toRad(freedom.minDeg),
            high: toRad(freedom.maxDeg),
            start: toRad(start[bone.id]?.[name] ?? 0),
          },
        ];
      }),
    );
}

interface Residuals {
  readonly directions: ReadonlyMap<string, Vec3>;
  /** Reached less wanted, three rows a bone, and its derivative by each turning. */
  readonly rows: readonly number[];
  readonly slopes: Matrix;
  readonly square: number;
}

function residuals(
  skeleton: Skeleton,
  wanted: ReadonlyMap<string, Vec3>,
  turnings: readonly Turning[],
  at: readonly number[],
  start: JointAngles,
): Residuals {
  const { rotations, axes } = kinematics(skeleton, turnings, at, start);
  const directions = new Map<string, Vec3>();
  const rows: number[] = [];
  const slopes = Matrix.zeros(3 * wanted.size, turnings.length);
  let row = 0;
  for (const [id, direction] of wanted) {
    const bone = skeleton.byId.get(id)!;
    const reached = turn(rotations.get(id)!, bone.rest);
    directions.set(id, reached);
    rows.push(...sub(reached, direction));
    const above = ancestors(skeleton, id);
    turnings.forEach(({ boneId }, j) => {
      if (!above.has(boneId)) return;
      cross(axes[j]!, reached).forEach((v, k) => slopes.set(row + k, j, v));
    });
    row += 3;
  }
  return { directions, rows, slopes, square: rows.reduce((sum, v) => sum + v * v, 0) };
}

const ancestorCache = new WeakMap<Skeleton, Map<string, ReadonlySet<string>>>();

/** The bone itself and everything that carries it. */
function ancestors(skeleton: Skeleton, id: string): ReadonlySet<string> {
  const known = ancestorCache.get(skeleton) ?? new Map<string, ReadonlySet<string>>();
  ancestorCache.set(skeleton, known);
  const found = known.get(id);
  if (found !== undefined) return found;
  const { parent } = skeleton.byId.get(id)!;
  const all = new Set([id, ...(parent === null ? [] : ancestors(skeleton, parent))]);
  known.set(id, all);
  return all;
}

/** Rotation of every bone, and the axis of every turning as it lies in the stance. */
function kinematics(
  skeleton: Skeleton,
  turnings: readonly Turning[],
  at: readonly number[],
  start: JointAngles,
): { readonly rotations: ReadonlyMap<string, Quat>; readonly axes: readonly Vec3[] } {
  const rotations = new Map<string, Quat>();
  const axes: Vec3[] = [];
  const index = new Map(turnings.map(({ boneId, name }, i) => [`${boneId} ${name}`, i]));
  for (const bone of skeleton.bones) {
    let q = bone.parent === null ? IDENTITY : rotations.get(bone.parent)!;
    for (const name of FREEDOMS) {
      const freedom = bone.joint.freedoms[name];
      if (freedom === undefined) continue;
      const i = index.get(`${bone.id} ${name}`);
      if (i !== undefined) axes[i] = turn(q, freedom.axis);
      const rad = i === undefined ? toRad(start[bone.id]?.[name] ?? 0) : at[i]!;
      q = compose(q, aboutAxis(freedom.axis, rad));
    }
    rotations.set(bone.id, q);
  }
  return { rotations, axes };
}

/** One damped step; what pushes against its limit is left out of it. */
function stepped(
  turnings: readonly Turning[],
  at: readonly number[],
  { rows, slopes }: Residuals,
  hold: number,
  damping: number,
): readonly number[] {
  const pull = turnings.map(({ start }, j) => hold ** 2 * (at[j]! - start));
  const gradient = turnings.map(
    (_, j) => rows.reduce((sum, r, i) => sum + r * slopes.get(i, j), 0) + pull[j]!,
  );
  const free = turnings.flatMap(({ low, high }, j) => {
    const blocked = (at[j]! <= low && gradient[j]! > 0) || (at[j]! >= high && gradient[j]! < 0);
    return blocked ? [] : [j];
  });
  if (free.length === 0) return at;
  const part = slopes.subMatrixColumn([...free]);
  const normal = part.transpose().mmul(part);
  for (let k = 0; k < free.length; k++) normal.set(k, k, normal.get(k, k) + hold ** 2 + damping);
  const by = solve(normal, Matrix.columnVector(free.map((j) => -gradient[j]!))).to1DArray();
  const next = [...at];
  free.forEach((j, k) => {
    const { low, high } = turnings[j]!;
    next[j] = Math.min(high, Math.max(low, at[j]! + by[k]!));
  });
  return next;
}

const held = (turnings: readonly Turning[], at: readonly number[], hold: number): number =>
  turnings.reduce((sum, { start }, j) => sum + (hold * (at[j]! - start)) ** 2, 0);

function mergedAngles(
  start: JointAngles,
  turnings: readonly Turning[],
  at: readonly number[],
): JointAngles {
  const merged: Record<string, JointAngles[string]> = { ...start };
  turnings.forEach(({ boneId, name }, j) => {
    merged[boneId] = { ...merged[boneId], [name]: toDeg(at[j]!) };
  });
  return merged;
}
