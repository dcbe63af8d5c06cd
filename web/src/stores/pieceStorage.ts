import * as say from './words.ts';
import { keptStore } from './keptStore.ts';
import { dropListed, keepListed } from './shelfStorage.ts';
import { isNewer, isStored, readRecord, type ReadPiece, type StoredPiece } from './pieceRecord.ts';
import { isOnlyTab, withRecord } from './tabLocks.ts';

export type { ReadPiece, StoredPiece } from './pieceRecord.ts';

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

/** Which state of a piece a tab goes on from. */
export type Base = Pick<StoredPiece, 'revision' | 'savedAt'>;

/** Another tab has stored this piece since: what it stored. Thrown in place of writing over it. */
export class Overtaken extends Error {
  readonly theirs: StoredPiece;
  constructor(theirs: StoredPiece) {
    super(say.changedInAnotherTab);
    this.theirs = theirs;
  }
}

const store = keptStore('pieces');
const CURRENT = 'piece/';
const PREVIOUS = 'previous/';
const ASIDE = 'aside/';
/** Removed pieces stay until nobody can put them back. */
const REMOVED = 'removed/';

const idsUnder = async (head: string): Promise<readonly string[]> =>
  (await store.keys())
    .filter((key) => key.startsWith(head))
    .map((key) => key.slice(head.length).split('/')[0]!);

/** Ids of all stored pieces. */
export const storedIds = (): Promise<readonly string[]> => idsUnder(CURRENT);

/** Ids that no new piece may have: of stored pieces, removed ones, and records that are kept aside. */
export const takenIds = async (): Promise<readonly string[]> =>
  (await Promise.all([CURRENT, REMOVED, ASIDE].map(idsUnder))).flat();

/**
 * Writes a piece; the copy that was good until now is kept beside it. False where the browser refused
 * and it is only held in this page. Where `base` is given and another tab has stored something else
 * since, or a newer application has, it throws {@link Overtaken} and leaves that as it is.
 */
export function writePiece(stored: StoredPiece, base?: Base): Promise<boolean> {
  const { id } = stored.piece;
  return withRecord(id, async () => {
    const before = await store.get(CURRENT + id);
    if (isStored(before)) {
      const same = before.revision === base?.revision && before.savedAt === base.savedAt;
      if (isNewer(before) || (base !== undefined && !same)) throw new Overtaken(before);
      await store.set(PREVIOUS + id, before);
    }
    // A JSON round trip strips reactive wrappers, which the browser's store cannot copy.
    await keepListed(stored.piece);
    return store.set(CURRENT + id, JSON.parse(JSON.stringify(stored)));
  });
}

/** Records that are kept and not opened, each with what is wrong with it. */
export async function recordsAside(): Promise<readonly RecordAside[]> {
  const found: RecordAside[] = [];
  for (const [key, raw] of await store.under(ASIDE)) {
    const id = key.slice(ASIDE.length, key.lastIndexOf('/'));
    const read = await readRecord(raw);
    found.push({ key, id, sentence: typeof read === 'string' ? read : say.itCanBeRead });
  }
  for (const [key, raw] of await store.under(CURRENT))
    if (isNewer(raw))
      found.push({ key, id: key.slice(CURRENT.length), sentence: say.isOfNewerVersion });
  return found;
}

/** The text of a record that is kept aside, as it is. */
export const recordText = async (key: string): Promise<string> =>
  `${JSON.stringify(await store.get(key), null, 2)}\n`;

/** Lets go of a record that is kept aside. */
export const eraseRecord = async (key: string): Promise<void> => {
  await store.remove(key);
};

/** Takes a piece out of the list; it stays in the store until {@link tidyRemoved}. */
export async function erasePiece(id: string): Promise<void> {
  await withRecord(id, async () => {
    const record = await store.get(CURRENT + id);
    if (record === null) return;
    await store.set(REMOVED + id, { record, at: new Date().toISOString() });
    await store.remove(CURRENT + id);
    await dropListed(id);
  });
}

/** Puts a removed piece back exactly as it was; false where it is gone for good. */
export async function restorePiece(id: string): Promise<boolean> {
  return withRecord(id, async () => {
    const removed = (await store.get(REMOVED + id)) as { record?: unknown } | null;
    if (removed?.record === undefined) return false;
    await store.set(CURRENT + id, removed.record);
    if (isStored(removed.record)) await keepListed(removed.record.piece);
    await store.remove(REMOVED + id);
    return true;
  });
}

const DAY_MS = 86_400_000;

/**
 * Lets go of removed pieces that no tab can put back any more: of all where this is the only tab and has
 * just begun; where that cannot be known, of those removed more than a day ago.
 */
export async function tidyRemoved(now = Date.now()): Promise<void> {
  const alone = await isOnlyTab();
  if (alone === false) return;
  for (const id of await idsUnder(REMOVED)) {
    const at = ((await store.get(REMOVED + id)) as { at?: unknown } | null)?.at;
    const age = now - Date.parse(String(at));
    if (alone === undefined && age < DAY_MS) continue;
    await store.remove(REMOVED + id);
    await store.remove(PREVIOUS + id);
  }
}

/** What was found of a piece. */
export interface LoadedPiece {
  readonly stored: ReadPiece | undefined;
  readonly damage?: DamagedPiece;
  /** Whether there is one of a newer application, which is neither opened nor touched. */
  readonly newer?: boolean;
}

/** A piece is the one that its record lies under, whatever id a damaged record has. */
const under = (id: string, read: ReadPiece): ReadPiece =>
  read.piece.id === id ? read : { ...read, piece: { ...read.piece, id } };

/**
 * Reads a piece. A damaged document is set aside under its own key and the previous good copy is
 * taken in its place, if there is one.
 */
export async function loadPiece(id: string): Promise<LoadedPiece> {
  const raw = await store.get(CURRENT + id);
  if (raw === null) return { stored: undefined };
  if (isNewer(raw)) return { stored: undefined, newer: true };
  const found = await readRecord(raw);
  if (typeof found !== 'string') return { stored: under(id, found) };
  await store.set(`${ASIDE}${id}/${new Date().toISOString()}`, raw);
  const before = await readRecord(await store.get(PREVIOUS + id));
  if (typeof before === 'string') {
    await store.remove(CURRENT + id);
    return { stored: undefined, damage: { id, sentence: found, recovered: false } };
  }
  const { carried: _carried, ...record } = under(id, before);
  await store.set(CURRENT + id, record);
  return {
    stored: { ...record, carried: before.carried },
    damage: { id, sentence: found, recovered: true },
  };
}
