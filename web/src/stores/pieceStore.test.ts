/* eslint-disable max-lines -- the tests of one store, which share its first visit */
// @vitest-environment happy-dom
import {
  demoWorkpieces,
  demoWorkshop,
  newWorkshop,
  PIECE_VERSION,
  pieceText,
  type Piece,
  type Workpiece,
  type Workshop,
} from '@keen-sinew/core';
import localforage from 'localforage';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { loadPiece, storedIds, writePiece, type StoredPiece } from './pieceStorage.ts';
import { historyReady, stepped } from './history.ts';
import version9 from '../../../core/src/piece/fixtures/v9-otter-on-the-log.json' with { type: 'json' };
import { usePieceStore } from './pieceStore.ts';
import { writeWorkshop } from './workshopStorage.ts';
import { useWorkshopStore } from './workshopStore.ts';

const ID = 'otter-on-the-log';

/** A store that starts as on a first visit. */
async function firstVisit() {
  await historyReady;
  localStorage.clear();
  setActivePinia(createPinia());
  const store = usePieceStore();
  await store.loadAll();
  await store.open(ID);
  return store;
}
/** Puts anything in the place of a record, as a fault of the browser's store might. */
const records = localforage.createInstance({ name: 'keen-sinew', storeName: 'pieces' });
const writeRaw = async (id: string, raw: unknown): Promise<void> => {
  await records.removeItem(`previous/${id}`);
  await records.setItem(`piece/${id}`, raw);
};
const rename = (store: Awaited<ReturnType<typeof firstVisit>>, name: string) =>
  store.change('Rename', (piece) => ({ ...piece, name }));

