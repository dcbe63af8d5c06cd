import type { Animal } from '../animal.ts';
import { SERPENT } from '../plans/serpent.ts';
import { memory } from './memory.ts';
import { cone, count, feature, section, zone } from './shapes.ts';

/**
 * Adder, a typical adult. All values are from general knowledge (memory), to be checked against a
 * specimen; counts of scales agree with field guides.
 */
export const ADDER: Animal = Object.freeze({
  id: 'adder',
  name: 'Adder',
  latin: 'Vipera berus',
  planId: 'serpent',
  lengths: {
    skull: memory(27, 23, 32),
    neckLink: memory(14, 10, 18),
    trunkLink: memory(23.5, 18, 30),
    tail1: memory(19, 13, 26),
    tail2: memory(18, 12, 25),
    tail3: memory(17, 11, 24),
    tail4: memory(16, 10, 23),
  },
  flesh: {
    skull: [section(0.36, [12, 5.6, 9.2]), cone(0.5, 0.9, 6.6, 4.2, [0, 0, 0], [0, -0.3, 0])],
    neckLink: [cone(0, 1, 6, 6.8)],
    trunkLink: [cone(0, 1, 8.3, 8.3)],
    tail1: [cone(0, 1, 7.4, 5.2)],
    tail2: [cone(0, 1, 5.2, 3.8)],
    tail3: [cone(0, 1, 3.8, 2.4)],
    tail4: [cone(0, 0.97, 2.4, 0.8)],
  },
  features: [feature('fangs', 'Fangs', 'skull', 2, memory(4, 3, 5))],
  counts: [
    count('Rows of scales round the middle', 19, 23, 'usually 21, keeled'),
    count('Belly scutes', 132, 158),
    count('Scutes under the tail', 23, 48, 'males more than females; in pairs'),
    count('Upper lip scales, each side', 6, 10, 'usually 8 or 9'),
  ],
  coat: [
    zone('head', 'Head', SERPENT.head, [2.4, 2, 0], '#8d8577', { covering: 'scale' }),
    zone('belly', 'Belly scutes', [...SERPENT.neck, ...SERPENT.trunk], [3.6, 15, 0], '#5a5650', {
      covering: 'scale',
      sheen: 'satin',
      facing: ['down'],
    }),
    zone(
      'zigzag',
      'Back with the zigzag',
      [...SERPENT.neck, ...SERPENT.trunk],
      [3.2, 2.2, 0],
      '#4a443d',
      {
        covering: 'scale',
        facing: ['up'],
      },
    ),
    zone('flanks', 'Flanks', [...SERPENT.neck, ...SERPENT.trunk], [3.2, 2.4, 0], '#a39c8c', {
      covering: 'scale',
    }),
    zone('tail', 'Tail', SERPENT.tail, [2.4, 1.8, 0], '#8a8376', { covering: 'scale' }),
  ],
  eye: memory(4, 3, 5),
  sexes: [
    { name: 'female', size: 1 },
    { name: 'male', size: 0.9 },
  ],
  ranges: {
    massKg: [0.05, 0.18],
    sizes: { length: [450, 700], tail: [50, 95] },
  },
  commonMistake:
    'It is made as an even tube: the head is flat and set off by a thin neck, the body is thick and flattens as it basks, and the tail is short and ends at once.',
} satisfies Animal);
