import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seeded, seedOf } from '../geometry/seeded.ts';
import { tasksOf, WEEKDAYS } from '../testing/tasks.ts';
import { windowsFrom } from './attended.ts';
import {
  handParts,
  inNeedOrder,
  isAttended,
  spanOf,
  type Starts,
  type Task,
  type Windows,
} from './tasks.ts';
import { timetable } from './timetable.ts';

/** Stretches of a schedule that must not lie over each other. */
const stretches = (tasks: readonly Task[], starts: Starts, of: 'person' | 'oven') =>
  tasks
    .flatMap((task) => {
      const start = starts.get(task.id)!;
      if (of === 'oven')
        return task.uses.includes('oven') ? [[start, start + spanOf(task)] as const] : [];
      return handParts(task).map(
        ({ offset, long }) => [start + offset, start + offset + long] as const,
      );
    })
    .filter(([from, to]) => to > from)
    .sort((a, b) => a[0] - b[0]);

/** Everything that a schedule must keep. */
function expectKept(tasks: readonly Task[], starts: Starts, windows: Windows): void {
  const byId = new Map(tasks.map((task) => [task.id, task]));
  for (const task of tasks) {
    const start = starts.get(task.id)!;
    for (const id of task.after)
      expect(start).toBeGreaterThanOrEqual(starts.get(id)! + spanOf(byId.get(id)!) - 1e-9);
    if (windows !== null && isAttended(task))
      expect(windows.some(([from, to]) => from <= start && start + spanOf(task) <= to)).toBe(true);
  }
  for (const of of ['person', 'oven'] as const)
    stretches(tasks, starts, of).reduce((end, [from, to]) => {
      expect(from).toBeGreaterThanOrEqual(end - 1e-9);
      return to;
    }, -Infinity);
}

/** The least end by trying every start of every task, minute by minute. */
function leastByTrying(tasks: readonly Task[], most: number): number {
  const ordered = inNeedOrder(tasks);
  let least = most;
  const clashes = (a: readonly (readonly [number, number])[]): boolean =>
    a.some(([from], i) => i > 0 && from < a[i - 1]![1]);
  const go = (i: number, starts: Map<string, number>): void => {
    if (i === ordered.length) {
      least = Math.max(...ordered.map((task) => starts.get(task.id)! + spanOf(task)));
      return;
    }
    const task = ordered[i]!;
    const placed = ordered.slice(0, i + 1);
    const byId = new Map(placed.map((of) => [of.id, of]));
    const from = Math.max(0, ...task.after.map((id) => starts.get(id)! + spanOf(byId.get(id)!)));
    for (let at = from; at + spanOf(task) < least; at++) {
      starts.set(task.id, at);
      if (!(['person', 'oven'] as const).some((of) => clashes(stretches(placed, starts, of))))
        go(i + 1, starts);
    }
    starts.delete(task.id);
  };
  go(0, new Map());
  return least;
}

describe('a timetable', () => {
  it('keeps needs, hands, oven and hours, and never undercuts its bound', () => {
    const windows: Windows = Array.from({ length: 60 }, (_, n) => [n * 100, n * 100 + 60] as const);
    fc.assert(
      fc.property(tasksOf(14, 25), fc.boolean(), (tasks, inHours) => {
        const { starts, minutes, bound } = timetable(tasks, inHours ? windows : null);
        expectKept(tasks, starts, inHours ? windows : null);
        expect(minutes).toBeGreaterThanOrEqual(bound.minutes - 1e-9);
      }),
      { seed: 31, numRuns: 120 },
    );
  });

  it('is the least of all on small cases, as every start of every task tells', () => {
    fc.assert(
      fc.property(tasksOf(5, 4), (tasks) => {
        const { minutes, isLeast } = timetable(tasks, null);
        expect(isLeast).toBe(true);
        const all = tasks.reduce((sum, task) => sum + spanOf(task), 0);
        expect(minutes).toBe(leastByTrying(tasks, all + 1));
      }),
      { seed: 37, numRuns: 60 },
    );
  });

  it('ends on seeded large ones at most 15 % above the bound in the median, gaps told', () => {
    const gaps = Array.from({ length: 9 }, (_, n) => {
      const tasks = pieces(`large ${n}`, 6, 40);
      const windows = windowsFrom(WEEKDAYS, '2026-03-02T09:00', 400);
      const { starts, minutes, bound, isLeast } = timetable(tasks, windows);
      expectKept(tasks, starts, windows);
      expect(isLeast).toBe(minutes <= bound.minutes + 1e-9);
      return minutes / bound.minutes - 1;
    }).sort((a, b) => a - b);
    expect(gaps[4]).toBeLessThanOrEqual(0.15);
  });

  it('never ends where a task is longer than any hours, and says which', () => {
    const tasks: readonly Task[] = [
      { id: 'short', minutes: 30, uses: ['person'], after: [] },
      { id: 'long', minutes: 90, uses: ['oven'], after: [], loadMin: 5, unloadMin: 5 },
    ];
    const { starts, minutes } = timetable(tasks, [[0, 60]]);
    expect(minutes).toBe(Infinity);
    expect([...starts].filter(([, at]) => at === Infinity).map(([id]) => id)).toEqual(['long']);
  });

  it('puts what is preferred first', () => {
    const tasks: readonly Task[] = ['a', 'b'].map((id) => ({
      ...{ id, minutes: 60, after: [] },
      uses: ['person'],
    }));
    for (const first of ['a', 'b'])
      expect(timetable(tasks, null, new Map([[first, 1e5]])).starts.get(first)).toBe(0);
  });
});

/** Seeded pieces as a bench has them: hand work, bakes and drying in a chain with side branches. */
function pieces(seed: string, many: number, steps: number): readonly Task[] {
  const random = seeded(seedOf(seed));
  return Array.from({ length: many }, (_, p) =>
    Array.from({ length: steps }, (_, i): Task => {
      const roll = random();
      const before = i === 0 ? [] : [`${p}.${i - 1 - Math.floor(random() * Math.min(i, 3))}`];
      const minutes = Math.ceil(5 + 80 * random());
      if (roll < 0.12)
        return { ...of(p, i, before, minutes), uses: ['oven'], loadMin: 5, unloadMin: 5 };
      return { ...of(p, i, before, minutes), uses: roll < 0.25 ? [] : ['person'] };
    }),
  ).flat();
}
const of = (p: number, i: number, after: readonly string[], minutes: number) => ({
  ...{ id: `${p}.${i}`, after, minutes },
});
