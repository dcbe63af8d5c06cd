/* eslint-disable max-lines -- one body plan, as data */
import { X_AXIS } from '../../geometry/vec3.ts';
import type { BodyPlan } from '../bodyPlan.ts';
import { LOWER_JAW } from './kit/backbones.ts';
import { composePlan, type PlanPart } from './kit/composePlan.ts';
import {
  BACKWARD_Z,
  bone,
  column,
  fixed,
  freedom,
  joint,
  outward,
  sweep,
  swing,
  wholeBody,
} from './kit/joints.ts';
import { belly, bonyLandmarks, chain, muscle, span } from './kit/names.ts';
import { BIRD_EXPRESSIONS } from './kit/expressions.ts';
import { BIRD_GAITS } from './kit/gaits.ts';
import { onBothSides } from './kit/bilateral.ts';

/** Bones by part of the body, by key: for regions and zones of the plumage. */
export const BIRD = {
  head: ['skull'],
  bill: ['bill'],
  neck: ['neck1', 'neck2', 'neck3'],
  trunk: ['synsacrum', 'thoracic', 'coracoid', 'pelvis'],
  thighs: ['femur', 'tibiotarsus'],
  feet: ['tarsometatarsus', 'toes', 'hallux'],
  arm: ['humerus', 'ulna'],
  hand: ['manus', 'primaries'],
  tail: ['tail'],
} as const;

const COLUMN = ['synsacrum', 'thoracic', 'neck1', 'neck2', 'neck3', 'skull'] as const;

const TRUNK: PlanPart = {
  id: 'trunk',
  name: 'Trunk',
  kind: 'trunk',
  midline: [
    bone(
      'synsacrum',
      'Hip column (synsacrum)',
      null,
      [-1, -0.3, 0],
      wholeBody('body'),
      'last free vertebra of the back to the root of the tail',
    ),
    bone(
      'thoracic',
      'Back (thoracic column)',
      'synsacrum',
      [1, 0.35, 0],
      column('Joint before the synsacrum', 'head', 8, 5, 'breast'),
      'root of the neck to the synsacrum',
      { at: 0 },
    ),
  ],
  bonyLandmarks: [
    bonyLandmarks('keel', 'Keel of the breastbone', ['thoracic', 0.3], [0.15, -1, 0]),
  ],
  muscles: [
    muscle(
      'pectoralis',
      'Pectoralis',
      ['thoracic', 0.4],
      ['humerus', 0.25],
      belly([0.25, -0.85, -0.5], 0.6, 1.8, 2),
      'the whole round of the breast, on either side of the keel',
    ),
  ],
};

const neck = (n: 1 | 2 | 3, parent: string, rest: readonly [number, number, number]) =>
  bone(
    `neck${n}`,
    `Neck, ${['lower', 'middle', 'upper'][n - 1]} third`,
    parent,
    rest,
    column(n === 1 ? 'Neck root' : `Neck joint ${n}`, 'head', 110, 60, 'neck'),
    'a third of the neck, along its curve',
  );

const HEAD: PlanPart = {
  id: 'head',
  name: 'Head and neck',
  kind: 'head',
  bonyLandmarks: [bonyLandmarks('crown', 'Crown of the skull', ['skull', 0.4], [0, 1, 0])],
  midline: [
    neck(1, 'thoracic', [0.8, 0.6, 0]),
    neck(2, 'neck1', [0, 1, 0]),
    neck(3, 'neck2', [0.4, 0.9, 0]),
    bone(
      'skull',
      'Skull',
      'neck3',
      [1, -0.1, 0],
      column('Head joint', 'head', 70, 90, 'bill'),
      'back of the skull to the root of the bill',
    ),
    bone('bill', 'Bill', 'skull', [1, -0.15, 0], fixed('Root of the bill'), 'root to tip', {
      tip: 'tip of the bill',
    }),
    LOWER_JAW,
  ],
};

