import * as say from './words.ts';
import { ROUNDING, type ClayBatch } from '../mass/clayBatches.ts';
import type { Step, WorkKind } from '../piece/step.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { AtHand } from '../workshop/workpiece.ts';

/** Clays of the workshop that are the one of a batch: of its class, and called so. */
export const clayLot = ({ figures }: ClayBatch, clays: AtHand['clays']): AtHand['clays'] =>
  clays.filter(({ classId, name }) => classId === figures.clay.id && name === figures.name);

/** Packets of a clay to buy once what lies in the workshop is used; null where none of it does. */
export function packetsToBuy(batch: ClayBatch, clays: AtHand['clays']): Working | null {
  const { figures, grams, packets } = batch;
  const here = clayLot(batch, clays);
  if (here.length === 0) return null;
  const grammes = here.reduce((sum, clay) => sum + clay.grams, 0);
  return {
    id: `bench.shop.${packets.id}`,
    stage: 'bench',
    label: say.packetsToBuyBeside(figures.name),
    value: Math.max(0, Math.ceil((grams.value - grammes) / figures.packet.value - ROUNDING)),
    unit: 'count',
    provenance: 'derived',
    formula: 'N = max(0, ⌈(m − h) / p − ε⌉)',
    inputs: [
      asInput('m', grams),
      input('h', say.onHandInWorkshop, grammes, 'g', 'own'),
      asInput('p', figures.packet),
      input('ε', say.whatRoundingErrorMay, ROUNDING, 'ratio', 'memory'),
    ],
    source: say.stockOfWorkshop,
  };
}

/** What the packets of a clay cost; null where nobody said the price of one. */
export function packetsCost(
  batch: ClayBatch,
  packets: Working,
  clays: AtHand['clays'],
): Working | null {
  const [price] = clayLot(batch, clays).flatMap(({ packetPrice }) => packetPrice ?? []);
  if (price === undefined || packets.value === 0) return null;
  return {
    id: `${packets.id}.cost`,
    stage: 'bench',
    label: say.cost(batch.figures.name),
    value: packets.value * price,
    unit: 'money',
    provenance: 'derived',
    formula: 'c = N · P',
    inputs: [asInput('N', packets), input('P', say.priceOfPacket, price, 'money', 'own')],
    source: say.pricesOfWorkshopIn,
  };
}

/** What kinds of work were learnt to take against their estimate. */
type Learned = ReadonlyMap<WorkKind, { readonly factor: number; readonly records: number }>;

/**
 * A step whose hand work takes the maker's own time; ovens and clays keep theirs. Hand work is told by
 * a sum over its tasks, so that its formula stays one when a factor stands before it.
 */
export function paced(step: Step, pace: number, learned: Learned = new Map()): Step {
  const { duration, occupies } = step;
  if (duration === null || occupies !== 'person' || duration.formula === undefined) return step;
  const of = learned.get(step.work);
  const factor = of?.factor ?? 1;
  return {
    ...step,
    duration: {
      ...duration,
      value: factor * pace * duration.value,
      formula: of === undefined ? `p · ${duration.formula}` : `p · f · ${duration.formula}`,
      inputs: [
        ...duration.inputs,
        input('p', say.yourPaceAgainstUsual, pace, 'ratio', 'own'),
        ...(of === undefined
          ? []
          : [
              input(
                'f',
                say.learnedFactorOf(say.WORK_WORDS[step.work], of.records),
                factor,
                'ratio',
                'measured',
              ),
            ]),
      ],
    },
  };
}

/** Hand work still to do of which it is known how long it takes. */
export const timedWorking = (
  steps: readonly (Step & { readonly done: unknown; readonly state: string })[],
): Working => {
  const left = steps.flatMap(({ done, state, occupies, duration }) =>
    done === null && state !== 'left' && occupies === 'person' && duration !== null
      ? [duration]
      : [],
  );
  return {
    id: 'bench.timed',
    stage: 'bench',
    label: say.handWorkLeftAs,
    value: left.reduce((sum, { value }) => sum + value, 0),
    unit: 'min',
    provenance: 'derived',
    formula: 'T = Σ tᵢ',
    inputs: left.map((duration) => asInput('tᵢ', duration)),
    source: say.stepsOfCuttingBending,
  };
};

/** Sittings at the bench that the timed work takes. */
export const sittingsWorking = (timed: Working, sittingH: number): Working => ({
  id: 'bench.sittings',
  stage: 'bench',
  label: say.sittingsForIt,
  value: Math.ceil(timed.value / (60 * sittingH)),
  unit: 'count',
  provenance: 'derived',
  formula: 'N = ⌈T / s⌉',
  inputs: [asInput('T', timed), input('s', say.oneSitting, sittingH, 'h', 'own')],
  source: say.lengthOfSittingIn,
});
