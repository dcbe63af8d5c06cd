import { posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import type { BoneMass } from '../body/bodyGrid.ts';
import { turn } from '../geometry/quat.ts';
import { add, scale, sub, type Vec3 } from '../geometry/vec3.ts';
import { GRAVITY } from '../stance/gaitSpeed.ts';

/** A weight or a support at a place: grams, less than nothing where it pushes up. */
export interface Load {
  readonly boneId: string;
  readonly at: Vec3;
  readonly grams: number;
}

/** Bending moments at the joint at which a bone starts, N·mm. */
export interface JointLoad {
  readonly boneId: string;
  /** Standing as posed, supports pushing up. */
  readonly stanceNmm: number;
  /** Held by the trunk and turned over: the worst way up for what hangs beyond the joint. */
  readonly handlingNmm: number;
}

/** The flesh of each bone where the stance has it. */
export function fleshLoads(
  posed: PosedSkeleton,
  bones: readonly BoneMass[],
  gramsPerMm3: number,
): readonly Load[] {
  return bones.map(({ boneId, volumeMm3, centre }) => {
    const at = posedBone(posed, boneId);
    return {
      boneId,
      at: add(at.start, turn(at.rotation, scale(centre, posed.sizeFactor))),
      grams: volumeMm3 * posed.sizeFactor ** 3 * gramsPerMm3,
    };
  });
}

/** Weight in N of some grams. */
const newtons = (grams: number): number => (grams / 1000) * GRAVITY;

/**
 * Moments at every joint from all that lies beyond it, flesh pulling down and supports pushing up:
 * |Σ (r − joint) × F| (statics). Turned over, supports carry nothing and the weights pull square to
 * their lever: g·|Σ m·(r − joint)|. Flesh of `resting` bones lies on the ground and loads no joint as
 * posed. A twist along the bone counts as bending, on the safe side.
 */
export function jointLoads(
  posed: PosedSkeleton,
  flesh: readonly Load[],
  supports: readonly Load[],
  resting: ReadonlySet<string> = new Set(),
): ReadonlyMap<string, JointLoad> {
  const sums = new Map<string, { down: number; downR: Vec3; flesh: number; fleshR: Vec3 }>();
  const sumOf = (id: string) =>
    sums.get(id) ?? { down: 0, downR: [0, 0, 0] as Vec3, flesh: 0, fleshR: [0, 0, 0] as Vec3 };
  for (const { boneId, at, grams } of flesh) {
    const sum = sumOf(boneId);
    const hangs = resting.has(boneId) ? 0 : grams;
    sums.set(boneId, {
      down: sum.down + hangs,
      downR: add(sum.downR, scale(at, hangs)),
      flesh: sum.flesh + grams,
      fleshR: add(sum.fleshR, scale(at, grams)),
    });
  }
  for (const { boneId, at, grams } of supports) {
    const sum = sumOf(boneId);
    sums.set(boneId, {
      ...sum,
      down: sum.down + grams,
      downR: add(sum.downR, scale(at, grams)),
    });
  }
  const loads = new Map<string, JointLoad>();
  // From the ends inwards: a bone hands on what it carries to what carries it.
  for (const { bone, start } of [...posed.bones].reverse()) {
    const sum = sumOf(bone.id);
    const lever = sub(sum.downR, scale(start, sum.down));
    const hanging = sub(sum.fleshR, scale(start, sum.flesh));
    loads.set(bone.id, {
      boneId: bone.id,
      stanceNmm: newtons(Math.hypot(lever[0], lever[2])),
      handlingNmm: newtons(Math.hypot(...hanging)),
    });
    if (bone.parent === null) continue;
    const up = sumOf(bone.parent);
    sums.set(bone.parent, {
      down: up.down + sum.down,
      downR: add(up.downR, sum.downR),
      flesh: up.flesh + sum.flesh,
      fleshR: add(up.fleshR, sum.fleshR),
    });
  }
  return loads;
}
