import * as say from './words.ts';
import type { ClayFigures } from '../mass/clayFigures.ts';
import type { OvenLog } from '../piece/cureSchema.ts';
import { input, type Working } from '../piece/working.ts';
import { learnFilm } from './learnFilm.ts';

/** The film of an oven from a log with a ball of clay; null without one, or where the ball tells nothing. Some ten milliseconds. */
export function learntFilm(log: OvenLog, { clay, density }: ClayFigures): Working | null {
  const { ballMm, readings } = log;
  if (ballMm === null) return null;
  const air = readings.map(({ min, airC }): [number, number] => [min, airC]);
  const ball = readings.flatMap(({ min, ballC }): [number, number][] =>
    ballC === null ? [] : [[min, ballC]],
  );
  const [k, c] = [clay.conductivity, clay.specificHeat];
  const of = (conductivity: number, specificHeat: number) => ({
    conductivity,
    specificHeat,
    densityKgM3: density.value * 1000,
  });
  const film = learnFilm(air, ball, ballMm, {
    typical: of(k[2], c[2]),
    corners: [of(k[0], c[1]), of(k[1], c[0])],
  });
  if (film === null) return null;
  return {
    id: `oven.${log.id}.film`,
    stage: 'cure',
    label: say.filmOfAir,
    value: film.typical,
    unit: 'W/m2K',
    provenance: 'measured',
    reading: {
      method: say.filmMethod,
      resolution: say.readings(ball.length),
      checkedBy: 'core/src/oven/oven.test.ts',
    },
    inputs: [
      input('d', say.acrossBall, ballMm, 'mm', 'own'),
      input('k', clay.name, k[2], 'W/mK', 'memory'),
    ],
    source: say.filmRange,
    range: [film.low, film.high],
  };
}
