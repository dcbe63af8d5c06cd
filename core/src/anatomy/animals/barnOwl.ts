import type { Animal } from '../animal.ts';
import { BIRD } from '../plans/bird.ts';
import { disc, edge, eye, face, wholly, row } from './faces.ts';
import { mark } from './marks.ts';
import { memory } from './memory.ts';
import { clawedToes } from './feet.ts';
import {
  count,
  feature,
  zone,
  fleshOf,
  type SleeveRows,
  corner,
  ribs,
  remiges,
  rectrices,
} from './shapes.ts';

/** Its flesh, section by section; life mm from general knowledge. */
const SLEEVES = {
  trunk: {
    faces: 'back',
    rows: [
      ['synsacrum', 1.1, 14, 30, 24],
      ['synsacrum', 0.7, 20, 58, 38],
      ['synsacrum', 0.2, 24, 74, 47],
      ['thoracic', 0.15, 28, 80, 52, 0.1],
      ['thoracic', 0.5, 32, 78, 55, 0.1],
      ['thoracic', 0.85, 38, 66, 52],
      ['neck1', 0.3, 38, 54, 46],
      ['neck2', 0.2, 36, 44, 40],
      ['neck3', 0.2, 33, 36, 36],
      ['neck3', 1, 31, 30, 33],
    ],
  },
  head: {
    faces: 'back',
    rows: [
      ['skull', -0.3, 22, 10, 16],
      ['skull', -0.1, 32, 28, 32],
      ['skull', 0.2, 38, 36, 41],
      ['skull', 0.42, 38, 40, 45],
      ['skull', 0.58, 35, 41, 46],
      ['skull', 0.7, 27, 35, 40],
      ['skull', 0.77, 15, 22, 25],
    ],
  },
  bill: {
    faces: 'back',
    rows: [
      ['bill', -0.3, 6],
      ['bill', 0.4, 6, 5.5, 5],
      ['bill', 0.85, 4, 5, 3],
      ['bill', 1.15, 1.8],
    ],
  },
  tail: {
    faces: 'back',
    rows: [
      ['tail', -0.06, 12, 16, 20],
      ['tail', 0.25, 7, 8, 23, 0, 2.4, 2.2],
      ['tail', 0.6, 5, 5, 22, 0, 2.5, 2.4],
      ['tail', 0.95, 4, 4, 18, 0, 2.5, 2.4],
    ],
  },
  shoulder: {
    faces: 'back',
    rows: [
      ['coracoid', 0.3, 24, 24, 22],
      ['coracoid', 1, 25, 25, 22],
    ],
  },
  'upper arm': {
    faces: 'back',
    rows: [
      ['humerus', 0, 22, 26, 16],
      ['humerus', 0.5, 20, 24, 13],
      ['humerus', 0.95, 16, 19, 11],
    ],
  },
  forearm: {
    faces: 'back',
    rows: [
      ['ulna', -0.02, 14, 16, 9],
      ['ulna', 0.3, 19, 27, 10],
      ['ulna', 0.7, 19, 28, 10],
      ['ulna', 1, 15, 22, 9],
    ],
  },
  hand: {
    faces: 'back',
    rows: [
      ['manus', -0.05, 14, 15, 9],
      ['manus', 0.4, 18, 20, 9],
      ['manus', 1, 16, 19, 8],
    ],
  },
  primaries: {
    faces: 'back',
    rows: [
      ['primaries', 0, 15, 18, 7.5],
      ['primaries', 0.3, 14, 15, 6],
      ['primaries', 0.6, 10, 11, 5],
      ['primaries', 0.85, 6, 6, 3.5],
    ],
  },
  leg: {
    faces: 'front',
    rows: [
      ['pelvis', 0.4, 24, 26, 20],
      ['femur', 0.3, 30, 30, 24],
      ['femur', 0.9, 27, 28, 23],
      ['tibiotarsus', 0.15, 23, 25, 20],
      ['tibiotarsus', 0.45, 15, 17, 14],
      ['tibiotarsus', 0.85, 8.5, 9.5, 8.5],
      ['tarsometatarsus', 0.1, 8, 9, 8],
      ['tarsometatarsus', 0.6, 6.4, 6.8, 6.4],
      ['tarsometatarsus', 1, 6.2, 6.4, 6.6],
    ],
  },
} satisfies Readonly<Record<string, SleeveRows>>;

