import type { Job } from '@keen-sinew/core';
import localforage from 'localforage';

/** An answer as it is kept, apart from the documents: it can always be worked out again. */
interface Kept {
  readonly key: string;
  readonly value: unknown;
}

/** What is read of every answer to make room, without reading the answers themselves. */
interface Use {
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

/** Beside each answer lies how large it is and when it was used last. */
const useOf = (name: string): string => `${name}/use`;

/** The fine answer that was kept for a job; undefined where there is none. */
export async function keptAnswer<I, O>(job: Job<I, O>, now = Date.now()): Promise<O | undefined> {
  const name = await nameOf(job);
  const kept = await store.getItem<Kept>(name);
  // Names are digests: the question itself is compared as well.
  if (kept?.key !== job.key) return undefined;
  const use = await store.getItem<Use>(useOf(name));
  if (use !== null) await store.setItem(useOf(name), { ...use, usedAt: now } satisfies Use);
  return kept.value as O;
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
  await store.setItem(name, { key: job.key, value } satisfies Kept);
  await store.setItem(useOf(name), { bytes, usedAt: now } satisfies Use);
  await makeRoom(mostBytes);
}

async function makeRoom(mostBytes: number): Promise<void> {
  const all: (Use & { readonly name: string })[] = [];
  for (const name of await store.keys()) {
    if (!name.startsWith(`${BUILD}/`)) await store.removeItem(name);
    else if (!name.endsWith('/use')) {
      const use = await store.getItem<Use>(useOf(name));
      // One whose use was not written any more, as the page was closed, is the first to go.
      all.push({ name, ...(use ?? { bytes: 0, usedAt: 0 }) });
    }
  }
  let left = all.reduce((sum, { bytes }) => sum + bytes, 0);
  for (const { name, bytes } of all.toSorted((a, b) => a.usedAt - b.usedAt)) {
    if (left <= mostBytes) return;
    await store.removeItem(name);
    await store.removeItem(useOf(name));
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
