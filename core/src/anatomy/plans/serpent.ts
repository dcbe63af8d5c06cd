import type { BodyPlan, StanceSpec } from '../bodyPlan.ts';
import { quarteredTail, LOWER_JAW } from './kit/backbones.ts';
import { composePlan, type PlanPart } from './kit/composePlan.ts';
import { bone, column, wholeBody } from './kit/joints.ts';
import { belly, chain, muscle } from './kit/names.ts';
import { TAIL } from './quadrupedParts.ts';
import { SERPENT_EXPRESSIONS } from './kit/expressions.ts';
import { serpentGaits } from './kit/gaits.ts';

const NECK_LINKS = 2;
const TRUNK_LINKS = 20;

const linkId = (n: number): string => (n <= NECK_LINKS ? `neck.${n}` : `trunk.${n - NECK_LINKS}`);
const LINKS = Array.from({ length: NECK_LINKS + TRUNK_LINKS }, (_, i) => linkId(i + 1));
/** From the head to the tip of the tail. */
const CHAIN = [...LINKS, ...TAIL] as const;

/** Bones by part of the body, by key. */
export const SERPENT = {
  head: ['skull'],
  neck: ['neckLink'],
  trunk: ['trunkLink'],
  tail: TAIL,
} as const;

const link = (n: number) => {
  const isNeck = n <= NECK_LINKS;
  return bone(
    isNeck ? 'neckLink' : 'trunkLink',
    isNeck ? 'Neck, one link' : 'Trunk, one link',
    n === 1 ? null : linkId(n - 1),
    [-1, 0, 0],
    n === 1 ? wholeBody('body') : column(`Joint of link ${n}`, 'tail', 25, 32, 'body'),
    isNeck
      ? `one of ${NECK_LINKS} equal links behind the head`
      : `one of ${TRUNK_LINKS} equal links from the neck to the vent`,
    { id: linkId(n) },
  );
};

const TRUNK: PlanPart = {
  id: 'trunk',
  name: 'Neck and trunk',
  kind: 'trunk',
  midline: LINKS.map((_, i) => link(i + 1)),
  muscles: [
    muscle(
      'longissimus',
      'Longissimus dorsi',
      ['trunkLink', 0],
      ['trunkLink', 1],
      belly([0, 0.9, -0.45], 0.5, 1.3, 1),
      'two rolls beside the spine, from the neck to the vent',
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
      'neck.1',
      [1, 0, 0],
      column('Head joint', 'head', 60, 60, 'snout'),
      'back of the jaws to the tip of the snout',
      { at: 0, tip: 'tip of the snout' },
    ),
    LOWER_JAW,
  ],
};

const TAIL_PART: PlanPart = {
  ...quarteredTail(0),
  midline: (quarteredTail(0).midline ?? []).map((draft, i) =>
    i === 0 ? { ...draft, parent: linkId(NECK_LINKS + TRUNK_LINKS) } : draft,
  ),
};

/** Bends to the left, degrees at each joint behind the first link. */
const bends = (deg: (share: number) => number): StanceSpec['anglesDeg'] =>
  Object.fromEntries(
    CHAIN.slice(1).map((id, i) => [
      id,
      { abduction: Math.round(deg((i + 0.5) / CHAIN.length) * 10) / 10 },
    ]),
  );

const WAVES = 1.75;
const WAVE_DEG = 26;
/** Links from the head that rise from the ground in a strike. */
const RAISED = 9;
/** How far a link of a gliding serpent points off its way. */
const OFF_DEG = 44;

/**
 * A flat spiral, tail outside and head within: on a spiral whose turns lie `PITCH` of the length
 * apart, the length left from s to the middle is π(r² − r₀²)/pitch, so r grows with its root; a link
 * of length l bends by l/r.
 */
const PITCH = 0.058;
const INNER = 0.055;
const coilDeg = (share: number): number => {
  const r = Math.sqrt((share * PITCH) / Math.PI + INNER ** 2);
  return Math.min(31, (1 / CHAIN.length / r) * (180 / Math.PI));
};

/** A fore body raised in an S, head level, the rest in the coil. */
function strikeBends(): StanceSpec['anglesDeg'] {
  const raised = CHAIN.slice(0, RAISED);
  const coil = bends((share) => (share < RAISED / CHAIN.length ? 0 : coilDeg(share)));
  // Down from the level head, and level again on the ground.
  const up = Object.fromEntries(
    raised.slice(1).map((id, i) => [id, { flexion: i < (RAISED - 1) / 2 ? -18 : 18 }]),
  );
  return { ...coil, ...up };
}

/** The serpent: many equal links, lying on its belly in a wave or a coil. */
export const SERPENT_PLAN: BodyPlan = composePlan({
  id: 'serpent',
  name: 'Serpent',
  parts: [TRUNK, HEAD, TAIL_PART],
  holds: [
    { id: 'front', name: 'front third of the belly', kind: 'rest', bone: linkId(8) },
    { id: 'rear', name: 'rear third of the belly', kind: 'rest', bone: linkId(17) },
  ],
  spine: [...CHAIN.toReversed(), 'skull'],
  spineEnds: {
    tail: { reach: 0.3, name: 'tail end' },
    head: { reach: 0.75, name: 'muzzle' },
  },
  tailBones: TAIL,
  sizes: [
    chain('length', 'Snout to tail tip', ['skull', ...CHAIN], 'Σ links, straightened'),
    chain('tail', 'Tail', TAIL, 'vent to the tip'),
  ],
  stances: [
    {
      id: 'waving',
      name: 'In a wave',
      anglesDeg: bends((s) => WAVE_DEG * Math.cos(2 * Math.PI * WAVES * s)),
      lifted: [],
    },
    {
      id: 'coiled',
      name: 'In a coil',
      anglesDeg: { ...bends(coilDeg), skull: { flexion: 6 } },
      lifted: [],
    },
    { id: 'stretched', name: 'Stretched out', anglesDeg: {}, lifted: [] },
    {
      id: 'striking',
      name: 'Raised to strike',
      anglesDeg: strikeBends(),
      lifted: [],
    },
  ],
  expressions: SERPENT_EXPRESSIONS,
  gaits: serpentGaits(CHAIN, WAVES, OFF_DEG),
  regions: [
    { id: 'head', name: 'Head', bones: SERPENT.head, core: 'solid' },
    { id: 'jaw', name: 'Lower jaw', bones: ['jaw'], core: 'solid' },
    { id: 'trunk', name: 'Body', bones: [...SERPENT.neck, ...SERPENT.trunk], core: 'solid' },
    { id: 'tail', name: 'Tail', bones: SERPENT.tail, core: 'solid' },
  ],
});
