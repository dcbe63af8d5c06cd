import { greatest } from '../geometry/extremes.ts';
import type { SizeSpec } from '../anatomy/bodyPlan.ts';
import { posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { distance } from '../geometry/vec3.ts';
import { bodyBox } from '../body/blades.ts';
import { settledStance } from './settledStance.ts';
import { skinParts } from '../body/skin.ts';
import { skinAbove } from '../body/surfaceDistance.ts';

/** A size of the whole body at life size, mm. */
export interface LifeSize {
  readonly spec: SizeSpec;
  readonly mm: number;
}

const sizeCache = new WeakMap<Skeleton, readonly LifeSize[]>();

/** The plan's sizes of a skeleton, mm; they are the same in every stance. */
export function planSizes(skeleton: Skeleton): readonly LifeSize[] {
  const known = sizeCache.get(skeleton);
  if (known !== undefined) return known;
  const posed = new Map<string, PosedSkeleton>();
  const inStance = (presetId: string): PosedSkeleton => {
    const found =
      posed.get(presetId) ?? settledStance(skeleton, { presetId, anglesDeg: {}, lifted: null });
    posed.set(presetId, found);
    return found;
  };
  const sizes = skeleton.plan.sizes.map((spec) => ({
    spec,
    mm: sizeMm(skeleton, spec, inStance),
  }));
  sizeCache.set(skeleton, sizes);
  return sizes;
}

/** One size; throws only where the plan names a bone that it lacks, which its check excludes. */
function sizeMm(
  skeleton: Skeleton,
  spec: SizeSpec,
  inStance: (presetId: string) => PosedSkeleton,
): number {
  const first = skeleton.plan.stances[0]?.id ?? '';
  switch (spec.kind) {
    case 'chain':
      return spec.bones.reduce((sum, id) => sum + (skeleton.byId.get(id)?.lifeLengthMm ?? 0), 0);
    case 'height': {
      const standing = inStance(first);
      return skinAbove(skinParts(standing), posedBone(standing, spec.bone).start);
    }
    case 'top':
      return bodyBox(inStance(first)).max[1];
    case 'span': {
      const spread = inStance(spec.stance);
      const ends = (id: string): number =>
        distance(
          posedBone(spread, id).end,
          posedBone(spread, posedBone(spread, id).bone.image).end,
        );
      return greatest(spec.bonesLeft.map(ends));
    }
  }
}
