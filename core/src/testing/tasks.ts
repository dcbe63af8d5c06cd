import fc from 'fast-check';
import type { Task } from '../schedule/tasks.ts';

const kinds = fc.constantFrom<Task['uses']>(['person'], ['oven'], [], ['person', 'oven']);
/** Tasks whose needs make no circle: so many at most, and so long. */
export const tasksOf = (most: number, long: number) =>
  fc
    .array(
      fc.record({ minutes: fc.integer({ min: 1, max: long }), uses: kinds, needs: fc.nat() }),
      {
        minLength: 2,
        maxLength: most,
      },
    )
    .map((all) =>
      all.map(({ minutes, uses, needs }, i): Task => ({
        ...{ id: `t${i}`, minutes, uses },
        after: i === 0 || needs % 3 === 0 ? [] : [`t${needs % i}`],
        // Every other oven is heated up for first.
        ...(uses[0] === 'oven' ? { heatMin: 2 * (needs % 2), loadMin: 1, unloadMin: 1 } : {}),
      })),
    );

/** Monday to Friday, three hours before noon and four after one. */
export const WEEKDAYS = {
  week: [0, 1, 2, 3, 4, 5, 6].map((day) =>
    day < 5
      ? [
          { from: 540, to: 720 },
          { from: 780, to: 1020 },
        ]
      : [],
  ),
  daysOff: [],
};
