import type { Animal } from '../animal.ts';
import { INSECT } from '../plans/insect.ts';
import { memory } from './memory.ts';
import { cone, count, feature, on, section, zone } from './shapes.ts';

/**
 * Stag beetle, a large male, wing cases closed. All values are from general knowledge (memory), to
 * be checked against a specimen.
 */
export const STAG_BEETLE: Animal = Object.freeze({
  id: 'stag-beetle',
  name: 'Stag beetle',
  latin: 'Lucanus cervus',
  planId: 'insect',
  lengths: {
    head: memory(10, 6, 13),
    antenna: memory(9, 6, 11),
    mandible: memory(19, 6, 28),
    prothorax: memory(9, 6, 11),
    pterothorax: memory(9, 6, 11),
    abdomen1: memory(6.5, 4.5, 8),
    abdomen2: memory(6.5, 4.5, 8),
    abdomen3: memory(6, 4, 7.5),
    forewing: memory(27, 18, 33),
    foreCoxa: memory(4.5, 3, 5.5),
    foreFemur: memory(9, 6, 11),
    foreTibia: memory(9.5, 6.5, 11.5),
    foreTarsus: memory(7, 5, 8.5),
    midCoxa: memory(4.5, 3, 5.5),
    midFemur: memory(9, 6, 11),
    midTibia: memory(9, 6, 11),
    midTarsus: memory(7, 5, 8.5),
    hindCoxa: memory(5, 3.5, 6),
    hindFemur: memory(9.5, 6.5, 11.5),
    hindTibia: memory(9.5, 6.5, 11.5),
    hindTarsus: memory(7.5, 5, 9),
  },
  rest: {
    forewing: [-1, -0.08, -0.16],
    mandible: [0.92, 0.08, -0.36],
    antenna: [0.5, 0.15, -0.85],
  },
  flesh: {
    head: [section(0.5, [5.4, 4, 8.6])],
    antenna: [cone(0, 0.6, 0.5, 0.4), cone(0.6, 0.98, 0.4, 1.1)],
    mandible: [
      cone(0, 0.55, 1.9, 1.5, [0, 0, 0], [0, 0, -2.2]),
      cone(0.55, 0.95, 1.5, 0.7, [0, 0, -2.2], [0, 0.6, 3.4]),
      cone(0.55, 0.55, 1.1, 0.5, [0, 0, -2.2], [1, 0, 2.4]),
      cone(0.8, 0.86, 0.9, 0.4, [0, 0, -0.6], [2.6, 0, -1.6]),
    ],
    prothorax: [section(0.5, [5.2, 4.6, 8.6])],
    pterothorax: [section(0.7, [11, 5.4, 8.6], [0, -0.6, 0])],
    abdomen1: [section(0.5, [10.5, 5.3, 8.6], [0, -0.4, 0])],
    abdomen2: [section(0.3, [9.5, 4.8, 7.8], [0, -0.2, 0])],
    abdomen3: [section(0.1, [6.6, 3.8, 6])],
    forewing: [section(0.5, [13, 1.2, 4.2], [0, 4.6, 1])],
    ...Object.fromEntries(
      ['fore', 'mid', 'hind'].flatMap((pair) => [
        [`${pair}Coxa`, [cone(0.4, 1, 1.7, 1.5)]],
        [`${pair}Femur`, [cone(0, 1, 1.3, 1)]],
        [`${pair}Tibia`, [cone(0, 1, 0.8, 1)]],
        [`${pair}Tarsus`, [cone(0, 1, 0.55, 0.45)]],
      ]),
    ),
  },
  blades: [
    {
      id: 'wing-case',
      name: 'Wing case',
      paired: true,
      outline: [
        on('forewing', 0.02, [0, 4.4, 3.6]),
        on('forewing', 0.02, [0, 2.6, -4.6]),
        on('forewing', 0.6, [0, 2.4, -5]),
        on('forewing', 0.96, [0, 2.6, 0]),
        on('forewing', 0.98, [0, 3, 4]),
        on('forewing', 0.5, [0, 5.6, 4]),
      ],
      thickness: memory(0.25, 0.15, 0.35),
    },
  ],
  features: [
    feature('mandibles', 'Mandibles', 'mandible', 2, memory(19, 6, 28)),
    feature('antennae', 'Antennae', 'antenna', 2, memory(9, 6, 11)),
    feature('claws', 'Claws', 'foreTarsus', 12, memory(1.6, 1.2, 2)),
  ],
  counts: [
    count('Legs', 6),
    count('Segments of each foot', 5),
    count('Leaves of the antenna’s club', 4, 5),
  ],
  coat: [
    zone('head', 'Head', INSECT.head, null, '#241c19', { covering: 'skin', sheen: 'satin' }),
    zone('jaws', 'Mandibles and antennae', INSECT.feelers, null, '#5a2419', {
      covering: 'skin',
      sheen: 'gloss',
    }),
    zone('thorax', 'Thorax', INSECT.thorax, null, '#221b18', { covering: 'skin', sheen: 'satin' }),
    zone('cases', 'Wing cases and abdomen', [...INSECT.wings, ...INSECT.abdomen], null, '#43201a', {
      covering: 'skin',
      sheen: 'gloss',
    }),
    zone('legs', 'Legs', INSECT.legs, null, '#1f1917', { covering: 'skin', sheen: 'satin' }),
  ],
  eye: memory(2.2, 1.6, 2.8),
  density: { gPerMl: 0.75, why: 'air under the wing cases and in the air tubes' },
  sexes: [
    { name: 'male', size: 1 },
    { name: 'female', size: 0.8 },
  ],
  ranges: {
    massKg: [0.0015, 0.006],
    sizes: { length: [28, 60], 'length-with-jaws': [35, 85] },
  },
  commonMistake:
    'The mandibles are made as round horns bent inwards: they are flat, forked at the tip and with a tooth past the middle, on a head that is broader than the thorax.',
} satisfies Animal);