const TAIL_PART: PlanPart = {
  id: 'tail',
  name: 'Tail',
  kind: 'tail',
  midline: [
    bone(
      'tail',
      'Tail feathers (rectrices)',
      'synsacrum',
      [-1, -0.25, 0],
      column('Tail root', 'tail', 45, 30, 'tail'),
      'root of the tail to the tip of its feathers',
      { tip: 'tip of the tail' },
    ),
  ],
};

const opens = (minDeg: number, maxDeg: number) => ({
  ...sweep(minDeg, maxDeg),
  positive: 'sweeps the far end forward',
});

/** A folded wing lies on the flank as a Z: upper arm back, forearm forward, hand and feathers back. */
const WINGS: PlanPart = {
  id: 'wings',
  name: 'Wings',
  kind: 'wings',
  paired: [
    bone(
      'coracoid',
      'Shoulder (coracoid)',
      'thoracic',
      [0.2, -0.35, -0.9],
      fixed('Shoulder girdle'),
      'midline of the back to the shoulder joint',
      { at: 0.92 },
    ),
    bone(
      'humerus',
      'Upper arm (humerus)',
      'coracoid',
      [-0.92, -0.38, -0.1],
      joint('Shoulder joint', {
        flexion: opens(-10, 120),
        abduction: freedom(BACKWARD_Z, -70, 90, 'raises the wing'),
        rotation: freedom(X_AXIS, -40, 40, 'rolls the wing'),
      }),
      'head of the humerus to the elbow',
    ),
    bone(
      'ulna',
      'Forearm (ulna)',
      'humerus',
      [0.93, 0.36, -0.08],
      joint('Elbow', { flexion: opens(-178, 10) }),
      'elbow to wrist',
    ),
    bone(
      'manus',
      'Hand (carpometacarpus and fingers)',
      'ulna',
      [-0.9, -0.42, -0.05],
      joint('Wrist', { flexion: opens(-10, 178) }),
      'wrist to the tip of the longest finger',
    ),
    bone(
      'primaries',
      'Longest primary beyond the hand',
      'manus',
      [-0.96, -0.28, 0.05],
      joint('Root of the primaries', { flexion: opens(-30, 30) }),
      'tip of the longest finger to the tip of the longest flight feather',
      { tip: 'tip of the wing' },
    ),
  ],
  wire: {
    id: 'wings',
    name: 'Wings',
    over: 'shoulder',
    bones: ['coracoid', 'humerus', 'ulna', 'manus'],
    foot: null,
  },
  bonyLandmarks: [bonyLandmarks('carpal', 'Bend of the wing (wrist)', ['ulna', 1], [1, 0.1, -0.3])],
  muscles: [
    muscle(
      'triceps',
      'Humerotriceps and scapulotriceps',
      ['coracoid', 0.9],
      ['ulna', 0],
      belly([-0.7, 0.3, -0.6], 0.5, 1.2, 2),
      'the back of the upper arm, under the feathers',
    ),
  ],
};

