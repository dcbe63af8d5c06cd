import { alongBone, posedBone, type PosedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import type { Flesh } from '../anatomy/animal.ts';
import { boxOfPoints, boxSize, type Box3 } from '../geometry/box.ts';
import { turn } from '../geometry/quat.ts';
import { add, cross, dot, scale, sub, unit, Z_AXIS, type Vec3 } from '../geometry/vec3.ts';
import { ellipsoidDistance, ellipsoidHalfBox, type Ellipsoid } from './ellipsoid.ts';
import { roundConeDistance, type RoundCone } from './roundCone.ts';

interface OfBone {
  readonly boneId: string;
}
export interface ConePart extends RoundCone, OfBone {
  readonly kind: 'cone';
}
export interface EllipsoidPart extends Ellipsoid, OfBone {
  readonly kind: 'ellipsoid';
}

/** A part of the flesh in the stance's axes, with the bone it belongs to. */
export type SkinPart = ConePart | EllipsoidPart;

/** The flesh of a posed skeleton as round cones and ellipsoids, mm of the posed size. */
export function skinParts(posed: PosedSkeleton): readonly SkinPart[] {
  const k = posed.sizeFactor;
  return posed.bones.flatMap((at) => at.bone.flesh.map((flesh) => skinPart(at, flesh, k)));
}

function skinPart(at: PosedBone, flesh: Flesh, k: number): SkinPart {
  const boneId = at.bone.id;
  if ('radii' in flesh) {
    return {
      kind: 'ellipsoid',
      boneId,
      centre: alongBone(at, flesh.at, flesh.offset, k),
      axes: sectionAxes(at),
      radii: scale(flesh.radii, k),
    };
  }
  return {
    kind: 'cone',
    boneId,
    a: alongBone(at, flesh.from, flesh.offsetFrom, k),
    b: alongBone(at, flesh.to, flesh.offsetTo, k),
    radiusA: flesh.radiusFrom * k,
    radiusB: flesh.radiusTo * k,
  };
}

/** Along the bone, deep (towards the back) and wide, turned with the bone. */
function sectionAxes({ bone, rotation }: PosedBone): readonly [Vec3, Vec3, Vec3] {
  const along = bone.rest;
  const wide = unit(sub(Z_AXIS, scale(along, dot(Z_AXIS, along))));
  return [turn(rotation, along), turn(rotation, cross(wide, along)), turn(rotation, wide)];
}

/** Signed distance in mm from a point to the surface of one part, negative inside, exact. */
export const partDistance = (part: SkinPart, p: Vec3): number =>
  part.kind === 'cone' ? roundConeDistance(part, p) : ellipsoidDistance(part, p);

/** The box round some flesh: exact, as end spheres span a round cone. */
export function skinBox(parts: readonly SkinPart[]): Box3 {
  const box = boxOfPoints(parts.flatMap(extremes));
  if (box === undefined) throw new Error('a body without flesh has no box');
  return box;
}

function extremes(part: SkinPart): readonly Vec3[] {
  const corners = (centre: Vec3, half: Vec3): readonly Vec3[] => [
    sub(centre, half),
    add(centre, half),
  ];
  if (part.kind === 'ellipsoid') return corners(part.centre, ellipsoidHalfBox(part));
  const { a, b, radiusA, radiusB } = part;
  return [...corners(a, [radiusA, radiusA, radiusA]), ...corners(b, [radiusB, radiusB, radiusB])];
}

/** Length (x), height (y) and width (z) of the posed skin in mm. */
export const skinExtent = (parts: readonly SkinPart[]): Vec3 => boxSize(skinBox(parts));

/** Radius in mm of the largest ball that one part holds where it is thickest. */
export const innerRadiusMm = (part: SkinPart): number =>
  part.kind === 'cone' ? Math.max(part.radiusA, part.radiusB) : Math.min(...part.radii);

/** Radius of the padding under the far end of a bone, mm of the posed size. */
export function padRadiusMm(posed: PosedSkeleton, boneId: string): number {
  const last = posedBone(posed, boneId).bone.flesh.at(-1);
  if (last === undefined || 'radii' in last)
    throw new Error(`${boneId} carries a foot and must end in a round cone`);
  return last.radiusTo * posed.sizeFactor;
}
