<script setup lang="ts">
import * as say from './words.ts';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import ChoiceRow from '../../kit/ChoiceRow.vue';
import DecisionRow from '../../kit/DecisionRow.vue';
import HintText from '../../kit/HintText.vue';
import SwitchField from '../../kit/SwitchField.vue';
import LedgerPanel from '../../ledger/LedgerPanel.vue';
import LedgerSection from '../../ledger/LedgerSection.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import SheetBoard from '../../sheet/SheetBoard.vue';
import SheetFrame from '../../sheet/SheetFrame.vue';
import FaceControl from '../FaceControl.vue';
import { usePickOnSheet } from '../usePickOnSheet.ts';
import LoadLegend from '../wire/LoadLegend.vue';
import BalanceControl from './BalanceControl.vue';
import CompareTable from './CompareTable.vue';
import DragAdvice from './DragAdvice.vue';
import DragHandles from './DragHandles.vue';
import FeetRows from './FeetRows.vue';
import GaitPace from './GaitPace.vue';
import GaitPanel from './GaitPanel.vue';
import GroundHandles from './GroundHandles.vue';
import GroundControl from './GroundControl.vue';
import JointTable from './JointTable.vue';
import KeptStances from './KeptStances.vue';
import LimbEdits from './LimbEdits.vue';
import { withMoment, withPreset, withStance } from './stanceChanges.ts';
import StanceFiles from './StanceFiles.vue';
import StanceSpace from './StanceSpace.vue';
import TailFan from './TailFan.vue';
import { useStanceRows, type Shown } from './useStanceRows.ts';

const { piece, plan, change } = usePiecePlan();
const { target } = useSelection();
const pickOnSheet = usePickOnSheet();
const skeleton = computed(() => plan.value.measure.skeleton);

const shows = ref<Shown>('bones');
const SHOWS = [
  { label: say.bones, value: 'bones' },
  { label: say.silhouette, value: 'silhouette' },
  { label: say.whatWiresBear, value: 'load' },
  { label: say.inSpace, value: 'space' },
];
const comparing = ref<string | null>(null);
const { beside, rows } = useStanceRows(shows, comparing);

const stances = computed(() =>
  skeleton.value.plan.stances.map(({ id, name }) => ({ label: name, value: id })),
);
const gaits = computed(() =>
  skeleton.value.plan.gaits.map(({ id, name }) => ({ label: name, value: id })),
);
const stands = computed(
  () => piece.value.stance.hold === 'base' || piece.value.stance.hold === 'free',
);
const gait = computed(() => plan.value.stance.gait);

const drags = ref<'turn' | 'reach' | 'trunk'>('turn');
const DRAGS = [
  { label: say.dragTurnsJoint, value: 'turn' },
  { label: say.dragReaches, value: 'reach' },
  { label: say.dragMovesTrunk, value: 'trunk' },
];
const dragging = ref(false);
const sliding = ref(false);
const told = ref({ shortfallMm: 0, share: 1 });

const setStance = (presetId: string): void =>
  change(say.takeStance(presetId), (p) => withPreset(p, presetId));
const setGait = (id: string): void =>
  change(say.takeGait(id), (p) => withMoment(p, id, p.stance.gait?.moment ?? 0));
const setBeyond = (beyondLimits: boolean): void =>
  change(beyondLimits ? say.allowAnyAngle : say.keepToLimits, (p) =>
    withStance(p, { beyondLimits }),
  );
</script>

<template>
  <SheetFrame :label="say.posedSkeletonDrawnTo">
    <StanceSpace v-if="shows === 'space'" />
    <SheetBoard
      v-else
      :rows="rows"
      :target="target"
      :hold="dragging || sliding"
      :label="say.sideFrontAndPlan"
      @pick="pickOnSheet"
    >
      <template #default="{ placed, mmPerPx, pointIn }">
        <DragHandles
          v-if="placed.drawing.view"
          :view="placed.drawing.view"
          :mm-per-px="mmPerPx"
          :drags="drags"
          :point-in="pointIn"
          @told="told = $event"
          @dragging="dragging = $event"
        />
        <GroundHandles
          v-if="placed.drawing.view === 'side'"
          :mm-per-px="mmPerPx"
          :point-in="pointIn"
          @dragging="dragging = $event"
        />
      </template>
    </SheetBoard>
    <GaitPanel v-if="gait" :gait="gait" @sliding="sliding = $event" />
    <div class="drags">
      <ChoiceRow
        :label="say.whatIsShown"
        :value="shows"
        :options="SHOWS"
        @set="shows = $event as 'bones'"
      />
      <ChoiceRow
        v-if="shows !== 'space'"
        :label="say.whatDragDoes"
        :value="drags"
        :options="DRAGS"
        @set="drags = $event as 'reach'"
      />
    </div>
    <LoadLegend v-if="shows === 'load'" />
    <DragAdvice v-if="shows !== 'space'" :drags="drags" :told="told" />
  </SheetFrame>
  <LedgerPanel stage="stance">
    <ChoiceRow
      again
      :label="say.stance"
      :value="gait ? '' : piece.stance.presetId"
      :options="stances"
      @set="setStance"
    />
    <LedgerSection v-if="gaits.length > 0" :title="say.momentOfGait" class="first">
      <ChoiceRow :label="say.gait" :value="gait?.spec.id ?? ''" :options="gaits" @set="setGait" />
      <GaitPace v-if="gait" :gait="gait" />
      <WorkingRow v-for="entry in gait?.workings ?? []" :key="entry.id" :working="entry" />
      <HintText v-if="!gait">
        {{ say.chooseOneAndSlide }}
      </HintText>
    </LedgerSection>
    <LedgerSection :title="say.sizeAsPosed">
      <WorkingRow v-for="entry in plan.stance.summary" :key="entry.id" :working="entry" />
    </LedgerSection>
    <LedgerSection v-if="stands" :title="say.feetOnGround">
      <FeetRows />
      <GroundControl />
    </LedgerSection>
    <LedgerSection :title="say.balanceUnpegged">
      <BalanceControl />
    </LedgerSection>
    <LedgerSection :title="say.jointAngles">
      <JointTable />
      <DecisionRow :name="say.allowAnglesBeyondLimits">
        <SwitchField
          :label="say.allowAnglesBeyondLimits"
          :value="piece.stance.beyondLimits"
          @set="setBeyond"
        />
      </DecisionRow>
      <LimbEdits />
    </LedgerSection>
    <LedgerSection v-if="skeleton.animal.face" :title="say.face">
      <FaceControl />
    </LedgerSection>
    <LedgerSection v-if="skeleton.plan.fan" :title="say.tailFan" folded>
      <TailFan />
    </LedgerSection>
    <LedgerSection :title="say.keptStances">
      <KeptStances :comparing="comparing" @compare="comparing = $event" />
      <CompareTable v-if="beside" :comparison="beside.comparison" :name="beside.name" />
      <StanceFiles />
    </LedgerSection>
  </LedgerPanel>
</template>

<style scoped>
.drags {
  display: flex;
  gap: 18px;
  align-items: center;
  flex-wrap: wrap;
}
.drags > * {
  flex: none;
}
.first {
  margin-top: 12px;
}
</style>
