import { demoWorkpieces } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { today, withStepDone, withStepOpen } from './stepChanges.ts';

const otter = demoWorkpieces()[0]!;

describe('ticking off a step', () => {
  it('keeps the day, and adds minutes and notes to it', () => {
    const ticked = withStepDone(otter, 'wire.A.cut', {}, '2026-05-30');
    const logged = withStepDone(
      ticked,
      'wire.A.cut',
      { minutes: 8, note: 'sharp end' },
      '2026-06-01',
    );
    expect(logged.bench.done).toEqual({
      'wire.A.cut': { on: '2026-05-30', minutes: 8, note: 'sharp end' },
    });
    expect(otter.bench.done).toEqual({});
  });

  it('is undone for that step alone', () => {
    const two = withStepDone(withStepDone(otter, 'a', {}, '2026-05-30'), 'b', {}, '2026-05-30');
    expect(Object.keys(withStepOpen(two, 'a').bench.done)).toEqual(['b']);
  });

  it('takes the day of the user’s own calendar', () => {
    expect(today(new Date(2026, 0, 5, 23, 59))).toBe('2026-01-05');
  });
});
