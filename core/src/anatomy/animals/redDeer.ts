import type { Animal } from '../animal.ts';
import { FEET, LOWER_LIMBS, NECK, TAIL, TRUNK, UPPER_LIMBS } from '../plans/quadrupedParts.ts';
import { eye, face, hole, mouth, nose } from './faces.ts';
import { memory } from './memory.ts';
import { count, feature, zone, fleshOf, type SleeveRows, curve } from './shapes.ts';

/** Its flesh, section by section; life mm from general knowledge. */
const SLEEVES = {
  trunk: {
    faces: 'back',
    rows: [
      ['sacrum', 0.99, 25, 200, 100],
      ['sacrum', 0.55, 33, 240, 105],
      ['sacrum', 0.1, 33, 260, 115],
      ['lumbar', 0.1, 34, 270, 125],
      ['lumbar', 0.35, 34, 290, 135],
      ['lumbar', 0.9, 34, 280, 125],
      ['thoracic', 0.1, 34, 340, 115],
      ['thoracic', 0.35, 46, 390, 160],
      ['thoracic', 0.65, 46, 390, 160],
      ['thoracic', 0.9, 58, 340, 145],
      ['neckLower', 0.1, 80, 240, 145],
      ['neckLower', 0.9, 68, 180, 125],
      ['neckUpper', 0.1, 72, 165, 120],
      ['neckUpper', 0.99, 64, 120, 95],
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
      ['scapula', 0.04, 14, 14, 9],
      ['scapula', 0.3, 74, 74, 46],
      ['scapula', 0.6, 85, 85, 52],
      ['scapula', 0.9, 90, 115, 90],
      ['humerus', 0, 90],
      ['humerus', 1, 58],
      ['radius', 1, 30],
      ['metacarpus', 1, 24],
      ['foreDigits', 0.4, 25],
      ['foreDigits', 0.98, 25],
    ],
  },
  'hind leg': {
    faces: 'front',
    rows: [
      ['pelvis', 0.3, 95],
      ['pelvis', 1, 105],
      ['femur', 0.1, 145, 130, 110],
      ['femur', 0.35, 105, 145, 76],
      ['femur', 0.65, 95, 130, 80],
      ['femur', 0.9, 68, 85, 68],
      ['tibia', 0, 68],
      ['tibia', 1, 32],
      ['metatarsus', 1, 26],
      ['hindDigits', 0.4, 26],
      ['hindDigits', 0.98, 25],
    ],
  },
  ear: {
    faces: 'front',
    rows: [
      ['ear', -0.01, 4, 4, 8],
      ['ear', 0.15, 16, 16, 28],
      ['ear', 0.35, 20, 20, 36],
      ['ear', 0.5, 22, 22, 38],
      ['ear', 0.65, 20, 20, 36],
      ['ear', 0.85, 16, 16, 28],
      ['ear', 1.01, 4, 4, 8],
    ],
  },
} satisfies Readonly<Record<string, SleeveRows>>;

/** What stands off it along curves of its own. */
const CURVES = {
  horn: [
    curve('horn 1', [0, 26, [-40, 20, 0]], [1, 17, [-40, 20, 0]]),
    curve('horn 2', [0.08, 14, [-40, 20, 0]], [0.08, 5, [150, 120, -70]]),
    curve('horn 3', [0.5, 13, [-55, 0, 0]], [0.5, 5, [130, 130, -60]]),
  ],
  hornTip: [
    curve('hornTip 1', [0, 17, [-40, 20, 0]], [0.96, 5, [-10, 0, 0]]),
    curve('hornTip 2', [0.45, 12, [-25, 10, 0]], [0.45, 4, [120, 120, -40]]),
    curve('hornTip 3', [0.6, 10, [-15, 10, 0]], [0.6, 4, [-80, 190, 60]]),
  ],
} as const;

/**
 * Red deer, a stag of western Europe in autumn. All values are from general knowledge (memory), to
 * be checked against a specimen; limb bones and heights agree with handbook ranges.
 */
export const RED_DEER: Animal = Object.freeze({
  id: 'red-deer',
  name: 'Red deer',
  latin: 'Cervus elaphus',
  planId: 'four-footed-mammal',
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
    metacarpus: memory(260, 230, 290),
    foreDigits: memory(130, 110, 150),
    pelvis: memory(140, 115, 165),
    femur: memory(295, 260, 330),
    tibia: memory(345, 310, 380),
    metatarsus: memory(298, 265, 325),
    hindDigits: memory(132, 112, 152),
  },
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
    feature('hooves', 'Hooves', 'foreDigits', 8, memory(62, 52, 72)),
    feature('dewclaws', 'Dewclaws', 'metacarpus', 8, memory(25, 18, 32)),
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
    eyes: [eye(['skull', 0.43, 62], [0.95, 0.72], 12, 'dark', '#2a1c12')],
    holes: [hole(['skull', 0.905, 66], 0.06, 0.022, 50)],
    lines: [
      mouth(
        ['skull', 0.925, 165],
        ['skull', 0.91, 138],
        ['skull', 0.84, 126],
        ['skull', 0.76, 120],
      ),
    ],
    pads: [nose('skull', [0.915, 1.1], [0, 100], '#332c27')],
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
} satisfies Animal);
