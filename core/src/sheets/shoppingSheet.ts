import * as say from './words.ts';
import { sentenceText } from '../piece/step.ts';
import type { Working } from '../piece/working.ts';
import type { BenchPlan } from '../bench/planBench.ts';
import { quantityText } from '../units/quantity.ts';
import { WEIGHT, type Drawing, type DrawingItem } from './drawing.ts';
import { wrapped } from './stepsSheet.ts';
import { listDrawing } from './textPages.ts';
import { type TextBlock } from './drawing.ts';

const LINE_MM = 4.2;
const TEXT_MM = 4.4;
const BOX_MM = 3.4;
/** Where the columns begin or end, mm. */
const COLUMNS = { what: 7, quantity: 174 } as const;
/** Letters of a thing that fit before its quantity. */
const LETTERS = 88;

/** What is to be had for the piece, to tick off in the shop. */
export function shoppingSheet({ shopping }: BenchPlan): Drawing {
  const blocks = shopping.map(({ what, quantity, beside }): TextBlock => {
    const known = beside.map((working) => `${working.label} ${shown(working)}`);
    const lines = [sentenceText(what), ...known].flatMap((text) => wrapped(text, LETTERS));
    const heightMm = TEXT_MM + lines.length * LINE_MM - 1;
    return {
      heightMm,
      items: [
        box(-TEXT_MM - 0.4),
        ...lines.map((line, i) => words(COLUMNS.what, -TEXT_MM - i * LINE_MM, line, 'start')),
        words(COLUMNS.quantity, -TEXT_MM, shown(quantity), 'end'),
        {
          kind: 'line',
          ink: 'soft',
          layer: 'shopping',
          weight: WEIGHT.hair,
          points: [
            [0, -heightMm + 0.8],
            [COLUMNS.quantity, -heightMm + 0.8],
          ],
        },
      ],
    };
  });
  return listDrawing('shopping', say.toHaveAtHand, COLUMNS.quantity, blocks);
}

const shown = ({ value, unit, digits }: Working): string =>
  quantityText(value, unit, 'metric', digits);

const box = (low: number): DrawingItem => ({
  kind: 'line',
  ink: 'ink',
  layer: 'shopping',
  weight: WEIGHT.thin,
  closed: true,
  points: [
    [0, low],
    [BOX_MM, low],
    [BOX_MM, low + BOX_MM],
    [0, low + BOX_MM],
  ],
});

const words = (x: number, y: number, text: string, anchor: 'start' | 'end'): DrawingItem => ({
  kind: 'text',
  ink: 'ink',
  layer: 'shopping',
  at: [x, y],
  text,
  sizeMm: 3.2,
  anchor,
  face: anchor === 'end' ? 'number' : 'label',
});
