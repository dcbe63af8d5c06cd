import {
  angleBetween,
  cross,
  distance,
  dot,
  scale,
  sub,
  unit,
  type Vec3,
} from '../geometry/vec3.ts';
import { toDeg } from '../units/angles.ts';

/** A change of direction above this is a fold, not a bend: its tangents would run away. */
export const REVERSAL_LIMIT_DEG = 175;
/** Directions closer than this are one straight leg; far below anything a hand can bend. */
const STRAIGHT_RAD = 1e-7;
/** Points closer than this are one point. */
const SAME_POINT_MM = 1e-9;

/** One bend of a wire. Angles in degrees, lengths in mm. */
export interface Bend {
  /** Index of the bend's vertex in the polyline as given. */
  readonly vertex: number;
  /** Change of direction: 0 straight, 180 doubled back. */
  readonly bendDeg: number;
  /**
   * Turn of this bend's plane against the bend before it, right-handed about the direction of
   * travel, so clockwise as seen from the start of the wire; 0 for the first bend.
   */
  readonly turnDeg: number;
  readonly radiusMm: number;
  /** Set-back from the vertex to where the arc begins: R·tan(θ/2). */
  readonly tangentMm: number;
  /** Length of the arc along the centreline: R·θ. */
  readonly arcMm: number;
  /** Where the arc begins, from the start of the wire, without any features. */
  readonly markMm: number;
}

/**
 * A leg of the polyline that is wound round something: it begins and ends in one direction, the tangent
 * of its helix, and takes up more wire than its ends lie apart.
 */
export interface WoundLeg {
  /** The leg from vertex `leg` to the next one. */
  readonly leg: number;
  readonly tangent: Vec3;
  readonly lengthMm: number;
}

/** A wound leg as the bender meets it: which feed it is, and where it brings the wire to. */
export interface WoundFeed {
  readonly feed: number;
  /** From its start to its end, mm: along the wire, then in the plane of the bend before, then square to both. */
  readonly chord: Vec3;
}

/** Why a wire cannot be bent as drawn. */
export type BendFault =
  | { readonly kind: 'reversal'; readonly bend: number; readonly bendDeg: number }
  | {
      readonly kind: 'short-leg';
      /** The leg, and the bends on its two ends (−1 for an end of the wire). */
      readonly leg: number;
      readonly bend: number;
      readonly haveMm: number;
      readonly needMm: number;
    };

/** A wire laid through its vertices: straights and bends in the order of travel. */
export interface BendSchedule {
  /** Vertices that remain after repeated and straight-through points are dropped. */
  readonly vertices: readonly Vec3[];
  readonly legsMm: readonly number[];
  /** Straight wire between bends: leg less the set-backs at its ends. */
  readonly feedsMm: readonly number[];
  readonly bends: readonly Bend[];
  readonly polylineMm: number;
  /** The leg that is wound round something; absent where none is. */
  readonly wound?: WoundFeed;
  /** Length of the centreline, straights and arcs. */
  readonly developedMm: number;
  readonly faults: readonly BendFault[];
}

/**
 * Turns vertices into feeds, turns and bends with one centreline radius, or one for each vertex (a
 * wire that runs alone in a leg and twisted in the trunk). The neutral axis is the centreline, true for
 * round wire bent to twice its diameter or more. Vertices are mm, any frame. Both ends of a wound leg
 * are bends, however small.
 * Source: length–rotation–angle tables of tube bending (common practice); vector geometry.
 */
export function bendSchedule(
  points: readonly Vec3[],
  radiusMm: number | readonly number[],
  wound?: WoundLeg,
): BendSchedule {
  const kept = keptIndices(points, wound === undefined ? [] : [wound.leg, wound.leg + 1]);
  const feed = wound === undefined ? -1 : kept.indexOf(wound.leg);
  const radiusAt = (vertex: number): number =>
    typeof radiusMm === 'number' ? radiusMm : (radiusMm[vertex] ?? 0);
  const vertices = kept.map((i) => points[i] as Vec3);
  const legsMm = vertices
    .slice(1)
    .map((p, i) => (i === feed ? wound!.lengthMm : distance(vertices[i] as Vec3, p)));
  const directions = vertices
    .slice(1)
    .map((p, i) => (i === feed ? wound!.tangent : unit(sub(p, vertices[i] as Vec3))));
  const angles = directions.slice(1).map((d, i) => angleBetween(directions[i] as Vec3, d));
  const radii = angles.map((_, i) => radiusAt(kept[i + 1] as number));
  const tangents = angles.map((rad, i) => (radii[i] as number) * Math.tan(rad / 2));
  const feedsMm = legsMm.map((leg, i) => leg - (tangents[i - 1] ?? 0) - (tangents[i] ?? 0));
  const normals = bendNormals(directions, feed < 0 ? [] : [feed - 1, feed]);
  const turns = turnsDeg(directions, normals);
  let along = 0;
  const bends = angles.map((rad, i): Bend => {
    along += feedsMm[i] as number;
    const bend: Bend = {
      vertex: kept[i + 1] as number,
      bendDeg: toDeg(rad),
      turnDeg: turns[i] as number,
      radiusMm: radii[i] as number,
      tangentMm: tangents[i] as number,
      arcMm: (radii[i] as number) * rad,
      markMm: along,
    };
    along += bend.arcMm;
    return bend;
  });
  return {
    vertices,
    legsMm,
    feedsMm,
    bends,
    polylineMm: legsMm.reduce((a, b) => a + b, 0),
    ...(feed < 0
      ? {}
      : {
          wound: {
            feed,
            chord: inFrame(
              sub(vertices[feed + 1] as Vec3, vertices[feed] as Vec3),
              directions[feed] as Vec3,
              normals[feed - 1] as Vec3,
            ),
          },
        }),
    developedMm: along + (feedsMm.at(-1) ?? 0),
    faults: bendFaults(legsMm, feedsMm, bends),
  };
}

