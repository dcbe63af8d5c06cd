import * as say from './words.ts';
import { partBox, skinParts } from '../../body/skin.ts';
import { STROKE_NUMBERS, type SeenCoat } from '../../lie/seenCoat.ts';
import type { Plan } from '../../planTypes.ts';
import { onPage, VIEW_FRAMES } from '../../surface/reliefViews.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from '../drawing.ts';
import { MARGIN_MM, reliefOf } from '../formItems.ts';
import { coatStrokes } from './coatStrokes.ts';
import { coatOf, flowItems, type MapShow } from './directionMap.ts';

/** A region fills this much of a page at most, mm, and is no more than so many times as large. */
const PAGE_MM = [180, 250] as const;
const MOST_TIMES = 5;

/** Two corners of a page's rectangle. */
interface Rectangle {
  readonly min: PagePoint;
  readonly max: PagePoint;
}

/** The coat of each part of the body from the side, as many whole times as large as a page holds; those that gain nothing are left out. */
export function regionMaps(plan: Plan, show: MapShow): readonly Drawing[] {
  const [relief, coat] = [reliefOf(plan, 'side'), coatOf(plan, 'side')];
  if (relief === undefined || coat === undefined) return [];
  const { plan: body } = plan.measure.skeleton;
  return body.parts.flatMap(({ id, name, keys }): Drawing[] => {
    const frame = frameOf(plan, keys);
    const times = frame === undefined ? 0 : timesFor(frame);
    if (frame === undefined || times < 2) return [];
    const larger = ([x, y]: PagePoint): PagePoint => [
      (x - frame.min[0]) * times,
      (y - frame.min[1]) * times,
    ];
    const kept = within(coat, frame);
    const lines = [...relief.outline.map((loop) => [...loop, loop[0]!]), ...relief.inner];
    const items: DrawingItem[] = [
      ...lines
        .flatMap((points) => runsIn(points, frame))
        .map((points): DrawingItem => ({
          ...{ kind: 'line', ink: 'soft', layer: 'skin', weight: WEIGHT.thin },
          points: points.map(larger),
        })),
      ...(show === 'flow' ? flowItems(plan, kept, larger) : coatStrokes(plan, kept, larger, times)),
    ];
    if (items.length === 0) return [];
    const heading = say.coatOfRegion(name, times);
    return [fittedDrawing(`coat-region-${id}-${show}`, heading, items, MARGIN_MM)];
  });
}

/** The rectangle round the flesh of some bones, left and middle, from the side. */
function frameOf({ stance }: Plan, keys: readonly string[]): Rectangle | undefined {
  const { posed } = stance;
  const points = skinParts(posed).flatMap((part): PagePoint[] => {
    const bone = posed.byId.get(part.boneId)?.bone;
    if (bone === undefined || bone.side === 'right' || !keys.includes(bone.key)) return [];
    const { min, max } = partBox(part);
    return [onPage(VIEW_FRAMES.side, min), onPage(VIEW_FRAMES.side, max)];
  });
  if (points.length === 0) return undefined;
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  return { min: [Math.min(...xs), Math.min(...ys)], max: [Math.max(...xs), Math.max(...ys)] };
}

const timesFor = ({ min, max }: Rectangle): number => {
  const [w, h] = [max[0] - min[0], max[1] - min[1]];
  const lying = Math.min(PAGE_MM[1] / w, PAGE_MM[0] / h);
  const upright = Math.min(PAGE_MM[0] / w, PAGE_MM[1] / h);
  return Math.min(MOST_TIMES, Math.floor(Math.max(lying, upright)));
};

const isIn = ([x, y]: PagePoint, { min, max }: Rectangle): boolean =>
  x >= min[0] && x <= max[0] && y >= min[1] && y <= max[1];

/** The runs of a line that lie in a rectangle. */
function runsIn(points: readonly PagePoint[], frame: Rectangle): readonly (readonly PagePoint[])[] {
  const runs: PagePoint[][] = [[]];
  for (const p of points)
    if (isIn(p, frame)) runs.at(-1)!.push(p);
    else if (runs.at(-1)!.length > 0) runs.push([]);
  return runs.filter((run) => run.length > 1);
}

/** What of a coat has its root in a rectangle. */
function within(coat: SeenCoat, frame: Rectangle): SeenCoat {
  const kept = [...coat.zone.keys()].filter((n) =>
    isIn([coat.strokes[STROKE_NUMBERS * n]!, coat.strokes[STROKE_NUMBERS * n + 1]!], frame),
  );
  return {
    ...coat,
    flow: coat.flow.flatMap(({ zone, points }) =>
      runsIn(points, frame).map((run) => ({ zone, points: run })),
    ),
    strokes: Float32Array.from(
      kept.flatMap((n) => [...coat.strokes.subarray(STROKE_NUMBERS * n, STROKE_NUMBERS * (n + 1))]),
    ),
    zone: Uint8Array.from(kept, (n) => coat.zone[n]!),
    side: Uint8Array.from(kept, (n) => coat.side[n]!),
  };
}
