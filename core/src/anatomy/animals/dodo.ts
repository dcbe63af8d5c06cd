import type { Animal } from '../animal.ts';
import { BIRD } from '../plans/bird.ts';
import { edge, eye, face, hole, row } from './faces.ts';
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
      ['synsacrum', 1.12, 30, 60, 58],
      ['synsacrum', 0.85, 58, 128, 96],
      ['synsacrum', 0.45, 74, 188, 120],
      ['thoracic', 0, 78, 202, 128],
      ['thoracic', 0.4, 72, 192, 120],
      ['thoracic', 0.8, 62, 160, 98],
      ['neck1', 0.15, 58, 108, 72],
      ['neck1', 0.6, 50, 70, 55],
      ['neck2', 0.1, 46, 54, 46],
      ['neck2', 0.7, 42, 44, 41],
      ['neck3', 0.5, 40, 40, 39],
      ['neck3', 1, 40, 38, 38],
    ],
  },
  head: {
    faces: 'back',
    rows: [
      ['skull', -0.15, 20, 16, 18],
      ['skull', 0.06, 36, 32, 34],
      ['skull', 0.3, 42, 38, 40],
      ['skull', 0.6, 42, 38, 39],
      ['skull', 0.9, 34, 32, 33],
      ['bill', 0.04, 27, 27, 26],
      ['bill', 0.3, 23, 20, 20],
      ['bill', 0.55, 25, 22, 20],
      ['bill', 0.75, 27, 25, 20],
      ['bill', 0.9, 18, 36, 15],
      ['bill', 0.99, -4, 54, 8],
    ],
  },
  tail: {
    faces: 'back',
    rows: [
      ['tail', -0.03, 18, 0, 10],
      ['tail', 0.1, 32, 16, 26],
      ['tail', 0.3, 42, 26, 36],
      ['tail', 0.5, 46, 30, 40],
      ['tail', 0.7, 46, 28, 38],
      ['tail', 0.9, 40, 24, 32],
      ['tail', 1.1, 26, 10, 18],
    ],
  },
  shoulder: {
    faces: 'back',
    rows: [
      ['coracoid', 0.5, 60],
      ['coracoid', 1, 46],
    ],
  },
  'upper arm': {
    faces: 'back',
    rows: [
      ['humerus', 0, 40, 40, 26],
      ['humerus', 0.5, 42, 44, 26],
      ['humerus', 1, 36, 40, 22],
    ],
  },
  forearm: {
    faces: 'back',
    rows: [
      ['ulna', 0, 34, 40, 20],
      ['ulna', 0.5, 34, 44, 19],
      ['ulna', 1, 28, 36, 16],
    ],
  },
  hand: {
    faces: 'back',
    rows: [
      ['manus', 0, 26, 34, 15],
      ['manus', 1, 20, 30, 12],
    ],
  },
  primaries: {
    faces: 'back',
    rows: [
      ['primaries', -0.1, 2.8, 2.8, 1.4],
      ['primaries', 0.06, 11, 11, 5],
      ['primaries', 0.25, 13, 13, 6.5],
      ['primaries', 0.4, 14, 14, 7],
      ['primaries', 0.55, 13, 13, 6.5],
      ['primaries', 0.75, 11, 11, 5],
      ['primaries', 0.9, 2.8, 2.8, 1.4],
    ],
  },
  leg: {
    faces: 'front',
    rows: [
      ['pelvis', 0.5, 74, 76, 60],
      ['femur', 0.2, 72, 76, 60],
      ['femur', 0.9, 62, 68, 52],
      ['tibiotarsus', 0.15, 52, 60, 46],
      ['tibiotarsus', 0.5, 32, 38, 31],
      ['tibiotarsus', 0.72, 20, 23, 21],
      ['tibiotarsus', 0.95, 19, 22, 21],
      ['tarsometatarsus', 0.08, 18, 21, 20],
      ['tarsometatarsus', 0.5, 15, 16, 15],
      ['tarsometatarsus', 0.98, 17, 17, 19],
    ],
  },
} satisfies Readonly<Record<string, SleeveRows>>;

