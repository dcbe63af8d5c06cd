import { posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import type { Vec3 } from '../geometry/vec3.ts';

/** Where a hook goes so that the piece hangs as it was posed. */
export interface HangingPoint {
  /** The bone of the spine below the hook, and how far along it, 0 to 1. */
  readonly boneId: string;
  readonly at: number;
  readonly place: Vec3;
  /** How far the centre of mass lies below; where negative, the piece would turn over. */
  readonly belowMm: number;
  /** Where no bone lies over the centre: how far off the nearest one is, and how it would tilt. */
  readonly offMm: number;
  readonly tiltDeg: number;
}

const STEPS = 50;

/**
 * The place on the spine straight above the centre of mass: hung there, a body is at rest as it is,
 * for its centre comes to lie under the hook (statics). Where the spine does not pass over the
 * centre, the nearest place and the tilt that it would give, atan(off/below).
 */
export function hangingPoint(posed: PosedSkeleton, centre: Vec3): HangingPoint | undefined {
  const places = posed.skeleton.plan.spine.flatMap((boneId) => {
    const { start, end } = posedBone(posed, boneId);
    return Array.from({ length: STEPS + 1 }, (_, i) => {
      const at = i / STEPS;
      const place: Vec3 = [
        start[0] + (end[0] - start[0]) * at,
        start[1] + (end[1] - start[1]) * at,
        start[2] + (end[2] - start[2]) * at,
      ];
      const offMm = Math.hypot(place[0] - centre[0], place[2] - centre[2]);
      const belowMm = place[1] - centre[1];
      return { boneId, at, place, offMm, belowMm };
    });
  });
  const above = places.filter(({ belowMm }) => belowMm > 0);
  const best = (above.length > 0 ? above : places).reduce<(typeof places)[number] | undefined>(
    (a, b) => (a === undefined || b.offMm < a.offMm ? b : a),
    undefined,
  );
  if (best === undefined) return undefined;
  const tiltDeg = (Math.atan2(best.offMm, Math.max(best.belowMm, 1e-9)) * 180) / Math.PI;
  return { ...best, tiltDeg };
}

/**
 * Pull in N on the upper fixing of a piece on a wall, held below by a stay: F = m·g·d/H, with the
 * centre `outMm` from the wall and the fixings `apartMm` above each other (statics).
 */
export const wallPullN = (grams: number, outMm: number, apartMm: number, gravity: number): number =>
  ((grams / 1000) * gravity * outMm) / apartMm;
