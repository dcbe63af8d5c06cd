import * as say from './words.ts';
import type { SheetTarget } from '../piece/target.ts';
import { greatest, least } from '../geometry/extremes.ts';
import type { SectionCard } from '../mass/shapePlan.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from './drawing.ts';
import { cutItems, middleOfCut } from './sectionItems.ts';

/** What A4 and Letter both hold beside their margins, mm. */
const PAGE = { width: 180, height: 235 } as const;
/** Card left round the profile, so that it can be held and does not tear. */
const RIM_MM = 9;
/** Room for the words over and under a card. */
const HEAD_MM = 7;
const FOOT_MM = 10;
const GAP_MM = 5;

/** A card with its size and where it stands on its page: upper left corner. */
interface Placed {
  readonly card: SectionCard;
  readonly at: PagePoint;
}

interface CardBox {
  readonly width: number;
  readonly height: number;
  /** From the card's upper left corner to the bone. */
  readonly bone: PagePoint;
}

function boxOf({ cut }: SectionCard): CardBox {
  const [xs, ys] = [cut.skin.map(([x]) => x), cut.skin.map(([, y]) => y)];
  const width = Math.max(greatest(xs) - least(xs) + 2 * RIM_MM, LEAST_WIDTH);
  const height = greatest(ys) - least(ys) + 2 * RIM_MM + HEAD_MM + FOOT_MM;
  const middle = (greatest(xs) + least(xs)) / 2;
  return { width, height, bone: [width / 2 - middle, -(HEAD_MM + RIM_MM + greatest(ys))] };
}

/** The words under a card need this much, mm. */
const LEAST_WIDTH = 40;

/**
 * Section cards at 1:1, as many to a page as fit: the profile of the clay to cut out and hold against
 * the work, the coat's and the core's within, a slot where a wire goes through, a line to cut the card
 * into a left and a right half, and what tape and caliper must read.
 */
export function sectionCardSheets(cards: readonly SectionCard[]): readonly Drawing[] {
  return pagesOf(cards).map((page, i, all) => {
    const items = page.flatMap(({ card, at }) => cardItems(card, at));
    const title = all.length > 1 ? say.sectionCardsOf(i + 1, all.length) : say.sectionCards;
    return fittedDrawing(`section-cards-${i + 1}`, title, items, 0);
  });
}

/** Rows from the top of each page; a card too large for a page has one to itself and is tiled. */
function pagesOf(cards: readonly SectionCard[]): readonly (readonly Placed[])[] {
  const pages: Placed[][] = [];
  let page: Placed[] = [];
  let [x, y, row] = [0, 0, 0];
  for (const card of cards) {
    const { width, height } = boxOf(card);
    if (x > 0 && x + width > PAGE.width) [x, y, row] = [0, y - row - GAP_MM, 0];
    if (page.length > 0 && height - y > PAGE.height) {
      pages.push(page);
      page = [];
      [x, y, row] = [0, 0, 0];
    }
    page.push({ card, at: [x, y] });
    x += width + GAP_MM;
    row = Math.max(row, height);
  }
  return page.length > 0 ? [...pages, page] : pages;
}

interface LineLook {
  readonly closed?: boolean;
  readonly dashed?: boolean;
}

const hairline = (
  points: readonly PagePoint[],
  layer: string,
  target: SheetTarget | undefined,
  look: LineLook,
): DrawingItem => ({
  kind: 'line',
  ink: 'soft',
  layer,
  ...(target === undefined ? {} : { target }),
  weight: WEIGHT.hair,
  points,
  ...look,
});

/** A slot from the rim down to each wire, as wide as the wire, so that the card goes over it. */
const slots = (
  { wires }: SectionCard['cut'],
  bone: PagePoint,
  top: number,
): readonly (readonly PagePoint[])[] =>
  wires.flatMap(({ at, diameterMm }) =>
    [-1, 1].map((side): readonly PagePoint[] => {
      const across = bone[0] + at[0] + (side * diameterMm) / 2;
      return [
        [across, top],
        [across, bone[1] + at[1]],
      ];
    }),
  );

function cardItems(card: SectionCard, [x, y]: PagePoint): readonly DrawingItem[] {
  const box = boxOf(card);
  const layer = say.section(card.number);
  const { target } = card.girth;
  const bone: PagePoint = [x + box.bone[0], y + box.bone[1]];
  const [top, bottom] = [y - HEAD_MM, y - box.height + FOOT_MM];
  const line = (points: readonly PagePoint[], more: LineLook = {}): DrawingItem =>
    hairline(points, layer, target, more);
  const text = (
    dx: number,
    dy: number,
    words: string,
    sizeMm: number,
    face: 'label' | 'title',
  ): DrawingItem => ({
    ...{ kind: 'text', ink: 'ink', layer, target, text: words, sizeMm, anchor: 'start', face },
    at: [x + dx, y - dy],
  });
  const middle = bone[0] + middleOfCut(card);
  const mm = (value: number): string => value.toFixed(1);
  const read = [
    say.girth(mm(card.girth.value)),
    ...(card.clayGirth === card.girth ? [] : [say.clay(mm(card.clayGirth.value))]),
  ].join(', ');
  return [
    text(1, 4.6, `${card.number}  ${card.name}`, 3.4, 'title'),
    line(
      [
        [x, top],
        [x + box.width, top],
        [x + box.width, bottom],
        [x, bottom],
      ],
      { closed: true },
    ),
    ...cutItems(card, bone),
    line(
      [
        [middle, top],
        [middle, bottom],
      ],
      { dashed: true },
    ),
    ...slots(card.cut, bone, top).map((slot) => line(slot)),
    text(1, box.height - 5.4, read, 3, 'label'),
    text(1, box.height - 1.2, say.wideDeep(mm(card.width.value), mm(card.depth.value)), 3, 'label'),
  ];
}
