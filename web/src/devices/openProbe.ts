import * as say from './words.ts';
import type { OvenReading } from '@keen-sinew/core';

/** Ovens that the stand-in can be, and how many times faster than the clock it may run. */
export const PROBE_OVENS = ['steady', 'overshoots', 'cool', 'hot', 'slow'] as const;
export type ProbeOven = (typeof PROBE_OVENS)[number];
export const PROBE_SPEEDS = [1, 10, 60, 600] as const;

/** What the probe is asked for. */
export interface ProbeSettings {
  readonly dialC: number;
  readonly oven: ProbeOven;
  readonly speed: number;
  readonly ballMm: number;
  readonly seed: number;
}

/** Opens the stream of the probe on the server; hands each reading on, and says why there are none. Returns how to close it. */
export function openProbe(
  { dialC, oven, speed, ballMm, seed }: ProbeSettings,
  onReading: (reading: OvenReading) => void,
  onProblem: (sentence: string) => void,
): () => void {
  const query = new URLSearchParams({
    ...{ dialC: dialC.toFixed(1), oven, speed: String(speed) },
    ...{ ballMm: ballMm.toFixed(1), seed: String(seed) },
  });
  const source = new EventSource(`/devices/probe?${query.toString()}`);
  source.addEventListener('reading', (event: MessageEvent<string>) =>
    onReading(JSON.parse(event.data) as OvenReading),
  );
  source.addEventListener('error', () => {
    source.close();
    onProblem(say.simulatedProbeDoesNot);
  });
  return () => source.close();
}
