import * as say from './words.ts';
import {
  inWorkshop,
  isOfToday,
  newWorkshop,
  PIECE_VERSION,
  problemSentence,
  readTodaysPiece,
  type Parsed,
  type Piece,
  type PieceFile,
  type Workpiece,
  type Workshop,
} from '@keen-sinew/core';
import localforage from 'localforage';
import { historyReady, stepBetween, stepped, type HistoryStep } from './history.ts';

/**
 * What is stored of a piece: its document, and the way back and forth. The steps are those of the
 * workpiece, as they may touch the workshop too.
 */
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

/** A record that is kept as it is and not opened: a damaged one, or one of a newer application. */
export interface RecordAside {
  /** Where the store has it. */
  readonly key: string;
  readonly id: string;
  readonly sentence: string;
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

/** Records that are kept and not opened, each with what is wrong with it. */
export async function recordsAside(): Promise<readonly RecordAside[]> {
  const found: RecordAside[] = [];
  for (const key of await store.keys()) {
    if (key.startsWith(ASIDE)) {
      const id = key.slice(ASIDE.length, key.lastIndexOf('/'));
      const read = await checked(await store.getItem<unknown>(key));
      found.push({ key, id, sentence: typeof read === 'string' ? read : say.itCanBeRead });
    } else if (key.startsWith(CURRENT)) {
      const raw = await store.getItem<unknown>(key);
      if (isNewer(raw))
        found.push({ key, id: key.slice(CURRENT.length), sentence: say.isOfNewerVersion });
    }
  }
  return found;
}

/** The text of a record that is kept aside, as it is. */
export const recordText = async (key: string): Promise<string> =>
  `${JSON.stringify(await store.getItem<unknown>(key), null, 2)}\n`;

/** Lets go of a record that is kept aside. */
export const eraseRecord = (key: string): Promise<void> => store.removeItem(key);

/** Removes a piece from the store. */
export async function erasePiece(id: string): Promise<void> {
  await store.removeItem(CURRENT + id);
  await store.removeItem(PREVIOUS + id);
}

/** What was found of a piece. */
export interface LoadedPiece {
  readonly stored: ReadPiece | undefined;
  readonly damage?: DamagedPiece;
}

/** A stored piece of today's version, with what its record of an older one held of the workshop. */
export interface ReadPiece extends StoredPiece {
  readonly carried: Workshop | null;
}

/**
 * Reads a piece. A damaged document is set aside under its own key and the previous good copy is
 * taken in its place, if there is one.
 */
export async function loadPiece(id: string): Promise<LoadedPiece> {
  const raw = await store.getItem<unknown>(CURRENT + id);
  // What a newer application has written is neither opened nor touched.
  if (raw === null || isNewer(raw)) return { stored: undefined };
  const found = await checked(raw);
  if (typeof found !== 'string') return { stored: found };
  await store.setItem(`${ASIDE}${id}/${new Date().toISOString()}`, raw);
  const before = await checked(await store.getItem<unknown>(PREVIOUS + id));
  if (typeof before === 'string') {
    await store.removeItem(CURRENT + id);
    return { stored: undefined, damage: { id, sentence: found, recovered: false } };
  }
  const { carried: _carried, ...record } = before;
  await store.setItem(CURRENT + id, record);
  return { stored: before, damage: { id, sentence: found, recovered: true } };
}

/** A stored record with its document read, or the sentence of what is wrong with it. */
async function checked(raw: unknown): Promise<ReadPiece | string> {
  if (!isStored(raw)) return say.storedRecordIsNot;
  try {
    const read = await readAny(raw.piece);
    if (!read.ok) return problemSentence(read.problem);
    const { piece, workshop: carried } = read.value;
    return { ...raw, piece, carried, ...(await journalOf(raw, read.value)) };
  } catch (error) {
    return say.storedRecordCannot(String(error));
  }
}

/** Whether a record was written by a newer application than this one. */
function isNewer(raw: unknown): boolean {
  const version = (raw as { piece?: { version?: unknown } | null } | null)?.piece?.version;
  return Number.isInteger(version) && Number(version) > PIECE_VERSION;
}

/**
 * The journal of a record, brought to today's version with its document. Steps of a document that had
 * to be changed, or that were kept whole as they once were, are made anew from the documents that they
 * lead to; from one that cannot be read any more on, the way ends.
 */
async function journalOf(
  raw: StoredPiece,
  read: PieceFile,
): Promise<Pick<StoredPiece, 'past' | 'future'>> {
  const whole = [...raw.past, ...raw.future].some((step) => 'piece' in step);
  const same = (raw.piece as { version?: unknown }).version === read.piece.version;
  if (same && !whole) return { past: raw.past, future: raw.future };
  return {
    past: await steps(raw.past, 'back', raw.piece, joined(read)),
    future: await steps(raw.future, 'forth', raw.piece, joined(read)),
  };
}

/** Reads a document of any version; what brings older ones up is fetched only for them. */
async function readAny(data: unknown): Promise<Parsed<PieceFile>> {
  if (isOfToday(data)) return readTodaysPiece(data);
  return (await import('./olderPieces.ts')).readPiece(data);
}

/** A document as it lay in the workshop of its time. */
const joined = ({ piece, workshop }: PieceFile): Workpiece =>
  inWorkshop(piece, workshop ?? newWorkshop());

/** Steps of one way, the nearest last, led from document to document. */
async function steps(
  kept: StoredPiece['past'],
  way: 'back' | 'forth',
  rawNow: object,
  now: Workpiece,
): Promise<readonly HistoryStep[]> {
  await historyReady;
  const made: HistoryStep[] = [];
  let [raw, here] = [rawNow, now];
  for (const step of kept.toReversed()) {
    const wholeThen = (step as { piece?: object }).piece;
    raw = wholeThen ?? stepped(raw, step[way]);
    const there = await readAny(raw);
    if (!there.ok) break;
    const then = joined(there.value);
    const [before, after] = way === 'back' ? [then, here] : [here, then];
    const found = stepBetween(step.label, before, after);
    if (found !== undefined) made.unshift(found);
    here = then;
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
    isJournal(record.past) &&
    isJournal(record.future) &&
    Number.isInteger(record.revision)
  );
}

/** Whether steps can be led along: patches, or the documents that older versions kept. */
const isJournal = (steps: unknown): boolean =>
  Array.isArray(steps) &&
  steps.every((step: Partial<HistoryStep & { piece: unknown }> | null) => {
    if (typeof step !== 'object' || step === null || typeof step.label !== 'string') return false;
    const patches = Array.isArray(step.forth) && Array.isArray(step.back);
    return patches || (typeof step.piece === 'object' && step.piece !== null);
  });

const settings = localforage.createInstance({ name: 'keen-sinew', storeName: 'settings' });

/** A setting of this browser, or undefined. */
export async function readSetting<T>(key: string): Promise<T | undefined> {
  return (await settings.getItem<T>(key)) ?? undefined;
}

/** Keeps a setting of this browser. */
export async function writeSetting(key: string, value: unknown): Promise<void> {
  await settings.setItem(key, value);
}
