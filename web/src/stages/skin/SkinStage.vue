<script setup lang="ts">
import * as say from './words.ts';
import { elevation, strokeCard } from '@keen-sinew/core';
import { useWindowSize } from '@vueuse/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import CautionSign from '../../kit/CautionSign.vue';
import LedgerPanel from '../../ledger/LedgerPanel.vue';
import LedgerSection from '../../ledger/LedgerSection.vue';
import SheetBoard from '../../sheet/SheetBoard.vue';
import SheetFrame from '../../sheet/SheetFrame.vue';
import { usePickOnSheet } from '../usePickOnSheet.ts';
import ToolList from './ToolList.vue';
import ZoneTable from './ZoneTable.vue';

const { plan } = usePiecePlan();
const { target } = useSelection();
const pickOnSheet = usePickOnSheet();
const { width } = useWindowSize();
/** Letters do not shrink with the drawing: a small window has fewer samples beside each other. */
const isSmall = computed(() => width.value < 1240);
const rows = computed(() => [
  [elevation(plan.value, 'side', { show: 'coat', dimensions: false })],
  ...(plan.value.skin.zones.some((zone) => zone.width !== null)
    ? [[isSmall.value ? strokeCard(plan.value.skin, 2, 19) : strokeCard(plan.value.skin, 3, 9)]]
    : []),
]);
const usesFibre = computed(() =>
  plan.value.skin.zones.some(({ undersize }) => undersize.value > 0),
);
</script>

<template>
  <SheetFrame :label="say.coatAtModelsScale">
    <SheetBoard
      :rows="rows"
      :target="target"
      :label="say.sideElevationWithLie"
      @pick="pickOnSheet"
    />
  </SheetFrame>
  <LedgerPanel stage="skin">
    <LedgerSection :title="say.zonesOfCoat">
      <ZoneTable />
      <CautionSign :ids="usesFibre ? ['sharp', 'solvent', 'label'] : ['sharp']" />
    </LedgerSection>
    <LedgerSection :title="say.toolsYouHave">
      <ToolList />
    </LedgerSection>
  </LedgerPanel>
</template>
