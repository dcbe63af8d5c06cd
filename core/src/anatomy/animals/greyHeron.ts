import type { Animal } from '../animal.ts';
import { BIRD } from '../plans/bird.ts';
import { edge, eye, face, hole, lores, wholly, row } from './faces.ts';
import { withJaw, type JawData } from './jaw.ts';
import { mark, markWing } from './marks.ts';
import { memory } from './memory.ts';
import { clawedToes } from './feet.ts';
import {
  apart,
  count,
  feature,
  zone,
  fleshOf,
  type CurveRow,
  type SleeveRows,
  corner,
  ribs,
  remiges,
  rectrices,
} from './shapes.ts';

/**
 * The heron's flesh, feathers and all, section by section from general knowledge: a body like a drop with the
 * shoulders forward, a thin neck that kinks at once, a head that runs into the bill, and thighs under the
 * feathers of the belly.
 */
const SLEEVES = {
  trunk: {
    faces: 'back',
    rows: [
      ['synsacrum', 1, 16, 24, 25],
      ['synsacrum', 0.6, 26, 44, 38, 0.1],
      ['synsacrum', 0.15, 30, 62, 46, 0.1],
      ['thoracic', 0.2, 33, 76, 49, 0.1],
      ['thoracic', 0.55, 33, 79, 49, 0.05],
      ['thoracic', 0.88, 31, 70, 43],
      ['neck1', 0.1, 28, 50, 34],
      ['neck1', 0.35, 23, 33, 25],
      ['neck1', 0.7, 17, 21, 17],
      ['neck1', 0.94, 15.5, 17, 15.5],
      ['neck2', 0.06, 15.5, 16, 15.5],
      ['neck2', 0.5, 14.5, 15, 14.5],
      ['neck2', 0.9, 14.5],
      ['neck3', 0.1, 14.5],
      ['neck3', 0.6, 14, 14, 13.5],
      ['neck3', 0.98, 13, 14, 13],
    ],
  },
  head: {
    faces: 'back',
    rows: [
      ['skull', 0.02, 11, 12, 11],
      ['skull', 0.24, 17, 14.5, 15],
      ['skull', 0.5, 18, 15, 16, -0.1],
      ['skull', 0.76, 15, 14, 14, -0.1],
      ['skull', 0.98, 11, 11.5, 10.5],
      ['bill', 0.15, 8.4, 9.4, 8],
      ['bill', 0.5, 5.6, 6.4, 5.4],
      ['bill', 0.85, 2.6, 3, 2.4],
      ['bill', 0.99, 1.2, 1.4, 1.2],
    ],
  },
  tail: {
    faces: 'back',
    rows: [
      ['tail', -0.06, 14, 20, 24],
      ['tail', 0.25, 9, 12, 27, 0, 2.4, 2.2],
      ['tail', 0.65, 6, 7, 27, 0, 2.6, 2.4],
      ['tail', 0.95, 4, 4.5, 21, 0, 2.6, 2.4],
    ],
  },
  shoulder: {
    faces: 'back',
    rows: [
      ['coracoid', 0.2, 24, 26, 22],
      ['coracoid', 1, 24, 26, 20],
    ],
  },
  'upper arm': {
    faces: 'back',
    rows: [
      ['humerus', 0, 20, 26, 13],
      ['humerus', 0.5, 20, 26, 12],
      ['humerus', 0.95, 16, 20, 10],
    ],
  },
  forearm: {
    faces: 'back',
    rows: [
      ['ulna', -0.02, 14, 16, 8],
      ['ulna', 0.3, 18, 34, 9],
      ['ulna', 0.7, 17, 36, 9.5],
      ['ulna', 1, 14, 28, 9],
    ],
  },
  hand: {
    faces: 'back',
    rows: [
      ['manus', -0.05, 15, 16, 8],
      ['manus', 0.4, 17, 24, 8.5],
      ['manus', 1, 15, 24, 7.5],
      ['primaries', 0.2, 14, 22, 7],
      ['primaries', 0.5, 11, 17, 5.5],
      ['primaries', 0.8, 7, 11, 4],
      ['primaries', 0.97, 4, 5, 3],
    ],
  },
  leg: {
    faces: 'front',
    rows: [
      ['pelvis', 0.6, 26, 26, 20],
      ['femur', 0.3, 27, 27, 21],
      ['femur', 0.85, 24, 26, 19],
      ['tibiotarsus', 0.1, 21, 25, 17],
      ['tibiotarsus', 0.28, 16, 19, 13],
      ['tibiotarsus', 0.42, 10, 11, 9],
      ['tibiotarsus', 0.62, 7, 7.4, 7],
      ['tibiotarsus', 0.92, 7, 7.6, 7.4],
      ['tarsometatarsus', 0.06, 7.2, 8.4, 7.8],
      ['tarsometatarsus', 0.3, 6, 6.8, 6.2],
      ['tarsometatarsus', 0.75, 5.8, 6.4, 6],
      ['tarsometatarsus', 0.99, 6.2, 6.4, 7],
    ],
  },
} as const satisfies Readonly<Record<string, SleeveRows>>;

