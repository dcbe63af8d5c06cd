import { Z_AXIS, type Vec3 } from '../../geometry/vec3.ts';
import type { BodyPlan, StanceSpec } from '../bodyPlan.ts';
import { LOWER_JAW } from './kit/backbones.ts';
import { composePlan, type PlanPart } from './kit/composePlan.ts';
import { bone, column, freedom, joint, raise, sweep, wholeBody } from './kit/joints.ts';
import { belly, chain, muscle } from './kit/names.ts';
import { SWIMMER_EXPRESSIONS } from './kit/expressions.ts';
import { SWIMMER_GAITS } from './kit/gaits.ts';

/** From the back of the head to the root of the tail fin. */
const COLUMN = ['trunk1', 'trunk2', 'trunk3', 'peduncle1', 'peduncle2'] as const;

/** Bones by part of the body, by key. */
export const SWIMMER = {
  head: ['skull'],
  trunk: ['trunk1', 'trunk2', 'trunk3'],
  peduncle: ['peduncle1', 'peduncle2'],
  pairedFins: ['pectoralFin', 'pelvicFin'],
  midlineFins: ['dorsalFin', 'analFin'],
  tailFin: ['tailFin'],
} as const;

const NAMES = {
  trunk1: 'Trunk, front third',
  trunk2: 'Trunk, middle third',
  trunk3: 'Trunk, rear third',
  peduncle1: 'Tail stalk, front half',
  peduncle2: 'Tail stalk, rear half',
} as const;

const TRUNK: PlanPart = {
  id: 'trunk',
  name: 'Trunk and tail stalk',
  kind: 'trunk',
  midline: COLUMN.map((key, i) =>
    bone(
      key,
      NAMES[key],
      i === 0 ? null : COLUMN[i - 1]!,
      [-1, 0, 0],
      i === 0
        ? wholeBody('body')
        : column(`Joint of the ${NAMES[key].toLowerCase()}`, 'tail', 25, 25, 'tail'),
      'along the column',
    ),
  ),
  muscles: [
    muscle(
      'epaxial',
      'Epaxial mass',
      ['trunk1', 0],
      ['peduncle2', 0.8],
      belly([0, 0.85, -0.5], 0.5, 1.3, 1),
      'the two long flanks above the midline',
    ),
  ],
};

const HEAD: PlanPart = {
  id: 'head',
  name: 'Head',
  kind: 'head',
  midline: [
    bone(
      'skull',
      'Head',
      'trunk1',
      [1, 0, 0],
      column('Head joint', 'head', 15, 10, 'snout'),
      'tip of the snout to the rear edge of the gill cover, or to the back of the skull',
      { at: 0, tip: 'tip of the snout' },
    ),
    LOWER_JAW,
  ],
};

const midFin = (key: string, name: string, parent: string, at: number, rest: Vec3) =>
  bone(
    key,
    name,
    parent,
    rest,
    joint(`Root of the ${name.toLowerCase()}`, {
      flexion: freedom(Z_AXIS, -30, 30, 'swings the tip forward'),
    }),
    'root to tip',
    { at, tip: `tip of the ${name.toLowerCase()}`, optional: true },
  );

const pairFin = (key: string, name: string, parent: string, at: number, rest: Vec3) =>
  bone(
    key,
    name,
    parent,
    rest,
    joint(`Root of the ${name.toLowerCase()}`, {
      flexion: sweep(-60, 40),
      abduction: raise(-60, 60),
    }),
    'midline of the body to the tip of the fin',
    { at, tip: `tip of the ${name.toLowerCase()}`, optional: true },
  );

const FINS: PlanPart = {
  id: 'fins',
  name: 'Fins',
  kind: 'fins',
  midline: [
    midFin('dorsalFin', 'Dorsal fin', 'trunk3', 0.5, [-0.55, 0.8, 0]),
    midFin('analFin', 'Anal fin', 'peduncle1', 0.3, [-0.6, -0.8, 0]),
  ],
  paired: [
    pairFin('pectoralFin', 'Pectoral fin', 'trunk1', 0.12, [-0.55, -0.6, -0.6]),
    pairFin('pelvicFin', 'Pelvic fin', 'trunk3', 0.1, [-0.6, -0.75, -0.3]),
  ],
};

const TAIL_FIN: PlanPart = {
  id: 'tail',
  name: 'Tail fin',
  kind: 'tail',
  midline: [
    bone(
      'tailFin',
      'Tail fin or fluke',
      'peduncle2',
      [-1, 0, 0],
      column('Root of the tail fin', 'tail', 35, 35, 'tail fin'),
      'root to the notch in its rear edge',
      { tip: 'notch of the tail fin' },
    ),
  ],
};

const wave = (
  freedomName: 'abduction' | 'flexion',
  deg: readonly number[],
): StanceSpec['anglesDeg'] =>
  Object.fromEntries(
    [...COLUMN.slice(1), 'tailFin'].map((id, i) => [id, { [freedomName]: deg[i] ?? 0 }]),
  );

/** Fish and whale-like swimmers: a column that bends, fins as blades, held up by two rods. */
export const SWIMMER_PLAN: BodyPlan = composePlan({
  id: 'swimmer',
  name: 'Fish and whale-like swimmer',
  parts: [TRUNK, HEAD, FINS, TAIL_FIN],
  holds: [
    { id: 'front-rod', name: 'belly, front', kind: 'rod', bone: 'trunk1' },
    { id: 'rear-rod', name: 'belly, rear', kind: 'rod', bone: 'trunk3' },
  ],
  spine: ['tailFin', ...COLUMN.toReversed(), 'skull'],
  spineEnds: {
    tail: { reach: 0.3, name: 'root of the tail fin' },
    head: { reach: 0.6, name: 'muzzle' },
  },
  tailBones: ['tailFin'],
  sizes: [
    chain(
      'length',
      'Snout to tail fin',
      ['skull', ...COLUMN, 'tailFin'],
      'tip of the snout to the notch of the tail fin',
    ),
    chain('head', 'Head', ['skull'], 'tip of the snout to the back of the head'),
  ],
  stances: [
    {
      id: 'swimming',
      name: 'Swimming, side to side',
      anglesDeg: wave('abduction', [-6, -9, -4, 14, 18]),
      lifted: [],
    },
    {
      id: 'beating',
      name: 'Swimming, up and down',
      anglesDeg: wave('flexion', [4, 8, 10, -10, -18]),
      lifted: [],
    },
    { id: 'straight', name: 'Straight', anglesDeg: {}, lifted: [] },
    {
      id: 'turning',
      name: 'Turning',
      anglesDeg: wave('abduction', [10, 14, 14, 12, 10]),
      lifted: [],
    },
    {
      id: 'striking',
      name: 'Bent to strike',
      anglesDeg: wave('abduction', [-12, -22, -10, 22, 22]),
      lifted: [],
    },
  ],
  expressions: SWIMMER_EXPRESSIONS,
  gaits: SWIMMER_GAITS,
  regions: [
    { id: 'head', name: 'Head', bones: SWIMMER.head, core: 'foil' },
    { id: 'jaw', name: 'Lower jaw', bones: ['jaw'], core: 'solid' },
    { id: 'trunk', name: 'Trunk', bones: SWIMMER.trunk, core: 'foil' },
    { id: 'peduncle', name: 'Tail stalk', bones: SWIMMER.peduncle, core: 'foil' },
    {
      id: 'fins',
      name: 'Fins',
      bones: [...SWIMMER.pairedFins, ...SWIMMER.midlineFins, ...SWIMMER.tailFin],
      core: 'solid',
    },
  ],
});
