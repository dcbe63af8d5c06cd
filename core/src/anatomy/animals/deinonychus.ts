import type { Animal } from '../animal.ts';
import { THEROPOD } from '../plans/twoLeggedTheropod.ts';
import { eye, face, hole } from './faces.ts';
import { withJaw, type JawData } from './jaw.ts';
import { mark, markWing } from './marks.ts';
import { memory } from './memory.ts';
import { claw, clawedToes } from './feet.ts';
import { teeth } from './rows.ts';
import {
  apart,
  count,
  curve,
  feature,
  on,
  zone,
  fleshOf,
  type SleeveRows,
  corner,
  ribs,
  remiges,
} from './shapes.ts';

/** Its flesh, section by section; life mm from general knowledge. */
const SLEEVES = {
  trunk: {
    faces: 'back',
    rows: [
      ['sacrum', 0.99, 50, 120, 85],
      ['sacrum', 0.55, 42, 135, 90],
      ['sacrum', 0.1, 42, 170, 100],
      ['dorsalRear', 0.1, 38, 195, 90],
      ['dorsalRear', 0.35, 54, 220, 105],
      ['dorsalRear', 0.65, 54, 230, 105],
      ['dorsalRear', 0.9, 38, 200, 90],
      ['dorsalFront', 0.1, 54, 230, 105],
      ['dorsalFront', 0.35, 60, 240, 115],
      ['dorsalFront', 0.65, 46, 230, 105],
      ['dorsalFront', 0.9, 54, 175, 90, 0.3],
      ['neckLower', 0.1, 68, 130, 100],
      ['neckLower', 0.9, 68, 76, 76],
      ['neckUpper', 0, 66],
      ['neckUpper', 1, 58],
    ],
  },
  head: {
    faces: 'back',
    rows: [
      ['skull', -0.02, 40, 50, 40],
      ['skull', 0.1, 60, 74, 56],
      ['skull', 0.28, 64, 80, 62],
      ['skull', 0.42, 54, 72, 56],
      ['skull', 0.58, 42, 60, 44],
      ['skull', 0.75, 32, 48, 34],
      ['skull', 0.9, 25, 38, 27],
      ['skull', 0.98, 17, 28, 19],
    ],
  },
  tail: {
    faces: 'back',
    rows: [
      ['tail1', 0.01, 52, 105, 80],
      ['tail1', 0.9, 40, 56, 48],
      ['tail2', 0, 44],
      ['tail2', 1, 30],
      ['tail3', 1, 24],
      ['tail4', 0.98, 12],
    ],
  },
  arm: {
    faces: 'front',
    rows: [
      ['scapula', 0.1, 12, 12, 9.5],
      ['scapula', 0.35, 50, 50, 44],
      ['scapula', 0.65, 60, 185, 68, 0.5],
      ['scapula', 0.9, 50, 185, 62],
      ['humerus', 0, 54],
      ['humerus', 1, 36],
      ['radius', 1, 24],
      ['metacarpus', 1, 21],
      ['foreDigits', 0.95, 6],
    ],
  },
  'hind leg': {
    faces: 'front',
    rows: [
      ['pelvis', 0.3, 90],
      ['pelvis', 1, 90],
      ['femur', 0.1, 115, 120, 100],
      ['femur', 0.35, 110, 135, 85],
      ['femur', 0.65, 90, 115, 80],
      ['femur', 0.9, 68, 74, 68],
      ['tibia', 0.1, 56, 68, 58],
      ['tibia', 0.35, 44, 56, 50],
      ['tibia', 0.65, 37],
      ['tibia', 0.9, 31],
      ['metatarsus', 0, 28],
      ['metatarsus', 1, 27],
      ['hindDigits', 0.9, 12],
    ],
  },
} satisfies Readonly<Record<string, SleeveRows>>;

