import { celsiusAt, meanC, spellsAtLeast, type OvenTrace } from './ovenTrace.ts';

/** A trace counts as hot from this share of the way between its first reading and where it mostly is: common practice. */
const HOT_SHARE = 0.85;
/** Warming is read between these shares of the way to where it settles. */
const WARMING = [0.2, 0.8] as const;
/** An oven that begins this near to where it settles was hot before, K. */
const PREHEATED_K = 25;
/** Shorter than this a plateau tells nothing, minutes. */
const LEAST_MIN = 4;

/** Where an oven settles: its mean temperature in the later half of its longest hot spell, °C, and when that was. */
export interface Settled {
  readonly meanC: number;
  readonly fromMin: number;
  readonly toMin: number;
}

/** Three quarters of the time it is no hotter than this: an overshoot of some minutes does not count. */
function mostlyC(trace: OvenTrace): number {
  const [from, to] = [trace[0]![0], trace.at(-1)![0]];
  const sampled = Array.from({ length: SAMPLES }, (_, i) =>
    celsiusAt(trace, from + ((i + 0.5) / SAMPLES) * (to - from)),
  );
  return sampled.toSorted((a, b) => a - b)[Math.floor(0.75 * SAMPLES)]!;
}
const SAMPLES = 200;

/** Where the air settled; null where the trace has no hot spell that is long enough. An overshoot at the start is left out by taking the later half. */
export function settledAt(trace: OvenTrace): Settled | null {
  const first = trace[0]?.[1];
  if (first === undefined) return null;
  const hot = spellsAtLeast(trace, first + HOT_SHARE * (mostlyC(trace) - first));
  const [longest] = hot.toSorted((a, b) => b.toMin - b.fromMin - (a.toMin - a.fromMin));
  if (longest === undefined || longest.toMin - longest.fromMin < 2 * LEAST_MIN) return null;
  const fromMin = (longest.fromMin + longest.toMin) / 2;
  return { meanC: meanC(trace, fromMin, longest.toMin), fromMin, toMin: longest.toMin };
}

/** How fast the air warmed, °C a minute, between a fifth and four fifths of the way; null where it was hot before, or never settled. */
export function warmingCPerMin(trace: OvenTrace): number | null {
  const settled = settledAt(trace);
  const first = trace[0]?.[1];
  if (settled === null || first === undefined) return null;
  const way = settled.meanC - first;
  if (way < PREHEATED_K) return null;
  const [at20, at80] = WARMING.map((share) => firstAt(trace, first + share * way));
  if (at20 === undefined || at80 === undefined || at80 <= at20) return null;
  return ((WARMING[1] - WARMING[0]) * way) / (at80 - at20);
}

const firstAt = (trace: OvenTrace, celsius: number): number | undefined =>
  spellsAtLeast(trace, celsius)[0]?.fromMin;

/** The air at a second of the trace, °C; before and after it as at its ends. */
export function airAtSecond(trace: OvenTrace): (second: number) => number {
  // Seconds are asked for in their order, so that the piece of the trace is next to the last one.
  let at = 0;
  return (second) => {
    const minute = second / 60;
    if (at > 0 && trace[at]![0] > minute) at = 0;
    while (at < trace.length - 2 && trace[at + 1]![0] < minute) at += 1;
    return celsiusAt(trace.slice(at, at + 2), minute);
  };
}
