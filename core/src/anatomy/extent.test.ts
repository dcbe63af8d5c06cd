import { describe, expect, it } from 'vitest';
import { ANIMALS } from './registry.ts';
import { cutTo, extentsOf } from './extent.ts';
import { buildSkeleton } from './skeleton.ts';
import { subjectOf } from './subject.ts';

const ofLibrary = (animalId: string) => subjectOf({ animalId, creature: null });
const cut = (animalId: string, extent: 'head' | 'relief') => {
  const { plan, animal } = cutTo(ofLibrary(animalId), extent);
  return buildSkeleton(plan, animal);
};

describe('what a piece shows of its animal', () => {
  it.each(ANIMALS.map(({ id }) => id))('of %s is whole where it has no head apart', (id) => {
    const subject = ofLibrary(id);
    expect(cutTo(subject, 'whole')).toEqual(subject);
    const extents = extentsOf(subject.plan);
    expect(extents).toEqual(id === 'raft-spider' ? ['whole'] : ['whole', 'head', 'relief']);
  });

  it.each(ANIMALS.map(({ id }) => id).filter((id) => id !== 'raft-spider'))(
    'of %s is a head that hangs together on the first joint of its neck',
    (id) => {
      const { plan, bones, animal } = cut(id, 'head');
      const root = bones[0]!;
      expect(root.parent).toBeNull();
      expect(root.id).toBe(plan.spine[0]);
      const ids = new Set(bones.map((bone) => bone.id));
      for (const bone of bones.slice(1)) expect(ids.has(bone.parent!)).toBe(true);
      const keys = new Set(bones.map(({ key }) => key));
      for (const region of plan.regions)
        for (const key of region.bones) expect(keys.has(key)).toBe(true);
      for (const { bones: zone } of animal.coat)
        expect(zone.some((key) => keys.has(key))).toBe(true);
      expect(plan.contacts).toHaveLength(0);
      expect(plan.limbPairs).toHaveLength(0);
      expect(plan.gaits).toHaveLength(0);
      expect(animal.ranges.massKg).toBeUndefined();
    },
  );

  it('has in a relief the left of what is on both sides, and all of the midline', () => {
    const [head, relief] = [cut('red-deer', 'head'), cut('red-deer', 'relief')];
    expect(relief.bones.some(({ side }) => side === 'right')).toBe(false);
    expect(relief.bones.map(({ id }) => id)).toEqual(
      head.bones.filter(({ side }) => side !== 'right').map(({ id }) => id),
    );
    expect(relief.plan.wall).toBe('beside');
  });

  it('ends in a wall where the neck runs back to it, and in a stump where it rises steeply', () => {
    expect(cut('grey-wolf', 'head').plan.wall).toBe('behind');
    // The first bone of an owl’s neck rises at 72 degrees.
    expect(cut('barn-owl', 'head').plan.wall).toBeUndefined();
  });

  it('has the lengths of the whole animal, and each of its head stances once', () => {
    const whole = buildSkeleton(ofLibrary('grey-wolf').plan, ofLibrary('grey-wolf').animal);
    const head = cut('grey-wolf', 'head');
    for (const bone of head.bones)
      expect(bone.lifeLengthMm).toBe(whole.byId.get(bone.id)!.lifeLengthMm);
    const held = head.plan.stances.map(({ anglesDeg }) => JSON.stringify(anglesDeg));
    expect(new Set(held).size).toBe(held.length);
    expect(held.length).toBeGreaterThan(2);
  });
});
