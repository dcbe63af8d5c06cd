import {
  handParts,
  isAttended,
  spanOf,
  type HandPart,
  type Starts,
  type Task,
  type Windows,
} from './tasks.ts';
import { fitting } from './windows.ts';

/** Stretches that are taken, sorted, none over another; those that touch are one, so that a full day is passed at once. */
class Taken {
  private readonly from: number[] = [];
  private readonly to: number[] = [];

  /** The end of what is taken between two minutes; null where all is free. */
  clash(from: number, to: number): number | null {
    const i = this.firstEndingAfter(from);
    return i < this.from.length && this.from[i]! < to ? this.to[i]! : null;
  }

  take(from: number, to: number): void {
    if (to <= from) return;
    const i = this.firstEndingAfter(from);
    const [before, after] = [this.to[i - 1] === from, this.from[i] === to];
    if (before && after) {
      this.to.splice(i - 1, 1);
      this.from.splice(i, 1);
    } else if (before) this.to[i - 1] = to;
    else if (after) this.from[i] = from;
    else {
      this.from.splice(i, 0, from);
      this.to.splice(i, 0, to);
    }
  }

  private firstEndingAfter(at: number): number {
    let [low, high] = [0, this.to.length];
    while (low < high) {
      const mid = (low + high) >> 1;
      if (this.to[mid]! <= at) low = mid + 1;
      else high = mid;
    }
    return low;
  }
}

/** A task as it is laid, with what does not change from try to try. */
interface Ready {
  readonly task: Task;
  readonly long: number;
  readonly hands: readonly HandPart[];
}

/**
 * Each task as early as what is laid before it lets it, in an order that its needs allow (the serial scheme, R.
 * Kolisch, 1996). Starts are Infinity where the hours are too short for a task.
 */
export function laidSerially(order: readonly Task[], windows: Windows): Starts {
  const [hands, oven] = [new Taken(), new Taken()];
  const starts = new Map<string, number>();
  const ends = new Map<string, number>();
  for (const task of order) {
    let from = 0;
    for (const id of task.after) from = Math.max(from, ends.get(id) ?? 0);
    const ready: Ready = { task, long: spanOf(task), hands: handParts(task) };
    const start = firstFree(ready, from, windows, hands, oven);
    starts.set(task.id, start);
    ends.set(task.id, start + ready.long);
    if (start === Infinity) continue;
    for (const { offset, long } of ready.hands) hands.take(start + offset, start + offset + long);
    if (task.uses.includes('oven')) oven.take(start, start + ready.long);
  }
  return starts;
}

function firstFree(
  { task, long, hands: parts }: Ready,
  from: number,
  windows: Windows,
  hands: Taken,
  oven: Taken,
): number {
  if (!isAttended(task)) return from;
  let start = from;
  for (;;) {
    start = fitting(windows, start, long);
    if (start === Infinity) return start;
    const before = start;
    if (task.uses.includes('oven')) start = oven.clash(start, start + long) ?? start;
    for (const part of parts) {
      const end = hands.clash(start + part.offset, start + part.offset + part.long);
      if (end !== null) start = Math.max(start, end - part.offset);
    }
    if (start === before) return start;
  }
}

/** When the last task ends. */
export const makespanOf = (tasks: readonly Task[], starts: Starts): number =>
  tasks.reduce((end, task) => Math.max(end, starts.get(task.id)! + spanOf(task)), 0);
