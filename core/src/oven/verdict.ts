import type { StagedBake } from '../cure/curePlan.ts';
import { curesFromC } from '../bakes/cureRange.ts';
import { heatFlow } from '../cure/heatFlow.ts';
import { heatMaterials, ROOM_C } from '../cure/heatRequest.ts';
import type { HeatCase } from '../cure/heatCases.ts';
import { airAtSecond } from './settled.ts';
import { spellsAtLeast, traceFacts, type OvenTrace, type TraceFacts } from './ovenTrace.ts';

/**
 * What a bake was: enough; too short, or too cool, for the slowest clay or for its packet's rule; too hot for it; or so
 * hot that it browns.
 */
export type Verdict = 'enough' | 'short' | 'cool' | 'hot' | 'scorched';

/** How one place of the bake warmed in the air that was measured. */
export interface PlaceWarmed {
  readonly place: string;
  /** °C at each minute of the trace. */
  readonly innermostC: readonly number[];
  /** When the innermost clay was hot enough; null where it never was. */
  readonly reachMin: number | null;
  /** How long it stayed so hot. */
  readonly heldMin: number;
}

/** A bake judged by what it was. */
export interface Judged {
  readonly verdict: Verdict;
  readonly facts: TraceFacts;
  readonly places: readonly PlaceWarmed[];
  /** The place that was hot last, or stayed so least. */
  readonly slowest: PlaceWarmed | null;
  /** What the clays cure at, least and most; and how long the packet and the hold ask. */
  readonly lowC: number;
  readonly limitC: number;
}

const STEP_S = 10;
/** Above the limit for longer than so many minutes, or by more than so many degrees, it browns: common practice. */
const BROWNS_MIN = 3;
const BROWNS_K = 15;

/** Air is hot enough for clay from so many degrees over what that is to reach: common practice. */
const HOTTER_K = 4;

/**
 * Judges a trace of the air: the heat flow of every place of the bake is solved in that air, by the middle figures of its
 * clay. It was enough when the slowest place stayed hot for the hold, and the air for the packet's rule.
 */
export function judged(
  trace: OvenTrace,
  stage: Pick<StagedBake, 'cases' | 'rule' | 'items' | 'hard'>,
  film: readonly [number, number, number],
  holdMin: number,
): Judged {
  const { cases, rule, items, hard } = stage;
  const lowC = Math.max(...cases.map(({ figures }) => curesFromC(figures)));
  const limitC = Math.min(
    ...cases.map(({ figures }) => figures.limit.value),
    ...[...items, ...hard].map(({ standsC }) => standsC),
  );
  const facts = traceFacts(trace, lowC, limitC);
  const places = cases.map((heatCase) => warmed(trace, heatCase, film));
  const slowest =
    places.toSorted(
      (a, b) => a.heldMin - b.heldMin || (b.reachMin ?? Infinity) - (a.reachMin ?? Infinity),
    )[0] ?? null;
  return {
    verdict: verdictOf(facts, slowest, { lowC, limitC }, rule.value, holdMin),
    ...{ facts, places, slowest, lowC, limitC },
  };
}

function verdictOf(
  { minutesAtLeast, minutesAbove, peakC }: TraceFacts,
  slowest: PlaceWarmed | null,
  { lowC, limitC }: { readonly lowC: number; readonly limitC: number },
  ruleMin: number,
  holdMin: number,
): Verdict {
  if (minutesAbove > BROWNS_MIN || peakC > limitC + BROWNS_K) return 'scorched';
  if (minutesAbove > 0) return 'hot';
  // Air that is hot enough, and clay that is not, is a matter of time.
  if (slowest === null || (slowest.reachMin === null && peakC < lowC + HOTTER_K)) return 'cool';
  return minutesAtLeast < ruleMin || slowest.heldMin < holdMin ? 'short' : 'enough';
}

/** One place in the air as it was. */
function warmed(
  trace: OvenTrace,
  heatCase: HeatCase,
  film: readonly [number, number, number],
): PlaceWarmed {
  const { typical } = heatMaterials(heatCase, film);
  const start = trace[0]![0];
  const spanS = (trace.at(-1)![0] - start) * 60;
  const steps = Math.max(1, Math.ceil(spanS / STEP_S));
  const airAt = airAtSecond(trace);
  const { innermost } = heatFlow(
    heatCase.body,
    typical,
    ROOM_C,
    (second) => airAt(second + start * 60),
    STEP_S,
    steps,
  );
  const curve = innermost.map((celsius, i): readonly [number, number] => [
    start + (i * STEP_S) / 60,
    celsius,
  ]);
  const hot = spellsAtLeast(curve, curesFromC(heatCase.figures));
  return {
    place: heatCase.place,
    innermostC: curve.flatMap(([, celsius], i) => (i % (60 / STEP_S) === 0 ? [celsius] : [])),
    reachMin: hot[0]?.fromMin ?? null,
    heldMin: hot.reduce((most, { fromMin, toMin }) => Math.max(most, toMin - fromMin), 0),
  };
}
