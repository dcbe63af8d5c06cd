<script setup lang="ts">
import * as say from './words.ts';
import type { MassPlan } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import CautionSign from '../../kit/CautionSign.vue';
import LedgerSection from '../../ledger/LedgerSection.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import ClayLabel from './ClayLabel.vue';
import FoilChoices from './FoilChoices.vue';
import ShellClay from './ShellClay.vue';
import ShellTable from './ShellTable.vue';
import WeightLedger from './WeightLedger.vue';

/** Clay, core and sheets: what to have ready, and how each region is built up. */
defineProps<{ mass: MassPlan }>();
const { plan } = usePiecePlan();
const tooThick = computed(() => plan.value.snags.some(({ code }) => code === 'clay-too-thick'));
</script>

<template>
  <LedgerSection :title="say.clayToHaveReady">
    <WorkingRow :working="mass.clayGrams" />
    <WorkingRow v-for="stage in mass.stages" :key="stage.id" :working="stage" />
    <WorkingRow :working="mass.clayVolume" />
    <template v-for="batch in mass.batches" :key="batch.laidFor">
      <template v-if="mass.batches.length > 1">
        <WorkingRow :working="batch.grams" />
        <WorkingRow :working="batch.volume" />
      </template>
      <WorkingRow :working="batch.packets" />
      <WorkingRow :working="batch.figures.density" />
      <WorkingRow :working="batch.figures.packet" />
    </template>
  </LedgerSection>
  <LedgerSection :title="say.builtUpByRegion">
    <ShellTable />
    <WorkingRow v-if="mass.shape?.thickest" :working="mass.shape.thickest" :alarm="tooThick" />
    <CautionSign :ids="['foil', 'sharp']" />
  </LedgerSection>
  <LedgerSection :title="say.sheetsToRoll">
    <template v-for="sheet in mass.sheets" :key="sheet.shellMm">
      <WorkingRow :working="sheet.area" />
      <WorkingRow :working="sheet.count" />
      <WorkingRow :working="sheet.gap" />
      <WorkingRow :working="sheet.papers" />
    </template>
    <p v-if="mass.sheets.length === 0" class="none">{{ say.noShellEveryRegion }}</p>
  </LedgerSection>
  <LedgerSection :title="say.foilCore">
    <WorkingRow v-for="entry in mass.foil.workings" :key="entry.id" :working="entry" />
  </LedgerSection>
  <LedgerSection :title="say.weightAndSize">
    <WeightLedger :mass="mass" />
    <WorkingRow :working="mass.modelGrams" />
    <WorkingRow :working="mass.volume" />
    <WorkingRow v-if="mass.shape" :working="mass.shape.volume" />
    <WorkingRow :working="mass.area" />
  </LedgerSection>
  <LedgerSection :title="say.yourClay" folded>
    <ClayLabel part="packet" />
    <ShellClay />
  </LedgerSection>
  <LedgerSection v-if="mass.shellFigures" :title="say.clayOfShells" folded>
    <ClayLabel part="packet" of="shellClay" />
  </LedgerSection>
  <LedgerSection :title="say.shellFoilSheetsAnd" folded>
    <FoilChoices />
  </LedgerSection>
</template>

<style scoped>
.none {
  margin: 0;
  font-size: 14px;
  color: var(--soft);
}
</style>
