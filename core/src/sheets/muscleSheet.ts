import * as say from './words.ts';
import type { ShapePlan } from '../mass/shapePlan.ts';
import { WEIGHT, type Drawing, type DrawingItem, type PagePoint } from './drawing.ts';
import { quantityText } from '../units/quantity.ts';
import { listDrawing } from './textPages.ts';
import { type TextBlock } from './drawing.ts';

const ROW_MM = 6.2;
const HEAD_MM = 9;
const GAP_MM = 8;
const BOX_MM = 3.2;
/** Columns from the left, mm: box, number, name, then the number at the right. */
const COLUMNS = { box: 0, number: 8, name: 16, value: 122, more: 128 } as const;
const WIDTH_MM = 176;

/** Muscles in the order of laying with their grams, and pegs with their heights, to tick off. */
export function muscleSheet({ muscles, pegs }: ShapePlan): Drawing {
  const head = (text: string): TextBlock => ({
    items: [title(-TEXT_MM, text)],
    heightMm: HEAD_MM,
    repeat: true,
  });
  const row = (of: Parameters<typeof rowItems>[1]): TextBlock => ({
    items: rowItems(-TEXT_MM, of),
    heightMm: ROW_MM,
  });
  const blocks: readonly TextBlock[] = [
    head(say.musclesInOrderOf),
    ...muscles.map((muscle) =>
      row({
        number: muscle.order,
        name: muscle.name,
        value: quantityText(muscle.grams.value, 'g', 'metric', 1),
        more: LAYERS[muscle.layer],
      }),
    ),
    ...(pegs.length === 0
      ? []
      : [
          { items: [], heightMm: GAP_MM },
          head(say.depthPegs),
          ...pegs.map((entry) =>
            row({
              number: entry.number,
              name: entry.peg.name,
              value: `${entry.height.value.toFixed(1)} mm`,
              more: entry.peg.over === 'bone' ? say.boneUnderSkin : say.onto(entry.peg.onto),
            }),
          ),
        ]),
  ];
  return listDrawing('muscle-list', say.musclesAndPegs, WIDTH_MM, blocks);
}

/** From the top of a row to the line that its words stand on, mm. */
const TEXT_MM = 4.4;

const LAYERS = { 1: 'deep', 2: say.overIt, 3: say.flatLast } as const;

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
