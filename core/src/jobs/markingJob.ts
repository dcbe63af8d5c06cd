import type { Marking } from '../anatomy/marking.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import type { MarkingMap } from '../markings/markingMap.ts';
import { markingsOf } from '../markings/planMarkings.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { Job } from './job.ts';
import type { SurfaceQuestion } from './surfaceJob.ts';

/** What the markings of a model are worked out from: how they lie, and not what they are called or coloured. */
export interface MarkingQuestion {
  readonly model: SurfaceQuestion;
  readonly markings: readonly Marking[];
}

/** Names and colours say nothing of where a marking lies. */
const bare = (marking: Marking): Marking => ({
  ...marking,
  name: '',
  colours: marking.colours.map(() => ({ name: '', hex: '' })),
});

/** The markings of a piece on its skin; null where it has none. */
export function markingJob(of: {
  readonly asked: SurfaceQuestion;
  readonly skeleton: Skeleton;
  readonly colour: Workpiece['colour'];
}): Job<MarkingQuestion, MarkingMap> | null {
  const markings = markingsOf(of.skeleton, of.colour).map(bare);
  if (markings.length === 0) return null;
  const input = { model: of.asked, markings };
  return { name: 'markings', key: JSON.stringify(input), input, twoSteps: true };
}
