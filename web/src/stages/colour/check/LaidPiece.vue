<script setup lang="ts">
import * as say from './words.ts';
import type { LaidForm } from '@keen-sinew/core';
import type { Placing } from '@keen-sinew/core/palette';
import { computed, ref } from 'vue';

/** The outline of the piece over a picture: dragged to its place, sized by a corner, or both by keys. */
const props = defineProps<{
  form: LaidForm;
  placing: Placing;
  widthPx: number;
  heightPx: number;
}>();
const emit = defineEmits<{ move: [part: Partial<Placing>] }>();
const root = ref<SVGSVGElement | null>(null);

function pointIn(event: PointerEvent): readonly [number, number] {
  const { left, top, width, height } = root.value!.getBoundingClientRect();
  return [
    ((event.clientX - left) / width) * props.widthPx,
    ((event.clientY - top) / height) * props.heightPx,
  ];
}
const transform = computed(() => {
  const { at, pxPerMm: k, turnDeg, mirrored } = props.placing;
  const [x, y] = props.form.middle;
  return `translate(${at[0]} ${at[1]}) rotate(${-turnDeg}) scale(${mirrored ? -k : k} ${k}) translate(${-x} ${y})`;
});
const box = computed(() => {
  const { middle, wide, high } = props.form;
  return { x: middle[0] - wide / 2, y: -middle[1] - high / 2, width: wide, height: high };
});
/** Half the drawing's diagonal, mm: the corner that sizes it is so far from its middle. */
const reach = computed(() => Math.hypot(props.form.wide, props.form.high) / 2);
const path = (points: readonly (readonly [number, number])[]): string =>
  points.map(([x, y]) => `${x},${-y}`).join(' ');

let from: { readonly p: readonly [number, number]; readonly at: Placing['at'] } | null = null;
function take(event: PointerEvent): void {
  (event.currentTarget as Element).setPointerCapture(event.pointerId);
  from = { p: pointIn(event), at: props.placing.at };
}
function drag(event: PointerEvent): void {
  if (from === null) return;
  const [x, y] = pointIn(event);
  emit('move', { at: [from.at[0] + x - from.p[0], from.at[1] + y - from.p[1]] });
}
let sizing = false;
function takeCorner(event: PointerEvent): void {
  (event.currentTarget as Element).setPointerCapture(event.pointerId);
  sizing = true;
}
function size(event: PointerEvent): void {
  if (!sizing) return;
  const [x, y] = pointIn(event);
  const far = Math.hypot(x - props.placing.at[0], y - props.placing.at[1]);
  if (far > 0) emit('move', { pxPerMm: far / reach.value });
}
function drop(): void {
  from = null;
  sizing = false;
}

/** A key moves by this share of the picture's width, and sizes by this share. */
const [STEP, GROWS] = [0.004, 1.01];
const MOVES: Readonly<Record<string, readonly [number, number]>> = {
  ...{ ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] },
};
const SIZES: Readonly<Record<string, number>> = { '+': GROWS, '=': GROWS, '-': 1 / GROWS };
function key(event: KeyboardEvent): void {
  const [move, by] = [MOVES[event.key], SIZES[event.key]];
  if (move === undefined && by === undefined) return;
  event.preventDefault();
  event.stopPropagation();
  const { at, pxPerMm } = props.placing;
  const step = STEP * props.widthPx;
  if (move) emit('move', { at: [at[0] + step * move[0], at[1] + step * move[1]] });
  else emit('move', { pxPerMm: pxPerMm * by! });
}
</script>

<template>
  <svg
    ref="root"
    :viewBox="`0 0 ${widthPx} ${heightPx}`"
    preserveAspectRatio="none"
    tabindex="0"
    role="application"
    :aria-label="say.laidPiece"
    data-check="laid"
    @keydown="key"
  >
    <g :transform="transform">
      <polyline v-for="(line, n) in form.lines" :key="n" :points="path(line)" />
      <rect
        class="body"
        v-bind="box"
        @pointerdown.prevent="take"
        @pointermove="drag"
        @pointerup="drop"
        @pointercancel="drop"
      />
      <rect class="edge" v-bind="box" />
      <circle
        class="corner"
        :cx="box.x + box.width"
        :cy="box.y + box.height"
        :r="(0.011 * widthPx) / placing.pxPerMm"
        data-check="size"
        @pointerdown.prevent.stop="takeCorner"
        @pointermove="size"
        @pointerup="drop"
        @pointercancel="drop"
      />
    </g>
  </svg>
</template>

<style scoped>
svg {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  overflow: visible;
  pointer-events: none;
  touch-action: none;
}
polyline,
.edge {
  fill: none;
  stroke: var(--rust);
  stroke-width: 1.4px;
  vector-effect: non-scaling-stroke;
  pointer-events: none;
}
.edge {
  stroke-dasharray: 4 4;
  stroke-width: 1px;
}
/* What is beside the outline still takes the touch of the picture. */
.body,
.corner {
  pointer-events: auto;
}
.body {
  fill: transparent;
  cursor: move;
}
.corner {
  fill: var(--sheet);
  stroke: var(--rust);
  stroke-width: 2px;
  vector-effect: non-scaling-stroke;
  cursor: nesw-resize;
}
</style>
