/** A reading of a probe: minutes on the clock of the trace, °C. Minutes rise strictly from point to point. */
export type TracePoint = readonly [minute: number, celsius: number];
export type OvenTrace = readonly TracePoint[];

/** Straight pieces between readings; nothing is known before the first and after the last. */
interface Piece {
  readonly from: TracePoint;
  readonly to: TracePoint;
}

const piecesOf = (trace: OvenTrace): readonly Piece[] =>
  trace.slice(1).map((to, i) => ({ from: trace[i]!, to }));

/** A stretch of time, minutes. */
export interface Spell {
  readonly fromMin: number;
  readonly toMin: number;
}

/** The minute at which a straight piece passes a temperature. */
function crossing({ from: [t1, c1], to: [t2, c2] }: Piece, celsius: number): number {
  return t1 + ((celsius - c1) * (t2 - t1)) / (c2 - c1);
}

/**
 * Unbroken stretches at a temperature or above it. A touch at one moment is a spell of 0 min; a touch from above
 * breaks none.
 */
export function spellsAtLeast(trace: OvenTrace, celsius: number): readonly Spell[] {
  const spells: Spell[] = [];
  const add = (fromMin: number, toMin: number): void => {
    const last = spells.at(-1);
    if (last !== undefined && last.toMin === fromMin)
      spells[spells.length - 1] = { ...last, toMin };
    else spells.push({ fromMin, toMin });
  };
  if (trace.length === 1 && trace[0]![1] >= celsius) add(trace[0]![0], trace[0]![0]);
  for (const piece of piecesOf(trace)) {
    const [[t1, c1], [t2, c2]] = [piece.from, piece.to];
    if (c1 >= celsius && c2 >= celsius) add(t1, t2);
    else if (c1 >= celsius) add(t1, c1 === celsius ? t1 : crossing(piece, celsius));
    else if (c2 >= celsius) add(c2 === celsius ? t2 : crossing(piece, celsius), t2);
  }
  return spells;
}

const lengthMin = ({ fromMin, toMin }: Spell): number => toMin - fromMin;

/** Minutes above a temperature: the level itself does not count. */
export const minutesAbove = (trace: OvenTrace, celsius: number): number =>
  piecesOf(trace).reduce((sum, piece) => {
    const [[t1, c1], [t2, c2]] = [piece.from, piece.to];
    if (c1 <= celsius && c2 <= celsius) return sum;
    if (c1 > celsius && c2 > celsius) return sum + t2 - t1;
    const at = crossing(piece, celsius);
    return sum + (c1 > celsius ? at - t1 : t2 - at);
  }, 0);

/** The temperature at a minute inside the trace, °C. */
export function celsiusAt(trace: OvenTrace, minute: number): number {
  const piece = piecesOf(trace).find(({ from, to }) => minute >= from[0] && minute <= to[0]);
  if (piece === undefined) return (minute < trace[0]![0] ? trace[0]! : trace.at(-1)!)[1];
  const [[t1, c1], [t2, c2]] = [piece.from, piece.to];
  return c1 + ((minute - t1) * (c2 - c1)) / (t2 - t1);
}

/** Mean temperature between two minutes inside the trace, °C: trapezium by trapezium, the ends between readings. */
export function meanC(trace: OvenTrace, fromMin: number, toMin: number): number {
  const inside = trace.filter(([minute]) => minute > fromMin && minute < toMin);
  const ends = [fromMin, toMin].map((minute): TracePoint => [minute, celsiusAt(trace, minute)]);
  const area = piecesOf([ends[0]!, ...inside, ends[1]!]).reduce(
    (sum, { from: [t1, c1], to: [t2, c2] }) => sum + ((c1 + c2) / 2) * (t2 - t1),
    0,
  );
  return area / (toMin - fromMin);
}

/** What a trace tells: times at two temperatures, and its peak. */
export interface TraceFacts {
  readonly minutesAtLeast: number;
  readonly longestSpellMin: number;
  readonly spells: number;
  /** Null where it never is so hot. */
  readonly firstAtLeastMin: number | null;
  readonly peakC: number;
  readonly peakAtMin: number;
  readonly minutesAbove: number;
}

/** Facts of a trace of at least one reading: minutes at `atLeastC` or above, and above `aboveC`. */
export function traceFacts(trace: OvenTrace, atLeastC: number, aboveC: number): TraceFacts {
  const spells = spellsAtLeast(trace, atLeastC);
  const peakC = trace.reduce((most, [, celsius]) => Math.max(most, celsius), -Infinity);
  return {
    minutesAtLeast: spells.reduce((sum, spell) => sum + lengthMin(spell), 0),
    longestSpellMin: spells.reduce((most, spell) => Math.max(most, lengthMin(spell)), 0),
    spells: spells.length,
    firstAtLeastMin: spells[0]?.fromMin ?? null,
    peakC,
    peakAtMin: trace.find(([, celsius]) => celsius === peakC)![0],
    minutesAbove: minutesAbove(trace, aboveC),
  };
}
