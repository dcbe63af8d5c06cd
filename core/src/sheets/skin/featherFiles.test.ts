import DxfParser, { type ILwpolylineEntity } from 'dxf-parser';
import { describe, expect, it } from 'vitest';
import { drawingDxf } from '../../formats/dxf.ts';
import { drawingSvg } from '../../formats/svg.ts';
import { nestJob } from '../../jobs/nestJob.ts';
import { planPiece } from '../../plan.ts';
import { NEW_FEATHERS } from '../../piece/featherSchema.ts';
import { nested } from '../../skin/feathers/nesting.ts';
import { changed, newWorkpiece } from '../../testing/samples.ts';
import { bladeSheet } from './bladeSheets.ts';
import { featherMaps, featherSheets } from './featherDrawings.ts';

const cut = { way: 'cut', many: null, longestMm: null, overlap: null } as const;
const heron = changed(newWorkpiece('heron', 'Heron', 'grey-heron'), 'skin', {
  feathers: { ...NEW_FEATHERS, rows: { primaries: cut, tail: cut } },
});
const plan = planPiece(heron);
const feathers = plan.skin.feathers!;
const { input } = nestJob(feathers, heron.skin.feathers)!;
const [sheet] = featherSheets(feathers, nested(input));

type Points = readonly (readonly [number, number])[];
const lengthOf = (points: Points): number =>
  points
    .slice(1)
    .reduce((sum, [x, y], i) => sum + Math.hypot(x - points[i]![0], y - points[i]![1]), 0);
const near = (all: readonly number[], mm: number): boolean =>
  all.some((of) => Math.abs(of - mm) < 1e-3 * mm);

describe('feathers in files, read back', () => {
  it('DXF has every shaft at its length, left and right', () => {
    const { entities } = new DxfParser().parseSync(drawingDxf(sheet!))!;
    const shafts = entities
      .filter((of): of is ILwpolylineEntity => of.type === 'LWPOLYLINE' && of.layer === 'SHAFTS')
      .map(({ vertices }) => lengthOf(vertices.map(({ x, y }) => [x, y] as const)));
    expect(shafts).toHaveLength(2 * (10 + 6));
    for (const { way, feathers: its } of feathers.rows)
      if (way === 'cut') for (const { long } of its) expect(near(shafts, long.value)).toBe(true);
  });

  it('SVG has them too, in mm', () => {
    const layer = drawingSvg(sheet!).split('data-layer="shafts"')[1]!.split('</g>')[0]!;
    const shafts = [...layer.matchAll(/ d="([^"]+)"/g)].map(([, d]) =>
      lengthOf(
        [...d!.matchAll(/(-?[\d.]+)[ ,](-?[\d.]+)/g)].map(
          ([, x, y]) => [Number(x), Number(y)] as const,
        ),
      ),
    );
    const [first] = feathers.rows.find(({ way }) => way === 'cut')!.feathers;
    expect(near(shafts, first!.long.value)).toBe(true);
  });

  it('the map numbers every feather once, and the middle pair of a tail by one number', () => {
    const texts = featherMaps(plan).flatMap(({ items }) =>
      items.flatMap((item) =>
        item.kind === 'text' && item.layer === 'numbers' ? [item.text] : [],
      ),
    );
    const tail = texts.filter((text) => text.startsWith('R'));
    expect(tail.toSorted()).toEqual(['R1', ...[2, 3, 4, 5, 6].flatMap((n) => [`R${n}`, `R${n}`])]);
    expect(texts.filter((text) => text.startsWith('P'))).toHaveLength(10);
    expect(new Set(texts.filter((text) => text.startsWith('S'))).size).toBe(17);
  });

  it('a wing’s template has its wire as long as is told, but for what reaches into the body', () => {
    const dragonfly = planPiece(newWorkpiece('flier', 'Flier', 'emperor-dragonfly'));
    const [blade] = dragonfly.skin.blades;
    const { entities } = new DxfParser().parseSync(drawingDxf(bladeSheet(blade!)))!;
    const wires = entities
      .filter((of): of is ILwpolylineEntity => of.type === 'LWPOLYLINE' && of.layer === 'WIRE')
      .map(({ vertices }) => lengthOf(vertices.map(({ x, y }) => [x, y] as const)));
    expect(wires).toHaveLength(1);
    const [along, into] = blade!.wire!.cut.inputs;
    expect(wires[0]).toBeCloseTo(along!.value, 3);
    expect(blade!.wire!.cut.value).toBeCloseTo(wires[0]! + into!.value, 3);
  });
});
