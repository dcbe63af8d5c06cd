/* eslint-disable max-lines -- one body plan, as data */
import type { BodyPlan } from '../bodyPlan.ts';
import { LOWER_JAW, quarteredTail, sacrum, skull } from './kit/backbones.ts';
import { composePlan, type PlanPart } from './kit/composePlan.ts';
import { bone, column, fixed, joint, outward, raise, sweep, swing } from './kit/joints.ts';
import { belly, bonyLandmarks, chain, heightOver, muscle } from './kit/names.ts';
import { TAIL } from './quadrupedParts.ts';
import { SPRAWLER_EXPRESSIONS } from './kit/expressions.ts';
import { SPRAWLER_GAITS } from './kit/gaits.ts';
import { onBothSides } from './kit/bilateral.ts';

/** Bones by part of the body, by key: for regions and zones of the skin. */
export const SPRAWLER = {
  head: ['skull'],
  neck: ['neck'],
  trunk: ['sacrum', 'dorsalRear', 'dorsalFront', 'scapula', 'pelvis'],
  upperLimbs: ['humerus', 'femur'],
  lowerLimbs: ['radius', 'tibia'],
  feet: ['metacarpus', 'foreDigits', 'metatarsus', 'hindDigits'],
  tail: TAIL,
} as const;

const HEAD_AND_BODY = ['sacrum', 'dorsalRear', 'dorsalFront', 'neck', 'skull'] as const;

const TRUNK: PlanPart = {
  id: 'trunk',
  name: 'Trunk',
  kind: 'trunk',
  midline: [
    sacrum('trunk', 'last vertebra of the back to first tail vertebra'),
    bone(
      'dorsalRear',
      'Back, rear half',
      'sacrum',
      [1, 0.06, 0],
      column('Joint before the sacrum', 'head', 15, 25, 'back'),
      'middle of the back to the sacrum',
      { at: 0 },
    ),
    bone(
      'dorsalFront',
      'Back, front half',
      'dorsalRear',
      [1, -0.02, 0],
      column('Mid-back', 'head', 15, 25, 'shoulders'),
      'root of the neck to the middle of the back',
    ),
  ],
  muscles: [
    muscle(
      'longissimus',
      'Longissimus dorsi',
      ['sacrum', 0.2],
      ['dorsalFront', 0.9],
      belly([0, 0.9, -0.45], 0.5, 1.3, 1),
      'two rolls beside the spine',
    ),
    muscle(
      'triceps',
      'Triceps',
      ['scapula', 0.8],
      ['humerus', 1],
      belly([-0.8, 0.5, -0.3], 0.5, 1.3, 2),
      'the back of the upper arm',
    ),
    muscle(
      'iliotibialis',
      'Iliotibialis (thigh)',
      ['sacrum', 0.5],
      ['tibia', 0.05],
      belly([0.5, 0.8, -0.2], 0.5, 1.6, 2),
      'the top of the thigh, from the hip over the knee',
    ),
    muscle(
      'gastrocnemius',
      'Gastrocnemius (shank)',
      ['femur', 0.95],
      ['metatarsus', 0.05],
      belly([-0.9, 0, -0.3], 0.55, 1.3, 2),
      'the back of the shank',
    ),
    muscle(
      'caudofemoralis',
      'Caudofemoralis',
      ['tail1', 0.7],
      ['femur', 0.4],
      belly([0, -0.4, -0.9], 0.5, 1.4, 1),
      'swells the root of the tail and pulls the thigh back',
    ),
  ],
};

const HEAD: PlanPart = {
  id: 'head',
  name: 'Head and neck',
  kind: 'head',
  midline: [
    bone(
      'neck',
      'Neck',
      'dorsalFront',
      [1, 0.05, 0],
      column('Neck root', 'head', 45, 45, 'neck'),
      'first vertebra of the back to the back of the skull',
    ),
    skull('neck', 'back of the skull to the tip of the snout', 'tip of the snout'),
    LOWER_JAW,
  ],
  bonyLandmarks: [
    bonyLandmarks('skull-roof', 'Roof of the skull', ['skull', 0.4], [0, 1, 0]),
    bonyLandmarks('jaw-joint', 'Joint of the jaw', ['skull', 0.05], [0, -0.3, -1]),
  ],
  muscles: [
    muscle(
      'jaw-muscle',
      'Pterygoideus',
      ['skull', 0.35],
      ['skull', 0],
      belly([0, -0.6, -0.8], 0.5, 1.4, 1),
      'the bulge behind the corner of the mouth',
    ),
  ],
};

