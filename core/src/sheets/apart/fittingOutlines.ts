import type { FittingSize } from '../../fittings/fittingSizes.ts';
import { greatest, least } from '../../geometry/extremes.ts';
import type { PagePoint } from '../drawing.ts';

/** An outline on paper, mm from its lower left, and how wide and high it is. */
export interface Outline {
  readonly points: readonly PagePoint[];
  readonly wide: number;
  readonly high: number;
}

/** An outline moved so that its lower left is the origin. */
export function placed(points: readonly PagePoint[]): Outline {
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  const [left, low] = [least(xs), least(ys)];
  return {
    points: points.map(([x, y]) => [x - left, y - low]),
    wide: greatest(xs) - left,
    high: greatest(ys) - low,
  };
}

/** The way along a profile at one of its points, unit. */
function wayAt({ profile }: FittingSize, i: number): PagePoint {
  const [a, b] = [profile[Math.max(0, i - 1)]!, profile[Math.min(profile.length - 1, i + 1)]!];
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const long = Math.hypot(dx, dy) || 1;
  return [dx / long, dy / long];
}

/** The edge of a part on one side of its axis, seen square to its plane, from root to tip; mm, its root at the origin. */
export const edgeOf = (size: FittingSize, side: 1 | -1): readonly PagePoint[] =>
  size.profile.map(({ x, y, half }, i): PagePoint => {
    const [dx, dy] = wayAt(size, i);
    return [x - side * half * dy, y + side * half * dx];
  });

/** A part from its side, square to the plane that it bends in. */
export const sideOutline = (size: FittingSize): Outline =>
  placed([...edgeOf(size, 1), ...edgeOf(size, -1).toReversed()]);

/** A part from its front, unrolled along its length. */
export function frontOutline({ profile }: FittingSize): Outline {
  let long = 0;
  const at = profile.map(({ x, y, wide }, i): readonly [long: number, wide: number] => {
    if (i > 0) long += Math.hypot(x - profile[i - 1]!.x, y - profile[i - 1]!.y);
    return [long, wide];
  });
  return placed([
    ...at.map(([s, wide]): PagePoint => [wide, s]),
    ...at.map(([s, wide]): PagePoint => [-wide, s]).toReversed(),
  ]);
}

/** The same outline as in a mirror, for the other side of the animal. */
export const mirroredOutline = ({ points, wide, high }: Outline): Outline => ({
  points: points.map(([x, y]) => [wide - x, y]),
  ...{ wide, high },
});
