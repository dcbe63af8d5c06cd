import * as say from './words.ts';
import type { Plan } from '../planTypes.ts';
import type { StepPlan } from '../bench/planBench.ts';
import { CAUTIONS } from '../piece/cautions.ts';
import { durationSentence, sentenceText } from '../piece/step.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from './drawing.ts';
import { framedItems } from './framed.ts';
import { stepDrawings } from './stepDrawing.ts';
import { wrapped } from './stepsSheet.ts';

/** A card, how many lie beside and under each other, and the height of its picture, mm. */
interface CardSize {
  readonly wide: number;
  readonly high: number;
  readonly columns: number;
  readonly rows: number;
  readonly picture: number;
  readonly letters: number;
  readonly sizeMm: number;
}

/** Both A4 and Letter hold them with their foot. */
const SIZES: Readonly<Record<1 | 4, CardSize>> = {
  1: { wide: 176, high: 232, columns: 1, rows: 1, picture: 104, letters: 66, sizeMm: 4.4 },
  4: { wide: 90, high: 116, columns: 2, rows: 2, picture: 44, letters: 52, sizeMm: 2.9 },
};
const PAD_MM = 4;
const LINE = 1.42;

/** A line of a card. */
interface CardLine {
  readonly text: string;
  readonly ink: 'ink' | 'near' | 'soft';
  /** Squares to be ticked with a pencil, each with its name; in the place of the text. */
  readonly boxes?: readonly string[];
}

/**
 * Every step on a card with its picture, one or four to a page; what does not fit goes on on the next card. Pictures are
 * no measure: their numbers hold.
 */
export function stepCards(plan: Plan, aPage: 1 | 4): readonly Drawing[] {
  const size = SIZES[aPage];
  const cards = (plan.bench?.steps ?? []).flatMap((step) => cardsOf(plan, step, size));
  const each = size.columns * size.rows;
  return Array.from({ length: Math.ceil(cards.length / each) }, (_, page) => {
    const items = cards
      .slice(page * each, (page + 1) * each)
      .flatMap((card, i) =>
        card([(i % size.columns) * size.wide, -Math.floor(i / size.columns) * size.high]),
      );
    const id = `step-cards-${aPage}-${page + 1}`;
    return { ...fittedDrawing(id, say.stepCardsPage(page + 1), items, 0), notToScale: true };
  });
}

type Card = (corner: PagePoint) => readonly DrawingItem[];

function cardsOf(plan: Plan, step: StepPlan, size: CardSize): readonly Card[] {
  const layer = say.step(step.number);
  const lineMm = size.sizeMm * LINE;
  const drawings = stepDrawings(plan, step);
  const titleMm = size.sizeMm * 1.3;
  const titles = wrapped(`${step.number}. ${step.title}`, Math.floor(size.letters / 1.25));
  const headMm = PAD_MM + titles.length * titleMm * LINE;
  const each = (size.wide - 2 * PAD_MM) / Math.max(1, drawings.length);
  const pictureMm = Math.max(
    0,
    ...drawings.map((of) => framedItems(of, [0, 0], [each - 2, size.picture]).heightMm),
  );
  const lines = linesOf(step, size);
  const roomFor = (usedMm: number): number => Math.floor((size.high - usedMm - PAD_MM) / lineMm);
  const firstRoom = roomFor(headMm + pictureMm + lineMm);
  const restRoom = roomFor(headMm + lineMm);
  const rest = lines.slice(firstRoom);
  const more = Math.ceil(rest.length / restRoom);
  const card =
    (own: readonly CardLine[], isFirst: boolean): Card =>
    ([x, y]) => [
      frame([x, y], size, layer),
      ...titles.map((text, i) =>
        words(layer, [x + PAD_MM, y - PAD_MM - (i + 0.8) * titleMm * LINE], text, titleMm, 'title'),
      ),
      ...(isFirst
        ? drawings.flatMap(
            (of, i) =>
              framedItems(of, [x + PAD_MM + i * each, y - headMm], [each - 2, size.picture]).items,
          )
        : []),
      ...own.flatMap((line, i) =>
        lineItems(
          line,
          [x + PAD_MM, y - headMm - (isFirst ? pictureMm : 0) - (i + 1.4) * lineMm],
          size.sizeMm,
          layer,
        ),
      ),
    ];
  return [
    card(lines.slice(0, firstRoom), true),
    ...Array.from({ length: more }, (_, i) =>
      card(rest.slice(i * restRoom, (i + 1) * restRoom), false),
    ),
  ];
}

