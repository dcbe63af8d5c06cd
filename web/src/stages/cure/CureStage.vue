<script setup lang="ts">
import * as say from './words.ts';
import type { OvenReading } from '@keen-sinew/core';
import { computed, shallowRef, watch } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import CautionSign from '../../kit/CautionSign.vue';
import HintText from '../../kit/HintText.vue';
import JobProgress from '../../kit/JobProgress.vue';
import LedgerPanel from '../../ledger/LedgerPanel.vue';
import LedgerSection from '../../ledger/LedgerSection.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import SheetFrame from '../../sheet/SheetFrame.vue';
import { useOvenStore } from '../../stores/ovenStore.ts';
import ClayLabel from '../mass/ClayLabel.vue';
import BakeNumbers from './bakes/BakeNumbers.vue';
import BakeOrder from './bakes/BakeOrder.vue';
import BakeRecords from './bakes/BakeRecords.vue';
import BakeStrip from './bakes/BakeStrip.vue';
import ClayTile from './bakes/ClayTile.vue';
import DefectList from './bakes/DefectList.vue';
import FoundThings from './bakes/FoundThings.vue';
import OvenWatch from './bakes/OvenWatch.vue';
import { useBake } from './bakes/useBake.ts';
import CureTabs from './CureTabs.vue';
import HeatChart from './HeatChart.vue';
import OvenChoices from './OvenChoices.vue';
import TimeTable from './TimeTable.vue';

/** The bakes: their order, one of them with its times and its chart, and what the oven really did. */
const { piece, plan, work } = usePiecePlan();
const { text } = useUnits();
const oven = useOvenStore();
const { stages, stage } = useBake();
const cure = computed(() => plan.value.cure);
const record = computed(
  () => plan.value.oven.records.findLast(({ log }) => log.bake === stage.value.id) ?? null,
);
const isHere = computed(
  () => oven.running?.pieceId === piece.value.id && oven.running.bake === stage.value.id,
);
/** The chart is drawn anew every so many minutes of the bake: drawing it is slow beside a quick probe. */
const DRAWN_MIN = 10;
const drawn = computed(() =>
  isHere.value ? Math.floor((oven.running?.readings.at(-1)?.min ?? 0) / DRAWN_MIN) : null,
);
const live = shallowRef<readonly OvenReading[] | null>(null);
watch(drawn, (now) => (live.value = now === null ? null : (oven.running?.readings ?? [])), {
  immediate: true,
});
/** What the packets of the clays in this bake say. */
const packets = computed(() =>
  [...new Map(stage.value.cases.map(({ figures }) => [figures.name, figures])).values()].flatMap(
    ({ temperature, limit, time, perMm }) =>
      [temperature, limit, time, perMm].filter((entry) => entry !== null),
  ),
);
</script>

<template>
  <SheetFrame :label="say.howClayWarmsAnd">
    <CureTabs />
    <div class="scroll">
      <BakeStrip />
      <h2 class="title">{{ say.bakeOf(stage.number, stages.length, stage.name) }}</h2>
      <template v-if="stage.oven">
        <HeatChart v-if="cure.run" :cure="cure" :stage="stage" :record="record" :live="live" />
        <JobProgress v-else class="wait" :job="work.heat" :sentence="say.heatFlowIsBeing" />
      </template>
      <HintText v-else>{{
        say.setsWithoutOven(text(stage.rule.value, stage.rule.unit), stage.name.toLowerCase())
      }}</HintText>
      <TimeTable />
    </div>
  </SheetFrame>
  <LedgerPanel stage="cure">
    <LedgerSection :title="say.bakeOf(stage.number, stages.length, stage.name)">
      <BakeNumbers />
    </LedgerSection>
    <LedgerSection :title="say.ovenAtWork"><OvenWatch /></LedgerSection>
    <LedgerSection :title="say.asItWas"><BakeRecords /></LedgerSection>
    <LedgerSection :title="say.whenWrong" folded><DefectList /></LedgerSection>
    <LedgerSection :title="say.whatGoesWhere"><BakeOrder /></LedgerSection>
    <LedgerSection :title="say.foundThings" folded><FoundThings /></LedgerSection>
    <LedgerSection :title="say.whatPacketSaysOf">
      <WorkingRow v-for="working in packets" :key="working.id" :working="working" />
      <CautionSign :ids="['solvent', 'small-parts']" />
    </LedgerSection>
    <LedgerSection :title="say.whatClaysOwnLabel" folded>
      <ClayLabel part="oven" />
      <CautionSign :ids="['label']" />
    </LedgerSection>
    <LedgerSection :title="say.testTile" folded><ClayTile of="clay" /></LedgerSection>
    <template v-if="cure.shellFigures">
      <LedgerSection :title="say.whatLabelOfShells" folded>
        <ClayLabel part="oven" of="shellClay" />
      </LedgerSection>
      <LedgerSection :title="say.testTileOfShells" folded>
        <ClayTile of="shellClay" />
      </LedgerSection>
    </template>
    <LedgerSection v-if="cure.request" :title="say.yourOven" folded><OvenChoices /></LedgerSection>
  </LedgerPanel>
</template>

<style scoped>
/* Where chart and table are higher than the sheet, they are scrolled. */
.scroll {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  display: flex;
  flex-direction: column;
}
.title {
  font-size: 16px;
  font-style: italic;
  font-weight: 400;
}
</style>
