/** Is told how much is done, 0 to 1. */
export type Told = (done: number) => void;

/** One kind of slow work: how its question is answered, and how a coarse answer is had at once. */
export interface JobKind<I, O> {
  readonly run: (input: I, told?: Told) => O;
  readonly coarse?: (input: I, told?: Told) => O;
}

/**
 * Slow work as data, so that it may run anywhere and its answer be kept; what runs it is found by its
 * name (jobKinds.ts) and need not be loaded where it is asked for. `key` holds what is read and nothing
 * else: another key is another question.
 */
export interface Job<I, O> {
  readonly name: JobName;
  readonly key: string;
  /** Plain data. */
  readonly input: I;
  /** Whether a coarse answer can be had first. */
  readonly twoSteps: boolean;
  /** Never set: tells the type of the answer. */
  readonly answer?: O;
}

/** The kinds of slow work. */
export type JobName =
  'body' | 'surface' | 'shape' | 'heat' | 'coat' | 'markings' | 'paint' | 'schedule' | 'nest';
