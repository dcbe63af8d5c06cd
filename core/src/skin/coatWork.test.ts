import { describe, expect, it } from 'vitest';
import { usualZone, type CoatMethod } from '../piece/skinSchema.ts';
import { everySnag } from '../piece/snagGroups.ts';
import { changed, otterPiece, wholePlan } from '../testing/samples.ts';
import { demoWorkpieces } from '../start/demoPieces.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { meshMeasures } from '../geometry/triangleMesh.ts';
import { limbAreas } from './limbAreas.ts';

const withMethod = (method: CoatMethod): Workpiece =>
  changed(otterPiece(), 'skin', { zones: { back: usualZone(method) } });
const backOf = (piece: Workpiece) =>
  wholePlan(piece).skin.zones.find(({ zone }) => zone.id === 'back')!;

describe('what is planted', () => {
  it('is counted by density and area, in whole tufts, and takes nothing off its root', () => {
    const { planting, area, length } = backOf(withMethod('planted'));
    expect(planting!.hairs.value).toBe(Math.round(area!.value * 220));
    expect(planting!.tufts.value).toBe(Math.ceil(planting!.hairs.value / 14));
    expect(planting!.cut.value).toBeCloseTo(1.25 * length.value + 2, 9);
    expect(planting!.minutes.value).toBeCloseTo((planting!.tufts.value * 8) / 60, 9);
    // Rows of a hexagonal lattice.
    expect(planting!.rowGap.value / planting!.spacing.value).toBeCloseTo(Math.sqrt(3) / 2, 9);
  });

  it('has wefts by the metre, flock by area alone, and a pelt that is bought whole', () => {
    const wefts = backOf(withMethod('wefts')).planting!;
    expect(wefts.weft!.value).toBeCloseTo(
      (100 * backOf(withMethod('wefts')).area!.value) / wefts.rowGap.value / 1000,
      9,
    );
    const flock = backOf(withMethod('flock'));
    expect(flock.planting!.cut.value).toBe(flock.length.value);
    expect(flock.planting!.tufts.value).toBe(flock.planting!.hairs.value);
    expect(backOf(withMethod('pelt')).planting).toBeNull();
    expect(backOf(withMethod('smooth')).minutes).toBeNull();
  });

  it('is bought and has its minutes at the step', () => {
    const { bench } = wholePlan(withMethod('planted'));
    const step = bench!.steps.find(({ id }) => id === 'skin.fibre')!;
    const { planting } = backOf(withMethod('planted'));
    expect(step.duration!.value).toBeCloseTo(planting!.minutes.value, 9);
    const bought = bench!.shopping.map(({ id }) => id);
    expect(bought).toContain(planting!.grams.id);
    expect(bought).toContain('bench.shop.glue');
    expect(wholePlan(otterPiece()).bench!.shopping.map(({ id }) => id)).not.toContain(
      'bench.shop.glue',
    );
  });
});

describe('hand work', () => {
  const plan = wholePlan(otterPiece());

  it('is shared out to limbs by their skin, and adds up to that of the zones', () => {
    const { work, zones } = plan.skin;
    const all = zones.reduce((sum, { minutes }) => sum + (minutes?.value ?? 0), 0);
    expect(work!.total.value).toBeCloseTo(all, 9);
    const limbs = work!.limbs.reduce((sum, { minutes }) => sum + minutes.value, 0);
    // What takes less than half a minute on a limb is not named.
    expect(limbs).toBeGreaterThan(0.97 * all);
    expect(limbs).toBeLessThanOrEqual(all + 1e-9);
    const of = (label: string): number =>
      work!.limbs.find(({ minutes }) => minutes.label === label)!.minutes.value;
    // It walks: its legs are not each other's image, and nearly of one size.
    expect(Math.abs(of('Forelegs, left') / of('Forelegs, right') - 1)).toBeLessThan(0.15);
  });

  it('rests on areas that are those of the whole skin', () => {
    const areas = limbAreas(plan.surface!, plan.measure.skeleton);
    const sum = areas.reduce((total, { mm2 }) => total + mm2, 0);
    expect(sum).toBeCloseTo(meshMeasures(plan.surface!.skin.mesh).area, 2);
  });

  it('takes the feet first and the head last, and a brush makes several strokes at once', () => {
    const steps = plan.bench!.steps.filter(({ id }) => /^skin\.(?!fibre)/.test(id));
    const at = (id: string): number => steps.findIndex((step) => step.id === `skin.${id}`);
    expect(at('feet')).toBeLessThan(at('legs'));
    expect(at('legs')).toBeLessThan(at('tail'));
    expect(at('tail')).toBeLessThan(at('back'));
    expect(at('back')).toBeLessThan(at('face'));
    const face = plan.skin.zones.find(({ zone }) => zone.id === 'face')!;
    expect(face.strokes!.tool!.id).toBe('wire-brush');
    expect(face.minutes!.value).toBeCloseTo(face.strokes!.count!.value / (50 * 8), 9);
  });
});

describe('stamps and rollers', () => {
  const baryonyx = demoWorkpieces().find(({ id }) => id === 'fishing-baryonyx')!;

  it('cover their zone in presses, and a roller closes where its pattern goes round it', () => {
    const plan = wholePlan(baryonyx);
    const [roller, stamp] = plan.skin.stamps;
    expect(roller!.round!.value).toBeCloseTo(Math.PI * 12, 9);
    expect(roller!.seam!.value).toBeCloseTo(Math.PI * 12 - (52 * 13) / 18, 9);
    expect(Math.abs(roller!.seam!.value)).toBeLessThan(0.2 * roller!.scaleLong.value);
    const back = plan.skin.zones.find(({ zone }) => zone.id === 'back')!;
    const face = stamp!.wide.value * stamp!.long.value;
    expect(stamp!.presses!.value).toBe(Math.round((100 * back.area!.value) / (0.9 * face)));
    expect(plan.snags.map(({ code }) => code)).not.toContain('roller-seam');
    const step = plan.bench!.steps.find(({ id }) => id === 'skin.back')!;
    expect(step.duration!.value).toBeCloseTo(stamp!.minutes!.value, 9);
  });

  it('are told where a roller misses itself, with the diameter that fits', () => {
    const stamps = baryonyx.skin.stamps.map((of) => ({ ...of, along: 50 }));
    const snags = everySnag(wholePlan(changed(baryonyx, 'skin', { stamps })).snags);
    const snag = snags.find(({ code }) => code === 'roller-seam');
    expect(snag?.facts).toMatchObject({ fitting: 52 });
  });

  it('of a zone without scales are passed over', () => {
    const stamps = [{ ...baryonyx.skin.stamps[0]!, zone: 'none' }];
    expect(wholePlan(changed(baryonyx, 'skin', { stamps })).skin.stamps).toEqual([]);
  });
});

describe('scales out of scale', () => {
  it('are told where they are set too wide, or where no tool is fine enough', () => {
    const adder = demoWorkpieces().find(({ id }) => id === 'adder-in-a-coil')!;
    const codes = (piece: Workpiece) =>
      everySnag(wholePlan(piece).snags).flatMap((snag) =>
        snag.code === 'scale-too-large' ? [snag.facts.by] : [],
      );
    expect(codes(adder)).toEqual([]);
    const wide = { ...usualZone('carved'), wideMm: 9 };
    expect(codes(changed(adder, 'skin', { zones: { flanks: wide } }))).toContain('width');
    const tiny = changed(adder, 'measure', { scale: { by: 'ratio', lifePerModel: 40 } });
    expect(codes(tiny)).toContain('tool');
  });
});