describe('the store of pieces', () => {
  let store: Awaited<ReturnType<typeof firstVisit>>;
  beforeEach(async () => {
    store = await firstVisit();
  });

  afterEach(() => store.settled());

  it('waits for what is on its way into the store before a piece is opened again', async () => {
    rename(store, 'Quickly left');
    await store.open('wolf-at-the-carr');
    rename(store, 'Left as quickly');
    await store.open(ID);
    expect(store.current?.name).toBe('Quickly left');
    expect(store.canUndo).toBe(true);
  });

  it('shows the demonstration on a first visit, once', async () => {
    const ids = store.pieces.map((piece) => piece.id);
    expect(ids.toSorted()).toEqual(
      demoWorkpieces()
        .map((piece) => piece.id)
        .toSorted(),
    );
    for (const id of ids) await store.remove(id);
    await store.loadAll();
    expect(store.pieces).toEqual([]);
    await store.restoreDemo();
    expect(store.pieces).toHaveLength(demoWorkpieces().length);
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
    const taken = await store.takeIn(pieceText(demoWorkpieces()[0]!));
    expect(taken).toEqual({ id: 'otter-on-the-log-2', brings: null });
    const before = await storedIds();
    expect(await store.takeIn('{')).toHaveProperty('sentence');
    expect(await storedIds()).toEqual(before);
  });

  it('says saved when the newest change is stored, and writes no more than it has to', async () => {
    await store.settled();
    for (let i = 0; i < 300; i++) rename(store, `Name ${i}`);
    expect(store.savedAt).toBeNull();
    const { stored: before } = await loadPiece(ID);
    await store.settled();
    expect(store.savedAt).not.toBeNull();
    const { stored } = await loadPiece(ID);
    expect(stored?.piece.name).toBe('Name 299');
    // Written were the first, which was under way, and the newest; the others were overtaken.
    expect(stored!.revision - before!.revision).toBeGreaterThan(250);
  });

  it.each([
    ['a step that is none', (raw: StoredPiece) => ({ ...raw, past: [null] })],
    [
      'a version that is no number',
      (raw: StoredPiece) => ({ ...raw, piece: { ...raw.piece, version: 'x' } }),
    ],
    ['a piece that is a list', (raw: StoredPiece) => ({ ...raw, piece: [] })],
    ['a revision that is none', (raw: StoredPiece) => ({ ...raw, revision: Number.NaN })],
    ['nothing of a piece', () => 7],
    [
      'names of prototypes',
      (raw: StoredPiece) => ({ ...raw, piece: { ...raw.piece, version: 'constructor' } }),
    ],
  ])('reads the other pieces beside a record with %s, and keeps it as it was', async (_, torn) => {
    await store.settled();
    const { carried: _carried, ...good } = (await loadPiece(ID)).stored!;
    await writeRaw(ID, torn(good));
    setActivePinia(createPinia());
    const again = usePieceStore();
    await again.loadAll();
    expect(again.pieces.map(({ id }) => id)).toContain('wolf-at-the-carr');
    const kept = again.aside.find(({ id }) => id === ID)!;
    expect(kept.sentence).toMatch(/record|received/);
    expect(JSON.parse(await again.recordText(kept.key))).toEqual(
      JSON.parse(JSON.stringify(torn(good))),
    );
    await again.letGo(kept.key);
    expect(again.aside.map(({ id }) => id)).not.toContain(ID);
  });

  it('opens a record that bears the id of another as what it lies under', async () => {
    await store.settled();
    const { carried: _carried, ...good } = (await loadPiece(ID)).stored!;
    await writeRaw(ID, { ...good, piece: { ...good.piece, id: 'wolf-at-the-carr' } });
    setActivePinia(createPinia());
    const again = usePieceStore();
    await again.loadAll();
    expect(again.pieces.map(({ id }) => id).toSorted()).toEqual(
      demoWorkpieces()
        .map(({ id }) => id)
        .toSorted(),
    );
    expect(await again.open(ID)).toBe(true);
    expect(again.current?.id).toBe(ID);
  });

  it('leaves the record of a newer version alone, and tells of it', async () => {
    await store.settled();
    const { carried: _carried, ...good } = (await loadPiece(ID)).stored!;
    const newer = { ...good, piece: { ...good.piece, version: PIECE_VERSION + 1, more: true } };
    await writeRaw(ID, newer);
    setActivePinia(createPinia());
    const again = usePieceStore();
    await again.loadAll();
    expect(again.damaged).toEqual([]);
    expect(await again.open(ID)).toBe('newer');
    const [kept] = again.aside;
    expect(kept?.sentence).toContain('newer version');
    expect(JSON.parse(await again.recordText(kept!.key))).toEqual(newer);
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
  const OLD = version9 as unknown as Piece;

  it('is brought to today’s with its journal', async () => {
    await firstVisit();
    const { stored } = await loadPiece(ID);
    const record = { past: stored!.past, future: [], revision: 3, savedAt: stored!.savedAt };
    // Steps were whole documents once.
    const renamed = { ...OLD, name: 'Before' };
    const past = [{ label: 'Rename', piece: renamed }] as unknown as StoredPiece['past'];
    await writePiece({ ...record, piece: OLD, past });
    const again = await loadPiece(ID);
    expect(again.damage).toBeUndefined();
    expect(again.stored?.piece).toMatchObject({ version: PIECE_VERSION, mass: { shellMm: 5 } });
    const [step] = again.stored!.past;
    expect(step!.label).toBe('Rename');
    expect(stepped(again.stored!.piece, step!.back)).toEqual({
      ...again.stored!.piece,
      name: 'Before',
    });
  });

  it('hands its stock and its oven to the workshop, once', async () => {
    await firstVisit();
    const workshops = useWorkshopStore();
    workshops.put(newWorkshop());
    const { stored } = await loadPiece(ID);
    await writePiece({ ...stored!, piece: OLD, past: [] });
    const store = usePieceStore();
    await store.open(ID);
    const { stock } = (version9 as unknown as { wire: Pick<Workpiece['wire'], 'stock'> }).wire;
    expect(workshops.current.wire.stock.map(({ lengthsMm }) => lengthsMm)).toEqual(
      stock.map(({ lengthsMm }) => lengthsMm),
    );
    expect(workshops.current.oven.offsetC).toBe(8);
    expect(store.current?.wire.stock).toEqual(workshops.current.wire.stock);
    // What is used up afterwards does not come back.
    workshops.change('Use it up', (shop) => ({ ...shop, wire: { ...shop.wire, stock: [] } }));
    await store.open(ID);
    expect(workshops.current.wire.stock).toEqual([]);
  });
});

describe('a piece and its workshop', () => {
  const lengths = (store: ReturnType<typeof usePieceStore>) =>
    store.current!.wire.stock.map(({ lengthsMm }) => lengthsMm);
  const withoutStock = (piece: Workpiece): Workpiece => ({
    ...piece,
    name: 'Cut',
    wire: { ...piece.wire, stock: [] },
  });

  it('are both changed by one step, taken back and done again together', async () => {
    const store = await firstVisit();
    const workshops = useWorkshopStore();
    const before = lengths(store);
    store.change('Cut it all', withoutStock);
    await store.settled();
    expect(workshops.current.wire.stock).toEqual([]);
    expect((await loadPiece(ID)).stored?.piece.name).toBe('Cut');
    store.undo();
    expect(store.current?.name).toBe('Otter on the log');
    expect(lengths(store)).toEqual(before);
    expect(workshops.current.wire.stock.map(({ lengthsMm }) => lengthsMm)).toEqual(before);
    store.redo();
    expect(store.current?.name).toBe('Cut');
    expect(workshops.current.wire.stock).toEqual([]);
  });

  it('let a step leave what was changed in the workshop since, and say so', async () => {
    const store = await firstVisit();
    const workshops = useWorkshopStore();
    store.change('Cut it all', withoutStock);
    const coil = { ...demoWorkshop().wire.stock[0]!, lengthsMm: [123] };
    workshops.change('Buy a coil', (shop) => ({
      ...shop,
      wire: { ...shop.wire, stock: [coil] },
    }));
    expect(lengths(store)).toEqual([[123]]);
    store.undo();
    expect(store.current?.name).toBe('Otter on the log');
    expect(lengths(store)).toEqual([[123]]);
    expect(store.workshopLeft).toBe(true);
  });

  it('stay apart in the store, and a file brings a copy of both', async () => {
    const store = await firstVisit();
    const { stored } = await loadPiece(ID);
    expect(stored!.piece.wire).not.toHaveProperty('stock');
    const own = { ...store.current!.atHand, pace: 3 };
    const foreign = { ...store.current!, id: 'foreign', atHand: own };
    const taken = await store.takeIn(pieceText(foreign));
    expect(taken).toMatchObject({ id: 'foreign', brings: { pace: 3 } });
    expect(useWorkshopStore().current.pace).toBe(1);
  });

  it('bring the metals that their wires need, under ids that are free', async () => {
    const store = await firstVisit();
    const workshops = useWorkshopStore();
    const metal = {
      id: 'own-1',
      name: 'fence wire',
      eMPa: 200_000,
      yieldMPa: 900,
      densityKgM3: 7850,
      leastInsideDiameters: 1,
    };
    const theirs = { ...metal, name: 'piano wire', yieldMPa: 1800 };
    workshops.change('Add a metal', (shop) => ({
      ...shop,
      wire: { ...shop.wire, ownMetals: [metal] },
    }));
    const otter = store.current!;
    const wire = { ...otter.wire, ownMetals: [theirs] };
    const spine = { ...wire.spine, metal: 'own-1' };
    await store.takeIn(pieceText({ ...otter, id: 'foreign', wire: { ...wire, spine } }));
    await store.open('foreign');
    expect(workshops.current.wire.ownMetals).toEqual([metal, { ...theirs, id: 'own-2' }]);
    expect(store.current!.wire.spine.metal).toBe('own-2');
  });

  it('outlive a damaged record of the workshop, which is set aside', async () => {
    await firstVisit();
    const workshops = useWorkshopStore();
    workshops.change('Slow down', (shop) => ({ ...shop, pace: 2 }));
    workshops.change('Slow down more', (shop) => ({ ...shop, pace: 2.5 }));
    await workshops.settled();
    const broken = { ...workshops.current, pace: 'slow' } as unknown as Workshop;
    await writeWorkshop(broken);
    setActivePinia(createPinia());
    const again = useWorkshopStore();
    await again.load();
    expect(again.current.pace).toBe(2.5);
    expect(again.damage).toMatch(/^pace: received “slow”/);
    expect(Object.keys(localStorage).some((key) => key.includes('workshop/aside/'))).toBe(true);
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
