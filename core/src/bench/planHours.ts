import * as say from './words.ts';
import type { Working } from '../piece/working.ts';

/** Hours of so many days are looked at. */
export const HORIZON_DAYS = 400;

/** Minutes of the plan of the days as hours; how it was laid is its reading. */
export const hoursOf = (id: string, label: string, minutes: number, method: string): Working => ({
  ...{ id: `bench.plan.${id}`, stage: 'bench', label, value: minutes / 60, unit: 'h', digits: 1 },
  ...{ provenance: 'derived', inputs: [], source: say.oneHandOneOven },
  reading: {
    ...{ method, resolution: say.wholeMinutes },
    checkedBy: 'core/src/schedule/timetable.test.ts',
  },
});
