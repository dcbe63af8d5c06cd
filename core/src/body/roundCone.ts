import type { Vec3 } from '../geometry/vec3.ts';
import type { Field } from './field.ts';

/** The convex hull of two spheres, all lengths in one unit. */
export interface RoundCone {
  readonly a: Vec3;
  readonly b: Vec3;
  readonly radiusA: number;
  readonly radiusB: number;
}

/**
 * Signed distance to the surface of a round cone, negative inside, exact. A point is read in the
 * plane through the axis; the tangent line decides which part of the surface is nearest.
 */
export function roundConeField({ a, b, radiusA, radiusB }: RoundCone): Field {
  const d = Math.hypot(b[0] - a[0], b[1] - a[1], b[2] - a[2]);
  const drop = radiusA - radiusB;
  if (d <= Math.abs(drop)) return drop >= 0 ? ball(a, radiusA) : ball(b, radiusB);
  const [ax, ay, az] = a;
  const [ux, uy, uz] = [(b[0] - ax) / d, (b[1] - ay) / d, (b[2] - az) / d];
  const k = drop / d;
  const c = Math.sqrt(1 - k * k);
  return (x, y, z) => {
    const [px, py, pz] = [x - ax, y - ay, z - az];
    const along = px * ux + py * uy + pz * uz;
    const off = Math.sqrt(Math.max(0, px * px + py * py + pz * pz - along * along));
    const onTangent = along * c - off * k;
    if (onTangent <= 0) return Math.sqrt(along * along + off * off) - radiusA;
    if (onTangent >= d * c) return Math.sqrt((along - d) * (along - d) + off * off) - radiusB;
    return along * k + off * c - radiusA;
  };
}

const ball =
  ([cx, cy, cz]: Vec3, radius: number): Field =>
  (x, y, z) =>
    Math.sqrt((x - cx) ** 2 + (y - cy) ** 2 + (z - cz) ** 2) - radius;

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
