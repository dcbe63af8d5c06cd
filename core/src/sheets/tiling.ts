import { drawingSize, type Drawing, type PagePoint } from './drawing.ts';
import type { PaperMm } from './paper.ts';

/** Unprinted edge that every common printer keeps to. */
export const PAGE_MARGIN_MM = 10;
/** Shared strip between neighbouring tiles, to glue by. */
export const OVERLAP_MM = 10;
/** Height of the foot of each page, for caption and check bar. */
export const FOOT_MM = 16;

/** One page of a tiled drawing. */
export interface Tile {
  readonly drawing: Drawing;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly column: number;
  readonly row: number;
  readonly columns: number;
  readonly rows: number;
  /** Corner of the drawing (its own mm) that lies at the lower left of the printed window. */
  readonly origin: PagePoint;
  /** The printed window on the page, mm from the lower left of the sheet. */
  readonly window: {
    readonly x: number;
    readonly y: number;
    readonly w: number;
    readonly h: number;
  };
}

/** Pages that a drawing takes at 1:1 on a paper, turned whichever way needs fewer. */
export function tiles(drawing: Drawing, paper: PaperMm): readonly Tile[] {
  const upright = tiled(drawing, paper[0], paper[1]);
  const flat = tiled(drawing, paper[1], paper[0]);
  return flat.length <= upright.length ? flat : upright;
}

function tiled(drawing: Drawing, widthMm: number, heightMm: number): readonly Tile[] {
  const w = widthMm - 2 * PAGE_MARGIN_MM;
  const h = heightMm - 2 * PAGE_MARGIN_MM - FOOT_MM;
  const [drawingW, drawingH] = drawingSize(drawing);
  const count = (size: number, window: number): number =>
    Math.max(1, Math.ceil((size - OVERLAP_MM) / (window - OVERLAP_MM)));
  const [columns, rows] = [count(drawingW, w), count(drawingH, h)];
  // The drawing is centred in the printed whole, so that no tile holds only a margin.
  const spareX = columns * w - (columns - 1) * OVERLAP_MM - drawingW;
  const spareY = rows * h - (rows - 1) * OVERLAP_MM - drawingH;
  return Array.from({ length: rows * columns }, (_, i): Tile => {
    const [column, row] = [i % columns, Math.floor(i / columns)];
    return {
      drawing,
      widthMm,
      heightMm,
      column,
      row,
      columns,
      rows,
      origin: [
        drawing.box.min[0] - spareX / 2 + column * (w - OVERLAP_MM),
        drawing.box.max[1] + spareY / 2 - h - row * (h - OVERLAP_MM),
      ],
      window: { x: PAGE_MARGIN_MM, y: PAGE_MARGIN_MM + FOOT_MM, w, h },
    };
  });
}
