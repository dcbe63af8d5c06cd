import type { Animal } from '../anatomy/animal.ts';
import { input, type Working } from '../piece/working.ts';
import type { BodyGrid } from './bodyGrid.ts';

/** Grams in a millilitre of animal where nothing else is known: they nearly float (memory). */
const ANIMAL_G_PER_ML = 1;
const NEARLY_FLOATS = 'animals nearly float, so about 1 kg a litre';

/** What this body would weigh at life size, kg, with the animal's usual range. */
export const bodyWeight = (body: BodyGrid, animal: Animal): Working => ({
  id: 'body.weight.life',
  stage: 'mass',
  label: 'This body at life size',
  value: (body.volumeMm3 / 1e6) * (animal.density?.gPerMl ?? ANIMAL_G_PER_ML),
  unit: 'kg',
  provenance: 'derived',
  formula: 'm = ρ · V',
  inputs: [
    input(
      'ρ',
      'Density inside the outline',
      animal.density?.gPerMl ?? ANIMAL_G_PER_ML,
      'g/ml',
      'memory',
    ),
    input('V', 'Cells inside the skin, in life', body.volumeMm3 / 1000, 'ml', 'derived'),
  ],
  source: `round cones and ellipsoids on the bones, on a grid; ${animal.density?.why ?? NEARLY_FLOATS}; usual range from memory`,
  ...(animal.ranges.massKg === undefined ? {} : { range: animal.ranges.massKg }),
});
