<script setup lang="ts">
import {
  sameTarget,
  type Drawing,
  type DrawingItem,
  type PagePoint,
  type SheetTarget,
} from '@keen-sinew/core';

/** Items of one drawing as SVG, y turned down; pen widths and letters keep their screen size. */
const props = defineProps<{
  drawing: Drawing;
  /** Board millimetres in a screen pixel. */
  mmPerPx: number;
  target: SheetTarget | null;
}>();
const emit = defineEmits<{ pick: [target: SheetTarget] }>();

/** A pen of 1 mm on paper is drawn this many pixels wide. */
const PX_PER_PEN_MM = 3.2;
const LEAST_LETTER_PX = 12.5;
const JOINT_PX = 4.2;

const written = new WeakMap<readonly PagePoint[], string>();
/** Points as a path; the same points are written once. */
function path(points: readonly PagePoint[], closed = false): string {
  let text = written.get(points);
  if (text === undefined) {
    const at = ([x, y]: PagePoint): string => `${x.toFixed(2)} ${(-y).toFixed(2)}`;
    text = points.map((point, i) => (i === 0 ? 'M' : 'L') + at(point)).join('');
    written.set(points, text);
  }
  return closed ? `${text}Z` : text;
}
const pen = (weight: number): number => Math.max(0.5, weight * PX_PER_PEN_MM);
const paths = (outlines: readonly (readonly PagePoint[])[]): string =>
  outlines.map((outline) => path(outline, true)).join('');
const letter = (sizeMm: number): number => Math.max(sizeMm, LEAST_LETTER_PX * props.mmPerPx);
const radius = (item: Extract<DrawingItem, { kind: 'circle' }>): number =>
  item.layer === 'holes'
    ? item.radius
    : Math.max(item.radius, JOINT_PX * props.mmPerPx * item.radius);
const isPicked = (item: DrawingItem): boolean => sameTarget(item.target, props.target);
const turned = (item: Extract<DrawingItem, { kind: 'text' }>): string | undefined =>
  item.rotateDeg ? `rotate(${-item.rotateDeg} ${item.at[0]} ${-item.at[1]})` : undefined;

function choose(item: DrawingItem): void {
  if (item.target) emit('pick', item.target);
}
</script>

<template>
  <g
    v-for="(item, i) in drawing.items"
    :key="i"
    :class="[item.kind, `ink-${item.ink}`, { picked: isPicked(item), live: !!item.target }]"
    @click="choose(item)"
  >
    <template v-if="item.kind === 'union'">
      <path
        v-for="(outline, n) in item.outlines"
        :key="`s${n}`"
        class="edge"
        :d="path(outline, true)"
        :stroke-width="pen(item.weight) * 2"
      />
      <path
        v-for="(outline, n) in item.outlines"
        :key="`f${n}`"
        class="flesh"
        :d="path(outline, true)"
      />
    </template>
    <path
      v-else-if="item.kind === 'line'"
      :d="path(item.points, item.closed)"
      :stroke-width="pen(item.weight)"
      :stroke-dasharray="item.dashed ? '5 3' : undefined"
      :class="{ filled: item.filled }"
    />
    <path
      v-else-if="item.kind === 'fill'"
      class="area"
      :d="paths(item.outlines)"
      :style="item.hex ? { fill: item.hex } : undefined"
    />
    <circle
      v-else-if="item.kind === 'circle'"
      :cx="item.at[0]"
      :cy="-item.at[1]"
      :r="radius(item)"
      :stroke-width="1.6"
    />
    <text
      v-else
      :x="item.at[0]"
      :y="-item.at[1]"
      :font-size="letter(item.sizeMm)"
      :text-anchor="item.anchor"
      :class="item.face"
      :transform="turned(item)"
    >
      {{ item.text }}
    </text>
  </g>
</template>

<style scoped>
g {
  color: var(--ink);
}
.ink-near,
.ink-dimension {
  color: var(--rust);
}
.ink-watch {
  color: var(--ochre);
}
.ink-far {
  color: var(--slate);
}
.ink-mid {
  color: var(--verdigris);
}
.ink-soft {
  color: var(--soft);
}
.ink-skin,
.ink-board {
  color: var(--skin-line);
}
path {
  fill: none;
  stroke: currentcolor;
  stroke-linejoin: round;
  stroke-linecap: round;
  vector-effect: non-scaling-stroke;
}
.filled {
  fill: currentcolor;
}
.ink-board .filled {
  fill: var(--board);
}
.ink-core {
  color: var(--core-line);
}
.flesh {
  stroke: none;
  fill: var(--skin-fill);
}
.ink-ink .flesh {
  fill: currentcolor;
}
.ink-core .flesh {
  fill: var(--core-fill);
}
.area {
  stroke: none;
  fill: currentcolor;
}
.ink-skin .area {
  fill: var(--skin-fill);
}
.picked .area {
  stroke: var(--verdigris);
  stroke-width: 1.5px;
}
circle {
  fill: var(--sheet);
  stroke: currentcolor;
  vector-effect: non-scaling-stroke;
}
text {
  fill: currentcolor;
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 3px;
  vector-effect: non-scaling-stroke;
  font-family: var(--font-text);
}
text.number {
  font-family: var(--font-number);
}
.live {
  cursor: pointer;
}
.picked.line path {
  stroke-width: 5px;
}
.picked.circle circle {
  fill: currentcolor;
}
.picked text {
  font-weight: 700;
}
</style>
