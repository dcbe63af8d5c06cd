/* eslint-disable max-lines -- one body plan, as data */
import type { Vec3 } from '../../geometry/vec3.ts';
import { toRad } from '../../units/angles.ts';
import type { BodyPlan } from '../bodyPlan.ts';
import type { BoneDraft } from './kit/bilateral.ts';
import { composePlan, type PlanPart } from './kit/composePlan.ts';
import {
  bone,
  column,
  fixed,
  freedom,
  joint,
  raise,
  sweep,
  swing,
  wholeBody,
} from './kit/joints.ts';
import { belly, chain, muscle, span } from './kit/names.ts';
import { SPIDER_EXPRESSIONS } from './kit/expressions.ts';
import { SPIDER_GAITS } from './kit/gaits.ts';
import { onBothSides } from './kit/bilateral.ts';

/** Segments of a spider's leg from the body outwards, with how steeply each rises at rest, degrees. */
const SEGMENTS = [
  ['Coxa', 'Coxa', -8, 'middle of the breast plate to the first joint'],
  ['Trochanter', 'Trochanter', 10, 'joint to joint'],
  ['Femur', 'Femur', 40, 'joint to joint'],
  ['Patella', 'Patella', 8, 'joint to joint'],
  ['Tibia', 'Tibia', -28, 'joint to joint'],
  ['Metatarsus', 'Metatarsus', -40, 'joint to joint'],
  ['Tarsus', 'Tarsus', -22, 'last joint to the claws'],
] as const;

const LEGS = [1, 2, 3, 4] as const;
/** Where each leg starts along the carapace, and how far it points forward of straight out, degrees. */
const SEAT = { 1: [0.78, 52], 2: [0.62, 18], 3: [0.46, -16], 4: [0.32, -48] } as const;

const legKeys = (n: number): readonly string[] => SEGMENTS.map(([part]) => `leg${n}${part}`);

/** Bones by part of the body, by key. */
export const SPIDER = {
  carapace: ['prosoma'],
  abdomen: ['opisthosoma', 'spinneret'],
  jaws: ['chelicera', 'fang'],
  palps: ['palpFemur', 'palpTibia', 'palpTarsus'],
  legs: LEGS.flatMap(legKeys),
} as const;

/** A direction of a left leg: so many degrees forward of straight out, and so steep. */
function legDirection(forwardDeg: number, riseDeg: number): Vec3 {
  const [f, r] = [toRad(forwardDeg), toRad(riseDeg)];
  return [Math.sin(f) * Math.cos(r), Math.sin(r), -Math.cos(f) * Math.cos(r)];
}

/** Square to the leg's upright plane, so that a positive angle raises the far end. */
const legAxis = (forwardDeg: number): Vec3 => {
  const f = toRad(forwardDeg);
  return [Math.cos(f), 0, Math.sin(f)];
};

function legPart(n: (typeof LEGS)[number]): PlanPart {
  const [at, forwardDeg] = SEAT[n];
  const keys = legKeys(n);
  const bends = freedom(legAxis(forwardDeg), -70, 70, 'raises the far end');
  return {
    id: `legs${n}`,
    name: `Legs ${n}`,
    kind: 'limbs',
    paired: SEGMENTS.map(([part, name, riseDeg, measured], i): BoneDraft =>
      bone(
        keys[i]!,
        `Leg ${n}, ${name.toLowerCase()}`,
        i === 0 ? 'prosoma' : keys[i - 1]!,
        legDirection(forwardDeg, riseDeg),
        joint(`Leg ${n}, joint of the ${name.toLowerCase()}`, {
          flexion: bends,
          ...(part === 'Coxa' ? { abduction: sweep(-35, 35) } : {}),
        }),
        measured,
        { ...(i === 0 ? { at } : {}), ...(part === 'Tarsus' ? { tip: 'claws' } : {}) },
      ),
    ),
    muscles: (['Femur', 'Tibia'] as const).map((part) =>
      muscle(
        `leg${n}-${part.toLowerCase()}`,
        `Leg ${n}, ${part.toLowerCase()}`,
        [`leg${n}${part}`, 0],
        [`leg${n}${part}`, 1],
        belly([0, 1, 0], 1, 1, 1),
        'a segment, thickest before its middle',
      ),
    ),
    feet: [
      {
        id: `foot${n}`,
        name: `foot ${n}`,
        bone: keys.at(-1)!,
        reach: [[`leg${n}Femur`, 'flexion']],
        level: null,
      },
    ],
    wire: {
      id: `legs${n}`,
      name: `Legs ${n}`,
      over: 'carapace',
      bones: keys,
      foot: `foot${n}`,
    },
  };
}

const TRUNK: PlanPart = {
  id: 'trunk',
  name: 'Carapace and abdomen',
  kind: 'trunk',
  muscles: [
    muscle(
      'prosoma-mass',
      'Carapace',
      ['prosoma', 0],
      ['prosoma', 1],
      belly([0, 1, 0], 1, 1, 1),
      'highest over the head, with a dent in the middle',
    ),
    muscle(
      'opisthosoma-mass',
      'Abdomen',
      ['opisthosoma', 0],
      ['opisthosoma', 1],
      belly([0, 1, 0], 1, 1, 1),
      'soft: round after a meal, narrow before it',
    ),
  ],
  midline: [
    bone(
      'prosoma',
      'Carapace (prosoma)',
      null,
      [1, 0.05, 0],
      wholeBody('body'),
      'waist to the front edge over the jaws',
    ),
    bone(
      'opisthosoma',
      'Abdomen (opisthosoma)',
      'prosoma',
      [-1, 0.06, 0],
      column('Waist (pedicel)', 'tail', 35, 25, 'abdomen'),
      'waist to the spinnerets',
      { at: 0 },
    ),
  ],
  paired: [
    bone(
      'spinneret',
      'Spinneret',
      'opisthosoma',
      [-0.9, -0.3, -0.2],
      fixed('Root of the spinneret'),
      'root to tip',
      { tip: 'tip of the spinneret' },
    ),
  ],
};

