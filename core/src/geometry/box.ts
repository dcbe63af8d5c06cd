import type { Vec3 } from './vec3.ts';

/** An axis-aligned box in the animal's axes. */
export interface Box3 {
  readonly min: Vec3;
  readonly max: Vec3;
}

/** The box round points; undefined where there are none. */
export function boxOfPoints(points: readonly Vec3[]): Box3 | undefined {
  if (points.length === 0) return undefined;
  const min: [number, number, number] = [Infinity, Infinity, Infinity];
  const max: [number, number, number] = [-Infinity, -Infinity, -Infinity];
  for (const point of points) {
    for (const i of [0, 1, 2] as const) {
      min[i] = Math.min(min[i], point[i]);
      max[i] = Math.max(max[i], point[i]);
    }
  }
  return { min, max };
}

/** Extents of a box along x, y and z, in the unit of its corners. */
export const boxSize = (box: Box3): Vec3 => [
  box.max[0] - box.min[0],
  box.max[1] - box.min[1],
  box.max[2] - box.min[2],
];
