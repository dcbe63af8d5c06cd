import { describe, expect, it } from 'vitest';
import { poseSkeleton, restPose } from '../anatomy/pose.ts';
import { ANIMALS, animalById, planById } from '../anatomy/registry.ts';
import { buildSkeleton, type Skeleton } from '../anatomy/skeleton.ts';
import { distance } from '../geometry/vec3.ts';
import { radiusOn, thinnestRadius } from './runRadius.ts';
import { skinParts, type SleevePart } from './skin.ts';
import { chainsOf, jointBetween, senseAt } from './sleeveChain.ts';

const skeletonOf = (id: string): Skeleton => {
  const animal = animalById(id)!;
  return buildSkeleton(planById(animal.planId)!, animal);
};
const runsOf = (skeleton: Skeleton): readonly SleevePart[] =>
  skinParts(restPose(skeleton)).filter((part) => part.kind === 'sleeve');

describe('the chains of every animal', () => {
  it.each(ANIMALS.map((animal) => [animal.name, animal.id] as const))(
    'of the %s give every bone that bears flesh a run of its own, told along it one way',
    (_, id) => {
      const skeleton = skeletonOf(id);
      const runs = runsOf(skeleton);
      for (const bone of skeleton.bones) {
        const own = runs.filter((run) => run.boneId === bone.id);
        expect(own.length, bone.id).toBeGreaterThan(0);
        for (const { samples } of own) {
          const shares = samples.map(({ share }) => share);
          const way = Math.sign(shares.at(-1)! - shares[0]!);
          for (const [i, share] of shares.slice(1).entries())
            expect(way * (share - shares[i]!), `${bone.id} ${shares.join(' ')}`).toBeGreaterThan(
              -1e-6,
            );
        }
      }
    },
  );

  it('run on from bone to bone without a gap', () => {
    const runs = runsOf(skeletonOf('grey-wolf')).filter(({ sleeve }) => sleeve === 'foreleg left');
    expect(runs.length).toBe(5);
    runs.slice(1).forEach(({ samples }, i) => {
      expect(distance(samples[0]!.at, runs[i]!.samples.at(-1)!.at)).toBe(0);
    });
    expect(runs.map(({ domes }) => domes)).toEqual([
      [true, false],
      ...Array.from({ length: 3 }, () => [false, false]),
      [false, true],
    ]);
  });
});

describe('a section right in a joint', () => {
  it('holds on both bones, so that the bones run in the middle of their flesh', () => {
    const chain = chainsOf(poseSkeleton(skeletonOf('red-deer'), {})).find(
      ({ id }) => id === 'foreleg left',
    )!;
    const places = chain.placed.map(({ posed, station }) => [posed.bone.key, station.at] as const);
    // The row at the end of the radius stands on both sides of the wrist.
    const radius = places.filter(([key]) => key === 'radius').at(-1)!;
    const metacarpus = places.find(([key]) => key === 'metacarpus')!;
    expect(radius[1]).toBeGreaterThan(0.7);
    expect(radius[1]).toBeLessThan(1);
    expect(metacarpus[1]).toBeGreaterThan(0);
    expect(metacarpus[1]).toBeLessThan(0.3);
  });

  it('is where the one bone carries the other, whichever comes first', () => {
    const { byId } = poseSkeleton(skeletonOf('grey-wolf'), {});
    const [radius, metacarpus] = [byId.get('radius.L')!, byId.get('metacarpus.L')!];
    expect(jointBetween(radius, metacarpus)).toEqual([1, 0]);
    expect(jointBetween(metacarpus, radius)).toEqual([0, 1]);
    expect(jointBetween(radius, byId.get('radius.R')!)).toBeUndefined();
  });

  it('lets a chain run against a bone', () => {
    const trunk = chainsOf(poseSkeleton(skeletonOf('grey-wolf'), {})).find(
      ({ id }) => id === 'trunk mid',
    )!;
    expect(trunk.placed[0]!.posed.bone.key).toBe('sacrum');
    expect(senseAt(trunk.placed, 0)).toBe(-1);
    expect(senseAt(trunk.placed, trunk.placed.length - 1)).toBe(1);
  });
});

describe('how thick the flesh of a bone is', () => {
  const parts = skinParts(poseSkeleton(skeletonOf('northern-pike'), {}));
  const leg = skinParts(poseSkeleton(skeletonOf('red-deer'), {}));

  it('is told at a place of it, and nothing beyond its end', () => {
    const [upper, lower] = [0.2, 0.8].map((at) => radiusOn(leg, 'radius.L', at)) as [
      number,
      number,
    ];
    expect(upper).toBeGreaterThan(lower);
    expect(lower).toBeGreaterThan(20);
    expect(radiusOn(leg, 'foreDigits.L', 3)).toBe(0);
    expect(radiusOn(leg, 'no such bone', 0.5)).toBe(0);
  });

  it('is least where it tapers, its rounded root left out', () => {
    expect(thinnestRadius(leg, 'radius.L')).toBeLessThan(radiusOn(leg, 'radius.L', 0.5));
    expect(thinnestRadius(leg, 'scapula.L')).toBeGreaterThan(20);
    expect(thinnestRadius(parts, 'no such bone')).toBe(0);
  });
});

describe('links of a column', () => {
  it('are as thick as the animal says where they lie', () => {
    const adder = skeletonOf('adder');
    const width = (id: string): number => {
      const [flesh] = adder.byId.get(id)!.flesh;
      return flesh !== undefined && 'sleeve' in flesh ? flesh.stations[0]!.halfWidth : 0;
    };
    expect(width('trunk.10')).toBeGreaterThan(1.3 * width('trunk.1'));
    expect(width('trunk.10')).toBeGreaterThan(1.3 * width('trunk.20'));
    expect(width('trunk.10') / 11.4).toBeCloseTo(1.06, 1);
  });
});
