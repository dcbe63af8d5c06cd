import { posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import { turn } from '../geometry/quat.ts';
import { add, scale, type Vec3 } from '../geometry/vec3.ts';
import type { BodyGrid } from './bodyGrid.ts';

/** Centre of some masses: r = Σ mᵢ rᵢ / Σ mᵢ (statics). Undefined where there is no mass. */
export function centreOfMass(
  parts: readonly { readonly mass: number; readonly at: Vec3 }[],
): Vec3 | undefined {
  const total = parts.reduce((sum, part) => sum + part.mass, 0);
  if (!(total > 0)) return undefined;
  return scale(
    parts.reduce<Vec3>((sum, part) => add(sum, scale(part.at, part.mass)), [0, 0, 0]),
    1 / total,
  );
}

/**
 * Centre of mass of a stance, mm of the posed size, with every bone's flesh carried along by its
 * bone and the same density throughout.
 */
export function stanceMassCentre(
  posed: PosedSkeleton,
  body: Pick<BodyGrid, 'bones'>,
): Vec3 | undefined {
  return centreOfMass(
    body.bones.map((mass) => {
      const at = posedBone(posed, mass.boneId);
      const offset = turn(at.rotation, scale(mass.centre, posed.sizeFactor));
      return { mass: mass.volumeMm3, at: add(at.start, offset) };
    }),
  );
}
