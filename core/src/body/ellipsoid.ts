import { carlsonRG } from '../geometry/carlson.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import type { Field } from './field.ts';

/** An ellipsoid: centre, three unit axes square to each other, and the half length along each. */
export interface Ellipsoid {
  readonly centre: Vec3;
  readonly axes: readonly [Vec3, Vec3, Vec3];
  readonly radii: Vec3;
}

/** Newton steps at most; from the left the iteration is monotone and about six are enough. */
const MAX_STEPS = 60;
/** A coordinate nearer to a middle plane than this share of the radius is moved off it. */
const OFF_PLANE = 1e-9;

/**
 * Signed distance to an ellipsoid, negative inside, in the unit of the radii. The nearest point is
 * rᵢ²yᵢ/(t + rᵢ²) at the largest root t of Σ (rᵢyᵢ/(t + rᵢ²))² = 1, found by Newton's method. Source:
 * D. Eberly, Distance from a Point to an Ellipse, an Ellipsoid, or a Hyperellipsoid, 2011.
 */
export function ellipsoidField({ centre, axes, radii }: Ellipsoid): Field {
  const [cx, cy, cz] = centre;
  const [u, v, w] = axes;
  const [ra, rb, rc] = radii;
  const [a2, b2, c2] = [ra * ra, rb * rb, rc * rc];
  const along = (axis: Vec3, r: number, x: number, y: number, z: number): number =>
    Math.max(Math.abs(x * axis[0] + y * axis[1] + z * axis[2]), OFF_PLANE * r);
  return (x, y, z) => {
    const [px, py, pz] = [x - cx, y - cy, z - cz];
    const ya = along(u, ra, px, py, pz);
    const yb = along(v, rb, px, py, pz);
    const yc = along(w, rc, px, py, pz);
    const inside = (ya / ra) ** 2 + (yb / rb) ** 2 + (yc / rc) ** 2 < 1;
    let t = Math.max(-a2 + ra * ya, -b2 + rb * yb, -c2 + rc * yc);
    for (let step = 0; step < MAX_STEPS; step++) {
      const ka = (ra * ya) / (t + a2);
      const kb = (rb * yb) / (t + b2);
      const kc = (rc * yc) / (t + c2);
      const g = ka * ka + kb * kb + kc * kc - 1;
      if (g < 1e-12) break;
      t += g / (2 * ((ka * ka) / (t + a2) + (kb * kb) / (t + b2) + (kc * kc) / (t + c2)));
    }
    const [da, db, dc] = [
      ya - (a2 * ya) / (t + a2),
      yb - (b2 * yb) / (t + b2),
      yc - (c2 * yc) / (t + c2),
    ];
    const off = Math.sqrt(da * da + db * db + dc * dc);
    return inside ? -off : off;
  };
}

/** Half the box round an ellipsoid along x, y and z: √Σ (axisₖ·rₖ)². */
export function ellipsoidHalfBox(of: Ellipsoid): Vec3 {
  const half = (i: 0 | 1 | 2): number =>
    Math.hypot(
      of.axes[0][i] * of.radii[0],
      of.axes[1][i] * of.radii[1],
      of.axes[2][i] * of.radii[2],
    );
  return [half(0), half(1), half(2)];
}

/** Volume, area and integral of mean curvature of an ellipsoid, units of the half axes. */
export interface EllipsoidMeasures {
  readonly volume: number;
  readonly area: number;
  /** For Steiner's formula. */
  readonly meanCurvature: number;
}

/**
 * V = 4πabc/3; S = 4π·R_G(a²b², a²c², b²c²); M = 4π·R_G(a², b², c²), since M of a convex body is 4π
 * times its mean support height. B. C. Carlson, Numerical Algorithms 10 (1995).
 */
export function ellipsoidMeasures(a: number, b: number, c: number): EllipsoidMeasures {
  const [a2, b2, c2] = [a * a, b * b, c * c];
  return {
    volume: (4 / 3) * Math.PI * a * b * c,
    area: 4 * Math.PI * carlsonRG(a2 * b2, a2 * c2, b2 * c2),
    meanCurvature: 4 * Math.PI * carlsonRG(a2, b2, c2),
  };
}

/** Exponent of the mean in Thomsen's rule (K. Thomsen, 2004; from memory). */
const THOMSEN_P = 1.6075;

/** Area of an ellipsoid by Thomsen's rule of thumb, within about 1.1 %: for a pocket calculator. */
export function thomsenArea(a: number, b: number, c: number): number {
  const mean = ((a * b) ** THOMSEN_P + (a * c) ** THOMSEN_P + (b * c) ** THOMSEN_P) / 3;
  return 4 * Math.PI * mean ** (1 / THOMSEN_P);
}
