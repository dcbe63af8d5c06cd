import localforage from 'localforage';

const store = localforage.createInstance({ name: 'keen-sinew', storeName: 'pictures' });
const keyOf = (pieceId: string, pictureId: string): string => `${pieceId}/${pictureId}`;

/** Keeps the bytes of a picture with its piece. */
export async function keepPicture(pieceId: string, pictureId: string, blob: Blob): Promise<void> {
  await store.setItem(keyOf(pieceId, pictureId), blob);
}

/** The kept bytes of a picture, or null where this browser has none. */
export const loadPicture = (pieceId: string, pictureId: string): Promise<Blob | null> =>
  store.getItem<Blob>(keyOf(pieceId, pictureId));

/** Lets go of pictures whose piece is not among these any more. */
export async function dropPicturesOfNone(pieceIds: readonly string[]): Promise<void> {
  const still = new Set(pieceIds);
  for (const key of await store.keys())
    if (!still.has(key.split('/')[0] ?? '')) await store.removeItem(key);
}
