import * as say from './words.ts';
/** What is wrong with one input: data first, so that the sentence is made in one place. */
export interface Problem {
  /** The input, in the user's words: "Scale", "measure.lifeLengthsMm.femur". */
  readonly where: string;
  /** What was given, as text. */
  readonly received: string;
  /** What would be accepted. */
  readonly allowed: string;
}

/** The outcome of reading an input: a value, or what was wrong with it. Never an exception. */
export type Parsed<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: Problem };

/** Wraps a value that was read without trouble. */
export const accepted = <T>(value: T): Parsed<T> => ({ ok: true, value });

/** Wraps a refusal; `received` is shortened so that a sentence stays a sentence. */
export function refused(where: string, received: unknown, allowed: string): Parsed<never> {
  return { ok: false, problem: { where, received: brief(received), allowed } };
}

/** The sentence a person reads: where, what was received, what is allowed. */
export function problemSentence(problem: Problem): string {
  return say.receivedAllowedIs(problem.where, problem.received, problem.allowed);
}

function brief(received: unknown): string {
  if (received === undefined) return 'nothing';
  if (received === '') return say.emptyField;
  const text = typeof received === 'string' ? `“${received}”` : String(JSON.stringify(received));
  return text.length > 60 ? `${text.slice(0, 57)}…` : text;
}
