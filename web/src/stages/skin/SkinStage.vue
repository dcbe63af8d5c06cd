<script setup lang="ts">
import * as say from './words.ts';
import { strokeCard } from '@keen-sinew/core';
import { useWindowSize } from '@vueuse/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import CautionSign from '../../kit/CautionSign.vue';
import ChoiceRow from '../../kit/ChoiceRow.vue';
import LedgerPanel from '../../ledger/LedgerPanel.vue';
import LedgerSection from '../../ledger/LedgerSection.vue';
import SheetFrame from '../../sheet/SheetFrame.vue';
import CoatSheet from './CoatSheet.vue';
import CoatWork from './CoatWork.vue';
import FibreFields from './FibreFields.vue';
import FoldsAndPlates from './FoldsAndPlates.vue';
import SkinTabs from './SkinTabs.vue';
import StrokeFields from './StrokeFields.vue';
import ToolList from './ToolList.vue';
import { useCoatView } from './useCoatView.ts';
import ZoneTable from './ZoneTable.vue';

/** The coat by its zones: strokes true to size on the animal, or a sample of each zone's. */
const { plan } = usePiecePlan();
const { width } = useWindowSize();
/** Letters do not shrink with the drawing: a small window has fewer samples beside each other. */
const isSmall = computed(() => width.value < 1240);
const SHOWN = [
  { label: say.onAnimal, value: 'animal' },
  { label: say.samples, value: 'samples' },
];
const shown = ref('animal');
const { view, options, rows: views, isDrawn } = useCoatView(() => 'strokes');
const hasSamples = computed(() => plan.value.skin.zones.some((zone) => zone.width !== null));
const rows = computed(() =>
  shown.value === 'samples' && hasSamples.value
    ? [[isSmall.value ? strokeCard(plan.value.skin, 1, 12) : strokeCard(plan.value.skin, 2, 8)]]
    : views.value,
);
const planted = computed(() => plan.value.skin.zones.some(({ planting }) => planting !== null));
const usesFibre = computed(() =>
  plan.value.skin.zones.some(({ undersize }) => undersize.value > 0),
);
</script>

<template>
  <SheetFrame :label="say.coatAtModelsScale">
    <SkinTabs />
    <CoatSheet
      :view="view"
      :options="shown === 'animal' ? options : []"
      :rows="rows"
      :is-drawn="isDrawn || shown === 'samples'"
      :label="say.sideElevationWithLie"
      @see="view = $event"
    >
      <template #beside>
        <ChoiceRow
          v-if="hasSamples"
          :label="say.whatIsShown"
          :value="shown"
          :options="SHOWN"
          @set="shown = $event"
        />
      </template>
    </CoatSheet>
  </SheetFrame>
  <LedgerPanel stage="skin">
    <LedgerSection :title="say.zonesOfCoat">
      <ZoneTable />
      <CautionSign :ids="usesFibre ? ['sharp', 'solvent', 'label'] : ['sharp']" />
    </LedgerSection>
    <LedgerSection :title="say.hoursOfCoat"><CoatWork /></LedgerSection>
    <LedgerSection :title="say.foldsAndPlates" folded><FoldsAndPlates /></LedgerSection>
    <LedgerSection :title="say.howStrokesVary" folded><StrokeFields /></LedgerSection>
    <LedgerSection v-if="planted" :title="say.howItIsPlanted" folded>
      <FibreFields />
    </LedgerSection>
    <LedgerSection :title="say.toolsYouHave" folded><ToolList /></LedgerSection>
  </LedgerPanel>
</template>
