import { creatureText, readCreatureText, type Creature } from '@keen-sinew/core';
import { keptStore } from './keptStore.ts';

const store = keptStore('creatures');

/** All own animals of this browser; what cannot be read any more is left where it is and counted. */
export async function storedCreatures(): Promise<{
  readonly creatures: readonly Creature[];
  readonly unreadable: number;
  /** Ids that no new one may have: of the unreadable ones too. */
  readonly taken: readonly string[];
}> {
  const taken = await store.keys();
  const texts = await Promise.all(taken.map((key) => store.get(key)));
  const read = texts.map((text) => readCreatureText(typeof text === 'string' ? text : ''));
  return {
    creatures: read
      .flatMap((parsed) => (parsed.ok ? [parsed.value] : []))
      .toSorted((a, b) => a.name.localeCompare(b.name)),
    unreadable: read.filter((parsed) => !parsed.ok).length,
    taken,
  };
}

/** Keeps an own animal as the text of its file; false where the browser would not. */
export const keepCreature = (creature: Creature): Promise<boolean> =>
  store.set(creature.id, creatureText(creature));

/** Takes an own animal out of this browser. Pieces made of it carry their own copy. */
export async function dropCreature(id: string): Promise<void> {
  await store.remove(id);
}
