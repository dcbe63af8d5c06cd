import type { Animal } from '../animal.ts';
import { FEET, LOWER_LIMBS, NECK, TAIL, TRUNK, UPPER_LIMBS } from '../plans/quadrupedParts.ts';
import { walk, trot, pace, canter, gallop } from '../plans/kit/mammalGaits.ts';
import { cup, eye, face, hole, nose } from './faces.ts';
import { claw, pawToes } from './feet.ts';
import { withJaw, type JawData } from './jaw.ts';
import { mark } from './marks.ts';
import { memory } from './memory.ts';
import { count, feature, fleshOf, type SleeveRows } from './shapes.ts';

/** Its flesh, section by section; life mm from general knowledge. */
const SLEEVES = {
  trunk: {
    faces: 'back',
    rows: [
      ['sacrum', 0.99, 30, 66, 44],
      ['sacrum', 0.1, 32, 96, 56],
      ['lumbar', 0.15, 34, 112, 60],
      ['lumbar', 0.6, 36, 124, 64],
      ['thoracic', 0.05, 36, 142, 68],
      ['thoracic', 0.35, 38, 160, 72],
      ['thoracic', 0.65, 46, 168, 68, -0.1],
      ['thoracic', 0.9, 52, 160, 60, -0.1],
      ['neckLower', 0.15, 52, 132, 54],
      ['neckLower', 0.7, 50, 102, 52],
      ['neckUpper', 0.2, 48, 86, 50],
      ['neckUpper', 0.7, 42, 70, 46],
      ['neckUpper', 0.99, 38, 56, 44],
    ],
  },
  head: {
    faces: 'back',
    rows: [
      ['skull', -0.06, 26, 34, 34],
      ['skull', 0.08, 42, 50, 52],
      ['skull', 0.25, 44, 56, 60],
      ['skull', 0.38, 41, 54, 53],
      ['skull', 0.5, 31, 48, 40],
      ['skull', 0.62, 24, 44, 32],
      ['skull', 0.78, 21, 40, 28, 0, 2.3, 2.1],
      ['skull', 0.9, 19, 34, 25, 0.1, 2.3, 2],
      ['skull', 0.98, 14, 24, 17, 0.2],
    ],
  },
  tail: {
    faces: 'back',
    rows: [
      ['tail1', -0.3, 30, 52, 42],
      ['tail1', 0.4, 30, 40, 34],
      ['tail2', 0, 27, 31, 28],
      ['tail2', 0.9, 21, 23, 21],
      ['tail3', 0.9, 15, 16, 15],
      ['tail4', 0.95, 7],
    ],
  },
  foreleg: {
    faces: 'front',
    rows: [
      ['scapula', 0.12, 27.7, 30.4, 18.5],
      ['scapula', 0.5, 37, 40.9, 25.1],
      ['scapula', 0.85, 43.6, 42.2, 29],
      ['humerus', 0.08, 40.9, 40.9, 30.4],
      ['humerus', 0.45, 31.7, 44.9, 29],
      ['humerus', 0.85, 26.4, 39.6, 25.1],
      ['radius', 0, 24.4, 33, 22.4],
      ['radius', 0.14, 23.1, 25.1, 21.1],
      ['radius', 0.45, 19.1, 19.8, 17.2],
      ['radius', 0.82, 15.2, 15.2, 13.9],
      ['radius', 1, 15.8, 16.5, 15.8],
      ['metacarpus', 0.3, 14.5, 15.2, 14.5],
      ['metacarpus', 0.75, 13.9, 13.9, 15.8],
      ['foreDigits', 0.05, 15.2, 15.8, 18.5],
      ['foreDigits', 0.5, 11.9, 10.6, 16.5, -0.25],
      ['foreDigits', 0.85, 5.9, 7.9, 9.9, -0.3],
    ],
  },
  'hind leg': {
    faces: 'front',
    rows: [
      ['pelvis', 0.35, 46.1, 56.2, 31.7],
      ['femur', 0.05, 60.5, 64.8, 37.4],
      ['femur', 0.35, 60.5, 73.4, 38.9],
      ['femur', 0.65, 53.3, 61.9, 35.3],
      ['femur', 0.92, 43.2, 49, 33.1],
      ['tibia', 0.1, 33.1, 43.2, 29.5],
      ['tibia', 0.3, 25.9, 38.9, 25.9],
      ['tibia', 0.6, 18.7, 27.4, 18.7],
      ['tibia', 0.85, 15.8, 23.8, 15.1],
      ['metatarsus', 0.02, 15.8, 27.4, 15.8],
      ['metatarsus', 0.25, 14.4, 17.3, 14.4],
      ['metatarsus', 0.7, 14.4, 14.4, 15.1],
      ['hindDigits', 0, 15.8, 17.3, 18.7],
      ['hindDigits', 0.5, 12.2, 11.5, 16.6, -0.25],
      ['hindDigits', 0.85, 5.8, 7.9, 10.1, -0.3],
    ],
  },
  ear: {
    faces: 'front',
    rows: [
      ['ear', 0.4, 12, 17, 19],
      ['ear', 0.58, 12, 17, 21],
      ['ear', 0.84, 12, 17, 23],
      ['ear', 1.05, 12.8, 15.9, 22.1],
      ['ear', 1.25, 8.4, 10.5, 14.6],
      ['ear', 1.4, 4.5, 5.6, 7.8],
    ],
  },
} satisfies Readonly<Record<string, SleeveRows>>;

