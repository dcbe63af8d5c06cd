import type { Skeleton } from '../anatomy/skeleton.ts';
import { bodyBox } from '../body/blades.ts';
import { planSizes, type LifeSize } from '../posing/planSizes.ts';
import { settledStance, type StanceChoice } from '../posing/settledStance.ts';
import { boxSize } from '../geometry/box.ts';
import type { Vec3 } from '../geometry/vec3.ts';

/** Whole-body sizes at life size that follow from the bones, in mm. */
export interface LifeSizes {
  /** The plan's sizes, in its order. */
  readonly all: readonly LifeSize[];
  /** The plan's first chain: the animal's length, as if straightened. */
  readonly length: LifeSize;
  /** Length (x), height (y), width (z) of the body in the chosen stance, wings and all. */
  readonly posedExtentMm: Vec3;
}

/** Measures the skeleton as a zoologist would: heights and spans posed, lengths straightened. */
export function lifeSizes(skeleton: Skeleton, choice: StanceChoice): LifeSizes {
  const all = planSizes(skeleton);
  const length = all.find(({ spec }) => spec.kind === 'chain');
  if (length === undefined) throw new Error(`plan ${skeleton.plan.id} has no length`);
  return {
    all,
    length,
    posedExtentMm: boxSize(bodyBox(settledStance(skeleton, choice))),
  };
}
