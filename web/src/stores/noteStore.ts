import { defineStore } from 'pinia';
import { shallowRef } from 'vue';

/** Something that was done, told for a while at the foot of any page, with a way to act on it. */
export interface Note {
  readonly sentence: string;
  readonly label: string;
  readonly act: () => Promise<void> | void;
  /** Whether it stays until it is closed or acted on. */
  readonly stays?: boolean;
}

/** Notes that wait to be shown; what shows them is fetched with the first. */
export const useNoteStore = defineStore('notes', () => {
  const waiting = shallowRef<readonly Note[]>([]);
  function tell(note: Note): void {
    waiting.value = [...waiting.value, note];
  }
  /** Hands over what waits; each note is shown once. */
  function take(): readonly Note[] {
    const taken = waiting.value;
    if (taken.length > 0) waiting.value = [];
    return taken;
  }
  return { waiting, tell, take };
});
