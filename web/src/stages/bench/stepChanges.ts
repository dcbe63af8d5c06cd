import type { StepDone, StepPlan, Workpiece } from '@keen-sinew/core';
import { withPart } from '../withPart.ts';

/** Today by the user's own calendar: 2026-05-30. */
export function today(now = new Date()): string {
  const two = (n: number): string => String(n).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

/** What of a step goes into the records of how long work takes. */
type Timed = Pick<StepPlan, 'id' | 'work' | 'estimateMin'>;

/** Records of the workshop with that of a step as it is now: none where nobody said how long it took. */
function withRecord(
  { id: piece, atHand: { records } }: Workpiece,
  { id: step, work, estimateMin }: Timed,
  done: StepDone | null,
): Workpiece['atHand']['records'] {
  const others = records.filter((of) => of.piece !== piece || of.step !== step);
  const actualMin = done?.minutes ?? 0;
  if (done === null || actualMin <= 0 || !estimateMin) return others;
  const { on } = done;
  return [...others, { piece, step, work, estimatedMin: estimateMin, actualMin, on }];
}

/** The document with a step ticked off, or with more logged of it; how long it took goes into the workshop's records. */
export function withStepDone(
  piece: Workpiece,
  step: Timed,
  part: Partial<StepDone>,
  on = today(),
): Workpiece {
  const before = piece.bench.done[step.id] ?? { on, minutes: null, note: '' };
  const done = { ...before, ...part };
  const ticked = withPart(piece, 'bench', { done: { ...piece.bench.done, [step.id]: done } });
  return withPart(ticked, 'atHand', { records: withRecord(piece, step, done) });
}

/** The document with a step open again; what was logged of it goes with the tick. */
export function withStepOpen(piece: Workpiece, step: Timed): Workpiece {
  const open = withPart(piece, 'bench', {
    done: Object.fromEntries(Object.entries(piece.bench.done).filter(([key]) => key !== step.id)),
  });
  return withPart(open, 'atHand', { records: withRecord(piece, step, null) });
}
