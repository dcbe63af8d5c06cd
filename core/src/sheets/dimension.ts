import type { SheetTarget } from '../piece/target.ts';
import { WEIGHT, type DrawingItem, type PagePoint } from './drawing.ts';

const ARROW_MM = 2.2;
const TEXT_MM = 3.4;
const GAP_MM = 1.2;

/**
 * A dimension between two points of a drawing, horizontal or upright, its line at `line` (the y of
 * a horizontal one, the x of an upright one), with extension lines, arrows and its text.
 */
export function dimension(
  along: 'horizontal' | 'upright',
  from: PagePoint,
  to: PagePoint,
  line: number,
  text: string,
  target?: SheetTarget,
): readonly DrawingItem[] {
  const flat = along === 'horizontal';
  const common = {
    ink: 'dimension',
    layer: 'dimensions',
    ...(target === undefined ? {} : { target }),
  } as const;
  const on = (p: PagePoint): PagePoint => (flat ? [p[0], line] : [line, p[1]]);
  const [a, b] = [on(from), on(to)];
  const stroke = (points: readonly PagePoint[], weight: number): DrawingItem => ({
    ...common,
    kind: 'line',
    points,
    weight,
  });
  const middle: PagePoint = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
  return [
    stroke([from, a], WEIGHT.hair),
    stroke([to, b], WEIGHT.hair),
    stroke([a, b], WEIGHT.thin),
    arrow(a, b, common),
    arrow(b, a, common),
    {
      ...common,
      kind: 'text',
      at: flat ? [middle[0], line + GAP_MM] : [line - GAP_MM, middle[1]],
      text,
      sizeMm: TEXT_MM,
      anchor: 'middle',
      face: 'number',
      ...(flat ? {} : { rotateDeg: 90 }),
    },
  ];
}

function arrow(
  tip: PagePoint,
  away: PagePoint,
  common: Pick<DrawingItem, 'ink' | 'layer'>,
): DrawingItem {
  const size = Math.hypot(away[0] - tip[0], away[1] - tip[1]) || 1;
  const [ux, uy] = [(away[0] - tip[0]) / size, (away[1] - tip[1]) / size];
  const back: PagePoint = [tip[0] + ux * ARROW_MM, tip[1] + uy * ARROW_MM];
  const half = ARROW_MM * 0.28;
  return {
    ...common,
    kind: 'line',
    closed: true,
    filled: true,
    weight: WEIGHT.hair,
    points: [
      tip,
      [back[0] - uy * half, back[1] + ux * half],
      [back[0] + uy * half, back[1] - ux * half],
    ],
  };
}
