import * as say from './words.ts';
import { least } from '../geometry/extremes.ts';
import type { Point2 } from '../geometry/hull.ts';
import { edgesOf } from '../geometry/hull.ts';
import { toDeg } from '../units/angles.ts';

/** The tilt at which a piece goes over, by the direction in which it is tilted. */
export interface TipDirection {
  /** Direction in plan: 0 forward, 90 to the right. */
  readonly towardsDeg: number;
  readonly tipDeg: number;
}

/** Directions in which the rose is worked out: every five degrees. */
const DIRECTIONS = 72;

/**
 * Tip angle in every direction: tilted by φ, the centre's plumb line moves by h·tan φ in that
 * direction, so φ = atan(t/h) with t the way from the centre to the outline (statics). Empty where
 * the outline has no inside or the centre lies outside it. Plan coordinates (x, z), mm.
 */
export function tipRose(
  hull: readonly Point2[],
  centre: Point2,
  heightMm: number,
): readonly TipDirection[] {
  const edges = edgesOf(hull, centre);
  if (edges.length < 3 || edges.some(({ insideMm }) => insideMm <= 0)) return [];
  return Array.from({ length: DIRECTIONS }, (_, i) => {
    const rad = (2 * Math.PI * i) / DIRECTIONS;
    const u: Point2 = [Math.cos(rad), Math.sin(rad)];
    const ways = edges.flatMap(({ outward, insideMm }) => {
      const towards = outward[0] * u[0] + outward[1] * u[1];
      return towards > 1e-12 ? [insideMm / towards] : [];
    });
    return {
      towardsDeg: (360 * i) / DIRECTIONS,
      tipDeg: toDeg(Math.atan2(least(ways), heightMm)),
    };
  });
}

/** The direction in which it goes over first; undefined for an empty rose. */
export const worstDirection = (rose: readonly TipDirection[]): TipDirection | undefined =>
  rose.reduce<TipDirection | undefined>(
    (worst, tipDirection) =>
      worst === undefined || tipDirection.tipDeg < worst.tipDeg ? tipDirection : worst,
    undefined,
  );

/** A direction in the animal's words. */
export function directionText(towardsDeg: number): string {
  const names = [
    say.front,
    say.frontRight,
    say.right,
    say.rearRight,
    say.rear,
    say.rearLeft,
    say.left,
    say.frontLeft,
  ];
  return names[Math.round((((towardsDeg % 360) + 360) % 360) / 45) % 8]!;
}
