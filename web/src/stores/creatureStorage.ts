import { creatureText, readCreatureText, type Creature } from '@keen-sinew/core';
import localforage from 'localforage';

const store = localforage.createInstance({ name: 'keen-sinew', storeName: 'creatures' });

/** All own animals of this browser; what cannot be read any more is left where it is and counted. */
export async function storedCreatures(): Promise<{
  readonly creatures: readonly Creature[];
  readonly unreadable: number;
}> {
  const keys = await store.keys();
  const texts = await Promise.all(keys.map((key) => store.getItem<string>(key)));
  const read = texts.map((text) => readCreatureText(text ?? ''));
  return {
    creatures: read
      .flatMap((parsed) => (parsed.ok ? [parsed.value] : []))
      .toSorted((a, b) => a.name.localeCompare(b.name)),
    unreadable: read.filter((parsed) => !parsed.ok).length,
  };
}

/** Keeps an own animal as the text of its file. */
export async function keepCreature(creature: Creature): Promise<void> {
  await store.setItem(creature.id, creatureText(creature));
}

/** Takes an own animal out of this browser. Pieces made of it carry their own copy. */
export async function dropCreature(id: string): Promise<void> {
  await store.removeItem(id);
}
