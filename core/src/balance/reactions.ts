import { Matrix, pseudoInverse } from 'ml-matrix';
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
  while (carrying.length > 1 && Math.min(...now) < PULLS * weight) {
    const worst = now.indexOf(Math.min(...now));
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

function shared(supports: readonly Point2[], centre: Point2, weight: number): readonly number[] {
  if (supports.length === 0) return [];
  // About the middle of the supports, so that the three rows are of one size.
  const mean = [0, 1].map((k) => supports.reduce((s, p) => s + p[k as 0], 0) / supports.length);
  const spread = Math.max(1, ...supports.map((p) => Math.hypot(p[0] - mean[0]!, p[1] - mean[1]!)));
  const row = (k: 0 | 1): number[] => supports.map((p) => (p[k] - mean[k]!) / spread);
  const a = new Matrix([supports.map(() => 1), row(0), row(1)]);
  const b = Matrix.columnVector([
    weight,
    (weight * (centre[0] - mean[0]!)) / spread,
    (weight * (centre[1] - mean[1]!)) / spread,
  ]);
  return pseudoInverse(a).mmul(b).to1DArray();
}
