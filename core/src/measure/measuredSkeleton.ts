import type { Workpiece } from '../workshop/workpiece.ts';
import { cutTo } from '../anatomy/extent.ts';
import { individual as individualOf } from '../anatomy/individual.ts';
import { buildSkeleton, type Skeleton } from '../anatomy/skeleton.ts';
import { shapedSkeleton } from '../anatomy/shaped.ts';
import { subjectOf } from '../anatomy/subject.ts';
import type { Recall } from '../piece/memory.ts';
import { withoutMemory } from '../piece/memory.ts';
import { lifeSizes, type LifeSizes } from './lifeSizes.ts';

/** What bones with the library's flesh hang on. */
export type BoneDecisions = Pick<
  Workpiece['measure'],
  'animalId' | 'creature' | 'extent' | 'individual' | 'lifeLengths'
>;
/** What the body at rest hangs on. */
export type BodyDecisions = BoneDecisions & Pick<Workpiece['measure'], 'shape'>;

/** The measured bones with the library's flesh and with the user's, and the sizes of the whole. */
export interface MeasuredBones {
  /** With the library's flesh, to compare the user's shape with. */
  readonly library: Skeleton;
  readonly skeleton: Skeleton;
  readonly sizes: LifeSizes;
}

const librarySkeleton = ({
  animalId,
  creature,
  extent,
  individual,
  lifeLengths,
}: BoneDecisions): Skeleton => {
  const { plan, animal } = subjectOf({ animalId, creature });
  const shown = cutTo({ plan, animal: individualOf(plan, animal, individual) }, extent);
  return buildSkeleton(shown.plan, shown.animal, lifeLengths);
};

const withShape = (of: { library: Skeleton } & Pick<Workpiece['measure'], 'shape'>): Skeleton =>
  shapedSkeleton(of.library, of.shape);

const sizesOf = (of: { skeleton: Skeleton; stance: Workpiece['stance'] }): LifeSizes =>
  lifeSizes(of.skeleton, of.stance);

/** The skeleton that the measurements give, from the decisions of Measure and Stance. Life mm. */
export function measuredBones(
  { measure, stance }: Pick<Workpiece, 'measure' | 'stance'>,
  recall: Recall = withoutMemory,
): MeasuredBones {
  const { animalId, creature, extent, individual, lifeLengths, shape } = measure;
  const library = recall(librarySkeleton, { animalId, creature, extent, individual, lifeLengths });
  const skeleton = recall(withShape, { library, shape });
  return { library, skeleton, sizes: recall(sizesOf, { skeleton, stance }) };
}

/** The measured life skeleton with the user's flesh on it, from the decisions of Measure alone. */
export const measuredSkeleton = (measure: BodyDecisions): Skeleton =>
  withShape({ library: librarySkeleton(measure), shape: measure.shape });
