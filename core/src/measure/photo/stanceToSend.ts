import type { Workpiece } from '../../workshop/workpiece.ts';
import { least } from '../../geometry/extremes.ts';
import { posedBone, type JointAngles } from '../../anatomy/pose.ts';
import type { Skeleton } from '../../anatomy/skeleton.ts';
import { settledStance } from '../../posing/settledStance.ts';
import { padRadiusMm } from '../../body/skin.ts';

/** A foot this share of the body's bones above the lowest one is meant to be lifted. */
const LIFTED_SHARE = 0.02;

/** A recovered stance as decisions of Stance: angles to a tenth of a degree, and the lifted feet. */
export function stanceToSend(
  skeleton: Skeleton,
  presetId: string,
  angles: JointAngles,
): Pick<Workpiece['stance'], 'anglesDeg' | 'lifted'> {
  const posed = settledStance(skeleton, { presetId, anglesDeg: angles, lifted: null });
  const feet = skeleton.plan.contacts.filter((contact) => contact.kind === 'foot');
  const soles = feet.map(({ bone }) => posedBone(posed, bone).end[1] - padRadiusMm(posed, bone));
  const lowest = least(soles);
  const whole = skeleton.bones.reduce((sum, bone) => sum + bone.lifeLengthMm, 0);
  const lifted = feet
    .filter((_, i) => soles[i]! - lowest > LIFTED_SHARE * whole)
    .map((contact) => contact.id);
  const anglesDeg = Object.fromEntries(
    skeleton.bones
      .filter((bone) => Object.keys(bone.joint.freedoms).length > 0)
      .map((bone) => [
        bone.id,
        Object.fromEntries(
          Object.keys(bone.joint.freedoms).map((name) => [
            name,
            Math.round((angles[bone.id]?.[name as 'flexion'] ?? 0) * 10) / 10,
          ]),
        ),
      ]),
  );
  return { anglesDeg, lifted: feet.length === 0 ? null : lifted };
}
