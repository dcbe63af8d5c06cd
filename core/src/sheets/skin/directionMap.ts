import * as say from './words.ts';
import type { PosedSkeleton } from '../../anatomy/pose.ts';
import { skinPoint } from '../../body/facePoint.ts';
import { reachAlong, skinHit } from '../../body/skinHit.ts';
import { add, dot, scale } from '../../geometry/vec3.ts';
import type { LiePlace } from '../../lie/lieMarks.ts';
import type { LieMarkKind } from '../../anatomy/lieMark.ts';
import type { SeenCoat } from '../../lie/seenCoat.ts';
import type { Plan } from '../../planTypes.ts';
import type { Relief } from '../../surface/relief.ts';
import { onPage, VIEW_FRAMES, type ReliefView } from '../../surface/reliefViews.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from '../drawing.ts';
import { enlarged, enlargement } from '../enlargedRelief.ts';
import { headTimes } from '../headDrawings.ts';
import { MARGIN_MM, reliefItems, reliefOf } from '../formItems.ts';
import { coatStrokes } from './coatStrokes.ts';
import { foldItems, plateItems } from './plateItems.ts';

/** What a map shows: lines of the lie, or each stroke at its true length. */
export const MAP_SHOWS = ['flow', 'strokes'] as const;
export type MapShow = (typeof MAP_SHOWS)[number];

const TITLES: Readonly<Record<ReliefView, string>> = {
  side: say.coatFromSide,
  front: say.coatFromFront,
  top: say.coatFromAbove,
  back: say.coatFromBehind,
  'three-quarter': say.coatThreeQuarter,
};

/** The coat of a plan from a side; undefined while it is worked out. */
export const coatOf = (plan: Plan, view: ReliefView): SeenCoat | undefined =>
  plan.coat?.views.find((seen) => seen.view === view);

/** The lie of the coat from a side at 1:1, on the relief; undefined while one of both is worked out. */
export function directionMap(plan: Plan, view: ReliefView, show: MapShow): Drawing | undefined {
  const [relief, coat] = [reliefOf(plan, view), coatOf(plan, view)];
  if (relief === undefined || coat === undefined) return undefined;
  const items = [
    ...reliefBelow(relief),
    ...(show === 'flow'
      ? flowItems(plan, coat)
      : [...coatStrokes(plan, coat), ...plateItems(plan, view), ...foldItems(plan, view)]),
    ...markItems(plan, view),
  ];
  return {
    ...fittedDrawing(`coat-${view}-${show}`, TITLES[view], items, MARGIN_MM),
    ...viewOf(view),
  };
}

/** Drawings that belong to a view of the elevations say so. */
const viewOf = (view: ReliefView) =>
  view === 'side' || view === 'front' || view === 'top' ? { view } : {};

/** The head by itself with its coat, as much larger as its other drawings; none while it is worked out. */
export function headMaps(plan: Plan, show: MapShow): readonly Drawing[] {
  const times = headTimes(plan);
  return (plan.coat?.heads ?? []).flatMap((coat) => {
    const head = plan.surface?.heads.find(({ view }) => view === coat.view);
    if (head === undefined) return [];
    const place = enlargement(head, times);
    const items = [
      ...reliefBelow(enlarged(head, times)),
      ...(show === 'flow'
        ? flowItems(plan, coat, place)
        : [...coatStrokes(plan, coat, place, times), ...plateItems(plan, coat.view, place)]),
    ];
    const title = say.coatOfHead(TITLES[coat.view], times);
    return [fittedDrawing(`coat-head-${coat.view}-${show}`, title, items, MARGIN_MM)];
  });
}

/** The relief without its shading, which the coat itself makes. */
const reliefBelow = (relief: Relief): readonly DrawingItem[] =>
  reliefItems({ ...relief, hatching: [] }, 'form');

/** An arrow's head at the tip of a line, mm. */
const ARROW_MM = 1.1;

