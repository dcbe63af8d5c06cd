import type { Workpiece } from '../workshop/workpiece.ts';
import { FREEDOMS } from '../anatomy/bodyPlan.ts';
import type { JointAngles } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { liftedIn, stanceAngles, type StanceChoice } from '../posing/settledStance.ts';
import { plantedAngles } from './plantedAngles.ts';

/** A stance brought to another animal, and what of it could not be kept. */
export interface CarriedOver {
  readonly stance: Pick<Workpiece['stance'], 'presetId' | 'gait' | 'anglesDeg' | 'lifted'>;
  /** Bones that the other animal does not have. */
  readonly missing: readonly string[];
  /** Bones whose angles had to be cut to its limits. */
  readonly cut: readonly string[];
}

/**
 * A stance of one animal on another of the same plan: every angle carries over, within the other's
 * limits, feet that were up stay up, and the others are planted again on its own limbs. All angles
 * are the user's own.
 */
export function carriedOver(
  from: Skeleton,
  choice: StanceChoice,
  to: Skeleton,
  sizeFactor = 1,
): CarriedOver {
  const angles = stanceAngles(from, choice);
  const [missing, cut]: [string[], string[]] = [[], []];
  const own: Record<string, JointAngles[string]> = {};
  for (const [id, turned] of Object.entries(angles)) {
    const bone = to.byId.get(id);
    if (bone === undefined) {
      missing.push(id);
      continue;
    }
    own[id] = Object.fromEntries(
      FREEDOMS.flatMap((name) => {
        const [deg, freedom] = [turned[name], bone.joint.freedoms[name]];
        if (deg === undefined || freedom === undefined) return [];
        const within = Math.max(freedom.minDeg, Math.min(freedom.maxDeg, deg));
        if (Math.abs(within - deg) > 1e-6) cut.push(id);
        return [[name, within]];
      }),
    );
  }
  // A body that lies goes on lying; a moment of a gait becomes a stance of its own.
  const named = choice.gait ? undefined : to.plan.stances.find(({ id }) => id === choice.presetId);
  const presetId = named?.id ?? to.plan.stances[0]?.id ?? '';
  const lifted = liftedIn(from, choice).filter((id) =>
    to.plan.contacts.some((contact) => contact.id === id),
  );
  const stance = { presetId, gait: null, anglesDeg: own, lifted };
  const planted = plantedAngles(
    to,
    { ...stance, ...(choice.ground ? { ground: choice.ground } : {}) },
    sizeFactor,
  );
  return {
    stance: { ...stance, anglesDeg: { ...planted } },
    missing,
    cut: [...new Set(cut)],
  };
}
