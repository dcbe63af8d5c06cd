import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { carlsonRD, carlsonRF, carlsonRG } from './carlson.ts';
import { inverse3, times, type Matrix3 } from './matrix3.ts';

const entry = fc.double({ min: -5, max: 5, noNaN: true });
const triple = fc.tuple(entry, entry, entry);

describe('inverse3', () => {
  it('undoes a well conditioned matrix', () => {
    fc.assert(
      fc.property(triple, triple, triple, triple, (a, b, c, v) => {
        // A heavy diagonal keeps the matrix far from singular.
        const m: Matrix3 = [
          [a[0] + 20, a[1], a[2]],
          [b[0], b[1] + 20, b[2]],
          [c[0], c[1], c[2] + 20],
        ];
        times(inverse3(m), times(m, v)).forEach((x, i) => expect(x).toBeCloseTo(v[i]!, 9));
      }),
      { seed: 12, numRuns: 100 },
    );
  });
});

describe('Carlson’s integrals', () => {
  const positive = fc.double({ min: 0.05, max: 50, noNaN: true });

  it('do not mind the order of their symmetric arguments, and scale as they should', () => {
    fc.assert(
      fc.property(positive, positive, positive, positive, (x, y, z, k) => {
        expect(carlsonRF(x, y, z)).toBeCloseTo(carlsonRF(z, x, y), 10);
        expect(carlsonRG(x, y, z)).toBeCloseTo(carlsonRG(y, z, x), 10);
        expect(carlsonRF(k * x, k * y, k * z)).toBeCloseTo(carlsonRF(x, y, z) / Math.sqrt(k), 9);
        expect(carlsonRG(k * x, k * y, k * z) / carlsonRG(x, y, z)).toBeCloseTo(Math.sqrt(k), 9);
      }),
      { seed: 7, numRuns: 100 },
    );
  });

  // K(k) = R_F(0, 1 − k², 1) and E(k) = K − k²R_D/3; values of Abramowitz & Stegun, table 17.1,
  // for m = k² = 0.5, from memory.
  it('give the complete elliptic integrals', () => {
    const [k, m] = [carlsonRF(0, 0.5, 1), 0.5];
    expect(k).toBeCloseTo(1.8540746773, 9);
    expect(k - (m * carlsonRD(0, 0.5, 1)) / 3).toBeCloseTo(1.350643881, 9);
    expect(2 * carlsonRG(0, 0.5, 1)).toBeCloseTo(1.350643881, 9);
  });
});