/** What stands off it along curves of its own. */
const CURVES = {
  skull: [
    ...teeth(
      'upper tooth',
      { many: 19, along: [0.34, 0.88], up: [-36, -20], beside: [43, 20], long: [18, 18] },
      -1,
    ),
    ...teeth(
      'lower tooth',
      { many: 16, along: [0.38, 0.86], up: [-54, -36], beside: [33, 11], long: [13, 13] },
      1,
    ),
  ],
  foreDigits: [
    ...clawedToes(
      {
        'first finger': [
          [
            [0, 14, [4, 0, -10]],
            [0.2, 11, [20, 0, -24]],
            [0.34, 8, [28, 0, -28]],
          ],
          62,
        ],
      },
      [0.1, -0.95, 0],
    ),
    ...clawedToes(
      {
        'second finger': [
          [
            [0, 14],
            [0.5, 10],
            [0.55, 11],
            [0.92, 7],
          ],
          72,
        ],
      },
      [-0.2, -0.95, 0],
    ),
    ...clawedToes(
      {
        'third finger': [
          [
            [0, 12, [-8, 0, 12]],
            [0.4, 9, [-18, 0, 24]],
            [0.72, 6, [-20, 0, 26]],
          ],
          56,
        ],
      },
      [-0.3, -0.92, 0],
    ),
  ],
  hindDigits: [
    ...clawedToes({
      'third toe': [
        [
          [0, 21],
          [0.3, 16],
          [0.36, 18],
          [0.66, 13],
          [0.7, 15],
          [0.92, 11],
        ],
        56,
      ],
      'fourth toe': [
        [
          [0, 20],
          [0.1, 15, [52, 0, -28]],
          [0.1, 16, [60, 0, -32]],
          [0.1, 10, [118, 0, -58]],
        ],
        52,
      ],
    }),
    curve('second toe', [0, 20, [0, 0, 22]], [0.1, 18, [22, 24, 38]], [0.1, 17, [40, 62, 42]]),
    claw('sickle claw', [0.1, 21, [44, 66, 42]], 130, { way: [0.88, 0.34, 0], bend: 0.72 }),
    curve('first toe', [0, 9, [-24, 26, 22]], [0, 8, [-8, 6, 30]], [0, 6, [6, -2, 34]]),
    claw('claw of the first toe', [0, 6.5, [6, -2, 34]], 30),
  ],
  tail4: [0, 1, 2, 3, 4].flatMap((i) => [
    apart(
      `tail plume ${i + 1}`,
      { hex: '#8b7350', breadth: 4, bothSides: true },
      [0.15 + 0.18 * i, 4, [0, 2, -4]],
      [0.2 + 0.18 * i, 5.5, [-70, 2, -34]],
      [0.2 + 0.18 * i, 2, [-170, -4, -62 - 3 * i]],
    ),
  ]),
};

/** Whose parts are made apart, and where. */
const TEETH = ['upper tooth', 'lower tooth'];
const SICKLE = memory(120, 100, 145);

/** Where the head is parted into upper and lower jaw. */
const JAW = {
  hinge: 0.08,
  corner: 0.3,
  chin: ['skull', 0.94],
  lip: [0.46, 0.5, 0.52, 0.54],
  carries: ['lower tooth'],
} satisfies JawData;

/**
 * Deinonychus, a typical adult with feathers, which its kin had. All values are from general
 * knowledge (memory), to be checked against the bones; plumage and colours are guesses.
 */
