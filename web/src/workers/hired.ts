import * as say from './words.ts';
import { wrap, type Remote } from 'comlink';

/** A worker failed, and not what it was asked. */
class WorkerFailure extends Error {}

/**
 * Asks a worker that is made for this and ended afterwards, and with it all that it held. One that fails to
 * load or dies is made again once; the second failure, and a signal that aborts, reject with a sentence.
 */
export async function hired<W, T>(
  make: () => Worker,
  act: (remote: Remote<W>) => Promise<T>,
  signal?: AbortSignal,
): Promise<T> {
  try {
    return await once(make, act, signal);
  } catch (error) {
    if (!(error instanceof WorkerFailure) || signal?.aborted) throw error;
    return once(make, act, signal);
  }
}

async function once<W, T>(
  make: () => Worker,
  act: (remote: Remote<W>) => Promise<T>,
  signal: AbortSignal | undefined,
): Promise<T> {
  const worker = make();
  const broken = new Promise<never>((_, reject) => {
    const fail = (event: Event): void =>
      reject(new WorkerFailure((event as ErrorEvent).message || say.couldNotBeStarted));
    worker.addEventListener('error', fail);
    worker.addEventListener('messageerror', fail);
    signal?.addEventListener('abort', () => reject(new Error(say.wasCancelled)));
  });
  try {
    return await Promise.race([act(wrap<W>(worker)), broken]);
  } finally {
    worker.terminate();
  }
}
