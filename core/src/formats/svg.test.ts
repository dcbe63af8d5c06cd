// @vitest-environment happy-dom
import { describe, expect, it } from 'vitest';
import { demoWorkpieces } from '../start/demoPieces.ts';
import { planPiece } from '../plan.ts';
import { drawingSize, fittedDrawing, type Drawing } from '../sheets/drawing.ts';
import { elevation } from '../sheets/elevation.ts';
import { drawingSvg } from './svg.ts';

const plan = planPiece(demoWorkpieces()[0]!);

/** Reads the file back with the platform's own XML reader; a damaged file is a failure. */
function parsed(text: string): Element {
  const document = new DOMParser().parseFromString(text, 'image/svg+xml');
  expect(document.querySelector('parsererror')).toBeNull();
  return document.documentElement;
}

describe('the SVG of an elevation, read back', () => {
  const drawing = elevation(plan, 'side', { show: 'bones', dimensions: true });
  const svg = parsed(drawingSvg(drawing));

  it('is in millimetres at 1:1', () => {
    const [width, height] = drawingSize(drawing);
    expect(Number.parseFloat(svg.getAttribute('width')!)).toBeCloseTo(width, 3);
    expect(svg.getAttribute('width')).toMatch(/mm$/);
    const [x, y, w, h] = svg.getAttribute('viewBox')!.split(' ').map(Number);
    expect([x, y]).toEqual([0, 0]);
    expect([w, h]).toEqual([expect.closeTo(width, 3), expect.closeTo(height, 3)]);
  });

  it('shows the skull, which lies in the midplane, at its model length', () => {
    const lines = [...svg.querySelectorAll('[data-layer="bones"] path')].map((path) =>
      path
        .getAttribute('d')!
        .match(/-?[\d.]+/g)!
        .map(Number),
    );
    const lengths = lines.map(([x1, y1, x2, y2]) => Math.hypot(x2! - x1!, y2! - y1!));
    expect(lengths).toHaveLength(plan.stance.posed.bones.length);
    expect(lengths.some((mm) => Math.abs(mm - 115 / 3) < 0.002)).toBe(true);
  });

  it('has the ground below the animal, as y runs down on a page', () => {
    const base = svg.querySelector('[data-layer="base"] path')!.getAttribute('d')!;
    const ys = base
      .match(/-?[\d.]+/g)!
      .map(Number)
      .filter((_, i) => i % 2 === 1);
    expect(Math.max(...ys)).toBeGreaterThan(0.8 * drawingSize(drawing)[1]);
  });
});

describe('every kind of item', () => {
  const common = { ink: 'ink', layer: 'a & b' } as const;
  const drawing: Drawing = fittedDrawing(
    'all',
    'All <kinds>',
    [
      {
        ...common,
        kind: 'line',
        weight: 0.5,
        points: [
          [0, 0],
          [10, 0],
        ],
        dashed: true,
      },
      { ...common, kind: 'circle', weight: 0.25, at: [5, 5], radius: 2 },
      {
        ...common,
        kind: 'union',
        ink: 'core',
        weight: 0.2,
        outlines: [
          [
            [0, 0],
            [4, 0],
            [0, 4],
          ],
        ],
      },
      {
        ...common,
        kind: 'fill',
        hex: '#674a36',
        outlines: [
          [
            [0, 0],
            [4, 0],
            [0, 4],
          ],
        ],
      },
      {
        ...common,
        kind: 'text',
        at: [1, 1],
        text: '“5 < 6”',
        sizeMm: 3,
        anchor: 'middle',
        face: 'title',
        rotateDeg: 90,
      },
    ],
    2,
  );

  it('is written, with signs of the file’s own escaped', () => {
    const svg = parsed(drawingSvg(drawing));
    expect(svg.querySelector('g')!.getAttribute('data-layer')).toBe('a & b');
    expect(svg.querySelector('text')!.textContent).toBe('“5 < 6”');
    expect(svg.querySelector('text')!.getAttribute('transform')).toMatch(/^rotate\(-90/);
    expect(svg.querySelector('[stroke-dasharray]')).not.toBeNull();
    expect(svg.querySelector('[fill="#674a36"]')).not.toBeNull();
    expect(svg.querySelectorAll('circle')).toHaveLength(1);
  });
});
