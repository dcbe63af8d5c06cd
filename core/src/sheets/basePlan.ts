import * as say from './words.ts';
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
/** A label's line and letter, mm, with what a small screen makes of them. */
const LINE_MM = 7;
const LETTER_MM = 3.4;
/** How high a label may stand over its hole or under it, mm, the usual first. */
const LABEL_RISES = [1.4, -9, 8, -16, -3.5] as const;

/** What the board is seen from. */
const TITLES = { ground: say.baseFromAboveHoles, wall: say.plateFromFront } as const;

/** The drilled base seen from above at 1:1: numbered holes, and an arrow to the front. */
export function basePlanDrawing(base: BasePlan): Drawing {
  const corner = (x: number, z: number): PagePoint => project('top', [x, 0, z]);
  const [front, back] = [base.frontX, base.frontX - base.length.value];
  const [left, right] = [base.leftZ, base.leftZ + base.width.value];
  const target = { kind: 'piece', id: 'base' } as const;
  const arrow = corner(front - 3, (left + right) / 2);
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
      text: base.on === 'wall' ? say.top : say.front,
      sizeMm: 4,
      anchor: 'start',
      face: 'label',
    },
    ...holesAndLabels(base, corner, [
      [arrow[0], arrow[1] - LINE_MM / 2, arrow[0] + 10 + 5 * LETTER_MM, arrow[1] + LINE_MM / 2],
    ]),
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
  return fittedDrawing('base', TITLES[base.on], items, MARGIN_MM);
}

/** The holes, each label where it keeps clear of the other holes, labels and marks. */
function holesAndLabels(
  base: BasePlan,
  corner: (x: number, z: number) => PagePoint,
  marks: readonly Rect[],
): readonly DrawingItem[] {
  const at = base.holes.map((hole) => corner(hole.x, hole.z));
  const crosses = at.map(([x, y]): Rect => [
    x - CROSS_MM,
    y - CROSS_MM,
    x + CROSS_MM,
    y + CROSS_MM,
  ]);
  const taken: Rect[] = [...marks];
  return base.holes.flatMap((hole, i) => {
    const width = holeText(hole).length * LETTER_MM;
    const isRear = hole.along.value > base.length.value / 2;
    const others = crosses.filter((_, j) => j !== i);
    // Labels of the rear half rather stand before their hole, so that they stay on the board.
    const places = (isRear ? [true, false] : [false, true]).flatMap((before) =>
      LABEL_RISES.map((rise) => ({ before, rise, rect: labelRect(at[i]!, before, rise, width) })),
    );
    const inTheWay = (rect: Rect): number =>
      [...taken, ...others].reduce((sum, entry) => sum + sharedArea(rect, entry), 0);
    const best = places.reduce((a, b) => (inTheWay(b.rect) < inTheWay(a.rect) - 1e-9 ? b : a));
    taken.push(best.rect);
    return holeItems(hole, at[i]!, best.before, best.rise);
  });
}

/** Left, bottom, right, top, mm. */
type Rect = readonly [number, number, number, number];

const labelRect = ([x, y]: PagePoint, before: boolean, rise: number, width: number): Rect => {
  const from = x + (before ? -1 : 1) * (CROSS_MM + 1);
  return before
    ? [from - width, y + rise, from, y + rise + LINE_MM]
    : [from, y + rise, from + width, y + rise + LINE_MM];
};

const sharedArea = (a: Rect, b: Rect): number =>
  Math.max(0, Math.min(a[2], b[2]) - Math.max(a[0], b[0])) *
  Math.max(0, Math.min(a[3], b[3]) - Math.max(a[1], b[1]));

/** The label of a hole: its number, its drill in mm, and how far it leans. */
const holeText = (hole: BasePlan['holes'][number]): string =>
  `${hole.number}: ${hole.diameter.value.toFixed(1)}${
    hole.slant.value < 1 ? '' : `, ${hole.slant.value.toFixed(0)}°`
  }`;

function holeItems(
  hole: BasePlan['holes'][number],
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
function slantItems(hole: BasePlan['holes'][number], at: PagePoint): readonly DrawingItem[] {
  if (hole.slant.value < 1) return [];
  const [dx, dz] = hole.lean;
  const tip: PagePoint = [at[0] - dx * SLANT_MM, at[1] - dz * SLANT_MM];
  return [{ kind: 'line', ink: 'near', layer: 'holes', weight: WEIGHT.far, points: [at, tip] }];
}
