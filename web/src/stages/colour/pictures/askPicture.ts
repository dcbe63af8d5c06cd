import * as say from './words.ts';
import type { Picture } from '@keen-sinew/core';
import type { Remote } from 'comlink';
import { loadPicture } from '../../../stores/pictureStorage.ts';
import { hired } from '../../../workers/hired.ts';
import type { PaletteWorker } from '../../../workers/palette.worker.ts';

/** The bytes of a picture: kept in this browser, or shipped. Throws a sentence where neither is to be had. */
async function bytesOf(pieceId: string, { id, shipped }: Picture): Promise<Blob> {
  if (shipped !== null) {
    const answer = await fetch(`/references/${shipped}`);
    if (!answer.ok) throw new Error(say.couldNotBeFetched(answer.status));
    return answer.blob();
  }
  const kept = await loadPicture(pieceId, id);
  if (kept === null) throw new Error(say.noBytesHere);
  return kept;
}

const newWorker = (): Worker =>
  new Worker(new URL('../../../workers/palette.worker.ts', import.meta.url), { type: 'module' });

/** What a picture was asked, answered, or why it was not: one of both is null. */
export interface Asked<A> {
  readonly answer: A | null;
  readonly problem: string | null;
}

/**
 * Asks a picture of a piece something in a worker that is ended afterwards, and when `signal` aborts: then both are
 * null. That a card is black comes back as a sentence as well as what could not be looked at.
 */
export async function askPicture<Q, A>(
  pieceId: string,
  picture: Picture,
  question: Q,
  ask: (worker: Remote<PaletteWorker>, bytes: Blob, question: Q) => Promise<A | null>,
  signal: AbortSignal,
): Promise<Asked<A>> {
  try {
    // A plain copy: reactive wrappers cannot be sent.
    const plain = JSON.parse(JSON.stringify(question)) as Q;
    const bytes = await bytesOf(pieceId, picture);
    if (signal.aborted) return { answer: null, problem: null };
    const answer = await hired<PaletteWorker, A | null>(
      newWorker,
      (worker) => ask(worker, bytes, plain),
      signal,
    );
    return { answer, problem: answer === null ? say.cardIsBlack : null };
  } catch (error) {
    if (signal.aborted) return { answer: null, problem: null };
    return { answer: null, problem: say.couldNotLookAt(picture.name, (error as Error).message) };
  }
}
