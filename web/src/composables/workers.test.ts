// @vitest-environment happy-dom
import { MessageChannel, type MessagePort } from 'node:worker_threads';
import {
  bodyGrid,
  demoPieces,
  heatRun,
  planMeasure,
  planPiece,
  shapeKey,
  shapeRun,
  type Piece,
} from '@keen-sinew/core';
import { expose, type Endpoint } from 'comlink';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { computed, effectScope, nextTick, shallowRef, type EffectScope } from 'vue';
import { useBody } from './useBody.ts';
import { useShape } from './useShape.ts';
import { useHeat } from './useHeat.ts';

const [otter, wolf] = demoPieces() as [Piece, Piece];
const CELLS = 8000;
/** Fine answers wait for a moment of quiet. */
const WAIT = { timeout: 5000 };

/** A worker on this thread: comlink speaks to it over a pair of ports. */
class FakeWorker extends EventTarget {
  static made: FakeWorker[] = [];
  static silent = false;
  ended = false;
  private muted = false;
  private readonly port: MessagePort;
  constructor() {
    super();
    const { port1, port2 } = new MessageChannel();
    this.port = port2;
    FakeWorker.made.push(this);
    if (!FakeWorker.silent) expose(WORK, port1 as unknown as Endpoint);
    port2.on('message', (data: unknown) => {
      if (!this.ended && !this.muted) this.dispatchEvent(new MessageEvent('message', { data }));
    });
  }
  postMessage(message: unknown, transfer: readonly MessagePort[] = []): void {
    this.port.postMessage(message, transfer as MessagePort[]);
  }
  /** Lets no answer through any more, as if the work took for ever. */
  mute(): void {
    this.muted = true;
  }
  terminate(): void {
    this.ended = true;
    this.port.close();
  }
}

/** What a worker cannot do for a while. */
const BROKEN = { body: false };
const WORK = {
  heat: heatRun,
  body: (of: Pick<Piece, 'measure' | 'stance'>, fine: boolean) => {
    if (BROKEN.body) throw new Error('torn');
    return bodyGrid(planMeasure(of.measure, of.stance).skeleton, fine ? 2 * CELLS : CELLS);
  },
  shape: (piece: Piece) => shapeRun(piece, false),
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
    expect(heat.run.value!.results).toHaveLength(requestOf(otter)!.cases.length);
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
  const skeletonOf = (of: Piece) => planMeasure(of.measure, of.stance).skeleton;
  const bodyOf = (start: Piece) => {
    const piece = shallowRef<Piece | null>(start);
    return { piece, ...scope.run(() => useBody(piece))! };
  };

  it('works out the body of this skeleton coarsely, then finely, and of the next one anew', async () => {
    const { piece, gridOf } = bodyOf(otter);
    const first = skeletonOf(otter);
    await vi.waitFor(() => expect(gridOf(first)).not.toBeNull());
    const coarse = gridOf(first)!;
    expect(coarse.bones.length).toBe(first.bones.length);
    await vi.waitFor(() => expect(gridOf(first)!.cellMm).toBeLessThan(coarse.cellMm), WAIT);
    piece.value = wolf;
    await nextTick();
    const second = skeletonOf(wolf);
    expect(gridOf(second)).toBeNull();
    await vi.waitFor(() => expect(gridOf(second)).not.toBeNull());
    expect(gridOf(first)).toBeNull();
    expect(FakeWorker.made).toHaveLength(1);
  });

  it('leaves the body alone while only the stance changes', async () => {
    const { piece } = bodyOf(otter);
    piece.value = { ...otter, stance: { ...otter.stance, presetId: 'standing' } };
    await nextTick();
    expect(FakeWorker.made).toHaveLength(1);
  });

  it('keeps only the last of the questions that come while a coarse answer is under way', async () => {
    const { piece, gridOf } = bodyOf(otter);
    const young = (youth: number): Piece => ({
      ...otter,
      measure: { ...otter.measure, figure: { ...otter.measure.figure, sex: null, youth } },
    });
    for (const youth of [0.1, 0.2, 0.3]) {
      piece.value = young(youth);
      await nextTick();
    }
    const last = skeletonOf(piece.value!);
    await vi.waitFor(() => expect(gridOf(last)).not.toBeNull());
    expect(FakeWorker.made).toHaveLength(1);
    expect(FakeWorker.made[0]!.ended).toBe(false);
  });

  it('cancels a fine answer that is overtaken', async () => {
    const { piece, gridOf, progress } = bodyOf(otter);
    const first = skeletonOf(otter);
    await vi.waitFor(() => expect(gridOf(first)).not.toBeNull());
    // From here on the worker says nothing more: the fine answer stays under way.
    FakeWorker.made[0]!.mute();
    await vi.waitFor(() => expect(progress.value).not.toBeNull(), WAIT);
    piece.value = wolf;
    await nextTick();
    expect(FakeWorker.made[0]!.ended).toBe(true);
    const next = skeletonOf(wolf);
    await vi.waitFor(() => expect(gridOf(next)).not.toBeNull());
    expect(FakeWorker.made).toHaveLength(2);
  });

  it('says what went wrong, and works again for the next question', async () => {
    BROKEN.body = true;
    const { piece, gridOf, problem } = bodyOf(otter);
    await vi.waitFor(() => expect(problem.value).toBe('The body could not be worked out: torn'));
    BROKEN.body = false;
    piece.value = wolf;
    await nextTick();
    expect(problem.value).toBeNull();
    const next = skeletonOf(wolf);
    await vi.waitFor(() => expect(gridOf(next)).not.toBeNull());
  });
});

describe('useShape', () => {
  it('answers with the key of what it was asked, anew when the stance changes', async () => {
    const piece = shallowRef<Piece | null>(otter);
    const { answer } = scope.run(() => useShape(piece))!;
    await vi.waitFor(() => expect(answer.value?.value.key).toBe(shapeKey(otter)), WAIT);
    const standing = { ...otter, stance: { ...otter.stance, presetId: 'standing' } };
    piece.value = standing;
    await vi.waitFor(() => expect(answer.value?.value.key).toBe(shapeKey(standing)), WAIT);
  });
});
