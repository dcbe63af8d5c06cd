import { differenceOf } from '../colour/colourDifference.ts';
import type { ClayBatch } from '../mass/clayBatches.ts';
import type { Step } from '../piece/step.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { AtHand } from '../workshop/workpiece.ts';
import type { PaintOnHand } from '../workshop/workshopSchema.ts';

/** A packet more is not bought for a rounding error. */
const ROUNDING = 1e-9;

/** Packets of a clay to buy once what lies in the workshop is used; null where none of it does. */
export function packetsToBuy(
  { figures, grams, packets }: ClayBatch,
  clays: AtHand['clays'],
): Working | null {
  const here = clays.filter(
    ({ classId, name }) => classId === figures.clay.id && name === figures.name,
  );
  if (here.length === 0) return null;
  const grammes = here.reduce((sum, clay) => sum + clay.grams, 0);
  return {
    id: `bench.shop.${packets.id}`,
    stage: 'bench',
    label: `“${figures.name}”, packets to buy beside what is on hand`,
    value: Math.max(0, Math.ceil((grams.value - grammes) / figures.packet.value - ROUNDING)),
    unit: 'count',
    provenance: 'derived',
    formula: 'N = max(0, ⌈(m − h) / p − ε⌉)',
    inputs: [
      asInput('m', grams),
      input('h', 'On hand in the workshop', grammes, 'g', 'own'),
      asInput('p', figures.packet),
      input('ε', 'What a rounding error may be', ROUNDING, 'ratio', 'memory'),
    ],
    source: 'stock of the workshop',
  };
}

/** What the packets of a clay cost; null where nobody said the price of one. */
export function packetsCost(
  packets: Working,
  name: string,
  clays: AtHand['clays'],
): Working | null {
  const price = clays.find((clay) => clay.name === name && clay.packetPrice !== null)?.packetPrice;
  if (price === undefined || price === null || packets.value === 0) return null;
  return {
    id: `${packets.id}.cost`,
    stage: 'bench',
    label: `“${name}”, cost`,
    value: packets.value * price,
    unit: 'money',
    provenance: 'derived',
    formula: 'c = N · P',
    inputs: [asInput('N', packets), input('P', 'Price of a packet', price, 'money', 'own')],
    source: 'prices of the workshop, in your own money',
  };
}

/** Farther than this a paint on hand is no help: a difference that anybody sees at once. */
const NEAR = 12;

/** The paint of the workshop that comes nearest to a colour, and how far off it is. */
export function nearestPaint(
  hex: string,
  paints: readonly PaintOnHand[],
): { readonly paint: PaintOnHand; readonly difference: number } | null {
  const all = paints.map((paint) => ({ paint, difference: differenceOf(hex, paint.hex) }));
  const [nearest] = all.toSorted((a, b) => a.difference - b.difference);
  return nearest !== undefined && nearest.difference <= NEAR ? nearest : null;
}

/** A step whose hand work takes the maker's own time; ovens and clays keep theirs. */
export function paced(step: Step, pace: number): Step {
  const { duration, occupies } = step;
  if (duration === null || occupies !== 'person' || duration.formula === undefined) return step;
  return {
    ...step,
    duration: {
      ...duration,
      value: pace * duration.value,
      formula: `p · (${duration.formula})`,
      inputs: [...duration.inputs, input('p', 'Your pace against the usual', pace, 'ratio', 'own')],
    },
  };
}

/** Hand work still to do of which it is known how long it takes. */
export const timedWorking = (steps: readonly (Step & { readonly done: unknown })[]): Working => {
  const left = steps.flatMap(({ done, occupies, duration }) =>
    done === null && occupies === 'person' && duration !== null ? [duration] : [],
  );
  return {
    id: 'bench.timed',
    stage: 'bench',
    label: 'Hand work left, as far as it is timed',
    value: left.reduce((sum, { value }) => sum + value, 0),
    unit: 'min',
    provenance: 'derived',
    formula: 'T = Σ tᵢ',
    inputs: left.map((duration) => asInput('tᵢ', duration)),
    source: 'the steps of cutting, bending and binding; modelling and painting are not timed yet',
  };
};

/** Sittings at the bench that the timed work takes. */
export const sittingsWorking = (timed: Working, sittingH: number): Working => ({
  id: 'bench.sittings',
  stage: 'bench',
  label: 'Sittings for it',
  value: Math.ceil(timed.value / (60 * sittingH)),
  unit: 'count',
  provenance: 'derived',
  formula: 'N = ⌈T / s⌉',
  inputs: [asInput('T', timed), input('s', 'One sitting', sittingH, 'h', 'own')],
  source: 'length of a sitting in the workshop',
});
