<script setup lang="ts">
import * as say from './words.ts';
import { bendingView, type PlannedWire, greatest, least } from '@keen-sinew/core';
import { computed } from 'vue';

/** The wire after this bend, seen square to the bend: what should lie on the table. */
const props = defineProps<{ wire: PlannedWire; number: number }>();
type Flat = readonly (readonly [number, number])[];

const view = computed(() => bendingView(props.wire, props.number));
/** The straight rest is cut short, so that what is bent fills the picture. */
const rest = computed((): Flat => {
  const [from, to] = view.value.rest;
  if (!from || !to) return [];
  const reach = Math.max(25, extent(view.value.done) * 0.45);
  const long = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
  const k = Math.min(1, reach / long);
  return [from, [from[0] + (to[0] - from[0]) * k, from[1] + (to[1] - from[1]) * k]];
});
/** Shown only where the eye could tell it from the wire. */
const springs = computed(() => {
  const [meant, got] = [view.value.done[0], view.value.leftOut[0]];
  if (!meant || !got) return false;
  return Math.hypot(meant[0] - got[0], meant[1] - got[1]) > extent(view.value.done) * 0.01;
});
const box = computed(() => {
  const all = [...view.value.done, ...rest.value];
  const xs = all.map((p) => p[0]);
  const ys = all.map((p) => -p[1]);
  const pad = extent(all) * 0.12 + 2;
  const [x, y] = [least(xs) - pad, least(ys) - pad];
  return { x, y, w: greatest(xs) + pad - x, h: greatest(ys) + pad - y };
});

function extent(points: Flat): number {
  const xs = points.map((p) => p[0]);
  const ys = points.map((p) => p[1]);
  return Math.max(greatest(xs) - least(xs), greatest(ys) - least(ys));
}
const path = (points: Flat): string =>
  points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${x} ${-y}`).join('');
</script>

<template>
  <svg
    :viewBox="`${box.x} ${box.y} ${box.w} ${box.h}`"
    preserveAspectRatio="xMidYMid meet"
    role="img"
    :aria-label="say.wireAfterThisBendSeen"
  >
    <path v-if="springs" class="left-out" :d="path(view.leftOut)" />
    <path class="done" :d="path(view.done)" />
    <path class="rest" :d="path(rest)" />
    <circle r="2.2" cx="0" cy="0" />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  height: 280px;
}
path {
  fill: none;
  stroke-linejoin: round;
  stroke-linecap: round;
  vector-effect: non-scaling-stroke;
}
.done {
  stroke: var(--verdigris);
  stroke-width: 7px;
}
.left-out {
  stroke: var(--soft);
  stroke-width: 2px;
  stroke-dasharray: 3 6;
}
.rest {
  stroke: var(--rust);
  stroke-width: 7px;
  stroke-dasharray: 2 11;
}
circle {
  fill: var(--sheet);
  stroke: var(--rust);
  stroke-width: 3px;
  vector-effect: non-scaling-stroke;
}
</style>
