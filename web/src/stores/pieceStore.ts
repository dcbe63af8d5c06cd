import {
  newPiece,
  newPieceOf,
  problemSentence,
  readPieceText,
  type Creature,
  type Piece,
} from '@keen-sinew/core';
import { defineStore } from 'pinia';
import { ref, shallowRef } from 'vue';
import { createHistory } from './history.ts';
import {
  erasePiece,
  loadPiece,
  readSetting,
  storedIds,
  writePiece,
  writeSetting,
  type DamagedPiece,
} from './pieceStorage.ts';
import { dropPicturesOfNone } from './pictureStorage.ts';

/** The demonstration pieces, fetched when they are asked for: few visits need them. */
const demonstration = async (): Promise<readonly Piece[]> =>
  (await import('./demonstration.ts')).demoPieces();

/** The documents: which pieces there are, the one that is open, and its way back and forth. */
export const usePieceStore = defineStore('pieces', () => {
  const pieces = shallowRef<readonly Piece[]>([]);
  const current = shallowRef<Piece | null>(null);
  const history = createHistory<Piece>();
  const savedAt = ref<string | null>(null);
  const saveProblem = ref<string | null>(null);
  const damaged = shallowRef<readonly DamagedPiece[]>([]);
  const changedElsewhere = ref(false);
  /** Pictures of removed pieces are let go at the next visit, so that removing can be undone. */
  let tidied = false;
  let revision = 0;
  let writing: Promise<void> = Promise.resolve();

  const channel =
    typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('keen-sinew');
  channel?.addEventListener('message', (event: MessageEvent<{ id: string }>) => {
    if (event.data.id === current.value?.id) changedElsewhere.value = true;
  });

  /** Reads the list of pieces; on the very first visit the demonstration is put there. */
  async function loadAll(): Promise<void> {
    if (!(await readSetting<boolean>('visited'))) {
      for (const piece of await demonstration()) await writeNew(piece);
      await writeSetting('visited', true);
    }
    const found: Piece[] = [];
    const ids = await storedIds();
    if (!tidied) await dropPicturesOfNone(ids);
    tidied = true;
    for (const id of ids) {
      const { stored, damage } = await loadPiece(id);
      if (stored) found.push(stored.piece);
      if (damage) damaged.value = [...damaged.value, damage];
    }
    pieces.value = found.sort((a, b) => a.name.localeCompare(b.name));
  }

  /** Opens a piece; false where there is none of this id. */
  async function open(id: string): Promise<boolean> {
    const { stored, damage } = await loadPiece(id);
    if (damage) damaged.value = [...damaged.value, damage];
    if (!stored) return false;
    current.value = stored.piece;
    history.load(stored.past, stored.future);
    revision = stored.revision;
    savedAt.value = stored.savedAt;
    changedElsewhere.value = false;
    await writeSetting('last', id);
    return true;
  }

  /** Replaces the open document; `label` names the step for undo. Nothing happens if it is equal. */
  function change(label: string, recipe: (piece: Piece) => Piece): void {
    const before = current.value;
    if (before === null) return;
    const after = recipe(before);
    if (after === before || !history.note(label, before, after)) return;
    current.value = after;
    save();
  }

  function undo(): void {
    moveTo(current.value && history.undo(current.value));
  }

  function redo(): void {
    moveTo(current.value && history.redo(current.value));
  }

  function moveTo(piece: Piece | null | undefined): void {
    if (piece === null || piece === undefined) return;
    current.value = piece;
    save();
  }

  /** Saves after each change, one write after the other. */
  function save(): void {
    const piece = current.value;
    if (piece === null) return;
    revision += 1;
    const record = {
      piece,
      past: history.past.value,
      future: history.future.value,
      revision,
      savedAt: new Date().toISOString(),
    };
    savedAt.value = null;
    writing = writing
      .then(() => writePiece(record))
      .then(() => {
        savedAt.value = record.savedAt;
        saveProblem.value = null;
        channel?.postMessage({ id: piece.id });
      })
      .catch((error: unknown) => {
        saveProblem.value = `Not saved: the browser’s store refused (${String(error)}). Export the piece to a file.`;
      });
  }

  async function writeNew(piece: Piece): Promise<void> {
    const savedNow = new Date().toISOString();
    await writePiece({ piece, past: [], future: [], revision: 1, savedAt: savedNow });
  }

  /** Makes a new piece and returns its id. */
  async function create(name: string, animalId: string): Promise<string> {
    const id = freeId(name, await storedIds());
    await writeNew(newPiece(id, name, animalId));
    await loadAll();
    return id;
  }

  /** Makes a new piece of an own animal, which it carries along; returns its id. */
  async function createOf(name: string, creature: Creature): Promise<string> {
    const id = freeId(name, await storedIds());
    await writeNew(newPieceOf(id, name, creature));
    await loadAll();
    return id;
  }

  /** Takes in a piece file; returns its id, or the sentence of what is wrong with it. */
  async function takeIn(text: string): Promise<{ id: string } | { sentence: string }> {
    const read = readPieceText(text);
    if (!read.ok) return { sentence: problemSentence(read.problem) };
    // Asked of the store and not of the list on the screen, which may still be on its way.
    const ids = await storedIds();
    const id = ids.includes(read.value.id) ? freeId(read.value.name, ids) : read.value.id;
    await writeNew({ ...read.value, id });
    await loadAll();
    return { id };
  }

  /** Takes a piece out of the store; `restore` puts it back. */
  async function remove(id: string): Promise<() => Promise<void>> {
    const { stored } = await loadPiece(id);
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
    for (const piece of await demonstration()) {
      await writeNew(ids.includes(piece.id) ? { ...piece, id: freeId(piece.name, ids) } : piece);
    }
    await loadAll();
  }

  function freeId(name: string, ids: readonly string[]): string {
    const stem = name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .slice(0, 40);
    const used = new Set(ids);
    const base = stem === '' ? 'piece' : stem;
    let id = base;
    for (let n = 2; used.has(id); n++) id = `${base}-${n}`;
    return id;
  }

  return {
    pieces,
    current,
    savedAt,
    saveProblem,
    damaged,
    changedElsewhere,
    canUndo: history.canUndo,
    canRedo: history.canRedo,
    undoLabel: history.undoLabel,
    redoLabel: history.redoLabel,
    loadAll,
    open,
    change,
    undo,
    redo,
    create,
    createOf,
    takeIn,
    remove,
    restoreDemo,
    /** Resolves when everything changed so far is written. */
    settled: () => writing,
  };
});
