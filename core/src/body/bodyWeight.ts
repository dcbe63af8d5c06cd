import * as say from './words.ts';
import type { Animal } from '../anatomy/animal.ts';
import { input, type Working } from '../piece/working.ts';
import type { BodyGrid } from './bodyGrid.ts';

/** Grams in a millilitre of animal where nothing else is known: they nearly float (memory). */
const ANIMAL_G_PER_ML = 1;
const NEARLY_FLOATS = say.animalsNearlyFloatSo;

/** What this body would weigh at life size, kg, with the animal's usual range. */
export const bodyWeight = (body: BodyGrid, animal: Animal): Working => ({
  id: 'body.weight.life',
  stage: 'mass',
  label: say.thisBodyAtLife,
  value: (body.volumeMm3 / 1e6) * (animal.density?.gPerMl ?? ANIMAL_G_PER_ML),
  unit: 'kg',
  provenance: 'derived',
  formula: 'm = ρ · V',
  inputs: [
    input(
      'ρ',
      say.densityInsideOutline,
      animal.density?.gPerMl ?? ANIMAL_G_PER_ML,
      'g/ml',
      'memory',
    ),
    input('V', say.cellsInsideSkinIn, body.volumeMm3 / 1000, 'ml', 'derived'),
  ],
  source: say.sleevesAlongBones(animal.density?.why ?? NEARLY_FLOATS),
  ...(animal.ranges.massKg === undefined ? {} : { range: animal.ranges.massKg }),
});
