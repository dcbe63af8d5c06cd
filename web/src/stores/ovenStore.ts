import type { OvenLog, OvenReading } from '@keen-sinew/core';
import { defineStore } from 'pinia';
import { ref, shallowRef } from 'vue';
import { openProbe, type ProbeSettings } from '../devices/openProbe.ts';
import { readSetting, writeSetting } from './settingStorage.ts';

/** A bake that is in the oven now. */
export interface RunningBake extends Pick<OvenLog, 'bake' | 'dialC' | 'by' | 'ballMm'> {
  readonly pieceId: string;
  /** When it was put in, ms of the clock. */
  readonly startedMs: number;
  readonly readings: readonly OvenReading[];
  /** Nobody reads it any more: the page was closed, or the probe does not answer. */
  readonly isBroken: boolean;
}

const KEY = 'oven-running';
/** It is kept no more often than this, ms: readings of a quick probe come faster. */
const KEEP_MS = 1000;
/** As many readings as a document takes. */
const MOST_READINGS = 3000;

/** The oven: the one bake that is in it. It goes on while the user is elsewhere, and what was read outlives the page. */
export const useOvenStore = defineStore('oven', () => {
  const running = shallowRef<RunningBake | null>(null);
  const problem = ref<string | null>(null);
  let close: (() => void) | null = null;
  let keptMs = 0;
  let asked: Promise<void> | null = null;

  /** Takes up again what a closed page has left; once. */
  function restore(): Promise<void> {
    asked ??= readSetting<RunningBake | null>(KEY).then((left) => {
      if (left && running.value === null) running.value = { ...left, isBroken: true };
    });
    return asked;
  }

  function keep(now: number): void {
    keptMs = now;
    // As plain data: a store of the browser takes no live object.
    writeSetting(KEY, running.value && (JSON.parse(JSON.stringify(running.value)) as RunningBake));
  }

  function add(reading: OvenReading): void {
    const bake = running.value;
    if (bake === null || bake.readings.length >= MOST_READINGS) return;
    const readings = [...bake.readings.filter(({ min }) => min !== reading.min), reading];
    running.value = { ...bake, readings: readings.toSorted((a, b) => a.min - b.min) };
    const now = Date.now();
    if (now - keptMs > KEEP_MS) keep(now);
  }

  function stop(): void {
    close?.();
    close = null;
  }

  /** Puts a bake in; with a probe its readings come by themselves. */
  function start(
    of: Omit<RunningBake, 'startedMs' | 'readings' | 'isBroken'>,
    probe: ProbeSettings | null,
  ): void {
    stop();
    problem.value = null;
    running.value = { ...of, startedMs: Date.now(), readings: [], isBroken: false };
    keep(Date.now());
    if (probe === null) return;
    close = openProbe(probe, add, (sentence) => {
      stop();
      problem.value = sentence;
      if (running.value) running.value = { ...running.value, isBroken: true };
    });
  }

  /** Takes it out: what it was, or null where nothing was read; the oven is empty then. */
  function take(): RunningBake | null {
    stop();
    const bake = running.value;
    running.value = null;
    keep(Date.now());
    return bake !== null && bake.readings.length > 0 ? bake : null;
  }

  return { running, problem, restore, start, add, take };
});
