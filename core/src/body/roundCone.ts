import { dot, length, sub, type Vec3 } from '../geometry/vec3.ts';

/** The convex hull of two spheres, all lengths in one unit. */
export interface RoundCone {
  readonly a: Vec3;
  readonly b: Vec3;
  readonly radiusA: number;
  readonly radiusB: number;
}

/**
 * Signed distance from a point to the surface of a round cone, negative inside, exact. The point is
 * read in the plane through the axis; the tangent line decides which part is nearest.
 */
export function roundConeDistance(cone: RoundCone, p: Vec3): number {
  const axis = sub(cone.b, cone.a);
  const d = length(axis);
  const drop = cone.radiusA - cone.radiusB;
  const fromA = sub(p, cone.a);
  if (d <= Math.abs(drop)) {
    return drop >= 0 ? length(fromA) - cone.radiusA : length(sub(p, cone.b)) - cone.radiusB;
  }
  const along = dot(fromA, axis) / d;
  const off = Math.sqrt(Math.max(0, dot(fromA, fromA) - along * along));
  const k = drop / d;
  const c = Math.sqrt(1 - k * k);
  const onTangent = along * c - off * k;
  if (onTangent <= 0) return Math.hypot(along, off) - cone.radiusA;
  if (onTangent >= d * c) return Math.hypot(along - d, off) - cone.radiusB;
  return along * k + off * c - cone.radiusA;
}

/** What the formulas of a round cone give, lengths in the unit given. */
export interface RoundConeMeasures {
  readonly volume: number;
  readonly area: number;
  /** Integral of mean curvature, for Steiner's formula. */
  readonly meanCurvature: number;
  /** True where one sphere holds the other, and the cone is just the larger sphere. */
  readonly oneSphere: boolean;
  /** (r1 − r2)/d, the sine of the flank's slope; null for one sphere. */
  readonly k: number | null;
  /** Where the flank meets each sphere: radius and place along the axis from the first centre. */
  readonly tangentRadius1: number | null;
  readonly tangentAt1: number | null;
  readonly tangentRadius2: number | null;
  readonly tangentAt2: number | null;
}

/**
 * Volume, area and mean curvature of a round cone from two radii and the distance of the centres:
 * two spherical caps and a tangent frustum. A capsule is the case of equal radii.
 */
export function roundConeMeasures(r1: number, r2: number, d: number): RoundConeMeasures {
  if (d <= Math.abs(r1 - r2)) return sphereMeasures(Math.max(r1, r2));
  const k = (r1 - r2) / d;
  const c2 = 1 - k * k;
  const caps = r1 ** 3 * (1 + k) ** 2 * (2 - k) + r2 ** 3 * (1 - k) ** 2 * (2 + k);
  return {
    volume: (Math.PI / 3) * (caps + d * c2 * c2 * (r1 * r1 + r1 * r2 + r2 * r2)),
    area: 2 * Math.PI * (r1 * r1 * (1 + k) + r2 * r2 * (1 - k)) + Math.PI * (r1 + r2) * d * c2,
    meanCurvature: 2 * Math.PI * (r1 * (1 + k) + r2 * (1 - k)) + Math.PI * d * c2,
    oneSphere: false,
    k,
    tangentRadius1: r1 * Math.sqrt(c2),
    tangentAt1: r1 * k,
    tangentRadius2: r2 * Math.sqrt(c2),
    tangentAt2: d + r2 * k,
  };
}

function sphereMeasures(r: number): RoundConeMeasures {
  return {
    volume: (4 / 3) * Math.PI * r ** 3,
    area: 4 * Math.PI * r * r,
    meanCurvature: 4 * Math.PI * r,
    oneSphere: true,
    k: null,
    tangentRadius1: null,
    tangentAt1: null,
    tangentRadius2: null,
    tangentAt2: null,
  };
}
