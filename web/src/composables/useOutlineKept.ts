import { stepToPlan, type PieceToPlan, type Plan, type Workpiece } from '@keen-sinew/core';
import { useTimeoutFn } from '@vueuse/core';
import { onBeforeUnmount, watch } from 'vue';
import { keepOutline } from '../stores/benchStorage.ts';
import type { PiecePlan } from './usePiecePlan.ts';

/** What is left of a piece; null while its steps are worked out. */
export const outlineOf = (
  { id, name, bench }: Workpiece,
  plan: Pick<Plan, 'bench'>,
): PieceToPlan | null =>
  plan.bench && {
    ...{ id, name, due: bench.due, notBefore: bench.notBefore },
    steps: plan.bench.steps.map(stepToPlan),
  };

/** An outline is kept when nothing has changed for so long, ms. */
const QUIET_MS = 800;

/** Keeps what is left of the open piece, so that the days of other pieces know of it. */
export function useOutlineKept({ piece, plan, settled }: PiecePlan): void {
  let owed: PieceToPlan | null = null;
  function keep(): void {
    if (owed !== null) void keepOutline(owed);
    owed = null;
  }
  const { start, stop } = useTimeoutFn(keep, QUIET_MS, { immediate: false });
  watch(
    [() => plan.value.bench, () => piece.value.bench, settled] as const,
    ([, , isSettled]) => {
      if (!isSettled) return;
      owed = outlineOf(piece.value, plan.value);
      start();
    },
    { immediate: true },
  );
  // A page that is left keeps what it still owes.
  onBeforeUnmount(() => {
    stop();
    keep();
  });
}
