/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// useBenchPlan.ts
export const planOfWork = 'The plan of the work';

// DaysStage.vue
export const workByDays = 'The work by days';
export const whenReady = 'When it will be ready';
export const due = 'Due';
export const dueOn = 'Due on';
export const changeDue = 'Change the due date';
export const readyOn = (when: string): string => `Ready ${when}`;
export const neverReady = 'Not ready within a year by these hours.';
export const tooLong = (titles: string): string =>
  `No stretch at the bench is long enough for: ${titles}. Make one longer; a bake is never left alone.`;
export const late = (days: number): string => (days === 1 ? 'a day late' : `${days} days late`);
export const inTime = 'in time';
export const othersHint =
  'Other pieces count once they are begun or have a due date, as they stood when they were last open.';
export const hoursAtBench = 'Hours at the bench';
export const wouldBringNearer = 'What would bring the end nearer, and by how much:';
export const isLeast = 'By these hours nothing could be ready earlier.';
export const asCalendar = 'Take to a calendar (ICS)';
export const nothingLeft = 'Everything is ticked off: nothing is left to plan.';
export const planIsMade = 'The plan is being made.';

// DayList.vue
export const daysAndSteps = 'Days and their steps';
export const ofSittings = (part: number, parts: number): string => `sitting ${part} of ${parts}`;
export const decides = 'decides the end';
export const byItself = 'by itself';
export const inOven = 'oven';
export const notBefore = (title: string): string => `Not before: ${title}`;
export const pin = 'Not before …';
export const pinStep = (title: string): string => `Pin “${title}” to a day`;
export const moreDays = 'Show the days after these';

// DaysChart.vue
export const chartOf = (names: string): string => `Chart of the days: ${names}`;
export const hands = 'hands';
export const oven = 'oven';
export const waits = 'by itself';

// HoursPart.vue
export const WEEKDAYS = [
  'Monday',
  'Tuesday',
  'Wednesday',
  'Thursday',
  'Friday',
  'Saturday',
  'Sunday',
] as const;
export const changeHours = 'Change the hours at the bench';
export const hoursOn = (day: string): string => `Hours at the bench on ${day}`;
export const dayOff = 'Add a day off';
export const daysOff = 'Days off';
export const takeDayOff = (day: string): string => `Work on ${day} after all`;
export const changeDaysOff = 'Change the days off';
export const notBeforeDay = (day: string): string => `Not before ${day}`;
export const asWeek = 'Plan of the week (PDF)';
export const weekNotMade = (reason: string): string => `The plan could not be printed: ${reason}`;
export const clockIsBack = (last: string, now: string): string =>
  `The clock of this device says ${now}, and a step was ticked on ${last}. Set the clock right: what was ticked stays as it is.`;
