<script setup lang="ts">
import * as say from './words.ts';
import type { CurePlan } from '@keen-sinew/core';
import { quantityText, greatest } from '@keen-sinew/core';
import { computed, defineAsyncComponent } from 'vue';
import { useUnits } from '../../composables/useUnits.ts';
import { useSettingsStore } from '../../stores/settingsStore.ts';

/** Temperature of the innermost clay over time, for each slow place, with the oven above. */
const props = defineProps<{ cure: CurePlan }>();
const { system } = useUnits();
const settings = useSettingsStore();
const ApexChart = defineAsyncComponent(() => import('vue3-apexcharts'));

const PAPER = { ink: '#20302e', soft: '#4f5d58', line: '#cfc6b2' };
const LAMP = { ink: '#ece6d8', soft: '#a9b5ae', line: '#4a5855' };
/** Rust and slate mean sides of the animal, so the curves take the others, and a dash each. */
const CURVES = {
  day: ['#20302e', '#1f6b5c', '#4f5d58', '#8a5a0b'],
  night: ['#ece6d8', '#5fb8a3', '#a9b5ae', '#dba84a'],
};
const colours = computed(() => (settings.theme === 'day' ? PAPER : LAMP));

/** Minutes shown: past the slowest place and the bake, in full steps of the axis. */
const axis = computed(() => {
  const reach = props.cure.heat.map(({ working }) => working.value);
  const bakes = props.cure.stages.map(({ bake }) => bake?.value ?? 0);
  const longest = Math.max(30, greatest(reach), greatest(bakes));
  const step = longest < 110 ? 10 : longest < 230 ? 20 : 50;
  const steps = Math.ceil((longest * 1.08) / step);
  return { span: steps * step, steps };
});
const shown = (celsius: number): number =>
  system.value === 'metric' ? celsius : celsius * 1.8 + 32;
const placeOf = (id: string): string =>
  props.cure.cases.find((entry) => entry.id === id)?.place ?? id;
const series = computed(() =>
  props.cure.heat.map(({ result }) => ({
    name: placeOf(result.caseId),
    data: result.innermostC
      .slice(0, axis.value.span + 1)
      .map((celsius, minute) => ({ x: minute, y: Math.round(shown(celsius) * 10) / 10 })),
  })),
);
const label = (text: string, colour: string) => ({
  text,
  borderWidth: 0,
  style: { background: 'transparent', color: colour, fontSize: '13px' },
});
/** What the innermost clay has to reach: one figure, or one for each clay. */
const targets = computed(() => [
  ...new Set((props.cure.request?.cases ?? []).map(({ targetC }) => targetC)),
]);
/** Bakes of one length share their mark. */
const marks = computed(() => {
  const byMinutes = new Map<number, string[]>();
  for (const { name, bake } of props.cure.stages)
    if (bake) byMinutes.set(bake.value, [...(byMinutes.get(bake.value) ?? []), name.toLowerCase()]);
  return [...byMinutes].map(([minutes, names]) => ({
    minutes,
    text: say.min(names.join(' and '), minutes.toFixed(0)),
  }));
});
// eslint-disable-next-line max-lines-per-function -- one set of options for the chart
const options = computed(() => {
  const { ink, soft, line } = colours.value;
  const request = props.cure.request;
  const mark = (minutes: number, text: string, colour: string, row: number) => ({
    x: minutes,
    borderColor: colour,
    strokeDashArray: 4,
    label: {
      ...label(text, colour),
      orientation: 'horizontal',
      // Below the curves and the lines of the oven.
      position: 'bottom',
      offsetY: -8 - 18 * row,
    },
  });
  return {
    chart: {
      animations: { enabled: false },
      toolbar: { show: false },
      zoom: { enabled: false },
      fontFamily: say.atkinsonHyperlegibleNextVariable,
      foreColor: soft,
      background: 'transparent',
    },
    colors: CURVES[settings.theme],
    stroke: { width: [3, 3, 3, 3], dashArray: [0, 7, 2, 12], curve: 'straight' },
    grid: { borderColor: line },
    legend: { position: 'top', horizontalAlign: 'left', fontSize: '14px' },
    tooltip: { theme: settings.theme === 'day' ? 'light' : 'dark' },
    xaxis: {
      type: 'numeric',
      min: 0,
      max: axis.value.span,
      tickAmount: axis.value.steps,
      decimalsInFloat: 0,
      title: { text: say.minutesInHotOven, style: { fontWeight: 400 } },
      axisBorder: { color: ink },
    },
    yaxis: {
      min: Math.floor(shown(0) / 10) * 10,
      max: Math.ceil(shown((request?.ovenC ?? 130) + 8) / 10) * 10,
      decimalsInFloat: 0,
      title: {
        text: say.innermostClay(system.value === 'metric' ? '°C' : '°F'),
        style: { fontWeight: 400 },
      },
    },
    annotations: {
      yaxis: request
        ? [
            {
              y: shown(request.ovenC),
              borderColor: ink,
              label: {
                ...label(say.oven2(quantityText(request.ovenC, 'degC', system.value)), ink),
                position: 'left',
                textAnchor: 'start',
              },
            },
            ...targets.value.map((targetC) => ({
              y: shown(targetC),
              borderColor: soft,
              strokeDashArray: 4,
              label: {
                ...label(say.curesFrom(quantityText(targetC, 'degC', system.value)), soft),
                position: 'left',
                textAnchor: 'start',
                offsetY: 16,
              },
            })),
          ]
        : [],
      xaxis: marks.value.map(({ minutes, text: words }, i) => mark(minutes, words, ink, i)),
    },
  };
});
const spoken = computed(() =>
  props.cure.heat
    .map(({ result, working }) =>
      say.hotAfterMinutes(placeOf(result.caseId), working.value.toFixed(0)),
    )
    .join('; '),
);
</script>

<template>
  <div class="chart" role="img" :aria-label="say.chartOfWarming(spoken)">
    <ApexChart type="line" height="100%" :options="options" :series="series" />
  </div>
</template>

<style scoped>
.chart {
  flex: 1;
  min-height: 0;
}
</style>
