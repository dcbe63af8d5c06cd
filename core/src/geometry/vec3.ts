/**
 * A point or direction in the animal's axes, right-handed: x forward (cranial), y up, z to the
 * animal's right. Immutable, double precision: the round trips of wire bending need 1e-8 mm.
 */
export type Vec3 = readonly [number, number, number];

export const ORIGIN: Vec3 = [0, 0, 0];
export const X_AXIS: Vec3 = [1, 0, 0];
export const Y_AXIS: Vec3 = [0, 1, 0];
export const Z_AXIS: Vec3 = [0, 0, 1];

export const add = (a: Vec3, b: Vec3): Vec3 => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const sub = (a: Vec3, b: Vec3): Vec3 => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const scale = (a: Vec3, k: number): Vec3 => [a[0] * k, a[1] * k, a[2] * k];
export const dot = (a: Vec3, b: Vec3): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
/** Plain, and not Math.hypot, which guards against sizes that no animal has and takes several times as long. */
export const length = (a: Vec3): number => Math.sqrt(a[0] * a[0] + a[1] * a[1] + a[2] * a[2]);
export const distance = (a: Vec3, b: Vec3): number => length(sub(a, b));

/** Right-handed cross product. */
export const cross = (a: Vec3, b: Vec3): Vec3 => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];

/** The point at fraction t of the way from a to b (0 at a, 1 at b). */
export const lerp = (a: Vec3, b: Vec3, t: number): Vec3 => add(a, scale(sub(b, a), t));

/** The direction of a; the zero vector stays zero, so that a missing direction is not invented. */
export function unit(a: Vec3): Vec3 {
  const size = length(a);
  return size > 0 ? scale(a, 1 / size) : a;
}

/** Angle between two directions in radians, 0 to π, well conditioned at both ends. */
export function angleBetween(a: Vec3, b: Vec3): number {
  return Math.atan2(length(cross(a, b)), dot(a, b));
}

/** The mirror image of a direction in the midplane z = 0. */
export const mirrored = (a: Vec3): Vec3 => [a[0], a[1], -a[2]];

/** The mirror image of a rotation axis in z = 0 (an axial vector: the other two signs turn). */
export const mirroredAxis = (a: Vec3): Vec3 => [-a[0], -a[1], a[2]];
