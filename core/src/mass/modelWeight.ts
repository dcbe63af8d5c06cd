import * as say from './words.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import { gramsPerMetre } from '../wire/metals.ts';
import { cutPieces } from '../wire/planStock.ts';
import type { ClayBatch } from './clayBatches.ts';
import type { WirePlan } from '../wire/wirePlan.ts';

/** What the finished piece weighs off its base, g: clay without the spare, foil, all wire, and what is made apart. */
export function modelWeight(
  batches: readonly ClayBatch[],
  foilGrams: Working,
  wire: WirePlan,
  apartGrams: number,
): Working {
  const wireGrams = cutPieces(wire).reduce(
    (sum, { mm, diameterMm, densityKgM3 }) =>
      sum + (mm / 1000) * gramsPerMetre(diameterMm, densityKgM3),
    0,
  );
  const clayGrams = batches.reduce(
    (sum, { volume, figures }) => sum + volume.value * figures.density.value,
    0,
  );
  return {
    id: 'mass.model.grams',
    stage: 'mass',
    label: say.pieceWithoutItsBase,
    value: clayGrams + foilGrams.value + wireGrams + apartGrams,
    unit: 'g',
    provenance: 'derived',
    formula:
      batches.length === 1
        ? 'm = v · ρ + foil + wire + parts'
        : 'm = v · ρ + w · σ + foil + wire + parts',
    inputs: [
      ...batches.flatMap(({ volume, figures }, i) => [
        asInput('vw'[i]!, volume),
        asInput('ρσ'[i]!, figures.density),
      ]),
      asInput('foil', foilGrams),
      input('wire', say.allWiresAsCut, wireGrams, 'g', 'derived'),
      input('parts', say.partsMadeApart, apartGrams, 'g', 'derived'),
    ],
    source: say.sumOfMassesPaint,
  };
}
