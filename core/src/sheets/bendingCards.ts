import * as say from './words.ts';
import type { SheetTarget } from '../piece/target.ts';
import { greatest, least } from '../geometry/extremes.ts';
import { bendingView } from '../wire/bendingView.ts';
import {
  featureText,
  isStraight,
  type PlannedBend,
  type PlannedWire,
} from '../wire/plannedWire.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from './drawing.ts';

/** A card, and how many fill a page: both A4 and Letter hold them with their foot, mm. */
const CARD = { width: 93, height: 78, columns: 2, rows: 3 } as const;
const DIAL_MM = 13;
const PICTURE = { width: 38, height: 46 } as const;

/**
 * The bends of a wire as cards to follow at the bench, six to a page: mark, which way, how far, and
 * the wire as it lies after the bend, seen from above. Sizes on a card are not to scale; numbers are.
 */
export function bendingCards(wire: PlannedWire): readonly Drawing[] {
  const each = CARD.columns * CARD.rows;
  const pages = Math.ceil(wire.bends.length / each);
  return Array.from({ length: pages }, (_, page) => {
    const bends = wire.bends.slice(page * each, (page + 1) * each);
    const items = bends.flatMap((bend, i) =>
      cardItems(wire, bend, [
        (i % CARD.columns) * CARD.width,
        -Math.floor(i / CARD.columns) * CARD.height,
      ]),
    );
    const title = say.bendsFrom(wire.id, wire.name, wire.namedEnd);
    return { ...fittedDrawing(`cards-${wire.id}-${page + 1}`, title, items, 0), notToScale: true };
  });
}

/** Writes on a card whose upper left corner is at a point: so far to the right and down of it. */
const cardText =
  ([x, y]: PagePoint, layer: string, target: SheetTarget) =>
  (
    dx: number,
    dy: number,
    words: string,
    sizeMm: number,
    face: 'label' | 'number' | 'title' = 'label',
    ink: 'ink' | 'soft' | 'near' = 'ink',
  ): DrawingItem => ({
    kind: 'text',
    ink,
    layer,
    at: [x + dx, y - dy],
    text: words,
    sizeMm,
    anchor: 'start',
    face,
    target,
  });

/** One card with its upper left corner at a point. */
function cardItems(
  wire: PlannedWire,
  bend: PlannedBend,
  [x, y]: PagePoint,
): readonly DrawingItem[] {
  const layer = say.wire(wire.id);
  const target = { kind: 'bend', wireId: wire.id, bend: bend.number } as const;
  const text = cardText([x, y], layer, target);
  const before = wire.features.filter(({ afterBend }) => afterBend === bend.number - 1);
  return [
    {
      kind: 'line',
      ink: 'soft',
      layer,
      weight: WEIGHT.hair,
      closed: true,
      points: [
        [x, y],
        [x + CARD.width, y],
        [x + CARD.width, y - CARD.height],
        [x, y - CARD.height],
      ],
    },
    text(3, 6.5, say.bendOf(wire.id, bend.number, wire.bends.length), 4.2, 'title'),
    text(3, 11.5, bend.place, 3, 'label', 'soft'),
    ...(before.length === 0
      ? []
      : [text(3, 15.5, say.first(before.map(featureText).join(', ')), 2.4, 'label', 'near')]),
    text(3, 24, `${bend.mark.value.toFixed(1)} mm`, 6, 'number'),
    text(3, 28.5, say.pliersAtThisMark(bend.middle.value.toFixed(1)), 2.5, 'label', 'soft'),
    text(3, 40, bendToText(bend), 8, 'number', 'near'),
    text(
      3,
      44.5,
      isStraight(bend)
        ? say.onlyLeaveIt(bend.angle.value.toFixed(1))
        : say.relaxesTo(bend.angle.value.toFixed(1)),
      2.8,
      'label',
      'soft',
    ),
    ...dialItems(bend, [x + 20, y - 60], layer),
    text(37, 74, turnText(bend), 3, 'label'),
    ...pictureItems(wire, bend, [x + CARD.width - PICTURE.width - 3, y - 22], layer),
    text(CARD.width - PICTURE.width - 3, 19, say.afterThisBend, 2.6, 'label', 'soft'),
  ];
}