/** What stands off it along curves of its own. */
const CURVES = {
  toes: clawedToes({
    'middle toe': [
      [
        [0, 15],
        [0.3, 12],
        [0.36, 13],
        [0.66, 10.5],
        [0.7, 11.5],
        [0.96, 8.5],
      ],
      24,
    ],
    'inner toe': [
      [
        [0, 14],
        [0.1, 11.5, [34, 0, 24]],
        [0.1, 12, [40, 0, 28]],
        [0.1, 8, [72, -1, 44]],
      ],
      22,
    ],
    'outer toe': [
      [
        [0, 14],
        [0.1, 11.5, [32, 0, -26]],
        [0.1, 12, [38, 0, -30]],
        [0.1, 8, [70, -1, -48]],
      ],
      21,
    ],
  }),
  hallux: clawedToes(
    {
      'hind toe': [
        [
          [0, 12],
          [0.5, 10],
          [0.94, 8],
        ],
        22,
      ],
    },
    [-1, 0, 0],
  ),
  tail: [-1, -0.5, 0, 0.5, 1].map((beside, i) =>
    apart(
      `tail plume ${i + 1}`,
      '#d9d3c4',
      [0.4, 14, [0, 6, 16 * beside]],
      [0.9, 18, [0, 16, 28 * beside]],
      [1.3, 14, [-10, 6, 40 * beside]],
      [1.5, 4, [-40, -32, 46 * beside]],
    ),
  ),
};

/** Where the head is parted into upper and lower jaw. */
const JAW = {
  hinge: 0.5,
  corner: 0.84,
  chin: ['bill', 0.82],
  lip: [0.55, 0.62, 0.62, 0.6],
  isHooked: true,
} satisfies JawData;

/**
 * Dodo, as recent reconstructions have it: upright and not fat. All values are from general
 * knowledge (memory), to be checked against a skeleton; plumage and colours are guesses of painters.
 */
