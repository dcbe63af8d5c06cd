<script setup lang="ts">
import type { JointAngles, Skeleton } from '@keen-sinew/core';
import { useElementSize } from '@vueuse/core';
import { onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue';
import type { SkeletonTurning } from './SkeletonTurning.ts';

/** A stance in space, beside the elevations; the renderer is loaded when it is first shown. */
const props = defineProps<{ skeleton: Skeleton; presetId: string; angles: JointAngles }>();
const box = ref<HTMLElement | null>(null);
const view = shallowRef<SkeletonTurning | null>(null);
const problem = ref<string | null>(null);
const { width, height } = useElementSize(box);
const TURN_DEG = 15;
let gone = false;

onMounted(async () => {
  try {
    const { SkeletonTurning: Turning } = await import('./SkeletonTurning.ts');
    if (gone || box.value === null) return;
    view.value = new Turning(box.value);
    view.value.resize();
    view.value.show(props.skeleton, props.presetId, props.angles);
  } catch (error) {
    problem.value = `This browser cannot draw in space (${(error as Error).message}). The elevations show the same.`;
  }
});
onBeforeUnmount(() => {
  gone = true;
  view.value?.destroy();
});
watch(
  () => [props.skeleton, props.angles],
  () => view.value?.show(props.skeleton, props.presetId, props.angles),
);
watch([width, height], () => view.value?.resize());
</script>

<template>
  <figure class="space">
    <div ref="box" class="box" role="img" aria-label="The stance in space; drag to turn it" />
    <figcaption>
      <button type="button" class="quiet-button" @click="view?.turn(-TURN_DEG)">Turn left</button>
      <button type="button" class="quiet-button" @click="view?.turn(TURN_DEG)">Turn right</button>
    </figcaption>
    <p v-if="problem" role="alert">{{ problem }}</p>
  </figure>
</template>

<style scoped>
.space {
  margin: 0;
  flex: 1;
  min-width: 0;
  min-height: 0;
  display: flex;
  flex-direction: column;
}
.box {
  flex: 1;
  min-height: 0;
  overflow: hidden;
  border: 1px solid var(--line);
}
figcaption {
  text-align: center;
}
</style>
