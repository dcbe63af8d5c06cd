import * as say from './words.ts';
import type { WireFeature } from './plannedWire.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { type WireSetting, type WireDraft } from './wireSetting.ts';
import { greatest, least } from '../geometry/extremes.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import { sizeText } from '../units/gauges.ts';
import { bendSchedule, type BendSchedule } from './bendSchedule.ts';
import { spareMm, thinnestCover } from './cover.ts';
import { coverWorking } from './coverWorking.ts';
import { cutLines } from './cutLines.ts';
import { leftOutWorking } from './executedBends.ts';
import { formingBend } from './formingBend.ts';
import { metalById } from './metals.ts';
import { planBends } from './planBends.ts';
import { addsToFeed, type PlannedWire } from './plannedWire.ts';
import type { Route } from './routes.ts';
import type { Winding } from './winding.ts';
import { ropeDiameterMm } from './twist.ts';
import { bendSnags, coverSnags, metalSnags } from './wireSnags.ts';
import { choiceDiameterMm } from './wireStock.ts';

/** The finished plan of a draft under its letter: schedule, springback, marks, cover and snags. */
// eslint-disable-next-line max-lines-per-function -- one record of a wire
export function finishWire(setting: WireSetting, draft: WireDraft, id: string): PlannedWire {
  const { stance, wire } = setting;
  const { choice, route, name } = draft;
  const legs = route.points.length - 1;
  const strandsAt = draft.strandsAt ?? Array.from({ length: legs }, () => 1);
  const diameterMm = choiceDiameterMm(choice);
  const metal = metalById(choice.metal, wire.ownMetals);
  const ropeAt = (leg: number): number => ropeDiameterMm(strandsAt[leg] ?? 1, diameterMm);
  const { laid, schedule } = laidSchedule(
    route,
    bendRadii(wire, diameterMm, strandsAt),
    draft.winding ?? null,
  );
  const formingAt = remembered((radiusMm: number) =>
    formingBend(metal, diameterMm, radiusMm, wire.testBends),
  );
  const radii = schedule.bends.map((bend) => bend.radiusMm);
  const widestMm = Math.max(0, greatest(radii));
  const features = fedFeatures(draft.features?.(schedule) ?? []);
  const lines = draft.lines(id, schedule);
  const bends = planBends({ wireId: id, route, schedule, features, formingAt });
  const thickAt = draft.thickAt ?? ropeAt;
  const cover = thinnestCover(setting.clayDepth, route, thickAt);
  const wantedMm = draft.coverMm ?? wire.coverMm;
  const { sizeFactor } = stance.posed;
  const text = `${id} ${name}`;
  return {
    id,
    ...drafted(draft),
    metalName: metal.name,
    densityKgM3: metal.densityKgM3,
    diameterMm,
    strands: greatest(strandsAt),
    laid,
    strandsAt,
    schedule,
    forming: formingAt(widestMm),
    features,
    lines,
    cut: cutLines(`wire.${id}`, id).sum(say.cut4(text), lines, draft.along, sizeFactor),
    moreStrands: draft.more?.(id, schedule) ?? [],
    bends,
    leftOut: leftOutWorking(id, { schedule, bends }, diameterMm),
    cover: coverWorking(id, cover, wantedMm),
    coverWantedMm: wantedMm,
    spareMm: spareMm(cover, wantedMm),
    snags: [
      ...bendSnags(id, text, schedule, route),
      ...coverSnags(id, cover, wantedMm),
      ...(radii.length === 0
        ? []
        : metalSnags(id, text, {
            metal,
            diameterMm,
            tightestMm: least(radii),
            widestMm,
            stays: formingAt(widestMm) !== undefined,
            tests: wire.testBends,
          })),
    ],
  };
}

/** What a finished wire takes over from its draft. */
const drafted = (draft: WireDraft) => ({
  key: draft.key,
  routeKey: draft.routeKey ?? draft.key,
  part: draft.part ?? 0,
  kind: draft.kind,
  name: draft.name,
  namedEnd: draft.namedEnd,
  metal: draft.choice.metal,
  size: draft.choice.size,
  sizeText: sizeText(draft.choice.size),
  count: draft.count ?? 1,
  route: draft.route,
  through: draft.through,
  otherEndOf: draft.otherEndOf ?? null,
  own: draft.own ?? false,
});

/** Features at their place in the feed: what lies before one and takes wire moves it on. */
const fedFeatures = (features: readonly WireFeature[]): readonly WireFeature[] =>
  features.map((feature, i) => ({
    ...feature,
    atMm: features
      .slice(0, i)
      .reduce((at, before) => at + (addsToFeed(before) ? before.lengthMm : 0), feature.atMm),
  }));

/**
 * The way of a wire with its turns put in, and its bends, each told by the point of the route that it
 * lies at. `radii` are those of the points, mm.
 */
function laidSchedule(
  route: Route,
  radii: readonly number[],
  winding: Winding | null,
): { readonly laid: readonly Vec3[]; readonly schedule: BendSchedule } {
  const points = route.points.map(({ at }) => at);
  const { wrapAt } = route;
  if (winding === null || wrapAt === null)
    return { laid: points, schedule: bendSchedule(points, radii) };
  const { enter, leave, tangent, lengthMm } = winding;
  const laid = points.toSpliced(wrapAt, 1, enter, leave);
  const schedule = bendSchedule(laid, radii.toSpliced(wrapAt, 0, radii[wrapAt]!), {
    leg: wrapAt,
    tangent,
    lengthMm,
  });
  const bends = schedule.bends.map((bend) =>
    bend.vertex > wrapAt ? { ...bend, vertex: bend.vertex - 1 } : bend,
  );
  return { laid, schedule: { ...schedule, bends } };
}

/** Bend radii at the points of a route, mm: so many times the wire or rope that is bent there. */
export function bendRadii(
  wire: Pick<Workpiece['wire'], 'bendRadiusInDiameters'>,
  diameterMm: number,
  strandsAt: readonly number[],
): readonly number[] {
  const ropeMm = (leg: number): number => ropeDiameterMm(strandsAt[leg] ?? 1, diameterMm);
  return Array.from(
    { length: strandsAt.length + 1 },
    (_, point) => wire.bendRadiusInDiameters * Math.max(ropeMm(point - 1), ropeMm(point)),
  );
}

/** A function of one number that works out each value once. */
function remembered<T>(of: (x: number) => T): (x: number) => T {
  const known = new Map<number, T>();
  return (x) => {
    if (!known.has(x)) known.set(x, of(x));
    return known.get(x)!;
  };
}