const TOLD = {
  id: 'deinonychus',
  name: 'Deinonychus',
  latin: 'Deinonychus antirrhopus',
  planId: 'two-legged-theropod',
  lengths: {
    skull: memory(400, 380, 420),
    neckLower: memory(180, 150, 210),
    neckUpper: memory(180, 150, 210),
    dorsalFront: memory(290, 250, 330),
    dorsalRear: memory(290, 250, 330),
    sacrum: memory(170, 140, 200),
    tail1: memory(400, 340, 460),
    tail2: memory(400, 340, 460),
    tail3: memory(400, 340, 460),
    tail4: memory(400, 340, 460),
    scapula: memory(240, 200, 280),
    humerus: memory(250, 220, 280),
    radius: memory(190, 165, 215),
    metacarpus: memory(125, 105, 145),
    foreDigits: memory(215, 185, 245),
    pelvis: memory(140, 115, 165),
    femur: memory(315, 270, 345),
    tibia: memory(350, 310, 385),
    metatarsus: memory(160, 135, 185),
    hindDigits: memory(180, 150, 210),
  },
  rest: {
    dorsalRear: [1, 0.08, 0],
    dorsalFront: [1, 0.18, 0],
    neckLower: [0.72, 0.7, 0],
    neckUpper: [0.62, 0.78, 0],
    skull: [1, -0.22, 0],
    scapula: [0.75, -0.5, -0.4],
    humerus: [-0.82, -0.55, -0.1],
    radius: [0.86, -0.5, -0.02],
    metacarpus: [-0.55, -0.82, 0.02],
    foreDigits: [-0.35, -0.92, 0.02],
    pelvis: [-0.15, -0.66, -0.72],
    femur: [0.6, -0.8, 0],
    tibia: [-0.5, -0.86, 0.02],
    metatarsus: [0.34, -0.94, 0],
    hindDigits: [1, -0.1, 0],
  },
  flesh: fleshOf(SLEEVES, CURVES),
  plumage: [
    remiges('primaries', ['metacarpus', 'radius'], {
      ...{ zone: 'arms', many: [8, 9, 12], longest: memory(280, 180, 380) },
      formula: [0.9, 1, 1, 0.95, 0.85, 0.7],
      ...{ wide: 0.16, tip: 'round' },
      fan: { first: ['radius', 74], last: ['radius', 24] },
    }),
    remiges('secondaries', ['metacarpus', 'radius'], {
      ...{ zone: 'arms', many: [8, 12, 18], longest: memory(240, 150, 330) },
      formula: [1, 0.98, 0.92, 0.8],
      ...{ wide: 0.18, tip: 'round' },
    }),
  ],
  blades: [
    {
      id: 'arm-feathers',
      name: 'Feathers of the arm',
      paired: true,
      outline: [
        corner('radius', 0),
        corner('radius', 1),
        corner('metacarpus', 1),
        on('foreDigits', 0.7, [-150, -70, -20]),
        on('metacarpus', 0.5, [-230, -110, -30]),
        on('radius', 0.1, [-190, -70, -20]),
      ],
      ribs: [ribs(13, [0.2, 2.6], [5, 3.1])],
      thickness: memory(1.2, 0.6, 2),
    },
    {
      id: 'tail-fan',
      name: 'Feathers of the tail',
      paired: true,
      outline: [
        corner('tail3', 0.6),
        on('tail4', 0.6, [-40, 0, -110]),
        on('tail4', 1, [-110, 0, -100]),
        corner('tail4', 1, [-130, 0, 0]),
      ],
      ribs: [ribs(7, [3.9, 3.2], [1, 2.8])],
      thickness: memory(1.2, 0.6, 2),
    },
  ],
  features: [
    feature(
      ...(['sickle-claws', 'Sickle claws with their sheaths', 'hindDigits', 2, SICKLE] as const),
      ...(['claw', ['sickle claw'], ['hindDigits']] as const),
    ),
    feature(
      'hand-claws',
      'Claws of the hand',
      'foreDigits',
      6,
      memory(70, 55, 85),
      'claw',
      ['claw'],
      ['foreDigits'],
    ),
    feature(
      'foot-claws',
      'Other claws of the foot',
      'hindDigits',
      6,
      memory(55, 42, 68),
      'claw',
      ['claw'],
      ['hindDigits'],
    ),
    feature('teeth', 'Teeth', 'skull', 70, memory(20, 12, 26), 'tooth', TEETH, ['skull', 'jaw']),
    feature(
      'tail-plumes',
      'Plumes of the tail',
      'tail4',
      10,
      memory(170, 100, 240),
      'plume',
      ['tail plume'],
      ['tail4'],
    ),
  ],
  counts: [
    count('Teeth of the premaxilla, each side', 4),
    count('Teeth of the maxilla, each side', 15),
    count('Teeth of the lower jaw, each side', 16),
    count('Fingers, each hand', 3),
    count('Toes that meet the ground, each foot', 2, 2, 'the second is held up with its sickle'),
  ],
  face: face({
    eyes: [eye(['skull', 0.42, 62], [0.75, 0.68], 6, 'round', '#c79a35', 0.5)],
    holes: [hole(['skull', 0.85, 58], 0.04, 0.018, 12)],
    lines: [],
  }),
  coat: [
    zone('head', 'Head', ['skull'], [22, 5, 14], '#6d5a44', { covering: 'feather' }),
    zone(
      'breast',
      'Throat and belly',
      [...THEROPOD.neck, ...THEROPOD.trunk],
      [45, 10, 16],
      '#c3b08f',
      {
        covering: 'feather',
        facing: ['down'],
      },
    ),
    zone(
      'body',
      'Neck, back and thighs',
      [...THEROPOD.neck, ...THEROPOD.trunk, ...THEROPOD.thighs],
      [55, 12, 16],
      '#7a5f43',
      { covering: 'feather' },
    ),
    zone('arms', 'Arms', THEROPOD.arms, [60, 14, 10], '#564433', { covering: 'feather' }),
    zone('shanks', 'Shanks', THEROPOD.shanks, [30, 7, 14], '#6a543d', { covering: 'feather' }),
    zone('feet', 'Feet', THEROPOD.feet, [10, 14, 0], '#57503f', { covering: 'scale' }),
    zone('tail', 'Tail', THEROPOD.tail, [60, 14, 10], '#5b4836', { covering: 'feather' }),
  ],
  markings: [
    mark(
      'back-bars',
      'Bars of the back',
      'rings',
      [['Bars of the back', '#3a2d22']],
      [
        ['neckUpper', 0.4, 0],
        ['tail1', 0.6, 74],
      ],
      {
        bands: [
          { colour: 0, mm: 22, speckle: 0.1 },
          { colour: null, mm: 48, speckle: 0 },
        ],
        vary: 0.8,
        widthMm: 16,
        spreads: true,
        edge: 'soft',
        edgeMm: 8,
      },
    ),
    mark('eye-mask', 'Mask', 'patch', [['Mask', '#241d18']], [['skull', 0.3, 60]], {
      widthMm: 34,
      lengthMm: 78,
      edge: 'soft',
      edgeMm: 6,
    }),
    markWing(
      'tail-fan-bars',
      'Bars of the tail fan',
      'wing-bars',
      'tail-fan',
      [['Bars of the fan', '#2f251d']],
      { widthMm: 26, stepMm: 70 },
    ),
    markWing(
      'arm-tips',
      'Dark ends of the arm feathers',
      'wing-border',
      'arm-feathers',
      [['Dark ends', '#2a211a']],
      { widthMm: 22, edge: 'soft', edgeMm: 10 },
    ),
  ],
  eye: memory(40, 34, 48),
  density: {
    gPerMl: 0.8,
    why: 'the outline takes in feathers, and there are air sacs as in birds',
  },
  ranges: {
    massKg: [60, 100],
    sizes: { 'hip-height': [780, 950], length: [2800, 3400], tail: [1350, 1850] },
  },
  commonMistake:
    'The hands hang with the palms down: they face each other like clapping hands, the wrist folds like a bird’s wing, and the sickle toe never touches the ground.',
} satisfies Animal;

export const DEINONYCHUS: Animal = Object.freeze(withJaw(TOLD, JAW));
