import { FREEDOMS } from '../anatomy/bodyPlan.ts';
import type { JointAngles } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { plantFeet } from '../body/planting.ts';
import { liftedIn, stanceAngles, type StanceChoice } from '../body/settledStance.ts';

/**
 * The user's angles with every foot that should be down planted again: what the remedy "plant the
 * feet" writes into the document. Angles of joints that need no change stay as they were.
 */
export function plantedAngles(skeleton: Skeleton, choice: StanceChoice): JointAngles {
  const lifted = liftedIn(skeleton, choice);
  const down = skeleton.plan.contacts.filter((contact) => !lifted.includes(contact.id));
  const before = stanceAngles(skeleton, choice);
  const after = plantFeet(skeleton, before, down);
  const own = Object.fromEntries(
    Object.entries(after).flatMap(([id, angles]) => {
      const moved = FREEDOMS.filter(
        (name) => Math.abs((angles[name] ?? 0) - (before[id]?.[name] ?? 0)) > 1e-6,
      );
      if (moved.length === 0) return [];
      const set = Object.fromEntries(moved.map((name) => [name, angles[name] ?? 0]));
      return [[id, { ...choice.anglesDeg[id], ...set }]];
    }),
  );
  return { ...choice.anglesDeg, ...own };
}
