<script setup lang="ts">
import * as say from './words.ts';
import { computed, ref } from 'vue';
import type { Loop } from '../../../workers/palette.worker.ts';

/**
 * A picture with the area drawn round on it and its card; both are set by dragging, or moved and sized by keys. What
 * stands in the slot lies over it.
 */
const props = defineProps<{
  src: string;
  alt: string;
  mode: 'round' | 'card';
  round: Loop | null;
  card: Loop | null;
}>();
const emit = defineEmits<{ round: [loop: Loop | null]; card: [loop: Loop | null] }>();
/** Half the side of a card that is set by a touch, and from one point of a loop to the next, in shares of the width. */
const [CARD, STEP] = [0.02, 0.008];
const box = ref<SVGSVGElement | null>(null);
const drawn = ref<readonly (readonly [number, number])[]>([]);
let aspect = 1;

function place(event: PointerEvent): readonly [number, number] {
  const { left, top, width, height } = box.value!.getBoundingClientRect();
  aspect = width / height;
  const held = (v: number): number => Math.min(1, Math.max(0, v));
  return [held((event.clientX - left) / width), held((event.clientY - top) / height)];
}
const square = ([x, y]: readonly [number, number], half: number): Loop => [
  [x - half, y - half * aspect],
  [x + half, y - half * aspect],
  [x + half, y + half * aspect],
  [x - half, y + half * aspect],
];
function begin(event: PointerEvent): void {
  (event.currentTarget as Element).setPointerCapture(event.pointerId);
  const at = place(event);
  if (props.mode === 'card') emit('card', square(at, CARD));
  else drawn.value = [at];
}
function go(event: PointerEvent): void {
  const last = drawn.value.at(-1);
  if (last === undefined) return;
  const at = place(event);
  if (Math.hypot(at[0] - last[0], at[1] - last[1]) > STEP) drawn.value = [...drawn.value, at];
}
function end(): void {
  const loop = drawn.value;
  drawn.value = [];
  if (loop.length >= 3) emit('round', loop);
}
/** What the keys move: the area or the card; begun in the middle. */
const held = computed(() => (props.mode === 'card' ? props.card : props.round));
const MOVES: Readonly<Record<string, readonly [number, number]>> = {
  ...{ ArrowLeft: [-0.01, 0], ArrowRight: [0.01, 0], ArrowUp: [0, -0.01], ArrowDown: [0, 0.01] },
};
const SIZES: Readonly<Record<string, number>> = { '+': 1.1, '=': 1.1, '-': 1 / 1.1 };
function key(event: KeyboardEvent): void {
  const [move, size] = [MOVES[event.key], SIZES[event.key]];
  if (move === undefined && size === undefined && event.key !== 'Enter') return;
  event.preventDefault();
  event.stopPropagation();
  const loop = held.value ?? square([0.5, 0.5], props.mode === 'card' ? CARD : 0.1);
  const [x, y] = [0, 1].map((k) => loop.reduce((sum, p) => sum + p[k]!, 0) / loop.length) as [
    number,
    number,
  ];
  const [by, [dx, dy]] = [size ?? 1, move ?? [0, 0]];
  const next = loop.map(([px, py]) => [x + by * (px - x) + dx, y + by * (py - y) + dy] as const);
  if (props.mode === 'card') emit('card', next);
  else emit('round', next);
}
const path = (loop: Loop): string => loop.map(([x, y]) => `${1000 * x},${1000 * y}`).join(' ');
</script>

<template>
  <div class="picture">
    <img :src="src" :alt="alt" />
    <svg
      ref="box"
      viewBox="0 0 1000 1000"
      preserveAspectRatio="none"
      tabindex="0"
      role="application"
      :aria-label="say.markOf(say.MODES[mode])"
      data-palette="marks"
      @pointerdown.prevent="begin"
      @pointermove="go"
      @pointerup="end"
      @pointercancel="drawn = []"
      @keydown="key"
    >
      <polygon v-if="round && drawn.length === 0" class="round" :points="path(round)" />
      <polyline v-if="drawn.length > 0" class="round" :points="path(drawn)" />
      <polygon v-if="card" class="card" :points="path(card)" />
    </svg>
    <slot />
  </div>
</template>

<style scoped>
.picture {
  position: relative;
  width: fit-content;
  max-width: 100%;
  max-height: 100%;
  margin: auto;
}
img {
  display: block;
  max-width: 100%;
  max-height: 56vh;
}
svg {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  cursor: crosshair;
  touch-action: none;
}
.round,
.card {
  fill: none;
  stroke: var(--rust);
  stroke-width: 2.5px;
  vector-effect: non-scaling-stroke;
}
.card {
  stroke: var(--verdigris);
  stroke-dasharray: 5 3;
}
</style>
