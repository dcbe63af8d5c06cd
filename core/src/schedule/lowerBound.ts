import { criticalPath } from './criticalPath.ts';
import { inNeedOrder, isAttended, minutesOf, spanOf, type Task, type Windows } from './tasks.ts';
import { fitting, spent } from './windows.ts';

/** Before which no schedule can end, minutes from the beginning, and what says so. */
export interface LowerBound {
  readonly minutes: number;
  /** Longest chain of needs, without hands, oven and hours. */
  readonly chain: number;
  readonly person: number;
  readonly oven: number;
}

/** The largest of: the chain, the minutes of the person, and those of the oven, each laid into the attended hours. */
export function lowerBound(tasks: readonly Task[], windows: Windows): LowerBound {
  const sum = (of: 'person' | 'oven'): number =>
    tasks.reduce((all, task) => all + minutesOf(task, of), 0);
  const [person, oven] = [sum('person'), sum('oven')];
  const chain = criticalPath(tasks.map((task) => ({ ...task, long: spanOf(task) }))).duration;
  const laid = Math.max(chainInHours(tasks, windows), spent(windows, person), spent(windows, oven));
  return { minutes: laid, chain, person, oven };
}

/** When the last task ends where hands and oven are never short, but hours are. */
function chainInHours(tasks: readonly Task[], windows: Windows): number {
  const ends = new Map<string, number>();
  for (const task of inNeedOrder(tasks)) {
    const from = Math.max(0, ...task.after.map((id) => ends.get(id) ?? 0));
    const long = spanOf(task);
    ends.set(task.id, (isAttended(task) ? fitting(windows, from, long) : from) + long);
  }
  return Math.max(0, ...ends.values());
}
