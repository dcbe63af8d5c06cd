import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { within, zoomed } from './useSheetZoom.ts';

const WHOLE = { x: -20, y: 10, width: 400, height: 300 };

describe('a sheet that is zoomed', () => {
  it('keeps the place under the pointer where it was', () => {
    const part = zoomed(WHOLE, WHOLE, 2, [80, 100]);
    expect(part.width).toBe(200);
    expect((80 - part.x) / part.width).toBeCloseTo((80 - WHOLE.x) / WHOLE.width, 12);
    expect((100 - part.y) / part.height).toBeCloseTo((100 - WHOLE.y) / WHOLE.height, 12);
  });

  it('goes no nearer than eight times, and no farther than the whole', () => {
    expect(zoomed(WHOLE, WHOLE, 100, [0, 20]).width).toBe(50);
    expect(zoomed(WHOLE, WHOLE, 0.1, [0, 20])).toEqual(WHOLE);
  });

  it('is never moved beyond its edges, wherever it is pushed', () => {
    const at = fc.double({ min: -1e4, max: 1e4, noNaN: true });
    fc.assert(
      fc.property(at, at, fc.double({ min: 1, max: 8, noNaN: true }), (x, y, times) => {
        const part = within(WHOLE, { x, y, width: 400 / times, height: 300 / times });
        expect(part.x).toBeGreaterThanOrEqual(WHOLE.x);
        expect(part.y).toBeGreaterThanOrEqual(WHOLE.y);
        expect(part.x + part.width).toBeLessThanOrEqual(WHOLE.x + WHOLE.width + 1e-9);
        expect(part.y + part.height).toBeLessThanOrEqual(WHOLE.y + WHOLE.height + 1e-9);
      }),
      { seed: 16 },
    );
  });
});
