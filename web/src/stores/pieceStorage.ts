import { problemSentence, readPiece, type Piece } from '@keen-sinew/core';
import localforage from 'localforage';

/** One step of the journal: what was done, and the document before it. */
export interface Step {
  readonly label: string;
  readonly piece: Piece;
}

/** What is stored of a piece: the document, and the way back and forth. */
export interface StoredPiece {
  readonly piece: Piece;
  readonly past: readonly Step[];
  readonly future: readonly Step[];
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
  // Steps of the journal are brought to today's version too; one that cannot be read is let go.
  const brought = (step: Step): readonly Step[] => {
    const its = readPiece(step.piece);
    return its.ok ? [{ ...step, piece: its.value }] : [];
  };
  return {
    ...raw,
    piece: read.value,
    past: raw.past.flatMap(brought),
    future: raw.future.flatMap(brought),
  };
}

function isStored(raw: unknown): raw is StoredPiece {
  const record = raw as Partial<StoredPiece> | null;
  return (
    typeof record === 'object' &&
    record !== null &&
    typeof record.piece === 'object' &&
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
