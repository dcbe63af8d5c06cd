/**
 * Solves a small dense system A·x = b by Gaussian elimination with partial pivoting. `a` is square,
 * row by row. Returns undefined where the matrix is singular to within `epsilon` of its largest
 * entry.
 */
export function linearSolve(
  a: readonly (readonly number[])[],
  b: readonly number[],
  epsilon = 1e-12,
): number[] | undefined {
  const n = b.length;
  const m = a.map((row, i) => [...row, b[i] as number]);
  const largest = Math.max(...a.flat().map(Math.abs));
  for (let col = 0; col < n; col++) {
    let pivot = col;
    for (let r = col + 1; r < n; r++) {
      if (Math.abs(m[r]![col]!) > Math.abs(m[pivot]![col]!)) pivot = r;
    }
    if (Math.abs(m[pivot]![col]!) <= epsilon * largest) return undefined;
    [m[col], m[pivot]] = [m[pivot]!, m[col]!];
    for (let r = 0; r < n; r++) {
      if (r === col) continue;
      const factor = m[r]![col]! / m[col]![col]!;
      for (let k = col; k <= n; k++) m[r]![k]! -= factor * m[col]![k]!;
    }
  }
  return m.map((row, i) => row[n]! / row[i]!);
}