const LEGS: PlanPart = {
  id: 'legs',
  name: 'Legs',
  kind: 'limbs',
  paired: [
    bone(
      'pelvis',
      'Hip',
      'synsacrum',
      [-0.1, -0.45, -0.9],
      fixed('Hip girdle'),
      'midline of the synsacrum to the hip socket',
      { at: 0.25 },
    ),
    bone(
      'femur',
      'Thigh (femur)',
      'pelvis',
      [0.85, -0.5, -0.05],
      joint('Hip joint', { flexion: swing(-60, 40), abduction: outward(-15, 40) }),
      'head of the femur to the knee; hidden under the plumage',
    ),
    bone(
      'tibiotarsus',
      'Shank (tibiotarsus)',
      'femur',
      [-0.55, -0.83, 0],
      joint('Knee', { flexion: swing(-70, 70) }),
      'knee to the ankle, which looks like a knee that bends backwards',
    ),
    bone(
      'tarsometatarsus',
      'Foot bone (tarsometatarsus)',
      'tibiotarsus',
      [0.3, -0.95, 0],
      joint('Ankle', { flexion: swing(-60, 110) }),
      'ankle to the root of the toes',
    ),
    bone(
      'toes',
      'Front toes',
      'tarsometatarsus',
      [1, -0.08, 0],
      joint('Toe joints', { flexion: swing(-110, 60) }),
      'root of the toes to the tip of the middle toe, without the claw',
      { tip: 'tip of the middle toe' },
    ),
    bone(
      'hallux',
      'Hind toe (hallux)',
      'tarsometatarsus',
      [-1, -0.1, 0.15],
      joint('Root of the hind toe', { flexion: swing(-60, 110) }),
      'root to tip, without the claw',
      { tip: 'tip of the hind toe', optional: true },
    ),
  ],
  feet: [
    {
      id: 'foot',
      name: 'foot',
      bone: 'tarsometatarsus',
      reach: [
        ['femur', 'flexion'],
        ['tibiotarsus', 'flexion'],
      ],
      level: 'tarsometatarsus',
    },
  ],
  wire: {
    id: 'legs',
    name: 'Legs',
    over: 'hip',
    bones: ['pelvis', 'femur', 'tibiotarsus', 'tarsometatarsus'],
    foot: 'foot',
  },
  bonyLandmarks: [
    bonyLandmarks('intertarsal', 'Heel joint (intertarsal)', ['tibiotarsus', 1], [-1, 0, 0]),
  ],
  muscles: [
    muscle(
      'iliotibialis',
      'Iliotibialis (thigh)',
      ['synsacrum', 0.3],
      ['tibiotarsus', 0.05],
      belly([0.1, 0, -1], 0.5, 1.8, 2),
      'the thigh, lost in the outline of the flank',
    ),
    muscle(
      'gastrocnemius',
      'Gastrocnemius (shank)',
      ['femur', 0.95],
      ['tarsometatarsus', 0.05],
      belly([-0.9, 0.1, -0.4], 0.6, 1.3, 2),
      'the drumstick, thick above and bare tendon below',
    ),
  ],
};

const SPREAD = {
  'humerus.L': { flexion: 64, abduction: 12 },
  'ulna.L': { flexion: -132 },
  'manus.L': { flexion: 145 },
  'primaries.L': { flexion: 8 },
  'humerus.R': { flexion: 64, abduction: 12 },
  'ulna.R': { flexion: -132 },
  'manus.R': { flexion: 145 },
  'primaries.R': { flexion: 8 },
} as const;

