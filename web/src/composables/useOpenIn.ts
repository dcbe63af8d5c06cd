import type { Sentence, Working } from '@keen-sinew/core';
import { useSelection } from './useSelection.ts';

/** Finds the number of a sentence whose working is open; undefined where none of its own is. */
export function useOpenIn(): (sentence: Sentence) => Working | undefined {
  const { open } = useSelection();
  return (sentence) =>
    sentence.find((part): part is Working => typeof part !== 'string' && part.id === open.value);
}
