import * as say from './words.ts';
import type { CautionId } from './cautions.ts';
import type { Stage, Working } from './working.ts';
import { digitsIn, quantityText, type UnitSystem } from '../units/quantity.ts';

/** A sentence with its numbers in it: words, and the workings of the stages. */
export type Sentence = readonly (string | Working)[];

/** What kind of work a step is. */
export const WORK_KINDS = [
  'print',
  'cut',
  'bend',
  'bind',
  'drill',
  'model',
  'bake',
  'set',
  'texture',
  'clean',
  'paint',
  'look',
] as const;
export type WorkKind = (typeof WORK_KINDS)[number];

/** What is taken up while a step goes on: the maker, the oven, or neither (it sets or dries by itself). */
export type Occupied = 'person' | 'oven' | 'nothing';

/** One thing to do, with its numbers and its cautions. */
export interface Step {
  readonly id: string;
  readonly stage: Stage;
  readonly title: string;
  readonly sentence: Sentence;
  readonly cautions: readonly CautionId[];
  readonly work: WorkKind;
  readonly occupies: Occupied;
  /** How long it takes; null where nobody can say yet. */
  readonly duration: Working | null;
  /** Steps that must be done before. */
  readonly needs: readonly string[];
  /** The wire that is bent in this step: it has a bench of its own. */
  readonly bendsWire?: string;
  /** The bake that is put into the oven in this step: it is watched in Cure. */
  readonly startsBake?: string;
  /** The step for whose bake the oven is heated in this one: right before it, and over with it. */
  readonly heatsFor?: string;
}

/** Hand work of which nobody can say yet how long it takes. */
export const UNTOLD = { occupies: 'person', duration: null } as const;

/**
 * Steps in an order that their needs allow, otherwise as they come: a step that needs a later one waits
 * until that one has been. Needs that no step has are passed over. Throws where steps need each other.
 */
export function inOrder<T extends Step>(all: readonly T[]): readonly T[] {
  const known = new Set(all.map(({ id }) => id));
  const placed = new Set<string>();
  const left = [...all];
  const ordered: T[] = [];
  while (left.length > 0) {
    const at = left.findIndex(({ needs }) => needs.every((id) => placed.has(id) || !known.has(id)));
    if (at < 0)
      throw new Error(`these steps need each other: ${left.map(({ id }) => id).join(', ')}`);
    const [step] = left.splice(at, 1) as [T];
    placed.add(step.id);
    ordered.push(step);
  }
  return ordered;
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

/** What a duration says of who is at work. */
const OCCUPIED: Readonly<Record<Occupied, readonly [before: string, after: string]>> = {
  person: [say.aboutBefore, say.ofWork],
  oven: ['', say.inOven],
  nothing: [say.aboutBefore, say.byItself],
};

/** How long a step takes and what it takes up: "about 12 min of work"; nothing where nobody can say. */
export function durationSentence({ duration, occupies }: Step): Sentence {
  if (duration === null) return [];
  const [before, after] = OCCUPIED[occupies];
  return [before, duration, after];
}

/** Words joined as people do: "a, b and c". */
export function listText(words: readonly string[]): string {
  if (words.length < 2) return words.join('');
  return say.and(words.slice(0, -1).join(', '), words.at(-1) ?? '');
}

/** Parts of a sentence joined the same way. */
export const listSentence = (parts: readonly Sentence[]): Sentence =>
  parts.flatMap((part, i): Sentence => {
    if (i === 0) return part;
    return [i === parts.length - 1 ? say.andBetween : ', ', ...part];
  });
