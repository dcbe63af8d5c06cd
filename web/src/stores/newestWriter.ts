import { countUnderWay } from './underWay.ts';

/** Writes records one after the other; of those of one id that wait, the newest alone. */
export interface NewestWriter<R> {
  readonly put: (id: string, record: R) => void;
  /** Resolves when everything put so far is written, or was refused. */
  readonly settled: () => Promise<void>;
}

/** What becomes of a record: `isNewest` where none of its id waits behind it. */
export interface Outcome<R> {
  readonly written: (id: string, record: R, isNewest: boolean) => void;
  /** `error` is null where the browser would not keep it, which is told elsewhere. */
  readonly refused: (error: unknown, id: string, record: R) => void;
}

/** A writer over a store that may refuse: `write` says whether it was kept. */
export function createNewestWriter<R>(
  write: (record: R) => Promise<boolean>,
  { written, refused }: Outcome<R>,
): NewestWriter<R> {
  const waiting = new Map<string, R>();
  let writing: Promise<void> = Promise.resolve();
  let busy = false;

  async function drain(): Promise<void> {
    busy = true;
    for (let next = waiting.entries().next(); !next.done; next = waiting.entries().next()) {
      const [id, record] = next.value;
      waiting.delete(id);
      try {
        const kept = await write(record);
        if (kept) written(id, record, !waiting.has(id));
        else refused(null, id, record);
      } catch (error) {
        refused(error, id, record);
      }
    }
    busy = false;
  }
  return {
    put(id, record) {
      waiting.set(id, record);
      if (!busy) writing = countUnderWay(drain());
    },
    settled: () => writing,
  };
}
