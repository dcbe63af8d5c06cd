import { Router, type Request, type Response } from 'express';

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

/** Streams at once; a bench has a hand or two. */
const MOST_STREAMS = 12;
/** A stream ends after so many readings; the page begins another when it still listens. */
const MOST_READINGS = 4000;

/**
 * The stand-in for a caliper on the bench: `GET /caliper?mm=82&seed=1` streams readings of a length
 * as server-sent events until the page closes the stream. A stream that nobody reads is closed, and
 * only so many are open at once.
 */
export function caliper(everyMs: number): Router {
  const router = Router();
  let streams = 0;
  router.get('/caliper', (request: Request, response: Response) => {
    const mm = Number(request.query['mm']);
    const seed = Number(request.query['seed'] ?? 1);
    if (!(mm >= CALIPER_LIMITS.minMm && mm <= CALIPER_LIMITS.maxMm) || !Number.isInteger(seed)) {
      response
        .status(400)
        .type('text')
        .send(
          `mm and seed: received “${String(request.query['mm'])}” and “${String(request.query['seed'])}”; allowed is a length from ${CALIPER_LIMITS.minMm} to ${CALIPER_LIMITS.maxMm} mm and a whole number.`,
        );
      return;
    }
    if (streams >= MOST_STREAMS) {
      response
        .status(503)
        .type('text')
        .send(`Too many streams are open: ${streams}; allowed are ${MOST_STREAMS} at once.`);
      return;
    }
    streams += 1;
    response.set({
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-cache, no-transform',
      'X-Accel-Buffering': 'no',
    });
    response.flushHeaders();
    const readings = caliperReadings(mm, seed);
    let sent = 0;
    const timer = setInterval(() => {
      // Nothing was taken since the last reading: whoever asked for them is gone.
      if (response.writableNeedDrain || ++sent > MOST_READINGS) {
        response.destroy();
        return;
      }
      response.write(
        `event: reading\ndata: ${JSON.stringify({ mm: Number(readings.next().value.toFixed(2)) })}\n\n`,
      );
    }, everyMs);
    response.on('close', () => {
      clearInterval(timer);
      streams -= 1;
    });
  });
  return router;
}
