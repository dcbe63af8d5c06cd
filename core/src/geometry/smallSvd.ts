type Columns = readonly (readonly number[])[];

/** A = U·diag(σ)·Vᵀ of a small square matrix; U and V by columns, σ from the largest down. */
export interface SmallSvd {
  readonly u: Columns;
  readonly sigma: readonly number[];
  readonly v: Columns;
}

const ROUNDS = 60;
/** Columns are square to each other below this share of their lengths. */
const SQUARE = 1e-15;
/** A singular value below this share of the largest is none. */
const NONE = 1e-14;

const dotOf = (a: readonly number[], b: readonly number[]): number =>
  a.reduce((sum, x, i) => sum + x * b[i]!, 0);

/**
 * Singular value decomposition of a square matrix of a few rows by one-sided Jacobi rotations (M. R.
 * Hestenes, 1958): the columns of A are turned among themselves until they are square to each other.
 * Directions that A sends to nothing are completed to a whole set. `a` by rows.
 */
export function smallSvd(a: readonly (readonly number[])[]): SmallSvd {
  const n = a.length;
  const b = Array.from({ length: n }, (_, c) => a.map((row) => row[c]!));
  const v = Array.from({ length: n }, (_, c) => a.map((_, r) => (r === c ? 1 : 0)));
  for (let round = 0; round < ROUNDS; round++) {
    let worst = 0;
    for (let p = 0; p < n; p++)
      for (let q = p + 1; q < n; q++) {
        const [alpha, beta, gamma] = [
          dotOf(b[p]!, b[p]!),
          dotOf(b[q]!, b[q]!),
          dotOf(b[p]!, b[q]!),
        ];
        const size = Math.sqrt(alpha * beta);
        if (size === 0 || Math.abs(gamma) <= SQUARE * size) continue;
        worst = Math.max(worst, Math.abs(gamma) / size);
        const zeta = (beta - alpha) / (2 * gamma);
        const t = (zeta >= 0 ? 1 : -1) / (Math.abs(zeta) + Math.hypot(1, zeta));
        const c = 1 / Math.hypot(1, t);
        for (const set of [b, v]) {
          const [x, y] = [set[p]!, set[q]!];
          set[p] = x.map((value, i) => c * (value - t * y[i]!));
          set[q] = y.map((value, i) => c * (value + t * x[i]!));
        }
      }
    if (worst <= SQUARE) break;
  }
  const order = b
    .map((column, i) => ({ i, size: Math.hypot(...column) }))
    .toSorted((x, y) => y.size - x.size);
  const largest = order[0]?.size ?? 0;
  const u: number[][] = [];
  for (const { i, size } of order)
    u.push(size > NONE * largest ? b[i]!.map((value) => value / size) : completed(u, n));
  return { u, sigma: order.map(({ size }) => size), v: order.map(({ i }) => v[i]!) };
}

/** A unit column square to those there are. */
function completed(u: readonly (readonly number[])[], n: number): number[] {
  const tries = Array.from({ length: n }, (_, k) => {
    let column: number[] = Array.from({ length: n }, (_, r) => (r === k ? 1 : 0));
    for (const entry of u) {
      const along = dotOf(column, entry);
      column = column.map((value, i) => value - along * entry[i]!);
    }
    return column;
  });
  const best = tries.reduce((x, y) => (Math.hypot(...y) > Math.hypot(...x) ? y : x));
  const size = Math.hypot(...best);
  return best.map((value) => value / size);
}

/** Determinant of a square matrix of a few rows, by its first row. */
export function smallDeterminant(a: readonly (readonly number[])[]): number {
  if (a.length === 0) return 1;
  return a[0]!.reduce(
    (sum, value, c) =>
      sum +
      (c % 2 === 0 ? 1 : -1) *
        value *
        smallDeterminant(a.slice(1).map((row) => row.filter((_, k) => k !== c))),
    0,
  );
}
