<script setup lang="ts">
import {
  cornerShare,
  pulledEdge,
  squarenessAt,
  stationPoint,
  withStation,
  type Edge,
  type PagePoint,
  type SectionStation,
} from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { withShape } from './shapeChanges.ts';
import type { Shaping } from './useShaping.ts';

/** The chosen section by itself: its edges are dragged for size, its corner for squareness. */
const props = defineProps<{
  mmPerPx: number;
  shaping: Shaping;
  pointIn: (event: PointerEvent) => PagePoint;
}>();
const emit = defineEmits<{ dragging: [now: boolean] }>();
const { plan, change, preview } = usePiecePlan();
const { station, chosen, shape } = props.shaping;

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
interface Held {
  readonly grip: Grip;
  readonly from: PagePoint;
  readonly station: SectionStation;
  readonly shape: typeof shape.value;
}
const held = ref<Held | null>(null);
let next: SectionStation | null = null;

function start(event: PointerEvent, grip: Grip): void {
  const of = station.value?.station;
  if (of === undefined) return;
  (event.target as Element).setPointerCapture(event.pointerId);
  held.value = { grip, from: props.pointIn(event), station: of, shape: shape.value };
  next = null;
  emit('dragging', true);
}
/** The section as the pointer has it. */
function pulled({ grip, from, station: of }: Held, to: PagePoint): SectionStation {
  const life = plan.value.measure.lifePerModel;
  if (grip !== 'corner') {
    const [wx, wy] = WAYS[grip];
    return pulledEdge(of, grip, ((to[0] - from[0]) * wx + (to[1] - from[1]) * wy) * life);
  }
  const [x, y] = [to[0] * life - of.side, to[1] * life - of.up];
  const share = (Math.abs(x) / of.halfWidth + Math.abs(y) / of.halfDepth) / 2;
  return { ...of, squareness: Math.round(squarenessAt(share) * 20) / 20 };
}
function changed(of: Held, to: SectionStation) {
  const { skeleton } = plan.value.measure;
  const own = station.value!;
  return withStation(skeleton, of.shape, skeleton.byId.get(own.boneId)!, own.index, to);
}
function drag(event: PointerEvent): void {
  if (held.value === null) return;
  next = pulled(held.value, props.pointIn(event));
  const shapeNow = changed(held.value, next);
  preview((p) => withShape(p, shapeNow));
}
function finish(): void {
  const was = held.value;
  held.value = null;
  if (was === null) return;
  emit('dragging', false);
  if (next === null) return;
  const shapeNow = changed(was, next);
  preview(null);
  change(`Drag section ${chosen.value + 1}`, (p) => withShape(p, shapeNow));
}
</script>

<template>
  <g>
    <circle
      v-for="one in grips"
      :key="one.grip"
      class="grip"
      :class="{ corner: one.grip === 'corner' }"
      :data-grip="one.grip"
      :cx="one.at[0]"
      :cy="-one.at[1]"
      :r="7 * mmPerPx"
      @pointerdown.prevent="start($event, one.grip)"
      @pointermove="drag"
      @pointerup="finish"
      @pointercancel="finish"
      @lostpointercapture="finish"
    >
      <title>
        {{ one.grip === 'corner' ? 'Drag out for a squarer section' : `Drag the ${one.grip}` }}
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
