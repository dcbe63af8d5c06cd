import { FREEDOMS } from '../anatomy/bodyPlan.ts';
import { posedBone, type JointAngles, type PosedSkeleton } from '../anatomy/pose.ts';
import { aboutAxis, compose, IDENTITY, turn } from '../geometry/quat.ts';
import { add, sub, type Vec3 } from '../geometry/vec3.ts';
import { toRad } from '../units/angles.ts';
import { shownFreedom, type DragView } from './dragJoint.ts';

/** Where a bone's far end can be turned by the joint that a view shows, mm as posed. */
export interface LimitArc {
  readonly centre: Vec3;
  /** From the least to the greatest angle. */
  readonly points: readonly Vec3[];
  readonly minDeg: number;
  readonly maxDeg: number;
}

const STEP_DEG = 3;

/** The arc of a joint's limits as one view shows it; undefined where the view shows no turn of it. */
export function limitArc(
  posed: PosedSkeleton,
  angles: JointAngles,
  boneId: string,
  view: DragView,
): LimitArc | undefined {
  const { bone, start, end } = posedBone(posed, boneId);
  const name = shownFreedom(bone, view);
  if (name === undefined) return undefined;
  const { axis, minDeg, maxDeg } = bone.joint.freedoms[name]!;
  // The freedom's axis as it lies: turned by what carries the bone, and by its joint's turns before.
  let q = bone.parent === null ? IDENTITY : posedBone(posed, bone.parent).rotation;
  for (const freedom of FREEDOMS) {
    if (freedom === name) break;
    const before = bone.joint.freedoms[freedom];
    if (before !== undefined)
      q = compose(q, aboutAxis(before.axis, toRad(angles[boneId]?.[freedom] ?? 0)));
  }
  const about = turn(q, axis);
  const now = angles[boneId]?.[name] ?? 0;
  const count = Math.max(1, Math.ceil((maxDeg - minDeg) / STEP_DEG));
  const points = Array.from({ length: count + 1 }, (_, i) => {
    const deg = minDeg + ((maxDeg - minDeg) * i) / count;
    return add(start, turn(aboutAxis(about, toRad(deg - now)), sub(end, start)));
  });
  return { centre: start, points, minDeg, maxDeg };
}
