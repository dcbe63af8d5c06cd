import type { Skeleton } from '../anatomy/skeleton.ts';
import { bodyBox } from '../body/blades.ts';
import { planSizes, type LifeSize } from '../posing/planSizes.ts';
import { liftedIn, settledStance, type StanceChoice } from '../posing/settledStance.ts';
import { posedBone } from '../anatomy/pose.ts';
import { boxSize, type Box3 } from '../geometry/box.ts';
import type { Vec3 } from '../geometry/vec3.ts';

/** Whole-body sizes at life size that follow from the bones, in mm. */
export interface LifeSizes {
  /** The plan's sizes, in its order. */
  readonly all: readonly LifeSize[];
  /** The plan's first chain: the animal's length, as if straightened. */
  readonly length: LifeSize;
  /** Length (x), height (y), width (z) of the body in the chosen stance, wings and all. */
  readonly posedExtentMm: Vec3;
  /** The same as a box, and that of the feet that stand; null where none does. */
  readonly posedBox: Box3;
  readonly feet: Box3 | null;
}

/** Measures the skeleton as a zoologist would: heights and spans posed, lengths straightened. */
export function lifeSizes(skeleton: Skeleton, choice: StanceChoice): LifeSizes {
  const all = planSizes(skeleton);
  const length = all.find(({ spec }) => spec.kind === 'chain');
  if (length === undefined) throw new Error(`plan ${skeleton.plan.id} has no length`);
  const posed = settledStance(skeleton, choice);
  const posedBox = bodyBox(posed);
  const lifted = liftedIn(skeleton, choice);
  const standing = skeleton.plan.contacts
    .filter(({ id }) => !lifted.includes(id))
    .map(({ bone }) => posedBone(posed, bone).end);
  const side = (pick: typeof Math.min): Vec3 =>
    [0, 1, 2].map((k) => pick(...standing.map((p) => p[k as 0]))) as unknown as Vec3;
  return {
    all,
    length,
    posedExtentMm: boxSize(posedBox),
    posedBox,
    feet: standing.length === 0 ? null : { min: side(Math.min), max: side(Math.max) },
  };
}
