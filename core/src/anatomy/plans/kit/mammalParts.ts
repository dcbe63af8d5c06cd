/* eslint-disable max-lines -- the parts of mammals, as data */
import { X_AXIS, Z_AXIS } from '../../../geometry/vec3.ts';
import { belly, bonyLandmarks, muscle } from './names.ts';
import { bone, column, DOWN, fixed, freedom, joint, outward, swing } from './joints.ts';
import { halvedNeck, LOWER_JAW, sacrum, skull } from './backbones.ts';
import type { PlanPart } from './composePlan.ts';

/** Sacrum, loin and chest of a mammal. */
export const MAMMAL_TRUNK: PlanPart = {
  id: 'trunk',
  name: 'Trunk',
  kind: 'trunk',
  midline: [
    sacrum('trunk', 'last lumbar vertebra to first tail vertebra'),
    bone(
      'lumbar',
      'Lumbar column',
      'sacrum',
      [1, 0.06, 0],
      column('Lumbosacral joint', 'head', 30, 25, 'loin'),
      'first to last lumbar vertebra',
      { at: 0 },
    ),
    bone(
      'thoracic',
      'Thoracic column',
      'lumbar',
      [1, -0.02, 0],
      column('Thoracolumbar joint', 'head', 30, 25, 'chest'),
      'first to last thoracic vertebra',
    ),
  ],
  bonyLandmarks: [bonyLandmarks('withers', 'Withers', ['thoracic', 0.85], [0, 1, 0])],
  muscles: [
    muscle(
      'latissimus',
      'Latissimus dorsi',
      ['lumbar', 0.6],
      ['humerus', 0.35],
      belly([0, 0.25, -1], 0.22, 3, 3),
      'a flat sheet from the loin into the armpit',
    ),
    muscle(
      'abdominal-wall',
      'Abdominal wall (obliquus externus)',
      ['thoracic', 0.35],
      ['pelvis', 0.9],
      belly([0, -0.75, -0.65], 0.18, 3.5, 3),
      'the line of the belly, tucked up towards the flank',
    ),
    muscle(
      'longissimus',
      'Longissimus dorsi',
      ['sacrum', 0.2],
      ['thoracic', 0.9],
      belly([0, 0.9, -0.45], 0.5, 1.3, 1),
      'two long rolls beside the spine',
    ),
  ],
};

/** How a horn goes on from its first stretch: as far as an animal gives lengths. */
const HORN_ON = [
  ['hornTip', 'second'],
  ['horn3', 'third'],
  ['horn4', 'fourth'],
] as const;

/** Neck in two halves, and the skull. */
export const MAMMAL_HEAD: PlanPart = {
  id: 'head',
  name: 'Head and neck',
  kind: 'head',
  midline: [
    ...halvedNeck(
      'thoracic',
      [1, 0.35, 0],
      [1, 0.45, 0],
      ['seventh to fourth neck vertebra', 'fourth neck vertebra to the back of the skull'],
      [45, 40],
    ),
    skull('neckUpper', 'occipital condyles to the tip of the snout', 'tip of the snout'),
    LOWER_JAW,
    bone(
      'proboscis',
      'Trunk (proboscis)',
      'skull',
      [0.2, -0.98, 0],
      column('Root of the proboscis', 'head', 90, 45, 'tip'),
      'root to tip',
      { tip: 'tip of the proboscis', optional: true },
    ),
  ],
  paired: [
    bone(
      'ear',
      'Ear',
      'skull',
      [-0.2, 0.9, -0.4],
      // It stands up, so that the axes of a hanging limb turn its tip the other way.
      joint('Root of the ear', {
        flexion: freedom(Z_AXIS, -60, 60, 'swings the tip backward'),
        abduction: freedom(X_AXIS, -50, 50, 'swings the tip inward'),
      }),
      'notch of the ear to its tip',
      { at: 0.14, tip: 'tip of the ear', optional: true },
    ),
    bone(
      'horn',
      'Horn, antler or tusk, from its root',
      'skull',
      [-0.3, 0.9, -0.3],
      fixed('Root of the horn'),
      'root to the first bend of its line, along its curve',
      { at: 0.3, tip: 'tip of the horn', optional: true },
    ),
    ...HORN_ON.map(([key, which], i) =>
      bone(
        key,
        `Horn, antler or tusk, ${which} stretch`,
        i === 0 ? 'horn' : HORN_ON[i - 1]![0],
        [-0.5 - 0.2 * i, 0.8 - 0.3 * i, -0.2],
        fixed(`Horn, ${which} stretch`),
        'from bend to bend of its line, along its curve',
        { tip: 'tip of the horn', optional: true },
      ),
    ),
  ],
  bonyLandmarks: [
    bonyLandmarks('zygomatic', 'Cheekbone (zygomatic arch)', ['skull', 0.36], [0, 0.1, -1]),
    bonyLandmarks('nasal', 'Bridge of the nose', ['skull', 0.72], [0, 1, 0]),
  ],
  muscles: [
    muscle(
      'temporalis',
      'Temporalis',
      ['skull', 0.08],
      ['skull', 0.45],
      belly([0, 0.75, -0.65], 0.4, 1.5, 1),
      'fills the side of the braincase',
    ),
    muscle(
      'masseter',
      'Masseter',
      ['skull', 0.5],
      ['skull', 0.22],
      belly([0, -0.45, -0.9], 0.4, 1.6, 2),
      'the round of the cheek under the eye',
    ),
    muscle(
      'sternocephalicus',
      'Sternocephalicus',
      ['thoracic', 1],
      ['skull', 0.1],
      belly([0, -0.9, -0.4], 0.3, 1.2, 2),
      'the cord along the underside of the neck',
    ),
    muscle(
      'trapezius',
      'Trapezius',
      ['neckUpper', 0.5],
      ['scapula', 0.5],
      belly([0, 0.6, -0.8], 0.2, 3, 3),
      'a flat triangle from the crest of the neck to the shoulder blade',
    ),
  ],
};

