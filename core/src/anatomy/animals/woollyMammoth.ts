import type { Animal } from '../animal.ts';
import {
  FEET,
  LOWER_LIMBS,
  NECK,
  TAIL,
  TRUNK,
  UPPER_LIMBS,
  HORN,
} from '../plans/quadrupedParts.ts';
import { amble, walk } from '../plans/kit/mammalGaits.ts';
import { cheek, eye, face, wholly } from './faces.ts';
import { withJaw, type JawData } from './jaw.ts';
import { mark } from './marks.ts';
import { memory } from './memory.ts';
import { nails } from './feet.ts';
import { fringe } from './rows.ts';
import { apart, count, feature, zone, fleshOf, type SleeveRows } from './shapes.ts';

/** Its flesh, section by section; life mm from general knowledge. */
const SLEEVES = {
  trunk: {
    faces: 'back',
    rows: [
      ['sacrum', 0.99, 160, 1120, 480],
      ['sacrum', 0.1, 130, 1180, 540],
      ['lumbar', 0.1, 115, 1180, 540],
      ['lumbar', 0.65, 115, 1140, 540],
      ['lumbar', 0.9, 76, 1220, 500],
      ['thoracic', 0.1, 76, 1300, 540],
      ['thoracic', 0.35, 150, 1360, 580],
      ['thoracic', 0.65, 150, 1300, 500],
      ['thoracic', 0.9, 230, 920, 540],
      ['neckLower', 0.1, 230, 840, 500],
      ['neckLower', 0.9, 270, 720, 460],
      ['neckUpper', 0.1, 260, 620, 420],
      ['neckUpper', 0.99, 260, 500, 360],
    ],
  },
  head: {
    faces: 'back',
    rows: [
      ['skull', -0.24, 330, 190, 200],
      ['skull', -0.1, 470, 330, 300, 0.2],
      ['skull', 0.08, 500, 380, 340, 0.1],
      ['skull', 0.28, 420, 390, 330],
      ['skull', 0.5, 300, 350, 300],
      ['skull', 0.75, 230, 280, 250],
      ['skull', 0.95, 190, 200, 200],
    ],
  },
  tail: {
    faces: 'back',
    rows: [
      ['tail1', 0, 120],
      ['tail1', 1, 90],
      ['tail2', 1, 76],
      ['tail3', 1, 66],
      ['tail4', 1, 46],
    ],
  },
  foreleg: {
    faces: 'front',
    rows: [
      ['scapula', 0.08, 90, 90, 60],
      ['scapula', 0.4, 260, 270, 170],
      ['scapula', 0.9, 320, 350, 230],
      ['humerus', 0.1, 310, 330, 240],
      ['humerus', 0.6, 250, 290, 210],
      ['humerus', 1, 225, 255, 195],
      ['radius', 0.3, 205, 220, 185],
      ['radius', 0.9, 178, 182, 172],
      ['metacarpus', 0.6, 180, 180, 180],
      ['foreDigits', 0.1, 178, 170, 180],
      ['foreDigits', 0.4, 150],
    ],
  },
  'hind leg': {
    faces: 'front',
    rows: [
      ['pelvis', 0.3, 320, 340, 220],
      ['femur', 0.05, 380, 400, 280],
      ['femur', 0.4, 350, 390, 260],
      ['femur', 0.9, 270, 290, 220],
      ['tibia', 0.3, 215, 240, 195],
      ['tibia', 0.9, 170, 195, 170],
      ['metatarsus', 0.5, 168, 185, 170],
      ['hindDigits', 0.1, 165, 160, 168],
      ['hindDigits', 0.4, 140],
    ],
  },
  ear: {
    faces: 'front',
    rows: [
      ['ear', -0.02, 13, 13, 26],
      ['ear', 0.15, 52, 52, 100],
      ['ear', 0.3, 66, 66, 115],
      ['ear', 0.5, 66, 66, 125],
      ['ear', 0.7, 66, 66, 115],
      ['ear', 0.85, 52, 52, 100],
      ['ear', 1.02, 13, 13, 26],
    ],
  },
  tusk: {
    faces: 'front',
    rows: [
      ['horn', -0.1, 95],
      ['horn', 0.5, 94],
      ['hornTip', 0.2, 90],
      ['hornTip', 0.8, 82],
      ['horn3', 0.5, 68],
      ['horn4', 0.3, 60],
      ['horn4', 0.98, 46],
    ],
  },
  'trunk of the elephant': {
    faces: 'front',
    rows: [
      ['proboscis', 0.01, 220, 180, 200],
      ['proboscis', 0.5, 130, 110, 120],
      ['proboscis', 0.65, 130, 70, 100],
      ['proboscis', 0.85, 120, 40, 80],
      ['proboscis', 0.99, 120, 0, 60],
    ],
  },
} satisfies Readonly<Record<string, SleeveRows>>;

