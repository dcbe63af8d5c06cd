import { heatFlow } from '../cure/heatFlow.ts';
import { roundBody } from '../cure/heatCases.ts';
import type { HeatMaterial } from '../cure/oneTermHeat.ts';
import type { OvenLearnt } from '../workshop/workshopSchema.ts';
import { airAtSecond } from './settled.ts';
import { celsiusAt, type OvenTrace } from './ovenTrace.ts';

const STEP_S = 10;
/** Films that ovens have, W/(m²·K): still air to a strong fan. */
const FILMS = [2, 150] as const;
/** Golden section: each step leaves so much of the range. */
const GOLDEN = (Math.sqrt(5) - 1) / 2;
const SEARCH_STEPS = 40;
/** Fewer readings of the ball tell no film. */
const LEAST_READINGS = 8;

/** A clay of which some figures are ranges: typical, and the corners that conduct and hold heat least and most. */
export interface BallClay {
  readonly typical: Omit<HeatMaterial, 'film'>;
  readonly corners: readonly Omit<HeatMaterial, 'film'>[];
}

/**
 * The film coefficient at which a ball of clay in the measured air warms as its probe showed: least squares over the
 * ball's readings, the heat flow solved in the ball for each film that is tried. Its range is that of the figures of the
 * clay. Null where there are too few readings, or where the ball did not warm.
 */
export function learnFilm(
  air: OvenTrace,
  ball: OvenTrace,
  ballMm: number,
  clay: BallClay,
): OvenLearnt['film'] {
  const first = ball[0];
  const last = ball.at(-1);
  if (!first || !last || ball.length < LEAST_READINGS || last[1] - first[1] < 20) return null;
  const fit = (material: BallClay['typical']): number => bestFilm(air, ball, ballMm, material);
  const films = clay.corners.map(fit);
  const typical = fit(clay.typical);
  return { typical, low: Math.min(typical, ...films), high: Math.max(typical, ...films) };
}

function bestFilm(
  air: OvenTrace,
  ball: OvenTrace,
  ballMm: number,
  material: BallClay['typical'],
): number {
  const off = (logFilm: number): number =>
    squaredError(air, ball, ballMm, { ...material, film: Math.exp(logFilm) });
  let [low, high] = [Math.log(FILMS[0]), Math.log(FILMS[1])];
  let [a, b] = [high - GOLDEN * (high - low), low + GOLDEN * (high - low)];
  let [atA, atB] = [off(a), off(b)];
  for (let step = 0; step < SEARCH_STEPS; step++) {
    if (atA < atB) {
      [high, b, atB] = [b, a, atA];
      a = high - GOLDEN * (high - low);
      atA = off(a);
    } else {
      [low, a, atA] = [a, b, atB];
      b = low + GOLDEN * (high - low);
      atB = off(b);
    }
  }
  return Math.exp((low + high) / 2);
}

/** Mean square of what the ball's middle is off, K². */
function squaredError(
  air: OvenTrace,
  ball: OvenTrace,
  ballMm: number,
  material: HeatMaterial,
): number {
  const [start, startC] = ball[0]!;
  const end = ball.at(-1)![0];
  const steps = Math.ceil(((end - start) * 60) / STEP_S);
  const airAt = airAtSecond(air);
  const flow = heatFlow(
    roundBody('sphere', ballMm),
    material,
    startC,
    (second) => airAt(second + start * 60),
    STEP_S,
    steps,
    12,
  );
  const curve = flow.innermost.map((celsius, i): [number, number] => [
    start + (i * STEP_S) / 60,
    celsius,
  ]);
  return (
    ball.reduce((sum, [minute, celsius]) => sum + (curveAt(curve, minute) - celsius) ** 2, 0) /
    ball.length
  );
}

/** The curve has equal steps, so that its place is reckoned and not looked for. */
function curveAt(curve: readonly [number, number][], minute: number): number {
  const at = ((minute - curve[0]![0]) * 60) / STEP_S;
  const i = Math.min(curve.length - 2, Math.max(0, Math.floor(at)));
  return celsiusAt([curve[i]!, curve[i + 1]!], minute);
}
