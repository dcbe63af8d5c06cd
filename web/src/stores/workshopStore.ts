import * as say from './words.ts';
import {
  newWorkshop,
  problemSentence,
  readWorkshopText,
  type Adopted,
  type Workshop,
} from '@keen-sinew/core';
import { defineStore } from 'pinia';
import { ref, shallowRef } from 'vue';
import { createHistory, historyReady, whenReady } from './history.ts';
import { createNewestWriter } from './newestWriter.ts';
import { loadWorkshop, writeWorkshop } from './workshopStorage.ts';

const messageOf = (error: unknown): string =>
  error instanceof Error ? error.message : String(error);

/** The maker's workshop: one document of this browser, beside the pieces. */
// eslint-disable-next-line max-lines-per-function -- a store is one function
export const useWorkshopStore = defineStore('workshop', () => {
  const current = shallowRef<Workshop>(newWorkshop());
  const history = createHistory<Workshop>();
  const saveProblem = ref<string | null>(null);
  /** What was wrong with the stored workshop, where it was damaged and set aside. */
  const damage = ref<string | null>(null);
  /** Whether the newest workshop is in the store, and not only held in this page. */
  const isKept = ref(true);
  let loaded: Promise<void> | null = null;

  const writer = createNewestWriter<Workshop>(writeWorkshop, {
    written: () => {
      saveProblem.value = null;
      isKept.value = true;
      channel?.postMessage('changed');
    },
    refused: (error) => {
      isKept.value = false;
      // What the browser would not keep is told on every page (storageTrouble.ts).
      saveProblem.value = error === null ? null : say.notSavedBecause(messageOf(error));
    },
  });

  const channel =
    typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('keen-sinew-workshop');
  channel?.addEventListener('message', () => {
    loaded = null;
    void load();
  });

  /** Reads the workshop once; after a change in another tab, again. */
  function load(): Promise<void> {
    loaded ??= loadWorkshop().then(
      ({ workshop, problem }) => {
        current.value = workshop;
        if (problem !== null) damage.value = problem;
      },
      (error: unknown) => {
        // Asked again, it is tried again.
        loaded = null;
        throw error;
      },
    );
    return loaded;
  }

  /** Puts a workshop in place of the one that there is, and saves it. */
  function put(workshop: Workshop): void {
    current.value = workshop;
    writer.put('current', workshop);
  }

  /** A change that could not be made is told where a save that failed is. */
  const refused = (reason: string): void => {
    saveProblem.value = say.notChanged(reason);
  };

  /** Changes the workshop from its own page; the step is kept for undo there. */
  function change(label: string, recipe: (workshop: Workshop) => Workshop): void {
    const before = current.value;
    const after = recipe(before);
    if (after !== before && history.note(label, before, after)) put(after);
  }

  function moveTo(workshop: Workshop | undefined): void {
    if (workshop !== undefined) put(workshop);
  }

  /** Whether another workshop has something that this one lacks. */
  const lacks = async (theirs: Workshop): Promise<boolean> => {
    const { adoptWorkshop } = await import('./adopting.ts');
    return (
      JSON.stringify(adoptWorkshop(current.value, theirs).workshop) !==
      JSON.stringify(current.value)
    );
  };

  /** Takes over from another workshop what this one lacks. */
  async function adopt(label: string, theirs: Workshop): Promise<Adopted> {
    const [{ adoptWorkshop }] = await Promise.all([import('./adopting.ts'), historyReady]);
    const adopted = adoptWorkshop(current.value, theirs);
    change(label, () => adopted.workshop);
    return adopted;
  }

  /** Takes over the metals of another workshop alone; the ids that they have here where they differ. */
  async function adoptTheirMetals(theirs: Workshop): Promise<ReadonlyMap<string, string>> {
    if (theirs.wire.ownMetals.length === 0) return new Map();
    const [{ adoptMetals }] = await Promise.all([import('./adopting.ts'), historyReady]);
    const { workshop, metals } = adoptMetals(current.value, theirs);
    change(say.takeOverMetalsOf, () => workshop);
    return metals;
  }

  /** Takes in a workshop's file; what it said, or the sentence of what is wrong with it. */
  async function takeIn(text: string): Promise<Adopted | { readonly sentence: string }> {
    const read = readWorkshopText(text);
    return read.ok
      ? adopt(say.takeInWorkshopFrom, read.value)
      : { sentence: problemSentence(read.problem) };
  }

  return {
    current,
    saveProblem,
    isKept,
    damage,
    canUndo: history.canUndo,
    canRedo: history.canRedo,
    undoLabel: history.undoLabel,
    redoLabel: history.redoLabel,
    load,
    put,
    change: (label: string, recipe: (workshop: Workshop) => Workshop) =>
      whenReady(() => change(label, recipe), refused),
    lacks,
    adopt,
    adoptTheirMetals,
    takeIn,
    undo: () => whenReady(() => moveTo(history.undo(current.value)), refused),
    redo: () => whenReady(() => moveTo(history.redo(current.value)), refused),
    /** Resolves when everything changed so far is written. */
    settled: writer.settled,
  };
});
