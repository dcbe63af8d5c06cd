<script setup lang="ts">
import * as say from './words.ts';
import { lieHit, type LiePlace, type PagePoint, type ReliefView } from '@keen-sinew/core';
import { computed, shallowRef } from 'vue';
import { usePiecePlan } from '../composables/usePiecePlan.ts';

/** Draws lines of places on the relief, and holds the places of those that are there. */
const props = defineProps<{
  /** What the drawn is: "lie", "marking". */
  name: string;
  view: ReliefView;
  box: { readonly min: PagePoint; readonly max: PagePoint };
  mmPerPx: number;
  pointIn: (event: PointerEvent) => PagePoint;
  /** Whether a drag over the body draws; otherwise it only moves what is there. */
  draws: boolean;
  items: readonly {
    readonly id: string;
    readonly called: string;
    readonly places: readonly LiePlace[];
    readonly points: readonly { readonly n: number; readonly at: PagePoint }[];
  }[];
  chosen: string | null;
}>();
const emit = defineEmits<{
  choose: [id: string];
  dragging: [now: boolean];
  drawn: [places: readonly LiePlace[]];
  /** While it is dragged; null lets go of it. */
  preview: [moved: { id: string; n: number; place: LiePlace } | null];
  move: [moved: { id: string; n: number; place: LiePlace }];
}>();
const { plan } = usePiecePlan();
const posed = computed(() => plan.value.stance.posed);

/** From one place of a drawn line to the next, px. */
const STEP_PX = 12;

const drawn = shallowRef<readonly PagePoint[]>([]);
let places: LiePlace[] = [];

function begin(event: PointerEvent): void {
  (event.currentTarget as Element).setPointerCapture(event.pointerId);
  places = [];
  drawn.value = [];
  emit('dragging', true);
  reach(event, true);
}
function reach(event: PointerEvent, first = false): void {
  if (!props.draws || (!first && drawn.value.length === 0)) return;
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
  const found = places;
  drop();
  if (found.length > 0) emit('drawn', found);
}
function drop(): void {
  places = [];
  drawn.value = [];
  emit('dragging', false);
}

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
  moved = place;
  emit('preview', { ...held, place });
}
function letGo(): void {
  const [was, place] = [held, moved];
  held = moved = null;
  emit('preview', null);
  emit('dragging', false);
  if (was !== null && place !== null) emit('move', { ...was, place });
}
const STEP_DEG = 3;
const STEP_SHARE = 0.02;
const STEPS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowRight: [1, 0],
  ArrowLeft: [-1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};
function nudge(event: KeyboardEvent, id: string, n: number): void {
  const step = STEPS[event.key];
  const place = props.items.find((item) => item.id === id)?.places[n];
  if (step === undefined || place === undefined) return;
  event.preventDefault();
  const along = place.along + STEP_SHARE * step[0];
  emit('move', {
    ...{ id, n },
    place: {
      boneId: place.boneId,
      along: Math.max(-1, Math.min(2, along)),
      around: ((place.around + STEP_DEG * step[1] + 540) % 360) - 180,
    },
  });
}
const path = (points: readonly PagePoint[]): string =>
  points.map(([x, y]) => `${x},${-y}`).join(' ');
</script>

<template>
  <g>
    <rect
      v-if="draws"
      class="field"
      :x="box.min[0]"
      :y="-box.max[1]"
      :width="box.max[0] - box.min[0]"
      :height="box.max[1] - box.min[1]"
      :data-draw="name"
      @pointerdown.prevent="begin"
      @pointermove="reach($event)"
      @pointerup="end"
      @pointercancel="drop"
    />
    <polyline v-if="drawn.length > 1" class="drawn" :points="path(drawn)" />
    <template v-for="item in items" :key="item.id">
      <circle
        v-for="{ n, at } in item.points"
        :key="`${item.id} ${n}`"
        class="grip"
        :class="{ chosen: item.id === chosen }"
        :cx="at[0]"
        :cy="-at[1]"
        :r="(item.id === chosen ? 6.5 : 4.5) * mmPerPx"
        tabindex="0"
        role="slider"
        :aria-label="say.placeOfItem(n + 1, item.called)"
        :aria-valuenow="Math.round(item.places[n]!.around)"
        :data-mark="`${item.id}.${n}`"
        @pointerdown.prevent.stop="take($event, item.id, n)"
        @pointermove="drag"
        @pointerup="letGo"
        @pointercancel="letGo"
        @focus="emit('choose', item.id)"
        @keydown="nudge($event, item.id, n)"
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
