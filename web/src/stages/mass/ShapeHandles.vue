<script setup lang="ts">
import * as say from './words.ts';
import {
  alongWay,
  edgePlace,
  EDGES,
  project,
  pulledEdge,
  type Edge,
  type PagePoint,
  type View,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSectionDrag } from './useSectionDrag.ts';
import type { Shaping, StationRef } from './useShaping.ts';

/** The edges of the sections as handles in one elevation: dragged, the outline follows. */
const props = defineProps<{
  view: View;
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
  readonly edge: Edge;
  readonly at: PagePoint;
  /** The way it goes, on the page; shorter where it leads out of it. */
  readonly way: PagePoint;
}
/** An edge that leads out of the page more than this is not dragged there. */
const LEAST_SEEN = 0.35;

const handles = computed((): readonly Handle[] =>
  stations.value.flatMap((of, n) =>
    EDGES.flatMap((edge): Handle[] => {
      const place = edgePlace(plan.value.stance.posed, of.boneId, of.station, edge);
      const way = project(props.view, place.way);
      const seen = Math.hypot(...way) >= LEAST_SEEN;
      // In the front view sections lie behind one another: only the chosen one is offered.
      const alone = props.view === 'front' && n !== chosen.value;
      return seen && !alone ? [{ of, n, edge, at: project(props.view, place.at), way }] : [];
    }),
  ),
);
const lines = computed(() =>
  stations.value.map((_, n) =>
    handles.value.filter((handle) => handle.n === n).map(({ at }) => at),
  ),
);
const { start, drag, finish, cancel, put } = useSectionDrag<Handle>(
  props.shaping,
  (event) => props.pointIn(event),
  ({ handle, from, of }, to) =>
    pulledEdge(
      of.station,
      handle.edge,
      alongWay(from, to, handle.way) * plan.value.measure.lifePerModel,
    ),
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
  put(
    handle.of,
    handle.n,
    pulledEdge(station, handle.edge, (sign * step * station.halfDepth) / 100),
  );
}
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
    <circle
      v-for="handle in handles"
      :key="`${handle.n} ${handle.edge}`"
      class="edge"
      :class="{ chosen: handle.n === chosen }"
      :data-edge="`${view}:${handle.n}.${handle.edge}`"
      :cx="handle.at[0]"
      :cy="-handle.at[1]"
      :r="(handle.n === chosen ? 6.5 : 4.5) * mmPerPx"
      tabindex="0"
      role="slider"
      :aria-label="say.section3(handle.n + 1, handle.edge)"
      :aria-valuenow="
        Math.round(
          2 *
            (handle.edge === 'left' || handle.edge === 'right'
              ? handle.of.station.halfWidth
              : handle.of.station.halfDepth),
        )
      "
      @pointerdown.prevent="take($event, handle)"
      @pointermove="drag"
      @pointerup="finish"
      @pointercancel="cancel"
      @lostpointercapture="cancel"
      @focus="chosen = handle.n"
      @keydown="nudge($event, handle)"
    >
      <title>{{ say.sectionDragToMake(handle.n + 1) }}</title>
    </circle>
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
