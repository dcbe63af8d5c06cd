import { computed, shallowRef } from 'vue';

/** What the browser's store would not do, and why. */
export interface StorageTrouble {
  /** Full: there is no more room. Shut: it cannot be read, so what it keeps is unknown. Else it refuses. */
  readonly kind: 'full' | 'shut' | 'refused';
  readonly reason: string;
}

const trouble = shallowRef<StorageTrouble | null>(null);

/** What the store last refused, until a write succeeds again. */
export const storageTrouble = computed(() => trouble.value);

/** Notes that a store refused. */
export function noteTrouble(error: unknown, reading = false): void {
  const reason = error instanceof Error ? error.message || error.name : String(error);
  const name = error instanceof Error ? error.name : '';
  // A store that cannot be read stays shut, whatever is refused besides.
  if (trouble.value?.kind === 'shut') return;
  const full = /quota|full|space/i.test(`${name} ${reason}`);
  trouble.value = { kind: reading ? 'shut' : full ? 'full' : 'refused', reason };
}

/** Forgets the trouble: a write went through. */
export function noteWell(): void {
  trouble.value = null;
}
