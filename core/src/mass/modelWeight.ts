import { asInput, input, type Working } from '../piece/working.ts';
import { gramsPerMetre } from '../wire/metals.ts';
import { cutPieces } from '../wire/planStock.ts';
import type { WirePlan } from '../wire/planWire.ts';

/** What the finished piece weighs off its base, g: clay without the spare, foil and all wire. */
export function modelWeight(
  clayVolume: Working,
  density: Working,
  foilGrams: Working,
  wire: WirePlan,
): Working {
  const wireGrams = cutPieces(wire).reduce(
    (sum, { mm, diameterMm, densityKgM3 }) =>
      sum + (mm / 1000) * gramsPerMetre(diameterMm, densityKgM3),
    0,
  );
  const clayGrams = clayVolume.value * density.value;
  return {
    id: 'mass.model.grams',
    stage: 'mass',
    label: 'The piece without its base',
    value: clayGrams + foilGrams.value + wireGrams,
    unit: 'g',
    provenance: 'derived',
    formula: 'm = v·ρ + foil + wire',
    inputs: [
      asInput('v', clayVolume),
      asInput('ρ', density),
      asInput('foil', foilGrams),
      input('wire', 'All wires as cut', wireGrams, 'g', 'derived'),
    ],
    source: 'sum of the masses; paint and parts are left out',
  };
}
