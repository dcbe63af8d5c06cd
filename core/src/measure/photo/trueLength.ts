import { angleBetween, distance, sub, type Vec3 } from '../../geometry/vec3.ts';
import { toDeg } from '../../units/angles.ts';

/*
 * Two views of one body give the third dimension (descriptive geometry; G. Monge). Axes are the
 * core's: x forward, y up, z to the right. The side view shows x and y, the front view z and y, the
 * view from above x and z.
 */

/** What two places measure in space and in each view: mm, and degrees to the view planes. */
export interface SegmentInSpace {
  readonly trueMm: number;
  readonly sideMm: number;
  readonly frontMm: number;
  readonly aboveMm: number;
  /** Steepness to the ground. */
  readonly toGroundDeg: number;
  /** How far it leaves the plane of the side view: a limb that swings towards the viewer. */
  readonly outOfSideDeg: number;
  readonly outOfFrontDeg: number;
}

/** True length √(dx²+dy²+dz²), what each view shows of it, and how far it leaves each view. */
export function segmentInSpace(a: Vec3, b: Vec3): SegmentInSpace {
  const [dx, dy, dz] = sub(b, a);
  const [sideMm, frontMm, aboveMm] = [Math.hypot(dx, dy), Math.hypot(dz, dy), Math.hypot(dx, dz)];
  return {
    trueMm: distance(a, b),
    sideMm,
    frontMm,
    aboveMm,
    toGroundDeg: toDeg(Math.atan2(Math.abs(dy), aboveMm)),
    outOfSideDeg: toDeg(Math.atan2(Math.abs(dz), sideMm)),
    outOfFrontDeg: toDeg(Math.atan2(Math.abs(dx), frontMm)),
  };
}

/** Angles at a joint, degrees: in space, and as each view shows it. */
export interface JointInSpace {
  readonly trueDeg: number;
  readonly sideDeg: number;
  readonly frontDeg: number;
  readonly aboveDeg: number;
}

/** The angle at `joint` between the ways to `from` and `to`: cos γ = d₁·d₂ / (|d₁||d₂|). */
export function jointInSpace(from: Vec3, joint: Vec3, to: Vec3): JointInSpace {
  const angle = (flat: (v: Vec3) => Vec3): number =>
    toDeg(angleBetween(flat(sub(from, joint)), flat(sub(to, joint))));
  return {
    trueDeg: angle((v) => v),
    sideDeg: angle(([x, y]) => [x, y, 0]),
    frontDeg: angle(([, y, z]) => [0, y, z]),
    aboveDeg: angle(([x, , z]) => [x, 0, z]),
  };
}

/** Share of a true length that a view hides: 0 seen whole, 1 seen end on. */
export const foreshortening = (trueMm: number, seenMm: number): number =>
  trueMm > 0 ? 1 - seenMm / trueMm : 0;
