import type { BasePlan } from '../wire/baseHoles.ts';
import { dimension } from './dimension.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from './drawing.ts';
import { project } from './views.ts';

const MARGIN_MM = 6;
const CROSS_MM = 4;
/** Length of the stroke that shows where a hole leans. */
const SLANT_MM = 9;

/** The drilled base seen from above at 1:1: numbered holes, and an arrow to the front. */
export function basePlanDrawing(base: BasePlan): Drawing {
  const corner = (x: number, z: number): PagePoint => project('top', [x, 0, z]);
  const [front, back] = [base.frontX, base.frontX - base.length.value];
  const [left, right] = [base.leftZ, base.leftZ + base.width.value];
  const target = { kind: 'piece', id: 'base' } as const;
  const middleZ = (left + right) / 2;
  const arrow = corner(front - 3, middleZ);
  const items: DrawingItem[] = [
    {
      kind: 'line',
      ink: 'board',
      layer: 'base',
      weight: WEIGHT.far,
      closed: true,
      filled: true,
      points: [corner(front, left), corner(back, left), corner(back, right), corner(front, right)],
      target,
    },
    {
      kind: 'line',
      ink: 'mid',
      layer: 'front mark',
      weight: WEIGHT.hair,
      closed: true,
      filled: true,
      points: [arrow, [arrow[0] + 8, arrow[1] + 3], [arrow[0] + 8, arrow[1] - 3]],
      target,
    },
    {
      kind: 'text',
      ink: 'mid',
      layer: 'front mark',
      at: [arrow[0] + 10, arrow[1] - 1.4],
      text: 'front',
      sizeMm: 4,
      anchor: 'start',
      face: 'label',
    },
    ...base.holes.flatMap((hole) =>
      // Labels of the rear half stand before their hole, so that they stay on the board.
      holeItems(hole, corner(hole.x, hole.z), hole.along.value > base.length.value / 2),
    ),
    ...dimension(
      'horizontal',
      corner(front, right),
      corner(back, right),
      right + 9,
      base.length.value.toFixed(0),
      target,
    ),
    ...dimension(
      'upright',
      corner(back, left),
      corner(back, right),
      -back + 9,
      base.width.value.toFixed(0),
      target,
    ),
  ];
  return fittedDrawing('base', 'Base from above: holes by number and drill, mm', items, MARGIN_MM);
}

function holeItems(
  hole: BasePlan['holes'][number],
  at: PagePoint,
  labelBefore: boolean,
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
  const lean = hole.slant.value < 1 ? '' : `, ${hole.slant.value.toFixed(0)}°`;
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
    // Front labels stand above their hole and rear ones below, so that two in a line keep apart.
    label(labelBefore ? -8 : 3, `${hole.number}: ${hole.diameter.value.toFixed(1)}${lean}`, 3.6),
    ...slantItems(hole, at),
  ];
}

/** A hole that leans: a stroke towards where the top of its peg leans. */
function slantItems(hole: BasePlan['holes'][number], at: PagePoint): readonly DrawingItem[] {
  if (hole.slant.value < 1) return [];
  const [dx, dz] = hole.lean;
  const tip: PagePoint = [at[0] - dx * SLANT_MM, at[1] - dz * SLANT_MM];
  return [{ kind: 'line', ink: 'near', layer: 'holes', weight: WEIGHT.far, points: [at, tip] }];
}
