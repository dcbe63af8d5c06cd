import * as say from './words.ts';
import { asInput, type Working } from '../piece/working.ts';
import type { Occupied } from '../piece/step.ts';
import {
  inSittings,
  minutesBetween,
  momentAfter,
  partOf,
  windowsFrom,
  type AttendedHours,
} from '../schedule/attended.ts';
import { criticalPath } from '../schedule/criticalPath.ts';
import { spanOf, type Task } from '../schedule/tasks.ts';
import { timetable, type Timetable } from '../schedule/timetable.ts';

/** A step as the timetable needs it. */
export interface StepToPlan {
  readonly id: string;
  readonly title: string;
  readonly minutes: number;
  readonly occupies: Occupied;
  readonly needs: readonly string[];
  readonly done: boolean;
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

/** A stretch of work on a day. */
export interface Booking {
  readonly piece: string;
  readonly step: string;
  readonly title: string;
  /** Which of how many sittings; 1 of 1 for what is not split. */
  readonly part: number;
  readonly parts: number;
  readonly occupies: Occupied;
  readonly start: string;
  readonly end: string;
  /** Whether the end of its piece moves with it, by needs alone. */
  readonly critical: boolean;
}

/** When a piece will be ready. */
export interface PieceEnd {
  readonly piece: string;
  readonly name: string;
  /** Null where the hours are too few, or too short for a step. */
  readonly ready: string | null;
  readonly due: string | null;
  /** Days after its due date; 0 in time. */
  readonly lateDays: number;
}

/** A change that was tried, and how many days earlier everything ends with it. */
export interface Lever {
  readonly id: 'hour' | 'day';
  readonly days: number;
}

export interface SchedulePlan {
  readonly bookings: readonly Booking[];
  readonly ends: readonly PieceEnd[];
  /** Steps for which no stretch at the bench is long enough, by title. */
  readonly tooLong: readonly string[];
  /** When the last piece ends after now, and before when none can, hours of the clock. */
  readonly span: Working | null;
  readonly bound: Working;
  readonly gap: Working | null;
  readonly isLeast: boolean;
  readonly levers: readonly Lever[];
}

/** Hours of so many days are looked at. */
const HORIZON_DAYS = 400;
/** Putting a bake into the oven, and taking it out. Common practice. */
export const LOADING_MIN = 5;
const DAY_MIN = 1440;
/** Orders that are tried for a change that may not be made. */
const LEVER_TRIES = 4;
/** Between a piece and its step; no id has it. */
const MARK = '/';

const idOf = (piece: PieceToPlan, step: string): string => `${piece.id}${MARK}${step}`;

/** Lays what is left of some pieces into the attended hours: one person, one oven. Throws where steps need each other. */
export function schedulePlan(question: ScheduleQuestion): SchedulePlan {
  const tasks = tasksOf(question);
  const windows = windowsFrom(question.hours, question.from, HORIZON_DAYS);
  const table = timetable(tasks, windows, preferences(question, tasks));
  const endOf = new Map(tasks.map((task) => [task.id, table.starts.get(task.id)! + spanOf(task)]));
  const ends = question.pieces.map((piece) => pieceEnd(piece, tasks, endOf, question.from));
  const isWhole = Number.isFinite(table.minutes);
  const bound = boundWorking(table);
  const span = isWhole ? spanWorking(table) : null;
  return {
    bookings: bookingsOf(question, tasks, table),
    ends,
    tooLong: tooLong(question, tasks, table),
    ...{ span, bound, gap: span && gapWorking(span, bound), isLeast: table.isLeast },
    levers: isWhole ? leversOf(question, tasks, table.minutes) : [],
  };
}

/** What is left of the pieces as tasks, long hand work in sittings. */
function tasksOf({ pieces, sittingMin, hours, from }: ScheduleQuestion): readonly Task[] {
  const longest = Math.max(0, ...hours.week.flat().map((of) => of.to - of.from));
  const left = pieces.flatMap((piece) => {
    const open = new Set(piece.steps.filter(({ done }) => !done).map(({ id }) => id));
    return piece.steps.flatMap((step): readonly Task[] => {
      if (step.done) return [];
      const after = step.needs.filter((id) => open.has(id)).map((id) => idOf(piece, id));
      const day = piece.notBefore[step.id];
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
function preferences(
  { pieces }: ScheduleQuestion,
  tasks: readonly Task[],
): ReadonlyMap<string, number> {
  const dated = pieces.filter(({ due }) => due !== null);
  if (pieces.length < 2 || dated.length === 0) return new Map();
  const byDue = dated.toSorted((a, b) => a.due!.localeCompare(b.due!));
  const ahead = new Map(byDue.map(({ id }, i) => [id, (byDue.length - i) * 1e5]));
  return new Map(tasks.map(({ id }) => [id, ahead.get(id.slice(0, id.indexOf(MARK))) ?? 0]));
}

const ofPiece = (piece: PieceToPlan, tasks: readonly Task[]): readonly Task[] =>
  tasks.filter(({ id }) => id.startsWith(`${piece.id}${MARK}`));

function pieceEnd(
  piece: PieceToPlan,
  tasks: readonly Task[],
  endOf: ReadonlyMap<string, number>,
  from: string,
): PieceEnd {
  const end = Math.max(0, ...ofPiece(piece, tasks).map(({ id }) => endOf.get(id)!));
  const { id, name, due } = piece;
  if (!Number.isFinite(end)) return { piece: id, name, due, ready: null, lateDays: 0 };
  const ready = momentAfter(from, end);
  const late = due === null ? 0 : minutesBetween(`${due}T23:59`, ready);
  return { piece: id, name, due, ready, lateDays: Math.max(0, Math.ceil(late / DAY_MIN)) };
}

function bookingsOf(
  { pieces, from }: ScheduleQuestion,
  tasks: readonly Task[],
  { starts }: Timetable,
): readonly Booking[] {
  return pieces
    .flatMap((piece) => {
      const own = ofPiece(piece, tasks);
      const { slacks } = criticalPath(own.map((task) => ({ ...task, long: spanOf(task) })));
      const byId = new Map(piece.steps.map((step) => [step.id, step]));
      return own.flatMap((task): readonly Booking[] => {
        const { id, part } = partOf(task.id.slice(piece.id.length + MARK.length));
        const [step, start] = [byId.get(id), starts.get(task.id)!];
        if (step === undefined || !Number.isFinite(start)) return [];
        return [
          {
            ...{ piece: piece.id, step: id, title: step.title, part, occupies: step.occupies },
            parts: own.filter((of) => partOf(of.id).id === idOf(piece, id)).length,
            start: momentAfter(from, start),
            end: momentAfter(from, start + spanOf(task)),
            critical: slacks.get(task.id)!.total < 1e-9,
          },
        ];
      });
    })
    .sort((a, b) => a.start.localeCompare(b.start) || a.end.localeCompare(b.end));
}

/** Attended steps that are longer than any stretch; what only waits for one of them is not told. */
function tooLong(
  { pieces, hours }: ScheduleQuestion,
  tasks: readonly Task[],
  { minutes }: Timetable,
): readonly string[] {
  if (Number.isFinite(minutes)) return [];
  const longest = Math.max(0, ...hours.week.flat().map((of) => of.to - of.from));
  return pieces.flatMap((piece) =>
    ofPiece(piece, tasks).flatMap((task) => {
      if (task.uses.length === 0 || spanOf(task) <= longest) return [];
      const { id } = partOf(task.id.slice(piece.id.length + MARK.length));
      return piece.steps.find((step) => step.id === id)?.title ?? [];
    }),
  );
}

const hoursOf = (id: string, label: string, minutes: number, method: string): Working => ({
  ...{ id: `bench.plan.${id}`, stage: 'bench', label, value: minutes / 60, unit: 'h', digits: 1 },
  ...{ provenance: 'derived', inputs: [], source: say.oneHandOneOven },
  reading: {
    ...{ method, resolution: say.wholeMinutes },
    checkedBy: 'core/src/schedule/timetable.test.ts',
  },
});
const spanWorking = ({ minutes }: Timetable): Working =>
  hoursOf('span', say.untilAllIsReady, minutes, say.laidIntoHours);
const boundWorking = ({ bound }: Timetable): Working =>
  hoursOf('bound', say.notBefore, bound.minutes, say.chainHandsOven);

const gapWorking = (span: Working, bound: Working): Working => ({
  ...{ id: 'bench.plan.gap', stage: 'bench', label: say.aboveBound, unit: 'percent' },
  value: bound.value === 0 ? 0 : 100 * (span.value / bound.value - 1),
  formula: bound.value === 0 ? '0 · T' : 'T / B − 1',
  inputs: [asInput('T', span), ...(bound.value === 0 ? [] : [asInput('B', bound)])],
  ...{ provenance: 'derived', source: say.oneHandOneOven },
});

/** What would bring the end nearer: an hour more on each day at the bench, or the first weekday without any. */
function leversOf(
  { hours, from, pieces, ...rest }: ScheduleQuestion,
  tasks: readonly Task[],
  minutes: number,
): readonly Lever[] {
  const longer = hours.week.map((day) =>
    day.map((of, i) => (i === day.length - 1 ? { ...of, to: Math.min(DAY_MIN, of.to + 60) } : of)),
  );
  const free = hours.week.findIndex((day) => day.length === 0);
  const usual = hours.week.find((day) => day.length > 0) ?? [];
  const tried: readonly (readonly [Lever['id'], AttendedHours])[] = [
    ['hour', { ...hours, week: longer }],
    ...(free < 0 ? [] : ([['day', { ...hours, week: hours.week.with(free, usual) }]] as const)),
  ];
  return tried.flatMap(([id, of]): readonly Lever[] => {
    const prefers = preferences({ hours, from, pieces, ...rest }, tasks);
    const table = timetable(tasks, windowsFrom(of, from, HORIZON_DAYS), prefers, LEVER_TRIES);
    const days = Math.floor((minutes - table.minutes) / DAY_MIN);
    return days < 1 ? [] : [{ id, days }];
  });
}

/** A step of a plan as the timetable needs it; what nobody can say takes no time. */
export const stepToPlan = (step: {
  readonly id: string;
  readonly title: string;
  readonly duration: Working | null;
  readonly occupies: Occupied;
  readonly needs: readonly string[];
  readonly done: unknown;
  readonly state: string;
}): StepToPlan => ({
  ...{ id: step.id, title: step.title, occupies: step.occupies, needs: step.needs },
  ...{ minutes: step.duration?.value ?? 0, done: step.done !== null || step.state === 'left' },
});
