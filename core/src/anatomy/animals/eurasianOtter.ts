import type { Animal } from '../animal.ts';
import { FEET, LOWER_LIMBS, NECK, TAIL, TRUNK, UPPER_LIMBS } from '../plans/quadrupedParts.ts';
import { walk, trot, bound } from '../plans/kit/mammalGaits.ts';
import { eye, face, hole, nose } from './faces.ts';
import { clawedToes } from './feet.ts';
import { withJaw, type JawData } from './jaw.ts';
import { mark } from './marks.ts';
import { memory } from './memory.ts';
import { apart, count, feature, fleshOf, type SleeveRows } from './shapes.ts';

/** Its flesh, section by section; life mm from general knowledge. */
const SLEEVES = {
  trunk: {
    faces: 'back',
    rows: [
      ['sacrum', 0.99, 26, 84, 48],
      ['sacrum', 0.4, 23, 104, 58],
      ['lumbar', 0.1, 19, 120, 64],
      ['lumbar', 0.6, 17, 130, 68],
      ['thoracic', 0.05, 16, 134, 67, 0.15],
      ['thoracic', 0.4, 16, 134, 65, 0.2],
      ['thoracic', 0.75, 18, 130, 60, 0.2],
      ['thoracic', 0.95, 23, 112, 55, 0.1],
      ['neckLower', 0.3, 29, 92, 54],
      ['neckLower', 0.9, 32, 74, 50],
      ['neckUpper', 0.4, 34, 62, 48],
      ['neckUpper', 0.99, 35, 52, 45],
    ],
  },
  head: {
    faces: 'back',
    rows: [
      ['skull', 0.02, 33, 44, 46],
      ['skull', 0.2, 33, 42, 52, -0.1],
      ['skull', 0.42, 31, 39, 52, -0.2],
      ['skull', 0.58, 28, 35, 44, -0.2],
      ['skull', 0.7, 23, 32, 37, -0.25],
      ['skull', 0.8, 20, 31, 36, -0.35, 2.2, 2.2],
      ['skull', 0.9, 17, 28, 33, -0.35, 2.2, 2.2],
      ['skull', 0.98, 12, 19, 22, -0.1],
    ],
  },
  tail: {
    faces: 'back',
    rows: [
      ['tail1', 0.01, 25, 48, 36],
      ['tail1', 0.45, 25, 40, 33],
      ['tail1', 0.9, 27, 29, 29],
      ['tail2', 0, 27],
      ['tail2', 1, 20],
      ['tail3', 1, 13],
      ['tail4', 0.97, 5],
    ],
  },
  foreleg: {
    faces: 'front',
    rows: [
      ['scapula', 0.2, 30, 32, 26],
      ['scapula', 0.8, 42, 42, 36],
      ['humerus', 0.1, 42, 42, 38],
      ['humerus', 0.6, 34, 42, 32],
      ['radius', 0, 26, 36, 26],
      ['radius', 0.4, 21, 23, 21],
      ['radius', 1, 16, 17, 18],
      ['metacarpus', 0.6, 13, 14, 21],
      ['foreDigits', 0.3, 10, 10, 26],
      ['foreDigits', 0.9, 7, 7, 22],
    ],
  },
  'hind leg': {
    faces: 'front',
    rows: [
      ['pelvis', 0.3, 38, 44, 30],
      ['femur', 0.1, 46, 50, 36],
      ['femur', 0.6, 42, 48, 34],
      ['tibia', 0, 32, 40, 30],
      ['tibia', 0.5, 20, 27, 20],
      ['tibia', 1, 15, 21, 16],
      ['metatarsus', 0.1, 14, 19, 16],
      ['metatarsus', 0.7, 12, 13, 24],
      ['metatarsus', 1, 12, 12, 27],
      ['hindDigits', 0.3, 10, 10, 31],
      ['hindDigits', 0.9, 7, 7, 29],
    ],
  },
  ear: {
    faces: 'front',
    rows: [
      ['ear', 1.5, 4.5, 5.6, 9],
      ['ear', 1.68, 5, 6.2, 10],
      ['ear', 1.95, 5, 6.2, 10],
      ['ear', 2.2, 4.8, 5.9, 9.5],
      ['ear', 2.44, 3.8, 4.7, 7],
      ['ear', 2.62, 2, 2.5, 3.6],
    ],
  },
} satisfies Readonly<Record<string, SleeveRows>>;

