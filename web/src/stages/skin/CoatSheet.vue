<script setup lang="ts">
import * as say from './words.ts';
import type { Drawing, PagePoint } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import ChoiceRow from '../../kit/ChoiceRow.vue';
import HintText from '../../kit/HintText.vue';
import JobProgress from '../../kit/JobProgress.vue';
import SheetBoard from '../../sheet/SheetBoard.vue';
import { usePickOnSheet } from '../usePickOnSheet.ts';
import CoatSpace from './CoatSpace.vue';
import type { CoatView } from './useCoatView.ts';

/** A coat from one side, with what is laid over it; how far it is while it is worked out. */
defineProps<{
  view: CoatView;
  options: readonly { readonly label: string; readonly value: CoatView }[];
  rows: readonly (readonly Drawing[])[];
  isDrawn: boolean;
  label: string;
  handles?: boolean;
  hold?: boolean;
}>();
const emit = defineEmits<{ see: [view: CoatView] }>();
defineSlots<{
  default(scope: {
    readonly drawing: Drawing;
    readonly mmPerPx: number;
    readonly pointIn: (event: PointerEvent) => PagePoint;
  }): unknown;
  beside?(): unknown;
}>();
const { plan, work } = usePiecePlan();
const { target } = useSelection();
const pickOnSheet = usePickOnSheet();
/** What of all strokes is drawn, where there are too many to draw. */
const share = computed(() => plan.value.jobs.coat?.input.share ?? 1);
const waits = computed(() => work.coat.answer.value?.fine !== true);
</script>

<template>
  <div class="tools">
    <ChoiceRow
      :label="say.seenFrom"
      :value="view"
      :options="options"
      @set="emit('see', $event as CoatView)"
    />
    <slot name="beside" />
  </div>
  <JobProgress v-if="!isDrawn && waits" :job="work.coat" :sentence="say.coatIsWorkedOut" />
  <HintText v-if="share < 1 && isDrawn">{{ say.drawnThinly(Math.round(100 * share)) }}</HintText>
  <CoatSpace v-if="view === 'space'" />
  <SheetBoard
    v-else
    :rows="rows"
    :target="target"
    :label="label"
    :handles="handles"
    :hold="hold"
    @pick="pickOnSheet"
  >
    <template #default="{ placed, mmPerPx, pointIn }">
      <slot :drawing="placed.drawing" :mm-per-px="mmPerPx" :point-in="pointIn" />
    </template>
  </SheetBoard>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 16px;
  margin-bottom: 4px;
}
</style>
