import { describe, expect, it } from 'vitest';
import DxfParser from 'dxf-parser';
import { drawingDxf } from '../../formats/dxf.ts';
import { drawingSvg } from '../../formats/svg.ts';
import { loopArea } from '../../geometry/contours.ts';
import { demoWorkpieces } from '../../start/demoPieces.ts';
import { changed, newWorkpiece, wholePlan } from '../../testing/samples.ts';
import { flatMarkingSheets, flatTube } from './flatSheets.ts';
import { between, markedFeathers, marksOn } from './featherMarks.ts';
import { innermost } from './innermost.ts';
import { markingList } from './markingList.ts';
import { numberedAreas, zoneNumbers } from './numberedAreas.ts';

const girdle = demoWorkpieces().find(({ id }) => id === 'old-girdle')!;
/** Stretched out, its rings without any irregularity or specks: what bends stretches one side. */
const even = changed(changed(girdle, 'stance', { presetId: 'stretched' }), 'colour', {
  markings: girdle.colour.markings!.map((of) => ({
    ...of,
    vary: 0,
    bands: of.bands.map((band) => ({ ...band, speckle: 0 })),
  })),
});
const plan = wholePlan(even);
const trunk = plan.skin.tubes[0]!;

type P = { readonly x: number; readonly y: number };
const pathsOf = (svg: string): readonly (readonly P[])[] =>
  [...svg.matchAll(/ d="([^"]+)"/g)].flatMap(([, d]) =>
    d!.split('Z').flatMap((loop) => {
      const points = [...loop.matchAll(/(-?[\d.]+)[ ,](-?[\d.]+)/g)].map(([, x, y]) => ({
        ...{ x: Number(x), y: Number(y) },
      }));
      return points.length > 2 ? [points] : [];
    }),
  );

