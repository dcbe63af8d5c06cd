import type { Bone, Skeleton } from '../anatomy/skeleton.ts';
import { sleeveId } from '../body/sleeveChain.ts';
import { along as alongArc, boneArc, type BoneArc } from './boneArc.ts';

/** A bone in a run: where along it begins, and whether it is gone along from its far end. */
interface BoneOfRun {
  readonly from: number;
  readonly long: number;
  readonly isBackwards: boolean;
  readonly arc: BoneArc;
}

/** A stretch of skin to be gone along, life mm: the column from the head to the tail, or a limb from its root. */
export interface Run {
  readonly id: string;
  readonly isColumn: boolean;
  /** Left bones and those of the midline, in their order. */
  readonly bones: ReadonlyMap<string, BoneOfRun>;
  readonly lengthMm: number;
}

/** What lies on the midline and is no part of the column. */
const BESIDE_COLUMN: ReadonlySet<string> = new Set(['jaw', 'spinneret', 'proboscis', 'tailFin']);

const known = new WeakMap<Skeleton, readonly Run[]>();

/** The runs of a skeleton: the column first, then each sleeve beside it, of pairs the left one. */
export function runsOf(skeleton: Skeleton): readonly Run[] {
  const before = known.get(skeleton);
  if (before !== undefined) return before;
  const column = columnOf(skeleton);
  const others = new Map<string, Bone[]>();
  for (const bone of skeleton.bones)
    for (const flesh of bone.flesh) {
      if (!('sleeve' in flesh) || bone.side === 'right' || column.bones.has(bone.id)) continue;
      const id = sleeveId(flesh.sleeve, bone.side);
      others.set(id, [...(others.get(id) ?? []), bone]);
    }
  const runs = [column, ...[...others].map(([id, bones]) => runThrough(skeleton, id, bones))];
  known.set(skeleton, runs);
  return runs;
}

const runThrough = (skeleton: Skeleton, id: string, bones: readonly Bone[]): Run =>
  runOf(
    skeleton,
    id,
    false,
    bones.map((bone) => ({ bone, isBackwards: false })),
  );

function runOf(
  skeleton: Skeleton,
  id: string,
  isColumn: boolean,
  steps: readonly { readonly bone: Bone; readonly isBackwards: boolean }[],
): Run {
  const bones = new Map<string, BoneOfRun>();
  let lengthMm = 0;
  for (const { bone, isBackwards } of steps) {
    const arc = boneArc(skeleton, bone.id);
    const long = alongArc(arc, 1) - alongArc(arc, 0);
    bones.set(bone.id, { from: lengthMm, long, isBackwards, arc });
    lengthMm += long;
  }
  return { id, isColumn, bones, lengthMm };
}

/** The column from the snout on: the way from the head to the root backwards, then what lies behind it. */
function columnOf(skeleton: Skeleton): Run {
  const { bones, byId, plan } = skeleton;
  const all = bones.filter(
    ({ key, side, flesh }) =>
      side === 'mid' &&
      !BESIDE_COLUMN.has(key) &&
      flesh.some((of) => 'sleeve' in of) &&
      plan.parts.some(
        ({ keys, kind }) => keys.includes(key) && ['trunk', 'head', 'tail'].includes(kind),
      ),
  );
  const isHead = ({ key }: Bone): boolean =>
    plan.parts.some(({ keys, kind }) => kind === 'head' && keys.includes(key));
  const first = all.findLast(isHead) ?? all.find(({ rest }) => rest[0] > 0) ?? all[0];
  const ahead: Bone[] = [];
  for (let at = first; at !== undefined; at = byId.get(at.parent ?? ''))
    if (all.includes(at)) ahead.push(at);
  const steps = [...ahead, ...all.filter((bone) => !ahead.includes(bone))].map((bone) => ({
    bone,
    // A root that points backwards is gone along as it lies.
    isBackwards: ahead.includes(bone) && (bone.parent !== null || bone.rest[0] > 0),
  }));
  return runOf(skeleton, 'column', true, steps);
}

/** How far along its run a share of a bone lies, life mm; undefined for a bone that is in none. */
export function alongRun(run: Run, boneId: string, share: number): number | undefined {
  const bone = run.bones.get(boneId);
  if (bone === undefined) return undefined;
  const mm = alongArc(bone.arc, share) - alongArc(bone.arc, 0);
  return bone.from + (bone.isBackwards ? bone.long - mm : mm);
}

/** The bone and the share of it at a length along a run; its ends for what lies beyond them. */
export function onRun(
  run: Run,
  along: number,
): { readonly boneId: string; readonly along: number } {
  const all = [...run.bones];
  const [boneId, { from, long, isBackwards, arc }] =
    all.find(([, bone]) => along <= bone.from + bone.long) ?? all.at(-1)!;
  const mm = (isBackwards ? from + long - along : along - from) + alongArc(arc, 0);
  return { boneId, along: alongArc(arc, mm, 1) };
}

/** The bone of the left side, or of the midline, that a bone is or mirrors, and whether it mirrors one. */
export function leftOf(
  skeleton: Skeleton,
  boneId: string,
): { readonly boneId: string; readonly isRight: boolean } {
  const bone = skeleton.byId.get(boneId);
  return bone?.side === 'right'
    ? { boneId: bone.image, isRight: true }
    : { boneId, isRight: false };
}

/** The run that a bone lies on, of either side; undefined where it has no sleeve. */
export const runOfBone = (skeleton: Skeleton, boneId: string): Run | undefined => {
  const left = leftOf(skeleton, boneId);
  return runsOf(skeleton).find(({ bones }) => bones.has(left.boneId));
};
