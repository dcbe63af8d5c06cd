import type { Animal } from '../animal.ts';
import { PTEROSAUR } from '../plans/pterosaur.ts';
import { eye, face, hole } from './faces.ts';
import { withJaw, type JawData } from './jaw.ts';
import { mark, markWing } from './marks.ts';
import { memory } from './memory.ts';
import { clawedToes } from './feet.ts';
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
  trunk: {
    faces: 'back',
    rows: [
      ['sacrum', 0.99, 15, 19, 17],
      ['sacrum', 0.55, 17, 36, 21],
      ['sacrum', 0.1, 17, 52, 28],
      ['dorsal', 0.1, 13, 60, 34],
      ['dorsal', 0.35, 17, 66, 40],
      ['dorsal', 0.65, 17, 66, 40],
      ['dorsal', 0.9, 25, 58, 32],
      ['neckLower', 0, 28],
      ['neckLower', 1, 20],
      ['neckUpper', 1, 18],
    ],
  },
  head: {
    faces: 'back',
    rows: [
      ['skull', -0.03, 7, 7, 6],
      ['skull', 0.04, 18, 18, 14],
      ['skull', 0.1, 23, 23, 18],
      ['skull', 0.2, 24, 24, 19],
      ['skull', 0.3, 22, 24, 18],
      ['skull', 0.4, 13, 22, 14],
      ['skull', 0.52, 8.5, 19, 11],
      ['skull', 0.76, 3.4, 14.5, 7],
      ['skull', 0.98, -5, 10.5, 2.5],
    ],
  },
  tail: {
    faces: 'back',
    rows: [
      ['tail1', 0, 13],
      ['tail1', 1, 7],
      ['tail2', 1, 5],
      ['tail3', 1, 4],
      ['tail4', 0.98, 2],
    ],
  },
  arm: {
    faces: 'front',
    rows: [
      ['scapula', 0.3, 22],
      ['scapula', 1, 20],
      ['humerus', 1, 11],
      ['ulna', 1, 7.5],
      ['metacarpus', 1, 7],
    ],
  },
  fingers: {
    faces: 'back',
    rows: [
      ['fingers', 0, 4],
      ['fingers', 0.9, 2],
    ],
  },
  'wing finger': {
    faces: 'back',
    rows: [
      ['wingFinger1', 0, 7.5],
      ['wingFinger1', 1, 5.5],
      ['wingFinger2', 1, 4.5],
      ['wingFinger3', 1, 3.6],
      ['wingFinger4', 1, 1.6],
    ],
  },
  'hind leg': {
    faces: 'front',
    rows: [
      ['pelvis', 0.2, 20],
      ['pelvis', 1, 18],
      ['femur', 1, 11],
      ['tibia', 1, 6],
      ['metatarsus', 1, 5],
      ['hindDigits', 0.9, 2],
    ],
  },
} satisfies Readonly<Record<string, SleeveRows>>;

/** What stands off it along curves of its own. */
const CURVES = {
  skull: [
    ...(
      [
        [-1, 10],
        [1, 7],
      ] as const
    ).flatMap(([way, many]) =>
      Array.from({ length: many }, (_, i) => {
        const share = i / (many - 1);
        const at = 0.5 + 0.4 * share - (way === 1 ? 0.03 : 0);
        const wide = 11 - 7.5 * share;
        const root: readonly [number, number] = [-6 + way * -0.3 * wide, -0.8 * wide];
        return apart(
          `${way === -1 ? 'upper' : 'lower'} tooth ${i + 1}`,
          { hex: '#efe8d6', bothSides: true },
          [at, 1.3, [0, root[0], root[1]]],
          [at, 1.1, [5, root[0] + way * 4, root[1] - 5]],
          [at, 0.3, [14, root[0] + way * 11, root[1] - 8]],
        );
      }),
    ),
  ],
  fingers: [
    ...clawedToes(
      {
        'first finger': [
          [
            [0, 4],
            [0.3, 3, [8, 0, -4]],
            [0.5, 2.4, [12, 0, -6]],
          ],
          11,
        ],
      },
      [0.5, -0.8, 0],
    ),
    ...clawedToes(
      {
        'second finger': [
          [
            [0, 4],
            [0.5, 3],
            [0.9, 2.4],
          ],
          12,
        ],
      },
      [0.5, -0.8, 0],
    ),
    ...clawedToes(
      {
        'third finger': [
          [
            [0, 4],
            [0.5, 3, [6, 0, 4]],
            [0.75, 2.4, [10, 0, 7]],
          ],
          11,
        ],
      },
      [0.5, -0.8, 0],
    ),
  ],
  hindDigits: clawedToes({
    'second toe': [
      [
        [0, 4],
        [0.4, 2.6],
        [0.95, 2],
      ],
      7,
    ],
    'first toe': [
      [
        [0, 4],
        [0.3, 2.5, [8, 0, 7]],
        [0.6, 1.8, [12, 0, 11]],
      ],
      6,
    ],
    'third toe': [
      [
        [0, 4],
        [0.4, 2.5, [3, 0, -5]],
        [0.9, 1.8, [3, 0, -8]],
      ],
      7,
    ],
    'fourth toe': [
      [
        [0, 4],
        [0.3, 2.4, [3, 0, -9]],
        [0.7, 1.8, [4, 0, -15]],
      ],
      6,
    ],
  }),
};

