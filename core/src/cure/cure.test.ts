import type { Workpiece } from '../workshop/workpiece.ts';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { planPiece } from '../plan.ts';
import type { Plan } from '../planTypes.ts';
import { changed, otterPiece, plainPiece, wholePlan, answersFor } from '../testing/samples.ts';
import { heatFlow, timeToReachS } from './heatFlow.ts';
import { done } from '../jobs/jobKinds.ts';
import { oneTermTimeS, slabMiddle, type HeatMaterial } from './oneTermHeat.ts';
import { besselJ, erf, scaledErfc } from './specialFunctions.ts';

const CLAY: HeatMaterial = { conductivity: 0.25, densityKgM3: 1700, specificHeat: 1350, film: 12 };
const withLabel = (
  piece: Workpiece,
  label: Partial<Workpiece['mass']['clay']['label']>,
): Workpiece =>
  changed(piece, 'mass', {
    clay: { ...piece.mass.clay, label: { ...piece.mass.clay.label, ...label } },
  });
/** The otter with eyes of clay, which are hard before the shell that they press their sockets into. */
const eyesOfClay = (): Workpiece =>
  changed(otterPiece(), 'fittings', { made: { eyes: { material: 'clay', spare: 2 } } });
const stageOf = ({ cure }: Plan, id: string) => cure.stages.find((stage) => stage.id === id)!;
const codes = (piece: Workpiece): readonly string[] =>
  wholePlan(piece, true).snags.map((snag) => snag.code);

// Values of Abramowitz & Stegun, Handbook of Mathematical Functions, tables 7.1 and 9.1, from memory.
describe('special functions', () => {
  it.each([
    [0.5, 0.5204998778],
    [1, 0.8427007929],
    [2, 0.995322265],
    [3, 0.9999779095],
    [-1, -0.8427007929],
  ])('erf(%f)', (x, value) => expect(erf(x)).toBeCloseTo(value, 9));

  it('J₀ and J₁ at 1, and the first root of J₀', () => {
    expect(besselJ(0, 1)).toBeCloseTo(0.7651976866, 9);
    expect(besselJ(1, 1)).toBeCloseTo(0.4400505857, 9);
    expect(besselJ(0, 2.404825557695773)).toBeCloseTo(0, 12);
  });

  it('keeps exp(x²)·erfc(x) whole where erfc vanishes, and joins its two branches', () => {
    expect(scaledErfc(2.5 - 1e-9)).toBeCloseTo(scaledErfc(2.5 + 1e-9), 8);
    // Asymptotic series 1/(x√π)·(1 − 1/(2x²) + 3/(4x⁴) …), A&S 7.1.23.
    expect(scaledErfc(50)).toBeCloseTo((1 / (50 * Math.sqrt(Math.PI))) * (1 - 1 / 5000), 8);
  });
});

describe('heatFlow by finite volumes', () => {
  it('agrees with the whole series for slabs of any thickness, film and time', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 25, noNaN: true }),
        fc.double({ min: 5, max: 60, noNaN: true }),
        fc.integer({ min: 60, max: 5400 }),
        (mm, film, seconds) => {
          const material = { ...CLAY, film };
          const body = { shape: 'slab', innerM: 0, thicknessM: mm / 1000, coreJPerM2K: 0 } as const;
          const steps = Math.ceil(seconds / 2);
          const curve = heatFlow(body, material, 20, 130, seconds / steps, steps);
          const exact = 130 - 110 * slabMiddle(material, mm / 1000, seconds);
          expect(Math.abs(curve.innermost.at(-1)! - exact)).toBeLessThan(0.15);
        },
      ),
      { seed: 31, numRuns: 40 },
    );
  });

  it.each(['cylinder', 'sphere'] as const)('agrees with the one-term time of a %s', (shape) => {
    const body = { shape, innerM: 0, thicknessM: 0.02, coreJPerM2K: 0 };
    const curve = heatFlow(body, CLAY, 20, 130, 2, 4000);
    const volumes = timeToReachS(curve.innermost, 2, 110)!;
    expect(volumes / oneTermTimeS(shape, CLAY, 0.02, 20 / 110)).toBeCloseTo(1, 2);
  });

  it('is slower over a core that holds heat, and never hotter than the oven', () => {
    const shell = (coreJPerM2K: number) =>
      heatFlow(
        { shape: 'slab', innerM: 0, thicknessM: 0.005, coreJPerM2K },
        CLAY,
        20,
        130,
        5,
        1000,
      );
    const [plain, holding] = [shell(0), shell(8000)];
    plain.innermost.forEach((t, i) => {
      if (i > 2) expect(holding.innermost[i]!).toBeLessThan(t);
      expect(plain.surface[i]!).toBeLessThanOrEqual(130 + 1e-9);
      expect(t).toBeLessThanOrEqual(plain.surface[i]! + 0.02);
    });
  });

  it('finds the time between two steps, and none that never comes', () => {
    expect(timeToReachS([20, 40, 80], 10, 60)).toBeCloseTo(15, 12);
    expect(timeToReachS([20, 40, 80], 10, 20)).toBe(0);
    expect(timeToReachS([20, 40, 80], 10, 81)).toBeNull();
  });
});

