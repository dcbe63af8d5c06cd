import { demoWorkpieces, elevation, planPiece } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { boardLayout, heldLayout, intoDrawing } from './boardLayout.ts';

const plan = planPiece(demoWorkpieces()[0]!);
const draw = (view: 'side' | 'front' | 'top') =>
  elevation(plan, view, { show: 'bones', dimensions: true });
const layout = boardLayout([[draw('side'), draw('front')], [draw('top')]]);

describe('boardLayout', () => {
  it('puts the ground lines of a row on one height', () => {
    const ground = layout.placed.slice(0, 2).map((placed) => placed.y + placed.drawing.box.max[1]);
    expect(ground[0]).toBeCloseTo(ground[1]!, 9);
  });

  it('keeps drawings inside the board and apart from each other', () => {
    for (const entry of layout.placed) {
      expect(entry.x + entry.width).toBeLessThanOrEqual(layout.width + 1e-9);
      expect(entry.y + entry.height).toBeLessThanOrEqual(layout.height + 1e-9);
    }
    const [side, front, top] = layout.placed;
    expect(front!.x).toBeGreaterThan(side!.x + side!.width);
    expect(top!.y).toBeGreaterThan(side!.y + side!.height);
  });

  it('takes other rows where the drawings come out clearly larger', () => {
    const rows = [[draw('side'), draw('front')], [draw('top')]];
    const scale = (px: { width: number; height: number }): number => {
      const { width, height } = boardLayout(rows, px);
      return Math.max(width / px.width, height / px.height);
    };
    // High and narrow: one below the other. Low and wide: all beside each other.
    const high = boardLayout(rows, { width: 260, height: 700 }).placed;
    expect(high.map(({ x }) => x)).toEqual([0, 0, 0]);
    const low = boardLayout(rows, { width: 1600, height: 220 }).placed;
    expect(low[2]!.x).toBeGreaterThan(low[1]!.x);
    expect(scale({ width: 260, height: 700 })).toBeLessThan((layout.width / 260) * 1.0001);
  });

  it('has room for every caption beside the next one', () => {
    for (const width of [260, 500, 1100]) {
      const px = { width, height: 500 };
      const board = boardLayout([[draw('side'), draw('front')], [draw('top')]], px);
      const mmPerPx = Math.max(board.width / px.width, board.height / px.height);
      for (const entry of board.placed) {
        const end = entry.x + entry.drawing.title.length * 7 * mmPerPx;
        expect(end).toBeLessThanOrEqual(board.width * 1.001);
        const next = board.placed.find((other) => other.y === entry.y && other.x > entry.x);
        if (next !== undefined) expect(end).toBeLessThan(next.x);
      }
    }
  });

  it('turns board points into the drawing’s own millimetres', () => {
    const side = layout.placed[0]!;
    const { min, max } = side.drawing.box;
    expect(intoDrawing(side, [side.x, side.y])).toEqual([min[0], max[1]]);
    expect(intoDrawing(side, [side.x + side.width, side.y + side.height])).toEqual([
      expect.closeTo(max[0], 9),
      expect.closeTo(min[1], 9),
    ]);
  });

  it('stays as it was while something is dragged, with the new drawings in it', () => {
    const otter = demoWorkpieces()[0]!;
    const bent = { ...otter, stance: { ...otter.stance, anglesDeg: { skull: { flexion: 40 } } } };
    const next = elevation(planPiece(bent), 'side', { show: 'bones', dimensions: true });
    expect(next.box).not.toEqual(layout.placed[0]!.drawing.box);
    const held = heldLayout(layout, [[next, draw('front')], [draw('top')]]);
    expect([held.width, held.height]).toEqual([layout.width, layout.height]);
    const [side, was] = [held.placed[0]!, layout.placed[0]!];
    expect(side.drawing.items).toBe(next.items);
    expect(side.drawing.box).toEqual(was.drawing.box);
    // A place under the pointer stays the same place of the animal.
    expect(intoDrawing(side, [10, 10])).toEqual(intoDrawing(was, [10, 10]));
  });
});
