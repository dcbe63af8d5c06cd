/** A point of the plan, seen from above: (x, z) of the animal's axes. */
export type Point2 = readonly [number, number];

const turnOf = (o: Point2, a: Point2, b: Point2): number =>
  (a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0]);

/**
 * Convex hull of plan points, counter-clockwise in the order (first, second) coordinate, starting
 * at the lowest first coordinate; collinear points are dropped. Fewer than three distinct points
 * come back as they are. Source: Andrew's monotone chain (1979).
 */
export function convexHull(points: readonly Point2[]): readonly Point2[] {
  const sorted = [...points]
    .sort((a, b) => a[0] - b[0] || a[1] - b[1])
    .filter((p, i, all) => i === 0 || p[0] !== all[i - 1]![0] || p[1] !== all[i - 1]![1]);
  if (sorted.length < 3) return sorted;
  const hull: Point2[] = [];
  const go = (p: Point2, from: number): void => {
    while (hull.length > from && turnOf(hull[hull.length - 2]!, hull[hull.length - 1]!, p) <= 0)
      hull.pop();
    hull.push(p);
  };
  for (const p of sorted) go(p, 1);
  // The way back over the upper side may not take away what the lower side found.
  const lower = hull.length;
  for (let i = sorted.length - 2; i >= 0; i--) go(sorted[i]!, lower);
  hull.pop();
  return hull;
}

/**
 * Signed distance in mm from a point to the line of each hull edge, positive inside; one number
 * per edge, edge i running from vertex i to vertex i + 1 of a counter-clockwise hull.
 */
export function edgeMargins(hull: readonly Point2[], point: Point2): readonly number[] {
  return hull.map((from, i) => {
    const to = hull[(i + 1) % hull.length] as Point2;
    return turnOf(from, to, point) / Math.hypot(to[0] - from[0], to[1] - from[1]);
  });
}

/** Distance in mm from a point to a segment of the plan. */
export function distanceToSegment(point: Point2, from: Point2, to: Point2): number {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const along = (point[0] - from[0]) * dx + (point[1] - from[1]) * dy;
  const t = Math.min(1, Math.max(0, along / (dx * dx + dy * dy || 1)));
  return Math.hypot(point[0] - from[0] - t * dx, point[1] - from[1] - t * dy);
}

/** An edge of a hull as a point sees it. */
export interface SeenEdge {
  /** Unit normal of the edge, away from the inside. */
  readonly outward: Point2;
  /** How far the point lies inside the edge's line, mm; negative outside. */
  readonly insideMm: number;
}

/** The edges of a counter-clockwise hull as seen from a point; none where it has no inside. */
export function edgesOf(hull: readonly Point2[], point: Point2): readonly SeenEdge[] {
  if (hull.length < 3) return [];
  const margins = edgeMargins(hull, point);
  return hull.map((from, i) => {
    const to = hull[(i + 1) % hull.length] as Point2;
    const long = Math.hypot(to[0] - from[0], to[1] - from[1]);
    return {
      outward: [(to[1] - from[1]) / long, -(to[0] - from[0]) / long],
      insideMm: margins[i]!,
    };
  });
}
