import * as say from './words.ts';
import { asInput, type Working } from '../piece/working.ts';

/** Hand work as a sum of its parts, so that a pace can stand before it; null where none is told. */
export function byMinutes(stepId: string, title: string, all: readonly (Working | null)[]) {
  const told = all.filter((minutes) => minutes !== null);
  const duration: Working | null =
    told.length === 0
      ? null
      : {
          id: `bench.time.${stepId}`,
          stage: 'bench',
          label: title,
          value: told.reduce((sum, { value }) => sum + value, 0),
          unit: 'min',
          provenance: 'derived',
          formula: 'Σ tᵢ',
          inputs: told.map((minutes) => asInput('tᵢ', minutes)),
          source: say.countsTimesPace,
        };
  return { occupies: 'person', duration } as const;
}
