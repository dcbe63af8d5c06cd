import type { Response } from 'express';

/** Streams at once; a bench has a hand or two. */
const MOST_STREAMS = 12;
/** A stream ends after so many readings; the page begins another when it still listens. */
const MOST_READINGS = 4000;

/** Refuses in a sentence. */
export function refuse(response: Response, status: number, sentence: string): void {
  response.status(status).type('text').send(sentence);
}

/**
 * A device's streams of readings as server-sent events, one reading every so many milliseconds until the page closes the
 * stream, the device has no more, or nobody reads. Only so many are open at once.
 */
export function readingStreams(): (
  response: Response,
  everyMs: number,
  next: () => object | null,
) => void {
  let streams = 0;
  return (response, everyMs, next) => {
    if (streams >= MOST_STREAMS) {
      refuse(
        response,
        503,
        `Too many streams are open: ${streams}; allowed are ${MOST_STREAMS} at once.`,
      );
      return;
    }
    streams += 1;
    response.set({
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-cache, no-transform',
      'X-Accel-Buffering': 'no',
    });
    response.flushHeaders();
    let sent = 0;
    const timer = setInterval(() => {
      // Nothing was taken since the last reading: whoever asked for them is gone.
      const reading = response.writableNeedDrain || ++sent > MOST_READINGS ? null : next();
      if (reading === null) {
        response.destroy();
        return;
      }
      response.write(`event: reading\ndata: ${JSON.stringify(reading)}\n\n`);
    }, everyMs);
    response.on('close', () => {
      clearInterval(timer);
      streams -= 1;
    });
  };
}
