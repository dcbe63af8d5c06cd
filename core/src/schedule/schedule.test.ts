import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tasksOf, WEEKDAYS } from '../testing/tasks.ts';
import { inSittings, minutesBetween, momentAfter, partOf, windowsFrom } from './attended.ts';
import { criticalPath } from './criticalPath.ts';
import { learnedFactors } from './learned.ts';
import { lowerBound } from './lowerBound.ts';
import { dueFirst, endsOf, fewestLate, shortestFirst } from './oneMachine.ts';
import { circleOf, inNeedOrder, spanOf, type Task, type Windows } from './tasks.ts';
import { fitting, spent } from './windows.ts';

describe('bounds and windows', () => {
  it('tell the next fit and when time is spent', () => {
    const windows: Windows = [
      [0, 60],
      [100, 200],
    ];
    expect(fitting(windows, 0, 60)).toBe(0);
    expect(fitting(windows, 10, 60)).toBe(100);
    expect(fitting(windows, 150, 60)).toBe(Infinity);
    expect(spent(windows, 70)).toBe(110);
    expect(spent(windows, 161)).toBe(Infinity);
    expect(spent(null, 70)).toBe(70);
  });

  it('are the largest of chain, hands and oven', () => {
    const tasks: readonly Task[] = [
      { id: 'a', minutes: 10, uses: ['person'], after: [] },
      { id: 'b', minutes: 20, uses: ['oven'], after: ['a'], loadMin: 2, unloadMin: 3 },
      { id: 'c', minutes: 30, uses: ['person'], after: [] },
    ];
    expect(lowerBound(tasks, null)).toEqual({ minutes: 45, chain: 35, person: 45, oven: 25 });
  });
});

describe('needs', () => {
  it('name the circle they make, and refuse an order', () => {
    const tasks = [
      { id: 'a', after: ['c'] },
      { id: 'b', after: ['a'] },
      { id: 'c', after: ['b'] },
      { id: 'd', after: ['c'] },
    ];
    expect(circleOf(tasks)).toEqual(['a', 'b', 'c']);
    expect(() => inNeedOrder(tasks)).toThrow('a, b, c');
  });

  it('give slacks that no delay of the whole uses up', () => {
    fc.assert(
      fc.property(tasksOf(10, 30), (tasks) => {
        const activities = tasks.map((task) => ({ ...task, long: spanOf(task) }));
        const { duration, slacks, paths } = criticalPath(activities);
        for (const [id, { total, free }] of slacks) {
          expect(free).toBeLessThanOrEqual(total + 1e-9);
          const later = activities.map((task) =>
            task.id === id ? { ...task, long: task.long + total + 1 } : task,
          );
          expect(criticalPath(later).duration).toBe(duration + 1);
        }
        for (const way of paths) {
          const long = way.reduce(
            (sum, id) => sum + activities.find((task) => task.id === id)!.long,
            0,
          );
          expect(long).toBe(duration);
        }
      }),
      { seed: 41, numRuns: 60 },
    );
  });
});

describe('hours at the bench', () => {
  it('begin where the day stands, and leave days off out', () => {
    // A Monday at ten: an hour of the morning is gone.
    const windows = windowsFrom({ ...WEEKDAYS, daysOff: ['2026-03-03'] }, '2026-03-02T10:00', 3);
    expect(windows).toEqual([
      [0, 120],
      [180, 420],
      [2820, 3000],
      [3060, 3300],
    ]);
    expect(momentAfter('2026-03-02T10:00', 2820)).toBe('2026-03-04T09:00');
    expect(minutesBetween('2026-03-02T10:00', '2026-03-04T09:00')).toBe(2820);
    expect(windowsFrom(WEEKDAYS, '2026-03-07T10:00', 2)).toEqual([]);
  });

  it('split long hand work into sittings that are its whole, one after the other', () => {
    fc.assert(
      fc.property(tasksOf(8, 200), fc.integer({ min: 20, max: 90 }), (tasks, most) => {
        const parts = inSittings(tasks, most);
        for (const task of tasks) {
          const its = parts.filter(({ id }) => partOf(id).id === task.id);
          const whole = its.reduce((sum, { minutes }) => sum + minutes, 0);
          expect(whole).toBeGreaterThanOrEqual(task.minutes);
          expect(whole).toBeLessThan(task.minutes + its.length);
          if (task.uses.length === 1 && task.uses[0] === 'person')
            for (const { minutes } of its) expect(minutes).toBeLessThanOrEqual(most);
          else expect(its).toHaveLength(1);
          its.slice(1).forEach(({ after }, i) => expect(after).toEqual([its[i]!.id]));
        }
        expect(circleOf(parts)).toBeNull();
      }),
      { seed: 43, numRuns: 60 },
    );
  });
});

describe('jobs for one pair of hands', () => {
  const jobs = fc.array(
    fc.record({
      id: fc.uuid(),
      long: fc.integer({ min: 1, max: 9 }),
      due: fc.integer({ min: 1, max: 30 }),
      weight: fc.integer({ min: 1, max: 5 }),
    }),
    { minLength: 1, maxLength: 6 },
  );
  const orders = <T>(all: readonly T[]): readonly (readonly T[])[] =>
    all.length < 2
      ? [all]
      : all.flatMap((one, i) => orders(all.toSpliced(i, 1)).map((rest) => [one, ...rest]));

  it('are in the best of all orders for what each rule is for', () => {
    fc.assert(
      fc.property(jobs, (all) => {
        const sum = (of: readonly { long: number }[]) =>
          endsOf(of as never).reduce((ends, end) => ends + end, 0);
        const worst = (of: typeof all) => Math.max(...endsOf(of).map((end, i) => end - of[i]!.due));
        const late = (of: typeof all) => endsOf(of).filter((end, i) => end > of[i]!.due).length;
        const every = orders(all) as (typeof all)[];
        expect(sum(shortestFirst(all))).toBe(Math.min(...every.map(sum)));
        expect(worst([...dueFirst(all)])).toBe(Math.min(...every.map(worst)));
        expect(fewestLate(all)).toHaveLength(Math.min(...every.map(late)));
      }),
      { seed: 47, numRuns: 40 },
    );
  });
});

describe('learned factors', () => {
  it('count their records, and leave kinds without any alone', () => {
    const learned = learnedFactors<string>([
      { kind: 'bend', estimatedMin: 10, actualMin: 20 },
      { kind: 'bend', estimatedMin: 30, actualMin: 30 },
    ]);
    expect(learned.get('bend')).toEqual({ factor: Math.exp(Math.log(2) / 5), records: 2 });
    expect(learned.has('paint')).toBe(false);
  });
});
