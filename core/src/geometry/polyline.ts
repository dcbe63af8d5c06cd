import { add, distance, lerp, scale, sub, unit, type Vec3 } from './vec3.ts';

/** Length in mm of a polyline through the points. */
export function polylineLength(points: readonly Vec3[]): number {
  return points.slice(1).reduce((sum, p, i) => sum + distance(points[i] as Vec3, p), 0);
}

/** Points along a polyline no further apart than `stepMm`, corners kept. */
export function sampled(points: readonly Vec3[], stepMm: number): readonly Vec3[] {
  const out: Vec3[] = points.slice(0, 1);
  points.slice(1).forEach((to, i) => {
    const from = points[i] as Vec3;
    const n = Math.max(1, Math.ceil(distance(from, to) / stepMm));
    for (let k = 1; k <= n; k++) out.push(lerp(from, to, k / n));
  });
  return out;
}

/** The mean of some points; the origin where there are none. */
export function centroid(points: readonly Vec3[]): Vec3 {
  if (points.length === 0) return [0, 0, 0];
  return scale(points.reduce(add), 1 / points.length);
}

/** Unit directions of the legs between consecutive points. */
export function legDirections(points: readonly Vec3[]): readonly Vec3[] {
  return points.slice(1).map((p, i) => unit(sub(p, points[i] as Vec3)));
}
