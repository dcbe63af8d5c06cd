import type { JointAngles } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { plantFeet } from '../body/planting.ts';
import { presetOf, stanceAngles, type StanceChoice } from '../body/settledStance.ts';

/**
 * The user's angles with every foot that should be down planted again: what the remedy "plant the
 * feet" writes into the document. Angles of joints that need no change stay as they were.
 */
export function plantedAngles(skeleton: Skeleton, choice: StanceChoice): JointAngles {
  const lifted = choice.lifted ?? presetOf(skeleton, choice.presetId).lifted;
  const down = skeleton.plan.contacts.filter((contact) => !lifted.includes(contact.id));
  const before = stanceAngles(skeleton, choice);
  const after = plantFeet(skeleton, before, down);
  const changed = Object.entries(after).filter(([id, angles]) => {
    const was = before[id]?.flexion ?? 0;
    return Math.abs((angles.flexion ?? 0) - was) > 1e-6;
  });
  const own = Object.fromEntries(
    changed.map(([id, angles]) => [id, { ...choice.anglesDeg[id], flexion: angles.flexion ?? 0 }]),
  );
  return { ...choice.anglesDeg, ...own };
}