/** Forelegs of a mammal that stands with its legs under the body. */
export const MAMMAL_FORELEGS: PlanPart = {
  id: 'forelegs',
  name: 'Forelegs',
  kind: 'limbs',
  paired: [
    bone(
      'scapula',
      'Shoulder blade',
      'thoracic',
      [0.42, -0.82, -0.4],
      joint('Shoulder blade sling', { flexion: swing(-25, 25), abduction: outward(-8, 12) }),
      'vertebral border to the shoulder joint',
      { at: 0.86 },
    ),
    bone(
      'humerus',
      'Upper arm (humerus)',
      'scapula',
      [-0.56, -0.83, 0],
      joint('Shoulder joint', {
        flexion: swing(-45, 60),
        abduction: outward(-20, 45),
        rotation: freedom(DOWN, -30, 30, 'turns the toes inward'),
      }),
      'head of the humerus to the elbow',
    ),
    bone(
      'radius',
      'Forearm (radius)',
      'humerus',
      [0.2, -0.98, 0],
      joint('Elbow', { flexion: swing(-30, 100) }),
      'elbow to wrist',
    ),
    bone(
      'metacarpus',
      'Wrist and metacarpus',
      'radius',
      [0.28, -0.96, 0],
      joint('Wrist', { flexion: swing(-110, 60), abduction: outward(-15, 15) }),
      'wrist to the ball of the forefoot',
    ),
    bone(
      'foreDigits',
      'Fingers',
      'metacarpus',
      [1, -0.12, 0],
      joint('Finger joints', { flexion: swing(-100, 40) }),
      'ball of the forefoot to the tip of the longest toe, without the claw',
      { tip: 'tip of the longest finger' },
    ),
  ],
  feet: [
    {
      id: 'forefoot',
      name: 'forefoot',
      bone: 'metacarpus',
      reach: [
        ['humerus', 'flexion'],
        ['radius', 'flexion'],
      ],
      level: 'metacarpus',
    },
  ],
  wire: {
    id: 'fore-legs',
    name: 'Forelegs',
    over: 'shoulder',
    bones: ['scapula', 'humerus', 'radius', 'metacarpus'],
    foot: 'forefoot',
  },
  bonyLandmarks: [
    bonyLandmarks('scapular-spine', 'Spine of the shoulder blade', ['scapula', 0.4], [0, 0, -1]),
    bonyLandmarks('shoulder-point', 'Point of the shoulder', ['scapula', 1], [0.85, -0.1, -0.5]),
    bonyLandmarks('olecranon', 'Point of the elbow (olecranon)', ['humerus', 1], [-1, 0.15, 0]),
    bonyLandmarks('carpus', 'Front of the wrist', ['radius', 1], [1, 0.1, 0]),
  ],
  muscles: [
    muscle(
      'deltoid',
      'Deltoideus',
      ['scapula', 0.6],
      ['humerus', 0.4],
      belly([0.2, 0.1, -1], 0.35, 1.8, 3),
      'caps the point of the shoulder',
    ),
    muscle(
      'triceps',
      'Triceps brachii',
      ['scapula', 0.7],
      // The point of the elbow, which stands out behind the joint along the ulna.
      ['radius', -0.14],
      belly([-0.8, 0.2, -0.55], 0.6, 1.3, 2),
      'the heavy wedge between shoulder blade and elbow',
    ),
    muscle(
      'biceps-brachii',
      'Biceps brachii',
      ['scapula', 1],
      ['radius', 0.1],
      belly([1, 0, -0.25], 0.45, 1.1, 2),
      'a slim spindle in front of the upper arm',
    ),
    muscle(
      'pectorals',
      'Pectorales',
      ['thoracic', 0.75],
      ['humerus', 0.5],
      belly([0.5, -0.6, -0.4], 0.5, 1.6, 2),
      'the breast between the forelegs',
    ),
    muscle(
      'forearm-extensors',
      'Extensors of the forearm',
      ['humerus', 0.95],
      ['metacarpus', 0.1],
      belly([0.9, 0, -0.45], 0.5, 1.2, 2),
      'the front of the forearm, thick above and thin at the wrist',
    ),
    muscle(
      'forearm-flexors',
      'Flexors of the forearm',
      ['humerus', 1],
      ['metacarpus', 0.6],
      belly([-0.9, 0, -0.4], 0.5, 1.2, 2),
      'the back of the forearm',
    ),
  ],
};

