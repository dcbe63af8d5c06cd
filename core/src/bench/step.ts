import type { CautionId } from '../piece/cautions.ts';
import type { Stage, Working } from '../piece/working.ts';
import { digitsIn, quantityText, type UnitSystem } from '../units/quantity.ts';

/** A sentence with its numbers in it: words, and the workings of the stages. */
export type Sentence = readonly (string | Working)[];

/** One thing to do, with its numbers and its cautions. */
export interface Step {
  readonly id: string;
  readonly stage: Stage;
  readonly title: string;
  readonly sentence: Sentence;
  readonly cautions: readonly CautionId[];
  /** Steps that must be done before. */
  readonly needs: readonly string[];
  /** The wire that is bent in this step: it has a bench of its own. */
  readonly bendsWire?: string;
}

/** The sentence as text in a unit system. */
export const sentenceText = (sentence: Sentence, system: UnitSystem = 'metric'): string =>
  sentence
    .map((part) =>
      typeof part === 'string'
        ? part
        : quantityText(part.value, part.unit, system, digitsIn(system, part.unit, part.digits)),
    )
    .join('');

/** Words joined as people do: "a, b and c". */
export function listText(words: readonly string[]): string {
  if (words.length < 2) return words.join('');
  return `${words.slice(0, -1).join(', ')} and ${words.at(-1) ?? ''}`;
}

/** Parts of a sentence joined the same way. */
export const listSentence = (parts: readonly Sentence[]): Sentence =>
  parts.flatMap((part, i): Sentence => {
    if (i === 0) return part;
    return [i === parts.length - 1 ? ' and ' : ', ', ...part];
  });
