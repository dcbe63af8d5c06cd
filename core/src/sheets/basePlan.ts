import * as say from './words.ts';
import type { BasePlan } from '../wire/baseHoles.ts';
import type { SheetTarget } from '../piece/target.ts';
import { dimension } from './dimension.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from './drawing.ts';
import { CROSS_MM, holeItems, holeText } from './holeItems.ts';
import { project } from './views.ts';

const MARGIN_MM = 6;
/** A label's line and letter, mm, with what a small screen makes of them. */
const LINE_MM = 7;
const LETTER_MM = 3.4;
/** How high a label may stand over its hole or under it, mm, the usual first. */
const LABEL_RISES = [1.4, -9, 8, -16, -3.5] as const;

/** What the board is seen from. */
const TITLES = {
  ground: say.baseFromAboveHoles,
  wall: say.plateFromFront,
  none: say.baseFromAboveHoles,
} as const;

/** Something drilled, as it is seen from above. */
interface Drilled {
  readonly x: readonly [back: number, front: number];
  readonly z: readonly [left: number, right: number];
  readonly target: SheetTarget;
  readonly frontWord: string;
  readonly holes: BasePlan['holes'];
  /** What else is on it. */
  readonly more: readonly DrawingItem[];
}

const onPage = (x: number, z: number): PagePoint => project('top', [x, 0, z]);

/** The drilled base seen from above at 1:1: numbered holes, and an arrow to the front. */
export function basePlanDrawing(base: BasePlan): Drawing {
  return drilledDrawing('base', TITLES[base.on], {
    x: [base.frontX - base.length.value, base.frontX],
    z: [base.leftZ, base.leftZ + base.width.value],
    target: { kind: 'piece', id: 'base' },
    frontWord: base.on === 'wall' ? say.top : say.front,
    holes: base.holes.filter(({ into }) => into === 'board'),
    more: base.perch === null ? [] : perchOnIt(base.perch),
  });
}

/** The log, branch, post or rock on a base seen from above at 1:1, with the holes for its pegs; nothing where there is none. */
export function perchPlanDrawings({ perch: on, holes }: BasePlan): readonly Drawing[] {
  if (on === null) return [];
  const { perch } = on;
  return [
    drilledDrawing('perch', say.perchFromAbove(perch.name), {
      x: perch.x,
      z: perch.z,
      target: { kind: 'piece', id: 'ground' },
      frontWord: say.front,
      holes: holes.filter(({ into }) => into === 'perch'),
      more: [],
    }),
  ];
}

/** The outline of a perch on its board, and where it is held. */
function perchOnIt({ perch, seats }: NonNullable<BasePlan['perch']>): readonly DrawingItem[] {
  const target = { kind: 'piece', id: 'ground' } as const;
  const common = { layer: 'perch', target } as const;
  const [[x0, x1], [z0, z1]] = [perch.x, perch.z];
  const outline: readonly PagePoint[] = [
    onPage(x1, z0),
    onPage(x0, z0),
    onPage(x0, z1),
    onPage(x1, z1),
  ];
  return [
    {
      ...common,
      kind: 'line',
      ink: 'soft',
      weight: WEIGHT.thin,
      dashed: true,
      closed: true,
      points: outline,
    },
    ...seats.flatMap(({ name, x, z, drill }): DrawingItem[] => {
      const at = onPage(x, z);
      return [
        {
          ...common,
          kind: 'circle',
          ink: 'mid',
          weight: WEIGHT.far,
          at,
          radius: drill.value / 2,
        },
        {
          ...common,
          kind: 'text',
          ink: 'mid',
          at: [at[0] + drill.value / 2 + 2, at[1] - 1.4],
          text: `${name}: ${drill.value.toFixed(1)}`,
          sizeMm: 3.6,
          anchor: 'start',
          face: 'number',
        },
      ];
    }),
  ];
}

function drilledDrawing(id: string, title: string, drilled: Drilled): Drawing {
  const corner = onPage;
  const { target, holes } = drilled;
  const [back, front] = drilled.x;
  const [left, right] = drilled.z;
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
      text: drilled.frontWord,
      sizeMm: 4,
      anchor: 'start',
      face: 'label',
    },
    ...drilled.more,
    ...holesAndLabels(holes, front - back, front, [
      [arrow[0], arrow[1] - LINE_MM / 2, arrow[0] + 10 + 5 * LETTER_MM, arrow[1] + LINE_MM / 2],
    ]),
    ...dimension(
      'horizontal',
      corner(front, right),
      corner(back, right),
      right + 9,
      (front - back).toFixed(0),
      target,
    ),
    ...dimension(
      'upright',
      corner(back, left),
      corner(back, right),
      -back + 9,
      (right - left).toFixed(0),
      target,
    ),
  ];
  return fittedDrawing(id, title, items, MARGIN_MM);
}

/** The holes, each label where it keeps clear of the other holes, labels and marks. */
function holesAndLabels(
  holes: BasePlan['holes'],
  lengthMm: number,
  front: number,
  marks: readonly Rect[],
): readonly DrawingItem[] {
  const at = holes.map((hole) => onPage(hole.x, hole.z));
  const crosses = at.map(([x, y]): Rect => [
    x - CROSS_MM,
    y - CROSS_MM,
    x + CROSS_MM,
    y + CROSS_MM,
  ]);
  const taken: Rect[] = [...marks];
  return holes.flatMap((hole, i) => {
    const width = holeText(hole).length * LETTER_MM;
    const isRear = front - hole.x > lengthMm / 2;
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
