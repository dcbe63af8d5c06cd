import type { Point2 } from '../geometry/hull.ts';

/** Steps between corners of pixels, collected one by one and then followed as lines. */
export interface CornerSteps {
  readonly wide: number;
  /** From the corner right of and above pixel (i, j) − (1, 1), numbered i + wide·j, to its neighbours. */
  readonly next: Map<number, number[]>;
}

export const cornerSteps = (wide: number): CornerSteps => ({ wide: wide + 1, next: new Map() });

/** Adds the border between a pixel and the one to its right, or above it. */
export function addBorder(steps: CornerSteps, i: number, j: number, side: 'right' | 'above'): void {
  const corner = (x: number, y: number): number => x + steps.wide * y;
  const [from, to] =
    side === 'right'
      ? [corner(i + 1, j), corner(i + 1, j + 1)]
      : [corner(i, j + 1), corner(i + 1, j + 1)];
  link(steps, from, to);
  link(steps, to, from);
}

function link({ next }: CornerSteps, from: number, to: number): void {
  const known = next.get(from);
  if (known === undefined) next.set(from, [to]);
  else known.push(to);
}

/**
 * The lines that steps make, in pixels with the centres of pixels at whole numbers: from ends and forks first,
 * then the rings that are left. Lines of fewer steps than `least` are left out.
 */
export function followed(steps: CornerSteps, least: number): readonly (readonly Point2[])[] {
  const { next, wide } = steps;
  const used = new Set<number>();
  // A step goes to the right or up from its lower corner.
  const name = (a: number, b: number): number =>
    2 * Math.min(a, b) + (Math.abs(a - b) === 1 ? 0 : 1);
  const lines: Point2[][] = [];
  const pointOf = (corner: number): Point2 => [
    (corner % wide) - 0.5,
    Math.floor(corner / wide) - 0.5,
  ];
  const follow = (from: number, first: number): void => {
    if (used.has(name(from, first))) return;
    const line = [from, first];
    used.add(name(from, first));
    for (;;) {
      const here = line.at(-1)!;
      const ways = next.get(here)!;
      if (ways.length !== 2) break;
      const on = ways.find((to) => !used.has(name(here, to)));
      if (on === undefined) break;
      used.add(name(here, on));
      line.push(on);
    }
    if (line.length > least) lines.push(line.map(pointOf));
  };
  for (const [corner, ways] of next)
    if (ways.length !== 2) for (const to of ways) follow(corner, to);
  for (const [corner, ways] of next) for (const to of ways) follow(corner, to);
  return lines;
}

/** A line made smooth: each point moved to the mean of itself and its neighbours, the ends of an open line kept. */
export function smoothed(line: readonly Point2[], passes: number): readonly Point2[] {
  const [first, last] = [line[0]!, line.at(-1)!];
  const ring = line.length > 3 && first[0] === last[0] && first[1] === last[1];
  let points = ring ? line.slice(0, -1) : line;
  for (let pass = 0; pass < passes; pass++)
    points = points.map((p, i): Point2 => {
      const before = points[i - 1] ?? (ring ? points.at(-1) : undefined);
      const after = points[i + 1] ?? (ring ? points[0] : undefined);
      if (before === undefined || after === undefined) return p;
      return [(before[0] + 2 * p[0] + after[0]) / 4, (before[1] + 2 * p[1] + after[1]) / 4];
    });
  return ring ? [...points, points[0]!] : points;
}

/**
 * A line with fewer points, none of the ones left out further off than `tolerance` (D. H. Douglas and
 * T. K. Peucker, Cartographica 10, 1973).
 */
export function simplified(line: readonly Point2[], tolerance: number): readonly Point2[] {
  if (line.length < 3) return line;
  const keep = new Uint8Array(line.length);
  keep[0] = keep[line.length - 1] = 1;
  const waiting: [number, number][] = [[0, line.length - 1]];
  for (let range = waiting.pop(); range !== undefined; range = waiting.pop()) {
    const [from, to] = range;
    let [far, at] = [tolerance, -1];
    for (let i = from + 1; i < to; i++) {
      const off = offLine(line[i]!, line[from]!, line[to]!);
      if (off > far) [far, at] = [off, i];
    }
    if (at < 0) continue;
    keep[at] = 1;
    waiting.push([from, at], [at, to]);
  }
  return line.filter((_, i) => keep[i] === 1);
}

/** How far a point is from the stretch between two others. */
export function offLine([x, y]: Point2, [ax, ay]: Point2, [bx, by]: Point2): number {
  const [dx, dy] = [bx - ax, by - ay];
  const long2 = dx * dx + dy * dy;
  const t = long2 > 0 ? Math.min(1, Math.max(0, ((x - ax) * dx + (y - ay) * dy) / long2)) : 0;
  return Math.hypot(x - ax - t * dx, y - ay - t * dy);
}
