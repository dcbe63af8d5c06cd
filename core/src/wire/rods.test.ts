import { describe, expect, it } from 'vitest';
import { planPiece } from '../plan.ts';
import { newWorkpiece, changed, wholePlan } from '../testing/samples.ts';

const planOf = (animalId: string, presetId?: string, rodMm?: number) => {
  const piece = newWorkpiece('one', 'One', animalId);
  const { base } = piece.stance;
  return planPiece(
    changed(piece, 'stance', {
      ...(presetId === undefined ? {} : { presetId }),
      ...(rodMm === undefined ? {} : { base: { ...base, rodMm } }),
    }),
  );
};

describe('rods', () => {
  it('hold a fish in two places, each cut from the base to the bone and on', () => {
    const plan = planOf('northern-pike');
    const rods = plan.wire.wires.filter((wire) => wire.kind === 'rod');
    expect(rods.map((rod) => rod.id)).toEqual(['B', 'C']);
    for (const rod of rods) {
      expect(rod.bends).toEqual([]);
      const sum = rod.lines.reduce((total, line) => total + line.value, 0);
      expect(rod.cut.value).toBeCloseTo(sum, 9);
    }
    expect(plan.wire.base.holes).toHaveLength(2);
    expect(plan.snags.map((snag) => snag.code)).not.toContain('too-few-feet');
  });

  it('grow by as much as the fish is lifted', () => {
    const cut = (rodMm: number) =>
      planOf('northern-pike', 'straight', rodMm).wire.wires.find((wire) => wire.id === 'B')!.cut
        .value;
    expect(cut(90) - cut(60)).toBeCloseTo(30, 6);
  });

  it('keep a serpent from turning, and leave out a foot for it', () => {
    const plan = planOf('adder', 'coiled');
    expect(plan.wire.wires.map((wire) => wire.kind)).toEqual(['spine', 'rod', 'rod']);
    expect(plan.wire.unwired).toEqual([]);
  });

  // One rod that is bolted and keyed carries a piece: common practice.
  it('carry a bird that flies by one, which is enough', () => {
    const plan = planOf('grey-heron', 'flying');
    expect(plan.wire.wires.filter((wire) => wire.kind === 'rod')).toHaveLength(1);
    expect(plan.snags.map((snag) => snag.code)).not.toContain('too-few-feet');
    expect(plan.wire.unwired).toEqual([]);
  });
});

describe('folded limbs', () => {
  it('carry no wire, and are named', () => {
    const plan = planOf('grey-heron', 'standing');
    expect(plan.wire.unwired).toEqual(['Wings']);
    const large = plan.wire.wires.filter(({ kind }) => kind !== 'fine');
    expect(large.map((wire) => wire.name)).toEqual(['Spine', 'Legs']);
  });

  it('have their wire when they are spread, ending short of the tip and without a peg', () => {
    const wings = planOf('grey-heron', 'spread').wire.wires.find((wire) => wire.name === 'Wings')!;
    expect(wings.route.pegs).toEqual([false, false]);
    expect(wings.lines.find((line) => line.id.endsWith('pegs'))?.value).toBe(0);
    expect(wings.route.points[0]!.name).toBe('left end of the hand');
  });
});

describe('the steps', () => {
  it('lash rods instead of winding them, and do not bend what is straight', () => {
    const steps = wholePlan(newWorkpiece('one', 'One', 'northern-pike')).bench!.steps;
    const bind = steps.find((step) => step.id === 'wire.bind')!;
    expect(JSON.stringify(bind.sentence)).toMatch(/Lash B \(rod, belly, front\) and C/);
    expect(JSON.stringify(bind.sentence)).not.toMatch(/Wind/);
    const rod = steps.find((step) => step.id === 'wire.B.bend')!;
    expect(rod.title).toMatch(/^Straighten B/);
    expect(rod).not.toHaveProperty('bendsWire');
  });
});
