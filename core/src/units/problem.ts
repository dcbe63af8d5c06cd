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
  return {
    ok: false,
    problem: { where: shortened(where, 120), received: brief(received), allowed },
  };
}

/** The sentence a person reads: where, what was received, what is allowed. */
export function problemSentence(problem: Problem): string {
  return say.receivedAllowedIs(problem.where, problem.received, problem.allowed);
}

function brief(received: unknown): string {
  if (received === undefined) return 'nothing';
  if (received === '') return say.emptyField;
  const text = typeof received === 'string' ? `“${received}”` : plainly(received);
  return shortened(text, 60);
}

/** By characters, so that none is cut in two; signs that no reader sees would hide what is wrong. */
function shortened(text: string, most: number): string {
  const shown = [...text.slice(0, 2 * most + 2)].map((sign) => (/\p{C}/u.test(sign) ? '·' : sign));
  return shown.length > most ? `${shown.slice(0, most - 3).join('')}…` : shown.join('');
}

/** Data as text. What a store holds may run in circles, which no JSON can. */
function plainly(received: unknown): string {
  try {
    return String(JSON.stringify(received));
  } catch {
    return Object.prototype.toString.call(received);
  }
}
