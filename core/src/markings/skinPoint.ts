import type { Skeleton } from '../anatomy/skeleton.ts';
import type { SkinPlace } from '../body/skinPlace.ts';
import { arcAt, arcSections, type ArcSections } from './arcs.ts';
import { sectionsAt } from './ownSections.ts';
import { alongRun, leftOf, onRun, runOfBone, type Run } from './runs.ts';

/** A point of the skin as markings are measured in: life mm at rest, so that stance and scale change nothing. */
export interface SkinSpot {
  readonly run: Run;
  /** Along the run. */
  readonly along: number;
  /** Round it from the back (in limbs: the front), positive towards the left; on right limbs as on left ones. */
  readonly round: number;
  /** Once round it. */
  readonly girth: number;
  /** Whether it is on the right side of the animal. */
  readonly isRight: boolean;
  /** How far from the back an angle lies here. */
  readonly arc: (deg: number) => number;
}

/** Where a place of the skin lies on its run; undefined where its bone has no sleeve to be marked. */
export function skinSpot(skeleton: Skeleton, place: SkinPlace): SkinSpot | undefined {
  const { boneId, isRight } = leftOf(skeleton, place.boneId);
  const run = runOfBone(skeleton, boneId);
  const sections = arcSections(skeleton, place.sleeveId, place.boneId);
  if (run === undefined || sections === undefined || sections.length === 0) return undefined;
  return spotOn(run, sections, { ...place, boneId }, isRight);
}

/** The spot of a run at a length along it and an angle from its back, on the left; undefined where it has no skin. */
export function spotAt(
  skeleton: Skeleton,
  run: Run,
  along: number,
  around: number,
): SkinSpot | undefined {
  const place = onRun(run, along);
  const sections = sectionsAt(skeleton, place.boneId);
  return sections && { ...spotOn(run, sections, { ...place, around }, false), along };
}

/** The same with run and sections at hand. */
export function spotOn(
  run: Run,
  sections: ArcSections,
  { boneId, along: share, around }: Omit<SkinPlace, 'sleeveId'>,
  isRight: boolean,
): SkinSpot {
  const arc = (deg: number): number => arcAt(sections, share, deg);
  const round = arc(around);
  return {
    ...{ run, along: alongRun(run, boneId, share)!, girth: 2 * arc(180), arc },
    // A limb's right is its left's image; on the column the side is told by the angle.
    round: isRight ? -round : round,
    isRight: run.isColumn ? around < 0 : isRight,
  };
}
