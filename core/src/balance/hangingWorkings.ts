import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { common, type BalanceFacts } from './balanceFacts.ts';
import { greatest } from '../geometry/extremes.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import { posedBone } from '../anatomy/pose.ts';
import { GRAVITY } from '../units/gravity.ts';
import type { StancePlan } from '../stance/stancePlan.ts';
import { wallPullN } from './hangingPoint.ts';

/** Where a hook goes, how the piece then hangs, and what the upper fixing on a wall bears. */
// eslint-disable-next-line max-lines-per-function -- one list of workings
export function hangingWorkings(
  { hook, massCentre }: BalanceFacts,
  choice: Workpiece['stance'],
  { posed }: StancePlan,
  grams: Working,
): readonly Working[] {
  if (hook === undefined) return [];
  const { bone, start } = posedBone(posed, hook.boneId);
  const at = { kind: 'bone', id: bone.id } as const;
  const from = bone.joint.name.charAt(0).toLowerCase() + bone.joint.name.slice(1);
  const place: Working = {
    ...common,
    id: 'balance.hook.place',
    label: say.hookFromAlongSpine(from),
    value: Math.hypot(...hook.place.map((v, k) => v - start[k as 0])),
    unit: 'mm',
    reading: {
      method: say.placeOfSpineStraight,
      resolution: say.exactStraightBones,
      checkedBy: 'core/src/balance/balance.test.ts',
    },
    source: say.staticsWhatHangsComes,
    target: at,
  };
  const tilt: Working = {
    ...common,
    id: 'balance.hook.tilt',
    label: say.hungThereItTilts,
    value: hook.tiltDeg,
    unit: 'deg',
    formula: 'φ = atan2(off, below)',
    inputs: [
      input('off', say.hookBesideCentre, hook.offMm, 'mm', 'derived'),
      input('below', say.centreBelowHook, hook.belowMm, 'mm', 'derived'),
    ],
    source: say.statics,
    target: at,
  };
  if (choice.hold === 'hanging') return [place, tilt];
  const wallZ = greatest(posed.bones.flatMap(({ start: a, end: b }) => [a[2], b[2]]));
  const outMm = Math.max(0, wallZ - massCentre[2]);
  const apartMm = Math.max(1, hook.place[1]);
  return [
    place,
    {
      ...common,
      id: 'balance.wall.pull',
      label: say.pullOnUpperFixing,
      value: wallPullN(grams.value, outMm, apartMm, GRAVITY),
      unit: 'N',
      formula: 'F = m · g · d / H',
      inputs: [
        asInput('m', grams),
        input('g', say.gravity, GRAVITY, 'm/s2', 'published'),
        input('d', say.centreOfMassFrom, outMm, 'mm', 'derived'),
        input('H', say.upperFixingAboveLower, apartMm, 'mm', 'derived'),
      ],
      source: say.staticsFarSideAgainst,
      target: at,
    },
  ];
}
