import { planMeasure, type BodyGrid, type Piece, type Skeleton } from '@keen-sinew/core';
import { proxy, wrap } from 'comlink';
import { onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue';
import type { BodyWorker } from '../workers/body.worker.ts';

/**
 * The body's grid of the open piece, worked out in a worker whenever the skeleton changes. An
 * unfinished calculation of an older skeleton is stopped.
 */
export function useBody(piece: Readonly<Ref<Piece | null>>) {
  const body = shallowRef<{ readonly skeleton: Skeleton; readonly grid: BodyGrid } | null>(null);
  const progress = ref<number | null>(null);
  const problem = ref<string | null>(null);
  let worker: Worker | null = null;

  const stop = (): void => {
    worker?.terminate();
    worker = null;
    progress.value = null;
  };

  async function work(of: Piece, skeleton: Skeleton): Promise<void> {
    stop();
    const mine = new Worker(new URL('../workers/body.worker.ts', import.meta.url), {
      type: 'module',
    });
    worker = mine;
    progress.value = 0;
    mine.addEventListener('error', (event) => {
      if (worker === mine) problem.value = `The body could not be worked out: ${event.message}`;
    });
    const plain = JSON.parse(JSON.stringify({ measure: of.measure, stance: of.stance })) as Piece;
    const grid = await wrap<BodyWorker>(mine).body(
      plain.measure,
      plain.stance,
      proxy((done: number) => {
        if (worker === mine) progress.value = done;
      }),
    );
    if (worker !== mine) return;
    body.value = { skeleton, grid };
    problem.value = null;
    stop();
  }

  watch(
    () => piece.value && planMeasure(piece.value.measure, piece.value.stance).skeleton,
    (skeleton) => {
      if (piece.value && skeleton && body.value?.skeleton !== skeleton)
        void work(piece.value, skeleton);
    },
    { immediate: true },
  );
  onScopeDispose(stop);

  /** The grid, if it is the one of this skeleton. */
  const gridOf = (skeleton: Skeleton): BodyGrid | null =>
    body.value?.skeleton === skeleton ? body.value.grid : null;
  return { gridOf, progress, problem };
}
