<script setup lang="ts">
import * as say from './words.ts';
import {
  cornerShare,
  pulledEdge,
  squarenessAt,
  stationPoint,
  widestMoved,
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

type Grip = Edge | 'corner' | 'lowerCorner' | 'widest';
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
  const line = of.widest;
  const [over, under] = [cornerShare(of.squareness), cornerShare(of.squareBelow)];
  const all: readonly (readonly [Grip, PagePoint])[] = [
    ['top', at(1, 0)],
    ['bottom', at(-1, 0)],
    ['right', at(line, 1)],
    ['left', at(line, -1)],
    ['widest', at(line, 0)],
    ['corner', at(line + (1 - line) * over, over)],
    ['lowerCorner', at(line - (1 + line) * under, under)],
  ];
  return all.map(([grip, at]) => ({ grip, at }));
});
/** The section as the pointer has it. */
function pulled({ handle, from, of }: HeldHandle<Grip>, to: PagePoint): SectionStation {
  const { station: was } = of;
  const life = plan.value.measure.lifePerModel;
  const by: PagePoint = [(to[0] - from[0]) * life, (to[1] - from[1]) * life];
  if (handle === 'widest') return widestMoved(was, by[1]);
  if (handle === 'corner' || handle === 'lowerCorner') {
    const [x, y] = [to[0] * life - was.side, to[1] * life - was.up];
    const line = was.widest * was.halfDepth;
    const high = handle === 'corner' ? was.halfDepth - line : was.halfDepth + line;
    const share = (Math.abs(x) / was.halfWidth + Math.abs(y - line) / high) / 2;
    const square = Math.round(squarenessAt(share) * 20) / 20;
    return { ...was, [handle === 'corner' ? 'squareness' : 'squareBelow']: square };
  }
  const [wx, wy] = WAYS[handle];
  return pulledEdge(was, handle, by[0] * wx + by[1] * wy);
}
const TITLES: Readonly<Record<Grip, string>> = {
  ...{ top: say.drag('top'), bottom: say.drag('bottom') },
  ...{ left: say.drag('left'), right: say.drag('right') },
  corner: say.dragOutForSquarer,
  lowerCorner: say.dragOutForSquarerBelow,
  widest: say.dragWidest,
};
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
      :class="{
        corner: entry.grip.toLowerCase().includes('corner'),
        widest: entry.grip === 'widest',
      }"
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
        {{ TITLES[entry.grip] }}
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
.widest {
  stroke: var(--rust);
}
</style>
