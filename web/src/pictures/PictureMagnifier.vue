<script setup lang="ts">
import type { Picture, PicturePoint } from '@keen-sinew/core';
import { ref, watch } from 'vue';
import type { Mark } from './PictureBoard.ts';

/** What lies under the pointer, enlarged, so that a joint can be met to the pixel. */
const props = defineProps<{
  image: HTMLImageElement | null;
  picture: Picture;
  at: PicturePoint | null;
  marks: readonly Mark[];
}>();

const SIZE_PX = 132;
/** Pixels of the kept picture across the glass. */
const ACROSS = 44;
const canvas = ref<HTMLCanvasElement | null>(null);

watch(
  () => props.at,
  (at) => {
    const context = canvas.value?.getContext('2d');
    if (!context || !props.image || at === null) return;
    const kept = props.image.naturalWidth / props.picture.widthPx;
    const [u, v] = [at[0] * kept, at[1] * kept];
    context.clearRect(0, 0, SIZE_PX, SIZE_PX);
    context.imageSmoothingEnabled = false;
    context.save();
    context.translate(SIZE_PX / 2, SIZE_PX / 2);
    context.rotate((props.picture.turnDeg * Math.PI) / 180);
    context.drawImage(
      props.image,
      u - ACROSS / 2,
      v - ACROSS / 2,
      ACROSS,
      ACROSS,
      -SIZE_PX / 2,
      -SIZE_PX / 2,
      SIZE_PX,
      SIZE_PX,
    );
    context.restore();
    context.strokeStyle = '#20302e';
    context.lineWidth = 1;
    context.beginPath();
    for (const [x, y, w, h] of [
      [0, SIZE_PX / 2, SIZE_PX, 0],
      [SIZE_PX / 2, 0, 0, SIZE_PX],
    ] as const) {
      context.moveTo(x, y);
      context.lineTo(x + w, y + h);
    }
    context.stroke();
  },
);
</script>

<template>
  <canvas
    v-show="at !== null && image !== null"
    ref="canvas"
    class="glass"
    :width="SIZE_PX"
    :height="SIZE_PX"
    aria-hidden="true"
  />
</template>

<style scoped>
.glass {
  position: absolute;
  right: 8px;
  top: 8px;
  border: 1.5px solid var(--ink);
  background: var(--sheet);
  pointer-events: none;
}
</style>
