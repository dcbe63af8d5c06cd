import type { Vec3 } from '../../../geometry/vec3.ts';
import type { BoneDraft } from './bilateral.ts';
import { BACKWARD_Z, bone, column, freedom, joint, wholeBody } from './joints.ts';
import type { PlanPart } from './composePlan.ts';

const ORDINAL = ['1st', '2nd', '3rd', '4th'] as const;
const DROP = [-0.35, -0.25, -0.12, 0] as const;

const tailQuarter = (n: number, parent: string, droop: number): BoneDraft =>
  bone(
    `tail${n}`,
    `Tail, ${ORDINAL[n - 1]} quarter`,
    parent,
    [-1, (DROP[n - 1] ?? 0) * droop, 0],
    column(n === 1 ? 'Tail root' : `Tail joint ${n}`, 'tail', 60, 45, 'tail'),
    'a quarter of the tail, along its curve',
    n === 4 ? { tip: 'tip of the tail' } : {},
  );

/** A tail of four equal quarters behind the sacrum; `droop` 1 hangs as a mammal's, 0 is level. */
export const quarteredTail = (droop: number): PlanPart => ({
  id: 'tail',
  name: 'Tail',
  kind: 'tail',
  midline: [1, 2, 3, 4].map((n) => tailQuarter(n, n === 1 ? 'sacrum' : `tail${n - 1}`, droop)),
});

/** The sacrum, root of every backboned trunk that stands on hind legs. */
export const sacrum = (what: string, measured: string): BoneDraft =>
  bone('sacrum', 'Sacrum', null, [-1, -0.15, 0], wholeBody(what), measured);

/** A skull at the end of a neck. */
export const skull = (parent: string, measured: string, tip: string): BoneDraft =>
  bone(
    'skull',
    'Skull',
    parent,
    [1, -0.22, 0],
    column('Head joint', 'head', 60, 60, 'muzzle'),
    measured,
    { tip },
  );

/** The lower jaw on the joint of the skull; it opens the mouth. */
export const LOWER_JAW: BoneDraft = bone(
  'jaw',
  'Lower jaw',
  'skull',
  [1, -0.2, 0],
  joint('Joint of the jaw', { flexion: freedom(BACKWARD_Z, -3, 75, 'opens the mouth') }),
  'joint of the jaw to the chin',
  { at: 0.2, tip: 'chin', optional: true },
);

/** A neck in two halves on the column: where it starts, how each half rises, how far the upper bends. */
export const halvedNeck = (
  parent: string,
  lower: Vec3,
  upper: Vec3,
  measured: readonly [lower: string, upper: string],
  upperDeg: readonly [up: number, side: number] = [60, 45],
): readonly BoneDraft[] => [
  bone(
    'neckLower',
    'Neck, lower half',
    parent,
    lower,
    column('Neck root', 'head', 60, 45, 'neck'),
    measured[0],
  ),
  bone(
    'neckUpper',
    'Neck, upper half',
    'neckLower',
    upper,
    column('Mid-neck', 'head', ...upperDeg, 'neck'),
    measured[1],
  ),
];