describe('skin laid flat with its markings', () => {
  it('has rings as wide as they are told along the back when its SVG is read back', () => {
    const drawing = flatTube(plan, trunk, 'mask')!;
    const rings = plan.markings.measures.find(({ markingId }) => markingId === 'rings')!.rings;
    const told = new Set(rings.map(({ wide }) => Math.round(wide.value * 10) / 10));
    // The back is the straight line in the middle of every piece: the dashed one.
    const back = drawing.items.flatMap((item) =>
      item.kind === 'line' && item.dashed ? [item.points] : [],
    );
    expect(back.length).toBe(trunk.pieces.length);
    const { min, max } = drawing.box;
    const svg = drawingSvg(drawing);
    const [, vx, vy] = svg.match(/viewBox="(-?[\d.]+) (-?[\d.]+)/) ?? [];
    expect(Number(vx)).toBeDefined();
    const height = max[1] - min[1];
    const yBack = Number(vy) + height - (0 - min[1]);
    // Rings that the edge of a piece cuts are told in two parts, and one that it all but misses as a sliver.
    let whole = 0;
    for (const loop of pathsOf(svg)) {
      const xs = loop.flatMap(({ x, y }, i) => {
        const next = loop[(i + 1) % loop.length]!;
        return y - yBack < 0 === next.y - yBack < 0
          ? []
          : [x + ((next.x - x) * (yBack - y)) / (next.y - y)];
      });
      if (xs.length !== 2) continue;
      const wide = Math.abs(xs[0]! - xs[1]!);
      if ([...told].some((of) => Math.abs(of / wide - 1) < 0.03)) whole++;
    }
    const onTrunk = rings.filter(({ from }) => from.value < trunk.length.value).length;
    expect(whole).toBeGreaterThan(onTrunk - 2 * trunk.pieces.length);
  });

  it('tells rings from the front, one after the other, in the numbers of the list', () => {
    const { rings } = plan.markings.measures.find(({ markingId }) => markingId === 'rings')!;
    expect(rings.length).toBeGreaterThan(30);
    rings
      .slice(1)
      .forEach(({ from }, i) =>
        expect(from.value).toBeCloseTo(rings[i]!.from.value + rings[i]!.wide.value, 6),
      );
    const list = JSON.stringify(markingList(plan)!.blocks);
    for (const { wide } of rings.slice(0, 5)) expect(list).toContain(wide.value.toFixed(1));
  });

  it('has masks as closed lines on a layer of their colour, which an independent reader finds (dxf-parser)', () => {
    const [mask] = flatMarkingSheets(plan, 'mask');
    expect(mask!.items.every(({ kind }) => kind !== 'fill')).toBe(true);
    const dxf = new DxfParser().parseSync(drawingDxf(mask!))!;
    const layers = new Set(dxf.entities.map(({ layer }) => layer.toLowerCase()));
    for (const n of [1, 2, 3])
      expect([...layers].some((layer) => layer.includes(`rings-${n}`))).toBe(true);
  });

  it('is there for every tube and blade that is marked, and for no other', () => {
    const fly = wholePlan(demoWorkpieces().find(({ id }) => id === 'dragonfly-over-the-reeds')!);
    const ids = flatMarkingSheets(fly, 'trace').map(({ id }) => id);
    expect(ids).toContain('trace-forewing');
    expect(ids).toContain('trace-hindwing');
    const none = wholePlan(changed(girdle, 'colour', { markings: [] }));
    expect(flatMarkingSheets(none, 'trace')).toEqual([]);
    expect(markingList(none)).toBeUndefined();
  });
});

describe('numbered areas', () => {
  it('bear the numbers of the colours, and each where its colour is', () => {
    const drawing = numberedAreas(plan, 'top')!;
    const numbers = zoneNumbers(plan);
    const texts = drawing.items.filter((item) => item.kind === 'text');
    expect(texts.length).toBeGreaterThan(4);
    for (const item of texts) {
      if (item.kind !== 'text' || item.target?.kind !== 'zone')
        throw new Error('a number of a zone');
      expect(item.text).toBe(`${numbers.get(item.target.id)}`);
    }
    expect(numbers.size).toBe(plan.colour!.zones.length);
  });

  it('stand in the middle of an area, beside its holes and what lies over it', () => {
    const square = (x: number, y: number, half: number): (readonly [number, number])[] => [
      [x - half, y - half],
      [x + half, y - half],
      [x + half, y + half],
      [x - half, y + half],
    ];
    const alone = innermost([square(0, 0, 10)])!;
    expect(Math.hypot(...alone.at)).toBeLessThan(1);
    expect(alone.free).toBeGreaterThan(9);
    const holed = innermost([square(0, 0, 10), square(4, 4, 5)])!;
    expect(Math.min(...holed.at)).toBeLessThan(-1);
    const under = innermost(
      [square(0, 0, 10)],
      [square(-6, 0, 8)].map((loop) => [loop]),
    )!;
    expect(under.at[0]).toBeGreaterThan(2);
    expect(innermost([square(0, 0, 10)], [[square(0, 0, 12)]])).toBeUndefined();
    expect(innermost([])).toBeUndefined();
  });
});

describe('marked feathers', () => {
  const vane = {
    outline: [
      [0, 0],
      [5, 6],
      [60, 6],
      [70, 0],
      [60, -6],
      [5, -6],
    ] as const,
    shaft: [
      [0, 0],
      [70, 0],
    ] as const,
  };

  it('have bars of their width from tip to root, and edges that leave the middle', () => {
    const bars = marksOn({ vane }, { kind: 'feather-bars', widthMm: 8, stepMm: 40 }, 2);
    expect(bars).toHaveLength(3);
    // A whole bar is 4 mm along by 12 mm across.
    expect(Math.abs(loopArea(bars[1]!))).toBeCloseTo(48, 6);
    const [outer, inner] = marksOn({ vane }, { kind: 'feather-edges', widthMm: 2, stepMm: 1 }, 1);
    expect(Math.abs(loopArea(inner!))).toBeLessThan(Math.abs(loopArea(outer!)));
    expect(Math.max(...inner!.map(([x]) => x))).toBeCloseTo(68, 9);
  });

  it('cut an outline between two lines', () => {
    const cut = between(
      [
        [0, 0],
        [10, 0],
        [10, 4],
        [0, 4],
      ],
      2,
      5,
    );
    expect(Math.abs(loopArea(cut))).toBeCloseTo(12, 9);
  });

  it('are drawn on the wing and the tail of an owl, and on no wolf', () => {
    const owl = wholePlan(newWorkpiece('o', 'O', 'barn-owl'));
    const ids = markedFeathers(owl).map(({ id }) => id);
    expect(ids).toEqual(['marked-feathers-wing', 'marked-feathers-tail']);
    // A feather that is laid over another covers what is marked on that one too.
    for (const { items } of markedFeathers(owl)) {
      const layers = items.map(({ layer }) => layer);
      const isMark = (layer: string): boolean => layer.startsWith('marking ');
      expect(layers.findIndex(isMark)).toBeGreaterThan(0);
      expect(layers.lastIndexOf('feathers')).toBeGreaterThan(layers.findIndex(isMark));
      expect(layers.findLastIndex(isMark)).toBeGreaterThan(layers.lastIndexOf('feathers'));
    }
    expect(markedFeathers(plan)).toEqual([]);
  });
});
