import { greatest, least } from '../geometry/extremes.ts';
import type { Relief } from '../surface/relief.ts';
import type { PagePoint } from './drawing.ts';

/** The longer side of the box round a relief, mm. */
export function extentOf({ outline }: Relief): number {
  const points = outline.flat();
  const side = (k: 0 | 1): number =>
    greatest(points.map((p) => p[k])) - least(points.map((p) => p[k]));
  return points.length === 0 ? 0 : Math.max(side(0), side(1));
}

/** Where a point of a relief lies that is some times as large, its lower left corner at the origin. */
export function enlargement({ outline }: Relief, times: number): (p: PagePoint) => PagePoint {
  const all = outline.flat();
  const [left, low] = [least(all.map(([x]) => x)), least(all.map(([, y]) => y))];
  return ([x, y]) => [(x - left) * times, (y - low) * times];
}

/** A relief some times as large. */
export function enlarged(relief: Relief, times: number): Relief {
  const larger = enlargement(relief, times);
  const line = (points: readonly PagePoint[]): readonly PagePoint[] => points.map(larger);
  return {
    ...relief,
    outline: relief.outline.map(line),
    inner: relief.inner.map(line),
    borders: relief.borders.map(line),
    hatching: relief.hatching.map(line),
    edges: relief.edges.map(line),
    zones: relief.zones.map(({ zone, loops }) => ({ zone, loops: loops.map(line) })),
    face: {
      lines: relief.face.lines.map(line),
      areas: relief.face.areas.map(({ hex, loop }) => ({ hex, loop: line(loop) })),
    },
  };
}
