<script setup lang="ts">
import * as say from './words.ts';
import {
  formPage,
  gripTitle,
  thingDragged,
  thingGrips,
  type Drawing,
  type HeadPage,
  type PagePoint,
  type Plan,
  type ThingGrip,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useShapeDrag } from '../../useShapeDrag.ts';

/** Parts made apart on a drawing of the form, to be touched and dragged over the skin; the other side follows. */
const props = defineProps<{
  drawing: Drawing;
  mmPerPx: number;
  chosen: string;
  pointIn: (event: PointerEvent) => PagePoint;
}>();
const emit = defineEmits<{ dragging: [now: boolean]; choose: [fittingId: string] }>();
const { plan } = usePiecePlan();

/** What is held, on which page, and the plan as it was then. */
interface Held {
  readonly grip: ThingGrip;
  readonly page: HeadPage;
  readonly plan: Plan;
}
const { held, start, drag, end } = useShapeDrag<Held>(
  (now, event) => thingDragged(now.plan, now.page, now.grip, props.pointIn(event)),
  ({ grip }) => say.move(grip.name.toLowerCase()),
  (now) => emit('dragging', now),
);

const page = computed(() => held.value?.page ?? formPage(plan.value, props.drawing.id));
/** A drawing of the head alone has no room for a ring on the tail. */
const isOnSheet = ({ at }: ThingGrip): boolean => {
  const { min, max } = props.drawing.box;
  return ([0, 1] as const).every((k) => at[k] >= min[k] && at[k] <= max[k]);
};
const grips = computed(() =>
  page.value === undefined ? [] : thingGrips(plan.value, page.value).filter(isOnSheet),
);

function take(event: PointerEvent, grip: ThingGrip): void {
  emit('choose', grip.fittingId);
  if (page.value !== undefined) start(event, { grip, page: page.value, plan: plan.value });
}
</script>

<template>
  <circle
    v-for="grip in grips"
    :key="`${grip.fittingId} ${grip.isEnd}`"
    class="grip"
    :class="{ chosen: grip.fittingId === chosen, end: grip.isEnd }"
    :data-grip="`${grip.fittingId}${grip.isEnd ? ':end' : ''}`"
    :cx="grip.at[0]"
    :cy="-grip.at[1]"
    :r="(grip.fittingId === chosen ? 9 : 6) * mmPerPx"
    @pointerdown.prevent="take($event, grip)"
    @pointermove="drag"
    @pointerup="end(true)"
    @pointercancel="end(false)"
    @lostpointercapture="end(false)"
  >
    <title>{{ gripTitle(grip) }}</title>
  </circle>
</template>

<style scoped>
.grip {
  fill: transparent;
  stroke: var(--verdigris);
  stroke-width: 1.5px;
  vector-effect: non-scaling-stroke;
  cursor: grab;
  touch-action: none;
}
.chosen {
  stroke: var(--rust);
  stroke-width: 3px;
}
.end {
  stroke-dasharray: 4 3;
}
</style>
