import { alongBone, posedBone, restPose } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { add, scale, unit, type Vec3 } from '../geometry/vec3.ts';
import { skinParts, skinBox, type SkinPart } from './skin.ts';
import { skinReach } from './skinReach.ts';

/** A station of the body: how wide and deep the flesh is there, square to the column, life mm. */
export interface Station {
  readonly boneId: string;
  readonly boneName: string;
  /** Fraction of the bone. */
  readonly at: number;
  readonly widthMm: number;
  readonly depthMm: number;
}

/** Sections are taken here on every bone of the column. */
const PLACES = [0.25, 0.5, 0.75] as const;

/** Stations along the column in the rest stance, from the tail to the head. */
export function bodyStations(skeleton: Skeleton): readonly Station[] {
  const posed = restPose(skeleton);
  const all = skinParts(posed);
  // The flesh of the same part of the body only: limbs beside the trunk would widen it.
  const partOf = (key: string) => skeleton.plan.parts.find((part) => part.keys.includes(key));
  const fleshBy = (boneId: string): readonly SkinPart[] => {
    const own = partOf(skeleton.byId.get(boneId)?.key ?? '');
    return all.filter((part) => {
      const bone = skeleton.byId.get(part.boneId);
      return bone?.side === 'mid' && partOf(bone.key) === own;
    });
  };
  const far = Math.hypot(...skinBox(all).max, ...skinBox(all).min);
  return skeleton.plan.spine.flatMap((id) => {
    const bone = posedBone(posed, id);
    const column = fleshBy(id);
    return PLACES.flatMap((at): Station[] => {
      const p = alongBone(bone, at);
      const along = bone.bone.rest;
      const reach = (direction: Vec3): number => skinReach(column, p, direction, far);
      // Square to the bone in the side elevation, the upper way round.
      const unitUp = scale(unit([-along[1], along[0], 0]), along[0] < 0 ? -1 : 1);
      const depthMm = reach(unitUp) + reach(scale(unitUp, -1));
      const middle = add(p, scale(unitUp, (reach(unitUp) - reach(scale(unitUp, -1))) / 2));
      const widthMm = 2 * skinReach(column, middle, [0, 0, 1], far);
      if (depthMm === 0) return [];
      return [{ boneId: id, boneName: bone.bone.name, at, widthMm, depthMm }];
    });
  });
}
