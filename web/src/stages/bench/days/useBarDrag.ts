import type { Booking } from '@keen-sinew/core';
import { ref, type Ref } from 'vue';
import type { Bar } from './daysChartOptions.ts';

/** Bars as the chart's library draws them, each with its place among the data. */
const BAR = 'path.apexcharts-rangebar-area';
const DAY_MS = 86_400_000;
/** A bar that is moved less than this was only touched, px. */
const LEAST_PX = 6;

/** Milliseconds of the chart in a pixel, by its first bar and the one that begins farthest from it; null with one alone. */
export function msPerPx(
  bars: readonly { readonly leftPx: number; readonly startMs: number }[],
): number | null {
  const sorted = bars.toSorted((a, b) => a.startMs - b.startMs);
  const [first, last] = [sorted[0], sorted.at(-1)];
  if (first === undefined || last === undefined) return null;
  const px = last.leftPx - first.leftPx;
  return px < 1 ? null : (last.startMs - first.startMs) / px;
}

/** The day on which a bar begins that was moved by so much. */
export const dayAfter = (startMs: number, byMs: number): string =>
  new Date(Math.round((startMs + byMs) / DAY_MS - 0.5) * DAY_MS).toISOString().slice(0, 10);

/** Drags a bar of the chart to another day; `allowed` are the bars that may be, `drop` is told where one was let go. */
export function useBarDrag(
  bars: () => readonly Bar[],
  allowed: (booking: Booking) => boolean,
  drop: (booking: Booking, day: string) => void,
): {
  /** The day that the bar under way would be pinned to. */
  readonly over: Readonly<Ref<string | null>>;
  readonly grab: (event: PointerEvent) => void;
} {
  const over = ref<string | null>(null);
  function grab(event: PointerEvent): void {
    const path = (event.target as Element).closest<SVGPathElement>(BAR);
    const bar = bars()[Number(path?.getAttribute('j'))];
    const chart = event.currentTarget as HTMLElement;
    if (path === null || bar === undefined || !allowed(bar.of)) return;
    const scale = msPerPx(
      [...chart.querySelectorAll(BAR)].map((of) => ({
        leftPx: of.getBoundingClientRect().left,
        startMs: bars()[Number(of.getAttribute('j'))]?.y[0] ?? 0,
      })),
    );
    if (scale === null) return;
    event.preventDefault();
    chart.setPointerCapture(event.pointerId);
    const from = event.clientX;
    const move = ({ clientX }: PointerEvent): void => {
      path.setAttribute('transform', `translate(${clientX - from} 0)`);
      over.value = dayAfter(bar.y[0], (clientX - from) * scale);
    };
    const end = ({ type, clientX }: PointerEvent): void => {
      chart.removeEventListener('pointermove', move);
      chart.removeEventListener('pointerup', end);
      chart.removeEventListener('pointercancel', end);
      path.removeAttribute('transform');
      over.value = null;
      if (type === 'pointerup' && Math.abs(clientX - from) >= LEAST_PX)
        drop(bar.of, dayAfter(bar.y[0], (clientX - from) * scale));
    };
    chart.addEventListener('pointermove', move);
    chart.addEventListener('pointerup', end);
    chart.addEventListener('pointercancel', end);
  }
  return { over, grab };
}
