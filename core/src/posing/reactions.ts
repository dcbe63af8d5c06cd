import { least } from '../geometry/extremes.ts';
import type { Point2 } from '../geometry/hull.ts';

/** What each contact carries, in the unit of the weight. */
export interface Reactions {
  /** With contacts that can also pull, as pegs do: equal springs under a rigid base. */
  readonly held: readonly number[];
  /** With contacts that only push: one that would pull lets go, and the others carry. */
  readonly loose: readonly number[];
}

const PULLS = -1e-9;

/**
 * Reactions of any number of supports: the least-squares solution of ΣRᵢ = W, ΣRᵢxᵢ = W·x, ΣRᵢyᵢ = W·y,
 * that is Aᵀ(AAᵀ)⁻¹b (equal springs, elastic foundation); three supports have no other. Two share by
 * the lever. Plan coordinates, mm.
 */
export function reactions(supports: readonly Point2[], centre: Point2, weight: number): Reactions {
  const held = shared(supports, centre, weight);
  let carrying = supports.map((_, i) => i);
  let now = held;
  // Each round lets the worst one go, so it ends after as many rounds as there are supports.
  while (carrying.length > 1 && least(now) < PULLS * weight) {
    const worst = now.indexOf(least(now));
    carrying = carrying.filter((_, i) => i !== worst);
    now = shared(
      carrying.map((i) => supports[i]!),
      centre,
      weight,
    );
  }
  const loose = supports.map(() => 0);
  carrying.forEach((i, k) => (loose[i] = now[k]!));
  return { held, loose };
}

/** Spread in a direction below this share of the other is none: the supports lie on a line. */
const FLAT = 1e-9;

/** Rᵢ = W/n + a·(xᵢ − x̄) + b·(yᵢ − ȳ), with (a, b) from the second moments of the supports. */
function shared(supports: readonly Point2[], centre: Point2, weight: number): readonly number[] {
  const n = supports.length;
  if (n === 0) return [];
  const mean = (k: 0 | 1): number => supports.reduce((sum, p) => sum + p[k], 0) / n;
  const [mx, my] = [mean(0), mean(1)];
  const moment = (j: 0 | 1, k: 0 | 1): number =>
    supports.reduce((sum, p) => sum + (p[j] - [mx, my][j]!) * (p[k] - [mx, my][k]!), 0);
  const [a, b] = leastSolution(moment(0, 0), moment(0, 1), moment(1, 1), [
    weight * (centre[0] - mx),
    weight * (centre[1] - my),
  ]);
  return supports.map((p) => weight / n + a * (p[0] - mx) + b * (p[1] - my));
}

/** The shortest solution of a symmetric system of two, by its axes; nothing along one that is flat. */
function leastSolution(xx: number, xy: number, yy: number, [u, v]: Point2): Point2 {
  const middle = (xx + yy) / 2;
  const off = Math.hypot((xx - yy) / 2, xy);
  const angle = Math.atan2(xy, (xx - yy) / 2) / 2;
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  const along = middle + off > 0 ? (c * u + s * v) / (middle + off) : 0;
  const across = middle - off > FLAT * (middle + off) ? (c * v - s * u) / (middle - off) : 0;
  return [c * along - s * across, s * along + c * across];
}
