<script setup lang="ts">
import * as say from './words.ts';
import {
  wireOfTarget,
  basePlanDrawing,
  elevation,
  mayEdit,
  perchPlanDrawings,
  wireStrips,
} from '@keen-sinew/core';
import { computed, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import ActionButton from '../../kit/ActionButton.vue';
import ChoiceRow from '../../kit/ChoiceRow.vue';
import HintText from '../../kit/HintText.vue';
import CautionSign from '../../kit/CautionSign.vue';
import LedgerPanel from '../../ledger/LedgerPanel.vue';
import LedgerSection from '../../ledger/LedgerSection.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import SheetBoard from '../../sheet/SheetBoard.vue';
import SheetFrame from '../../sheet/SheetFrame.vue';
import { usePickOnSheet } from '../usePickOnSheet.ts';
import BasePart from './BasePart.vue';
import BendTable from './BendTable.vue';
import BindingPart from './BindingPart.vue';
import CutTable from './CutTable.vue';
import FineWires from './FineWires.vue';
import GaugeTables from './GaugeTables.vue';
import HingePart from './HingePart.vue';
import LoadLegend from './LoadLegend.vue';
import MetalPart from './MetalPart.vue';
import RouteHandles from './RouteHandles.vue';
import RoutePart from './RoutePart.vue';
import SchemePart from './SchemePart.vue';
import StockPart from './StockPart.vue';
import StrengthTable from './StrengthTable.vue';
import WireChoices from './WireChoices.vue';

const { piece, plan } = usePiecePlan();
const { target, pick } = useSelection();
const pickOnSheet = usePickOnSheet();
const router = useRouter();
const chosenId = ref('B');
const wires = computed(() => plan.value.wire.wires);
/** None where the piece is made without wire. */
const chosen = computed(
  () => wires.value.find((wire) => wire.id === chosenId.value) ?? wires.value[0],
);
const shows = ref<'side' | 'load' | 'route'>('side');
const SHOWS = [
  { label: say.wiresBySide, value: 'side' },
  { label: say.byWhatTheyBear, value: 'load' },
  { label: say.editRoute, value: 'route' },
];
const options = computed(
  () =>
    ({
      show: 'wires',
      dimensions: false,
      byLoad: shows.value === 'load',
      bindings: shows.value === 'side',
    }) as const,
);
const rows = computed(() => [
  [elevation(plan.value, 'side', options.value), elevation(plan.value, 'front', options.value)],
  ...(chosen.value ? [[wireStrips([chosen.value], 'number')]] : []),
  [
    ...(plan.value.wire.base.on === 'none' ? [] : [basePlanDrawing(plan.value.wire.base)]),
    ...perchPlanDrawings(plan.value.wire.base),
  ],
]);
const dragging = ref(false);
const told = ref('');

watch(target, (now) => (chosenId.value = wireOfTarget(now) ?? chosenId.value), { immediate: true });

function choose(id: string): void {
  chosenId.value = id;
  pick({ kind: 'wire', id });
}
const toBench = (): void => {
  if (chosen.value) void router.push(`/piece/${piece.value.id}/bending/${chosen.value.id}/1`);
};
</script>

<template>
  <SheetFrame :label="say.armatureDrawnToScale">
    <SheetBoard
      :rows="rows"
      :target="target"
      :hold="dragging"
      :label="say.sideAndFrontElevation"
      @pick="pickOnSheet"
    >
      <template #default="{ placed, mmPerPx, pointIn }">
        <RouteHandles
          v-if="shows === 'route' && chosen && mayEdit(chosen) && placed.drawing.view"
          :view="placed.drawing.view"
          :mm-per-px="mmPerPx"
          :wire="chosen"
          :point-in="pointIn"
          @told="told = $event"
          @dragging="dragging = $event"
        />
      </template>
    </SheetBoard>
    <div class="by">
      <ChoiceRow
        :label="say.whatDrawingIsFor"
        :value="shows"
        :options="SHOWS"
        @set="shows = $event as 'load'"
      />
      <LoadLegend v-if="shows === 'load'" />
      <p v-else-if="shows === 'route'" class="told" aria-live="polite">
        <template v-if="told">{{ told }}</template>
        <template v-else-if="chosen && mayEdit(chosen)">
          {{ say.dragStretchOfOnto(chosen.id) }}
        </template>
        <template v-else>{{ say.chooseWireInCut }}</template>
      </p>
    </div>
  </SheetFrame>
  <LedgerPanel stage="wire">
    <LedgerSection :title="say.scheme"><SchemePart /></LedgerSection>
    <LedgerSection :title="say.cutList">
      <HintText v-if="wires.length === 0">
        {{ say.noWirePieceIs }}
      </HintText>
      <CutTable v-else :wires="wires" :chosen="chosen?.id ?? ''" @choose="choose" />
      <ActionButton v-if="chosen && chosen.bends.length > 0" kind="wide" @click="toBench">
        {{ say.bendAtBench(chosen.id) }}
      </ActionButton>
    </LedgerSection>
    <template v-if="chosen">
      <LedgerSection :title="say.whatCutIsMade(chosen.id)">
        <HintText v-if="chosen.otherEndOf">
          {{ say.otherEndOfFolded }}
        </HintText>
        <template v-else>
          <WorkingRow :working="chosen.cut" />
          <WorkingRow v-for="line in chosen.lines" :key="line.id" :working="line" />
          <template v-for="moreStrand in chosen.moreStrands" :key="moreStrand.id">
            <WorkingRow :working="moreStrand.cut" />
            <WorkingRow v-for="line in moreStrand.lines" :key="line.id" :working="line" />
          </template>
        </template>
        <WorkingRow :working="chosen.cover" :alarm="chosen.cover.value < piece.wire.coverMm" />
      </LedgerSection>
      <LedgerSection
        v-if="chosen.bends.length > 0"
        :title="say.bendMarksFrom(chosen.id, chosen.namedEnd)"
      >
        <BendTable :wire="chosen" />
      </LedgerSection>
      <LedgerSection :title="say.strengthUnderRawClay(chosen.id)">
        <StrengthTable :wire-id="chosen.id" />
      </LedgerSection>
      <LedgerSection :title="say.itsRoute(chosen.id)" folded>
        <RoutePart :wire="chosen" />
      </LedgerSection>
    </template>
    <LedgerSection :title="say.bindings" folded><BindingPart /></LedgerSection>
    <LedgerSection :title="say.wireOnHand"><StockPart /></LedgerSection>
    <LedgerSection :title="say.wiresAndAllowances" folded><WireChoices /></LedgerSection>
    <LedgerSection :title="say.thinWires" folded><FineWires /></LedgerSection>
    <LedgerSection :title="say.metalsAndTestBends" folded><MetalPart /></LedgerSection>
    <LedgerSection :title="say.gaugeTables" folded><GaugeTables /></LedgerSection>
    <LedgerSection :title="say.jointsLeftFree" folded><HingePart /></LedgerSection>
    <LedgerSection :title="say.baseHolesFromFront" folded><BasePart /></LedgerSection>
    <CautionSign :ids="['cut-wire']" />
  </LedgerPanel>
</template>

<style scoped>
.by {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  align-items: center;
}
</style>
