import type { Animal } from '../animal.ts';
import { SPRAWLER } from '../plans/sprawlingReptile.ts';
import { memory } from './memory.ts';
import { cone, count, section, zone } from './shapes.ts';

/**
 * Fire salamander, a typical adult. All values are from general knowledge (memory), to be checked
 * against a specimen.
 */
export const FIRE_SALAMANDER: Animal = Object.freeze({
  id: 'fire-salamander',
  name: 'Fire salamander',
  latin: 'Salamandra salamandra',
  planId: 'sprawling-reptile',
  lengths: {
    skull: memory(23, 19, 27),
    neck: memory(8, 6, 10),
    dorsalFront: memory(35, 29, 42),
    dorsalRear: memory(35, 29, 42),
    sacrum: memory(8, 6, 10),
    tail1: memory(19, 15, 24),
    tail2: memory(18.5, 15, 23),
    tail3: memory(18, 14, 23),
    tail4: memory(17.5, 14, 22),
    scapula: memory(9, 7, 11),
    humerus: memory(14, 11, 17),
    radius: memory(10, 8, 13),
    metacarpus: memory(6, 4.5, 8),
    foreDigits: memory(6.5, 5, 8.5),
    pelvis: memory(8, 6, 10),
    femur: memory(14.5, 12, 18),
    tibia: memory(10, 8, 13),
    metatarsus: memory(7, 5.5, 9),
    hindDigits: memory(8, 6, 10),
  },
  rest: {
    dorsalRear: [1, 0.02, 0],
    dorsalFront: [1, 0, 0],
    neck: [1, 0, 0],
    skull: [1, -0.04, 0],
    tail1: [-1, -0.12, 0],
    tail2: [-1, -0.1, 0],
    tail3: [-1, -0.06, 0],
    humerus: [-0.3, -0.05, -0.95],
    radius: [0.3, -0.72, -0.6],
    metacarpus: [0.6, -0.3, -0.72],
    femur: [0.34, -0.05, -0.94],
    tibia: [-0.3, -0.72, -0.6],
    metatarsus: [0.55, -0.3, -0.75],
  },
  flesh: {
    skull: [section(0.34, [12, 6.4, 10]), cone(0.45, 0.86, 7.2, 4.6)],
    neck: [cone(0, 1, 8.4, 7.6, [0, -2.4, 0], [0, -1, 0])],
    dorsalFront: [cone(0, 1, 10.4, 9, [0, -5, 0], [0, -3.4, 0])],
    dorsalRear: [cone(0, 1, 9.4, 10.4, [0, -4, 0], [0, -5, 0])],
    sacrum: [cone(0, 1, 9, 7.6, [0, -3.8, 0], [0, -2.6, 0])],
    tail1: [cone(0, 1, 7.6, 6.2, [0, -2, 0], [0, -1, 0])],
    tail2: [cone(0, 1, 6.2, 4.8)],
    tail3: [cone(0, 1, 4.8, 3.3)],
    tail4: [cone(0, 0.97, 3.3, 1.2)],
    scapula: [cone(0.4, 1, 5.4, 4.8)],
    humerus: [cone(0, 1, 4.2, 3.4)],
    radius: [cone(0, 1, 3.4, 2.6)],
    metacarpus: [cone(0, 1, 2.6, 2.1)],
    foreDigits: [
      cone(0, 0.9, 1.7, 0.9),
      cone(0, 0.1, 1.7, 0.9, [0, 0, 0], [5, 0, 3]),
      cone(0, 0.1, 1.7, 0.9, [0, 0, 0], [1.5, 0, -5]),
    ],
    pelvis: [cone(0.4, 1, 5.2, 5)],
    femur: [cone(0, 1, 4.6, 3.6)],
    tibia: [cone(0, 1, 3.6, 2.8)],
    metatarsus: [cone(0, 1, 2.8, 2.2)],
    hindDigits: [
      cone(0, 0.9, 1.8, 0.9),
      cone(0, 0.1, 1.8, 0.9, [0, 0, 0], [6, 0, 3.5]),
      cone(0, 0.1, 1.8, 0.9, [0, 0, 0], [2, 0, -6]),
    ],
  },
  counts: [
    count('Toes, each forefoot', 4),
    count('Toes, each hind foot', 5),
    count('Grooves down each flank', 10, 12),
    count('Pores of the parotoid gland, each side', 10, 20),
  ],
  coat: [
    zone('head', 'Head', ['skull'], null, '#1d1b19', { covering: 'skin', sheen: 'gloss' }),
    zone('belly', 'Belly', [...SPRAWLER.neck, ...SPRAWLER.trunk], null, '#2b2825', {
      covering: 'skin',
      sheen: 'satin',
      facing: ['down'],
    }),
    zone(
      'spots',
      'Back with yellow bands',
      [...SPRAWLER.neck, ...SPRAWLER.trunk],
      null,
      '#e0b521',
      {
        covering: 'skin',
        sheen: 'gloss',
        facing: ['up'],
      },
    ),
    zone('flanks', 'Flanks', [...SPRAWLER.neck, ...SPRAWLER.trunk], null, '#1e1c1a', {
      covering: 'skin',
      sheen: 'gloss',
    }),
    zone(
      'limbs',
      'Limbs',
      [...SPRAWLER.upperLimbs, ...SPRAWLER.lowerLimbs, ...SPRAWLER.feet],
      null,
      '#211f1c',
      { covering: 'skin', sheen: 'gloss' },
    ),
    zone('tail', 'Tail', SPRAWLER.tail, null, '#1e1c1a', { covering: 'skin', sheen: 'gloss' }),
  ],
  eye: memory(6, 5, 7),
  ranges: {
    massKg: [0.018, 0.045],
    sizes: { length: [140, 220], tail: [55, 100], head: [18, 28] },
  },
  commonMistake:
    'The skin is made smooth and the head narrow: glands bulge behind the eyes and along the back, the flanks are ringed by grooves, and the tail is round.',
} satisfies Animal);
