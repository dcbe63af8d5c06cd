import type { Animal } from '../animal.ts';
import { SPIDER } from '../plans/spider.ts';
import { edge, eye, face, groove } from './faces.ts';
import { mark } from './marks.ts';
import { memory } from './memory.ts';
import { count, feature, zone, fleshOf, type SleeveRows } from './shapes.ts';

/** Its flesh, section by section; life mm from general knowledge. */
const SLEEVES = {
  carapace: {
    faces: 'back',
    rows: [
      ['prosoma', -0.08, 0.4, 0.4, 0.7],
      ['prosoma', 0.1, 1.8, 1.8, 2.8],
      ['prosoma', 0.3, 2.2, 2.2, 3.6],
      ['prosoma', 0.45, 2.4, 2.4, 3.8],
      ['prosoma', 0.65, 2.2, 2.2, 3.6],
      ['prosoma', 0.85, 2, 2, 2.8],
      ['prosoma', 1, 1.8],
    ],
  },
  abdomen: {
    faces: 'back',
    rows: [
      ['opisthosoma', 0, 0.7],
      ['opisthosoma', 0.15, 2.4],
      ['opisthosoma', 0.35, 3, 3, 3.2],
      ['opisthosoma', 0.5, 3.2],
      ['opisthosoma', 0.7, 3, 3, 3.2],
      ['opisthosoma', 0.85, 2.4],
      ['opisthosoma', 1.04, 0.7],
    ],
  },
  spinneret: {
    faces: 'back',
    rows: [
      ['spinneret', 0, 0.5],
      ['spinneret', 0.9, 0.3],
    ],
  },
  chelicera: {
    faces: 'back',
    rows: [
      ['chelicera', 0, 1.2],
      ['chelicera', 1, 0.8],
    ],
  },
  fang: {
    faces: 'back',
    rows: [
      ['fang', 0, 0.36],
      ['fang', 1, 0.2],
    ],
  },
  palp: {
    faces: 'back',
    rows: [
      ['palpFemur', 0, 0.6],
      ['palpFemur', 1, 0.6],
      ['palpTibia', 1, 0.5],
      ['palpTarsus', 0.95, 0.3],
    ],
  },
  ...Object.fromEntries(
    [1, 2, 3, 4].map((n): [string, SleeveRows] => [
      `leg ${n}`,
      {
        faces: 'back',
        rows: [
          [`leg${n}Coxa`, 0.45, 1],
          [`leg${n}Coxa`, 1, 0.9],
          [`leg${n}Trochanter`, 1, 0.9],
          [`leg${n}Femur`, 0.4, 1],
          [`leg${n}Femur`, 1, 0.8],
          [`leg${n}Patella`, 1, 0.7],
          [`leg${n}Tibia`, 1, 0.5],
          [`leg${n}Metatarsus`, 1, 0.3],
          [`leg${n}Tarsus`, 1, 0.3],
        ],
      },
    ]),
  ),
} satisfies Readonly<Record<string, SleeveRows>>;

/**
 * Raft spider, a grown female. All values are from general knowledge (memory), to be checked
 * against a specimen; the segments of the legs follow from the leg span.
 */
