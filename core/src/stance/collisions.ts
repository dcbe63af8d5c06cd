import { poseSkeleton, type PosedSkeleton } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { fieldOf, innerRadiusMm, partBox, skinParts, type SkinPart } from '../body/skin.ts';
import { sectionOutline, sectionPoint } from '../body/sleeveSection.ts';
import type { Box3 } from '../geometry/box.ts';
import type { Vec3 } from '../geometry/vec3.ts';

/** Two bones whose flesh would take the same room. */
export interface Collision {
  readonly first: string;
  readonly second: string;
  /** How deep one goes into the other, beyond what they share in the first stance; mm as posed. */
  readonly depthMm: number;
  /** Where it is deepest, mm as posed. */
  readonly at: Vec3;
}

/** Bones this near in the tree meet at a joint, or hide in the trunk: they share room by nature. */
const NEAR_IN_TREE = 3;
/** What may be shared beyond that of the first stance, in radii of the thinner of two limbs. */
const PRESSED_TOGETHER = 0.25;
/**
 * A limb may lie in the flesh of the body up to its own thickness and a half: an elbow or a knee that is drawn back
 * slides along the ribs, whose flesh gives way.
 */
const FLUSH = 3;

/** Points round each section of the skin that are looked at. */
const RING = 12;

/** How deep the skin of one part lies in another at its deepest, and where; none where boxes lie apart. */
interface Shared {
  readonly depth: number;
  readonly at: Vec3;
}

const boxesMeet = (a: Box3, b: Box3): boolean =>
  a.min.every((low, k) => low <= b.max[k]! && b.min[k]! <= a.max[k]!);

const isIn = ({ min, max }: Box3, p: Vec3): boolean =>
  p.every((v, k) => v >= min[k]! && v <= max[k]!);

const skins = new WeakMap<SkinPart, readonly Vec3[]>();

/** Points on the skin of a part, ring by ring. */
export function skinPoints(part: SkinPart): readonly Vec3[] {
  if (part.kind !== 'sleeve') return [part.centre];
  const known = skins.get(part);
  if (known !== undefined) return known;
  const points = part.samples.flatMap((sample) =>
    sectionOutline(sample, RING).map(([above, side]) => sectionPoint(sample, above, side)),
  );
  skins.set(part, points);
  return points;
}

/** The deepest point of the skin of either part inside the other. */
function sharedBy(a: SkinPart, b: SkinPart): Shared | undefined {
  if (!boxesMeet(partBox(a), partBox(b))) return undefined;
  let deepest: Shared | undefined;
  for (const [of, inside] of [
    [a, b],
    [b, a],
  ] as const) {
    const field = fieldOf(inside);
    const box = partBox(inside);
    for (const at of skinPoints(of)) {
      if (!isIn(box, at)) continue;
      const depth = -field(...at);
      if (depth > (deepest?.depth ?? 0)) deepest = { depth, at };
    }
  }
  return deepest;
}

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

/** How deep watched bones lie in each other and where, by pair; nothing where they do not touch. */
function shares(posed: PosedSkeleton, left: ReadonlySet<string>): ReadonlyMap<string, Shared> {
  const watched = watchedPairs(posed.skeleton);
  const parts = skinParts(posed).filter(({ boneId }) => !left.has(boneId));
  const out = new Map<string, Shared>();
  parts.forEach((part, i) => {
    for (const other of parts.slice(i + 1)) {
      const key = pairKey(part.boneId, other.boneId);
      if (part.boneId === other.boneId || !watched.has(key)) continue;
      const shared = sharedBy(part, other);
      if (shared !== undefined && shared.depth > (out.get(key)?.depth ?? 0)) out.set(key, shared);
    }
  });
  return out;
}

/** Depths of the plan's first stance, life mm: what bodies share there, they share by nature. */
function restDepths(skeleton: Skeleton): ReadonlyMap<string, number> {
  const found = restCache.get(skeleton);
  if (found !== undefined) return found;
  const posed = poseSkeleton(skeleton, skeleton.plan.stances[0]?.anglesDeg ?? {});
  const rest = new Map([...shares(posed, new Set())].map(([key, { depth }]) => [key, depth]));
  restCache.set(skeleton, rest);
  return rest;
}

/**
 * Where limbs go through each other, the trunk, the head or the tail, deepest first: points of the skin of each
 * bone in the flesh of the other, on their own sections. `folded` limb pairs, which
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
  const radius = new Map<string, number>();
  for (const part of skinParts(posed))
    radius.set(part.boneId, Math.min(radius.get(part.boneId) ?? Infinity, innerRadiusMm(part)));
  const rest = restDepths(skeleton);
  return [...shares(posed, left)]
    .map(([key, { depth, at }]): Collision => {
      const [first = '', second = ''] = key.split(' ');
      const thinner = Math.min(radius.get(first) ?? 0, radius.get(second) ?? 0);
      const isBody = [first, second].some((id) => skeleton.byId.get(id)?.side === 'mid');
      const shared = (isBody ? FLUSH : PRESSED_TOGETHER) * thinner;
      const allowed = (rest.get(key) ?? 0) * sizeFactor + shared;
      return { first, second, depthMm: depth - allowed, at };
    })
    .filter(({ depthMm }) => depthMm > 0)
    .toSorted((a, b) => b.depthMm - a.depthMm);
}
