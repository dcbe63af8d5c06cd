<script setup lang="ts">
import { measuredDrawing, type Drawing } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
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
  <SheetFrame label="What the pictures say">
    <MeasureTabs />
    <SheetBoard
      v-if="rows.length > 0"
      :rows="rows"
      :target="target"
      label="The animal as the pictures have it, with their disagreements in millimetres of life"
      @pick="pickOnSheet"
    />
    <div v-else class="empty">
      <p>
        Nothing is measured yet. Give a picture its scale and two landmarks, or read a bone with a
        caliper, and what follows from it stands here.
      </p>
      <RouterLink :to="`/piece/${piece.id}/measure/pictures`">Go to the pictures</RouterLink>
    </div>
  </SheetFrame>
  <LedgerPanel stage="measure">
    <LedgerSection title="What is still unknown">
      <UnknownList :unknown="references.unknown" />
    </LedgerSection>
    <template v-if="!nothing">
      <LedgerSection title="Where the views disagree">
        <DisagreementTable :references="references" />
      </LedgerSection>
      <LedgerSection title="Take the lengths over">
        <OfferTable :offers="references.offers" />
      </LedgerSection>
      <LedgerSection title="Bone by bone, on the pictures" folded>
        <TracedTable :traced="references.traced" />
      </LedgerSection>
      <LedgerSection title="Left against right" folded>
        <SidesTable :sides="references.sides" />
      </LedgerSection>
      <LedgerSection title="Against other animals" folded>
        <FoundShares />
      </LedgerSection>
    </template>
  </LedgerPanel>
</template>

<style scoped>
.empty {
  flex: 1;
  display: grid;
  place-content: center;
  text-align: center;
  color: var(--soft);
  max-width: 460px;
  margin: 0 auto;
}
</style>
