import { muscle } from './names.ts';
import { bone, column, DOWN, fixed, freedom, joint, outward, swing } from './joints.ts';
import { halvedNeck, sacrum, skull } from './backbones.ts';
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
  muscles: [
    muscle(
      'latissimus',
      'Latissimus dorsi',
      ['lumbar', 0.6],
      ['humerus', 0.35],
      'a flat sheet from the loin into the armpit',
    ),
    muscle(
      'abdominal-wall',
      'Abdominal wall (obliquus externus)',
      ['thoracic', 0.35],
      ['pelvis', 0.9],
      'the line of the belly, tucked up towards the flank',
    ),
    muscle(
      'longissimus',
      'Longissimus dorsi',
      ['sacrum', 0.2],
      ['thoracic', 0.9],
      'two long rolls beside the spine',
    ),
  ],
};

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
      joint('Root of the ear', { flexion: swing(-60, 60), abduction: outward(-50, 50) }),
      'notch of the ear to its tip',
      { at: 0.14, tip: 'tip of the ear', optional: true },
    ),
    bone(
      'horn',
      'Horn, antler or tusk, first half',
      'skull',
      [-0.3, 0.9, -0.3],
      fixed('Root of the horn'),
      'root to the middle, along its curve',
      { at: 0.3, optional: true },
    ),
    bone(
      'hornTip',
      'Horn, antler or tusk, second half',
      'horn',
      [-0.5, 0.8, -0.2],
      fixed('Middle of the horn'),
      'middle to the tip, along its curve',
      { tip: 'tip of the horn', optional: true },
    ),
  ],
  muscles: [
    muscle(
      'temporalis',
      'Temporalis',
      ['skull', 0.08],
      ['skull', 0.45],
      'fills the side of the braincase',
    ),
    muscle(
      'masseter',
      'Masseter',
      ['skull', 0.5],
      ['skull', 0.22],
      'the round of the cheek under the eye',
    ),
    muscle(
      'sternocephalicus',
      'Sternocephalicus',
      ['thoracic', 1],
      ['skull', 0.1],
      'the cord along the underside of the neck',
    ),
    muscle(
      'trapezius',
      'Trapezius',
      ['neckUpper', 0.5],
      ['scapula', 0.5],
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
  muscles: [
    muscle(
      'deltoid',
      'Deltoideus',
      ['scapula', 0.6],
      ['humerus', 0.4],
      'caps the point of the shoulder',
    ),
    muscle(
      'triceps',
      'Triceps brachii',
      ['scapula', 0.7],
      ['humerus', 1],
      'the heavy wedge between shoulder blade and elbow',
    ),
    muscle(
      'biceps-brachii',
      'Biceps brachii',
      ['scapula', 1],
      ['radius', 0.1],
      'a slim spindle in front of the upper arm',
    ),
    muscle(
      'pectorals',
      'Pectorales',
      ['thoracic', 0.75],
      ['humerus', 0.5],
      'the breast between the forelegs',
    ),
    muscle(
      'forearm-extensors',
      'Extensors of the forearm',
      ['humerus', 0.95],
      ['metacarpus', 0.1],
      'the front of the forearm, thick above and thin at the wrist',
    ),
    muscle(
      'forearm-flexors',
      'Flexors of the forearm',
      ['humerus', 1],
      ['metacarpus', 0.6],
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
  muscles: [
    muscle(
      'gluteals',
      'Glutei',
      ['sacrum', 0.3],
      ['femur', 0.1],
      'the round of the rump over the hip',
    ),
    muscle(
      'quadriceps',
      'Quadriceps femoris',
      ['pelvis', 0.8],
      ['tibia', 0.08],
      'the front of the thigh, ending in the kneecap',
    ),
    muscle(
      'hamstrings',
      'Hamstrings (biceps femoris and companions)',
      ['pelvis', 1],
      ['tibia', 0.3],
      'the back of the thigh, spread over the outside of the knee',
    ),
    muscle(
      'gastrocnemius',
      'Gastrocnemius',
      ['femur', 0.95],
      ['metatarsus', 0],
      'the calf, narrowing into the cord of the heel',
    ),
  ],
};