describe('the bake', () => {
  it('is the longer of the packet’s rule and the physical time, each with its own minutes', () => {
    const { cure } = wholePlan(eyesOfClay(), true);
    const { holdMin } = otterPiece().cure;
    for (const stage of cure.stages) {
      const own = new Set(stage.cases.map(({ id }) => id));
      const heat = cure.heat.filter(({ result }) => own.has(result.caseId));
      expect(heat).toHaveLength(own.size);
      const slowest = Math.max(...heat.map(({ working }) => working.value));
      const corner = Math.max(...heat.map(({ working }) => working.range![1]));
      expect(stage.needed!.value).toBeCloseTo(Math.max(stage.rule.value, slowest + holdMin), 9);
      expect(stage.needed!.range).toEqual([
        stage.needed!.value,
        Math.max(stage.rule.value, corner + holdMin),
      ]);
      expect(stage.bake!.value).toBe(5 * Math.ceil(stage.needed!.value / 5));
    }
    expect(cure.stages.map(({ id }) => id)).toEqual(['parts', 'shell', 'finish']);
    const [parts, shell, finish] = cure.stages.map(({ bake }) => bake!.value) as [
      number,
      number,
      number,
    ];
    expect(parts).toBeLessThan(shell);
    expect(shell).toBeLessThanOrEqual(finish);
  });

  it('goes by the clay that is there: a shell without the skin that comes over it later', () => {
    const { cure, mass } = wholePlan(otterPiece(), true);
    const of = (id: string) => cure.cases.find((heatCase) => heatCase.id === id)!;
    const skins = mass!.regions.map(({ skinMm }) => skinMm);
    const less = of('shell-insulating').thicknessMm - of('shell-insulating.shell').thicknessMm;
    expect(less).toBeCloseTo(Math.max(...skins), 9);
    expect(of('solid').thicknessMm).toBeCloseTo(of('solid.shell').thicknessMm, 9);
  });

  it('goes by the thickest clay that Mass measured, and by no bone', () => {
    const { cure, mass } = wholePlan(otterPiece(), true);
    const solid = mass!.regions
      .filter(({ core }) => core === 'solid')
      .map(({ region }) => region.id);
    const measured = mass!.shape!.shape.thick.filter(({ regionId }) => solid.includes(regionId));
    const thickest = Math.max(...measured.map(({ mm }) => mm));
    const rule = cure.packets.find(({ caseId }) => caseId === 'solid')!;
    expect(rule.thickness.value).toBeCloseTo(thickest, 9);
    expect(cure.cases.find(({ id }) => id === 'solid')!.thicknessMm).toBeCloseTo(thickest, 9);
  });

  it('bakes parts by their own thickness: a large eye is no small part', () => {
    const sized = changed(otterPiece(), 'measure', { scale: { by: 'eye', mm: 21 } });
    const large = changed(sized, 'fittings', { made: {} });
    const clay = changed(large, 'fittings', {
      made: { eyes: { material: 'clay', spare: 2 } },
    });
    const parts = stageOf(wholePlan(clay, true), 'parts');
    expect(parts.rule.value).toBeCloseTo((30 * 21) / 6, 6);
    expect(parts.bake!.value).toBeGreaterThanOrEqual(parts.rule.value);
  });

  it('follows the label, which wins over the class', () => {
    const labelled = withLabel(plainPiece(), { temperatureC: 110, minutes: 20, perMm: 5 });
    const { cure } = wholePlan(labelled);
    expect(cure.dial!.value).toBe(110);
    expect(cure.figures.temperature).toMatchObject({ value: 110, provenance: 'own' });
    const solid = cure.packets.find(({ caseId }) => caseId === 'solid')!;
    expect(solid.time.value).toBeCloseTo((20 * solid.thickness.value) / 5, 9);
  });

  it('waits for the low end of what the clay cures at, not for the oven’s own temperature', () => {
    const { request, figures } = wholePlan(plainPiece()).cure;
    for (const { targetC } of request!.cases) expect(targetC).toBe(figures.temperature!.range![0]);
    const labelled = wholePlan(withLabel(plainPiece(), { temperatureC: 125 })).cure;
    for (const { targetC } of labelled.request!.cases) expect(targetC).toBe(115);
  });

  it('sets the dial lower where a thermometer shows more', () => {
    const { cure } = planPiece(changed(plainPiece(), 'cure', { ovenOffsetC: 12 }));
    expect([cure.dial!.value, cure.oven!.value]).toEqual([118, 130]);
  });

  it('is quicker with a fan', () => {
    const reach = (fan: boolean): number =>
      wholePlan(changed(otterPiece(), 'cure', { fan }), true).cure.heat[0]!.working.value;
    expect(reach(true)).toBeLessThan(0.7 * reach(false));
  });

  it.each([
    [{ method: 'shell-first', partsFirst: true }, 3],
    [{ method: 'shell-first', partsFirst: false }, 2],
    [{ method: 'all-at-once', partsFirst: true }, 2],
    [{ method: 'all-at-once', partsFirst: false }, 1],
  ] as const)('%j takes %i rounds with eyes of clay', (part, rounds) => {
    expect(planPiece(changed(eyesOfClay(), 'cure', part)).cure.bakes.value).toBe(rounds);
  });

  it('ignores the answer to an older question', () => {
    const asked = wholePlan(otterPiece()).jobs.heat!;
    const thicker = changed(otterPiece(), 'mass', { shellMm: 6 });
    const { cure } = planPiece(thicker, { ...answersFor(thicker), heat: done(asked) });
    expect(cure).toMatchObject({ run: null, heat: [] });
  });
});

