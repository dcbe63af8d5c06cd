import * as say from './words.ts';
import {
  newWorkshop,
  problemSentence,
  readWorkshop,
  WORKSHOP_VERSION,
  type Workshop,
} from '@keen-sinew/core';
import { keptStore } from './keptStore.ts';

const store = keptStore('workshop');
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

/** Whether a record was written by a newer application than this one. */
function isNewer(raw: unknown): boolean {
  const version = (raw as { version?: unknown } | null)?.version;
  return Number.isInteger(version) && Number(version) > WORKSHOP_VERSION;
}

/**
 * Reads the workshop of this browser. A damaged one is set aside, never deleted, and the previous good
 * copy is taken in its place, or a new workshop. One of a newer application is left as it is.
 */
export async function loadWorkshop(): Promise<StoredWorkshop> {
  const raw = await store.get(CURRENT);
  if (isNewer(raw)) return { workshop: newWorkshop(), problem: say.workshopIsOfNewerVersion };
  const found = checked(raw);
  if (found === null) return { workshop: newWorkshop(), problem: null };
  if (typeof found !== 'string') return { workshop: found, problem: null };
  await store.set(ASIDE + new Date().toISOString(), raw);
  const before = checked(await store.get(PREVIOUS));
  const workshop = before === null || typeof before === 'string' ? newWorkshop() : before;
  await store.set(CURRENT, workshop);
  return { workshop, problem: found };
}

/**
 * Writes the workshop; the copy that was good until now is kept beside it. False where the browser
 * would not, and it is only held in this page. Throws rather than write over one of a newer application.
 */
export async function writeWorkshop(workshop: Workshop): Promise<boolean> {
  const before = await store.get(CURRENT);
  if (isNewer(before)) throw new Error(say.workshopIsOfNewerVersion);
  if (before !== null) await store.set(PREVIOUS, before);
  // A JSON round trip strips reactive wrappers, which the browser's store cannot copy.
  return store.set(CURRENT, JSON.parse(JSON.stringify(workshop)));
}
