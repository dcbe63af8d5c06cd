<script setup lang="ts">
import type { MassPlan } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import CautionNote from '../../ledger/CautionNote.vue';
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
  <LedgerSection title="Clay to have ready">
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
  <LedgerSection title="Built up by region">
    <ShellTable />
    <WorkingRow v-if="mass.shape?.thickest" :working="mass.shape.thickest" :alarm="tooThick" />
    <CautionNote :ids="['foil', 'sharp']" />
  </LedgerSection>
  <LedgerSection title="Sheets to roll">
    <template v-for="sheet in mass.sheets" :key="sheet.shellMm">
      <WorkingRow :working="sheet.area" />
      <WorkingRow :working="sheet.count" />
      <WorkingRow :working="sheet.gap" />
      <WorkingRow :working="sheet.papers" />
    </template>
    <p v-if="mass.sheets.length === 0" class="none">No shell: every region is solid clay.</p>
  </LedgerSection>
  <LedgerSection title="Foil core">
    <WorkingRow v-for="entry in mass.foil.workings" :key="entry.id" :working="entry" />
  </LedgerSection>
  <LedgerSection title="Weight and size">
    <WeightLedger :mass="mass" />
    <WorkingRow :working="mass.modelGrams" />
    <WorkingRow :working="mass.volume" />
    <WorkingRow v-if="mass.shape" :working="mass.shape.volume" />
    <WorkingRow :working="mass.area" />
  </LedgerSection>
  <LedgerSection title="Your clay" folded>
    <ClayLabel part="packet" />
    <ShellClay />
  </LedgerSection>
  <LedgerSection v-if="mass.shellFigures" title="Clay of the shells" folded>
    <ClayLabel part="packet" of="shellClay" />
  </LedgerSection>
  <LedgerSection title="Shell, foil, sheets and paper" folded>
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
