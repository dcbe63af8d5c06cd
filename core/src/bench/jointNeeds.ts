import * as say from './words.ts';
import { sentenceText } from '../piece/step.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { Unit } from '../units/quantity.ts';
import type { MaterialPlan } from './shoppingList.ts';

/** What a piece still takes of a stuff, as plain data that can be kept beside other pieces'. */
export interface PieceNeed {
  /** The same stuff has the same key in every piece. */
  readonly key: string;
  readonly what: string;
  /** What its open steps take. */
  readonly left: number;
  readonly unit: Unit;
  /** What of it lies in the workshop; null where no lot is of it. */
  readonly onHand: number | null;
}

/** A stuff over all pieces: what they take together, and what is missing. */
export interface JointNeed {
  readonly key: string;
  readonly what: string;
  readonly need: Working;
  readonly toBuy: Working;
  readonly pieces: readonly string[];
}

/** What is left to take of each stuff of a piece. */
export const needsOf = (
  materials: readonly MaterialPlan[],
  isDone: (step: string) => boolean,
): readonly PieceNeed[] =>
  materials
    .map(({ kind, what, need, usedAt, onHand }): PieceNeed => {
      const done = usedAt.reduce((sum, { step, share }) => sum + (isDone(step) ? share : 0), 0);
      return {
        ...{ key: `${kind} ${sentenceText(what)}`, what: sentenceText(what), unit: need.unit },
        ...{ left: need.value * Math.max(0, 1 - done), onHand: onHand?.value ?? null },
      };
    })
    .filter(({ left }) => left > 0);

/** Needs of several pieces together: what lies in the workshop counts once for all of them. */
export function jointNeeds(
  pieces: readonly { readonly name: string; readonly needs: readonly PieceNeed[] }[],
): readonly JointNeed[] {
  const keys = [...new Set(pieces.flatMap(({ needs }) => needs.map(({ key }) => key)))];
  return keys.map((key, i): JointNeed => {
    const its = pieces.flatMap(({ name, needs }) =>
      needs.filter((need) => need.key === key).map((need) => ({ ...need, name })),
    );
    const [{ what, unit }] = its as [(typeof its)[number]];
    const onHand = Math.max(0, ...its.map((of) => of.onHand ?? 0));
    const need: Working = {
      ...{ id: `bench.joint.${i + 1}`, stage: 'bench', label: say.allPiecesTake(what), unit },
      value: its.reduce((sum, { left }) => sum + left, 0),
      ...{ digits: unit === 'count' ? 0 : 1, provenance: 'derived', formula: 'N = Σ nᵢ' },
      inputs: its.map(({ name, left }) => input('nᵢ', name, left, unit, 'derived')),
      source: say.asPiecesWereLastOpen,
    };
    const toBuy: Working = {
      ...{ id: `bench.joint.${i + 1}.buy`, stage: 'bench', label: say.toBuyOf(what), unit },
      value: Math.max(0, need.value - onHand),
      ...{ digits: unit === 'count' ? 0 : 1, provenance: 'derived', formula: 'max(0, N − h)' },
      inputs: [asInput('N', need), input('h', say.onHandInWorkshop, onHand, unit, 'own')],
      source: say.stockOfWorkshop,
    };
    return { key, what, need, toBuy, pieces: [...new Set(its.map(({ name }) => name))] };
  });
}
