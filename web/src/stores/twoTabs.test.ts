// @vitest-environment happy-dom
import localforage from 'localforage';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import { historyReady } from './history.ts';
import { loadPiece, takenIds, tidyRemoved, writePiece } from './pieceStorage.ts';
import { usePieceStore } from './pieceStore.ts';
import { copyPictures, dropPicturesOfNone, keepPicture, loadPicture } from './pictureStorage.ts';

const ID = 'otter-on-the-log';
type Store = ReturnType<typeof usePieceStore>;

/** Another tab over the same store. */
async function tab(): Promise<Store> {
  setActivePinia(createPinia());
  const store = usePieceStore();
  await store.loadAll();
  await store.open(ID);
  return store;
}
const rename = async (store: Store, name: string): Promise<void> => {
  store.change('Rename', (piece) => ({ ...piece, name }));
  await store.settled();
};
const stored = async (id = ID): Promise<string | undefined> =>
  (await loadPiece(id)).stored?.piece.name;

beforeEach(async () => {
  await historyReady;
  localStorage.clear();
});

describe('two tabs with one piece', () => {
  it('write nothing over each other: the older one is told and shows both', async () => {
    const [older, newer] = [await tab(), await tab()];
    await rename(newer, 'Theirs');
    await rename(older, 'Mine');
    expect(await stored()).toBe('Theirs');
    expect(older.theirs?.piece.name).toBe('Theirs');
    expect(older.current?.name).toBe('Mine');
    expect(older.unsaved).toBe(true);
    expect(newer.theirs).toBeNull();
  });

  it('take the one', async () => {
    const [older, newer] = [await tab(), await tab()];
    await rename(newer, 'Theirs');
    await rename(older, 'Mine');
    await older.open(ID);
    expect(older.current?.name).toBe('Theirs');
    expect(older.theirs).toBeNull();
    await rename(older, 'Theirs and mine');
    expect(await stored()).toBe('Theirs and mine');
  });

  it('or the other, which the newer tab is then asked about', async () => {
    const [older, newer] = [await tab(), await tab()];
    await rename(newer, 'Theirs');
    await rename(older, 'Mine');
    older.keepMine();
    await older.settled();
    expect(await stored()).toBe('Mine');
    expect(older.unsaved).toBe(false);
    await rename(newer, 'Theirs again');
    expect(newer.theirs?.piece.name).toBe('Mine');
    expect(await stored()).toBe('Mine');
  });

  it('or both, with their pictures and their ways back', async () => {
    const [older, newer] = [await tab(), await tab()];
    await keepPicture(ID, 'side', new Blob(['pixels']));
    await rename(newer, 'Theirs');
    await rename(older, 'Mine');
    const id = (await older.keepBoth())!;
    expect(await stored()).toBe('Theirs');
    expect(await stored(id)).toBe('Mine (kept here)');
    await older.open(id);
    expect(older.canUndo).toBe(true);
    expect(older.theirs).toBeNull();
  });

  it('find out also where the other tab has removed it and made it anew', async () => {
    const older = await tab();
    const { carried: _carried, ...record } = (await loadPiece(ID)).stored!;
    await writePiece({ ...record, savedAt: '2020-01-01T00:00:00.000Z' });
    await rename(older, 'Mine');
    expect(older.theirs?.savedAt).toBe('2020-01-01T00:00:00.000Z');
  });
});

describe('a removed piece', () => {
  it('comes back with all that it had, also what was being written when it went', async () => {
    const store = await tab();
    store.change('Rename', (piece) => ({ ...piece, name: 'Last word' }));
    const restore = await store.remove(ID);
    expect(await takenIds()).toContain(ID);
    expect(store.pieces.map(({ id }) => id)).not.toContain(ID);
    // Nothing may take its place meanwhile.
    expect(await store.create('Otter on the log', 'eurasian-otter')).not.toBe(ID);
    await restore();
    expect(await stored()).toBe('Last word');
    await store.open(ID);
    expect(store.canUndo).toBe(true);
  });

  it('stays with its pictures as long as a tab may put it back', async () => {
    const store = await tab();
    await keepPicture(ID, 'side', new Blob(['pixels']));
    const restore = await store.remove(ID);
    const pictures = localforage.createInstance({ name: 'keen-sinew', storeName: 'pictures' });
    // A second tab begins, and tidies; how many there are cannot be known here.
    await tab();
    expect(await pictures.keys()).toEqual([`${ID}/side`]);
    await restore();
    expect(await stored()).toBe('Otter on the log');
    await store.remove(ID);
    await tidyRemoved(Date.now() + 2 * 86_400_000);
    expect(await takenIds()).not.toContain(ID);
    await dropPicturesOfNone(await takenIds());
    expect(await pictures.keys()).toEqual([]);
  });

  it('lends its pictures to what is kept beside it', async () => {
    await keepPicture('a', 'side', new Blob(['1']));
    await keepPicture('ab', 'side', new Blob(['2']));
    await copyPictures('a', 'c');
    expect(await loadPicture('c', 'side')).toEqual(await loadPicture('a', 'side'));
  });
});

describe('a way back of a damaged record', () => {
  const doctored = async (patch: object): Promise<Store> => {
    const store = await tab();
    await rename(store, 'One');
    const { carried: _carried, ...record } = (await loadPiece(ID)).stored!;
    const records = localforage.createInstance({ name: 'keen-sinew', storeName: 'pieces' });
    const past = [{ label: 'Odd', forth: [patch], back: [patch] }];
    await records.setItem(`piece/${ID}`, { ...record, past });
    return tab();
  };

  it.each([
    ['to a place that is not there', { op: 'replace', path: ['no', 'such', 'place'], value: 1 }],
    ['to what is no piece', { op: 'replace', path: ['name'], value: 7 }],
    ['to numbers that are none', { op: 'replace', path: ['wire', 'coverMm'], value: null }],
  ])('ends before a step %s', async (_, patch) => {
    const store = await doctored(patch);
    expect(store.current?.name).toBe('One');
    store.undo();
    expect(store.current?.name).toBe('One');
    expect(store.canUndo).toBe(false);
    expect(store.saveProblem).toContain('the way ends here');
  });

  it('is refused as a whole where it leads through a prototype', async () => {
    const store = await doctored({ op: 'add', path: ['constructor', 'odd'], value: 1 });
    expect(({} as { odd?: number }).odd).toBeUndefined();
    expect(store.damaged.map(({ id }) => id)).toContain(ID);
  });
});
