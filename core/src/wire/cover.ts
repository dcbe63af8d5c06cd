import * as say from './words.ts';
import { lerp, type Vec3 } from '../geometry/vec3.ts';
import type { DepthAt } from './clayDepth.ts';
import type { Route } from './routes.ts';

/** Places looked at along each leg of a route: ends, quarters and middle. */
const STATIONS = [0, 0.25, 0.5, 0.75, 1];

/** The place where a wire lies nearest to the surface of the clay. */
export interface ThinnestCover {
  readonly at: Vec3;
  readonly place: string;
  /** Depth of the wire's axis below the clay's surface, mm. */
  readonly depthMm: number;
  /** Thickness of the wire or rope there, mm. */
  readonly wireMm: number;
  /** Clay over the wire: depth less half the wire. */
  readonly coverMm: number;
  /** Every place that was looked at. */
  readonly looked: readonly LookedAt[];
}

/** Clay over a wire at one place, and what a wire thicker by 1 mm would take of it. mm. */
interface LookedAt {
  readonly coverMm: number;
  /** Half of it, or all of it where the wire lies on the spine and is lifted by its own half. */
  readonly coverPerMm: number;
}

/** How much thicker the wire could be all along and still have so much clay over it, mm; below 0 too thick. */
export const spareMm = ({ looked }: ThinnestCover, wantedMm: number): number =>
  looked.reduce(
    (least, { coverMm, coverPerMm }) => Math.min(least, (coverMm - wantedMm) / coverPerMm),
    Infinity,
  );

/**
 * The thinnest cover of a wire along its route inside the body; pegs are left out, since they leave
 * the body on purpose. `wireMmAt` tells the thickness of the leg that starts at a route point.
 */
export function thinnestCover(
  depthAt: DepthAt,
  route: Route,
  wireMmAt: (leg: number) => number,
): ThinnestCover {
  const last = route.points.length - 1;
  const firstLeg = route.pegs[0] ? 1 : 0;
  const lastLeg = route.pegs[1] ? last - 1 : last;
  let worst: Omit<ThinnestCover, 'looked'> | undefined;
  const looked: LookedAt[] = [];
  const onSpine = (leg: number, t: number): number =>
    leg === route.wrapAt ? 1 - t : leg + 1 === route.wrapAt ? t : 0;
  const look = (at: Vec3, place: string, leg: number, t: number): void => {
    const depthMm = depthAt(at);
    const wireMm = wireMmAt(leg);
    const coverMm = depthMm - wireMm / 2;
    looked.push({ coverMm, coverPerMm: (1 + onSpine(leg, t)) / 2 });
    if (worst === undefined || coverMm < worst.coverMm)
      worst = { at, place, depthMm, wireMm, coverMm };
  };
  for (let leg = firstLeg; leg < lastLeg; leg++) {
    const [from, to] = [route.points[leg]!, route.points[leg + 1]!];
    for (const t of STATIONS) {
      const place = t === 0 ? from.name : t === 1 ? to.name : say.stretchFromTo(from.name, to.name);
      look(lerp(from.at, to.at, t), place, leg, t);
    }
  }
  // A rod that only goes from its hole to the bone lies inside the body with its end alone.
  const end = route.points[firstLeg];
  if (firstLeg >= lastLeg && end !== undefined) look(end.at, end.name, 0, 0);
  if (worst === undefined) throw new Error('a route without a leg has no cover');
  return { ...worst, looked };
}
