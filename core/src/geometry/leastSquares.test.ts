import { Matrix, solve } from 'ml-matrix';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { leastSquares } from './leastSquares.ts';

const entry = fc.integer({ min: -50, max: 50 });

describe('leastSquares', () => {
  it('answers as the reference library does, for any system with one answer', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(entry, entry), { minLength: 4, maxLength: 12 }),
        fc.array(entry, { minLength: 12, maxLength: 12 }),
        (pairs, values) => {
          const rows = pairs.map(([x, y]) => [1, x, y]);
          const b = values.slice(0, rows.length);
          const wanted = solve(new Matrix(rows), Matrix.columnVector(b), true).to1DArray();
          const left = (answer: readonly number[]): number =>
            Math.hypot(
              ...rows.map((row, i) => row.reduce((s, v, k) => s + v * answer[k]!, -b[i]!)),
            );
          // The answer itself may be loose where the points nearly lie on a line; what is left is not.
          const got = leastSquares(rows, b);
          expect(left(got)).toBeLessThanOrEqual(left(wanted) + 1e-4 * (1 + left(wanted)));
        },
      ),
      { seed: 7, numRuns: 200 },
    );
  });

  it('takes the shortest of many answers', () => {
    const [x, y] = leastSquares([[1, 1]], [2]) as [number, number];
    expect(x).toBeCloseTo(1, 5);
    expect(y).toBeCloseTo(1, 5);
  });

  it('is nothing without unknowns', () => {
    expect(leastSquares([], [])).toEqual([]);
  });
});
