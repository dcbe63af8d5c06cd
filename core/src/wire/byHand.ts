import * as say from './words.ts';
import type { Step } from '../piece/step.ts';
import { input, type Working } from '../piece/working.ts';

/** A task of a step: how often it is done, and what it usually takes each time, minutes. */
export interface Task {
  readonly what: string;
  readonly times: number;
  readonly minutes: number;
}

/** How long a step of hand work takes, as its duration, from its tasks at the usual pace. */
export function byHand(
  { id, title }: Pick<Step, 'id' | 'title'>,
  tasks: readonly Task[],
): Pick<Step, 'occupies' | 'duration'> {
  const duration: Working = {
    id: `bench.step.${id}`,
    stage: 'bench',
    label: say.about(title),
    value: tasks.reduce((sum, { times, minutes }) => sum + times * minutes, 0),
    unit: 'min',
    provenance: 'derived',
    formula: 'Σ(Nᵢ · tᵢ)',
    inputs: tasks.flatMap(({ what, times, minutes }) => [
      input('Nᵢ', what, times, Number.isInteger(times) ? 'count' : 'ratio', 'derived'),
      input('tᵢ', say.each2(what.toLowerCase()), minutes, 'min', 'memory'),
    ]),
    source: say.usualPaceAtBench,
    target: { kind: 'step', id },
  };
  return { occupies: 'person', duration };
}
