<script setup lang="ts">
import type { Drawing, PagePoint, SheetTarget } from '@keen-sinew/core';
import { useElementSize, useEventListener } from '@vueuse/core';
import { computed, ref, shallowRef, useId, watch } from 'vue';
import {
  boardLayout,
  heldLayout,
  intoDrawing,
  type BoardLayout,
  type Placed,
} from './boardLayout.ts';
import { isTyping } from '../composables/isTyping.ts';
import { useRowsInTurns } from '../composables/useTurns.ts';
import ActionButton from '../kit/ActionButton.vue';
import DrawingItems from './DrawingItems.vue';
import { useSheetZoom } from './useSheetZoom.ts';
import * as say from './words.ts';

const props = defineProps<{
  rows: readonly (readonly Drawing[])[];
  target: SheetTarget | null;
  label: string;
  /** Keeps scale and places while something is dragged. */
  hold?: boolean;
  /** There are handles on it that the keyboard reaches. */
  handles?: boolean;
  /** One of several on a page, or part of a control: keys do not zoom it. */
  still?: boolean;
}>();
const emit = defineEmits<{ pick: [target: SheetTarget] }>();

const GRID_MM = 10;
/** A key zooms by this. */
const ZOOM_STEP = 1.25;
/** Two boards on one page have a grid each. */
const gridId = `grid-${useId()}`;
const box = ref<HTMLElement | null>(null);
const svg = ref<SVGSVGElement | null>(null);
const size = useElementSize(box);
const sizePx = computed(() => ({ width: size.width.value, height: size.height.value }));
const held = shallowRef<BoardLayout | null>(null);
const layout = computed(() =>
  held.value === null ? boardLayout(props.rows, sizePx.value) : heldLayout(held.value, props.rows),
);
watch(
  () => props.hold,
  (hold) => (held.value = hold ? boardLayout(props.rows, sizePx.value) : null),
  { flush: 'sync' },
);
/** Board millimetres in a pixel: the whole board fits its box. */
const fitting = computed(() =>
  size.width.value > 0 && size.height.value > 0
    ? Math.max(layout.value.width / size.width.value, layout.value.height / size.height.value)
    : 0.5,
);
/** What fits the box: the board in the middle of it, with its proportions. */
const whole = computed(() => {
  const { width, height } = layout.value;
  const { width: wide, height: high } = sizePx.value;
  if (!(wide > 0 && high > 0)) return { x: 0, y: 0, width, height };
  const room = { width: wide * fitting.value, height: high * fitting.value };
  return { x: (width - room.width) / 2, y: (height - room.height) / 2, ...room };
});
/** One drawing after the other, so that a page that opens answers at once. */
const placed = useRowsInTurns(() => layout.value.placed, 1);
const { part, isZoomed, zoom, fit } = useSheetZoom(svg, whole);
const mmPerPx = computed(() => (fitting.value * part.value.width) / whole.value.width);
const viewBox = computed(() => {
  const { x, y, width, height } = part.value;
  return `${x} ${y} ${width} ${height}`;
});
useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  if (props.still || event.ctrlKey || event.metaKey || event.altKey || isTyping(event)) return;
  if (event.key === '+' || event.key === '=') zoom(ZOOM_STEP);
  else if (event.key === '-') zoom(1 / ZOOM_STEP);
  else if (event.key === '0') fit();
});
const move = (placed: Placed) =>
  `translate(${placed.x - placed.drawing.box.min[0]} ${placed.y + placed.drawing.box.max[1]})`;

/** Where a pointer is, in the mm of a placed drawing (y up). */
function pointIn(placed: Placed, event: PointerEvent): PagePoint {
  const matrix = svg.value?.getScreenCTM()?.inverse();
  const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix ?? undefined);
  return intoDrawing(placed, [at.x, at.y]);
}
</script>

<template>
  <div ref="box" class="board">
    <svg
      ref="svg"
      :viewBox="viewBox"
      preserveAspectRatio="xMidYMid meet"
      :role="handles ? 'group' : 'img'"
      :aria-label="label"
    >
      <defs>
        <pattern :id="gridId" :width="GRID_MM" :height="GRID_MM" patternUnits="userSpaceOnUse">
          <path :d="`M${GRID_MM} 0H0V${GRID_MM}`" />
        </pattern>
      </defs>
      <g v-for="entry in placed" :key="entry.drawing.id">
        <rect
          class="grid"
          :x="entry.x"
          :y="entry.y"
          :width="entry.width"
          :height="entry.height"
          :fill="`url(#${gridId})`"
        />
        <text class="caption" :x="entry.x" :y="entry.y - 6 * mmPerPx" :font-size="16 * mmPerPx">
          {{ entry.drawing.title }}
        </text>
        <g :transform="move(entry)">
          <DrawingItems
            :drawing="entry.drawing"
            :mm-per-px="mmPerPx"
            :target="target"
            @pick="emit('pick', $event)"
          />
          <slot
            :placed="entry"
            :mm-per-px="mmPerPx"
            :point-in="(e: PointerEvent) => pointIn(entry, e)"
          />
        </g>
      </g>
    </svg>
    <ActionButton v-if="isZoomed" kind="line" class="fit" @click="fit">{{
      say.fitSheet
    }}</ActionButton>
  </div>
</template>

<style scoped>
.board {
  /* A drag on it marks no words. */
  user-select: none;
  flex: 1;
  min-height: 0;
  min-width: 0;
  position: relative;
}
svg {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  /* Fingers move and zoom the sheet, never the page. */
  touch-action: none;
}
.fit {
  position: absolute;
  right: 0;
  top: 0;
}
pattern path {
  fill: none;
  stroke: var(--hair);
  stroke-width: 1px;
  vector-effect: non-scaling-stroke;
}
.caption {
  font-family: var(--font-title);
  font-style: italic;
  fill: var(--ink);
}
</style>
