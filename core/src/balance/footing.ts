import { least } from '../geometry/extremes.ts';
import { convexHull, distanceToSegment, edgeMargins, type Point2 } from '../geometry/hull.ts';
import { toDeg } from '../units/angles.ts';

/** How safely a stance stands on its contacts, unpegged. Plan coordinates, mm. */
export interface Footing {
  /** Convex hull of the contacts, counter-clockwise. */
  readonly hull: readonly Point2[];
  /** Distance from the centre of mass to the line of each hull edge, positive inside. */
  readonly edgeMarginsMm: readonly number[];
  /** The least of them; two contacts or fewer have no inside: minus the distance to their line. */
  readonly marginMm: number;
  /** atan(margin/height) in degrees; negative where the centre is already outside. */
  readonly tipDeg: number;
  readonly stable: boolean;
}

/**
 * Support outline, margins and tip angle: φ = atan(margin/h), the least over the edges (statics).
 * `massCentre` is the plan position and `heightMm` the height above the support plane.
 */
export function footing(
  contacts: readonly Point2[],
  massCentre: Point2,
  heightMm: number,
): Footing {
  const hull = convexHull(contacts);
  if (hull.length < 3) return onALine(hull, massCentre, heightMm);
  const margins = edgeMargins(hull, massCentre);
  const marginMm = least(margins);
  return {
    hull,
    edgeMarginsMm: margins,
    marginMm,
    tipDeg: tipAngleDeg(marginMm, heightMm),
    stable: marginMm > 0,
  };
}

/** Tilt in degrees at which the centre of mass stands over the edge. */
export const tipAngleDeg = (marginMm: number, heightMm: number): number =>
  toDeg(Math.atan2(marginMm, heightMm));

/** Push in N at a height above the ground that starts the tip: F = m·g·margin/H. `massG` in g. */
export const tippingPushN = (
  massG: number,
  marginMm: number,
  pushHeightMm: number,
  gravity: number,
): number => ((massG / 1000) * gravity * marginMm) / pushHeightMm;

function onALine(hull: readonly Point2[], centre: Point2, heightMm: number): Footing {
  const [from, to] = [hull[0], hull.at(-1)];
  const off =
    from === undefined || to === undefined ? Infinity : distanceToSegment(centre, from, to);
  return {
    hull,
    edgeMarginsMm: [],
    marginMm: -off,
    tipDeg: tipAngleDeg(-off, heightMm),
    stable: false,
  };
}