/** What stands off it along curves of its own. */
const CURVES = {
  toes: clawedToes({
    'middle toe': [
      [
        [0, 5.5],
        [0.45, 4.4],
        [0.95, 3.4],
      ],
      17,
    ],
    'inner toe': [
      [
        [0, 5.2],
        [0.1, 4.2, [14, 0, 10]],
        [0.1, 3.2, [26, 0, 17]],
      ],
      17,
    ],
    'outer toe': [
      [
        [0, 5.2],
        [0.1, 4.2, [8, 0, -14]],
        [0.1, 3.2, [14, 0, -26]],
      ],
      15,
    ],
  }),
  hallux: clawedToes(
    {
      'hind toe': [
        [
          [0, 4.8],
          [0.9, 3.4],
        ],
        14,
      ],
    },
    [-1, 0, 0],
  ),
};

/**
 * Barn owl, a typical adult, perched. All values are from general knowledge (memory), to be checked
 * against a specimen; the bones under the plumage are the least certain.
 */
export const BARN_OWL: Animal = Object.freeze({
  id: 'barn-owl',
  name: 'Barn owl',
  latin: 'Tyto alba',
  planId: 'bird',
  lengths: {
    bill: memory(20, 16, 24),
    skull: memory(50, 44, 58),
    neck1: memory(20, 15, 26),
    neck2: memory(20, 15, 26),
    neck3: memory(20, 15, 26),
    thoracic: memory(68, 56, 80),
    synsacrum: memory(55, 45, 65),
    tail: memory(116, 105, 130),
    coracoid: memory(26, 20, 32),
    humerus: memory(84, 76, 92),
    ulna: memory(96, 88, 106),
    manus: memory(48, 42, 56),
    primaries: memory(238, 225, 258),
    pelvis: memory(20, 15, 25),
    femur: memory(52, 45, 58),
    tibiotarsus: memory(90, 80, 100),
    tarsometatarsus: memory(63, 55, 72),
    toes: memory(34, 28, 40),
    hallux: memory(16, 12, 20),
  },
  rest: {
    synsacrum: [-0.38, -0.92, 0],
    thoracic: [0.32, 0.95, 0],
    neck1: [0.3, 0.95, 0],
    neck2: [0.1, 1, 0],
    neck3: [0.15, 1, 0],
    skull: [1, 0.05, 0],
    bill: [0.55, -0.85, 0],
    tail: [-0.5, -0.86, 0],
    coracoid: [0.1, -0.3, -0.95],
    humerus: [-0.42, -0.89, -0.16],
    ulna: [0.46, 0.88, -0.1],
    manus: [-0.46, -0.88, -0.05],
    primaries: [-0.5, -0.85, 0.18],
    pelvis: [0.35, -0.2, -0.9],
    femur: [0.85, -0.5, -0.1],
    tibiotarsus: [-0.35, -0.93, 0],
    tarsometatarsus: [0.2, -0.98, 0],
    toes: [1, -0.1, -0.1],
    hallux: [-1, -0.1, 0.1],
  },
  axesTurnedDeg: { wings: 52 },
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
        corner('synsacrum', 0.9, [0, 0, -18]),
      ],
      ribs: [ribs(22, [1.1, 3.8], [5, 4.05])],
      thickness: memory(0.4, 0.2, 0.6),
      zone: 'flight',
    },
  ],
  plumage: [
    remiges('primaries', ['manus', 'ulna'], {
      ...{ zone: 'flight', many: [10, 10, 11], longest: memory(238, 222, 256) },
      formula: [0.66, 0.69, 0.73, 0.78, 0.84, 0.9, 0.95, 0.985, 1, 0.98],
      ...{ wide: 0.16, tip: 'round' },
    }),
    remiges('secondaries', ['manus', 'ulna'], {
      ...{ zone: 'flight', many: [14, 14, 15], longest: memory(160, 145, 178) },
      formula: [0.98, 0.95, 0.95, 0.97, 1, 0.95, 0.8],
      ...{ wide: 0.24, tip: 'round' },
    }),
    rectrices(
      {
        ...{ zone: 'tail', many: [6, 6, 6], longest: memory(120, 108, 132) },
        formula: [1, 1, 0.99, 0.985, 0.975, 0.96],
        ...{ wide: 0.24, tip: 'round' },
      },
      36,
    ),
  ],
  features: [
    feature('bill', 'Bill', 'bill', 1, memory(20, 16, 24), 'bill'),
    feature('claws', 'Claws', 'toes', 8, memory(16, 13, 19), 'claw', ['claw'], ['toes', 'hallux']),
  ],
  counts: [
    count('Primaries, each wing', 10, 11, 'and a minute outer one'),
    count('Secondaries, each wing', 14, 15),
    count('Tail feathers', 12),
    count('Neck vertebrae', 14),
    count('Toes, each foot', 4, 4, 'the outer one turns to the rear'),
  ],
  face: face({
    eyes: [eye(['skull', 0.76, 62], [0.62, 0.62], 0, 'dark', '#1a1613', 0.85)],
    lines: [
      disc(
        ['skull', 0.6, 0],
        ['skull', 0.54, 30],
        ['skull', 0.5, 60],
        ['skull', 0.5, 90],
        ['skull', 0.52, 120],
        ['skull', 0.56, 150],
        ['skull', 0.6, 180],
      ),
      row('ulna', 7, [0.1, 0.95], [64, 60], 12),
      row('ulna', 7, [0.08, 0.95], [90, 86], 12),
      row('ulna', 8, [0.06, 0.95], [114, 110], 14),
      row('manus', 4, [0.1, 0.95], [92, 88], 14),
      ...[66, 84, 102].map((around) =>
        edge(
          ['primaries', 0.05, around],
          ['primaries', 0.45, around],
          ['primaries', 0.84, around + 2],
        ),
      ),
    ],
    pads: [wholly('bill', '#d9c9b4')],
  }),
  coat: [
    zone('bill', 'Bill', BIRD.bill, null, '#d8c7ae', { covering: 'skin' }),
    zone('disc', 'Facial disc and crown', BIRD.head, [14, 3, 12], '#f1ece2', {
      covering: 'feather',
    }),
    zone('breast', 'Breast and neck', [...BIRD.trunk, ...BIRD.neck], [24, 9, 12], '#f3eee3', {
      covering: 'feather',
      facing: ['down', 'side'],
    }),
    zone('back', 'Back', [...BIRD.trunk, ...BIRD.neck, ...BIRD.arm], [26, 12, 10], '#c9a063', {
      covering: 'feather',
    }),
    zone('flight', 'Flight feathers', BIRD.hand, [190, 28, 4], '#d3ac70', { covering: 'feather' }),
    zone('thighs', 'Thighs', BIRD.thighs, [16, 5, 12], '#f3eee4', { covering: 'feather' }),
    zone('feet', 'Feet', BIRD.feet, [6, 1, 15], '#d5c4b3', { covering: 'feather' }),
    zone('tail', 'Tail', BIRD.tail, [100, 26, 4], '#d0a96b', { covering: 'feather' }),
  ],
  markings: [
    mark(
      'disc-rim',
      'Rim of the face',
      'line',
      [['Rim of the face', '#b98a52']],
      [
        ['skull', 0.55, 8],
        ['skull', 0.3, 62],
        ['skull', 0.22, 105],
        ['skull', 0.45, 150],
        ['skull', 0.6, 176],
      ],
      { widthMm: 2.6, vary: 0.15, edge: 'soft', edgeMm: 1.2 },
    ),
    mark(
      'back-veil',
      'Grey veil of the back',
      'marbling',
      [['Grey veil', '#93908c']],
      [
        ['neck1', 0.6, 0],
        ['synsacrum', 0.2, 70],
      ],
      { widthMm: 14, share: 0.42, spreads: true, edge: 'soft', edgeMm: 6 },
    ),
    mark(
      'back-pearls',
      'Pearls of the back',
      'spots',
      [['Pearls', '#2d2a28']],
      [
        ['neck1', 0.3, 8],
        ['synsacrum', 0.2, 66],
      ],
      { widthMm: 3, stepMm: 16, vary: 0.5, spreads: true },
    ),
    mark(
      'breast-dots',
      'Dots of the breast',
      'spots',
      [['Dots of the breast', '#5a4a3a']],
      [
        ['neck1', 0.2, 112],
        ['thoracic', 0.3, 168],
      ],
      { widthMm: 2.4, stepMm: 18, vary: 0.6 },
    ),
    mark('flight-bars', 'Bars of the flight feathers', 'feather-bars', [['Bars', '#8d734e']], [], {
      part: 'flight',
      widthMm: 9,
      stepMm: 38,
    }),
    mark('tail-bars', 'Bars of the tail', 'feather-bars', [['Tail bars', '#8f7650']], [], {
      part: 'tail',
      widthMm: 7,
      stepMm: 24,
    }),
  ],
  downHex: '#ece7dc',
  eye: memory(18, 17, 19),
  density: { gPerMl: 0.22, why: 'the outline is that of a very loose plumage' },
  ranges: {
    massKg: [0.25, 0.45],
    sizes: {
      height: [280, 400],
      length: [330, 390],
      wingspan: [800, 950],
      'wing-chord': [270, 310],
      tarsus: [55, 72],
      tail: [105, 130],
    },
  },
  commonMistake:
    'The body is made as deep as the plumage looks and the legs too short: a slim upright body stands on long, white-feathered, slightly knock-kneed legs.',
} satisfies Animal);
