<script setup lang="ts">
import * as say from './words.ts';
import {
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
import JobProgress from '../../kit/JobProgress.vue';
import LedgerPanel from '../../ledger/LedgerPanel.vue';
import LedgerSection from '../../ledger/LedgerSection.vue';
import SheetBoard from '../../sheet/SheetBoard.vue';
import SheetFrame from '../../sheet/SheetFrame.vue';
import BodyPending from '../BodyPending.vue';
import FaceControl from '../FaceControl.vue';
import { usePickOnSheet } from '../usePickOnSheet.ts';
import BodyFiles from './BodyFiles.vue';
import BodySpace from './BodySpace.vue';
import BuildLedger from './BuildLedger.vue';
import CardTable from './CardTable.vue';
import EyeControl from './EyeControl.vue';
import FatTable from './FatTable.vue';
import HeadHandles from './HeadHandles.vue';
import MuscleTable from './MuscleTable.vue';
import PegTable from './PegTable.vue';
import ShapeHandles from './ShapeHandles.vue';
import ShapePart from './ShapePart.vue';
import StationHandles from './StationHandles.vue';
import { ROOM_HINTS, ROOMS, useMassRows, type Room } from './useMassRows.ts';
import { useShaping } from './useShaping.ts';
import WeightLedger from './WeightLedger.vue';

const { plan, work } = usePiecePlan();
const { target } = useSelection();
const pickOnSheet = usePickOnSheet();
const shaping = useShaping();
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
/** The section that is being shaped, by itself. */
const shapedSection = computed(() => {
  const of = shaping.station.value;
  const title = of && say.section2(shaping.chosen.value + 1, of.name.toLowerCase());
  return title ? stationDrawing(of.station, 1 / plan.value.measure.lifePerModel, title) : null;
});
</script>

<template>
  <SheetFrame :label="say.drawnToScale(ROOMS.find(({ value }) => value === room)!.label)">
    <BodySpace v-if="room === 'space'" :cards="kept?.cards ?? []" />
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
            :view="placed.drawing.view"
            :mm-per-px="mmPerPx"
            :shaping="shaping"
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
  <LedgerPanel stage="mass">
    <BodyPending v-if="!mass" />
    <BuildLedger v-else-if="room === 'build'" :mass="mass" />
    <template v-else-if="room === 'shape'">
      <LedgerSection :title="say.shapeOfLivingAnimal">
        <ShapePart :shaping="shaping" />
      </LedgerSection>
      <LedgerSection :title="say.weightInLife"><WeightLedger :mass="mass" /></LedgerSection>
      <LedgerSection :title="say.fatUnderSkin" folded><FatTable /></LedgerSection>
    </template>
    <template v-else-if="room === 'head'">
      <LedgerSection :title="say.eyes"><EyeControl /></LedgerSection>
      <LedgerSection :title="say.face"><FaceControl /></LedgerSection>
    </template>
    <JobProgress v-else-if="kept === null" :job="work.shape" :sentence="say.posedBodyIsBeing" />
    <template v-else-if="room === 'muscles'">
      <LedgerSection :title="say.musclesInOrderOf">
        <MuscleTable :rows="kept.muscles" />
      </LedgerSection>
      <LedgerSection :title="say.depthPegs"><PegTable :rows="kept.pegs" /></LedgerSection>
    </template>
    <template v-else-if="room === 'sections'">
      <LedgerSection :title="say.sectionCards"
        ><CardTable :cards="kept.cards" :uncut="kept.uncut"
      /></LedgerSection>
    </template>
    <template v-else>
      <LedgerSection :title="say.weightInLife"><WeightLedger :mass="mass" /></LedgerSection>
      <LedgerSection :title="say.filesOfBody"><BodyFiles /></LedgerSection>
    </template>
  </LedgerPanel>
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
