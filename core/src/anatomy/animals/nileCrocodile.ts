import type { Animal } from '../animal.ts';
import { SPRAWLER } from '../plans/sprawlingReptile.ts';
import { memory } from './memory.ts';
import { cone, count, feature, on, section, zone } from './shapes.ts';

/**
 * Nile crocodile, a grown one of middle size. All values are from general knowledge (memory), to be
 * checked against a specimen; the limbs are the least certain.
 */
export const NILE_CROCODILE: Animal = Object.freeze({
  id: 'nile-crocodile',
  name: 'Nile crocodile',
  latin: 'Crocodylus niloticus',
  planId: 'sprawling-reptile',
  lengths: {
    skull: memory(530, 420, 720),
    neck: memory(270, 210, 360),
    dorsalFront: memory(460, 360, 620),
    dorsalRear: memory(460, 360, 620),
    sacrum: memory(200, 155, 270),
    tail1: memory(435, 340, 590),
    tail2: memory(430, 335, 580),
    tail3: memory(425, 330, 575),
    tail4: memory(420, 325, 570),
    scapula: memory(170, 130, 220),
    humerus: memory(215, 165, 280),
    radius: memory(150, 115, 200),
    metacarpus: memory(105, 80, 140),
    foreDigits: memory(90, 70, 120),
    pelvis: memory(150, 115, 200),
    femur: memory(250, 195, 330),
    tibia: memory(190, 145, 250),
    metatarsus: memory(140, 108, 185),
    hindDigits: memory(120, 92, 160),
  },
  rest: {
    dorsalRear: [1, 0.03, 0],
    dorsalFront: [1, -0.06, 0],
    neck: [1, -0.02, 0],
    skull: [1, -0.06, 0],
    tail1: [-1, -0.22, 0],
    tail2: [-1, -0.2, 0],
    tail3: [-1, -0.06, 0],
    tail4: [-1, 0, 0],
    humerus: [-0.42, -0.5, -0.76],
    radius: [0.22, -0.95, -0.12],
    femur: [0.4, -0.42, -0.82],
    tibia: [-0.3, -0.94, -0.1],
    metacarpus: [0.8, -0.36, -0.46],
    metatarsus: [0.82, -0.34, -0.44],
  },
  flesh: {
    skull: [
      section(0.2, [118, 78, 122]),
      cone(0.3, 0.66, 72, 52, [0, -10, 0], [0, -12, 0]),
      cone(0.66, 0.94, 52, 44, [0, -12, 0], [0, -10, 0]),
    ],
    neck: [cone(0, 1, 172, 122, [0, -86, 0], [0, -30, 0])],
    dorsalFront: [section(0.45, [400, 158, 218], [0, -108, 0])],
    dorsalRear: [section(0.5, [390, 160, 224], [0, -108, 0])],
    sacrum: [section(0.5, [210, 128, 158], [0, -82, 0])],
    tail1: [section(0.4, [300, 118, 112], [0, -50, 0])],
    tail2: [section(0.42, [300, 96, 78], [0, -20, 0])],
    tail3: [section(0.4, [285, 70, 48], [0, 0, 0])],
    tail4: [section(0.36, [270, 42, 22], [0, 0, 0])],
    scapula: [cone(0.4, 1, 90, 82)],
    humerus: [cone(0, 1, 78, 54)],
    radius: [cone(0, 1, 52, 34)],
    metacarpus: [cone(0, 1, 34, 28)],
    foreDigits: [
      cone(0, 0.9, 22, 10),
      cone(0, 0.1, 22, 10, [0, 0, 0], [70, 0, 40]),
      cone(0, 0.1, 22, 10, [0, 0, 0], [20, 0, -72]),
    ],
    pelvis: [cone(0.4, 1, 96, 96)],
    femur: [cone(0, 1, 96, 64)],
    tibia: [cone(0, 1, 62, 38)],
    metatarsus: [cone(0, 1, 38, 30)],
    hindDigits: [
      cone(0, 0.9, 24, 11),
      cone(0, 0.1, 24, 11, [0, 0, 0], [95, 0, 45]),
      cone(0, 0.1, 24, 11, [0, 0, 0], [40, 0, -90]),
    ],
  },
  blades: [
    {
      id: 'tail-crest',
      name: 'Crest of the tail',
      paired: false,
      outline: [
        on('tail1', 0.3, [0, 62, 0]),
        on('tail2', 0.5, [0, 112, 0]),
        on('tail3', 0.4, [0, 120, 0]),
        on('tail4', 0.5, [0, 84, 0]),
        on('tail4', 1, [0, 8, 0]),
        on('tail4', 0.4, [0, 36, 0]),
        on('tail2', 0.5, [0, 72, 0]),
      ],
      thickness: memory(14, 8, 22),
    },
  ],
  features: [
    feature('fore-claws', 'Claws of the forefeet', 'foreDigits', 6, memory(38, 28, 50)),
    feature('hind-claws', 'Claws of the hind feet', 'hindDigits', 6, memory(42, 30, 56)),
    feature('teeth', 'Large teeth', 'skull', 20, memory(34, 20, 50)),
  ],
  counts: [
    count(
      'Teeth',
      64,
      68,
      'premaxilla 5 (4 in old ones), maxilla 13 to 14, dentary 14 to 15, each side',
    ),
    count('Cross rows of plates on the back', 16, 18),
    count('Plates across the back', 6, 8),
    count('Toes, each forefoot', 5, 5, 'three with claws'),
    count('Toes, each hind foot', 4, 4, 'three with claws, webbed'),
  ],
  coat: [
    zone('head', 'Head', ['skull'], [14, 14, 0], '#6e6a4e', { covering: 'scale', sheen: 'satin' }),
    zone('belly', 'Belly plates', [...SPRAWLER.neck, ...SPRAWLER.trunk], [30, 26, 0], '#d8d0ac', {
      covering: 'scale',
      facing: ['down'],
    }),
    zone(
      'back',
      'Plates of the back',
      [...SPRAWLER.neck, ...SPRAWLER.trunk],
      [46, 42, 0],
      '#57543d',
      {
        covering: 'scale',
        facing: ['up'],
      },
    ),
    zone('flanks', 'Flanks', [...SPRAWLER.neck, ...SPRAWLER.trunk], [16, 16, 0], '#7a7455', {
      covering: 'scale',
    }),
    zone(
      'limbs',
      'Limbs',
      [...SPRAWLER.upperLimbs, ...SPRAWLER.lowerLimbs],
      [16, 16, 0],
      '#6f6a4e',
      {
        covering: 'scale',
      },
    ),
    zone('feet', 'Feet', SPRAWLER.feet, [14, 14, 0], '#625d46', { covering: 'scale' }),
    zone('tail', 'Tail', SPRAWLER.tail, [42, 30, 0], '#5e5a42', { covering: 'scale' }),
  ],
  eye: memory(32, 25, 38),
  sexes: [
    { name: 'male', size: 1 },
    { name: 'female', size: 0.8 },
  ],
  ranges: {
    massKg: [150, 750],
    sizes: {
      'back-height': [300, 700],
      length: [2800, 5000],
      head: [390, 720],
      tail: [1300, 2400],
    },
  },
  commonMistake:
    'The plates are pressed at one size all over and the belly is dragged: rows of plates have their own sizes by place, and a walking crocodile lifts its body high off the ground.',
} satisfies Animal);
