<script setup lang="ts">
import * as say from './words.ts';
import {
  bladeSheets,
  featherMaps,
  featherOutline,
  featherSheets,
  fillWorking,
  nestJob,
} from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useSelection } from '../../../composables/useSelection.ts';
import { useJob } from '../../../jobs/useJob.ts';
import ChoiceField from '../../../kit/ChoiceField.vue';
import ChoiceRow from '../../../kit/ChoiceRow.vue';
import HintText from '../../../kit/HintText.vue';
import JobProgress from '../../../kit/JobProgress.vue';
import LedgerPanel from '../../../ledger/LedgerPanel.vue';
import LedgerSection from '../../../ledger/LedgerSection.vue';
import WorkingRow from '../../../ledger/WorkingRow.vue';
import SheetBoard from '../../../sheet/SheetBoard.vue';
import SheetFrame from '../../../sheet/SheetFrame.vue';
import { usePickOnSheet } from '../../usePickOnSheet.ts';
import SkinTabs from '../SkinTabs.vue';
import BarbField from './BarbField.vue';
import BladePart from './BladePart.vue';
import FeatherRowPart from './FeatherRowPart.vue';
import SheetList from './SheetList.vue';
import VaneFields from './VaneFields.vue';
import VaneGrips from './VaneGrips.vue';

/** Flight and tail feathers, numbered on the spread wing, those that are cut on their sheets, and thin wings, fins and membranes. */
const { piece, plan } = usePiecePlan();
const { target } = useSelection();
const pickOnSheet = usePickOnSheet();
const feathers = computed(() => plan.value.skin.feathers);
/** One of the maps by its place, or what is cut. */
const shown = ref('0');
const maps = computed(() => [...featherMaps(plan.value), ...bladeSheets(plan.value)]);
const nameOf = (id: string): string =>
  id === 'feathers-wing'
    ? say.wingSpread
    : id === 'feathers-tail'
      ? say.tailSpread
      : (plan.value.skin.blades.find(({ pattern: { blade } }) => `blade-${blade.id}` === id)
          ?.pattern.blade.name ?? id);
const SHOWN = computed(() => [
  ...maps.value.map(({ id }, i) => ({
    label: nameOf(id),
    value: String(i),
  })),
  ...(feathers.value === null
    ? []
    : [
        { label: say.oneFeather, value: 'one' },
        { label: say.cutSheets, value: 'cut' },
      ]),
]);
const nest = useJob(
  computed(() => feathers.value && nestJob(feathers.value, piece.value.skin.feathers)),
  say.nestOfFeathers,
);
const isCut = computed(() => feathers.value?.rows.some(({ way }) => way === 'cut') ?? false);
const nesting = computed(() => (isCut.value ? (nest.answer.value?.value ?? null) : null));
/** The feather that is shaped, by its number; and whether it alone or its row is. */
const chosen = ref('');
const FEATHERS = computed(() =>
  (feathers.value?.rows ?? []).flatMap((row) => row.feathers.map((feather) => ({ row, feather }))),
);
const one = computed(
  () => FEATHERS.value.find(({ feather }) => feather.id === chosen.value) ?? FEATHERS.value[0],
);
const ofRow = ref(false);
const shapedOf = computed(
  () => (ofRow.value ? one.value?.row.row.id : one.value?.feather.id) ?? '',
);
const dragging = ref(false);
const rows = computed(() => {
  if (shown.value === 'one' && one.value !== undefined)
    return [[featherOutline(one.value.row, one.value.feather)]];
  const map = maps.value[Number(shown.value)];
  if (map !== undefined) return [[map]];
  return nesting.value === null || feathers.value === null
    ? []
    : featherSheets(feathers.value, nesting.value).map((drawing) => [drawing]);
});
const fill = computed(() => nesting.value && fillWorking(nesting.value));
const used = computed(() => {
  if (nesting.value === null) return null;
  const { sheets } = nesting.value;
  const bought = sheets.filter(({ isBought }) => isBought).length;
  return say.sheetsUsed(sheets.length, bought);
});
</script>

<template>
  <SheetFrame :label="say.feathersFlat">
    <SkinTabs />
    <HintText v-if="maps.length === 0">{{ say.noFeathers }}</HintText>
    <template v-else>
      <ChoiceRow :label="say.whatIsShown" :value="shown" :options="SHOWN" @set="shown = $event" />
      <HintText v-if="shown === 'cut' && !isCut">{{ say.nothingCut }}</HintText>
      <JobProgress v-else-if="shown === 'cut' && !nesting" :job="nest" :sentence="say.nestIsMade" />
      <SheetBoard
        v-else
        :rows="rows"
        :target="target"
        :label="say.feathersTrue"
        :hold="dragging"
        :handles="shown === 'one'"
        @pick="pickOnSheet"
        ><template v-if="shown === 'one' && one" #default="{ mmPerPx, pointIn }">
          <VaneGrips
            :feather="one.feather"
            :of="shapedOf"
            :mm-per-px="mmPerPx"
            :point-in="pointIn"
            @dragging="dragging = $event" /></template
      ></SheetBoard>
    </template>
  </SheetFrame>
  <LedgerPanel stage="skin">
    <template v-if="feathers">
      <LedgerSection v-if="shown === 'one' && one" :title="say.itsOutline">
        <ChoiceField
          :label="say.whichFeather"
          :value="one.feather.id"
          :options="FEATHERS.map(({ feather: { id } }) => ({ label: id, value: id }))"
          @set="chosen = $event"
        />
        <VaneFields
          :feather="one.feather"
          :row="one.row.row"
          :of="shapedOf"
          @of="ofRow = $event === one.row.row.id"
        />
      </LedgerSection>
      <LedgerSection v-for="row in feathers.rows" :key="row.row.id" :title="row.row.name">
        <FeatherRowPart :row="row" :shafts="feathers.shafts" />
      </LedgerSection>
      <LedgerSection :title="say.forAll">
        <BarbField />
        <WorkingRow v-if="feathers.step" :working="feathers.step" />
        <WorkingRow v-if="feathers.shaftWire" :working="feathers.shaftWire" />
        <WorkingRow v-if="feathers.sheet" :working="feathers.sheet" />
        <WorkingRow v-if="fill" :working="fill" />
        <WorkingRow v-if="feathers.glue" :working="feathers.glue" />
        <WorkingRow v-if="feathers.bevel" :working="feathers.bevel" />
        <HintText v-if="used">{{ used }}</HintText>
        <HintText>{{ say.howToLay }}</HintText>
      </LedgerSection>
      <LedgerSection :title="say.sheetsAtHand"><SheetList /></LedgerSection>
    </template>
    <LedgerSection
      v-for="blade in plan.skin.blades"
      :key="blade.pattern.blade.id"
      :title="blade.pattern.blade.name"
    >
      <BladePart :blade="blade" />
    </LedgerSection>
    <LedgerSection v-if="maps.length === 0" :title="say.feathersFlat">
      <HintText>{{ say.noFeathers }}</HintText>
    </LedgerSection>
  </LedgerPanel>
</template>
