import type { Animal } from '../animal.ts';
import { SPRAWLER } from '../plans/sprawlingReptile.ts';
import { eye, face, hole } from './faces.ts';
import { withJaw, type JawData } from './jaw.ts';
import { mark } from './marks.ts';
import { memory } from './memory.ts';
import { count, zone, fleshOf, type SleeveRows, curve } from './shapes.ts';

/** Its flesh, section by section; life mm from general knowledge. */
const SLEEVES = {
  trunk: {
    faces: 'back',
    rows: [
      ['sacrum', 0.99, 5, 11, 8],
      ['sacrum', 0.1, 5, 14, 9.5],
      ['dorsalRear', 0.1, 5, 14, 9.5],
      ['dorsalRear', 0.9, 5, 15, 10],
      ['dorsalFront', 0.1, 5, 15, 10],
      ['dorsalFront', 0.9, 5.5, 13, 9.5],
      ['neck', 0.1, 6, 13, 9],
      ['neck', 0.55, 6, 11, 8],
      ['neck', 0.99, 7, 9, 8],
    ],
  },
  head: {
    faces: 'back',
    rows: [
      ['skull', -0.05, 5.5, 5, 7.5],
      ['skull', 0.15, 6, 5.5, 9.5, -0.1],
      ['skull', 0.35, 6, 5.4, 10.3, -0.15],
      ['skull', 0.55, 5.6, 5, 9.8, -0.15],
      ['skull', 0.75, 4.6, 4.2, 8, -0.1],
      ['skull', 0.92, 3.2, 3, 5],
    ],
  },
  tail: {
    faces: 'back',
    rows: [
      ['tail1', 0.01, 5.5, 9.5, 7.5],
      ['tail1', 0.45, 5.5, 8.5, 7],
      ['tail1', 0.9, 6, 7.5, 6.5],
      ['tail2', 0, 6],
      ['tail2', 1, 5],
      ['tail3', 1, 3.2],
      ['tail4', 0.97, 1.2],
    ],
  },
  foreleg: {
    faces: 'front',
    rows: [
      ['scapula', 0.4, 5.5],
      ['scapula', 1, 5],
      ['humerus', 1, 3.4],
      ['radius', 1, 2.6],
      ['metacarpus', 1, 2.2],
      ['foreDigits', 0.9, 0.9],
    ],
  },
  'hind leg': {
    faces: 'front',
    rows: [
      ['pelvis', 0.4, 5],
      ['pelvis', 1, 5],
      ['femur', 1, 3.6],
      ['tibia', 1, 2.8],
      ['metatarsus', 1, 2.2],
      ['hindDigits', 0.9, 0.9],
    ],
  },
} satisfies Readonly<Record<string, SleeveRows>>;

/** What stands off it along curves of its own. */
const CURVES = {
  skull: [
    curve('left eyelid', [0.5, 2.4, [0, 3.6, -6.2]], [0.64, 2.2, [0, 3.2, -5.8]]),
    curve('right eyelid', [0.5, 2.4, [0, 3.6, 6.2]], [0.64, 2.2, [0, 3.2, 5.8]]),
    curve('left gland', [0.02, 2, [0, 3, -7]], [0.2, 2.6, [0, 3.2, -8]], [0.36, 2, [0, 3, -8]]),
    curve('right gland', [0.02, 2, [0, 3, 7]], [0.2, 2.6, [0, 3.2, 8]], [0.36, 2, [0, 3, 8]]),
  ],
  foreDigits: [
    curve('first toe', [0, 1.6], [0.1, 1, [2.6, 0, 3]], [0.1, 0.8, [3.6, 0, 4.4]]),
    curve('second toe', [0, 1.7], [0.4, 1.1, [1.6, 0, 1.6]], [0.9, 0.8, [2.6, 0, 2.4]]),
    curve('fourth toe', [0, 1.6], [0.1, 1, [1.4, 0, -3.2]], [0.1, 0.8, [2, 0, -5.2]]),
  ],
  hindDigits: [
    curve('first toe', [0, 1.7], [0.1, 1, [2.6, 0, 3.6]], [0.1, 0.8, [3.4, 0, 5.2]]),
    curve('second toe', [0, 1.8], [0.4, 1.1, [2, 0, 2.2]], [0.8, 0.8, [3, 0, 3.4]]),
    curve('fourth toe', [0, 1.8], [0.4, 1.1, [0.6, 0, -2.6]], [0.8, 0.8, [0.8, 0, -4.2]]),
    curve('fifth toe', [0, 1.7], [0.1, 1, [1, 0, -3.4]], [0.1, 0.8, [1, 0, -5.4]]),
  ],
} as const;

