import type { Animal } from '../anatomy/animal.ts';
import { input, type Working } from '../piece/working.ts';
import type { BodyGrid } from './bodyGrid.ts';

/** Grams in a millilitre of animal: they nearly float (memory). */
const ANIMAL_G_PER_ML = 1;

/** What this body would weigh at life size, kg, with the animal's usual range. */
export const bodyWeight = (body: BodyGrid, animal: Animal): Working => ({
  id: 'body.weight.life',
  stage: 'mass',
  label: 'This body at life size',
  value: (body.volumeMm3 / 1e6) * ANIMAL_G_PER_ML,
  unit: 'kg',
  provenance: 'derived',
  formula: 'm = ρ · Σ cells inside the skin',
  inputs: [
    input('ρ', 'Density of an animal', ANIMAL_G_PER_ML, 'g/ml', 'memory'),
    input('h', 'Edge of a cell, life', body.cellMm, 'mm', 'derived'),
  ],
  source:
    'round cones and ellipsoids on the bones, on a grid; animals nearly float, so about 1 kg a litre; usual range from memory',
  range: animal.ranges.massKg,
});
