import type { Animal } from '../animal.ts';
import { FEET, LOWER_LIMBS, NECK, TAIL, TRUNK, UPPER_LIMBS } from '../plans/quadrupedParts.ts';
import { walk, trot, pace, canter, rotaryGallop } from '../plans/kit/mammalGaits.ts';
import { cup, eye, face, hole, nose } from './faces.ts';
import { withJaw, type JawData } from './jaw.ts';
import { mark } from './marks.ts';
import { memory } from './memory.ts';
import { claw, pawToes } from './feet.ts';
import { count, feature, fleshOf, type SleeveRows } from './shapes.ts';

/**
 * The wolf's flesh, coat and all, section by section from general knowledge of dogs and wolves: high withers
 * over a chest that is deep to the elbow and narrow, the belly drawn up to the loin, a ruff that hides the
 * throat, the point of the elbow and the heel, and flat, high feet.
 */
const SLEEVES = {
  trunk: {
    faces: 'back',
    rows: [
      ['sacrum', 0.9, 44, 62, 45],
      ['sacrum', 0.1, 52, 96, 63, 0.1],
      ['lumbar', 0.3, 56, 122, 70, 0.1],
      ['lumbar', 0.72, 58, 160, 77, 0.05],
      ['thoracic', 0.05, 60, 214, 84],
      ['thoracic', 0.35, 64, 256, 89, 0.05],
      ['thoracic', 0.62, 76, 304, 88, 0.15, 1.9, 1.75],
      ['thoracic', 0.86, 90, 290, 79, 0.15, 1.75, 1.7],
      ['neckLower', 0.1, 90, 226, 75, 0.05, 1.8, 1.8],
      ['neckLower', 0.6, 86, 156, 74],
      ['neckUpper', 0.15, 82, 122, 72],
      ['neckUpper', 0.6, 72, 104, 68],
      ['skull', 0.04, 54, 82, 68],
      ['skull', 0.14, 44, 64, 58],
    ],
  },
  head: {
    faces: 'back',
    rows: [
      ['skull', 0.04, 50, 62, 62, -0.1],
      ['skull', 0.14, 62, 76, 76, -0.15],
      ['skull', 0.26, 62, 80, 80, -0.3, 2.1, 2],
      ['skull', 0.36, 54, 74, 70, -0.3, 2.2, 2],
      ['skull', 0.45, 40, 64, 54, -0.3, 2.2, 2],
      ['skull', 0.53, 30, 61, 44, -0.2, 2.4, 2.1],
      ['skull', 0.64, 27, 57, 38, -0.1, 2.5, 2.2],
      ['skull', 0.8, 25, 51, 34, 0, 2.6, 2.2],
      ['skull', 0.92, 23, 43, 30, 0.1, 2.5, 2],
      ['skull', 0.98, 19, 32, 23, 0.2],
    ],
  },
  tail: {
    faces: 'back',
    rows: [
      ['tail1', -0.3, 40, 44, 42],
      ['tail1', 0.2, 35, 38, 34],
      ['tail2', 0, 36, 44, 35],
      ['tail2', 0.6, 40, 52, 39],
      ['tail3', 0.3, 42, 56, 41],
      ['tail4', 0.1, 38, 50, 37],
      ['tail4', 0.6, 26, 32, 25],
      ['tail4', 0.95, 10, 12, 10],
    ],
  },
  foreleg: {
    faces: 'front',
    rows: [
      ['scapula', 0.12, 42, 46, 28],
      ['scapula', 0.5, 56, 62, 38],
      ['scapula', 0.85, 66, 64, 44],
      ['humerus', 0.08, 62, 62, 46],
      ['humerus', 0.45, 48, 68, 44],
      ['humerus', 0.85, 40, 60, 38],
      ['radius', 0, 37, 50, 34],
      ['radius', 0.14, 35, 38, 32],
      ['radius', 0.45, 29, 30, 26],
      ['radius', 0.82, 23, 23, 21],
      ['radius', 1, 24, 25, 24],
      ['metacarpus', 0.3, 22, 23, 22],
      ['metacarpus', 0.75, 21, 21, 24],
      ['foreDigits', 0.05, 23, 24, 28],
      ['foreDigits', 0.5, 18, 16, 25, -0.25],
      ['foreDigits', 0.85, 9, 12, 15, -0.3],
    ],
  },
  'hind leg': {
    faces: 'front',
    rows: [
      ['pelvis', 0.35, 64, 78, 44],
      ['femur', 0.05, 84, 90, 52],
      ['femur', 0.35, 84, 102, 54],
      ['femur', 0.65, 74, 86, 49],
      ['femur', 0.92, 60, 68, 46],
      ['tibia', 0.1, 46, 60, 41],
      ['tibia', 0.3, 36, 54, 36],
      ['tibia', 0.6, 26, 38, 26],
      ['tibia', 0.85, 22, 33, 21],
      ['metatarsus', 0.02, 22, 38, 22],
      ['metatarsus', 0.25, 20, 24, 20],
      ['metatarsus', 0.7, 20, 20, 21],
      ['hindDigits', 0, 22, 24, 26],
      ['hindDigits', 0.5, 17, 16, 23, -0.25],
      ['hindDigits', 0.85, 8, 11, 14, -0.3],
    ],
  },
  ear: {
    faces: 'front',
    rows: [
      ['ear', 0.3, 16, 24, 27],
      ['ear', 0.5, 16, 24, 30],
      ['ear', 0.74, 14, 22, 30],
      ['ear', 1, 11, 17, 23],
      ['ear', 1.22, 6, 9, 12],
      ['ear', 1.38, 2.6, 3.4, 4],
    ],
  },
} as const satisfies Readonly<Record<string, SleeveRows>>;

