import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { StancePlan } from '../stance/stancePlan.ts';
import { accepted, refused, type Parsed } from '../units/problem.ts';
import type { PlannedWire } from './plannedWire.ts';
import { routePoint, type RoutePoint } from './routePoints.ts';
import {
  ballRef,
  boneRef,
  crossingRef,
  jointRef,
  refId,
  sameRef,
  type RouteRef,
} from './routeRef.ts';
import { TIP_REACH } from './routes.ts';

/** Ways of one wire, each a list of references. */
export type Ways = readonly (readonly RouteRef[])[];

/** Most points of one way, and most ways of one wire: as the document takes them. */
const MOST_POINTS = 60;
const MOST_WAYS = 6;

/** The ways of a wire as they are planned now, whoever drew them. */
export function waysOf(wires: readonly PlannedWire[], routeKey: string): Ways {
  return wires
    .filter((wire) => wire.routeKey === routeKey)
    .map(({ route }) => route.points.map(({ ref }) => ref));
}

/** The document with the ways of one wire replaced; null gives it back to the scheme. */
export function withWays(piece: Workpiece, routeKey: string, ways: Ways | null): Workpiece {
  const { [routeKey]: _before, ...others } = piece.wire.routes;
  const routes = ways === null ? others : { ...others, [routeKey]: ways.map((refs) => [...refs]) };
  return { ...piece, wire: { ...piece.wire, routes } };
}

const replaced = (ways: Ways, n: number, refs: Ways): Ways =>
  ways.flatMap((way, i) => (i === n ? refs : [way]));

/** A place laid into a leg of a way: the wire now goes over it. */
export function overJoint(ways: Ways, n: number, leg: number, ref: RouteRef): Parsed<Ways> {
  const way = ways[n] ?? [];
  if (way.some((other) => sameRef(other, ref)))
    return refused(say.route, say.twice(refId(ref)), say.placeThatWireDoes);
  if (way.length >= MOST_POINTS)
    return refused(say.route, say.places(way.length + 1), say.upToPlaces(MOST_POINTS));
  return accepted(replaced(ways, n, [[...way.slice(0, leg + 1), ref, ...way.slice(leg + 1)]]));
}

/** A place put in another's stead: how an end of a wire, its start too, is moved. */
export function movedPoint(ways: Ways, n: number, at: number, ref: RouteRef): Parsed<Ways> {
  const way = ways[n] ?? [];
  if (way.some((other, i) => sameRef(other, ref) && i !== at))
    return refused(say.route, say.twice(refId(ref)), say.placeThatWireDoes);
  return accepted(replaced(ways, n, [way.map((other, i) => (i === at ? ref : other))]));
}

/** A place left out of a way. */
export function withoutPoint(ways: Ways, n: number, at: number): Parsed<Ways> {
  const way = ways[n] ?? [];
  if (way.length <= 2) return refused(say.route, say.place(way.length - 1), say.twoPlacesOrMore);
  return accepted(replaced(ways, n, [way.filter((_, i) => i !== at)]));
}

/** A way parted at one of its joints: two wires, bound there beside each other. */
export function splitAt(ways: Ways, n: number, at: number): Parsed<Ways> {
  const way = ways[n] ?? [];
  if (at <= 0 || at >= way.length - 1)
    return refused(say.split, say.endOfWire, say.jointBetweenItsEnds);
  if (ways.length >= MOST_WAYS)
    return refused(say.split, say.parts(ways.length + 1), say.upToParts(MOST_WAYS));
  return accepted(replaced(ways, n, [way.slice(0, at + 1), way.slice(at)]));
}

/** A way told from its other end: that is where its marks start. */
export const fromOtherEnd = (ways: Ways, n: number): Ways =>
  replaced(ways, n, [(ways[n] ?? []).toReversed()]);

/**
 * Two wires joined into one where ends of theirs meet (one place, or places next to each other on the
 * skeleton); the second is then no wire of its own. Refused where no ends meet.
 */
export function merged(
  piece: Workpiece,
  a: PlannedWire,
  b: PlannedWire,
  nearMm: number,
): Parsed<Workpiece> {
  const [p, q] = [a.route.points, b.route.points];
  const joins = [
    [p, q],
    [p, q.toReversed()],
    [p.toReversed(), q],
    [p.toReversed(), q.toReversed()],
  ] as const;
  const gap = ([one, two]: (typeof joins)[number]): number => {
    const [x, y] = [one.at(-1)!.at, two[0]!.at];
    return Math.hypot(x[0] - y[0], x[1] - y[1], x[2] - y[2]);
  };
  const best = joins.reduce((x, y) => (gap(y) < gap(x) - 1e-9 ? y : x));
  if (gap(best) > nearMm)
    return refused(
      say.wiresToJoin,
      say.endsMmApart(gap(best).toFixed(1)),
      say.endsThatMeetWithin(nearMm.toFixed(0)),
    );
  const refs = [...best[0], ...best[1]].map(({ ref }) => ref);
  const joined = refs.filter((ref, i) => refs.findIndex((other) => sameRef(other, ref)) === i);
  if (joined.length > MOST_POINTS)
    return refused(say.joinedWire, say.places(joined.length), say.upToPlaces(MOST_POINTS));
  const { routeKey: keyA, part: nA } = a;
  const { routeKey: keyB, part: nB } = b;
  if (keyA === keyB) {
    const ways = piece.wire.routes[keyA] ?? [];
    const kept = ways.flatMap((way, i) => (i === nB ? [] : [i === nA ? joined : way]));
    return accepted(withWays(piece, keyA, kept));
  }
  const waysB = piece.wire.routes[keyB] ?? [b.route.points.map(({ ref }) => ref)];
  const waysA = piece.wire.routes[keyA] ?? [a.route.points.map(({ ref }) => ref)];
  const withB = withWays(
    piece,
    keyB,
    waysB.filter((_, i) => i !== nB),
  );
  return accepted(
    withWays(
      withB,
      keyA,
      waysA.map((way, i) => (i === nA ? joined : way)),
    ),
  );
}

/** Every place that a wire may go over in this stance: joints, tips, feet, crossings. */
export function routeTargets(stance: StancePlan): readonly RoutePoint[] {
  const { plan, bones } = stance.posed.skeleton;
  const parents = new Set(bones.map(({ parent }) => parent));
  const refs = [
    ...bones.filter(({ parent }) => parent !== null).map(({ id }) => jointRef(id)),
    ...bones.filter(({ id }) => !parents.has(id)).map(({ id }) => boneRef(id, TIP_REACH)),
    ...stance.feet
      .filter(({ contact }) => contact.kind === 'foot')
      .map(({ contact }) => ballRef(contact.id)),
    ...plan.limbPairs.map(({ id }) => crossingRef(id)),
  ];
  return refs.flatMap((ref) => routePoint(stance, ref, { pegMm: () => 0 }) ?? []);
}

/** Whether the user may edit the route of a wire: not that of the other end of a folded one. */
export const mayEdit = ({ otherEndOf, kind, strandsAt }: PlannedWire): boolean =>
  otherEndOf === null && kind !== 'rod' && kind !== 'iron' && strandsAt.length > 0;
