import { onScopeDispose, ref, shallowRef, type Ref } from 'vue';
import type { JobState } from '../jobs/useJob.ts';

/** An archive on its way: how far it is, what was wrong with it, and a way to end it. */
export interface ArchiveState extends JobState<never> {
  /** Begins, and forgets what was before; resolves to what came of it, or null where nothing did. */
  readonly run: <T>(
    act: (told: (share: number) => void, signal: AbortSignal) => Promise<T>,
  ) => Promise<T | null>;
  /** Whether there is anything to show. */
  readonly shown: Readonly<Ref<boolean>>;
}

/** One archive at a time; `sentence` tells what went wrong. */
export function useArchive(sentence: (reason: string) => string): ArchiveState {
  const progress = ref<number | null>(null);
  const problem = ref<string | null>(null);
  const cancelled = ref(false);
  const shown = ref(false);
  let abort: AbortController | null = null;
  let again: () => Promise<unknown> = async () => undefined;

  async function run<T>(
    act: (told: (share: number) => void, signal: AbortSignal) => Promise<T>,
  ): Promise<T | null> {
    abort?.abort();
    const mine = new AbortController();
    abort = mine;
    again = () => run(act);
    [problem.value, cancelled.value, progress.value, shown.value] = [null, false, 0, true];
    try {
      const told = (share: number): void => {
        if (abort === mine) progress.value = share;
      };
      const made = await act(told, mine.signal);
      if (abort === mine) shown.value = false;
      return made;
    } catch (error) {
      if (!mine.signal.aborted) problem.value = sentence((error as Error).message);
      return null;
    } finally {
      if (abort === mine) progress.value = null;
    }
  }
  function cancel(): void {
    // Nothing is left of it, and nothing needs to be said.
    shown.value = false;
    abort?.abort();
  }
  onScopeDispose(() => abort?.abort());
  return {
    answer: shallowRef(null),
    ...{ progress, problem, cancelled, shown, cancel, run },
    retry: () => void again(),
  };
}
