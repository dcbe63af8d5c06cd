import type { Animal } from '../animal.ts';
import { theropodGaits } from '../plans/kit/gaits.ts';
import { THEROPOD } from '../plans/twoLeggedTheropod.ts';
import { eye, face, hole } from './faces.ts';
import { withJaw, type JawData } from './jaw.ts';
import { mark } from './marks.ts';
import { memory } from './memory.ts';
import { claw, clawedToes } from './feet.ts';
import { teeth } from './rows.ts';
import { apart, count, curve, feature, zone, fleshOf, type SleeveRows } from './shapes.ts';

/** Its flesh, section by section; life mm from general knowledge. */
const SLEEVES = {
  trunk: {
    faces: 'back',
    rows: [
      ['sacrum', 0.99, 115, 310, 220],
      ['sacrum', 0.55, 100, 350, 230],
      ['sacrum', 0.1, 100, 500, 230],
      ['dorsalRear', 0.1, 80, 580, 220],
      ['dorsalRear', 0.35, 100, 640, 260],
      ['dorsalRear', 0.65, 120, 660, 280],
      ['dorsalRear', 0.9, 80, 600, 240],
      ['dorsalFront', 0.1, 80, 660, 260],
      ['dorsalFront', 0.35, 120, 680, 280],
      ['dorsalFront', 0.65, 80, 660, 260],
      ['dorsalFront', 0.9, 100, 540, 200, 0.4],
      ['neckLower', 0.1, 140, 300, 200],
      ['neckLower', 0.5, 120, 240, 180],
      ['neckLower', 0.9, 120, 200, 160],
      ['neckUpper', 0.1, 120, 185, 150],
      ['neckUpper', 0.99, 95, 140, 120],
    ],
  },
  head: {
    faces: 'back',
    rows: [
      ['skull', -0.02, 60, 90, 70],
      ['skull', 0.1, 95, 140, 95],
      ['skull', 0.25, 92, 128, 92],
      ['skull', 0.38, 74, 108, 76],
      ['skull', 0.55, 52, 88, 58],
      ['skull', 0.72, 40, 76, 48],
      ['skull', 0.82, 34, 66, 40],
      ['skull', 0.87, 33, 58, 38],
      ['skull', 0.93, 40, 66, 46],
      ['skull', 0.99, 30, 54, 36],
    ],
  },
  tail: {
    faces: 'back',
    rows: [
      ['tail1', 0.01, 135, 320, 230],
      ['tail1', 0.9, 125, 240, 180],
      ['tail2', 0.1, 125, 210, 170],
      ['tail2', 0.9, 100, 145, 125],
      ['tail3', 0.1, 95, 130, 115],
      ['tail3', 0.5, 80, 105, 90],
      ['tail3', 0.9, 70],
      ['tail4', 0, 64],
      ['tail4', 0.98, 16],
    ],
  },
  arm: {
    faces: 'front',
    rows: [
      ['scapula', 0.1, 27, 27, 21],
      ['scapula', 0.35, 110, 110, 90],
      ['scapula', 0.65, 130, 130, 100],
      ['scapula', 0.9, 110, 160, 115],
      ['humerus', 0, 125],
      ['humerus', 1, 80],
      ['radius', 1, 56],
      ['metacarpus', 1, 50],
      ['foreDigits', 0.1, 42, 38, 56],
      ['foreDigits', 0.25, 29, 29, 42],
      ['foreDigits', 0.45, 26],
      ['foreDigits', 0.58, 23],
    ],
  },
  'hind leg': {
    faces: 'front',
    rows: [
      ['pelvis', 0.3, 220],
      ['pelvis', 1, 230],
      ['femur', 0.1, 240, 290, 220, 0.35],
      ['femur', 0.35, 240, 310, 210],
      ['femur', 0.65, 200, 260, 185],
      ['femur', 0.9, 145, 155, 150],
      ['tibia', 0.1, 130, 155, 135],
      ['tibia', 0.35, 100, 130, 115],
      ['tibia', 0.65, 100],
      ['tibia', 0.9, 85],
      ['metatarsus', 0, 76],
      ['metatarsus', 1, 74],
      ['hindDigits', 0.9, 34],
    ],
  },
} satisfies Readonly<Record<string, SleeveRows>>;

