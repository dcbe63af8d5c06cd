import { greatest, least } from '../geometry/extremes.ts';
import type { SheetTarget } from '../piece/target.ts';

/** A point of a drawing in mm: x to the right, y up. */
export type PagePoint = readonly [number, number];

/** The elevations: seen from the animal's left, from its front, and from above. */
export type View = 'side' | 'front' | 'top';

/**
 * What a line means; screen and paper choose its colour. Near side rust, far side slate, midline
 * green, always told by weight as well.
 */
export type Ink =
  'near' | 'far' | 'mid' | 'ink' | 'soft' | 'dimension' | 'watch' | 'skin' | 'board' | 'core';

/** Line weights in mm on paper, each about √2 of the one before (steps of ISO 128). */
export const WEIGHT = { hair: 0.13, thin: 0.25, far: 0.5, near: 0.7, mid: 1 } as const;

interface Item {
  readonly ink: Ink;
  /** Layer of the drawing, for formats that have them: "wire B", "bones", "dimensions". */
  readonly layer: string;
  /** What this item shows, so that a number and its place find each other. */
  readonly target?: SheetTarget;
}

export interface LineItem extends Item {
  readonly kind: 'line';
  readonly points: readonly PagePoint[];
  readonly weight: number;
  readonly dashed?: boolean;
  readonly closed?: boolean;
  readonly filled?: boolean;
}

export interface CircleItem extends Item {
  readonly kind: 'circle';
  readonly at: PagePoint;
  readonly radius: number;
  readonly weight: number;
  readonly filled?: boolean;
}

export interface TextItem extends Item {
  readonly kind: 'text';
  readonly at: PagePoint;
  readonly text: string;
  readonly sizeMm: number;
  readonly anchor: 'start' | 'middle' | 'end';
  readonly face: 'label' | 'number' | 'title';
  /** Counter-clockwise. */
  readonly rotateDeg?: number;
}

/** Filled outlines drawn as one, in the fill of their ink: their inner edges vanish. */
export interface UnionItem extends Item {
  readonly kind: 'union';
  readonly outlines: readonly (readonly PagePoint[])[];
  readonly weight: number;
}

/** Areas without an edge: swatches, zones, strokes of hair at their true width. */
export interface FillItem extends Item {
  readonly kind: 'fill';
  readonly outlines: readonly (readonly PagePoint[])[];
  /** A colour of the animal, in place of the ink's. */
  readonly hex?: string;
}

export type DrawingItem = LineItem | CircleItem | TextItem | UnionItem | FillItem;

/** A drawing at 1:1 in mm, the same object for screen, paper and files. */
export interface Drawing {
  readonly id: string;
  /** The side that an elevation is seen from. */
  readonly view?: View;
  readonly title: string;
  readonly box: { readonly min: PagePoint; readonly max: PagePoint };
  readonly items: readonly DrawingItem[];
  /** A list or a card: its numbers hold, its pictures are no measure. */
  readonly notToScale?: boolean;
  /** Rows of a list, which flows in pages on paper and is never tiled. */
  readonly blocks?: readonly TextBlock[];
}

/** Width and height of a drawing in mm. */
export const drawingSize = ({ box }: Drawing): readonly [number, number] => [
  box.max[0] - box.min[0],
  box.max[1] - box.min[1],
];

/** A drawing with its box fitted round its items and a margin, mm. */
export function fittedDrawing(
  id: string,
  title: string,
  items: readonly DrawingItem[],
  marginMm: number,
): Drawing {
  const points = items.flatMap(itemExtent);
  const xs = points.map((p) => p[0]);
  const ys = points.map((p) => p[1]);
  const low = (v: readonly number[]): number => least(v) - marginMm;
  const high = (v: readonly number[]): number => greatest(v) + marginMm;
  return { id, title, box: { min: [low(xs), low(ys)], max: [high(xs), high(ys)] }, items };
}

/** Width of a letter as a share of its size, on the safe side. */
const LETTER = { label: 0.5, number: 0.62, title: 0.52 } as const;

/** Points whose box holds an item; text by an estimate of its letters. */
export function itemExtent(item: DrawingItem): readonly PagePoint[] {
  switch (item.kind) {
    case 'line':
      return item.points;
    case 'union':
    case 'fill':
      return item.outlines.flat();
    case 'circle':
      return [
        [item.at[0] - item.radius, item.at[1] - item.radius],
        [item.at[0] + item.radius, item.at[1] + item.radius],
      ];
    case 'text': {
      const long = item.text.length * item.sizeMm * LETTER[item.face];
      const start = item.anchor === 'start' ? 0 : item.anchor === 'middle' ? -long / 2 : -long;
      const upright = item.rotateDeg === 90;
      const end = start + long;
      return upright
        ? [
            [item.at[0] - item.sizeMm, item.at[1] + start],
            [item.at[0], item.at[1] + end],
          ]
        : [
            [item.at[0] + start, item.at[1]],
            [item.at[0] + end, item.at[1] + item.sizeMm],
          ];
    }
  }
}

/**
 * A row of a list: it is never broken between pages. Its items lie below its own upper left corner, so
 * that their y is 0 or less.
 */
export interface TextBlock {
  readonly items: readonly DrawingItem[];
  readonly heightMm: number;
  /** A heading: it stands again at the top of every page that goes on below it. */
  readonly repeat?: boolean;
}
