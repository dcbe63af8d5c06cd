<script setup lang="ts">
import * as say from './words.ts';
import type { BakeRecord, CurePlan, OvenReading, StagedBake } from '@keen-sinew/core';
import { refThrottled } from '@vueuse/core';
import { computed, defineAsyncComponent } from 'vue';
import { useUnits } from '../../composables/useUnits.ts';
import { useSettingsStore } from '../../stores/settingsStore.ts';
import { heatChartOptions, type ChartSeries } from './heatChartOptions.ts';

/**
 * One bake: the innermost clay of its slow places over time as planned, the oven above; and what a probe showed of it, with
 * the slowest clay in that air, where there is a trace.
 */
const props = defineProps<{
  cure: CurePlan;
  stage: StagedBake;
  record: BakeRecord | null;
  /** Readings of a bake that is in the oven now. */
  live: readonly OvenReading[] | null;
}>();
const { system, text } = useUnits();
const settings = useSettingsStore();
const ApexChart = defineAsyncComponent(() => import('vue3-apexcharts'));

/** A quick probe reads faster than a chart is drawn. */
const CHART_MS = 700;
const readings = refThrottled(
  computed(() => props.live ?? props.record?.log.readings ?? []),
  CHART_MS,
  true,
);
const heat = computed(() =>
  props.cure.heat.filter(({ result }) => props.stage.cases.some(({ id }) => id === result.caseId)),
);
const placeOf = (id: string): string =>
  props.stage.cases.find((entry) => entry.id === id)?.place ?? id;
const shown = (celsius: number): number =>
  Math.round((system.value === 'metric' ? celsius : celsius * 1.8 + 32) * 10) / 10;

/** Minutes shown: past the slowest place, the bake and the trace, in full steps of the axis. */
const axis = computed(() => {
  const ends = [
    ...heat.value.map(({ working }) => working.value),
    props.stage.bake?.value ?? 0,
    readings.value.at(-1)?.min ?? 0,
  ];
  const longest = ends.reduce((most, end) => Math.max(most, end), 30);
  const step = longest < 110 ? 10 : longest < 230 ? 20 : 50;
  const steps = Math.ceil((longest * 1.08) / step);
  return { span: steps * step, steps };
});
const series = computed((): readonly ChartSeries[] => {
  const planned = heat.value.map(({ result }) => ({
    name: placeOf(result.caseId),
    kind: 'planned' as const,
    data: result.innermostC
      .slice(0, axis.value.span + 1)
      .map((celsius, minute) => ({ x: minute, y: shown(celsius) })),
  }));
  const air = readings.value.map(({ min, airC }) => ({ x: min, y: shown(airC) }));
  const ball = readings.value.flatMap(({ min, ballC }) =>
    ballC === null ? [] : [{ x: min, y: shown(ballC) }],
  );
  const slowest = props.live === null ? props.record?.slowest : null;
  return [
    ...planned,
    ...(air.length > 0 ? [{ name: say.airAsMeasured, kind: 'air' as const, data: air }] : []),
    ...(ball.length > 0 ? [{ name: say.ballAsMeasured, kind: 'ball' as const, data: ball }] : []),
    ...(slowest
      ? [
          {
            name: say.slowestInThatAir,
            kind: 'real' as const,
            data: slowest.innermostC.map((celsius, i) => ({ x: i, y: shown(celsius) })),
          },
        ]
      : []),
  ];
});
const targets = computed(() => [
  ...new Set(
    (props.cure.request?.cases ?? [])
      .filter(({ id }) => props.stage.cases.some((of) => of.id === id))
      .map(({ targetC }) => targetC),
  ),
]);
const options = computed(() => {
  const peak = readings.value.reduce((most, { airC }) => Math.max(most, airC), 0);
  const { oven, bake, name } = props.stage;
  return heatChartOptions({
    night: settings.theme === 'night',
    unit: system.value === 'metric' ? '°C' : '°F',
    series: series.value,
    ...axis.value,
    topC: shown(Math.max(oven?.value ?? 130, peak) + 8),
    lowC: shown(0),
    lines: [
      ...(oven
        ? [{ y: shown(oven.value), text: say.oven2(text(oven.value, 'degC')), own: true }]
        : []),
      ...targets.value.map((targetC) => ({
        y: shown(targetC),
        text: say.curesFrom(text(targetC, 'degC')),
        own: false,
      })),
    ],
    marks: bake
      ? [{ x: bake.value, text: say.min(name.toLowerCase(), bake.value.toFixed(0)) }]
      : [],
  });
});
const spoken = computed(() =>
  heat.value
    .map(({ result, working }) =>
      say.hotAfterMinutes(placeOf(result.caseId), working.value.toFixed(0)),
    )
    .join('; '),
);
</script>

<template>
  <div class="chart" role="img" :aria-label="say.chartOfWarming(spoken)">
    <ApexChart type="line" height="100%" :options="options" :series="[...series]" />
  </div>
</template>

<style scoped>
.chart {
  flex: 1 0 300px;
  min-height: 300px;
}
</style>
