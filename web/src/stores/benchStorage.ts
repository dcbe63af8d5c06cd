import type { PieceNeed, PieceToPlan } from '@keen-sinew/core';
import { keptStore } from './keptStore.ts';

/**
 * What is left to do of each piece, what it takes and how it looks, as its plan last had it: a timetable or a shelf over
 * all pieces reads this and need not work all of them out.
 */
const store = keptStore('bench');
/** Outlines of another form are passed over: opening their piece writes them anew. */
const FORM = 2;

/** A small picture of a piece: a path, and the frame it lies in. */
export interface SmallRelief {
  readonly path: string;
  readonly viewBox: string;
}

/** What is kept of a piece beside its document. */
export interface KeptPiece {
  readonly piece: PieceToPlan;
  readonly needs: readonly PieceNeed[];
  /** Null where its form was not there yet. */
  readonly relief: SmallRelief | null;
  /** Its newest picture in the log; null where there is none. */
  readonly picture: string | null;
}

interface Outline extends KeptPiece {
  readonly form: number;
}

const isOutline = (raw: unknown): raw is Outline =>
  typeof raw === 'object' && raw !== null && (raw as Partial<Outline>).form === FORM;

/** Keeps the outline of a piece. */
export const keepOutline = (kept: KeptPiece): Promise<boolean> =>
  store.set(kept.piece.id, { form: FORM, ...kept } satisfies Outline);

/** What is kept of these pieces, as far as they were ever opened. */
export async function keptOf(ids: readonly string[]): Promise<readonly KeptPiece[]> {
  const wanted = new Set(ids);
  const all = await store.under('');
  return all.flatMap(([id, raw]) => (wanted.has(id) && isOutline(raw) ? [raw] : []));
}

/** Lets go of what is kept of pieces that are not among these any more. */
export async function dropOutlinesOfNone(ids: readonly string[]): Promise<void> {
  const still = new Set(ids);
  for (const key of await store.keys()) if (!still.has(key)) await store.remove(key);
}
