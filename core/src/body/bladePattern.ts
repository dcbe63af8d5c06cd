import type { Blade } from '../anatomy/animal.ts';
import { poseSkeleton, restPose } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { loopArea } from '../geometry/contours.ts';
import { greatest, least } from '../geometry/extremes.ts';
import type { Point2 } from '../geometry/hull.ts';
import { outlineNormal } from '../geometry/triangleMesh.ts';
import {
  cross,
  distance,
  dot,
  length,
  scale,
  sub,
  unit,
  Y_AXIS,
  type Vec3,
} from '../geometry/vec3.ts';
import { bladeArea, posedBlades, type PosedBlade } from './blades.ts';

/** A blade laid flat, mm of the model; x along it from its root, y towards its front or upper edge. */
export interface BladePattern {
  readonly blade: Blade;
  readonly outline: readonly Point2[];
  readonly ribs: readonly (readonly [Point2, Point2])[];
  /** Its bones by key, each from start to end: where a wire lies in it. */
  readonly bones: readonly {
    readonly key: string;
    readonly ends: readonly [Point2, Point2];
  }[];
  readonly areaMm2: number;
  readonly longMm: number;
  readonly wideMm: number;
  /** How far it is from flat where it is spread, mm: so much the sheet has to be bent. */
  readonly offFlatMm: number;
}

/**
 * The flat pattern of every blade, of its left side or the midline, at a size: in the stance of its plan that
 * spreads it widest, whatever the stance of the piece is; then onto the plane that fits its outline (its mean
 * normal by the sum of cross products, as M. E. Newell).
 */
export function bladePatterns(skeleton: Skeleton, sizeFactor: number): readonly BladePattern[] {
  const stances = [
    restPose(skeleton),
    ...skeleton.plan.stances.map(({ anglesDeg }) => poseSkeleton(skeleton, anglesDeg)),
  ].map((posed) => ({ posed, blades: posedBlades(posed) }));
  return stances[0]!.blades.flatMap((first, i): readonly BladePattern[] => {
    if (first.side === 'right') return [];
    const areas = stances.map(({ blades }) => bladeArea(blades[i]!));
    const { posed, blades } = stances[areas.indexOf(greatest(areas))]!;
    const keys = new Set(first.blade.outline.map(({ bone }) => bone));
    const bones = posed.bones
      .filter(({ bone }) => bone.side === first.side && keys.has(bone.key))
      .map(({ bone, start, end }) => ({ key: bone.key, ends: [start, end] as const }));
    return [laidFlat(blades[i]!, bones, sizeFactor)];
  });
}

/**
 * The way of points of space onto the plane of a blade's outline (its mean normal by the sum of cross products, as
 * M. E. Newell): its first point at the origin, the farthest from it on the x axis.
 */
export function ontoBladePlane(outline: readonly Vec3[]): (p: Vec3) => Point2 {
  const { normal } = outlineNormal(outline);
  const out: Vec3 = length(normal) === 0 ? Y_AXIS : unit(normal);
  const root = outline[0]!;
  const far = outline.reduce((a, b) => (distance(b, root) > distance(a, root) ? b : a));
  const way = sub(far, root);
  const along = unit(sub(way, scale(out, dot(way, out))));
  const across = cross(out, along);
  return (p) => {
    const off = sub(p, root);
    return [dot(off, along), dot(off, across)];
  };
}

/** A blade in space on its own plane, with the longest way through it level. */
function laidFlat(
  { blade, outline, ribs }: PosedBlade,
  bones: readonly { readonly key: string; readonly ends: readonly [Vec3, Vec3] }[],
  k: number,
): BladePattern {
  const { middle, normal } = outlineNormal(outline);
  const out = unit(normal);
  const onto = ontoBladePlane(outline);
  const flat = (p: Vec3): Point2 => {
    const [x, y] = onto(p);
    return [x * k, y * k];
  };
  const pair = ([a, b]: readonly [Vec3, Vec3]): readonly [Point2, Point2] => [flat(a), flat(b)];
  const points = outline.map(flat);
  const extent = (n: 0 | 1): number =>
    greatest(points.map((p) => p[n])) - least(points.map((p) => p[n]));
  return {
    blade,
    outline: points,
    ribs: ribs.map(pair),
    bones: bones.map(({ key, ends }) => ({ key, ends: pair(ends) })),
    areaMm2: Math.abs(loopArea(points)),
    longMm: extent(0),
    wideMm: extent(1),
    offFlatMm: greatest(outline.map((p) => Math.abs(dot(sub(p, middle), out)))) * k,
  };
}
