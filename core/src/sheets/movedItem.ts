import type { DrawingItem, PagePoint } from './drawing.ts';

/** An item moved on the page, mm. */
export function movedItem(item: DrawingItem, dx: number, dy: number): DrawingItem {
  const move = ([x, y]: PagePoint): PagePoint => [x + dx, y + dy];
  switch (item.kind) {
    case 'line':
      return { ...item, points: item.points.map(move) };
    case 'union':
    case 'fill':
      return { ...item, outlines: item.outlines.map((outline) => outline.map(move)) };
    case 'circle':
    case 'text':
      return { ...item, at: move(item.at) };
  }
}
