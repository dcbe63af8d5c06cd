import type { Occupied } from '../piece/step.ts';
import type { Working } from '../piece/working.ts';
import { inSittings, minutesBetween, type AttendedHours } from '../schedule/attended.ts';
import type { Task } from '../schedule/tasks.ts';

/** A step as the timetable needs it. */
export interface StepToPlan {
  readonly id: string;
  readonly title: string;
  readonly minutes: number;
  readonly occupies: Occupied;
  readonly needs: readonly string[];
  readonly done: boolean;
  /** The step for whose bake the oven is heated in this one: both are laid as one. */
  readonly heatsFor?: string | undefined;
}

/** A piece on the bench, as the timetable needs it. */
export interface PieceToPlan {
  readonly id: string;
  readonly name: string;
  readonly due: string | null;
  readonly notBefore: Readonly<Record<string, string>>;
  readonly steps: readonly StepToPlan[];
}

/** What is laid into the days. */
export interface ScheduleQuestion {
  readonly pieces: readonly PieceToPlan[];
  readonly hours: AttendedHours;
  readonly sittingMin: number;
  /** From when on, on the user's own clock: 2026-05-30T09:30. */
  readonly from: string;
}

/** Putting a bake into the oven, and taking it out. Common practice. */
export const LOADING_MIN = 5;
/** Between a piece and its step; no id has it. */
export const MARK = '/';

export const idOf = (piece: PieceToPlan, step: string): string => `${piece.id}${MARK}${step}`;

/** What is left of the pieces as tasks, long hand work in sittings. */
export function tasksOf({ pieces, sittingMin, hours, from }: ScheduleQuestion): readonly Task[] {
  const longest = Math.max(0, ...hours.week.flat().map((of) => of.to - of.from));
  const left = pieces.flatMap((piece) => {
    const open = piece.steps.filter(({ done }) => !done);
    const isLaid = new Set(
      open.filter(({ heatsFor }) => heatsFor === undefined).map(({ id }) => id),
    );
    return open.flatMap((step): readonly Task[] => {
      if (step.heatsFor !== undefined) return [];
      const heat = open.find(({ heatsFor }) => heatsFor === step.id);
      const needs = new Set([...step.needs, ...(heat?.needs ?? [])]);
      const after = [...needs].filter((id) => isLaid.has(id)).map((id) => idOf(piece, id));
      const days = [step.id, ...(heat === undefined ? [] : [heat.id])].flatMap(
        (id) => piece.notBefore[id] ?? [],
      );
      const day = days.toSorted().at(-1);
      const wait = day === undefined ? 0 : minutesBetween(from, `${day}T00:00`);
      const waiting: readonly Task[] =
        wait > 0
          ? [{ id: idOf(piece, `wait.${step.id}`), minutes: wait, uses: [], after: [] }]
          : [];
      return [
        ...waiting,
        {
          ...{ id: idOf(piece, step.id), minutes: Math.ceil(step.minutes) },
          after: [...after, ...waiting.map(({ id }) => id)],
          ...usesOf(step.occupies),
          ...(heat === undefined ? {} : { heatMin: Math.ceil(heat.minutes) }),
        },
      ];
    });
  });
  return inSittings(left, Math.max(1, Math.min(sittingMin, longest || sittingMin)));
}

const usesOf = (occupies: Occupied): Pick<Task, 'uses' | 'loadMin' | 'unloadMin'> => {
  if (occupies === 'person') return { uses: ['person'] };
  if (occupies === 'nothing') return { uses: [] };
  return { uses: ['oven'], loadMin: LOADING_MIN, unloadMin: LOADING_MIN };
};

/** What is due earlier goes before; what has no date goes last. One piece alone has nothing to go before. */
export function preferences(
  { pieces }: ScheduleQuestion,
  tasks: readonly Task[],
): ReadonlyMap<string, number> {
  const dated = pieces.filter(({ due }) => due !== null);
  if (pieces.length < 2 || dated.length === 0) return new Map();
  const byDue = dated.toSorted((a, b) => a.due!.localeCompare(b.due!));
  const ahead = new Map(byDue.map(({ id }, i) => [id, (byDue.length - i) * 1e5]));
  return new Map(tasks.map(({ id }) => [id, ahead.get(id.slice(0, id.indexOf(MARK))) ?? 0]));
}

export const ofPiece = (piece: PieceToPlan, tasks: readonly Task[]): readonly Task[] =>
  tasks.filter(({ id }) => id.startsWith(`${piece.id}${MARK}`));

/** A step of a plan as the timetable needs it; what nobody can say takes no time. */
export const stepToPlan = (step: {
  readonly id: string;
  readonly title: string;
  readonly duration: Working | null;
  readonly occupies: Occupied;
  readonly needs: readonly string[];
  readonly done: unknown;
  readonly state: string;
  readonly heatsFor?: string;
}): StepToPlan => ({
  ...{ id: step.id, title: step.title, occupies: step.occupies, needs: step.needs },
  ...{ minutes: step.duration?.value ?? 0, done: step.done !== null || step.state === 'left' },
  heatsFor: step.heatsFor,
});
