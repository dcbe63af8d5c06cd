import { describe, expect, it } from 'vitest';
import { ONE_READING_PLUS_MINUS_MM, readingsOf } from './readings.ts';

describe('repeated readings', () => {
  it('are nothing where there are none, and one stands for itself', () => {
    expect(readingsOf([])).toBeUndefined();
    expect(readingsOf([82])).toEqual({
      value: 82,
      count: 1,
      spreadMm: null,
      plusMinusMm: ONE_READING_PLUS_MINUS_MM,
      doubted: [],
    });
  });

  it('have the mean, the sample deviation and the t range of the textbook', () => {
    // NIST/SEMATECH e-Handbook 1.3.5.2: mean ± t·s/√n. Ten values by hand: s = 3.0277, t9 = 2.262.
    const found = readingsOf([101, 102, 103, 104, 105, 106, 107, 108, 109, 110])!;
    expect(found.value).toBeCloseTo(105.5, 12);
    expect(found.spreadMm).toBeCloseTo(3.02765, 5);
    expect(found.plusMinusMm).toBeCloseTo((2.262 * 3.02765) / Math.sqrt(10), 4);
  });

  it('never claim to be surer than a caliper in the hand', () => {
    expect(readingsOf([82, 82, 82, 82])!.plusMinusMm).toBeCloseTo(0.25, 12);
  });

  it('leave out what lies far off, and only that', () => {
    expect(readingsOf([82, 82.3, 81.9, 82.1, 28.2])!.doubted).toEqual([4]);
    expect(readingsOf([82, 82.3, 81.9, 82.1, 83])!.doubted).toEqual([]);
    expect(readingsOf([82, 82.3, 28.1])!.doubted).toEqual([2]);
    // Of two that differ nobody knows which is wrong.
    expect(readingsOf([82, 28])!.doubted).toEqual([]);
  });
});
