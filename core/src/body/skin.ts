import { alongBone, type PosedSkeleton } from '../anatomy/pose.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import { boxOfSpheres, boxSize, type Box3 } from '../geometry/box.ts';
import type { RoundCone } from './roundCone.ts';

/** A round cone of flesh in the stance's axes, with the bone it belongs to. */
export interface SkinCone extends RoundCone {
  readonly boneId: string;
}

/** The flesh of a posed skeleton as round cones, mm of the posed size. */
export function skinCones(posed: PosedSkeleton): readonly SkinCone[] {
  const k = posed.sizeFactor;
  return posed.bones.flatMap((at) =>
    at.bone.flesh.map((cone) => ({
      boneId: at.bone.id,
      a: alongBone(at, cone.from, cone.offsetFrom, k),
      b: alongBone(at, cone.to, cone.offsetTo, k),
      radiusA: cone.radiusFrom * k,
      radiusB: cone.radiusTo * k,
    })),
  );
}

/** The box round the posed skin: exact for round cones, which their end spheres span. */
export function skinBox(cones: readonly SkinCone[]): Box3 {
  const box = boxOfSpheres(
    cones.flatMap((cone) => [
      { centre: cone.a, radius: cone.radiusA },
      { centre: cone.b, radius: cone.radiusB },
    ]),
  );
  if (box === undefined) throw new Error('a body without flesh has no box');
  return box;
}

/** Length (x), height (y) and width (z) of the posed skin in mm. */
export const skinExtent = (cones: readonly SkinCone[]): Vec3 => boxSize(skinBox(cones));

/** Radius of the padding under the far end of a bone, mm of the posed size. */
export function padRadiusMm(posed: PosedSkeleton, boneId: string): number {
  const flesh = posed.byId.get(boneId)?.bone.flesh ?? [];
  const last = flesh.at(-1);
  return last === undefined ? 0 : last.radiusTo * posed.sizeFactor;
}
