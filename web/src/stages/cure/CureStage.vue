<script setup lang="ts">
import * as say from './words.ts';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import HintText from '../../kit/HintText.vue';
import JobProgress from '../../kit/JobProgress.vue';
import CautionSign from '../../kit/CautionSign.vue';
import LedgerPanel from '../../ledger/LedgerPanel.vue';
import LedgerSection from '../../ledger/LedgerSection.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import SheetFrame from '../../sheet/SheetFrame.vue';
import ClayLabel from '../mass/ClayLabel.vue';
import CureTabs from './CureTabs.vue';
import BakeList from './BakeList.vue';
import HeatChart from './HeatChart.vue';
import OvenChoices from './OvenChoices.vue';
import TimeTable from './TimeTable.vue';

const { plan, work } = usePiecePlan();
const cure = computed(() => plan.value.cure);
const tooHot = computed(() => plan.value.snags.some((snag) => snag.code === 'clay-over-limit'));
/** What the clay of the shells asks for, where it is another one. */
const ofShells = computed(() =>
  [cure.value.shellFigures?.temperature, cure.value.shellFigures?.limit].filter(
    (entry) => entry !== null && entry !== undefined,
  ),
);
const setting = computed(() => cure.value.figures.clay.setting);
</script>

<template>
  <SheetFrame :label="say.howClayWarmsAnd">
    <CureTabs />
    <template v-if="cure.request">
      <h2 class="title">{{ say.howClayWarmsIn }}</h2>
      <HeatChart v-if="cure.run" :cure="cure" />
      <JobProgress v-else class="wait" :job="work.heat" :sentence="say.heatFlowIsBeing" />
    </template>
    <HintText v-else>
      {{
        say.setsWithoutOvenNever(
          cure.figures.clay.name,
          setting === 'air' ? say.asItDries : say.byItself,
        )
      }}
    </HintText>
    <TimeTable />
  </SheetFrame>
  <LedgerPanel stage="cure">
    <LedgerSection v-if="cure.dial && cure.oven" :title="say.oven">
      <WorkingRow v-if="cure.figures.temperature" :working="cure.figures.temperature" />
      <WorkingRow :working="cure.figures.limit" />
      <WorkingRow v-for="ofShell in ofShells" :key="ofShell.id" :working="ofShell" />
      <WorkingRow :working="cure.dial" />
      <WorkingRow :working="cure.oven" :alarm="tooHot" />
      <CautionSign :ids="['oven', 'hot-parts', 'qualified']" />
    </LedgerSection>
    <LedgerSection v-else :title="say.setting">
      <WorkingRow :working="cure.figures.limit" />
      <WorkingRow :working="cure.figures.time" />
      <WorkingRow v-for="ofShell in ofShells" :key="ofShell.id" :working="ofShell" />
      <CautionSign v-if="setting === 'chemical'" :ids="['epoxy']" />
    </LedgerSection>
    <LedgerSection :title="say.bakesAndParts">
      <BakeList />
      <WorkingRow :working="cure.bakes" />
      <CautionSign :ids="['small-parts', 'solvent', 'heat-gun']" />
    </LedgerSection>
    <LedgerSection v-if="cure.dial" :title="say.whatPacketSaysOf">
      <WorkingRow :working="cure.figures.time" />
      <WorkingRow :working="cure.figures.perMm" />
      <template v-if="cure.shellFigures">
        <WorkingRow :working="cure.shellFigures.time" />
        <WorkingRow :working="cure.shellFigures.perMm" />
      </template>
    </LedgerSection>
    <LedgerSection :title="say.whatClaysOwnLabel" folded>
      <ClayLabel part="oven" />
      <CautionSign :ids="['label']" />
    </LedgerSection>
    <LedgerSection v-if="cure.shellFigures" :title="say.whatLabelOfShells" folded>
      <ClayLabel part="oven" of="shellClay" />
    </LedgerSection>
    <LedgerSection v-if="cure.dial" :title="say.yourOven" folded>
      <OvenChoices />
    </LedgerSection>
  </LedgerPanel>
</template>

<style scoped>
.title {
  font-size: 16px;
  font-style: italic;
  font-weight: 400;
}
</style>
