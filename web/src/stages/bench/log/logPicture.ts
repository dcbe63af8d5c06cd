import { LOG_PICTURE } from '@keen-sinew/core';
import { takeInPictures } from '../../../pictures/takeIn.ts';
import { keepPicture } from '../../../stores/pictureStorage.ts';
import * as say from './words.ts';

/** What came of a picture for the log: its id, or the sentence of what is wrong. */
export type LogPicture = { readonly id: string } | { readonly sentence: string };

/** Takes a picture in, turned upright, and keeps it with its piece. */
export async function keepLogPicture(
  pieceId: string,
  file: File,
  now = Date.now(),
): Promise<LogPicture> {
  const { pictures, sentences } = await takeInPictures([file], 'photo', []);
  const [taken] = pictures;
  if (taken === undefined) return { sentence: sentences.join(' ') };
  const id = `${LOG_PICTURE}${now.toString(36)}`;
  const kept = await keepPicture(pieceId, id, taken.blob);
  return kept ? { id } : { sentence: say.pictureNotKept(file.name) };
}
