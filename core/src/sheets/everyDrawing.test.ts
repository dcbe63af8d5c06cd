import { describe, expect, it } from 'vitest';
import { ANIMALS } from '../anatomy/registry.ts';
import { drawingSvg } from '../formats/svg.ts';
import { newWorkpiece, wholePlan } from '../testing/samples.ts';
import { drawingSize, itemExtent, type Drawing, type DrawingItem, type View } from './drawing.ts';
import { elevation, type ElevationOptions } from './elevation.ts';
import { A4 } from './paper.ts';
import { planSheets } from './planSheets.ts';
import { OVERLAP_MM, tiles } from './tiling.ts';

const VIEWS: readonly View[] = ['side', 'front', 'top'];
const SHOWN: readonly ElevationOptions['show'][] = ['bones', 'wires', 'core', 'zones', 'coat'];

/** Every point is a number, and lies in the box that the drawing says it fills. */
function assertWhole({ id, box, items }: Drawing): void {
  expect(items.length, id).toBeGreaterThan(0);
  const strays = items.filter((item) =>
    itemExtent(item).some(
      (point) => !point.every((v, i) => v >= box.min[i as 0] - 1e-9 && v <= box.max[i as 0] + 1e-9),
    ),
  );
  expect(strays.map((item) => `${id} ${item.layer}`)).toEqual([]);
}

describe.each(ANIMALS.map((animal) => [animal.name, animal.id] as const))(
  'every drawing of the %s',
  (_, id) => {
    const plan = wholePlan(newWorkpiece('plain', 'Plain', id));

    it.each(VIEWS)('is whole from the %s, whatever it shows', (view) => {
      for (const show of SHOWN)
        for (const dimensions of [true, false])
          assertWhole(elevation(plan, view, { show, dimensions }));
    });

    it('has a sheet for every part of the work, each with a name of its own', () => {
      const sheets = planSheets(plan);
      sheets.forEach(assertWhole);
      const names = sheets.map((sheet) => sheet.id);
      expect(new Set(names).size).toBe(names.length);
      for (const name of [
        'side-bones',
        'wires',
        'base',
        'side-core',
        ...(plan.skin.zones.some((zone) => zone.width !== null) ? ['strokes'] : []),
        'colours',
        'steps',
      ])
        expect(names).toContain(name);
    });

    it('is covered by its tiles from edge to edge, with their overlap', () => {
      for (const sheet of planSheets(plan)) {
        const pages = tiles(sheet, A4);
        if (sheet.blocks !== undefined) continue;
        const [width, height] = drawingSize(sheet);
        const { columns, rows, window } = pages[0]!;
        expect(columns * window.w - (columns - 1) * OVERLAP_MM).toBeGreaterThanOrEqual(
          width - 1e-9,
        );
        expect(rows * window.h - (rows - 1) * OVERLAP_MM).toBeGreaterThanOrEqual(height - 1e-9);
        const lefts = pages.map((page) => page.origin[0]);
        expect(Math.min(...lefts)).toBeLessThanOrEqual(sheet.box.min[0] + 1e-9);
      }
    });

    it('flows in pages where it is a list: no row is broken, lost or told twice', () => {
      for (const sheet of planSheets(plan)) {
        if (sheet.blocks === undefined) continue;
        const pages = tiles(sheet, A4);
        const words = (items: readonly DrawingItem[]) =>
          items.flatMap((item) => (item.kind === 'text' ? [item.text] : []));
        const heads = sheet.blocks.flatMap((block) => (block.repeat ? words(block.items) : []));
        const told = pages.flatMap((page) => words(page.drawing.items));
        const rows = (all: readonly string[]) => all.filter((text) => !heads.includes(text));
        expect(rows(told)).toEqual(rows(words(sheet.items)));
        for (const { drawing, window, columns, origin } of pages) {
          const [width, height] = drawingSize(drawing);
          expect(columns).toBe(1);
          expect(height).toBeLessThanOrEqual(window.h + 1e-9);
          expect(width).toBeLessThanOrEqual(window.w + 1e-9);
          for (const item of drawing.items)
            for (const [, y] of itemExtent(item))
              expect(y).toBeGreaterThanOrEqual(origin[1] - 1e-9);
        }
      }
    });

    it('is written as SVG without a figure that is none', () => {
      for (const sheet of planSheets(plan)) expect(drawingSvg(sheet)).not.toMatch(/NaN|Infinity/);
    });
  },
);
