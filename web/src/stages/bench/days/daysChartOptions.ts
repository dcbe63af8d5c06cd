import type { Booking, PieceToPlan } from '@keen-sinew/core';
import type { ApexOptions } from 'apexcharts';
import { clockText, dayText } from '../../../composables/dayText.ts';
import * as say from './words.ts';

const PAPER = { ink: '#20302e', soft: '#4f5d58', line: '#cfc6b2' };
const LAMP = { ink: '#ece6d8', soft: '#a9b5ae', line: '#4a5855' };
/** Hands, oven, and what goes on by itself. */
const COLOURS = {
  day: { person: '#1f6b5c', oven: '#8a5a0b', nothing: '#a9b5ae' },
  night: { person: '#5fb8a3', oven: '#dba84a', nothing: '#6d7a75' },
};
const ROWS = [
  ['person', say.hands],
  ['oven', say.oven],
  ['nothing', say.waits],
] as const;

const ms = (at: string): number => Date.parse(`${at}:00Z`);

/** A bar of the chart: a row, from when to when, and what it is. */
export interface Bar {
  readonly x: string;
  readonly y: [number, number];
  readonly fillColor: string;
  readonly title: string;
  readonly of: Booking;
}

/** The bars of the days shown: a row for the hands, the oven and what waits of each piece. */
export function barsOf(
  bookings: readonly Booking[],
  pieces: readonly PieceToPlan[],
  night: boolean,
): readonly Bar[] {
  const colours = COLOURS[night ? 'night' : 'day'];
  return pieces.flatMap(({ id, name }) =>
    ROWS.flatMap(([occupies, row]) =>
      bookings
        .filter((of) => of.piece === id && of.occupies === occupies)
        .map((of): Bar => ({
          x: pieces.length > 1 ? `${name}: ${row}` : row,
          y: [ms(of.start), ms(of.end)],
          ...{ fillColor: colours[occupies], title: of.title, of },
        })),
    ),
  );
}

/** The options of the chart for its library; bars tell their step when touched. */
export function daysChartOptions(
  night: boolean,
  span: readonly [from: string, to: string],
): ApexOptions {
  const { ink, soft, line } = night ? LAMP : PAPER;
  return {
    chart: {
      ...{ type: 'rangeBar', animations: { enabled: false }, toolbar: { show: false } },
      ...{ zoom: { enabled: false }, foreColor: soft, background: 'transparent' },
      fontFamily: 'Atkinson Hyperlegible Next Variable',
    },
    plotOptions: { bar: { horizontal: true, barHeight: '62%', rangeBarGroupRows: true } },
    grid: { borderColor: line, xaxis: { lines: { show: true } } },
    legend: { show: false },
    dataLabels: { enabled: false },
    tooltip: {
      theme: night ? 'dark' : 'light',
      custom: ({ seriesIndex, dataPointIndex, w }) => {
        const bar = w.config.series[seriesIndex].data[dataPointIndex] as Bar;
        const [from, to] = bar.y.map((at) => new Date(at).toISOString().slice(0, 16));
        return tooltip(bar.title, `${dayText(from!)} ${clockText(from!)}–${clockText(to!)}`);
      },
    },
    xaxis: {
      ...{ type: 'datetime', min: ms(span[0]), max: ms(span[1]) },
      labels: { datetimeUTC: true, format: 'ddd d MMM', style: { fontSize: '13px' } },
      axisBorder: { color: ink },
    },
    yaxis: { labels: { style: { fontSize: '13px' }, maxWidth: 220 } },
  };
}

/** Text as an element says it: what a user typed is no markup. */
function tooltip(title: string, when: string): string {
  const box = document.createElement('div');
  box.style.padding = '6px 10px';
  const name = document.createElement('b');
  name.textContent = title;
  const time = document.createElement('div');
  time.textContent = when;
  box.append(name, time);
  return box.outerHTML;
}
