import { movedItem } from './movedItem.ts';
import { drawingSize, type Drawing, type DrawingItem, type PagePoint } from './drawing.ts';

/** Letters smaller than this are not printed, mm. */
const LEAST_LETTER_MM = 1.5;
/** A small picture is not drawn larger than so many times. */
const MOST_TIMES = 3;

/** An item so many times as large; letters that could not be read any more are left out. */
function scaledItem(item: DrawingItem, times: number): readonly DrawingItem[] {
  const to = ([x, y]: PagePoint): PagePoint => [x * times, y * times];
  switch (item.kind) {
    case 'line':
      return [{ ...item, points: item.points.map(to), weight: item.weight * Math.sqrt(times) }];
    case 'union':
      return [{ ...item, outlines: item.outlines.map((of) => of.map(to)) }];
    case 'fill':
      return [{ ...item, outlines: item.outlines.map((of) => of.map(to)) }];
    case 'circle':
      return [{ ...item, at: to(item.at), radius: item.radius * times }];
    case 'text':
      return item.sizeMm * times < LEAST_LETTER_MM
        ? []
        : [{ ...item, at: to(item.at), sizeMm: item.sizeMm * times }];
  }
}

/**
 * The items of a drawing, as large as they fit into a frame whose upper left corner is given, in its middle across and
 * at its top: a picture, and no measure. mm.
 */
export function framedItems(
  drawing: Drawing,
  corner: PagePoint,
  size: readonly [width: number, height: number],
): { readonly items: readonly DrawingItem[]; readonly heightMm: number } {
  const [wide, high] = drawingSize(drawing);
  const times = Math.min(size[0] / wide, size[1] / high, MOST_TIMES);
  const move: PagePoint = [
    corner[0] + (size[0] - wide * times) / 2 - drawing.box.min[0] * times,
    corner[1] - drawing.box.max[1] * times,
  ];
  const items = drawing.items.flatMap((item) => scaledItem(item, times));
  return { items: items.map((item) => movedItem(item, ...move)), heightMm: high * times };
}
