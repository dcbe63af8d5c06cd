import * as say from './words.ts';
import { greatest, least } from '../geometry/extremes.ts';
import type { Point2 } from '../geometry/hull.ts';
import { add, scale } from '../geometry/vec3.ts';
import type { SectionCard } from '../mass/shapePlan.ts';
import { WEIGHT, type DrawingItem, type PagePoint, type View } from './drawing.ts';
import { project } from './views.ts';

/** Where a section is cut, as lines over an elevation, numbered. */
export function stationItems(cards: readonly SectionCard[], view: View): readonly DrawingItem[] {
  return cards.flatMap(({ number, cut, girth: { target } }): DrawingItem[] => {
    const [, up, right] = cut.axes;
    // From above the width is seen, otherwise the depth.
    const of = (p: Point2): number => (view === 'side' ? p[1] : p[0]);
    const way = view === 'side' ? up : right;
    const [low, high] = [least(cut.skin.map(of)), greatest(cut.skin.map(of))];
    const at = (s: number): PagePoint => project(view, add(cut.centre, scale(way, s)));
    const past = OVERHANG * (high - low) + 1;
    const [from, to] = [at(low - past), at(high + past)];
    const upper = from[1] > to[1] ? from : to;
    return [
      {
        kind: 'line',
        ink: 'dimension',
        layer: 'sections',
        weight: WEIGHT.thin,
        points: [from, to],
        target,
      },
      {
        kind: 'text',
        ink: 'dimension',
        layer: 'sections',
        at: [upper[0], upper[1] + 0.8],
        text: String(number),
        sizeMm: 4,
        anchor: 'middle',
        face: 'number',
        target,
      },
    ];
  });
}

/** A station's line stands out over the skin by this share of it. */
const OVERHANG = 0.08;

/** Turns a section's outline into points of a drawing, seen from behind: the left side on the left. */
const moved = (points: readonly Point2[], [x, y]: PagePoint): readonly PagePoint[] =>
  points.map(([u, v]) => [x + u, y + v]);

/** The layers of a section with its wires, its bone at `at`; mm at 1:1. */
export function cutItems(card: SectionCard, at: PagePoint): readonly DrawingItem[] {
  const { cut, number } = card;
  const { target } = card.girth;
  const layer = say.section(number);
  const shared = { layer, target } as const;
  const coated = card.clayGirth !== card.girth;
  return [
    {
      ...shared,
      kind: 'union',
      ink: 'skin',
      weight: WEIGHT.thin,
      outlines: [moved(cut.clay, at)],
    },
    ...(coated
      ? [
          {
            ...shared,
            kind: 'line',
            ink: 'soft',
            weight: WEIGHT.thin,
            dashed: true,
            closed: true,
            points: moved(cut.skin, at),
          } as const,
        ]
      : []),
    {
      ...shared,
      kind: 'line',
      ink: 'ink',
      weight: WEIGHT.far,
      closed: true,
      points: moved(cut.clay, at),
    },
    ...(cut.core.length === 0
      ? []
      : [
          {
            ...shared,
            kind: 'union',
            ink: 'core',
            weight: WEIGHT.thin,
            outlines: cut.core.map((loop) => moved(loop, at)),
          } as const,
        ]),
    ...cut.wires.map((wire): DrawingItem => ({
      ...shared,
      kind: 'circle',
      ink: 'mid',
      weight: WEIGHT.thin,
      filled: true,
      at: [at[0] + wire.at[0], at[1] + wire.at[1]],
      radius: Math.max(wire.diameterMm / 2, 0.4),
    })),
  ];
}

/** Where the middle of a section lies across: cards are cut in two there. */
export const middleOfCut = (card: SectionCard): number => {
  const xs = card.cut.skin.map(([x]) => x);
  return (least(xs) + greatest(xs)) / 2;
};
