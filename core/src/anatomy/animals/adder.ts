import type { Animal } from '../animal.ts';
import { SERPENT } from '../plans/serpent.ts';
import { eye, face, hole } from './faces.ts';
import { withJaw, type JawData } from './jaw.ts';
import { plateRow } from '../skinPlate.ts';
import { mark } from './marks.ts';
import { memory } from './memory.ts';
import { apart, count, feature, fleshOf, zone, type SleeveRows } from './shapes.ts';

/**
 * The adder's body, section by section from general knowledge: a flat head that is widest behind the eyes and
 * set off by the neck, a body with a keeled back and a flat belly, and a short tail that ends at once.
 */
const SLEEVES = {
  head: {
    faces: 'back',
    rows: [
      ['skull', -0.02, 5.2, 5, 6.2],
      ['skull', 0.12, 6.2, 5.2, 8.2, -0.2, 2.3, 2.3],
      ['skull', 0.32, 6.6, 5.3, 9.8, -0.25, 2.6, 2.4],
      ['skull', 0.5, 6.2, 5.1, 9, -0.25, 2.8, 2.4],
      ['skull', 0.68, 5.4, 4.8, 7.1, -0.2, 2.8, 2.4],
      ['skull', 0.84, 4.8, 4.3, 5.2, -0.1, 2.8, 2.3],
      ['skull', 0.93, 3.9, 3.6, 4],
    ],
  },
  body: {
    faces: 'back',
    rows: [
      ['neckLink', 0.1, 5.8, 5.4, 6.2],
      ['neckLink', 0.6, 6.2, 5.6, 6.6],
      ['trunkLink', 0.5, 9.4, 8.2, 11.4, -0.2, 1.8, 2.5],
      ['tail1', 0.3, 6.6, 5.6, 7, -0.1, 1.9, 2.3],
      ['tail1', 0.9, 5.6, 4.9, 5.8],
      ['tail2', 0.7, 4.6, 4.1, 4.6],
      ['tail3', 0.6, 3.4, 3.1, 3.4],
      ['tail4', 0.4, 2.3, 2.1, 2.3],
      ['tail4', 0.95, 0.9],
    ],
  },
} as const satisfies Readonly<Record<string, SleeveRows>>;

/** Where the head is parted into upper and lower jaw. */
const JAW = {
  hinge: 0.06,
  corner: 0.24,
  chin: ['skull', 0.9],
  lip: [0.3, 0.5, 0.62, 0.66],
  carries: ['tongue'],
} satisfies JawData;

/** Out of the notch of the lips: one stem that parts into two. */
const TONGUE = apart(
  'tongue',
  { hex: '#2b2023', bothSides: true, breadth: 1.6 },
  [0.84, 0.45, [0, -1.6, 0]],
  [0.98, 0.42, [0, -1.6, -0.05]],
  [1.1, 0.4, [0, -1.4, -0.1]],
  [1.22, 0.32, [0, -0.9, -0.9]],
  [1.36, 0.12, [0, 0.2, -2.6]],
);

/**
 * Adder, a typical adult. All values are from general knowledge (memory), to be checked against a
 * specimen; counts of scales agree with field guides.
 */
