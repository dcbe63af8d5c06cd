import { add, scale, type Vec3 } from '../geometry/vec3.ts';
import type { SkinPart } from './skin.ts';
import { skinDistance } from './surfaceDistance.ts';

/** Steps of a march are at least this share of the body, so that it ends. */
const LEAST_STEP = 1e-5;

/**
 * How far the skin is from a point inside it, in a direction: a march by the depth below the skin, and where a
 * step went out of it, its place by bisection. 0 outside.
 */
export function skinReach(
  parts: readonly SkinPart[],
  from: Vec3,
  direction: Vec3,
  farMm: number,
): number {
  const depthAt = (reach: number): number =>
    -skinDistance(parts, add(from, scale(direction, reach)));
  let [inside, reach] = [0, 0];
  while (reach < farMm) {
    const depth = depthAt(reach);
    if (depth <= 0) break;
    inside = reach;
    reach += Math.max(depth, farMm * LEAST_STEP);
  }
  while (reach - inside > farMm * LEAST_STEP * LEAST_STEP) {
    const middle = (inside + reach) / 2;
    if (middle === inside || middle === reach) break;
    if (depthAt(middle) > 0) inside = middle;
    else reach = middle;
  }
  return inside;
}
