import type { Workshop } from '@keen-sinew/core';
import { computed, type ComputedRef } from 'vue';
import { useWorkshopStore } from '../stores/workshopStore.ts';

/** The workshop of this browser, and how its page changes it. */
export function useWorkshop(): {
  readonly workshop: ComputedRef<Workshop>;
  readonly change: (label: string, recipe: (workshop: Workshop) => Workshop) => void;
} {
  const store = useWorkshopStore();
  return {
    workshop: computed(() => store.current),
    change: (label, recipe) => store.change(label, recipe),
  };
}