const TOLD = {
  id: 'adder',
  name: 'Adder',
  latin: 'Vipera berus',
  planId: 'serpent',
  lengths: {
    skull: memory(27, 23, 32),
    neckLink: memory(14, 10, 18),
    trunkLink: memory(23.5, 18, 30),
    tail1: memory(19, 13, 26),
    tail2: memory(18, 12, 25),
    tail3: memory(17, 11, 24),
    tail4: memory(16, 10, 23),
  },
  rest: { skull: [1, 0, 0] },
  flesh: fleshOf(SLEEVES, { skull: [TONGUE] }),
  // Thin behind the head, broadest in the middle, and thin again before the vent.
  linkGirths: {
    neckLink: [0.94, 1, 1.08],
    trunkLink: [0.72, 0.82, 0.93, 1.02, 1.06, 1.06, 1.02, 0.94, 0.84, 0.73],
  },
  features: [
    feature('fangs', 'Fangs', 'skull', 2, memory(4, 3, 5), 'tooth'),
    feature('tongue', 'Forked tongue', 'jaw', 1, memory(15, 10, 20), 'tongue', ['tongue'], ['jaw']),
  ],
  counts: [
    count('Rows of scales round the middle', 19, 23, 'usually 21, keeled'),
    count('Belly scutes', 132, 158),
    count('Scutes under the tail', 23, 48, 'males more than females; in pairs'),
    count('Upper lip scales, each side', 6, 10, 'usually 8 or 9'),
  ],
  scaleCounts: [
    {
      bones: [...SERPENT.neck, ...SERPENT.trunk],
      ...{ round: [19, 21, 23], along: [132, 145, 158], belly: true, keeled: true },
    },
    {
      bones: SERPENT.tail,
      ...{ round: [9, 13, 17], along: [23, 35, 48], belly: true, keeled: true },
    },
  ],
  // The shields that a viper of the north keeps on its head; small scales lie between them.
  plates: [
    {
      name: 'Snout shield',
      paired: false,
      outline: [
        ['skull', 0.925, 34],
        ['skull', 0.925, -34],
        ['skull', 0.925, -100],
        ['skull', 0.925, 100],
      ],
    },
    {
      name: 'Apical shields',
      paired: true,
      outline: [
        ['skull', 0.92, 3],
        ['skull', 0.92, 40],
        ['skull', 0.85, 38],
        ['skull', 0.84, 3],
      ],
    },
    {
      name: 'Brow shields',
      paired: true,
      outline: [
        ['skull', 0.7, 34],
        ['skull', 0.68, 56],
        ['skull', 0.53, 56],
        ['skull', 0.5, 36],
      ],
    },
    {
      name: 'Forehead shield',
      paired: false,
      outline: [
        ['skull', 0.7, 20],
        ['skull', 0.7, -20],
        ['skull', 0.56, -24],
        ['skull', 0.48, 0],
        ['skull', 0.56, 24],
      ],
    },
    {
      name: 'Crown shields',
      paired: true,
      outline: [
        ['skull', 0.46, 2],
        ['skull', 0.535, 25],
        ['skull', 0.46, 38],
        ['skull', 0.36, 26],
        ['skull', 0.35, 2],
      ],
    },
    ...plateRow('Upper lip shields', 'skull', 9, [0.34, 0.92], [86, 104]),
  ],
  face: face({
    eyes: [eye(['skull', 0.6, 66], [0.82, 0.82], 0, 'upright', '#a4442c')],
    holes: [hole(['skull', 0.88, 62], 0.04, 0.03, 0)],
    lines: [],
  }),
  coat: [
    zone('head', 'Head', SERPENT.head, [2.4, 2, 0], '#8d8577', { covering: 'scale' }),
    zone('belly', 'Belly scutes', [...SERPENT.neck, ...SERPENT.trunk], [3.6, 15, 0], '#5a5650', {
      covering: 'scale',
      sheen: 'satin',
      facing: ['down'],
    }),
    zone('zigzag', 'Back', [...SERPENT.neck, ...SERPENT.trunk], [3.2, 2.2, 0], '#a39c8c', {
      covering: 'scale',
      facing: ['up'],
    }),
    zone('flanks', 'Flanks', [...SERPENT.neck, ...SERPENT.trunk], [3.2, 2.4, 0], '#a39c8c', {
      covering: 'scale',
    }),
    zone('tail', 'Tail', SERPENT.tail, [2.4, 1.8, 0], '#8a8376', { covering: 'scale' }),
  ],
  markings: [
    mark(
      'zigzag',
      'Zigzag of the back',
      'zigzag',
      [['Zigzag', '#2b231d']],
      [
        ['neck.1', 0.2, 0],
        ['tail4', 0.6, 0],
      ],
      { widthMm: 7, lengthMm: 8, stepMm: 20, vary: 0.35 },
    ),
    mark(
      'flank-spots',
      'Spots of the flanks',
      'spots',
      [['Flank spots', '#4a4036']],
      [
        ['neck.2', 0.5, 68],
        ['tail1', 0.5, 92],
      ],
      { widthMm: 6, stepMm: 15, vary: 0.5, edge: 'soft', edgeMm: 1.5 },
    ),
    mark(
      'eye-line',
      'Line behind the eye',
      'line',
      [['Line behind the eye', '#2b231d']],
      [
        ['skull', 0.5, 68],
        ['skull', 0.1, 84],
        ['neck.1', 0.4, 80],
      ],
      { widthMm: 3, vary: 0.1 },
    ),
    mark(
      'head-mark',
      'Mark of the nape',
      'line',
      [['Mark of the nape', '#2b231d']],
      [
        ['skull', 0.42, 24],
        ['skull', 0.12, 34],
        ['neck.1', 0.1, 40],
      ],
      { widthMm: 2.6, vary: 0.1 },
    ),
  ],
  eye: memory(4, 3, 5),
  sexes: [
    { name: 'female', size: 1 },
    { name: 'male', size: 0.9 },
  ],
  ranges: {
    massKg: [0.05, 0.18],
    sizes: { length: [450, 700], tail: [50, 95] },
  },
  commonMistake:
    'It is made as an even tube: the head is flat and set off by a thin neck, the body is thick and flattens as it basks, and the tail is short and ends at once.',
} satisfies Animal;

export const ADDER: Animal = Object.freeze(withJaw(TOLD, JAW));
