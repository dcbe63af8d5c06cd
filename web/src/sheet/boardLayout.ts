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

/**
 * Sets rows of drawings on one board, all at the same scale, mm. Drawings of a row share their
 * ground line (y = 0), so that heights can be compared straight across.
 */
export function boardLayout(rows: readonly (readonly Drawing[])[]): BoardLayout {
  const widths = rows.map((row) => row.reduce((sum, drawing) => sum + drawingSize(drawing)[0], 0));
  const most = Math.max(greatest(widths), 1);
  const gap = most * GAP;
  const caption = most * CAPTION;
  const placed: Placed[] = [];
  let y = 0;
  for (const row of rows) {
    y += caption;
    const above = greatest(row.map((drawing) => drawing.box.max[1]));
    const below = greatest(row.map((drawing) => -drawing.box.min[1]));
    let x = 0;
    for (const drawing of row) {
      const [width, height] = drawingSize(drawing);
      placed.push({ drawing, x, y: y + above - drawing.box.max[1], width, height });
      x += width + gap;
    }
    y += above + below;
  }
  const width = Math.max(greatest(placed.map((one) => one.x + one.width)), 1);
  return { placed, width, height: Math.max(y, 1) };
}

/** New drawings on a layout that stays as it was: nothing jumps under a pointer that drags. */
export function heldLayout(held: BoardLayout, rows: readonly (readonly Drawing[])[]): BoardLayout {
  const drawings = rows.flat();
  return {
    ...held,
    placed: held.placed.map((one, i) => {
      const drawing = drawings[i];
      return drawing === undefined
        ? one
        : { ...one, drawing: { ...drawing, box: one.drawing.box } };
    }),
  };
}

/** A board point in the drawing's own mm (y up). */
export const intoDrawing = ({ drawing, x, y }: Placed, [bx, by]: PagePoint): PagePoint => [
  bx - x + drawing.box.min[0],
  drawing.box.max[1] - (by - y),
];