/** A loose plume: how it hangs, from its root to its tip. */
const plume = (name: string, hex: string, ...rows: readonly CurveRow[]) =>
  apart(name, { hex, breadth: 0.6, bothSides: true }, ...rows);

/** Three toes forward and one back, long and thin, thicker at each pad; plumes of crest, breast and back. */
const CURVES = {
  toes: clawedToes({
    'middle toe': [
      [
        [0, 6],
        [0.32, 4.4],
        [0.36, 4.8],
        [0.64, 3.6],
        [0.68, 4],
        [0.98, 2.6],
      ],
      14,
    ],
    'inner toe': [
      [
        [0, 5.6],
        [0, 4.2, [30, -1, 18]],
        [0, 4.4, [34, -1, 20]],
        [0, 2.6, [68, -3, 38]],
      ],
      13,
    ],
    'outer toe': [
      [
        [0, 5.6],
        [0, 4.2, [27, -1, -19]],
        [0, 4.4, [31, -1, -21]],
        [0, 2.6, [72, -3, -46]],
      ],
      13,
    ],
  }),
  hallux: clawedToes(
    {
      'hind toe': [
        [
          [0, 5.4],
          [0.45, 4],
          [0.52, 4.3],
          [0.97, 2.6],
        ],
        16,
      ],
    },
    [-1, 0, 0],
  ),
  skull: [
    plume(
      'crest plume',
      '#23262b',
      [0.5, 4, [0, 14, -5]],
      [0.2, 4, [-10, 13, -8]],
      [0, 3, [-55, 4, -10]],
      [0, 1, [-118, -22, -9]],
    ),
    plume(
      'crown stripe',
      '#23262b',
      [0.86, 2, [0, 10, -7]],
      [0.55, 4, [0, 12, -11]],
      [0.15, 4.5, [-6, 8, -12]],
    ),
  ],
  neck1: [0, 1, 2, 3].map((i) =>
    plume(
      `breast plume ${i + 1}`,
      '#e9e7e0',
      [0.34 - 0.1 * i, 3.4, [6, -34 - 4 * i, -4 - 4 * i]],
      [0.3 - 0.1 * i, 4, [10, -70 - 8 * i, -7 - 5 * i]],
      [0.26 - 0.1 * i, 1, [-14, -128 - 12 * i, -8 - 6 * i]],
    ),
  ),
  thoracic: [0, 1, 2].map((i) =>
    plume(
      `back plume ${i + 1}`,
      '#c3c6c8',
      [0.6 - 0.15 * i, 5, [0, 26 - 4 * i, -26 - 7 * i]],
      [0.2 - 0.15 * i, 7, [-40, 18 - 5 * i, -38 - 7 * i]],
      [-0.2 - 0.15 * i, 1.5, [-140, -36 - 4 * i, -34 - 8 * i]],
    ),
  ),
};

/** Where the head is parted into upper and lower jaw. */
const JAW = {
  hinge: 0.72,
  corner: 0.86,
  chin: ['bill', 0.96],
  lip: [0.4, 0.55, 0.6],
} satisfies JawData;

/**
 * Grey heron, a typical adult. All values are from general knowledge (memory), to be checked
 * against a specimen; wing, tarsus, bill and tail agree with handbook ranges.
 */
