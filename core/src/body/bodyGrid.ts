import { poseSkeleton } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { inverse, turn } from '../geometry/quat.ts';
import { sub, type Vec3 } from '../geometry/vec3.ts';
import { roundConeDistance } from './roundCone.ts';
import { skinBox, skinCones, type SkinCone } from './skin.ts';

/** The flesh that belongs to one bone, at life size. */
export interface BoneMass {
  readonly boneId: string;
  readonly volumeMm3: number;
  /** Centre of the flesh from the bone's start, in the bone's rest axes, life mm. */
  readonly centre: Vec3;
}

/** The body as cells: its volume shared out to the bones. */
export interface BodyGrid {
  readonly cellMm: number;
  readonly volumeMm3: number;
  readonly bones: readonly BoneMass[];
}

/** Cells along the longest side of the body's box: coarse, about 1 % on the volume of an otter. */
export const DEFAULT_CELLS = 180;

/**
 * Shares the body out to its bones on a grid over the rest stance at life size: each cell belongs
 * to the round cone whose surface lies furthest outside it, that is to its nearest flesh, and
 * counts with the fraction of it that is inside. Each cone is evaluated only near itself.
 * `onProgress` is told 0 to 1. Pure and deterministic.
 */
export function bodyGrid(
  skeleton: Skeleton,
  cells = DEFAULT_CELLS,
  onProgress: (done: number) => void = () => undefined,
): BodyGrid {
  const posed = poseSkeleton(skeleton, {});
  const cones = skinCones(posed);
  const box = skinBox(cones);
  const h = Math.max(...sub(box.max, box.min)) / cells;
  const n = sub(box.max, box.min).map((side) => Math.ceil(side / h) + 2) as [
    number,
    number,
    number,
  ];
  const origin: Vec3 = [box.min[0] - h / 2, box.min[1] - h / 2, box.min[2] - h / 2];
  const nearest = new Float64Array(n[0] * n[1] * n[2]).fill(Infinity);
  const owner = new Int16Array(nearest.length).fill(-1);
  cones.forEach((cone, index) => {
    stampCone(cone, index, origin, h, n, nearest, owner);
    onProgress((index + 1) / cones.length);
  });
  const sums = sumByBone(cones, origin, h, n, nearest, owner);
  const bones = posed.bones.map(({ bone, start, rotation }): BoneMass => {
    const sum = sums.get(bone.id);
    if (sum === undefined || sum[3] === 0)
      return { boneId: bone.id, volumeMm3: 0, centre: [0, 0, 0] };
    const mean: Vec3 = [sum[0] / sum[3], sum[1] / sum[3], sum[2] / sum[3]];
    return {
      boneId: bone.id,
      volumeMm3: sum[3] * h ** 3,
      centre: turn(inverse(rotation), sub(mean, start)),
    };
  });
  return { cellMm: h, volumeMm3: bones.reduce((s, b) => s + b.volumeMm3, 0), bones };
}

/** Keeps the least distance and its cone in every cell the cone can reach. */
function stampCone(
  cone: SkinCone,
  index: number,
  origin: Vec3,
  h: number,
  n: readonly [number, number, number],
  nearest: Float64Array,
  owner: Int16Array,
): void {
  const box = skinBox([cone]);
  const low = box.min.map((v, i) => Math.max(0, Math.floor((v - origin[i as 0]) / h) - 1));
  const high = box.max.map((v, i) =>
    Math.min(n[i as 0] - 1, Math.ceil((v - origin[i as 0]) / h) + 1),
  );
  for (let k = low[2]!; k <= high[2]!; k++) {
    for (let j = low[1]!; j <= high[1]!; j++) {
      for (let i = low[0]!; i <= high[0]!; i++) {
        const at = i + n[0] * (j + n[1] * k);
        const d = roundConeDistance(cone, [
          origin[0] + i * h,
          origin[1] + j * h,
          origin[2] + k * h,
        ]);
        if (d < nearest[at]!) {
          nearest[at] = d;
          owner[at] = index;
        }
      }
    }
  }
}

/** Per bone: sums of x, y, z and of the inside fractions of its cells. */
function sumByBone(
  cones: readonly SkinCone[],
  origin: Vec3,
  h: number,
  n: readonly [number, number, number],
  nearest: Float64Array,
  owner: Int16Array,
): ReadonlyMap<string, readonly [number, number, number, number]> {
  const sums = new Map<string, [number, number, number, number]>();
  for (let at = 0; at < nearest.length; at++) {
    const inside = Math.min(1, Math.max(0, 0.5 - nearest[at]! / h));
    if (inside === 0) continue;
    const boneId = cones[owner[at]!]!.boneId;
    const sum = sums.get(boneId) ?? [0, 0, 0, 0];
    sum[0] += inside * (origin[0] + (at % n[0]) * h);
    sum[1] += inside * (origin[1] + (Math.floor(at / n[0]) % n[1]) * h);
    sum[2] += inside * (origin[2] + Math.floor(at / (n[0] * n[1])) * h);
    sum[3] += inside;
    sums.set(boneId, sum);
  }
  return sums;
}
