import type * as Mutative from 'mutative';
import type { Patches } from 'mutative';
import { computed, shallowRef, type ComputedRef, type ShallowRef } from 'vue';
import { countUnderWay } from './underWay.ts';

type Patching = Pick<typeof Mutative, 'apply' | 'create'>;

/** What makes patches is fetched beside the page: nothing is changed before something is shown. */
let patching: Patching | null = null;
export const historyReady: Promise<void> = import('mutative').then(({ apply, create }) => {
  patching = { apply, create };
});

/**
 * Does what changes a document: at once, or as soon as its step can be kept; `failed` is told the reason
 * where that cannot be.
 */
export function whenReady(act: () => void, failed: (reason: string) => void): void {
  if (patching !== null) act();
  else void countUnderWay(historyReady.then(act, (error: unknown) => failed(String(error))));
}

function patches(): Patching {
  if (patching === null) throw new Error('a document is changed before its history can be kept');
  return patching;
}

/** One step of a document's history: what was done, as changes forth and back. */
export interface HistoryStep {
  readonly label: string;
  readonly forth: Patches;
  readonly back: Patches;
}

/** Steps kept on the way back; older ones are let go. */
const MAX_STEPS = 100;

type Fields = Record<string, unknown>;
const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Writes into a draft of `before` what `after` has otherwise, field by field. */
function write(draft: Fields, before: Fields, after: Fields): void {
  for (const key of Object.keys(before))
    if (!Object.hasOwn(after, key)) Reflect.deleteProperty(draft, key);
  for (const [key, value] of Object.entries(after)) {
    const was = Object.hasOwn(before, key) ? before[key] : undefined;
    if (was === value && Object.hasOwn(before, key)) continue;
    if (Array.isArray(was) && JSON.stringify(was) === JSON.stringify(value)) continue;
    if (isFields(was) && isFields(value)) write(draft[key] as Fields, was, value);
    else draft[key] = value;
  }
}

/** The step from one document to another; undefined where they do not differ. */
export function stepBetween<T extends object>(
  label: string,
  before: T,
  after: T,
): HistoryStep | undefined {
  const [, forth, back] = patches().create(
    before as Fields,
    (draft) => write(draft as Fields, before as Fields, after as Fields),
    { enablePatches: true },
  );
  return forth.length === 0 ? undefined : { label, forth, back };
}

/** A place in a document, as the keys that lead there. */
export type Path = readonly (string | number)[];

/** Whether what patches made of a place is what it still is. */
function stands(doc: object, path: Path, made: Patches): boolean {
  const now = path.reduce<unknown>(
    (at, key) => (typeof at === 'object' && at !== null ? (at as Fields)[key] : undefined),
    doc,
  );
  const patch = made.find(({ path: other }) => JSON.stringify(other) === JSON.stringify(path));
  const then: unknown = patch?.op === 'remove' ? undefined : patch?.value;
  return JSON.stringify(now) === JSON.stringify(then);
}

/** A document with a step taken. */
export const stepped = <T extends object>(doc: T, changes: Patches): T =>
  patches().apply(doc, changes) as T;

/** The way back and forth of one document. */
export interface History<T extends object> {
  readonly past: ShallowRef<readonly HistoryStep[]>;
  readonly future: ShallowRef<readonly HistoryStep[]>;
  readonly canUndo: ComputedRef<boolean>;
  readonly canRedo: ComputedRef<boolean>;
  readonly undoLabel: ComputedRef<string>;
  readonly redoLabel: ComputedRef<string>;
  /** Notes a change; false where nothing differs. The way forth is forgotten. */
  readonly note: (label: string, before: T, after: T) => boolean;
  /** The document one step back, or forth; undefined at the end of the way. */
  readonly undo: (doc: T) => T | undefined;
  readonly redo: (doc: T) => T | undefined;
  /** Whether the last step back or forth had to leave something as others have made it. */
  readonly left: ShallowRef<boolean>;
  /** Takes over what was kept, or begins anew. */
  readonly load: (past: readonly HistoryStep[], future: readonly HistoryStep[]) => void;
}

/**
 * A history of patches: a hundred steps cost as much as what they changed. `shared` says which places
 * others may have changed since: what a step did there is taken back only while it still stands. A way
 * that leads to no document (`isSound`), as its record was damaged, ends before it.
 */
export function createHistory<T extends object>(
  shared: (path: Path) => boolean = () => false,
  isSound: (doc: T) => boolean = () => true,
): History<T> {
  const past = shallowRef<readonly HistoryStep[]>([]);
  const future = shallowRef<readonly HistoryStep[]>([]);
  const left = shallowRef(false);
  function soundly(doc: T, changes: Patches): T | undefined {
    try {
      const next = stepped(doc, changes);
      return isSound(next) ? next : undefined;
    } catch {
      // A step that leads nowhere is told by the way that ends.
      return undefined;
    }
  }
  function move(from: typeof past, to: typeof past, way: 'forth' | 'back', doc: T): T | undefined {
    const step = from.value.at(-1);
    if (step === undefined) return undefined;
    const made = step[way === 'back' ? 'forth' : 'back'];
    const standing = step[way].filter(
      ({ path }) => !shared(path as Path) || stands(doc, path as Path, made),
    );
    const next = soundly(doc, standing);
    if (next === undefined) {
      from.value = [];
      return undefined;
    }
    to.value = [...to.value, step];
    from.value = from.value.slice(0, -1);
    left.value = standing.length < step[way].length;
    return next;
  }
  return {
    past,
    future,
    canUndo: computed(() => past.value.length > 0),
    canRedo: computed(() => future.value.length > 0),
    undoLabel: computed(() => past.value.at(-1)?.label ?? ''),
    redoLabel: computed(() => future.value.at(-1)?.label ?? ''),
    note: (label, before, after) => {
      const step = stepBetween(label, before, after);
      if (step === undefined) return false;
      left.value = false;
      past.value = [...past.value, step].slice(-MAX_STEPS);
      future.value = [];
      return true;
    },
    undo: (doc) => move(past, future, 'back', doc),
    redo: (doc) => move(future, past, 'forth', doc),
    left,
    load: (kept, undone) => {
      left.value = false;
      past.value = kept;
      future.value = undone;
    },
  };
}
