import { describe, expect, it } from 'vitest';
import { snagSentence } from '../piece/snag.ts';
import { ANIMALS } from '../anatomy/registry.ts';
import { demoWorkpieces } from '../start/demoPieces.ts';
import { planPiece } from '../plan.ts';
import {
  newWorkpiece,
  changed,
  otterPiece,
  plainPiece,
  wholePlan,
  wolfPiece,
  answersFor,
} from '../testing/samples.ts';
import { loadClass } from './planStrength.ts';
import {
  bundle,
  cantilever,
  diameterForMoment,
  lengthAtYieldMm,
  roundSection,
  yieldMomentNmm,
} from '../wire/sections.ts';

describe('sections', () => {
  it('find the diameter again that holds a moment', () => {
    for (const [d, y, n] of [
      [1.6, 35, 1],
      [2, 250, 2],
      [0.8, 60, 3],
    ] as const)
      expect(diameterForMoment(yieldMomentNmm(d, y, n), y, n)).toBeCloseTo(d, 9);
  });

  // Parallel axes (any text on strength): seven bonded strands are stiffer than one of their area.
  it('hold strands together as one, or let them slip', () => {
    const seven = bundle(7);
    expect(seven.slippingI).toBeLessThan(seven.singleI);
    expect(seven.bondedIx!).toBeGreaterThan(seven.singleI);
    expect(bundle(5).bondedIx).toBeUndefined();
  });

  it('sag less the thicker the wire, sixteen times less for twice the thickness', () => {
    const sag = (d: number): number => cantilever(100, 0.1, 0.002, d, 69_000).tipDeflectionMm;
    let before = Infinity;
    for (let d = 0.6; d < 5; d += 0.2) {
      expect(sag(d)).toBeLessThan(before);
      before = sag(d);
    }
    expect(sag(1) / sag(2)).toBeCloseTo(16, 9);
  });

  it('yield at their root at the length that they say', () => {
    const [tip, even, my] = [0.15, 0.004, yieldMomentNmm(2, 35)];
    const long = lengthAtYieldMm(my, tip, even);
    expect(cantilever(long, tip, even, 2, 69_000).rootMomentNmm).toBeCloseTo(my, 9);
    expect(lengthAtYieldMm(my, tip, 0)).toBeCloseTo(my / tip, 9);
  });

  it('have the moment of inertia of a disc about its middle', () => {
    // By summing strips: ∫ y² dA over a disc of radius 1.
    let sum = 0;
    for (let i = 0; i < 20_000; i++) {
      const y = -1 + (2 * (i + 0.5)) / 20_000;
      sum += y * y * 2 * Math.sqrt(1 - y * y) * (2 / 20_000);
    }
    expect(roundSection(2).iMm4).toBeCloseTo(sum, 6);
  });
});

