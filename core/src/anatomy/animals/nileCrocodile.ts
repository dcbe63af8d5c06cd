import type { Animal } from '../animal.ts';
import { SPRAWLER } from '../plans/sprawlingReptile.ts';
import { eye, face, hole, mouth } from './faces.ts';
import { memory } from './memory.ts';
import { count, feature, on, zone, fleshOf, type SleeveRows, curve } from './shapes.ts';

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
      ['scapula', 0.4, 90],
      ['scapula', 1, 80],
      ['humerus', 1, 54],
      ['radius', 1, 34],
      ['metacarpus', 1, 28],
      ['foreDigits', 0.9, 10],
    ],
  },
  'hind leg': {
    faces: 'front',
    rows: [
      ['pelvis', 0.4, 95],
      ['pelvis', 1, 95],
      ['femur', 1, 64],
      ['tibia', 1, 38],
      ['metatarsus', 1, 30],
      ['hindDigits', 0.9, 11],
    ],
  },
} satisfies Readonly<Record<string, SleeveRows>>;

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
  ],
  foreDigits: [
    curve('foreDigits 1', [0, 22], [0.1, 10, [70, 0, 40]]),
    curve('foreDigits 2', [0, 22], [0.1, 10, [20, 0, -72]]),
  ],
  hindDigits: [
    curve('hindDigits 1', [0, 24], [0.1, 11, [95, 0, 45]]),
    curve('hindDigits 2', [0, 24], [0.1, 11, [40, 0, -90]]),
  ],
} as const;

/**
 * Nile crocodile, a grown one of middle size. All values are from general knowledge (memory), to be
 * checked against a specimen; the limbs are the least certain.
 */
export const NILE_CROCODILE: Animal = Object.freeze({
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
  blades: [
    {
      id: 'tail-crest',
      name: 'Crest of the tail',
      paired: false,
      outline: [
        on('tail1', 0.3, [0, 62, 0]),
        on('tail2', 0.5, [0, 112, 0]),
        on('tail3', 0.4, [0, 120, 0]),
        on('tail4', 0.5, [0, 84, 0]),
        on('tail4', 1, [0, 8, 0]),
        on('tail4', 0.4, [0, 36, 0]),
        on('tail2', 0.5, [0, 72, 0]),
      ],
      thickness: memory(14, 8, 22),
    },
  ],
  features: [
    feature('fore-claws', 'Claws of the forefeet', 'foreDigits', 6, memory(38, 28, 50)),
    feature('hind-claws', 'Claws of the hind feet', 'hindDigits', 6, memory(42, 30, 56)),
    feature('teeth', 'Large teeth', 'skull', 20, memory(34, 20, 50)),
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
    lines: [
      mouth(
        ['skull', 0.94, 140],
        ['skull', 0.9, 112],
        ['skull', 0.82, 106],
        ['skull', 0.72, 112],
        ['skull', 0.6, 104],
        ['skull', 0.46, 112],
        ['skull', 0.32, 104],
        ['skull', 0.2, 98],
        ['skull', 0.1, 90],
      ),
    ],
  }),
  coat: [
    zone('head', 'Head', ['skull'], [14, 14, 0], '#6e6a4e', { covering: 'scale', sheen: 'satin' }),
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
    }),
    zone(
      'limbs',
      'Limbs',
      [...SPRAWLER.upperLimbs, ...SPRAWLER.lowerLimbs],
      [16, 16, 0],
      '#6f6a4e',
      {
        covering: 'scale',
      },
    ),
    zone('feet', 'Feet', SPRAWLER.feet, [14, 14, 0], '#625d46', { covering: 'scale' }),
    zone('tail', 'Tail', SPRAWLER.tail, [42, 30, 0], '#5e5a42', { covering: 'scale' }),
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
} satisfies Animal);
