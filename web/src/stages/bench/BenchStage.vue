<script setup lang="ts">
import * as say from './words.ts';
import { durationSentence, sentenceText } from '@keen-sinew/core';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ActionButton from '../../kit/ActionButton.vue';
import CautionSign from '../../kit/CautionSign.vue';
import LedgerPanel from '../../ledger/LedgerPanel.vue';
import LedgerSection from '../../ledger/LedgerSection.vue';
import WorkingDetail from '../../ledger/WorkingDetail.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import SheetFrame from '../../sheet/SheetFrame.vue';
import BodyPending from '../BodyPending.vue';
import BenchTabs from './BenchTabs.vue';
import OwnSteps from './OwnSteps.vue';
import StepList from './StepList.vue';

const { piece, plan } = usePiecePlan();
const { open } = useSelection();
const { system } = useUnits();
const router = useRouter();
const bench = computed(() => plan.value.bench);
/** The working that is open, wherever in a sentence it was touched. */
const opened = computed(() => plan.value.workings.find((working) => working.id === open.value));
const openedIn = computed(
  () =>
    bench.value?.steps.find((step) =>
      [...step.sentence, ...durationSentence(step)].some(
        (part) => typeof part !== 'string' && part.id === open.value,
      ),
    )?.id,
);
const toWork = (): void => {
  if (bench.value?.next)
    void router.push(`/piece/${piece.value.id}/working/${bench.value.next.id}`);
};
</script>

<template>
  <SheetFrame :label="say.workInOrder">
    <BenchTabs />
    <BodyPending v-if="!bench" />
    <StepList v-else :steps="bench.steps">
      <template #default="{ step }">
        <WorkingDetail v-if="opened && openedIn === step.id" :working="opened" />
      </template>
    </StepList>
  </SheetFrame>
  <LedgerPanel stage="bench">
    <BodyPending v-if="!bench" />
    <template v-else>
      <LedgerSection :title="say.next">
        <template v-if="bench.next">
          <p class="next-title">{{ bench.next.number }}. {{ bench.next.title }}</p>
          <ActionButton kind="wide" @click="toWork">{{ say.workAtBench }}</ActionButton>
          <CautionSign :ids="bench.next.cautions" />
        </template>
        <p v-else class="next-title">{{ say.everythingIsTickedOff }}</p>
        <WorkingRow :working="bench.progress" />
        <WorkingRow :working="bench.minutes" />
        <WorkingRow :working="bench.timed" />
        <WorkingRow :working="bench.sittings" />
      </LedgerSection>
      <LedgerSection :title="say.orderOfSteps"><OwnSteps :bench="bench" /></LedgerSection>
      <LedgerSection :title="say.toBuy">
        <p class="note">
          {{ say.everythingPieceTakesLess }}
          <RouterLink to="/workshop">{{ say.workshop }}</RouterLink>.
        </p>
        <template v-for="line in bench.shopping" :key="line.id">
          <WorkingRow :working="line.quantity" :label="sentenceText(line.what, system)" />
          <WorkingRow v-for="working in line.beside" :key="working.id" :working="working" />
        </template>
      </LedgerSection>
    </template>
  </LedgerPanel>
</template>

<style scoped>
.next-title {
  margin: 4px;
  font-weight: 700;
}
.note {
  margin: 4px;
  font-size: 13.5px;
  color: var(--soft);
}
</style>
