import type { Point2 } from '../geometry/hull.ts';
import { reactions } from './reactions.ts';

/**
 * Shares of a weight on supports, in plan, mm: all of it on one; on two by the lever along the line
 * between them, held to 0 to 1, for a peg takes the rest as a moment; on three and more the least
 * solution of forces and moments together, which pegs may also hold down.
 */
export function forceShares(supports: readonly Point2[], centre: Point2): readonly number[] {
  if (supports.length === 2) {
    const [[ax, ay], [bx, by]] = supports as readonly [Point2, Point2];
    const [dx, dy] = [bx - ax, by - ay];
    const long2 = dx * dx + dy * dy;
    const t = long2 === 0 ? 0.5 : ((centre[0] - ax) * dx + (centre[1] - ay) * dy) / long2;
    const second = Math.min(1, Math.max(0, t));
    return [1 - second, second];
  }
  return reactions(supports, centre, 1).held;
}

/**
 * Shares of the moment that remains, by the stiffness of what holds each support (N·mm/rad, EI/L of a
 * wire; 0 for a bare contact; null where nobody knows, then all that hold are alike).
 */
export function momentShares(stiffness: readonly (number | null)[]): readonly number[] {
  const known = stiffness.includes(null)
    ? stiffness.map((k) => (k === 0 ? 0 : 1))
    : stiffness.map((k) => k ?? 0);
  const sum = known.reduce((total, k) => total + k, 0);
  return known.map((k) => (sum === 0 ? 0 : k / sum));
}
