import {
  demoWorkpieces,
  NO_ANSWERS,
  planPiece,
  type OwnStep,
  type StepPlan,
} from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import {
  dropAfter,
  newEntry,
  today,
  withEntry,
  withLeftOut,
  withMove,
  withOwnStep,
  withPin,
  withStepDone,
  withStepOpen,
} from './stepChanges.ts';

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

describe('where steps come to stand', () => {
  const plan = planPiece(otter, NO_ANSWERS);
  it('is known without a body too: there are no steps then', () => {
    expect(plan.bench).toBeNull();
  });

  const step = (id: string, needs: readonly string[]) => ({ id, needs }) as unknown as StepPlan;
  const steps = [step('a', []), step('b', ['a']), step('c', []), step('d', ['c'])];
  it.each([
    ['c', 0, { after: null, isHeld: false }],
    ['c', 3, { after: 'b', isHeld: true }],
    ['b', 0, { after: 'a', isHeld: true }],
    ['b', 3, { after: 'd', isHeld: false }],
  ])('%s dropped at %i', (id, at, expected) => {
    expect(dropAfter(steps, id, at)).toEqual(expected);
  });

  it('a later move of a step takes the place of an earlier one', () => {
    const once = withMove(otter, 'a', 'b');
    expect(withMove(once, 'a', 'c').bench.moved).toEqual([{ step: 'a', after: 'c' }]);
    expect(withMove(once, 'd', null).bench.moved).toHaveLength(2);
  });

  it('an own step that is taken out takes its tick and its place with it', () => {
    const own: OwnStep = {
      ...{ id: 'own.1', title: 'Look', sentence: '', work: 'look', minutes: null, after: null },
    };
    const there = withMove(withOwnStep(otter, own.id, own), own.id, 'wire.bind');
    const ticked = withStepDone(there, { id: own.id, work: 'look', estimateMin: null }, {});
    expect(withOwnStep(ticked, own.id, null).bench).toEqual(otter.bench);
  });

  it('a step that is ticked is not left out any more', () => {
    const left = withLeftOut(otter, 'wire.drill', 'No.');
    expect(withStepDone(left, step('wire.drill', []), {}).bench.leftOut).toEqual({});
  });

  it('an entry of the log has the minute of the user’s own clock', () => {
    const entry = newEntry(otter, { kind: 'note', words: 'Seen' }, new Date(2026, 4, 30, 9, 5));
    expect(entry).toMatchObject({ at: '2026-05-30T09:05', kind: 'note', step: null });
    expect(withEntry(otter, entry).bench.log).toEqual([entry]);
  });

  it('a pin is set and let go of', () => {
    const pinned = withPin(otter, 'wire.bind', '2030-01-01');
    expect(pinned.bench.notBefore).toEqual({ 'wire.bind': '2030-01-01' });
    expect(withPin(pinned, 'wire.bind', null).bench.notBefore).toEqual({});
  });
});
