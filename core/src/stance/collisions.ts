import { least } from '../geometry/extremes.ts';
import { poseSkeleton, type PosedSkeleton } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { domeLength, sectionMiddle } from '../body/sleeveSection.ts';
import { skinParts, type SkinPart } from '../body/skin.ts';
import { nearestOfSegments } from '../geometry/segments.ts';
import { add, scale, type Vec3 } from '../geometry/vec3.ts';

/** Two bones whose flesh would take the same room. */
export interface Collision {
  readonly first: string;
  readonly second: string;
  /** How deep one goes into the other, beyond what they share in the first stance; mm as posed. */
  readonly depthMm: number;
}

/** A piece of flesh as a segment with a radius all round. */
interface Capsule {
  readonly boneId: string;
  readonly a: Vec3;
  readonly b: Vec3;
  readonly radius: number;
}

/** Bones this near in the tree meet at a joint, or hide in the trunk: they share room by nature. */
const NEAR_IN_TREE = 3;
/** What may be shared beyond that of the first stance, in radii of the thinner of two limbs. */
const PRESSED_TOGETHER = 0.25;
/** A limb may lie in the flesh of the body up to its own thickness: flush with the flank. */
const FLUSH = 2;

function capsuleOf(part: SkinPart): Capsule {
  if (part.kind === 'sleeve') {
    const [first, last] = [part.samples[0]!, part.samples.at(-1)!];
    return {
      boneId: part.boneId,
      a: sectionMiddle(first),
      b: sectionMiddle(last),
      radius: least(part.samples.map(domeLength)),
    };
  }
  const radius = least(part.radii);
  const half = scale(part.axes[0], Math.max(0, part.radii[0] - radius));
  return {
    boneId: part.boneId,
    a: add(part.centre, scale(half, -1)),
    b: add(part.centre, half),
    radius,
  };
}

const capsulesOf = (posed: PosedSkeleton): readonly Capsule[] => skinParts(posed).map(capsuleOf);

/** The bone itself and everything that carries it, nearest first. */
function carriersOf(skeleton: Skeleton, id: string): readonly string[] {
  const out: string[] = [];
  for (let bone = skeleton.byId.get(id); bone; bone = skeleton.byId.get(bone.parent ?? ''))
    out.push(bone.id);
  return out;
}

/** How many joints lie between two bones. */
function stepsBetween(a: readonly string[], b: readonly string[]): number {
  const shared = a.findIndex((id) => b.includes(id));
  return shared < 0 ? Infinity : shared + b.indexOf(a[shared]!);
}

const pairsCache = new WeakMap<Skeleton, ReadonlySet<string>>();
const restCache = new WeakMap<Skeleton, ReadonlyMap<string, number>>();
const pairKey = (a: string, b: string): string => (a < b ? `${a} ${b}` : `${b} ${a}`);

/** Pairs of bones that must not meet: at least one of a limb, far enough apart in the tree. */
function watchedPairs(skeleton: Skeleton): ReadonlySet<string> {
  const found = pairsCache.get(skeleton);
  if (found !== undefined) return found;
  const carriers = new Map(skeleton.bones.map(({ id }) => [id, carriersOf(skeleton, id)]));
  const limb = new Set(
    skeleton.plan.parts.filter(({ kind }) => kind === 'limbs').flatMap(({ keys }) => keys),
  );
  const pairs = new Set<string>();
  skeleton.bones.forEach((bone, i) => {
    for (const other of skeleton.bones.slice(i + 1)) {
      if (!limb.has(bone.key) && !limb.has(other.key)) continue;
      const sameLimb =
        bone.side === other.side &&
        bone.side !== 'mid' &&
        limb.has(bone.key) &&
        limb.has(other.key);
      const steps = stepsBetween(carriers.get(bone.id)!, carriers.get(other.id)!);
      if (steps > NEAR_IN_TREE || (!sameLimb && bone.side !== other.side && steps > 2))
        pairs.add(pairKey(bone.id, other.id));
    }
  });
  pairsCache.set(skeleton, pairs);
  return pairs;
}

/** How deep watched bones lie in each other, by pair; nothing where they do not touch. */
function depths(
  skeleton: Skeleton,
  capsules: readonly Capsule[],
  left: ReadonlySet<string>,
): ReadonlyMap<string, number> {
  const watched = watchedPairs(skeleton);
  const out = new Map<string, number>();
  capsules.forEach((capsule, i) => {
    if (left.has(capsule.boneId)) return;
    for (let j = i + 1; j < capsules.length; j++) {
      const other = capsules[j]!;
      if (capsule.boneId === other.boneId || left.has(other.boneId)) continue;
      const key = pairKey(capsule.boneId, other.boneId);
      if (!watched.has(key)) continue;
      const { distance } = nearestOfSegments(capsule.a, capsule.b, other.a, other.b);
      const depth = capsule.radius + other.radius - distance;
      if (depth > (out.get(key) ?? 0)) out.set(key, depth);
    }
  });
  return out;
}

/** Depths of the plan's first stance, life mm: what bodies share there, they share by nature. */
function restDepths(skeleton: Skeleton): ReadonlyMap<string, number> {
  const found = restCache.get(skeleton);
  if (found !== undefined) return found;
  const posed = poseSkeleton(skeleton, skeleton.plan.stances[0]?.anglesDeg ?? {});
  const rest = depths(skeleton, capsulesOf(posed), new Set());
  restCache.set(skeleton, rest);
  return rest;
}

/**
 * Where limbs go through each other, the trunk, the head or the tail, deepest first: each bone's
 * flesh as capsules of its least radius, so that what is found is real. `folded` limb pairs, which
 * lie on the body, are left out.
 */
export function collisions(posed: PosedSkeleton, folded: readonly string[]): readonly Collision[] {
  const { skeleton, sizeFactor } = posed;
  const keys = new Set(
    skeleton.plan.limbPairs
      .filter(({ id }) => folded.includes(id))
      .flatMap(({ left }) => left.bones.map((id) => skeleton.byId.get(id)?.key)),
  );
  const left = new Set(skeleton.bones.filter(({ key }) => keys.has(key)).map(({ id }) => id));
  const capsules = capsulesOf(posed);
  const radius = new Map(capsules.map((capsule) => [capsule.boneId, capsule.radius]));
  const rest = restDepths(skeleton);
  return [...depths(skeleton, capsules, left)]
    .map(([key, depth]): Collision => {
      const [first = '', second = ''] = key.split(' ');
      const thinner = Math.min(radius.get(first) ?? 0, radius.get(second) ?? 0);
      const isBody = [first, second].some((id) => skeleton.byId.get(id)?.side === 'mid');
      const shared = (isBody ? FLUSH : PRESSED_TOGETHER) * thinner;
      const allowed = (rest.get(key) ?? 0) * sizeFactor + shared;
      return { first, second, depthMm: depth - allowed };
    })
    .filter(({ depthMm }) => depthMm > 0)
    .toSorted((a, b) => b.depthMm - a.depthMm);
}
