import type { HeatRequest, HeatRun } from '@keen-sinew/core';
import { onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue';
import type { HeatWorker } from '../workers/heat.worker.ts';

/**
 * The heat flow of what is asked, worked out in a worker whenever the question changes. A worker
 * that still answers an older question is stopped.
 */
export function useHeat(request: Readonly<Ref<HeatRequest | null>>) {
  const run = shallowRef<HeatRun | null>(null);
  const busy = ref(false);
  const problem = ref<string | null>(null);
  let worker: Worker | null = null;

  const stop = (): void => {
    worker?.terminate();
    worker = null;
    busy.value = false;
  };

  async function work(of: HeatRequest): Promise<void> {
    stop();
    const mine = new Worker(new URL('../workers/heat.worker.ts', import.meta.url), {
      type: 'module',
    });
    worker = mine;
    busy.value = true;
    mine.addEventListener('error', (event) => {
      if (worker !== mine) return;
      problem.value = `The heat could not be worked out: ${event.message}`;
      stop();
    });
    try {
      const { wrap } = await import('comlink');
      if (worker !== mine) return;
      const answer = await wrap<HeatWorker>(mine).heat(of);
      if (worker !== mine) return;
      run.value = answer;
      problem.value = null;
    } catch (error) {
      if (worker !== mine) return;
      problem.value = `The heat could not be worked out: ${(error as Error).message}`;
    }
    stop();
  }

  watch(
    () => request.value?.key,
    () => {
      if (request.value === null) stop();
      else if (run.value?.key !== request.value.key) void work(request.value);
    },
    { immediate: true },
  );
  onScopeDispose(stop);
  return { run, busy, problem };
}
