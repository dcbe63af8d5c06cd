<script setup lang="ts">
import { drawingSize, type Drawing } from '@keen-sinew/core';
import { useElementSize } from '@vueuse/core';
import { computed, ref } from 'vue';
import DrawingItems from '../sheet/DrawingItems.vue';

/** A drawing as large as its place allows, to look at: nothing on it is picked. */
const props = defineProps<{ drawing: Drawing }>();
const box = ref<HTMLElement | null>(null);
const { width, height } = useElementSize(box);
const size = computed(() => drawingSize(props.drawing));
const mmPerPx = computed(() =>
  width.value === 0 || height.value === 0
    ? 1
    : Math.max(size.value[0] / width.value, size.value[1] / height.value),
);
const viewBox = computed(() => {
  const { min, max } = props.drawing.box;
  return `${min[0]} ${-max[1]} ${size.value[0]} ${size.value[1]}`;
});
</script>

<template>
  <figure>
    <div ref="box">
      <svg :viewBox="viewBox" role="img" :aria-label="drawing.title">
        <DrawingItems :drawing="drawing" :mm-per-px="mmPerPx" :target="null" />
      </svg>
    </div>
    <figcaption>{{ drawing.title }}</figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
  flex: 1;
  min-height: 0;
  display: flex;
  flex-direction: column;
}
div {
  flex: 1;
  min-height: 0;
  overflow: hidden;
}
svg {
  width: 100%;
  height: 100%;
  pointer-events: none;
}
figcaption {
  font: italic 16px var(--font-title);
  color: var(--soft);
  text-align: center;
}
</style>
