import * as say from './words.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { Occupied } from '../piece/step.ts';
import { minutesBetween, momentAfter, partOf, windowsFrom } from '../schedule/attended.ts';
import { criticalPath } from '../schedule/criticalPath.ts';
import { spanOf, type Task } from '../schedule/tasks.ts';
import { timetable, type Timetable } from '../schedule/timetable.ts';
import { leversOf, type Lever } from './levers.ts';
import { HORIZON_DAYS, hoursOf } from './planHours.ts';
import {
  idOf,
  MARK,
  ofPiece,
  preferences,
  tasksOf,
  type PieceToPlan,
  type ScheduleQuestion,
  type StepToPlan,
} from './scheduleTasks.ts';

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
  /** The same in hours, with its working; null in time. */
  readonly late: Working | null;
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

const DAY_H = 24;

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
    levers: span === null ? [] : leversOf(question, span),
  };
}

function pieceEnd(
  piece: PieceToPlan,
  tasks: readonly Task[],
  endOf: ReadonlyMap<string, number>,
  from: string,
): PieceEnd {
  const end = Math.max(0, ...ofPiece(piece, tasks).map(({ id }) => endOf.get(id)!));
  const { id, name, due } = piece;
  if (!Number.isFinite(end)) return { piece: id, name, due, ready: null, lateDays: 0, late: null };
  const ready = momentAfter(from, end);
  const late = due === null ? null : lateWorking(piece, end, minutesBetween(from, `${due}T23:59`));
  const lateDays = late === null ? 0 : Math.ceil(late.value / DAY_H);
  return { piece: id, name, due, ready, lateDays, late };
}

/** Hours that a piece ends after the evening of its due date; null where it is in time. */
function lateWorking({ id, name }: PieceToPlan, end: number, due: number): Working | null {
  if (end <= due) return null;
  const ready = hoursOf(`ready.${id}`, say.untilReady(name), end, say.laidIntoHours);
  return {
    ...{ id: `bench.plan.late.${id}`, stage: 'bench', label: say.lateFor(name), unit: 'h' },
    ...{ value: (end - due) / 60, provenance: 'derived', formula: 'e − d' },
    inputs: [asInput('e', ready), input('d', say.untilDueEvening, due / 60, 'h', 'own')],
    source: say.oneHandOneOven,
  };
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
        const of = { piece: piece.id, critical: slacks.get(task.id)!.total < 1e-9 };
        const heated = start + (task.heatMin ?? 0);
        const heat = piece.steps.find(({ heatsFor, done }) => heatsFor === id && !done);
        const bookedHeat: readonly Booking[] =
          heat === undefined || heated === start
            ? []
            : [{ ...of, ...booked(heat), ...between(from, start, heated) }];
        return [
          ...bookedHeat,
          {
            ...{ ...of, ...booked(step), part },
            parts: own.filter((of) => partOf(of.id).id === idOf(piece, id)).length,
            ...between(from, heated, start + spanOf(task)),
          },
        ];
      });
    })
    .sort((a, b) => a.start.localeCompare(b.start) || a.end.localeCompare(b.end));
}

const booked = ({
  id,
  title,
  occupies,
}: StepToPlan): Pick<Booking, 'step' | 'title' | 'occupies' | 'part' | 'parts'> => ({
  ...{ step: id, title, occupies, part: 1, parts: 1 },
});
const between = (from: string, start: number, end: number): Pick<Booking, 'start' | 'end'> => ({
  start: momentAfter(from, start),
  end: momentAfter(from, end),
});

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
