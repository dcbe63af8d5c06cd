import { add, scale, type Vec3 } from '../geometry/vec3.ts';
import type { SkinPart } from './skin.ts';
import { skinDistance } from './surfaceDistance.ts';

/** Steps of a march are at least this share of the body, so that it ends. */
const LEAST_STEP = 1e-5;

/**
 * How far the skin is from a point inside it, in a direction: a march by the depth below the skin,
 * which never oversteps the first way out. 0 outside.
 */
export function skinReach(
  parts: readonly SkinPart[],
  from: Vec3,
  direction: Vec3,
  farMm: number,
): number {
  let reach = 0;
  while (reach < farMm) {
    const depth = -skinDistance(parts, add(from, scale(direction, reach)));
    if (depth <= 0) return reach;
    reach += Math.max(depth, farMm * LEAST_STEP);
  }
  return reach;
}
