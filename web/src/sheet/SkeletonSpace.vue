<script setup lang="ts">
import * as say from './words.ts';
import { settledStance, type JointAngles, type Skeleton } from '@keen-sinew/core';
import { shallowRef, watch } from 'vue';
import type { SkeletonTurning } from './SkeletonTurning.ts';
import SpaceBox from './SpaceBox.vue';

/** A stance in space that is looked at, life mm. */
const props = defineProps<{ skeleton: Skeleton; presetId: string; angles: JointAngles }>();
const view = shallowRef<SkeletonTurning | null>(null);
const load = async (box: HTMLElement): Promise<SkeletonTurning> => {
  const { SkeletonTurning: Turning } = await import('./SkeletonTurning.ts');
  return new Turning(box, null);
};
watch([view, () => props.skeleton, () => props.angles], () => {
  const { skeleton, presetId, angles: anglesDeg } = props;
  const posed = settledStance(skeleton, { presetId, anglesDeg, lifted: null });
  view.value?.show({ posed, form: null });
});
</script>

<template>
  <SpaceBox :label="say.stanceInSpaceDrag" :load="load" @ready="view = $event" />
</template>
