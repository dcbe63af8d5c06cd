import * as say from './words.ts';
import type { Plan } from '../../planTypes.ts';
import { onSheet, slantOf, type FlatPiece } from '../../skin/flat/developed.ts';
import type { TubePlan } from '../../skin/tubePlan.ts';
import { BACK_SHARE, type TubeRows } from '../../skin/tubeRows.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from '../drawing.ts';

/** Between two pieces on the sheet, mm. */
const GAP_MM = 8;
const MARGIN_MM = 6;
/** Points of a curved edge. */
const STEPS = 24;
/** Rows are numbered so often: the first of these whose numbers stand so far apart, mm. */
const NUMBERED = [5, 10, 20, 50, 100] as const;
const NUMBER_MM = 14;

/** The skin of every tube that has rows of scales, laid flat at 1:1. */
export const flatSkins = (plan: Plan): readonly Drawing[] =>
  plan.skin.tubes.flatMap((tube) => (tube.rows === null ? [] : [flatSkin(tube)]));

/**
 * A tube's skin laid flat at 1:1, piece by piece from its front: cut open along the belly, the back on the middle
 * line, rows numbered from the snout on, belly plates at both edges.
 */
export function flatSkin(of: TubePlan): Drawing {
  const { tube, pieces, rows } = of;
  const layer = `skin ${tube.id}`;
  const items = piecePlaces(of).flatMap(({ piece: { flat }, place, n, fromMm }): DrawingItem[] => [
    ...flatOutline(place, layer),
    ...(rows === null ? [] : rowItems(place, rows, [fromMm, fromMm + slantOf(flat)], layer)),
    ...title(place, `${n}`, layer),
  ]);
  const heading = say.skinOfLaidFlat(tube.name, pieces.length);
  return fittedDrawing(`flat-${tube.id}`, heading, items, MARGIN_MM);
}

/** A piece of a tube where it lies on the sheet: its number, and how far along the skin it begins, mm. */
export interface PlacedPiece {
  readonly piece: TubePlan['pieces'][number];
  readonly place: Place;
  readonly n: number;
  readonly fromMm: number;
}

/** The pieces of a tube beside each other on a sheet, from its front. */
export function piecePlaces({ pieces }: TubePlan): readonly PlacedPiece[] {
  let [x0, fromMm] = [0, 0];
  return pieces.map((piece, i) => {
    const placedPiece = { piece, place: placed(piece.flat, x0), n: i + 1, fromMm };
    fromMm += slantOf(piece.flat);
    x0 += reach(piece.flat) + GAP_MM;
    return placedPiece;
  });
}

/** A place of a piece on the sheet, by its share along and round. */
export type Place = (along: number, round: number) => PagePoint;

const placed =
  (flat: FlatPiece, x0: number): Place =>
  (along, round) => {
    const [x, y] = onSheet(flat, along, round);
    return [x0 + x + dip(flat), y];
  };

/** How far a curved first edge reaches before the middle line, mm. */
const dip = (flat: FlatPiece): number => {
  const [edge] = onSheet(flat, 0, 0.5);
  return Math.max(0, -edge);
};
/** How long a piece is on the sheet with both curved edges, mm. */
const reach = (flat: FlatPiece): number =>
  dip(flat) + Math.max(slantOf(flat), onSheet(flat, 1, 0.5)[0]);

const line = (
  points: readonly PagePoint[],
  layer: string,
  weight: number,
  more: { readonly dashed?: boolean; readonly closed?: boolean; readonly ink?: 'soft' } = {},
): DrawingItem => ({ kind: 'line', ink: 'ink', layer, points, weight, ...more });

const shares = Array.from({ length: STEPS + 1 }, (_, i) => i / STEPS - 0.5);

/** The edge of a piece, and its middle line. */
export const flatOutline = (place: Place, layer: string): readonly DrawingItem[] => [
  line(
    [...shares.map((r) => place(0, r)), ...shares.toReversed().map((r) => place(1, r))],
    layer,
    WEIGHT.far,
    { closed: true },
  ),
  line([place(0, 0), place(1, 0)], layer, WEIGHT.hair, { dashed: true }),
];

const title = (place: Place, text: string, layer: string): readonly DrawingItem[] => [
  {
    ...{ kind: 'text', ink: 'ink', layer, text, sizeMm: 4, anchor: 'end', face: 'title' },
    at: [place(0, 0)[0] - 1, place(0, 0)[1] - 1.4],
  },
];

/** More scales than these on a skin are not drawn one by one: lines through every tenth row and file stand for them. */
const MOST_SCALES = 6000;
const SPARSE = 10;

