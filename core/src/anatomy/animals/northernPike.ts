import type { Animal } from '../animal.ts';
import { SWIMMER } from '../plans/swimmer.ts';
import { eye, face, gillCover, hole } from './faces.ts';
import { withJaw, type JawData } from './jaw.ts';
import { mark, markWing } from './marks.ts';
import { memory } from './memory.ts';
import { count, feature, on, zone, fleshOf, type SleeveRows, corner, ribs } from './shapes.ts';

/** Its flesh, section by section; life mm from general knowledge. */
const SLEEVES = {
  head: {
    faces: 'back',
    rows: [
      ['skull', -0.15, 40, 50, 36],
      ['skull', 0.05, 38, 50, 37],
      ['skull', 0.3, 33, 44, 35],
      ['skull', 0.48, 24, 32, 30],
      ['skull', 0.65, 15, 23, 26],
      ['skull', 0.8, 11, 18, 24],
      ['skull', 0.92, 9, 15, 20],
      ['skull', 0.99, 6, 11, 13],
    ],
  },
  trunk: {
    faces: 'back',
    rows: [
      ['trunk1', -0.19, 40, 58, 37],
      ['trunk1', 0.15, 46, 64, 44],
      ['trunk1', 0.9, 46, 64, 44],
      ['trunk2', 0.1, 50, 64, 44],
      ['trunk2', 0.65, 50, 66, 46],
      ['trunk2', 0.9, 46, 64, 44],
      ['trunk3', 0.1, 46, 60, 44],
      ['trunk3', 0.9, 40, 54, 37],
      ['peduncle1', 0.1, 37, 54, 35],
      ['peduncle1', 0.35, 37, 52, 35],
      ['peduncle1', 0.65, 35, 46, 32],
      ['peduncle1', 0.9, 32, 44, 27],
      ['peduncle2', 0.1, 28, 34, 24],
      ['peduncle2', 0.65, 26, 26, 16],
      ['peduncle2', 1.23, 20, 20, 14],
      ['peduncle2', 1.76, 6, 6, 4],
    ],
  },
  'tail fin': {
    faces: 'back',
    rows: [
      ['tailFin', -0.18, 5.5, 5.5, 2.2],
      ['tailFin', -0.08, 17, 17, 6.5],
      ['tailFin', 0.04, 21, 21, 9],
      ['tailFin', 0.15, 22, 22, 9],
      ['tailFin', 0.25, 21, 21, 9],
      ['tailFin', 0.4, 17, 17, 6.5],
      ['tailFin', 0.5, 5.5, 5.5, 2.2],
    ],
  },
  'pectoral fin': {
    faces: 'back',
    rows: [
      ['pectoralFin', 0.4, 7],
      ['pectoralFin', 0.6, 4],
    ],
  },
  'pelvic fin': {
    faces: 'back',
    rows: [
      ['pelvicFin', 0.4, 7],
      ['pelvicFin', 0.6, 4],
    ],
  },
  'dorsal fin': {
    faces: 'back',
    rows: [
      ['dorsalFin', 0.4, 9],
      ['dorsalFin', 0.65, 4],
    ],
  },
  'anal fin': {
    faces: 'back',
    rows: [
      ['analFin', 0.4, 8],
      ['analFin', 0.65, 4],
    ],
  },
} satisfies Readonly<Record<string, SleeveRows>>;

/** Where the head is parted into upper and lower jaw. */
const JAW = {
  hinge: 0.34,
  corner: 0.56,
  chin: ['skull', 0.99],
  lip: [0.5, 0.4, 0.3],
} satisfies JawData;

/**
 * Northern pike of about three kilograms. All values are from general knowledge (memory), to be
 * checked against a specimen; the head's share of the length agrees with handbooks.
 */
