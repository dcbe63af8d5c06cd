import { sameTarget, type SheetTarget } from '@keen-sinew/core';
import { nextTick } from 'vue';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import { useSelection } from '../composables/useSelection.ts';

/**
 * Touching something on the sheet opens the number that measures it, and brings it into view. Where
 * the ledger shows several, the first one that is on the screen is taken.
 */
export function usePickOnSheet(): (target: SheetTarget) => void {
  const { plan } = usePiecePlan();
  const { pick } = useSelection();
  return (target) => {
    const found = plan.value.workings.filter((working) => sameTarget(working.target, target));
    const shown =
      found.find((working) => document.querySelector(`[data-working="${working.id}"]`)) ?? found[0];
    pick(target, shown?.id ?? null);
    void nextTick(() =>
      document
        .querySelector(`[data-working="${shown?.id ?? ''}"]`)
        ?.scrollIntoView({ block: 'nearest' }),
    );
  };
}
