<script setup lang="ts">
import * as say from './words.ts';
import {
  alongWay,
  gripPlaces,
  grippedBy,
  type Grip,
  type PagePoint,
  type Vec3,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSectionDrag } from './useSectionDrag.ts';
import type { Shaping, StationRef } from './useShaping.ts';

/** Edges and middles of the sections as handles on one drawing of the body: dragged, the form follows. */
const props = defineProps<{
  drawingId: string;
  /** Where a point of the posed body is on the drawing. */
  at: (point: Vec3) => PagePoint;
  /** Sections lie behind one another: only the chosen one is offered. */
  alone: boolean;
  mmPerPx: number;
  shaping: Shaping;
  pointIn: (event: PointerEvent) => PagePoint;
}>();
const emit = defineEmits<{ dragging: [now: boolean] }>();
const { plan } = usePiecePlan();
const { stations, chosen } = props.shaping;

interface Handle {
  readonly of: StationRef;
  readonly n: number;
  readonly grip: Grip;
  readonly at: PagePoint;
  /** What one millimetre of its way is on the page; shorter where it leads out of it. */
  readonly way: PagePoint;
  readonly longMm: number;
}
/** A grip whose way leads out of the page more than this is not dragged there. */
const LEAST_SEEN = 0.35;

/** How many millimetres of the drawing one of the body is. */
const times = computed(() => {
  const zero = props.at([0, 0, 0]);
  const units = (
    [
      [1, 0, 0],
      [0, 1, 0],
      [0, 0, 1],
    ] as const
  ).map((unit) => props.at(unit));
  return Math.max(...units.map(([x, y]) => Math.hypot(x - zero[0], y - zero[1])));
});
const handles = computed((): readonly Handle[] =>
  stations.value.flatMap((of, n) => {
    const { posed } = plan.value.stance;
    if (props.alone && n !== chosen.value) return [];
    return gripPlaces(posed, of.boneId, of.station).flatMap(({ at, ahead, ...grip }): Handle[] => {
      const [from, to] = [props.at(at), props.at(ahead)];
      const way: PagePoint = [to[0] - from[0], to[1] - from[1]];
      const shown = Math.hypot(...way) >= LEAST_SEEN * times.value;
      return shown ? [{ of, n, at: from, way, ...grip }] : [];
    });
  }),
);
const lines = computed(() =>
  stations.value.map((_, n) =>
    handles.value.filter((of) => of.n === n && of.grip !== 'slide').map(({ at }) => at),
  ),
);
const { start, drag, finish, cancel, put } = useSectionDrag<Handle>(
  props.shaping,
  (event) => props.pointIn(event),
  ({ handle, from, of }, to) =>
    grippedBy(of.station, handle, alongWay(from, to, handle.way), plan.value.measure.lifePerModel),
  (now) => emit('dragging', now),
);

function take(event: PointerEvent, handle: Handle): void {
  chosen.value = handle.n;
  start(event, handle, handle.of, handle.n);
}
function nudge(event: KeyboardEvent, handle: Handle): void {
  const step = event.shiftKey ? 5 : 1;
  const sign = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key];
  if (sign === undefined) return;
  event.preventDefault();
  chosen.value = handle.n;
  const { station } = handle.of;
  const { lifePerModel } = plan.value.measure;
  const whole = handle.grip === 'slide' ? handle.longMm : station.halfDepth / lifePerModel;
  const mm = (sign * step * whole) / 100;
  put(handle.of, handle.n, grippedBy(station, handle, mm, lifePerModel));
}
const sizeOf = ({ grip, of: { station } }: Handle): number =>
  grip === 'slide'
    ? Math.round(100 * station.at)
    : Math.round(2 * (grip === 'left' || grip === 'right' ? station.halfWidth : station.halfDepth));
function shapeOf({ n, grip, at }: Handle) {
  const r = (n === chosen.value ? 6.5 : 4.5) * props.mmPerPx;
  return grip === 'slide' ? { points: diamond(at, r) } : { cx: at[0], cy: -at[1], r };
}
/** A square on its corner, for what goes along the bone. */
const diamond = ([x, y]: PagePoint, r: number): string =>
  `${x},${-y - r} ${x + r},${-y} ${x},${-y + r} ${x - r},${-y}`;
const path = (points: readonly PagePoint[]): string =>
  points.map(([x, y]) => `${x},${-y}`).join(' ');
</script>

<template>
  <g>
    <polyline
      v-for="(points, n) in lines"
      :key="`line${n}`"
      class="line"
      :class="{ chosen: n === chosen }"
      :points="path(points)"
    />
    <component
      :is="handle.grip === 'slide' ? 'polygon' : 'circle'"
      v-for="handle in handles"
      :key="`${handle.n} ${handle.grip}`"
      class="edge"
      :class="{ chosen: handle.n === chosen }"
      :data-edge="`${drawingId}:${handle.n}.${handle.grip}`"
      v-bind="shapeOf(handle)"
      tabindex="0"
      role="slider"
      :aria-label="
        handle.grip === 'slide'
          ? say.slideOfSection(handle.n + 1)
          : say.section3(handle.n + 1, handle.grip)
      "
      :aria-valuenow="sizeOf(handle)"
      @pointerdown.prevent="take($event, handle)"
      @pointermove="drag"
      @pointerup="finish"
      @pointercancel="cancel"
      @lostpointercapture="cancel"
      @focus="chosen = handle.n"
      @keydown="nudge($event, handle)"
    >
      <title>
        {{
          handle.grip === 'slide'
            ? say.slideSection(handle.n + 1)
            : say.sectionDragToMake(handle.n + 1)
        }}
      </title>
    </component>
  </g>
</template>

<style scoped>
.line {
  fill: none;
  stroke: var(--soft);
  stroke-width: 1px;
  stroke-dasharray: 3 3;
  vector-effect: non-scaling-stroke;
  pointer-events: none;
}
.line.chosen {
  stroke: var(--verdigris);
  stroke-width: 2px;
}
.edge {
  fill: var(--sheet);
  stroke: var(--soft);
  stroke-width: 1.5px;
  vector-effect: non-scaling-stroke;
  cursor: grab;
  touch-action: none;
}
.edge.chosen,
.edge:hover {
  stroke: var(--verdigris);
  stroke-width: 3px;
}
</style>
