<script setup lang="ts">
import * as say from './words.ts';
import {
  headPage,
  onPage,
  project,
  VIEW_FRAMES,
  type HeadPage,
  type PagePoint,
  type Vec3,
  sameTarget,
  sectionDrawing,
  stationDrawing,
  type ShapePlan,
  type SheetTarget,
} from '@keen-sinew/core';
import { computed, ref, shallowRef, watch } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import ChoiceRow from '../../kit/ChoiceRow.vue';
import HintText from '../../kit/HintText.vue';
import SheetBoard from '../../sheet/SheetBoard.vue';
import SheetFrame from '../../sheet/SheetFrame.vue';
import { usePickOnSheet } from '../usePickOnSheet.ts';
import BodySpace from './BodySpace.vue';
import HeadHandles from './HeadHandles.vue';
import MassLedger from './MassLedger.vue';
import ShapeHandles from './ShapeHandles.vue';
import StationHandles from './StationHandles.vue';
import { ROOM_HINTS, ROOMS, useMassRows, type Room } from './useMassRows.ts';
import { useShaping } from './useShaping.ts';

const { plan } = usePiecePlan();
const { target } = useSelection();
const pickOnSheet = usePickOnSheet();
const shaping = useShaping();
/** The profiles of the head by themselves. */
const heads = useShaping(() => {
  const [eye] = plan.value.measure.skeleton.animal.face?.eyes ?? [];
  return [eye?.at[0] ?? 'skull', 'jaw'];
});
const dragging = ref(false);

const room = ref<Room>('build');
const ROOM_OF: Partial<Record<SheetTarget['kind'], Room>> = {
  muscle: 'muscles',
  peg: 'muscles',
  section: 'sections',
};
watch(target, (now) => {
  const other = now && ROOM_OF[now.kind];
  if (other && !(other === 'sections' && room.value === 'space')) room.value = other;
});

const mass = computed(() => plan.value.mass);
const kept = shallowRef<ShapePlan | null>(null);
watch(
  () => mass.value?.shape,
  (now) => (kept.value = now ?? kept.value),
  { immediate: true },
);
const card = computed(() => {
  const cards = kept.value?.cards ?? [];
  return (
    cards.find(({ girth }) => sameTarget(girth.target, target.value)) ??
    cards[Math.floor(cards.length / 3)]
  );
});
const rows = useMassRows(room);
/** Where a point of the body is on a drawing of the head; the last one while heads are worked out. */
const pages = new Map<string, HeadPage>();
function headAt(drawingId: string): ((point: Vec3) => PagePoint) | undefined {
  const now = headPage(plan.value, drawingId) ?? pages.get(drawingId);
  if (now === undefined) return undefined;
  pages.set(drawingId, now);
  return (point) => now.onDrawing(onPage(VIEW_FRAMES[now.view], point));
}
/** The section that is being shaped, by itself. */
const shapedSection = computed(() => {
  const of = shaping.station.value;
  const title = of && say.section2(shaping.chosen.value + 1, of.name.toLowerCase());
  return title ? stationDrawing(of.station, 1 / plan.value.measure.lifePerModel, title) : null;
});
</script>

<template>
  <SheetFrame :label="say.drawnToScale(ROOMS.find(({ value }) => value === room)!.label)">
    <BodySpace v-if="room === 'space'" :cards="kept?.cards ?? []" :shaping="shaping" />
    <div v-else class="boards">
      <SheetBoard
        :rows="rows"
        :target="target"
        :hold="dragging"
        :handles="room === 'shape' || room === 'head'"
        :label="say.bodyDrawnToScale"
        @pick="pickOnSheet"
      >
        <template #default="{ placed, mmPerPx, pointIn }">
          <ShapeHandles
            v-if="room === 'shape' && placed.drawing.view"
            :drawing-id="placed.drawing.view"
            :at="(point) => project(placed.drawing.view!, point)"
            :alone="placed.drawing.view === 'front'"
            :mm-per-px="mmPerPx"
            :shaping="shaping"
            :point-in="pointIn"
            @dragging="dragging = $event"
          />
          <ShapeHandles
            v-if="room === 'head' && headAt(placed.drawing.id)"
            :drawing-id="placed.drawing.id"
            :at="headAt(placed.drawing.id)!"
            :alone="placed.drawing.id !== 'head-side'"
            :mm-per-px="mmPerPx"
            :shaping="heads"
            :point-in="pointIn"
            @dragging="dragging = $event"
          />
          <HeadHandles
            v-if="room === 'head'"
            :drawing-id="placed.drawing.id"
            :mm-per-px="mmPerPx"
            :point-in="pointIn"
            @dragging="dragging = $event"
          />
        </template>
      </SheetBoard>
      <SheetBoard
        v-if="room === 'shape' && shapedSection"
        class="one"
        still
        :rows="[[shapedSection]]"
        :target="null"
        :hold="dragging"
        handles
        :label="say.sectionByItself(shaping.chosen.value + 1)"
      >
        <template #default="{ mmPerPx, pointIn }">
          <StationHandles
            :mm-per-px="mmPerPx"
            :shaping="shaping"
            :point-in="pointIn"
            @dragging="dragging = $event"
          />
        </template>
      </SheetBoard>
      <SheetBoard
        v-if="room === 'sections' && card"
        class="one"
        still
        :rows="[[sectionDrawing(card)]]"
        :target="null"
        :label="say.sectionEnlargedOnGrid(card.number)"
      />
    </div>
    <div class="by">
      <ChoiceRow
        :label="say.whatSheetShows"
        :value="room"
        :options="ROOMS"
        @set="room = $event as Room"
      />
      <HintText v-if="room !== 'space'">{{ ROOM_HINTS[room] }}</HintText>
    </div>
  </SheetFrame>
  <MassLedger :room="room" :kept="kept" :shaping="shaping" :heads="heads" />
</template>

<style scoped>
.by {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  align-items: center;
  border-top: 1px dotted var(--line);
  padding-top: 8px;
}
.boards {
  display: flex;
  flex: 1;
  min-height: 0;
  gap: 16px;
}
.one {
  flex: 0 0 30%;
}
</style>