/** What stands off it along curves of its own. */
const CURVES = {
  skull: [
    ...teeth(
      'upper tooth',
      { many: 20, along: [0.36, 0.95], up: [-46, -30], beside: [60, 29], long: [30, 34] },
      -1,
    ),
    ...teeth(
      'lower tooth',
      { many: 31, along: [0.4, 0.93], up: [-74, -54], beside: [44, 12], long: [22, 24] },
      1,
    ),
    apart(
      'crest',
      { hex: '#6d7158', breadth: 0.3 },
      [0.42, 26, [0, 60, 0]],
      [0.52, 26, [0, 54, 0]],
      [0.6, 8, [0, 44, 0]],
    ),
  ],
  foreDigits: [
    curve('thumb', [0, 40, [0, 0, -26]], [0.16, 38, [20, -10, -56]], [0.3, 32, [30, -10, -72]]),
    claw('thumb claw', [0.3, 36, [40, -16, -74]], 308, { way: [0.84, -0.3, -0.12], bend: 0.5 }),
    ...clawedToes(
      {
        'second finger': [
          [
            [0, 38, [0, 0, 6]],
            [0.35, 30, [8, 0, 8]],
            [0.6, 22, [10, 0, 8]],
          ],
          165,
        ],
      },
      [0.72, -0.6, 0],
    ),
    ...clawedToes(
      {
        'third finger': [
          [
            [0, 34, [0, 0, 36]],
            [0.3, 26, [4, 0, 56]],
            [0.5, 19, [4, 0, 62]],
          ],
          130,
        ],
      },
      [0.7, -0.62, 0.08],
    ),
  ],
  hindDigits: [
    ...clawedToes({
      'third toe': [
        [
          [0, 60],
          [0.3, 50],
          [0.36, 54],
          [0.66, 40],
          [0.7, 44],
          [0.9, 34],
        ],
        140,
      ],
      'second toe': [
        [
          [0, 55],
          [0.1, 46, [120, 0, 70]],
          [0.1, 48, [140, 0, 78]],
          [0.1, 34, [238, -4, 118]],
        ],
        130,
      ],
      'fourth toe': [
        [
          [0, 55],
          [0.1, 45, [116, 0, -72]],
          [0.1, 47, [136, 0, -82]],
          [0.1, 33, [232, -4, -124]],
        ],
        118,
      ],
    }),
    curve('first toe', [0, 26, [-40, 60, 40]], [0, 24, [-20, 20, 64]], [0, 19, [10, 0, 76]]),
    claw('claw of the first toe', [0, 20, [10, 0, 76]], 80),
  ],
};

/** Whose parts are made apart, and where. */
const TEETH = ['upper tooth', 'lower tooth'];

/** Where the head is parted into upper and lower jaw. */
const JAW = {
  hinge: 0.06,
  corner: 0.22,
  chin: ['skull', 0.96],
  lip: [0.42, 0.48, 0.5, 0.5, 0.5, 0.62, 0.5],
  carries: ['lower tooth'],
} satisfies JawData;

/**
 * Baryonyx, about the size of the best known skeleton. All values are from general knowledge
 * (memory), to be checked against the bones; skin and colours are guesses.
 */
