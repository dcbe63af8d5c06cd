import type { PosedSkeleton } from '../anatomy/pose.ts';
import { add, dot, scale, type Vec3 } from '../geometry/vec3.ts';
import { fieldOf, partBox, skinParts, type SleevePart } from './skin.ts';
import { placeable, placeOn, type SkinPlace } from './skinPlace.ts';

/** So near to the skin a ray has met it, as a share of the body's size. */
const NEAR_SHARE = 1e-4;
const MOST_STEPS = 200;

/** The place on the skin that a ray meets first, going from `from` along the unit way; undefined where it goes by. */
export function skinHit(posed: PosedSkeleton, from: Vec3, way: Vec3): SkinPlace | undefined {
  const parts = placeable(skinParts(posed));
  const reach = farthest(parts, from);
  const near = NEAR_SHARE * reach;
  let gone = 0;
  for (let step = 0; step < MOST_STEPS && gone < reach; step++) {
    const p = add(from, scale(way, gone));
    const nearest = nearestPart(parts, p);
    if (nearest === undefined) return undefined;
    if (nearest.mm < near) {
      const { sleeveId, boneId, along, around } = placeOn(posed, nearest.part, p);
      return { sleeveId, boneId, along, around };
    }
    gone += nearest.mm;
  }
  return undefined;
}

/** The part whose skin is nearest to a point, and how far that is; parts whose boxes are farther are not asked. */
function nearestPart(
  parts: readonly SleevePart[],
  p: Vec3,
): { readonly part: SleevePart; readonly mm: number } | undefined {
  const byBox = parts
    .map((part) => ({ part, box: boxDistance(part, p) }))
    .toSorted((a, b) => a.box - b.box);
  let best: { part: SleevePart; mm: number } | undefined;
  for (const { part, box } of byBox) {
    if (best !== undefined && box > best.mm) break;
    const mm = fieldOf(part)(...p);
    if (best === undefined || mm < best.mm) best = { part, mm };
  }
  return best;
}

/** How far a point lies from the box round a part; 0 in it. */
function boxDistance(part: SleevePart, p: Vec3): number {
  const { min, max } = partBox(part);
  const off = (k: 0 | 1 | 2): number => Math.max(0, min[k] - p[k], p[k] - max[k]);
  return Math.hypot(off(0), off(1), off(2));
}

/** How far from a point the farthest corner of any part lies at most. */
function farthest(parts: readonly SleevePart[], from: Vec3): number {
  return parts.reduce((most, part) => {
    const { min, max } = partBox(part);
    const far = ([0, 1, 2] as const).map((k) =>
      Math.max(Math.abs(min[k] - from[k]), Math.abs(max[k] - from[k])),
    );
    return Math.max(most, Math.hypot(...far));
  }, 0);
}

/** How far a body reaches along a way, mm: where a ray that comes from there begins outside it. */
export const reachAlong = (posed: PosedSkeleton, way: Vec3): number =>
  placeable(skinParts(posed)).reduce((most, part) => {
    const { min, max } = partBox(part);
    const corner: Vec3 = [
      way[0] > 0 ? max[0] : min[0],
      way[1] > 0 ? max[1] : min[1],
      way[2] > 0 ? max[2] : min[2],
    ];
    return Math.max(most, dot(corner, way));
  }, -Infinity);
