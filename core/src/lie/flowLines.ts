import { greatestDivisor } from '../geometry/greatestDivisor.ts';
import type { Point2 } from '../geometry/hull.ts';
import { dot, type Vec3 } from '../geometry/vec3.ts';
import type { DepthBuffer } from '../surface/depthBuffer.ts';
import { hundredth } from '../surface/maskOutlines.ts';
import type { DrawnSkin } from '../surface/relief.ts';
import type { ViewFrame } from '../surface/reliefViews.ts';

/** A line along the lie as it is seen, root first, with the zone that it begins in. */
export interface FlowLine {
  readonly zone: number;
  readonly points: readonly Point2[];
}

/** Lines lie so far apart, in pixels, and begin no nearer than that; going on they may come as near as a share of it. */
const GAP = 9;
const NEARER = 0.55;
/** In gaps: shorter ones are left out, and longer ones end, so that the next begins where a coat spreads. */
const LONG = { least: 1.1, most: 5.5 } as const;
/** A way that points more at the viewer than this has no line. */
const LEAST_WAY = 0.12;
/** Points of a line, in pixels from one to the next. */
const STEP = 1;
/** Depth that jumps by so many cells is another part. */
const JUMP = 2.2;

/** Lines along the lie, evenly spread over what is seen (after B. Jobard and W. Lefer, 1997). */
export function flowLines(
  buffer: DepthBuffer,
  { mesh, zone, cellMm, apartFrom = Infinity }: DrawnSkin,
  ways: Float32Array,
  hasLie: readonly boolean[],
  { right, up }: ViewFrame,
): readonly FlowLine[] {
  const { wide, high, seen, near, low, pixelMm } = buffer;
  const taken = takenPoints(wide, high);
  const corner = (at: number): number => (seen[at]! < 0 ? -1 : mesh.indices[3 * seen[at]!]!);
  const wayAt = (at: number): readonly [number, number] | undefined => {
    const i = corner(at);
    if (i < 0 || i >= apartFrom || !hasLie[zone[i]!]) return undefined;
    const way: Vec3 = [ways[3 * i]!, ways[3 * i + 1]!, ways[3 * i + 2]!];
    const [dx, dy] = [dot(right, way), dot(up, way)];
    const size = Math.hypot(dx, dy);
    return size < LEAST_WAY ? undefined : [dx / size, dy / size];
  };
  const pixel = (x: number, y: number): number => Math.round(x) + wide * Math.round(y);
  /** Points from a place along the lie, or against it. */
  const gone = (x: number, y: number, sense: 1 | -1, most: number): [number, number][] => {
    const points: [number, number][] = [];
    let depth = near[pixel(x, y)]!;
    for (let n = 0; n < most; n++) {
      const way = wayAt(pixel(x, y));
      if (way === undefined) break;
      [x, y] = [x + sense * STEP * way[0], y + sense * STEP * way[1]];
      if (x < 1 || y < 1 || x > wide - 2 || y > high - 2) break;
      const now = near[pixel(x, y)]!;
      if (Math.abs(now - depth) > JUMP * cellMm || taken.isNear(x, y, NEARER * GAP)) break;
      depth = now;
      points.push([x, y]);
    }
    return points;
  };
  const lines: FlowLine[] = [];
  for (const [x, y] of seeds(wide, high)) {
    const at = pixel(x, y);
    if (wayAt(at) === undefined || taken.isNear(x, y, GAP)) continue;
    const half = (LONG.most * GAP) / (2 * STEP);
    const line = [...gone(x, y, -1, half).toReversed(), [x, y] as const, ...gone(x, y, 1, half)];
    if (line.length * STEP < LONG.least * GAP) continue;
    for (const [px, py] of line) taken.add(px, py);
    lines.push({
      zone: zone[corner(at)]!,
      points: line
        .filter((_, n) => n % 3 === 0 || n === line.length - 1)
        .map(([px, py]) => [hundredth(low[0] + px * pixelMm), hundredth(low[1] + py * pixelMm)]),
    });
  }
  return lines;
}

/** Where lines may begin: a lattice of half gaps, gone through in steps of the golden ratio. */
function* seeds(wide: number, high: number): Generator<readonly [number, number]> {
  const step = GAP / 2;
  const [columns, rows] = [Math.floor((wide - 2) / step), Math.floor((high - 2) / step)];
  const all = columns * rows;
  let stride = Math.max(1, Math.round(all * 0.618034));
  while (greatestDivisor(stride, all) > 1) stride++;
  for (let n = 0, k = 0; n < all; n++, k = (k + stride) % all)
    yield [1 + (k % columns) * step, 1 + Math.floor(k / columns) * step];
}

/** Points of lines that are there already, by cells as large as a gap. */
function takenPoints(wide: number, high: number) {
  const columns = Math.ceil(wide / GAP) + 1;
  const cells = new Map<number, [number, number][]>();
  const cell = (x: number, y: number): number =>
    Math.floor(x / GAP) + columns * Math.floor(y / GAP);
  return {
    add: (x: number, y: number): void => {
      const list = cells.get(cell(x, y));
      if (list === undefined) cells.set(cell(x, y), [[x, y]]);
      else list.push([x, y]);
    },
    isNear: (x: number, y: number, reach: number): boolean => {
      for (const dx of [-GAP, 0, GAP])
        for (const dy of [-GAP, 0, GAP]) {
          if (x + dx < 0 || x + dx > wide || y + dy < 0 || y + dy > high + GAP) continue;
          for (const [px, py] of cells.get(cell(x + dx, y + dy)) ?? [])
            if ((px - x) ** 2 + (py - y) ** 2 < reach * reach) return true;
        }
      return false;
    },
  };
}
