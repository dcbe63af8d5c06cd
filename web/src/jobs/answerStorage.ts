import type { Job } from '@keen-sinew/core';
import localforage from 'localforage';

/** An answer as it is kept, apart from the documents: it can always be worked out again. */
interface Kept {
  readonly key: string;
  readonly value: unknown;
  readonly bytes: number;
  readonly usedAt: number;
}

/** Answers of one build never serve another: the way they are worked out may have changed. */
const BUILD = __BUILD_ID__;
/** What answers may take of the browser's room; the longest unused go first. */
export const MOST_BYTES = 200_000_000;

const store = localforage.createInstance({ name: 'keen-sinew-answers', storeName: 'answers' });

/** Where the answer to a job lies; the question itself is too long for a name. */
async function nameOf(job: Job<unknown, unknown>): Promise<string> {
  const { sha256 } = await import('@noble/hashes/sha2.js');
  const { bytesToHex, utf8ToBytes } = await import('@noble/hashes/utils.js');
  return `${BUILD}/${job.name}/${bytesToHex(sha256(utf8ToBytes(job.key)))}`;
}

/** The fine answer that was kept for a job; undefined where there is none. */
export async function keptAnswer<I, O>(job: Job<I, O>): Promise<O | undefined> {
  const name = await nameOf(job);
  const kept = await store.getItem<Kept>(name);
  // Names are digests: the question itself is compared as well.
  return kept?.key === job.key ? (kept.value as O) : undefined;
}

/** Keeps the fine answer to a job, and lets go of those of other builds and of the longest unused. */
export async function keepAnswer<O>(
  job: Job<unknown, O>,
  value: O,
  now = Date.now(),
  mostBytes = MOST_BYTES,
): Promise<void> {
  const name = await nameOf(job);
  const bytes = roughBytes(value) + 2 * job.key.length;
  if (bytes > mostBytes / 2) return;
  await store.setItem(name, { key: job.key, value, bytes, usedAt: now } satisfies Kept);
  await makeRoom(mostBytes);
}

async function makeRoom(mostBytes: number): Promise<void> {
  const all: { name: string; bytes: number; usedAt: number }[] = [];
  for (const name of await store.keys()) {
    const kept = name.startsWith(`${BUILD}/`) ? await store.getItem<Kept>(name) : null;
    if (kept === null) await store.removeItem(name);
    else all.push({ name, bytes: kept.bytes, usedAt: kept.usedAt });
  }
  let left = all.reduce((sum, { bytes }) => sum + bytes, 0);
  for (const { name, bytes } of all.toSorted((a, b) => a.usedAt - b.usedAt)) {
    if (left <= mostBytes) return;
    await store.removeItem(name);
    left -= bytes;
  }
}

/** Lets go of every kept answer. */
export const forgetAnswers = (): Promise<void> => store.clear();

/** About what a value takes: its typed arrays, and eight bytes for every other number or letter pair. */
export function roughBytes(value: unknown): number {
  if (ArrayBuffer.isView(value)) return value.byteLength;
  if (typeof value === 'string') return 2 * value.length;
  if (typeof value !== 'object' || value === null) return 8;
  return Object.values(value).reduce<number>((sum, inner) => sum + 8 + roughBytes(inner), 0);
}
