<script setup lang="ts">
import * as say from './words.ts';
import type { Drawing, ReliefView } from '@keen-sinew/core';
import { computed, ref, watch } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useSelection } from '../../../composables/useSelection.ts';
import ChoiceRow from '../../../kit/ChoiceRow.vue';
import HintText from '../../../kit/HintText.vue';
import JobProgress from '../../../kit/JobProgress.vue';
import LedgerPanel from '../../../ledger/LedgerPanel.vue';
import LedgerSection from '../../../ledger/LedgerSection.vue';
import WorkingRow from '../../../ledger/WorkingRow.vue';
import SheetBoard from '../../../sheet/SheetBoard.vue';
import SheetFrame from '../../../sheet/SheetFrame.vue';
import PlaceFields from '../../PlaceFields.vue';
import { usePickOnSheet } from '../../usePickOnSheet.ts';
import ColourTabs from '../ColourTabs.vue';
import BandTable from './BandTable.vue';
import MarkingColours from './MarkingColours.vue';
import MarkingFields from './MarkingFields.vue';
import MarkingHandles from './MarkingHandles.vue';
import MarkingList from './MarkingList.vue';
import { withMarkingPlace } from './markingChanges.ts';
import { useMarkingSheets, type MarkingShow, type MarkingView } from './useMarkingSheets.ts';

/** What is marked on the animal: drawn and dragged on it or typed, numbered to paint by, and laid flat. */
const { plan, work, change } = usePiecePlan();
const { target } = useSelection();
const pickOnSheet = usePickOnSheet();
const { view, show, rows, isOnAnimal, views } = useMarkingSheets();
const SHOWS = (Object.keys(say.shows) as MarkingShow[]).map((value) => ({
  ...{ label: say.shows[value], value },
}));
const TOOLS = [
  { label: say.moves, value: 'move' },
  { label: say.draws, value: 'draw' },
];
const tool = ref('move');
const chosen = ref<string | null>(plan.value.markings.markings[0]?.id ?? null);
const marking = computed(() => plan.value.markings.markings.find(({ id }) => id === chosen.value));
const dragging = ref(false);
const waits = computed(
  () => plan.value.jobs.markings !== null && work.markings.answer.value?.fine !== true,
);
const sizes = computed(
  () =>
    plan.value.markings.measures.find(({ markingId }) => markingId === chosen.value)?.sizes ?? [],
);
watch(target, (now) => {
  if (now?.kind !== 'zone') return;
  const its = plan.value.markings.entries?.find(({ zoneId }) => zoneId === now.id);
  if (its !== undefined) chosen.value = its.marking.id;
});
const hasHandles = computed(
  () => isOnAnimal.value && view.value !== 'head' && show.value === 'painted',
);
</script>

<template>
  <SheetFrame :label="say.markingsOnAnimal">
    <ColourTabs />
    <div class="tools">
      <ChoiceRow
        :label="say.whatIsShown"
        :value="show"
        :options="SHOWS"
        @set="show = $event as MarkingShow"
      />
      <ChoiceRow
        v-if="isOnAnimal"
        :label="say.seenFrom"
        :value="view"
        :options="views"
        @set="view = $event as MarkingView"
      />
      <ChoiceRow
        v-if="hasHandles && marking && marking.places.length > 0"
        :label="say.whatDragDoes"
        :value="tool"
        :options="TOOLS"
        @set="tool = $event"
      />
    </div>
    <JobProgress v-if="waits" :job="work.markings" :sentence="say.workedOut" />
    <HintText v-if="rows.length === 0">{{ say.nothingFlat }}</HintText>
    <SheetBoard
      v-else
      :rows="rows as readonly (readonly Drawing[])[]"
      :target="target"
      :label="say.animalWithMarkings"
      :handles="hasHandles"
      :hold="dragging"
      @pick="pickOnSheet"
    >
      <template #default="{ placed, mmPerPx, pointIn }">
        <MarkingHandles
          v-if="hasHandles"
          :view="view as ReliefView"
          :box="placed.drawing.box"
          :mm-per-px="mmPerPx"
          :point-in="pointIn"
          :draws="tool === 'draw'"
          :marking="marking"
          @dragging="dragging = $event"
          @drawn="tool = 'move'"
        />
      </template>
    </SheetBoard>
  </SheetFrame>
  <LedgerPanel stage="colour">
    <LedgerSection :title="say.itsMarkings">
      <MarkingList :chosen="chosen" @choose="chosen = $event" />
    </LedgerSection>
    <LedgerSection v-if="marking" :title="marking.name">
      <MarkingColours :marking="marking" />
      <MarkingFields :marking="marking" />
      <BandTable v-if="marking.kind === 'rings'" :marking="marking" />
      <WorkingRow v-for="size in sizes" :key="size.id" :working="size" />
    </LedgerSection>
    <LedgerSection v-if="marking && marking.places.length > 0" :title="say.places" folded>
      <HintText v-if="marking.kind !== 'line' && marking.kind !== 'patch'">{{
        say.cornersHint
      }}</HintText>
      <PlaceFields
        :places="marking.places"
        path="colour.markings.*.places.*"
        @set="
          (n, part) => change(say.movePlace, (p) => withMarkingPlace(p, plan, marking!.id, n, part))
        "
      />
    </LedgerSection>
  </LedgerPanel>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 16px;
  margin-bottom: 4px;
}
</style>
