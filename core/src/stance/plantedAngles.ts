import type { JointAngles } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { plantFeet } from '../posing/planting.ts';
import { liftedIn, stanceAngles, type StanceChoice } from '../posing/settledStance.ts';
import { changedAngles } from './changedAngles.ts';
import { FLAT, groundHeight } from '../posing/ground.ts';
import { toesOnGround } from './toesOnGround.ts';

/**
 * The user's angles with every foot that should be down planted again on its ground, and its toes
 * laid along it: what the remedy "plant the feet" writes into the document. Angles of joints that
 * need no change stay as they were. `sizeFactor` tells how large the ground is beside the animal.
 */
export function plantedAngles(
  skeleton: Skeleton,
  choice: StanceChoice,
  sizeFactor = 1,
): JointAngles {
  const lifted = liftedIn(skeleton, choice);
  const down = skeleton.plan.contacts.filter((contact) => !lifted.includes(contact.id));
  const before = stanceAngles(skeleton, choice);
  const { ground = FLAT } = choice;
  const planted = plantFeet(
    skeleton,
    before,
    down,
    (x) => groundHeight(ground, x * sizeFactor) / sizeFactor,
  );
  const after =
    ground.kind === 'flat'
      ? planted
      : toesOnGround(skeleton, planted, { ...choice, ground }, down, sizeFactor);
  return changedAngles(choice.anglesDeg, before, after);
}