/** What stands off it along curves of its own. */
const CURVES = {
  foreDigits: nails(5, 190, 150, 90),
  hindDigits: nails(4, 175, 140, 80),
  thoracic: fringe('skirt', {
    many: 9,
    along: [0.02, 0.86],
    up: [-1120, -980],
    beside: [380, 400],
    long: [620, 520],
  }),
  lumbar: fringe('skirt', {
    many: 4,
    along: [0.05, 0.85],
    up: [-1060, -1080],
    beside: [360, 370],
    long: [520, 600],
  }),
  neckLower: fringe('throat', {
    many: 2,
    along: [0.2, 0.8],
    up: [-720, -640],
    beside: [260, 240],
    long: [420, 380],
  }),
  humerus: fringe('sleeve of hair', {
    many: 3,
    along: [0.2, 0.8],
    up: [-40, -40],
    beside: [180, 150],
    long: [420, 380],
  }),
  femur: fringe('trousers of hair', {
    many: 3,
    along: [0.3, 0.9],
    up: [-40, -40],
    beside: [200, 170],
    long: [460, 400],
  }),
  tail4: [-1, 0, 1].map((beside) =>
    apart(
      `tuft ${beside + 2}`,
      { breadth: 0.7 },
      [0.6, 40, [0, 0, 20 * beside]],
      [1, 44, [-10, -120, 40 * beside]],
      [1, 8, [-20, -330, 46 * beside]],
    ),
  ),
};

/** Whose parts are made apart, and where. */
const LOCKS = ['skirt', 'throat', 'sleeve of hair', 'trousers of hair'];
const SHAGGY = ['thoracic', 'lumbar', 'neckLower', 'humerus', 'femur'];

/** Where the head is parted into upper and lower jaw. */
const JAW = { hinge: 0.3, corner: 0.62, chin: ['skull', 0.92], lip: [0.35, 0.4] } satisfies JawData;

/**
 * Woolly mammoth, a grown bull. All values are from general knowledge (memory), to be checked
 * against a skeleton; the outline takes the fleece in.
 */
