import { individual } from '../anatomy/individual.ts';
import { buildSkeleton, type Skeleton } from '../anatomy/skeleton.ts';
import { shapedSkeleton } from '../anatomy/shaped.ts';
import { subjectOf } from '../anatomy/subject.ts';
import type { Recall } from '../piece/memory.ts';
import { withoutMemory } from '../piece/memory.ts';
import type { Piece } from '../piece/pieceSchema.ts';
import { lifeSizes, type LifeSizes } from './lifeSizes.ts';

/** What bones with the library's flesh hang on. */
export type BoneDecisions = Pick<
  Piece['measure'],
  'animalId' | 'creature' | 'figure' | 'lifeLengths'
>;
/** What the body at rest hangs on. */
export type BodyDecisions = BoneDecisions & Pick<Piece['measure'], 'shape'>;

/** The measured bones with the library's flesh and with the user's, and the sizes of the whole. */
export interface MeasuredBones {
  /** With the library's flesh, to compare the user's shape with. */
  readonly library: Skeleton;
  readonly skeleton: Skeleton;
  readonly sizes: LifeSizes;
}

const librarySkeleton = ({ animalId, creature, figure, lifeLengths }: BoneDecisions): Skeleton => {
  const { plan, animal } = subjectOf({ animalId, creature });
  return buildSkeleton(plan, individual(plan, animal, figure), lifeLengths);
};

const withShape = (of: { library: Skeleton } & Pick<Piece['measure'], 'shape'>): Skeleton =>
  shapedSkeleton(of.library, of.shape);

const sizesOf = (of: { skeleton: Skeleton; stance: Piece['stance'] }): LifeSizes =>
  lifeSizes(of.skeleton, of.stance);

/** The skeleton that the measurements give, from the decisions of Measure and Stance. Life mm. */
export function measuredBones(
  { measure, stance }: Pick<Piece, 'measure' | 'stance'>,
  recall: Recall = withoutMemory,
): MeasuredBones {
  const { animalId, creature, figure, lifeLengths, shape } = measure;
  const library = recall(librarySkeleton, { animalId, creature, figure, lifeLengths });
  const skeleton = recall(withShape, { library, shape });
  return { library, skeleton, sizes: recall(sizesOf, { skeleton, stance }) };
}

/** The measured life skeleton with the user's flesh on it, from the decisions of Measure alone. */
export const measuredSkeleton = (measure: BodyDecisions): Skeleton =>
  withShape({ library: librarySkeleton(measure), shape: measure.shape });
