import { keptStore } from './keptStore.ts';

const store = keptStore('pictures');
const keyOf = (pieceId: string, pictureId: string): string => `${pieceId}/${pictureId}`;

/** Keeps the bytes of a picture with its piece; false where the browser would not. */
export const keepPicture = (pieceId: string, pictureId: string, blob: Blob): Promise<boolean> =>
  store.set(keyOf(pieceId, pictureId), blob);

/** The kept bytes of a picture, or null where this browser has none. */
export async function loadPicture(pieceId: string, pictureId: string): Promise<Blob | null> {
  const kept = await store.get(keyOf(pieceId, pictureId));
  return kept instanceof Blob ? kept : null;
}

/** Keeps the pictures of one piece with another too. */
export async function copyPictures(fromId: string, toId: string): Promise<void> {
  for (const key of await store.keys()) {
    const [pieceId, pictureId] = key.split('/');
    if (pieceId === fromId && pictureId !== undefined)
      await store.set(keyOf(toId, pictureId), await store.get(key));
  }
}

/** Lets go of pictures whose piece is not among these any more. */
export async function dropPicturesOfNone(pieceIds: readonly string[]): Promise<void> {
  const still = new Set(pieceIds);
  for (const key of await store.keys())
    if (!still.has(key.split('/')[0] ?? '')) await store.remove(key);
}

/** How much all pictures take, bytes. */
export async function bytesOfPictures(): Promise<number> {
  let bytes = 0;
  for (const key of await store.keys()) {
    const kept = await store.get(key);
    if (kept instanceof Blob) bytes += kept.size;
  }
  return bytes;
}
