/* eslint-disable max-lines -- one body plan, as data */
import type { BodyPlan } from '../bodyPlan.ts';
import { halvedNeck, LOWER_JAW, quarteredTail, sacrum, skull } from './kit/backbones.ts';
import { composePlan, type PlanPart } from './kit/composePlan.ts';
import { bone, column } from './kit/joints.ts';
import { MAMMAL_FORELEGS, MAMMAL_HINDLEGS } from './kit/mammalParts.ts';
import { belly, bonyLandmarks, chain, heightOver, muscle } from './kit/names.ts';
import { TAIL } from './quadrupedParts.ts';
import { THEROPOD_EXPRESSIONS } from './kit/expressions.ts';
import { theropodGaits } from './kit/gaits.ts';
import { onBothSides } from './kit/bilateral.ts';

/** Bones by part of the body, by key: for regions and zones of the coat. */
export const THEROPOD = {
  neck: ['neckLower', 'neckUpper'],
  trunk: ['sacrum', 'dorsalRear', 'dorsalFront', 'scapula', 'pelvis'],
  thighs: ['femur'],
  shanks: ['tibia'],
  arms: ['humerus', 'radius', 'metacarpus', 'foreDigits'],
  feet: ['metatarsus', 'hindDigits'],
  tail: TAIL,
} as const;

const HEAD_AND_BODY = [
  'sacrum',
  'dorsalRear',
  'dorsalFront',
  'neckLower',
  'neckUpper',
  'skull',
] as const;

const THEROPOD_TRUNK: PlanPart = {
  id: 'trunk',
  name: 'Trunk',
  kind: 'trunk',
  midline: [
    sacrum('trunk', 'last dorsal vertebra to first tail vertebra'),
    bone(
      'dorsalRear',
      'Back, rear half (dorsals)',
      'sacrum',
      [1, 0.06, 0],
      column('Joint before the sacrum', 'head', 15, 12, 'back'),
      'middle dorsal vertebra to the sacrum',
      { at: 0 },
    ),
    bone(
      'dorsalFront',
      'Back, front half (dorsals)',
      'dorsalRear',
      [1, 0.1, 0],
      column('Mid-back', 'head', 15, 12, 'chest'),
      'first to middle dorsal vertebra',
    ),
  ],
  bonyLandmarks: [
    bonyLandmarks('neural-spines', 'Spines of the back', ['dorsalFront', 0.4], [0, 1, 0]),
  ],
  muscles: [
    muscle(
      'abdominal-wall',
      'Abdominal wall',
      ['dorsalFront', 0.2],
      ['pelvis', 0.9],
      belly([0, -0.75, -0.65], 0.18, 3.5, 3),
      'a deep narrow belly between the ribs and the pubis',
    ),
  ],
};

const THEROPOD_HEAD: PlanPart = {
  id: 'head',
  name: 'Head and neck',
  kind: 'head',
  midline: [
    ...halvedNeck(
      'dorsalFront',
      [1, 0.7, 0],
      [1, 0.5, 0],
      ['last to middle neck vertebra', 'middle neck vertebra to the back of the skull'],
    ),
    skull('neckUpper', 'back of the skull to the tip of the snout', 'tip of the snout'),
    LOWER_JAW,
  ],
  bonyLandmarks: [
    bonyLandmarks('orbit', 'Rim of the eye', ['skull', 0.3], [0, 0.6, -0.8]),
    bonyLandmarks('snout', 'Bridge of the snout', ['skull', 0.7], [0, 1, 0]),
  ],
  muscles: [
    muscle(
      'adductor-mandibulae',
      'Adductor mandibulae',
      ['skull', 0.1],
      ['skull', 0.3],
      belly([0, 0.2, -1], 0.45, 1.8, 1),
      'fills the openings behind the eye; there are no cheeks',
    ),
  ],
};

const ARMS: PlanPart = {
  ...MAMMAL_FORELEGS,
  id: 'arms',
  name: 'Arms',
  paired: (MAMMAL_FORELEGS.paired ?? []).map((draft) =>
    draft.key === 'scapula' ? { ...draft, parent: 'dorsalFront', at: 0.8 } : draft,
  ),
  feet: [],
  wire: {
    id: 'arms',
    name: 'Arms',
    over: 'shoulder',
    bones: ['scapula', 'humerus', 'radius', 'metacarpus'],
    foot: null,
  },
  muscles: (MAMMAL_FORELEGS.muscles ?? []).filter((muscle) => muscle.id !== 'pectorals'),
};

const HINDLEGS: PlanPart = {
  ...MAMMAL_HINDLEGS,
  bonyLandmarks: [
    bonyLandmarks('knee', 'Knee', ['femur', 1], [1, 0.1, 0]),
    bonyLandmarks('ankle', 'Ankle', ['tibia', 1], [-1, 0.1, 0]),
  ],
  muscles: [
    muscle(
      'caudofemoralis',
      'Caudofemoralis longus',
      ['tail1', 0.7],
      ['femur', 0.45],
      belly([0, -0.5, -0.85], 0.5, 1.4, 1),
      'the great drumstick that joins the tail to the thigh',
    ),
    muscle(
      'iliotibialis',
      'Iliotibialis',
      ['sacrum', 0.4],
      ['tibia', 0.05],
      belly([0.35, 0, -0.95], 0.45, 2, 2),
      'the broad front and side of the thigh',
    ),
    muscle(
      'gastrocnemius',
      'Gastrocnemius',
      ['femur', 0.95],
      ['metatarsus', 0.2],
      belly([-0.95, 0.1, -0.3], 0.5, 1.3, 2),
      'the calf, high up on the shank',
    ),
  ],
};

