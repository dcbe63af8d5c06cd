import type { Vec3 } from '../geometry/vec3.ts';
import { roundConeDistance, type RoundCone } from './roundCone.ts';

/**
 * Signed distance in mm from a point to the skin of a union of round cones: negative inside. Exact
 * outside; inside it is the depth below the nearest single cone's surface, never more than the true
 * depth, so that a cover read from it is on the safe side.
 */
export function skinDistance(cones: readonly RoundCone[], p: Vec3): number {
  return cones.reduce((least, cone) => Math.min(least, roundConeDistance(cone, p)), Infinity);
}

/** Height in mm of the skin straight above a point inside it, by bisection to a micrometre. */
export function skinAbove(cones: readonly RoundCone[], p: Vec3): number {
  if (skinDistance(cones, p) >= 0) return p[1];
  let low = p[1];
  let high = Math.max(...cones.flatMap((c) => [c.a[1] + c.radiusA, c.b[1] + c.radiusB]));
  while (high - low > 1e-3) {
    const mid = (low + high) / 2;
    if (skinDistance(cones, [p[0], mid, p[2]]) < 0) low = mid;
    else high = mid;
  }
  return (low + high) / 2;
}
