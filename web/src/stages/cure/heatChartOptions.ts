import * as say from './words.ts';
import type { ApexOptions } from 'apexcharts';

/** A curve of the chart: as planned, or as it was measured. */
export interface ChartSeries {
  readonly name: string;
  readonly kind: 'planned' | 'air' | 'ball' | 'real';
  readonly data: { x: number; y: number | null }[];
}

/** What a chart of warming shows, in the units that are switched on. */
export interface ChartFacts {
  readonly night: boolean;
  readonly unit: string;
  readonly kinds: readonly ChartSeries['kind'][];
  readonly span: number;
  readonly topC: number;
  readonly lowC: number;
  readonly lines: readonly { readonly y: number; readonly text: string; readonly own: boolean }[];
  readonly marks: readonly { readonly x: number; readonly text: string }[];
}

const PAPER = { ink: '#20302e', soft: '#4f5d58', line: '#cfc6b2' };
const LAMP = { ink: '#ece6d8', soft: '#a9b5ae', line: '#4a5855' };
/** Rust and slate mean sides of the animal, so planned curves take the others, and a dash each; what was measured is plum. */
const PLANNED = {
  day: ['#20302e', '#1f6b5c', '#4f5d58', '#8a5a0b'],
  night: ['#ece6d8', '#5fb8a3', '#a9b5ae', '#dba84a'],
};
const MEASURED = {
  day: { air: '#7a2f6b', ball: '#b0709f', real: '#7a2f6b' },
  night: { air: '#d79bcb', ball: '#a8779e', real: '#d79bcb' },
};
const DASHES = [0, 7, 2, 12];
const MEASURED_DASH = { air: 0, ball: 3, real: 8 };

/** Minutes from one line of the axis to the next. */
export const stepOf = (minutes: number): number => (minutes < 120 ? 10 : minutes < 250 ? 20 : 50);

/** The options of the chart for its library. */
// eslint-disable-next-line max-lines-per-function -- one set of options
export function heatChartOptions(of: ChartFacts): ApexOptions {
  // Celsius by twenties, Fahrenheit by fifties.
  const step = of.topC > 200 ? 50 : 20;
  const bottom = Math.floor(of.lowC / step) * step;
  const top = Math.ceil(of.topC / step) * step;
  const { ink, soft, line } = of.night ? LAMP : PAPER;
  const time = of.night ? 'night' : 'day';
  const label = (text: string, colour: string) => ({
    text,
    borderWidth: 0,
    style: { background: 'transparent', color: colour, fontSize: '13px' },
  });
  const colourOf = (kind: ChartSeries['kind'], i: number): string =>
    kind === 'planned' ? PLANNED[time][i % PLANNED[time].length]! : MEASURED[time][kind];
  return {
    chart: {
      animations: { enabled: false },
      toolbar: { show: false },
      zoom: { enabled: false },
      fontFamily: say.atkinsonHyperlegibleNextVariable,
      foreColor: soft,
      background: 'transparent',
    },
    colors: of.kinds.map(colourOf),
    stroke: {
      width: of.kinds.map((kind) => (kind === 'ball' ? 2 : 3)),
      dashArray: of.kinds.map((kind, i) =>
        kind === 'planned' ? DASHES[i % DASHES.length]! : MEASURED_DASH[kind],
      ),
      curve: 'straight',
    },
    grid: { borderColor: line },
    legend: { position: 'top', horizontalAlign: 'left', fontSize: '14px' },
    tooltip: { theme: of.night ? 'dark' : 'light' },
    xaxis: {
      type: 'numeric',
      min: 0,
      max: of.span,
      tickAmount: of.span / stepOf(of.span),
      decimalsInFloat: 0,
      title: { text: say.minutesInHotOven, style: { fontWeight: 400 } },
      axisBorder: { color: ink },
    },
    yaxis: {
      min: bottom,
      max: top,
      tickAmount: (top - bottom) / step,
      decimalsInFloat: 0,
      title: { text: say.innermostClay(of.unit), style: { fontWeight: 400 } },
    },
    annotations: {
      yaxis: of.lines.map(({ y, text, own }) => ({
        y,
        borderColor: own ? ink : soft,
        strokeDashArray: own ? 0 : 4,
        label: {
          ...label(text, own ? ink : soft),
          position: 'left',
          textAnchor: 'start',
          offsetY: own ? 0 : 16,
        },
      })),
      xaxis: of.marks.map(({ x, text }, row) => ({
        x,
        borderColor: ink,
        strokeDashArray: 4,
        label: {
          ...label(text, ink),
          orientation: 'horizontal',
          // Below the curves and the lines of the oven.
          position: 'bottom',
          offsetY: -8 - 18 * row,
        },
      })),
    },
  };
}
