import { restPose, type PosedSkeleton } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { bodyBlends } from './bodyBlends.ts';
import { insideShare } from './bodyGrid.ts';
import { firstField, fleshField, gridOver } from './fleshField.ts';
import { fleshParts } from './fleshParts.ts';
import { thinnings } from './thinned.ts';
import { halfHeight } from './sleeveSection.ts';
import type { SkinPart } from './skin.ts';

/** Cells to measure a stance with: coarse, as only what a bend takes away is looked for. */
const CELLS = 40_000;
/** Less than this is as likely the grid as the bend. */
const LEAST_CHANGE = 0.015;
/** Flesh is pressed aside so far and no further: beyond, limbs lie in one another by mistake. */
const MOST_GIRTH = 1.15;

const restVolumes = new WeakMap<Skeleton, ReadonlyMap<string, number>>();
const known = new WeakMap<PosedSkeleton, readonly SkinPart[]>();

/**
 * The flesh of a stance with the volume that it has at rest: what a bent joint or a folded limb takes
 * away, as flesh lies in flesh there, goes into the girth of that limb. Bones that carry a foot keep
 * their soles.
 */
export function volumeKept(posed: PosedSkeleton): readonly SkinPart[] {
  const kept = known.get(posed) ?? withGirth(posed);
  known.set(posed, kept);
  return kept;
}

function withGirth(posed: PosedSkeleton): readonly SkinPart[] {
  const { skeleton } = posed;
  const parts = fleshParts(posed);
  let before = restVolumes.get(skeleton);
  if (before === undefined) {
    before = limbVolumes(restPose(skeleton));
    restVolumes.set(skeleton, before);
  }
  const now = limbVolumes(posed, parts);
  const feet = new Set(skeleton.plan.contacts.map((contact) => contact.bone));
  const girth = new Map(
    [...before].map(([limb, volume]) => {
      const share = volume / ((now.get(limb) ?? volume) / posed.sizeFactor ** 3);
      const much = Math.abs(share - 1) > LEAST_CHANGE;
      return [limb, much ? Math.min(MOST_GIRTH, Math.max(1 / MOST_GIRTH, Math.sqrt(share))) : 1];
    }),
  );
  return parts.map((part) =>
    feet.has(part.boneId) ? part : girthened(part, girth.get(limbOf(skeleton, part.boneId)) ?? 1),
  );
}

/** The limb, or the column, that a bone belongs to: its part of the plan and its side. */
function limbOf({ plan, byId }: Skeleton, boneId: string): string {
  const bone = byId.get(boneId);
  const part = plan.parts.find((part) => part.keys.includes(bone?.key ?? ''));
  return `${part?.id ?? ''} ${bone?.side ?? ''}`;
}

/** Volume of each limb, by the part whose skin is nearest; mm³ of the posed size. */
function limbVolumes(
  posed: PosedSkeleton,
  parts: readonly SkinPart[] = fleshParts(posed),
): ReadonlyMap<string, number> {
  const grid = gridOver(parts, CELLS);
  const blends = bodyBlends(posed.skeleton, parts);
  const thin = thinnings(posed);
  const {
    depth,
    owner,
    cellMm: h,
  } = thin.length === 0 ? firstField(parts, grid, blends) : fleshField(parts, grid, blends, thin);
  const sums = parts.map(() => 0);
  for (let at = 0; at < depth.length; at++)
    if (depth[at]! < h) sums[owner[at]!]! += insideShare(depth[at]!, h);
  const limbs = new Map<string, number>();
  parts.forEach(({ boneId }, i) => {
    const limb = limbOf(posed.skeleton, boneId);
    limbs.set(limb, (limbs.get(limb) ?? 0) + sums[i]! * h ** 3);
  });
  return limbs;
}

/** A part thicker by a factor across its bone. */
function girthened(part: SkinPart, k: number): SkinPart {
  if (k === 1) return part;
  if (part.kind === 'ellipsoid') {
    const [along, deep, wide] = part.radii;
    return { ...part, radii: [along, deep * k, wide * k] };
  }
  return {
    ...part,
    samples: part.samples.map((sample) => {
      const more = halfHeight(sample) * (k - 1);
      return {
        ...sample,
        above: sample.above + more,
        below: sample.below + more,
        half: sample.half * k,
      };
    }),
  };
}
