import type { Drawing, DrawingItem, TextBlock } from './drawing.ts';
import { wrapped } from './stepsSheet.ts';
import { listDrawing } from './textPages.ts';

/** A part of a sheet of words: a heading, and lines under it, each with what stands at its right. */
export interface WordPart {
  readonly heading: string;
  readonly lines: readonly { readonly text: string; readonly right?: string }[];
}

const WIDTH_MM = 174;
const LETTERS = 104;
/** With something at the right, a line is shorter. */
const SHORT_LETTERS = 84;
const LINE_MM = 4.4;
const HEAD_MM = 8;
const INDENT_MM = 4;

/** Words in parts as a sheet that flows in pages: a heading is repeated where its part goes on. */
export function wordSheet(id: string, title: string, parts: readonly WordPart[]): Drawing {
  const blocks = parts.flatMap(({ heading, lines }): readonly TextBlock[] => [
    { repeat: true, heightMm: HEAD_MM, items: [item(id, [0, -5.6], heading, 'title')] },
    ...lines.map(({ text, right }): TextBlock => {
      const all = wrapped(text, right === undefined ? LETTERS : SHORT_LETTERS);
      return {
        heightMm: all.length * LINE_MM + 0.6,
        items: [
          ...all.map((line, i) =>
            item(id, [i === 0 ? 0 : INDENT_MM, -(i + 0.75) * LINE_MM], line, 'label'),
          ),
          ...(right === undefined ? [] : [item(id, [WIDTH_MM, -0.75 * LINE_MM], right, 'number')]),
        ],
      };
    }),
  ]);
  return listDrawing(id, title, WIDTH_MM, blocks);
}

const item = (
  layer: string,
  at: readonly [number, number],
  text: string,
  face: 'label' | 'title' | 'number',
): DrawingItem => ({
  ...{ kind: 'text', ink: 'ink', layer, at, text, face },
  sizeMm: face === 'title' ? 4.2 : 3,
  anchor: face === 'number' ? 'end' : 'start',
});