describe('clay that needs no oven', () => {
  it.each(['air-dry', 'epoxy'] as const)('%s asks for no heat and tells hours', (classId) => {
    const { clay } = plainPiece().mass;
    const piece = changed(plainPiece(), 'mass', { clay: { ...clay, classId } });
    const { cure } = planPiece(piece);
    expect(cure).toMatchObject({ request: null, dial: null });
    for (const { bake, rule } of cure.stages) expect([bake, rule.unit]).toEqual([null, 'h']);
    expect(cure.workings.every((working) => Number.isFinite(working.value))).toBe(true);
  });
});

describe('snags of Cure', () => {
  it('tell an oven above the clay’s limit and one too cool, whoever set it', () => {
    expect(codes(changed(otterPiece(), 'cure', { setC: 180 }))).toContain('clay-over-limit');
    expect(codes(withLabel(otterPiece(), { limitC: 120 }))).toContain('clay-over-limit');
    expect(codes(changed(otterPiece(), 'cure', { setC: 80 }))).toContain('oven-too-cool');
  });

  it('tell a bake that is too short for the slowest clay, and clay that never gets hot', () => {
    const minutes = { finish: 20 };
    const hurried = wholePlan(changed(otterPiece(), 'cure', { minutes }), true);
    const snags = hurried.snags.filter((snag) => snag.code === 'bake-too-short');
    expect(snags.map(({ facts }) => facts)).toMatchObject([
      { bake: 'finish', minutes: 20, neededMin: stageOf(hurried, 'finish').needed!.value },
    ]);
    const lump = changed(otterPiece(), 'mass', {
      shells: { trunk: { core: 'solid', shellMm: 5 } },
    });
    const large = changed(lump, 'measure', { scale: { by: 'ratio', lifePerModel: 0.7 } });
    expect(codes(large)).toContain('bake-never-hot');
  });

  it('are none for the demonstration', () => {
    const own = wholePlan(otterPiece(), true).snags.filter((snag) => snag.stage === 'cure');
    expect(own).toEqual([]);
  });
});
