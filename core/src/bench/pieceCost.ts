import * as say from './words.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { AtHand } from '../workshop/workpiece.ts';
import type { MaterialPlan } from './shoppingList.ts';
import type { StepPlan } from './stepPlan.ts';

/** What a piece costs and may be sold for. */
export interface PieceCost {
  /** What of priced stuffs lies in it. */
  readonly material: Working;
  /** Stuffs of which nobody said a price, by name. */
  readonly unpriced: readonly MaterialPlan[];
  /** Hours at the maker's rate; null where there is none. */
  readonly work: Working | null;
  readonly price: Working | null;
}

/** Material, work and what is put on top of both. */
export function pieceCost(
  materials: readonly MaterialPlan[],
  steps: readonly StepPlan[],
  { hourRate, marginPercent }: AtHand,
): PieceCost {
  const priced = materials.flatMap(({ worth }) => (worth === null ? [] : [worth]));
  const material: Working = {
    ...{ id: 'bench.cost.material', stage: 'bench', label: say.materialInIt },
    value: priced.reduce((sum, { value }) => sum + value, 0),
    ...{ unit: 'money', provenance: 'derived', formula: 'M = Σ mᵢ' },
    inputs: priced.map((worth) => asInput('mᵢ', worth)),
    source: say.pricesOfWorkshopIn,
  };
  const work = hourRate === null ? null : workWorking(handHours(steps), hourRate);
  return {
    material,
    unpriced: materials.filter(({ worth, need }) => worth === null && need.value > 0),
    work,
    price: work && priceWorking(material, work, marginPercent),
  };
}

/** What hands were logged to take, and are estimated to take still, hours. */
function handHours(steps: readonly StepPlan[]): readonly [logged: number, left: number] {
  const byHand = steps.filter(({ occupies, state }) => occupies === 'person' && state !== 'left');
  const minutes = (of: StepPlan): number => of.done?.minutes ?? of.duration?.value ?? 0;
  const sum = (of: readonly StepPlan[]): number =>
    of.reduce((all, step) => all + minutes(step), 0) / 60;
  return [sum(byHand.filter(({ done }) => done)), sum(byHand.filter(({ done }) => !done))];
}

const workWorking = ([logged, left]: readonly [number, number], rate: number): Working => ({
  ...{ id: 'bench.cost.work', stage: 'bench', label: say.workInIt },
  value: (logged + left) * rate,
  ...{
    unit: 'money',
    provenance: 'derived',
    formula: 'W = (L + T) / h · R',
    source: say.yourHourRate,
  },
  inputs: [
    input('L', say.hoursOfDoneSteps, logged, 'h', 'measured'),
    input('T', say.hoursLeft, left, 'h', 'derived'),
    input('h', say.oneHour, 1, 'h', 'derived'),
    input('R', say.anHour, rate, 'money', 'own'),
  ],
});

const priceWorking = (material: Working, work: Working, marginPercent: number): Working => ({
  ...{ id: 'bench.cost.price', stage: 'bench', label: say.priceOfPiece },
  value: (material.value + work.value) * (1 + marginPercent / 100),
  ...{ unit: 'money', provenance: 'derived', formula: '(M + W) · (1 + g)' },
  inputs: [
    asInput('M', material),
    asInput('W', work),
    input('g', say.onTop, marginPercent / 100, 'ratio', 'own'),
  ],
  source: say.yourHourRate,
});
