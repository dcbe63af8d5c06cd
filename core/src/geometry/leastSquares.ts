/** Keeps a system without a single answer near to its smallest one, as a share of its size. */
const RIDGE = 1e-12;

/**
 * The x of least |Ax − b|², and among equals the shortest: the normal equations AᵀA x = Aᵀb with a
 * trace of Tikhonov's ridge, by elimination with pivots. For few unknowns. `rows` are those of A.
 */
export function leastSquares(
  rows: readonly (readonly number[])[],
  b: readonly number[],
): readonly number[] {
  const n = rows[0]?.length ?? 0;
  const normal = Array.from({ length: n }, (_, i) => [
    ...Array.from({ length: n }, (_, j) => rows.reduce((sum, row) => sum + row[i]! * row[j]!, 0)),
    rows.reduce((sum, row, r) => sum + row[i]! * b[r]!, 0),
  ]);
  const size = normal.reduce((sum, row, i) => sum + row[i]!, 0) / Math.max(1, n);
  normal.forEach((row, i) => (row[i]! += RIDGE * size));
  for (let c = 0; c < n; c++) {
    let pivot = c;
    for (let r = c + 1; r < n; r++)
      if (Math.abs(normal[r]![c]!) > Math.abs(normal[pivot]![c]!)) pivot = r;
    [normal[c], normal[pivot]] = [normal[pivot]!, normal[c]!];
    const lead = normal[c]!;
    if (lead[c] === 0) continue;
    for (let r = 0; r < n; r++) {
      if (r === c) continue;
      const factor = normal[r]![c]! / lead[c]!;
      for (let k = c; k <= n; k++) normal[r]![k]! -= factor * lead[k]!;
    }
  }
  return normal.map((row, i) => (row[i] === 0 ? 0 : row[n]! / row[i]!));
}