export const RAFT_SPIDER: Animal = Object.freeze({
  id: 'raft-spider',
  name: 'Raft spider',
  latin: 'Dolomedes fimbriatus',
  planId: 'spider',
  lengths: {
    prosoma: memory(8.4, 6, 10),
    opisthosoma: memory(10.2, 7, 13),
    spinneret: memory(1, 0.6, 1.4),
    chelicera: memory(3.2, 2.4, 4),
    fang: memory(1.6, 1.1, 2.1),
    palpFemur: memory(4.8, 3.6, 6),
    palpTibia: memory(4.6, 3.4, 5.8),
    palpTarsus: memory(3.8, 2.8, 4.8),
    leg1Coxa: memory(4.4, 3.4, 5.4),
    leg1Trochanter: memory(0.9, 0.6, 1.2),
    leg1Femur: memory(7, 5.4, 8.6),
    leg1Patella: memory(3.4, 2.6, 4.2),
    leg1Tibia: memory(6, 4.6, 7.4),
    leg1Metatarsus: memory(5.8, 4.4, 7.2),
    leg1Tarsus: memory(3, 2.2, 3.8),
    leg2Coxa: memory(4.4, 3.4, 5.4),
    leg2Trochanter: memory(0.9, 0.6, 1.2),
    leg2Femur: memory(7.1, 5.4, 8.8),
    leg2Patella: memory(3.4, 2.6, 4.2),
    leg2Tibia: memory(6, 4.6, 7.4),
    leg2Metatarsus: memory(5.9, 4.4, 7.4),
    leg2Tarsus: memory(3, 2.2, 3.8),
    leg3Coxa: memory(4.2, 3.2, 5.2),
    leg3Trochanter: memory(0.9, 0.6, 1.2),
    leg3Femur: memory(6.4, 4.9, 7.9),
    leg3Patella: memory(3, 2.3, 3.7),
    leg3Tibia: memory(5.2, 4, 6.4),
    leg3Metatarsus: memory(5.4, 4.1, 6.7),
    leg3Tarsus: memory(2.7, 2, 3.4),
    leg4Coxa: memory(4.4, 3.4, 5.4),
    leg4Trochanter: memory(1, 0.7, 1.3),
    leg4Femur: memory(7.6, 5.8, 9.4),
    leg4Patella: memory(3.4, 2.6, 4.2),
    leg4Tibia: memory(6.6, 5, 8.2),
    leg4Metatarsus: memory(7.2, 5.5, 8.9),
    leg4Tarsus: memory(3.2, 2.4, 4),
  },
  flesh: fleshOf(SLEEVES),
  features: [
    feature('eyes', 'Eyes in two rows', 'prosoma', 8, memory(0.45, 0.3, 0.7), 'eye'),
    feature('claws', 'Claws of the feet', 'leg1Tarsus', 24, memory(0.3, 0.2, 0.4), 'claw'),
  ],
  counts: [
    count('Eyes', 8, 8, 'four small ones in front, four larger ones behind'),
    count('Legs', 8),
    count('Segments of each leg', 7),
    count('Spinnerets', 6, 6, 'three pairs, two of them seen'),
  ],
  face: face({
    eyes: [
      eye(['prosoma', 0.98, 14], [0.9, 0.9], 0, 'dark', '#171311'),
      eye(['prosoma', 0.98, 40], [0.75, 0.75], 0, 'dark', '#171311'),
      eye(['prosoma', 0.88, 14], [1.0, 1.0], 0, 'dark', '#171311'),
      eye(['prosoma', 0.82, 44], [1.0, 1.0], 0, 'dark', '#171311'),
    ],
    lines: [
      groove(['prosoma', 0.3, 0], ['prosoma', 0.55, 0]),
      edge(['prosoma', 0.5, 20], ['prosoma', 0.66, 46], ['prosoma', 0.8, 76]),
    ],
  }),
  coat: [
    zone('carapace', 'Carapace', SPIDER.carapace, [0.6, 0.12, 15], '#5f4327'),
    zone('belly', 'Underside of the abdomen', SPIDER.abdomen, [0.5, 0.12, 15], '#6e5c46', {
      facing: ['down'],
    }),
    zone('bands', 'Abdomen', SPIDER.abdomen, [0.6, 0.12, 15], '#4a3421'),
    zone('jaws', 'Jaws and palps', [...SPIDER.jaws, ...SPIDER.palps], [0.7, 0.1, 25], '#63482f'),
    zone('legs', 'Legs', SPIDER.legs, [0.8, 0.1, 30], '#6b4e33'),
  ],
  markings: [
    mark(
      'carapace-band',
      'Pale band of the carapace',
      'stripes',
      [['Band of the carapace', '#e4d7a8']],
      [
        ['prosoma', 0.05, 78],
        ['prosoma', 0.95, 78],
      ],
      { repeats: 1, widthMm: 1.1, vary: 0.2 },
    ),
    mark(
      'abdomen-band',
      'Pale band of the abdomen',
      'stripes',
      [['Band of the abdomen', '#e4d7a8']],
      [
        ['opisthosoma', 0.05, 74],
        ['opisthosoma', 0.85, 74],
      ],
      { repeats: 1, widthMm: 1, vary: 0.25 },
    ),
    mark(
      'abdomen-spots',
      'Dots of the abdomen',
      'spots',
      [['Dots of the abdomen', '#ece4c6']],
      [
        ['opisthosoma', 0.2, 22],
        ['opisthosoma', 0.85, 30],
      ],
      { widthMm: 0.5, stepMm: 1.8, vary: 0.2 },
    ),
  ],
  eye: memory(0.5, 0.35, 0.7),
  density: { gPerMl: 1.05, why: 'horny skin about soft parts' },
  sexes: [
    { name: 'female', size: 1 },
    { name: 'male', size: 0.68 },
  ],
  ranges: {
    massKg: [0.0003, 0.0012],
    sizes: { length: [13, 22], 'leg-span': [50, 75] },
  },
  commonMistake:
    'Legs are set on the abdomen and bent once: all eight spring from the carapace, each has seven segments, and the palps look like a fifth, half-long pair.',
} satisfies Animal);
