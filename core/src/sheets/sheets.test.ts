import { isTarget } from '../piece/target.ts';
import { describe, expect, it } from 'vitest';
import { posedBone } from '../anatomy/pose.ts';
import { length, sub } from '../geometry/vec3.ts';
import { otterPiece, wholePlan } from '../testing/samples.ts';
import { dimension } from './dimension.ts';
import {
  drawingSize,
  fittedDrawing,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from './drawing.ts';
import { elevation } from './elevation.ts';
import { A4, isoPaperA } from './paper.ts';
import { planSheets } from './planSheets.ts';
import { largestStandardScale } from './standardScale.ts';
import { FOOT_MM, OVERLAP_MM, PAGE_MARGIN_MM, tiles } from './tiling.ts';
import { project, unproject } from './views.ts';

const plan = wholePlan(otterPiece());

describe('elevations', () => {
  it('draw a bone that lies in the midplane at its true model length', () => {
    const side = elevation(plan, 'side', { show: 'bones', dimensions: false });
    const skull = side.items.find(
      (item) =>
        item.kind === 'line' && isTarget(item.target, 'bone', 'skull') && item.layer === 'bones',
    );
    if (skull?.kind !== 'line') throw new Error('no skull');
    const [a, b] = skull.points as [readonly [number, number], readonly [number, number]];
    expect(Math.hypot(b[0] - a[0], b[1] - a[1])).toBeCloseTo(115 / 3, 9);
  });

  it('face left from the side, and show the animal’s left on the right from the front', () => {
    expect(project('side', [10, 5, 0])[0]).toBe(-10);
    expect(project('front', [0, 5, -7])[0]).toBe(7);
    expect(project('top', [10, 0, -7])).toEqual([-10, -7]);
  });

  it('turn page points back into the animal’s axes', () => {
    for (const view of ['side', 'front', 'top'] as const) {
      const p = [3, 4, 5] as const;
      expect(length(sub(unproject(view, project(view, p), p), p))).toBeCloseTo(0, 12);
    }
  });

  it('agree in height: the same point is as high from the side as from the front', () => {
    const hip = posedBone(plan.stance.posed, 'femur.L').start;
    expect(project('side', hip)[1]).toBe(project('front', hip)[1]);
  });

  it('keep near, far and midline apart by weight as well as by ink', () => {
    const { items } = elevation(plan, 'side', { show: 'bones', dimensions: false });
    const weightOf = (ink: string) =>
      items.find((item) => item.kind === 'line' && item.layer === 'bones' && item.ink === ink)!;
    const weights = ['near', 'far', 'mid'].map((ink) => {
      const item = weightOf(ink);
      return item.kind === 'line' ? item.weight : 0;
    });
    expect(new Set(weights).size).toBe(3);
  });

  it('carry the posed height as their dimension', () => {
    const { items } = elevation(plan, 'side', { show: 'wires', dimensions: true });
    const texts = items.flatMap((item: DrawingItem) => (item.kind === 'text' ? [item.text] : []));
    expect(texts).toContain(plan.stance.heightAsPosed.value.toFixed(1));
  });
});

describe('sheets', () => {
  it('have every wire strip as long as its cut', () => {
    const sheets = planSheets(plan).filter(({ id }) => id.startsWith('wires'));
    const strips = sheets.flatMap(({ items }) => items);
    // Thin wires that stay straight stand in the cut list alone.
    for (const wire of plan.wire.wires.filter(({ kind }) => kind !== 'fine')) {
      const line = strips.find(
        (item) =>
          item.kind === 'line' &&
          isTarget(item.target, 'wire', wire.id) &&
          item.points[0]![0] === 0,
      );
      if (line?.kind !== 'line') throw new Error('no strip');
      expect(line.points[1]![0]).toBeCloseTo(wire.cut.value, 9);
    }
  });

  it('have one circle per hole, as wide as the drill', () => {
    const base = planSheets(plan).find((drawing) => drawing.id === 'base')!;
    const circles = base.items.filter((item) => item.kind === 'circle');
    expect(circles.map((circle) => 2 * circle.radius)).toEqual(
      plan.wire.base.holes.map((hole) => expect.closeTo(hole.diameter.value, 9)),
    );
  });
});

describe('tiling', () => {
  const drawing = (w: number, h: number): Drawing => ({
    id: 'd',
    title: 'D',
    box: { min: [-5, -7], max: [w - 5, h - 7] },
    items: [
      {
        kind: 'fill',
        ink: 'skin',
        layer: 'all',
        outlines: [
          [
            [-5, -7],
            [w - 5, -7],
            [w - 5, h - 7],
            [-5, h - 7],
          ],
        ],
      },
    ],
  });

  it.each([
    [100, 100],
    [360, 120],
    [500, 700],
    [186, 261],
  ])('covers every point of %d × %d mm, with the overlap between neighbours', (w, h) => {
    const pages = tiles(drawing(w, h), A4);
    const inside = (x: number, y: number) =>
      pages.some(
        ({ origin, window }) =>
          x >= origin[0] - 1e-9 &&
          x <= origin[0] + window.w + 1e-9 &&
          y >= origin[1] - 1e-9 &&
          y <= origin[1] + window.h + 1e-9,
      );
    for (const fx of [0, 0.25, 0.5, 0.75, 1])
      for (const fy of [0, 0.25, 0.5, 0.75, 1]) expect(inside(-5 + fx * w, -7 + fy * h)).toBe(true);
    const first = pages[0]!;
    const right = pages.find((page) => page.column === 1 && page.row === 0);
    if (right)
      expect(right.origin[0] - first.origin[0]).toBeCloseTo(first.window.w - OVERLAP_MM, 9);
  });

  it('takes one page where one is enough, and turns the paper where that saves one', () => {
    const room = [A4[0] - 2 * PAGE_MARGIN_MM, A4[1] - 2 * PAGE_MARGIN_MM - FOOT_MM] as const;
    expect(tiles(drawing(room[0], room[1]), A4)).toHaveLength(1);
    const flat = tiles(drawing(270, 150), A4);
    expect(flat).toHaveLength(1);
    expect(flat[0]!.widthMm).toBe(A4[1]);
  });

  it('leaves out tiles on which nothing is drawn, and numbers those that stay', () => {
    const line = (points: readonly PagePoint[]): Drawing['items'][number] => ({
      kind: 'line',
      ink: 'ink',
      layer: 'all',
      weight: 0.2,
      points,
    });
    // Two short strokes in opposite corners of a sheet of three by three pages.
    const corners: Drawing = {
      ...drawing(500, 700),
      items: [
        line([
          [0, 0],
          [20, 20],
        ]),
        line([
          [480, 680],
          [490, 690],
        ]),
      ],
    };
    const pages = tiles(corners, A4);
    expect(pages.map(({ page, pages: of }) => [page, of])).toEqual([
      [1, 2],
      [2, 2],
    ]);
    const diagonal: Drawing = {
      ...corners,
      items: [
        line([
          [0, 0],
          [490, 690],
        ]),
      ],
    };
    expect(tiles(diagonal, A4).length).toBeGreaterThan(2);
    expect(tiles({ ...corners, items: [] }, A4)).toHaveLength(1);
  });

  it('knows A4 and the standard scales', () => {
    expect(isoPaperA(4)).toEqual([210, 297]);
    expect(largestStandardScale(1e9, 1)).toBeUndefined();
  });
});

describe('drawing helpers', () => {
  it('fit their box round lines, circles and letters', () => {
    const items = dimension('upright', [0, 0], [0, 50], 9, '50.0');
    const [w, h] = drawingSize(fittedDrawing('x', 'X', items, 2));
    expect(w).toBeGreaterThan(9 + 4);
    expect(h).toBeGreaterThanOrEqual(54);
  });
});
