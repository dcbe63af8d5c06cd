import * as say from './words.ts';
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
  ink: 'ink' | 'soft' | 'skin',
  weight: number,
  layer: string,
  more: { readonly closed?: boolean; readonly dashed?: boolean } = {},
): readonly DrawingItem[] =>
  all.map((points): DrawingItem => ({ kind: 'line', ink, layer, weight, points, ...more }));

/** The finished form as an engraver draws it: its area and outline, inner edges, zone borders and hatching. */
export function reliefItems(relief: Relief, depth: ReliefDepth): readonly DrawingItem[] {
  const { outline, inner, borders, hatching, edges } = relief;
  const dark = depth === 'silhouette';
  const area: DrawingItem = {
    kind: 'fill',
    ink: dark ? 'ink' : 'skin',
    layer: 'skin',
    outlines: outline,
  };
  if (dark) return [area, ...lines(edges, 'ink', WEIGHT.thin, 'skin')];
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
    ...lines(edges, isForm ? 'soft' : 'skin', WEIGHT.thin, 'skin'),
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
    ? skinItems(plan.stance.posed, view, depth === 'silhouette')
    : reliefItems(relief, depth);
}

export const MARGIN_MM = 6;

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
