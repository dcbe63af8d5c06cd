import type { Marking, MarkingKind } from '../anatomy/marking.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { fitted } from './laidBands.ts';
import { lineField, patchField } from './lineFields.ts';
import { outOfRegion, regionOf, roundOf, type Region } from './region.ts';
import { ringField } from './rings.ts';
import { spotField } from './spots.ts';
import type { SkinSpot } from './skinPoint.ts';
import { outOfIslands, strayed } from './wander.ts';

/** How far outside each of its colours a spot lies, life mm, negative inside; undefined where it does not reach. */
export type SkinField = (spot: SkinSpot) => readonly number[] | undefined;

/**
 * How a marking lies on the skin; undefined for one whose places are not there, or that lies on no skin. Farther than
 * `reachMm` inside or outside nobody asks how far: what is told there need not be exact.
 */
export function skinField(
  skeleton: Skeleton,
  marking: Marking,
  reachMm = Infinity,
): SkinField | undefined {
  if (marking.kind === 'line') return lineField(skeleton, marking, reachMm);
  if (marking.kind === 'patch') return patchField(skeleton, marking, reachMm);
  const region = regionOf(skeleton, marking);
  const make = REGION_FIELDS[marking.kind];
  if (region === undefined || make === undefined) return undefined;
  const field = make(marking, region, reachMm);
  return (spot) => (spot.run.id === region.run.id ? field(spot) : undefined);
}

const REGION_FIELDS: Readonly<
  Partial<Record<MarkingKind, (marking: Marking, region: Region, reachMm: number) => SkinField>>
> = {
  field: (marking, region, reachMm) => (spot) => [
    strayed(outOfRegion(region, spot), marking, spot, roundOf(region, spot), reachMm),
  ],
  rings: ringField,
  zigzag: zigzagField,
  stripes: stripeField,
  spots: spotField,
  rosettes: spotField,
  eyespots: spotField,
  marbling: (marking, region, reachMm) => (spot) => {
    const { share, widthMm, seed } = marking;
    const outside = outOfRegion(region, spot);
    if (outside > reachMm) return undefined;
    const islands = outOfIslands(spot, roundOf(region, spot), share, widthMm, seed);
    return [Math.max(outside, islands)];
  },
};

/** A line that runs along the body and swings from side to side in straight strokes. */
function zigzagField(marking: Marking, region: Region, reachMm: number): SkinField {
  const { widthMm, lengthMm, stepMm, repeats } = marking;
  const { from, to, low } = region;
  const wave = (to - from) / fitted(repeats, stepMm, to - from);
  const slope = (2 * lengthMm) / wave;
  return (spot) => {
    const t = (((spot.along - from) / wave) % 1) + (spot.along < from ? 1 : 0);
    const swing = lengthMm * (Math.abs(2 * t - 1) - 0.5);
    const off = Math.abs(spot.round - spot.arc(low) - swing);
    const line = off / Math.hypot(1, slope) - widthMm / 2;
    const strays = strayed(line, marking, spot, spot.round, reachMm);
    return [Math.max(strays, from - spot.along, spot.along - to)];
  };
}

/** How many stripes there are where nobody said. */
const USUAL_STRIPES = 3;

/** Lines along the body at even angles. */
function stripeField(marking: Marking, region: Region, reachMm: number): SkinField {
  const { widthMm, repeats } = marking;
  const { from, to, low, high } = region;
  const many = repeats ?? USUAL_STRIPES;
  const angles = Array.from({ length: many }, (_, i) =>
    many === 1 ? (low + high) / 2 : low + ((high - low) * i) / (many - 1),
  );
  return (spot) => {
    const round = roundOf(region, spot);
    const off = Math.min(...angles.map((deg) => Math.abs(round - spot.arc(deg))));
    const line = strayed(off - widthMm / 2, marking, spot, round, reachMm);
    return [Math.max(line, from - spot.along, spot.along - to)];
  };
}
