<script setup lang="ts">
import * as say from './words.ts';
import {
  eyeDraggedBy,
  eyeOnHead,
  headPage,
  type HeadPage,
  type PagePoint,
  type PosedSkeleton,
  type Workpiece,
} from '@keen-sinew/core';
import { computed, shallowRef } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { withShape } from './shapeChanges.ts';

/** The eye on a drawing of the head, to be dragged over the skin; the right one follows. */
const props = defineProps<{
  drawingId: string;
  mmPerPx: number;
  pointIn: (event: PointerEvent) => PagePoint;
}>();
const emit = defineEmits<{ dragging: [now: boolean] }>();
const { plan, change, preview } = usePiecePlan();

/** What is held: where it was taken, on which page, and the body as it was then. */
interface Held {
  readonly page: HeadPage;
  readonly from: PagePoint;
  readonly posed: PosedSkeleton;
}
const held = shallowRef<Held | null>(null);
let asked: ((piece: Workpiece) => Workpiece) | null = null;

const page = computed(() => held.value?.page ?? headPage(plan.value, props.drawingId));
const eye = computed(() => page.value && eyeOnHead(plan.value.stance.posed, page.value));

function start(event: PointerEvent): void {
  if (page.value === undefined) return;
  (event.target as Element).setPointerCapture(event.pointerId);
  held.value = { page: page.value, from: props.pointIn(event), posed: plan.value.stance.posed };
  asked = null;
  emit('dragging', true);
}
function drag(event: PointerEvent): void {
  const now = held.value;
  if (now === null) return;
  const to = props.pointIn(event);
  const by: PagePoint = [to[0] - now.from[0], to[1] - now.from[1]];
  const place = eyeDraggedBy(now.posed, now.page, by);
  if (place === undefined) return;
  const [along, around] = [
    Math.round(1000 * place.along) / 1000,
    Math.round(place.around * 10) / 10,
  ];
  asked = (p) => {
    const { shape } = p.measure;
    return withShape(p, { ...shape, eyes: { ...shape.eyes, along, around } });
  };
  preview(asked);
}
function end(keeps: boolean): void {
  if (held.value === null) return;
  held.value = null;
  preview(null);
  if (keeps && asked !== null) change(say.moveEyes, asked);
  emit('dragging', false);
}
</script>

<template>
  <circle
    v-if="eye"
    class="grip"
    data-grip="eye"
    :cx="eye[0]"
    :cy="-eye[1]"
    :r="8 * mmPerPx"
    @pointerdown.prevent="start"
    @pointermove="drag"
    @pointerup="end(true)"
    @pointercancel="end(false)"
    @lostpointercapture="end(false)"
  >
    <title>{{ say.dragEye }}</title>
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
</style>
