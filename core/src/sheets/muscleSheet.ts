import type { ShapePlan } from '../mass/shapePlan.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from './drawing.ts';

const ROW_MM = 6.2;
const HEAD_MM = 9;
const GAP_MM = 8;
const BOX_MM = 3.2;
/** Columns from the left, mm: box, number, name, then the number at the right. */
const COLUMNS = { box: 0, number: 8, name: 16, value: 122, more: 128 } as const;
const WIDTH_MM = 176;

/** Muscles in the order of laying with their grams, and pegs with their heights, to tick off. */
export function muscleSheet({ muscles, pegs }: ShapePlan): Drawing {
  const first = [
    title(0, 'Muscles in the order of laying'),
    ...muscles.flatMap((row, i) =>
      rowItems(-HEAD_MM - i * ROW_MM, {
        number: row.order,
        name: row.name,
        value: `${row.grams.value.toFixed(1)} g`,
        more: LAYERS[row.layer],
      }),
    ),
  ];
  const below = -HEAD_MM - muscles.length * ROW_MM - GAP_MM;
  const second =
    pegs.length === 0
      ? []
      : [
          title(below, 'Depth pegs'),
          ...pegs.flatMap((row, i) =>
            rowItems(below - HEAD_MM - i * ROW_MM, {
              number: row.number,
              name: row.peg.name,
              value: `${row.height.value.toFixed(1)} mm`,
              more: row.peg.over === 'bone' ? 'bone under the skin' : `onto the ${row.peg.onto}`,
            }),
          ),
        ];
  const drawing = fittedDrawing('muscle-list', 'Muscles and pegs', [...first, ...second], 2);
  return { ...drawing, notToScale: true };
}

const LAYERS = { 1: 'deep', 2: 'over it', 3: 'flat, last' } as const;

const words = (
  x: number,
  y: number,
  text: string,
  more: Partial<Extract<DrawingItem, { kind: 'text' }>> = {},
): DrawingItem => ({
  kind: 'text',
  ink: 'ink',
  layer: 'list',
  at: [x, y],
  text,
  sizeMm: 3.6,
  anchor: 'start',
  face: 'label',
  ...more,
});

const title = (y: number, text: string): DrawingItem =>
  words(0, y, text, { sizeMm: 4.6, face: 'title' });

function rowItems(
  y: number,
  row: {
    readonly number: number;
    readonly name: string;
    readonly value: string;
    readonly more: string;
  },
): readonly DrawingItem[] {
  const line = (points: readonly PagePoint[], closed: boolean): DrawingItem => ({
    kind: 'line',
    ink: 'soft',
    layer: 'list',
    weight: WEIGHT.hair,
    closed,
    points,
  });
  return [
    line(
      [
        [COLUMNS.box, y],
        [COLUMNS.box + BOX_MM, y],
        [COLUMNS.box + BOX_MM, y + BOX_MM],
        [COLUMNS.box, y + BOX_MM],
      ],
      true,
    ),
    words(COLUMNS.number, y, String(row.number), { face: 'number' }),
    words(COLUMNS.name, y, row.name),
    words(COLUMNS.value, y, row.value, { face: 'number', anchor: 'end' }),
    words(COLUMNS.more, y, row.more, { ink: 'soft' }),
    line(
      [
        [0, y - 1.6],
        [WIDTH_MM, y - 1.6],
      ],
      false,
    ),
  ];
}
