import * as say from './words.ts';
import {
  inWorkshop,
  isOfWorkshop,
  parted,
  readTodaysPiece,
  sameWorkshop,
  type Piece,
  type Workpiece,
} from '@keen-sinew/core';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import { createHistory, whenReady } from './history.ts';
import { createNewestWriter } from './newestWriter.ts';
import type { Intake } from './pieceIntake.ts';
import {
  erasePiece,
  eraseRecord,
  loadPiece,
  Overtaken,
  recordsAside,
  recordText,
  restorePiece,
  storedIds,
  takenIds,
  tidyRemoved,
  writePiece,
  type Base,
  type DamagedPiece,
  type LoadedPiece,
  type RecordAside,
  type StoredPiece,
} from './pieceStorage.ts';
import { dropOutlinesOfNone } from './benchStorage.ts';
import { dropPicturesOfNone } from './pictureStorage.ts';
import { byName, listed, listedPieces, tidyShelf, type ListedPiece } from './shelfStorage.ts';
import { readSetting, writeSetting } from './settingStorage.ts';
import { useWorkshopStore } from './workshopStore.ts';

/** The documents: which pieces there are, the one that is open, and its way back and forth. */
// eslint-disable-next-line max-lines-per-function -- a store is one function
export const usePieceStore = defineStore('pieces', () => {
  const pieces = shallowRef<readonly Piece[]>([]);
  /** What the shelf had to tell before the pieces themselves are read. */
  const glanced = shallowRef<readonly ListedPiece[]>([]);
  const shelf = computed(() =>
    pieces.value.length > 0 ? pieces.value.map(listed) : byName(glanced.value),
  );
  /** The open piece as it lies in the workshop. */
  const current = shallowRef<Workpiece | null>(null);
  const workshops = useWorkshopStore();
  // A step of a damaged record may lead to what is no piece.
  const history = createHistory<Workpiece>(
    isOfWorkshop,
    (piece) => readTodaysPiece(parted(piece).piece).ok,
  );
  const savedAt = ref<string | null>(null);
  const saveProblem = ref<string | null>(null);
  const damaged = shallowRef<readonly DamagedPiece[]>([]);
  /** Records that are kept and not opened. */
  const aside = shallowRef<readonly RecordAside[]>([]);
  const changedElsewhere = ref(false);
  /** What another tab stored of the open piece while it was changed here. */
  const theirs = shallowRef<StoredPiece | null>(null);
  /** The state in the store that the open piece goes on from. */
  let base: Base | undefined;
  let revision = 0;
  /** Pictures of removed pieces are let go at the next visit, so that removing can be undone. */
  let tidied = false;
  const write = (record: StoredPiece): Promise<boolean> =>
    writePiece(record, current.value?.id === record.piece.id ? base : undefined);
  const writer = createNewestWriter<StoredPiece>(write, {
    // Saved is said of the open piece, and when its newest state is.
    written: (id, record, isNewest) => {
      saveProblem.value = null;
      if (current.value?.id === id) {
        base = record;
        if (isNewest) savedAt.value = record.savedAt;
      }
      channel?.postMessage({ id });
    },
    refused: (error) => {
      // What the browser would not keep is told on every page (storageTrouble.ts).
      if (error instanceof Overtaken) theirs.value = error.theirs;
      else if (error !== null) saveProblem.value = say.notSavedBecause(String(error));
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
      const { demonstration, writeNew } = await import('./pieceIntake.ts');
      const { pieces: shown, workshop } = await demonstration();
      const there = await takenIds();
      if (there.length === 0) {
        await workshops.load();
        workshops.put(workshop);
      }
      for (const piece of shown) if (!there.includes(piece.id)) await writeNew(piece);
      writeSetting('visited', true);
    }
    // A long shelf stands at once; each document is then read with care.
    if (pieces.value.length === 0) glanced.value = await listedPieces();
    const found: Piece[] = [];
    if (!tidied) {
      tidied = true;
      await tidyRemoved();
      const kept = await recordsAside();
      const still = [...(await takenIds()), ...kept.map(({ id }) => id)];
      await dropPicturesOfNone(still);
      await dropOutlinesOfNone(still);
    }
    for (const id of await storedIds()) {
      const { stored, damage } = await load(id);
      if (stored) found.push(stored.piece);
      if (damage) damaged.value = [...damaged.value, damage];
    }
    pieces.value = byName(found);
    glanced.value = [];
    await tidyShelf(pieces.value);
    aside.value = await recordsAside();
  }

  /** A piece of the shelf, read where it was not yet. */
  const pieceOf = async (id: string): Promise<Piece | undefined> =>
    pieces.value.find((piece) => piece.id === id) ?? (await load(id)).stored?.piece;

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
    if (workshops.isKept) await writePiece(moved);
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

  /** Opens a piece; false where there is none of this id, `newer` where a newer application has it. */
  async function open(id: string): Promise<boolean | 'newer'> {
    // What is still on its way into the store is part of what is read.
    await writer.settled();
    const { stored, damage, newer } = await load(id);
    if (damage) damaged.value = [...damaged.value, damage];
    if (!stored) return newer ? 'newer' : false;
    current.value = inWorkshop(stored.piece, workshops.current);
    history.load(stored.past, stored.future);
    ({ revision, savedAt: savedAt.value } = stored);
    base = { revision, savedAt: stored.savedAt };
    [changedElsewhere.value, theirs.value] = [false, null];
    writeSetting('last', id);
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

  const undo = (): void => goAlong(history.canUndo.value, history.undo);
  const redo = (): void => goAlong(history.canRedo.value, history.redo);

  /** One step of the way; where a damaged record left none that leads to a piece, that is told. */
  function goAlong(isThere: boolean, step: typeof history.undo): void {
    const after = current.value && step(current.value);
    if (isThere && after === undefined) saveProblem.value = say.wayEnds;
    else moveTo(after);
  }

  /** The open piece and, where it is touched, the workshop become what a step has made of them. */
  function moveTo(after: Workpiece | null | undefined): void {
    const before = current.value;
    if (after === null || after === undefined || before === null) return;
    current.value = after;
    if (!sameWorkshop(before, after)) workshops.put(parted(after).workshop);
    save();
  }

  /** The open piece as it is stored. */
  function record(piece: Piece): StoredPiece {
    const [past, future] = [history.past.value, history.future.value];
    return { piece, past, future, revision, savedAt: new Date().toISOString() };
  }

  /** Saves after each change. */
  function save(): void {
    if (current.value === null) return;
    const { piece } = parted(current.value);
    revision += 1;
    savedAt.value = null;
    writer.put(piece.id, record(piece));
  }

  /** Writes what is shown here over what another tab stored, which is kept as the copy before. */
  function keepMine(): void {
    if (theirs.value === null) return;
    base = theirs.value;
    revision = Math.max(revision, theirs.value.revision);
    [theirs.value, changedElsewhere.value] = [null, false];
    save();
  }

  /** Keeps both: what is shown here under an id of its own, which it returns; null where none is open. */
  async function keepBoth(): Promise<string | null> {
    if (current.value === null) return null;
    const { keepBeside } = await import('./pieceIntake.ts');
    const id = await keepBeside(record(parted(current.value).piece));
    await loadAll();
    return id;
  }

  /** A change that could not be made is told where a save that failed is. */
  const refused = (reason: string): void => {
    saveProblem.value = say.notChanged(reason);
  };

  /** Takes a piece out of the list; what it returns puts it back exactly as it was. */
  async function remove(id: string): Promise<() => Promise<void>> {
    // What is still on its way into the store would come after.
    await writer.settled();
    await erasePiece(id);
    if (current.value?.id === id) current.value = null;
    await loadAll();
    return async () => {
      await restorePiece(id);
      await loadAll();
    };
  }

  /** Fetched when a piece is made or taken in. */
  const intake = async (): Promise<Intake> =>
    (await import('./pieceIntake.ts')).createIntake(workshops, loadAll);

  return {
    pieces,
    shelf,
    pieceOf,
    current,
    savedAt,
    saveProblem,
    damaged,
    aside,
    letGo,
    recordText,
    changedElsewhere,
    theirs,
    keepMine,
    keepBoth,
    /** Whether the newest state of the open piece is not in the store. */
    unsaved: computed(() => current.value !== null && savedAt.value === null),
    /** Writes the open piece again, as the browser may have room now. */
    saveAgain: save,
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
    create: async (...of: Parameters<Intake['create']>) => (await intake()).create(...of),
    createOf: async (...of: Parameters<Intake['createOf']>) => (await intake()).createOf(...of),
    takeIn: async (text: string) => (await intake()).takeIn(text),
    remove,
    restoreDemo: async () => (await intake()).restoreDemo(),
    /** Resolves when everything changed so far is written. */
    settled: writer.settled,
  };
});
