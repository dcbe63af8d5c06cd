<script setup lang="ts">
import {
  basePlanDrawing,
  elevation,
  LOAD_CLASSES,
  wireStrips,
  type SheetTarget,
} from '@keen-sinew/core';
import { computed, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import PickRow from '../../controls/PickRow.vue';
import CautionNote from '../../ledger/CautionNote.vue';
import LedgerPanel from '../../ledger/LedgerPanel.vue';
import LedgerSection from '../../ledger/LedgerSection.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import SheetBoard from '../../sheet/SheetBoard.vue';
import SheetFrame from '../../sheet/SheetFrame.vue';
import { usePickOnSheet } from '../usePickOnSheet.ts';
import BendTable from './BendTable.vue';
import CutTable from './CutTable.vue';
import StockPart from './StockPart.vue';
import StrengthTable from './StrengthTable.vue';
import TestBend from './TestBend.vue';
import WireChoices from './WireChoices.vue';

const { piece, plan } = usePiecePlan();
const { target, pick } = useSelection();
const pickOnSheet = usePickOnSheet();
const router = useRouter();
const chosenId = ref('B');
const chosen = computed(
  () =>
    plan.value.wire.wires.find((wire) => wire.id === chosenId.value) ?? plan.value.wire.wires[0]!,
);
const by = ref<'side' | 'load'>('side');
const BYS = [
  { label: 'Wires by side', value: 'side' },
  { label: 'By what they bear', value: 'load' },
];
const options = computed(
  () => ({ show: 'wires', dimensions: false, byLoad: by.value === 'load' }) as const,
);
const rows = computed(() => [
  [elevation(plan.value, 'side', options.value), elevation(plan.value, 'front', options.value)],
  [wireStrips([chosen.value], 'number')],
  [basePlanDrawing(plan.value.wire.base)],
]);

/** The wire that a place on the sheet belongs to. */
const wireOf = (of: SheetTarget | null): string | undefined =>
  of?.kind === 'wire' || of?.kind === 'bend' ? of.id.split('.')[0] : undefined;

watch(target, (now) => (chosenId.value = wireOf(now) ?? chosenId.value), { immediate: true });

function choose(id: string): void {
  chosenId.value = id;
  pick({ kind: 'wire', id });
}
const toBench = (): void => {
  void router.push(`/piece/${piece.value.id}/bending/${chosen.value.id}/1`);
};
</script>

<template>
  <SheetFrame label="The armature, drawn to scale">
    <SheetBoard
      :rows="rows"
      :target="target"
      label="Side and front elevation with the wires, the chosen wire laid straight, and the base"
      @pick="pickOnSheet"
    />
    <div class="by">
      <PickRow
        label="Colour of the wires"
        :value="by"
        :options="BYS"
        @set="by = $event as 'load'"
      />
      <ul v-if="by === 'load'" class="legend" aria-label="What the lines say">
        <li v-for="one in LOAD_CLASSES" :key="one.id" :class="one.id">{{ one.name }}</li>
      </ul>
    </div>
  </SheetFrame>
  <LedgerPanel stage="wire">
    <p class="scheme">
      <b>Bound loops:</b> a twisted spine, and one wire per pair of limbs, lashed to it with tie
      wire.
    </p>
    <LedgerSection title="Cut list">
      <CutTable :wires="plan.wire.wires" :chosen="chosen.id" @choose="choose" />
      <button v-if="chosen.bends.length > 0" type="button" class="wide-button" @click="toBench">
        Bend {{ chosen.id }} at the bench
      </button>
    </LedgerSection>
    <LedgerSection :title="`${chosen.id}: what the cut is made of`">
      <WorkingRow :working="chosen.cut" />
      <WorkingRow v-for="line in chosen.lines" :key="line.id" :working="line" />
      <template v-if="chosen.shortStrands">
        <WorkingRow :working="chosen.shortStrands.cut" />
        <WorkingRow v-for="line in chosen.shortStrands.lines" :key="line.id" :working="line" />
      </template>
      <WorkingRow :working="chosen.cover" :alarm="chosen.cover.value < piece.wire.coverMm" />
    </LedgerSection>
    <LedgerSection
      v-if="chosen.bends.length > 0"
      :title="`${chosen.id}: bend marks from the ${chosen.namedEnd}`"
    >
      <BendTable :wire="chosen" />
    </LedgerSection>
    <LedgerSection :title="`${chosen.id}: strength under raw clay`">
      <StrengthTable :wire-id="chosen.id" />
    </LedgerSection>
    <LedgerSection title="Wire on hand">
      <StockPart />
    </LedgerSection>
    <LedgerSection title="Wires and allowances" folded>
      <WireChoices />
    </LedgerSection>
    <LedgerSection title="Your own test bend" folded>
      <TestBend />
    </LedgerSection>
    <LedgerSection title="Base, holes from the front left corner" folded>
      <WorkingRow :working="plan.wire.base.length" />
      <WorkingRow :working="plan.wire.base.width" />
      <template v-for="hole in plan.wire.base.holes" :key="hole.number">
        <p class="hole">Hole {{ hole.number }}: {{ hole.foot }}, straight down</p>
        <WorkingRow :working="hole.along" label="from the front edge" />
        <WorkingRow :working="hole.across" label="from the left edge" />
        <WorkingRow :working="hole.diameter" label="drill" />
      </template>
      <CautionNote :ids="['drill']" />
    </LedgerSection>
    <CautionNote :ids="['cut-wire']" />
  </LedgerPanel>
</template>

<style scoped>
.by {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  align-items: center;
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  margin: 0;
  padding: 0;
  list-style: none;
  font-size: 14px;
}
.legend li::before {
  content: '';
  display: inline-block;
  width: 26px;
  margin-right: 6px;
  vertical-align: middle;
  border-top: 2px solid var(--verdigris);
}
.legend .enough::before {
  border-top: 3px solid var(--ink);
}
.legend .barely::before {
  border-top: 4px solid var(--ochre);
}
.legend .gives::before {
  border-top: 4px dashed var(--rust);
}
.scheme {
  margin: 0 0 10px;
  font-size: 14px;
}
.hole {
  margin: 6px 4px 0;
  font-weight: 600;
  font-size: 14px;
}
</style>
