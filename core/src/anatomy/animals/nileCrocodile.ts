import type { Animal } from '../animal.ts';
import { SPRAWLER } from '../plans/sprawlingReptile.ts';
import { eye, face, hole } from './faces.ts';
import { withJaw, type JawData } from './jaw.ts';
import { mark } from './marks.ts';
import { memory } from './memory.ts';
import { clawedToes } from './feet.ts';
import { scutes, teeth } from './rows.ts';
import { apart, count, curve, feature, zone, fleshOf, type SleeveRows } from './shapes.ts';

/** Its flesh, section by section; life mm from general knowledge. */
const SLEEVES = {
  trunk: {
    faces: 'back',
    rows: [
      ['sacrum', 0.99, 34, 200, 145],
      ['sacrum', 0.4, 46, 210, 155],
      ['sacrum', 0.1, 34, 240, 180],
      ['dorsalRear', 0.1, 34, 250, 200],
      ['dorsalRear', 0.35, 46, 270, 220],
      ['dorsalRear', 0.65, 46, 270, 220],
      ['dorsalRear', 0.9, 34, 250, 200],
      ['dorsalFront', 0.1, 34, 260, 200],
      ['dorsalFront', 0.35, 46, 270, 210],
      ['dorsalFront', 0.65, 46, 260, 210],
      ['dorsalFront', 0.9, 80, 250, 190],
      ['neck', 0.1, 85, 260, 175],
      ['neck', 0.99, 85, 165, 120],
    ],
  },
  head: {
    faces: 'back',
    rows: [
      ['skull', -0.01, 40, 60, 80],
      ['skull', 0.12, 66, 80, 118],
      ['skull', 0.28, 60, 82, 112],
      ['skull', 0.4, 46, 74, 92],
      ['skull', 0.52, 38, 64, 66],
      ['skull', 0.66, 34, 58, 56],
      ['skull', 0.8, 32, 56, 52],
      ['skull', 0.9, 32, 52, 54],
      ['skull', 0.98, 26, 40, 42],
    ],
  },
  tail: {
    faces: 'back',
    rows: [
      ['tail1', -0.19, 6, 100, 54],
      ['tail1', 0.15, 60, 160, 105],
      ['tail1', 0.55, 66, 165, 110],
      ['tail1', 0.9, 42, 135, 85],
      ['tail2', 0.1, 66, 105, 72],
      ['tail2', 0.35, 78, 120, 78],
      ['tail2', 0.65, 72, 110, 78],
      ['tail2', 0.9, 54, 90, 60],
      ['tail3', 0.1, 64, 64, 44],
      ['tail3', 0.35, 72, 72, 48],
      ['tail3', 0.65, 68, 68, 44],
      ['tail3', 0.9, 48, 48, 34],
      ['tail4', 0.1, 39, 39, 21],
      ['tail4', 0.4, 42, 42, 21],
      ['tail4', 0.7, 35, 35, 18],
    ],
  },
  foreleg: {
    faces: 'front',
    rows: [
      ['scapula', 0.3, 88, 92, 70],
      ['scapula', 1, 84, 88, 70],
      ['humerus', 0.4, 66, 70, 58],
      ['humerus', 1, 50, 58, 46],
      ['radius', 0.25, 48, 52, 42],
      ['radius', 1, 32, 36, 32],
      ['metacarpus', 0.8, 24, 26, 38],
      ['foreDigits', 0.3, 18, 20, 30],
      ['foreDigits', 0.9, 10],
    ],
  },
  'hind leg': {
    faces: 'front',
    rows: [
      ['pelvis', 0.3, 96, 110, 80],
      ['pelvis', 1, 96, 112, 84],
      ['femur', 0.4, 86, 96, 74],
      ['femur', 1, 60, 72, 54],
      ['tibia', 0.25, 54, 66, 50],
      ['tibia', 1, 34, 42, 34],
      ['metatarsus', 0.1, 30, 42, 32],
      ['metatarsus', 0.8, 25, 28, 42],
      ['hindDigits', 0.3, 19, 21, 34],
      ['hindDigits', 0.9, 11],
    ],
  },
} satisfies Readonly<Record<string, SleeveRows>>;

