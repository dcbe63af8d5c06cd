<script setup lang="ts">
import * as say from './words.ts';
import {
  bladeDrawings,
  eyeSheet,
  fittingNumbers,
  fittingSheets,
  formDrawing,
  headDrawings,
  isTarget,
  type Drawing,
  type ReliefView,
  type SheetTarget,
} from '@keen-sinew/core';
import { computed, ref, watch } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useSelection } from '../../../composables/useSelection.ts';
import ChoiceRow from '../../../kit/ChoiceRow.vue';
import HintText from '../../../kit/HintText.vue';
import LedgerPanel from '../../../ledger/LedgerPanel.vue';
import LedgerSection from '../../../ledger/LedgerSection.vue';
import WorkingRow from '../../../ledger/WorkingRow.vue';
import SheetBoard from '../../../sheet/SheetBoard.vue';
import SheetFrame from '../../../sheet/SheetFrame.vue';
import CureTabs from '../CureTabs.vue';
import BodyParts from './BodyParts.vue';
import EyeFields from './EyeFields.vue';
import FeatureFields from './FeatureFields.vue';
import FitTable from './FitTable.vue';
import FittingHandles from './FittingHandles.vue';
import FittingList from './FittingList.vue';
import FittingMaking from './FittingMaking.vue';
import ThingFields from './ThingFields.vue';

/** Everything that is made apart: on the animal to be placed, its templates, its numbers, how it is tried and joined. */
const { plan } = usePiecePlan();
const { target, pick } = useSelection();
const fittings = computed(() => plan.value.fittings.fittings);
const chosenId = ref('');
const chosen = computed(
  () => fittings.value.find(({ id }) => id === chosenId.value) ?? fittings.value[0],
);
/** The wire inside what is chosen, as it is cut. */
const shaft = computed(
  () => plan.value.wire.shafts.find(({ key }) => key === `part-${chosen.value?.id}`)?.cut ?? null,
);
const choose = (id: string): void => {
  chosenId.value = id;
  pick({ kind: 'fitting', id });
};
watch(target, (now) => {
  const found = fittings.value.find(({ id }) => isTarget(now, 'fitting', id));
  if (found) chosenId.value = found.id;
});
const pickOnSheet = (of: SheetTarget): void => {
  if (of.kind === 'fitting') choose(of.id);
};

const ROOMS = computed(() => {
  const { animal } = plan.value.measure.skeleton;
  return [
    { value: 'animal', label: say.onTheAnimal },
    { value: 'templates', label: say.templates },
    ...(plan.value.fittings.eyes === null ? [] : [{ value: 'eyes', label: say.eyesWord }]),
    ...(animal.blades?.length ? [{ value: 'blades', label: say.wingSheets }] : []),
  ];
});
const HINTS: Readonly<Record<string, string>> = {
  animal: say.dragHint,
  templates: say.templatesHint,
  eyes: say.eyesHint,
  blades: say.bladesHint,
};
const room = ref('animal');
type Seen = ReliefView | 'head';
const seen = ref<Seen>('side');
const VIEWS = (Object.keys(say.views) as Seen[]).map((value) => ({
  value,
  label: say.views[value],
}));
const dragging = ref(false);
/** What is worked out anew stays as it was until then. */
let last: readonly (readonly Drawing[])[] = [];
const animalRows = (): readonly (readonly Drawing[])[] => {
  if (seen.value !== 'head') {
    const drawing = formDrawing(plan.value, seen.value);
    return drawing === undefined ? [] : [[drawing]];
  }
  const [side, front, threeQuarter, top] = headDrawings(plan.value);
  return [
    [side, front],
    [threeQuarter, top],
  ]
    .map((row) => row.filter((drawing) => drawing !== undefined))
    .filter((row) => row.length > 0);
};
const rows = computed(() => {
  if (room.value === 'templates') {
    // The page of all of them is for paper; here it is the one that is looked at.
    const one = chosen.value === undefined ? [] : [chosen.value];
    return fittingSheets({ ...plan.value.fittings, fittings: one }).map((drawing) => [drawing]);
  }
  if (room.value === 'blades') return bladeDrawings(plan.value).map((drawing) => [drawing]);
  if (room.value === 'eyes') {
    const sheet = eyeSheet(plan.value);
    return sheet === undefined ? [] : [[sheet]];
  }
  const now = animalRows();
  if (now.length > 0) last = now;
  return last;
});
</script>

<template>
  <SheetFrame :label="say.partsMadeApart">
    <CureTabs />
    <SheetBoard
      v-if="rows.length > 0"
      :rows="rows"
      :target="target"
      :hold="dragging"
      :handles="room === 'animal'"
      :label="say.partsMadeApart"
      @pick="pickOnSheet"
    >
      <template #default="{ placed, mmPerPx, pointIn }">
        <FittingHandles
          v-if="room === 'animal'"
          :drawing="placed.drawing"
          :mm-per-px="mmPerPx"
          :chosen="chosen?.id ?? ''"
          :point-in="pointIn"
          @dragging="dragging = $event"
          @choose="choose"
        />
      </template>
    </SheetBoard>
    <HintText v-else>{{ room === 'templates' ? say.noTemplate : say.workedOut }}</HintText>
    <div class="by">
      <ChoiceRow :label="say.whatSheetShows" :value="room" :options="ROOMS" @set="room = $event" />
      <ChoiceRow
        v-if="room === 'animal'"
        :label="say.seenFrom"
        :value="seen"
        :options="VIEWS"
        @set="seen = $event as Seen"
      />
      <HintText>{{ HINTS[room] }}</HintText>
    </div>
  </SheetFrame>
  <LedgerPanel stage="cure">
    <LedgerSection :title="say.allOfThem">
      <FittingList :chosen="chosen?.id ?? ''" @choose="choose" />
    </LedgerSection>
    <LedgerSection v-if="chosen" :key="chosen.id" :title="chosen.name">
      <HintText>{{ chosen.why }}</HintText>
      <WorkingRow v-for="working in fittingNumbers(chosen)" :key="working.id" :working="working" />
      <WorkingRow v-if="shaft" :working="shaft" />
      <FittingMaking :fitting="chosen" />
      <ThingFields v-if="chosen.isOwn" :fitting="chosen" @gone="chosenId = ''" />
      <EyeFields v-else-if="chosen.id === 'eyes'" :fitting="chosen" />
      <FeatureFields v-else :fitting="chosen" />
    </LedgerSection>
    <LedgerSection :title="say.bodyPartsTitle"><BodyParts /></LedgerSection>
    <LedgerSection :title="say.fitsTitle"><FitTable /></LedgerSection>
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
</style>