/** Five webbed toes of a foot; thick as told, and how far they spread. */
const webbedToes = (wide: number, spread: number) =>
  clawedToes(
    Object.fromEntries(
      [-1, -0.55, 0, 0.55, 1].map((beside, i) => [
        `toe ${i + 1}`,
        [
          [
            [0.05, wide, [0, 1, 0.35 * beside * spread]],
            [0.55, 0.9 * wide, [0, 1, 0.75 * beside * spread]],
            [1 - 0.22 * Math.abs(beside), 0.75 * wide, [0, -1, beside * spread]],
          ],
          7,
        ],
      ]),
    ),
  );

/** Stiff hairs of the lip: so high on it, so long. */
const whisker = (name: string, at: number, up: number, out: number, long: number) =>
  apart(
    name,
    { hex: '#cfc6b4', bothSides: true },
    [at, 0.8, [0, up, -out]],
    [at, 0.7, [-2, up - 2, -out - 0.5 * long]],
    [at, 0.3, [-12, up - 9, -out - long]],
  );

/** Toes and whiskers. */
const CURVES = {
  foreDigits: webbedToes(6, 22),
  hindDigits: webbedToes(6, 30),
  skull: [
    whisker('whisker 1', 0.88, -4, 28, 34),
    whisker('whisker 2', 0.84, -10, 31, 44),
    whisker('whisker 3', 0.89, -14, 29, 38),
    whisker('whisker 4', 0.82, -16, 28, 40),
    whisker('whisker 5', 0.88, -19, 22, 30),
  ],
};

/** Where the head is parted into upper and lower jaw. */
const JAW = {
  hinge: 0.22,
  corner: 0.68,
  chin: ['skull', 0.92],
  lip: [0.5, 0.55, 0.62],
} satisfies JawData;

/**
 * Eurasian otter, a typical adult. All values are from general knowledge (memory), to be checked
 * against a specimen; body mass and length ranges agree with handbook ranges, limb bones are the
 * least certain.
 */
/** Its fore feet are carried low under so short a leg, and not folded to the chest. */
const SHORT_FOLDS = {
  ...{ humerus: -14, radius: 8, metacarpus: -18, foreDigits: -12 },
  ...{ femur: 8, tibia: -30, metatarsus: 22, hindDigits: -30 },
} as const;

