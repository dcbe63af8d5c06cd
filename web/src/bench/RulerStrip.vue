<script setup lang="ts">
import * as say from './words.ts';
import type { PlannedWire } from '@keen-sinew/core';
import { computed } from 'vue';
import { useUnits } from '../composables/useUnits.ts';

/** The straight wire with its marks: done ones green, the one at hand large and rust. */
const props = defineProps<{ wire: PlannedWire; number: number; at: 'start' | 'middle' }>();
const placeOf = (bend: PlannedWire['bends'][number]) =>
  (props.at === 'start' ? bend.mark : bend.middle).value;
const { number: format } = useUnits();
const WIDTH = 1200;
const x = (mm: number): number => (mm / props.wire.cut.value) * WIDTH;

const marks = computed(() =>
  props.wire.bends.map((bend) => ({
    number: bend.number,
    x: x(placeOf(bend)),
    text: format(placeOf(bend), 'mm'),
    state: bend.number < props.number ? 'done' : bend.number === props.number ? 'now' : 'next',
  })),
);
/** Labels that would touch the one before, or the large one, are set a row lower. */
const rows = computed(() => {
  let lastX = -100;
  let lastRow = 0;
  return marks.value.map((mark) => {
    const row = mark.x - lastX < 54 ? (lastRow + 1) % 2 : 0;
    lastX = mark.x;
    lastRow = row;
    return row;
  });
});
</script>

<template>
  <svg
    :viewBox="`-24 0 ${WIDTH + 48} 118`"
    role="img"
    :aria-label="say.straightWireWithMarks(marks.length)"
  >
    <line class="wire" x1="0" x2="1200" y1="36" y2="36" />
    <line
      v-for="feature in wire.features"
      :key="feature.name"
      class="feature"
      :x1="x(feature.atMm)"
      :x2="x(feature.atMm + feature.lengthMm)"
      y1="36"
      y2="36"
    />
    <g v-for="(mark, i) in marks" :key="mark.number" :class="mark.state">
      <line
        :x1="mark.x"
        :x2="mark.x"
        :y1="mark.state === 'now' ? 6 : 20"
        :y2="mark.state === 'now' ? 66 : 52"
      />
      <text :x="mark.x" :y="mark.state === 'now' ? 112 : 72 + (rows[i] ?? 0) * 16">
        {{ mark.text }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-height: 130px;
  display: block;
}
line {
  stroke: var(--ink);
  stroke-width: 3;
}
.wire {
  stroke-width: 7;
  stroke-linecap: round;
}
.feature {
  stroke: var(--slate);
  stroke-width: 7;
  stroke-dasharray: 7 5;
}
.done line {
  stroke: var(--verdigris);
}
.now line {
  stroke: var(--rust);
  stroke-width: 6;
}
text {
  font: 14px var(--font-number);
  text-anchor: middle;
  fill: var(--soft);
}
.now text {
  font-size: 42px;
  font-weight: 700;
  fill: var(--rust);
}
</style>