const CURVES = {
  foreDigits: pawToes(12, 26),
  hindDigits: pawToes(11, 22),
  // The fifth claw, high up on the inside.
  metacarpus: [
    claw('claw of the first toe', [0.55, 5, [-4, 0, 23]], 18, { way: [0.55, -0.8, 0.1] }),
  ],
};

/** Whose parts are made apart, and where. */
const CLAWED = ['foreDigits', 'hindDigits', 'metacarpus'];

/** Where the head is parted into upper and lower jaw. */
const JAW = {
  hinge: 0.2,
  corner: 0.56,
  chin: ['skull', 0.92],
  lip: [0.5, 0.56, 0.62, 0.7],
} satisfies JawData;

/**
 * Grey wolf, a typical adult of middle latitudes. All values are from general knowledge (memory),
 * to be checked against a specimen; body mass, height and length ranges agree with handbook ranges,
 * the widths of the limbs are the least certain.
 */
const TOLD = {
  id: 'grey-wolf',
  name: 'Grey wolf',
  latin: 'Canis lupus',
  planId: 'four-footed-mammal',
  // Strides over the height of the hip: memory.
  gaits: [
    walk({ stridePerHip: 1.3 }),
    trot({ stridePerHip: 2.1 }),
    pace({ stridePerHip: 1.9 }),
    canter({ stridePerHip: 2.8 }),
    rotaryGallop({ stridePerHip: 4.6 }),
  ],
  lengths: {
    skull: memory(260, 230, 290),
    ear: memory(110, 95, 125),
    neckUpper: memory(110, 90, 130),
    neckLower: memory(120, 100, 145),
    thoracic: memory(370, 320, 420),
    lumbar: memory(240, 205, 275),
    sacrum: memory(55, 45, 68),
    tail1: memory(100, 75, 125),
    tail2: memory(105, 75, 130),
    tail3: memory(105, 75, 130),
    tail4: memory(100, 70, 125),
    scapula: memory(175, 150, 200),
    humerus: memory(215, 190, 245),
    radius: memory(220, 190, 255),
    metacarpus: memory(112, 95, 130),
    foreDigits: memory(62, 52, 75),
    pelvis: memory(92, 75, 110),
    femur: memory(232, 205, 265),
    tibia: memory(240, 210, 270),
    metatarsus: memory(155, 132, 178),
    hindDigits: memory(60, 50, 72),
  },
  rest: {
    ear: [-0.1, 0.86, -0.5],
    lumbar: [1, 0.05, 0],
    thoracic: [1, 0.03, 0],
    neckLower: [1, 0.42, 0],
    neckUpper: [1, 0.5, 0],
    skull: [1, -0.3, 0],
    tail1: [-0.85, -0.55, 0],
    tail2: [-0.6, -0.85, 0],
    tail3: [-0.45, -0.95, 0],
    tail4: [-0.5, -0.9, 0],
    scapula: [0.42, -0.88, -0.24],
    humerus: [-0.5, -0.86, 0],
    radius: [0.08, -1, 0],
    metacarpus: [0.24, -0.97, 0],
    pelvis: [-0.45, -0.68, -0.58],
    femur: [0.42, -0.9, 0],
    tibia: [-0.58, -0.81, 0],
    metatarsus: [0.12, -0.99, 0],
  },
  flesh: fleshOf(SLEEVES, CURVES),
  features: [
    feature('claws', 'Claws', 'foreDigits', 18, memory(28, 22, 34), 'claw', ['claw'], CLAWED),
    feature('canines', 'Canine teeth', 'jaw', 4, memory(26, 22, 30), 'tooth'),
  ],
  lie: [
    // The ruff stands off the cheek, back and down.
    {
      kind: 'guide',
      through: [
        ['skull', 0.3, 88],
        ['skull', 0.14, 104],
        ['skull', 0.02, 122],
      ],
      paired: true,
    },
  ],
  counts: [
    count('Teeth', 42, 42, 'I 3/3 · C 1/1 · P 4/4 · M 2/3, on each side'),
    count('Neck vertebrae', 7),
    count('Chest vertebrae', 13),
    count('Loin vertebrae', 7),
    count('Toes that meet the ground, each foot', 4),
  ],
  face: face({
    eyes: [eye(['skull', 0.47, 50], [0.95, 0.6], 22, 'round', '#b98a3a', 0.62)],
    holes: [hole(['skull', 0.985, 62], 0.03, 0.02, 20)],
    lines: [],
    pads: [nose('skull', [0.955, 1.1], [0, 112], '#2a2624'), cup(0.5, 1.3, '#a8937b')],
  }),
  coat: [
    {
      id: 'throat',
      name: 'Throat and chin',
      bones: ['skull', ...NECK],
      facing: ['down'],
      hair: memory(45, 25, 65),
      lock: memory(4, 2, 7),
      lieDeg: 25,
      hex: '#d8cdb6',
      sheen: 'matt',
    },
    {
      id: 'face',
      name: 'Face',
      bones: ['skull', 'ear'],
      hair: memory(14, 6, 30),
      lock: memory(1.5, 0.8, 2.5),
      lieDeg: 18,
      hex: '#a08c72',
      sheen: 'matt',
    },
    {
      id: 'back',
      name: 'Back and mane',
      bones: [...NECK, ...TRUNK],
      facing: ['up'],
      hair: memory(85, 60, 130),
      lock: memory(7, 4, 12),
      lieDeg: 22,
      hex: '#857a68',
      sheen: 'matt',
    },
    {
      id: 'belly',
      name: 'Belly',
      bones: TRUNK,
      facing: ['down'],
      hair: memory(45, 30, 60),
      lock: memory(4, 2, 7),
      lieDeg: 18,
      hex: '#cfc3ab',
      sheen: 'matt',
    },
    {
      id: 'flanks',
      name: 'Flanks and thighs',
      bones: [...NECK, ...TRUNK, ...UPPER_LIMBS],
      hair: memory(55, 40, 75),
      lock: memory(5, 3, 9),
      lieDeg: 20,
      hex: '#968a77',
      sheen: 'matt',
    },
    {
      id: 'legs',
      name: 'Lower legs',
      bones: LOWER_LIMBS,
      hair: memory(22, 14, 32),
      lock: memory(2.5, 1.2, 4),
      lieDeg: 15,
      hex: '#b39c7d',
      sheen: 'matt',
    },
    {
      id: 'feet',
      name: 'Feet',
      bones: FEET,
      hair: memory(14, 8, 22),
      lock: memory(2, 1, 3),
      lieDeg: 15,
      hex: '#a8937a',
      sheen: 'matt',
    },
    {
      id: 'tail',
      name: 'Tail',
      bones: TAIL,
      hair: memory(75, 50, 100),
      lock: memory(6, 3, 10),
      lieDeg: 25,
      hex: '#7b7061',
      sheen: 'matt',
    },
  ],
  markings: [
    mark(
      'saddle',
      'Saddle',
      'patch',
      [['Saddle', '#4b4640']],
      [
        ['neckLower', 0.2, 0],
        ['neckLower', 0.1, 44],
        ['thoracic', 0.8, 66],
        ['thoracic', 0.62, 104],
        ['thoracic', 0.42, 96],
        ['thoracic', 0.2, 66],
        ['lumbar', 0.5, 60],
        ['sacrum', 0.5, 52],
        ['tail1', 0.8, 50],
        ['tail1', 0.8, 0],
      ],
      { widthMm: 60, vary: 0.6, spreads: true, edge: 'soft', edgeMm: 56 },
    ),
    mark(
      'cheek',
      'Pale mask',
      'patch',
      [['Pale mask', '#d8cfbf']],
      [
        ['skull', 0.02, 86],
        ['skull', 0.2, 96],
        ['skull', 0.5, 104],
        ['skull', 0.78, 118],
        ['skull', 0.8, 180],
        ['skull', 0.0, 180],
      ],
      { widthMm: 20, vary: 0.4, edge: 'soft', edgeMm: 14 },
    ),
    mark('brow', 'Pale brow', 'patch', [['Pale brow', '#cfc4b0']], [['skull', 0.42, 34]], {
      widthMm: 14,
      lengthMm: 30,
      vary: 0.3,
      edge: 'soft',
      edgeMm: 6,
    }),
    mark(
      'muzzle',
      'Dark line of the muzzle',
      'stripes',
      [['Line of the muzzle', '#5c5148']],
      [
        ['skull', 0.5, 0],
        ['skull', 0.92, 0],
      ],
      { repeats: 1, widthMm: 24, vary: 0.3, edge: 'soft', edgeMm: 12 },
    ),
    mark(
      'tail-tip',
      'Tail tip',
      'field',
      [['Tail tip', '#2c2824']],
      [
        ['tail4', 0.35, 0],
        ['tail4', 1.4, 180],
      ],
      { widthMm: 30, vary: 0.6, edge: 'soft', edgeMm: 30 },
    ),
    mark(
      'tail-gland',
      'Dark spot of the tail',
      'patch',
      [['Spot of the tail', '#37322d']],
      [['tail1', 0.9, 0]],
      { widthMm: 30, lengthMm: 60, vary: 0.4, edge: 'soft', edgeMm: 15 },
    ),
    mark(
      'forearm-line',
      'Line of the foreleg',
      'field',
      [['Line of the foreleg', '#4d463f']],
      [
        ['radius.L', 0.3, -16],
        ['metacarpus.L', 0.4, 16],
      ],
      { widthMm: 10, vary: 0.4, edge: 'soft', edgeMm: 8 },
    ),
  ],
  eye: memory(23, 20, 26),
  sexes: [
    { name: 'male', size: 1 },
    { name: 'female', size: 0.93 },
  ],
  ranges: {
    massKg: [25, 55],
    sizes: {
      'shoulder-height': [650, 850],
      length: [1300, 2000],
      'head-body': [1000, 1500],
      tail: [300, 500],
    },
  },
  commonMistake:
    'The chest comes out round and the legs too far apart: a wolf is deep and narrow, stands high on its toes, and its elbows lie close in.',
} satisfies Animal;

export const GREY_WOLF: Animal = Object.freeze(withJaw(TOLD, JAW));
