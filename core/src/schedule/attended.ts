import type { Task, Windows } from './tasks.ts';

/** Hours at the bench: by weekday from Monday on, minutes of the day; and days on which there are none. */
export interface AttendedHours {
  readonly week: readonly (readonly { readonly from: number; readonly to: number }[])[];
  readonly daysOff: readonly string[];
}

const DAY = 1440;
const MINUTE_MS = 60_000;

/** "2026-05-30T09:30" on the user's own clock; read and written as if every day had 24 hours. */
const msOf = (at: string): number => Date.parse(`${at}:00Z`);
const textOf = (ms: number): string => new Date(ms).toISOString().slice(0, 16);

/** A moment so many minutes after another. */
export const momentAfter = (from: string, minutes: number): string =>
  textOf(msOf(from) + Math.round(minutes) * MINUTE_MS);

/** Minutes from a moment to another; less than 0 where it was before. */
export const minutesBetween = (from: string, to: string): number =>
  (msOf(to) - msOf(from)) / MINUTE_MS;

/** The attended hours of so many days from a moment on, minutes from it. */
export function windowsFrom(
  { week, daysOff }: AttendedHours,
  from: string,
  days: number,
): NonNullable<Windows> {
  const off = new Set(daysOff);
  const first = `${from.slice(0, 10)}T00:00`;
  const before = minutesBetween(first, from);
  return Array.from({ length: days }, (_, n) => {
    const day = momentAfter(first, n * DAY).slice(0, 10);
    const weekday = (new Date(msOf(`${day}T00:00`)).getUTCDay() + 6) % 7;
    const hours = off.has(day) ? [] : (week[weekday] ?? []);
    return hours.map((of): readonly [number, number] => [
      Math.max(0, n * DAY + of.from - before),
      n * DAY + of.to - before,
    ]);
  })
    .flat()
    .filter(([start, end]) => end > start);
}

/** Hand work that is longer than a sitting is split into even parts, one after the other: `id`, `id·2`, `id·3`. */
export function inSittings(tasks: readonly Task[], mostMin: number): readonly Task[] {
  const last = new Map<string, string>();
  const parts = tasks.flatMap((task): readonly Task[] => {
    const many =
      task.uses.length === 1 && task.uses[0] === 'person' ? Math.ceil(task.minutes / mostMin) : 1;
    if (many <= 1) return [task];
    last.set(task.id, `${task.id}·${many}`);
    return Array.from({ length: many }, (_, n): Task => ({
      ...task,
      id: n === 0 ? task.id : `${task.id}·${n + 1}`,
      minutes: Math.ceil(task.minutes / many),
      after: n === 0 ? task.after : [n === 1 ? task.id : `${task.id}·${n}`],
    }));
  });
  const firsts = new Set(tasks.map(({ id }) => id));
  return parts.map((task) =>
    firsts.has(task.id) ? { ...task, after: task.after.map((id) => last.get(id) ?? id) } : task,
  );
}

/** The task that a part belongs to, and which part it is from 1. */
export function partOf(id: string): { readonly id: string; readonly part: number } {
  const at = id.lastIndexOf('·');
  return at < 0 ? { id, part: 1 } : { id: id.slice(0, at), part: Number(id.slice(at + 1)) };
}
