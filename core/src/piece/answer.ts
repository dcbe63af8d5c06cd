/** What slow work gave for a question; `key` is the question's, so that an older one is told apart. */
export interface Answer<O> {
  readonly key: string;
  /** Not a first coarse one. */
  readonly fine: boolean;
  readonly value: O;
}

/** The answer's value, if it is the one to this question. */
export const answerTo = <O>(key: string | null, answer: Answer<O> | null): O | null =>
  answer !== null && answer.key === key ? answer.value : null;
