<script setup lang="ts">
import * as tell from './roomWords.ts';
import { measuredDrawing, type Drawing } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import EmptyState from '../../kit/EmptyState.vue';
import LedgerPanel from '../../ledger/LedgerPanel.vue';
import LedgerSection from '../../ledger/LedgerSection.vue';
import SheetBoard from '../../sheet/SheetBoard.vue';
import SheetFrame from '../../sheet/SheetFrame.vue';
import { usePickOnSheet } from '../usePickOnSheet.ts';
import DisagreementTable from './DisagreementTable.vue';
import FoundShares from './FoundShares.vue';
import MeasureTabs from './MeasureTabs.vue';
import OfferTable from './OfferTable.vue';
import SidesTable from './SidesTable.vue';
import TracedTable from './TracedTable.vue';
import UnknownList from './UnknownList.vue';

/** What pictures and readings say of the animal, and what of it is taken over. */
const { piece, plan } = usePiecePlan();
const { target } = useSelection();
const pickOnSheet = usePickOnSheet();
const references = computed(() => plan.value.references);
const drawn = (view: 'side' | 'front' | 'top'): Drawing | null =>
  measuredDrawing(
    references.value,
    plan.value.measure.skeleton,
    view,
    plan.value.measure.lifePerModel,
  );
const rows = computed(() =>
  [[drawn('side'), drawn('front')], [drawn('top')]]
    .map((row) => row.filter((entry) => entry !== null))
    .filter((row) => row.length > 0),
);
const nothing = computed(
  () => references.value.traced.length === 0 && references.value.offers.length === 0,
);
</script>

<template>
  <SheetFrame :label="tell.whatPicturesSay">
    <MeasureTabs />
    <SheetBoard
      v-if="rows.length > 0"
      :rows="rows"
      :target="target"
      :label="tell.animalAsPicturesHave"
      @pick="pickOnSheet"
    />
    <EmptyState v-else :reason="tell.nothingIsMeasuredYet">
      <RouterLink :to="`/piece/${piece.id}/measure/pictures`">{{ tell.goToPictures }}</RouterLink>
    </EmptyState>
  </SheetFrame>
  <LedgerPanel stage="measure">
    <LedgerSection :title="tell.whatIsStillUnknown">
      <UnknownList :unknown="references.unknown" />
    </LedgerSection>
    <template v-if="!nothing">
      <LedgerSection :title="tell.whereViewsDisagree">
        <DisagreementTable :references="references" />
      </LedgerSection>
      <LedgerSection :title="tell.takeLengthsOver">
        <OfferTable :offers="references.offers" />
      </LedgerSection>
      <LedgerSection :title="tell.boneByBoneOn" folded>
        <TracedTable :traced="references.traced" />
      </LedgerSection>
      <LedgerSection :title="tell.leftAgainstRight" folded>
        <SidesTable :sides="references.sides" />
      </LedgerSection>
      <LedgerSection :title="tell.againstOtherAnimals" folded>
        <FoundShares />
      </LedgerSection>
    </template>
  </LedgerPanel>
</template>
