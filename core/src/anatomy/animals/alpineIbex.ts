import type { Animal } from '../animal.ts';
import { FEET, LOWER_LIMBS, NECK, TAIL, TRUNK, UPPER_LIMBS } from '../plans/quadrupedParts.ts';
import { eye, face, hole, mouth } from './faces.ts';
import { memory } from './memory.ts';
import { count, feature, zone, fleshOf, type SleeveRows, curve } from './shapes.ts';

/** Its flesh, section by section; life mm from general knowledge. */
const SLEEVES = {
  trunk: {
    faces: 'back',
    rows: [
      ['sacrum', 0.99, 23, 200, 76],
      ['sacrum', 0.55, 31, 230, 100],
      ['sacrum', 0.1, 31, 240, 115],
      ['lumbar', 0.1, 28, 250, 120],
      ['lumbar', 0.35, 37, 260, 140],
      ['lumbar', 0.9, 28, 250, 120],
      ['thoracic', 0.1, 28, 290, 110],
      ['thoracic', 0.35, 37, 330, 140],
      ['thoracic', 0.65, 37, 330, 140],
      ['thoracic', 0.9, 48, 280, 120, 0.3],
      ['neckLower', 0.1, 66, 195, 120],
      ['neckLower', 0.9, 66, 150, 110],
      ['neckUpper', 0.1, 72, 140, 100],
      ['neckUpper', 0.99, 64, 95, 85],
    ],
  },
  head: {
    faces: 'back',
    rows: [
      ['skull', -0.04, 7, 33, 18],
      ['skull', 0.1, 44, 70, 52],
      ['skull', 0.25, 58, 85, 62],
      ['skull', 0.4, 58, 80, 58],
      ['skull', 0.6, 33, 66, 52],
      ['skull', 0.75, 25, 54, 40],
      ['skull', 0.9, 22, 44, 33],
    ],
  },
  tail: {
    faces: 'back',
    rows: [
      ['tail1', 0.01, 21, 28, 24],
      ['tail1', 0.9, 22, 23, 23],
      ['tail2', 0, 22],
      ['tail2', 1, 20],
      ['tail3', 1, 16],
      ['tail4', 1, 8],
    ],
  },
  foreleg: {
    faces: 'front',
    rows: [
      ['scapula', 0.02, 12, 12, 8],
      ['scapula', 0.3, 64, 64, 39],
      ['scapula', 0.6, 70, 70, 48],
      ['scapula', 0.9, 74, 100, 74],
      ['humerus', 0, 78],
      ['humerus', 1, 50],
      ['radius', 1, 30],
      ['metacarpus', 1, 27],
      ['foreDigits', 0.4, 27],
      ['foreDigits', 0.98, 27],
    ],
  },
  'hind leg': {
    faces: 'front',
    rows: [
      ['pelvis', 0.3, 80],
      ['pelvis', 1, 85],
      ['femur', 0.1, 110, 100, 90],
      ['femur', 0.35, 85, 115, 68],
      ['femur', 0.65, 78, 105, 68],
      ['femur', 0.9, 56, 68, 56],
      ['tibia', 0, 56],
      ['tibia', 1, 31],
      ['metatarsus', 1, 28],
      ['hindDigits', 0.4, 27],
      ['hindDigits', 0.98, 27],
    ],
  },
  ear: {
    faces: 'front',
    rows: [
      ['ear', 0, 3.2],
      ['ear', 0.15, 13, 13, 12],
      ['ear', 0.35, 17, 17, 15],
      ['ear', 0.5, 18, 18, 17],
      ['ear', 0.65, 17, 17, 15],
      ['ear', 0.85, 13, 13, 12],
      ['ear', 1, 3.2],
    ],
  },
} satisfies Readonly<Record<string, SleeveRows>>;

/** What stands off it along curves of its own. */
const CURVES = {
  skull: [curve('skull 1', [0.72, 16, [0, -40, 0]], [0.72, 6, [-10, -120, 0]])],
  horn: [curve('horn 1', [0, 42], [0.5, 39]), curve('horn 2', [0.5, 39, [12, 0, 0]], [1, 32])],
  hornTip: [curve('hornTip 1', [0, 32], [0.5, 22, [-4, 34, 0]], [0.96, 6, [0, -10, 0]])],
} as const;

/**
 * Alpine ibex, a grown male. All values are from general knowledge (memory), to be checked against
 * a specimen; the limb bones are the least certain.
 */
