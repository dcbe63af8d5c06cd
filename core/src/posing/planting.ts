import type { ContactSpec, JointRef } from '../anatomy/bodyPlan.ts';
import { poseSkeleton, posedBone, type JointAngles } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { padRadiusMm } from '../body/skin.ts';

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
 * Brings every foot that should be down to one level above the ground (`groundAt`, life mm by x), by turning its reaching joints within their
 * limits and turning the foot back by as much, so that it keeps its tilt. With two joints a foot
 * keeps its place along x; with one (a sprawling limb) it only comes up or down; what merely rests
 * or is carried by a rod stays as it is. The common level is the mean of the feet as given, which
 * changes the fewest angles. A leg that cannot reach stays at its limit: the stance reports the gap.
 */
export function plantFeet(
  skeleton: Skeleton,
  angles: JointAngles,
  contacts: readonly ContactSpec[],
  groundAt: (x: number) => number = () => 0,
): JointAngles {
  const feet = contacts.filter((contact) => contact.reach.length > 0);
  if (feet.length === 0) return angles;
  const places = feet.map((contact) => footPlace(skeleton, angles, contact));
  const level =
    places.reduce((sum, place) => sum + place.soleY - groundAt(place.x), 0) / places.length;
  return feet.reduce(
    (planted, contact, i) =>
      reach(skeleton, planted, contact, {
        ...places[i]!,
        soleY: level + groundAt(places[i]!.x),
      }),
    angles,
  );
}

/** Newton's method on one or two joints, clamped to the limits at each step. */
function reach(
  skeleton: Skeleton,
  given: JointAngles,
  contact: ContactSpec,
  target: FootPlace,
): JointAngles {
  const start = contact.reach.map(({ bone, freedom }) => given[bone]?.[freedom] ?? 0);
  const withTurns = (turns: readonly number[]): JointAngles =>
    turned(skeleton, given, contact, turns, start);
  const miss = (turns: readonly number[]): readonly [number, number] => {
    const place = footPlace(skeleton, withTurns(turns), contact);
    return [start.length === 1 ? 0 : place.x - target.x, place.soleY - target.soleY];
  };
  let at: readonly number[] = start;
  for (let step = 0; step < MAX_STEPS; step++) {
    const here = miss(at);
    if (Math.hypot(...here) < CLOSE_MM) break;
    const slopes = at.map((_, i) => {
      const there = miss(at.map((deg, j) => (i === j ? deg + SLOPE_STEP_DEG : deg)));
      return [
        (there[0] - here[0]) / SLOPE_STEP_DEG,
        (there[1] - here[1]) / SLOPE_STEP_DEG,
      ] as const;
    });
    const change = newtonStep(here, slopes);
    if (change === undefined) break;
    at = at.map((deg, i) => withinLimits(skeleton, contact.reach[i]!, deg + change[i]!));
  }
  return withTurns(at);
}

/** The turns in degrees that take a miss to zero in the plane of its slopes. */
function newtonStep(
  [mx, my]: readonly [number, number],
  slopes: readonly (readonly [number, number])[],
): readonly number[] | undefined {
  const [a, b] = slopes;
  if (a === undefined) return undefined;
  if (b === undefined) return Math.abs(a[1]) < 1e-9 ? undefined : [-my / a[1]];
  const det = a[0] * b[1] - b[0] * a[1];
  if (Math.abs(det) < 1e-8) return undefined;
  return [(-mx * b[1] + my * b[0]) / det, (-a[0] * my + a[1] * mx) / det];
}

/** The angles with the reaching joints set and the foot turned back by as much. */
function turned(
  skeleton: Skeleton,
  given: JointAngles,
  contact: ContactSpec,
  turns: readonly number[],
  start: readonly number[],
): JointAngles {
  const angles: Record<string, JointAngles[string]> = { ...given };
  contact.reach.forEach(({ bone, freedom }, i) => {
    angles[bone] = { ...angles[bone], [freedom]: turns[i]! };
  });
  const last = contact.reach.at(-1);
  if (contact.level === null || last === undefined) return angles;
  const by = turns.reduce((sum, deg, i) => sum + deg - start[i]!, 0);
  const level: JointRef = { bone: contact.level, freedom: last.freedom };
  const back = (given[level.bone]?.[level.freedom] ?? 0) - by;
  angles[level.bone] = {
    ...angles[level.bone],
    [level.freedom]: withinLimits(skeleton, level, back),
  };
  return angles;
}

function withinLimits(skeleton: Skeleton, { bone, freedom }: JointRef, deg: number): number {
  const limits = skeleton.byId.get(bone)?.joint.freedoms[freedom];
  return limits === undefined ? 0 : Math.min(limits.maxDeg, Math.max(limits.minDeg, deg));
}
