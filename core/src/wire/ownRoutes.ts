import * as say from './words.ts';
import { boundEnd, limbLines, turnsFeature } from './limbDraft.ts';
import { distance } from '../geometry/vec3.ts';
import type { CarriedBone, MoreStrands } from './plannedWire.ts';
import { bonesAt, endsAtJoint } from './routeRef.ts';
import { routeThrough, type Route } from './routes.ts';
import { cutLines } from './cutLines.ts';
import { overSpine, type Crossing } from './windings.ts';
import type { WireDraft, WireSetting } from './wireSetting.ts';

/**
 * A draft on the ways that the user drew for it: none where it was merged into another wire, several
 * where it was split, each a wire of its own. A way that this stance does not have,
 * or that leads nowhere in it, is passed over.
 */
export function ownDrafts(setting: WireSetting, draft: WireDraft): readonly WireDraft[] {
  const ways = setting.wire.routes[draft.key];
  if (ways === undefined) return [draft];
  return ways.flatMap((refs, i): readonly WireDraft[] => {
    const route = routeThrough(setting.stance, refs, setting);
    return route === undefined || lengthOf(route) < LEAST_WAY_MM
      ? []
      : [onRoute(setting, draft, overSpine(setting, route, draft.choice), i, ways.length)];
  });
}

/** A way shorter than this is no wire. */
const LEAST_WAY_MM = 0.1;

const lengthOf = ({ points }: Route): number =>
  points.slice(1).reduce((sum, { at }, i) => sum + distance(points[i]!.at, at), 0);

/** Key of the n-th way of a wire that was split, counted from 0: never read back. */
const wayKey = (key: string, n: number): string => (n === 0 ? key : `${key}#${n + 1}`);

function onRoute(
  setting: WireSetting,
  draft: WireDraft,
  { route, winding }: Crossing,
  n: number,
  of: number,
): WireDraft {
  const { stance } = setting;
  const { choice } = draft;
  const through = bonesThrough(setting, route);
  const strands = draft.kind === 'spine' ? choice.strands : 1;
  const [bound, boundBehind] = [route.points[0]!, route.points.at(-1)!].map(({ ref }) =>
    endsAtJoint(ref),
  );
  const overlaps = Number(bound) + Number(boundBehind);
  const crossed = route.wrapAt === null ? undefined : route.points[route.wrapAt]!.ref;
  const pair = stance.posed.skeleton.plan.limbPairs.find(
    ({ id }) => crossed?.over === 'crossing' && crossed.pairId === id,
  );
  const name = of > 1 ? say.part(draft.name, n + 1) : draft.name;
  const lines: WireDraft['lines'] = (id, schedule) =>
    limbLines(setting, id, { route, winding, schedule }, overlaps);
  return {
    key: wayKey(draft.key, n),
    routeKey: draft.key,
    part: n,
    kind: draft.kind,
    name,
    namedEnd: route.points[0]!.name,
    choice,
    ...(draft.count === undefined ? {} : { count: draft.count }),
    route,
    own: true,
    strandsAt: route.points.slice(1).map(() => strands),
    through: through.map((boneId): CarriedBone => ({ boneId, strands })),
    along: through.map((id) => stance.posed.byId.get(id)!.bone),
    winding,
    features: (schedule) => [
      ...boundEnd(bound ? setting.wire.binder.overlapMm : 0),
      ...(pair === undefined ? [] : turnsFeature(winding, route, schedule, pair.over)),
    ],
    lines,
    ...(strands > 1 ? { more: otherStrands(name, strands - 1, lines) } : {}),
  };
}

/** The further strands of a wire, each cut as the first. */
const otherStrands =
  (name: string, count: number, lines: WireDraft['lines']): WireDraft['more'] =>
  (id, schedule): readonly MoreStrands[] => {
    const made = lines(id, schedule).map((line) => ({
      ...line,
      id: line.id.replace(`wire.${id}.`, `wire.${id}2.`),
    }));
    const cut = cutLines(`wire.${id}2`, id).sum(say.strandCut(id, name), made, [], 1);
    return [
      {
        id: `${id}2`,
        name: say.strand(name),
        shortName: say.strandAlone,
        count,
        lines: made,
        cut,
      },
    ];
  };

/** The bones whose joints a route passes. */
function bonesThrough({ stance }: WireSetting, route: Route): readonly string[] {
  const { skeleton, byId } = stance.posed;
  const ids = route.points.flatMap(({ ref }) => bonesAt(skeleton, ref));
  return [...new Set(ids)].filter((id) => byId.has(id));
}
