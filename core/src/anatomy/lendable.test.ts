import { describe, expect, it } from 'vitest';
import { composeCreature } from './composeCreature.ts';
import { creatureFaults } from './creatureFaults.ts';
import { newCreature, type Creature } from './creature.ts';
import { animalFaults } from './faults.ts';
import { lendableParts } from './lendable.ts';
import { ANIMALS, animalById, planById } from './registry.ts';

const names = (id: string): readonly string[] => {
  const animal = animalById(id)!;
  return lendableParts(animal, planById(animal.planId)!).map(({ name }) => name);
};
const wolfWith = (from: string, part: string, at = 0.3): Creature => ({
  ...newCreature('own', 'Own', 'grey-wolf'),
  grafts: [{ id: 'added', name: 'Added', from, part, onBone: 'skull', at, size: 1 }],
});

describe('what an animal lends', () => {
  it('is its parts, and ears, horns, feelers by themselves', () => {
    expect(names('red-deer')).toEqual(expect.arrayContaining(['Ear', 'Horn']));
    expect(names('grey-wolf')).not.toContain('Horn');
    expect(names('woolly-mammoth')).toContain('Trunk (proboscis)');
    expect(names('stag-beetle')).toEqual(expect.arrayContaining(['Antenna', 'Mandible']));
    for (const { id } of ANIMALS) expect(names(id), id).not.toContain('Lower jaw');
  });

  it.each([
    ['alpine-ibex', 'horn', ['horn.L', 'horn.R', 'horn4.L', 'horn4.R']],
    ['red-deer', 'horn', ['horn.L', 'hornTip.R']],
    ['woolly-mammoth', 'proboscis', ['proboscis']],
    ['stag-beetle', 'mandible', ['mandible.L', 'mandibleTip.L']],
  ])('%s lends a wolf its %s: whole, with flesh and colour', (from, part, bones) => {
    const creature = wolfWith(from, part);
    expect(creatureFaults(creature)).toEqual([]);
    const { plan, animal } = composeCreature(creature)!;
    expect(plan.bones.map(({ id }) => id)).toEqual(expect.arrayContaining(bones));
    expect(animalFaults({ ...plan, id: animal.planId }, animal)).toEqual([]);
    expect(plan.bones.find(({ id }) => id === bones[0])!.parent).toBe('skull');
    // The wolf keeps its own head.
    expect(plan.bones.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['skull', 'ear.L', 'jaw']),
    );
  });

  it('lends ears under names of their own to what has ears', () => {
    const { plan } = composeCreature(wolfWith('red-deer', 'ear', 0.14))!;
    expect(plan.bones.filter(({ id }) => id.endsWith('ear.L'))).toHaveLength(2);
  });

  it('tells what can be lent where something else is asked for', () => {
    const [fault] = creatureFaults(wolfWith('grey-wolf', 'horn'));
    expect(fault!.received).toBe('horn');
    expect(fault!.allowed).toContain('ear');
  });
});
