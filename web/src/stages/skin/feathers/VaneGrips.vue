<script setup lang="ts">
import * as say from './words.ts';
import {
  shapedTo,
  vaneGrips,
  widthPulled,
  type Feather,
  type PagePoint,
  type VaneGrip,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { usePieceDrag } from '../../usePieceDrag.ts';
import { withFeatherShape } from './featherChanges.ts';

/** The edges of one feather, to be pulled wider and narrower on its drawing. */
const props = defineProps<{
  feather: Feather;
  /** What is shaped: the feather, or all of its row. */
  of: string;
  mmPerPx: number;
  pointIn: (event: PointerEvent) => PagePoint;
}>();
const emit = defineEmits<{ dragging: [now: boolean] }>();
const { change } = usePiecePlan();
const grips = computed(() => vaneGrips(props.feather));
const name = (grip: VaneGrip): string => say.vaneAt(say.VANES[grip.side], grip.station + 1);

const shaped = (feather: Feather, grip: VaneGrip, wideMm: number) => {
  const shape = shapedTo(feather, grip, wideMm);
  const { of } = props;
  return (p: Parameters<typeof withFeatherShape>[0]) => withFeatherShape(p, of, shape);
};
const { start, drag, end } = usePieceDrag<{ readonly grip: VaneGrip; readonly feather: Feather }>(
  ({ grip, feather }, event) =>
    shaped(feather, grip, widthPulled(feather, grip, props.pointIn(event))),
  () => say.shapeFeather(props.of),
  (now) => emit('dragging', now),
);
/** A key widens or narrows by this much of what it has. */
const STEP = 0.05;
function nudge(event: KeyboardEvent, grip: VaneGrip): void {
  const by = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key];
  if (by === undefined) return;
  event.preventDefault();
  change(say.shapeFeather(props.of), shaped(props.feather, grip, grip.wideMm * (1 + by * STEP)));
}
</script>

<template>
  <circle
    v-for="grip in grips"
    :key="`${grip.side} ${grip.station}`"
    class="grip"
    :data-vane="`${grip.side}.${grip.station + 1}`"
    :cx="grip.at[0]"
    :cy="-grip.at[1]"
    :r="6 * mmPerPx"
    tabindex="0"
    role="slider"
    :aria-label="name(grip)"
    :aria-valuenow="Number(grip.wideMm.toFixed(1))"
    @pointerdown.prevent="start($event, { grip, feather })"
    @pointermove="drag"
    @pointerup="end(true)"
    @pointercancel="end(false)"
    @lostpointercapture="end(false)"
    @keydown="nudge($event, grip)"
  />
</template>

<style scoped>
.grip {
  fill: var(--sheet);
  stroke: var(--verdigris);
  stroke-width: 1.5px;
  vector-effect: non-scaling-stroke;
  cursor: ns-resize;
  touch-action: none;
}
.grip:hover,
.grip:focus {
  stroke-width: 3px;
}
</style>
