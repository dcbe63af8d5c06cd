import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { monotoneCubic } from './monotoneCubic.ts';

describe('monotoneCubic', () => {
  const points = fc
    .array(
      fc.tuple(
        fc.double({ min: 0.2, max: 5, noNaN: true }),
        fc.double({ min: -9, max: 9, noNaN: true }),
      ),
      { minLength: 2, maxLength: 7 },
    )
    .map((steps) => {
      let x = 0;
      return steps.map(([dx, y]) => [(x += dx), y] as const);
    });

  it('goes through its points and never beyond the two beside it', () => {
    fc.assert(
      fc.property(points, (list) => {
        const curve = monotoneCubic(
          list.map(([x]) => x),
          list.map(([, y]) => y),
        );
        for (const [x, y] of list) expect(curve(x)).toBeCloseTo(y, 9);
        list.slice(1).forEach(([x1, y1], i) => {
          const [x0, y0] = list[i]!;
          for (const t of [0.1, 0.3, 0.5, 0.7, 0.9]) {
            const y = curve(x0 + (x1 - x0) * t);
            expect(y).toBeGreaterThanOrEqual(Math.min(y0, y1) - 1e-9);
            expect(y).toBeLessThanOrEqual(Math.max(y0, y1) + 1e-9);
          }
        });
      }),
      { seed: 80, numRuns: 100 },
    );
  });

  it('is a straight line through points of one, and level beyond its ends', () => {
    const line = monotoneCubic([0, 1, 4], [2, 4, 10]);
    for (const x of [0, 0.4, 1, 2.5, 4]) expect(line(x)).toBeCloseTo(2 + 2 * x, 9);
    expect(line(-3)).toBe(2);
    expect(line(9)).toBe(10);
  });
});