/** The bird: S-shaped neck, wings folded at rest and spread in flight. */
export const BIRD_PLAN: BodyPlan = composePlan({
  id: 'bird',
  name: 'Bird',
  parts: [TRUNK, HEAD, TAIL_PART, WINGS, LEGS],
  wireOrder: ['legs', 'wings'],
  spine: COLUMN,
  spineEnds: {
    tail: { reach: 0.9, name: 'root of the tail' },
    head: { reach: 0.8, name: 'root of the bill' },
  },
  tailBones: [],
  fan: 'tail',
  sizes: [
    { id: 'height', name: 'Height', kind: 'top', measured: 'ground to the crown, standing' },
    chain(
      'length',
      'Bill to tail tip',
      ['bill', ...COLUMN, 'tail'],
      'Σ bones of the midline, stretched out',
    ),
    span('wingspan', 'Wingspan', 'spread', ['primaries.L'], 'tip to tip, wings spread'),
    chain('wing-chord', 'Folded wing', ['manus.L', 'primaries.L'], 'wrist to the tip of the wing'),
    chain('tarsus', 'Tarsus', ['tarsometatarsus.L'], 'ankle to the root of the toes'),
    chain('bill', 'Bill', ['bill'], 'root to tip'),
    chain(
      'skull-bill',
      'Skull with bill',
      ['skull', 'bill'],
      'back of the skull to the bill’s tip',
    ),
    chain('tail', 'Tail', ['tail'], 'root to the tip of its feathers'),
  ],
  stances: [
    { id: 'standing', name: 'Standing', anglesDeg: {}, lifted: [], folded: ['wings'] },
    {
      id: 'stalking',
      name: 'Stalking',
      anglesDeg: {
        synsacrum: { flexion: -12 },
        neck1: { flexion: -22 },
        neck2: { flexion: 8 },
        neck3: { flexion: -38 },
        skull: { flexion: 26 },
        'femur.L': { flexion: 18 },
        'tibiotarsus.L': { flexion: -4 },
        'femur.R': { flexion: -8 },
        'tibiotarsus.R': { flexion: -6 },
        // The toes lie flat, however the foot bone leans.
        'toes.R': { flexion: 26 },
        'hallux.R': { flexion: 26 },
      },
      lifted: [],
      folded: ['wings'],
    },
    { id: 'spread', name: 'Wings spread', anglesDeg: SPREAD, lifted: [] },
    {
      id: 'flying',
      name: 'Flying',
      anglesDeg: {
        ...SPREAD,
        synsacrum: { flexion: -16 },
        'femur.L': { flexion: -50 },
        'tibiotarsus.L': { flexion: 10 },
        'tarsometatarsus.L': { flexion: -60 },
        'toes.L': { flexion: -70 },
        'femur.R': { flexion: -50 },
        'tibiotarsus.R': { flexion: 10 },
        'tarsometatarsus.R': { flexion: -60 },
        'toes.R': { flexion: -70 },
      },
      lifted: ['foot.L', 'foot.R'],
    },
    {
      id: 'alert',
      name: 'Alert, neck stretched',
      anglesDeg: {
        synsacrum: { flexion: 10 },
        neck1: { flexion: 22 },
        neck2: { flexion: -6 },
        neck3: { flexion: 22 },
        skull: { flexion: -38 },
      },
      lifted: [],
      folded: ['wings'],
    },
    {
      id: 'perching',
      name: 'Perching',
      anglesDeg: {
        synsacrum: { flexion: 26 },
        neck1: { flexion: -6 },
        neck2: { flexion: 14 },
        neck3: { flexion: -40 },
        skull: { flexion: 8 },
        ...onBothSides('femur', { flexion: -12 }),
        ...onBothSides('tibiotarsus', { flexion: -30 }),
        ...onBothSides('tarsometatarsus', { flexion: 22 }),
        tail: { flexion: -10 },
      },
      lifted: [],
      folded: ['wings'],
    },
    {
      id: 'feeding',
      name: 'Striking, bill down',
      anglesDeg: {
        synsacrum: { flexion: -34 },
        neck1: { flexion: -70 },
        neck2: { flexion: -20 },
        neck3: { flexion: 8 },
        skull: { flexion: 20 },
        ...onBothSides('femur', { flexion: 36 }),
      },
      lifted: [],
      folded: ['wings'],
    },
    {
      id: 'resting',
      name: 'Resting on one leg',
      anglesDeg: {
        synsacrum: { flexion: 8 },
        neck1: { flexion: 60 },
        neck2: { flexion: 24 },
        neck3: { flexion: -96 },
        skull: { flexion: 0 },
        'femur.L': { abduction: -5 },
        'femur.R': { flexion: 8, abduction: 10 },
        'tibiotarsus.R': { flexion: -66 },
        'tarsometatarsus.R': { flexion: 96 },
        'toes.R': { flexion: -80 },
        'hallux.R': { flexion: 60 },
      },
      lifted: ['foot.R'],
      folded: ['wings'],
    },
  ],
  expressions: BIRD_EXPRESSIONS,
  gaits: BIRD_GAITS,
  regions: [
    { id: 'head', name: 'Head', bones: BIRD.head, core: 'foil' },
    { id: 'jaw', name: 'Lower jaw', bones: ['jaw'], core: 'solid' },
    { id: 'bill', name: 'Bill', bones: BIRD.bill, core: 'solid' },
    { id: 'neck', name: 'Neck', bones: BIRD.neck, core: 'solid' },
    { id: 'trunk', name: 'Trunk', bones: BIRD.trunk, core: 'foil' },
    { id: 'thighs', name: 'Thighs', bones: BIRD.thighs, core: 'solid' },
    { id: 'feet', name: 'Feet', bones: BIRD.feet, core: 'solid' },
    { id: 'wings', name: 'Wings', bones: [...BIRD.arm, ...BIRD.hand], core: 'solid' },
    { id: 'tail', name: 'Tail', bones: BIRD.tail, core: 'solid' },
  ],
});
