import { sentenceText } from '../bench/step.ts';
import type { BenchPlan, StepPlan } from '../bench/planBench.ts';
import { CAUTIONS } from '../piece/cautions.ts';
import { fittedDrawing, WEIGHT, type Drawing, type DrawingItem } from './drawing.ts';

/** Letters in a line of the list, so that at 3 mm it fits the width of an A4 page. */
const LINE_LETTERS = 110;
const LINE_MM = 4.4;

/** The whole work as a list to tick off with a pencil, cautions beside their steps. */
export function stepsSheet(bench: BenchPlan): Drawing {
  let y = 0;
  const items = bench.steps.flatMap((step) => {
    const lines = stepLines(step);
    const drawn = stepItems(step, lines, y);
    y -= (lines.length + 1) * LINE_MM + 3;
    return drawn;
  });
  return { ...fittedDrawing('steps', 'The work in order', items, 4), notToScale: true };
}

interface Line {
  readonly text: string;
  readonly ink: 'ink' | 'near';
}

const stepLines = (step: StepPlan): readonly Line[] => [
  ...wrapped(sentenceText(step.sentence), LINE_LETTERS).map((text): Line => ({ text, ink: 'ink' })),
  ...step.cautions.flatMap((id) =>
    wrapped(CAUTIONS[id], LINE_LETTERS).map((text): Line => ({ text, ink: 'near' })),
  ),
];

function stepItems(step: StepPlan, lines: readonly Line[], y: number): readonly DrawingItem[] {
  const layer = `step ${step.number}`;
  const box = (x: number, low: number, size: number): DrawingItem => ({
    kind: 'line',
    ink: 'ink',
    layer,
    weight: WEIGHT.thin,
    closed: true,
    filled: step.done !== null,
    points: [
      [x, low],
      [x + size, low],
      [x + size, low + size],
      [x, low + size],
    ],
  });
  return [
    box(0, y - 0.4, 3.4),
    {
      kind: 'text',
      ink: 'ink',
      layer,
      at: [6, y],
      text: `${step.number}. ${step.title}`,
      sizeMm: 3.8,
      anchor: 'start',
      face: 'title',
    },
    ...lines.map(({ text, ink }, i): DrawingItem => ({
      kind: 'text',
      ink,
      layer,
      at: [6, y - (i + 1) * LINE_MM],
      text,
      sizeMm: 3,
      anchor: 'start',
      face: 'label',
    })),
  ];
}

/** Words set in lines of at most so many letters; a longer word stands alone. */
export function wrapped(text: string, letters: number): readonly string[] {
  const lines: string[] = [];
  for (const word of text.split(' ')) {
    const last = lines.at(-1);
    if (last !== undefined && last.length + 1 + word.length <= letters)
      lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}