describe('planStrength', () => {
  const plan = wholePlan(otterPiece());
  const joint = (id: string, of = plan) => of.strength.joints.find(({ boneId }) => boneId === id)!;

  it('loads a neck by what hangs on it: weight times lever', () => {
    const { posed } = plan.stance;
    const skull = joint('skull');
    const working = plan.strength.workings.find(({ id }) => id === 'strength.skull.posed')!;
    const moment = working.inputs.find(({ symbol }) => symbol === 'M')!.value;
    expect(moment).toBeCloseTo(skull.load.stanceNmm, 9);
    expect(working.value).toBeCloseTo((100 * moment) / skull.yieldNmm, 9);
    // No head’s lever is longer than the head, so its weight bounds the moment.
    const long = posed.byId.get('skull')!.bone.lifeLengthMm * posed.sizeFactor;
    expect(moment).toBeLessThan((plan.balance.grams / 1000) * 9.81 * long);
    expect(joint('neckLower').load.stanceNmm).toBeGreaterThan(joint('neckUpper').load.stanceNmm);
    expect(joint('neckUpper').load.stanceNmm).toBeGreaterThan(skull.load.stanceNmm);
  });

  it('turned over, a joint bears no less than the same weight hanging level', () => {
    for (const { isTrunk, load, boneId } of plan.strength.joints)
      if (!isTrunk && /neck|skull|tail/.test(boneId))
        expect(load.handlingNmm, boneId).toBeGreaterThanOrEqual(load.stanceNmm - 1e-9);
  });

  it('is helped by stiffer metal and by more strands', () => {
    const before = joint('radius.L');
    const steel = changed(otterPiece(), 'wire', {
      limbs: Object.fromEntries(
        Object.entries(otterPiece().wire.limbs).map(([id, choice]) => [
          id,
          { ...choice, metal: 'steel-annealed' as const },
        ]),
      ),
    });
    const after = joint('radius.L', wholePlan(steel));
    // Yield 250 over 35 MPa, typical values from memory; the heavier wire takes a little of it back.
    const gain = before.posedShare / after.posedShare;
    expect(gain).toBeLessThan(250 / 35);
    expect(gain).toBeGreaterThan(0.95 * (250 / 35));
    expect(loadClass(after)).not.toBe('gives');
  });

  it('follows the stance: a lifted foot leaves its load to the others', () => {
    const standing = wholePlan(changed(plainPiece(), 'stance', { presetId: 'standing' }));
    const lifted = wholePlan(
      changed(plainPiece(), 'stance', { presetId: 'standing', lifted: ['forefoot.R'] }),
    );
    expect(joint('radius.L', lifted).load.stanceNmm).toBeGreaterThan(
      joint('radius.L', standing).load.stanceNmm,
    );
    expect(joint('radius.R', lifted).load.stanceNmm).toBeLessThan(
      joint('radius.R', standing).load.stanceNmm,
    );
  });

  it('tells a wire that gives, with what would hold and what fits', () => {
    const snag = plan.snags.find(({ code }) => code === 'wire-too-weak')!;
    expect(snag.grade).toBe('watch');
    expect(snagSentence(snag)).toMatch(/bears \d+ % of what bends it .* prop it until it is baked/);
    expect(snagSentence(snag)).toMatch(/at least [\d.]+ mm, or \d+ strands/);
  });

  it('says so where no size both holds and fits, and names a metal or a rod', () => {
    const thin = changed(otterPiece(), 'wire', { coverMm: 8 });
    const sentences = planPiece(thin, answersFor(thin))
      .snags.filter(({ code }) => code === 'wire-too-weak')
      .map((snag) => snagSentence(snag));
    expect(sentences.some((sentence) => /only [\d.]+ mm fits under the clay/.test(sentence))).toBe(
      true,
    );
  });

  it('lets what lies on the ground bear nothing', () => {
    const adder = changed(
      { ...plainPiece(), measure: { ...plainPiece().measure, animalId: 'adder' } },
      'stance',
      { presetId: 'stretched' },
    );
    for (const { load } of planPiece(adder).strength.joints) expect(load.stanceNmm).toBeLessThan(1);
  });

  it('lets a lying body’s trunk rest, and its neck alone hang over', () => {
    const lying = wholePlan(changed(plainPiece(), 'stance', { presetId: 'resting' }));
    expect(joint('thoracic', lying).posedShare).toBeLessThan(1);
    expect(joint('femur.L', lying).posedShare).toBeLessThan(0.01);
    expect(joint('neckLower', lying).load.stanceNmm).toBeGreaterThan(1);
  });

  it('tells how far free ends hang, more for a softer metal', () => {
    const sagOf = (of: typeof plan, id: string): number =>
      of.strength.workings.find((working) => working.id === `strength.sag.${id}`)!.value;
    const wolf = wolfPiece();
    const soft = changed(wolf, 'wire', {
      spine: { ...wolf.wire.spine, metal: 'aluminium-soft' as const },
    });
    const [steel, aluminium] = [wholePlan(wolf), wholePlan(soft)];
    expect(sagOf(aluminium, 'skull')).toBeGreaterThan(2 * sagOf(steel, 'skull'));
    expect(sagOf(steel, 'skull')).toBeGreaterThan(0);
  });

  it.each(ANIMALS.map(({ id }) => [id] as const))('%s: a thicker wire never sags more', (id) => {
    const piece = newWorkpiece('one', 'One', id);
    const sagsWith = (mm: number): Map<string, number> => {
      const size = { system: 'mm', value: mm } as const;
      const { spine, limbs } = piece.wire;
      const wire = {
        spine: { ...spine, size },
        limbs: Object.fromEntries(
          Object.entries(limbs).map(([key, limb]) => [key, { ...limb, size }]),
        ),
        fine: {},
      };
      const { sags } = planPiece(changed(piece, 'wire', wire)).strength;
      // What gives hangs down altogether.
      return new Map(sags.map((sag) => [sag.boneId, sag.mm ?? Infinity]));
    };
    let before = sagsWith(0.6);
    for (const mm of [0.8, 1.2, 2, 3]) {
      const now = sagsWith(mm);
      for (const [bone, sag] of now) expect(sag, bone).toBeLessThanOrEqual(before.get(bone)!);
      before = now;
    }
  });

  it('tells at every joint the thinnest that holds and the thickest that fits', () => {
    const sizeOf = (id: string, what: string): number =>
      plan.strength.workings.find((working) => working.id === `strength.${id}.${what}`)!.value;
    for (const { boneId, metal, strands, load, isTrunk } of plan.strength.joints) {
      const least = sizeOf(boneId, 'least');
      const wanted = Math.max(1.5 * load.stanceNmm, isTrunk ? 0 : load.handlingNmm);
      expect(yieldMomentNmm(least, metal.yieldMPa[2], strands)).toBeCloseTo(wanted, 6);
    }
    // A thigh hides a thicker wire than a shin, and a wider cover leaves less room.
    expect(sizeOf('femur.L', 'most')).toBeGreaterThan(sizeOf('metatarsus.L', 'most'));
    const thin = wholePlan(changed(otterPiece(), 'wire', { coverMm: 2 }));
    const most = thin.strength.workings.find(({ id }) => id === 'strength.femur.L.most')!.value;
    expect(sizeOf('femur.L', 'most') - most).toBeCloseTo(2 * (2 - otterPiece().wire.coverMm), 9);
  });

  it('adds up what wires side by side bear', () => {
    const rods = wholePlan(changed(wolfPiece(), 'wire', { scheme: 'base-rods' }));
    const shin = joint('metacarpus.L', rods);
    expect(shin.bearers.length).toBe(2);
    expect(shin.yieldNmm).toBeCloseTo(
      shin.bearers.reduce((sum, { yieldNmm }) => sum + yieldNmm, 0),
      9,
    );
  });

  it('leaves every demonstration buildable in the scheme it has', () => {
    for (const piece of demoWorkpieces())
      expect(
        wholePlan(piece).snags.filter(({ grade }) => grade === 'fix'),
        piece.id,
      ).toEqual([]);
  });
});
