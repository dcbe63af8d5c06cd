import type { Animal } from '../animal.ts';
import { INSECT } from '../plans/insect.ts';
import { edge, face } from './faces.ts';
import { mark, markWing } from './marks.ts';
import { memory } from './memory.ts';
import {
  apart,
  count,
  feature,
  on,
  zone,
  fleshOf,
  type SleeveRows,
  corner,
  ribs,
} from './shapes.ts';

/** Its flesh, section by section; life mm from general knowledge. */
const SLEEVES = {
  head: {
    faces: 'back',
    rows: [
      ['head', 0, 0.6, 0.6, 0.9],
      ['head', 0.15, 2.4, 2.4, 3.2],
      ['head', 0.3, 3, 3, 4],
      ['head', 0.4, 3.2, 3.2, 4.5],
      ['head', 0.55, 3, 3, 4],
      ['head', 0.7, 2.4, 2.4, 3.2],
      ['head', 0.85, 0.6, 0.6, 0.9],
    ],
  },
  antenna: {
    faces: 'back',
    rows: [
      ['antenna', 0, 0.3],
      ['antenna', 1, 0.1],
    ],
  },
  prothorax: {
    faces: 'back',
    rows: [
      ['prothorax', 0, 2],
      ['prothorax', 1, 1.8],
    ],
  },
  thorax: {
    faces: 'back',
    rows: [
      ['pterothorax', -0.1, -0.4, 2.4, 1.4],
      ['pterothorax', 0.08, 2.2, 4.4, 3.3],
      ['pterothorax', 0.3, 3, 5.2, 4.1],
      ['pterothorax', 0.55, 3.2, 5.2, 4.2],
      ['pterothorax', 0.8, 2.7, 4.2, 3.6],
      ['pterothorax', 1, 1.5, 2.5, 2.1],
    ],
  },
  abdomen: {
    faces: 'back',
    rows: [
      ['abdomen1', 0, 2.4, 2.6, 2.5],
      ['abdomen1', 0.12, 2.5, 2.6, 2.7],
      ['abdomen1', 0.35, 1.6, 1.7, 1.6],
      ['abdomen1', 0.8, 1.6, 1.7, 1.8],
      ['abdomen2', 0.5, 1.6, 1.7, 1.9],
      ['abdomen3', 0.1, 1.6, 1.7, 2],
      ['abdomen3', 0.7, 1.4, 1.4, 1.8],
      ['abdomen3', 0.97, 0.9, 0.9, 1.1],
    ],
  },
  forewing: {
    faces: 'back',
    rows: [
      ['forewing', 0, 0.7],
      ['forewing', 0.2, 0.4],
    ],
  },
  hindwing: {
    faces: 'back',
    rows: [
      ['hindwing', 0, 0.7],
      ['hindwing', 0.2, 0.4],
    ],
  },
  ...Object.fromEntries(
    ['fore', 'mid', 'hind'].map((pair): [string, SleeveRows] => [
      `${pair} leg`,
      {
        faces: 'back',
        rows: [
          [`${pair}Coxa`, 0.3, 0.9],
          [`${pair}Coxa`, 1, 0.8],
          [`${pair}Femur`, 1, 0.5],
          [`${pair}Tibia`, 1, 0.3],
          [`${pair}Tarsus`, 1, 0.2],
        ],
      },
    ]),
  ),
} satisfies Readonly<Record<string, SleeveRows>>;

/** The eyes meet over the head and take up most of it; two claspers end the body. */
const CURVES = {
  head: [
    apart(
      'eye',
      { hex: '#3f7480', bothSides: true },
      [0.2, 1.5, [0, 0.9, -1.6]],
      [0.4, 2.7, [0, 0.8, -2.3]],
      [0.62, 2.3, [0, 0.4, -2.5]],
      [0.72, 1.1, [0, 0, -2.4]],
    ),
    apart(
      'brow',
      '#8a9a4a',
      [0.6, 1.2, [0, 1.1, -1]],
      [0.72, 1.5, [0, 0.6, 0]],
      [0.6, 1.2, [0, 1.1, 1]],
    ),
  ],
  abdomen3: [
    apart(
      'clasper',
      { hex: '#3a342c', bothSides: true, breadth: 0.6 },
      [0.9, 0.5, [0, 0.2, -0.4]],
      [1.1, 0.6, [-0.8, 0.2, -0.9]],
      [1.2, 0.2, [-1.6, 0.1, -0.8]],
    ),
  ],
};

