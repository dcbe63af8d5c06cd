<script setup lang="ts">
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
  { label: 'Bones', value: 'bones' },
  { label: 'Silhouette', value: 'silhouette' },
  { label: 'What the wires bear', value: 'load' },
  { label: 'In space', value: 'space' },
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
const viewOf = ({ id }: Drawing): View | null =>
  (['side', 'front', 'top'] as const).find((view) => id.startsWith(`${view}-`)) ?? null;

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
  { label: 'A drag turns a joint', value: 'turn' },
  { label: 'A drag reaches', value: 'reach' },
  { label: 'A drag moves the trunk', value: 'trunk' },
];
const dragging = ref(false);
const sliding = ref(false);
const told = ref({ shortfallMm: 0, share: 1 });
/** Less than this is met, for a hand. */
const LEAST_TOLD_MM = 0.5;

const setStance = (presetId: string): void =>
  change(`Take the stance “${presetId}”`, (p) => withPreset(p, presetId));
const setGait = (id: string): void =>
  change(`Take the gait “${id}”`, (p) => withMoment(p, id, p.stance.gait?.moment ?? 0));
const setBeyond = (beyondLimits: boolean): void =>
  change(beyondLimits ? 'Allow any angle' : 'Keep to the limits', (p) =>
    withStance(p, { beyondLimits }),
  );
</script>

<template>
  <SheetFrame label="The posed skeleton, drawn to scale">
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
      label="Side, front and plan of the posed skeleton; drag a joint to turn it, or type its angle"
      @pick="pickOnSheet"
    >
      <template #default="{ placed, mmPerPx, pointIn }">
        <DragHandles
          v-if="viewOf(placed.drawing)"
          :view="viewOf(placed.drawing)!"
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
        label="What is shown"
        :value="shows"
        :options="SHOWS"
        @set="shows = $event as 'bones'"
      />
      <PickRow
        v-if="shows !== 'space'"
        label="What a drag does"
        :value="drags"
        :options="DRAGS"
        @set="drags = $event as 'reach'"
      />
    </div>
    <LoadLegend v-if="shows === 'load'" />
    <p v-if="shows !== 'space'" class="advice" aria-live="polite">
      <template v-if="told.shortfallMm > LEAST_TOLD_MM">
        Out of reach by {{ text(told.shortfallMm, 'mm') }}: bones keep their length, and joints
        their limits.
      </template>
      <template v-else-if="told.share < 1">
        No farther: a leg is at its end, and its foot stays where it is planted.
      </template>
      <template v-else-if="drags === 'reach'">
        Drag a paw, a hand, the head or the tip of the tail: its whole limb follows, the trunk
        stays.
      </template>
      <template v-else-if="drags === 'trunk'">
        Drag the trunk: the feet that are down stay where they are, and the legs follow.
      </template>
      <template v-else>
        Drag a joint: each view turns it about the axis that it looks along. Bones keep their
        length; the body settles on its lowest foot.
      </template>
    </p>
  </SheetFrame>
  <LedgerPanel stage="stance">
    <PickRow
      label="Stance"
      :value="gait ? '' : piece.stance.presetId"
      :options="stances"
      @set="setStance"
    />
    <LedgerSection v-if="gaits.length > 0" title="A moment of a gait" class="first">
      <PickRow label="Gait" :value="gait?.spec.id ?? ''" :options="gaits" @set="setGait" />
      <GaitPace v-if="gait" :gait="gait" />
      <WorkingRow v-for="entry in gait?.workings ?? []" :key="entry.id" :working="entry" />
      <p v-if="!gait" class="advice">
        Choose one, and slide through its stride: any moment is a stance to go on from.
      </p>
    </LedgerSection>
    <LedgerSection title="Size as posed">
      <WorkingRow v-for="entry in plan.stance.summary" :key="entry.id" :working="entry" />
    </LedgerSection>
    <LedgerSection v-if="piece.stance.hold === 'base'" title="Feet on the ground">
      <FeetRows />
      <GroundControl />
    </LedgerSection>
    <LedgerSection title="Balance, unpegged">
      <BalanceControl />
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
      <LimbEdits />
    </LedgerSection>
    <LedgerSection title="Kept stances">
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
