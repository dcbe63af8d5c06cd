<script setup lang="ts">
import * as say from './words.ts';
import { computed } from 'vue';

/** The wire in the pliers: bent as far as it must go, with what it relaxes to behind it. */
const props = defineProps<{
  bendToDeg: number;
  relaxesDeg: number;
  number: number;
  /** The mark lies where the arc begins, under the jaw, or at its middle, under the thumb. */
  at: 'start' | 'middle';
}>();
const ARM = 185;
const ROOM = 60;

/** A straight, an arc of fixed radius and a straight, ending at an angle upward. */
function path(deg: number): string {
  const rad = (deg * Math.PI) / 180;
  const [cx, cy] = [0, -ROOM];
  const [ex, ey] = [cx + ROOM * Math.sin(rad), cy + ROOM * Math.cos(rad)];
  const [tx, ty] = [ex + ARM * Math.cos(rad), ey - ARM * Math.sin(rad)];
  return `M-150 0H0A${ROOM} ${ROOM} 0 0 0 ${ex} ${ey}L${tx} ${ty}`;
}
/** Where the mark lies, and which way it crosses the wire. */
const mark = computed(() => {
  const rad = props.at === 'start' ? 0 : ((props.bendToDeg / 2) * Math.PI) / 180;
  return { x: ROOM * Math.sin(rad), y: -ROOM + ROOM * Math.cos(rad), deg: (-rad * 180) / Math.PI };
});
const swing = computed(() => {
  const rad = (props.bendToDeg * Math.PI) / 180;
  return `M130 0A130 130 0 0 0 ${130 * Math.cos(rad)} ${-130 * Math.sin(rad)}`;
});
</script>

<template>
  <svg viewBox="-190 -265 440 320" role="img" :aria-label="say.wireBentInPliers">
    <line class="straight" x1="0" y1="0" x2="210" y2="0" />
    <path class="ghost" :d="path(relaxesDeg)" />
    <path class="wire" :d="path(bendToDeg)" />
    <path class="swing" :d="swing" />
    <line
      class="mark"
      x1="0"
      y1="-30"
      x2="0"
      y2="30"
      :transform="`translate(${mark.x} ${mark.y}) rotate(${mark.deg})`"
    />
    <text y="50">
      {{ say.mark(number, at === 'start' ? say.atEdgeOfJaw : say.underThumb) }}
    </text>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-height: 300px;
}
path {
  fill: none;
  stroke-linecap: round;
}
.wire {
  stroke: var(--verdigris);
  stroke-width: 15;
}
.ghost {
  stroke: var(--verdigris-wash);
  stroke-width: 15;
}
.swing {
  stroke: var(--rust);
  stroke-width: 2.5;
}
.straight {
  stroke: var(--soft);
  stroke-width: 2;
  stroke-dasharray: 8 5;
}
.mark {
  stroke: var(--rust);
  stroke-width: 4;
}
text {
  font: 700 17px var(--font-text);
  fill: var(--rust);
  text-anchor: middle;
}
</style>
