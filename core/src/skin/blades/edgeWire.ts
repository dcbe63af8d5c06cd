import { loopArea } from '../../geometry/contours.ts';
import type { Point2 } from '../../geometry/hull.ts';
import { simplified } from '../../surface/pixelLines.ts';
import { toDeg } from '../../units/angles.ts';

/** A bend of a wire along an edge, flat on its template. */
export interface EdgeBend {
  readonly at: Point2;
  /** From the root, along the wire, mm of the model. */
  readonly markMm: number;
  /** Straight by straight, the way to it, mm. */
  readonly legsMm: readonly number[];
  /** Change of direction, degrees; to the left plus. */
  readonly turnDeg: number;
}

/** A wire runs along its edge within this share of its length: less is not seen. */
const NEAR = 0.008;
/** Less than this is straightened by hand: common practice. */
const LEAST_DEG = 4;

/** The leading edge of an outline: from its root, where it begins, to the point farthest from that. */
export function edgePath(outline: readonly Point2[]): readonly Point2[] {
  const [x0, y0] = outline[0]!;
  const from = ([x, y]: Point2): number => Math.hypot(x - x0, y - y0);
  const far = outline.reduce((most, p, i) => (from(p) > from(outline[most]!) ? i : most), 0);
  return simplified(outline.slice(0, far + 1), NEAR * from(outline[far]!));
}

/** The bends of a wire along such a path, from the root. */
export function edgeBends(path: readonly Point2[]): readonly EdgeBend[] {
  const legs: number[] = [];
  return path.slice(1, -1).flatMap((at, i): readonly EdgeBend[] => {
    const [a, b] = [path[i]!, path[i + 2]!];
    const [before, after] = [
      [at[0] - a[0], at[1] - a[1]],
      [b[0] - at[0], b[1] - at[1]],
    ] as const;
    legs.push(Math.hypot(...before));
    const markMm = legs.reduce((sum, mm) => sum + mm, 0);
    const turnDeg = toDeg(
      Math.atan2(
        before[0] * after[1] - before[1] * after[0],
        before[0] * after[0] + before[1] * after[1],
      ),
    );
    return Math.abs(turnDeg) < LEAST_DEG ? [] : [{ at, markMm, legsMm: [...legs], turnDeg }];
  });
}

/** The strip that is lapped over a wire along an edge: the path and the same moved outwards by its width, mm. */
export function lapStrip(
  outline: readonly Point2[],
  path: readonly Point2[],
  lapMm: number,
): readonly Point2[] {
  // Outwards is to the right of a way round that runs to the left.
  const side = loopArea(outline) > 0 ? 1 : -1;
  const moved = path.map((at, i): Point2 => {
    const [a, b] = [path[Math.max(0, i - 1)]!, path[Math.min(path.length - 1, i + 1)]!];
    const long = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
    return [
      at[0] + (side * lapMm * (b[1] - a[1])) / long,
      at[1] - (side * lapMm * (b[0] - a[0])) / long,
    ];
  });
  return [...path, ...moved.toReversed()];
}
