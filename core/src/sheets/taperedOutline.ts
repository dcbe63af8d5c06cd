import type { PagePoint } from './drawing.ts';

/** Segments of a half circle; at model scale the error is under a hundredth of a millimetre. */
const HALF_SEGMENTS = 24;

/**
 * Outline of a round cone seen from afar: the hull of two circles, as a closed polygon, mm.
 * Orthographic projection of a sphere is a circle, and of their hull the hull of the circles.
 */
export function taperedOutline(
  a: PagePoint,
  radiusA: number,
  b: PagePoint,
  radiusB: number,
): readonly PagePoint[] {
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
  const d = Math.hypot(dx, dy);
  if (d <= Math.abs(radiusA - radiusB)) {
    return radiusA >= radiusB ? arc(a, radiusA, 0, 2 * Math.PI) : arc(b, radiusB, 0, 2 * Math.PI);
  }
  const heading = Math.atan2(dy, dx);
  const flank = Math.acos((radiusA - radiusB) / d);
  return [
    ...arc(a, radiusA, heading + flank, heading + 2 * Math.PI - flank),
    ...arc(b, radiusB, heading - flank, heading + flank),
  ];
}

function arc(centre: PagePoint, radius: number, from: number, to: number): readonly PagePoint[] {
  return Array.from({ length: HALF_SEGMENTS + 1 }, (_, i): PagePoint => {
    const angle = from + ((to - from) * i) / HALF_SEGMENTS;
    return [centre[0] + radius * Math.cos(angle), centre[1] + radius * Math.sin(angle)];
  });
}
