import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { leastSquares } from './leastSquares.ts';

const entry = fc.integer({ min: -50, max: 50 });

describe('leastSquares', () => {
  // What is left is square to every column of A (the normal equations; any book on the subject).
  it('leaves what no change of the unknowns makes less', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(entry, entry), { minLength: 4, maxLength: 12 }),
        fc.array(entry, { minLength: 12, maxLength: 12 }),
        (pairs, values) => {
          const rows = pairs.map(([x, y]) => [1, x, y]);
          const got = leastSquares(rows, values.slice(0, rows.length));
          const left = rows.map((row, i) => row.reduce((s, v, k) => s + v * got[k]!, -values[i]!));
          for (const k of [0, 1, 2])
            expect(rows.reduce((sum, row, i) => sum + row[k]! * left[i]!, 0)).toBeCloseTo(0, 5);
        },
      ),
      { seed: 7, numRuns: 200 },
    );
  });

  it('takes the shortest of many answers', () => {
    const [x, y] = leastSquares([[1, 1]], [2]) as [number, number];
    expect(x).toBeCloseTo(1, 9);
    expect(y).toBeCloseTo(1, 9);
  });

  it('is nothing without unknowns', () => {
    expect(leastSquares([], [])).toEqual([]);
  });
});
