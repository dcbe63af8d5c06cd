import type { Workpiece, StepDone } from '@keen-sinew/core';
import { withPart } from '../withPart.ts';

/** Today by the user's own calendar: 2026-05-30. */
export function today(now = new Date()): string {
  const two = (n: number): string => String(n).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

/** The document with a step ticked off, or with more logged of it. */
export function withStepDone(
  piece: Workpiece,
  id: string,
  part: Partial<StepDone>,
  on = today(),
): Workpiece {
  const before = piece.bench.done[id] ?? { on, minutes: null, note: '' };
  return withPart(piece, 'bench', { done: { ...piece.bench.done, [id]: { ...before, ...part } } });
}

/** The document with a step open again; what was logged of it goes with the tick. */
export const withStepOpen = (piece: Workpiece, id: string): Workpiece =>
  withPart(piece, 'bench', {
    done: Object.fromEntries(Object.entries(piece.bench.done).filter(([key]) => key !== id)),
  });
