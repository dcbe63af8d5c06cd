import type { Marking, MarkingPlace } from '../anatomy/marking.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { alongRun, leftOf, runOfBone, type Run } from './runs.ts';
import { spotAt, type SkinSpot } from './skinPoint.ts';

/** What of a run a marking fills: from where to where along it, life mm, and between which angles. */
export interface Region {
  readonly run: Run;
  readonly from: number;
  readonly to: number;
  readonly low: number;
  readonly high: number;
  readonly mirrored: boolean;
  /** How far from the back an angle lies at a length along the run, life mm. */
  readonly arc: (along: number, deg: number) => number;
}

/** The region between the two corners of a marking; undefined where it has not two on one run. */
export function regionOf(
  skeleton: Skeleton,
  { places, mirrored }: Pick<Marking, 'places' | 'mirrored'>,
): Region | undefined {
  const [first, second] = places;
  if (first === undefined || second === undefined) return undefined;
  const run = runOfBone(skeleton, first.boneId);
  const [a, b] = [along(skeleton, run, first), along(skeleton, run, second)];
  if (run === undefined || a === undefined || b === undefined) return undefined;
  const angle = ({ around }: MarkingPlace): number =>
    mirrored && run.isColumn ? Math.abs(around) : around;
  const [c, d] = [angle(first), angle(second)];
  return {
    ...{ run, mirrored },
    arc: (at, deg) => spotAt(skeleton, run, at, 0)?.arc(deg) ?? 0,
    ...{ from: Math.min(a, b), to: Math.max(a, b), low: Math.min(c, d), high: Math.max(c, d) },
  };
}

/** How far along a run a place lies; undefined where it is on another. */
export const along = (
  skeleton: Skeleton,
  run: Run | undefined,
  { boneId, along: share }: MarkingPlace,
): number | undefined => run && alongRun(run, leftOf(skeleton, boneId).boneId, share);

/** Round a run from the back as a marking reads it: where both sides have it, the left's and the right's are one. */
export const roundOf = ({ mirrored, run }: Region, spot: SkinSpot): number =>
  mirrored && run.isColumn ? Math.abs(spot.round) : spot.round;

/** How far outside a region a spot lies, life mm; negative inside. */
export function outOfRegion(region: Region, spot: SkinSpot): number {
  const { from, to, low, high } = region;
  const round = roundOf(region, spot);
  const ends = Math.max(from - spot.along, spot.along - to);
  const isWhole = high - low >= 360 || (low <= 0 && high >= 180 && region.mirrored);
  if (isWhole) return ends;
  // At the back and at the belly a side goes over into the other.
  const isFromBack = low <= 0 && region.mirrored && region.run.isColumn;
  const isToBelly = high >= 180;
  return Math.max(
    ends,
    isFromBack || low <= -180 ? -Infinity : spot.arc(low) - round,
    isToBelly ? -Infinity : round - spot.arc(high),
  );
}
