import { describe, expect, it } from 'vitest';
import { dayAfter, msPerPx } from './useBarDrag.ts';

const HOUR = 3_600_000;
const at = (moment: string): number => Date.parse(`${moment}:00Z`);

describe('a bar that is dragged to another day', () => {
  it('knows the scale of the chart from where its bars begin', () => {
    const bars = [
      { leftPx: 500, startMs: 48 * HOUR },
      { leftPx: 100, startMs: 0 },
      { leftPx: 300, startMs: 24 * HOUR },
    ];
    expect(msPerPx(bars)).toBeCloseTo((48 * HOUR) / 400, 6);
    expect(msPerPx(bars.slice(0, 1))).toBeNull();
    expect(msPerPx([])).toBeNull();
  });

  it('tells the day on which it then begins', () => {
    const start = at('2026-06-01T09:00');
    expect(dayAfter(start, 0)).toBe('2026-06-01');
    expect(dayAfter(start, 14 * HOUR)).toBe('2026-06-01');
    expect(dayAfter(start, 15.5 * HOUR)).toBe('2026-06-02');
    expect(dayAfter(start, -10 * HOUR)).toBe('2026-05-31');
    expect(dayAfter(at('2026-06-01T00:00'), 0)).toBe('2026-06-01');
  });
});
