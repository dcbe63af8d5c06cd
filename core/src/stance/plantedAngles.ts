import type { JointAngles } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { plantFeet } from '../posing/planting.ts';
import { liftedIn, plantedFlat, stanceAngles, type StanceChoice } from '../posing/settledStance.ts';
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
  const onGround = (): JointAngles => {
    const planted = plantFeet(
      skeleton,
      before,
      down,
      (x) => groundHeight(ground, x * sizeFactor) / sizeFactor,
    );
    return toesOnGround(skeleton, planted, { ...choice, ground }, down, sizeFactor);
  };
  const after = ground.kind === 'flat' ? plantedFlat(skeleton, before, down) : onGround();
  return changedAngles(choice.anglesDeg, before, after);
}