interface LimbNames {
  readonly girdle: readonly [key: string, name: string];
  readonly upper: readonly [key: string, name: string, joint: string];
  readonly lower: readonly [key: string, name: string, joint: string];
  readonly foot: readonly [key: string, name: string, joint: string];
  readonly digits: readonly [key: string, name: string];
}

/** A limb that stands out to the side: upper bone level, lower bone down, foot flat. */
// eslint-disable-next-line max-lines-per-function -- one limb, written out as data
function sprawlingLimb(
  part: Pick<PlanPart, 'id' | 'name'>,
  names: LimbNames,
  seat: { readonly parent: string; readonly at: number; readonly back: boolean },
  foot: { readonly id: string; readonly name: string },
  over: string,
): PlanPart {
  const [girdle, upper, lower, sole, digits] = [
    names.girdle[0],
    names.upper[0],
    names.lower[0],
    names.foot[0],
    names.digits[0],
  ];
  const lean = seat.back ? 0.35 : -0.3;
  return {
    ...part,
    kind: 'limbs',
    paired: [
      bone(
        girdle,
        names.girdle[1],
        seat.parent,
        [0, -0.5, -0.87],
        fixed(names.girdle[1]),
        'midline of the back to the socket',
        { at: seat.at },
      ),
      bone(
        upper,
        names.upper[1],
        girdle,
        [lean, -0.12, -0.95],
        joint(names.upper[2], { flexion: sweep(-60, 60), abduction: raise(-75, 30) }),
        'socket to the next joint',
      ),
      bone(
        lower,
        names.lower[1],
        upper,
        [seat.back ? -0.3 : 0.25, -0.95, -0.12],
        joint(names.lower[2], { flexion: swing(-50, 50), abduction: outward(-60, 60) }),
        'joint to joint',
      ),
      bone(
        sole,
        names.foot[1],
        lower,
        [0.75, -0.45, -0.45],
        joint(names.foot[2], { flexion: swing(-60, 60), abduction: outward(-75, 75) }),
        'joint to the ball of the foot',
      ),
      bone(
        digits,
        names.digits[1],
        sole,
        [0.85, -0.06, -0.5],
        joint(`Joints of the ${foot.name}’s digits`, { flexion: swing(-60, 60) }),
        'ball of the foot to the tip of the longest digit, without the claw',
        { tip: 'tip of the longest digit' },
      ),
    ],
    feet: [{ ...foot, bone: sole, reach: [[upper, 'abduction']], level: sole }],
    wire: {
      id: part.id,
      name: part.name,
      over,
      bones: [girdle, upper, lower, sole],
      foot: foot.id,
    },
  };
}

const FORELEGS = sprawlingLimb(
  { id: 'fore-legs', name: 'Forelegs' },
  {
    girdle: ['scapula', 'Shoulder girdle'],
    upper: ['humerus', 'Upper arm (humerus)', 'Shoulder joint'],
    lower: ['radius', 'Forearm (radius)', 'Elbow'],
    foot: ['metacarpus', 'Hand (wrist and metacarpus)', 'Wrist'],
    digits: ['foreDigits', 'Fingers'],
  },
  { parent: 'dorsalFront', at: 0.85, back: false },
  { id: 'forefoot', name: 'forefoot' },
  'shoulder',
);

const HINDLEGS = sprawlingLimb(
  { id: 'hind-legs', name: 'Hind legs' },
  {
    girdle: ['pelvis', 'Hip girdle'],
    upper: ['femur', 'Thigh (femur)', 'Hip joint'],
    lower: ['tibia', 'Shank (tibia)', 'Knee'],
    foot: ['metatarsus', 'Foot (ankle and metatarsus)', 'Ankle'],
    digits: ['hindDigits', 'Toes'],
  },
  { parent: 'sacrum', at: 0.4, back: true },
  { id: 'hindfoot', name: 'hind foot' },
  'hip',
);

