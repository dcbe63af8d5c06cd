<script setup lang="ts">
import * as say from './words.ts';
import { colourCard, elevation } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import CautionSign from '../../kit/CautionSign.vue';
import LedgerPanel from '../../ledger/LedgerPanel.vue';
import LedgerSection from '../../ledger/LedgerSection.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import SheetBoard from '../../sheet/SheetBoard.vue';
import SheetFrame from '../../sheet/SheetFrame.vue';
import BodyPending from '../BodyPending.vue';
import { usePickOnSheet } from '../usePickOnSheet.ts';
import LayerChoices from './LayerChoices.vue';
import ZoneColours from './ZoneColours.vue';

const { plan } = usePiecePlan();
const { target } = useSelection();
const pickOnSheet = usePickOnSheet();
const colour = computed(() => plan.value.colour);
const rows = computed(() => [
  [elevation(plan.value, 'side', { show: 'zones', dimensions: false })],
  ...(colour.value ? [[colourCard(colour.value)]] : []),
]);
</script>

<template>
  <SheetFrame :label="say.coloursByZoneAnd">
    <SheetBoard
      :rows="rows"
      :target="target"
      :label="say.sideElevationInBase"
      @pick="pickOnSheet"
    />
  </SheetFrame>
  <LedgerPanel stage="colour">
    <BodyPending v-if="!colour" />
    <template v-else>
      <LedgerSection :title="say.zonesAndTheirColours">
        <ZoneColours :colour="colour" />
      </LedgerSection>
      <LedgerSection :title="say.overEverything">
        <WorkingRow :working="colour.primer" />
        <WorkingRow
          v-for="varnish in colour.varnishes"
          :key="varnish.sheen"
          :working="varnish.ml"
        />
        <CautionSign :ids="['spraying', 'sanding', 'solvent', 'label']" />
      </LedgerSection>
      <LedgerSection :title="say.howItIsLayered" folded>
        <LayerChoices />
      </LedgerSection>
    </template>
  </LedgerPanel>
</template>