/** How far to bend it, large on the card. */
function bendToText(bend: PlannedBend): string {
  if (isStraight(bend)) return 'straight';
  return bend.bendTo === undefined ? say.springsBack : `${bend.bendTo.value.toFixed(1)}°`;
}

/** Which way, in words, as the bench says it. */
function turnText({ number, turn }: PlannedBend): string {
  const deg = Math.round(Math.abs(turn.value));
  if (number === 1) return say.anyWayRound;
  if (deg === 0) return say.asBend(number - 1);
  if (deg === 180) return say.oppositeToBend(number - 1);
  return say.ofBend(deg, turn.value > 0 ? 'clockwise' : 'anticlockwise', number - 1);
}

/** The dial seen from the named end: dashed where the bend before went, bold where this one goes. */
function dialItems(
  { number, turn }: PlannedBend,
  [x, y]: PagePoint,
  layer: string,
): readonly DrawingItem[] {
  const toward = (deg: number, r: number): PagePoint => [
    x + r * Math.sin((deg * Math.PI) / 180),
    y + r * Math.cos((deg * Math.PI) / 180),
  ];
  const ring = Array.from({ length: 48 }, (_, i) => toward((360 * i) / 48, DIAL_MM));
  const line = (
    points: readonly PagePoint[],
    ink: 'ink' | 'mid' | 'near' | 'soft',
    weight: number,
    rest: { dashed?: boolean; closed?: boolean } = {},
  ): DrawingItem => ({ kind: 'line', ink, layer, weight, points, ...rest });
  const ticks = Array.from({ length: 24 }, (_, i) =>
    line(
      [toward(i * 15, DIAL_MM - (i % 6 === 0 ? 2 : 1)), toward(i * 15, DIAL_MM)],
      'soft',
      WEIGHT.hair,
    ),
  );
  const sweep = Array.from({ length: 25 }, (_, i) => toward((turn.value * i) / 24, DIAL_MM * 0.62));
  return [
    line(ring, 'ink', WEIGHT.thin, { closed: true }),
    ...ticks,
    ...(number === 1
      ? []
      : [
          line([[x, y], toward(0, DIAL_MM * 0.75)], 'mid', WEIGHT.thin, { dashed: true }),
          line(sweep, 'near', WEIGHT.far),
        ]),
    line([[x, y], toward(turn.value, DIAL_MM * 0.9)], 'near', WEIGHT.mid),
  ];
}

/** The wire after this bend, fitted into its frame: done in green, the straight rest dashed. */
function pictureItems(
  wire: PlannedWire,
  { number }: PlannedBend,
  [x, y]: PagePoint,
  layer: string,
): readonly DrawingItem[] {
  const { done, rest } = bendingView(wire, number);
  const xs = done.map((p) => p[0]);
  const ys = done.map((p) => p[1]);
  const span = Math.max(greatest(xs) - least(xs), greatest(ys) - least(ys), 1);
  // The straight rest is cut short, so that what is bent fills the picture.
  const [from, to] = [rest[0]!, rest[1]!];
  const long = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
  const k = Math.min(1, (0.45 * span) / long);
  const cut: PagePoint = [from[0] + (to[0] - from[0]) * k, from[1] + (to[1] - from[1]) * k];
  const all = [...done, cut];
  const [lowX, lowY] = [least(all.map((p) => p[0])), least(all.map((p) => p[1]))];
  const [wide, high] = [
    greatest(all.map((p) => p[0])) - lowX,
    greatest(all.map((p) => p[1])) - lowY,
  ];
  const scale = Math.min(PICTURE.width / Math.max(wide, 1), PICTURE.height / Math.max(high, 1));
  const [padX, padY] = [(PICTURE.width - wide * scale) / 2, (PICTURE.height - high * scale) / 2];
  const at = ([u, v]: PagePoint): PagePoint => [
    x + padX + (u - lowX) * scale,
    y - PICTURE.height + padY + (v - lowY) * scale,
  ];
  const corner = at(from);
  return [
    { kind: 'line', ink: 'mid', layer, weight: WEIGHT.mid, points: done.map(at) },
    {
      kind: 'line',
      ink: 'near',
      layer,
      weight: WEIGHT.near,
      dashed: true,
      points: [corner, at(cut)],
    },
    { kind: 'circle', ink: 'near', layer, weight: WEIGHT.far, at: corner, radius: 1.2 },
  ];
}
