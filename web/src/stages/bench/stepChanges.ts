import {
  placesFor,
  withStockBack,
  withStockTaken,
  type LogEntry,
  type OwnStep,
  type StepDone,
  type StepPlan,
  type Workpiece,
} from '@keen-sinew/core';
import { withPart } from '../withPart.ts';

const two = (n: number): string => String(n).padStart(2, '0');

/** Today by the user's own calendar: 2026-05-30. */
export const today = (now = new Date()): string =>
  `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;

/** The minute that it is, on the user's own clock: 2026-05-30T09:30. */
export const minuteOf = (now = new Date()): string =>
  `${today(now)}T${two(now.getHours())}:${two(now.getMinutes())}`;

/** What of a step goes into the records of how long work takes, and out of the stock. */
type Timed = Pick<StepPlan, 'id' | 'work' | 'estimateMin'> & Partial<Pick<StepPlan, 'takes'>>;

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

/** A record without one of its keys. */
const without = <T>(of: Readonly<Record<string, T>>, key: string): Record<string, T> =>
  Object.fromEntries(Object.entries(of).filter(([id]) => id !== key));

/**
 * The document with a step ticked off, or with more logged of it; how long it took goes into the workshop's records,
 * and what it takes leaves the stock when it is ticked first.
 */
export function withStepDone(
  piece: Workpiece,
  step: Timed,
  part: Partial<StepDone>,
  on = today(),
): Workpiece {
  const before = piece.bench.done[step.id];
  const done = { ...(before ?? { on, minutes: null, note: '' }), ...part };
  const ticked = withPart(piece, 'bench', {
    done: { ...piece.bench.done, [step.id]: done },
    leftOut: without(piece.bench.leftOut, step.id),
  });
  const used =
    before === undefined && step.takes !== undefined
      ? withStockTaken(ticked, step.id, step.takes)
      : ticked;
  return withPart(used, 'atHand', { records: withRecord(used, step, done) });
}

/** The document with a step open again; what was logged of it goes with the tick, what it took goes back. */
export function withStepOpen(piece: Workpiece, step: Timed): Workpiece {
  const open = withPart(piece, 'bench', { done: without(piece.bench.done, step.id) });
  const back = withStockBack(open, step.id);
  return withPart(back, 'atHand', { records: withRecord(back, step, null) });
}

/** The document with a part of a step ticked, or open again. */
export function withPartDone(
  piece: Workpiece,
  stepId: string,
  part: string,
  isDone: boolean,
): Workpiece {
  const others = (piece.bench.partsDone[stepId] ?? []).filter((id) => id !== part);
  const parts = isDone ? [...others, part] : others;
  const rest = without(piece.bench.partsDone, stepId);
  return withPart(piece, 'bench', {
    partsDone: parts.length === 0 ? rest : { ...rest, [stepId]: parts },
  });
}

/** The document with a step left out and why, or taken up again with null. */
export function withLeftOut(piece: Workpiece, stepId: string, why: string | null): Workpiece {
  const rest = without(piece.bench.leftOut, stepId);
  return withPart(piece, 'bench', { leftOut: why === null ? rest : { ...rest, [stepId]: why } });
}

/** Moves that come to the same are forgotten: a step is put somewhere by its last one. */
export const withMove = (piece: Workpiece, step: string, after: string | null): Workpiece =>
  withPart(piece, 'bench', {
    moved: [...piece.bench.moved.filter((of) => of.step !== step), { step, after }],
  });

/** Where a step comes to stand in a list when it is dropped at a place: as near as its needs allow. */
export function dropAfter(
  steps: readonly StepPlan[],
  stepId: string,
  at: number,
): { readonly after: string | null; readonly isHeld: boolean } {
  const rest = steps.filter(({ id }) => id !== stepId);
  const { first, last } = placesFor(steps, stepId);
  const place = Math.min(last, Math.max(first, at));
  return { after: rest[place - 1]?.id ?? null, isHeld: place !== at };
}

/** The document with an own step put in, changed, or taken out with null. */
export function withOwnStep(piece: Workpiece, id: string, own: OwnStep | null): Workpiece {
  const all = piece.bench.own;
  const isNew = !all.some((of) => of.id === id);
  if (own === null)
    return withPart(piece, 'bench', {
      own: all.filter((of) => of.id !== id),
      done: without(piece.bench.done, id),
      moved: piece.bench.moved.filter(({ step }) => step !== id),
    });
  return withPart(piece, 'bench', {
    own: isNew ? [...all, own] : all.map((of) => (of.id === id ? own : of)),
  });
}

/** The document with something written into its log. */
export const withEntry = (piece: Workpiece, entry: LogEntry): Workpiece =>
  withPart(piece, 'bench', { log: [...piece.bench.log, entry] });

/** An entry of the log as of now. */
export const newEntry = (
  { bench }: Workpiece,
  part: Partial<LogEntry> & Pick<LogEntry, 'kind'>,
  now = new Date(),
): LogEntry => ({
  ...{ id: `e${now.getTime().toString(36)}-${bench.log.length}`, at: minuteOf(now), step: null },
  ...{ words: '', minutes: null, picture: null },
  ...part,
});

/** The document with a step that is not begun before a day; with null as soon as can be. */
export function withPin(piece: Workpiece, stepId: string, day: string | null): Workpiece {
  const rest = without(piece.bench.notBefore, stepId);
  return withPart(piece, 'bench', {
    notBefore: day === null ? rest : { ...rest, [stepId]: day },
  });
}
