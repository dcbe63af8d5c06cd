import * as say from './words.ts';
import type { BenchChoice, OwnStep } from '../piece/benchSchema.ts';
import { inOrder, type Step } from '../piece/step.ts';
import { input } from '../piece/working.ts';

/** A step of the maker's own; without minutes it is hand work of which nobody can say how long it takes. */
export const ownStep = ({ id, title, sentence, work, minutes, after }: OwnStep): Step => ({
  ...{ id, title, work, stage: 'bench', cautions: [], occupies: 'person' },
  sentence: [sentence],
  needs: after === null ? [] : [after],
  duration:
    minutes === null
      ? null
      : {
          ...{ id: `bench.time.${id}`, stage: 'bench', label: title, value: minutes, unit: 'min' },
          ...{ provenance: 'own', formula: 'Σ tᵢ', source: say.yourOwnStep },
          inputs: [input('tᵢ', title, minutes, 'min', 'own')],
        },
});

/**
 * Steps with the moves of the maker made one after the other, in the order that their needs allow: a step that was put
 * before what it needs waits for that. Moves of steps that there are not are passed over.
 */
export function reordered<T extends Step>(
  steps: readonly T[],
  moved: BenchChoice['moved'],
): readonly T[] {
  const wanted = moved.reduce((list, { step, after }): readonly T[] => {
    const its = list.find(({ id }) => id === step);
    if (its === undefined) return list;
    const rest = list.filter((of) => of !== its);
    const at = after === null ? -1 : rest.findIndex(({ id }) => id === after);
    return after !== null && at < 0 ? list : rest.toSpliced(at + 1, 0, its);
  }, steps);
  return inOrder(wanted);
}

/** Between which places of a list a step may stand: behind all that it needs, before all that needs it. */
export function placesFor(
  steps: readonly Pick<Step, 'id' | 'needs'>[],
  stepId: string,
): { readonly first: number; readonly last: number } {
  const rest = steps.filter(({ id }) => id !== stepId);
  const needs = steps.find(({ id }) => id === stepId)?.needs ?? [];
  const first = rest.findLastIndex(({ id }) => needs.includes(id)) + 1;
  const next = rest.findIndex((step) => step.needs.includes(stepId));
  return { first, last: next < 0 ? rest.length : next };
}
