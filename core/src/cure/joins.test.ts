import { describe, expect, it } from 'vitest';
import { ANIMALS } from '../anatomy/registry.ts';
import { demoWorkpieces } from '../start/demoPieces.ts';
import { changed, newWorkpiece, plainPiece, wholePlan, wolfPiece } from '../testing/samples.ts';
import { planPiece } from '../plan.ts';
import { DRILLS_MM } from '../wire/hardware.ts';

const hob = () => demoWorkpieces().find(({ id }) => id === 'sluice-hob')!;

describe('joins', () => {
  it.each(ANIMALS.map(({ id, name }) => [name, id] as const))(
    'of a %s: a pin is at most a third of what it holds or its own wire, and its hole takes it',
    (_, id) => {
      const { fittings, cure, wire } = planPiece(newWorkpiece('x', 'X', id));
      const set = fittings.fittings.filter(({ made }) => made === 'set');
      expect(cure.joins.map(({ fittingId }) => fittingId)).toEqual(set.map((of) => of.id));
      for (const { fittingId, pin, drill, seat, when } of cure.joins) {
        const { sizes, material, length, kind } = set.find((of) => of.id === fittingId)!;
        const thin = Math.min(sizes[0]!.thickMm, sizes[0]!.wideMm);
        const shaft = wire.shafts.find(({ key }) => key === `part-${fittingId}`);
        expect(when).toBe(material.standsOven ? 'before' : 'after');
        expect(drill === null).toBe(pin === null);
        if (kind.shape !== 'ball')
          expect(seat!.value).toBeLessThanOrEqual(Math.max(2, length.value / 4));
        if (pin === null) continue;
        if (shaft?.cut) expect(pin.value).toBe(shaft.diameterMm);
        else expect(pin.value).toBeLessThanOrEqual(0.34 * thin);
        expect(DRILLS_MM).toContain(drill!.value);
        // A little wider, for glue: common practice.
        expect(drill!.value - pin.value).toBeGreaterThanOrEqual(0.3 - 1e-9);
        expect(drill!.value - pin.value).toBeLessThan(0.6);
      }
    },
  );

  it('keeps a curled horn from turning, and a straight round spike not', () => {
    const { joins } = planPiece(hob()).cure;
    const of = (id: string) => joins.find(({ fittingId }) => fittingId === id)!;
    expect(of('own-horns').keyed).toBe(true);
    expect(of('own-spikes').keyed).toBe(false);
  });

  it('glues what the oven harms after the last bake', () => {
    const made = { claws: { material: 'resin', spare: null } } as const;
    const { cure, bench } = wholePlan(changed(wolfPiece(), 'fittings', { made }));
    expect(cure.joins.find(({ fittingId }) => fittingId === 'claws')!.when).toBe('after');
    const ids = bench!.steps.map(({ id }) => id);
    expect(ids.indexOf('parts.set.claws')).toBeGreaterThan(ids.indexOf('cure.finish'));
    expect(ids.indexOf('parts.set.claws')).toBeLessThan(ids.indexOf('colour.clean'));
  });
});

describe('parts of the body made apart', () => {
  it('are tried over the wire that goes through them, with the play that was asked for', () => {
    const plan = wholePlan(changed(hob(), 'fittings', { clearanceMm: 0.35 }));
    const [arm] = plan.cure.fits;
    expect(arm).toMatchObject({ id: 'humerus.L', when: 'soft', stop: null });
    const wire = plan.wire.wires.find(({ through }) =>
      through.some(({ boneId }) => boneId === 'humerus.L'),
    )!;
    expect(arm!.inner.value).toBe(wire.diameterMm);
    expect(arm!.bore.value - arm!.inner.value).toBeCloseTo(0.7, 9);
  });

  it('weigh what their bones weigh, left and right', () => {
    const { cure, mass, measure } = wholePlan(hob());
    const left = new Set(['humerus', 'radius', 'metacarpus', 'foreDigits'].map((k) => `${k}.L`));
    const own = (id: string) => left.has(id) || left.has(id.replace('.R', '.L'));
    const grams = mass!.masses.reduce((sum, of) => sum + (own(of.boneId) ? of.grams : 0), 0);
    expect(cure.partGrams[0]!.value).toBeCloseTo(grams, 9);
    expect(grams).toBeGreaterThan(5);
    expect(measure.skeleton.byId.has('humerus.L')).toBe(true);
  });

  it('a jaw turns on a pin, and opens as far as its joint', () => {
    const { cure } = planPiece(changed(wolfPiece(), 'fittings', { apart: ['jaw'] }));
    const jaw = cure.fits.find(({ id }) => id === 'jaw')!;
    expect(jaw.inner.value).toBe(0.8);
    const { freedoms } = planPiece(wolfPiece()).measure.skeleton.byId.get('jaw')!.joint;
    const { minDeg, maxDeg } = freedoms.flexion!;
    expect(jaw.stop!.value).toBe(Math.max(Math.abs(minDeg), Math.abs(maxDeg)));
  });

  it('are built, tried, baked and joined in this order, before the surface goes over them', () => {
    const ids = wholePlan(hob()).bench!.steps.map(({ id }) => id);
    const order = [
      'parts.body.humerus.L',
      'cure.shell',
      'parts.fit.humerus.L',
      'cure.apart',
      'parts.join.humerus.L',
      'mass.work-over',
      'cure.finish',
    ].map((id) => ids.indexOf(id));
    expect(order).toEqual(order.toSorted((a, b) => a - b));
    expect(order[0]).toBeGreaterThan(0);
  });

  it('a body part that is not there is no part', () => {
    const head = changed(plainPiece(), 'measure', { extent: 'head' });
    const plan = planPiece(changed(head, 'fittings', { apart: ['humerus.L'] }));
    expect(plan.fittings.bodyParts).toEqual([]);
  });
});
