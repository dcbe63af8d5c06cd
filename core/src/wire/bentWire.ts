import { aboutAxis, compose, IDENTITY, turn, type Quat } from '../geometry/quat.ts';
import { add, scale, X_AXIS, Z_AXIS, type Vec3 } from '../geometry/vec3.ts';
import { toRad } from '../units/angles.ts';
import type { Bend, WoundFeed } from './bendSchedule.ts';

/** What a bender does for one bend: feed straight wire, turn the bend plane, bend. */
export type BendStep = Pick<Bend, 'bendDeg' | 'turnDeg' | 'tangentMm'>;

/**
 * The inverse of the schedule: vertices in mm from feeds and bends. Starts at the origin, feeds
 * along x, and makes the first bend towards y. `feedsMm` has one entry more than `bends`. A feed that
 * is wound round something brings the wire to the end of its chord and leaves its direction.
 */
export function bentVertices(
  feedsMm: readonly number[],
  bends: readonly BendStep[],
  wound?: WoundFeed,
): readonly Vec3[] {
  let frame: Quat = IDENTITY;
  let at: Vec3 = [0, 0, 0];
  const vertices: Vec3[] = [at];
  feedsMm.forEach((feed, i) => {
    const leg = feed + (bends[i - 1]?.tangentMm ?? 0) + (bends[i]?.tangentMm ?? 0);
    const by = i === wound?.feed && i < bends.length ? wound.chord : scale(X_AXIS, leg);
    at = add(at, turn(frame, by));
    vertices.push(at);
    const bend = bends[i];
    if (bend === undefined) return;
    frame = compose(frame, aboutAxis(X_AXIS, toRad(bend.turnDeg)));
    frame = compose(frame, aboutAxis(Z_AXIS, toRad(bend.bendDeg)));
  });
  return vertices;
}
