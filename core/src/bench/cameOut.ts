import * as say from './words.ts';
import type { MassPlan } from '../mass/planMass.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { StancePlan } from '../stance/stancePlan.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { StepPlan } from './stepPlan.ts';

/** What was planned against what came out. */
export interface CameOut {
  readonly id: 'grams' | 'height' | 'length' | 'hours';
  readonly planned: Working;
  /** What came out, in the same unit; null where nobody measured. */
  readonly came: number | null;
  /** How much more than planned; null where nobody measured. */
  readonly off: Working | null;
}

/** Weight, height, length and hours of a piece, as planned and as they came out. */
export function cameOutOf(
  { bench }: Workpiece,
  stance: StancePlan,
  mass: MassPlan,
  steps: readonly StepPlan[],
): readonly CameOut[] {
  const { grams, heightMm, lengthMm } = bench.cameOut;
  const [, long] = stance.summary as readonly [Working, Working, Working];
  const timed = steps.filter(
    ({ done, estimateMin }) => typeof done?.minutes === 'number' && estimateMin !== null,
  );
  const hours = timed.reduce((sum, { done }) => sum + done!.minutes!, 0) / 60;
  return [
    line('grams', mass.modelGrams, grams),
    line('height', stance.heightAsPosed, heightMm),
    line('length', long, lengthMm),
    line('hours', estimated(timed), timed.length === 0 ? null : hours),
  ];
}

/** What the steps that were logged had been estimated to. */
const estimated = (timed: readonly StepPlan[]): Working => ({
  ...{ id: 'bench.came.estimated', stage: 'bench', label: say.loggedStepsEstimated, unit: 'h' },
  value: timed.reduce((sum, { estimateMin }) => sum + estimateMin!, 0) / 60,
  ...{ digits: 1, provenance: 'derived', formula: 'Σ tᵢ', source: say.usualRates },
  inputs: timed.map(({ title, estimateMin }) =>
    input('tᵢ', title, estimateMin! / 60, 'h', 'derived'),
  ),
});

function line(id: CameOut['id'], planned: Working, came: number | null): CameOut {
  if (came === null || planned.value === 0) return { id, planned, came, off: null };
  const off: Working = {
    ...{ id: `bench.came.${id}`, stage: 'bench', label: say.moreThanPlanned(planned.label) },
    value: 100 * (came / planned.value - 1),
    ...{ unit: 'percent', digits: 0, provenance: 'measured', formula: 'c / p − 1' },
    inputs: [input('c', say.cameOutAs, came, planned.unit, 'measured'), asInput('p', planned)],
    source: say.yourOwnLog,
  };
  return { id, planned, came, off };
}
