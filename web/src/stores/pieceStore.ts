import * as say from './words.ts';
import {
  inWorkshop,
  isOfWorkshop,
  newPiece,
  newPieceOf,
  parted,
  problemSentence,
  sameWorkshop,
  type Creature,
  type Piece,
  type Workpiece,
  type Workshop,
} from '@keen-sinew/core';
import { defineStore } from 'pinia';
import { ref, shallowRef, watch } from 'vue';
import { freeId } from './freeId.ts';
import { createHistory, whenReady } from './history.ts';
import { createNewestWriter } from './newestWriter.ts';
import {
  erasePiece,
  eraseRecord,
  loadPiece,
  readSetting,
  recordsAside,
  recordText,
  storedIds,
  writePiece,
  writeSetting,
  type DamagedPiece,
  type LoadedPiece,
  type RecordAside,
  type StoredPiece,
} from './pieceStorage.ts';
import { dropPicturesOfNone } from './pictureStorage.ts';
import { useWorkshopStore } from './workshopStore.ts';

/** The demonstration pieces, fetched when they are asked for: few visits need them. */
const demonstration = async (): Promise<{
  readonly pieces: readonly Piece[];
  readonly workshop: Workshop;
}> => {
  const { demoPieces, demoWorkshop } = await import('./demonstration.ts');
  return { pieces: demoPieces(), workshop: demoWorkshop() };
};

/** A piece that was taken in, and the workshop that it brings where this one lacks some of it. */
export interface TakenIn {
  readonly id: string;
  readonly brings: Workshop | null;
}