const SCUTE = '#6c6a4c';

/** What stands off it along curves of its own. */
const CURVES = {
  skull: [
    curve(
      'left brow',
      [0.28, 18, [0, 46, -44]],
      [0.35, 24, [0, 50, -46]],
      [0.42, 16, [0, 40, -42]],
    ),
    curve('right brow', [0.28, 18, [0, 46, 44]], [0.35, 24, [0, 50, 46]], [0.42, 16, [0, 40, 42]]),
    curve('nostrils', [0.9, 18, [0, 18, 0]], [0.96, 18, [0, 16, 0]]),
    ...teeth(
      'upper tooth',
      { many: 18, along: [0.34, 0.96], up: [-22, -10], beside: [82, 30], long: [24, 28] },
      -1,
    ),
    ...teeth(
      'lower tooth',
      { many: 15, along: [0.38, 0.94], up: [-40, -28], beside: [68, 31], long: [20, 26] },
      1,
    ),
  ],
  neck: scutes(
    'scute of the nape',
    { many: 3, along: [0.3, 0.8], up: [84, 86], beside: [44, 40], long: [26, 24] },
    SCUTE,
  ),
  dorsalFront: [
    ...scutes(
      'inner scute',
      { many: 8, along: [0.04, 0.92], up: [44, 60], beside: [40, 36], long: [20, 20] },
      SCUTE,
    ),
    ...scutes(
      'outer scute',
      { many: 8, along: [0.08, 0.88], up: [26, 34], beside: [108, 98], long: [18, 18] },
      SCUTE,
    ),
  ],
  dorsalRear: [
    ...scutes(
      'inner scute',
      { many: 8, along: [0.04, 0.94], up: [40, 44], beside: [40, 40], long: [20, 20] },
      SCUTE,
    ),
    ...scutes(
      'outer scute',
      { many: 8, along: [0.08, 0.9], up: [20, 24], beside: [112, 112], long: [18, 18] },
      SCUTE,
    ),
  ],
  tail1: scutes(
    'crest',
    { many: 6, along: [0.05, 0.94], up: [52, 46], beside: [42, 34], long: [30, 44] },
    SCUTE,
  ),
  tail2: scutes(
    'crest',
    { many: 6, along: [0.06, 0.94], up: [62, 56], beside: [30, 12], long: [50, 70] },
    SCUTE,
  ),
  tail3: scutes(
    'crest',
    { many: 6, along: [0.06, 0.94], up: [60, 46], beside: [0, 0], long: [84, 76] },
    SCUTE,
  ),
  tail4: scutes(
    'crest',
    { many: 6, along: [0.06, 0.72], up: [40, 24], beside: [0, 0], long: [70, 34] },
    SCUTE,
  ),
  foreDigits: [
    ...clawedToes({
      'first toe': [
        [
          [0, 20, [0, 0, 12]],
          [0.1, 15, [26, 0, 44]],
          [0.1, 10, [44, 0, 66]],
        ],
        36,
      ],
      'second toe': [
        [
          [0, 21, [0, 0, 8]],
          [0.1, 16, [50, 0, 28]],
          [0.1, 10, [84, 0, 44]],
        ],
        38,
      ],
      'third toe': [
        [
          [0, 22],
          [0.5, 16],
          [0.96, 10],
        ],
        38,
      ],
    }),
    curve('fourth toe', [0, 20], [0.1, 14, [52, 0, -34]], [0.1, 8, [88, 0, -58]]),
    curve('fifth toe', [0, 19], [0.1, 13, [22, 0, -44]], [0.1, 7, [40, 0, -82]]),
  ],
  hindDigits: [
    ...clawedToes({
      'first toe': [
        [
          [0, 22, [0, 0, 14]],
          [0.1, 16, [44, 0, 44]],
          [0.1, 11, [74, 0, 66]],
        ],
        40,
      ],
      'second toe': [
        [
          [0, 24, [0, 0, 8]],
          [0.1, 18, [64, 0, 26]],
          [0.1, 11, [118, 0, 40]],
        ],
        42,
      ],
      'third toe': [
        [
          [0, 24],
          [0.5, 18],
          [0.96, 11],
        ],
        42,
      ],
    }),
    curve('fourth toe', [0, 22], [0.1, 16, [60, 0, -42]], [0.1, 8, [112, 0, -80]]),
    apart(
      'web',
      { hex: '#77745a', breadth: 7 },
      [0.1, 8, [10, 0, 0]],
      [0.4, 7, [10, -2, -8]],
      [0.66, 2, [10, -4, -12]],
    ),
  ],
};

