<script setup lang="ts">
import * as say from './words.ts';
import {
  compareStances,
  elevation,
  settledStance,
  stanceAngles,
  tipRoseDrawing,
  type Drawing,
  type View,
} from '@keen-sinew/core';
import { NSwitch } from 'naive-ui';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import { useUnits } from '../../composables/useUnits.ts';
import PickRow from '../../controls/PickRow.vue';
import LedgerPanel from '../../ledger/LedgerPanel.vue';
import LedgerSection from '../../ledger/LedgerSection.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import LoadLegend from '../wire/LoadLegend.vue';
import SheetBoard from '../../sheet/SheetBoard.vue';
import SheetFrame from '../../sheet/SheetFrame.vue';
import SkeletonSpace from '../../sheet/SkeletonSpace.vue';
import { usePickOnSheet } from '../usePickOnSheet.ts';
import BalanceControl from './BalanceControl.vue';
import CompareTable from './CompareTable.vue';
import DragHandles from './DragHandles.vue';
import FeetRows from './FeetRows.vue';
import GaitPace from './GaitPace.vue';
import GaitPanel from './GaitPanel.vue';
import GroundControl from './GroundControl.vue';
import JointTable from './JointTable.vue';
import KeptStances from './KeptStances.vue';
import LimbEdits from './LimbEdits.vue';
import StanceFiles from './StanceFiles.vue';
import { withMoment, withPreset, withStance } from './stanceChanges.ts';

const { piece, plan, change } = usePiecePlan();
const { target } = useSelection();
const { text } = useUnits();
const pickOnSheet = usePickOnSheet();
const skeleton = computed(() => plan.value.measure.skeleton);

const shows = ref<'bones' | 'silhouette' | 'load' | 'space'>('bones');
const SHOWS = [
  { label: say.bones, value: 'bones' },
  { label: say.silhouette, value: 'silhouette' },
  { label: say.whatWiresBear, value: 'load' },
  { label: say.inSpace, value: 'space' },
];
const comparing = ref<string | null>(null);
const beside = computed(() => {
  const kept = piece.value.stance.kept.find(({ id }) => id === comparing.value);
  if (kept === undefined) return null;
  const { ground, base } = piece.value.stance;
  const size = 1 / plan.value.measure.lifePerModel;
  const posed = settledStance(skeleton.value, { ...kept, ground }, size, base.rodMm);
  return {
    posed,
    name: kept.name,
    comparison: compareStances(plan.value.stance.posed, posed),
  };
});

const limitsOf = computed(() => (target.value?.kind === 'bone' ? target.value.id : null));
/** The rose is drawn as large as the plan is wide. */
const ROSE_SHARE = 1 / 55;
const rows = computed(() => {
  const options = {
    show: shows.value === 'load' ? 'wires' : 'bones',
    dimensions: true,
    silhouette: shows.value === 'silhouette',
    byLoad: shows.value === 'load',
    limitsOf: limitsOf.value,
    beside: beside.value?.posed ?? null,
  } as const;
  const view = (name: View, dimensions: boolean): Drawing =>
    elevation(plan.value, name, { ...options, dimensions });
  const top = view('top', false);
  const deep = top.box.max[1] - top.box.min[1];
  return [
    [view('side', true), view('front', true)],
    plan.value.balance.standing.some(({ contact }) => contact.kind === 'foot')
      ? [top, tipRoseDrawing(plan.value.balance, deep * ROSE_SHARE)]
      : [top],
  ];
});

const stances = computed(() =>
  skeleton.value.plan.stances.map(({ id, name }) => ({ label: name, value: id })),
);
const gaits = computed(() =>
  skeleton.value.plan.gaits.map(({ id, name }) => ({ label: name, value: id })),
);
const gait = computed(() => plan.value.stance.gait);
const angles = computed(() => stanceAngles(skeleton.value, piece.value.stance));

const drags = ref<'turn' | 'reach' | 'trunk'>('turn');
const DRAGS = [
  { label: say.dragTurnsJoint, value: 'turn' },
  { label: say.dragReaches, value: 'reach' },
  { label: say.dragMovesTrunk, value: 'trunk' },
];
const dragging = ref(false);
const sliding = ref(false);
const told = ref({ shortfallMm: 0, share: 1 });
/** Less than this is met, for a hand. */
const LEAST_TOLD_MM = 0.5;

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
    <SkeletonSpace
      v-if="shows === 'space'"
      :skeleton="skeleton"
      :preset-id="piece.stance.presetId"
      :angles="angles"
    />
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
      </template>
    </SheetBoard>
    <GaitPanel v-if="gait" :gait="gait" @sliding="sliding = $event" />
    <div class="drags">
      <PickRow
        :label="say.whatIsShown"
        :value="shows"
        :options="SHOWS"
        @set="shows = $event as 'bones'"
      />
      <PickRow
        v-if="shows !== 'space'"
        :label="say.whatDragDoes"
        :value="drags"
        :options="DRAGS"
        @set="drags = $event as 'reach'"
      />
    </div>
    <LoadLegend v-if="shows === 'load'" />
    <p v-if="shows !== 'space'" class="advice" aria-live="polite">
      <template v-if="told.shortfallMm > LEAST_TOLD_MM">
        {{ say.outOfReachBy(text(told.shortfallMm, 'mm')) }}
      </template>
      <template v-else-if="told.share < 1">
        {{ say.noFartherLegIs }}
      </template>
      <template v-else-if="drags === 'reach'">
        {{ say.dragPawHandHead }}
      </template>
      <template v-else-if="drags === 'trunk'">
        {{ say.dragTrunkFeetThat }}
      </template>
      <template v-else>
        {{ say.dragJointEachView }}
      </template>
    </p>
  </SheetFrame>
  <LedgerPanel stage="stance">
    <PickRow
      :label="say.stance"
      :value="gait ? '' : piece.stance.presetId"
      :options="stances"
      @set="setStance"
    />
    <LedgerSection v-if="gaits.length > 0" :title="say.momentOfGait" class="first">
      <PickRow :label="say.gait" :value="gait?.spec.id ?? ''" :options="gaits" @set="setGait" />
      <GaitPace v-if="gait" :gait="gait" />
      <WorkingRow v-for="entry in gait?.workings ?? []" :key="entry.id" :working="entry" />
      <p v-if="!gait" class="advice">
        {{ say.chooseOneAndSlide }}
      </p>
    </LedgerSection>
    <LedgerSection :title="say.sizeAsPosed">
      <WorkingRow v-for="entry in plan.stance.summary" :key="entry.id" :working="entry" />
    </LedgerSection>
    <LedgerSection v-if="piece.stance.hold === 'base'" :title="say.feetOnGround">
      <FeetRows />
      <GroundControl />
    </LedgerSection>
    <LedgerSection :title="say.balanceUnpegged">
      <BalanceControl />
    </LedgerSection>
    <LedgerSection :title="say.jointAngles">
      <JointTable />
      <label class="beyond">
        <NSwitch
          :value="piece.stance.beyondLimits"
          size="small"
          :aria-label="say.allowAnglesBeyondLimits"
          @update:value="setBeyond"
        />
        {{ say.allowAnglesBeyondLimits }}
      </label>
      <LimbEdits />
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
