import * as say from './words.ts';
import type { BenchPlan, PieceEnd, SchedulePlan, StepPlan } from '@keen-sinew/core';
import { computed, type ComputedRef, type Ref } from 'vue';
import { momentText } from '../../../composables/dayText.ts';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';

/** What there is to say of a piece at this moment. */
export function useNow(
  bench: Readonly<Ref<BenchPlan | null>>,
  schedule: Readonly<Ref<SchedulePlan | null>>,
): {
  readonly picture: ComputedRef<string | null>;
  readonly next: ComputedRef<StepPlan | null>;
  readonly waiting: ComputedRef<readonly string[]>;
  readonly end: ComputedRef<PieceEnd | null>;
} {
  const { piece } = usePiecePlan();
  const picture = computed(
    () => piece.value.bench.log.findLast((entry) => entry.picture !== null)?.picture ?? null,
  );
  const next = computed(() => bench.value?.next ?? null);
  /** Steps that go on by themselves, or in the oven, and could now: they wait for nothing. */
  const waiting = computed(() =>
    (bench.value?.steps ?? [])
      .filter(({ occupies, state }) => occupies !== 'person' && ['next', 'ready'].includes(state))
      .map(({ id, title }) => {
        const booked = schedule.value?.bookings.find(
          (of) => of.piece === piece.value.id && of.step === id,
        );
        return booked === undefined ? title : say.until(title, momentText(booked.end));
      }),
  );
  const end = computed(
    () => schedule.value?.ends.find((of) => of.piece === piece.value.id) ?? null,
  );
  return { picture, next, waiting, end };
}
