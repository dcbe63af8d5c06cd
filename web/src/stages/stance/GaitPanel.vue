<script setup lang="ts">
import * as say from './words.ts';
import { FOOTFALL_STRIDE_MM, footfallDrawing, type GaitPlan } from '@keen-sinew/core';
import { useElementSize } from '@vueuse/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import ActionButton from '../../kit/ActionButton.vue';
import { SliderField } from '../../kit/heavy.ts';
import { boardLayout } from '../../sheet/boardLayout.ts';
import SheetBoard from '../../sheet/SheetBoard.vue';
import { usePickOnSheet } from '../usePickOnSheet.ts';
import { withMoment } from './stanceChanges.ts';

/** The stride under the elevations: which foot is down when, and a slider for the moment. */
const props = defineProps<{ gait: GaitPlan }>();
/** The drawings above keep their scale while the moment slides. */
const emit = defineEmits<{ sliding: [now: boolean] }>();
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
/** The chart and the slider under it have one axis: where a stride begins and ends on the page, px. */
const box = ref<HTMLElement | null>(null);
const size = useElementSize(box);
/** Room beside a slider's rail for half of its thumb. */
const THUMB_PX = 7;
const axis = computed(() => {
  const { width, height } = { width: size.width.value, height: size.height.value };
  const layout = boardLayout(rows.value, { width, height });
  const [entry] = layout.placed;
  if (props.gait.bars.length === 0 || entry === undefined || !(width > 0 && height > 0))
    return null;
  const mmPerPx = Math.max(layout.width / width, layout.height / height);
  const left =
    (width - layout.width / mmPerPx) / 2 + (entry.x - entry.drawing.box.min[0]) / mmPerPx;
  return { left, width: FOOTFALL_STRIDE_MM / mmPerPx };
});
const slider = computed(() =>
  axis.value === null
    ? {}
    : {
        marginLeft: `${axis.value.left - THUMB_PX}px`,
        width: `${axis.value.width + 2 * THUMB_PX}px`,
        flex: 'none',
      },
);
function clicked(event: MouseEvent): void {
  const left = box.value?.getBoundingClientRect().left ?? 0;
  if (axis.value === null) return;
  const moment = (event.clientX - left - axis.value.left) / axis.value.width;
  if (moment >= 0 && moment <= 1) set(moment);
}
function slid(thousandths: number): void {
  emit('sliding', false);
  set(thousandths / 1000);
}
function slide(thousandths: number): void {
  emit('sliding', true);
  show(thousandths / 1000);
}
const set = (moment: number): void =>
  change(say.slide(props.gait.spec.name.toLowerCase()), (p) =>
    withMoment(p, props.gait.spec.id, within(moment)),
  );
const show = (moment: number): void =>
  preview((p) => withMoment(p, props.gait.spec.id, within(moment)));
const step = (by: number): void => set((Math.round(props.gait.moment / EIGHTH) + by) * EIGHTH);
</script>

<template>
  <div class="gait">
    <div v-if="gait.bars.length > 0" ref="box" class="chart" @click="clicked">
      <SheetBoard
        still
        class="bars"
        :class="{ many: gait.bars.length > 4 }"
        :rows="rows"
        :target="target"
        :label="say.footfallsThroughOneStride"
        @pick="pickOnSheet"
      />
    </div>
    <div class="slide">
      <SliderField
        :label="say.momentOf(gait.spec.name.toLowerCase())"
        :said="say.ofStride(percent)"
        :value="gait.moment * 1000"
        :min="0"
        :max="1000"
        :step="5"
        :style="slider"
        @slide="slide"
        @set="slid"
      />
    </div>
    <div class="slide ends">
      <ActionButton :aria-label="say.eighthBack" @click="step(-1)">
        {{ say.eighth }}
      </ActionButton>
      <output class="number">{{ percent.toFixed(1) }} %</output>
      <ActionButton :aria-label="say.eighthOn" @click="step(1)">
        {{ say.eighth2 }}
      </ActionButton>
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
.slide > :only-child {
  flex: 1;
}
.ends {
  justify-content: center;
}
.chart {
  cursor: pointer;
}
output {
  min-width: 58px;
  text-align: center;
}
</style>
