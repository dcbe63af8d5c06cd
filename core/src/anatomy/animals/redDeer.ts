import type { Animal } from '../animal.ts';
import { FEET, LOWER_LIMBS, NECK, TAIL, TRUNK, UPPER_LIMBS } from '../plans/quadrupedParts.ts';
import { walk, trot, pace, canter, gallop } from '../plans/kit/mammalGaits.ts';
import { cup, eye, face, hole, nose, wholly } from './faces.ts';
import { withJaw, type JawData } from './jaw.ts';
import { mark } from './marks.ts';
import { memory } from './memory.ts';
import { clovenHoof } from './feet.ts';
import { apart, count, feature, zone, fleshOf, type CurveRow, type SleeveRows } from './shapes.ts';

/** Its flesh, section by section; life mm from general knowledge. */
const SLEEVES = {
  trunk: {
    faces: 'back',
    rows: [
      ['sacrum', 0.99, 25, 170, 92],
      ['sacrum', 0.55, 36, 220, 105],
      ['sacrum', 0.1, 36, 262, 118],
      ['lumbar', 0.1, 34, 300, 125],
      ['lumbar', 0.35, 34, 330, 136],
      ['lumbar', 0.9, 36, 380, 142],
      ['thoracic', 0.1, 40, 420, 148],
      ['thoracic', 0.35, 48, 452, 158, -0.05],
      ['thoracic', 0.65, 60, 476, 152, 0.1, 1.9, 1.8],
      ['thoracic', 0.9, 80, 448, 130, 0.1, 1.8, 1.75],
      ['neckLower', 0.12, 88, 370, 120, 0, 1.9, 2],
      ['neckLower', 0.5, 82, 290, 116],
      ['neckLower', 0.9, 78, 238, 112],
      ['neckUpper', 0.3, 76, 205, 108],
      ['neckUpper', 0.7, 70, 165, 98],
      ['neckUpper', 0.99, 62, 118, 86],
    ],
  },
  head: {
    faces: 'back',
    rows: [
      ['skull', -0.05, 4.5, 37, 18],
      ['skull', 0.1, 60, 90, 70],
      ['skull', 0.25, 74, 105, 85],
      ['skull', 0.4, 70, 100, 74],
      ['skull', 0.6, 42, 85, 66],
      ['skull', 0.92, 28, 56, 42],
    ],
  },
  tail: {
    faces: 'back',
    rows: [
      ['tail1', 0.01, 29, 38, 34],
      ['tail1', 0.9, 33, 34, 33],
      ['tail2', 0, 32],
      ['tail2', 1, 30],
      ['tail3', 1, 24],
      ['tail4', 1, 12],
    ],
  },
  foreleg: {
    faces: 'front',
    rows: [
      ['scapula', 0.12, 55, 60, 36],
      ['scapula', 0.5, 78, 85, 48],
      ['scapula', 0.85, 92, 90, 58],
      ['humerus', 0.08, 84, 86, 62],
      ['humerus', 0.45, 64, 92, 58],
      ['humerus', 0.85, 50, 80, 48],
      ['radius', 0, 46, 66, 42],
      ['radius', 0.14, 42, 48, 38],
      ['radius', 0.45, 32, 34, 29],
      ['radius', 0.82, 26, 26, 24],
      ['radius', 1, 29, 30, 28],
      ['metacarpus', 0.08, 28, 29, 27],
      ['metacarpus', 0.3, 20, 23, 19],
      ['metacarpus', 0.7, 19, 22, 19],
      ['metacarpus', 0.96, 25, 27, 25],
      ['foreDigits', 0.2, 23, 25, 24],
      ['foreDigits', 0.5, 20, 22, 22],
      ['foreDigits', 0.98, 25],
    ],
  },
  'hind leg': {
    faces: 'front',
    rows: [
      ['pelvis', 0.35, 88, 105, 62],
      ['femur', 0.05, 115, 122, 76],
      ['femur', 0.35, 115, 140, 80],
      ['femur', 0.65, 100, 118, 72],
      ['femur', 0.92, 82, 92, 64],
      ['tibia', 0.1, 62, 80, 56],
      ['tibia', 0.3, 48, 70, 48],
      ['tibia', 0.6, 34, 50, 34],
      ['tibia', 0.85, 27, 42, 27],
      ['metatarsus', 0.02, 29, 52, 28],
      ['metatarsus', 0.2, 24, 32, 23],
      ['metatarsus', 0.6, 20, 25, 20],
      ['metatarsus', 0.96, 26, 28, 26],
      ['hindDigits', 0.2, 24, 26, 25],
      ['hindDigits', 0.5, 21, 22, 22],
      ['hindDigits', 0.98, 25],
    ],
  },
  antler: {
    faces: 'front',
    rows: [
      ['horn', -0.04, 30],
      ['horn', 0.02, 24],
      ['horn', 0.5, 17],
      ['horn', 0.8, 19],
      ['horn', 1, 23],
      ['hornTip', 0.2, 19],
      ['hornTip', 0.45, 15],
      ['hornTip', 0.7, 12],
      ['hornTip', 0.97, 6],
    ],
  },
  ear: {
    faces: 'front',
    rows: [
      ['ear', 0.3, 14.3, 17.9, 22],
      ['ear', 0.45, 20.8, 26, 32],
      ['ear', 0.71, 26, 32.5, 40],
      ['ear', 0.96, 23.4, 29.3, 36],
      ['ear', 1.17, 15.6, 19.5, 24],
      ['ear', 1.32, 7.8, 9.8, 12],
    ],
  },
} satisfies Readonly<Record<string, SleeveRows>>;

