import { describe, expect, it } from 'vitest';
import { newCreature } from '../anatomy/creature.ts';
import { ANIMALS } from '../anatomy/registry.ts';
import { buildSkeleton } from '../anatomy/skeleton.ts';
import { subjectOf } from '../anatomy/subject.ts';
import {
  bodyLines,
  compareBodies,
  NORMS,
  normMm,
  oddProportions,
  oddSentence,
} from './proportions.ts';

const library = (animalId: string) => subjectOf({ animalId, creature: null });
const skeletonOf = (animalId: string) => {
  const { plan, animal } = library(animalId);
  return buildSkeleton(plan, animal);
};
const own = (change: Partial<ReturnType<typeof newCreature>>) =>
  subjectOf({ animalId: '', creature: { ...newCreature('own', 'Own', 'grey-wolf'), ...change } });

describe('proportions', () => {
  it.each(ANIMALS.map((animal) => animal.id))(
    'of the %s are 1 for what they are shares of',
    (id) => {
      const skeleton = skeletonOf(id);
      for (const norm of NORMS) expect(normMm(skeleton, norm)).toBeGreaterThan(0);
      const [trunk] = compareBodies([skeleton], 'trunk').filter((line) => line.id === 'trunk');
      expect(trunk!.shares[0]).toBeCloseTo(1, 12);
    },
  );

  it('do not change with the size of the animal', () => {
    const large = own({ size: 3 });
    const both = compareBodies(
      [skeletonOf('grey-wolf'), buildSkeleton(large.plan, large.animal)],
      'head',
    );
    for (const { shares } of both) expect(shares[1]).toBeCloseTo(shares[0]!, 9);
  });

  // Facts of the trade, from memory: what sets these shapes apart at a glance.
  it('set a heron’s neck, a theropod’s tail and a deer’s legs apart', () => {
    const share = (id: string, line: string) =>
      compareBodies([skeletonOf(id)], 'trunk').find((compareBody) => compareBody.id === line)!
        .shares[0]!;
    expect(share('grey-heron', 'neck')).toBeGreaterThan(1.5);
    expect(share('barn-owl', 'neck')).toBeLessThan(0.7);
    expect(share('deinonychus', 'tail')).toBeGreaterThan(1.5);
    expect(share('red-deer', 'hind-limb')).toBeGreaterThan(
      1.6 * share('eurasian-otter', 'hind-limb'),
    );
  });

  it('count a limb along its bones, without a side branch', () => {
    const wolf = skeletonOf('grey-wolf');
    const limb = bodyLines(wolf).find((line) => line.id === 'fore-limb')!;
    const bones = ['scapula.L', 'humerus.L', 'radius.L', 'metacarpus.L', 'foreDigits.L'];
    // The shoulder blade hangs on the side of the chest: it begins the limb.
    const sum = bones.reduce((total, id) => total + wolf.byId.get(id)!.lifeLengthMm, 0);
    expect(limb.mm).toBeCloseTo(sum, 9);
  });
});

describe('odd proportions', () => {
  it('are none of a plain copy, whatever it is a copy of', () => {
    for (const { id } of ANIMALS) {
      const copy = subjectOf({ animalId: '', creature: newCreature('own', 'Own', id) });
      expect(oddProportions(copy), id).toEqual([]);
    }
  });

  it('are told with the animal that comes nearest', () => {
    const long = own({ lengthsMm: { neckLower: 1000 } });
    const [odd] = oddProportions(long);
    expect(oddSentence(odd!)).toMatch(
      /^Neck 1\.\d+ × trunk: longer than any four-footed mammal here \(most: red deer, 0\.49\)\.$/,
    );
    const short = own({ lengthsMm: { humerus: 60, radius: 60, metacarpus: 40 } });
    expect(oddProportions(short).map(oddSentence).join()).toMatch(/Fore limb.*shorter than any/);
  });

  it('leave a little room beyond what is known', () => {
    const most = 1.05;
    const wolf = library('grey-wolf').animal.lengths;
    const neck =
      0.4948 * most * 0.99 * (wolf['thoracic']!.mm + wolf['lumbar']!.mm + wolf['sacrum']!.mm);
    const almost = own({ lengthsMm: { neckLower: neck - wolf['neckUpper']!.mm } });
    expect(oddProportions(almost)).toEqual([]);
  });
});
