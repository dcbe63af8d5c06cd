import * as say from './words.ts';
import { zoneOf } from '../anatomy/coat.ts';
import type { PosedBone, PosedSkeleton } from '../anatomy/pose.ts';
import { skinPoint } from '../body/facePoint.ts';
import { distance, dot, sub, unit, type Vec3 } from '../geometry/vec3.ts';
import { asInput, input, type Working, type WorkingInput } from '../piece/working.ts';
import { toDeg } from '../units/angles.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { ZonePlan } from './zonePlan.ts';

/** Folds of the skin on the inside of a bent joint. */
export interface FoldPlan {
  /** The bone beyond the joint. */
  readonly boneId: string;
  readonly name: string;
  readonly many: Working;
  readonly apart: Working;
  /** From crest to hollow at most. */
  readonly deep: Working;
  readonly minutes: Working;
  /** Places of each fold across the inside, by bone. */
  readonly lines: readonly (readonly FoldPlace[])[];
}

/** A place on the skin, as `skinPoint` takes it. */
export interface FoldPlace {
  readonly boneId: string;
  readonly along: number;
  readonly around: number;
}

/** Joints bent by less show no folds. Common practice. */
const LEAST_DEG = 30;
/** One fold more for each so many degrees. Common practice. */
const FOLD_DEG = 28;
const MOST_FOLDS = 6;
/** A fold reaches so far round to either side of the inside of a joint. Common practice. */
const REACH_DEG = 65;
const HALF_STEPS = 3;
/** Bones whose ends lie further from each other than this, against their length, do not meet in a joint. */
const MEETS = 0.05;

/** Folds at the joints of a stance whose coat is too short to hide them. */
export function foldPlans(
  posed: PosedSkeleton,
  zones: readonly ZonePlan[],
  pace: Workpiece['skin']['pace'],
): readonly FoldPlan[] {
  // What has no muscles has a shell, and that does not fold.
  if (posed.skeleton.plan.muscles.length === 0) return [];
  return posed.bones.flatMap((child): FoldPlan[] => {
    const parent = child.bone.parent === null ? undefined : posed.byId.get(child.bone.parent);
    if (parent === undefined) return [];
    const bent = bentJoint(posed, parent, child);
    if (bent === undefined) return [];
    const its = zoneOf(posed.skeleton.animal.coat, child.bone.key, 'side');
    const coat = zones.find(({ zone }) => zone === its);
    const made = foldsOf(parent, child, bent, pace);
    if (coat === undefined || ['feather', 'down'].includes(coat.zone.covering ?? 'hair')) return [];
    return coat.length.value < made.apart.value ? [made] : [];
  });
}

interface Bent {
  readonly deg: number;
  /** Unit, towards the inside of the bend. */
  readonly inside: Vec3;
  /** From the joint to the skin on its inside, mm. */
  readonly radiusMm: number;
  readonly aroundParent: number;
  readonly aroundChild: number;
}

/** How a joint is bent; undefined where it is not by much, or has no skin of its own. */
function bentJoint(posed: PosedSkeleton, parent: PosedBone, child: PosedBone): Bent | undefined {
  const [a, b] = [sub(parent.end, parent.start), sub(child.end, child.start)];
  if (distance(parent.end, child.start) > MEETS * Math.hypot(...a)) return undefined;
  const [from, to] = [unit(a), unit(b)];
  const deg = toDeg(Math.acos(Math.max(-1, Math.min(1, dot(from, to)))));
  if (!(deg >= LEAST_DEG) || deg > 170) return undefined;
  const inside = unit(sub(to, from));
  const aroundParent = aroundOf(posed, parent, 1, inside);
  const aroundChild = aroundOf(posed, child, 0, inside);
  if (aroundParent === undefined || aroundChild === undefined) return undefined;
  const skin = skinPoint(posed, { boneId: parent.bone.id, along: 1, around: aroundParent }, true);
  if (skin === undefined) return undefined;
  return { deg, inside, radiusMm: distance(skin.at, parent.end), aroundParent, aroundChild };
}

