import { animalById, stepKind, type LessonAbout, type StepPlan } from '@keen-sinew/core';
import * as kinds from '../words.ts';

/** What a lesson is about, as people call it: a step by its title here, work, a stuff or an animal by its name. */
export function lessonName({ kind, id }: LessonAbout, steps: readonly StepPlan[]): string {
  if (kind === 'step') return steps.find((step) => stepKind(step.id) === id)?.title ?? id;
  if (kind === 'work')
    return (new Map<string, string>(Object.entries(kinds.WORK_NAMES)).get(id) ?? id).toLowerCase();
  return kind === 'animal' ? (animalById(id)?.name ?? id) : id;
}
