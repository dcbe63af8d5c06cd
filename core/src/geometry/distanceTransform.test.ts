import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { distanceTransform } from './distanceTransform.ts';

/** The place of a cell on the axes of its grid, the first running fastest. */
function placeOf(index: number, cells: readonly number[], spacing: readonly number[]): number[] {
  let rest = index;
  return cells.map((count, axis) => {
    const at = rest % count;
    rest = (rest - at) / count;
    return at * spacing[axis]!;
  });
}

/** The plain twin: every cell against every other. */
function plain(f: readonly number[], cells: readonly number[], spacing: readonly number[]) {
  const places = f.map((_, i) => placeOf(i, cells, spacing));
  return places.map((p) =>
    Math.min(
      ...f.map((h, q) => h + p.reduce((sum, x, axis) => sum + (x - places[q]![axis]!) ** 2, 0)),
    ),
  );
}

const grids = fc
  .tuple(fc.integer({ min: 1, max: 3 }), fc.integer({ min: 1, max: 400 }))
  .chain(([axes]) =>
    fc.record({
      cells: fc.array(fc.integer({ min: 1, max: 7 }), { minLength: axes, maxLength: axes }),
      spacing: fc.array(fc.double({ min: 0.2, max: 3, noNaN: true }), {
        minLength: axes,
        maxLength: axes,
      }),
    }),
  )
  .chain(({ cells, spacing }) => {
    const total = cells.reduce((product, count) => product * count, 1);
    const height = fc.oneof(
      fc.constant(Infinity),
      fc.constant(0),
      fc.double({ min: -9, max: 9, noNaN: true }),
    );
    return fc.record({
      cells: fc.constant(cells),
      spacing: fc.constant(spacing),
      f: fc.array(height, { minLength: total, maxLength: total }),
    });
  });

describe('distanceTransform', () => {
  it('agrees with its plain twin in one, two and three dimensions, any spacing and heights', () => {
    fc.assert(
      fc.property(grids, ({ cells, spacing, f }) => {
        const got = distanceTransform(f, cells, spacing);
        plain(f, cells, spacing).forEach((wanted, p) => {
          if (wanted === Infinity) {
            expect(got.value[p]).toBe(Infinity);
            expect(got.seed[p]).toBe(-1);
            return;
          }
          expect(got.value[p]).toBeCloseTo(wanted, 9);
          const q = got.seed[p]!;
          const [a, b] = [placeOf(p, cells, spacing), placeOf(q, cells, spacing)];
          const d2 = a.reduce((sum, x, axis) => sum + (x - b[axis]!) ** 2, 0);
          expect(d2 + f[q]!).toBeCloseTo(wanted, 9);
        });
      }),
      { seed: 2012, numRuns: 200 },
    );
  });

  it('never changes by more than the way between two cells, and is 0 on the seeds alone', () => {
    const seeds = fc.array(fc.boolean(), { minLength: 64, maxLength: 64 });
    fc.assert(
      fc.property(seeds, (of) => {
        fc.pre(of.includes(true));
        const { value } = distanceTransform(
          of.map((seed) => (seed ? 0 : Infinity)),
          [8, 8],
        );
        value.forEach((d2, i) => {
          expect(d2 === 0).toBe(of[i]);
          if (i % 8 < 7)
            expect(Math.abs(Math.sqrt(d2) - Math.sqrt(value[i + 1]!))).toBeLessThanOrEqual(
              1 + 1e-12,
            );
        });
      }),
      { seed: 8, numRuns: 80 },
    );
  });
});
