import type { Vec3 } from '../../geometry/vec3.ts';
import type { Animal } from '../animal.ts';
import {
  FEET,
  LOWER_LIMBS,
  NECK,
  TAIL,
  TRUNK,
  UPPER_LIMBS,
  HORN as HORNS,
} from '../plans/quadrupedParts.ts';
import { walk, trot, pace, canter, gallop } from '../plans/kit/mammalGaits.ts';
import { cup, eye, face, hole, wholly } from './faces.ts';
import { withJaw, type JawData } from './jaw.ts';
import { mark } from './marks.ts';
import { memory } from './memory.ts';
import { clovenHoof } from './feet.ts';
import { apart, count, curve, feature, zone, fleshOf, type SleeveRows } from './shapes.ts';

/** Its flesh, section by section; life mm from general knowledge. */
const SLEEVES = {
  trunk: {
    faces: 'back',
    rows: [
      ['sacrum', 0.99, 23, 180, 76],
      ['sacrum', 0.55, 33, 225, 100],
      ['sacrum', 0.1, 33, 246, 115],
      ['lumbar', 0.1, 30, 270, 126],
      ['lumbar', 0.35, 34, 300, 142],
      ['lumbar', 0.9, 32, 330, 146],
      ['thoracic', 0.1, 32, 350, 148],
      ['thoracic', 0.35, 38, 376, 152],
      ['thoracic', 0.65, 46, 392, 144, -0.05],
      ['thoracic', 0.9, 62, 380, 124, 0, 1.9, 2],
      ['neckLower', 0.12, 76, 290, 118],
      ['neckLower', 0.5, 72, 222, 112],
      ['neckLower', 0.9, 70, 178, 106],
      ['neckUpper', 0.3, 70, 150, 98],
      ['neckUpper', 0.7, 64, 122, 88],
      ['neckUpper', 0.99, 56, 96, 78],
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
      ['scapula', 0.12, 47, 52, 31],
      ['scapula', 0.5, 67, 73, 41],
      ['scapula', 0.85, 79, 77, 50],
      ['humerus', 0.08, 72, 74, 53],
      ['humerus', 0.45, 55, 79, 50],
      ['humerus', 0.85, 43, 69, 41],
      ['radius', 0, 40, 57, 36],
      ['radius', 0.14, 36, 41, 33],
      ['radius', 0.45, 28, 29, 25],
      ['radius', 0.82, 22, 22, 21],
      ['radius', 1, 25, 26, 24],
      ['metacarpus', 0.08, 24, 25, 23],
      ['metacarpus', 0.3, 17, 20, 16],
      ['metacarpus', 0.7, 16, 19, 16],
      ['metacarpus', 0.96, 22, 23, 22],
      ['foreDigits', 0.2, 20, 22, 21],
      ['foreDigits', 0.5, 17, 19, 19],
      ['foreDigits', 0.98, 27],
    ],
  },
  'hind leg': {
    faces: 'front',
    rows: [
      ['pelvis', 0.35, 76, 90, 53],
      ['femur', 0.05, 99, 105, 65],
      ['femur', 0.35, 99, 120, 69],
      ['femur', 0.65, 86, 101, 62],
      ['femur', 0.92, 71, 79, 55],
      ['tibia', 0.1, 53, 69, 48],
      ['tibia', 0.3, 41, 60, 41],
      ['tibia', 0.6, 29, 43, 29],
      ['tibia', 0.85, 23, 36, 23],
      ['metatarsus', 0.02, 25, 45, 24],
      ['metatarsus', 0.2, 21, 28, 20],
      ['metatarsus', 0.6, 17, 22, 17],
      ['metatarsus', 0.96, 22, 24, 22],
      ['hindDigits', 0.2, 21, 22, 22],
      ['hindDigits', 0.5, 18, 19, 19],
      ['hindDigits', 0.98, 27],
    ],
  },
  horn: {
    faces: 'front',
    rows: [
      ['horn', -0.1, 44, 46, 38, 0.3, 3, 2],
      ['horn', 0.15, 44, 44, 38, 0.3, 3, 2],
      ['horn', 0.8, 42, 38, 35, 0.3, 3, 2],
      ['hornTip', 0.5, 38, 33, 31, 0.3, 3, 2],
      ['horn3', 0.4, 30, 27, 25, 0.3, 3, 2],
      ['horn4', 0.2, 22, 20, 18, 0.2, 2.6, 2],
      ['horn4', 0.7, 15, 14, 13],
      ['horn4', 0.96, 8],
    ],
  },
  ear: {
    faces: 'front',
    rows: [
      ['ear', 0.25, 7.7, 9.6, 12.1],
      ['ear', 0.4, 11.2, 14, 17.6],
      ['ear', 0.65, 14, 17.5, 22],
      ['ear', 0.9, 12.6, 15.8, 19.8],
      ['ear', 1.1, 8.4, 10.5, 13.2],
      ['ear', 1.25, 4.2, 5.2, 6.6],
    ],
  },
} satisfies Readonly<Record<string, SleeveRows>>;

const HORN = '#7b6c59';

/** Knots across the front of a stretch of a horn that goes this way, from the first to the last; life mm. */
const knots = (
  many: number,
  [from, to]: readonly [number, number],
  [x, y]: readonly [ahead: number, up: number],
  [first, last]: readonly [number, number],
) =>
  Array.from({ length: many }, (_, i) => {
    const t = i / Math.max(1, many - 1);
    const [at, radius] = [from + t * (to - from), first + t * (last - first)];
    const size = 0.24 * radius;
    const on = (out: number, wide: number): Vec3 => [y * out * radius, -x * out * radius, wide];
    return apart(
      `knot ${i + 1}`,
      HORN_DARK,
      [at, 0.7 * size, on(0.88, -0.62 * radius)],
      [at, size, on(1, 0)],
      [at, 0.7 * size, on(0.88, 0.62 * radius)],
    );
  });
