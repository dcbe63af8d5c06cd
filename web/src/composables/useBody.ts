import { planMeasure, type BodyGrid, type Piece, type Skeleton } from '@keen-sinew/core';
import { computed, type Ref } from 'vue';
import { useTwoSteps, type Question } from './useTwoSteps.ts';

/** The body of the open piece at rest, worked out in a worker whenever the skeleton changes. */
export function useBody(piece: Readonly<Ref<Piece | null>>) {
  const question = computed((): Question<Skeleton> | null => {
    const of = piece.value;
    if (of === null) return null;
    const { skeleton } = planMeasure(of.measure, of.stance);
    return {
      key: skeleton,
      ask: 'body',
      of: () => ({ measure: of.measure, stance: of.stance }),
    };
  });
  const { answer, answerTo, progress, problem } = useTwoSteps<Skeleton, BodyGrid>(
    question,
    'The body',
  );
  return { answer, gridOf: answerTo, progress, problem };
}
