import { posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import { lerp, type Vec3 } from '../geometry/vec3.ts';

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

/**
 * The place on the spine straight above the centre of mass: hung there, a body is at rest as it is,
 * for its centre comes to lie under the hook (statics). Where the spine does not pass over the
 * centre, the nearest place and the tilt that it would give, atan(off/below).
 */
export function hangingPoint(posed: PosedSkeleton, centre: Vec3): HangingPoint | undefined {
  const places = posed.skeleton.plan.spine.map((boneId) => {
    const { start, end } = posedBone(posed, boneId);
    // Nearest to the centre in plan, along the bone.
    const [dx, dz] = [end[0] - start[0], end[2] - start[2]];
    const along = (centre[0] - start[0]) * dx + (centre[2] - start[2]) * dz;
    const at = Math.min(1, Math.max(0, along / (dx * dx + dz * dz || 1)));
    const place = lerp(start, end, at);
    const offMm = Math.hypot(place[0] - centre[0], place[2] - centre[2]);
    return { boneId, at, place, offMm, belowMm: place[1] - centre[1] };
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
