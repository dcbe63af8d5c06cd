<script setup lang="ts">
import * as say from './words.ts';
import {
  headDragged,
  headGrips,
  headPage,
  type HeadGrip,
  type HeadPage,
  type PagePoint,
  type PosedSkeleton,
  type Shape,
} from '@keen-sinew/core';
import { computed, shallowRef } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { withShape } from './shapeChanges.ts';

/** Eye, nostril, ears, horns on a drawing of the head, to be dragged; the right side follows the left. */
const props = defineProps<{
  drawingId: string;
  mmPerPx: number;
  pointIn: (event: PointerEvent) => PagePoint;
}>();
const emit = defineEmits<{ dragging: [now: boolean] }>();
const { plan, change, preview } = usePiecePlan();

/** What is held: where it was taken, on which page, and the body as it was then. */
interface Held {
  readonly grip: HeadGrip;
  readonly page: HeadPage;
  readonly from: PagePoint;
  readonly posed: PosedSkeleton;
}
const held = shallowRef<Held | null>(null);
let asked: ((shape: Shape) => Shape) | null = null;

const page = computed(() => held.value?.page ?? headPage(plan.value, props.drawingId));
const grips = computed(() =>
  page.value === undefined ? [] : headGrips(plan.value.stance.posed, page.value),
);

function start(event: PointerEvent, grip: HeadGrip): void {
  if (page.value === undefined) return;
  (event.target as Element).setPointerCapture(event.pointerId);
  const from = props.pointIn(event);
  held.value = { grip, page: page.value, from, posed: plan.value.stance.posed };
  asked = null;
  emit('dragging', true);
}
function drag(event: PointerEvent): void {
  const now = held.value;
  if (now === null) return;
  const to = props.pointIn(event);
  const by: PagePoint = [to[0] - now.from[0], to[1] - now.from[1]];
  const recipe = headDragged(now.posed, now.page, now.grip.id, by);
  if (recipe === undefined) return;
  asked = recipe;
  preview((p) => withShape(p, recipe(p.measure.shape)));
}
function end(keeps: boolean): void {
  const was = held.value;
  if (was === null) return;
  held.value = null;
  preview(null);
  const recipe = asked;
  if (keeps && recipe !== null)
    change(say.move(was.grip.name.toLowerCase()), (p) => withShape(p, recipe(p.measure.shape)));
  emit('dragging', false);
}
</script>

<template>
  <circle
    v-for="grip in grips"
    :key="grip.id"
    class="grip"
    :class="{ stands: grip.id.includes(':') }"
    :data-grip="grip.id"
    :cx="grip.at[0]"
    :cy="-grip.at[1]"
    :r="(grip.id === 'eye' ? 8 : 5.5) * mmPerPx"
    @pointerdown.prevent="start($event, grip)"
    @pointermove="drag"
    @pointerup="end(true)"
    @pointercancel="end(false)"
    @lostpointercapture="end(false)"
  >
    <title>{{ say.dragOnHead(grip.name) }}</title>
  </circle>
</template>

<style scoped>
.grip {
  fill: transparent;
  stroke: var(--verdigris);
  stroke-width: 2px;
  vector-effect: non-scaling-stroke;
  cursor: grab;
  touch-action: none;
}
.stands {
  stroke: var(--ochre);
}
</style>
