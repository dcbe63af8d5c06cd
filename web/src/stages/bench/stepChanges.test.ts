import { demoWorkpieces } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { today, withStepDone, withStepOpen } from './stepChanges.ts';

const otter = demoWorkpieces()[0]!;
const step = (id: string) => ({ id, work: 'cut', estimateMin: 5 }) as const;

describe('ticking off a step', () => {
  it('keeps the day, and adds minutes and notes to it', () => {
    const ticked = withStepDone(otter, step('wire.A.cut'), {}, '2026-05-30');
    const logged = withStepDone(
      ticked,
      step('wire.A.cut'),
      { minutes: 8, note: 'sharp end' },
      '2026-06-01',
    );
    expect(logged.bench.done).toEqual({
      'wire.A.cut': { on: '2026-05-30', minutes: 8, note: 'sharp end' },
    });
    expect(otter.bench.done).toEqual({});
    // How long it took stands once in the workshop, against what it was estimated to.
    expect(logged.atHand.records).toEqual([
      {
        ...{ piece: otter.id, step: 'wire.A.cut', work: 'cut', on: '2026-05-30' },
        ...{ estimatedMin: 5, actualMin: 8 },
      },
    ]);
    expect(ticked.atHand.records).toEqual([]);
  });

  it('is undone for that step alone', () => {
    const two = withStepDone(
      withStepDone(otter, step('a'), { minutes: 4 }, '2026-05-30'),
      step('b'),
      { minutes: 6 },
      '2026-05-30',
    );
    const one = withStepOpen(two, step('a'));
    expect(Object.keys(one.bench.done)).toEqual(['b']);
    expect(one.atHand.records.map(({ step: of }) => of)).toEqual(['b']);
  });

  it('takes the day of the user’s own calendar', () => {
    expect(today(new Date(2026, 0, 5, 23, 59))).toBe('2026-01-05');
  });
});