/** Its colour. */
const ANTLER = '#8d765b';

/** A point of an antler that branches off its beam. */
const tine = (name: string, ...rows: readonly CurveRow[]) => apart(name, ANTLER, ...rows);

/** What stands off it along curves of its own. */
const CURVES = {
  foreDigits: clovenHoof(80, 25, 26),
  hindDigits: clovenHoof(78, 25, 24),
  horn: [
    tine(
      'brow',
      [0.06, 15],
      [0.08, 12, [70, 10, -20]],
      [0.1, 9, [150, 45, -34]],
      [0.1, 3, [200, 130, -40]],
    ),
    tine(
      'bay',
      [0.2, 13],
      [0.22, 10, [70, 20, -40]],
      [0.22, 7, [130, 60, -62]],
      [0.22, 3, [165, 120, -70]],
    ),
    tine(
      'tray',
      [0.72, 13],
      [0.74, 11, [60, 20, -30]],
      [0.74, 8, [120, 60, -46]],
      [0.74, 3, [150, 130, -50]],
    ),
  ],
  hornTip: [
    tine(
      'crown 1',
      [0.5, 11],
      [0.56, 9, [60, 20, -10]],
      [0.6, 6, [100, 70, -14]],
      [0.6, 2.5, [116, 130, -14]],
    ),
    tine(
      'crown 2',
      [0.55, 11],
      [0.62, 9, [-50, 40, 20]],
      [0.66, 6, [-84, 90, 34]],
      [0.66, 2.5, [-96, 150, 40]],
    ),
  ],
} as const;

/** Whose parts are made apart, and where. */
const TINES = ['brow', 'bay', 'tray', 'crown'];

/** Where the head is parted into upper and lower jaw. */
const JAW = {
  hinge: 0.24,
  corner: 0.74,
  chin: ['skull', 0.92],
  lip: [0.62, 0.66, 0.7],
} satisfies JawData;

/**
 * Red deer, a stag of western Europe in autumn. All values are from general knowledge (memory), to
 * be checked against a specimen; limb bones and heights agree with handbook ranges.
 */
