import { Matrix, pseudoInverse } from 'ml-matrix';

/**
 * The x of least |Ax − b|², and among equals the shortest (R. Penrose, 1955). `rows` are those of A.
 */
export function leastSquares(
  rows: readonly (readonly number[])[],
  b: readonly number[],
): readonly number[] {
  if ((rows[0]?.length ?? 0) === 0) return [];
  const inverse = pseudoInverse(new Matrix(rows.map((row) => [...row])));
  return inverse.mmul(Matrix.columnVector([...b])).to1DArray();
}
