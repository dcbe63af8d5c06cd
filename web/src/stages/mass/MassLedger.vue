<script setup lang="ts">
import * as say from './words.ts';
import type { ShapePlan } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import HintText from '../../kit/HintText.vue';
import JobProgress from '../../kit/JobProgress.vue';
import LedgerPanel from '../../ledger/LedgerPanel.vue';
import LedgerSection from '../../ledger/LedgerSection.vue';
import BodyPending from '../BodyPending.vue';
import FaceControl from '../FaceControl.vue';
import BodyFiles from './BodyFiles.vue';
import BuildLedger from './BuildLedger.vue';
import CardTable from './CardTable.vue';
import EyeControl from './EyeControl.vue';
import FatTable from './FatTable.vue';
import HeadFeatures from './HeadFeatures.vue';
import MuscleTable from './MuscleTable.vue';
import PegTable from './PegTable.vue';
import PrintHead from './PrintHead.vue';
import ShapePart from './ShapePart.vue';
import type { Room } from './useMassRows.ts';
import type { Shaping } from './useShaping.ts';
import WeightLedger from './WeightLedger.vue';

/** What stands beside the sheet in each room of Mass. */
defineProps<{
  room: Room;
  /** The posed body, the last one while a newer one is worked out. */
  kept: ShapePlan | null;
  shaping: Shaping;
  heads: Shaping;
}>();
const { plan, work } = usePiecePlan();
const mass = computed(() => plan.value.mass);
</script>

<template>
  <LedgerPanel stage="mass">
    <BodyPending v-if="!mass" />
    <BuildLedger v-else-if="room === 'build'" :mass="mass" />
    <template v-else-if="room === 'shape'">
      <LedgerSection :title="say.whatItWeighs"><WeightLedger :mass="mass" changed /></LedgerSection>
      <LedgerSection :title="say.shapeOfLivingAnimal">
        <ShapePart :shaping="shaping" />
      </LedgerSection>
      <LedgerSection :title="say.fatUnderSkin" folded><FatTable /></LedgerSection>
    </template>
    <template v-else-if="room === 'head'">
      <PrintHead />
      <LedgerSection :title="say.eyes"><EyeControl /></LedgerSection>
      <LedgerSection :title="say.featuresOfHead"><HeadFeatures /></LedgerSection>
      <LedgerSection :title="say.profiles"><ShapePart :shaping="heads" /></LedgerSection>
      <LedgerSection :title="say.face"><FaceControl /></LedgerSection>
    </template>
    <JobProgress v-else-if="kept === null" :job="work.shape" :sentence="say.posedBodyIsBeing" />
    <template v-else-if="room === 'muscles'">
      <LedgerSection :title="say.musclesInOrderOf">
        <MuscleTable :rows="kept.muscles" />
      </LedgerSection>
      <LedgerSection :title="say.depthPegs"><PegTable :rows="kept.pegs" /></LedgerSection>
    </template>
    <template v-else-if="room === 'sections'">
      <LedgerSection :title="say.sectionCards"
        ><CardTable :cards="kept.cards" :uncut="kept.uncut"
      /></LedgerSection>
    </template>
    <template v-else>
      <LedgerSection :title="say.weightInLife">
        <WeightLedger :mass="mass" changed />
        <HintText>{{
          shaping.stations.value.length > 0 ? say.dragInSpace : say.shapeFirst
        }}</HintText>
      </LedgerSection>
      <LedgerSection :title="say.filesOfBody"><BodyFiles /></LedgerSection>
    </template>
  </LedgerPanel>
</template>