/** A displacement along the wire, in the plane of its bend, and square to both. */
function inFrame(by: Vec3, along: Vec3, normal: Vec3): Vec3 {
  return [dot(by, along), dot(by, cross(normal, along)), dot(by, normal)];
}

/** Indices of the vertices at which the direction really changes, of both ends, and of `always`. */
function keptIndices(points: readonly Vec3[], always: readonly number[]): readonly number[] {
  const distinct = points
    .map((_, i) => i)
    .filter(
      (i) =>
        i === 0 ||
        always.includes(i) ||
        distance(points[i - 1] as Vec3, points[i] as Vec3) > SAME_POINT_MM,
    );
  return distinct.filter((i, at) => {
    if (always.includes(i)) return true;
    const before = distinct[at - 1];
    const after = distinct[at + 1];
    if (before === undefined || after === undefined) return true;
    const here = points[i] as Vec3;
    const into = sub(here, points[before] as Vec3);
    return angleBetween(into, sub(points[after] as Vec3, here)) > STRAIGHT_RAD;
  });
}

/**
 * The normal of each bend's plane. One of those `ofTurns` that is straight goes on in the plane of the
 * bend before it: it has to have one, as the turns are told by it.
 */
function bendNormals(directions: readonly Vec3[], ofTurns: readonly number[]): readonly Vec3[] {
  const normals: Vec3[] = [];
  directions.slice(1).forEach((d, i) => {
    const before = directions[i] as Vec3;
    const normal = cross(before, d);
    if (!ofTurns.includes(i) || Math.hypot(...normal) > STRAIGHT_RAD) normals.push(unit(normal));
    else {
      const other = normals.at(-1) ?? anyAcross(before);
      normals.push(unit(sub(other, scale(before, dot(other, before)))));
    }
  });
  return normals;
}

/** A direction well off another one. */
const anyAcross = ([x, y, z]: Vec3): Vec3 =>
  Math.abs(x) <= Math.min(Math.abs(y), Math.abs(z))
    ? [1, 0, 0]
    : Math.abs(y) <= Math.abs(z)
      ? [0, 1, 0]
      : [0, 0, 1];

/** Turn of each bend's normal against the one before, about the leg between them. */
function turnsDeg(directions: readonly Vec3[], normals: readonly Vec3[]): readonly number[] {
  return normals.map((normal, i) => {
    if (i === 0) return 0;
    const before = normals[i - 1] as Vec3;
    const sine = dot(cross(before, normal), directions[i] as Vec3);
    return toDeg(Math.atan2(sine, dot(before, normal)));
  });
}

function bendFaults(
  legsMm: readonly number[],
  feedsMm: readonly number[],
  bends: readonly Bend[],
): readonly BendFault[] {
  const reversals = bends.flatMap((bend, i): BendFault[] =>
    bend.bendDeg >= REVERSAL_LIMIT_DEG
      ? [{ kind: 'reversal', bend: i, bendDeg: bend.bendDeg }]
      : [],
  );
  if (reversals.length > 0) return reversals;
  return feedsMm.flatMap((feed, leg): BendFault[] => {
    if (feed >= -SAME_POINT_MM) return [];
    const haveMm = legsMm[leg] as number;
    return [
      {
        kind: 'short-leg',
        leg,
        bend: Math.min(leg, bends.length - 1),
        haveMm,
        needMm: haveMm - feed,
      },
    ];
  });
}

/**
 * The largest centreline radius in mm at which a short leg could still be bent: its length over the
 * sum of tan(θ/2) at its ends. Infinity where neither end is a bend.
 */
export function largestRadiusMm(schedule: BendSchedule, leg: number): number {
  const tans = [schedule.bends[leg - 1], schedule.bends[leg]].map((bend) =>
    bend === undefined ? 0 : bend.tangentMm / bend.radiusMm,
  );
  const sum = tans.reduce((a, b) => a + b, 0);
  return sum === 0 ? Infinity : (schedule.legsMm[leg] as number) / sum;
}

/** What one bend of a radius and angle does: set-back, arc, and what it saves of the sharp corner. */
export function bendSaving(
  radiusMm: number,
  bendRad: number,
): { readonly tangentMm: number; readonly arcMm: number; readonly savingMm: number } {
  const tangentMm = radiusMm * Math.tan(bendRad / 2);
  const arcMm = radiusMm * bendRad;
  return { tangentMm, arcMm, savingMm: 2 * tangentMm - arcMm };
}
