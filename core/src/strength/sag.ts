import { posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import type { StancePlan } from '../stance/stancePlan.ts';
import type { WiredJoint } from './wiredJoint.ts';
import { roundSection } from '../wire/sections.ts';

/** How far a free end hangs lower than posed. */
export interface Sag {
  readonly boneId: string;
  readonly name: string;
  /** Null where a wire on the way to it gives: nothing holds it then. */
  readonly mm: number | null;
  /** The joint whose wire gives; null where all hold. */
  readonly givesAt: WiredJoint | null;
}

/**
 * Sag of the free ends (head, tail, lifted limbs) by the moment–area method: δ = ∫ M(s)·x(s)/EI ds
 * along the chain from the trunk to the end, with x the level distance to the end; M straight between
 * the joints, by Simpson's rule (strength of materials). Elastic, so it is no number where a wire on
 * the way yields.
 */
export function sags(
  posed: PosedSkeleton,
  joints: readonly WiredJoint[],
  stance: StancePlan,
): readonly Sag[] {
  const byBone = new Map(joints.map((joint) => [joint.boneId, joint]));
  const standing = new Set(
    stance.feet.filter(({ down }) => down).map(({ contact }) => contact.bone),
  );
  // A digit or an ear does not make what it sits on any less of an end.
  const large = joints.filter(({ wire }) => wire.kind !== 'fine');
  const ends = large.filter(
    ({ boneId, isTrunk }) =>
      !isTrunk &&
      !large.some((other) => posedBone(posed, other.boneId).bone.parent === boneId) &&
      !standing.has(boneId),
  );
  return ends.map(({ boneId }) => {
    const tip = posedBone(posed, boneId).end;
    let mm = 0;
    let beyondNmm = 0;
    let givesAt: WiredJoint | null = null;
    let joint = byBone.get(boneId);
    while (joint !== undefined && !joint.isTrunk) {
      const { start, end, bone } = posedBone(posed, joint.boneId);
      if (joint.posedShare > Math.max(1, givesAt?.posedShare ?? 0)) givesAt = joint;
      const ei = joint.bearers.reduce(
        (sum, { metal, strands, wire }) =>
          sum + metal.eMPa[2] * strands * roundSection(wire.diameterMm).iMm4,
        0,
      );
      const level = (at: readonly number[]): number => Math.hypot(tip[0] - at[0]!, tip[2] - at[2]!);
      const middle = start.map((v, k) => (v + end[k as 0]) / 2);
      const near = joint.load.stanceNmm;
      const long = bone.lifeLengthMm * posed.sizeFactor;
      mm +=
        ((long / 6) *
          (near * level(start) +
            4 * ((near + beyondNmm) / 2) * level(middle) +
            beyondNmm * level(end))) /
        ei;
      beyondNmm = near;
      joint = bone.parent === null ? undefined : byBone.get(bone.parent);
    }
    const { bone } = posedBone(posed, boneId);
    return { boneId, name: bone.name, mm: givesAt === null ? mm : null, givesAt };
  });
}