/** The rows of a piece between two lengths of the whole skin: scales half offset, and belly plates at its edges. */
function rowItems(
  place: Place,
  rows: TubeRows,
  [from, to]: readonly [number, number],
  layer: string,
): readonly DrawingItem[] {
  const pitch = rows.pitch.value;
  const sides = (1 - rows.bellyShare) / 2;
  const at = (mm: number): number => (mm - from) / (to - from);
  const [first, last] = [Math.ceil(from / pitch - 1e-9), Math.floor(to / pitch - 1e-9)];
  const isMany = rows.round.value * rows.along.value > MOST_SCALES;
  const every = NUMBERED.find((many) => many * pitch >= NUMBER_MM) ?? 200;
  const items: DrawingItem[] = [];
  for (let row = first; row <= last; row++) {
    const [head, tail] = [at(row * pitch), Math.min(1, at((row + 1) * pitch))];
    if (!isMany) items.push(...scaleRow(place, rows, row, [head, tail], layer));
    else if (row % SPARSE === 0)
      items.push(
        line([place(head, -sides), place(head, 0), place(head, sides)], layer, WEIGHT.hair),
      );
    if (rows.bellyShare > 0)
      for (const side of [1, -1])
        items.push(line([place(head, side * sides), place(head, side * 0.5)], layer, WEIGHT.thin));
    if (row % every === 0) items.push(rowNumber(place, head, `${row}`, layer));
  }
  return [
    ...(isMany ? sparseFiles(place, rows, sides, layer) : []),
    ...(rows.bellyShare > 0
      ? [1, -1].map((side) =>
          line([place(0, side * sides), place(1, side * sides)], layer, WEIGHT.thin),
        )
      : []),
    ...(rows.back === null ? [] : backPlates(place, rows.back, from, to, rows, layer)),
    ...items,
  ];
}

/** One row of scales, with their keels. */
function scaleRow(
  place: Place,
  rows: TubeRows,
  row: number,
  [head, tail]: readonly [number, number],
  layer: string,
): readonly DrawingItem[] {
  const sides = (1 - rows.bellyShare) / 2;
  const count = rows.round.value;
  const shift = row % 2 === 0 ? 0 : 0.5;
  return Array.from({ length: count }, (_, k) => -sides + ((k + 0.5 + shift) / count) * 2 * sides)
    .filter((middle) => middle <= sides)
    .flatMap((middle) => [
      line(scaleOutline(place, middle, sides / count, head, tail), layer, WEIGHT.hair),
      ...(rows.keeled
        ? [line([place(head, middle), place((head + tail) / 2, middle)], layer, WEIGHT.hair)]
        : []),
    ]);
}

/** Every tenth file of scales as a line along a piece. */
const sparseFiles = (
  place: Place,
  { round }: TubeRows,
  sides: number,
  layer: string,
): readonly DrawingItem[] =>
  Array.from({ length: Math.floor(round.value / SPARSE) + 1 }, (_, k) => {
    const at = -sides + ((k * SPARSE) / round.value) * 2 * sides;
    return line([place(0, at), place(1, at)], layer, WEIGHT.hair);
  });

/** The free edge of a scale: its sides from its middle on, to the point that lies towards the tail. */
const scaleOutline = (
  place: Place,
  middle: number,
  half: number,
  head: number,
  tail: number,
): readonly PagePoint[] => {
  const clamp = (r: number): number => Math.max(-0.5, Math.min(0.5, r));
  const mid = (head + tail) / 2;
  return [
    place(head, clamp(middle - half)),
    place(mid, clamp(middle - half)),
    place(tail, clamp(middle)),
    place(mid, clamp(middle + half)),
    place(head, clamp(middle + half)),
  ];
};

const rowNumber = (place: Place, head: number, text: string, layer: string): DrawingItem => {
  const [x, y] = place(head, 0.5);
  return {
    ...{ kind: 'text', ink: 'soft', layer, text, sizeMm: 2, anchor: 'middle', face: 'number' },
    at: [x, y + 1],
  };
};

/** Large plates along the back, those of one piece. */
function backPlates(
  place: Place,
  back: NonNullable<TubeRows['back']>,
  from: number,
  to: number,
  rows: TubeRows,
  layer: string,
): readonly DrawingItem[] {
  const whole = rows.along.value * rows.pitch.value;
  const long = whole / back.along;
  const items: DrawingItem[] = [];
  for (let row = Math.ceil(from / long - 1e-9); row * long < to - 1e-9; row++) {
    const [head, tail] = [
      (row * long - from) / (to - from),
      Math.min(1, ((row + 0.9) * long - from) / (to - from)),
    ];
    for (let k = 0; k < back.across; k++) {
      const left = (k / back.across - 0.5) * BACK_SHARE;
      const right = ((k + 0.9) / back.across - 0.5) * BACK_SHARE;
      items.push(
        line(
          [place(head, left), place(tail, left), place(tail, right), place(head, right)],
          layer,
          WEIGHT.thin,
          { closed: true },
        ),
      );
    }
  }
  return items;
}
