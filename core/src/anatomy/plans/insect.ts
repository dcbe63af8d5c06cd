/* eslint-disable max-lines -- one body plan, as data */
import type { Vec3 } from '../../geometry/vec3.ts';
import type { BodyPlan } from '../bodyPlan.ts';
import type { BoneDraft } from './kit/bilateral.ts';
import { composePlan, type PlanPart } from './kit/composePlan.ts';
import { bone, column, fixed, joint, raise, sweep, swing, wholeBody } from './kit/joints.ts';
import { belly, chain, muscle, span } from './kit/names.ts';
import { INSECT_EXPRESSIONS } from './kit/expressions.ts';
import { INSECT_GAITS } from './kit/gaits.ts';
import { onBothSides } from './kit/bilateral.ts';

const PAIRS = ['fore', 'mid', 'hind'] as const;
type Pair = (typeof PAIRS)[number];
const ABDOMEN = ['abdomen1', 'abdomen2', 'abdomen3'] as const;
const BODY = ['abdomen3', 'abdomen2', 'abdomen1', 'pterothorax', 'prothorax', 'head'] as const;

const legKeys = (pair: Pair): readonly string[] =>
  ['Coxa', 'Femur', 'Tibia', 'Tarsus'].map((part) => `${pair}${part}`);

/** Bones by part of the body, by key. */
export const INSECT = {
  head: ['head'],
  feelers: ['antenna', 'mandible', 'mandibleTip'],
  thorax: ['prothorax', 'pterothorax'],
  abdomen: ABDOMEN,
  legs: PAIRS.flatMap(legKeys),
  wings: ['forewing', 'hindwing'],
} as const;

const TRUNK: PlanPart = {
  id: 'trunk',
  name: 'Thorax and abdomen',
  kind: 'trunk',
  muscles: [
    muscle(
      'prothorax-mass',
      'First thorax segment',
      ['prothorax', 0],
      ['prothorax', 1],
      belly([0, 1, 0], 1, 1, 1),
      'the shield behind the head',
    ),
    muscle(
      'abdomen-1',
      'Abdomen, front third',
      ['abdomen1', 0],
      ['abdomen1', 1],
      belly([0, 1, 0], 1, 1, 1),
      'rings that slide under one another',
    ),
    muscle(
      'abdomen-2',
      'Abdomen, middle third',
      ['abdomen2', 0],
      ['abdomen2', 1],
      belly([0, 1, 0], 1, 1, 1),
      'rings that slide under one another',
    ),
    muscle(
      'abdomen-3',
      'Abdomen, rear third',
      ['abdomen3', 0],
      ['abdomen3', 1],
      belly([0, 1, 0], 1, 1, 1),
      'rings that slide under one another',
    ),
  ],
  midline: [
    bone(
      'pterothorax',
      'Thorax with the wings (meso- and metathorax)',
      null,
      [-1, 0, 0],
      wholeBody('body'),
      'front of the mesothorax to the abdomen',
    ),
    bone(
      'prothorax',
      'First thorax segment (prothorax)',
      'pterothorax',
      [1, 0, 0],
      column('Joint of the prothorax', 'head', 20, 20, 'prothorax'),
      'front to rear edge',
      { at: 0 },
    ),
    ...ABDOMEN.map((key, i) =>
      bone(
        key,
        `Abdomen, ${['front', 'middle', 'rear'][i]} third`,
        i === 0 ? 'pterothorax' : ABDOMEN[i - 1]!,
        [-1, -0.03, 0],
        column(
          i === 0 ? 'Root of the abdomen' : `Abdomen joint ${i + 1}`,
          'tail',
          30,
          20,
          'abdomen',
        ),
        'a third of the abdomen, along its curve',
        i === 2 ? { tip: 'end of the abdomen' } : {},
      ),
    ),
  ],
};

