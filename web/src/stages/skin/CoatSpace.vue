<script setup lang="ts">
import * as say from './words.ts';
import { computed, shallowRef, watch } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import type { BodyTurning } from '../../sheet/BodyTurning.ts';
import SpaceBox from '../../sheet/SpaceBox.vue';
import { useBodyMeshes } from '../mass/useBodyMeshes.ts';

/** The coat in space: every stroke on the shaded body, to be turned. */
const { plan } = usePiecePlan();
const view = shallowRef<BodyTurning | null>(null);
const meshes = useBodyMeshes();
const load = async (box: HTMLElement): Promise<BodyTurning> => {
  const { BodyTurning: Turning } = await import('../../sheet/BodyTurning.ts');
  return new Turning(box);
};
const scene = computed(() =>
  meshes.value === null
    ? null
    : {
        meshes: meshes.value,
        apart: plan.value.surface?.apart ?? [],
        coat: plan.value.coat?.lines,
        ...{ wires: [], cut: null, grips: [] },
      },
);
watch([view, scene], () => {
  if (view.value !== null && scene.value !== null) view.value.show(scene.value, 'skin');
});
</script>

<template>
  <SpaceBox :label="say.coatInSpace" :load="load" @ready="view = $event" />
</template>
