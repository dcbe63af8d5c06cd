<script setup lang="ts">
import * as say from './words.ts';
import { elevation } from '@keen-sinew/core';
import { computed, defineAsyncComponent } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import LedgerPanel from '../../ledger/LedgerPanel.vue';
import LedgerSection from '../../ledger/LedgerSection.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import SheetBoard from '../../sheet/SheetBoard.vue';
import SheetFrame from '../../sheet/SheetFrame.vue';
import { usePickOnSheet } from '../usePickOnSheet.ts';
import MeasureTabs from './MeasureTabs.vue';
import ScaleControl from './ScaleControl.vue';
import SmallThings from './SmallThings.vue';

/** Below the fold and folded away: fetched after what is seen first. */
const BoneTable = defineAsyncComponent(() => import('./BoneTable.vue'));
const ExtentControl = defineAsyncComponent(() => import('./ExtentControl.vue'));
const IndividualControl = defineAsyncComponent(() => import('./IndividualControl.vue'));

const { piece, plan } = usePiecePlan();
const { target } = useSelection();
const pickOnSheet = usePickOnSheet();
const options = { show: 'bones', dimensions: true } as const;
const rows = computed(() => [
  [elevation(plan.value, 'side', options), elevation(plan.value, 'front', options)],
  [elevation(plan.value, 'top', { ...options, dimensions: false })],
]);
const animal = computed(() => plan.value.measure.skeleton.animal);
</script>

<template>
  <SheetFrame :label="say.measuredSkeletonDrawnTo">
    <MeasureTabs />
    <SheetBoard
      :rows="rows"
      :target="target"
      :label="say.sideFrontAndPlan(animal.name)"
      @pick="pickOnSheet"
    />
    <p v-if="piece.measure.creature === null" class="advice">
      <b>{{ say.oftenGotWrong }}</b> {{ animal.commonMistake }}
    </p>
  </SheetFrame>
  <LedgerPanel stage="measure">
    <LedgerSection :title="say.scale">
      <ScaleControl />
      <WorkingRow :working="plan.measure.scale" />
      <SmallThings />
    </LedgerSection>
    <LedgerSection :title="say.howMuchOfIt" :folded="piece.measure.extent === 'whole'">
      <ExtentControl />
    </LedgerSection>
    <LedgerSection :title="say.whichIndividual" folded>
      <IndividualControl />
    </LedgerSection>
    <LedgerSection :title="piece.measure.extent === 'whole' ? say.wholeAnimal : say.whatIsShown">
      <WorkingRow v-for="entry in plan.measure.summary" :key="entry.id" :working="entry" />
    </LedgerSection>
    <LedgerSection :title="say.bonesLeftAndRight">
      <BoneTable :rows="plan.measure.rows" />
    </LedgerSection>
  </LedgerPanel>
</template>

<style scoped>
.advice {
  margin: 0;
  font-size: 14px;
  color: var(--soft);
  border-top: 1px dotted var(--line);
  padding-top: 8px;
}
</style>
