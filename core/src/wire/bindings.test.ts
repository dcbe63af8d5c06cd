import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { snagSentence } from '../piece/snag.ts';
import { planPiece } from '../plan.ts';
import { changed, otterPiece, plainPiece } from '../testing/samples.ts';
import { BINDERS } from './binders.ts';
import { beltMm, crossTurnMm } from './bindings.ts';
import { DRILLS_MM, drillFor, HOLE_CLEARANCE_MM, THREADS } from './hardware.ts';

const planOf = (wire: Partial<ReturnType<typeof plainPiece>['wire']>, piece = plainPiece()) =>
  planPiece(changed(piece, 'wire', wire));

describe('a belt round two wires', () => {
  it('is the hull of two circles, by walking round it in small steps', () => {
    const d = fc.double({ min: 0.3, max: 4, noNaN: true });
    fc.assert(
      fc.property(d, d, fc.double({ min: 0.1, max: 1, noNaN: true }), (a, b, t) => {
        // Support function of the hull: h(φ) = max over both circles; length = ∫ h dφ (Cauchy).
        const [ra, rb, c] = [(a + t) / 2, (b + t) / 2, (a + b) / 2];
        const steps = 20_000;
        let length = 0;
        for (let i = 0; i < steps; i++) {
          const phi = (2 * Math.PI * (i + 0.5)) / steps;
          length += (Math.max(ra, rb + c * Math.cos(phi)) * 2 * Math.PI) / steps;
        }
        expect(beltMm(a, b, t)).toBeCloseTo(length, 4);
      }),
      { seed: 4, numRuns: 40 },
    );
  });

  it('is shorter than a turn on the diagonal of a crossing, which is reckoned on the safe side', () => {
    for (const [a, b] of [
      [1, 1],
      [2, 4],
      [0.5, 6],
    ] as const)
      expect(beltMm(a, b, 0.4)).toBeLessThan(crossTurnMm(a, b, 0.4) + 1e-9);
  });
});

describe('bindings', () => {
  it('add up to the tie wire in all', () => {
    const { bindings, total } = planOf({}).wire.bindings;
    const sum = bindings.reduce((mm, { length, count }) => mm + count * length.value, 0);
    expect(total).toMatchObject({ unit: 'm' });
    expect(total.value).toBeCloseTo(sum / 1000, 9);
    for (const { wires } of bindings) expect(new Set(wires).size).toBe(2);
  });

  it('cross every pair of limbs over the spine on the diagonal', () => {
    const { wires, bindings } = planOf({}).wire;
    const crossed = bindings.bindings.filter(({ kind }) => kind === 'cross');
    expect(crossed.map((entry) => entry.wires)).toEqual(
      wires.filter(({ kind }) => kind === 'limbs').map(({ id }) => [id, 'A']),
    );
  });

  it('are counted, not measured, where nothing is wound', () => {
    const { total } = planOf({ binder: { ...plainPiece().wire.binder, kind: 'solder' } }).wire
      .bindings;
    expect(total).toMatchObject({ unit: 'count' });
  });

  // From memory of the makers' data: hot-melt glue goes soft from 65 °C, oven clay bakes from 110 °C.
  it('are told not to go into the oven, each by what it stands', () => {
    const { binder } = otterPiece().wire;
    const codes = BINDERS.map(({ id }) => {
      const snag = planOf({ binder: { ...binder, kind: id } }, otterPiece()).snags.find(
        ({ code }) => code === 'binding-in-oven',
      );
      if (snag) expect(snagSentence(snag)).toMatch(/holds to about \d+ °C.*oven will be at \d+ °C/);
      return [id, snag?.grade ?? 'goes'];
    });
    expect(Object.fromEntries(codes)).toEqual({
      'tie-wire': 'goes',
      'paper-tape': 'goes',
      thread: 'goes',
      putty: 'watch',
      solder: 'goes',
      'hot-glue': 'fix',
    });
  });

  it('may be glued where nothing is baked', () => {
    const { binder } = otterPiece().wire;
    const dry = changed(otterPiece(), 'mass', {
      clay: { ...otterPiece().mass.clay, classId: 'air-dry' },
    });
    const plan = planOf({ binder: { ...binder, kind: 'hot-glue' } }, dry);
    expect(plan.snags.map(({ code }) => code)).not.toContain('binding-in-oven');
  });
});

// Common practice: tie wire, rod and hole must fit each other.
describe('what fits what', () => {
  it('gives every wire up to 12 mm a drill that is sold, with its clearance and little more', () => {
    for (let d = 0.3; d <= 12; d += 0.05) {
      const drill = drillFor(d);
      expect(DRILLS_MM).toContain(drill);
      expect(drill).toBeGreaterThanOrEqual(d + HOLE_CLEARANCE_MM - 1e-9);
      expect(drill - d).toBeLessThan(0.85);
    }
  });

  it('lets every thread through its hole, and its washer over the hole', () => {
    for (const { diameterMm, clearanceMm, washerMm, acrossFlatsMm } of THREADS) {
      expect(clearanceMm).toBeGreaterThan(diameterMm);
      expect(clearanceMm).toBeLessThan(1.25 * diameterMm);
      expect(washerMm).toBeGreaterThan(acrossFlatsMm);
      expect(washerMm).toBeGreaterThan(1.5 * clearanceMm);
    }
  });

  it('ties with wire that is thinner than what it binds', () => {
    const { wires } = planOf({}).wire;
    const tie = plainPiece().wire.binder.size.value;
    for (const { diameterMm, kind } of wires)
      if (kind !== 'fine') expect(tie).toBeLessThan(diameterMm);
  });

  // Common practice: at least two points of fixing; one point needs a rod.
  it('tells a piece that is fixed at one point only', () => {
    const entry = changed(plainPiece(), 'stance', {
      lifted: ['forefoot.L', 'forefoot.R', 'hindfoot.R'],
    });
    expect(planPiece(entry).snags.map(({ code }) => code)).toContain('too-few-feet');
    const iron = planPiece(changed(entry, 'wire', { scheme: 'back-iron' }));
    expect(iron.wire.base.holes).toHaveLength(1);
  });

  it('tells a foot that is too thin to hide its peg', () => {
    const size = { system: 'mm', value: 7 } as const;
    const thick = { metal: 'aluminium-soft', size, strands: 1 };
    const plan = planOf({ limbs: { 'hind-legs': thick, 'fore-legs': thick } });
    const snag = plan.snags.find(({ code }) => code === 'peg-shows')!;
    expect(snagSentence(snag)).toMatch(/thick and its peg 7.0 mm: the peg will show/);
  });

  it('sets the pegs crosswise over the board', () => {
    const { holes } = planOf({}).wire.base;
    const [first, second] = [1, 2].map((turn) => holes.find(({ order }) => order === turn)!);
    expect(holes.map(({ order }) => order).toSorted()).toEqual([1, 2, 3, 4]);
    // The second is the one diagonally opposite.
    expect(Math.sign(first!.x - second!.x)).toBe(1);
    expect(Math.sign(first!.z)).toBe(-Math.sign(second!.z));
  });
});
