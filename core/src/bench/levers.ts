import * as say from './words.ts';
import { asInput, type Working } from '../piece/working.ts';
import { windowsFrom, type AttendedHours } from '../schedule/attended.ts';
import { timetable } from '../schedule/timetable.ts';
import { hoursOf, HORIZON_DAYS } from './planHours.ts';
import { preferences, tasksOf, type ScheduleQuestion } from './scheduleTasks.ts';

/** A change of the hours that was tried. */
export type LeverId = keyof typeof say.LEVERS;

/** A change that was tried, and how much earlier everything ends with it, hours of the clock. */
export interface Lever {
  readonly id: LeverId;
  readonly saves: Working;
}

/** Orders that are tried for a change that may not be made. */
const LEVER_TRIES = 2;
const DAY_MIN = 1440;
const DAY_H = 24;

/** What would bring the end nearer by a day or more, the best first. `span` is what is until the end as it is planned. */
export function leversOf(question: ScheduleQuestion, span: Working): readonly Lever[] {
  return changesOf(question)
    .flatMap(([id, changed]): readonly Lever[] => {
      const tasks = tasksOf(changed);
      const windows = windowsFrom(changed.hours, changed.from, HORIZON_DAYS);
      const table = timetable(tasks, windows, preferences(changed, tasks), LEVER_TRIES);
      const hours = span.value - table.minutes / 60;
      return hours < DAY_H ? [] : [{ id, saves: savesWorking(id, span, table.minutes) }];
    })
    .sort((a, b) => b.saves.value - a.saves.value);
}

/** An hour more on each day, a weekday more, the days off worked, long work in one sitting. */
function changesOf(question: ScheduleQuestion): readonly (readonly [LeverId, ScheduleQuestion])[] {
  const { hours, sittingMin } = question;
  const withHours = (more: Partial<AttendedHours>): ScheduleQuestion => ({
    ...question,
    hours: { ...hours, ...more },
  });
  const longer = hours.week.map((day) =>
    day.map((of, i) => (i === day.length - 1 ? { ...of, to: Math.min(DAY_MIN, of.to + 60) } : of)),
  );
  const free = hours.week.findIndex((day) => day.length === 0);
  const usual = hours.week.find((day) => day.length > 0) ?? [];
  const longest = Math.max(0, ...hours.week.flat().map(({ from, to }) => to - from));
  return [
    ['hour', withHours({ week: longer })],
    ...(free < 0 ? [] : [['day', withHours({ week: hours.week.with(free, usual) })] as const]),
    ...(hours.daysOff.length === 0 ? [] : [['off', withHours({ daysOff: [] })] as const]),
    ...(longest <= sittingMin ? [] : [['sitting', { ...question, sittingMin: longest }] as const]),
  ];
}

function savesWorking(id: LeverId, span: Working, minutes: number): Working {
  const then = hoursOf(`lever.${id}.then`, say.untilReadyThen, minutes, say.laidIntoHours);
  return {
    ...{ id: `bench.plan.lever.${id}`, stage: 'bench', label: say.LEVERS[id], unit: 'h' },
    ...{ value: span.value - then.value, provenance: 'derived', formula: 'T − t' },
    inputs: [asInput('T', span), asInput('t', then)],
    source: say.triedInFewOrders,
  };
}
