import type { Point2 } from './hull.ts';

/** Sides of a square cell: bottom, right, top, left; each between two corners of it. */
const CORNERS = [
  [0, 0],
  [1, 0],
  [1, 1],
  [0, 1],
] as const;

/**
 * Closed outlines of where values on a grid are negative, in cells (x right, y up), anticlockwise
 * round what is inside. Marching squares with linear places on the edges; a saddle is cut as the mean
 * of its corners says. The border counts as outside.
 */
export function contourLoops(
  values: ArrayLike<number>,
  nx: number,
  ny: number,
): readonly (readonly Point2[])[] {
  const at = (i: number, j: number): number =>
    i < 0 || j < 0 || i >= nx || j >= ny ? Infinity : values[i + nx * j]!;
  // From each edge the outline enters a square by, to the edge it leaves by.
  const next = new Map<number, number>();
  const places = new Map<number, Point2>();
  const wide = nx + 2;
  /** One number for each edge of the grid, with one cell of border. */
  const edgeKey = (i: number, j: number, side: number): number => {
    const [x, y, upright] =
      side === 0 ? [i, j, 0] : side === 1 ? [i + 1, j, 1] : side === 2 ? [i, j + 1, 0] : [i, j, 1];
    return 2 * (x + 1 + wide * (y + 1)) + upright;
  };
  // Which corners are inside, with one of border, so that most squares are passed over at a glance.
  const inside = new Uint8Array(wide * (ny + 2));
  for (let j = 0; j < ny; j++)
    for (let i = 0; i < nx; i++) if (values[i + nx * j]! < 0) inside[i + 1 + wide * (j + 1)] = 1;
  for (let j = -1; j < ny; j++)
    for (let i = -1; i < nx; i++) {
      const low = i + 1 + wide * (j + 1);
      const high = low + wide;
      const code =
        inside[low]! | (inside[low + 1]! << 1) | (inside[high + 1]! << 2) | (inside[high]! << 3);
      if (code === 0 || code === 15) continue;
      const v = CORNERS.map(([dx, dy]) => at(i + dx, j + dy));
      for (const [from, to] of crossings(code, v)) {
        for (const side of [from, to]) {
          const key = edgeKey(i, j, side);
          if (!places.has(key)) places.set(key, placeOn(i, j, side, v));
        }
        next.set(edgeKey(i, j, from), edgeKey(i, j, to));
      }
    }
  const loops: Point2[][] = [];
  while (next.size > 0) {
    const loop: Point2[] = [];
    let key = next.keys().next().value as number;
    while (next.has(key)) {
      loop.push(places.get(key)!);
      const to = next.get(key)!;
      next.delete(key);
      key = to;
    }
    loops.push(loop);
  }
  return loops;
}

/** The place on a side of a square where the value is zero. */
function placeOn(i: number, j: number, side: number, v: readonly number[]): Point2 {
  const [a, b] = [v[side]!, v[(side + 1) % 4]!];
  // Unknown values lie far outside: the outline then stands beside the inner corner.
  const t = a === Infinity ? 1 : b === Infinity ? 0 : a / (a - b);
  const [from, to] = [CORNERS[side]!, CORNERS[(side + 1) % 4]!];
  return [i + from[0] + (to[0] - from[0]) * t, j + from[1] + (to[1] - from[1]) * t];
}

/** Ways through a square: sides where the outline comes in and goes out, the inside on its left. */
function crossings(code: number, v: readonly number[]): readonly (readonly [number, number])[] {
  // Going round the corners anticlockwise, the outline comes in where inside begins to end.
  const inside = (n: number): boolean => (code & (1 << (n % 4))) !== 0;
  const ends = [0, 1, 2, 3].filter((n) => inside(n) && !inside(n + 1));
  const begins = [0, 1, 2, 3].filter((n) => !inside(n) && inside(n + 1));
  if (ends.length === 1) return [[ends[0]!, begins[0]!]];
  const joined = v.reduce((sum, value) => sum + value, 0) < 0;
  // A saddle: the two inside corners are one piece, or two.
  return ends.map((end) => [end, (end + (joined ? 1 : 3)) % 4] as const);
}

/** Area of a closed outline, positive anticlockwise, squared units of its points. */
export const loopArea = (loop: readonly Point2[]): number =>
  loop.reduce((sum, [x, y], i) => {
    const [u, v] = loop[(i + 1) % loop.length]!;
    return sum + (x * v - u * y) / 2;
  }, 0);

/** Length of a closed outline. */
export const loopLength = (loop: readonly Point2[]): number =>
  loop.reduce((sum, [x, y], i) => {
    const [u, v] = loop[(i + 1) % loop.length]!;
    return sum + Math.hypot(u - x, v - y);
  }, 0);

/** Whether a point lies inside a closed outline (even–odd rule). */
export function insideLoop(loop: readonly Point2[], [x, y]: Point2): boolean {
  let inside = false;
  loop.forEach(([u, v], i) => {
    const [s, t] = loop[(i + 1) % loop.length]!;
    if (v > y !== t > y && x < u + ((y - v) / (t - v)) * (s - u)) inside = !inside;
  });
  return inside;
}
