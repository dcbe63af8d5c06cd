import { add, cross, dot, scale, unit, type Vec3 } from './vec3.ts';

/** A unit quaternion (x, y, z, w): a rotation, right-handed about its axis. */
export type Quat = readonly [number, number, number, number];

export const IDENTITY: Quat = [0, 0, 0, 1];

/** The rotation by `angleRad` about a unit axis. */
export function aboutAxis(axis: Vec3, angleRad: number): Quat {
  const s = Math.sin(angleRad / 2);
  return [axis[0] * s, axis[1] * s, axis[2] * s, Math.cos(angleRad / 2)];
}

/** The rotation b followed by a, as one. */
export function compose(a: Quat, b: Quat): Quat {
  const [ax, ay, az, aw] = a;
  const [bx, by, bz, bw] = b;
  return [
    aw * bx + ax * bw + ay * bz - az * by,
    aw * by - ax * bz + ay * bw + az * bx,
    aw * bz + ax * by - ay * bx + az * bw,
    aw * bw - ax * bx - ay * by - az * bz,
  ];
}

/** The vector turned by the rotation. */
export function turn(q: Quat, v: Vec3): Vec3 {
  const axis: Vec3 = [q[0], q[1], q[2]];
  const w = q[3];
  return add(
    add(scale(axis, 2 * dot(axis, v)), scale(v, w * w - dot(axis, axis))),
    scale(cross(axis, v), 2 * w),
  );
}

/** The rotation undone (unit quaternions only). */
export const inverse = (q: Quat): Quat => [-q[0], -q[1], -q[2], q[3]];

/** The least rotation that brings one unit vector onto another; half a turn about any axis across. */
export function shortestTurn(from: Vec3, to: Vec3): Quat {
  const axis = cross(from, to);
  const w = 1 + dot(from, to);
  if (w < 1e-12) {
    const across = unit(cross(from, Math.abs(from[0]) < 0.9 ? [1, 0, 0] : [0, 1, 0]));
    return aboutAxis(across, Math.PI);
  }
  const size = Math.hypot(...axis, w);
  return [axis[0] / size, axis[1] / size, axis[2] / size, w / size];
}
