import type { Animal } from '../anatomy/animal.ts';
import { memory } from '../anatomy/animals/memory.ts';
import { count, zone, fleshOf, type SleeveRows } from '../anatomy/animals/shapes.ts';
import {
  FEET,
  LOWER_LIMBS,
  NECK,
  TAIL,
  TRUNK,
  UPPER_LIMBS,
} from '../anatomy/plans/quadrupedParts.ts';

/** Its flesh, section by section; life mm from general knowledge. */
const SLEEVES = {
  trunk: {
    faces: 'back',
    rows: [
      ['sacrum', 0.99, 16.8, 50.5, 29.5],
      ['sacrum', 0.55, 16.8, 59, 35.5],
      ['sacrum', 0.1, 18.9, 61, 38],
      ['lumbar', 0.1, 16.8, 61, 38],
      ['lumbar', 0.5, 16.8, 65, 40],
      ['lumbar', 0.9, 16.8, 67, 42],
      ['thoracic', 0.1, 16.8, 67, 42],
      ['thoracic', 0.5, 16.8, 61, 40],
      ['thoracic', 0.9, 18.9, 54.5, 35.5],
      ['neckLower', 0.1, 23, 52.5, 35.5],
      ['neckLower', 0.5, 21, 42, 31.5],
      ['neckLower', 0.9, 27.5, 38, 29.5],
      ['neckUpper', 0, 27, 27, 27],
      ['neckUpper', 1, 24, 24, 24],
    ],
  },
  head: {
    faces: 'back',
    rows: [
      ['skull', -0.056, 5, 5, 6.3, 0.15],
      ['skull', 0.095, 17.5, 17.5, 21.5],
      ['skull', 0.256, 21.5, 21.5, 25],
      ['skull', 0.417, 20, 20, 24],
      ['skull', 0.578, 15, 15, 16.3],
      ['skull', 0.739, 11.3, 11.3, 11.3],
      ['skull', 0.89, 8.8, 8.8, 8.8],
    ],
  },
  tail: {
    faces: 'back',
    rows: [
      ['tail1', 0, 16, 16, 16],
      ['tail1', 1, 15, 15, 15],
      ['tail2', 1, 14, 14, 14],
      ['tail3', 1, 12, 12, 12],
      ['tail4', 1, 5, 5, 5],
    ],
  },
  foreleg: {
    faces: 'front',
    rows: [
      ['scapula', 0.3, 17, 17, 17],
      ['scapula', 1, 20, 20, 20],
      ['humerus', 1, 15, 15, 15],
      ['radius', 1, 9, 9, 9],
      ['metacarpus', 1, 8, 8, 8],
      ['foreDigits', 0.9, 5, 5, 5],
    ],
  },
  'hind leg': {
    faces: 'front',
    rows: [
      ['pelvis', 0.3, 24, 24, 24],
      ['pelvis', 1, 26, 26, 26],
      ['femur', 1, 20, 20, 20],
      ['tibia', 1, 9, 9, 9],
      ['metatarsus', 1, 8, 8, 8],
      ['hindDigits', 0.9, 5, 5, 5],
    ],
  },
  ear: {
    faces: 'front',
    rows: [
      ['ear', -0.019, 0.75, 0.75, 3, 0.5],
      ['ear', 0.147, 3, 3, 11.3, 0.15],
      ['ear', 0.324, 3.8, 3.8, 14.3],
      ['ear', 0.5, 4.5, 4.5, 15],
      ['ear', 0.676, 3.8, 3.8, 14.3],
      ['ear', 0.853, 3, 3, 11.3, 0.15],
      ['ear', 1.019, 0.75, 0.75, 3, 0.5],
    ],
  },
} satisfies Readonly<Record<string, SleeveRows>>;

/** A beech marten for the tests: the one data file that an added animal takes. From memory. */
export const BEECH_MARTEN: Animal = Object.freeze({
  id: 'beech-marten',
  name: 'Beech marten',
  latin: 'Martes foina',
  planId: 'four-footed-mammal',
  lengths: {
    skull: memory(82, 74, 90),
    ear: memory(34, 28, 40),
    neckUpper: memory(36, 30, 42),
    neckLower: memory(40, 33, 47),
    thoracic: memory(160, 140, 180),
    lumbar: memory(115, 98, 132),
    sacrum: memory(28, 22, 34),
    tail1: memory(62, 50, 72),
    tail2: memory(62, 50, 72),
    tail3: memory(60, 50, 72),
    tail4: memory(58, 46, 70),
    scapula: memory(54, 46, 62),
    humerus: memory(72, 64, 80),
    radius: memory(58, 50, 66),
    metacarpus: memory(34, 28, 40),
    foreDigits: memory(24, 19, 29),
    pelvis: memory(30, 25, 36),
    femur: memory(82, 73, 91),
    tibia: memory(84, 75, 94),
    metatarsus: memory(54, 46, 62),
    hindDigits: memory(26, 20, 32),
  },
  flesh: fleshOf(SLEEVES),
  counts: [count('Teeth', 38, 38, 'I 3/3 · C 1/1 · P 4/4 · M 1/2, on each side')],
  coat: [
    zone('bib', 'Throat', ['skull', ...NECK], [22, 2.5, 15], '#e9e2d2', { facing: ['down'] }),
    zone('head', 'Head', ['skull', 'ear'], [9, 1, 12], '#7f6a55'),
    zone(
      'body',
      'Body',
      [...NECK, ...TRUNK, ...UPPER_LIMBS, ...LOWER_LIMBS],
      [28, 3, 15],
      '#806b57',
    ),
    zone('feet', 'Feet', FEET, [10, 1.5, 12], '#4e3f34'),
    zone('tail', 'Tail', TAIL, [50, 5, 25], '#5c4a3c'),
  ],
  eye: memory(11, 9, 13),
  ranges: {
    massKg: [1.1, 2.3],
    sizes: { 'shoulder-height': [190, 290], 'head-body': [400, 540], tail: [200, 290] },
  },
  commonMistake: 'The neck comes out thin: it is nearly as thick as the head.',
} satisfies Animal);
