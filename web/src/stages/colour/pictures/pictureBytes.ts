import * as say from './words.ts';
import type { Picture } from '@keen-sinew/core';
import { loadPicture } from '../../../stores/pictureStorage.ts';

/** The bytes of a picture: kept in this browser, or shipped. Throws a sentence where neither is to be had. */
export async function bytesOf(pieceId: string, { id, shipped }: Picture): Promise<Blob> {
  if (shipped !== null) {
    const answer = await fetch(`/references/${shipped}`);
    if (!answer.ok) throw new Error(say.couldNotBeFetched(answer.status));
    return answer.blob();
  }
  const kept = await loadPicture(pieceId, id);
  if (kept === null) throw new Error(say.noBytesHere);
  return kept;
}

/** A worker that looks at pictures, for one question. */
export const newPaletteWorker = (): Worker =>
  new Worker(new URL('../../../workers/palette.worker.ts', import.meta.url), { type: 'module' });
