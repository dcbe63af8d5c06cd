import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import { calendarIcs } from '../formats/ics.ts';
import type { Step } from '../piece/step.ts';
import { evaluated } from '../testing/formula.ts';
import { changed, otterPiece, wholePlan } from '../testing/samples.ts';
import { WEEKDAYS } from '../testing/tasks.ts';
import { schedulePlan } from './schedulePlan.ts';
import {
  LOADING_MIN,
  stepToPlan,
  type PieceToPlan,
  type ScheduleQuestion,
  type StepToPlan,
} from './scheduleTasks.ts';

const step = (
  id: string,
  minutes: number,
  needs: readonly string[] = [],
  occupies: Step['occupies'] = 'person',
): StepToPlan => ({ ...{ id, title: `Title of ${id}`, minutes, needs, occupies }, done: false });
const piece = (
  id: string,
  steps: readonly StepToPlan[],
  due: string | null = null,
): PieceToPlan => ({
  ...{ id, name: `Piece ${id}`, due, notBefore: {}, steps },
});
const asked = (pieces: readonly PieceToPlan[], more: Partial<ScheduleQuestion> = {}) =>
  schedulePlan({ pieces, hours: WEEKDAYS, sittingMin: 120, from: '2026-03-02T09:00', ...more });

describe('a plan of the days', () => {
  const one = piece('a', [
    step('wire', 100),
    step('bake', 40, ['wire'], 'oven'),
    step('paint', 200, ['bake']),
    step('dry', 600, ['paint'], 'nothing'),
    step('varnish', 20, ['dry']),
  ]);

  it('lays steps into the hours, long work in sittings, bakes with their loading, drying overnight', () => {
    const { bookings, ends, span } = asked([one]);
    expect(bookings.map(({ step: id, part, start }) => [id, part, start])).toEqual([
      ['wire', 1, '2026-03-02T09:00'],
      ['bake', 1, '2026-03-02T10:40'],
      // Twelve is noon: 100 minutes do not fit before it.
      ['paint', 1, '2026-03-02T13:00'],
      ['paint', 2, '2026-03-02T14:40'],
      ['dry', 1, '2026-03-02T16:20'],
      ['varnish', 1, '2026-03-03T09:00'],
    ]);
    const bake = bookings[1]!;
    expect(bake.end).toBe(`2026-03-02T11:${String(20 + 2 * LOADING_MIN)}`);
    expect(ends).toEqual([
      {
        piece: 'a',
        name: 'Piece a',
        due: null,
        ready: '2026-03-03T09:20',
        lateDays: 0,
        late: null,
      },
    ]);
    expect(span!.value).toBeCloseTo(24 + 1 / 3, 9);
  });

  it('keeps what is ticked out, and what is pinned back', () => {
    const later = { ...one, notBefore: { paint: '2026-03-04' } };
    const { bookings } = asked([
      { ...later, steps: later.steps.map((of) => ({ ...of, done: of.id === 'wire' })) },
    ]);
    expect(bookings.some(({ step: id }) => id === 'wire')).toBe(false);
    expect(bookings.find(({ step: id }) => id === 'paint')!.start).toBe('2026-03-04T09:00');
  });

  it('puts what is due first, and tells how late the other is', () => {
    const works = (id: string, due: string | null) =>
      piece(
        id,
        [step('first', 120), step('second', 120, ['first']), step('third', 120, ['second'])],
        due,
      );
    const { ends } = asked([works('a', '2026-03-02'), works('b', '2026-03-02')]);
    expect(ends.map(({ lateDays }) => lateDays).toSorted()).toEqual([0, 1]);
    // Until the evening of the day before: half a minute of it is rounding.
    const { late, ready } = ends.find(({ lateDays }) => lateDays === 1)!;
    expect(evaluated(late!)).toBeCloseTo(late!.value, 9);
    expect(late!.value).toBeCloseTo(
      (Date.parse(`${ready!}Z`) - Date.parse('2026-03-02T23:59Z')) / 36e5,
      6,
    );
    const { ends: swapped } = asked([works('a', '2026-03-20'), works('b', '2026-03-02')]);
    expect(swapped.find(({ piece: id }) => id === 'b')!.lateDays).toBe(0);
  });

  it('says what no stretch is long enough for, and promises no day', () => {
    const { tooLong, ends, span, gap } = asked([piece('a', [step('bake', 400, [], 'oven')])]);
    expect(tooLong).toEqual(['Title of bake']);
    expect([ends[0]!.ready, span, gap]).toEqual([null, null, null]);
  });

  it('marks what decides the end, tells the gap by its formula, and what would bring it nearer', () => {
    const long = piece('a', [
      step('side', 30),
      ...Array.from({ length: 12 }, (_, i) => step(`s${i}`, 170, i === 0 ? [] : [`s${i - 1}`])),
    ]);
    const { bookings, gap, bound, span, levers } = asked([long], { sittingMin: 200 });
    expect(bookings.filter(({ critical }) => !critical).map(({ step: id }) => id)).toEqual([
      'side',
    ]);
    expect(evaluated(gap!)).toBeCloseTo(gap!.value, 9);
    expect(span!.value).toBeGreaterThanOrEqual(bound.value);
    for (const { saves } of levers) {
      expect(saves.value).toBeGreaterThanOrEqual(24);
      expect(evaluated(saves)).toBeCloseTo(saves.value, 9);
    }
    const saved = levers.map(({ saves }) => saves.value);
    expect(saved).toEqual(saved.toSorted((a, b) => b - a));
    expect(levers.map(({ id }) => id)).toContain('day');
  });

  it('heats the oven right before its bake, in hours when somebody is there, and not for one that is baked', () => {
    const heated = [
      step('wire', 100),
      { ...step('heat', 15, ['wire'], 'oven'), heatsFor: 'bake' },
      step('bake', 40, ['wire', 'heat'], 'oven'),
      step('cool', 60, ['bake'], 'nothing'),
    ];
    const { bookings } = asked([piece('a', heated)]);
    expect(
      bookings.map(({ step: id, start, end }) => [id, start.slice(11), end.slice(11)]),
    ).toEqual([
      ['wire', '09:00', '10:40'],
      ['heat', '10:40', '10:55'],
      ['bake', '10:55', '11:45'],
      ['cool', '11:45', '12:45'],
    ]);
    // Sixty-five minutes do not fit before noon any more: both wait.
    const later = asked([piece('a', heated.with(0, step('wire', 120)))]).bookings;
    expect(later[1]!.start).toBe('2026-03-02T13:00');
    // Its heating pinned to a day takes the bake along.
    const pinned = { ...piece('a', heated), notBefore: { heat: '2026-03-04' } };
    const moved = asked([pinned]).bookings;
    expect(moved.map(({ step: id, start }) => [id, start.slice(0, 10)]).slice(1, 3)).toEqual([
      ['heat', '2026-03-04'],
      ['bake', '2026-03-04'],
    ]);
    const baked = heated.map((of) => ({ ...of, done: of.id !== 'cool' && of.id !== 'heat' }));
    expect(asked([piece('a', baked)]).bookings.map(({ step: id }) => id)).toEqual(['cool']);
  });

  it('goes to a calendar that another reader takes (ical.js): hands and oven, in the clock of the bench', () => {
    const { bookings } = asked([one]);
    const text = calendarIcs('Otter; "one"', bookings, () => 'Otter, small', new Date(0));
    const calendar = new ICAL.Component(ICAL.parse(text));
    const events = calendar.getAllSubcomponents('vevent').map((of) => new ICAL.Event(of));
    const told = bookings.filter(({ occupies }) => occupies !== 'nothing');
    expect(events.map(({ startDate }) => startDate.toString().slice(0, 16))).toEqual(
      told.map(({ start }) => start),
    );
    expect(events.map(({ endDate }) => endDate.toString().slice(0, 16))).toEqual(
      told.map(({ end }) => end),
    );
    expect(events[2]!.summary).toBe('Otter, small: Title of paint (1/2)');
    expect(new Set(events.map(({ uid }) => uid)).size).toBe(events.length);
  });
});

