import type { PosedSkeleton } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { partForm } from './partForm.ts';
import type { Relief } from './relief.ts';

/** The sides that a head is drawn from by itself. */
export const HEAD_VIEWS = ['side', 'front', 'three-quarter', 'top'] as const;

/** Cells of a head by itself. */
const HEAD_CELLS = 90_000;

/** The head of a posed model by itself, from each side; none for an animal whose face is not known. */
export function headForm(posed: PosedSkeleton, cells = HEAD_CELLS): readonly Relief[] {
  const bones = headBones(posed.skeleton);
  if (bones.size === 0) return [];
  return partForm(posed, bones, HEAD_VIEWS, cells);
}

/** The bones of the head: the one that carries the face, what it carries but limbs, and the last of the neck. */
export function headBones(skeleton: Skeleton): ReadonlySet<string> {
  const { plan, bones } = skeleton;
  const first = headKey(skeleton);
  const limbs = new Set(
    plan.parts
      .filter(({ kind }) => kind === 'limbs' || kind === 'wings' || kind === 'trunk')
      .flatMap(({ keys }) => keys),
  );
  const necks = new Set(plan.parts.flatMap(({ kind, keys }) => (kind === 'head' ? keys : [])));
  const carrier = bones.find(({ key }) => key === first)?.parent;
  const neck = bones.find(({ id }) => id === carrier);
  // With what carries it, so that it is no mask. Bones come before what they carry.
  const head = new Set<string>(neck && necks.has(neck.key) ? [neck.id] : []);
  for (const { id, key, parent } of bones)
    if (
      key === first ||
      (parent !== null && parent !== neck?.id && head.has(parent) && !limbs.has(key))
    )
      head.add(id);
  return head;
}

/** The bone that carries the face, by its key; undefined for an animal whose face is not known. */
export function headKey({ animal }: Skeleton): string | undefined {
  const { eyes = [], pads = [], lines = [] } = animal.face ?? {};
  return eyes[0]?.at[0] ?? lines[0]?.[0]?.[0] ?? pads[0]?.bone;
}
