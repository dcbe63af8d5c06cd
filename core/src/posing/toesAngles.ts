import type { ContactSpec } from '../anatomy/bodyPlan.ts';
import { poseSkeleton, posedBone, type JointAngles } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { turn } from '../geometry/quat.ts';
import { toDeg } from '../units/angles.ts';

/** Axes nearer to the animal's own left-right line than this turn a toe up and down. */
const ACROSS = 0.9;

/**
 * The angles with the toes beyond a foot laid flat, as in the rest stance, while it is down, and
 * folded by `folds` (degrees, by key) as far as it is in the air: `air` 0 down to 1 in mid-swing.
 */
export function toesAngles(
  skeleton: Skeleton,
  angles: JointAngles,
  contact: ContactSpec,
  air = 0,
  folds: Readonly<Record<string, number>> = {},
): JointAngles {
  if (contact.kind !== 'foot') return angles;
  const toes = skeleton.bones.filter(
    (bone) => bone.parent === contact.bone && bone.joint.freedoms.flexion !== undefined,
  );
  if (toes.length === 0) return angles;
  const { rotation } = posedBone(poseSkeleton(skeleton, angles), contact.bone);
  const out: Record<string, JointAngles[string]> = { ...angles };
  for (const bone of toes) {
    const { minDeg, maxDeg, axis } = bone.joint.freedoms.flexion!;
    if (Math.abs(axis[2]) < ACROSS) continue;
    // The turn about the limb's own axis that takes the toe back to where it pointed at rest.
    const now = turn(rotation, bone.rest);
    const off = Math.atan2(bone.rest[1], bone.rest[0]) - Math.atan2(now[1], now[0]);
    const flat = toDeg(Math.atan2(Math.sin(off), Math.cos(off))) * Math.sign(axis[2]);
    const deg = flat * (1 - air) + (folds[bone.key] ?? 0) * air;
    out[bone.id] = { ...out[bone.id], flexion: Math.max(minDeg, Math.min(maxDeg, deg)) };
  }
  return out;
}
