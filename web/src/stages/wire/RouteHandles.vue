<script setup lang="ts">
import * as say from './words.ts';
import {
  movedPoint,
  overJoint,
  problemSentence,
  project,
  refId,
  routeTargets,
  waysOf,
  withWays,
  type PagePoint,
  type Parsed,
  type PlannedWire,
  type RoutePoint,
  type View,
  type Ways,
} from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';

/**
 * The chosen wire's route to be dragged in one elevation: a leg of it onto another joint, so that it
 * goes over that too, or an end onto another place. What a drop would do is drawn dashed meanwhile.
 */
const props = defineProps<{
  view: View;
  mmPerPx: number;
  wire: PlannedWire;
  pointIn: (event: PointerEvent) => PagePoint;
}>();
const emit = defineEmits<{ told: [sentence: string]; dragging: [now: boolean] }>();
const { plan, change } = usePiecePlan();

type Held = { readonly kind: 'leg' | 'end'; readonly index: number };
const held = ref<Held | null>(null);
const over = ref<RoutePoint | null>(null);
/** A joint catches the wire within this many pixels. */
const CATCH_PX = 26;
const points = computed(() => props.wire.route.points.map(({ at }) => project(props.view, at)));
const targets = computed(() => routeTargets(plan.value.stance));
const legs = computed(() => points.value.slice(1).map((to, i) => [points.value[i]!, to] as const));
const ends = computed(() => [0, points.value.length - 1]);

function nearest(event: PointerEvent): RoutePoint | null {
  const at = props.pointIn(event);
  let best: { readonly to: RoutePoint; readonly far: number } | null = null;
  for (const to of targets.value) {
    const [x, y] = project(props.view, to.at);
    const far = Math.hypot(x - at[0], y - at[1]);
    if (far <= CATCH_PX * props.mmPerPx && (best === null || far < best.far)) best = { to, far };
  }
  return best?.to ?? null;
}

function start(event: PointerEvent, next: Held): void {
  (event.target as Element).setPointerCapture(event.pointerId);
  held.value = next;
  emit('dragging', true);
}
function drag(event: PointerEvent): void {
  if (held.value === null) return;
  over.value = nearest(event);
  emit('told', over.value === null ? '' : say.letGoGoesOver(props.wire.id, over.value.name));
}
function finish(): void {
  const [what, to] = [held.value, over.value];
  held.value = null;
  over.value = null;
  if (what === null) return;
  emit('dragging', false);
  emit('told', '');
  if (to === null) return;
  const { part: n, routeKey } = props.wire;
  const ways = waysOf(plan.value.wire.wires, routeKey);
  const next: Parsed<Ways> =
    what.kind === 'leg'
      ? overJoint(ways, n, what.index, to.ref)
      : movedPoint(ways, n, what.index, to.ref);
  if (next.ok)
    change(say.leadOver(props.wire.id, to.name), (p) => withWays(p, routeKey, next.value));
  else emit('told', problemSentence(next.problem));
}
/** The way as it would be, dashed. */
const would = computed((): readonly PagePoint[] => {
  if (held.value === null || over.value === null) return [];
  const to = project(props.view, over.value.at);
  const { kind, index } = held.value;
  if (kind === 'leg') return [points.value[index]!, to, points.value[index + 1]!];
  const next = points.value[index === 0 ? 1 : index - 1]!;
  return [to, next];
});
const line = (list: readonly PagePoint[]): string => list.map(([x, y]) => `${x},${-y}`).join(' ');
</script>

<template>
  <g>
    <circle
      v-for="to in targets"
      :key="refId(to.ref)"
      class="target"
      :class="{ over: over !== null && refId(over.ref) === refId(to.ref) }"
      :data-target="`${view}:${refId(to.ref)}`"
      :cx="project(view, to.at)[0]"
      :cy="-project(view, to.at)[1]"
      :r="3.5 * mmPerPx"
    />
    <line
      v-for="(leg, i) in legs"
      :key="`leg${i}`"
      class="leg"
      :data-leg="`${view}:${wire.id}.${i}`"
      :x1="leg[0][0]"
      :y1="-leg[0][1]"
      :x2="leg[1][0]"
      :y2="-leg[1][1]"
      :stroke-width="14 * mmPerPx"
      @pointerdown.prevent="start($event, { kind: 'leg', index: i })"
      @pointermove="drag"
      @pointerup="finish"
      @pointercancel="finish"
      @lostpointercapture="finish"
    >
      <title>{{ say.dragOverAnotherJoint(wire.id) }}</title>
    </line>
    <circle
      v-for="i in ends"
      :key="`end${i}`"
      class="end"
      :data-end="`${view}:${wire.id}.${i === 0 ? 'start' : 'end'}`"
      :cx="points[i]![0]"
      :cy="-points[i]![1]"
      :r="9 * mmPerPx"
      @pointerdown.prevent="start($event, { kind: 'end', index: i })"
      @pointermove="drag"
      @pointerup="finish"
      @pointercancel="finish"
      @lostpointercapture="finish"
    >
      <title>{{ say.ofDragItTo(i === 0 ? say.start : say.end, wire.id) }}</title>
    </circle>
    <polyline v-if="would.length > 0" class="would" :points="line(would)" />
  </g>
</template>

<style scoped>
.target {
  fill: var(--sheet);
  stroke: var(--soft);
  stroke-width: 1px;
  vector-effect: non-scaling-stroke;
  pointer-events: none;
}
.over {
  stroke: var(--verdigris);
  stroke-width: 4px;
}
.leg {
  stroke: transparent;
  cursor: grab;
  touch-action: none;
}
.leg:hover {
  stroke: var(--verdigris);
  stroke-opacity: 0.25;
}
.end {
  fill: var(--sheet);
  stroke: var(--verdigris);
  stroke-width: 2px;
  vector-effect: non-scaling-stroke;
  cursor: grab;
  touch-action: none;
}
.would {
  fill: none;
  stroke: var(--verdigris);
  stroke-width: 3px;
  stroke-dasharray: 6 5;
  vector-effect: non-scaling-stroke;
  pointer-events: none;
}
</style>
