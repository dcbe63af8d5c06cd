import type { Remote } from 'comlink';
import { onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue';
import type { BodyWorker } from '../workers/body.worker.ts';

/** What a worker is asked, and how it is known whether the answer still holds. */
export interface Question<K> {
  readonly key: K;
  readonly ask: 'body' | 'shape';
  /** Plain data; made when it is sent. */
  readonly of: () => unknown;
}

export interface Answer<K, A> {
  readonly key: K;
  readonly fine: boolean;
  readonly value: A;
}

/** A fine answer is begun when nothing has changed for this long, ms. */
const QUIET_MS = 180;

/**
 * Works a question out in a worker in two steps: a coarse answer at once, and a fine one when nothing
 * changes any more. While a coarse answer is under way only the last of newer questions is kept; a
 * fine one that is overtaken is cancelled. `what` names the thing in a sentence.
 */
export function useTwoSteps<K, A>(question: Readonly<Ref<Question<K> | null>>, what: string) {
  const answer = shallowRef<Answer<K, A> | null>(null);
  const progress = ref<number | null>(null);
  const problem = ref<string | null>(null);
  let worker: Worker | null = null;
  let remote: Remote<BodyWorker> | null = null;
  let busy: 'coarse' | 'fine' | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;

  function stop(): void {
    clearTimeout(timer);
    worker?.terminate();
    [worker, remote, busy, progress.value] = [null, null, null, null];
  }

  function started(): Worker {
    if (worker !== null) return worker;
    const mine = new Worker(new URL('../workers/body.worker.ts', import.meta.url), {
      type: 'module',
    });
    mine.addEventListener('error', (event) => {
      if (worker !== mine) return;
      problem.value = `${what} could not be worked out: ${event.message}`;
      stop();
    });
    worker = mine;
    return mine;
  }

  async function work(of: Question<K>, fine: boolean): Promise<void> {
    const mine = started();
    busy = fine ? 'fine' : 'coarse';
    progress.value = 0;
    try {
      const { proxy, wrap } = await import('comlink');
      if (worker !== mine) return;
      remote ??= wrap<BodyWorker>(mine);
      const told = proxy((done: number) => {
        if (worker === mine && busy !== null) progress.value = done;
      });
      const plain = JSON.parse(JSON.stringify(of.of())) as never;
      const value = (await remote[of.ask](plain, fine, told)) as A;
      if (worker !== mine) return;
      answer.value = { key: of.key, fine, value };
      problem.value = null;
    } catch (error) {
      if (worker !== mine) return;
      problem.value = `${what} could not be worked out: ${(error as Error).message}`;
    }
    [busy, progress.value] = [null, null];
    next();
  }

  /** Begins what is still to do: coarse for a new question, fine for an old one that is at rest. */
  function next(): void {
    clearTimeout(timer);
    const now = question.value;
    if (now === null || problem.value !== null) return;
    if (answer.value?.key !== now.key) void work(now, false);
    else if (!answer.value.fine)
      timer = setTimeout(() => {
        if (question.value?.key === now.key && busy === null) void work(now, true);
      }, QUIET_MS);
  }

  watch(
    () => question.value?.key,
    () => {
      problem.value = null;
      if (busy === 'coarse') return;
      if (busy === 'fine') stop();
      next();
    },
    { immediate: true },
  );
  onScopeDispose(stop);

  /** The answer, if it is the one to this key. */
  const answerTo = (key: K): A | null => (answer.value?.key === key ? answer.value.value : null);
  return { answer, answerTo, progress, problem };
}
