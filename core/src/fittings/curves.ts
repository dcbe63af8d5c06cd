import { toDeg, toRad } from '../units/angles.ts';

/** An arc of a circle: how long, how far it turns, and what a ruler finds on it. mm, degrees. */
export interface Arc {
  readonly lengthMm: number;
  readonly turnDeg: number;
  readonly radiusMm: number;
  /** Straight from end to end. */
  readonly chordMm: number;
  /** Height of the arc over its chord. */
  readonly sagittaMm: number;
}

/** An arc by its length and its turn (more than 0): R = L/turn, chord 2·R·|sin(turn/2)|, sagitta R·(1 − cos(turn/2)). */
export function arcOf(lengthMm: number, turnDeg: number): Arc {
  const turn = toRad(turnDeg);
  const radiusMm = lengthMm / turn;
  return {
    lengthMm,
    turnDeg,
    radiusMm,
    chordMm: 2 * radiusMm * Math.abs(Math.sin(turn / 2)),
    sagittaMm: radiusMm * (1 - Math.cos(turn / 2)),
  };
}

/** An arc as a ruler and a square find it: turn = 4·atan(2·s/c), R = (c²/4 + s²)/(2·s). */
export function arcOfChord(chordMm: number, sagittaMm: number): Arc {
  const radiusMm = (chordMm ** 2 / 4 + sagittaMm ** 2) / (2 * sagittaMm);
  const turn = 4 * Math.atan2(2 * sagittaMm, chordMm);
  return arcOf(radiusMm * turn, toDeg(turn));
}

/** Halvings of a turn: to the last bit of a number. */
const HALVINGS = 100;

/** An arc as a tape along it and a ruler across it find it: sin(turn/2)/(turn/2) = chord/length, by halving up to a full turn. */
export function arcOfTape(lengthMm: number, chordMm: number): Arc {
  let [low, high] = [0, 2 * Math.PI];
  for (let i = 0; i < HALVINGS; i++) {
    const turn = (low + high) / 2;
    const share = Math.sin(turn / 2) / (turn / 2);
    if (share > chordMm / lengthMm) low = turn;
    else high = turn;
  }
  return arcOf(lengthMm, toDeg((low + high) / 2));
}

/** A horn that grows by a constant share each turn. */
export interface GrowthSpiral {
  readonly lengthMm: number;
  readonly growthPerTurn: number;
  /** Between the spiral and the ray from its middle, degrees. */
  readonly angleToRayDeg: number;
}

/** A logarithmic spiral from one radius to another in so many turns (J. Bernoulli; D. W. Thompson, On Growth and Form, 1917). */
export function growthSpiral(startMm: number, endMm: number, turns: number): GrowthSpiral {
  const b = Math.log(endMm / startMm) / (2 * Math.PI * turns);
  return {
    lengthMm: (Math.sqrt(1 + b * b) / b) * (endMm - startMm),
    growthPerTurn: Math.exp(2 * Math.PI * b),
    angleToRayDeg: toDeg(Math.atan(1 / b)),
  };
}

/** Length in mm of a helix whose radius and height change evenly with its turning: the integral of its speed, in closed form. */
export function coneHelixMm(
  startMm: number,
  endMm: number,
  heightMm: number,
  turns: number,
): number {
  const c = 2 * Math.PI * turns;
  const a2 = (endMm - startMm) ** 2 + heightMm ** 2;
  const a = Math.sqrt(a2);
  const f = (r: number): number =>
    (r / 2) * Math.sqrt(a2 + c * c * r * r) + (a2 / (2 * c)) * Math.asinh((c * r) / a);
  // A helix that does not widen is a screw line.
  return endMm === startMm
    ? Math.hypot(c * startMm, heightMm)
    : (f(endMm) - f(startMm)) / (endMm - startMm);
}

/** Volume in mm³ of a round horn whose radius falls evenly along its line, however that is bent (Pappus, Guldin). */
export const hornMm3 = (lengthMm: number, baseMm: number, tipMm: number): number =>
  (Math.PI * lengthMm * (baseMm ** 2 + baseMm * tipMm + tipMm ** 2)) / 3;

/** Side in mm² of the same horn laid straight. */
export const straightHornMm2 = (lengthMm: number, baseMm: number, tipMm: number): number =>
  Math.PI * (baseMm + tipMm) * Math.hypot(lengthMm, baseMm - tipMm);

/** Stations along and round a horn; the sums converge as fast as its side is smooth. */
const ALONG = 400;
const ROUND = 128;
/** Places and weights of Gauss on a stretch from 0 to 1, five to each (handbook of functions). */
const GAUSS = [
  [0.046910077030668, 0.118463442528095],
  [0.230765344947158, 0.239314335249683],
  [0.5, 0.284444444444444],
  [0.769234655052842, 0.239314335249683],
  [0.953089922969332, 0.118463442528095],
] as const;

/**
 * Side in mm² of a horn bent along an arc that turns by so much: the integral over its length and round it of
 * r·√((1 − r/R·cos φ)² + ((r₁ − r₀)/L)²), without its ends.
 */
export function hornMm2(lengthMm: number, turnDeg: number, baseMm: number, tipMm: number): number {
  const bend = toRad(turnDeg) / lengthMm;
  const slope = (tipMm - baseMm) / lengthMm;
  let sum = 0;
  for (let i = 0; i < ALONG; i++)
    for (const [at, weight] of GAUSS) {
      const r = baseMm + (tipMm - baseMm) * ((i + at) / ALONG);
      let round = 0;
      for (let k = 0; k < ROUND; k++)
        round += Math.hypot(1 - r * bend * Math.cos((2 * Math.PI * k) / ROUND), slope);
      sum += (weight * r * round * 2 * Math.PI) / ROUND;
    }
  return (sum * lengthMm) / ALONG;
}
