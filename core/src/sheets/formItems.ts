import * as say from './words.ts';
import { greatest, least } from '../geometry/extremes.ts';
import type { Relief } from '../surface/relief.ts';
import type { ReliefView } from '../surface/reliefViews.ts';
import type { Plan } from '../planTypes.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from './drawing.ts';
import { skinItems } from './posedItems.ts';

/** The relief of the finished form from a side; undefined while it is still worked out. */
export const reliefOf = (plan: Plan, view: ReliefView): Relief | undefined =>
  plan.surface?.reliefs.find((relief) => relief.view === view && relief.outline.length > 0);

/** How much of a relief is drawn: its outline alone, with the edges inside it, or shaded and with its zones. */
export type ReliefDepth = 'silhouette' | 'outline' | 'form';

const lines = (
  all: readonly (readonly PagePoint[])[],
  ink: 'soft' | 'skin',
  weight: number,
  layer: string,
  more: { readonly closed?: boolean; readonly dashed?: boolean } = {},
): readonly DrawingItem[] =>
  all.map((points): DrawingItem => ({ kind: 'line', ink, layer, weight, points, ...more }));

/** The finished form as an engraver draws it: its area and outline, inner edges, zone borders and hatching. */
export function reliefItems(relief: Relief, depth: ReliefDepth): readonly DrawingItem[] {
  const { outline, inner, borders, hatching } = relief;
  const dark = depth === 'silhouette';
  const area: DrawingItem = {
    kind: 'fill',
    ink: dark ? 'ink' : 'skin',
    layer: 'skin',
    outlines: outline,
  };
  if (dark) return [area];
  const isForm = depth === 'form';
  const { face } = relief;
  return [
    area,
    ...(isForm ? lines(hatching, 'skin', WEIGHT.hair, 'hatching') : []),
    ...(isForm ? lines(borders, 'skin', WEIGHT.hair, 'zone borders', { dashed: true }) : []),
    ...lines(
      inner,
      isForm ? 'soft' : 'skin',
      isForm ? WEIGHT.thin / 2 : WEIGHT.hair,
      'inner edges',
    ),
    ...(isForm ? faceItems(face) : lines(face.lines, 'skin', WEIGHT.hair, 'face')),
    ...lines(outline, isForm ? 'soft' : 'skin', WEIGHT.thin, 'skin', { closed: true }),
  ];
}

/** Eyes, nostrils, dark skin and mouth over the form. */
export const faceItems = ({ areas, lines: all }: Relief['face']): readonly DrawingItem[] => [
  ...areas.map(({ hex, loop }): DrawingItem => ({
    ...{ kind: 'fill', ink: 'ink', layer: 'face', hex },
    outlines: [loop],
  })),
  ...lines(all, 'soft', WEIGHT.thin / 2, 'face'),
];

/** The body of a plan from a side: its relief, or the quick outline of its sections until that is known. */
export function bodyItems(
  plan: Plan,
  view: 'side' | 'front' | 'top',
  depth: ReliefDepth,
): readonly DrawingItem[] {
  const relief = reliefOf(plan, view);
  return relief === undefined
    ? skinItems(plan.stance.skin, plan.stance.blades, view, depth === 'silhouette')
    : reliefItems(relief, depth);
}

const MARGIN_MM = 6;

const TITLES: Readonly<Record<ReliefView, string>> = {
  side: say.formFromSide,
  front: say.formFromFront,
  top: say.formFromAbove,
  back: say.formFromBehind,
  'three-quarter': say.formThreeQuarter,
};

/** The finished form by itself at 1:1; undefined for a view that is still worked out. */
export function formDrawing(plan: Plan, view: ReliefView): Drawing | undefined {
  const relief = reliefOf(plan, view);
  const isElevation = view === 'side' || view === 'front' || view === 'top';
  if (relief === undefined && !isElevation) return undefined;
  const items =
    relief === undefined && isElevation
      ? bodyItems(plan, view, 'outline')
      : reliefItems(relief!, 'form');
  const drawing = fittedDrawing(`form-${view}`, TITLES[view], items, MARGIN_MM);
  return isElevation ? { ...drawing, view } : drawing;
}

const HEAD_TITLES = {
  side: say.headFromSide,
  front: say.headFromFront,
  'three-quarter': say.headThreeQuarter,
} as const;

/** The head at most so much larger than the model, and so that it takes no more than this share of its length. */
const MOST_TIMES = 6;
const HEAD_SHARE = 0.6;

/** The head by itself, whole times as large as the model; none while it is still worked out. */
export function headDrawings(plan: Plan): readonly Drawing[] {
  const heads = plan.surface?.heads ?? [];
  const side = reliefOf(plan, 'side');
  const long = side === undefined ? 0 : extentOf(side);
  const own = Math.max(1, ...heads.map((head) => extentOf(head)));
  const times = Math.min(MOST_TIMES, Math.max(1, Math.floor((HEAD_SHARE * long) / own)));
  return heads.map((head) => {
    const view = head.view as keyof typeof HEAD_TITLES;
    const items = reliefItems(enlarged(head, times), 'form');
    return fittedDrawing(`head-${view}`, HEAD_TITLES[view](times), items, MARGIN_MM);
  });
}

/** The longer side of the box round a relief, mm. */
function extentOf({ outline }: Relief): number {
  const points = outline.flat();
  const side = (k: 0 | 1): number =>
    greatest(points.map((p) => p[k])) - least(points.map((p) => p[k]));
  return points.length === 0 ? 0 : Math.max(side(0), side(1));
}

/** A relief some times as large, its lower left corner at the origin. */
function enlarged(relief: Relief, times: number): Relief {
  const all = relief.outline.flat();
  const [left, low] = [least(all.map(([x]) => x)), least(all.map(([, y]) => y))];
  const line = (points: readonly PagePoint[]): readonly PagePoint[] =>
    points.map(([x, y]): PagePoint => [(x - left) * times, (y - low) * times]);
  return {
    ...relief,
    outline: relief.outline.map(line),
    inner: relief.inner.map(line),
    borders: relief.borders.map(line),
    hatching: relief.hatching.map(line),
    face: {
      lines: relief.face.lines.map(line),
      areas: relief.face.areas.map(({ hex, loop }) => ({ hex, loop: line(loop) })),
    },
  };
}