const CURVES = {
  foreDigits: pawToes(9, 15),
  hindDigits: pawToes(8.5, 13),
  // The fifth claw, high up on the inside.
  metacarpus: [
    claw('claw of the first toe', [0.55, 3.6, [-4, 0, 15]], 12, { way: [0.55, -0.8, 0.1] }),
  ],
};

/** Whose parts are made apart, and where. */
const CLAWED = ['foreDigits', 'hindDigits', 'metacarpus'];

/** Where the head is parted into upper and lower jaw. */
const JAW = {
  hinge: 0.14,
  corner: 0.42,
  chin: ['skull', 0.88],
  lip: [0.48, 0.52, 0.58, 0.68],
} satisfies JawData;

/**
 * Thylacine, a typical adult: extinct, known from skins, skeletons and short films. All values are
 * from general knowledge (memory), to be checked against a mounted skeleton; limb bones and the
 * widths of the flesh are the least certain. Its dark bands over the rump are a pattern, and no
 * zone of their own.
 */
const TOLD = {
  id: 'thylacine',
  name: 'Thylacine',
  latin: 'Thylacinus cynocephalus',
  planId: 'four-footed-mammal',
  // Strides over the height of the hip: memory.
  gaits: [
    walk({ stridePerHip: 1.2 }),
    trot({ stridePerHip: 1.9 }),
    pace({ stridePerHip: 1.7 }),
    canter({ stridePerHip: 2.4 }),
    gallop({ stridePerHip: 3.6 }),
  ],
  lengths: {
    skull: memory(218, 190, 245),
    ear: memory(80, 68, 92),
    neckUpper: memory(78, 62, 95),
    neckLower: memory(86, 68, 105),
    thoracic: memory(345, 300, 395),
    lumbar: memory(235, 200, 275),
    sacrum: memory(62, 50, 75),
    tail1: memory(135, 110, 165),
    tail2: memory(138, 112, 168),
    tail3: memory(138, 112, 168),
    tail4: memory(130, 105, 160),
    scapula: memory(142, 120, 165),
    humerus: memory(160, 130, 180),
    radius: memory(152, 125, 175),
    metacarpus: memory(82, 66, 96),
    foreDigits: memory(44, 36, 54),
    pelvis: memory(82, 66, 96),
    femur: memory(174, 150, 195),
    tibia: memory(178, 155, 205),
    metatarsus: memory(104, 86, 122),
    hindDigits: memory(44, 36, 54),
  },
  rest: {
    ear: [-0.1, 0.8, -0.58],
    lumbar: [1, 0.12, 0],
    thoracic: [1, 0.02, 0],
    neckLower: [1, 0.34, 0],
    neckUpper: [1, 0.36, 0],
    skull: [1, -0.16, 0],
    tail1: [-1, -0.42, 0],
    tail2: [-1, -0.48, 0],
    tail3: [-1, -0.42, 0],
    tail4: [-1, -0.25, 0],
    scapula: [0.42, -0.87, -0.26],
    humerus: [-0.55, -0.83, 0],
    radius: [0.12, -0.99, 0],
    metacarpus: [0.36, -0.93, 0],
    pelvis: [-0.48, -0.62, -0.6],
    femur: [0.48, -0.87, 0],
    tibia: [-0.62, -0.78, 0],
    metatarsus: [0.34, -0.94, 0],
  },
  flesh: fleshOf(SLEEVES, CURVES),
  features: [
    feature('claws', 'Claws', 'foreDigits', 18, memory(16, 12, 20), 'claw', ['claw'], CLAWED),
    feature('canines', 'Canine teeth', 'jaw', 4, memory(22, 17, 26), 'tooth'),
  ],
  counts: [
    count('Teeth', 46, 46, 'I 4/3 · C 1/1 · P 3/3 · M 4/4, on each side'),
    count('Neck vertebrae', 7),
    count('Chest vertebrae', 13),
    count('Loin vertebrae', 6),
    count('Stripes', 13, 21, 'from behind the shoulders to the root of the tail'),
  ],
  face: face({
    eyes: [eye(['skull', 0.48, 52], [1.0, 0.75], 16, 'dark', '#2a1e16', 0.55)],
    holes: [hole(['skull', 0.9, 62], 0.03, 0.02, 20)],
    lines: [],
    pads: [nose('skull', [0.93, 1.1], [0, 112], '#2a2624'), cup(0.56, 1.34, '#a38b6b')],
  }),
  coat: [
    {
      id: 'throat',
      name: 'Throat and chin',
      bones: ['skull', ...NECK],
      facing: ['down'],
      hair: memory(10, 6, 15),
      lock: memory(1.5, 0.8, 2.5),
      lieDeg: 12,
      hex: '#d6c19a',
      sheen: 'matt',
    },
    {
      id: 'face',
      name: 'Face',
      bones: ['skull', 'ear'],
      hair: memory(6, 3, 10),
      lock: memory(0.9, 0.5, 1.5),
      lieDeg: 10,
      hex: '#a98a62',
      sheen: 'matt',
    },
    {
      id: 'back',
      name: 'Back and neck',
      bones: [...NECK, ...TRUNK],
      facing: ['up'],
      hair: memory(14, 9, 18),
      lock: memory(2, 1, 3),
      lieDeg: 12,
      hex: '#9c7a4f',
      sheen: 'matt',
    },
    {
      id: 'belly',
      name: 'Belly',
      bones: TRUNK,
      facing: ['down'],
      hair: memory(11, 7, 16),
      lock: memory(1.8, 0.9, 3),
      lieDeg: 12,
      hex: '#d2bc93',
      sheen: 'matt',
    },
    {
      id: 'flanks',
      name: 'Flanks and thighs',
      bones: [...NECK, ...TRUNK, ...UPPER_LIMBS],
      hair: memory(13, 8, 17),
      lock: memory(2, 1, 3),
      lieDeg: 12,
      hex: '#b39263',
      sheen: 'matt',
    },
    {
      id: 'legs',
      name: 'Lower legs',
      bones: LOWER_LIMBS,
      hair: memory(9, 5, 13),
      lock: memory(1.4, 0.8, 2.2),
      lieDeg: 10,
      hex: '#b09269',
      sheen: 'matt',
    },
    {
      id: 'feet',
      name: 'Feet',
      bones: FEET,
      hair: memory(5, 3, 8),
      lock: memory(0.9, 0.5, 1.4),
      lieDeg: 10,
      hex: '#a3875f',
      sheen: 'matt',
    },
    {
      id: 'tail',
      name: 'Tail',
      bones: TAIL,
      hair: memory(8, 4, 13),
      lock: memory(1.3, 0.7, 2.2),
      lieDeg: 10,
      hex: '#a98a5e',
      sheen: 'matt',
    },
  ],
  markings: [
    mark(
      'stripes',
      'Stripes of the back',
      'rings',
      [['Stripes', '#33281e']],
      [
        ['thoracic', 0.62, 0],
        ['tail1', 0.7, 74],
      ],
      {
        repeats: 16,
        bands: [
          { colour: null, mm: 28, speckle: 0 },
          { colour: 0, mm: 17, speckle: 0 },
        ],
        vary: 0.55,
        widthMm: 26,
        spreads: true,
        edge: 'soft',
        edgeMm: 5,
      },
    ),
    mark(
      'eye-ring',
      'Pale about the eye',
      'patch',
      [['Pale about the eye', '#cdb994']],
      [['skull', 0.48, 54]],
      { widthMm: 26, lengthMm: 36, edge: 'soft', edgeMm: 8 },
    ),
    mark(
      'belly-shade',
      'Paler underside',
      'field',
      [['Paler underside', '#c7b189']],
      [
        ['neckUpper', 0.3, 130],
        ['sacrum', 0.3, 180],
      ],
      { widthMm: 30, vary: 0.4, edge: 'soft', edgeMm: 40 },
    ),
  ],
  eye: memory(18, 15, 21),
  sexes: [
    { name: 'male', size: 1 },
    { name: 'female', size: 0.87 },
  ],
  ranges: {
    massKg: [12, 30],
    sizes: {
      'shoulder-height': [500, 620],
      length: [1400, 1960],
      'head-body': [950, 1300],
      tail: [450, 660],
    },
  },
  commonMistake:
    'It comes out as a striped dog: its tail grows thick and stiff out of the rump, its hind quarters stand low, and its head is long for so slight a body.',
} satisfies Animal;

export const THYLACINE: Animal = Object.freeze(withJaw(TOLD, JAW));
