import type { BodyPlan } from '../bodyPlan.ts';
import { halvedNeck, LOWER_JAW, quarteredTail, sacrum, skull } from './kit/backbones.ts';
import { composePlan, type PlanPart } from './kit/composePlan.ts';
import { bone, column, fixed, joint, outward, swing } from './kit/joints.ts';
import { MAMMAL_HINDLEGS } from './kit/mammalParts.ts';
import { belly, bonyLandmarks, chain, heightOver, muscle, span } from './kit/names.ts';
import { TAIL } from './quadrupedParts.ts';
import { PTEROSAUR_EXPRESSIONS } from './kit/expressions.ts';
import { PTEROSAUR_GAITS } from './kit/gaits.ts';

const FINGER = ['wingFinger1', 'wingFinger2', 'wingFinger3', 'wingFinger4'] as const;

/** Bones by part of the body, by key: for regions and zones of the coat. */
export const PTEROSAUR = {
  neck: ['neckLower', 'neckUpper'],
  trunk: ['sacrum', 'dorsal', 'scapula', 'pelvis'],
  arms: ['humerus', 'ulna', 'metacarpus', 'fingers'],
  wingFinger: FINGER,
  legs: ['femur', 'tibia', 'metatarsus', 'hindDigits'],
  tail: TAIL,
} as const;

const HEAD_AND_BODY = ['sacrum', 'dorsal', 'neckLower', 'neckUpper', 'skull'] as const;

const TRUNK: PlanPart = {
  id: 'trunk',
  name: 'Trunk',
  kind: 'trunk',
  midline: [
    sacrum('trunk', 'last dorsal vertebra to first tail vertebra'),
    bone(
      'dorsal',
      'Back (dorsals)',
      'sacrum',
      [1, 0.35, 0],
      column('Joint before the sacrum', 'head', 12, 8, 'back'),
      'first dorsal vertebra to the sacrum',
      { at: 0 },
    ),
  ],
  bonyLandmarks: [
    bonyLandmarks('sternum', 'Crest of the breastplate', ['dorsal', 0.55], [0.1, -1, 0]),
  ],
  muscles: [
    muscle(
      'pectoralis',
      'Pectoralis',
      ['dorsal', 0.6],
      ['humerus', 0.3],
      belly([0.2, -0.85, -0.5], 0.5, 1.8, 2),
      'the deep breast on its plate, to the flange of the upper arm',
    ),
  ],
};

const HEAD: PlanPart = {
  id: 'head',
  name: 'Head and neck',
  kind: 'head',
  midline: [
    ...halvedNeck(
      'dorsal',
      [0.8, 0.6, 0],
      [0.75, 0.65, 0],
      ['last to middle neck vertebra', 'middle neck vertebra to the back of the skull'],
    ),
    skull('neckUpper', 'back of the skull to the tip of the jaws', 'tip of the jaws'),
    LOWER_JAW,
  ],
};

const phalanx = (n: 1 | 2 | 3 | 4) =>
  bone(
    FINGER[n - 1]!,
    `Wing finger, ${['1st', '2nd', '3rd', '4th'][n - 1]} phalanx`,
    n === 1 ? 'metacarpus' : FINGER[n - 2]!,
    [-0.86, 0.5, -0.1],
    n === 1
      ? joint('Knuckle of the wing finger', { flexion: swing(-10, 150) })
      : joint(`Wing finger joint ${n}`, { flexion: swing(-15, 15) }),
    'joint to joint along the wing finger',
    n === 4 ? { tip: 'tip of the wing' } : {},
  );

/** On the ground the wing finger is folded back beside the body; in flight it opens outwards. */
const WINGS: PlanPart = {
  id: 'wings',
  name: 'Wings',
  kind: 'wings',
  paired: [
    bone(
      'scapula',
      'Shoulder (scapulocoracoid)',
      'dorsal',
      [0.1, -0.6, -0.75],
      fixed('Shoulder girdle'),
      'midline of the back to the shoulder joint',
      { at: 0.85 },
    ),
    bone(
      'humerus',
      'Upper arm (humerus)',
      'scapula',
      [-0.6, -0.75, -0.28],
      joint('Shoulder joint', { flexion: swing(-60, 60), abduction: outward(-15, 110) }),
      'head of the humerus to the elbow',
    ),
    bone(
      'ulna',
      'Forearm (ulna)',
      'humerus',
      [0.42, -0.9, -0.05],
      joint('Elbow', { flexion: swing(-45, 70) }),
      'elbow to wrist',
    ),
    bone(
      'metacarpus',
      'Wing metacarpal',
      'ulna',
      [0.15, -0.98, 0],
      joint('Wrist', { flexion: swing(-60, 40) }),
      'wrist to the knuckle of the wing finger',
    ),
    bone(
      'fingers',
      'Small fingers',
      'metacarpus',
      [0.5, -0.2, -0.85],
      joint('Finger joints', { flexion: swing(-60, 60) }),
      'knuckle to the tip of the third finger, without the claw',
      { tip: 'tip of the third finger' },
    ),
    phalanx(1),
    phalanx(2),
    phalanx(3),
    phalanx(4),
  ],
  feet: [
    {
      id: 'hand',
      name: 'hand',
      bone: 'metacarpus',
      reach: [
        ['humerus', 'flexion'],
        ['ulna', 'flexion'],
      ],
      level: 'metacarpus',
    },
  ],
  wire: {
    ...{ id: 'wings', name: 'Arms', over: 'shoulder' },
    bones: ['scapula', 'humerus', 'ulna', 'metacarpus'],
    foot: 'hand',
  },
};

