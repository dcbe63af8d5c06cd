import * as say from './words.ts';
import { input, type Working } from '../piece/working.ts';
import type { StepPlan } from './stepPlan.ts';

type Counted = Pick<StepPlan, 'title' | 'done' | 'state'>;

/** Steps that are still to do. */
export const progressWorking = (steps: readonly Counted[]): Working => {
  const done = steps.filter((step) => step.done !== null).length;
  const left = steps.filter(({ state }) => state === 'left').length;
  return {
    id: 'bench.progress',
    stage: 'bench',
    label: say.stepsStillToDo,
    value: steps.length - done - left,
    unit: 'count',
    provenance: 'derived',
    formula: 'N − d − l',
    inputs: [
      input('N', say.stepsOfThisPiece, steps.length, 'count', 'derived'),
      input('d', say.tickedOff, done, 'count', 'own'),
      input('l', say.leftOutKnowingly, left, 'count', 'own'),
    ],
    source: say.stepsFollowFromDecisions,
  };
};

/** Time that was logged with ticked steps. */
export const minutesWorking = (steps: readonly Counted[]): Working => {
  const logged = steps.filter((step) => typeof step.done?.minutes === 'number');
  return {
    id: 'bench.minutes',
    stage: 'bench',
    label: say.timeLogged,
    value: logged.reduce((sum, step) => sum + (step.done?.minutes ?? 0), 0),
    unit: 'min',
    provenance: 'measured',
    formula: 'Σ tᵢ',
    inputs: logged.map((step) => input('tᵢ', step.title, step.done?.minutes ?? 0, 'min', 'own')),
    source: say.yourOwnLog,
  };
};
