import type { Covering } from '../../anatomy/coat.ts';
import type { SeenCoat } from '../../lie/seenCoat.ts';
import type { Plan } from '../../planTypes.ts';
import type { DrawingItem, PagePoint } from '../drawing.ts';

/** A stroke is widest where its first half ends; a scale is drawn as its free edge, so thick against its width. */
const EDGE_SHARE = 0.16;
/** Least thickness of a drawn edge, mm of paper. */
const EDGE_MM = 0.06;

/** Where a point of a drawing lies: as it is, or enlarged. */
type Placed = (p: PagePoint) => PagePoint;

/** A stroke as an outline: it begins and ends in a point. */
export function strokeShape(
  root: PagePoint,
  mid: PagePoint,
  tip: PagePoint,
  widthMm: number,
): readonly PagePoint[] {
  const [nx, ny] = across(root, tip, widthMm / 2);
  return [root, [mid[0] + nx, mid[1] + ny], tip, [mid[0] - nx, mid[1] - ny]];
}

/** The free edge of a scale: a rounded crescent from one side of its root over its tip to the other. */
export function scaleShape(root: PagePoint, tip: PagePoint, widthMm: number): readonly PagePoint[] {
  const [nx, ny] = across(root, tip, widthMm / 2);
  const [dx, dy] = [tip[0] - root[0], tip[1] - root[1]];
  const at = (along: number, aside: number, shrunk: number): PagePoint => [
    root[0] + along * dx + aside * nx * shrunk,
    root[1] + along * dy + aside * ny * shrunk,
  ];
  const inner = 1 - 2 * Math.max(EDGE_SHARE, EDGE_MM / Math.max(widthMm, EDGE_MM)) * 0.5;
  return [
    ...[at(0.1, 1, 1), at(0.7, 0.78, 1), at(1, 0, 1), at(0.7, -0.78, 1), at(0.1, -1, 1)],
    ...[at(0.1, -1, inner), at(0.62, -0.78, inner), at(inner, 0, 1), at(0.62, 0.78, inner)],
    at(0.1, 1, inner),
  ];
}

function across([x0, y0]: PagePoint, [x1, y1]: PagePoint, reach: number): PagePoint {
  const long = Math.hypot(x1 - x0, y1 - y0) || 1;
  return [(-(y1 - y0) / long) * reach, ((x1 - x0) / long) * reach];
}

/** Every stroke and scale of a coat that is seen, one item for each zone. */
export function coatStrokes(
  plan: Plan,
  coat: SeenCoat,
  place: Placed = (p) => p,
  times = 1,
): readonly DrawingItem[] {
  const byZone = new Map<number, (readonly PagePoint[])[]>();
  const coverings = plan.measure.skeleton.animal.coat.map(({ covering }) => covering ?? 'hair');
  for (let n = 0; n < coat.zone.length; n++) {
    const zone = coat.zone[n]!;
    const list = byZone.get(zone) ?? [];
    byZone.set(zone, list);
    list.push(shapeOf(coat.strokes, n, coverings[zone], place, times));
  }
  return [...byZone].map(([zone, outlines]): DrawingItem => {
    const { id } = plan.measure.skeleton.animal.coat[zone]!;
    return { kind: 'fill', ink: 'ink', layer: 'coat', outlines, target: { kind: 'zone', id } };
  });
}

function shapeOf(
  strokes: Float32Array,
  n: number,
  covering: Covering | undefined,
  place: Placed,
  times: number,
): readonly PagePoint[] {
  const point = (k: number): PagePoint => place([strokes[7 * n + k]!, strokes[7 * n + k + 1]!]);
  const wide = times * strokes[7 * n + 6]!;
  if (covering === 'scale') return scaleShape(point(0), point(4), wide);
  return strokeShape(point(0), point(2), point(4), wide);
}
