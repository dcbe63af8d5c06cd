import { insideLoop } from '../../geometry/contours.ts';
import { toPolyline } from '../../markings/lineFields.ts';
import type { PagePoint } from '../drawing.ts';

/** Steps of the grid on which the place is looked for. */
const STEPS = 18;

/**
 * The place in some outlines, holes and all, and in none of the areas that lie over them, that is farthest from every
 * edge, and how far; undefined where there is none.
 */
export function innermost(
  loops: readonly (readonly PagePoint[])[],
  over: readonly (readonly (readonly PagePoint[])[])[] = [],
): { readonly at: PagePoint; readonly free: number } | undefined {
  const all = loops.flat();
  if (all.length < 3) return undefined;
  const [xs, ys] = [all.map(([x]) => x), all.map(([, y]) => y)];
  const low = (of: readonly number[]): number => of.reduce((a, b) => Math.min(a, b));
  const high = (of: readonly number[]): number => of.reduce((a, b) => Math.max(a, b));
  const [x0, y0, wide, tall] = [low(xs), low(ys), high(xs) - low(xs), high(ys) - low(ys)];
  const edges = [...loops, ...over.flat()];
  let best: { at: PagePoint; free: number } | undefined;
  for (let i = 0; i < STEPS; i++)
    for (let j = 0; j < STEPS; j++) {
      const at: PagePoint = [x0 + ((i + 0.5) * wide) / STEPS, y0 + ((j + 0.5) * tall) / STEPS];
      if (!isIn(loops, at) || over.some((area) => isIn(area, at))) continue;
      const free = freeOf(at, edges, best?.free ?? -1);
      if (free !== undefined) best = { at, free };
    }
  return best;
}

/** How far a place is from every edge; undefined where that is no more than `least`. */
function freeOf(
  at: PagePoint,
  edges: readonly (readonly PagePoint[])[],
  least: number,
): number | undefined {
  let free = Infinity;
  for (const loop of edges) {
    free = Math.min(free, toPolyline(at, loop, true));
    if (free <= least) return undefined;
  }
  return free;
}

/** Whether a place lies in outlines with their holes. */
const isIn = (loops: readonly (readonly PagePoint[])[], at: PagePoint): boolean =>
  loops.reduce((is, loop) => is !== insideLoop(loop, at), false);
