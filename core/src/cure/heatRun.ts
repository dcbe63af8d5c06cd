import { heatFlow, timeToReachS } from './heatFlow.ts';
import type { HeatPlace, HeatRequest } from './heatRequest.ts';
import type { HeatMaterial } from './oneTermHeat.ts';

/** How one place warms: its curves each minute, °C, and when its innermost clay is hot, minutes. */
export interface HeatResult {
  readonly caseId: string;
  readonly innermostC: readonly number[];
  readonly surfaceC: readonly number[];
  /** Null where it does not get hot within {@link HORIZON_MIN}. */
  readonly reachMin: number | null;
  readonly quickestMin: number | null;
  readonly slowestMin: number | null;
}

/** The answer to one request. */
export interface HeatRun {
  readonly results: readonly HeatResult[];
}

/** Bakes longer than this are not reckoned, minutes. */
export const HORIZON_MIN = 300;
const STEP_S = 5;
const STEPS_PER_MIN = 60 / STEP_S;

/**
 * Heat flow for every place of a request: with typical figures, and with the corners of their
 * ranges. Slow beside everything else, so it runs in a worker. `onProgress` is told 0 to 1.
 */
export function heatRun(
  request: HeatRequest,
  onProgress: (done: number) => void = () => undefined,
): HeatRun {
  const results = request.cases.map((heatPlace, i): HeatResult => {
    const typical = warm(heatPlace, request, heatPlace.typical);
    const corner = (material: HeatMaterial): number | null =>
      reached(warm(heatPlace, request, material).innermost, heatPlace.targetC);
    const result = {
      caseId: heatPlace.id,
      innermostC: eachMinute(typical.innermost),
      surfaceC: eachMinute(typical.surface),
      reachMin: reached(typical.innermost, heatPlace.targetC),
      quickestMin: corner(heatPlace.quickest),
      slowestMin: corner(heatPlace.slowest),
    };
    onProgress((i + 1) / request.cases.length);
    return result;
  });
  return { results };
}

const warm = (heatPlace: HeatPlace, request: HeatRequest, material: HeatMaterial) =>
  heatFlow(
    heatPlace.body,
    material,
    request.startC,
    heatPlace.ovenC,
    STEP_S,
    HORIZON_MIN * STEPS_PER_MIN,
  );

const eachMinute = (curve: readonly number[]): readonly number[] =>
  curve.filter((_, i) => i % STEPS_PER_MIN === 0);

function reached(curve: readonly number[], targetC: number): number | null {
  const seconds = timeToReachS(curve, STEP_S, targetC);
  return seconds === null ? null : seconds / 60;
}
