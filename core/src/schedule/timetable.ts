import { seeded, seedOf } from '../geometry/seeded.ts';
import { leastMakespan } from './exact.ts';
import { lowerBound, type LowerBound } from './lowerBound.ts';
import { laidSerially, makespanOf } from './serial.ts';
import { handParts, inNeedOrder, spanOf, type Starts, type Task, type Windows } from './tasks.ts';

/** When everything starts, when the last ends, and how near that is to what cannot be undercut. */
export interface Timetable {
  readonly starts: Starts;
  /** End of the last task, minutes from the beginning; Infinity where the hours are too few, or too short for a task. */
  readonly minutes: number;
  readonly bound: LowerBound;
  /** Whether nothing ends earlier: proven by search, or by the bound. */
  readonly isLeast: boolean;
}

/** So many things that the hands do are still searched through. */
const FEW_EVENTS = 14;
/** Orders that are tried: the first by rule, the others near it; of very many tasks fewer, so that it does not take long. */
const TRIES = 24;
const MANY_TASKS = 240;
const triesFor = (many: number): number =>
  Math.max(4, Math.round(TRIES * Math.min(1, MANY_TASKS / many)));

/**
 * A timetable for one person and one oven: the best of some orders of the longest tail first, each laid serially;
 * small ones are searched for their least end. `prefers` moves tasks forward or back in the order, minutes: what is
 * due earlier first. So many orders are tried. Throws where tasks need each other.
 */
export function timetable(
  tasks: readonly Task[],
  windows: Windows,
  prefers: ReadonlyMap<string, number> = new Map(),
  tries = triesFor(tasks.length),
): Timetable {
  const bound = lowerBound(tasks, windows);
  const best = bestOrder(tasks, windows, bound.minutes, prefers, tries);
  const events = tasks.reduce((sum, task) => sum + handParts(task).length, 0);
  if (best.minutes <= bound.minutes + 1e-9) return { ...best, bound, isLeast: true };
  if (events > FEW_EVENTS || prefers.size > 0) return { ...best, bound, isLeast: false };
  const exact = leastMakespan(tasks, windows, best.minutes);
  return {
    ...{ starts: exact.starts ?? best.starts, minutes: exact.minutes },
    ...{ bound, isLeast: exact.proven },
  };
}

/** The longest way from the start of each task to the end of all. */
function tails(tasks: readonly Task[]): ReadonlyMap<string, number> {
  const long = new Map<string, number>();
  for (const task of inNeedOrder(tasks).toReversed()) {
    const own = (long.get(task.id) ?? 0) + spanOf(task);
    long.set(task.id, own);
    for (const need of task.after) long.set(need, Math.max(long.get(need) ?? 0, own));
  }
  return long;
}

function bestOrder(
  tasks: readonly Task[],
  windows: Windows,
  bound: number,
  prefers: ReadonlyMap<string, number>,
  tries: number,
): Pick<Timetable, 'starts' | 'minutes'> {
  const long = tails(tasks);
  const random = seeded(seedOf('timetable'));
  const longest = Math.max(1, ...long.values());
  const follows = followersOf(tasks);
  let best: Pick<Timetable, 'starts' | 'minutes'> | null = null;
  let worth = Infinity;
  for (let n = 0; n < tries; n++) {
    const weight = Float64Array.from(
      tasks,
      ({ id }) =>
        long.get(id)! + (prefers.get(id) ?? 0) + (n === 0 ? 0 : (random() - 0.5) * 0.5 * longest),
    );
    const order = byWeight(tasks, follows, weight);
    const starts = laidSerially(order, windows);
    const minutes = makespanOf(tasks, starts);
    const its = minutes + lateness(tasks, starts, prefers);
    if (best === null || its < worth) [best, worth] = [{ starts, minutes }, its];
    if (prefers.size === 0 && minutes <= bound + 1e-9) break;
  }
  return best!;
}

/** Ends weighed by how much each is preferred: breaks ties between timetables that end alike. */
const lateness = (
  tasks: readonly Task[],
  starts: Starts,
  prefers: ReadonlyMap<string, number>,
): number =>
  prefers.size === 0
    ? 0
    : tasks.reduce((sum, { id }) => sum + ((prefers.get(id) ?? 0) > 0 ? starts.get(id)! : 0), 0) /
      tasks.length;

/** Of each task those that wait for it, by their place in the list. */
function followersOf(tasks: readonly Task[]): readonly (readonly number[])[] {
  const place = new Map(tasks.map(({ id }, i) => [id, i]));
  const follows: number[][] = tasks.map(() => []);
  tasks.forEach(({ after }, i) => {
    for (const need of after) follows[place.get(need) ?? -1]?.push(i);
  });
  return follows;
}

/** Of what is ready always the heaviest. */
function byWeight(
  tasks: readonly Task[],
  follows: readonly (readonly number[])[],
  weight: Float64Array,
): readonly Task[] {
  const left = new Int32Array(tasks.length);
  for (const its of follows) for (const next of its) left[next]! += 1;
  const ready = tasks.flatMap((_, i) => (left[i] === 0 ? [i] : []));
  const order: Task[] = [];
  while (ready.length > 0) {
    let at = 0;
    for (let i = 1; i < ready.length; i++) if (weight[ready[i]!]! > weight[ready[at]!]!) at = i;
    const task = ready[at]!;
    ready.splice(at, 1);
    order.push(tasks[task]!);
    for (const next of follows[task]!) {
      left[next]! -= 1;
      if (left[next] === 0) ready.push(next);
    }
  }
  return order;
}