function linesOf(step: StepPlan, size: CardSize): readonly CardLine[] {
  const { letters } = size;
  const of = (text: string, ink: CardLine['ink']): readonly CardLine[] =>
    wrapped(text, letters).map((line) => ({ text: line, ink }));
  const lasts = sentenceText(durationSentence(step));
  return [
    ...of(sentenceText(step.sentence), 'ink'),
    ...(lasts === '' ? [] : of(lasts, 'soft')),
    ...boxesOf(step, size),
    ...of(say.haveReady(step.guide.table.join(', ')), 'soft'),
    ...of(say.rightWhen(step.guide.right), 'ink'),
    ...of(say.watchFor(step.guide.wrong), 'ink'),
    ...step.lessons.flatMap(({ words: lesson, piece }) => of(say.learntAt(piece, lesson), 'ink')),
    ...step.cautions.flatMap((id) => of(CAUTIONS[id], 'near')),
  ];
}

/** Parts to tick, as many in a line as fit; a step of one thing is ticked as a whole. */
function boxesOf({ parts }: StepPlan, { wide, sizeMm }: CardSize): readonly CardLine[] {
  const names = parts.length === 0 ? [say.doneBox] : parts.map(({ name }) => name);
  const lines: string[][] = [];
  let usedMm = Number.POSITIVE_INFINITY;
  for (const name of names) {
    const mm = boxMm(name, sizeMm);
    if (usedMm + mm > wide - 2 * PAD_MM) [lines[lines.length], usedMm] = [[], 0];
    lines.at(-1)!.push(name);
    usedMm += mm;
  }
  return lines.map((boxes) => ({ text: '', ink: 'ink', boxes }));
}

const frame = ([x, y]: PagePoint, { wide, high }: CardSize, layer: string): DrawingItem => ({
  kind: 'line',
  ink: 'soft',
  layer,
  weight: WEIGHT.hair,
  closed: true,
  points: [
    [x, y],
    [x + wide, y],
    [x + wide, y - high],
    [x, y - high],
  ],
});

const words = (
  layer: string,
  at: PagePoint,
  text: string,
  sizeMm: number,
  face: 'label' | 'title' = 'label',
  ink: CardLine['ink'] = 'ink',
): DrawingItem => ({ kind: 'text', ink, layer, at, text, sizeMm, anchor: 'start', face });

function lineItems(
  { text, ink, boxes }: CardLine,
  [x, y]: PagePoint,
  sizeMm: number,
  layer: string,
): readonly DrawingItem[] {
  if (boxes === undefined) return [words(layer, [x, y], text, sizeMm, 'label', ink)];
  let at = x;
  return boxes.flatMap((name): readonly DrawingItem[] => {
    const left = at;
    at += boxMm(name, sizeMm);
    return boxItems(name, [left, y], sizeMm, layer);
  });
}

/** Width of a letter to its height, and of a box with the air behind its name. */
const LETTER = 0.6;
const BOX = 2.1;
const boxMm = (name: string, sizeMm: number): number => sizeMm * (BOX + LETTER * name.length);

function boxItems(
  name: string,
  [x, y]: PagePoint,
  sizeMm: number,
  layer: string,
): readonly DrawingItem[] {
  const side = sizeMm * 0.8;
  return [
    {
      ...{ kind: 'line', ink: 'ink', layer, weight: WEIGHT.thin, closed: true },
      points: [
        [x, y],
        [x + side, y],
        [x + side, y + side],
        [x, y + side],
      ],
    },
    words(layer, [x + side * 1.4, y], name, sizeMm, 'label'),
  ];
}