const TOLD = {
  id: 'eurasian-otter',
  name: 'Eurasian otter',
  latin: 'Lutra lutra',
  planId: 'four-footed-mammal',
  // Strides over the height of the hip: memory.
  gaits: [
    walk({ stridePerHip: 1.2, driven: { scapula: 30 } }),
    trot({ stridePerHip: 1.7 }),
    bound({ stridePerHip: 3.4, folds: SHORT_FOLDS, lift: 0.16 }),
  ],
  lengths: {
    skull: memory(115, 103, 128),
    ear: memory(24, 18, 30),
    neckUpper: memory(52, 40, 62),
    neckLower: memory(58, 45, 70),
    thoracic: memory(240, 205, 275),
    lumbar: memory(165, 135, 190),
    sacrum: memory(46, 38, 56),
    tail1: memory(105, 80, 118),
    tail2: memory(102, 80, 118),
    tail3: memory(100, 80, 117),
    tail4: memory(98, 80, 117),
    scapula: memory(76, 62, 88),
    humerus: memory(82, 65, 90),
    radius: memory(64, 50, 72),
    metacarpus: memory(44, 36, 52),
    foreDigits: memory(36, 28, 44),
    pelvis: memory(44, 36, 52),
    femur: memory(82, 65, 90),
    tibia: memory(92, 75, 100),
    metatarsus: memory(66, 54, 78),
    hindDigits: memory(46, 36, 56),
  },
  rest: {
    ear: [-0.5, 0.55, -0.68],
    lumbar: [1, 0.16, 0],
    thoracic: [1, -0.12, 0],
    neckLower: [1, 0.12, 0],
    neckUpper: [1, 0.3, 0],
    skull: [1, -0.12, 0],
    humerus: [-0.66, -0.75, 0],
    radius: [0.3, -0.95, 0],
    metacarpus: [0.6, -0.8, 0],
    femur: [0.62, -0.78, -0.1],
    tibia: [-0.68, -0.73, 0],
    metatarsus: [0.5, -0.86, 0],
  },
  flesh: fleshOf(SLEEVES, CURVES),
  features: [
    feature('claws', 'Claws', 'foreDigits', 20, memory(7, 5, 9), 'claw', ['claw'], FEET),
    feature('canines', 'Canine teeth', 'jaw', 4, memory(10, 8, 12), 'tooth'),
    feature(
      'whiskers',
      'Whiskers',
      'skull',
      10,
      memory(40, 25, 60),
      'whisker',
      ['whisker'],
      ['skull'],
    ),
  ],
  counts: [
    count('Teeth', 36, 36, 'I 3/3 · C 1/1 · P 4/3 · M 1/2, on each side'),
    count('Neck vertebrae', 7),
    count('Chest vertebrae', 14, 15),
    count('Loin vertebrae', 5, 6),
    count('Toes, each foot', 5, 5, 'webbed to the last joint'),
  ],
  face: face({
    eyes: [eye(['skull', 0.68, 46], [0.9, 0.75], 10, 'dark', '#1d1714', 0.6)],
    holes: [hole(['skull', 0.965, 56], 0.05, 0.03, 30)],
    lines: [],
    pads: [nose('skull', [0.945, 1.15], [0, 70], '#2a2624')],
  }),
  coat: [
    {
      id: 'throat',
      name: 'Throat and chin',
      bones: ['skull', ...NECK],
      facing: ['down'],
      hair: memory(12, 8, 18),
      lock: memory(1.5, 0.8, 2.5),
      lieDeg: 15,
      hex: '#c0a98c',
      sheen: 'satin',
    },
    {
      id: 'face',
      name: 'Face',
      bones: ['skull', 'ear'],
      hair: memory(8, 4, 12),
      lock: memory(0.9, 0.5, 1.5),
      lieDeg: 12,
      hex: '#6e503b',
      sheen: 'satin',
    },
    {
      id: 'back',
      name: 'Back and neck',
      bones: [...NECK, ...TRUNK],
      facing: ['up'],
      hair: memory(22, 15, 28),
      lock: memory(3, 1.5, 5),
      lieDeg: 12,
      hex: '#54392a',
      sheen: 'gloss',
    },
    {
      id: 'belly',
      name: 'Belly',
      bones: TRUNK,
      facing: ['down'],
      hair: memory(15, 10, 20),
      lock: memory(2.5, 1.2, 4),
      lieDeg: 12,
      hex: '#a58a6c',
      sheen: 'satin',
    },
    {
      id: 'flanks',
      name: 'Flanks and thighs',
      bones: [...NECK, ...TRUNK, ...UPPER_LIMBS],
      hair: memory(20, 14, 26),
      lock: memory(3, 1.5, 5),
      lieDeg: 12,
      hex: '#674a36',
      sheen: 'gloss',
    },
    {
      id: 'legs',
      name: 'Lower legs',
      bones: LOWER_LIMBS,
      hair: memory(10, 6, 14),
      lock: memory(1.5, 0.8, 2.5),
      lieDeg: 12,
      hex: '#5f4433',
      sheen: 'satin',
    },
    {
      id: 'feet',
      name: 'Feet',
      bones: FEET,
      hair: memory(4, 2, 6),
      lock: memory(0.8, 0.4, 1.2),
      lieDeg: 10,
      hex: '#594233',
      sheen: 'wet',
    },
    {
      id: 'tail',
      name: 'Tail',
      bones: TAIL,
      hair: memory(18, 12, 24),
      lock: memory(2.5, 1.2, 4),
      lieDeg: 12,
      hex: '#553c2d',
      sheen: 'gloss',
    },
  ],
  markings: [
    mark(
      'belly-shade',
      'Paler underside',
      'field',
      [['Paler underside', '#b9a489']],
      [
        ['skull', 0.1, 118],
        ['tail1', 0.4, 180],
      ],
      { widthMm: 30, edge: 'soft', edgeMm: 40 },
    ),
    mark(
      'throat-spots',
      'Pale spots of the throat',
      'spots',
      [['Throat spots', '#d9cdb8']],
      [
        ['skull', 0.2, 150],
        ['neckLower', 0.4, 180],
      ],
      { widthMm: 14, stepMm: 42, vary: 0.9, edge: 'soft', edgeMm: 4 },
    ),
    mark(
      'back-line',
      'Darker line of the back',
      'stripes',
      [['Line of the back', '#4a3829']],
      [
        ['neckLower', 0.5, 0],
        ['tail3', 0.5, 0],
      ],
      { repeats: 1, widthMm: 46, edge: 'soft', edgeMm: 30 },
    ),
  ],
  eye: memory(11, 9, 13),
  sexes: [
    { name: 'male', size: 1 },
    { name: 'female', size: 0.88 },
  ],
  ranges: {
    massKg: [5, 12],
    sizes: {
      'shoulder-height': [250, 320],
      length: [890, 1320],
      'head-body': [570, 850],
      tail: [320, 470],
    },
  },
  commonMistake:
    'The legs come out too long: the belly hangs low and the elbow and knee lie inside the outline of the body.',
} satisfies Animal;

export const EURASIAN_OTTER: Animal = Object.freeze(withJaw(TOLD, JAW));