/** Hind legs of a mammal. */
export const MAMMAL_HINDLEGS: PlanPart = {
  id: 'hindlegs',
  name: 'Hind legs',
  kind: 'limbs',
  paired: [
    bone(
      'pelvis',
      'Hip bone',
      'sacrum',
      [-0.35, -0.62, -0.7],
      fixed('Sacroiliac joint'),
      'midline of the sacrum to the centre of the hip socket',
      { at: 0.45 },
    ),
    bone(
      'femur',
      'Thigh (femur)',
      'pelvis',
      [0.5, -0.86, -0.08],
      joint('Hip joint', {
        flexion: swing(-50, 60),
        abduction: outward(-20, 50),
        rotation: freedom(DOWN, -30, 30, 'turns the toes inward'),
      }),
      'head of the femur to the knee',
    ),
    bone(
      'tibia',
      'Shank (tibia)',
      'femur',
      [-0.62, -0.78, 0],
      joint('Knee', { flexion: swing(-75, 45) }),
      'knee to ankle',
    ),
    bone(
      'metatarsus',
      'Ankle and metatarsus',
      'tibia',
      [0.3, -0.95, 0],
      joint('Ankle (hock)', { flexion: swing(-50, 60) }),
      'point of the ankle to the ball of the hind foot',
    ),
    bone(
      'hindDigits',
      'Toes',
      'metatarsus',
      [1, -0.1, 0],
      joint('Toe joints', { flexion: swing(-100, 40) }),
      'ball of the hind foot to the tip of the longest toe, without the claw',
      { tip: 'tip of the longest toe' },
    ),
  ],
  feet: [
    {
      id: 'hindfoot',
      name: 'hind foot',
      bone: 'metatarsus',
      reach: [
        ['femur', 'flexion'],
        ['tibia', 'flexion'],
      ],
      level: 'metatarsus',
    },
  ],
  wire: {
    id: 'hind-legs',
    name: 'Hind legs',
    over: 'hip',
    bones: ['pelvis', 'femur', 'tibia', 'metatarsus'],
    foot: 'hindfoot',
  },
  bonyLandmarks: [
    bonyLandmarks(
      'tuber-coxae',
      'Point of the hip (tuber coxae)',
      ['pelvis', 0.15],
      [0.6, 0.6, -0.55],
    ),
    bonyLandmarks(
      'ischium',
      'Point of the buttock (ischial tuber)',
      ['pelvis', 0.9],
      [-1, 0.3, -0.2],
    ),
    bonyLandmarks('patella', 'Kneecap (patella)', ['femur', 1], [1, 0.1, 0]),
    bonyLandmarks('medial-tibia', 'Inside of the shank', ['tibia', 0.5], [0, 0, 1]),
    bonyLandmarks('calcaneus', 'Point of the hock (calcaneus)', ['tibia', 1], [-1, 0.1, 0]),
  ],
  muscles: [
    muscle(
      'gluteals',
      'Glutei',
      ['sacrum', 0.3],
      ['femur', 0.1],
      belly([-0.2, 0.55, -0.8], 0.45, 1.8, 2),
      'the round of the rump over the hip',
    ),
    muscle(
      'quadriceps',
      'Quadriceps femoris',
      ['pelvis', 0.8],
      ['tibia', 0.08],
      belly([0.9, 0, -0.45], 0.6, 1.4, 2),
      'the front of the thigh, ending in the kneecap',
    ),
    muscle(
      'hamstrings',
      'Hamstrings (biceps femoris and companions)',
      ['pelvis', 1],
      ['tibia', 0.3],
      belly([-0.8, 0, -0.6], 0.55, 1.5, 2),
      'the back of the thigh, spread over the outside of the knee',
    ),
    muscle(
      'gastrocnemius',
      'Gastrocnemius',
      ['femur', 0.95],
      ['metatarsus', 0],
      belly([-0.95, 0.1, -0.3], 0.5, 1.3, 2),
      'the calf, narrowing into the cord of the heel',
    ),
  ],
};
