import type { Animal } from '../animal.ts';
import { SWIMMER } from '../plans/swimmer.ts';
import { eye, face, hole } from './faces.ts';
import { withJaw, type JawData } from './jaw.ts';
import { mark } from './marks.ts';
import { memory } from './memory.ts';
import { count, feature, on, zone, fleshOf, type SleeveRows, corner } from './shapes.ts';

/** Its flesh, section by section; life mm from general knowledge. */
const SLEEVES = {
  head: {
    faces: 'back',
    rows: [
      ['skull', -0.2, 100, 130, 110],
      ['skull', 0.1, 98, 132, 108],
      ['skull', 0.4, 92, 120, 98],
      ['skull', 0.65, 76, 98, 80],
      ['skull', 0.84, 50, 72, 58],
      ['skull', 0.97, 22, 46, 34],
    ],
  },
  trunk: {
    faces: 'back',
    rows: [
      ['trunk1', -0.19, 115, 175, 130],
      ['trunk1', 0.55, 140, 200, 155],
      ['trunk1', 0.9, 140, 200, 150],
      ['trunk2', 0.1, 140, 200, 155],
      ['trunk2', 0.35, 150, 200, 155],
      ['trunk2', 0.9, 130, 190, 150],
      ['trunk3', 0.1, 130, 185, 140],
      ['trunk3', 0.65, 120, 155, 120],
      ['trunk3', 0.9, 105, 150, 115],
      ['peduncle1', 0.1, 100, 135, 105],
      ['peduncle1', 0.35, 90, 115, 90],
      ['peduncle1', 0.65, 85, 105, 68],
      ['peduncle1', 0.9, 76, 90, 60],
      ['peduncle2', 0.1, 68, 80, 56],
      ['peduncle2', 0.6, 56, 56, 31],
      ['peduncle2', 1.07, 46, 46, 26],
      ['peduncle2', 1.52, 15, 15, 10],
    ],
  },
  'tail fin': {
    faces: 'back',
    rows: [
      ['tailFin', -0.29, 3, 3, 6],
      ['tailFin', -0.13, 14, 14, 23],
      ['tailFin', 0.03, 17, 17, 29],
      ['tailFin', 0.2, 18, 18, 30],
      ['tailFin', 0.35, 17, 17, 29],
      ['tailFin', 0.55, 14, 14, 23],
      ['tailFin', 0.7, 3, 3, 6],
    ],
  },
  'pectoral fin': {
    faces: 'back',
    rows: [
      ['pectoralFin', 0.5, 30],
      ['pectoralFin', 0.7, 15],
    ],
  },
  'dorsal fin': {
    faces: 'back',
    rows: [
      ['dorsalFin', 0.4, 30],
      ['dorsalFin', 0.6, 12],
    ],
  },
} satisfies Readonly<Record<string, SleeveRows>>;

/** Where the head is parted into upper and lower jaw. */
const JAW = {
  hinge: 0.4,
  corner: 0.68,
  chin: ['skull', 0.95],
  lip: [0.35, 0.5, 0.62],
} satisfies JawData;

/**
 * Harbour porpoise, a typical adult. All values are from general knowledge (memory), to be checked
 * against a specimen.
 */
