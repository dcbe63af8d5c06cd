import type { ContactSpec } from '../anatomy/bodyPlan.ts';
import { poseSkeleton, posedBone, type JointAngles } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { liftedIn, stanceAngles, type StanceChoice } from '../posing/settledStance.ts';
import { sub, type Vec3 } from '../geometry/vec3.ts';
import { changedAngles } from './changedAngles.ts';
import { toesAngles } from '../posing/toesAngles.ts';
import { reachTo } from '../posing/reach.ts';

/** What dragging the trunk sets: the legs' angles, and how much of the way they allow. */
export interface TrunkDrag {
  /** The user's own angles, with those of the legs put in. */
  readonly anglesDeg: JointAngles;
  /** The part of the way that was wanted, 0 to 1, that the planted feet allow. */
  readonly share: number;
}

/** A foot has left its place when it misses it by this share of the way, or of a life millimetre. */
const SLIP_MM = 0.05;
/** Halvings in the search for how far the legs reach. */
const HALVINGS = 7;

/**
 * Moves the trunk by `by` (mm of the model, animal's axes) while every foot that is down stays where
 * it stands: each leg reaches back by as much. Where a leg is at its end, the trunk stops there.
 * Feet that are up, the neck and the tail go along with the trunk.
 */
export function dragTrunk(
  skeleton: Skeleton,
  choice: StanceChoice,
  sizeFactor: number,
  by: Vec3,
  anyAngle = false,
  locked: readonly string[] = [],
): TrunkDrag {
  const before = stanceAngles(skeleton, choice);
  const lifted = liftedIn(skeleton, choice);
  const feet = skeleton.plan.contacts.filter(
    ({ id, kind }) => kind === 'foot' && !lifted.includes(id),
  );
  const posed = poseSkeleton(skeleton, before);
  const places = new Map(feet.map(({ id, bone }) => [id, posedBone(posed, bone).end]));
  const tried = (share: number): JointAngles | undefined =>
    movedBy(
      skeleton,
      before,
      feet,
      (foot) =>
        sub(places.get(foot.id)!, by.map((v) => (v * share) / sizeFactor) as unknown as Vec3),
      anyAngle,
      locked,
    );
  let [low, high] = [0, 1];
  let best = tried(1);
  if (best !== undefined) low = 1;
  for (let i = 0; i < HALVINGS && low < 1; i++) {
    const middle = (low + high) / 2;
    const angles = tried(middle);
    if (angles === undefined) high = middle;
    else [best, low] = [angles, middle];
  }
  return { anglesDeg: changedAngles(choice.anglesDeg, before, best ?? before), share: low };
}

/** All angles with the feet at their places in the trunk's axes; undefined where one cannot be. */
function movedBy(
  skeleton: Skeleton,
  before: JointAngles,
  feet: readonly ContactSpec[],
  placeOf: (foot: ContactSpec) => Vec3,
  anyAngle: boolean,
  locked: readonly string[],
): JointAngles | undefined {
  let angles = before;
  for (const foot of feet) {
    const reached = reachTo(skeleton, angles, foot.bone, placeOf(foot), anyAngle, locked);
    if (reached.shortfallMm > SLIP_MM) return undefined;
    angles = toesAngles(skeleton, reached.angles, foot);
  }
  return angles;
}