/** Where the head is parted into upper and lower jaw. */
const JAW = {
  hinge: 0.14,
  corner: 0.34,
  chin: ['skull', 0.9],
  lip: [0.3, 0.36, 0.42],
} satisfies JawData;

/**
 * Fire salamander, a typical adult. All values are from general knowledge (memory), to be checked
 * against a specimen.
 */
const TOLD = {
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
  flesh: fleshOf(SLEEVES, CURVES),
  counts: [
    count('Toes, each forefoot', 4),
    count('Toes, each hind foot', 5),
    count('Grooves down each flank', 10, 12),
    count('Pores of the parotoid gland, each side', 10, 20),
  ],
  face: face({
    eyes: [eye(['skull', 0.57, 50, 0.7], [0.55, 0.5], 0, 'dark', '#171311')],
    holes: [hole(['skull', 0.86, 52], 0.04, 0.03, 0)],
    lines: [],
  }),
  coat: [
    zone('head', 'Head', ['skull'], null, '#1d1b19', { covering: 'skin', sheen: 'gloss' }),
    zone('belly', 'Belly', [...SPRAWLER.neck, ...SPRAWLER.trunk], null, '#2b2825', {
      covering: 'skin',
      sheen: 'satin',
      facing: ['down'],
    }),
    zone('spots', 'Back', [...SPRAWLER.neck, ...SPRAWLER.trunk], null, '#1e1c1a', {
      covering: 'skin',
      sheen: 'gloss',
      facing: ['up'],
    }),
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
  markings: [
    mark(
      'back-rows',
      'Rows of yellow',
      'spots',
      [['Yellow of the back', '#e9b81c']],
      [
        ['neck', 0.2, 26],
        ['tail2', 0.5, 62],
      ],
      { widthMm: 8, stepMm: 15, vary: 0.85, seed: 4 },
    ),
    mark(
      'flank-flecks',
      'Flecks of the flanks',
      'spots',
      [['Flecks of the flanks', '#e2ad1e']],
      [
        ['dorsalFront', 0.6, 96],
        ['sacrum', 0.2, 120],
      ],
      { widthMm: 4.5, stepMm: 14, vary: 0.9, seed: 9 },
    ),
    mark(
      'eyelids',
      'Yellow over the eye',
      'patch',
      [['Yellow over the eye', '#e9b81c']],
      [['skull', 0.5, 42]],
      { widthMm: 5, lengthMm: 7, vary: 0.4 },
    ),
    mark(
      'glands',
      'Yellow behind the eye',
      'patch',
      [['Yellow of the glands', '#e9b81c']],
      [['skull', 0.12, 52]],
      { widthMm: 6, lengthMm: 10, vary: 0.3 },
    ),
    mark(
      'limb-spots',
      'Yellow at the shoulder',
      'patch',
      [['Yellow of the arm', '#e9b81c']],
      [['humerus.L', 0.35, 30]],
      { widthMm: 5, lengthMm: 8, vary: 0.4 },
    ),
    mark(
      'thigh-spots',
      'Yellow at the thigh',
      'patch',
      [['Yellow of the thigh', '#e9b81c']],
      [['femur.L', 0.4, 30]],
      { widthMm: 5, lengthMm: 8, vary: 0.4 },
    ),
  ],
  eye: memory(6, 5, 7),
  ranges: {
    massKg: [0.018, 0.045],
    sizes: { length: [140, 220], tail: [55, 100], head: [18, 28] },
  },
  commonMistake:
    'The skin is made smooth and the head narrow: glands bulge behind the eyes and along the back, the flanks are ringed by grooves, and the tail is round.',
} satisfies Animal;

export const FIRE_SALAMANDER: Animal = Object.freeze(withJaw(TOLD, JAW));
