<script setup lang="ts">
import { elevation } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import CautionNote from '../../ledger/CautionNote.vue';
import LedgerPanel from '../../ledger/LedgerPanel.vue';
import LedgerSection from '../../ledger/LedgerSection.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import SheetBoard from '../../sheet/SheetBoard.vue';
import SheetFrame from '../../sheet/SheetFrame.vue';
import BodyPending from '../BodyPending.vue';
import { usePickOnSheet } from '../usePickOnSheet.ts';
import ClayLabel from './ClayLabel.vue';
import FoilChoices from './FoilChoices.vue';
import ShellTable from './ShellTable.vue';

const { plan } = usePiecePlan();
const { target } = useSelection();
const pickOnSheet = usePickOnSheet();
const options = { show: 'core', dimensions: false } as const;
const rows = computed(() => [
  [elevation(plan.value, 'side', options), elevation(plan.value, 'front', options)],
  [elevation(plan.value, 'top', options)],
]);
const mass = computed(() => plan.value.mass);
const lifeOff = computed(() => plan.value.snags.some((snag) => snag.code === 'body-weight-off'));
</script>

<template>
  <SheetFrame label="Core, shell and wire, drawn to scale">
    <SheetBoard
      :rows="rows"
      :target="target"
      label="Side, front and plan with the foil core in grey, the wires, and the thickness of the clay"
      @pick="pickOnSheet"
    />
    <p class="key">
      Grey is packed foil, what is round it is clay. Numbers are the thickness of the shell in mm;
      “solid” is clay straight on the wire.
    </p>
  </SheetFrame>
  <LedgerPanel stage="mass">
    <BodyPending v-if="!mass" />
    <template v-else>
      <LedgerSection title="Clay to have ready">
        <WorkingRow :working="mass.clayGrams" />
        <WorkingRow :working="mass.packets" />
        <WorkingRow :working="mass.clayVolume" />
        <WorkingRow :working="mass.figures.density" />
        <WorkingRow :working="mass.figures.packet" />
      </LedgerSection>
      <LedgerSection title="Built up by region">
        <ShellTable />
        <CautionNote :ids="['foil', 'sharp']" />
      </LedgerSection>
      <LedgerSection title="Sheets to roll">
        <template v-for="sheet in mass.sheets" :key="sheet.shellMm">
          <WorkingRow :working="sheet.area" />
          <WorkingRow :working="sheet.gap" />
          <WorkingRow :working="sheet.papers" />
        </template>
        <p v-if="mass.sheets.length === 0" class="none">No shell: every region is solid clay.</p>
      </LedgerSection>
      <LedgerSection title="Foil core">
        <WorkingRow v-for="one in mass.foil.workings" :key="one.id" :working="one" />
      </LedgerSection>
      <LedgerSection title="Weight and size">
        <WorkingRow :working="mass.lifeWeight" :alarm="lifeOff" />
        <WorkingRow :working="mass.modelGrams" />
        <WorkingRow :working="mass.volume" />
        <WorkingRow :working="mass.area" />
      </LedgerSection>
    </template>
    <LedgerSection title="Your clay" folded>
      <ClayLabel part="packet" />
    </LedgerSection>
    <LedgerSection title="Shell, foil and paper" folded>
      <FoilChoices />
    </LedgerSection>
  </LedgerPanel>
</template>

<style scoped>
.key,
.none {
  margin: 0;
  font-size: 14px;
  color: var(--soft);
}
.key {
  border-top: 1px dotted var(--line);
  padding-top: 8px;
}
</style>
