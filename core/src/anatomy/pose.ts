import { aboutAxis, compose, IDENTITY, turn, type Quat } from '../geometry/quat.ts';
import { add, ORIGIN, scale, type Vec3 } from '../geometry/vec3.ts';
import { toRad } from '../units/angles.ts';
import { FREEDOMS, type FreedomName } from './bodyPlan.ts';
import type { Bone, Skeleton } from './skeleton.ts';

/** Joint angles in degrees from rest, by bone id (a joint is named by the bone it moves). */
export type JointAngles = Readonly<Record<string, Readonly<Partial<Record<FreedomName, number>>>>>;

/** A bone in a stance, in mm of the size it was posed at. */
export interface PosedBone {
  readonly bone: Bone;
  readonly start: Vec3;
  readonly end: Vec3;
  /** From the rest stance's axes to this stance's. */
  readonly rotation: Quat;
}

/** Where both eyes look: from halfway between them, in the axes of the head, mm of the model. */
export interface Gaze {
  readonly aheadMm: number;
  readonly leftMm: number;
  readonly upMm: number;
}

/** A stance in space; `sizeFactor` is 1 at life size and 1/n on a 1:n model. */
export interface PosedSkeleton {
  readonly skeleton: Skeleton;
  readonly sizeFactor: number;
  readonly bones: readonly PosedBone[];
  readonly byId: ReadonlyMap<string, PosedBone>;
  /** The point that it looks at; its eyes look straight out of their lids where nothing is said. */
  readonly gaze?: Gaze;
  /** How far its lids are open, as a share of how the animal is told; 1 where nothing is said. */
  readonly lids?: number;
}

/** The turn of one joint: flexion last, so that its axis stays the parent's. */
export function jointRotation(bone: Bone, angles: JointAngles): Quat {
  return FREEDOMS.reduce((q, name) => {
    const freedom = bone.joint.freedoms[name];
    const deg = angles[bone.id]?.[name] ?? 0;
    return freedom === undefined || deg === 0 ? q : compose(q, aboutAxis(freedom.axis, toRad(deg)));
  }, IDENTITY);
}

/**
 * Forward kinematics: places every bone of the skeleton, root at the origin, lifted by `liftMm`
 * (mm of the posed size). Bone lengths are never changed by angles.
 */
export function poseSkeleton(
  skeleton: Skeleton,
  angles: JointAngles,
  sizeFactor = 1,
  liftMm = 0,
): PosedSkeleton {
  const byId = new Map<string, PosedBone>();
  for (const bone of skeleton.bones) {
    const parent = bone.parent === null ? undefined : byId.get(bone.parent);
    const rotation = compose(parent?.rotation ?? IDENTITY, jointRotation(bone, angles));
    const start = parent === undefined ? ([0, liftMm, 0] as const) : alongBone(parent, bone.at);
    const reach = scale(bone.rest, bone.lifeLengthMm * sizeFactor);
    byId.set(bone.id, { bone, start, end: add(start, turn(rotation, reach)), rotation });
  }
  return { skeleton, sizeFactor, bones: [...byId.values()], byId };
}

const rests = new WeakMap<Skeleton, PosedSkeleton>();

/** The skeleton at rest and life size, posed once for it, with all that is known of that. */
export function restPose(skeleton: Skeleton): PosedSkeleton {
  const known = rests.get(skeleton);
  if (known !== undefined) return known;
  const posed = poseSkeleton(skeleton, {});
  rests.set(skeleton, posed);
  return posed;
}

/** The point at a fraction of a posed bone, moved by an offset given in its rest axes, life mm. */
export function alongBone(
  posed: PosedBone,
  fraction: number,
  lifeOffset: Vec3 = ORIGIN,
  sizeFactor = 1,
): Vec3 {
  const { start, end, rotation } = posed;
  const on: Vec3 = [
    start[0] + (end[0] - start[0]) * fraction,
    start[1] + (end[1] - start[1]) * fraction,
    start[2] + (end[2] - start[2]) * fraction,
  ];
  return lifeOffset === ORIGIN ? on : add(on, turn(rotation, scale(lifeOffset, sizeFactor)));
}

/** The posed bone with this id; a missing one is a defect of the plan, not of the input. */
export function posedBone(posed: PosedSkeleton, id: string): PosedBone {
  const found = posed.byId.get(id);
  if (found === undefined) throw new Error(`no bone ${id} in plan ${posed.skeleton.plan.id}`);
  return found;
}

/** Throws where a posed bone does not have its life length times the size, to `tolerance` of it. */
export function assertPosed(posed: PosedSkeleton, tolerance = 1e-9): void {
  for (const { bone, start, end } of posed.bones) {
    const wanted = bone.lifeLengthMm * posed.sizeFactor;
    const got = Math.hypot(end[0] - start[0], end[1] - start[1], end[2] - start[2]);
    if (!(Math.abs(got - wanted) <= tolerance * wanted))
      throw new Error(`${bone.id} is ${got} mm, not ${wanted} mm`);
  }
}