const JAWS: PlanPart = {
  id: 'jaws',
  name: 'Jaws and palps',
  kind: 'feelers',
  paired: [
    bone(
      'chelicera',
      'Jaw (chelicera)',
      'prosoma',
      [0.45, -0.85, -0.22],
      joint('Root of the jaw', { flexion: swing(-30, 40) }),
      'root to the hinge of the fang',
      { at: 0.95 },
    ),
    bone(
      'fang',
      'Fang',
      'chelicera',
      [-0.3, -0.7, 0.6],
      joint('Hinge of the fang', { flexion: swing(-60, 60) }),
      'hinge to the point',
      { tip: 'point of the fang' },
    ),
    bone(
      'palpFemur',
      'Palp, femur',
      'prosoma',
      [0.7, 0.3, -0.55],
      joint('Root of the palp', { flexion: swing(-50, 50), abduction: raise(-40, 40) }),
      'root to the first bend, with the short segments before it',
      { at: 0.85 },
    ),
    bone(
      'palpTibia',
      'Palp, patella and tibia',
      'palpFemur',
      [0.85, -0.45, -0.1],
      joint('Palp, joint of the tibia', { flexion: swing(-60, 60) }),
      'joint to joint',
    ),
    bone(
      'palpTarsus',
      'Palp, tarsus',
      'palpTibia',
      [0.55, -0.8, 0.1],
      joint('Palp, joint of the tarsus', { flexion: swing(-60, 60) }),
      'last joint to the tip',
      { tip: 'tip of the palp' },
    ),
  ],
};

/** The spider: two body parts, eight legs of seven segments, palps, fangs, spinnerets. */
export const SPIDER_PLAN: BodyPlan = composePlan({
  id: 'spider',
  name: 'Spider',
  parts: [TRUNK, JAWS, ...LEGS.map(legPart)],
  spine: ['opisthosoma', 'prosoma'],
  spineEnds: {
    tail: { reach: 0.85, name: 'end of the abdomen' },
    head: { reach: 0.85, name: 'front of the carapace' },
  },
  tailBones: [],
  sizes: [
    chain('length', 'Body length', ['prosoma', 'opisthosoma'], 'carapace and abdomen, legs apart'),
    span(
      'leg-span',
      'Leg span',
      'standing',
      LEGS.map((n) => `leg${n}Tarsus.L`),
      'widest from claw to claw across the body, standing',
    ),
    chain(
      'leg-1',
      'First leg',
      legKeys(1).map((key) => `${key}.L`),
      'Σ seven segments',
    ),
    chain(
      'palp',
      'Palp',
      SPIDER.palps.map((key) => `${key}.L`),
      'Σ segments of the palp',
    ),
  ],
  stances: [
    { id: 'standing', name: 'Standing', anglesDeg: {}, lifted: [] },
    {
      id: 'lunging',
      name: 'Front legs raised',
      anglesDeg: {
        'leg1Femur.L': { flexion: 30 },
        'leg1Tibia.L': { flexion: 24 },
        'leg1Femur.R': { flexion: 30 },
        'leg1Tibia.R': { flexion: 24 },
      },
      lifted: ['foot1.L', 'foot1.R'],
    },
    {
      id: 'resting',
      name: 'Flat, legs drawn in',
      anglesDeg: {
        ...Object.fromEntries(
          [1, 2, 3, 4].flatMap((n) => [
            ...Object.entries(onBothSides(`leg${n}Femur`, { flexion: -26 })),
            ...Object.entries(onBothSides(`leg${n}Tibia`, { flexion: 34 })),
          ]),
        ),
      },
      lifted: [],
    },
    {
      id: 'feeding',
      name: 'Striking',
      anglesDeg: {
        prosoma: { flexion: 12 },
        ...onBothSides('leg1Femur', { flexion: 46 }),
        ...onBothSides('leg1Tibia', { flexion: 34 }),
        ...onBothSides('leg2Femur', { flexion: 22 }),
        ...onBothSides('chelicera', { flexion: 30 }),
        ...onBothSides('fang', { flexion: 30 }),
        ...onBothSides('palpFemur', { flexion: 24 }),
      },
      lifted: ['foot1.L', 'foot1.R', 'foot2.L', 'foot2.R'],
    },
  ],
  expressions: SPIDER_EXPRESSIONS,
  gaits: SPIDER_GAITS,
  regions: [
    { id: 'carapace', name: 'Carapace', bones: SPIDER.carapace, core: 'foil' },
    { id: 'abdomen', name: 'Abdomen', bones: SPIDER.abdomen, core: 'foil' },
    { id: 'jaws', name: 'Jaws and palps', bones: [...SPIDER.jaws, ...SPIDER.palps], core: 'solid' },
    { id: 'legs', name: 'Legs', bones: SPIDER.legs, core: 'solid' },
  ],
});
