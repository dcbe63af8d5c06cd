import type { Piece } from '../piece/pieceSchema.ts';
import { cutTo } from '../anatomy/extent.ts';
import { individual } from '../anatomy/individual.ts';
import { buildSkeleton, type Skeleton } from '../anatomy/skeleton.ts';
import { findSubject } from '../anatomy/subject.ts';

/** The measured life skeleton of a piece; undefined where its animal is not known here. */
export function pieceSkeleton({ measure }: Pick<Piece, 'measure'>): Skeleton | undefined {
  const subject = findSubject(measure);
  if (subject === undefined) return undefined;
  const { plan, animal } = subject;
  const own = individual(plan, animal, measure.individual);
  const shown = cutTo({ plan, animal: own }, measure.extent);
  return buildSkeleton(shown.plan, shown.animal, measure.lifeLengths);
}
