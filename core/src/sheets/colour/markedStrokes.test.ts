import { describe, expect, it } from 'vitest';
import type { MarkedView } from '../../markings/markedViews.ts';
import type { DrawingItem, PagePoint } from '../drawing.ts';
import { strokesByMarking } from './markedStrokes.ts';

const square = (x: number, y: number, half: number): readonly PagePoint[] => [
  [x - half, y - half],
  [x + half, y - half],
  [x + half, y + half],
  [x - half, y + half],
];
const strokeAt = (x: number, y: number): readonly PagePoint[] => [
  [x, y],
  [x + 0.1, y + 1],
  [x, y + 2],
];
const strokes: DrawingItem[] = [
  {
    ...{ kind: 'fill', ink: 'ink', layer: 'coat', target: { kind: 'zone', id: 'back' } },
    outlines: [strokeAt(0, 0), strokeAt(4, 4), strokeAt(20, 0), strokeAt(0.5, 0)],
  },
];
const view: MarkedView = {
  view: 'side',
  regions: [
    { main: 2, into: null, loops: [square(0, 0, 8), square(4, 4, 1)] },
    { main: 3, into: { other: 0, share: 0.25 }, loops: [square(0, 0, 0.3)] },
  ],
};
const IDS = ['back', null, 'mark-a-1', 'mark-b-1'];

describe('strokes on markings', () => {
  it('belong to the topmost that their root is on, not in its holes, and to their zone under it', () => {
    const parted = strokesByMarking(strokes, view, IDS);
    const many = (id: string): number =>
      parted
        .filter(({ ids }) => ids[0] === id)
        .reduce((sum, { item }) => sum + (item.kind === 'fill' ? item.outlines.length : 0), 0);
    expect([many('mark-b-1'), many('mark-a-1'), many('back')]).toEqual([1, 1, 2]);
    for (const { ids } of parted) expect(ids.at(-1)).toBe('back');
  });

  it('stay their zone’s where nothing is marked', () => {
    for (const none of [undefined, { ...view, regions: [] }])
      expect(strokesByMarking(strokes, none, IDS)).toEqual([{ item: strokes[0], ids: ['back'] }]);
  });
});
