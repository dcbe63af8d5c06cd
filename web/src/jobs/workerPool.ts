import type { Job, JobName, Told } from '@keen-sinew/core';
import type { Remote } from 'comlink';
import type { JobWorker } from '../workers/job.worker.ts';

/** What is to be done, and what becomes of it. */
interface Task {
  readonly job: Job<unknown, unknown>;
  readonly fine: boolean;
  readonly told: Told;
  readonly signal: AbortSignal;
  readonly done: (value: unknown) => void;
  readonly failed: (error: Error) => void;
  /** Whether a worker has failed at it before. */
  failedOnce: boolean;
}

interface Hand {
  readonly worker: Worker;
  remote: Remote<JobWorker> | null;
}

/** What browsers leave unsaid where a worker could not be fetched. */
const NOT_STARTED = 'its worker could not be started';

/** A handful of workers that take one task each; the rest wait their turn. */
export interface WorkerPool {
  /**
   * The answer to a job, coarse or fine. Aborting the signal takes a waiting task out, and ends the
   * worker of one that is under way; the promise then stays open.
   */
  run<I, O>(job: Job<I, O>, fine: boolean, told: Told, signal: AbortSignal): Promise<O>;
  /** Ends every worker. */
  close(): void;
}

/** Workers beside the page: one core is left to it. */
export const poolSize = (cores: number): number => Math.max(1, Math.min(3, cores - 1));

/**
 * A pool that starts its workers when they are first needed. One that fails is replaced, and what it had
 * to do is tried once more.
 */
// eslint-disable-next-line max-lines-per-function -- one pool: its parts share the workers
export function createPool(most: number): WorkerPool {
  const idle: Hand[] = [];
  const busy = new Set<Hand>();
  let waiting: Task[] = [];

  function next(): void {
    const task = waiting[0];
    if (task === undefined) return;
    const hand = idle.pop() ?? (busy.size < most ? started() : undefined);
    if (hand === undefined) return;
    waiting = waiting.slice(1);
    busy.add(hand);
    void work(hand, task);
  }

  function started(): Hand {
    const worker = new Worker(new URL('../workers/job.worker.ts', import.meta.url), {
      type: 'module',
    });
    return { worker, remote: null };
  }

  function dismiss(hand: Hand): void {
    hand.worker.terminate();
    busy.delete(hand);
    next();
  }

  async function work(hand: Hand, task: Task): Promise<void> {
    let over = false;
    const end = (): boolean => !over && (over = true);
    const abort = (): void => {
      if (end()) dismiss(hand);
    };
    const broken = (event: Event): void => {
      if (end()) startAgain(hand, task, new Error((event as ErrorEvent).message || NOT_STARTED));
    };
    task.signal.addEventListener('abort', abort, { once: true });
    hand.worker.addEventListener('error', broken);
    hand.worker.addEventListener('messageerror', broken);
    try {
      const { proxy, wrap } = await import('comlink');
      hand.remote ??= wrap<JobWorker>(hand.worker);
      const { name, input } = task.job;
      const told = proxy((share: number) => {
        if (!over) task.told(share);
      });
      // A JSON round trip strips reactive wrappers, which cannot be sent.
      const plain: unknown = JSON.parse(JSON.stringify(input));
      const value: unknown = await hand.remote.run(name as JobName, plain, task.fine, told);
      if (end()) settle(hand, task, () => task.done(value));
    } catch (error) {
      if (end()) startAgain(hand, task, error as Error);
    } finally {
      task.signal.removeEventListener('abort', abort);
      hand.worker.removeEventListener('error', broken);
      hand.worker.removeEventListener('messageerror', broken);
    }
  }

  /** A worker that failed is replaced, and its task tried once more; the second failure is told. */
  function startAgain(hand: Hand, task: Task, error: Error): void {
    if (task.failedOnce) task.failed(error);
    else if (!task.signal.aborted) {
      task.failedOnce = true;
      waiting = [task, ...waiting];
    }
    dismiss(hand);
  }

  function settle(hand: Hand, task: Task, tell: () => void): void {
    busy.delete(hand);
    idle.push(hand);
    if (!task.signal.aborted) tell();
    next();
  }

  return {
    run: <I, O>(job: Job<I, O>, fine: boolean, told: Told, signal: AbortSignal): Promise<O> =>
      new Promise<O>((resolve, reject) => {
        const task: Task = {
          job: job as Job<unknown, unknown>,
          ...{ fine, told, signal },
          done: (value) => resolve(value as O),
          failed: reject,
          failedOnce: false,
        };
        waiting = [...waiting, task];
        signal.addEventListener(
          'abort',
          () => (waiting = waiting.filter((each) => each !== task)),
          {
            once: true,
          },
        );
        next();
      }),
    close: () => {
      waiting = [];
      for (const hand of [...idle, ...busy]) hand.worker.terminate();
      idle.length = 0;
      busy.clear();
    },
  };
}

let shared: WorkerPool | null = null;

/** The pool of this page. */
export const sharedPool = (): WorkerPool =>
  (shared ??= createPool(poolSize(navigator.hardwareConcurrency)));
