import { drawingSize, type Drawing, type PagePoint, greatest } from '@keen-sinew/core';

/** A drawing placed on the board; `x` and `y` are its upper left corner, mm of the board. */
export interface Placed {
  readonly drawing: Drawing;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Several drawings at one common scale. */
export interface BoardLayout {
  readonly placed: readonly Placed[];
  readonly width: number;
  readonly height: number;
}

/** Room between drawings and above each row for its captions, in share of the board's width. */
const GAP = 0.03;
const CAPTION = 0.04;
/** The same on a screen, px: a caption's line, the dimension under it, and a letter's width. */
const GAP_PX = 24;
const CAPTION_PX = 38;
const LETTER_PX = 7.4;
/** Another arrangement is taken only where the drawings come out so much larger. */
const WORTH = 1.12;
const ROUNDS = 5;

type Rows = readonly (readonly Drawing[])[];
/** What is fixed on the screen, in mm of the board. */
interface Room {
  readonly gap: number;
  readonly caption: number;
  readonly letter: number;
}

/**
 * Sets rows of drawings on one board, all at the same scale, mm. Drawings of a row share their
 * ground line (y = 0), so that heights can be compared straight across. Where the board's size in px is
 * given, captions have their room, and where the drawings come out clearly larger in other rows (one
 * below the other, the last of the first row further down, all beside each other), they are set so.
 */
export function boardLayout(
  rows: Rows,
  px: { readonly width: number; readonly height: number } | null = null,
): BoardLayout {
  if (px === null || px.width <= 0 || px.height <= 0) {
    const most = widest(rows);
    return set(rows, { gap: most * GAP, caption: most * CAPTION, letter: 0 });
  }
  const fitted = arrangements(rows).map((arrangement) => fit(arrangement, px));
  const best = fitted.reduce((a, b) => (b.mmPerPx < a.mmPerPx ? b : a));
  const usual = fitted[0]!;
  return (usual.mmPerPx > WORTH * best.mmPerPx ? best : usual).layout;
}

/** As it was asked for, and what else can be done with up to six drawings. */
function arrangements(rows: Rows): readonly Rows[] {
  const all = rows.flat();
  const [first = [], second = [], ...others] = rows;
  if (all.length < 2 || all.length > 6) return [rows];
  const moved: readonly Rows[] =
    first.length > 1 && second.length > 0
      ? [[first.slice(0, -1), [...second, first.at(-1)!], ...others]]
      : [];
  return [rows, all.map((drawing) => [drawing]), ...moved, [all]];
}

/** The layout whose captions have so many px, found by its scale and that scale by it. */
function fit(
  rows: Rows,
  px: { readonly width: number; readonly height: number },
): { readonly layout: BoardLayout; readonly mmPerPx: number } {
  let mmPerPx = widest(rows) / px.width;
  let layout = set(rows, { gap: 0, caption: 0, letter: 0 });
  for (let i = 0; i < ROUNDS; i++) {
    layout = set(rows, {
      gap: GAP_PX * mmPerPx,
      caption: CAPTION_PX * mmPerPx,
      letter: LETTER_PX * mmPerPx,
    });
    mmPerPx = Math.max(layout.width / px.width, layout.height / px.height);
  }
  return { layout, mmPerPx };
}

const widest = (rows: Rows): number =>
  Math.max(
    greatest(rows.map((row) => row.reduce((sum, drawing) => sum + drawingSize(drawing)[0], 0))),
    1,
  );

function set(rows: Rows, { gap, caption, letter }: Room): BoardLayout {
  const placed: Placed[] = [];
  let [y, right] = [0, 1];
  for (const row of rows) {
    y += caption;
    const above = greatest(row.map((drawing) => drawing.box.max[1]));
    const below = greatest(row.map((drawing) => -drawing.box.min[1]));
    let x = 0;
    for (const drawing of row) {
      const [width, height] = drawingSize(drawing);
      placed.push({ drawing, x, y: y + above - drawing.box.max[1], width, height });
      const taken = Math.max(width, drawing.title.length * letter);
      right = Math.max(right, x + taken);
      x += taken + gap;
    }
    y += above + below;
  }
  return { placed, width: right, height: Math.max(y, 1) };
}

/** New drawings on a layout that stays as it was: nothing jumps under a pointer that drags. */
export function heldLayout(held: BoardLayout, rows: readonly (readonly Drawing[])[]): BoardLayout {
  const drawings = rows.flat();
  return {
    ...held,
    placed: held.placed.map((placed, i) => {
      const drawing = drawings[i];
      return drawing === undefined
        ? placed
        : { ...placed, drawing: { ...drawing, box: placed.drawing.box } };
    }),
  };
}

/** A board point in the drawing's own mm (y up). */
export const intoDrawing = ({ drawing, x, y }: Placed, [bx, by]: PagePoint): PagePoint => [
  bx - x + drawing.box.min[0],
  drawing.box.max[1] - (by - y),
];
