import type { Plan } from '../planTypes.ts';
import { WEIGHT, type DrawingItem, type PagePoint, type View } from './drawing.ts';
import { project } from './views.ts';

/** Balls of clay as large as the thickest places, where they are thicker than they should be. */
export function thickItems(plan: Plan, view: View): readonly DrawingItem[] {
  const { thick = [] } = plan.mass?.shape?.shape ?? {};
  return thick
    .filter(({ mm }) => mm > plan.piece.mass.thickMm)
    .flatMap(({ regionId, at, mm }): DrawingItem[] => {
      const [x, y] = project(view, at);
      const target = { kind: 'region', id: regionId } as const;
      return [
        {
          kind: 'line',
          ink: 'watch',
          layer: 'thick clay',
          weight: WEIGHT.far,
          closed: true,
          points: ring([x, y], mm / 2),
          target,
        },
        {
          kind: 'text',
          ink: 'watch',
          layer: 'thick clay',
          at: [x + mm / 2 + 1.5, y - 1.2],
          text: mm.toFixed(0),
          sizeMm: 3.2,
          anchor: 'start',
          face: 'number',
          target,
        },
      ];
    });
}

const RING_POINTS = 36;

/** A circle at its true size: the drawing's own circles are marks, which keep theirs on the screen. */
const ring = ([x, y]: PagePoint, radius: number): readonly PagePoint[] =>
  Array.from({ length: RING_POINTS }, (_, i): PagePoint => {
    const angle = (2 * Math.PI * i) / RING_POINTS;
    return [x + radius * Math.cos(angle), y + radius * Math.sin(angle)];
  });

/** Air that is closed in: a cross in a circle as large as the hollow. */
export function hollowItems(plan: Plan, view: View): readonly DrawingItem[] {
  const { hollows = [] } = plan.mass?.shape?.shape ?? {};
  return hollows.flatMap(({ at, mm3, regionId }): DrawingItem[] => {
    const [x, y] = project(view, at);
    const radius = Math.cbrt((3 * mm3) / (4 * Math.PI));
    const target =
      regionId === null
        ? ({ kind: 'piece', id: 'piece' } as const)
        : ({ kind: 'region', id: regionId } as const);
    const shared = { ink: 'near', layer: 'hollows', weight: WEIGHT.far, target } as const;
    const reach = radius * Math.SQRT1_2;
    return [
      { ...shared, kind: 'line', closed: true, points: ring([x, y], radius) },
      ...[1, -1].map((sign): DrawingItem => ({
        ...shared,
        kind: 'line',
        points: [
          [x - reach, y - sign * reach],
          [x + reach, y + sign * reach],
        ],
      })),
    ];
  });
}
