import { needsOf, stepToPlan, type PieceToPlan, type Plan, type Workpiece } from '@keen-sinew/core';
import { useTimeoutFn } from '@vueuse/core';
import { onBeforeUnmount, watch } from 'vue';
import { keepOutline, type KeptPiece } from '../stores/benchStorage.ts';
import { smallRelief } from './smallRelief.ts';
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

/** All that is kept of a piece beside its document; null while its steps are worked out. */
function keptPiece(piece: Workpiece, plan: Plan): KeptPiece | null {
  const outline = outlineOf(piece, plan);
  if (outline === null || plan.bench === null) return null;
  const { done, log } = piece.bench;
  return {
    piece: outline,
    needs: needsOf(plan.bench.materials, (step) => done[step] !== undefined),
    relief: smallRelief(plan),
    picture: log.findLast(({ picture }) => picture !== null)?.picture ?? null,
  };
}

/** An outline is kept when nothing has changed for so long, ms. */
const QUIET_MS = 800;

/** Keeps what is left of the open piece, so that the days of other pieces know of it. */
export function useOutlineKept({ piece, plan, settled }: PiecePlan): void {
  let owed: (() => KeptPiece | null) | null = null;
  function keep(): void {
    const kept = owed?.() ?? null;
    if (kept !== null) void keepOutline(kept);
    owed = null;
  }
  const { start, stop } = useTimeoutFn(keep, QUIET_MS, { immediate: false });
  watch(
    [() => plan.value.bench, () => piece.value.bench, settled] as const,
    ([, , isSettled]) => {
      if (!isSettled) return;
      const [of, its] = [piece.value, plan.value];
      owed = () => keptPiece(of, its);
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