/**
 * Emperor dragonfly, a typical adult, wings spread. All values are from general knowledge (memory),
 * to be checked against a specimen; lengths agree with field guides.
 */
export const EMPEROR_DRAGONFLY: Animal = Object.freeze({
  id: 'emperor-dragonfly',
  name: 'Emperor dragonfly',
  latin: 'Anax imperator',
  planId: 'insect',
  lengths: {
    head: memory(7, 6, 8.5),
    antenna: memory(4, 3, 5),
    prothorax: memory(3, 2.3, 3.7),
    pterothorax: memory(12, 10, 14),
    abdomen1: memory(18, 15, 20),
    abdomen2: memory(18, 15, 20),
    abdomen3: memory(18, 15, 20),
    forewing: memory(51, 46, 55),
    hindwing: memory(49, 45, 54),
    foreCoxa: memory(2.6, 2, 3.2),
    foreFemur: memory(6.5, 5.4, 7.6),
    foreTibia: memory(5.5, 4.5, 6.5),
    foreTarsus: memory(3.5, 2.8, 4.2),
    midCoxa: memory(3, 2.3, 3.7),
    midFemur: memory(8.5, 7, 10),
    midTibia: memory(7, 5.8, 8.2),
    midTarsus: memory(4, 3.2, 4.8),
    hindCoxa: memory(3, 2.3, 3.7),
    hindFemur: memory(10.5, 8.8, 12),
    hindTibia: memory(9, 7.5, 10.5),
    hindTarsus: memory(4.5, 3.6, 5.4),
  },
  rest: {
    forewing: [0.12, 0.04, -1],
    hindwing: [-0.1, 0.02, -1],
    foreCoxa: [0.55, -0.8, -0.35],
    midCoxa: [0.35, -0.85, -0.4],
    hindCoxa: [0.15, -0.88, -0.42],
  },
  flesh: fleshOf(SLEEVES, CURVES),
  blades: [
    {
      id: 'forewing',
      name: 'Forewing',
      paired: true,
      outline: [
        corner('forewing', 0.06, [2, 0, 0]),
        on('forewing', 0.5, [2.2, 0, 0]),
        on('forewing', 0.9, [1.2, 0, 0]),
        on('forewing', 1),
        on('forewing', 0.96, [-4, 0, 0]),
        on('forewing', 0.75, [-8.4, 0, 0]),
        on('forewing', 0.4, [-8, 0, 0]),
        corner('forewing', 0.1, [-4.5, 0, 0]),
      ],
      ribs: [ribs(6, [7.9, 7.1], [2.4, 6.3]), ribs(13, [0.3, 2.8], [6.9, 4.1])],
      thickness: memory(0.06, 0.02, 0.1),
    },
    {
      id: 'hindwing',
      name: 'Hindwing',
      paired: true,
      outline: [
        corner('hindwing', 0.06, [2, 0, 0]),
        on('hindwing', 0.5, [2, 0, 0]),
        on('hindwing', 0.9, [1, 0, 0]),
        on('hindwing', 1),
        on('hindwing', 0.95, [-4.5, 0, 0]),
        on('hindwing', 0.7, [-9.5, 0, 0]),
        on('hindwing', 0.35, [-12.5, 0, 0]),
        corner('hindwing', 0.1, [-10, 0, 0]),
      ],
      ribs: [ribs(6, [7.9, 7.1], [2.4, 6.6]), ribs(13, [0.3, 2.8], [6.9, 4.1])],
      thickness: memory(0.06, 0.02, 0.1),
    },
  ],
  features: [
    feature('compound-eyes', 'Compound eyes', 'head', 2, memory(7, 6, 8), 'eye', ['eye'], ['head']),
    feature('antennae', 'Antennae', 'antenna', 2, memory(4, 3, 5), 'grown feeler'),
    feature(
      'claspers',
      'Claspers',
      'abdomen3',
      2,
      memory(6.5, 5, 8),
      'spike',
      ['clasper'],
      ['abdomen3'],
    ),
  ],
  counts: [
    count('Segments of the abdomen', 10),
    count('Wings', 4),
    count('Legs', 6),
    count('Segments of the antenna', 7),
  ],
  face: face({
    lines: [edge(['head', 0.2, 20], ['head', 0.5, 14], ['head', 0.72, 22])],
  }),
  coat: [
    zone('head', 'Head and eyes', INSECT.head, null, '#5d8fa8', {
      covering: 'skin',
      sheen: 'gloss',
    }),
    zone('thorax', 'Thorax', INSECT.thorax, [0.6, 0.1, 20], '#7d9a45'),
    zone('stripe', 'Back of the abdomen', INSECT.abdomen, null, '#4f86c6', {
      covering: 'skin',
      sheen: 'satin',
      facing: ['up'],
    }),
    zone('abdomen', 'Abdomen', INSECT.abdomen, null, '#4f86c6', {
      covering: 'skin',
      sheen: 'satin',
    }),
    zone('legs', 'Legs', INSECT.legs, null, '#4c3a2c', { covering: 'skin' }),
    zone('feelers', 'Antennae', INSECT.feelers, null, '#3a322a', { covering: 'skin' }),
    zone('wings', 'Wings', INSECT.wings, null, '#d9d3bd', { covering: 'skin', sheen: 'gloss' }),
  ],
  markings: [
    mark(
      'thorax-stripe',
      'Stripes of the thorax',
      'stripes',
      [['Stripes of the thorax', '#3a3226']],
      [
        ['prothorax', 0.2, 44],
        ['pterothorax', 0.1, 96],
      ],
      { repeats: 2, widthMm: 0.7, vary: 0.2 },
    ),
    mark(
      'abdomen-line',
      'Black line of the abdomen',
      'stripes',
      [['Line of the abdomen', '#1d1c1b']],
      [
        ['abdomen1', 0.1, 0],
        ['abdomen3', 0.98, 0],
      ],
      { repeats: 1, widthMm: 1.5, vary: 0.6 },
    ),
    mark(
      'segment-rings',
      'Rings of the abdomen',
      'rings',
      [['Rings of the abdomen', '#1d1c1b']],
      [
        ['abdomen1', 0.3, 0],
        ['abdomen3', 0.98, 180],
      ],
      {
        repeats: 8,
        bands: [
          { colour: null, mm: 4.6, speckle: 0 },
          { colour: 0, mm: 0.6, speckle: 0 },
        ],
        vary: 0.1,
        widthMm: 1,
      },
    ),
    markWing(
      'forewing-veins',
      'Veins of the fore wing',
      'wing-veins',
      'forewing',
      [['Veins', '#2a2620']],
      { widthMm: 0.22 },
    ),
    markWing(
      'hindwing-veins',
      'Veins of the hind wing',
      'wing-veins',
      'hindwing',
      [['Hind veins', '#2a2620']],
      { widthMm: 0.22 },
    ),
    markWing(
      'forewing-mark',
      'Wing mark, fore',
      'wing-spot',
      'forewing',
      [['Wing mark', '#6b4a26']],
      { share: 0.86, lengthMm: 1.6, widthMm: 2.4 },
    ),
    markWing(
      'hindwing-mark',
      'Wing mark, hind',
      'wing-spot',
      'hindwing',
      [['Hind wing mark', '#6b4a26']],
      { share: 0.86, lengthMm: 1.6, widthMm: 2.2 },
    ),
    markWing(
      'forewing-edge',
      'Leading edge',
      'wing-border',
      'forewing',
      [['Edge of the wing', '#8a7a3a']],
      { widthMm: 0.35 },
    ),
  ],
  eye: memory(7, 6, 8),
  ranges: {
    massKg: [0.0009, 0.0015],
    sizes: {
      length: [66, 84],
      wingspan: [95, 110],
      hindwing: [45, 54],
    },
  },
  commonMistake:
    'All four wings are cut alike and set in one line: hindwings are shorter and broader at the root, and the thorax leans back so that all six legs reach forward.',
} satisfies Animal);
