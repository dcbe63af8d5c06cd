import type { PieceToPlan } from '@keen-sinew/core';
import { keptStore } from './keptStore.ts';

/**
 * What is left to do of each piece, as its plan last had it: a timetable over all pieces reads this and need not
 * work all of them out.
 */
const store = keptStore('bench');
/** Outlines of another form are passed over: opening their piece writes them anew. */
const FORM = 1;

interface Outline {
  readonly form: number;
  readonly piece: PieceToPlan;
}

const isOutline = (raw: unknown): raw is Outline =>
  typeof raw === 'object' && raw !== null && (raw as Partial<Outline>).form === FORM;

/** Keeps the outline of a piece. */
export const keepOutline = (piece: PieceToPlan): Promise<boolean> =>
  store.set(piece.id, { form: FORM, piece } satisfies Outline);

/** Outlines of these pieces, as far as they were ever opened. */
export async function outlinesOf(ids: readonly string[]): Promise<readonly PieceToPlan[]> {
  const all = await Promise.all(ids.map((id) => store.get(id)));
  return all.filter(isOutline).map(({ piece }) => piece);
}
