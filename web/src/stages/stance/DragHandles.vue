<script setup lang="ts">
import { dragJoint, dragReach, project, type PagePoint, type Piece } from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import { withAngle } from './stanceChanges.ts';

/**
 * Handles on the far end of every bone of one elevation: dragging one turns its joint, or brings the
 * end under the pointer by its whole limb.
 */
const props = defineProps<{
  view: 'side' | 'front';
  mmPerPx: number;
  reaching: boolean;
  pointIn: (event: PointerEvent) => PagePoint;
}>();
const emit = defineEmits<{ shortfall: [mm: number] }>();
const { piece, plan, change, preview } = usePiecePlan();
const { pick } = useSelection();
const dragged = ref<string | null>(null);

const HANDLE_PX = 11;
const BACK_TO_FRONT = { right: 0, mid: 1, left: 2 } as const;
const handles = computed(() =>
  plan.value.stance.posed.bones
    .filter(({ bone }) => bone.parent !== null && bone.key !== 'pelvis')
    // Near handles last, so that they lie on top. The order never follows the pose: a handle that is
    // moved in the document while it is dragged would lose the pointer.
    .toSorted((a, b) => BACK_TO_FRONT[a.bone.side] - BACK_TO_FRONT[b.bone.side])
    .map((at) => ({ id: at.bone.id, name: at.bone.name, at: project(props.view, at.end) })),
);

/** What a pointer asks for: the next document, and in words what is done. */
interface Asked {
  readonly label: string;
  readonly recipe: (piece: Piece) => Piece;
  readonly shortfallMm: number;
}

function asked(event: PointerEvent): Asked | undefined {
  if (dragged.value === null) return undefined;
  const [px, py] = props.pointIn(event);
  // Both elevations draw their horizontal axis (x or z) towards the left.
  return props.reaching ? reach(dragged.value, [-px, py]) : joint(dragged.value, [-px, py]);
}

function joint(id: string, pointer: readonly [number, number]): Asked | undefined {
  const { skeleton, lifePerModel } = plan.value.measure;
  const result = dragJoint(
    skeleton,
    piece.value.stance,
    1 / lifePerModel,
    id,
    props.view,
    pointer,
    piece.value.stance.beyondLimits,
  );
  if (result === undefined) return undefined;
  const name = skeleton.byId.get(result.boneId)?.joint.name ?? 'joint';
  return {
    label: `Turn the ${name.toLowerCase()}`,
    recipe: (p) => withAngle(p, result.boneId, result.freedom, result.deg),
    shortfallMm: 0,
  };
}

function reach(id: string, pointer: readonly [number, number]): Asked {
  const { skeleton, lifePerModel } = plan.value.measure;
  const { stance } = piece.value;
  const result = dragReach(
    skeleton,
    stance,
    1 / lifePerModel,
    stance.base.rodMm,
    id,
    props.view,
    pointer,
    stance.beyondLimits,
  );
  return {
    label: `Reach with the ${(skeleton.byId.get(id)?.name ?? 'limb').toLowerCase()}`,
    recipe: (p) => ({ ...p, stance: { ...p.stance, anglesDeg: { ...result.anglesDeg } } }),
    shortfallMm: result.shortfallMm,
  };
}

function start(event: PointerEvent, id: string): void {
  (event.target as Element).setPointerCapture(event.pointerId);
  dragged.value = id;
  pick({ kind: 'bone', id });
}

function drag(event: PointerEvent): void {
  const next = asked(event);
  if (next === undefined) return;
  preview(next.recipe);
  emit('shortfall', next.shortfallMm);
}

/** Ends a drag once: losing the pointer follows letting go. */
function finish(event: PointerEvent): void {
  if (dragged.value === null) return;
  const next = asked(event);
  dragged.value = null;
  preview(null);
  emit('shortfall', 0);
  if (next) change(next.label, next.recipe);
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
      @lostpointercapture="finish"
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
