import { inNeedOrder, type Task } from './tasks.ts';

/** When a task can start and end at the earliest and at the latest, and what it can wait. */
export interface Slack {
  readonly earliestStart: number;
  readonly earliestEnd: number;
  readonly latestStart: number;
  readonly latestEnd: number;
  /** What it can wait without the end moving. */
  readonly total: number;
  /** What it can wait without any other task moving. */
  readonly free: number;
}

/** What follows from durations and needs alone. */
export interface CriticalPath {
  readonly duration: number;
  readonly slacks: ReadonlyMap<string, Slack>;
  /** Every way from a first task to a last one that decides the duration. */
  readonly paths: readonly (readonly string[])[];
}

/** A task as the critical path needs it. */
export type Activity = Pick<Task, 'id' | 'after'> & { readonly long: number };

/** Slacks smaller than this are none: rounding. */
const NONE = 1e-9;
/** No more ways are listed than these. */
const MOST_PATHS = 200;

/**
 * The critical path by forward and backward passes (J. Kelley and M. Walker, 1959). Durations in any unit. Throws
 * where activities need each other.
 */
export function criticalPath(activities: readonly Activity[]): CriticalPath {
  const ordered = inNeedOrder(activities);
  const known = new Set(ordered.map(({ id }) => id));
  const needs = new Map(ordered.map(({ id, after }) => [id, after.filter((of) => known.has(of))]));
  const followers = new Map<string, string[]>(ordered.map(({ id }) => [id, []]));
  for (const [id, before] of needs) for (const of of before) followers.get(of)!.push(id);
  const [starts, ends] = [new Map<string, number>(), new Map<string, number>()];
  for (const { id, long } of ordered) {
    const start = Math.max(0, ...needs.get(id)!.map((of) => ends.get(of)!));
    starts.set(id, start);
    ends.set(id, start + long);
  }
  const duration = Math.max(0, ...ends.values());
  const latest = new Map<string, number>();
  for (const { id, long } of ordered.toReversed())
    latest.set(id, Math.min(duration, ...followers.get(id)!.map((of) => latest.get(of)!)) - long);
  const slacks = new Map(
    ordered.map(({ id, long }): [string, Slack] => {
      const [start, end, late] = [starts.get(id)!, ends.get(id)!, latest.get(id)!];
      const next = Math.min(duration, ...followers.get(id)!.map((of) => starts.get(of)!));
      return [
        id,
        {
          ...{ earliestStart: start, earliestEnd: end, latestStart: late, latestEnd: late + long },
          ...{ total: late - start, free: next - end },
        },
      ];
    }),
  );
  return { duration, slacks, paths: criticalWays(ordered, slacks, followers) };
}

function criticalWays(
  ordered: readonly Activity[],
  slacks: ReadonlyMap<string, Slack>,
  followers: ReadonlyMap<string, readonly string[]>,
): readonly (readonly string[])[] {
  const isCritical = (id: string): boolean => slacks.get(id)!.total < NONE;
  const touches = (a: string, b: string): boolean =>
    Math.abs(slacks.get(a)!.earliestEnd - slacks.get(b)!.earliestStart) < NONE;
  const ways: string[][] = [];
  const go = (way: readonly string[]): void => {
    if (ways.length >= MOST_PATHS) return;
    const last = way.at(-1)!;
    const next = followers.get(last)!.filter((id) => isCritical(id) && touches(last, id));
    if (next.length === 0) ways.push([...way]);
    for (const id of next) go([...way, id]);
  };
  for (const { id } of ordered)
    if (isCritical(id) && slacks.get(id)!.earliestStart < NONE) go([id]);
  // Nothing that takes no time begins a way of its own where another leads to it.
  return ways.filter((way) => !ways.some((other) => other !== way && isTailOf(way, other)));
}

const isTailOf = (way: readonly string[], other: readonly string[]): boolean =>
  other.length > way.length && way.every((id, i) => other[other.length - way.length + i] === id);
