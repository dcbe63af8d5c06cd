<script setup lang="ts">
import * as say from './words.ts';
import {
  jointNeeds,
  limitsOf,
  needsOf,
  parseNumber,
  accepted,
  sentenceText,
  type MaterialPlan,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useUnits } from '../../../composables/useUnits.ts';
import { dayText } from '../../../composables/dayText.ts';
import DecisionRow from '../../../kit/DecisionRow.vue';
import HintText from '../../../kit/HintText.vue';
import QuantityField from '../../../kit/QuantityField.vue';
import LedgerPanel from '../../../ledger/LedgerPanel.vue';
import LedgerSection from '../../../ledger/LedgerSection.vue';
import WorkingRow from '../../../ledger/WorkingRow.vue';
import SheetFrame from '../../../sheet/SheetFrame.vue';
import BodyPending from '../../BodyPending.vue';
import { withPart } from '../../withPart.ts';
import BenchTabs from '../BenchTabs.vue';
import { useBenchPlan } from '../days/useBenchPlan.ts';
import JointTable from './JointTable.vue';
import MaterialTable from './MaterialTable.vue';

/** What the piece takes, what is there, what to buy by when, and what it all costs. */
const { piece, plan, change } = usePiecePlan();
const { needs: others, work } = useBenchPlan();
const { system } = useUnits();
const bench = computed(() => plan.value.bench);
const schedule = computed(() => work.answer.value?.value ?? null);
/** The day on which a stuff is first used; nothing where that is not known. */
function byWhen({ usedAt }: MaterialPlan): string {
  const booked = schedule.value?.bookings.find(
    ({ piece: of, step }) => of === piece.value.id && usedAt.some((at) => at.step === step),
  );
  return booked === undefined ? '' : dayText(booked.start);
}
const joint = computed(() => {
  if (bench.value === null || others.value.length === 0) return [];
  const { done } = piece.value.bench;
  const own = needsOf(bench.value.materials, (step) => done[step] !== undefined);
  return jointNeeds([{ name: piece.value.name, needs: own }, ...others.value]);
});
const unpriced = computed(() =>
  (bench.value?.cost.unpriced ?? []).map(({ what }) => sentenceText(what, system.value)),
);
const readPrice = (typed: string) => {
  const { min, max } = limitsOf('workshop.hourRate');
  return typed.trim() === '' ? accepted(null) : parseNumber(typed, say.hourRate, min, max);
};
const readMargin = (typed: string) => {
  const { min, max } = limitsOf('workshop.marginPercent');
  return parseNumber(typed.replace('%', ''), say.onTop, min, max);
};
</script>

<template>
  <SheetFrame :label="say.whatItTakes">
    <BenchTabs />
    <BodyPending v-if="!bench" />
    <div v-else class="tables" tabindex="0" role="region" :aria-label="say.whatItTakes">
      <MaterialTable :materials="bench.materials" :by-when="byWhen" />
      <template v-if="joint.length > 0">
        <h2>{{ say.allPieces }}</h2>
        <JointTable :needs="joint" />
      </template>
      <HintText
        >{{ say.stockHint }} <RouterLink to="/workshop">{{ say.workshop }}</RouterLink></HintText
      >
    </div>
  </SheetFrame>
  <LedgerPanel stage="bench">
    <BodyPending v-if="!bench" />
    <LedgerSection v-else :title="say.whatItCosts">
      <WorkingRow :working="bench.cost.material" />
      <HintText v-if="unpriced.length > 0">{{ say.withoutPrice(unpriced.length) }}</HintText>
      <DecisionRow :name="say.hourRate">
        <QuantityField
          small
          :label="say.hourRate"
          :placeholder="say.notKnown"
          :shown="piece.atHand.hourRate?.toFixed(2) ?? ''"
          :parse="readPrice"
          @set="change(say.changeRate, (p) => withPart(p, 'atHand', { hourRate: $event }))"
        />
      </DecisionRow>
      <WorkingRow v-if="bench.cost.work" :working="bench.cost.work" />
      <DecisionRow :name="say.onTop">
        <QuantityField
          small
          :label="say.onTop"
          :shown="`${piece.atHand.marginPercent} %`"
          :parse="readMargin"
          @set="change(say.changeMargin, (p) => withPart(p, 'atHand', { marginPercent: $event }))"
        />
      </DecisionRow>
      <WorkingRow v-if="bench.cost.price" :working="bench.cost.price" />
      <HintText v-else>{{ say.noRateYet }}</HintText>
    </LedgerSection>
  </LedgerPanel>
</template>

<style scoped>
.tables {
  overflow-y: auto;
  min-height: 0;
}
h2 {
  margin: 14px 0 2px;
  font: 700 17px var(--font-title);
}
</style>
