import localforage from 'localforage';
import { noteTrouble, noteWell } from './storageTrouble.ts';
import { countUnderWay } from './underWay.ts';

/**
 * One of the browser's stores, that goes on where the browser refuses: what cannot be written is held in
 * this page, and read from there, until it can.
 */
export interface KeptStore {
  /** What is kept under a key, or null. */
  readonly get: (key: string) => Promise<unknown>;
  /** Keeps a value; false where it is only held in this page. */
  readonly set: (key: string, value: unknown) => Promise<boolean>;
  /** Lets go of a value; false where that is only so in this page. */
  readonly remove: (key: string) => Promise<boolean>;
  readonly keys: () => Promise<readonly string[]>;
  /** Everything under keys that begin so, in one reading. */
  readonly under: (head: string) => Promise<readonly (readonly [key: string, value: unknown])[]>;
  /** Tries again to write what is held; true where nothing is left of it. */
  readonly retry: () => Promise<boolean>;
}

/** Some browsers neither open a store nor say no: so long is waited, ms. */
const PATIENCE_MS = 8000;

/** What was let go of while the browser would not. */
const GONE = Symbol('gone');

const made: KeptStore[] = [];

/** A store of this application by name. */
// eslint-disable-next-line max-lines-per-function -- a store is one function
export function keptStore(storeName: string): KeptStore {
  const store = localforage.createInstance({ name: 'keen-sinew', storeName });
  const held = new Map<string, unknown>();
  /** Once it could not be read nothing is written over what it may keep. */
  let shut = false;

  async function read<T>(ask: () => Promise<T>, otherwise: T): Promise<T> {
    if (shut) return otherwise;
    try {
      return await inTime(ask());
    } catch (error) {
      shut = true;
      noteTrouble(error, true);
      return otherwise;
    }
  }

  async function written(key: string, value: unknown): Promise<boolean> {
    if (shut) return false;
    try {
      await countUnderWay(
        inTime(value === GONE ? store.removeItem(key) : store.setItem(key, value)),
      );
    } catch (error) {
      noteTrouble(error);
      return false;
    }
    return true;
  }

  /** Writes what is held; the first that is refused ends it. */
  async function retry(): Promise<boolean> {
    for (const [key, value] of [...held]) {
      if (!(await written(key, value))) return false;
      if (held.get(key) === value) held.delete(key);
    }
    return !shut;
  }

  async function put(key: string, value: unknown): Promise<boolean> {
    held.delete(key);
    if (!(await written(key, value))) {
      held.set(key, value);
      return false;
    }
    // What could be written now may have made room for the rest.
    if (await retry()) noteWell();
    return true;
  }

  const kept: KeptStore = {
    get: async (key) =>
      held.has(key) ? fromHeld(held.get(key)) : await read(() => store.getItem(key), null),
    set: put,
    remove: async (key) => {
      // What was never written is let go of at once.
      if (held.get(key) !== undefined && held.get(key) !== GONE) held.delete(key);
      return put(key, GONE);
    },
    keys: async () => {
      const stored = await read(() => store.keys(), []);
      const all = new Set([...stored, ...held.keys()]);
      return [...all].filter((key) => held.get(key) !== GONE);
    },
    under: async (head) => {
      const found = new Map<string, unknown>();
      await read(
        () =>
          store.iterate((value: unknown, key) => {
            if (key.startsWith(head)) found.set(key, value);
          }),
        undefined,
      );
      for (const [key, value] of held) if (key.startsWith(head)) found.set(key, value);
      return [...found].filter(([, value]) => value !== GONE);
    },
    retry,
  };
  made.push(kept);
  return kept;
}

const fromHeld = (value: unknown): unknown => (value === GONE ? null : value);

/** Tries every store again; true where all that was held is written. */
export async function retryStores(): Promise<boolean> {
  const all = await Promise.all(made.map((store) => store.retry()));
  const well = all.every(Boolean);
  if (well) noteWell();
  return well;
}

/** The answer of a store, or a refusal where it gives none. */
function inTime<T>(asked: Promise<T>): Promise<T> {
  return new Promise((resolve, reject) => {
    const timer = setTimeout(() => reject(new Error('it does not answer')), PATIENCE_MS);
    asked.then(resolve, reject).finally(() => clearTimeout(timer));
  });
}
