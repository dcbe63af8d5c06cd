import { Router, type Request, type Response } from 'express';
import { readingStreams, refuse } from './streams.ts';

/** What an oven does: where it settles over its dial, how slowly it warms, how far it shoots over, how it swings. */
interface Oven {
  readonly offsetK: number;
  readonly warmsMin: number;
  readonly overshootK: number;
  readonly swingK: number;
}

/** Ovens that the stand-in can be; invented, as small ovens are. */
export const OVENS = {
  steady: { offsetK: 0, warmsMin: 6, overshootK: 0, swingK: 2 },
  overshoots: { offsetK: 2, warmsMin: 5, overshootK: 72, swingK: 3 },
  cool: { offsetK: -28, warmsMin: 8, overshootK: 0, swingK: 2 },
  hot: { offsetK: 16, warmsMin: 6, overshootK: 6, swingK: 3 },
  slow: { offsetK: -4, warmsMin: 16, overshootK: 0, swingK: 2 },
} as const satisfies Record<string, Oven>;
export type OvenKind = keyof typeof OVENS;

const ROOM_C = 20;
const SWING_MIN = 7;
/** An overshoot is greatest after so many times the warming. */
const OVERSHOOT_AT = 2.4;
/** A probe shows tenths, and scatters by about as much. */
const SCATTER_K = 0.15;
/** Oven clay, middle figures: W/(m·K), J/(m³·K); still air, W/(m²·K). */
const CLAY = { k: 0.25, rhoC: 1750 * 1350, film: 14 } as const;
const SHELLS = 10;
const BALL_STEP_S = 0.5;

export interface ProbeReading {
  readonly min: number;
  readonly airC: number;
  readonly ballC: number;
}

/** The air of an oven that was switched on cold, °C after so many minutes. */
export function airC(kind: OvenKind, dialC: number, min: number): number {
  const { offsetK, warmsMin, overshootK, swingK } = OVENS[kind];
  const settlesC = dialC + offsetK;
  const warming = settlesC - (settlesC - ROOM_C) * Math.exp(-min / warmsMin);
  const late = min / (OVERSHOOT_AT * warmsMin);
  const over = overshootK * late ** 2 * Math.exp(2 * (1 - late));
  const swings = 1 - Math.exp(-min / (3 * warmsMin));
  return warming + over + swings * swingK * Math.sin((2 * Math.PI * min) / SWING_MIN);
}

/**
 * What two probes show, one in the air and one in the middle of a ball of clay beside the piece, every `stepMin`; the
 * same for the same seed. The ball warms shell by shell, in small explicit steps.
 */
export function* probeReadings(
  kind: OvenKind,
  dialC: number,
  ballMm: number,
  stepMin: number,
  seed: number,
): Generator<ProbeReading, never> {
  let state = seed >>> 0;
  const even = (): number => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32 - 0.5;
  };
  const shown = (celsius: number): number =>
    Math.round((celsius + 2 * SCATTER_K * even()) * 10) / 10;
  const ball = ballOf(ballMm);
  for (let n = 0; ; n++) {
    const min = n * stepMin;
    yield {
      min: Math.round(min * 100) / 100,
      airC: shown(airC(kind, dialC, min)),
      ballC: shown(ball.middleC()),
    };
    for (let s = 0; s < stepMin * 60; s += BALL_STEP_S)
      ball.warm(airC(kind, dialC, min + s / 60), BALL_STEP_S);
  }
}

/** A ball of clay at room temperature. */
function ballOf(mm: number): {
  warm: (airC: number, seconds: number) => void;
  middleC: () => number;
} {
  const radius = mm / 2000;
  const dr = radius / SHELLS;
  const celsius = new Float64Array(SHELLS).fill(ROOM_C);
  const volume = (i: number): number => (((i + 1) * dr) ** 3 - (i * dr) ** 3) / 3;
  // Half a shell of clay and the film of air, one behind the other.
  const skin = 1 / (1 / CLAY.film + dr / 2 / CLAY.k);
  return {
    warm(airC, seconds) {
      const flow = Float64Array.from(celsius, (t, i) =>
        i === SHELLS - 1
          ? skin * radius ** 2 * (airC - t)
          : (CLAY.k / dr) * ((i + 1) * dr) ** 2 * (celsius[i + 1]! - t),
      );
      for (let i = 0; i < SHELLS; i++) {
        const into = flow[i]! - (i > 0 ? flow[i - 1]! : 0);
        celsius[i]! += (into * seconds) / (CLAY.rhoC * volume(i));
      }
    },
    middleC: () => celsius[0]!,
  };
}

/** How many times faster than the clock it may run. */
export const PROBE_LIMITS = {
  minDialC: 40,
  maxDialC: 300,
  minBallMm: 8,
  maxBallMm: 60,
  maxSpeed: 3000,
} as const;

/**
 * The stand-in for a probe in an oven: `GET /probe?dialC=122&oven=steady&ballMm=20&speed=60&seed=1` streams readings
 * from the moment when the oven is switched on, `speed` times faster than the clock.
 */
export function probe(): Router {
  const router = Router();
  const open = readingStreams();
  router.get('/probe', (request: Request, response: Response) => {
    const { query } = request;
    const kind = String(query['oven'] ?? 'steady');
    const [dialC, ballMm, speed, seed] = [
      Number(query['dialC']),
      Number(query['ballMm'] ?? 20),
      Number(query['speed'] ?? 60),
      Number(query['seed'] ?? 1),
    ];
    const { minDialC, maxDialC, minBallMm, maxBallMm, maxSpeed } = PROBE_LIMITS;
    const isGood =
      Object.hasOwn(OVENS, kind) &&
      dialC >= minDialC &&
      dialC <= maxDialC &&
      ballMm >= minBallMm &&
      ballMm <= maxBallMm &&
      speed >= 1 &&
      speed <= maxSpeed &&
      Number.isInteger(seed);
    if (!isGood) {
      const received = ['oven', 'dialC', 'ballMm', 'speed', 'seed']
        .map((name) => `${name} “${String(query[name])}”`)
        .join(', ');
      refuse(
        response,
        400,
        `The probe: received ${received}; allowed is one of ${Object.keys(OVENS).join(', ')}, a dial from ${minDialC} to ${maxDialC} °C, a ball from ${minBallMm} to ${maxBallMm} mm, a speed from 1 to ${maxSpeed} and a whole number.`,
      );
      return;
    }
    const stepMin = speed < 10 ? 0.25 : 0.5;
    const readings = probeReadings(kind as OvenKind, dialC, ballMm, stepMin, seed);
    open(response, (stepMin * 60_000) / speed, () => readings.next().value);
  });
  return router;
}
