import { posedBone } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { settledStance, type StanceChoice } from '../body/settledStance.ts';
import { skinParts, skinExtent } from '../body/skin.ts';
import { skinAbove } from '../body/surfaceDistance.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import { lastCall } from '../piece/lastCall.ts';

/** Whole-body sizes at life size that follow from the bones, in mm. */
export interface LifeSizes {
  /** Ground to the skin over the withers in the plan's first (standing) stance. */
  readonly shoulderHeightMm: number;
  /** Snout to tail tip along the bones of the midline, as if straightened. */
  readonly totalLengthMm: number;
  /** Snout to tail root, the same way. */
  readonly headBodyMm: number;
  readonly tailMm: number;
  /** Length (x), height (y), width (z) of the skin in the chosen stance. */
  readonly posedExtentMm: Vec3;
}

/** Measures the skeleton as a zoologist would: standing height, straightened length, posed box. */
export function lifeSizes(skeleton: Skeleton, choice: StanceChoice): LifeSizes {
  const { plan } = skeleton;
  const lengthOf = (keys: readonly string[]): number =>
    keys.reduce((sum, id) => sum + (skeleton.byId.get(id)?.lifeLengthMm ?? 0), 0);
  const totalLengthMm = lengthOf(plan.lengthBones);
  const tailMm = lengthOf(plan.tailBones);
  return {
    shoulderHeightMm: shoulderHeightMm(skeleton),
    totalLengthMm,
    headBodyMm: totalLengthMm - tailMm,
    tailMm,
    posedExtentMm: skinExtent(skinParts(settledStance(skeleton, choice))),
  };
}

/** Ground to the skin over the withers, standing: the same for every stance of a skeleton. */
const shoulderHeightMm = lastCall((skeleton: Skeleton): number => {
  const standing = settledStance(skeleton, {
    presetId: skeleton.plan.stances[0]?.id ?? '',
    anglesDeg: {},
    lifted: null,
  });
  const withers = posedBone(standing, skeleton.plan.withersBone).start;
  return skinAbove(skinParts(standing), withers);
});
