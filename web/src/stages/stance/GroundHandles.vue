<script setup lang="ts">
import * as say from './words.ts';
import {
  groundHandles,
  plantedAngles,
  project,
  pulledGround,
  unproject,
  type Ground,
  type PagePoint,
} from '@keen-sinew/core';
import { computed, shallowRef } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { withStance } from './stanceChanges.ts';

/** What the piece stands on is shaped in the side elevation: its top, its side, each point of a rock. */
const props = defineProps<{
  mmPerPx: number;
  pointIn: (event: PointerEvent) => PagePoint;
}>();
const emit = defineEmits<{ dragging: [now: boolean] }>();
const { piece, plan, change, preview } = usePiecePlan();
const held = shallowRef<{ readonly id: string; readonly from: Ground } | null>(null);
const handles = computed(() =>
  groundHandles(piece.value.stance.ground).map(({ id, at }) => ({
    id,
    at: project('side', [at[0], at[1], 0]),
  })),
);
const HANDLE_PX = 6;

const pulled = (event: PointerEvent): Ground | undefined => {
  if (held.value === null) return undefined;
  const [x, y] = unproject('side', props.pointIn(event), [0, 0, 0]);
  return pulledGround(held.value.from, held.value.id, [x, y]);
};

function start(event: PointerEvent, id: string): void {
  (event.target as Element).setPointerCapture(event.pointerId);
  held.value = { id, from: piece.value.stance.ground };
  emit('dragging', true);
}

function drag(event: PointerEvent): void {
  const ground = pulled(event);
  if (ground !== undefined) preview((p) => withStance(p, { ground }));
}

/** Ends a drag once: losing the pointer follows letting go. */
function finish(event: PointerEvent): void {
  const ground = pulled(event);
  if (ground === undefined) return;
  held.value = null;
  preview(null);
  emit('dragging', false);
  const { skeleton, lifePerModel } = plan.value.measure;
  change(say.shapeGround, (p) => {
    const moved = withStance(p, { ground });
    return withStance(moved, {
      anglesDeg: { ...plantedAngles(skeleton, moved.stance, 1 / lifePerModel) },
    });
  });
}
</script>

<template>
  <g>
    <rect
      v-for="handle in handles"
      :key="handle.id"
      class="ground"
      :data-ground="handle.id"
      :x="handle.at[0] - HANDLE_PX * mmPerPx"
      :y="-handle.at[1] - HANDLE_PX * mmPerPx"
      :width="2 * HANDLE_PX * mmPerPx"
      :height="2 * HANDLE_PX * mmPerPx"
      @pointerdown.prevent="start($event, handle.id)"
      @pointermove="drag"
      @pointerup="finish"
      @pointercancel="finish"
      @lostpointercapture="finish"
    >
      <title>{{ say.dragGround }}</title>
    </rect>
  </g>
</template>

<style scoped>
.ground {
  fill: var(--sheet);
  stroke: var(--ochre);
  stroke-width: 1.5px;
  vector-effect: non-scaling-stroke;
  cursor: grab;
  touch-action: none;
}
.ground:hover {
  fill: var(--ochre);
}
</style>