const TOLD = {
  id: 'dodo',
  name: 'Dodo',
  latin: 'Raphus cucullatus',
  planId: 'bird',
  lengths: {
    bill: memory(118, 100, 135),
    skull: memory(88, 78, 98),
    neck1: memory(75, 60, 90),
    neck2: memory(75, 60, 90),
    neck3: memory(70, 55, 85),
    thoracic: memory(165, 140, 190),
    synsacrum: memory(175, 150, 200),
    tail: memory(95, 70, 130),
    coracoid: memory(85, 70, 100),
    humerus: memory(106, 95, 118),
    ulna: memory(72, 62, 82),
    manus: memory(50, 40, 60),
    primaries: memory(70, 50, 95),
    pelvis: memory(75, 62, 88),
    femur: memory(150, 130, 170),
    tibiotarsus: memory(215, 190, 240),
    tarsometatarsus: memory(132, 110, 155),
    toes: memory(105, 88, 122),
    hallux: memory(45, 36, 55),
  },
  rest: {
    synsacrum: [-0.95, -0.4, 0],
    thoracic: [0.85, 0.55, 0],
    neck1: [0.7, 0.72, 0],
    neck2: [-0.15, 1, 0],
    neck3: [0.25, 0.96, 0],
    skull: [1, -0.05, 0],
    bill: [1, -0.2, 0],
    tail: [-0.75, 0.55, 0],
    humerus: [-0.75, -0.62, -0.15],
    ulna: [0.62, 0.72, -0.15],
    manus: [-0.7, -0.68, -0.1],
    primaries: [-0.8, -0.55, 0],
    femur: [0.75, -0.66, -0.05],
    tibiotarsus: [-0.42, -0.9, 0.02],
    tarsometatarsus: [0.2, -0.98, 0],
    toes: [1, -0.1, -0.1],
    hallux: [-1, -0.1, 0.1],
  },
  flesh: fleshOf(SLEEVES, CURVES),
  blades: [
    {
      id: 'wing',
      name: 'Flight feathers',
      paired: true,
      outline: [
        corner('ulna', 0),
        corner('ulna', 1),
        corner('manus', 1),
        corner('primaries', 1),
        corner('humerus', 1),
      ],
      ribs: [ribs(8, [0.3, 2.4], [4, 3.1])],
      thickness: memory(0.6, 0.3, 1),
      zone: 'wings',
    },
  ],
  plumage: [
    remiges('primaries', ['manus', 'ulna'], {
      ...{ zone: 'wings', many: [8, 8, 10], longest: memory(110, 80, 140) },
      formula: [0.9, 0.95, 1, 1, 0.95, 0.9, 0.82, 0.7],
      ...{ wide: 0.22, tip: 'round' },
    }),
    remiges('secondaries', ['manus', 'ulna'], {
      ...{ zone: 'wings', many: [6, 8, 12], longest: memory(95, 70, 120) },
      formula: [1, 0.98, 0.95, 0.88],
      ...{ wide: 0.24, tip: 'round' },
    }),
  ],
  features: [
    feature('bill', 'Bill', 'bill', 1, memory(118, 100, 135), 'bill'),
    feature('claws', 'Claws', 'toes', 8, memory(24, 18, 30), 'claw', ['claw'], ['toes', 'hallux']),
    feature(
      'tail-plumes',
      'Tail plumes',
      'tail',
      5,
      memory(150, 100, 190),
      'plume',
      ['tail plume'],
      ['tail'],
    ),
  ],
  counts: [
    count('Primaries, each wing', 8, 10, 'small and loose; a guess'),
    count('Toes, each foot', 4),
    count('Tail feathers', 4, 10, 'a curled tuft in the paintings; a guess'),
  ],
  face: face({
    eyes: [eye(['skull', 0.62, 66], [0.6, 0.6], 0, 'round', '#c8a24a')],
    holes: [hole(['bill', 0.42, 62], 0.1, 0.03, 20)],
    lines: [
      row('humerus', 5, [0.15, 0.95], [70, 70], 16),
      row('ulna', 4, [0.1, 0.95], [90, 90], 18),
      row('manus', 3, [0.1, 0.95], [96, 96], 20),
      edge(
        ['skull', 0.5, 0],
        ['skull', 0.46, 40],
        ['skull', 0.44, 80],
        ['skull', 0.48, 120],
        ['skull', 0.56, 160],
      ),
    ],
  }),
  coat: [
    zone('bill', 'Bill', BIRD.bill, null, '#9c8f6c', { covering: 'skin', sheen: 'satin' }),
    zone('face', 'Bare face and crown', BIRD.head, [4, 2, 8], '#8d857a', {
      covering: 'feather',
    }),
    zone('belly', 'Breast and belly', BIRD.trunk, [45, 12, 14], '#b3aca0', {
      covering: 'feather',
      facing: ['down'],
    }),
    zone('body', 'Body and neck', [...BIRD.trunk, ...BIRD.neck], [45, 12, 14], '#857d74', {
      covering: 'feather',
    }),
    zone('wings', 'Wings', [...BIRD.arm, ...BIRD.hand], [40, 12, 10], '#c8c0ae', {
      covering: 'feather',
    }),
    zone('thighs', 'Thighs', BIRD.thighs, [30, 9, 12], '#8f877d', { covering: 'feather' }),
    zone('feet', 'Feet', BIRD.feet, [6, 8, 0], '#a48f52', { covering: 'scale' }),
    zone('tail', 'Tail tuft', BIRD.tail, [90, 20, 20], '#d6cfbf', { covering: 'feather' }),
  ],
  markings: [
    mark(
      'face-flush',
      'Flush of the bare face',
      'patch',
      [['Flush of the face', '#a77f70']],
      [['skull', 0.45, 78]],
      { widthMm: 46, lengthMm: 70, edge: 'soft', edgeMm: 22 },
    ),
    mark(
      'belly-shade',
      'Paler belly',
      'field',
      [['Paler belly', '#c6bfb2']],
      [
        ['neck1', 0.2, 128],
        ['synsacrum', 0.3, 180],
      ],
      { widthMm: 40, edge: 'soft', edgeMm: 60 },
    ),
    markWing('wing-tip', 'Pale ends of the wing', 'wing-tip', 'wing', [['Pale ends', '#dcd5c4']], {
      share: 0.62,
      edge: 'soft',
      edgeMm: 20,
    }),
  ],
  eye: memory(22, 18, 26),
  density: {
    gPerMl: 0.75,
    why: 'the outline is that of the plumage, with air in it and in the sacs',
  },
  ranges: {
    massKg: [9, 18],
    sizes: {
      height: [620, 1000],
      length: [700, 1050],
      tarsus: [110, 155],
      'skull-bill': [185, 225],
    },
  },
  commonMistake:
    'It is made as the fat ball of old paintings: the skeleton is that of an upright, long-legged, deep-breasted bird with a big hooked bill.',
} satisfies Animal;

export const DODO: Animal = Object.freeze(withJaw(TOLD, JAW));
