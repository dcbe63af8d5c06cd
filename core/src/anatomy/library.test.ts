import { newWorkpiece } from '../testing/samples.ts';
import { describe, expect, it } from 'vitest';
import { bodyGrid, COARSE_CELLS } from '../body/bodyGrid.ts';
import { bodyWeight } from '../body/bodyWeight.ts';
import { planSizes } from '../posing/planSizes.ts';
import { planPiece } from '../plan.ts';
import { totalTeeth } from './dentalFormula.ts';
import { animalById, ANIMALS, planById } from './registry.ts';
import { buildSkeleton } from './skeleton.ts';

const ALL = ANIMALS.map((animal) => [animal.name, animal] as const);

// Ranges of whole animals are remembered handbook ranges: plausibility, not proof.
describe.each(ALL)('%s', (_, animal) => {
  const skeleton = buildSkeleton(planById(animal.planId)!, animal);
  const sizes = planSizes(skeleton);

  it('has every size that is known of it, and each follows from the bones inside its range', () => {
    const known = Object.entries(animal.ranges.sizes);
    expect(known.length).toBeGreaterThan(0);
    for (const [id, [low, high]] of known) {
      const mm = sizes.find(({ spec }) => spec.id === id)?.mm;
      expect(mm, id).toBeGreaterThanOrEqual(low);
      expect(mm, id).toBeLessThanOrEqual(high);
    }
  });

  it('weighs at life size what the animal weighs', () => {
    const kg = bodyWeight(bodyGrid(skeleton, COARSE_CELLS), animal).value;
    const [low, high] = animal.ranges.massKg!;
    expect(kg).toBeGreaterThanOrEqual(low);
    expect(kg).toBeLessThanOrEqual(high);
  });

  it('is the mirror image of itself from left to right', () => {
    for (const bone of skeleton.bones.filter((bone) => bone.side === 'left')) {
      const image = skeleton.byId.get(bone.id.replace(/\.L$/, '.R'))!;
      expect(image.lifeLengthMm).toBe(bone.lifeLengthMm);
      expect(image.rest).toEqual([bone.rest[0], bone.rest[1], -bone.rest[2]]);
    }
  });

  it('stands in each of its stances with every foot that should be down on the ground', () => {
    for (const stance of skeleton.plan.stances) {
      const piece = newWorkpiece('one', 'One', animal.id);
      const plan = planPiece({ ...piece, stance: { ...piece.stance, presetId: stance.id } });
      const codes = plan.snags.filter((snag) => snag.stage === 'stance').map((snag) => snag.code);
      expect(codes, stance.id).not.toContain('foot-off-base');
      expect(codes, stance.id).not.toContain('angle-beyond-limit');
    }
  });

  it('begins as a new piece with nothing to fix: its scale fits the oven, its wires the limbs', () => {
    const piece = newWorkpiece('one', 'One', animal.id);
    const { snags } = planPiece(piece);
    expect(snags.filter((snag) => snag.grade === 'fix')).toEqual([]);
  });

  it('marks every number with where it comes from, and a range about it', () => {
    for (const [key, life] of Object.entries(animal.lengths)) {
      expect(life.provenance, key).toBe('memory');
      expect(life.range[0], key).toBeLessThan(life.range[1]);
    }
    expect(animal.counts?.length).toBeGreaterThan(0);
    expect(animal.commonMistake).toMatch(/\.$/);
  });
});

describe('counts of the library', () => {
  const countOf = (id: string, name: RegExp): readonly [number, number] =>
    animalById(id)!.counts!.find((count) => name.test(count.name))!.range;

  // Dental formulas as handbooks of mammals give them, from memory: upper and lower, one side.
  it.each([
    ['grey-wolf', '3.1.4.2', '3.1.4.3'],
    ['eurasian-otter', '3.1.4.1', '3.1.3.2'],
    ['red-deer', '0.1.3.3', '3.1.3.3'],
    ['alpine-ibex', '0.0.3.3', '3.1.3.3'],
    ['thylacine', '4.1.3.4', '3.1.3.4'],
  ])('the teeth of the %s follow from its dental formula', (id, upper, lower) => {
    const teeth = totalTeeth(upper, lower)!;
    expect(countOf(id, /^Teeth$/)).toEqual([teeth, teeth]);
  });

  // Handbooks of birds and field guides of reptiles, recalled: plausibility ranges.
  it.each([
    ['grey-heron', /Secondaries/, 15, 20],
    ['grey-heron', /Tail feathers/, 12, 12],
    ['barn-owl', /Secondaries/, 11, 19],
    ['barn-owl', /Primaries/, 10, 11],
    ['adder', /Belly scutes/, 132, 158],
    ['adder', /Rows of scales/, 19, 23],
    ['northern-pike', /lateral line/, 105, 148],
    ['nile-crocodile', /^Teeth$/, 64, 68],
  ])('%s: %s lie within what handbooks give', (id, name, low, high) => {
    const [from, to] = countOf(id, name);
    expect(from).toBeGreaterThanOrEqual(low);
    expect(to).toBeLessThanOrEqual(high);
  });

  // A fact of the trade, common practice: seven neck vertebrae in nearly every mammal.
  it.each(
    ANIMALS.filter((animal) => animal.planId === 'four-footed-mammal').map((animal) => animal.id),
  )('%s has seven neck vertebrae', (id) => {
    expect(countOf(id, /Neck vertebrae/)).toEqual([7, 7]);
  });
});
