import type { SchedulePlan } from '../bench/schedulePlan.ts';
import type { ScheduleQuestion } from '../bench/scheduleTasks.ts';
import type { Job } from './job.ts';

/** Laying what is left of some pieces into the attended hours; null where nothing is left. */
export function scheduleJob(input: ScheduleQuestion): Job<ScheduleQuestion, SchedulePlan> | null {
  const isLeft = input.pieces.some(({ steps }) => steps.some(({ done }) => !done));
  return isLeft ? { name: 'schedule', key: JSON.stringify(input), input, twoSteps: false } : null;
}
