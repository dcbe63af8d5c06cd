<script setup lang="ts">
import * as say from './words.ts';
import type { JointAngles, Skeleton } from '@keen-sinew/core';
import { shallowRef, watch } from 'vue';
import type { SkeletonTurning } from './SkeletonTurning.ts';
import SpaceBox from './SpaceBox.vue';

/** A stance in space, beside the elevations. */
const props = defineProps<{ skeleton: Skeleton; presetId: string; angles: JointAngles }>();
const view = shallowRef<SkeletonTurning | null>(null);
const load = async (box: HTMLElement): Promise<SkeletonTurning> => {
  const { SkeletonTurning: Turning } = await import('./SkeletonTurning.ts');
  return new Turning(box);
};
watch([view, () => props.skeleton, () => props.angles], () =>
  view.value?.show(props.skeleton, props.presetId, props.angles),
);
</script>

<template>
  <SpaceBox :label="say.stanceInSpaceDrag" :load="load" @ready="view = $event" />
</template>
