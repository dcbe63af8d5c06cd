import { problemSentence, readPiece, type Piece } from '@keen-sinew/core';
import localforage from 'localforage';
import { stepBetween, stepped, type HistoryStep } from './history.ts';

/** What is stored of a piece: the document, and the way back and forth. */
export interface StoredPiece {
  readonly piece: Piece;
  readonly past: readonly HistoryStep[];
  readonly future: readonly HistoryStep[];
  readonly revision: number;
  readonly savedAt: string;
}

/** A stored document that could not be read: set aside, never deleted. */
export interface DamagedPiece {
  readonly id: string;
  readonly sentence: string;
  readonly recovered: boolean;
}

const store = localforage.createInstance({ name: 'keen-sinew', storeName: 'pieces' });
const CURRENT = 'piece/';
const PREVIOUS = 'previous/';
const ASIDE = 'aside/';

/** Ids of all stored pieces. */
export async function storedIds(): Promise<readonly string[]> {
  const keys = await store.keys();
  return keys.filter((key) => key.startsWith(CURRENT)).map((key) => key.slice(CURRENT.length));
}

/** Writes a piece; the copy that was good until now is kept beside it. */
export async function writePiece(stored: StoredPiece): Promise<void> {
  const key = stored.piece.id;
  const before = await store.getItem<unknown>(CURRENT + key);
  if (before !== null && isStored(before)) await store.setItem(PREVIOUS + key, before);
  // A JSON round trip strips reactive wrappers, which the browser's store cannot copy.
  await store.setItem(CURRENT + key, JSON.parse(JSON.stringify(stored)));
}

/** Removes a piece from the store. */
export async function erasePiece(id: string): Promise<void> {
  await store.removeItem(CURRENT + id);
  await store.removeItem(PREVIOUS + id);
}

/**
 * Reads a piece. A damaged document is set aside under its own key and the previous good copy is
 * taken in its place, if there is one.
 */
export async function loadPiece(
  id: string,
): Promise<{ readonly stored: StoredPiece | undefined; readonly damage?: DamagedPiece }> {
  const raw = await store.getItem<unknown>(CURRENT + id);
  if (raw === null) return { stored: undefined };
  const found = checked(raw);
  if (typeof found !== 'string') return { stored: found };
  await store.setItem(`${ASIDE}${id}/${new Date().toISOString()}`, raw);
  const before = checked(await store.getItem<unknown>(PREVIOUS + id));
  if (typeof before === 'string') {
    await store.removeItem(CURRENT + id);
    return { stored: undefined, damage: { id, sentence: found, recovered: false } };
  }
  await store.setItem(CURRENT + id, before);
  return { stored: before, damage: { id, sentence: found, recovered: true } };
}

/** A stored record with its document read, or the sentence of what is wrong with it. */
function checked(raw: unknown): StoredPiece | string {
  if (!isStored(raw)) return 'The stored record is not one of a piece.';
  const read = readPiece(raw.piece);
  if (!read.ok) return problemSentence(read.problem);
  return { ...raw, piece: read.value, ...journalOf(raw, read.value) };
}

/**
 * The journal of a record, brought to today's version with its document. Steps of a document that had
 * to be changed, or that were kept whole as they once were, are made anew from the documents that they
 * lead to; from one that cannot be read any more on, the way ends.
 */
function journalOf(raw: StoredPiece, piece: Piece): Pick<StoredPiece, 'past' | 'future'> {
  const whole = [...raw.past, ...raw.future].some((step) => 'piece' in step);
  const same = (raw.piece as { version?: unknown }).version === piece.version;
  if (same && !whole) return { past: raw.past, future: raw.future };
  return {
    past: steps(raw.past, 'back', raw.piece, piece),
    future: steps(raw.future, 'forth', raw.piece, piece),
  };
}

/** Steps of one way, the nearest last, led from document to document. */
function steps(
  kept: StoredPiece['past'],
  way: 'back' | 'forth',
  rawNow: object,
  now: Piece,
): readonly HistoryStep[] {
  const made: HistoryStep[] = [];
  let [raw, here] = [rawNow, now];
  for (const step of kept.toReversed()) {
    const wholeThen = (step as { piece?: object }).piece;
    raw = wholeThen ?? stepped(raw, step[way]);
    const there = readPiece(raw);
    if (!there.ok) break;
    const [before, after] = way === 'back' ? [there.value, here] : [here, there.value];
    const found = stepBetween(step.label, before, after);
    if (found !== undefined) made.unshift(found);
    here = there.value;
  }
  return made;
}

function isStored(raw: unknown): raw is StoredPiece {
  const record = raw as Partial<StoredPiece> | null;
  return (
    typeof record === 'object' &&
    record !== null &&
    typeof record.piece === 'object' &&
    record.piece !== null &&
    Array.isArray(record.past) &&
    Array.isArray(record.future)
  );
}

const settings = localforage.createInstance({ name: 'keen-sinew', storeName: 'settings' });

/** A setting of this browser, or undefined. */
export async function readSetting<T>(key: string): Promise<T | undefined> {
  return (await settings.getItem<T>(key)) ?? undefined;
}

/** Keeps a setting of this browser. */
export async function writeSetting(key: string, value: unknown): Promise<void> {
  await settings.setItem(key, value);
}
