import type { CoatZone } from '../../anatomy/coat.ts';
import { STROKE_NUMBERS, type SeenCoat } from '../../lie/seenCoat.ts';
import type { Plan } from '../../planTypes.ts';
import type { DrawingItem, PagePoint } from '../drawing.ts';

/** A stroke is widest where its first half ends; a scale is drawn as its free edge, so thick against its width. */
const EDGE_SHARE = 0.16;
/** Least thickness of a drawn edge, mm of paper. */
const EDGE_MM = 0.06;
/** Narrower scales are drawn with fewer corners: nobody sees them. */
const SMALL_MM = 1.2;

/** Where a point of a drawing lies: as it is, or enlarged. */
type Placed = (p: PagePoint) => PagePoint;

/** A stroke as an outline: it begins and ends in a point, and is widest halfway by `aside` either way. */
export function strokeShape(
  root: PagePoint,
  mid: PagePoint,
  tip: PagePoint,
  [nx, ny]: PagePoint,
): readonly PagePoint[] {
  return [root, [mid[0] + nx, mid[1] + ny], tip, [mid[0] - nx, mid[1] - ny]];
}

/** The free edge of a scale: a rounded crescent from one side of its root over its tip to the other. */
export function scaleShape(
  root: PagePoint,
  tip: PagePoint,
  [nx, ny]: PagePoint,
): readonly PagePoint[] {
  const widthMm = 2 * Math.hypot(nx, ny);
  const [dx, dy] = [tip[0] - root[0], tip[1] - root[1]];
  const at = (along: number, aside: number, shrunk: number): PagePoint => [
    root[0] + along * dx + aside * nx * shrunk,
    root[1] + along * dy + aside * ny * shrunk,
  ];
  const inner = 1 - 2 * Math.max(EDGE_SHARE, EDGE_MM / Math.max(widthMm, EDGE_MM)) * 0.5;
  if (widthMm < SMALL_MM)
    return [at(0.1, 1, 1), at(1, 0.3, 1), at(1, -0.3, 1), at(0.1, -1, 1), at(inner, 0, 1)];
  return [
    ...[at(0.1, 1, 1), at(0.7, 0.78, 1), at(1, 0, 1), at(0.7, -0.78, 1), at(0.1, -1, 1)],
    ...[at(0.1, -1, inner), at(0.62, -0.78, inner), at(inner, 0, 1), at(0.62, 0.78, inner)],
    at(0.1, 1, inner),
  ];
}

/** A bead is drawn as a ring: its hole against its size. */
const BEAD_SHARE = 0.72;
/** What of a tuft of down is drawn. */
const DOWN_SHARE = 0.3;
const SIX = [0, 1, 2, 3, 4, 5, 6] as const;

/** A bead as a six-cornered ring, its hole gone round the other way; without one it is a dot. */
export function beadShape(
  root: PagePoint,
  tip: PagePoint,
  [nx, ny]: PagePoint,
  hole: number,
): readonly PagePoint[] {
  const [dx, dy] = [(tip[0] - root[0]) / 2, (tip[1] - root[1]) / 2];
  const round = (turn: number, size: number): PagePoint => {
    const [c, s] = [Math.cos((turn * Math.PI) / 3), Math.sin((turn * Math.PI) / 3)];
    return [root[0] + dx + size * (c * dx + s * nx), root[1] + dy + size * (c * dy + s * ny)];
  };
  const edge = SIX.map((turn) => round(turn, 0.95));
  return hole === 0 ? edge : [...edge, ...SIX.map((turn) => round(-turn, hole * 0.95))];
}

/** Every stroke and scale of a coat that is seen, one item for each zone. */
export function coatStrokes(
  plan: Plan,
  coat: SeenCoat,
  place: Placed = (p) => p,
  times = 1,
): readonly DrawingItem[] {
  const byZone = new Map<number, (readonly PagePoint[])[]>();
  const { coat: zones } = plan.measure.skeleton.animal;
  for (let n = 0; n < coat.zone.length; n++) {
    const zone = coat.zone[n]!;
    const list = byZone.get(zone) ?? [];
    byZone.set(zone, list);
    list.push(shapeOf(coat.strokes, n, zones[zone], place, times));
  }
  return [...byZone].map(([zone, outlines]): DrawingItem => {
    const { id } = plan.measure.skeleton.animal.coat[zone]!;
    return { kind: 'fill', ink: 'ink', layer: 'coat', outlines, target: { kind: 'zone', id } };
  });
}

function shapeOf(
  strokes: Float32Array,
  n: number,
  zone: CoatZone | undefined,
  place: Placed,
  times: number,
): readonly PagePoint[] {
  const first = STROKE_NUMBERS * n;
  const point = (k: number): PagePoint => place([strokes[first + k]!, strokes[first + k + 1]!]);
  const aside = (part: number): PagePoint => [
    part * times * strokes[first + 6]!,
    part * times * strokes[first + 7]!,
  ];
  if (zone?.covering === 'skin') return beadShape(point(0), point(4), aside(1), 0);
  if (zone?.beads === true) return beadShape(point(0), point(4), aside(1), BEAD_SHARE);
  if (zone?.covering === 'scale' || zone?.covering === 'feather')
    return scaleShape(point(0), point(4), aside(1));
  // Down is soft: only the middle of a tuft is drawn.
  return strokeShape(
    point(0),
    point(2),
    point(4),
    aside(zone?.covering === 'down' ? DOWN_SHARE : 1),
  );
}
