import * as say from './words.ts';
import { durationSentence, listText, sentenceText, type Sentence } from '../piece/step.ts';
import type { BenchPlan, StepPlan } from '../bench/planBench.ts';
import { CAUTIONS, type CautionId } from '../piece/cautions.ts';
import { WEIGHT, type Drawing, type DrawingItem, type TextBlock } from './drawing.ts';
import { listDrawing } from './textPages.ts';

/** Letters in a line of the list, so that at 3 mm it fits the width of an A4 page. */
const LINE_LETTERS = 110;
const LINE_MM = 4.4;

/** Width of the list, mm. */
const WIDTH_MM = 174;
/** Room under a step, mm. */
const UNDER_MM = 3;
/** A title is kept with so many lines of its step. */
const KEPT_LINES = 2;

/**
 * The whole work as a list to tick off with a pencil. A caution stands in full at the first step of its
 * kind, and is named by that step afterwards.
 */
export function stepsSheet(bench: BenchPlan): Drawing {
  const toldAt = new Map<CautionId, number>();
  const blocks = bench.steps.flatMap((step): TextBlock[] => {
    for (const id of step.firstCautions) toldAt.set(id, step.number);
    const lines = stepLines(step, toldAt);
    const rest = lines.slice(KEPT_LINES);
    return [
      {
        items: [...headItems(step), ...lineItems(step, lines.slice(0, KEPT_LINES), -HEAD_MM)],
        heightMm:
          HEAD_MM +
          Math.min(lines.length, KEPT_LINES) * LINE_MM +
          (rest.length === 0 ? UNDER_MM : 0),
      },
      ...rest.map((line, i): TextBlock => ({
        items: lineItems(step, [line], 0),
        heightMm: LINE_MM + (i === rest.length - 1 ? UNDER_MM : 0),
      })),
    ];
  });
  return listDrawing('steps', say.workInOrder, WIDTH_MM, blocks);
}

interface Line {
  readonly text: string;
  readonly ink: 'ink' | 'near';
}

function stepLines(step: StepPlan, toldAt: ReadonlyMap<CautionId, number>): readonly Line[] {
  const again = step.cautions.filter((id) => !step.firstCautions.includes(id));
  const at = [...new Set(again.map((id) => toldAt.get(id)))].filter((n) => n !== undefined);
  return [
    ...wrapped(sentenceText([...step.sentence, ...lasting(step)]), LINE_LETTERS).map(
      (text): Line => ({
        text,
        ink: 'ink',
      }),
    ),
    ...step.firstCautions.flatMap((id) =>
      wrapped(CAUTIONS[id], LINE_LETTERS).map((text): Line => ({ text, ink: 'near' })),
    ),
    ...(at.length === 0
      ? []
      : [{ text: say.cautionsAsAtStep(listText(at.map(String))), ink: 'near' } as const]),
  ];
}

/** From the top of a step to under its title, mm. */
const HEAD_MM = 4.4;

function headItems(step: StepPlan): readonly DrawingItem[] {
  const layer = say.step(step.number);
  const [low, high] = [-3.8, -0.4];
  return [
    {
      kind: 'line',
      ink: 'ink',
      layer,
      weight: WEIGHT.thin,
      closed: true,
      filled: step.done !== null,
      points: [
        [0, low],
        [3.4, low],
        [3.4, high],
        [0, high],
      ],
    },
    {
      kind: 'text',
      ink: 'ink',
      layer,
      at: [6, -3.4],
      text: `${step.number}. ${step.title}`,
      sizeMm: 3.8,
      anchor: 'start',
      face: 'title',
    },
  ];
}

const lineItems = (step: StepPlan, lines: readonly Line[], top: number): readonly DrawingItem[] =>
  lines.map(({ text, ink }, i): DrawingItem => ({
    kind: 'text',
    ink,
    layer: `step ${step.number}`,
    at: [6, top - i * LINE_MM - 3.4],
    text,
    sizeMm: 3,
    anchor: 'start',
    face: 'label',
  }));

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

/** How long a step lasts, as a sentence of its own behind the others. */
function lasting(step: StepPlan): Sentence {
  const lasts = durationSentence(step);
  return lasts.length === 0 ? [] : [say.takesBetween, ...lasts, '.'];
}
