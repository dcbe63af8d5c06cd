import * as say from './words.ts';
import type { Answer, Job } from '@keen-sinew/core';
import { onScopeDispose, ref, shallowRef, watch, type Ref, type ShallowRef } from 'vue';
import { forgetAnswers, keepAnswer, keptAnswer } from './answerStorage.ts';
import { sharedPool } from './workerPool.ts';

/** A fine answer is begun when nothing has changed for this long, ms. */
const QUIET_MS = 180;

/** How a question stands. */
export interface JobState<O> {
  /** The last answer, which may be that to an older question. */
  readonly answer: Readonly<ShallowRef<Answer<O> | null>>;
  /** How much of what is under way is done, 0 to 1; null while nothing is. */
  readonly progress: Readonly<Ref<number | null>>;
  /** What went wrong, as a sentence. */
  readonly problem: Readonly<Ref<string | null>>;
  /** Whether the user has cancelled this question: nothing is done for it until asked again. */
  readonly cancelled: Readonly<Ref<boolean>>;
  /** Ends what is under way; the question rests until it is asked again or changes. */
  readonly cancel: () => void;
  /** Tries again what went wrong, or was cancelled. */
  readonly retry: () => void;
}

/**
 * Works a question out away from the page: what was kept is there at once; else a coarse answer as
 * soon as can be, and a fine one when nothing changes any more, which is kept. While a coarse answer
 * is under way only the last of newer questions waits; a fine one that is overtaken is cancelled.
 * `what` names the thing in a sentence.
 */
// eslint-disable-next-line max-lines-per-function -- one life of a job: its parts share its state
export function useJob<I, O>(job: Readonly<Ref<Job<I, O> | null>>, what: string): JobState<O> {
  const answer = shallowRef<Answer<O> | null>(null);
  const progress = ref<number | null>(null);
  const problem = ref<string | null>(null);
  const cancelled = ref(false);
  let current: { readonly fine: boolean; readonly abort: AbortController } | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;

  function stop(): void {
    clearTimeout(timer);
    current?.abort.abort();
    [current, progress.value] = [null, null];
  }

  /** Takes the answer that was kept; true where there was one. */
  async function taken(of: Job<I, O>, signal: AbortSignal): Promise<boolean> {
    if (!keeping) return false;
    // A store that cannot be read keeps nothing, and the work goes on without it.
    const value = await keptAnswer(of).catch(() => {
      keeping = false;
      return undefined;
    });
    if (value === undefined || signal.aborted) return false;
    answer.value = { key: of.key, fine: true, value };
    return true;
  }

  async function work(of: Job<I, O>, fine: boolean): Promise<void> {
    const abort = new AbortController();
    current = { fine, abort };
    progress.value = 0;
    const told = (share: number): void => {
      if (!abort.signal.aborted) progress.value = share;
    };
    try {
      if (answer.value?.key === of.key || !(await taken(of, abort.signal))) {
        if (abort.signal.aborted) return;
        const value = await sharedPool().run(of, fine, told, abort.signal);
        if (abort.signal.aborted) return;
        answer.value = { key: of.key, fine, value };
        if (fine) void keep(of, value);
      }
      problem.value = null;
    } catch (error) {
      if (abort.signal.aborted) return;
      problem.value = say.couldNotBeWorked(what, (error as Error).message);
    }
    if (abort.signal.aborted) return;
    [current, progress.value] = [null, null];
    next();
  }

  /** Begins what is still to do: coarse for a new question, fine for an old one that is at rest. */
  function next(): void {
    clearTimeout(timer);
    const now = job.value;
    if (now === null || problem.value !== null || cancelled.value) return;
    if (answer.value?.key !== now.key) void work(now, !now.twoSteps);
    else if (!answer.value.fine)
      timer = setTimeout(() => {
        if (job.value?.key === now.key && current === null) void work(now, true);
      }, QUIET_MS);
  }

  watch(
    () => job.value?.key,
    () => {
      problem.value = null;
      cancelled.value = false;
      if (current !== null && !current.fine) return;
      stop();
      next();
    },
    { immediate: true },
  );
  onScopeDispose(stop);
  const cancel = (): void => {
    cancelled.value = true;
    stop();
  };
  const retry = (): void => {
    problem.value = null;
    cancelled.value = false;
    if (current === null) next();
  };
  return { answer, progress, problem, cancelled, cancel, retry };
}

let keeping = true;

/** Keeps an answer. Where there is no room all kept ones go; where that fails none is kept any more. */
async function keep<I, O>(of: Job<I, O>, value: O): Promise<void> {
  if (!keeping) return;
  try {
    await keepAnswer(of as Job<unknown, O>, value);
  } catch {
    keeping = await forgetAnswers().then(
      () => true,
      () => false,
    );
  }
}
