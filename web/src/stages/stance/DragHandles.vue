<script setup lang="ts">
import { dragJoint, type PagePoint } from '@keen-sinew/core';
import { project } from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import { withAngle } from './stanceChanges.ts';

/** Handles on the far end of every bone of one elevation: dragging one turns its joint. */
const props = defineProps<{
  view: 'side' | 'front';
  mmPerPx: number;
  pointIn: (event: PointerEvent) => PagePoint;
}>();
const { piece, plan, change, preview } = usePiecePlan();
const { pick } = useSelection();
const dragged = ref<string | null>(null);

const HANDLE_PX = 11;
const handles = computed(() =>
  plan.value.stance.posed.bones
    .filter(({ bone }) => bone.parent !== null && bone.key !== 'pelvis')
    // Near handles last, so that they lie on top.
    .toSorted((a, b) => b.end[2] - a.end[2])
    .map((at) => ({ id: at.bone.id, name: at.bone.name, at: project(props.view, at.end) })),
);

/** The angle that a pointer asks for, against the document as it was when the drag began. */
function asked(event: PointerEvent) {
  if (dragged.value === null) return undefined;
  const [px, py] = props.pointIn(event);
  // Both elevations draw their horizontal axis (x or z) towards the left.
  return dragJoint(
    plan.value.measure.skeleton,
    piece.value.stance,
    1 / plan.value.measure.lifePerModel,
    dragged.value,
    props.view,
    [-px, py],
    piece.value.stance.beyondLimits,
  );
}

function start(event: PointerEvent, id: string): void {
  (event.target as Element).setPointerCapture(event.pointerId);
  dragged.value = id;
  pick({ kind: 'bone', id });
}

function drag(event: PointerEvent): void {
  const result = asked(event);
  if (result) preview((p) => withAngle(p, result.boneId, result.freedom, result.deg));
}

function finish(event: PointerEvent): void {
  const result = asked(event);
  dragged.value = null;
  preview(null);
  if (result === undefined) return;
  const name = plan.value.measure.skeleton.byId.get(result.boneId)?.joint.name ?? 'joint';
  change(`Turn the ${name.toLowerCase()}`, (p) =>
    withAngle(p, result.boneId, result.freedom, result.deg),
  );
}
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
    >
      <title>Drag: {{ handle.name }}</title>
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
