import { poseSkeleton, posedBone, type JointAngles } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { toesAngles } from '../posing/toesAngles.ts';
import { reachTo } from '../posing/reach.ts';
import { stanceAngles, type StanceChoice } from '../posing/settledStance.ts';
import { changedAngles } from './changedAngles.ts';

/** What a change leaves of the user's angles when some feet must not move, and what could not be held. */
export interface HeldFeet {
  readonly anglesDeg: JointAngles;
  /** The farthest that a held foot was pulled from its place, mm at life. */
  readonly slippedMm: number;
}

/**
 * A change of the stance with the locked feet brought back to where they stood, each by its own limb:
 * `locked` holds feet by contact id and joints by bone id, and the joint that was turned (`turned`)
 * keeps its new angle. Places are held in the axes of the spine's root.
 */
export function heldFeet(
  skeleton: Skeleton,
  before: StanceChoice,
  after: StanceChoice,
  locked: readonly string[],
  turned: readonly string[],
  anyAngle = false,
): HeldFeet {
  const feet = skeleton.plan.contacts.filter(
    ({ id, kind }) => kind === 'foot' && locked.includes(id),
  );
  if (feet.length === 0) return { anglesDeg: after.anglesDeg, slippedMm: 0 };
  const stood = poseSkeleton(skeleton, stanceAngles(skeleton, before));
  const given = stanceAngles(skeleton, after);
  let angles: JointAngles = given;
  let slippedMm = 0;
  for (const foot of feet) {
    const place = posedBone(stood, foot.bone).end;
    const held = reachTo(skeleton, angles, foot.bone, place, anyAngle, [...locked, ...turned]);
    slippedMm = Math.max(slippedMm, held.shortfallMm);
    angles = toesAngles(skeleton, held.angles, foot);
  }
  return { anglesDeg: changedAngles(after.anglesDeg, given, angles), slippedMm };
}