/** The angle about a bone that looks in a direction; undefined where it has no skin there. */
function aroundOf(
  posed: PosedSkeleton,
  { bone: { id } }: PosedBone,
  along: number,
  way: Vec3,
): number | undefined {
  const [up, under, left, right] = [0, 180, 90, -90].map(
    (around) => skinPoint(posed, { boneId: id, along, around }, true)?.at,
  );
  if (!up || !under || !left || !right) return undefined;
  return toDeg(Math.atan2(dot(way, unit(sub(left, right))), dot(way, unit(sub(up, under)))));
}

function foldsOf(
  parent: PosedBone,
  child: PosedBone,
  bent: Bent,
  pace: Workpiece['skin']['pace'],
): FoldPlan {
  const { id, name } = child.bone;

  const common = (what: string) =>
    ({
      id: `skin.fold.${id}.${what}`,
      stage: 'skin',
      provenance: 'derived',
      target: { kind: 'bone', id },
    }) as const;
  const bend = input('θ', say.bentBy, bent.deg, 'deg', 'derived');
  const radius = input('r', say.jointToSkin, bent.radiusMm, 'mm', 'derived');
  const many = manyFolds(common('many'), say.foldsAt(name), bend);
  const apart: Working = {
    ...common('apart'),
    label: say.foldsApart(name),
    value: (2 * bent.radiusMm) / many.value,
    unit: 'mm',
    formula: 's = 2 · r / N',
    inputs: [radius, asInput('N', many)],
    source: say.insideOfBend,
  };
  const deep: Working = {
    ...common('deep'),
    label: say.foldsDeep(name),
    value: ((2 * apart.value) / Math.PI) * Math.sqrt((bent.deg * Math.PI) / 360),
    unit: 'mm',
    formula: 'd = 2 · s / π · √(θ / (2 · u))',
    inputs: [asInput('s', apart), bend, input('u', say.oneRadian, 180 / Math.PI, 'deg', 'derived')],
    source: say.skinLosesLength,
  };
  const minutes: Working = {
    ...common('minutes'),
    label: say.minutesOf(say.foldsAt(name)),
    value: (many.value * pace.pressS) / 60,
    unit: 'min',
    formula: 't = N · q',
    inputs: [asInput('N', many), input('q', say.secondsAFold, pace.pressS, 's', 'own')],
    source: say.paceOfYours,
  };
  return {
    boneId: id,
    name,
    many,
    apart,
    deep,
    minutes,
    lines: linesOf(parent, child, bent, many.value),
  };
}

const manyFolds = (head: FoldNumber, label: string, bend: WorkingInput): Working => ({
  ...head,
  label,
  value: Math.min(MOST_FOLDS, Math.ceil(bend.value / FOLD_DEG)),
  unit: 'count',
  formula: 'N = min(m, ⌈θ / q⌉)',
  inputs: [
    bend,
    input('q', say.degreesAFold, FOLD_DEG, 'deg', 'memory'),
    input('m', say.mostFolds, MOST_FOLDS, 'count', 'memory'),
  ],
  source: say.commonPractice,
});

/** What every number of a fold has. */
type FoldNumber = Pick<Working, 'id' | 'stage' | 'provenance' | 'target'>;

/** Where the folds run: evenly over a radius before and after the joint. */
function linesOf(
  parent: PosedBone,
  child: PosedBone,
  { radiusMm, aroundParent, aroundChild }: Bent,
  many: number,
): FoldPlan['lines'] {
  const long = ({ start, end }: PosedBone): number => distance(start, end);
  return Array.from({ length: many }, (_, k) => {
    const mm = radiusMm * (((k + 0.5) / many) * 2 - 1);
    const isBefore = mm < 0;
    const bone = isBefore ? parent : child;
    const along = (isBefore ? 1 : 0) + Math.max(-0.9, Math.min(0.9, mm / long(bone)));
    const middle = isBefore ? aroundParent : aroundChild;
    return Array.from({ length: 2 * HALF_STEPS + 1 }, (_, n) => ({
      boneId: bone.bone.id,
      along,
      around: middle + (REACH_DEG * (n - HALF_STEPS)) / HALF_STEPS,
    }));
  });
}

export const foldWorkings = ({ many, apart, deep, minutes }: FoldPlan): readonly Working[] => [
  many,
  apart,
  deep,
  minutes,
];