const HEAD: PlanPart = {
  id: 'head',
  name: 'Head, antennae and mandibles',
  kind: 'head',
  muscles: [
    muscle(
      'head-mass',
      'Head capsule',
      ['head', 0],
      ['head', 1],
      belly([0, 1, 0], 1, 1, 1),
      'the jaw muscles fill it behind the eyes',
    ),
  ],
  midline: [
    bone(
      'head',
      'Head',
      'prothorax',
      [1, -0.05, 0],
      column('Neck', 'head', 40, 50, 'head'),
      'rear edge to the front, without mandibles',
      { tip: 'front of the head' },
    ),
  ],
  paired: [
    bone(
      'antenna',
      'Antenna',
      'head',
      [0.7, 0.25, -0.65],
      joint('Root of the antenna', { flexion: swing(-50, 50), abduction: raise(-50, 50) }),
      'root to tip',
      { at: 0.8, tip: 'tip of the antenna', optional: true },
    ),
    bone(
      'mandible',
      'Mandible',
      'head',
      [0.97, 0.05, -0.2],
      joint('Root of the mandible', { flexion: sweep(-40, 40) }),
      'root to the bend of its line, along its curve; to the point where it has none',
      { at: 0.9, tip: 'point of the mandible', optional: true },
    ),
    bone(
      'mandibleTip',
      'Mandible, beyond its bend',
      'mandible',
      [0.95, 0.05, 0.3],
      fixed('Bend of the mandible'),
      'bend to point, along its curve',
      { tip: 'point of the mandible', optional: true },
    ),
  ],
};

/** Where a leg starts, how far forward its foot reaches, and the bones' rest directions. */
const LEG: Readonly<Record<Pair, readonly [parent: string, at: number, forward: number]>> = {
  fore: ['prothorax', 0.4, 0.55],
  mid: ['pterothorax', 0.3, -0.1],
  hind: ['pterothorax', 0.8, -0.6],
};

function legPart(pair: Pair): PlanPart {
  const [parent, at, forward] = LEG[pair];
  const keys = legKeys(pair);
  const towards = (out: number, up: number): Vec3 => [forward, up, -out];
  const bends = raise(-70, 70);
  const names = ['Coxa', 'Femur (with trochanter)', 'Tibia', 'Tarsus'];
  const rest = [towards(0.5, -0.75), towards(0.8, 0.35), towards(0.55, -0.75), towards(0.7, -0.25)];
  return {
    id: `${pair}legs`,
    muscles: [
      muscle(
        `${pair}-femur`,
        `${{ fore: 'Foreleg', mid: 'Middle leg', hind: 'Hind leg' }[pair]}, femur`,
        [keys[1]!, 0],
        [keys[1]!, 1],
        belly([0, 1, 0], 1, 1, 1),
        'the thick segment of the leg',
      ),
    ],
    name: `${{ fore: 'Fore', mid: 'Middle', hind: 'Hind' }[pair]} legs`,
    kind: 'limbs',
    paired: keys.map((key, i): BoneDraft =>
      bone(
        key,
        `${{ fore: 'Foreleg', mid: 'Middle leg', hind: 'Hind leg' }[pair]}, ${names[i]!.toLowerCase()}`,
        i === 0 ? parent : keys[i - 1]!,
        rest[i]!,
        joint(`${{ fore: 'Foreleg', mid: 'Middle leg', hind: 'Hind leg' }[pair]}, joint ${i + 1}`, {
          flexion: sweep(-45, 45),
          abduction: bends,
        }),
        i === 0 ? 'midline to the first joint' : 'joint to joint',
        { ...(i === 0 ? { at } : {}), ...(i === 3 ? { tip: 'claws' } : {}) },
      ),
    ),
    feet: [
      {
        id: `${pair}foot`,
        name: `${{ fore: 'forefoot', mid: 'middle foot', hind: 'hind foot' }[pair]}`,
        bone: keys[3]!,
        reach: [[keys[1]!, 'abduction']],
        level: null,
      },
    ],
    wire: {
      id: `${pair}legs`,
      name: `${{ fore: 'Fore', mid: 'Middle', hind: 'Hind' }[pair]} legs`,
      over: 'thorax',
      bones: keys,
      foot: `${pair}foot`,
    },
  };
}

const wing = (key: string, name: string, at: number): BoneDraft =>
  bone(
    key,
    name,
    'pterothorax',
    [0.05, 0.1, -1],
    joint(`Root of the ${name.toLowerCase()}`, {
      flexion: sweep(-110, 60),
      abduction: raise(-60, 90),
    }),
    'midline of the thorax to the tip, along the front edge',
    { at, tip: `tip of the ${name.toLowerCase()}`, optional: true },
  );

