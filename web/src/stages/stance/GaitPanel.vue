<script setup lang="ts">
import { footfallDrawing, type GaitPlan } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import SheetBoard from '../../sheet/SheetBoard.vue';
import { usePickOnSheet } from '../usePickOnSheet.ts';
import { withMoment } from './stanceChanges.ts';

/** The stride under the elevations: which foot is down when, and a slider for the moment. */
const props = defineProps<{ gait: GaitPlan }>();
const { change, preview } = usePiecePlan();
const { target } = useSelection();
const pickOnSheet = usePickOnSheet();
const rows = computed(() => [[footfallDrawing(props.gait)]]);
const percent = computed(() => Math.round(props.gait.moment * 1000) / 10);
const EIGHTH = 1 / 8;

/** A stride comes round to its start; a take-off does not. */
function within(moment: number): number {
  if (props.gait.spec.kind === 'keyed') return Math.min(1, Math.max(0, moment));
  return Math.round((moment - Math.floor(moment)) * 1e6) / 1e6;
}
const at = (event: Event): number => Number((event.target as HTMLInputElement).value) / 1000;
const set = (moment: number): void =>
  change(`Slide the ${props.gait.spec.name.toLowerCase()}`, (p) =>
    withMoment(p, props.gait.spec.id, within(moment)),
  );
const show = (moment: number): void =>
  preview((p) => withMoment(p, props.gait.spec.id, within(moment)));
const step = (by: number): void => set((Math.round(props.gait.moment / EIGHTH) + by) * EIGHTH);
</script>

<template>
  <div class="gait">
    <SheetBoard
      v-if="gait.bars.length > 0"
      class="bars"
      :class="{ many: gait.bars.length > 4 }"
      :rows="rows"
      :target="target"
      label="Footfalls through one stride; a bar is a foot on the ground"
      @pick="pickOnSheet"
    />
    <div class="slide">
      <button type="button" class="quiet-button" aria-label="An eighth back" @click="step(-1)">
        ‹
      </button>
      <input
        type="range"
        min="0"
        max="1000"
        step="5"
        :value="gait.moment * 1000"
        :aria-label="`Moment of the ${gait.spec.name.toLowerCase()}`"
        :aria-valuetext="`${percent} % of the stride`"
        @input="show(at($event))"
        @change="set(at($event))"
      />
      <button type="button" class="quiet-button" aria-label="An eighth on" @click="step(1)">
        ›
      </button>
      <output class="number">{{ percent.toFixed(1) }} %</output>
    </div>
  </div>
</template>

<style scoped>
.gait {
  flex: none;
  border-top: 1px solid var(--line);
  padding-top: 6px;
}
.bars {
  display: block;
  height: 104px;
}
.many {
  height: 150px;
}
.slide {
  display: flex;
  align-items: center;
  gap: 8px;
}
.slide input {
  flex: 1;
  accent-color: var(--verdigris);
}
.slide button {
  font-size: 20px;
  line-height: 1;
  min-width: 32px;
}
output {
  min-width: 58px;
  text-align: right;
}
</style>
