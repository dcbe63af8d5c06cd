import { insideLoop } from '../../geometry/contours.ts';
import { keptFor } from '../../lie/keptFor.ts';
import type { MarkedRegion, MarkedView } from '../../markings/markedViews.ts';
import type { DrawingItem, PagePoint } from '../drawing.ts';

type Fill = Extract<DrawingItem, { kind: 'fill' }>;

/** A region that strokes are looked for in, with the box round it. */
interface Boxed {
  readonly id: string;
  readonly loops: MarkedRegion['loops'];
  readonly box: readonly [left: number, low: number, right: number, high: number];
}

/** Strokes that take one colour: their marking where they stand on one, and their zone under it. */
export interface StrokesOf {
  readonly item: DrawingItem;
  readonly ids: readonly string[];
}

const kept = keptFor<MarkedView, readonly StrokesOf[]>();

const zoneOf = ({ target }: DrawingItem): readonly string[] =>
  target?.kind === 'zone' ? [target.id] : [];

/**
 * Strokes of the coat with those that stand on a marking as strokes of that marking: where they are rooted, the
 * topmost that is drawn there has them. Of soft edges, what shows more. The same strokes are parted once.
 */
export const strokesByMarking = (
  strokes: readonly DrawingItem[],
  view: MarkedView | undefined,
  ids: readonly (string | null)[],
): readonly StrokesOf[] =>
  view === undefined || view.regions.length === 0
    ? strokes.map((item) => ({ item, ids: zoneOf(item) }))
    : kept(view, strokes.length, () => parted(strokes, boxed(view, ids)));

const boxed = ({ regions }: MarkedView, ids: readonly (string | null)[]): readonly Boxed[] =>
  regions.flatMap(({ main, loops }): Boxed[] => {
    const id = ids[main];
    const all = loops.flat();
    if (!id || all.length === 0) return [];
    let [left, low, right, high] = [Infinity, Infinity, -Infinity, -Infinity];
    for (const [x, y] of all) {
      left = Math.min(left, x);
      right = Math.max(right, x);
      low = Math.min(low, y);
      high = Math.max(high, y);
    }
    return [{ id, loops, box: [left, low, right, high] }];
  });

function parted(strokes: readonly DrawingItem[], regions: readonly Boxed[]): readonly StrokesOf[] {
  const topmost = regions.toReversed();
  const at = ([x, y]: PagePoint): string | undefined =>
    topmost.find(
      ({ loops, box: [left, low, right, high] }) =>
        x >= left &&
        x <= right &&
        y >= low &&
        y <= high &&
        loops.reduce((is, loop) => is !== insideLoop(loop, [x, y]), false),
    )?.id;
  return strokes.flatMap((item): readonly StrokesOf[] => {
    if (item.kind !== 'fill') return [{ item, ids: zoneOf(item) }];
    const groups = new Map<string | undefined, Fill['outlines'][number][]>();
    for (const outline of item.outlines) {
      const id = at(outline[0]!);
      const group = groups.get(id) ?? [];
      groups.set(id, group);
      group.push(outline);
    }
    return [...groups].map(([id, outlines]) => ({
      item: { ...item, outlines },
      ids: id === undefined ? zoneOf(item) : [id, ...zoneOf(item)],
    }));
  });
}
