import { describe, expect, it } from 'vitest';
import { greatest, least } from './extremes.ts';

describe('least and greatest', () => {
  it('take more numbers than a call can have', () => {
    const many = Float64Array.from({ length: 1_000_000 }, (_, i) => (i * 7919) % 1_000_003);
    expect(least(many)).toBe(0);
    expect(greatest(many)).toBeGreaterThan(999_000);
  });

  it('answer nothing with infinity, as Math does', () => {
    expect(least([])).toBe(Math.min());
    expect(greatest([])).toBe(Math.max());
    expect(greatest([1, NaN, 2])).toBeNaN();
  });
});
