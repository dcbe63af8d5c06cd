import { newWorkshop, problemSentence, readWorkshop, type Workshop } from '@keen-sinew/core';
import localforage from 'localforage';

const store = localforage.createInstance({ name: 'keen-sinew', storeName: 'workshop' });
const CURRENT = 'current';
const PREVIOUS = 'previous';
const ASIDE = 'aside/';

/** The stored workshop, and what was wrong with it where it could not be read. */
export interface StoredWorkshop {
  readonly workshop: Workshop;
  readonly problem: string | null;
}

/** A workshop read from a stored record; null where there is none, its problem where it is damaged. */
function checked(raw: unknown): Workshop | string | null {
  if (raw === null || raw === undefined) return null;
  const read = readWorkshop(raw);
  return read.ok ? read.value : problemSentence(read.problem);
}

/**
 * Reads the workshop of this browser. A damaged one is set aside, never deleted, and the previous good
 * copy is taken in its place, or a new workshop.
 */
export async function loadWorkshop(): Promise<StoredWorkshop> {
  const raw = await store.getItem<unknown>(CURRENT);
  const found = checked(raw);
  if (found === null) return { workshop: newWorkshop(), problem: null };
  if (typeof found !== 'string') return { workshop: found, problem: null };
  await store.setItem(ASIDE + new Date().toISOString(), raw);
  const before = checked(await store.getItem<unknown>(PREVIOUS));
  const workshop = before === null || typeof before === 'string' ? newWorkshop() : before;
  await store.setItem(CURRENT, workshop);
  return { workshop, problem: found };
}

/** Writes the workshop; the copy that was good until now is kept beside it. */
export async function writeWorkshop(workshop: Workshop): Promise<void> {
  const before = await store.getItem<unknown>(CURRENT);
  if (before !== null) await store.setItem(PREVIOUS, before);
  // A JSON round trip strips reactive wrappers, which the browser's store cannot copy.
  await store.setItem(CURRENT, JSON.parse(JSON.stringify(workshop)));
}
