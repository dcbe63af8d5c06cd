import { add, distance, scale, sub, type Vec3 } from './vec3.ts';

/**
 * A point of the centripetal Catmull-Rom curve through points (C. Yuksel et al., Parameterization and
 * applications of Catmull-Rom curves, 2011), which makes neither loops nor cusps; between the span's points.
 */
export function curvePoint(points: readonly Vec3[], span: number, t: number): Vec3 {
  const [p1, p2] = [points[span]!, points[span + 1]!];
  const p0 = points[span - 1] ?? add(p1, sub(p1, p2));
  const p3 = points[span + 2] ?? add(p2, sub(p2, p1));
  const knot = (a: Vec3, b: Vec3): number => Math.sqrt(Math.max(distance(a, b), 1e-9));
  const [d01, d12, d23] = [knot(p0, p1), knot(p1, p2), knot(p2, p3)];
  const slope = (a: Vec3, b: Vec3, c: Vec3, ab: number, bc: number): Vec3 =>
    scale(
      add(sub(scale(sub(b, a), 1 / ab), scale(sub(c, a), 1 / (ab + bc))), scale(sub(c, b), 1 / bc)),
      d12,
    );
  const [m1, m2] = [slope(p0, p1, p2, d01, d12), slope(p1, p2, p3, d12, d23)];
  const [t2, t3] = [t * t, t * t * t];
  return add(
    add(scale(p1, 2 * t3 - 3 * t2 + 1), scale(m1, t3 - 2 * t2 + t)),
    add(scale(p2, 3 * t2 - 2 * t3), scale(m2, t3 - t2)),
  );
}

/**
 * A closed line through points with so many steps from each to the next: smooth, but where a point is a corner;
 * straight between two corners. The point n of those given is the point n · steps of the line.
 */
export function smoothLoop(
  points: readonly Vec3[],
  isCorner: (n: number) => boolean,
  steps: number,
): readonly Vec3[] {
  const many = points.length;
  const at = (n: number): Vec3 => points[(n + many) % many]!;
  return points.flatMap((point, n) => {
    const [first, last] = [isCorner(n), isCorner((n + 1) % many)];
    const around = [...(first ? [] : [at(n - 1)]), point, at(n + 1), ...(last ? [] : [at(n + 2)])];
    return Array.from({ length: steps }, (_, i) => curvePoint(around, first ? 0 : 1, i / steps));
  });
}
