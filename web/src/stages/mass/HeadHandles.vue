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
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useShapeDrag } from '../useShapeDrag.ts';

/** Eye, nostril, ears, horns on a drawing of the head, to be dragged; the right side follows the left. */
const props = defineProps<{
  drawingId: string;
  mmPerPx: number;
  pointIn: (event: PointerEvent) => PagePoint;
}>();
const emit = defineEmits<{ dragging: [now: boolean] }>();
const { plan } = usePiecePlan();

/** What is held: where it was taken, on which page, and the body as it was then. */
interface Held {
  readonly grip: HeadGrip;
  readonly page: HeadPage;
  readonly from: PagePoint;
  readonly posed: PosedSkeleton;
}
const { held, start, drag, end } = useShapeDrag<Held>(
  (now, event) => {
    const to = props.pointIn(event);
    const by: PagePoint = [to[0] - now.from[0], to[1] - now.from[1]];
    return headDragged(now.posed, now.page, now.grip.id, by);
  },
  ({ grip }) => say.move(grip.name.toLowerCase()),
  (now) => emit('dragging', now),
);

const page = computed(() => held.value?.page ?? headPage(plan.value, props.drawingId));
const grips = computed(() =>
  page.value === undefined ? [] : headGrips(plan.value.stance.posed, page.value),
);

function take(event: PointerEvent, grip: HeadGrip): void {
  if (page.value === undefined) return;
  const from = props.pointIn(event);
  start(event, { grip, page: page.value, from, posed: plan.value.stance.posed });
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
    @pointerdown.prevent="take($event, grip)"
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
