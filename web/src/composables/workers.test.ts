// @vitest-environment happy-dom
import { MessageChannel, type MessagePort } from 'node:worker_threads';
import {
  bodyGrid,
  demoPieces,
  heatRun,
  planMeasure,
  planPiece,
  type Piece,
} from '@keen-sinew/core';
import { expose, type Endpoint } from 'comlink';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { computed, effectScope, nextTick, shallowRef, type EffectScope } from 'vue';
import { useBody } from './useBody.ts';
import { useHeat } from './useHeat.ts';

const [otter, wolf] = demoPieces() as [Piece, Piece];
const CELLS = 8000;

/** A worker on this thread: comlink speaks to it over a pair of ports. */
class FakeWorker extends EventTarget {
  static made: FakeWorker[] = [];
  static silent = false;
  ended = false;
  private readonly port: MessagePort;
  constructor() {
    super();
    const { port1, port2 } = new MessageChannel();
    this.port = port2;
    FakeWorker.made.push(this);
    if (!FakeWorker.silent) expose(WORK, port1 as unknown as Endpoint);
    port2.on('message', (data: unknown) => {
      if (!this.ended) this.dispatchEvent(new MessageEvent('message', { data }));
    });
  }
  postMessage(message: unknown, transfer: readonly MessagePort[] = []): void {
    this.port.postMessage(message, transfer as MessagePort[]);
  }
  terminate(): void {
    this.ended = true;
    this.port.close();
  }
}

const WORK = {
  heat: heatRun,
  body: (measure: Piece['measure'], stance: Piece['stance']) =>
    bodyGrid(planMeasure(measure, stance).skeleton, CELLS),
};

let scope: EffectScope;
beforeEach(() => {
  FakeWorker.made = [];
  FakeWorker.silent = false;
  vi.stubGlobal('Worker', FakeWorker);
  scope = effectScope();
});
afterEach(() => {
  scope.stop();
  vi.unstubAllGlobals();
});

const requestOf = (piece: Piece) => planPiece(piece, null).cure.request;

describe('useHeat', () => {
  const heatOf = (start: Piece) => {
    const piece = shallowRef(start);
    const heat = scope.run(() => useHeat(computed(() => requestOf(piece.value))))!;
    return { piece, heat };
  };

  it('answers the question in a worker, and ends it', async () => {
    const { heat } = heatOf(otter);
    expect(heat.busy.value).toBe(true);
    await vi.waitFor(() => expect(heat.run.value).not.toBeNull());
    expect(heat.run.value!.key).toBe(requestOf(otter)!.key);
    expect(heat.run.value!.results).toHaveLength(3);
    expect(FakeWorker.made.map((worker) => worker.ended)).toEqual([true]);
    expect(heat.busy.value).toBe(false);
  });

  it('stops a worker whose question is out of date', async () => {
    FakeWorker.silent = true;
    const { piece, heat } = heatOf(otter);
    piece.value = wolf;
    await nextTick();
    expect(FakeWorker.made.map((worker) => worker.ended)).toEqual([true, false]);
    expect(heat.run.value).toBeNull();
  });

  it('does not ask again where a change leaves the question as it was', async () => {
    FakeWorker.silent = true;
    const { piece } = heatOf(otter);
    piece.value = { ...otter, name: 'Renamed', skin: { ...otter.skin, tools: [] } };
    await nextTick();
    expect(FakeWorker.made).toHaveLength(1);
  });

  it('asks nothing for a clay that needs no oven, and says what went wrong', async () => {
    FakeWorker.silent = true;
    const { piece, heat } = heatOf(otter);
    FakeWorker.made[0]!.dispatchEvent(Object.assign(new Event('error'), { message: 'torn' }));
    expect(heat.problem.value).toBe('The heat could not be worked out: torn');
    const { clay } = otter.mass;
    piece.value = { ...otter, mass: { ...otter.mass, clay: { ...clay, classId: 'epoxy' } } };
    await nextTick();
    expect(FakeWorker.made).toHaveLength(1);
    expect(heat.busy.value).toBe(false);
  });
});

describe('useBody', () => {
  it('works out the body of this skeleton, and of the next one anew', async () => {
    const piece = shallowRef<Piece | null>(otter);
    const { gridOf } = scope.run(() => useBody(piece))!;
    const skeletonOf = (of: Piece) => planMeasure(of.measure, of.stance).skeleton;
    const first = skeletonOf(otter);
    await vi.waitFor(() => expect(gridOf(first)).not.toBeNull());
    expect(gridOf(first)!.bones.length).toBe(first.bones.length);
    piece.value = wolf;
    await nextTick();
    const second = skeletonOf(wolf);
    expect(gridOf(second)).toBeNull();
    await vi.waitFor(() => expect(gridOf(second)).not.toBeNull());
    expect(gridOf(first)).toBeNull();
    expect(FakeWorker.made).toHaveLength(2);
  });

  it('leaves the body alone while only the stance changes', async () => {
    const piece = shallowRef<Piece | null>(otter);
    scope.run(() => useBody(piece));
    piece.value = { ...otter, stance: { ...otter.stance, presetId: 'standing' } };
    await nextTick();
    expect(FakeWorker.made).toHaveLength(1);
  });
});
