<script setup lang="ts">
import * as say from './words.ts';
import { computed } from 'vue';

/** Which way this bend goes against the bend before, looking along the wire from its named end. */
const props = defineProps<{ turnDeg: number; number: number }>();
const R = 120;

const point = (deg: number, radius: number): readonly [number, number] => [
  radius * Math.sin((deg * Math.PI) / 180),
  -radius * Math.cos((deg * Math.PI) / 180),
];
const hand = computed(() => point(props.turnDeg, R - 12));
const label = computed(() => point(props.turnDeg, R + 18));
const arc = computed(() => {
  // Stops short of the hand, so that the arrow's tip is seen.
  const [ex, ey] = point(props.turnDeg - Math.sign(props.turnDeg) * 7, 78);
  const large = Math.abs(props.turnDeg) > 180 ? 1 : 0;
  return `M0 -78A78 78 0 ${large} ${props.turnDeg >= 0 ? 1 : 0} ${ex} ${ey}`;
});
const ticks = Array.from({ length: 24 }, (_, i) => ({
  from: point(i * 15, i % 6 === 0 ? R - 14 : R - 7),
  to: point(i * 15, R),
}));
const anchor = computed(() =>
  label.value[0] < -20 ? 'end' : label.value[0] > 20 ? 'start' : 'middle',
);
</script>

<template>
  <svg viewBox="-225 -160 450 320" role="img" :aria-label="say.dialBendAgainstBend(number)">
    <circle :r="R" />
    <line
      v-for="(tick, i) in ticks"
      :key="i"
      class="tick"
      :x1="tick.from[0]"
      :y1="tick.from[1]"
      :x2="tick.to[0]"
      :y2="tick.to[1]"
    />
    <template v-if="number > 1">
      <line class="before" x1="0" y1="0" x2="0" y2="-86" />
      <text class="soft" y="-134">{{ say.bendWentHere(number - 1) }}</text>
      <path v-if="Math.abs(turnDeg) > 4" :d="arc" marker-end="url(#tip)" />
    </template>
    <line class="hand" x1="0" y1="0" :x2="hand[0]" :y2="hand[1]" />
    <circle class="hub" r="13" />
    <text
      v-if="number > 1 && Math.abs(turnDeg) > 25"
      class="goes"
      :x="label[0]"
      :y="label[1] - 3"
      :text-anchor="anchor"
    >
      <tspan>{{ say.bend(number) }}</tspan>
      <tspan :x="label[0]" dy="18">{{ say.goesHere }}</tspan>
    </text>
    <defs>
      <marker
        id="tip"
        viewBox="0 0 10 10"
        refX="4"
        refY="5"
        markerWidth="5"
        markerHeight="5"
        orient="auto"
      >
        <path class="tip" d="M0 0L10 5L0 10Z" />
      </marker>
    </defs>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-height: 320px;
}
circle {
  fill: var(--skin-fill);
  stroke: var(--ink);
  stroke-width: 1.5;
}
.tick {
  stroke: var(--ink);
  stroke-width: 1.2;
}
.before {
  stroke: var(--soft);
  stroke-width: 3;
  stroke-dasharray: 8 5;
}
.hand {
  stroke: var(--rust);
  stroke-width: 8;
  stroke-linecap: round;
}
.hub {
  fill: var(--ink);
}
path {
  fill: none;
  stroke: var(--rust);
  stroke-width: 4;
}
.tip {
  fill: var(--rust);
  stroke: none;
}
text {
  font: 17px var(--font-text);
}
.soft {
  text-anchor: middle;
  fill: var(--soft);
}
.goes {
  fill: var(--rust);
  font-weight: 700;
}
</style>
