import type { FleshCurve } from '../anatomy/animal.ts';
import type { SleevePart } from '../body/skin.ts';
import type { AxisSample } from '../body/sleeveSection.ts';
import { cross, distance, dot, scale, sub, unit, X_AXIS, type Vec3 } from '../geometry/vec3.ts';

/** A straight part with round sections from one place to another, mm, closed by half balls. */
export function capsule(
  from: Vec3,
  to: Vec3,
  radiusFrom: number,
  radiusTo = radiusFrom,
): SleevePart {
  const long = distance(from, to);
  const along = long > 1e-9 ? unit(sub(to, from)) : X_AXIS;
  const square: Vec3 = Math.abs(along[1]) < 0.9 ? [0, 1, 0] : [1, 0, 0];
  const up = unit(sub(square, scale(along, dot(square, along))));
  const at = (place: Vec3, r: number): AxisSample => ({
    ...{ at: place, along, up, across: cross(along, up), boneId: 'one', share: 0 },
    ...{ above: r, below: r, half: r, widest: 0, squareAbove: 2, squareBelow: 2, side: 0 },
  });
  return {
    kind: 'sleeve',
    boneId: 'one',
    sleeve: `${from.join()} ${to.join()}`,
    samples: [at(from, radiusFrom), at(to, radiusTo)],
    domes: [true, true],
  };
}

/** A round curve along the middle of a bone: the plainest flesh that there is. */
export const alongMiddle = (
  ...points: readonly (readonly [at: number, radius: number])[]
): FleshCurve => ({
  curve: 'plain',
  points: points.map(([at, radius]) => ({ at, radius })),
});