const TOLD = {
  id: 'northern-pike',
  name: 'Northern pike',
  latin: 'Esox lucius',
  planId: 'swimmer',
  lengths: {
    skull: memory(198, 150, 260),
    trunk1: memory(130, 100, 170),
    trunk2: memory(130, 100, 170),
    trunk3: memory(115, 88, 150),
    peduncle1: memory(55, 42, 72),
    peduncle2: memory(50, 38, 66),
    tailFin: memory(58, 44, 76),
    pectoralFin: memory(72, 55, 94),
    pelvicFin: memory(74, 56, 96),
    dorsalFin: memory(78, 60, 100),
    analFin: memory(74, 56, 96),
  },
  rest: {
    pectoralFin: [-0.75, -0.62, -0.3],
    pelvicFin: [-0.7, -0.7, -0.22],
    dorsalFin: [-0.6, 0.8, 0],
    analFin: [-0.6, -0.8, 0],
    skull: [1, -0.02, 0],
  },
  seats: { dorsalFin: 0.86, analFin: 0.1, pelvicFin: 0.05 },
  flesh: fleshOf(SLEEVES),
  blades: [
    {
      id: 'tail-fin',
      name: 'Tail fin',
      paired: false,
      outline: [
        corner('tailFin', 0, [0, 22, 0]),
        corner('tailFin', 1.15, [0, 62, 0]),
        on('tailFin', 1, [0, 22, 0]),
        on('tailFin', 0.86),
        on('tailFin', 1, [0, -22, 0]),
        corner('tailFin', 1.15, [0, -62, 0]),
        corner('tailFin', 0, [0, -22, 0]),
      ],
      ribs: [ribs(14, [7, 6], [1.15, 4.85])],
      thickness: memory(1.6, 0.8, 3),
    },
    {
      id: 'dorsal-fin',
      name: 'Dorsal fin',
      paired: false,
      outline: [
        corner('dorsalFin', 0.3, [40, -24, 0]),
        on('dorsalFin', 0.85, [34, 8, 0]),
        on('dorsalFin', 1),
        on('dorsalFin', 0.9, [-34, -24, 0]),
        corner('dorsalFin', 0.4, [-46, -2, 0]),
      ],
      ribs: [ribs(11, [5, 4], [1, 3.2])],
      thickness: memory(1.6, 0.8, 3),
    },
    {
      id: 'anal-fin',
      name: 'Anal fin',
      paired: false,
      outline: [
        corner('analFin', 0.3, [34, 22, 0]),
        on('analFin', 0.85, [30, -6, 0]),
        on('analFin', 1),
        on('analFin', 0.9, [-30, 22, 0]),
        corner('analFin', 0.4, [-40, 4, 0]),
      ],
      ribs: [ribs(11, [5, 4], [1, 3.2])],
      thickness: memory(1.6, 0.8, 3),
    },
    {
      id: 'pectoral-fin',
      name: 'Pectoral fin',
      paired: true,
      outline: [
        corner('pectoralFin', 0.45),
        on('pectoralFin', 0.95, [18, 4, 0]),
        on('pectoralFin', 1.1, [0, 0, 0]),
        on('pectoralFin', 0.95, [-18, 14, 0]),
      ],
      ribs: [ribs(9, [0, 0], [0.9, 3.1])],
      thickness: memory(1.2, 0.6, 2),
    },
    {
      id: 'pelvic-fin',
      name: 'Pelvic fin',
      paired: true,
      outline: [
        corner('pelvicFin', 0.5),
        on('pelvicFin', 0.95, [18, 4, 0]),
        on('pelvicFin', 1.1, [0, 0, 0]),
        on('pelvicFin', 0.95, [-18, 14, 0]),
      ],
      ribs: [ribs(9, [0, 0], [0.9, 3.1])],
      thickness: memory(1.2, 0.6, 2),
    },
  ],
  features: [
    feature('teeth', 'Large teeth of the lower jaw', 'skull', 16, memory(8, 5, 12), 'tooth'),
  ],
  scaleCounts: [
    {
      bones: [...SWIMMER.trunk, ...SWIMMER.peduncle],
      ...{ round: [52, 60, 68], along: [105, 125, 148], belly: false },
    },
  ],
  counts: [
    count('Scales of the lateral line', 105, 148),
    count('Rays of the dorsal fin', 19, 23),
    count('Rays of the anal fin', 16, 21),
    count('Teeth, large and small', 300, 700),
  ],
  face: face({
    eyes: [eye(['skull', 0.47, 46], [0.95, 0.95], 0, 'round', '#c9a63a')],
    holes: [hole(['skull', 0.58, 44], 0.02, 0.012, 0)],
    lines: [
      gillCover(
        ['skull', 0.16, 36],
        ['skull', 0.05, 60],
        ['skull', 0.0, 90],
        ['skull', 0.04, 120],
        ['skull', 0.2, 150],
        ['skull', 0.36, 166],
      ),
    ],
  }),
  coat: [
    zone('head', 'Head', SWIMMER.head, null, '#56603a', { covering: 'skin', sheen: 'wet' }),
    zone('belly', 'Belly', [...SWIMMER.trunk, ...SWIMMER.peduncle], [4.6, 4.4, 0], '#e3ddbf', {
      covering: 'scale',
      sheen: 'wet',
      facing: ['down'],
    }),
    zone('back', 'Back', [...SWIMMER.trunk, ...SWIMMER.peduncle], [4.6, 4.4, 0], '#465230', {
      covering: 'scale',
      sheen: 'wet',
      facing: ['up'],
    }),
    zone('flanks', 'Flanks', [...SWIMMER.trunk, ...SWIMMER.peduncle], [5, 4.8, 0], '#7f8a4f', {
      covering: 'scale',
      sheen: 'wet',
    }),
    zone(
      'fins',
      'Fins',
      [...SWIMMER.pairedFins, ...SWIMMER.midlineFins, ...SWIMMER.tailFin],
      null,
      '#a2754a',
      { covering: 'skin', sheen: 'gloss' },
    ),
  ],
  markings: [
    mark(
      'pale-bars',
      'Pale bars of the flank',
      'spots',
      [['Pale bars', '#d2cf8e']],
      [
        ['trunk1', 0.1, 42],
        ['peduncle2', 0.5, 118],
      ],
      { widthMm: 15, stepMm: 25, vary: 0.75, edge: 'soft', edgeMm: 3 },
    ),
    mark(
      'cheek-lines',
      'Lines of the cheek',
      'line',
      [['Lines of the cheek', '#c9c88a']],
      [
        ['skull', 0.55, 88],
        ['skull', 0.2, 98],
        ['skull', 0.02, 96],
      ],
      { widthMm: 7, vary: 0.6 },
    ),
    markWing(
      'tail-fin-bars',
      'Bars of the tail fin',
      'wing-bars',
      'tail-fin',
      [['Bars of the tail fin', '#5b4a2c']],
      { widthMm: 8, stepMm: 22, edge: 'soft', edgeMm: 4 },
    ),
    markWing(
      'dorsal-bars',
      'Bars of the dorsal fin',
      'wing-bars',
      'dorsal-fin',
      [['Bars of the dorsal fin', '#5b4a2c']],
      { widthMm: 8, stepMm: 22, edge: 'soft', edgeMm: 4 },
    ),
    markWing(
      'anal-bars',
      'Bars of the anal fin',
      'wing-bars',
      'anal-fin',
      [['Bars of the anal fin', '#64502f']],
      { widthMm: 8, stepMm: 22, edge: 'soft', edgeMm: 4 },
    ),
  ],
  eye: memory(17, 14, 20),
  density: { gPerMl: 1.02, why: 'a fish with a full swim bladder hangs in the water' },
  ranges: {
    massKg: [0.5, 20],
    sizes: { length: [400, 1200], head: [100, 330] },
  },
  commonMistake:
    'The fins are spaced as on a carp: dorsal and anal fin stand far back, face to face near the tail, and the jaws are flat like a duck’s bill.',
} satisfies Animal;

export const NORTHERN_PIKE: Animal = Object.freeze(withJaw(TOLD, JAW));
