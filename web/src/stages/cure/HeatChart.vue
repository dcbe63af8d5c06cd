<script setup lang="ts">
import * as say from './words.ts';
import type { BakeRecord, CurePlan, OvenReading, StagedBake } from '@keen-sinew/core';
import { celsiusAt } from '@keen-sinew/core';
import { computed, defineAsyncComponent } from 'vue';
import { useUnits } from '../../composables/useUnits.ts';
import { useSettingsStore } from '../../stores/settingsStore.ts';
import { heatChartOptions, stepOf, type ChartSeries } from './heatChartOptions.ts';

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

const readings = computed(() => props.live ?? props.record?.log.readings ?? []);
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
  const step = stepOf(longest);
  return { span: Math.ceil((longest * 1.08) / step) * step };
});
/** A trace at every minute of the axis, as the planned curves are; nothing before its first and after its last reading. */
const eachMinute = (trace: readonly (readonly [number, number])[]): ChartSeries['data'] =>
  Array.from({ length: axis.value.span + 1 }, (_, x) => {
    const isIn = trace.length > 1 && x >= trace[0]![0] && x <= trace.at(-1)![0];
    return { x, y: isIn ? shown(celsiusAt(trace, x)) : null };
  });

/** One and the same list until a curve changes: the chart draws anew whatever list it is handed. */
const series = computed((): ChartSeries[] => {
  const planned = heat.value.map(({ result }) => ({
    name: placeOf(result.caseId),
    kind: 'planned' as const,
    data: result.innermostC
      .slice(0, axis.value.span + 1)
      .map((celsius, minute) => ({ x: minute, y: shown(celsius) })),
  }));
  const air = eachMinute(readings.value.map(({ min, airC }) => [min, airC] as const));
  const ball = eachMinute(
    readings.value.flatMap(({ min, ballC }) => (ballC === null ? [] : [[min, ballC] as const])),
  );
  const slowest = props.live === null ? props.record?.slowest : null;
  return [
    ...planned,
    ...(readings.value.length > 1
      ? [{ name: say.airAsMeasured, kind: 'air' as const, data: air }]
      : []),
    ...(ball.some(({ y }) => y !== null)
      ? [{ name: say.ballAsMeasured, kind: 'ball' as const, data: ball }]
      : []),
    ...(slowest
      ? [
          {
            name: say.slowestInThatAir,
            kind: 'real' as const,
            data: eachMinute(slowest.innermostC.map((celsius, i) => [i, celsius] as const)),
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
/** What the options of the chart hang on, as words and numbers: they are made again only when one of these changes. */
const kinds = computed(() => series.value.map(({ kind }) => kind).join());
const span = computed(() => axis.value.span);
const peak = computed(
  () => 10 * Math.ceil(readings.value.reduce((most, { airC }) => Math.max(most, airC), 0) / 10),
);
const options = computed(() => {
  const { oven, bake, name } = props.stage;
  return heatChartOptions({
    night: settings.theme === 'night',
    unit: system.value === 'metric' ? '°C' : '°F',
    kinds: kinds.value.split(',') as ChartSeries['kind'][],
    span: span.value,
    topC: shown(Math.max((oven?.value ?? 130) + 8, peak.value)),
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
    <!-- Another set of curves is another chart: the library takes no more of them into one that stands. -->
    <ApexChart :key="kinds" type="line" height="100%" :options="options" :series="series" />
  </div>
</template>

<style scoped>
.chart {
  flex: 1 0 300px;
  min-height: 300px;
}
</style>