export const ALPINE_IBEX: Animal = Object.freeze({
  id: 'alpine-ibex',
  name: 'Alpine ibex',
  latin: 'Capra ibex',
  planId: 'four-footed-mammal',
  walksOn: 'tips',
  lengths: {
    skull: memory(272, 245, 300),
    ear: memory(105, 85, 125),
    horn: memory(410, 320, 500),
    hornTip: memory(410, 320, 500),
    neckUpper: memory(150, 125, 175),
    neckLower: memory(165, 140, 190),
    thoracic: memory(440, 385, 500),
    lumbar: memory(255, 220, 290),
    sacrum: memory(90, 75, 108),
    tail1: memory(33, 24, 42),
    tail2: memory(33, 24, 42),
    tail3: memory(33, 24, 42),
    tail4: memory(33, 24, 42),
    scapula: memory(225, 195, 255),
    humerus: memory(222, 190, 235),
    radius: memory(222, 195, 250),
    metacarpus: memory(138, 115, 150),
    foreDigits: memory(100, 84, 116),
    pelvis: memory(118, 98, 138),
    femur: memory(250, 210, 270),
    tibia: memory(275, 240, 305),
    metatarsus: memory(152, 130, 172),
    hindDigits: memory(100, 84, 116),
  },
  rest: {
    lumbar: [1, 0.05, 0],
    thoracic: [1, 0.04, 0],
    neckLower: [0.9, 0.6, 0],
    neckUpper: [0.72, 0.7, 0],
    skull: [1, -0.62, 0],
    ear: [-0.3, 0.25, -0.9],
    horn: [0.05, 0.97, -0.22],
    hornTip: [-0.86, 0.42, -0.26],
    tail1: [-0.9, 0.2, 0],
    tail2: [-0.9, -0.1, 0],
    tail3: [-0.7, -0.6, 0],
    tail4: [-0.5, -0.8, 0],
    scapula: [0.42, -0.88, -0.28],
    humerus: [-0.56, -0.83, 0.02],
    radius: [0.06, -1, 0],
    metacarpus: [0.05, -1, 0],
    foreDigits: [0.5, -0.86, 0],
    pelvis: [-0.42, -0.66, -0.62],
    femur: [0.46, -0.88, -0.05],
    tibia: [-0.56, -0.83, 0.03],
    metatarsus: [0.1, -1, 0],
    hindDigits: [0.5, -0.86, 0],
  },
  flesh: fleshOf(SLEEVES, CURVES),
  features: [feature('hooves', 'Hooves', 'foreDigits', 8, memory(58, 48, 68))],
  counts: [
    count('Teeth', 32, 32, 'I 0/3 · C 0/1 · P 3/3 · M 3/3, on each side'),
    count('Neck vertebrae', 7),
    count('Chest vertebrae', 13),
    count('Loin vertebrae', 6),
    count('Knots on the front of each horn', 12, 24, 'about two for a year'),
  ],
  face: face({
    eyes: [eye(['skull', 0.43, 62], [0.95, 0.72], 10, 'level', '#b7923f')],
    holes: [hole(['skull', 0.88, 66], 0.06, 0.02, 50)],
    lines: [
      mouth(
        ['skull', 0.905, 165],
        ['skull', 0.89, 138],
        ['skull', 0.82, 126],
        ['skull', 0.74, 120],
      ),
    ],
  }),
  coat: [
    zone('horns', 'Horns', ['horn', 'hornTip'], null, '#6a5d4d', { covering: 'skin' }),
    zone('ears', 'Ears', ['ear'], [14, 1.5, 15], '#8a7a66'),
    zone('beard', 'Throat and beard', ['skull', ...NECK], [45, 4, 25], '#6f604f', {
      facing: ['down'],
    }),
    zone('face', 'Face', ['skull'], [14, 1.5, 12], '#8d7c66'),
    zone('belly', 'Belly', TRUNK, [40, 4, 18], '#cfc3b0', { facing: ['down'] }),
    zone('body', 'Back and flanks', [...NECK, ...TRUNK, ...UPPER_LIMBS], [40, 4, 16], '#85735c'),
    zone('legs', 'Legs', LOWER_LIMBS, [22, 2.5, 12], '#55453a'),
    zone('feet', 'Lower legs and hooves', FEET, [15, 2, 10], '#43372f'),
    zone('tail', 'Tail', TAIL, [40, 4, 20], '#4a3c32'),
  ],
  eye: memory(34, 30, 38),
  sexes: [
    { name: 'male', size: 1 },
    { name: 'female', size: 0.8 },
  ],
  ranges: {
    massKg: [65, 117],
    sizes: {
      'shoulder-height': [850, 1010],
      length: [1400, 1880],
      'head-body': [1300, 1710],
      tail: [100, 170],
      horn: [650, 1000],
    },
  },
  commonMistake:
    'The horns are set at the sides and made round: they rise close together from the forehead, flat in front with knots, and the short strong legs carry a heavy barrel.',
} satisfies Animal);
