import type { Triple } from '../../geometry/matrix3.ts';
import type { Point2 } from '../../geometry/hull.ts';
import { toRad } from '../../units/angles.ts';
import { areaOf } from './areaColour.ts';
import {
  countedColours,
  countPixel,
  emptyCount,
  rowsWithin,
  type PicturePixels,
} from './pictureColours.ts';

/** What of a side shows one zone or marking, mm of the page; no zone where two colours run into each other. */
export interface SeenArea {
  readonly zoneId: string | null;
  readonly loops: readonly (readonly Point2[])[];
}

/** How a drawing lies over a picture. */
export interface Placing {
  /** The middle of the drawing, px from the top left of the picture. */
  readonly at: Point2;
  readonly pxPerMm: number;
  /** Counter-clockwise as it is seen. */
  readonly turnDeg: number;
  /** The animal of the picture looks the other way. */
  readonly mirrored: boolean;
}

/** What is asked of a picture with the piece laid over it. */
export interface UnderQuestion extends PicturePixels {
  /** In the order in which they lie over each other, mm of the page. */
  readonly areas: readonly SeenArea[];
  /** The middle of the drawing that they are of, mm of the page. */
  readonly middle: Point2;
  readonly placing: Placing;
  /** What each channel of linear light is multiplied by. */
  readonly light: Triple;
}

/** What a picture shows where a zone lies; no colour where too little of it is seen. */
export interface ZoneUnder {
  readonly zoneId: string;
  readonly hex: string | null;
}

/** Zones are told apart on at most so many places of a picture. */
const MOST_PLACES = 600_000;
/** So far from its edge a zone is looked at, in places: what is laid over is never laid on the hair. */
const EDGE = 2;
/** Fewer places say nothing of a zone. */
const LEAST_PLACES = 40;

/** Where a point of a drawing comes to lie, px of the picture from its top left, y down. */
export function placed(
  { at, pxPerMm, turnDeg, mirrored }: Placing,
  middle: Point2,
): (p: Point2) => Point2 {
  const turn = toRad(turnDeg);
  const [cos, sin] = [Math.cos(turn) * pxPerMm, Math.sin(turn) * pxPerMm];
  return ([x, y]) => {
    const [right, up] = [mirrored ? middle[0] - x : x - middle[0], y - middle[1]];
    return [at[0] + cos * right - sin * up, at[1] - sin * right - cos * up];
  };
}

/**
 * The colours that a picture shows under each zone of a piece that is laid over it: of the places well inside a zone,
 * the middle three fifths by lightness, as of an area that is drawn round. Zones that the drawing hides are not told.
 */
export function coloursUnder({
  width,
  height,
  rgba,
  areas,
  middle,
  placing,
  light,
}: UnderQuestion): readonly ZoneUnder[] {
  const ids = [...new Set(areas.flatMap(({ zoneId }) => zoneId ?? []))];
  const step = Math.max(1, Math.ceil(Math.sqrt((width * height) / MOST_PLACES)));
  const [wide, high] = [Math.ceil(width / step), Math.ceil(height / step)];
  const seen = new Int16Array(wide * high);
  const onPicture = placed(placing, middle);
  for (const { zoneId, loops } of areas) {
    const code = zoneId === null ? 0 : 1 + ids.indexOf(zoneId);
    const cells = loops.map((loop) =>
      loop.map((p): Point2 => {
        const [x, y] = onPicture(p);
        return [x / step, y / step];
      }),
    );
    for (let y = 0; y < high; y++)
      for (const [from, to] of rowsWithin(cells, y, wide))
        seen.fill(code, y * wide + from, y * wide + to);
  }
  const counts = ids.map(emptyCount);
  for (let y = EDGE; y < high - EDGE; y++)
    for (let x = EDGE; x < wide - EDGE; x++) {
      const code = seen[y * wide + x]!;
      if (code === 0 || !wellInside(seen, wide, x, y)) continue;
      const [px, py] = [Math.min(width - 1, x * step), Math.min(height - 1, y * step)];
      countPixel(counts[code - 1]!, rgba, 4 * (py * width + px));
    }
  return counts.flatMap((count, n): ZoneUnder[] => {
    const zoneId = ids[n]!;
    if (!seen.includes(n + 1)) return [];
    const told = count.pixels - count.burnt >= LEAST_PLACES;
    return [{ zoneId, hex: told ? areaOf(countedColours(count, light)).base : null }];
  });
}

/** Whether all that lies about a place is of the same zone. */
function wellInside(seen: Int16Array, wide: number, x: number, y: number): boolean {
  const code = seen[y * wide + x];
  for (const dy of [-EDGE, 0, EDGE])
    for (const dx of [-EDGE, 0, EDGE]) if (seen[(y + dy) * wide + x + dx] !== code) return false;
  return true;
}