const HORN_DARK = '#665846';

/** What stands off it along curves of its own. */
const CURVES = {
  foreDigits: clovenHoof(66, 27, 22),
  hindDigits: clovenHoof(64, 27, 21),
  skull: [
    curve('beard', [0.7, 20, [0, -52, 0]], [0.72, 20, [-6, -92, 0]], [0.74, 6, [-22, -170, 0]]),
  ],
  horn: knots(4, [0.22, 0.9], [0.24, 0.95], [46, 42]),
  hornTip: knots(4, [0.14, 0.86], [-0.34, 0.92], [42, 36]),
  horn3: knots(3, [0.16, 0.8], [-0.82, 0.54], [34, 27]),
  horn4: knots(2, [0.1, 0.45], [-0.98, 0.06], [25, 18]),
} as const;

/** Where the head is parted into upper and lower jaw. */
const JAW = {
  hinge: 0.24,
  corner: 0.74,
  chin: ['skull', 0.9],
  lip: [0.62, 0.66, 0.7],
  carries: ['beard'],
} satisfies JawData;

/**
 * Alpine ibex, a grown male. All values are from general knowledge (memory), to be checked against
 * a specimen; the limb bones are the least certain.
 */
const TOLD = {
  id: 'alpine-ibex',
  name: 'Alpine ibex',
  latin: 'Capra ibex',
  planId: 'four-footed-mammal',
  // Strides over the height of the hip: memory.
  gaits: [
    walk({ stridePerHip: 1.2 }),
    trot({ stridePerHip: 1.9 }),
    pace({ stridePerHip: 1.7 }),
    canter({ stridePerHip: 2.4 }),
    gallop({ stridePerHip: 3.7 }),
  ],
  walksOn: 'tips',
  lengths: {
    skull: memory(272, 245, 300),
    ear: memory(105, 85, 125),
    horn: memory(220, 170, 270),
    hornTip: memory(210, 160, 260),
    horn3: memory(205, 160, 250),
    horn4: memory(185, 140, 230),
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
    metacarpus: memory(168, 142, 182),
    foreDigits: memory(100, 84, 116),
    pelvis: memory(118, 98, 138),
    femur: memory(250, 210, 270),
    tibia: memory(275, 240, 305),
    metatarsus: memory(200, 172, 224),
    hindDigits: memory(100, 84, 116),
  },
  shortBones: { carpus: memory(30, 25, 34), tarsus: memory(48, 41, 54) },
  rest: {
    lumbar: [1, 0.05, 0],
    thoracic: [1, 0.04, 0],
    neckLower: [0.9, 0.6, 0],
    neckUpper: [0.72, 0.7, 0],
    skull: [1, -0.62, 0],
    ear: [-0.3, 0.25, -0.9],
    horn: [0.24, 0.95, -0.2],
    hornTip: [-0.34, 0.92, -0.24],
    horn3: [-0.82, 0.54, -0.24],
    horn4: [-0.98, 0.06, -0.2],
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
  features: [
    feature('horns', 'Horns', 'horn', 2, memory(830, 600, 1000), 'grown horn'),
    feature('hooves', 'Hooves', 'foreDigits', 8, memory(66, 56, 76), 'hoof', ['hoof'], FEET),
    feature('dewclaws', 'Dewclaws', 'metacarpus', 8, memory(22, 16, 28), 'claw', ['dewclaw'], FEET),
  ],
  counts: [
    count('Teeth', 32, 32, 'I 0/3 · C 0/1 · P 3/3 · M 3/3, on each side'),
    count('Neck vertebrae', 7),
    count('Chest vertebrae', 13),
    count('Loin vertebrae', 6),
    count('Knots on the front of each horn', 12, 24, 'about two for a year'),
  ],
  face: face({
    eyes: [eye(['skull', 0.43, 62], [0.95, 0.72], 10, 'level', '#b7923f', 0.2)],
    holes: [hole(['skull', 0.88, 66], 0.06, 0.02, 50)],
    lines: [],
    pads: [cup(0.4, 1.2, '#a89a80'), ...HORNS.map((bone) => wholly(bone, HORN))],
  }),
  coat: [
    zone('horns', 'Horns', HORNS, null, '#6a5d4d', { covering: 'skin' }),
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
  markings: [
    mark(
      'eel-stripe',
      'Stripe of the back',
      'stripes',
      [['Stripe of the back', '#4f4034']],
      [
        ['neckLower', 0.5, 0],
        ['tail1', 0.5, 0],
      ],
      { repeats: 1, widthMm: 40, edge: 'soft', edgeMm: 20 },
    ),
    mark(
      'flank-stripe',
      'Stripe above the belly',
      'stripes',
      [['Stripe above the belly', '#54463a']],
      [
        ['thoracic', 0.7, 118],
        ['lumbar', 0.1, 118],
      ],
      { repeats: 1, widthMm: 50, edge: 'soft', edgeMm: 25 },
    ),
    mark(
      'shins',
      'Dark shins',
      'field',
      [['Dark shins', '#3a2f28']],
      [
        ['radius.L', 0.2, -55],
        ['metacarpus.L', 0.9, 55],
      ],
      { widthMm: 20, edge: 'soft', edgeMm: 10 },
    ),
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
} satisfies Animal;

export const ALPINE_IBEX: Animal = Object.freeze(withJaw(TOLD, JAW));
