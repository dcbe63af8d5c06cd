<script setup lang="ts">
import * as say from './words.ts';
import type { Booking, PieceToPlan } from '@keen-sinew/core';
import { computed, defineAsyncComponent } from 'vue';
import { useSettingsStore } from '../../../stores/settingsStore.ts';
import { barsOf, daysChartOptions } from './daysChartOptions.ts';
import { dayText, momentText } from '../../../composables/dayText.ts';
import { useBarDrag } from './useBarDrag.ts';

/** Some days as a chart: hands, oven and what goes on by itself, a row each for every piece. */
const props = defineProps<{
  bookings: readonly Booking[];
  pieces: readonly PieceToPlan[];
  /** The piece whose bars may be dragged to another day. */
  own: string;
}>();
const emit = defineEmits<{ pin: [booking: Booking, day: string] }>();
const settings = useSettingsStore();
const ApexChart = defineAsyncComponent(() => import('vue3-apexcharts'));
const night = computed(() => settings.theme === 'night');
const shown = computed(() =>
  props.pieces.filter(({ id }) => props.bookings.some(({ piece }) => piece === id)),
);
const series = computed(() => [{ data: [...barsOf(props.bookings, shown.value, night.value)] }]);
const { over, grab } = useBarDrag(
  () => series.value[0]!.data,
  ({ piece, part }) => piece === props.own && part === 1,
  (booking, day) => emit('pin', booking, day),
);
const rows = computed(() => new Set(series.value[0]!.data.map(({ x }) => x)).size);
const ends = computed(() => props.bookings.map(({ end }) => end).toSorted());
const options = computed(() =>
  daysChartOptions(night.value, [props.bookings[0]!.start, ends.value.at(-1)!]),
);
/** The chart as a sentence, for those who do not see it. */
const spoken = computed(() =>
  say.chartOf(
    props.bookings.map(({ title, start }) => `${title}, ${momentText(start)}`).join('; '),
  ),
);
</script>

<template>
  <div role="img" :aria-label="spoken" class="chart" @pointerdown="grab">
    <p v-if="over" class="over" role="status">{{ say.notBeforeDay(dayText(over)) }}</p>
    <ApexChart
      type="rangeBar"
      :height="70 + 34 * rows"
      :options="options"
      :series="series"
      aria-hidden="true"
    />
  </div>
</template>

<style scoped>
.chart {
  position: relative;
  touch-action: pan-y;
}
.over {
  position: absolute;
  top: 0;
  left: 50%;
  margin: 0;
  padding: 2px 10px;
  background: var(--sheet);
  border: 1px solid var(--ink);
  z-index: 1;
}
</style>
