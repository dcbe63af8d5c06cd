import type { Animal } from '../animal.ts';
import { THEROPOD } from '../plans/twoLeggedTheropod.ts';
import { memory } from './memory.ts';
import { cone, count, feature, section, zone } from './shapes.ts';

/**
 * Baryonyx, about the size of the best known skeleton. All values are from general knowledge
 * (memory), to be checked against the bones; skin and colours are guesses.
 */
export const BARYONYX: Animal = Object.freeze({
  id: 'baryonyx',
  name: 'Baryonyx',
  latin: 'Baryonyx walkeri',
  planId: 'two-legged-theropod',
  lengths: {
    skull: memory(940, 880, 980),
    neckLower: memory(480, 400, 560),
    neckUpper: memory(480, 400, 560),
    dorsalFront: memory(860, 740, 980),
    dorsalRear: memory(860, 740, 980),
    sacrum: memory(480, 400, 560),
    tail1: memory(1100, 900, 1300),
    tail2: memory(1100, 900, 1300),
    tail3: memory(1100, 900, 1300),
    tail4: memory(1100, 900, 1300),
    scapula: memory(620, 520, 720),
    humerus: memory(460, 440, 480),
    radius: memory(280, 240, 320),
    metacarpus: memory(170, 140, 200),
    foreDigits: memory(330, 280, 380),
    pelvis: memory(400, 330, 470),
    femur: memory(860, 740, 980),
    tibia: memory(780, 680, 880),
    metatarsus: memory(390, 330, 450),
    hindDigits: memory(380, 320, 450),
  },
  rest: {
    dorsalRear: [1, 0.02, 0],
    dorsalFront: [1, 0.06, 0],
    neckLower: [0.86, 0.5, 0],
    neckUpper: [0.9, 0.36, 0],
    skull: [1, -0.2, 0],
    scapula: [0.62, -0.62, -0.48],
    humerus: [-0.45, -0.88, -0.08],
    radius: [0.72, -0.66, 0.06],
    metacarpus: [0.8, -0.58, 0.05],
    foreDigits: [0.72, -0.7, 0.05],
    pelvis: [-0.15, -0.72, -0.68],
    femur: [0.5, -0.86, 0],
    tibia: [-0.42, -0.9, 0.02],
    metatarsus: [0.25, -0.97, 0],
    hindDigits: [1, -0.1, 0],
  },
  flesh: {
    skull: [
      section(0.16, [200, 120, 95], [0, -20, 0]),
      cone(0.28, 0.72, 92, 60, [0, -26, 0], [0, -18, 0]),
      cone(0.72, 0.97, 60, 48, [0, -18, 0], [0, -26, 0]),
    ],
    neckUpper: [cone(0, 1, 150, 118, [0, -36, 0], [0, -20, 0])],
    neckLower: [cone(0, 1, 215, 156, [0, -95, 0], [0, -40, 0])],
    dorsalFront: [
      section(0.4, [620, 400, 280], [0, -290, 0]),
      cone(0, 1, 190, 180, [0, -110, 0], [0, -110, 0]),
    ],
    dorsalRear: [
      section(0.55, [600, 390, 275], [0, -270, 0]),
      cone(0, 1, 190, 190, [0, -110, 0], [0, -110, 0]),
    ],
    sacrum: [cone(0, 1, 235, 215, [0, -140, 0], [0, -100, 0])],
    tail1: [cone(0, 1, 225, 175, [0, -90, 0], [0, -50, 0])],
    tail2: [cone(0, 1, 175, 118, [0, -50, 0], [0, -20, 0])],
    tail3: [cone(0, 1, 118, 64, [0, -20, 0], [0, 0, 0])],
    tail4: [cone(0, 0.98, 64, 16)],
    scapula: [section(0.62, [330, 135, 88])],
    humerus: [cone(0, 1, 125, 82)],
    radius: [cone(0, 1, 80, 56)],
    metacarpus: [cone(0, 1, 58, 50)],
    foreDigits: [
      cone(0, 0.62, 32, 22),
      cone(0, 0.15, 40, 34, [0, 0, 30], [10, 0, 40]),
      cone(0.15, 0.95, 34, 8, [10, 0, 40], [60, -60, 40]),
    ],
    pelvis: [cone(0.3, 1, 215, 225)],
    femur: [section(0.35, [440, 285, 170], [-40, 0, 0]), cone(0.4, 1, 210, 135)],
    tibia: [cone(0, 0.45, 142, 112, [-24, 0, 0], [-10, 0, 0]), cone(0.45, 1, 112, 74)],
    metatarsus: [cone(0, 1, 76, 74)],
    hindDigits: [
      cone(0, 0.9, 58, 34),
      cone(0, 0.1, 55, 32, [0, 0, 0], [240, 0, 120]),
      cone(0, 0.1, 55, 32, [0, 0, 0], [235, 0, -125]),
    ],
  },
  features: [
    feature('thumb-claws', 'Thumb claws', 'foreDigits', 2, memory(308, 300, 315)),
    feature('hand-claws', 'Other claws of the hand', 'foreDigits', 4, memory(160, 120, 200)),
    feature('foot-claws', 'Claws of the foot', 'hindDigits', 6, memory(130, 100, 160)),
  ],
  counts: [
    count('Teeth of the premaxilla, each side', 6, 7),
    count('Teeth of the lower jaw, each side', 30, 32, 'as many as in no other theropod here'),
    count('Neck vertebrae', 10),
    count('Back vertebrae', 13),
    count('Fingers, each hand', 3),
    count('Toes that meet the ground, each foot', 3),
  ],
  coat: [
    zone('head', 'Head', ['skull'], [9, 9, 0], '#5f6750', { covering: 'scale' }),
    zone(
      'throat',
      'Throat and belly',
      [...THEROPOD.neck, ...THEROPOD.trunk],
      [18, 22, 0],
      '#b6ae90',
      {
        covering: 'scale',
        facing: ['down'],
      },
    ),
    zone('back', 'Back', [...THEROPOD.neck, ...THEROPOD.trunk], [14, 14, 0], '#4f5844', {
      covering: 'scale',
      facing: ['up'],
    }),
    zone(
      'flanks',
      'Flanks and thighs',
      [...THEROPOD.neck, ...THEROPOD.trunk, ...THEROPOD.thighs],
      [13, 13, 0],
      '#6e7459',
      { covering: 'scale' },
    ),
    zone('arms', 'Arms', THEROPOD.arms, [10, 10, 0], '#666c54', { covering: 'scale' }),
    zone('shanks', 'Shanks', THEROPOD.shanks, [12, 12, 0], '#626850', { covering: 'scale' }),
    zone('feet', 'Feet', THEROPOD.feet, [22, 30, 0], '#4d4f43', { covering: 'scale' }),
    zone('tail', 'Tail', THEROPOD.tail, [14, 14, 0], '#59614b', { covering: 'scale' }),
  ],
  eye: memory(55, 45, 70),
  density: { gPerMl: 0.9, why: 'air sacs in neck and trunk, as in birds' },
  ranges: {
    massKg: [1200, 2000],
    sizes: {
      'hip-height': [1900, 2700],
      length: [7500, 10000],
      tail: [3600, 5200],
    },
  },
  commonMistake:
    'The snout is made as that of a big meat-eater: it is long, low and narrow like a crocodile’s, with a notch behind a spoon-shaped tip, on a neck with only a slight curve.',
} satisfies Animal);
