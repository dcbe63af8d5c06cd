import type { Marking } from '../anatomy/marking.ts';
import { insideLoop } from '../geometry/contours.ts';
import type { Point2 } from '../geometry/hull.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { arcAt, type ArcSections } from './arcs.ts';
import { sectionsAt } from './ownSections.ts';
import { along } from './region.ts';
import { leftOf, runOfBone, type Run } from './runs.ts';
import type { SkinSpot } from './skinPoint.ts';
import { strayed } from './wander.ts';

type LineField = (spot: SkinSpot) => readonly number[] | undefined;

/** The places of a marking on its run: along it and round it from the back, life mm. */
interface LaidPlaces {
  readonly run: Run;
  readonly points: readonly Point2[];
  /** Whether it is folded over the midline, so that both sides are asked at once. */
  readonly isFolded: boolean;
}

/** An outline that meets the midline laps over it by so much of its width, so that both sides join. */
const LAPS = 0.25;
const ON_MIDLINE_DEG = 1;

function laidPlaces(skeleton: Skeleton, marking: Marking): LaidPlaces | undefined {
  const { places, mirrored, widthMm } = marking;
  const run = places[0] && runOfBone(skeleton, places[0].boneId);
  if (run === undefined) return undefined;
  const isFolded = mirrored && run.isColumn;
  const points = places.flatMap((place): Point2[] => {
    const at = along(skeleton, run, place);
    const sections: ArcSections | undefined = sectionsAt(skeleton, place.boneId);
    if (at === undefined || sections === undefined) return [];
    const isRight = leftOf(skeleton, place.boneId).isRight;
    const arc = arcAt(sections, place.along, place.around) * (isRight ? -1 : 1);
    const deg = Math.abs(place.around);
    const lap = deg <= ON_MIDLINE_DEG ? -1 : deg >= 180 - ON_MIDLINE_DEG ? 1 : 0;
    const isOutline = marking.kind === 'patch' && places.length > 2;
    const laps = isFolded && isOutline ? lap * LAPS * widthMm : 0;
    return [[at, (isFolded ? Math.abs(arc) : arc) + laps]];
  });
  return points.length < places.length ? undefined : { run, points, isFolded };
}

/** A line through places, as wide all along, round at its ends. */
export function lineField(
  skeleton: Skeleton,
  marking: Marking,
  reachMm: number,
): LineField | undefined {
  const laid = laidPlaces(skeleton, marking);
  if (laid === undefined || laid.points.length < 2) return undefined;
  return on(laid, (p, spot) => {
    const off = toPolyline(p, laid.points, false);
    return strayed(off - marking.widthMm / 2, marking, spot, p[1], reachMm);
  });
}

/** A patch: what its places go round, or an ellipse about the one that it has. */
export function patchField(
  skeleton: Skeleton,
  marking: Marking,
  reachMm: number,
): LineField | undefined {
  const laid = laidPlaces(skeleton, marking);
  if (laid === undefined || laid.points.length === 0 || laid.points.length === 2) return undefined;
  const { points } = laid;
  if (points.length === 1)
    return on(laid, (p, spot) => {
      const off = [p[0] - points[0]![0], p[1] - points[0]![1]] as const;
      const out = outOfEllipse(off, marking.lengthMm / 2, marking.widthMm / 2);
      return strayed(out, marking, spot, p[1], reachMm);
    });
  return on(laid, (p, spot) => {
    const off = toPolyline(p, points, true);
    return strayed(insideLoop(points, p) ? -off : off, marking, spot, p[1], reachMm);
  });
}

/** A field over the spots of a run. */
const on =
  ({ run, isFolded }: LaidPlaces, out: (p: Point2, spot: SkinSpot) => number): LineField =>
  (spot) =>
    spot.run.id === run.id
      ? [out([spot.along, isFolded ? Math.abs(spot.round) : spot.round], spot)]
      : undefined;

/** How far a point lies from a line of chords. */
export function toPolyline([x, y]: Point2, points: readonly Point2[], isClosed: boolean): number {
  let least = Infinity;
  // Plain numbers: this is asked for every point of a skin.
  for (let i = 0; i < points.length - (isClosed ? 0 : 1); i++) {
    const a = points[i]!;
    const b = points[(i + 1) % points.length]!;
    const dx = b[0] - a[0];
    const dy = b[1] - a[1];
    const square = dx * dx + dy * dy;
    const t = square === 0 ? 0 : ((x - a[0]) * dx + (y - a[1]) * dy) / square;
    const on = Math.max(0, Math.min(1, t));
    const offX = x - a[0] - on * dx;
    const offY = y - a[1] - on * dy;
    least = Math.min(least, offX * offX + offY * offY);
  }
  return Math.sqrt(least);
}

/** About how far a point lies outside an ellipse round the origin: its level over the slope of that. */
export function outOfEllipse([x, y]: Point2, a: number, b: number): number {
  const level = Math.hypot(x / a, y / b);
  const slope = Math.hypot(x / (a * a), y / (b * b));
  return slope === 0 ? -Math.min(a, b) : (level * (level - 1)) / slope;
}
