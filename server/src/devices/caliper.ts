import { Router, type Request, type Response } from 'express';
import { readingStreams, refuse } from './streams.ts';

/** How far one reading of a practised hand scatters, as a share of the length (one sigma). */
const SCATTER = 0.004;
/** Every so many readings the jaws slip, so that a doubtful reading can be seen. */
const SLIP_EVERY = 7;
const SLIP = 0.9;
/** A caliper shows hundredths. */
const STEP_MM = 0.01;
export const CALIPER_LIMITS = { minMm: 0.1, maxMm: 5000 } as const;

/** Readings of a length as a digital caliper would send them, the same for the same seed. */
export function* caliperReadings(mm: number, seed: number): Generator<number, never> {
  let state = seed >>> 0;
  const even = (): number => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
  for (let n = 1; ; n++) {
    // Twelve even numbers less six are nearly normal (central limit theorem).
    const normal = Array.from({ length: 12 }, even).reduce((sum, v) => sum + v, -6);
    const read = mm * (n % SLIP_EVERY === 0 ? SLIP : 1 + SCATTER * normal);
    yield Math.round(read / STEP_MM) * STEP_MM;
  }
}

/**
 * The stand-in for a caliper on the bench: `GET /caliper?mm=82&seed=1` streams readings of a length
 * as server-sent events until the page closes the stream.
 */
export function caliper(everyMs: number): Router {
  const router = Router();
  const open = readingStreams();
  router.get('/caliper', (request: Request, response: Response) => {
    const mm = Number(request.query['mm']);
    const seed = Number(request.query['seed'] ?? 1);
    if (!(mm >= CALIPER_LIMITS.minMm && mm <= CALIPER_LIMITS.maxMm) || !Number.isInteger(seed)) {
      refuse(
        response,
        400,
        `mm and seed: received “${String(request.query['mm'])}” and “${String(request.query['seed'])}”; allowed is a length from ${CALIPER_LIMITS.minMm} to ${CALIPER_LIMITS.maxMm} mm and a whole number.`,
      );
      return;
    }
    const readings = caliperReadings(mm, seed);
    open(response, everyMs, () => ({ mm: Number(readings.next().value.toFixed(2)) }));
  });
  return router;
}
