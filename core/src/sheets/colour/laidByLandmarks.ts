import { boneEnds } from '../../anatomy/landmarks.ts';
import type { PosedSkeleton } from '../../anatomy/pose.ts';
import type { Placing } from '../../colour/palette/laidOver.ts';
import type { Point2 } from '../../geometry/hull.ts';
import { meanPoint } from '../../measure/pictures/precision.ts';
import type { Picture } from '../../piece/referencesSchema.ts';
import { toDeg } from '../../units/angles.ts';
import { onPage, VIEW_FRAMES, type ReliefView } from '../../surface/reliefViews.ts';

/** Of a picture: what is clicked on it, px from its top left, and where the animal looks. */
interface Landmarked {
  readonly landmarks: Readonly<Record<string, readonly Point2[]>>;
  readonly facing: Picture['facing'];
}

/** Points of a page and where a picture shows them, both about their means and y up. */
interface Pairs {
  readonly page: readonly Point2[];
  readonly px: readonly Point2[];
  readonly pageMean: Point2;
  readonly pxMean: Point2;
}

/**
 * How a side of a piece lies over a picture by the landmarks that are set on it: moved, turned and sized so that the
 * sum of the squared misses is least (the complex quotient, which in the plane is S. Umeyama's similarity, 1991), in a
 * mirror where that misses less. Undefined with fewer than two landmarks, or all on one point.
 */
export function laidByLandmarks(
  posed: PosedSkeleton,
  { landmarks, facing }: Landmarked,
  view: ReliefView,
  middle: Point2,
): Placing | undefined {
  const pairs = pairsOf(posed, landmarks, view);
  if (pairs === undefined) return undefined;
  const [straight, mirror] = [fitted(pairs, false), fitted(pairs, true)];
  if (straight === undefined || mirror === undefined) return undefined;
  // Two points lie as well in a mirror: then where the picture looks tells.
  const alike = Math.abs(straight.misses - mirror.misses) < 1e-9 * (1 + straight.misses);
  const mirrored = alike ? facing === 'right' : mirror.misses < straight.misses;
  const { along, turned } = mirrored ? mirror : straight;
  const [x, y] = [middle[0] - pairs.pageMean[0], middle[1] - pairs.pageMean[1]];
  const right = mirrored ? -x : x;
  return {
    at: [
      pairs.pxMean[0] + along * right - turned * y,
      -(pairs.pxMean[1] + turned * right + along * y),
    ],
    pxPerMm: Math.hypot(along, turned),
    turnDeg: toDeg(Math.atan2(turned, along)),
    mirrored,
  };
}

function pairsOf(
  posed: PosedSkeleton,
  landmarks: Landmarked['landmarks'],
  view: ReliefView,
): Pairs | undefined {
  const ends = boneEnds(posed.skeleton);
  const places = new Map(
    posed.bones.flatMap(({ bone, start, end }) => {
      const names = ends.get(bone.id)!;
      return [[names.start, start] as const, [names.end, end] as const];
    }),
  );
  const both = Object.entries(landmarks).flatMap(([id, clicks]) => {
    const place = places.get(id);
    if (place === undefined || clicks.length === 0) return [];
    const [u, v] = meanPoint(clicks);
    return [[onPage(VIEW_FRAMES[view], place), [u, -v] as Point2] as const];
  });
  if (both.length < 2) return undefined;
  const [pageMean, pxMean] = [meanPoint(both.map(([p]) => p)), meanPoint(both.map(([, p]) => p))];
  const about = ([x, y]: Point2, [mx, my]: Point2): Point2 => [x - mx, y - my];
  return {
    page: both.map(([p]) => about(p, pageMean)),
    px: both.map(([, p]) => about(p, pxMean)),
    ...{ pageMean, pxMean },
  };
}

/** The quotient of both as complex numbers, and the sum of the squared misses in px; undefined where all is one point. */
function fitted({ page, px }: Pairs, mirrored: boolean) {
  const own = page.map(([x, y]): Point2 => [mirrored ? -x : x, y]);
  const spread = own.reduce((sum, [x, y]) => sum + x * x + y * y, 0);
  if (!(spread > 0)) return undefined;
  let [along, turned] = [0, 0];
  own.forEach(([x, y], n) => {
    const [u, v] = px[n]!;
    along += (x * u + y * v) / spread;
    turned += (x * v - y * u) / spread;
  });
  if (along === 0 && turned === 0) return undefined;
  const misses = own.reduce((sum, [x, y], n) => {
    const [u, v] = px[n]!;
    return sum + (u - along * x + turned * y) ** 2 + (v - turned * x - along * y) ** 2;
  }, 0);
  return { along, turned, misses };
}
