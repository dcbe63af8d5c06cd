import { describe, expect, it } from 'vitest';
import { isTarget } from '../piece/target.ts';
import { changed, otterPiece, wholePlan, withCoat } from '../testing/samples.ts';
import { colourCard } from './colour/colourCard.ts';
import type { DrawingItem } from './drawing.ts';
import { elevation } from './elevation.ts';
import { stepsSheet, wrapped } from './stepsSheet.ts';
import { strokeCard } from './strokeCard.ts';
import { seeded } from '../geometry/seeded.ts';
import { strokeOutline } from './strokes.ts';
import { tiles } from './tiling.ts';
import { A4 } from './paper.ts';

const plan = wholePlan(otterPiece());
const fills = (items: readonly DrawingItem[]) => items.filter((item) => item.kind === 'fill');

describe('strokes of hair', () => {
  it('keep their true length and width within the irregularity, and their seed', () => {
    const random = seeded(4);
    const lengths = Array.from({ length: 400 }, () => {
      const [root, left, tip, right] = strokeOutline([0, 0], 1, 6, 0.5, random, {
        length: 0.33,
        deg: 12,
      }) as [[number, number], [number, number], [number, number], [number, number]];
      const width = Math.hypot(left[0] - right[0], left[1] - right[1]);
      expect(width).toBeCloseTo(0.5, 9);
      return Math.hypot(tip[0] - root[0], tip[1] - root[1]);
    });
    expect(Math.min(...lengths)).toBeGreaterThan(6 * 0.66);
    expect(Math.max(...lengths)).toBeLessThan(6 * 1.34);
    expect(lengths.reduce((a, b) => a + b) / 400).toBeCloseTo(6, 0);
    const [one, two] = [seeded(9), seeded(9)];
    expect([one(), one()]).toEqual([two(), two()]);
  });

  it('lie on the animal once its coat is worked out, from the nose to the rear on its column', () => {
    const drawn = fills(elevation(plan, 'side', { show: 'coat', dimensions: false }).items);
    expect(drawn.filter(({ layer }) => layer === 'coat')).toEqual([]);
    const whole = withCoat(plan);
    const coat = elevation(whole, 'side', { show: 'coat', dimensions: false });
    const back = fills(coat.items).filter(({ target }) => isTarget(target, 'zone', 'back'));
    const strokes = back.flatMap((item) => item.outlines);
    expect(strokes.length).toBeGreaterThan(100);
    const backwards = strokes.filter(([root, , tip]) => tip![0] > root![0]);
    expect(backwards.length / strokes.length).toBeGreaterThan(0.99);
  });

  it('vary on the card as the user has it, as wide as the finest tool makes them', () => {
    const even = changed(otterPiece(), 'skin', { vary: { length: 0, deg: 0, locks: 0 } });
    const [patch] = fills(strokeCard(wholePlan(even).skin, 2).items);
    const lengths = patch!.outlines.map(([root, , tip]) => tip![0] - root![0]);
    const full = lengths.filter((mm) => Math.abs(mm - plan.skin.zones[0]!.length.value) < 1e-9);
    expect(full.length).toBeGreaterThan(lengths.length / 2);
    const coarse = wholePlan(changed(otterPiece(), 'skin', { tools: ['loop'] })).skin;
    const words = strokeCard(coarse, 2).items.map((item) =>
      item.kind === 'text' ? item.text : '',
    );
    expect(words.filter((text) => text.endsWith('× 2.00'))).toHaveLength(coarse.zones.length);
  });

  it('stand on the card for every zone with hair, with the ledger’s figures', () => {
    const card = strokeCard(plan.skin, 2);
    expect(tiles(card, A4)).toHaveLength(1);
    const texts = card.items.map((item) => (item.kind === 'text' ? item.text : ''));
    for (const entry of plan.skin.zones) {
      expect(texts).toContain(entry.zone.name);
      expect(texts).toContain(
        `${entry.length.value.toFixed(1)} × ${entry.width!.value.toFixed(2)}`,
      );
    }
    expect(fills(card.items)).toHaveLength(plan.skin.zones.length);
  });
});

describe('the core on the elevation', () => {
  const core = (piece = otterPiece()) =>
    elevation(wholePlan(piece), 'side', { show: 'core', dimensions: false }).items.find(
      (item) => item.kind === 'union' && item.ink === 'core',
    );
  const spanOf = (item: DrawingItem | undefined): number => {
    if (item?.kind !== 'union') return 0;
    const xs = item.outlines.flat().map((point) => point[0]);
    return Math.max(...xs) - Math.min(...xs);
  };

  it('lies inside the skin, and shrinks as the shell grows', () => {
    const thick = changed(otterPiece(), 'mass', { shellMm: 8, shells: {} });
    const thin = changed(otterPiece(), 'mass', { shellMm: 3, shells: {} });
    expect(spanOf(core(thick))).toBeLessThan(spanOf(core(thin)));
    expect(spanOf(core(thin))).toBeGreaterThan(0);
  });

  it('is not there where every region is solid', () => {
    const shells = Object.fromEntries(
      plan.builds.map((build) => [build.region.id, { core: 'solid' as const, shellMm: 5 }]),
    );
    expect(core(changed(otterPiece(), 'mass', { shells }))).toBeUndefined();
  });
});

describe('the colour card', () => {
  it('has a swatch of the plan’s colour for every layer of every zone, and the primer', () => {
    const card = colourCard(plan.colour!);
    const shown = fills(card.items).map((item) => item.hex);
    const wanted = plan.colour!.zones.flatMap((zone) => [
      zone.groundHex,
      ...zone.layers.map((layer) => layer.hex),
    ]);
    expect(shown).toEqual(wanted);
  });
});

describe('the printed steps', () => {
  it('take one column of pages, and print every word of every step', () => {
    const sheet = stepsSheet(plan.bench!);
    expect(tiles(sheet, A4).every((tile) => tile.columns === 1)).toBe(true);
    const text = sheet.items.map((item) => (item.kind === 'text' ? item.text : '')).join(' ');
    for (const step of plan.bench!.steps) expect(text).toContain(`${step.number}. ${step.title}`);
    expect(text).toContain('301.4 mm');
  });

  it('wrap at words and lose none', () => {
    const words = 'a bb ccc dddd eeeee ffffff';
    expect(wrapped(words, 8).join(' ')).toBe(words);
    expect(wrapped(words, 8).every((line) => line.length <= 8)).toBe(true);
    expect(wrapped('unbreakable', 4)).toEqual(['unbreakable']);
  });
});
