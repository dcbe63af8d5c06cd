import { alongBone, posedBone, restPose } from '../anatomy/pose.ts';
import type { FleshStation } from '../anatomy/animal.ts';
import type { Bone, Skeleton } from '../anatomy/skeleton.ts';
import { add, scale, type Vec3 } from '../geometry/vec3.ts';
import { sectionAxes, skinBox, skinParts, type SkinPart } from './skin.ts';
import { skinReach } from './skinReach.ts';

/** Sections are taken at these shares of a bone: the fewer, the shorter it is for its thickness. */
const PLACES = {
  short: [0, 1],
  middling: [0, 0.5, 1],
  long: [0, 0.25, 0.5, 0.75, 1],
} as const;
/** A bone is short or middling up to this length, in depths of the flesh round it. */
const SHORT = 0.7;
const MIDDLING = 1.5;
const HEAD_PLACES = [0, 0.15, 0.3, 0.45, 0.6, 0.75, 0.9, 1] as const;
const LONG_HEAD = /skull|bill|^head$/i;

/** Where sections are taken on a bone with so much flesh round it, as shares of it. */
function sectionPlaces(bone: Bone, depthMm: number): readonly number[] {
  if (LONG_HEAD.test(bone.key)) return HEAD_PLACES;
  const long = bone.lifeLengthMm / depthMm;
  return long < SHORT ? PLACES.short : long < MIDDLING ? PLACES.middling : PLACES.long;
}

/** A squareness that is read from the corner of a section cannot tell more than this. */
const SQUARENESS_RANGE = [1.6, 4] as const;

/**
 * Sections of the flesh on a bone in the rest stance, life mm, square to it: read outwards from the
 * middle of the flesh to the skin of the same part of the body, towards the back, to the side, and
 * halfway between for the squareness. Undefined where the flesh does not surround the bone's line.
 */
export function measuredSections(
  skeleton: Skeleton,
  boneId: string,
): readonly FleshStation[] | undefined {
  const posed = restPose(skeleton);
  const bone = posedBone(posed, boneId);
  const flesh = fleshBeside(skeleton, bone.bone, skinParts(posed));
  if (flesh.length === 0) return undefined;
  const [, up, wide] = sectionAxes(bone);
  const far = Math.hypot(...skinBox(flesh).max, ...skinBox(flesh).min);
  const reach = (from: Vec3, way: Vec3): number => skinReach(flesh, from, way, far);
  const half = alongBone(bone, 0.5);
  const depthMm = reach(half, up) + reach(half, scale(up, -1));
  const stations = sectionPlaces(bone.bone, depthMm).flatMap((at): FleshStation[] => {
    const p = alongBone(bone, at);
    const [above, below] = [reach(p, up), reach(p, scale(up, -1))];
    if (above + below === 0) return [];
    const off = (above - below) / 2;
    const middle = add(p, scale(up, off));
    const [right, left] = [reach(middle, wide), reach(middle, scale(wide, -1))];
    const side = bone.bone.side === 'mid' ? 0 : (right - left) / 2;
    const halfDepth = (above + below) / 2;
    const halfWidth = (right + left) / 2;
    const centre = add(middle, scale(wide, side));
    return [
      {
        at,
        halfDepth,
        halfWidth,
        up: off,
        side,
        squareness: squarenessAt(centre, halfDepth, halfWidth),
      },
    ];
  });
  return stations.length >= 2 ? stations : undefined;

  /** From how far the skin is towards a corner of the section: 2^(−1/e) of the way for exponent e. */
  function squarenessAt(centre: Vec3, halfDepth: number, halfWidth: number): number {
    const corner = Math.hypot(halfDepth, halfWidth);
    const share = ([1, -1] as const).reduce((sum, y) => {
      const way = add(scale(up, (y * halfDepth) / corner), scale(wide, halfWidth / corner));
      return sum + reach(centre, way) / corner / 2;
    }, 0);
    if (!(share > 0 && share < 1)) return 2;
    const [low, high] = SQUARENESS_RANGE;
    const e = Math.LN2 / -Math.log(share);
    return Math.round(20 * Math.min(high, Math.max(low, e))) / 20;
  }
}

/** The flesh of the same part and side of the body: limbs beside the trunk would widen it. */
function fleshBeside(
  skeleton: Skeleton,
  bone: Bone,
  all: readonly SkinPart[],
): readonly SkinPart[] {
  const partOf = (key: string) => skeleton.plan.parts.find((part) => part.keys.includes(key));
  const own = partOf(bone.key);
  return all.filter((part) => {
    const other = skeleton.byId.get(part.boneId);
    return other?.side === bone.side && partOf(other.key) === own;
  });
}

/** Bones whose flesh can be given as sections: not feet, fins and fans, which are no rounds. */
export function canBeSectioned(skeleton: Skeleton, bone: Bone): boolean {
  if (skeleton.plan.contacts.some((contact) => contact.kind === 'foot' && contact.bone === bone.id))
    return false;
  // What stands off its bone in curves alone, a ray or a tusk, has no sections of its own.
  return bone.flesh.some((flesh) => 'sleeve' in flesh);
}
