import * as say from './words.ts';
import { posedBone, alongBone, type PosedSkeleton } from '../anatomy/pose.ts';
import { innerRadiusMm, type SkinPart } from '../body/skin.ts';
import { edgesOf, type Point2 } from '../geometry/hull.ts';
import type { Place } from '../anatomy/place.ts';
import type { Counterweight } from '../piece/pieceSchema.ts';

/** Clay that stays over a weight, mm: common practice. */
export const WEIGHT_COVER_MM = 2;

/** Density in g/ml (handbook values, from memory; CRC Handbook of Chemistry and Physics). */
export const WEIGHT_METALS = {
  lead: { name: say.lead, gPerMl: 11.34 },
  steel: { name: say.steel, gPerMl: 7.85 },
} as const satisfies Record<Counterweight['metal'], { name: string; gPerMl: number }>;

/**
 * Grams that a weight at a place must have so that the common centre lies at least `marginMm` inside
 * every edge of the outline: m·(d_w − e) ≥ M·(e − d), with d and d_w how far the centre and the
 * weight lie inside the edge (balance of moments). Zero where none is needed, undefined where no
 * weight at that place is enough. Plan coordinates, mm.
 */
export function weightNeededG(
  hull: readonly Point2[],
  centre: Point2,
  grams: number,
  at: Point2,
  marginMm: number,
): number | undefined {
  const inside = edgesOf(hull, centre);
  const weight = edgesOf(hull, at);
  if (inside.length < 3) return undefined;
  let needed = 0;
  for (const [i, { insideMm }] of inside.entries()) {
    if (insideMm >= marginMm) continue;
    const gain = weight[i]!.insideMm - marginMm;
    if (gain <= 0) return undefined;
    needed = Math.max(needed, (grams * (marginMm - insideMm)) / gain);
  }
  // So much weight must not carry the centre out on the other side.
  for (const [i, { insideMm }] of inside.entries()) {
    const after = (grams * insideMm + needed * weight[i]!.insideMm) / (grams + needed);
    if (after < marginMm - 1e-9) return undefined;
  }
  return needed;
}

/** Radius in mm of a ball of so many grams: r³ = 3m/4πρ. */
export const ballRadiusMm = (grams: number, gPerMl: number): number =>
  Math.cbrt((3 * grams * 1000) / (4 * Math.PI * gPerMl));

/** A place inside the body for a weight, and what would be needed there. */
export interface WeightPlace extends Place {
  readonly grams: number;
  /** Radius of the ball of metal, mm, and the largest that fits there under the clay. */
  readonly ballMm: number;
  readonly roomMm: number;
}

/** Radius in mm of the largest ball that each bone's flesh holds under a cover of clay, by bone. */
export function roomsUnder(
  skin: readonly SkinPart[],
  coverMm: number,
): ReadonlyMap<string, number> {
  const room = new Map<string, number>();
  for (const part of skin)
    room.set(part.boneId, Math.max(room.get(part.boneId) ?? 0, innerRadiusMm(part) - coverMm));
  return room;
}

/** Weights are told in whole grams, with a little to spare. */
const SPARE = 1.02;
/** Places along a bone that are tried. */
const PLACES = [0.1, 0.3, 0.5, 0.7, 0.9] as const;

/**
 * Places in the body where a ball of metal would bring the centre inside by a margin, those where it
 * fits first, then the lightest. `coverMm` of clay stays over it.
 */
export function weightPlaces(
  posed: PosedSkeleton,
  skin: readonly SkinPart[],
  hull: readonly Point2[],
  centre: Point2,
  grams: number,
  marginMm: number,
  metal: Counterweight['metal'],
  coverMm: number,
): readonly WeightPlace[] {
  return [...roomsUnder(skin, coverMm)]
    .filter(([, roomMm]) => roomMm > 1)
    .flatMap(([boneId, roomMm]) =>
      PLACES.flatMap((along): WeightPlace[] => {
        const [x, , z] = alongBone(posedBone(posed, boneId), along);
        const least = weightNeededG(hull, centre, grams, [x, z], marginMm);
        if (least === undefined || least <= 0) return [];
        const needed = Math.ceil(least * SPARE);
        const ballMm = ballRadiusMm(needed, WEIGHT_METALS[metal].gPerMl);
        return [{ boneId, along, grams: needed, ballMm, roomMm }];
      }),
    )
    .toSorted(
      (a, b) => Number(b.ballMm <= b.roomMm) - Number(a.ballMm <= a.roomMm) || a.grams - b.grams,
    );
}
