import { greatest } from '../geometry/extremes.ts';
import { posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import { angleBetween, distance, sub } from '../geometry/vec3.ts';
import { toDeg } from '../units/angles.ts';

/** One bone in two stances, mm of the posed size. */
export interface BoneMoved {
  readonly boneId: string;
  readonly name: string;
  readonly lengthsMm: readonly [number, number];
  /** How far its far end moved, each stance with its own ground and root. */
  readonly movedMm: number;
  /** How far it turned in space, degrees. */
  readonly turnedDeg: number;
}

/** Two stances of one skeleton side by side. */
export interface StanceComparison {
  /** What moved farthest first. */
  readonly bones: readonly BoneMoved[];
  /** The greatest difference of a length: nothing but rounding, or the bones are not the same. */
  readonly worstMm: number;
}

/** Compares two stances of the same skeleton at the same size, bone by bone. */
export function compareStances(a: PosedSkeleton, b: PosedSkeleton): StanceComparison {
  const bones = a.bones
    .map((entry): BoneMoved => {
      const other = posedBone(b, entry.bone.id);
      const [v, w] = [sub(entry.end, entry.start), sub(other.end, other.start)];
      return {
        boneId: entry.bone.id,
        name: entry.bone.name,
        lengthsMm: [Math.hypot(...v), Math.hypot(...w)],
        movedMm: distance(entry.end, other.end),
        turnedDeg: toDeg(angleBetween(v, w)),
      };
    })
    .toSorted((x, y) => y.movedMm - x.movedMm);
  const worstMm = greatest(bones.map(({ lengthsMm: [x, y] }) => Math.abs(x - y)));
  return { bones, worstMm };
}
