import * as say from './words.ts';
import { scheduleJob, type PieceNeed, type PieceToPlan, type SchedulePlan } from '@keen-sinew/core';
import { useIntervalFn } from '@vueuse/core';
import { computed, onMounted, ref, shallowRef, type Ref } from 'vue';
import { outlineOf } from '../../../composables/useOutlineKept.ts';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useJob, type JobState } from '../../../jobs/useJob.ts';
import { keptOf, type KeptPiece } from '../../../stores/benchStorage.ts';
import { minuteOf } from '../stepChanges.ts';
import { usePieceStore } from '../../../stores/pieceStore.ts';

/** A plan moves on by steps of this, so that it is not made anew each minute. */
const STEP_MIN = 15;
const now = (): string => {
  const date = new Date();
  date.setMinutes(Math.ceil(date.getMinutes() / STEP_MIN) * STEP_MIN, 0, 0);
  return minuteOf(date);
};

/** A piece is on the bench when it was begun, or is due, and not finished. */
const isOnBench = ({ due, steps }: PieceToPlan): boolean =>
  steps.some(({ done }) => !done) && (due !== null || steps.some(({ done }) => done));

/** The timetable of the open piece with all others that are on the bench. */
export function useBenchPlan(): {
  readonly pieces: Readonly<Ref<readonly PieceToPlan[]>>;
  /** What the other pieces on the bench take. */
  readonly needs: Readonly<
    Ref<readonly { readonly name: string; readonly needs: readonly PieceNeed[] }[]>
  >;
  readonly work: JobState<SchedulePlan>;
} {
  const { piece, plan } = usePiecePlan();
  const store = usePieceStore();
  const from = ref(now());
  useIntervalFn(() => (from.value = now()), 60_000);
  const own = computed(() => outlineOf(piece.value, plan.value));
  const others = shallowRef<readonly KeptPiece[]>([]);
  onMounted(async () => {
    const ids = store.pieces.map(({ id }) => id).filter((id) => id !== piece.value.id);
    others.value = (await keptOf(ids)).filter((of) => isOnBench(of.piece));
  });
  const pieces = computed(() =>
    own.value === null ? [] : [own.value, ...others.value.map((of) => of.piece)],
  );
  const needs = computed(() =>
    others.value.map((of) => ({ name: of.piece.name, needs: of.needs })),
  );
  const job = computed(() => {
    if (own.value === null) return null;
    const { hours, sittingH } = piece.value.atHand;
    return scheduleJob({
      ...{ pieces: pieces.value, hours, sittingMin: Math.round(60 * sittingH), from: from.value },
    });
  });
  return { pieces, needs, work: useJob(job, say.planOfWork) };
}