const TOLD = {
  id: 'harbour-porpoise',
  name: 'Harbour porpoise',
  latin: 'Phocoena phocoena',
  planId: 'swimmer',
  usualStance: 'beating',
  lengths: {
    skull: memory(270, 235, 300),
    trunk1: memory(280, 240, 320),
    trunk2: memory(270, 230, 310),
    trunk3: memory(250, 215, 290),
    peduncle1: memory(180, 155, 210),
    peduncle2: memory(140, 120, 165),
    tailFin: memory(120, 100, 140),
    pectoralFin: memory(330, 275, 385),
    dorsalFin: memory(290, 240, 335),
  },
  rest: {
    skull: [1, -0.08, 0],
    trunk2: [-1, 0.02, 0],
    peduncle1: [-1, -0.04, 0],
    pectoralFin: [-0.52, -0.5, -0.7],
    dorsalFin: [-0.55, 0.84, 0],
  },
  seats: { dorsalFin: 0.3 },
  flesh: fleshOf(SLEEVES),
  blades: [
    {
      id: 'fluke',
      name: 'Fluke',
      paired: true,
      outline: [
        corner('peduncle2', 0.9, [0, 0, -12]),
        on('tailFin', 0.5, [0, 0, -110]),
        corner('tailFin', 1.15, [0, 0, -225]),
        on('tailFin', 1.1, [0, 0, -110]),
        corner('tailFin', 0.96, [0, 0, 0]),
        corner('tailFin', 0.2, [0, 0, 0]),
      ],
      thickness: memory(16, 10, 24),
    },
    {
      id: 'dorsal-fin',
      name: 'Dorsal fin',
      paired: false,
      outline: [
        corner('dorsalFin', 0.4, [90, 0, 0]),
        on('dorsalFin', 0.72, [48, 4, 0]),
        on('dorsalFin', 0.95, [10, 0, 0]),
        on('dorsalFin', 1.02, [-14, -6, 0]),
        on('dorsalFin', 0.8, [-26, -20, 0]),
        corner('dorsalFin', 0.5, [-96, 0, 0]),
      ],
      thickness: memory(18, 12, 26),
    },
    {
      id: 'flipper',
      name: 'Flipper',
      paired: true,
      outline: [
        corner('pectoralFin', 0.45, [34, 16, 0]),
        on('pectoralFin', 0.8, [34, 16, 0]),
        on('pectoralFin', 1),
        on('pectoralFin', 0.85, [-36, -16, 0]),
        corner('pectoralFin', 0.5, [-34, -16, 0]),
      ],
      thickness: memory(16, 10, 22),
    },
  ],
  features: [feature('teeth', 'Spade-shaped teeth', 'skull', 92, memory(5, 4, 7), 'tooth')],
  counts: [
    count('Teeth, each half of each jaw', 19, 28, 'spade-shaped'),
    count('Neck vertebrae', 7, 7, 'most of them grown together'),
    count('Knobs on the front edge of the dorsal fin', 5, 20),
  ],
  face: face({
    eyes: [eye(['skull', 0.52, 94], [0.62, 0.5], 0, 'dark', '#1a1715')],
    holes: [hole(['skull', 0.56, 0], 0.03, 0.09, 0)],
    lines: [],
  }),
  coat: [
    zone('belly', 'Belly', [...SWIMMER.head, ...SWIMMER.trunk], null, '#e9e6e0', {
      covering: 'skin',
      sheen: 'wet',
      facing: ['down'],
    }),
    zone('flanks', 'Flanks', [...SWIMMER.head, ...SWIMMER.trunk], null, '#7d8288', {
      covering: 'skin',
      sheen: 'wet',
      facing: ['side'],
    }),
    zone('back', 'Back', [...SWIMMER.head, ...SWIMMER.trunk], null, '#3b4047', {
      covering: 'skin',
      sheen: 'wet',
    }),
    zone('peduncle', 'Tail stalk', SWIMMER.peduncle, null, '#4a4f56', {
      covering: 'skin',
      sheen: 'wet',
    }),
    zone('fins', 'Fins and fluke', ['pectoralFin', 'dorsalFin', 'tailFin'], null, '#383d44', {
      covering: 'skin',
      sheen: 'wet',
    }),
  ],
  markings: [
    mark(
      'flank-fade',
      'Grey of the flank',
      'field',
      [['Grey of the flank', '#9da2a6']],
      [
        ['skull', 0.1, 88],
        ['peduncle2', 1, 128],
      ],
      { widthMm: 90, vary: 0.7, edge: 'soft', edgeMm: 130 },
    ),
    mark(
      'gape-stripe',
      'Stripe from mouth to flipper',
      'line',
      [['Stripe of the gape', '#43484f']],
      [
        ['skull', 0.45, 128],
        ['skull', 0.1, 126],
        ['trunk1', 0.3, 122],
      ],
      { widthMm: 26, vary: 0.5, edge: 'soft', edgeMm: 14 },
    ),
    mark('lips', 'Dark lips', 'patch', [['Dark lips', '#3c4147']], [['skull', 0.86, 110]], {
      widthMm: 30,
      lengthMm: 60,
      edge: 'soft',
      edgeMm: 10,
    }),
  ],
  eye: memory(28, 24, 32),
  sexes: [
    { name: 'female', size: 1.05 },
    { name: 'male', size: 0.95 },
  ],
  ranges: {
    massKg: [45, 80],
    sizes: { length: [1300, 1900] },
  },
  commonMistake:
    'It gets a dolphin’s beak and smile: the snout is blunt without a beak, the dorsal fin is a low triangle, and the fluke lies flat.',
} satisfies Animal;

export const HARBOUR_PORPOISE: Animal = Object.freeze(withJaw(TOLD, JAW));