/** The two-legged theropod: spine level, tail held out as a balance, arms that reach no ground. */
export const TWO_LEGGED_THEROPOD: BodyPlan = composePlan({
  id: 'two-legged-theropod',
  name: 'Two-legged theropod',
  parts: [THEROPOD_TRUNK, THEROPOD_HEAD, quarteredTail(0.15), ARMS, HINDLEGS],
  wireOrder: ['hind-legs', 'arms'],
  spine: [...TAIL.toReversed(), ...HEAD_AND_BODY],
  spineEnds: {
    tail: { reach: 0.75, name: 'tail end' },
    head: { reach: 0.45, name: 'root of the snout' },
  },
  tailBones: TAIL,
  sizes: [
    heightOver(
      'hip-height',
      'Hip height',
      'pelvis.L',
      'ground to the skin over the hips, standing',
    ),
    chain(
      'length',
      'Snout to tail tip',
      [...HEAD_AND_BODY, ...TAIL],
      'Σ bones of the midline, straightened',
    ),
    chain('tail', 'Tail', TAIL, 'Σ four tail quarters'),
  ],
  stances: [
    { id: 'standing', name: 'Standing', anglesDeg: {}, lifted: [] },
    {
      id: 'walking',
      name: 'Walking',
      anglesDeg: {
        'femur.L': { flexion: 24 },
        'tibia.L': { flexion: -4 },
        'femur.R': { flexion: -10 },
        'tibia.R': { flexion: 4 },
        'metatarsus.R': { flexion: 4 },
        tail2: { abduction: 6 },
        tail3: { abduction: 8 },
      },
      lifted: [],
    },
    {
      id: 'running',
      name: 'Running',
      anglesDeg: {
        'femur.L': { flexion: -24 },
        'tibia.L': { flexion: 8 },
        'femur.R': { flexion: 34 },
        'tibia.R': { flexion: -50 },
        'metatarsus.R': { flexion: 20 },
        'hindDigits.R': { flexion: -50 },
        neckLower: { flexion: -18 },
        skull: { flexion: 8 },
      },
      lifted: ['hindfoot.R'],
    },
    {
      id: 'alert',
      name: 'Alert',
      anglesDeg: {
        sacrum: { flexion: 14 },
        neckLower: { flexion: 26 },
        neckUpper: { flexion: 10 },
        skull: { flexion: -44 },
        ...onBothSides('femur', { flexion: -9 }),
        tail1: { flexion: 12 },
        tail2: { flexion: 4 },
      },
      lifted: [],
    },
    {
      id: 'feeding',
      name: 'Feeding, head down',
      anglesDeg: {
        sacrum: { flexion: -15 },
        dorsalFront: { flexion: -8 },
        neckLower: { flexion: -38 },
        neckUpper: { flexion: -26 },
        skull: { flexion: 6 },
        ...onBothSides('femur', { flexion: 32 }),
        ...onBothSides('tibia', { flexion: -20 }),
        ...onBothSides('metatarsus', { flexion: 14 }),
        ...onBothSides('humerus', { flexion: 20 }),
        tail1: { flexion: -8 },
      },
      lifted: [],
    },
    {
      id: 'resting',
      name: 'Squatting',
      anglesDeg: {
        sacrum: { flexion: 0 },
        neckLower: { flexion: 14 },
        skull: { flexion: -14 },
        ...onBothSides('femur', { flexion: 42 }),
        ...onBothSides('tibia', { flexion: -74 }),
        ...onBothSides('metatarsus', { flexion: 46 }),
        ...onBothSides('hindDigits', { flexion: -22 }),
        ...onBothSides('radius', { flexion: 60 }),
        tail1: { flexion: 2 },
        tail2: { abduction: 8 },
        tail3: { abduction: 12 },
      },
      lifted: ['hindfoot.L', 'hindfoot.R'],
      lies: true,
    },
  ],
  expressions: THEROPOD_EXPRESSIONS,
  gaits: theropodGaits(1.3, 2.7),
  regions: [
    { id: 'head', name: 'Head', bones: ['skull'], core: 'foil' },
    { id: 'jaw', name: 'Lower jaw', bones: ['jaw'], core: 'solid' },
    { id: 'neck', name: 'Neck', bones: THEROPOD.neck, core: 'foil' },
    { id: 'trunk', name: 'Trunk', bones: THEROPOD.trunk, core: 'foil' },
    { id: 'thighs', name: 'Thighs', bones: THEROPOD.thighs, core: 'foil' },
    {
      id: 'lower-limbs',
      name: 'Shanks and feet',
      bones: [...THEROPOD.shanks, ...THEROPOD.feet],
      core: 'solid',
    },
    { id: 'arms', name: 'Arms', bones: THEROPOD.arms, core: 'solid' },
    { id: 'tail', name: 'Tail', bones: THEROPOD.tail, core: 'solid' },
  ],
});
