import * as say from './words.ts';
import type { PieceToPlan } from '@keen-sinew/core';
import { dayText } from '../composables/dayText.ts';

/** Where a piece stands, in words: steps done, the next one, and when it is due; nothing for one that rests. */
export function pieceState({ steps, due }: PieceToPlan): string {
  const done = new Set(steps.filter((step) => step.done).map(({ id }) => id));
  const known = new Set(steps.map(({ id }) => id));
  const next = steps.find(
    (step) => !step.done && step.needs.every((need) => done.has(need) || !known.has(need)),
  );
  const isBegun = done.size > 0;
  return [
    ...(isBegun && next === undefined ? [say.isFinished] : []),
    ...(isBegun && next !== undefined
      ? [say.stepsDone(done.size, steps.length), say.nextIs(next.title)]
      : []),
    ...(due === null || (isBegun && next === undefined) ? [] : [say.dueOn(dayText(due))]),
  ].join(' · ');
}
