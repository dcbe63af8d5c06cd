import type { Answer } from '../piece/answer.ts';

/** Is told how much is done, 0 to 1. */
export type Told = (done: number) => void;

/** One kind of slow work: how its question is answered, and how a coarse answer is had at once. */
export interface JobKind<I, O> {
  readonly run: (input: I, told?: Told) => O;
  readonly coarse?: (input: I, told?: Told) => O;
}

/**
 * Slow work as data: pure, so that it may run anywhere and its answer be kept. `key` holds what is
 * read and nothing else: another key is another question.
 */
export interface Job<I, O> extends JobKind<I, O> {
  readonly name: string;
  readonly key: string;
  /** Plain data. */
  readonly input: I;
}

/** The answer to a job, worked out here and now. */
export const done = <I, O>(job: Job<I, O>, fine = true): Answer<O> => ({
  key: job.key,
  fine: fine || job.coarse === undefined,
  value: (fine ? job.run : (job.coarse ?? job.run))(job.input),
});