const LEGS: PlanPart = {
  ...MAMMAL_HINDLEGS,
  id: 'legs',
  name: 'Legs',
  paired: (MAMMAL_HINDLEGS.paired ?? []).map((draft) =>
    draft.key === 'femur'
      ? {
          ...draft,
          joint: joint('Hip joint', { flexion: swing(-95, 50), abduction: outward(-15, 80) }),
        }
      : draft,
  ),
  muscles: (MAMMAL_HINDLEGS.muscles ?? []).filter((muscle) => muscle.id === 'gastrocnemius'),
};

const OPEN = (side: 'L' | 'R') =>
  ({
    [`humerus.${side}`]: { flexion: 4, abduction: 84 },
    [`ulna.${side}`]: { flexion: 8 },
    [`metacarpus.${side}`]: { flexion: -12 },
    [`wingFinger1.${side}`]: { flexion: 106 },
    [`wingFinger2.${side}`]: { flexion: -6 },
    [`wingFinger3.${side}`]: { flexion: -6 },
    [`wingFinger4.${side}`]: { flexion: -6 },
    [`femur.${side}`]: { flexion: -60, abduction: 25 },
    [`tibia.${side}`]: { flexion: -12 },
    [`metatarsus.${side}`]: { flexion: -40 },
    [`hindDigits.${side}`]: { flexion: -60 },
  }) as const;

/** The pterosaur: on four limbs with the wing finger folded back, or in flight with it spread. */
export const PTEROSAUR_PLAN: BodyPlan = composePlan({
  id: 'pterosaur',
  name: 'Pterosaur',
  parts: [TRUNK, HEAD, quarteredTail(0), WINGS, LEGS],
  wireOrder: ['hind-legs', 'wings'],
  spine: [...TAIL.toReversed(), ...HEAD_AND_BODY],
  spineEnds: { tail: { reach: 0.75, name: 'tail end' }, head: { reach: 0.7, name: 'muzzle' } },
  tailBones: TAIL,
  sizes: [
    heightOver(
      'shoulder-height',
      'Shoulder height',
      'scapula.L',
      'ground to the skin over the shoulders, on four limbs',
    ),
    chain(
      'length',
      'Snout to tail tip',
      [...HEAD_AND_BODY, ...TAIL],
      'Σ bones of the midline, straightened',
    ),
    span('wingspan', 'Wingspan', 'flying', ['wingFinger4.L'], 'tip to tip, wings spread'),
    chain('skull', 'Skull', ['skull'], 'back of the skull to the tip of the jaws'),
  ],
  stances: [
    { id: 'standing', name: 'On four limbs', anglesDeg: {}, lifted: [] },
    {
      id: 'flying',
      name: 'Flying',
      anglesDeg: {
        ...OPEN('L'),
        ...OPEN('R'),
        sacrum: { flexion: -18 },
        neckLower: { flexion: -12 },
        neckUpper: { flexion: -10 },
        skull: { flexion: 22 },
      },
      lifted: ['hand.L', 'hand.R', 'hindfoot.L', 'hindfoot.R'],
    },
    {
      id: 'alert',
      name: 'Alert',
      anglesDeg: {
        sacrum: { flexion: 8 },
        neckLower: { flexion: 16 },
        neckUpper: { flexion: 10 },
        skull: { flexion: -30 },
      },
      lifted: [],
    },
    {
      id: 'feeding',
      name: 'Picking up food',
      anglesDeg: {
        sacrum: { flexion: -3 },
        neckLower: { flexion: -50 },
        neckUpper: { flexion: -34 },
        skull: { flexion: 0 },
      },
      lifted: [],
    },
  ],
  expressions: PTEROSAUR_EXPRESSIONS,
  gaits: PTEROSAUR_GAITS,
  regions: [
    { id: 'head', name: 'Head', bones: ['skull'], core: 'solid' },
    { id: 'jaw', name: 'Lower jaw', bones: ['jaw'], core: 'solid' },
    { id: 'neck', name: 'Neck', bones: PTEROSAUR.neck, core: 'solid' },
    { id: 'trunk', name: 'Trunk', bones: PTEROSAUR.trunk, core: 'foil' },
    { id: 'arms', name: 'Arms', bones: PTEROSAUR.arms, core: 'solid' },
    { id: 'wings', name: 'Wing fingers', bones: PTEROSAUR.wingFinger, core: 'solid' },
    { id: 'legs', name: 'Legs', bones: PTEROSAUR.legs, core: 'solid' },
    { id: 'tail', name: 'Tail', bones: PTEROSAUR.tail, core: 'solid' },
  ],
});
