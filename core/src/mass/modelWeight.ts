import { asInput, input, type Working } from '../piece/working.ts';
import { gramsPerMetre, metalById } from '../wire/metals.ts';
import type { WirePlan } from '../wire/planWire.ts';

/** What the finished piece weighs off its base, g: clay without the spare, foil and all wire. */
export function modelWeight(
  clayVolume: Working,
  density: Working,
  foilGrams: Working,
  wire: WirePlan,
): Working {
  const wireGrams = wire.wires.reduce((sum, one) => {
    const strands =
      one.cut.value + (one.shortStrands?.count ?? 0) * (one.shortStrands?.cut.value ?? 0);
    return sum + (strands / 1000) * gramsPerMetre(one.diameterMm, metalById(one.metal).densityKgM3);
  }, 0);
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