const TOLD = {
  id: 'baryonyx',
  name: 'Baryonyx',
  latin: 'Baryonyx walkeri',
  planId: 'two-legged-theropod',
  // Heavier than its plan, with shorter shanks: memory.
  gaits: theropodGaits(1.15, 2.1),
  lengths: {
    skull: memory(940, 880, 980),
    neckLower: memory(480, 400, 560),
    neckUpper: memory(480, 400, 560),
    dorsalFront: memory(860, 740, 980),
    dorsalRear: memory(860, 740, 980),
    sacrum: memory(480, 400, 560),
    tail1: memory(1100, 900, 1300),
    tail2: memory(1100, 900, 1300),
    tail3: memory(1100, 900, 1300),
    tail4: memory(1100, 900, 1300),
    scapula: memory(620, 520, 720),
    humerus: memory(460, 440, 480),
    radius: memory(280, 240, 320),
    metacarpus: memory(170, 140, 200),
    foreDigits: memory(330, 280, 380),
    pelvis: memory(400, 330, 470),
    femur: memory(860, 740, 980),
    tibia: memory(780, 680, 880),
    metatarsus: memory(390, 330, 450),
    hindDigits: memory(380, 320, 450),
  },
  rest: {
    dorsalRear: [1, 0.02, 0],
    dorsalFront: [1, 0.06, 0],
    neckLower: [0.86, 0.5, 0],
    neckUpper: [0.9, 0.36, 0],
    skull: [1, -0.2, 0],
    scapula: [0.62, -0.62, -0.48],
    humerus: [-0.45, -0.88, -0.08],
    radius: [0.72, -0.66, 0.06],
    metacarpus: [0.8, -0.58, 0.05],
    foreDigits: [0.72, -0.7, 0.05],
    pelvis: [-0.15, -0.72, -0.68],
    femur: [0.5, -0.86, 0],
    tibia: [-0.42, -0.9, 0.02],
    metatarsus: [0.25, -0.97, 0],
    hindDigits: [1, -0.1, 0],
  },
  flesh: fleshOf(SLEEVES, CURVES),
  features: [
    feature(
      ...(['thumb-claws', 'Thumb claws', 'foreDigits', 2, memory(308, 300, 315)] as const),
      ...(['claw', ['thumb claw'], ['foreDigits']] as const),
    ),
    feature(
      ...([
        'hand-claws',
        'Other claws of the hand',
        'foreDigits',
        4,
        memory(160, 120, 200),
      ] as const),
      ...(['claw', ['claw'], ['foreDigits']] as const),
    ),
    feature(
      ...(['foot-claws', 'Claws of the foot', 'hindDigits', 8, memory(130, 100, 160)] as const),
      ...(['claw', ['claw'], ['hindDigits']] as const),
    ),
    feature('teeth', 'Teeth', 'skull', 102, memory(36, 24, 46), 'tooth', TEETH, ['skull', 'jaw']),
    feature(
      'crest',
      'Crest of the snout',
      'skull',
      1,
      memory(220, 150, 280),
      'crest',
      ['crest'],
      ['skull'],
    ),
  ],
  counts: [
    count('Teeth of the premaxilla, each side', 6, 7),
    count('Teeth of the lower jaw, each side', 30, 32, 'as many as in no other theropod here'),
    count('Neck vertebrae', 10),
    count('Back vertebrae', 13),
    count('Fingers, each hand', 3),
    count('Toes that meet the ground, each foot', 3),
  ],
  face: face({
    eyes: [eye(['skull', 0.3, 64], [0.7, 0.62], 4, 'round', '#b98a2e')],
    holes: [hole(['skull', 0.7, 58], 0.04, 0.016, 12)],
    lines: [],
  }),
  coat: [
    zone('head', 'Head', ['skull'], [9, 9, 0], '#5f6750', { covering: 'scale', beads: true }),
    zone(
      'throat',
      'Throat and belly',
      [...THEROPOD.neck, ...THEROPOD.trunk],
      [18, 22, 0],
      '#b6ae90',
      {
        covering: 'scale',
        facing: ['down'],
      },
    ),
    zone('back', 'Back', [...THEROPOD.neck, ...THEROPOD.trunk], [14, 14, 0], '#4f5844', {
      covering: 'scale',
      beads: true,
      facing: ['up'],
    }),
    zone(
      'flanks',
      'Flanks and thighs',
      [...THEROPOD.neck, ...THEROPOD.trunk, ...THEROPOD.thighs],
      [13, 13, 0],
      '#6e7459',
      { covering: 'scale', beads: true },
    ),
    zone('arms', 'Arms', THEROPOD.arms, [10, 10, 0], '#666c54', { covering: 'scale', beads: true }),
    zone('shanks', 'Shanks', THEROPOD.shanks, [12, 12, 0], '#626850', {
      covering: 'scale',
      beads: true,
    }),
    zone('feet', 'Feet', THEROPOD.feet, [22, 30, 0], '#4d4f43', { covering: 'scale' }),
    zone('tail', 'Tail', THEROPOD.tail, [14, 14, 0], '#59614b', { covering: 'scale', beads: true }),
  ],
  markings: [
    mark(
      'bands',
      'Bands of back and tail',
      'rings',
      [['Bands', '#2f3529']],
      [
        ['neckLower', 0.3, 0],
        ['tail4', 0.6, 96],
      ],
      {
        bands: [
          { colour: 0, mm: 120, speckle: 0.12 },
          { colour: null, mm: 170, speckle: 0 },
        ],
        vary: 0.7,
        widthMm: 40,
        spreads: true,
        edge: 'soft',
        edgeMm: 30,
      },
    ),
    mark(
      'belly-edge',
      'Pale edge of the belly',
      'stripes',
      [['Pale edge', '#a7a283']],
      [
        ['neckUpper', 0.5, 118],
        ['tail2', 0.5, 118],
      ],
      { repeats: 1, widthMm: 90, edge: 'soft', edgeMm: 60, vary: 0.6 },
    ),
    mark(
      'eye-patch',
      'Patch about the eye',
      'patch',
      [['Patch about the eye', '#8a3f2b']],
      [['skull', 0.26, 58]],
      { widthMm: 60, lengthMm: 120, edge: 'soft', edgeMm: 18 },
    ),
  ],
  eye: memory(55, 45, 70),
  density: { gPerMl: 0.9, why: 'air sacs in neck and trunk, as in birds' },
  ranges: {
    massKg: [1200, 2000],
    sizes: {
      'hip-height': [1900, 2700],
      length: [7500, 10000],
      tail: [3600, 5200],
    },
  },
  commonMistake:
    'The snout is made as that of a big meat-eater: it is long, low and narrow like a crocodile’s, with a notch behind a spoon-shaped tip, on a neck with only a slight curve.',
} satisfies Animal;

export const BARYONYX: Animal = Object.freeze(withJaw(TOLD, JAW));
