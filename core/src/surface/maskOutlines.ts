import { contourLoops, loopArea } from '../geometry/contours.ts';
import type { Point2 } from '../geometry/hull.ts';
import type { DepthBuffer } from './depthBuffer.ts';
import { simplified, smoothed } from './pixelLines.ts';

/** Areas smaller than this are crumbs, in pixels. */
const LEAST_AREA = 12;
/** Few for outlines, whose tips would be lost. */
const OUTLINE_SMOOTHINGS = 2;
/** Points may be left out of lines within this, in pixels. */
export const TOLERANCE = 0.2;

/** A pixel that belongs stays inside, also at the tip of something thin: what it counts at least. */
const KEPT = 0.56;

/** Pixels round what an outline is drawn of, for the spreading. */
const MARGIN = 3;

/**
 * Outlines of the pixels that belong to something, smooth: the mask is spread by the binomial 1-2-1 both ways
 * and cut at a half, which keeps straight edges where they are; thin tips stay.
 */
export function maskOutlines(
  buffer: DepthBuffer,
  belongs: (at: number) => boolean,
): readonly (readonly Point2[])[] {
  const window = windowOf(buffer, belongs);
  if (window === undefined) return [];
  const { left, low, wide, high } = window;
  const mask = new Float32Array(wide * high);
  for (let y = MARGIN; y < high - MARGIN; y++)
    for (let x = MARGIN; x < wide - MARGIN; x++)
      if (belongs(left + x + buffer.wide * (low + y))) mask[x + wide * y] = 1;
  const spread = spreadBy(spreadBy(mask, 1), wide);
  for (let at = 0; at < spread.length; at++)
    spread[at] = 0.5 - Math.max(spread[at]!, KEPT * mask[at]!);
  return contourLoops(spread, wide, high)
    .filter((loop) => Math.abs(loopArea(loop)) >= LEAST_AREA)
    .map((loop) =>
      simplified(smoothed([...loop, loop[0]!], OUTLINE_SMOOTHINGS), TOLERANCE)
        .slice(0, -1)
        .map(([x, y]): Point2 => [x + left, y + low]),
    );
}

/** The pixels round those that belong to something, with a margin; undefined where none does. */
function windowOf(
  { wide, high }: DepthBuffer,
  belongs: (at: number) => boolean,
): { left: number; low: number; wide: number; high: number } | undefined {
  let [x0, y0, x1, y1] = [wide, high, -1, -1];
  for (let y = 0; y < high; y++)
    for (let x = 0; x < wide; x++) {
      if (!belongs(x + wide * y)) continue;
      if (x < x0) x0 = x;
      if (x > x1) x1 = x;
      if (y < y0) y0 = y;
      y1 = y;
    }
  if (y1 < 0) return undefined;
  return {
    ...{ left: x0 - MARGIN, low: y0 - MARGIN },
    ...{ wide: x1 - x0 + 1 + 2 * MARGIN, high: y1 - y0 + 1 + 2 * MARGIN },
  };
}

/** Each value with half of its two neighbours a step off; the border has none. */
export function spreadBy(values: Float32Array, step: number): Float32Array {
  const out = new Float32Array(values.length);
  for (let at = step; at < values.length - step; at++)
    out[at] = (2 * values[at]! + values[at - step]! + values[at + step]!) / 4;
  return out;
}

/** A line of pixels in mm of the page. */
export const inMm = ({ low, pixelMm }: DepthBuffer, line: readonly Point2[]): readonly Point2[] =>
  line.map(([x, y]): Point2 => [hundredth(low[0] + x * pixelMm), hundredth(low[1] + y * pixelMm)]);

/** A hundredth of a millimetre is finer than any pen. */
export const hundredth = (mm: number): number => Math.round(mm * 100) / 100;