const TOLD = {
  id: 'red-deer',
  name: 'Red deer',
  latin: 'Cervus elaphus',
  planId: 'four-footed-mammal',
  // Strides over the height of the hip: memory.
  gaits: [
    walk({ stridePerHip: 1.3 }),
    trot({ stridePerHip: 2.1 }),
    pace({ stridePerHip: 1.9 }),
    canter({ stridePerHip: 2.8 }),
    gallop({ stridePerHip: 4.3 }),
  ],
  walksOn: 'tips',
  lengths: {
    skull: memory(410, 370, 450),
    ear: memory(190, 160, 215),
    horn: memory(430, 300, 550),
    hornTip: memory(430, 300, 550),
    neckUpper: memory(230, 195, 265),
    neckLower: memory(250, 210, 290),
    thoracic: memory(560, 490, 630),
    lumbar: memory(300, 255, 345),
    sacrum: memory(110, 90, 130),
    tail1: memory(40, 28, 50),
    tail2: memory(40, 28, 50),
    tail3: memory(40, 28, 50),
    tail4: memory(40, 28, 50),
    scapula: memory(300, 260, 340),
    humerus: memory(260, 230, 290),
    radius: memory(275, 240, 310),
    metacarpus: memory(300, 265, 335),
    foreDigits: memory(130, 110, 150),
    pelvis: memory(140, 115, 165),
    femur: memory(295, 260, 330),
    tibia: memory(345, 310, 380),
    metatarsus: memory(345, 305, 378),
    hindDigits: memory(132, 112, 152),
  },
  shortBones: { carpus: memory(40, 34, 46), tarsus: memory(47, 40, 54) },
  rest: {
    lumbar: [1, 0.05, 0],
    thoracic: [1, 0.08, 0],
    neckLower: [0.75, 0.75, 0],
    neckUpper: [0.6, 0.85, 0],
    skull: [1, -0.5, 0],
    ear: [-0.35, 0.6, -0.75],
    horn: [-0.62, 0.72, -0.36],
    hornTip: [0.18, 0.98, -0.12],
    tail1: [-0.7, -0.7, 0],
    tail2: [-0.25, -1, 0],
    tail3: [-0.1, -1, 0],
    tail4: [-0.05, -1, 0],
    scapula: [0.4, -0.88, -0.26],
    humerus: [-0.58, -0.82, 0.04],
    radius: [0.05, -1, 0.02],
    metacarpus: [0.04, -1, 0],
    foreDigits: [0.48, -0.88, 0],
    pelvis: [-0.4, -0.68, -0.6],
    femur: [0.5, -0.86, -0.04],
    tibia: [-0.58, -0.82, 0.04],
    metatarsus: [0.06, -1, 0],
    hindDigits: [0.48, -0.88, 0],
  },
  flesh: fleshOf(SLEEVES, CURVES),
  features: [
    feature('antlers', 'Antlers', 'horn', 2, memory(900, 700, 1100), 'grown horn'),
    feature('tines', 'Tines of the antlers', 'horn', 10, memory(260, 150, 350), 'horn', TINES, [
      'horn',
      'hornTip',
    ]),
    feature('hooves', 'Hooves', 'foreDigits', 8, memory(80, 70, 92), 'hoof', ['hoof'], FEET),
    feature('dewclaws', 'Dewclaws', 'metacarpus', 8, memory(25, 18, 32), 'claw', ['dewclaw'], FEET),
  ],
  lie: [
    // Hair stands off a point between the eyes.
    { kind: 'whorl', through: [['skull', 0.45, 0]], paired: false, turnDeg: 0, radiusMm: 28 },
  ],
  counts: [
    count('Teeth', 34, 34, 'I 0/3 · C 1/1 · P 3/3 · M 3/3, on each side'),
    count('Neck vertebrae', 7),
    count('Chest vertebrae', 13),
    count('Loin vertebrae', 6),
    count('Toes that meet the ground, each foot', 2),
    count('Points on both antlers', 6, 16, 'by age and feeding'),
  ],
  face: face({
    eyes: [eye(['skull', 0.43, 62], [0.95, 0.72], 12, 'dark', '#2a1c12', 0.2)],
    holes: [hole(['skull', 0.905, 66], 0.06, 0.022, 50)],
    lines: [],
    pads: [
      nose('skull', [0.915, 1.1], [0, 100], '#332c27'),
      cup(0.42, 1.24, '#b9a78c'),
      ...['horn', 'hornTip'].map((bone) => wholly(bone, ANTLER)),
    ],
  }),
  coat: [
    zone('antlers', 'Antlers', ['horn', 'hornTip'], null, '#6b4f35', { covering: 'skin' }),
    zone('ears', 'Ears', ['ear'], [14, 1.5, 15], '#8f7357'),
    zone('throat', 'Throat and mane', ['skull', ...NECK], [75, 6, 25], '#7c6549', {
      facing: ['down'],
    }),
    zone('face', 'Face', ['skull'], [12, 1.5, 12], '#8d7355'),
    zone('mane', 'Mane', NECK, [90, 7, 28], '#6d5640'),
    zone('rump', 'Rump patch', ['sacrum', ...TAIL], [38, 4, 15], '#d2b98f'),
    zone('belly', 'Belly', TRUNK, [45, 4, 18], '#a89274', { facing: ['down'] }),
    zone('body', 'Back and flanks', [...TRUNK, ...UPPER_LIMBS], [42, 4, 15], '#87603f'),
    zone('legs', 'Legs', LOWER_LIMBS, [22, 2.5, 12], '#7d5d42'),
    zone('feet', 'Lower legs and hooves', FEET, [16, 2, 10], '#5f4a38'),
  ],
  markings: [
    mark(
      'eel-stripe',
      'Stripe of the back',
      'stripes',
      [['Stripe of the back', '#57402d']],
      [
        ['neckUpper', 0.4, 0],
        ['lumbar', 0.1, 0],
      ],
      { repeats: 1, widthMm: 44, vary: 0.3, edge: 'soft', edgeMm: 24 },
    ),
    mark(
      'muzzle',
      'Dark muzzle',
      'field',
      [['Dark muzzle', '#5e4a39']],
      [
        ['skull', 0.72, 0],
        ['skull', 0.94, 70],
      ],
      { widthMm: 20, vary: 0.4, edge: 'soft', edgeMm: 20 },
    ),
    mark(
      'chin',
      'Pale chin',
      'field',
      [['Pale chin', '#d8c8ad']],
      [
        ['skull', 0.7, 130],
        ['skull', 0.98, 180],
      ],
      { widthMm: 16, vary: 0.3, edge: 'soft', edgeMm: 12 },
    ),
  ],
  eye: memory(34, 30, 38),
  sexes: [
    { name: 'stag', size: 1 },
    { name: 'hind', size: 0.84 },
  ],
  ranges: {
    massKg: [100, 250],
    sizes: {
      'shoulder-height': [1000, 1300],
      length: [1700, 2350],
      'head-body': [1600, 2150],
      tail: [120, 200],
      horn: [600, 1150],
    },
  },
  commonMistake:
    'The legs are made of one thickness: below the wrist and the ankle they are bone and tendon only, and the ankle of the hind leg sits almost half-way up.',
} satisfies Animal;

export const RED_DEER: Animal = Object.freeze(withJaw(TOLD, JAW));
