import type { ContactSpec } from '../anatomy/bodyPlan.ts';
import { poseSkeleton, posedBone, type JointAngles } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { padRadiusMm } from './skin.ts';

/** Newton steps that plant a foot; six are enough from any plan's stance, the rest is margin. */
const MAX_STEPS = 20;
/** A foot counts as planted within this share of a life millimetre. */
const CLOSE_MM = 1e-7;
/** Step in degrees for the numerical slope of a foot against a joint. */
const SLOPE_STEP_DEG = 0.01;

interface FootPlace {
  readonly x: number;
  /** Height of the sole: the far end of the foot bone less its padding. */
  readonly soleY: number;
}

/** Where a foot stands in the side elevation, life mm, root at the origin. */
function footPlace(skeleton: Skeleton, angles: JointAngles, contact: ContactSpec): FootPlace {
  const posed = poseSkeleton(skeleton, angles);
  const { end } = posedBone(posed, contact.bone);
  return { x: end[0], soleY: end[1] - padRadiusMm(posed, contact.bone) };
}

/**
 * Brings every foot that should be down to one level, by flexing its two reaching joints within
 * their limits and turning the foot back by as much, so that it keeps its tilt. Each foot keeps its
 * place along x; the common level is the mean of the feet as given, which changes the fewest angles.
 * A leg that cannot reach stays at its limit: the stance reports the gap.
 */
export function plantFeet(
  skeleton: Skeleton,
  angles: JointAngles,
  contacts: readonly ContactSpec[],
): JointAngles {
  if (contacts.length === 0) return angles;
  const places = contacts.map((contact) => footPlace(skeleton, angles, contact));
  const level = places.reduce((sum, place) => sum + place.soleY, 0) / places.length;
  return contacts.reduce(
    (planted, contact, i) => reach(skeleton, planted, contact, { ...places[i]!, soleY: level }),
    angles,
  );
}

/** Newton's method on two flexions, clamped to the limits at each step. */
function reach(
  skeleton: Skeleton,
  given: JointAngles,
  contact: ContactSpec,
  target: FootPlace,
): JointAngles {
  const start = contact.reach.map((id) => given[id]?.flexion ?? 0) as [number, number];
  const withFlexions = (flexions: readonly [number, number]): JointAngles =>
    bent(skeleton, given, contact, flexions, start);
  const miss = (flexions: readonly [number, number]): [number, number] => {
    const place = footPlace(skeleton, withFlexions(flexions), contact);
    return [place.x - target.x, place.soleY - target.soleY];
  };
  let at = start;
  for (let step = 0; step < MAX_STEPS; step++) {
    const [mx, my] = miss(at);
    if (Math.hypot(mx, my) < CLOSE_MM) break;
    const a = miss([at[0] + SLOPE_STEP_DEG, at[1]]);
    const b = miss([at[0], at[1] + SLOPE_STEP_DEG]);
    const [ax, ay, bx, by] = [a[0] - mx, a[1] - my, b[0] - mx, b[1] - my];
    const det = ax * by - bx * ay;
    if (Math.abs(det) < 1e-12) break;
    const d0 = ((-mx * by + my * bx) / det) * SLOPE_STEP_DEG;
    const d1 = ((-ax * my + ay * mx) / det) * SLOPE_STEP_DEG;
    at = [
      withinLimits(skeleton, contact.reach[0], at[0] + d0),
      withinLimits(skeleton, contact.reach[1], at[1] + d1),
    ];
  }
  return withFlexions(at);
}

/** The angles with the reaching joints set and the foot turned back by as much. */
function bent(
  skeleton: Skeleton,
  given: JointAngles,
  contact: ContactSpec,
  flexions: readonly [number, number],
  start: readonly [number, number],
): JointAngles {
  const turned = flexions[0] - start[0] + flexions[1] - start[1];
  const levelled = (given[contact.level]?.flexion ?? 0) - turned;
  const set = (id: string, flexion: number): JointAngles[string] => ({ ...given[id], flexion });
  return {
    ...given,
    [contact.reach[0]]: set(contact.reach[0], flexions[0]),
    [contact.reach[1]]: set(contact.reach[1], flexions[1]),
    [contact.level]: set(contact.level, withinLimits(skeleton, contact.level, levelled)),
  };
}

function withinLimits(skeleton: Skeleton, id: string, deg: number): number {
  const freedom = skeleton.byId.get(id)?.joint.freedoms.flexion;
  return freedom === undefined ? 0 : Math.min(freedom.maxDeg, Math.max(freedom.minDeg, deg));
}
