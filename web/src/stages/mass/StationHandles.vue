<script setup lang="ts">
import * as say from './words.ts';
import {
  cornerShare,
  pulledEdge,
  squarenessAt,
  stationPoint,
  type Edge,
  type PagePoint,
  type SectionStation,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSectionDrag, type HeldHandle } from './useSectionDrag.ts';
import type { Shaping } from './useShaping.ts';

/** The chosen section by itself: its edges are dragged for size, its corner for squareness. */
const props = defineProps<{
  mmPerPx: number;
  shaping: Shaping;
  pointIn: (event: PointerEvent) => PagePoint;
}>();
const emit = defineEmits<{ dragging: [now: boolean] }>();
const { plan } = usePiecePlan();
const { station, chosen } = props.shaping;

type Grip = Edge | 'corner';
const WAYS: Readonly<Record<Edge, PagePoint>> = {
  top: [0, 1],
  bottom: [0, -1],
  right: [1, 0],
  left: [-1, 0],
};
const factor = computed(() => 1 / plan.value.measure.lifePerModel);
const grips = computed(() => {
  const of = station.value?.station;
  if (of === undefined) return [];
  const at = (deep: number, wide: number) => stationPoint(of, factor.value, deep, wide);
  const corner = cornerShare(of.squareness);
  return [
    { grip: 'top' as Grip, at: at(1, 0) },
    { grip: 'bottom' as Grip, at: at(-1, 0) },
    { grip: 'right' as Grip, at: at(0, 1) },
    { grip: 'left' as Grip, at: at(0, -1) },
    { grip: 'corner' as Grip, at: at(corner, corner) },
  ];
});
/** The section as the pointer has it. */
function pulled({ handle, from, of }: HeldHandle<Grip>, to: PagePoint): SectionStation {
  const { station: was } = of;
  const life = plan.value.measure.lifePerModel;
  if (handle !== 'corner') {
    const [wx, wy] = WAYS[handle];
    return pulledEdge(was, handle, ((to[0] - from[0]) * wx + (to[1] - from[1]) * wy) * life);
  }
  const [x, y] = [to[0] * life - was.side, to[1] * life - was.up];
  const share = (Math.abs(x) / was.halfWidth + Math.abs(y) / was.halfDepth) / 2;
  return { ...was, squareness: Math.round(squarenessAt(share) * 20) / 20 };
}
const { start, drag, finish, cancel } = useSectionDrag<Grip>(
  props.shaping,
  (event) => props.pointIn(event),
  pulled,
  (now) => emit('dragging', now),
);
function take(event: PointerEvent, grip: Grip): void {
  if (station.value !== undefined) start(event, grip, station.value, chosen.value);
}
</script>

<template>
  <g>
    <circle
      v-for="entry in grips"
      :key="entry.grip"
      class="grip"
      :class="{ corner: entry.grip === 'corner' }"
      :data-grip="entry.grip"
      :cx="entry.at[0]"
      :cy="-entry.at[1]"
      :r="7 * mmPerPx"
      @pointerdown.prevent="take($event, entry.grip)"
      @pointermove="drag"
      @pointerup="finish"
      @pointercancel="cancel"
      @lostpointercapture="cancel"
    >
      <title>
        {{ entry.grip === 'corner' ? say.dragOutForSquarer : say.drag(entry.grip) }}
      </title>
    </circle>
  </g>
</template>

<style scoped>
.grip {
  fill: var(--sheet);
  stroke: var(--verdigris);
  stroke-width: 2px;
  vector-effect: non-scaling-stroke;
  cursor: grab;
  touch-action: none;
}
.corner {
  stroke: var(--ochre);
}
</style>