/** Whose parts are made apart, and where. */
const TEETH = ['upper tooth', 'lower tooth'];

/** Where the head is parted into upper and lower jaw. */
const JAW = {
  hinge: 0.12,
  corner: 0.42,
  chin: ['skull', 0.95],
  lip: [0.4, 0.45, 0.6, 0.78],
  carries: ['lower tooth'],
} satisfies JawData;

/**
 * Rhamphorhynchus, a large grown one. All values are from general knowledge (memory), to be checked
 * against the slabs; coat and colours are guesses.
 */
const TOLD = {
  id: 'rhamphorhynchus',
  name: 'Rhamphorhynchus',
  latin: 'Rhamphorhynchus muensteri',
  planId: 'pterosaur',
  lengths: {
    skull: memory(185, 60, 200),
    neckUpper: memory(48, 16, 54),
    neckLower: memory(50, 16, 56),
    dorsal: memory(125, 40, 140),
    sacrum: memory(36, 12, 42),
    tail1: memory(130, 45, 150),
    tail2: memory(130, 45, 150),
    tail3: memory(130, 45, 150),
    tail4: memory(130, 45, 150),
    scapula: memory(44, 15, 50),
    humerus: memory(68, 22, 76),
    ulna: memory(112, 38, 124),
    metacarpus: memory(38, 13, 44),
    fingers: memory(34, 11, 40),
    wingFinger1: memory(170, 58, 190),
    wingFinger2: memory(168, 57, 188),
    wingFinger3: memory(158, 53, 176),
    wingFinger4: memory(150, 50, 168),
    pelvis: memory(22, 7, 26),
    femur: memory(55, 18, 62),
    tibia: memory(78, 26, 88),
    metatarsus: memory(36, 12, 42),
    hindDigits: memory(36, 12, 42),
  },
  rest: {
    dorsal: [1, 0.4, 0],
    neckLower: [0.75, 0.66, 0],
    neckUpper: [0.8, 0.6, 0],
    skull: [1, -0.3, 0],
    femur: [0.55, -0.72, -0.42],
    tibia: [-0.45, -0.9, 0.05],
    metatarsus: [0.7, -0.7, -0.1],
    hindDigits: [0.95, -0.15, -0.2],
    wingFinger1: [-0.8, 0.58, -0.1],
    wingFinger2: [-0.84, 0.54, -0.06],
    wingFinger3: [-0.9, 0.44, -0.04],
    wingFinger4: [-0.95, 0.3, -0.02],
  },
  flesh: fleshOf(SLEEVES, CURVES),
  blades: [
    {
      id: 'wing-membrane',
      name: 'Wing membrane',
      paired: true,
      outline: [
        corner('humerus', 0),
        corner('ulna', 0),
        corner('metacarpus', 1),
        corner('wingFinger1', 1),
        corner('wingFinger2', 1),
        corner('wingFinger3', 1),
        corner('wingFinger4', 1),
        corner('tibia', 0.9),
        corner('femur', 0),
      ],
      ribs: [ribs(15, [2.4, 5.8], [7, 6.1])],
      thickness: memory(0.8, 0.3, 1.5),
      zone: 'wing',
    },
    {
      id: 'propatagium',
      name: 'Membrane before the arm',
      paired: true,
      outline: [
        corner('neckLower', 0.3),
        corner('humerus', 0),
        corner('ulna', 0),
        corner('metacarpus', 0),
      ],
      thickness: memory(0.8, 0.3, 1.5),
      zone: 'wing',
    },
    {
      id: 'tail-vane',
      name: 'Vane of the tail',
      paired: false,
      outline: [
        corner('tail4', 0.5),
        on('tail4', 0.78, [0, 26, 0]),
        corner('tail4', 1.02, [0, 0, 0]),
        on('tail4', 0.78, [0, -26, 0]),
      ],
      ribs: [ribs(6, [0.3, 1.8], [3.7, 2.2])],
      thickness: memory(0.8, 0.3, 1.5),
    },
  ],
  features: [
    feature(
      'claws',
      'Claws of the fingers',
      'fingers',
      6,
      memory(12, 6, 15),
      'claw',
      ['claw'],
      ['fingers'],
    ),
    feature(
      'foot-claws',
      'Claws of the feet',
      'hindDigits',
      8,
      memory(7, 4, 9),
      'claw',
      ['claw'],
      ['hindDigits'],
    ),
    feature('teeth', 'Teeth', 'skull', 34, memory(20, 12, 26), 'tooth', TEETH, ['skull', 'jaw']),
  ],
  counts: [
    count('Upper teeth, each side', 10, 10, 'pointing forward and out'),
    count('Lower teeth, each side', 7),
    count('Neck vertebrae', 8, 9),
    count('Tail vertebrae', 38, 42, 'stiffened by long bonyLandmarks rods'),
    count('Phalanges of the wing finger', 4),
    count('Clawed fingers, each hand', 3),
  ],
  face: face({
    eyes: [eye(['skull', 0.2, 70], [0.7, 0.7], 0, 'round', '#c79a35')],
    holes: [hole(['skull', 0.42, 60], 0.035, 0.012, 6)],
    lines: [],
  }),
  coat: [
    zone('jaws', 'Head and jaws', ['skull'], [4, 0.6, 20], '#8a7355'),
    zone(
      'belly',
      'Throat and belly',
      [...PTEROSAUR.neck, ...PTEROSAUR.trunk],
      [8, 1, 25],
      '#cdbb99',
      {
        facing: ['down'],
      },
    ),
    zone('body', 'Neck and body', [...PTEROSAUR.neck, ...PTEROSAUR.trunk], [9, 1, 25], '#7e6649'),
    zone('arms', 'Arms', PTEROSAUR.arms, [4, 0.6, 20], '#7a634a'),
    zone('wing', 'Wing fingers and membrane', PTEROSAUR.wingFinger, null, '#8e6f53', {
      covering: 'skin',
      sheen: 'satin',
    }),
    zone('legs', 'Legs', PTEROSAUR.legs, [4, 0.6, 20], '#756049'),
    zone('tail', 'Tail and vane', PTEROSAUR.tail, null, '#6d5943', { covering: 'skin' }),
  ],
  markings: [
    mark(
      'back-shade',
      'Dark back',
      'field',
      [['Dark back', '#54432f']],
      [
        ['neckUpper', 0.4, 0],
        ['sacrum', 0.1, 58],
      ],
      { widthMm: 12, vary: 0.5, edge: 'soft', edgeMm: 10 },
    ),
    mark(
      'beak-tip',
      'Dark tip of the jaws',
      'field',
      [['Tip of the jaws', '#3a2f25']],
      [
        ['skull', 0.7, 0],
        ['skull', 1.1, 180],
      ],
      { widthMm: 8, edge: 'soft', edgeMm: 8 },
    ),
    markWing(
      'wing-edge',
      'Dark hind edge of the wing',
      'wing-border',
      'wing-membrane',
      [['Edge of the wing', '#5b4433']],
      { widthMm: 9, edge: 'soft', edgeMm: 6 },
    ),
    markWing(
      'vane-bars',
      'Bars of the tail vane',
      'wing-bars',
      'tail-vane',
      [['Bars of the vane', '#3f3226']],
      { widthMm: 7, stepMm: 18 },
    ),
  ],
  eye: memory(22, 8, 26),
  density: { gPerMl: 0.85, why: 'air sacs in bones and body, as in birds' },
  ranges: {
    massKg: [0.5, 3],
    sizes: { length: [300, 1260], wingspan: [400, 1810], skull: [60, 200] },
  },
  commonMistake:
    'The wing is drawn like a bat’s with fingers inside: one finger carries the whole edge, the three others stay free at the bend, and on the ground it walks on that bend.',
} satisfies Animal;

export const RHAMPHORHYNCHUS: Animal = Object.freeze(withJaw(TOLD, JAW));
