import { determinant, Matrix, SVD } from 'ml-matrix';

/** A similarity: y = s·R·x + t, with the misses that it leaves. */
export interface Alignment {
  readonly scale: number;
  /** Rotation, rows first; its determinant is +1, so nothing is mirrored. */
  readonly rotation: readonly (readonly number[])[];
  readonly shift: readonly number[];
  /** y − (s·R·x + t) of every point. */
  readonly residuals: readonly (readonly number[])[];
  readonly meanSquare: number;
  readonly rms: number;
}

/**
 * The similarity that lays points x upon points y with the least mean square miss, in two or three
 * dimensions, without mirroring (S. Umeyama, IEEE PAMI 13, 1991). Throws where the lists differ in
 * length or all of x is one point, as no scale is best then.
 */
export function alignPoints(
  x: readonly (readonly number[])[],
  y: readonly (readonly number[])[],
): Alignment {
  const n = x.length;
  if (n === 0 || n !== y.length) throw new Error(`${n} points cannot lie upon ${y.length}`);
  const mx = centroid(x);
  const my = centroid(y);
  const spread = x.reduce((sum, p) => sum + p.reduce((s, v, k) => s + (v - mx[k]!) ** 2, 0), 0) / n;
  if (!(spread > 0)) throw new Error('points that are all one give no scale');
  const covariance = mx.map((_, r) =>
    mx.map((_, c) => x.reduce((sum, p, i) => sum + (y[i]![r]! - my[r]!) * (p[c]! - mx[c]!), 0) / n),
  );
  const {
    leftSingularVectors: u,
    diagonal: sigma,
    rightSingularVectors: v,
  } = new SVD(new Matrix(covariance));
  const flip = determinant(u) * determinant(v) < 0 ? -1 : 1;
  const signs = sigma.map((_, k) => (k === sigma.length - 1 ? flip : 1));
  const rotation = u.mmul(Matrix.diag(signs)).mmul(v.transpose()).to2DArray();
  const scale = sigma.reduce((sum, d, k) => sum + d * signs[k]!, 0) / spread;
  const turned = (p: readonly number[]): readonly number[] =>
    rotation.map((row) => row.reduce((sum, r, k) => sum + r * p[k]!, 0));
  const shift = turned(mx).map((value, k) => my[k]! - scale * value);
  const residuals = x.map((p, i) =>
    turned(p).map((value, k) => y[i]![k]! - (scale * value + shift[k]!)),
  );
  const meanSquare = residuals.reduce((sum, r) => sum + r.reduce((s, v) => s + v * v, 0), 0) / n;
  return { scale, rotation, shift, residuals, meanSquare, rms: Math.sqrt(meanSquare) };
}

const centroid = (points: readonly (readonly number[])[]): readonly number[] =>
  (points[0] ?? []).map((_, k) => points.reduce((sum, p) => sum + p[k]!, 0) / points.length);
