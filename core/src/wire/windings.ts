import { type Winding } from './winding.ts';
import {
  add,
  cross,
  dot,
  length,
  scale,
  sub,
  unit,
  X_AXIS,
  Y_AXIS,
  type Vec3,
} from '../geometry/vec3.ts';
import type { WireChoice } from '../piece/pieceSchema.ts';
import { routeThrough, spineRefs, type Route } from './routes.ts';
import type { WireSetting } from './wireSetting.ts';
import { choiceDiameterMm } from './wireStock.ts';

/** How a wire lies where it crosses the spine: its route, and the turns if it makes any. */
export interface Crossing {
  readonly route: Route;
  readonly winding: Winding | null;
}

/** The axis of the spine at a crossing, and which way is up from it. */
interface Axis {
  readonly along: Vec3;
  readonly up: Vec3;
}

/**
 * Lays a route over the spine instead of through it: its crossing lies half of both diameters above the
 * axis, and its turns lie side by side, so that each takes √((2πr)² + p²) of wire and the far side
 * leaves n·p further along the spine (geometry of the helix). `choice` is the wire of the route.
 */
export function overSpine(setting: WireSetting, route: Route, choice: WireChoice): Crossing {
  const { wrapAt, points } = route;
  if (wrapAt === null || wrapAt === 0 || wrapAt === points.length - 1)
    return { route, winding: null };
  const crossing = points[wrapAt]!;
  const across = sub(points[wrapAt + 1]!.at, points[wrapAt - 1]!.at);
  const { along, up } = spineAxis(setting, crossing.at, across);
  const diameterMm = choiceDiameterMm(choice);
  const radiusMm = (setting.ropeMm + diameterMm) / 2;
  const at = add(crossing.at, scale(up, radiusMm));
  const raised: Route = {
    ...route,
    points: points.map((point, i) => (i === wrapAt ? { ...point, at } : point)),
  };
  const turns = setting.wire.hipTurns;
  if (turns === 0) return { route: raised, winding: null };
  const pitchMm = diameterMm;
  const level = cross(along, up);
  const sideways = dot(level, across) < 0 ? scale(level, -1) : level;
  const half = scale(along, (turns * pitchMm) / 2);
  return {
    route: raised,
    winding: {
      turns,
      radiusMm,
      pitchMm,
      lengthMm: turns * Math.hypot(2 * Math.PI * radiusMm, pitchMm),
      enter: sub(at, half),
      leave: add(at, half),
      tangent: unit(add(scale(sideways, 2 * Math.PI * radiusMm), scale(along, pitchMm))),
    },
  };
}

/** Least length of a direction that is worth having. */
const TINY = 1e-6;

function spineAxis(setting: WireSetting, at: Vec3, across: Vec3): Axis {
  const column = routeThrough(setting.stance, spineRefs(setting.stance.posed), setting)!.points;
  const legs = column.slice(1).map((to, i) => [column[i]!.at, to.at] as const);
  const [tailward, headward] = legs.reduce((best, leg) =>
    apart(leg, at) < apart(best, at) ? leg : best,
  );
  const raw = unit(sub(headward, tailward));
  // The turns go the way in which the far side lies; where it lies straight across, towards the head
  // from left to right, so that the same wire told from its other end is the same.
  const lean = dot(raw, across);
  const forward = Math.abs(lean) > TINY * length(across) ? lean > 0 : across[2] >= 0;
  const along = forward ? raw : scale(raw, -1);
  const off = (v: Vec3): Vec3 => sub(v, scale(along, dot(v, along)));
  const upright = off(Y_AXIS);
  return { along, up: unit(length(upright) > TINY ? upright : off(scale(X_AXIS, -1))) };
}

/** Distance in mm of a point from a leg of the spine's route. */
function apart([start, end]: readonly [Vec3, Vec3], at: Vec3): number {
  const whole = sub(end, start);
  const t = dot(sub(at, start), whole) / (dot(whole, whole) || 1);
  return length(sub(at, add(start, scale(whole, Math.min(1, Math.max(0, t))))));
}
