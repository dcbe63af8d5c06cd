import * as say from './words.ts';
import { newCreature, problemSentence, readCreatureText, type Creature } from '@keen-sinew/core';
import { defineStore } from 'pinia';
import { computed, ref, shallowReactive, shallowRef } from 'vue';
import { freeId } from './freeId.ts';
import { createHistory, whenReady, type History } from './history.ts';
import { dropCreature, keepCreature, storedCreatures } from './creatureStorage.ts';

/** Animals of one's own: kept in the browser, each change with a way back. */
// eslint-disable-next-line max-lines-per-function -- a store is one function
export const useCreatureStore = defineStore('creatures', () => {
  const creatures = shallowRef<readonly Creature[]>([]);
  const unreadable = ref(0);
  const problem = ref<string | null>(null);
  const histories = shallowReactive(new Map<string, History<Creature>>());
  let writing: Promise<void> = Promise.resolve();

  /** Ids in the store, of animals that cannot be read too. */
  let taken: readonly string[] = [];
  const channel =
    typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('keen-sinew-animals');
  // Another tab has stored an animal: this one goes on from there.
  channel?.addEventListener('message', () => void load());

  async function load(): Promise<void> {
    const found = await storedCreatures();
    creatures.value = found.creatures;
    unreadable.value = found.unreadable;
    ({ taken } = found);
  }

  const byId = (id: string): Creature | undefined =>
    creatures.value.find((creature) => creature.id === id);

  function put(creature: Creature): void {
    creatures.value = byId(creature.id)
      ? creatures.value.map((entry) => (entry.id === creature.id ? creature : entry))
      : [...creatures.value, creature];
    writing = writing
      .then(() => keepCreature(creature))
      .then((kept) => {
        problem.value = null;
        if (kept) channel?.postMessage('changed');
      })
      .catch((error: unknown) => {
        problem.value = say.notSavedBecause(String(error));
      });
  }

  /** A change that could not be made is told where a save that failed is. */
  const refused = (reason: string): void => {
    problem.value = say.notChanged(reason);
  };

  /** The way back and forth of one animal. */
  function historyOf(id: string): History<Creature> {
    const found = histories.get(id) ?? createHistory<Creature>();
    histories.set(id, found);
    return found;
  }

  /** Changes one animal; the step is kept for undo. */
  function change(creature: Creature, part: Partial<Creature>): void {
    const after = { ...creature, ...part };
    if (historyOf(creature.id).note(say.changeAnimal, creature, after)) put(after);
  }

  function undo(id: string): void {
    const now = byId(id);
    const before = now && historyOf(id).undo(now);
    if (before !== undefined) put(before);
  }
  function redo(id: string): void {
    const now = byId(id);
    const after = now && historyOf(id).redo(now);
    if (after !== undefined) put(after);
  }

  /** A new animal, still a copy of one in the library; returns its id. */
  function create(name: string, base: string): string {
    const id = freeId(name, ids(), 'animal');
    put(newCreature(id, name, base));
    return id;
  }

  /** Keeps an animal as it is under a free id of its name; returns the id. */
  function begin(creature: Creature): string {
    const id = freeId(creature.name, ids(), 'animal');
    put({ ...creature, id });
    return id;
  }

  /** Takes in an animal's file; returns its id, or the sentence of what is wrong with it. */
  function takeIn(text: string): { id: string } | { sentence: string } {
    const read = readCreatureText(text);
    if (!read.ok) return { sentence: problemSentence(read.problem) };
    const { id: own, name } = read.value;
    const id = ids().includes(own) ? freeId(name, ids(), 'animal') : own;
    put({ ...read.value, id });
    return { id };
  }

  /** Removes an animal; `restore` puts it back. */
  async function remove(id: string): Promise<() => void> {
    const gone = byId(id);
    creatures.value = creatures.value.filter((creature) => creature.id !== id);
    await dropCreature(id);
    return () => {
      if (gone) put(gone);
    };
  }

  const ids = (): readonly string[] => [...taken, ...creatures.value.map(({ id }) => id)];

  return {
    creatures,
    unreadable,
    problem,
    load,
    byId,
    change: (creature: Creature, part: Partial<Creature>) =>
      whenReady(() => change(creature, part), refused),
    undo: (id: string) => whenReady(() => undo(id), refused),
    redo: (id: string) => whenReady(() => redo(id), refused),
    canUndo: computed(() => (id: string) => histories.get(id)?.canUndo.value ?? false),
    canRedo: computed(() => (id: string) => histories.get(id)?.canRedo.value ?? false),
    create,
    begin,
    takeIn,
    remove,
    /** Resolves when everything changed so far is written. */
    settled: () => writing,
  };
});
