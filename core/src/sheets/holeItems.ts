import type { Hole } from '../wire/holePlan.ts';
import { WEIGHT, type DrawingItem, type PagePoint } from './drawing.ts';

/** Half of the cross of a hole, mm. */
export const CROSS_MM = 4;
/** Length of the stroke that shows where a hole leans. */
const SLANT_MM = 9;

/** The label of a hole: its number, its drill in mm, and how far it leans. */
export const holeText = (hole: Hole): string =>
  `${hole.number}: ${hole.diameter.value.toFixed(1)}${
    hole.slant.value < 1 ? '' : `, ${hole.slant.value.toFixed(0)}°`
  }`;

/** A hole as circle and cross, with its label before or behind it, and a stroke where it leans. */
export function holeItems(
  hole: Hole,
  at: PagePoint,
  labelBefore: boolean,
  rise: number,
): readonly DrawingItem[] {
  const target = { kind: 'hole', id: hole.contactId } as const;
  const ink = hole.z < 0 ? 'near' : 'far';
  const layer = 'holes';
  const cross = (from: PagePoint, to: PagePoint): DrawingItem => ({
    kind: 'line',
    ink: 'ink',
    layer,
    weight: WEIGHT.hair,
    points: [from, to],
    target,
  });
  const label = (dy: number, text: string, sizeMm: number): DrawingItem => ({
    kind: 'text',
    ink: 'ink',
    layer,
    at: [at[0] + (labelBefore ? -1 : 1) * (CROSS_MM + 1), at[1] + dy],
    text,
    sizeMm,
    anchor: labelBefore ? 'end' : 'start',
    face: 'number',
    target,
  });
  return [
    cross([at[0] - CROSS_MM, at[1]], [at[0] + CROSS_MM, at[1]]),
    cross([at[0], at[1] - CROSS_MM], [at[0], at[1] + CROSS_MM]),
    {
      kind: 'circle',
      ink,
      layer,
      weight: WEIGHT.far,
      at,
      radius: hole.diameter.value / 2,
      target,
    },
    label(rise + 1.6, holeText(hole), 3.6),
    ...slantItems(hole, at),
  ];
}

/** A hole that leans: a stroke towards where the top of its peg leans. */
function slantItems(hole: Hole, at: PagePoint): readonly DrawingItem[] {
  if (hole.slant.value < 1) return [];
  const [dx, dz] = hole.lean;
  const tip: PagePoint = [at[0] - dx * SLANT_MM, at[1] - dz * SLANT_MM];
  return [{ kind: 'line', ink: 'near', layer: 'holes', weight: WEIGHT.far, points: [at, tip] }];
}
