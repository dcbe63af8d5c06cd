import { describe, expect, it } from 'vitest';
import { composeCreature } from '../anatomy/composeCreature.ts';
import { newCreature, type Creature } from '../anatomy/creature.ts';
import { poseSkeleton } from '../anatomy/pose.ts';
import { buildSkeleton } from '../anatomy/skeleton.ts';
import { distance } from '../geometry/vec3.ts';
import { posedApart, type PosedApart } from './apart.ts';

const copy = (base: string): Creature => newCreature('own', 'Own', base);
const graft = (from: string, part: string, onBone: string, at = 1): Creature['grafts'][number] => ({
  ...{ id: 'added', name: 'Added', from, part, onBone, at },
  size: 1,
});
const whole = (creature: Creature) => composeCreature(creature)!;

describe('an own animal', () => {
  it('brings along what stands out of a lent part, at the size of the part', () => {
    const tines = ({ plan, animal }: ReturnType<typeof whole>) =>
      posedApart(poseSkeleton(buildSkeleton(plan, animal), {})).filter(
        ({ curve }) => curve === 'brow',
      );
    const longOf = ({ samples }: PosedApart): number =>
      distance(samples[0]!.at, samples.at(-1)!.at);
    const deer = tines(whole(copy('red-deer')));
    const large = { ...graft('red-deer', 'head', 'thoracic', 1), size: 2 };
    const horned = tines(whole({ ...copy('grey-wolf'), without: ['head'], grafts: [large] }));
    expect([deer.length, horned.length]).toEqual([2, 2]);
    expect(longOf(horned[0]!) / longOf(deer[0]!)).toBeCloseTo(2, 6);
    const heron = whole({ ...copy('grey-wolf'), grafts: [graft('grey-heron', 'legs', 'sacrum')] });
    const claws = posedApart(poseSkeleton(buildSkeleton(heron.plan, heron.animal), {})).filter(
      ({ fittingId }) => fittingId === 'added-claws',
    );
    expect(claws).toHaveLength(8);
  });
});
