<script setup lang="ts">
import * as say from './words.ts';
import type { PagePoint, View } from '@keen-sinew/core';
import { useStanceDrag } from './useStanceDrag.ts';

/**
 * Handles on the far end of every bone of one elevation: dragging one turns its joint, brings the end
 * under the pointer by its whole limb, or moves the trunk on its planted feet.
 */
const props = defineProps<{
  view: View;
  mmPerPx: number;
  drags: 'turn' | 'reach' | 'trunk';
  pointIn: (event: PointerEvent) => PagePoint;
}>();
const emit = defineEmits<{
  told: [sentence: { shortfallMm: number; share: number }];
  dragging: [now: boolean];
}>();
const { handles, dragged, start, drag, finish } = useStanceDrag(props, {
  told: (sentence) => emit('told', sentence),
  dragging: (now) => emit('dragging', now),
});

const HANDLE_PX = 11;
</script>

<template>
  <g>
    <circle
      v-for="handle in handles"
      :key="handle.id"
      class="handle"
      :class="{ held: dragged === handle.id }"
      :data-handle="`${view}:${handle.id}`"
      :cx="handle.at[0]"
      :cy="-handle.at[1]"
      :r="HANDLE_PX * mmPerPx"
      @pointerdown.prevent="start($event, handle.id)"
      @pointermove="drag"
      @pointerup="finish"
      @pointercancel="finish"
      @lostpointercapture="finish"
    >
      <title>{{ say.drag(handle.name) }}</title>
    </circle>
  </g>
</template>

<style scoped>
.handle {
  fill: transparent;
  stroke: transparent;
  stroke-width: 1.5px;
  vector-effect: non-scaling-stroke;
  cursor: grab;
  touch-action: none;
}
.handle:hover,
.held {
  stroke: var(--verdigris);
}
.held {
  cursor: grabbing;
}
</style>