const TOLD = {
  id: 'woolly-mammoth',
  name: 'Woolly mammoth',
  latin: 'Mammuthus primigenius',
  planId: 'four-footed-mammal',
  // Strides over the height of the hip: memory.
  gaits: [
    walk({ stridePerHip: 0.85, duty: 0.7, height: 0.94, lift: 0.08, driven: { scapula: 25 } }),
    amble({ stridePerHip: 1.18, height: 0.93, driven: { scapula: 25 } }),
  ],
  lengths: {
    skull: memory(1020, 850, 1250),
    ear: memory(350, 280, 400),
    horn: memory(760, 520, 1050),
    hornTip: memory(800, 560, 1050),
    horn3: memory(800, 520, 1050),
    horn4: memory(700, 400, 1050),
    proboscis: memory(1650, 1400, 1950),
    neckUpper: memory(210, 170, 250),
    neckLower: memory(240, 200, 290),
    thoracic: memory(1450, 1250, 1650),
    lumbar: memory(400, 330, 470),
    sacrum: memory(320, 270, 370),
    tail1: memory(150, 110, 190),
    tail2: memory(150, 110, 190),
    tail3: memory(150, 110, 190),
    tail4: memory(150, 110, 190),
    scapula: memory(800, 680, 920),
    humerus: memory(920, 750, 1010),
    radius: memory(760, 640, 880),
    metacarpus: memory(250, 200, 300),
    foreDigits: memory(130, 100, 160),
    pelvis: memory(520, 440, 620),
    femur: memory(1120, 950, 1250),
    tibia: memory(640, 540, 720),
    metatarsus: memory(210, 170, 250),
    hindDigits: memory(120, 90, 150),
  },
  rest: {
    sacrum: [-1, -0.5, 0],
    lumbar: [1, 0.16, 0],
    thoracic: [1, 0.2, 0],
    neckLower: [1, 0.28, 0],
    neckUpper: [1, 0.5, 0],
    skull: [0.72, -0.7, 0],
    ear: [-0.55, -0.75, -0.35],
    horn: [0.5, -0.74, -0.44],
    hornTip: [0.9, -0.16, -0.4],
    horn3: [0.72, 0.68, 0.1],
    horn4: [0.04, 0.84, 0.54],
    proboscis: [0.02, -1, 0],
    tail1: [-0.5, -0.86, 0],
    tail2: [-0.2, -1, 0],
    tail3: [-0.1, -1, 0],
    tail4: [-0.05, -1, 0],
    scapula: [0.3, -0.9, -0.36],
    humerus: [-0.36, -0.93, -0.02],
    radius: [0.1, -1, 0],
    metacarpus: [0.2, -1, 0],
    foreDigits: [0.75, -0.66, 0],
    pelvis: [-0.1, -0.62, -0.78],
    femur: [0.2, -0.98, 0.02],
    tibia: [-0.16, -0.98, 0.02],
    metatarsus: [0.2, -1, 0],
    hindDigits: [0.75, -0.66, 0],
  },
  seats: { horn: 0.82, ear: 0.2, proboscis: 0.92 },
  flesh: fleshOf(SLEEVES, CURVES),
  features: [
    feature('tusks', 'Tusks', 'horn', 2, memory(3000, 2000, 4200), 'grown horn'),
    feature(
      'fore-nails',
      'Toenails, forefeet',
      'foreDigits',
      10,
      memory(90, 60, 120),
      'nail',
      ['nail'],
      ['foreDigits'],
    ),
    feature(
      'hind-nails',
      'Toenails, hind feet',
      'hindDigits',
      8,
      memory(80, 55, 110),
      'nail',
      ['nail'],
      ['hindDigits'],
    ),
    feature(
      'locks',
      'Locks of long hair',
      'thoracic',
      54,
      memory(620, 400, 900),
      'tuft',
      LOCKS,
      SHAGGY,
    ),
    feature(
      'tail-tuft',
      'Tuft of the tail',
      'tail4',
      3,
      memory(340, 220, 450),
      'tuft',
      ['tuft'],
      ['tail4'],
    ),
  ],
  lie: [
    {
      kind: 'parting',
      through: [
        ['neckUpper', 0.2, 0],
        ['thoracic', 0.5, 0],
        ['lumbar', 0.5, 0],
      ],
      paired: false,
      turnDeg: 65,
    },
    {
      kind: 'guide',
      through: [
        ['thoracic', 0.5, 60],
        ['thoracic', 0.5, 120],
      ],
      paired: true,
    },
    {
      kind: 'guide',
      through: [
        ['lumbar', 0.5, 60],
        ['lumbar', 0.5, 120],
      ],
      paired: true,
    },
  ],
  counts: [
    count('Tusks', 2),
    count('Cheek teeth in use', 4, 8, 'six in each quarter in a lifetime, one after the other'),
    count('Neck vertebrae', 7),
    count('Chest vertebrae', 19, 20),
    count('Digits inside each foot', 5),
  ],
  face: face({
    eyes: [eye(['skull', 0.62, 76], [1.1, 0.75], -8, 'dark', '#2a1e16', 0.25)],
    pads: HORN.map((bone) => wholly(bone, '#d9c8a4')),
    lines: [cheek(['skull', 0.82, 120], ['skull', 0.72, 126], ['skull', 0.62, 122])],
  }),
  coat: [
    zone('tusks', 'Tusks', HORN, null, '#d9c8a4', {
      covering: 'skin',
      sheen: 'satin',
    }),
    zone('ears', 'Ears', ['ear'], [120, 12, 25], '#5e4330'),
    zone('proboscis', 'Proboscis', ['proboscis'], [150, 14, 25], '#5b4231'),
    zone('head', 'Head and cap', ['skull'], [200, 18, 25], '#60432e'),
    zone('skirt', 'Belly skirt', TRUNK, [800, 40, 30], '#4b3325', { facing: ['down'] }),
    zone('body', 'Back and flanks', [...NECK, ...TRUNK], [450, 30, 25], '#684831'),
    zone('upper-legs', 'Upper legs', UPPER_LIMBS, [400, 30, 25], '#573b2a'),
    zone('legs', 'Lower legs', LOWER_LIMBS, [220, 20, 20], '#4e3627'),
    zone('feet', 'Feet', FEET, [120, 14, 18], '#463226'),
    zone('tail', 'Tail', TAIL, [450, 30, 25], '#4a3224'),
  ],
  markings: [
    mark(
      'back-fade',
      'Sun-bleached back',
      'field',
      [['Bleached back', '#83603f']],
      [
        ['neckLower', 0.4, 0],
        ['sacrum', 0.2, 46],
      ],
      { widthMm: 300, vary: 0.6, edge: 'soft', edgeMm: 320 },
    ),
    mark(
      'cap',
      'Dark cap',
      'field',
      [['Dark cap', '#4b3322']],
      [
        ['skull', 0.05, 0],
        ['skull', 0.4, 50],
      ],
      { widthMm: 150, vary: 0.5, edge: 'soft', edgeMm: 120 },
    ),
    mark(
      'flank-shade',
      'Dark of the lower flank',
      'field',
      [['Dark of the flank', '#553a28']],
      [
        ['thoracic', 0.9, 96],
        ['lumbar', 0.05, 150],
      ],
      { widthMm: 260, vary: 0.7, edge: 'soft', edgeMm: 300 },
    ),
  ],
  eye: memory(38, 34, 42),
  density: { gPerMl: 0.95, why: 'the outline takes in the fleece, which is mostly air' },
  sexes: [
    { name: 'bull', size: 1 },
    { name: 'cow', size: 0.82 },
  ],
  ranges: {
    massKg: [4000, 6500],
    sizes: {
      'shoulder-height': [2700, 3400],
      length: [3400, 4900],
      'head-body': [3000, 4200],
      tail: [450, 750],
      horn: [2000, 4200],
    },
  },
  commonMistake:
    'It is built as an elephant in fur: the head stands high as a dome above a dip in the neck, the back falls away behind the shoulders, and ears and tail are small.',
} satisfies Animal;

export const WOOLLY_MAMMOTH: Animal = Object.freeze(withJaw(TOLD, JAW));
