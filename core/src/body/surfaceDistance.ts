import type { Box3 } from '../geometry/box.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import { partBox, partDistance, skinBox, type SkinPart } from './skin.ts';

/** Squared distance in mm² from a point to a box; 0 inside it. */
function boxDistance2({ min, max }: Box3, p: Vec3): number {
  let sum = 0;
  for (let k = 0; k < 3; k++) {
    const over = Math.max(min[k]! - p[k]!, p[k]! - max[k]!, 0);
    sum += over * over;
  }
  return sum;
}

/**
 * Signed distance in mm from a point to the skin of a union of flesh: negative inside. Exact
 * outside; inside it is the depth below the surface of the part that covers best, never more than
 * the true depth, so that a cover read from it is on the safe side. A part whose box is farther away
 * than the nearest skin so far is not looked at: the result is the same.
 */
export function skinDistance(parts: readonly SkinPart[], p: Vec3): number {
  let least = Infinity;
  for (const part of parts) {
    const far2 = boxDistance2(partBox(part), p);
    if (far2 > 0 && (least <= 0 || far2 >= least * least)) continue;
    least = Math.min(least, partDistance(part, p));
  }
  return least;
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