/** Lines along the lie, each with an arrow where hair points. */
export function flowItems(
  plan: Plan,
  coat: SeenCoat,
  place: (p: PagePoint) => PagePoint = (p) => p,
): readonly DrawingItem[] {
  const { coat: zones } = plan.measure.skeleton.animal;
  return coat.flow.flatMap(({ zone, points }): DrawingItem[] => {
    const line = points.map(place);
    const [tip, before] = [line.at(-1)!, line.at(-2)!];
    const id = zones[zone]?.id;
    const target = id === undefined ? {} : { target: { kind: 'zone', id } as const };
    const common = {
      kind: 'line',
      ink: 'mid',
      layer: 'lie',
      weight: WEIGHT.thin,
      ...target,
    } as const;
    return [
      { ...common, points: line },
      { ...common, points: arrow(before, tip), filled: true, closed: true },
    ];
  });
}

function arrow(before: PagePoint, tip: PagePoint): readonly PagePoint[] {
  const [dx, dy] = [tip[0] - before[0], tip[1] - before[1]];
  const long = Math.hypot(dx, dy) || 1;
  const [ux, uy] = [(dx / long) * ARROW_MM, (dy / long) * ARROW_MM];
  return [
    [tip[0] + ux, tip[1] + uy],
    [tip[0] - 0.4 * uy, tip[1] + 0.4 * ux],
    [tip[0] + 0.4 * uy, tip[1] - 0.4 * ux],
  ];
}

/** A mark as it is seen from a side: those of its places that face the viewer. */
export interface SeenMark {
  readonly id: string;
  readonly kind: LieMarkKind;
  readonly places: Plan['piece']['skin']['marks'][number]['places'];
  readonly points: readonly { readonly n: number; readonly at: PagePoint }[];
}

/** The marks of a piece from a side. */
export function marksSeen(plan: Plan, view: ReliefView): readonly SeenMark[] {
  return plan.piece.skin.marks.map(({ id, kind, places }) => ({
    ...{ id, kind, places },
    points: placesSeen(plan.stance.posed, view, places),
  }));
}

/** Those of some places that face the viewer, by their place in the list, on the page of a view. */
export function placesSeen(
  posed: PosedSkeleton,
  view: ReliefView,
  places: readonly LiePlace[],
): readonly { readonly n: number; readonly at: PagePoint }[] {
  const frame = VIEW_FRAMES[view];
  return places.flatMap((place, n) => {
    const point = skinPoint(posed, place, true) ?? skinPoint(posed, place);
    return point !== undefined && dot(point.out, frame.towards) >= 0
      ? [{ n, at: onPage(frame, point.at) }]
      : [];
  });
}

/** The place on the skin that is seen at a point of a view's page; undefined beside the body. */
export function lieHit(
  posed: PosedSkeleton,
  view: ReliefView,
  [x, y]: PagePoint,
): LiePlace | undefined {
  const { right, up, towards } = VIEW_FRAMES[view];
  const far = reachAlong(posed, towards) + 1;
  const from = add(add(scale(right, x), scale(up, y)), scale(towards, far));
  const place = skinHit(posed, from, scale(towards, -1));
  return place && { boneId: place.boneId, along: place.along, around: place.around };
}

/** The marks of the piece that face the viewer: lines with their ends, partings dashed, whorls as rings. */
const markItems = (plan: Plan, view: ReliefView): readonly DrawingItem[] =>
  marksSeen(plan, view).flatMap(({ id, kind, points }) =>
    points.length === 0
      ? []
      : shapes(
          kind,
          points.map(({ at }) => at),
          id,
        ),
  );

function shapes(
  kind: LieMarkKind,
  points: readonly PagePoint[],
  id: string,
): readonly DrawingItem[] {
  const common = { ink: 'watch', layer: 'marks', target: { kind: 'lie', id } } as const;
  if (kind === 'whorl')
    return [{ ...common, kind: 'circle', at: points[0]!, radius: 2, weight: WEIGHT.far }];
  return [
    { ...common, kind: 'line', points, weight: WEIGHT.far, dashed: kind !== 'guide' },
    ...points.map((at): DrawingItem => ({
      ...common,
      ...{ kind: 'circle', at, radius: 0.8, weight: WEIGHT.thin, filled: true },
    })),
  ];
}