/** Whose parts are made apart, and where. */
const TEETH = ['upper tooth', 'lower tooth'];
const SCUTES = ['inner scute', 'outer scute'];
const DORSAL = ['dorsalRear', 'dorsalFront'];
const TAIL = ['tail1', 'tail2', 'tail3', 'tail4'];

/** Where the head is parted into upper and lower jaw. */
const JAW = {
  hinge: 0.03,
  corner: 0.14,
  chin: ['skull', 0.96],
  lip: [0.2, 0.36, 0.2, 0.3, 0.42, 0.3, 0.42, 0.34, 0.44, 0.4],
  carries: ['lower tooth'],
} satisfies JawData;

/**
 * Nile crocodile, a grown one of middle size. All values are from general knowledge (memory), to be
 * checked against a specimen; the limbs are the least certain.
 */
const TOLD = {
  id: 'nile-crocodile',
  name: 'Nile crocodile',
  latin: 'Crocodylus niloticus',
  planId: 'sprawling-reptile',
  lengths: {
    skull: memory(530, 420, 720),
    neck: memory(270, 210, 360),
    dorsalFront: memory(460, 360, 620),
    dorsalRear: memory(460, 360, 620),
    sacrum: memory(200, 155, 270),
    tail1: memory(435, 340, 590),
    tail2: memory(430, 335, 580),
    tail3: memory(425, 330, 575),
    tail4: memory(420, 325, 570),
    scapula: memory(170, 130, 220),
    humerus: memory(215, 165, 280),
    radius: memory(150, 115, 200),
    metacarpus: memory(105, 80, 140),
    foreDigits: memory(90, 70, 120),
    pelvis: memory(150, 115, 200),
    femur: memory(250, 195, 330),
    tibia: memory(190, 145, 250),
    metatarsus: memory(140, 108, 185),
    hindDigits: memory(120, 92, 160),
  },
  rest: {
    dorsalRear: [1, 0.03, 0],
    dorsalFront: [1, -0.06, 0],
    neck: [1, -0.02, 0],
    skull: [1, -0.06, 0],
    tail1: [-1, -0.22, 0],
    tail2: [-1, -0.2, 0],
    tail3: [-1, -0.06, 0],
    tail4: [-1, 0, 0],
    humerus: [-0.42, -0.5, -0.76],
    radius: [0.22, -0.95, -0.12],
    femur: [0.4, -0.42, -0.82],
    tibia: [-0.3, -0.94, -0.1],
    metacarpus: [0.8, -0.36, -0.46],
    metatarsus: [0.82, -0.34, -0.44],
  },
  flesh: fleshOf(SLEEVES, CURVES),
  features: [
    feature(
      'fore-claws',
      'Claws of the forefeet',
      'foreDigits',
      6,
      memory(38, 28, 50),
      'claw',
      ['claw'],
      ['foreDigits'],
    ),
    feature(
      'hind-claws',
      'Claws of the hind feet',
      'hindDigits',
      6,
      memory(42, 30, 56),
      'claw',
      ['claw'],
      ['hindDigits'],
    ),
    feature('teeth', 'Teeth that show', 'skull', 66, memory(32, 20, 50), 'tooth', TEETH, [
      'skull',
      'jaw',
    ]),
    feature(
      'back-scutes',
      'Scutes of the back',
      'dorsalFront',
      64,
      memory(28, 18, 40),
      'plate',
      SCUTES,
      DORSAL,
    ),
    feature(
      'nape-scutes',
      'Scutes of the nape',
      'neck',
      6,
      memory(36, 24, 48),
      'plate',
      ['scute of the nape'],
      ['neck'],
    ),
    feature(
      'tail-crest',
      'Crest of the tail',
      'tail1',
      36,
      memory(110, 60, 140),
      'plate',
      ['crest'],
      TAIL,
    ),
  ],
  scaleCounts: [
    {
      bones: [...SPRAWLER.neck, ...SPRAWLER.trunk],
      ...{ round: null, along: null, belly: false },
      back: { across: [6, 7, 8], along: [16, 17, 18] },
    },
  ],
  counts: [
    count(
      'Teeth',
      64,
      68,
      'premaxilla 5 (4 in old ones), maxilla 13 to 14, dentary 14 to 15, each side',
    ),
    count('Cross rows of plates on the back', 16, 18),
    count('Plates across the back', 6, 8),
    count('Toes, each forefoot', 5, 5, 'three with claws'),
    count('Toes, each hind foot', 4, 4, 'three with claws, webbed'),
  ],
  face: face({
    eyes: [eye(['skull', 0.36, 38, 6], [1.0, 0.8], 6, 'upright', '#a3963f')],
    holes: [hole(['skull', 0.93, 22], 0.022, 0.014, 40)],
    lines: [],
  }),
  coat: [
    zone('head', 'Head', ['skull'], [14, 14, 0], '#6e6a4e', {
      covering: 'scale',
      sheen: 'satin',
    }),
    zone('belly', 'Belly plates', [...SPRAWLER.neck, ...SPRAWLER.trunk], [30, 26, 0], '#d8d0ac', {
      covering: 'scale',
      facing: ['down'],
    }),
    zone(
      'back',
      'Plates of the back',
      [...SPRAWLER.neck, ...SPRAWLER.trunk],
      [46, 42, 0],
      '#57543d',
      {
        covering: 'scale',
        facing: ['up'],
      },
    ),
    zone('flanks', 'Flanks', [...SPRAWLER.neck, ...SPRAWLER.trunk], [16, 16, 0], '#7a7455', {
      covering: 'scale',
      beads: true,
    }),
    zone(
      'limbs',
      'Limbs',
      [...SPRAWLER.upperLimbs, ...SPRAWLER.lowerLimbs],
      [16, 16, 0],
      '#6f6a4e',
      {
        covering: 'scale',
        beads: true,
      },
    ),
    zone('feet', 'Feet', SPRAWLER.feet, [14, 14, 0], '#625d46', { covering: 'scale' }),
    zone('tail', 'Tail', SPRAWLER.tail, [42, 30, 0], '#5e5a42', { covering: 'scale' }),
  ],
  markings: [
    mark(
      'bands',
      'Bands of back and tail',
      'rings',
      [['Bands', '#3c3a2a']],
      [
        ['dorsalFront', 0.8, 0],
        ['tail4', 0.7, 104],
      ],
      {
        bands: [
          { colour: 0, mm: 75, speckle: 0.35 },
          { colour: null, mm: 105, speckle: 0 },
        ],
        vary: 0.9,
        widthMm: 22,
        edge: 'broken',
        edgeMm: 18,
      },
    ),
    mark(
      'flank-flecks',
      'Flecks of the flanks',
      'spots',
      [['Flecks of the flanks', '#4a4733']],
      [
        ['neck', 0.5, 80],
        ['sacrum', 0.3, 122],
      ],
      { widthMm: 30, stepMm: 80, vary: 0.9, edge: 'broken', edgeMm: 8 },
    ),
    mark(
      'jaw-spots',
      'Spots of the jaw',
      'spots',
      [['Spots of the jaw', '#4b4734']],
      [
        ['skull', 0.15, 92],
        ['skull', 0.8, 124],
      ],
      { widthMm: 12, stepMm: 34, vary: 0.7 },
    ),
  ],
  eye: memory(32, 25, 38),
  sexes: [
    { name: 'male', size: 1 },
    { name: 'female', size: 0.8 },
  ],
  ranges: {
    massKg: [150, 750],
    sizes: {
      'back-height': [300, 700],
      length: [2800, 5000],
      head: [390, 720],
      tail: [1300, 2400],
    },
  },
  commonMistake:
    'The plates are pressed at one size all over and the belly is dragged: rows of plates have their own sizes by place, and a walking crocodile lifts its body high off the ground.',
} satisfies Animal;

export const NILE_CROCODILE: Animal = Object.freeze(withJaw(TOLD, JAW));
