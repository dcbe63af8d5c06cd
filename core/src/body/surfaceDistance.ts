import type { Vec3 } from '../geometry/vec3.ts';
import { partDistance, skinBox, type SkinPart } from './skin.ts';

/**
 * Signed distance in mm from a point to the skin of a union of flesh: negative inside. Exact
 * outside; inside it is the depth below the surface of the part that covers best, never more than
 * the true depth, so that a cover read from it is on the safe side.
 */
export function skinDistance(parts: readonly SkinPart[], p: Vec3): number {
  return parts.reduce((least, part) => Math.min(least, partDistance(part, p)), Infinity);
}

/** Height in mm of the skin straight above a point inside it, by bisection to a micrometre. */
export function skinAbove(parts: readonly SkinPart[], p: Vec3): number {
  if (skinDistance(parts, p) >= 0) return p[1];
  let low = p[1];
  let high = skinBox(parts).max[1];
  while (high - low > 1e-3) {
    const mid = (low + high) / 2;
    if (skinDistance(parts, [p[0], mid, p[2]]) < 0) low = mid;
    else high = mid;
  }
  return (low + high) / 2;
}
