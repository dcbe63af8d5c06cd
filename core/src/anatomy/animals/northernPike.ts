import type { Animal } from '../animal.ts';
import { SWIMMER } from '../plans/swimmer.ts';
import { memory } from './memory.ts';
import { cone, count, feature, on, section, zone } from './shapes.ts';

/**
 * Northern pike of about three kilograms. All values are from general knowledge (memory), to be
 * checked against a specimen; the head's share of the length agrees with handbooks.
 */
export const NORTHERN_PIKE: Animal = Object.freeze({
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
  flesh: {
    skull: [
      section(0.12, [86, 47, 38], [0, -7, 0]),
      cone(0.3, 0.66, 38, 23, [0, -6, 0], [0, -4, 0]),
      cone(0.66, 0.96, 23, 14, [0, -4, 0], [0, 0, 0]),
    ],
    trunk1: [section(0.5, [190, 55, 43], [0, -8, 0])],
    trunk2: [section(0.45, [215, 57, 45], [0, -8, 0])],
    trunk3: [section(0.2, [185, 53, 42], [0, -7, 0])],
    peduncle1: [section(0, [100, 40, 29], [0, -3, 0])],
    peduncle2: [section(0.35, [72, 26, 17])],
    tailFin: [section(0.15, [20, 22, 9])],
    pectoralFin: [cone(0.4, 0.6, 7, 4)],
    pelvicFin: [cone(0.4, 0.6, 7, 4)],
    dorsalFin: [cone(0.4, 0.65, 9, 4)],
    analFin: [cone(0.4, 0.65, 8, 4)],
  },
  blades: [
    {
      id: 'tail-fin',
      name: 'Tail fin',
      paired: false,
      outline: [
        on('tailFin', 0, [0, 22, 0]),
        on('tailFin', 1.15, [0, 62, 0]),
        on('tailFin', 1, [0, 22, 0]),
        on('tailFin', 0.86),
        on('tailFin', 1, [0, -22, 0]),
        on('tailFin', 1.15, [0, -62, 0]),
        on('tailFin', 0, [0, -22, 0]),
      ],
      thickness: memory(1.6, 0.8, 3),
    },
    {
      id: 'dorsal-fin',
      name: 'Dorsal fin',
      paired: false,
      outline: [
        on('dorsalFin', 0.3, [40, -24, 0]),
        on('dorsalFin', 0.85, [34, 8, 0]),
        on('dorsalFin', 1),
        on('dorsalFin', 0.9, [-34, -24, 0]),
        on('dorsalFin', 0.4, [-46, -2, 0]),
      ],
      thickness: memory(1.6, 0.8, 3),
    },
    {
      id: 'anal-fin',
      name: 'Anal fin',
      paired: false,
      outline: [
        on('analFin', 0.3, [34, 22, 0]),
        on('analFin', 0.85, [30, -6, 0]),
        on('analFin', 1),
        on('analFin', 0.9, [-30, 22, 0]),
        on('analFin', 0.4, [-40, 4, 0]),
      ],
      thickness: memory(1.6, 0.8, 3),
    },
    {
      id: 'pectoral-fin',
      name: 'Pectoral fin',
      paired: true,
      outline: [
        on('pectoralFin', 0.45),
        on('pectoralFin', 0.95, [18, 4, 0]),
        on('pectoralFin', 1.1, [0, 0, 0]),
        on('pectoralFin', 0.95, [-18, 14, 0]),
      ],
      thickness: memory(1.2, 0.6, 2),
    },
    {
      id: 'pelvic-fin',
      name: 'Pelvic fin',
      paired: true,
      outline: [
        on('pelvicFin', 0.5),
        on('pelvicFin', 0.95, [18, 4, 0]),
        on('pelvicFin', 1.1, [0, 0, 0]),
        on('pelvicFin', 0.95, [-18, 14, 0]),
      ],
      thickness: memory(1.2, 0.6, 2),
    },
  ],
  features: [feature('teeth', 'Large teeth of the lower jaw', 'skull', 16, memory(8, 5, 12))],
  counts: [
    count('Scales of the lateral line', 105, 148),
    count('Rays of the dorsal fin', 19, 23),
    count('Rays of the anal fin', 16, 21),
    count('Teeth, large and small', 300, 700),
  ],
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
  eye: memory(17, 14, 20),
  density: { gPerMl: 1.02, why: 'a fish with a full swim bladder hangs in the water' },
  ranges: {
    massKg: [0.5, 20],
    sizes: { length: [400, 1200], head: [100, 330] },
  },
  commonMistake:
    'The fins are spaced as on a carp: dorsal and anal fin stand far back, face to face near the tail, and the jaws are flat like a duck’s bill.',
} satisfies Animal);
