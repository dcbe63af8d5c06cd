// @vitest-environment happy-dom
import { pieceText, demoPieces, type Piece } from '@keen-sinew/core';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { loadPiece, storedIds, writePiece, type StoredPiece } from './pieceStorage.ts';
import { stepped } from './history.ts';
import { usePieceStore } from './pieceStore.ts';

const ID = 'otter-on-the-log';

/** A store that starts as on a first visit. */
async function firstVisit() {
  localStorage.clear();
  setActivePinia(createPinia());
  const store = usePieceStore();
  await store.loadAll();
  await store.open(ID);
  return store;
}
const rename = (store: Awaited<ReturnType<typeof firstVisit>>, name: string) =>
  store.change('Rename', (piece) => ({ ...piece, name }));

describe('the store of pieces', () => {
  let store: Awaited<ReturnType<typeof firstVisit>>;
  beforeEach(async () => {
    store = await firstVisit();
  });

  afterEach(() => store.settled());

  it('shows the demonstration on a first visit, once', async () => {
    const ids = store.pieces.map((piece) => piece.id);
    expect(ids.toSorted()).toEqual(
      demoPieces()
        .map((piece) => piece.id)
        .toSorted(),
    );
    for (const id of ids) await store.remove(id);
    await store.loadAll();
    expect(store.pieces).toEqual([]);
    await store.restoreDemo();
    expect(store.pieces).toHaveLength(5);
  });

  it('undoes and redoes in order, and forgets the way forth after a new change', async () => {
    rename(store, 'One');
    rename(store, 'Two');
    store.undo();
    expect(store.current?.name).toBe('One');
    store.redo();
    expect(store.current?.name).toBe('Two');
    store.undo();
    rename(store, 'Three');
    expect(store.canRedo).toBe(false);
    store.undo();
    store.undo();
    expect(store.current?.name).toBe('Otter on the log');
    expect(store.canUndo).toBe(false);
    store.undo();
    expect(store.current?.name).toBe('Otter on the log');
  });

  it('keeps document and journal over a reload', async () => {
    rename(store, 'One');
    await store.settled();
    setActivePinia(createPinia());
    const again = usePieceStore();
    await again.open(ID);
    expect(again.current?.name).toBe('One');
    again.undo();
    expect(again.current?.name).toBe('Otter on the log');
  });

  it('does not write a step for a change that changes nothing', () => {
    store.change('Nothing', (piece) => piece);
    expect(store.canUndo).toBe(false);
  });

  it('gives new pieces ids of their own, whatever their names', async () => {
    const ids = [
      await store.create('Ötter!', 'eurasian-otter'),
      await store.create('Ötter!', 'eurasian-otter'),
    ];
    expect(ids).toEqual(['tter', 'tter-2']);
    expect(await store.create('!!!', 'eurasian-otter')).toBe('piece');
  });

  it('takes in a file beside a piece of the same id, and refuses a broken one', async () => {
    const taken = await store.takeIn(pieceText(demoPieces()[0]!));
    expect(taken).toEqual({ id: 'otter-on-the-log-2' });
    const before = await storedIds();
    expect(await store.takeIn('{')).toHaveProperty('sentence');
    expect(await storedIds()).toEqual(before);
  });

  it('puts a removed piece back with its journal', async () => {
    rename(store, 'One');
    await store.settled();
    const restore = await store.remove(ID);
    expect(await storedIds()).not.toContain(ID);
    await restore();
    await store.open(ID);
    expect(store.canUndo).toBe(true);
  });

  it('opens nothing under a name that is not there', async () => {
    expect(await store.open('nobody')).toBe(false);
  });
});

describe('a document of an older version', () => {
  it('is brought to today’s with its journal', async () => {
    await firstVisit();
    const { stored } = await loadPiece(ID);
    const { mass: _m, cure: _c, skin: _s, colour: _o, bench: _b, ...first } = stored!.piece;
    const older = { ...first, version: 1 } as unknown as Piece;
    // Steps were whole documents once.
    const renamed = { ...older, name: 'Before' } as unknown as Piece;
    const past = [{ label: 'Rename', piece: renamed }] as unknown as StoredPiece['past'];
    await writePiece({ ...stored!, piece: older, past });
    const again = await loadPiece(ID);
    expect(again.damage).toBeUndefined();
    expect(again.stored?.piece).toMatchObject({ version: 9, mass: { shellMm: 5 } });
    const [step] = again.stored!.past;
    expect(step!.label).toBe('Rename');
    expect(stepped(again.stored!.piece, step!.back)).toEqual({
      ...again.stored!.piece,
      name: 'Before',
    });
  });
});

describe('a damaged document', () => {
  const damage = async (id: string): Promise<void> => {
    const { stored } = await loadPiece(id);
    const torn = { ...stored, piece: { ...stored!.piece, version: 'torn' } };
    await writePiece(torn as unknown as StoredPiece);
  };

  it('is set aside, and the previous good copy is taken', async () => {
    await firstVisit();
    await damage(ID);
    const { stored, damage: told } = await loadPiece(ID);
    expect(told).toMatchObject({ id: ID, recovered: true });
    expect(told?.sentence).toContain('version');
    expect(stored?.piece.name).toBe('Otter on the log');
    expect(Object.keys(localStorage).some((key) => key.includes('aside/'))).toBe(true);
  });
});