const TOLD = {
  id: 'grey-heron',
  name: 'Grey heron',
  latin: 'Ardea cinerea',
  planId: 'bird',
  lengths: {
    bill: memory(118, 100, 133),
    skull: memory(62, 54, 70),
    neck1: memory(125, 105, 145),
    neck2: memory(135, 115, 155),
    neck3: memory(112, 95, 130),
    thoracic: memory(108, 92, 125),
    synsacrum: memory(95, 80, 110),
    tail: memory(168, 155, 180),
    coracoid: memory(42, 34, 50),
    humerus: memory(180, 160, 200),
    ulna: memory(205, 185, 230),
    manus: memory(105, 92, 120),
    primaries: memory(352, 320, 385),
    pelvis: memory(32, 26, 38),
    femur: memory(84, 72, 95),
    tibiotarsus: memory(210, 185, 235),
    tarsometatarsus: memory(155, 130, 175),
    toes: memory(95, 80, 108),
    hallux: memory(52, 42, 62),
  },
  rest: {
    synsacrum: [-1, -0.5, 0],
    thoracic: [1, 0.55, 0],
    neck1: [0.9, 0.35, 0],
    neck2: [-0.5, 0.87, 0],
    neck3: [0.42, 0.9, 0],
    skull: [1, 0.02, 0],
    bill: [1, -0.12, 0],
    tail: [-1, -0.55, 0],
    humerus: [-0.85, -0.52, -0.05],
    ulna: [0.9, 0.44, -0.06],
    manus: [-0.9, -0.42, -0.02],
    primaries: [-0.93, -0.36, 0.1],
    femur: [0.8, -0.6, -0.05],
    tibiotarsus: [-0.28, -0.96, 0],
    tarsometatarsus: [0.1, -1, 0],
    toes: [1, -0.05, -0.12],
    hallux: [-1, -0.05, 0.1],
  },
  flesh: fleshOf(SLEEVES, CURVES),
  blades: [
    {
      id: 'wing',
      name: 'Flight feathers',
      paired: true,
      outline: [
        corner('coracoid', 1),
        corner('ulna', 0),
        corner('ulna', 1),
        corner('manus', 1),
        corner('primaries', 1),
        corner('synsacrum', 0.9, [0, -26, -30]),
      ],
      ribs: [ribs(22, [1.1, 3.8], [5, 4.05])],
      thickness: memory(0.6, 0.3, 1),
      zone: 'flight',
    },
  ],
  plumage: [
    remiges('primaries', ['manus', 'ulna'], {
      ...{ zone: 'flight', many: [10, 10, 11], longest: memory(365, 335, 395) },
      formula: [0.66, 0.7, 0.74, 0.79, 0.85, 0.92, 0.98, 1, 0.99, 0.94],
      ...{ wide: 0.13, tip: 'round', notched: [8, 10] },
    }),
    remiges('secondaries', ['manus', 'ulna'], {
      ...{ zone: 'flight', many: [15, 17, 20], longest: memory(250, 220, 280) },
      formula: [0.92, 0.9, 0.9, 0.92, 0.96, 1, 0.98, 0.85],
      ...{ wide: 0.17, tip: 'round' },
    }),
    rectrices(
      {
        ...{ zone: 'tail', many: [6, 6, 6], longest: memory(174, 158, 190) },
        formula: [1, 0.99, 0.98, 0.97, 0.96, 0.93],
        ...{ wide: 0.2, tip: 'round' },
      },
      32,
    ),
  ],
  features: [
    feature('bill', 'Bill', 'bill', 1, memory(118, 100, 133), 'bill'),
    feature('claws', 'Claws', 'toes', 8, memory(14, 10, 18), 'claw', ['claw'], ['toes', 'hallux']),
    feature(
      'plumes',
      'Crest plumes',
      'skull',
      2,
      memory(170, 120, 220),
      'plume',
      ['crest plume'],
      ['skull'],
    ),
    feature(
      'breast-plumes',
      'Breast plumes',
      'neck1',
      8,
      memory(130, 80, 180),
      'plume',
      ['breast plume'],
      ['neck1'],
    ),
    feature(
      'back-plumes',
      'Back plumes',
      'thoracic',
      6,
      memory(200, 140, 260),
      'plume',
      ['back plume'],
      ['thoracic'],
    ),
  ],
  counts: [
    count('Primaries, each wing', 10, 11, 'and a minute outer one'),
    count('Secondaries, each wing', 15, 20),
    count('Tail feathers', 12),
    count('Neck vertebrae', 19, 20, 'the sixth makes the kink'),
    count('Toes, each foot', 4),
  ],
  face: face({
    eyes: [eye(['skull', 0.76, 74], [0.5, 0.5], 0, 'round', '#e3c13c')],
    holes: [hole(['bill', 0.22, 48], 0.09, 0.014, 4)],
    lines: [
      row('ulna', 9, [0.08, 0.95], [62, 58], 10),
      row('ulna', 9, [0.06, 0.95], [88, 84], 11),
      row('ulna', 10, [0.05, 0.95], [116, 112], 12),
      row('manus', 4, [0.1, 0.95], [98, 92], 12),
      ...[66, 84, 102].map((around) =>
        edge(
          ['primaries', 0.15, around],
          ['primaries', 0.5, around],
          ['primaries', 0.92, around + 2],
        ),
      ),
    ],
    pads: [
      lores('skull', [0.84, 1.0], [62, 100], '#c9b04a'),
      wholly('bill', '#d0a04a'),
      wholly('jaw', '#d0a04a'),
    ],
  }),
  coat: [
    zone('bill', 'Bill', BIRD.bill, null, '#c9953d', { covering: 'skin', sheen: 'satin' }),
    zone('crown', 'Crown and face', BIRD.head, [9, 3, 8], '#e3e2dc', { covering: 'feather' }),
    zone('foreneck', 'Front of the neck', BIRD.neck, [22, 5, 8], '#e6e3da', {
      covering: 'feather',
      facing: ['down'],
    }),
    zone('neck', 'Neck', BIRD.neck, [18, 5, 8], '#c9c9c6', { covering: 'feather' }),
    zone('belly', 'Breast and belly', BIRD.trunk, [42, 14, 8], '#dcdad3', {
      covering: 'feather',
      facing: ['down'],
    }),
    zone('back', 'Back and flanks', [...BIRD.trunk, ...BIRD.arm], [38, 18, 8], '#8d939a', {
      covering: 'feather',
    }),
    zone('flight', 'Flight feathers', BIRD.hand, [230, 26, 4], '#3e4349', {
      covering: 'feather',
    }),
    zone('thighs', 'Thighs', BIRD.thighs, [20, 7, 8], '#d9d7d0', { covering: 'feather' }),
    zone('feet', 'Feet', BIRD.feet, [3, 4, 0], '#7b7560', { covering: 'scale' }),
    zone('tail', 'Tail', BIRD.tail, [150, 28, 4], '#7f858c', { covering: 'feather' }),
  ],
  markings: [
    mark(
      'crown-stripe',
      'Stripe of the crown',
      'line',
      [['Stripe of the crown', '#1f2226']],
      [
        ['skull', 0.8, 40],
        ['skull', 0.5, 44],
        ['skull', 0.2, 46],
        ['skull', 0.02, 48],
        ['neck3', 0.92, 40],
      ],
      { widthMm: 9, vary: 0.2 },
    ),
    mark(
      'neck-streaks',
      'Streaks of the foreneck',
      'rings',
      [['Streaks of the neck', '#26292d']],
      [
        ['neck3', 0.7, 158],
        ['neck1', 0.3, 170],
      ],
      {
        bands: [
          { colour: 0, mm: 16, speckle: 0 },
          { colour: null, mm: 9, speckle: 0 },
        ],
        vary: 0.6,
        widthMm: 6,
        edge: 'broken',
        edgeMm: 1.6,
      },
    ),
    mark(
      'shoulder',
      'Black of the shoulder',
      'patch',
      [['Black of the shoulder', '#23262b']],
      [['thoracic', 0.9, 96]],
      { widthMm: 60, lengthMm: 80, vary: 0.4, spreads: true, edge: 'soft', edgeMm: 8 },
    ),
    mark(
      'flank-stripe',
      'Black along the belly',
      'stripes',
      [['Black along the belly', '#26292d']],
      [
        ['thoracic', 0.8, 146],
        ['synsacrum', 0.3, 146],
      ],
      { repeats: 1, widthMm: 18, vary: 0.5, edge: 'soft', edgeMm: 6 },
    ),
    markWing(
      'wing-tip',
      'Dark end of the wing',
      'wing-tip',
      'wing',
      [['Dark end of the wing', '#2b2f35']],
      { share: 0.6, edge: 'soft', edgeMm: 20 },
    ),
  ],
  downHex: '#8e8f8d',
  eye: memory(22, 20, 25),
  density: {
    gPerMl: 0.7,
    why: 'the outline is that of the plumage, with air in it and in the sacs',
  },
  ranges: {
    massKg: [1, 2.1],
    sizes: {
      height: [750, 1000],
      length: [840, 1020],
      wingspan: [1550, 1950],
      'wing-chord': [425, 500],
      tarsus: [130, 175],
      bill: [100, 133],
      tail: [155, 180],
    },
  },
  commonMistake:
    'The neck is bent as a smooth curve: it kinks at its sixth vertebra, so that the front folds like a clasp knife and never like a swan’s.',
} satisfies Animal;

export const GREY_HERON: Animal = Object.freeze(withJaw(TOLD, JAW));
