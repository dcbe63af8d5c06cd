import type { Workpiece } from '../workshop/workpiece.ts';
import { describe, expect, it } from 'vitest';
import { planPiece } from '../plan.ts';
import { changed, otterPiece, plainPiece, wholePlan } from '../testing/samples.ts';
import { FILM } from './heatRequest.ts';
import { HORIZON_MIN, heatRun } from './heatRun.ts';

const cureOf = (piece: Workpiece) => wholePlan(piece).cure;
const allOf = (piece: Workpiece, core: 'foil' | 'solid'): Workpiece =>
  changed(piece, 'mass', {
    shells: Object.fromEntries(
      planPiece(piece).builds.map((build) => [build.region.id, { core, shellMm: 4 }]),
    ),
  });

describe('places that are slow to warm', () => {
  const ofFinish = (piece: Workpiece) =>
    cureOf(piece).cases.filter(({ bake }) => bake === 'finish');

  it('are the thickest shell, twice, and the thickest solid part', () => {
    const { mass } = wholePlan(otterPiece());
    const cases = ofFinish(otterPiece());
    expect(cases.map((heatCase) => heatCase.id)).toEqual([
      'shell-insulating',
      'shell-holding',
      'solid',
    ]);
    expect(cases[0]!.thicknessMm).toBe(5);
    const solid = mass!.regions
      .filter(({ core }) => core === 'solid')
      .map(({ region }) => region.id);
    const thick = mass!.thickness.filter(({ regionId }) => solid.includes(regionId));
    expect(cases[2]!.thicknessMm).toBeCloseTo(Math.max(...thick.map(({ mm }) => mm)), 9);
    expect(cases[2]!.body).toMatchObject({ shape: 'cylinder', innerM: 0, coreJPerM2K: 0 });
  });

  it('are only those there are', () => {
    expect(ofFinish(allOf(otterPiece(), 'solid')).map((heatCase) => heatCase.id)).toEqual([
      'solid',
    ]);
    expect(ofFinish(allOf(otterPiece(), 'foil')).map((heatCase) => heatCase.id)).toEqual([
      'shell-insulating',
      'shell-holding',
    ]);
  });

  it('give the packed core the heat of aluminium: ρ·c·V/A under each m² of skin', () => {
    const { cure, mass } = wholePlan(otterPiece());
    const { place, body } = cure.cases.find(({ id }) => id === 'shell-holding')!;
    const shell = mass!.regions.find(({ region }) => place.startsWith(`${region.name}, `))!;
    const deepM = shell.coreMm3 / shell.areaMm2 / 1000;
    // 0.8 g/ml packed; aluminium 900 J/(kg·K), a handbook value.
    expect(body.coreJPerM2K).toBeCloseTo(800 * 900 * deepM, 6);
  });
});

describe('the question to the heat flow', () => {
  it('carries typical figures between its quickest and slowest corners', () => {
    const { cases } = cureOf(otterPiece()).request!;
    const { typical, slowest, quickest, targetC, ovenC } = cases[0]!;
    for (const key of ['conductivity', 'film'] as const) {
      expect(slowest[key]).toBeLessThan(typical[key]);
      expect(quickest[key]).toBeGreaterThan(typical[key]);
    }
    expect(slowest.specificHeat).toBeGreaterThan(quickest.specificHeat);
    expect(typical.densityKgM3).toBeCloseTo(1750, 6);
    expect([ovenC, targetC]).toEqual([130, 120]);
  });

  it('takes the moving air of a fan', () => {
    const withFan = changed(otterPiece(), 'cure', { fan: true });
    expect(cureOf(withFan).request!.cases[0]!.typical.film).toBe(FILM.fan[2]);
    expect(cureOf(otterPiece()).request!.cases[0]!.typical.film).toBe(FILM.still[2]);
  });

  it('is another one exactly where its answer would be', () => {
    const key = (piece: Workpiece) => cureOf(piece).request!.key;
    const same = [
      changed(otterPiece(), 'skin', { tools: [] }),
      changed(otterPiece(), 'cure', {
        holdMin: 40,
        minutes: { shell: 60, finish: 60 },
      }),
      changed(otterPiece(), 'colour', { primer: 'white' }),
    ];
    for (const piece of same) expect(key(piece)).toBe(key(otterPiece()));
    const other = [
      changed(otterPiece(), 'cure', { fan: true }),
      changed(otterPiece(), 'cure', { setC: 135 }),
      changed(otterPiece(), 'measure', { scale: { by: 'ratio', lifePerModel: 4 } }),
    ];
    for (const piece of other) expect(key(piece)).not.toBe(key(otterPiece()));
  });
});

describe('the answer', () => {
  it('has a temperature for each minute, rising from the room to the oven', () => {
    const request = cureOf(plainPiece()).request!;
    const told: number[] = [];
    const { results } = heatRun(request, (done) => told.push(done));
    expect(told.at(-1)).toBe(1);
    for (const { caseId, innermostC, surfaceC, reachMin, quickestMin, slowestMin } of results) {
      const { ovenC } = request.cases.find(({ id }) => id === caseId)!;
      expect(innermostC).toHaveLength(HORIZON_MIN + 1);
      expect(innermostC[0]).toBe(20);
      expect(innermostC.at(-1)!).toBeCloseTo(ovenC, 0);
      innermostC.forEach((t, i) => {
        // A small part is hot within a few steps, and overshoots by the last bits.
        if (i > 0) expect(t).toBeGreaterThanOrEqual(innermostC[i - 1]! - 1e-5);
        expect(t).toBeLessThanOrEqual(surfaceC[i]! + 0.05);
      });
      expect(quickestMin!).toBeLessThan(reachMin!);
      expect(slowestMin!).toBeGreaterThan(reachMin!);
    }
  });
});
