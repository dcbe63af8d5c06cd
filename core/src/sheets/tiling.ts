import { greatest, least } from '../geometry/extremes.ts';
import {
  drawingSize,
  itemExtent,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from './drawing.ts';
import type { PaperMm } from './paper.ts';
import { textPages } from './textPages.ts';

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
  /** Which of the pages that are printed of it, from 1, and how many they are. */
  readonly page: number;
  readonly pages: number;
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

/**
 * Pages that a drawing takes at 1:1 on a paper, turned whichever way needs fewer, without those that
 * nothing would be drawn on. A list flows down upright pages instead.
 */
export function tiles(drawing: Drawing, paper: PaperMm): readonly Tile[] {
  if (drawing.blocks !== undefined) return flowed(drawing, paper);
  const upright = used(tiled(drawing, paper[0], paper[1]));
  const flat = used(tiled(drawing, paper[1], paper[0]));
  return flat.length <= upright.length ? flat : upright;
}

type Unnumbered = Omit<Tile, 'page' | 'pages'>;

/** Tiles with something on them; a drawing of nothing keeps its first. */
function used(all: readonly Unnumbered[]): readonly Tile[] {
  const some = all.filter(hasSomething);
  return numbered(some.length > 0 ? some : all.slice(0, 1));
}

const numbered = (all: readonly Unnumbered[]): readonly Tile[] =>
  all.map((tile, i) => ({ ...tile, page: i + 1, pages: all.length }));

const windowOf = (widthMm: number, heightMm: number): Tile['window'] => ({
  x: PAGE_MARGIN_MM,
  y: PAGE_MARGIN_MM + FOOT_MM,
  w: widthMm - 2 * PAGE_MARGIN_MM,
  h: heightMm - 2 * PAGE_MARGIN_MM - FOOT_MM,
});

/** A list on upright pages: its rows from the top, its left edge at that of the window. */
function flowed(drawing: Drawing, [widthMm, heightMm]: PaperMm): readonly Tile[] {
  const window = windowOf(widthMm, heightMm);
  return numbered(
    textPages(drawing, window.h).map((page): Unnumbered => {
      const spare = window.w - drawingSize(page)[0];
      return {
        drawing: page,
        widthMm,
        heightMm,
        column: 0,
        row: 0,
        columns: 1,
        rows: 1,
        origin: [page.box.min[0] - Math.max(0, spare / 2), -window.h],
        window,
      };
    }),
  );
}

function tiled(drawing: Drawing, widthMm: number, heightMm: number): readonly Unnumbered[] {
  const window = windowOf(widthMm, heightMm);
  const { w, h } = window;
  const [drawingW, drawingH] = drawingSize(drawing);
  const count = (size: number, room: number): number =>
    Math.max(1, Math.ceil((size - OVERLAP_MM) / (room - OVERLAP_MM)));
  const [columns, rows] = [count(drawingW, w), count(drawingH, h)];
  // The drawing is centred in the printed whole, so that no tile holds only a margin.
  const spareX = columns * w - (columns - 1) * OVERLAP_MM - drawingW;
  const spareY = rows * h - (rows - 1) * OVERLAP_MM - drawingH;
  return Array.from({ length: rows * columns }, (_, i): Unnumbered => {
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
      window,
    };
  });
}

/** Whether anything is drawn in the window of a tile that its neighbours do not show as well. */
function hasSomething({
  drawing,
  origin,
  window,
  column,
  row,
  columns,
  rows,
}: Unnumbered): boolean {
  // What lies in the overlaps alone is on the next page.
  const low: PagePoint = [
    origin[0] + (column > 0 ? OVERLAP_MM : 0),
    origin[1] + (row < rows - 1 ? OVERLAP_MM : 0),
  ];
  const high: PagePoint = [
    origin[0] + window.w - (column < columns - 1 ? OVERLAP_MM : 0),
    origin[1] + window.h - (row > 0 ? OVERLAP_MM : 0),
  ];
  return drawing.items.some((item) => touches(item, low, high));
}

/** Whether an item is seen within a rectangle. */
function touches(item: DrawingItem, low: PagePoint, high: PagePoint): boolean {
  switch (item.kind) {
    case 'line':
      return (
        pathMeets(item.points, item.closed === true, low, high) ||
        (item.filled === true && holds(item.points, low, high))
      );
    case 'union':
    case 'fill':
      return item.outlines.some(
        (outline) => pathMeets(outline, true, low, high) || holds(outline, low, high),
      );
    case 'circle':
    case 'text': {
      const points = itemExtent(item);
      return ([0, 1] as const).every(
        (k) =>
          greatest(points.map((p) => p[k])) >= low[k] && least(points.map((p) => p[k])) <= high[k],
      );
    }
  }
}

const pathMeets = (
  points: readonly PagePoint[],
  closed: boolean,
  low: PagePoint,
  high: PagePoint,
): boolean =>
  points.some((to, i) => {
    const from = points[i - 1] ?? (closed ? points.at(-1)! : to);
    return segmentMeets(from, to, low, high);
  });

/** Whether a segment meets a rectangle: clipped side by side (Liang and Barsky, 1984). */
function segmentMeets(from: PagePoint, to: PagePoint, low: PagePoint, high: PagePoint): boolean {
  let [enters, leaves] = [0, 1];
  for (const k of [0, 1] as const) {
    const d = to[k] - from[k];
    if (d === 0) {
      if (from[k] < low[k] || from[k] > high[k]) return false;
      continue;
    }
    const [a, b] = [(low[k] - from[k]) / d, (high[k] - from[k]) / d];
    enters = Math.max(enters, Math.min(a, b));
    leaves = Math.min(leaves, Math.max(a, b));
  }
  return enters <= leaves;
}

/** Whether the middle of a rectangle lies within an outline (even–odd rule). */
function holds(outline: readonly PagePoint[], low: PagePoint, high: PagePoint): boolean {
  const [x, y] = [(low[0] + high[0]) / 2, (low[1] + high[1]) / 2];
  let inside = false;
  outline.forEach((p, i) => {
    const q = outline[i - 1] ?? outline.at(-1)!;
    if (p[1] > y !== q[1] > y && x < ((q[0] - p[0]) * (y - p[1])) / (q[1] - p[1]) + p[0])
      inside = !inside;
  });
  return inside;
}
