import type { Animal } from '../animal.ts';
import { BIRD } from '../plans/bird.ts';
import { memory } from './memory.ts';
import { cone, count, feature, on, section, zone } from './shapes.ts';

/**
 * Dodo, as recent reconstructions have it: upright and not fat. All values are from general
 * knowledge (memory), to be checked against a skeleton; plumage and colours are guesses of painters.
 */
export const DODO: Animal = Object.freeze({
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
    bill: [1, -0.3, 0],
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
  flesh: {
    bill: [
      cone(0, 0.62, 26, 20, [0, 0, 0], [0, 6, 0]),
      cone(0.62, 0.9, 24, 12, [0, 2, 0], [0, -8, 0]),
    ],
    skull: [section(0.48, [56, 42, 40], [0, 2, 0])],
    neck1: [cone(0, 1, 74, 54)],
    neck2: [cone(0, 1, 54, 46)],
    neck3: [cone(0, 1, 46, 44)],
    thoracic: [section(0.42, [166, 120, 112], [0, -78, 0])],
    synsacrum: [section(0.35, [160, 110, 110], [0, -56, 0])],
    tail: [section(0.5, [58, 38, 40], [0, 10, 0])],
    coracoid: [cone(0.5, 1, 60, 46)],
    humerus: [cone(0, 1, 34, 24)],
    ulna: [cone(0, 1, 26, 20)],
    manus: [cone(0, 1, 20, 14)],
    primaries: [section(0.4, [36, 14, 7])],
    pelvis: [cone(0.5, 1, 76, 76)],
    femur: [cone(0, 1, 80, 62)],
    tibiotarsus: [cone(0, 0.6, 56, 28), cone(0.6, 1, 28, 17)],
    tarsometatarsus: [cone(0, 1, 17, 15)],
    toes: [
      cone(0, 0.9, 13, 8),
      cone(0, 0.1, 13, 7, [0, 0, 0], [70, 0, 42]),
      cone(0, 0.1, 13, 7, [0, 0, 0], [68, 0, -46]),
    ],
    hallux: [cone(0, 0.9, 11, 7)],
  },
  blades: [
    {
      id: 'wing',
      name: 'Flight feathers',
      paired: true,
      outline: [on('ulna', 0), on('ulna', 1), on('manus', 1), on('primaries', 1), on('humerus', 1)],
      thickness: memory(0.6, 0.3, 1),
    },
  ],
  features: [
    feature('bill', 'Bill', 'bill', 1, memory(118, 100, 135)),
    feature('claws', 'Claws', 'toes', 8, memory(24, 18, 30)),
  ],
  counts: [
    count('Primaries, each wing', 8, 10, 'small and loose; a guess'),
    count('Toes, each foot', 4),
    count('Tail feathers', 4, 10, 'a curled tuft in the paintings; a guess'),
  ],
  coat: [
    zone('bill', 'Bill', BIRD.bill, null, '#9c8f6c', { covering: 'skin', sheen: 'satin' }),
    zone('face', 'Bare face and crown', BIRD.head, [4, 2, 8], '#8d857a', { covering: 'feather' }),
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
} satisfies Animal);
