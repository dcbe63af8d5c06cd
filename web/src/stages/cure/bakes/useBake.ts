import type { StagedBake } from '@keen-sinew/core';
import { computed, type ComputedRef } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';

/** The bake that is looked at: named in the address, else the first that is not ticked off. */
export function useBake(): {
  readonly stages: ComputedRef<readonly StagedBake[]>;
  readonly stage: ComputedRef<StagedBake>;
  readonly pick: (id: string) => void;
} {
  const { piece, plan } = usePiecePlan();
  const route = useRoute();
  const router = useRouter();
  const stages = computed(() => plan.value.cure.stages);
  const stage = computed(() => {
    const named = stages.value.find(({ id }) => id === route.query['bake']);
    const open = stages.value.find(({ id }) => piece.value.bench.done[`cure.${id}`] === undefined);
    return named ?? open ?? stages.value.at(-1)!;
  });
  const pick = (id: string): void => void router.replace({ query: { ...route.query, bake: id } });
  return { stages, stage, pick };
}
