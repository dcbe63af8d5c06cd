import {
  handParts,
  inNeedOrder,
  isAttended,
  spanOf,
  type Starts,
  type Task,
  type Windows,
} from './tasks.ts';
import { fitting } from './windows.ts';

/** Something the hands do: a task's work, its loading or its unloading. */
interface HandEvent {
  readonly task: number;
  readonly offset: number;
  readonly long: number;
  /** The event of the same task that must have been; −1 for none. */
  readonly before: number;
}

/** Searches are given up after so many beginnings of sequences. */
const MOST_NODES = 60_000;

/** The earliest schedule that was found, and whether all sequences were weighed. */
export interface Exact {
  readonly starts: Starts | null;
  readonly minutes: number;
  readonly proven: boolean;
}

/**
 * The least makespan over all sequences of what the hands do. For one sequence the earliest times are the least
 * fixed point of its differences, moved on to the next hours that fit; sequences that cannot end before the best one
 * are left. `atMost` is an end that is already known.
 */
export function leastMakespan(tasks: readonly Task[], windows: Windows, atMost: number): Exact {
  const search = new Search(inNeedOrder(tasks), windows, atMost);
  search.go(
    Float64Array.from(tasks, () => 0),
    [],
  );
  return search.found();
}

class Search {
  private readonly events: HandEvent[] = [];
  private readonly spans: readonly number[];
  private readonly needs: readonly (readonly number[])[];
  private readonly oven: readonly boolean[];
  private best: Float64Array | null = null;
  private nodes = 0;

  constructor(
    private readonly tasks: readonly Task[],
    private readonly windows: Windows,
    private least: number,
  ) {
    const place = new Map(tasks.map(({ id }, i) => [id, i]));
    this.spans = tasks.map(spanOf);
    this.oven = tasks.map(({ uses }) => uses.includes('oven'));
    this.needs = tasks.map(({ after }) => after.flatMap((id) => place.get(id) ?? []));
    tasks.forEach((task, i) =>
      handParts(task).forEach((part, n) =>
        this.events.push({ ...part, task: i, before: n === 0 ? -1 : this.events.length - 1 }),
      ),
    );
  }

  found(): Exact {
    const { best, tasks } = this;
    return {
      starts: best && new Map(tasks.map(({ id }, i) => [id, best[i]!])),
      minutes: this.least,
      proven: this.nodes <= MOST_NODES,
    };
  }

  /** Goes on from a sequence whose earliest starts are known. */
  go(from: Float64Array, sequence: readonly number[]): void {
    if (++this.nodes > MOST_NODES) return;
    const starts = this.earliest(from, sequence);
    if (starts === null) return;
    if (sequence.length === this.events.length) {
      const end = Math.max(0, ...starts.map((start, i) => start + this.spans[i]!));
      if (end < this.least) {
        this.least = end;
        this.best = starts;
      }
      return;
    }
    const next = this.events
      .map((event, n) => ({ n, at: starts[event.task]! + event.offset }))
      .filter(({ n }) => !sequence.includes(n) && this.mayFollow(n, sequence))
      .sort((a, b) => a.at - b.at);
    for (const { n } of next) this.go(starts, [...sequence, n]);
  }

  /** Its own loading was, every task that it needs has been worked, and no other bake is in the oven. */
  private mayFollow(n: number, sequence: readonly number[]): boolean {
    const event = this.events[n]!;
    if (event.before >= 0) return sequence.includes(event.before);
    if (this.oven[event.task] && this.loaded(sequence)) return false;
    return this.needed(event.task).every((need) =>
      this.events.every(({ task }, of) => task !== need || sequence.includes(of)),
    );
  }

  private loaded = (sequence: readonly number[]): boolean =>
    this.events.some(
      ({ before }, n) => before >= 0 && sequence.includes(before) && !sequence.includes(n),
    );

  /** All tasks that one needs, however far back. */
  private needed(task: number, all = new Set<number>()): readonly number[] {
    for (const need of this.needs[task]!)
      if (!all.has(need)) {
        all.add(need);
        this.needed(need, all);
      }
    return [...all];
  }

  /** The least starts that keep needs, hours and the sequence so far; null where that is no better than the best. */
  private earliest(from: Float64Array, sequence: readonly number[]): Float64Array | null {
    const starts = from.slice();
    const { events, spans, needs, tasks, windows } = this;
    const ovens = [...new Set(sequence.map((n) => events[n]!.task))].filter((t) => this.oven[t]);
    const isIn = new Set(sequence);
    for (;;) {
      let moved = false;
      const push = (task: number, to: number): void => {
        if (to > starts[task]! + 1e-9) {
          starts[task] = to;
          moved = true;
        }
      };
      for (let t = 0; t < tasks.length; t++) {
        for (const need of needs[t]!) push(t, starts[need]! + spans[need]!);
        if (isAttended(tasks[t]!)) push(t, fitting(windows, starts[t]!, spans[t]!));
      }
      let end = 0;
      for (const n of sequence) {
        const { task, offset, long } = events[n]!;
        push(task, end - offset);
        end = starts[task]! + offset + long;
      }
      for (let i = 1; i < ovens.length; i++)
        push(ovens[i]!, starts[ovens[i - 1]!]! + spans[ovens[i - 1]!]!);
      // What is not in the sequence yet comes after it, and one after the other.
      let left = end;
      events.forEach(({ task, offset, long }, n) => {
        if (isIn.has(n)) return;
        push(task, end - offset);
        left += long;
      });
      if (left >= this.least) return null;
      for (let t = 0; t < tasks.length; t++) if (starts[t]! + spans[t]! >= this.least) return null;
      if (!moved) return starts;
    }
  }
}
