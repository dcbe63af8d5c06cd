import fc from 'fast-check';
import { determinant, Matrix, SVD } from 'ml-matrix';
import { describe, expect, it } from 'vitest';
import { smallDeterminant, smallSvd } from './smallSvd.ts';

const entry = fc.integer({ min: -90, max: 90 }).map((tenths) => tenths / 10);
const square = (n: number) =>
  fc.array(fc.array(entry, { minLength: n, maxLength: n }), { minLength: n, maxLength: n });

describe.each([2, 3])('the decomposition of %i rows', (n) => {
  it('has the singular values of the reference library, and makes the matrix again', () => {
    fc.assert(
      fc.property(square(n), (a) => {
        const { u, sigma, v } = smallSvd(a);
        const wanted = new SVD(new Matrix(a)).diagonal;
        sigma.forEach((value, i) => expect(value).toBeCloseTo(wanted[i]!, 9));
        a.forEach((row, r) =>
          row.forEach((value, c) =>
            expect(sigma.reduce((sum, s, k) => sum + u[k]![r]! * s * v[k]![c]!, 0)).toBeCloseTo(
              value,
              8,
            ),
          ),
        );
        for (const set of [u, v])
          set.forEach((entry, i) =>
            set.forEach((other, j) =>
              expect(entry.reduce((sum, x, k) => sum + x * other[k]!, 0)).toBeCloseTo(
                i === j ? 1 : 0,
                7,
              ),
            ),
          );
      }),
      { seed: 5, numRuns: 200 },
    );
  });

  it('has the determinant of the reference library', () => {
    fc.assert(
      fc.property(square(n), (a) => {
        expect(smallDeterminant(a)).toBeCloseTo(determinant(new Matrix(a)), 6);
      }),
      { seed: 5, numRuns: 100 },
    );
  });
});

describe('a matrix that sends a direction to nothing', () => {
  it('still has whole sets of directions', () => {
    const { u, sigma } = smallSvd([
      [1, 2, 3],
      [2, 4, 6],
      [0, 0, 0],
    ]);
    expect(sigma[1]).toBeCloseTo(0, 12);
    expect(Math.abs(smallDeterminant(u))).toBeCloseTo(1, 9);
  });
});
