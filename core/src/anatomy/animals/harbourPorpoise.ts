import type { Animal } from '../animal.ts';
import { SWIMMER } from '../plans/swimmer.ts';
import { memory } from './memory.ts';
import { cone, count, feature, on, section, zone } from './shapes.ts';

/**
 * Harbour porpoise, a typical adult. All values are from general knowledge (memory), to be checked
 * against a specimen.
 */
export const HARBOUR_PORPOISE: Animal = Object.freeze({
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
  flesh: {
    skull: [
      section(0.3, [200, 116, 110], [0, -18, 0]),
      cone(0.55, 0.84, 78, 38, [0, -22, 0], [0, -14, 0]),
    ],
    trunk1: [section(0.5, [370, 168, 154], [0, -28, 0])],
    trunk2: [section(0.35, [400, 174, 158], [0, -30, 0])],
    trunk3: [section(0.1, [380, 150, 134], [0, -20, 0])],
    peduncle1: [section(0, [290, 102, 74], [0, -8, 0])],
    peduncle2: [section(0.2, [190, 58, 34])],
    tailFin: [section(0.2, [60, 18, 30])],
    pectoralFin: [cone(0.5, 0.7, 30, 15)],
    dorsalFin: [cone(0.4, 0.6, 30, 12)],
  },
  blades: [
    {
      id: 'fluke',
      name: 'Fluke',
      paired: true,
      outline: [
        on('peduncle2', 0.9, [0, 0, -12]),
        on('tailFin', 0.5, [0, 0, -110]),
        on('tailFin', 1.15, [0, 0, -225]),
        on('tailFin', 1.1, [0, 0, -110]),
        on('tailFin', 0.96, [0, 0, 0]),
        on('tailFin', 0.2, [0, 0, 0]),
      ],
      thickness: memory(16, 10, 24),
    },
    {
      id: 'dorsal-fin',
      name: 'Dorsal fin',
      paired: false,
      outline: [
        on('dorsalFin', 0.4, [90, 0, 0]),
        on('dorsalFin', 0.72, [48, 4, 0]),
        on('dorsalFin', 0.95, [10, 0, 0]),
        on('dorsalFin', 1.02, [-14, -6, 0]),
        on('dorsalFin', 0.8, [-26, -20, 0]),
        on('dorsalFin', 0.5, [-96, 0, 0]),
      ],
      thickness: memory(18, 12, 26),
    },
    {
      id: 'flipper',
      name: 'Flipper',
      paired: true,
      outline: [
        on('pectoralFin', 0.45, [34, 16, 0]),
        on('pectoralFin', 0.8, [34, 16, 0]),
        on('pectoralFin', 1),
        on('pectoralFin', 0.85, [-36, -16, 0]),
        on('pectoralFin', 0.5, [-34, -16, 0]),
      ],
      thickness: memory(16, 10, 22),
    },
  ],
  features: [feature('teeth', 'Spade-shaped teeth', 'skull', 92, memory(5, 4, 7))],
  counts: [
    count('Teeth, each half of each jaw', 19, 28, 'spade-shaped'),
    count('Neck vertebrae', 7, 7, 'most of them grown together'),
    count('Knobs on the front edge of the dorsal fin', 5, 20),
  ],
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
} satisfies Animal);