describe('the time of every step', () => {
  const plan = wholePlan(otterPiece());

  it('is told for all hand work, and their sum is the hand work left', () => {
    const hands = plan.bench!.steps.filter(({ occupies }) => occupies === 'person');
    expect(hands.every(({ duration }) => duration !== null && duration.value > 0)).toBe(true);
    const sum = hands.reduce((all, { duration }) => all + duration!.value, 0);
    expect(plan.bench!.timed.value).toBeCloseTo(sum, 6);
    const { ends } = asked([
      { ...piece('otter', plan.bench!.steps.map(stepToPlan)), name: 'Otter' },
    ]);
    expect(ends[0]!.ready).not.toBeNull();
  });

  it('learns from records of its own kind, and keeps the estimate beside it', () => {
    const record = {
      ...{ piece: 'x', step: 'y', on: '2026-05-30', estimatedMin: 10, actualMin: 20 },
      work: 'bend' as const,
    };
    const learned = wholePlan(changed(otterPiece(), 'atHand', { records: [record] }));
    learned.bench!.steps.forEach(({ work, occupies, duration, estimateMin }, i) => {
      const before = plan.bench!.steps[i]!;
      expect(estimateMin).toBe(before.estimateMin);
      const factor = work === 'bend' && occupies === 'person' ? 2 ** (1 / 4) : 1;
      if (duration !== null) expect(duration.value).toBeCloseTo(before.duration!.value * factor, 9);
    });
  });
});
