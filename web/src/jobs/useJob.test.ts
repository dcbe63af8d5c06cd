// @vitest-environment happy-dom
import { MessageChannel, type MessagePort } from 'node:worker_threads';
import type { Job } from '@keen-sinew/core';
import { expose, type Endpoint } from 'comlink';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, nextTick, shallowRef, type EffectScope } from 'vue';
import { createPool, poolSize, sharedPool } from './workerPool.ts';
import { useJob } from './useJob.ts';
import { until } from '../testing/until.ts';

/** What the browser keeps, and whether it has room. */
const kept = vi.hoisted(() => ({
  answers: new Map<string, unknown>(),
  full: false,
  unreadable: false,
  emptied: 0,
}));
vi.mock('./answerStorage.ts', () => ({
  keptAnswer: async (job: { key: string }) => {
    if (kept.unreadable) throw new Error('locked');
    return kept.answers.get(job.key);
  },
  keepAnswer: async (job: { key: string }, value: unknown) => {
    if (kept.full) throw new Error('no room');
    kept.answers.set(job.key, value);
  },
  forgetAnswers: async () => {
    kept.emptied++;
    kept.answers.clear();
  },
}));

/** A worker on this thread: comlink speaks to it over a pair of ports. */
class FakeWorker extends EventTarget {
  static made: FakeWorker[] = [];
  /** Whether new ones say nothing, as if their work took for ever. */
  static silent = false;
  ended = false;
  muted = FakeWorker.silent;
  private readonly port: MessagePort;
  constructor() {
    super();
    const { port1, port2 } = new MessageChannel();
    this.port = port2;
    FakeWorker.made.push(this);
    expose({ run: answered }, port1 as unknown as Endpoint);
    port2.on('message', (data: unknown) => {
      if (!this.ended && !this.muted) this.dispatchEvent(new MessageEvent('message', { data }));
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

/** What was asked of workers, in order, and what they cannot do for a while. */
const asked: string[] = [];
const broken = new Set<string>();
function answered(name: string, input: { n: number }, fine: boolean): string {
  const what = `${name} ${input.n} ${fine ? 'fine' : 'coarse'}`;
  asked.push(what);
  if (broken.has(name)) throw new Error('torn');
  return what;
}

const twoSteps = (n: number): Job<{ n: number }, string> => ({
  ...{ name: 'body', key: `body ${n}`, input: { n }, twoSteps: true },
});
const oneStep = (n: number): Job<{ n: number }, string> => ({
  ...{ name: 'heat', key: `heat ${n}`, input: { n }, twoSteps: false },
});

let scope: EffectScope;
beforeEach(() => {
  FakeWorker.made = [];
  FakeWorker.silent = false;
  kept.answers.clear();
  kept.full = false;
  asked.length = 0;
  broken.clear();
  vi.stubGlobal('Worker', FakeWorker);
  scope = effectScope();
});
afterEach(() => {
  scope.stop();
  sharedPool().close();
  vi.unstubAllGlobals();
});

const asking = (start: Job<{ n: number }, string> | null) => {
  const job = shallowRef(start);
  return { job, ...scope.run(() => useJob(job, 'The body'))! };
};

describe('useJob', () => {
  it('answers coarsely, then finely, keeps the fine answer, and answers the next question', async () => {
    const { job, answer, progress } = asking(twoSteps(1));
    await until(() => expect(answer.value?.value).toBe('body 1 coarse'));
    expect(answer.value).toMatchObject({ key: 'body 1', fine: false });
    await until(() => expect(answer.value?.value).toBe('body 1 fine'));
    expect([...kept.answers]).toEqual([['body 1', 'body 1 fine']]);
    expect(progress.value).toBeNull();
    job.value = twoSteps(2);
    await until(() => expect(answer.value?.value).toBe('body 2 coarse'));
    expect(FakeWorker.made).toHaveLength(1);
  });

  it('takes what was kept, and asks no worker', async () => {
    kept.answers.set('body 1', 'kept');
    const { answer, progress } = asking(twoSteps(1));
    await until(() => expect(answer.value?.value).toBe('kept'));
    expect(answer.value!.fine).toBe(true);
    expect(progress.value).toBeNull();
    expect(FakeWorker.made).toEqual([]);
  });

  it('does not ask again for the same question', async () => {
    const { job, answer } = asking(oneStep(1));
    await until(() => expect(answer.value?.value).toBe('heat 1 fine'));
    job.value = oneStep(1);
    await nextTick();
    expect(asked).toEqual(['heat 1 fine']);
  });

  it('keeps only the last of the questions that come while a coarse answer is under way', async () => {
    const { job, answer } = asking(twoSteps(0));
    for (const n of [1, 2, 3]) {
      job.value = twoSteps(n);
      await nextTick();
    }
    await until(() => expect(answer.value?.key).toBe('body 3'));
    expect(asked.filter((what) => what.endsWith('coarse'))).toEqual([
      'body 0 coarse',
      'body 3 coarse',
    ]);
    expect(FakeWorker.made.map(({ ended }) => ended)).toEqual([false]);
  });

  it('cancels a fine answer that is overtaken, and its worker with it', async () => {
    const { job, answer, progress } = asking(twoSteps(1));
    await until(() => expect(answer.value?.key).toBe('body 1'));
    // From here on the worker says nothing more: the fine answer stays under way.
    FakeWorker.made[0]!.muted = true;
    await until(() => expect(progress.value).not.toBeNull());
    await until(() => expect(asked).toContain('body 1 fine'));
    job.value = twoSteps(2);
    await nextTick();
    expect(FakeWorker.made[0]!.ended).toBe(true);
    await until(() => expect(answer.value?.key).toBe('body 2'));
    expect(FakeWorker.made).toHaveLength(2);
  });

  it('says what went wrong, tries again when asked, and works for the next question', async () => {
    broken.add('body');
    const { job, answer, problem, retry } = asking(twoSteps(1));
    await until(() => expect(problem.value).toBe('The body could not be worked out: torn'));
    broken.clear();
    retry();
    await until(() => expect(answer.value?.key).toBe('body 1'));
    expect(problem.value).toBeNull();
    broken.add('body');
    job.value = twoSteps(2);
    await until(() => expect(problem.value).not.toBeNull());
    broken.clear();
    job.value = twoSteps(3);
    await until(() => expect(answer.value?.key).toBe('body 3'));
  });

  it('tries once more with a new worker what one has died of', async () => {
    FakeWorker.silent = true;
    const { job, answer, problem } = asking(oneStep(1));
    await until(() => expect(FakeWorker.made).toHaveLength(1));
    FakeWorker.silent = false;
    FakeWorker.made[0]!.dispatchEvent(Object.assign(new Event('error'), { message: 'no memory' }));
    await until(() => expect(answer.value?.value).toBe('heat 1 fine'));
    expect(problem.value).toBeNull();
    expect(FakeWorker.made[0]!.ended).toBe(true);
    expect(FakeWorker.made).toHaveLength(2);
    job.value = oneStep(2);
    await until(() => expect(answer.value?.value).toBe('heat 2 fine'));
    expect(FakeWorker.made).toHaveLength(2);
  });

  it('tells when the second one died too, and recovers with the next change', async () => {
    FakeWorker.silent = true;
    const { job, answer, problem } = asking(oneStep(1));
    await until(() => expect(FakeWorker.made).toHaveLength(1));
    // A worker whose file is missing says nothing at all.
    FakeWorker.made[0]!.dispatchEvent(new Event('error'));
    await until(() => expect(FakeWorker.made).toHaveLength(2));
    FakeWorker.made[1]!.dispatchEvent(new Event('error'));
    await until(() =>
      expect(problem.value).toBe(
        'The body could not be worked out: its worker could not be started',
      ),
    );
    FakeWorker.silent = false;
    job.value = oneStep(2);
    await until(() => expect(answer.value?.value).toBe('heat 2 fine'));
    expect(problem.value).toBeNull();
  });

  it('asks nothing where there is no question, and empties what it keeps where there is no room', async () => {
    kept.full = true;
    const { job, answer, progress } = asking(null);
    await nextTick();
    expect(progress.value).toBeNull();
    expect(FakeWorker.made).toEqual([]);
    job.value = oneStep(4);
    await until(() => expect(answer.value?.value).toBe('heat 4 fine'));
    await until(() => expect(kept.emptied).toBe(1));
    expect(answer.value!.fine).toBe(true);
  });

  // The last of them, as from then on nothing is kept in this page.
  it('goes on where what was kept cannot be read', async () => {
    kept.unreadable = true;
    const { answer, problem } = asking(oneStep(5));
    await until(() => expect(answer.value?.value).toBe('heat 5 fine'));
    expect(problem.value).toBeNull();
  });
});

describe('a pool of workers', () => {
  const open = new AbortController().signal;

  it('leaves one core to the page, and takes at most three', () => {
    expect([1, 2, 3, 4, 16].map(poolSize)).toEqual([1, 1, 2, 3, 3]);
  });

  it('lets what is too much wait its turn, and takes out what is given up', async () => {
    const pool = createPool(1);
    const abort = new AbortController();
    const first = pool.run(oneStep(1), true, () => undefined, open);
    void pool.run(oneStep(2), true, () => undefined, abort.signal);
    const third = pool.run(oneStep(3), true, () => undefined, open);
    abort.abort();
    expect(await first).toBe('heat 1 fine');
    expect(await third).toBe('heat 3 fine');
    expect(asked).toEqual(['heat 1 fine', 'heat 3 fine']);
    expect(FakeWorker.made).toHaveLength(1);
    pool.close();
    expect(FakeWorker.made[0]!.ended).toBe(true);
  });

  it('works on as many at once as it has workers', async () => {
    const pool = createPool(2);
    const all = [1, 2, 3].map((n) => pool.run(twoSteps(n), false, () => undefined, open));
    expect(await Promise.all(all)).toEqual(['body 1 coarse', 'body 2 coarse', 'body 3 coarse']);
    expect(FakeWorker.made).toHaveLength(2);
    pool.close();
  });
});
