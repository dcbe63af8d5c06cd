<script setup lang="ts">
import * as say from './words.ts';
import {
  lieHit,
  marksSeen,
  type LieMarkKind,
  type LiePlace,
  type PagePoint,
  type ReliefView,
} from '@keen-sinew/core';
import { computed, shallowRef } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { withNewMark, withPlace } from './lieChanges.ts';

/** Draws marks on the relief, and holds the places of those that are there. */
const props = defineProps<{
  view: ReliefView;
  box: { readonly min: PagePoint; readonly max: PagePoint };
  mmPerPx: number;
  pointIn: (event: PointerEvent) => PagePoint;
  /** What a drag over the body draws; null where it only moves what is there. */
  kind: LieMarkKind | null;
  chosen: string | null;
}>();
const emit = defineEmits<{ choose: [id: string]; dragging: [now: boolean]; drawn: [] }>();
const { piece, plan, change, preview } = usePiecePlan();
const posed = computed(() => plan.value.stance.posed);
const marks = computed(() => marksSeen(plan.value, props.view));

/** A new whorl is as large as this share of the body's length. */
const WHORL_SHARE = 0.04;
/** From one place of a drawn line to the next, px. */
const STEP_PX = 12;

const drawn = shallowRef<readonly PagePoint[]>([]);
let places: LiePlace[] = [];

function begin(event: PointerEvent): void {
  if (props.kind === null) return;
  (event.currentTarget as Element).setPointerCapture(event.pointerId);
  places = [];
  drawn.value = [];
  emit('dragging', true);
  reach(event, true);
}
function reach(event: PointerEvent, first = false): void {
  if (props.kind === null || (!first && drawn.value.length === 0)) return;
  const p = props.pointIn(event);
  const last = drawn.value.at(-1);
  const far = last ? Math.hypot(p[0] - last[0], p[1] - last[1]) : Infinity;
  if (far < STEP_PX * props.mmPerPx) return;
  const place = lieHit(posed.value, props.view, p);
  if (place === undefined) return;
  places.push(place);
  drawn.value = [...drawn.value, p];
}
function end(): void {
  const { kind } = props;
  const found = places;
  places = [];
  drawn.value = [];
  emit('dragging', false);
  if (kind === null || found.length < (kind === 'whorl' ? 1 : 2)) return;
  const radius = WHORL_SHARE * longest.value;
  change(say.drawMark(say.markKinds[kind].toLowerCase()), (p) =>
    withNewMark(p, kind, kind === 'whorl' ? found.slice(0, 1) : found, radius),
  );
  emit('drawn');
}
function drop(): void {
  places = [];
  drawn.value = [];
  emit('dragging', false);
}
const longest = computed(() =>
  plan.value.measure.skeleton.bones.reduce((sum, { side, lifeLengthMm }) => {
    return side === 'mid' ? sum + lifeLengthMm : sum;
  }, 0),
);

let held: { readonly id: string; readonly n: number } | null = null;
let moved: LiePlace | null = null;
function take(event: PointerEvent, id: string, n: number): void {
  (event.currentTarget as Element).setPointerCapture(event.pointerId);
  held = { id, n };
  moved = null;
  emit('choose', id);
  emit('dragging', true);
}
function drag(event: PointerEvent): void {
  if (held === null) return;
  const place = lieHit(posed.value, props.view, props.pointIn(event));
  if (place === undefined) return;
  const { id, n } = held;
  moved = place;
  preview((p) => withPlace(p, id, n, place));
}
function letGo(): void {
  const [was, place] = [held, moved];
  held = moved = null;
  preview(null);
  emit('dragging', false);
  if (was !== null && place !== null)
    change(say.moveMark, (p) => withPlace(p, was.id, was.n, place));
}
const STEP_DEG = 3;
const STEP_SHARE = 0.02;
function nudge(event: KeyboardEvent, id: string, n: number): void {
  const [along, around] = {
    ArrowRight: [1, 0],
    ArrowLeft: [-1, 0],
    ArrowUp: [0, -1],
    ArrowDown: [0, 1],
  }[event.key] ?? [0, 0];
  if (along === 0 && around === 0) return;
  event.preventDefault();
  const place = piece.value.skin.marks.find((mark) => mark.id === id)?.places[n];
  if (place === undefined) return;
  const turned = place.around + STEP_DEG * around!;
  change(say.moveMark, (p) =>
    withPlace(p, id, n, {
      boneId: place.boneId,
      along: Math.max(-1, Math.min(2, place.along + STEP_SHARE * along!)),
      around: ((turned + 540) % 360) - 180,
    }),
  );
}
const path = (points: readonly PagePoint[]): string =>
  points.map(([x, y]) => `${x},${-y}`).join(' ');
</script>

<template>
  <g>
    <rect
      v-if="kind !== null"
      class="field"
      :x="box.min[0]"
      :y="-box.max[1]"
      :width="box.max[0] - box.min[0]"
      :height="box.max[1] - box.min[1]"
      data-draw="lie"
      @pointerdown.prevent="begin"
      @pointermove="reach($event)"
      @pointerup="end"
      @pointercancel="drop"
    />
    <polyline v-if="drawn.length > 1" class="drawn" :points="path(drawn)" />
    <template v-for="mark in marks" :key="mark.id">
      <circle
        v-for="{ n, at } in mark.points"
        :key="`${mark.id} ${n}`"
        class="grip"
        :class="{ chosen: mark.id === chosen }"
        :cx="at[0]"
        :cy="-at[1]"
        :r="(mark.id === chosen ? 6.5 : 4.5) * mmPerPx"
        tabindex="0"
        role="slider"
        :aria-label="say.placeOfMark(n + 1, say.markKinds[mark.kind].toLowerCase())"
        :aria-valuenow="Math.round(mark.places[n]!.around)"
        :data-mark="`${mark.id}.${n}`"
        @pointerdown.prevent.stop="take($event, mark.id, n)"
        @pointermove="drag"
        @pointerup="letGo"
        @pointercancel="letGo"
        @focus="emit('choose', mark.id)"
        @keydown="nudge($event, mark.id, n)"
      />
    </template>
  </g>
</template>

<style scoped>
.field {
  fill: transparent;
  cursor: crosshair;
  touch-action: none;
}
.drawn {
  fill: none;
  stroke: var(--ochre);
  stroke-width: 3px;
  vector-effect: non-scaling-stroke;
  pointer-events: none;
}
.grip {
  fill: var(--sheet);
  stroke: var(--ochre);
  stroke-width: 1.5px;
  vector-effect: non-scaling-stroke;
  cursor: grab;
  touch-action: none;
}
.grip.chosen,
.grip:hover {
  stroke-width: 3px;
}
</style>
