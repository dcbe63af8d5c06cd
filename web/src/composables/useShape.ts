import { shapeKey, type BodyShape, type Piece } from '@keen-sinew/core';
import { computed, type Ref } from 'vue';
import { useTwoSteps, type Question } from './useTwoSteps.ts';

/** The posed model in its layers, worked out in a worker whenever shape, stance or build change. */
export function useShape(piece: Readonly<Ref<Piece | null>>) {
  const question = computed((): Question<string> | null => {
    const of = piece.value;
    return of === null ? null : { key: shapeKey(of), ask: 'shape', of: () => of };
  });
  return useTwoSteps<string, BodyShape>(question, 'The shape');
}
