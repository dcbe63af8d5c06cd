<script setup lang="ts">
import { elevation, type Drawing } from '@keen-sinew/core';
import { NSwitch } from 'naive-ui';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import { useUnits } from '../../composables/useUnits.ts';
import PickRow from '../../controls/PickRow.vue';
import LedgerPanel from '../../ledger/LedgerPanel.vue';
import LedgerSection from '../../ledger/LedgerSection.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import SheetBoard from '../../sheet/SheetBoard.vue';
import SheetFrame from '../../sheet/SheetFrame.vue';
import { usePickOnSheet } from '../usePickOnSheet.ts';
import DragHandles from './DragHandles.vue';
import FeetRows from './FeetRows.vue';
import JointTable from './JointTable.vue';

const { piece, plan, change } = usePiecePlan();
const { target } = useSelection();
const pickOnSheet = usePickOnSheet();
const options = { show: 'bones', dimensions: true } as const;
const rows = computed(() => [
  [elevation(plan.value, 'side', options), elevation(plan.value, 'front', options)],
  [elevation(plan.value, 'top', { ...options, dimensions: false })],
]);
const stances = computed(() =>
  plan.value.measure.skeleton.plan.stances.map(({ id, name }) => ({ label: name, value: id })),
);
const viewOf = (drawing: Drawing): 'side' | 'front' | null =>
  drawing.id.startsWith('side') ? 'side' : drawing.id.startsWith('front') ? 'front' : null;

const { text } = useUnits();
const drags = ref<'turn' | 'reach'>('turn');
const DRAGS = [
  { label: 'A drag turns a joint', value: 'turn' },
  { label: 'A drag reaches', value: 'reach' },
];
const shortfallMm = ref(0);
/** Less than this is met, for a hand. */
const LEAST_TOLD_MM = 0.5;

/** A new stance starts from its own angles; the way back is undo. */
const setStance = (presetId: string): void =>
  change(`Take the stance “${presetId}”`, (p) => ({
    ...p,
    stance: { ...p.stance, presetId, anglesDeg: {}, lifted: null },
  }));
const setBeyond = (beyondLimits: boolean): void =>
  change(beyondLimits ? 'Allow any angle' : 'Keep to the limits', (p) => ({
    ...p,
    stance: { ...p.stance, beyondLimits },
  }));
</script>

<template>
  <SheetFrame label="The posed skeleton, drawn to scale">
    <SheetBoard
      :rows="rows"
      :target="target"
      label="Side, front and plan of the posed skeleton; drag a joint to turn it, or type its angle"
      @pick="pickOnSheet"
    >
      <template #default="{ placed, mmPerPx, pointIn }">
        <DragHandles
          v-if="viewOf(placed.drawing)"
          :view="viewOf(placed.drawing)!"
          :mm-per-px="mmPerPx"
          :reaching="drags === 'reach'"
          :point-in="pointIn"
          @shortfall="shortfallMm = $event"
        />
      </template>
    </SheetBoard>
    <div class="drags">
      <PickRow
        label="What a drag does"
        :value="drags"
        :options="DRAGS"
        @set="drags = $event as 'reach'"
      />
      <p class="advice" aria-live="polite">
        <template v-if="shortfallMm > LEAST_TOLD_MM">
          Out of reach by {{ text(shortfallMm, 'mm') }}: bones keep their length, and joints their
          limits.
        </template>
        <template v-else-if="drags === 'reach'">
          Drag a paw, a hand, the head or the tip of the tail: its whole limb follows, the trunk
          stays.
        </template>
        <template v-else>
          Drag a joint: from the side it flexes, from the front it swings outward. Bones keep their
          length; the body settles on its lowest foot.
        </template>
      </p>
    </div>
  </SheetFrame>
  <LedgerPanel stage="stance">
    <PickRow label="Stance" :value="piece.stance.presetId" :options="stances" @set="setStance" />
    <LedgerSection title="Size as posed" class="first">
      <WorkingRow v-for="one in plan.stance.summary" :key="one.id" :working="one" />
    </LedgerSection>
    <LedgerSection title="Feet on the base">
      <FeetRows />
    </LedgerSection>
    <LedgerSection title="Balance, unpegged">
      <template v-if="plan.balance">
        <WorkingRow v-for="one in plan.balance.workings" :key="one.id" :working="one" />
      </template>
      <p v-else class="advice">The body is being worked out.</p>
    </LedgerSection>
    <LedgerSection title="Joint angles">
      <JointTable />
      <label class="beyond">
        <NSwitch
          :value="piece.stance.beyondLimits"
          size="small"
          aria-label="Allow angles beyond the limits"
          @update:value="setBeyond"
        />
        Allow angles beyond the limits
      </label>
    </LedgerSection>
  </LedgerPanel>
</template>

<style scoped>
.drags {
  display: flex;
  gap: 14px;
  align-items: center;
}
.drags > :first-child {
  flex: none;
}
.advice {
  margin: 0;
  font-size: 14px;
  color: var(--soft);
}
.first {
  margin-top: 12px;
}
.beyond {
  display: flex;
  gap: 8px;
  align-items: center;
  margin: 10px 0 4px;
  font-size: 14px;
}
</style>