/** The sprawling reptile or amphibian: limbs out to the side, belly low, a body that bends sideways. */
export const SPRAWLING_REPTILE: BodyPlan = composePlan({
  id: 'sprawling-reptile',
  name: 'Sprawling reptile or amphibian',
  parts: [TRUNK, HEAD, quarteredTail(0.2), FORELEGS, HINDLEGS],
  wireOrder: ['hind-legs', 'fore-legs'],
  spine: [...TAIL.toReversed(), ...HEAD_AND_BODY],
  spineEnds: { tail: { reach: 0.7, name: 'tail end' }, head: { reach: 0.7, name: 'muzzle' } },
  tailBones: TAIL,
  sizes: [
    heightOver(
      'back-height',
      'Back height',
      'dorsalFront',
      'ground to the skin over the middle of the back, standing',
    ),
    chain(
      'length',
      'Snout to tail tip',
      [...HEAD_AND_BODY, ...TAIL],
      'Σ bones of the midline, straightened',
    ),
    chain('head', 'Head', ['skull'], 'back of the skull to the tip of the snout'),
    chain('tail', 'Tail', TAIL, 'Σ four tail quarters'),
  ],
  stances: [
    { id: 'standing', name: 'Standing', anglesDeg: {}, lifted: [] },
    {
      id: 'walking',
      name: 'Walking',
      anglesDeg: {
        sacrum: { abduction: 10 },
        dorsalRear: { abduction: -10 },
        dorsalFront: { abduction: -10 },
        neck: { abduction: 8 },
        tail1: { abduction: 14 },
        tail2: { abduction: 10 },
        tail3: { abduction: -14 },
        tail4: { abduction: -16 },
        'humerus.L': { flexion: -24 },
        'humerus.R': { flexion: 26 },
        'femur.L': { flexion: 26 },
        'femur.R': { flexion: -24 },
      },
      lifted: [],
    },
    {
      id: 'alert',
      name: 'Alert, head up',
      anglesDeg: {
        dorsalFront: { flexion: 6 },
        neck: { flexion: 18 },
        skull: { flexion: 8 },
        tail2: { abduction: 12 },
        tail3: { abduction: 14 },
      },
      lifted: [],
    },
    {
      id: 'resting',
      name: 'Lying flat',
      anglesDeg: {
        ...onBothSides('humerus', { flexion: -30, abduction: 22 }),
        ...onBothSides('radius', { abduction: 50 }),
        ...onBothSides('femur', { flexion: -40, abduction: 22 }),
        ...onBothSides('tibia', { abduction: 50 }),
        neck: { flexion: -4 },
        tail2: { abduction: 14 },
        tail3: { abduction: 20 },
        tail4: { abduction: 20 },
      },
      lifted: ['forefoot.L', 'forefoot.R', 'hindfoot.L', 'hindfoot.R'],
      lies: true,
    },
    {
      id: 'feeding',
      name: 'Snapping to the side',
      anglesDeg: {
        dorsalFront: { abduction: 10 },
        neck: { abduction: 22, flexion: 4 },
        skull: { abduction: 26 },
        tail1: { abduction: 12 },
        tail2: { abduction: 14 },
      },
      lifted: [],
    },
  ],
  expressions: SPRAWLER_EXPRESSIONS,
  gaits: SPRAWLER_GAITS,
  regions: [
    { id: 'head', name: 'Head', bones: SPRAWLER.head, core: 'foil' },
    { id: 'jaw', name: 'Lower jaw', bones: ['jaw'], core: 'solid' },
    { id: 'neck', name: 'Neck', bones: SPRAWLER.neck, core: 'foil' },
    { id: 'trunk', name: 'Trunk', bones: SPRAWLER.trunk, core: 'foil' },
    {
      id: 'limbs',
      name: 'Limbs',
      bones: [...SPRAWLER.upperLimbs, ...SPRAWLER.lowerLimbs],
      core: 'solid',
    },
    { id: 'feet', name: 'Feet', bones: SPRAWLER.feet, core: 'solid' },
    { id: 'tail', name: 'Tail', bones: SPRAWLER.tail, core: 'solid' },
  ],
});
