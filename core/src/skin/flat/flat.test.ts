import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  areaOf,
  developedBand,
  developedFrustum,
  onSheet,
  ribbonHelix,
  slantOf,
} from './developed.ts';
import { superellipseGirth } from './girth.ts';

const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('skin laid flat', () => {
  it('keeps every length of a frustum: along it, round it, and between any two places', () => {
    fc.assert(
      fc.property(mm(1, 60), mm(1, 60), mm(2, 90), mm(0, 1), mm(0, 1), (a, b, h, s, t) => {
        const flat = developedFrustum(a, b, h);
        expect(slantOf(flat)).toBeCloseTo(Math.hypot(h, b - a), 9);
        expect(areaOf(flat)).toBeCloseTo(Math.PI * (a + b) * Math.hypot(h, b - a), 6);
        // A hundredth of the way round, measured on the sheet and in space.
        const step = 1e-4;
        const [x0, y0] = onSheet(flat, s, t / 2);
        const [x1, y1] = onSheet(flat, s, t / 2 + step);
        const radius = a + (b - a) * s;
        expect(Math.hypot(x1 - x0, y1 - y0)).toBeCloseTo(2 * Math.PI * radius * step, 6);
        const [x2, y2] = onSheet(flat, Math.min(1, s + step), t / 2);
        const gone = Math.min(1, s + step) - s;
        expect(Math.hypot(x2 - x0, y2 - y0)).toBeCloseTo(gone * slantOf(flat), 6);
      }),
      { seed: 2 },
    );
  });

  it('lays a cylinder out as a rectangle, and the middle line of every piece straight', () => {
    const flat = developedFrustum(12, 12, 30);
    expect(flat).toEqual({ shape: 'rectangle', lengthMm: 2 * Math.PI * 12, widthMm: 30 });
    for (const piece of [flat, developedFrustum(12, 18, 30), developedFrustum(18, 12, 30)])
      for (const share of [0, 0.3, 1]) {
        const [x, y] = onSheet(piece, share, 0);
        expect(y).toBeCloseTo(0, 9);
        expect(x).toBeCloseTo(share * slantOf(piece), 9);
      }
  });

  it('cuts a band at each of its stations, and its area is that of the turned outline', () => {
    const stations = [
      [0, 4],
      [15, 9],
      [40, 9],
      [70, 3],
    ] as const;
    const pieces = developedBand(stations, 5, 50);
    expect(pieces.map(({ shape }) => shape)).toEqual(['sector', 'rectangle', 'sector']);
    let area = 0;
    for (let x = 5; x < 55; x += 0.001) {
      const at = (v: number): number => {
        const n = Math.max(
          1,
          stations.findIndex(([s]) => s >= v),
        );
        const [[x0, r0], [x1, r1]] = [stations[n - 1]!, stations[n]!];
        return r0 + ((r1 - r0) * (v - x0)) / (x1 - x0);
      };
      const [r, s] = [at(x), at(x + 0.001)];
      area += Math.PI * (r + s) * Math.hypot(0.001, s - r);
    }
    expect(pieces.reduce((sum, piece) => sum + areaOf(piece), 0)).toBeCloseTo(area, 1);
  });

  it('tells the girth of a superellipse as a polygon of many sides does', () => {
    fc.assert(
      fc.property(mm(1, 80), mm(1, 80), mm(1.6, 4), (a, b, n) => {
        let girth = 0;
        const at = (i: number): readonly [number, number] => {
          const t = (Math.PI / 2) * (i / 20_000);
          return [a * Math.cos(t) ** (2 / n), b * Math.sin(t) ** (2 / n)];
        };
        for (let i = 0; i < 20_000; i++) {
          const [[x0, y0], [x1, y1]] = [at(i), at(i + 1)];
          girth += 4 * Math.hypot(x1 - x0, y1 - y0);
        }
        expect(Math.abs(superellipseGirth(a, b, n) / girth - 1)).toBeLessThan(1e-4);
      }),
      { numRuns: 25, seed: 6 },
    );
  });

  it('winds a ribbon so that it covers what it goes round once', () => {
    fc.assert(
      fc.property(mm(3, 60), mm(0.5, 12), mm(5, 200), (r, w, long) => {
        const { lengthMm } = ribbonHelix(r, Math.min(w, 2 * Math.PI * r * 0.9), long);
        const wide = Math.min(w, 2 * Math.PI * r * 0.9);
        expect(lengthMm * wide).toBeCloseTo(2 * Math.PI * r * long, 4);
      }),
      { seed: 8 },
    );
  });
});