const WINGS: PlanPart = {
  id: 'wings',
  name: 'Wings',
  kind: 'wings',
  muscles: [
    muscle(
      'flight-muscles',
      'Flight muscles',
      ['pterothorax', 0.1],
      ['pterothorax', 0.9],
      belly([0, 0.5, -0.85], 0.7, 1.2, 1),
      'fill the thorax, which bulges over the wings’ roots',
    ),
  ],
  paired: [wing('forewing', 'Forewing', 0.25), wing('hindwing', 'Hindwing', 0.65)],
};

/** The insect: three body parts, six legs, two pairs of wings, antennae. */
export const INSECT_PLAN: BodyPlan = composePlan({
  id: 'insect',
  name: 'Insect',
  parts: [TRUNK, HEAD, ...PAIRS.map(legPart), WINGS],
  spine: BODY,
  spineEnds: {
    tail: { reach: 0.8, name: 'end of the abdomen' },
    head: { reach: 0.7, name: 'front of the head' },
  },
  tailBones: [],
  sizes: [
    chain('length', 'Body length', BODY, 'head to the end of the abdomen, without mandibles'),
    chain(
      'length-with-jaws',
      'Length with mandibles',
      [...BODY, 'mandible.L', 'mandibleTip.L'],
      'points of the mandibles to the end of the abdomen',
    ),
    span('wingspan', 'Wingspan', 'standing', ['forewing.L', 'hindwing.L'], 'tip to tip'),
    chain('hindwing', 'Hindwing', ['hindwing.L'], 'root to tip'),
    span(
      'leg-span',
      'Leg span',
      'standing',
      PAIRS.map((pair) => `${pair}Tarsus.L`),
      'widest from claw to claw across the body, standing',
    ),
  ],
  stances: [
    { id: 'standing', name: 'Standing', anglesDeg: {}, lifted: [] },
    {
      id: 'tripod',
      name: 'Walking on three legs',
      anglesDeg: {
        'foreFemur.R': { flexion: 14, abduction: 22 },
        'midFemur.L': { flexion: 14, abduction: 22 },
        'hindFemur.R': { flexion: 14, abduction: 22 },
        'foreFemur.L': { flexion: -10 },
        'midFemur.R': { flexion: -10 },
        'hindFemur.L': { flexion: -10 },
      },
      lifted: ['forefoot.R', 'midfoot.L', 'hindfoot.R'],
    },
    {
      id: 'alert',
      name: 'Threatening, head up',
      anglesDeg: {
        pterothorax: { flexion: 7 },
        prothorax: { flexion: 10 },
        head: { flexion: 10 },
        ...onBothSides('mandible', { flexion: -24 }),
        ...onBothSides('antenna', { flexion: 20 }),
      },
      lifted: [],
    },
    {
      id: 'flying',
      name: 'Wings spread',
      anglesDeg: {
        ...onBothSides('forewing', { flexion: 8, abduction: 20 }),
        ...onBothSides('hindwing', { flexion: -6, abduction: 8 }),
        ...onBothSides('foreFemur', { abduction: 30 }),
        ...onBothSides('midFemur', { abduction: 24 }),
        ...onBothSides('hindFemur', { abduction: 20 }),
      },
      lifted: ['forefoot.L', 'forefoot.R', 'midfoot.L', 'midfoot.R', 'hindfoot.L', 'hindfoot.R'],
    },
  ],
  expressions: INSECT_EXPRESSIONS,
  gaits: INSECT_GAITS,
  regions: [
    { id: 'head', name: 'Head', bones: INSECT.head, core: 'solid' },
    { id: 'thorax', name: 'Thorax', bones: INSECT.thorax, core: 'foil' },
    { id: 'abdomen', name: 'Abdomen', bones: INSECT.abdomen, core: 'solid' },
    { id: 'legs', name: 'Legs', bones: INSECT.legs, core: 'solid' },
    { id: 'feelers', name: 'Antennae and mandibles', bones: INSECT.feelers, core: 'solid' },
    { id: 'wings', name: 'Wings', bones: INSECT.wings, core: 'solid' },
  ],
});