/** The documents: which pieces there are, the one that is open, and its way back and forth. */
// eslint-disable-next-line max-lines-per-function -- a store is one function
export const usePieceStore = defineStore('pieces', () => {
  const pieces = shallowRef<readonly Piece[]>([]);
  /** The open piece as it lies in the workshop. */
  const current = shallowRef<Workpiece | null>(null);
  const workshops = useWorkshopStore();
  const history = createHistory<Workpiece>(isOfWorkshop);
  const savedAt = ref<string | null>(null);
  const saveProblem = ref<string | null>(null);
  const damaged = shallowRef<readonly DamagedPiece[]>([]);
  /** Records that are kept and not opened. */
  const aside = shallowRef<readonly RecordAside[]>([]);
  const changedElsewhere = ref(false);
  /** Pictures of removed pieces are let go at the next visit, so that removing can be undone. */
  let tidied = false;
  let revision = 0;
  const writer = createNewestWriter<StoredPiece>(writePiece, {
    // Saved is said of the open piece, and when its newest state is.
    written: (id, record, isNewest) => {
      saveProblem.value = null;
      if (current.value?.id === id && isNewest) savedAt.value = record.savedAt;
      channel?.postMessage({ id });
    },
    refused: (reason) => {
      saveProblem.value = say.notSavedBrowsersStoreRefused(reason);
    },
  });

  const channel =
    typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('keen-sinew');
  channel?.addEventListener('message', (event: MessageEvent<{ id: string }>) => {
    if (event.data.id === current.value?.id) changedElsewhere.value = true;
  });

  /** Reads the list of pieces; on the very first visit the demonstration is put there. */
  async function loadAll(): Promise<void> {
    if (!(await readSetting<boolean>('visited'))) {
      const { pieces: shown, workshop } = await demonstration();
      await workshops.load();
      workshops.put(workshop);
      for (const piece of shown) await writeNew(piece);
      await writeSetting('visited', true);
    }
    const found: Piece[] = [];
    const ids = await storedIds();
    if (!tidied) {
      const kept = await recordsAside();
      await dropPicturesOfNone([...ids, ...kept.map(({ id }) => id)]);
    }
    tidied = true;
    for (const id of ids) {
      const { stored, damage } = await load(id);
      if (stored) found.push(stored.piece);
      if (damage) damaged.value = [...damaged.value, damage];
    }
    pieces.value = found.sort((a, b) => a.name.localeCompare(b.name));
    aside.value = await recordsAside();
  }

  /** Lets go of a record that is kept aside. */
  async function letGo(key: string): Promise<void> {
    await eraseRecord(key);
    aside.value = await recordsAside();
  }

  /**
   * Reads a piece. What its record of an older version held of the workshop goes over to the workshop,
   * once, and the record is written anew.
   */
  async function load(id: string): Promise<LoadedPiece> {
    await workshops.load();
    const found = await loadPiece(id);
    const { stored } = found;
    if (!stored?.carried) return found;
    const { withMetals } = await import('./adopting.ts');
    const { metals } = await workshops.adopt(say.takeOverFrom(stored.piece.name), stored.carried);
    const { carried: _carried, ...record } = stored;
    const moved = { ...record, piece: withMetals(stored.piece, metals) };
    await workshops.settled();
    // Until the workshop is written, the older record is the only place where its stock is kept.
    if (workshops.saveProblem === null) await writePiece(moved);
    return { ...found, stored: { ...moved, carried: null } };
  }

  // The workshop may be changed on its own page, or in another tab.
  watch(
    () => workshops.current,
    (workshop) => {
      const open = current.value;
      const joined = open && inWorkshop(parted(open).piece, workshop);
      if (joined && !sameWorkshop(open, joined)) current.value = joined;
    },
    { flush: 'sync' },
  );

  /** Opens a piece; false where there is none of this id. */
  async function open(id: string): Promise<boolean> {
    const { stored, damage } = await load(id);
    if (damage) damaged.value = [...damaged.value, damage];
    if (!stored) return false;
    current.value = inWorkshop(stored.piece, workshops.current);
    history.load(stored.past, stored.future);
    revision = stored.revision;
    savedAt.value = stored.savedAt;
    changedElsewhere.value = false;
    await writeSetting('last', id);
    return true;
  }

  /** Replaces the open document; `label` names the step for undo. Nothing happens if it is equal. */
  function change(label: string, recipe: (piece: Workpiece) => Workpiece): void {
    const before = current.value;
    if (before === null) return;
    const after = recipe(before);
    if (after === before || !history.note(label, before, after)) return;
    moveTo(after);
  }

  function undo(): void {
    moveTo(current.value && history.undo(current.value));
  }

  function redo(): void {
    moveTo(current.value && history.redo(current.value));
  }

  /** The open piece and, where it is touched, the workshop become what a step has made of them. */
  function moveTo(after: Workpiece | null | undefined): void {
    const before = current.value;
    if (after === null || after === undefined || before === null) return;
    current.value = after;
    if (!sameWorkshop(before, after)) workshops.put(parted(after).workshop);
    save();
  }

  /** Saves after each change. */
  function save(): void {
    if (current.value === null) return;
    const { piece } = parted(current.value);
    revision += 1;
    const record = {
      piece,
      past: history.past.value,
      future: history.future.value,
      revision,
      savedAt: new Date().toISOString(),
    };
    savedAt.value = null;
    writer.put(piece.id, record);
  }

  /** A change that could not be made is told where a save that failed is. */
  const refused = (reason: string): void => {
    saveProblem.value = say.notChanged(reason);
  };

  async function writeNew(piece: Piece): Promise<void> {
    const savedNow = new Date().toISOString();
    await writePiece({ piece, past: [], future: [], revision: 1, savedAt: savedNow });
  }

  /** Puts a new piece there under an id of its own, which it returns. */
  async function add(name: string, make: (id: string) => Piece): Promise<string> {
    const id = freeId(name, await storedIds());
    await workshops.load();
    await writeNew(make(id));
    await loadAll();
    return id;
  }

  /** Makes a new piece and returns its id. */
  const create = (name: string, animalId: string): Promise<string> =>
    add(name, (id) => newPiece(id, name, animalId, workshops.current.oven));

  /** Makes a new piece of an own animal, which it carries along; returns its id. */
  const createOf = (name: string, creature: Creature): Promise<string> =>
    add(name, (id) => newPieceOf(id, name, creature, workshops.current.oven));

  /**
   * Takes in a piece file; returns its id with the workshop that it brings where that is another one, or
   * the sentence of what is wrong with it. Of that workshop only metals are taken over unasked: without
   * them the wires could not be reckoned.
   */
  async function takeIn(text: string): Promise<TakenIn | { sentence: string }> {
    const { readPieceText } = await import('./olderPieces.ts');
    const read = readPieceText(text);
    if (!read.ok) return { sentence: problemSentence(read.problem) };
    // Asked of the store and not of the list on the screen, which may still be on its way.
    const ids = await storedIds();
    await workshops.load();
    const { workshop } = read.value;
    const metals =
      workshop === null ? new Map<string, string>() : await workshops.adoptTheirMetals(workshop);
    const { withMetals } = await import('./adopting.ts');
    const piece = withMetals(read.value.piece, metals);
    const id = ids.includes(piece.id) ? freeId(piece.name, ids) : piece.id;
    await writeNew({ ...piece, id });
    await loadAll();
    const lacks = workshop !== null && (await workshops.lacks(workshop));
    return { id, brings: lacks ? workshop : null };
  }

  /** Takes a piece out of the store; `restore` puts it back. */
  async function remove(id: string): Promise<() => Promise<void>> {
    const { stored } = await load(id);
    await erasePiece(id);
    if (current.value?.id === id) current.value = null;
    await loadAll();
    return async () => {
      if (stored) await writePiece(stored);
      await loadAll();
    };
  }

  /** Puts the demonstration pieces back as they were shipped, beside whatever is there. */
  async function restoreDemo(): Promise<void> {
    const ids = await storedIds();
    for (const piece of (await demonstration()).pieces) {
      await writeNew(ids.includes(piece.id) ? { ...piece, id: freeId(piece.name, ids) } : piece);
    }
    await loadAll();
  }

  return {
    pieces,
    current,
    savedAt,
    saveProblem,
    damaged,
    aside,
    letGo,
    recordText,
    changedElsewhere,
    /** Whether the last step left the workshop as it was changed meanwhile. */
    workshopLeft: history.left,
    canUndo: history.canUndo,
    canRedo: history.canRedo,
    undoLabel: history.undoLabel,
    redoLabel: history.redoLabel,
    loadAll,
    open,
    change: (label: string, recipe: (piece: Workpiece) => Workpiece) =>
      whenReady(() => change(label, recipe), refused),
    undo: () => whenReady(undo, refused),
    redo: () => whenReady(redo, refused),
    create,
    createOf,
    takeIn,
    remove,
    restoreDemo,
    /** Resolves when everything changed so far is written. */
    settled: writer.settled,
  };
});
