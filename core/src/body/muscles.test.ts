import { describe, expect, it } from 'vitest';
import { ANIMALS, animalById, planById } from '../anatomy/registry.ts';
import { poseSkeleton, restPose } from '../anatomy/pose.ts';
import { shapedSkeleton } from '../anatomy/shaped.ts';
import { buildSkeleton } from '../anatomy/skeleton.ts';
import { LIBRARY_SHAPE } from '../anatomy/shapeSchema.ts';
import { bodyGrid, COARSE_CELLS } from './bodyGrid.ts';
import { ellipsoidMeasures } from './ellipsoid.ts';
import { posedMuscles, restMuscles } from './muscles.ts';
import { skinParts } from './skin.ts';
import { skinDistance } from './surfaceDistance.ts';

const skeletonOf = (id: string) => {
  const animal = animalById(id)!;
  return buildSkeleton(planById(animal.planId)!, animal);
};
const wolf = skeletonOf('grey-wolf');
const ALL = ANIMALS.map((animal) => [animal.name, skeletonOf(animal.id)] as const);

describe('muscles at rest', () => {
  // The masses that the surface anatomy of mammals is told by (common practice among sculptors).
  it('of a mammal are those that show in its form', () => {
    const ids = new Set(restMuscles(wolf).map((restMuscle) => restMuscle.spec.id));
    for (const id of ['temporalis', 'masseter', 'sternocephalicus', 'trapezius', 'deltoid'])
      expect(ids).toContain(id);
    for (const id of ['triceps', 'biceps-brachii', 'pectorals', 'latissimus', 'abdominal-wall'])
      expect(ids).toContain(id);
    for (const id of ['gluteals', 'quadriceps', 'hamstrings', 'gastrocnemius'])
      expect(ids).toContain(id);
    for (const id of ['forearm-extensors', 'forearm-flexors']) expect(ids).toContain(id);
  });

  it.each(ALL)('of the %s lie under the skin, left as right', (_, skeleton) => {
    const muscles = posedMuscles(restPose(skeleton));
    const skin = skinParts(restPose(skeleton));
    expect(muscles.length).toBeGreaterThan(0);
    for (const { centre, muscle } of muscles) {
      expect(skinDistance(skin, centre)).toBeLessThan(muscle.halfThick * 0.5);
      if (muscle.side !== 'left') continue;
      const image = muscles.find((entry) => entry.muscle.id === muscle.id.replace('.L', '.R'))!;
      expect(image.centre[2]).toBeCloseTo(-centre[2], 6);
      expect(image.muscle.volumeMm3).toBeCloseTo(
        muscle.volumeMm3,
        6 - Math.round(Math.log10(muscle.volumeMm3)),
      );
    }
  });
});

describe('muscles in a stance', () => {
  it.each(ALL)(
    'of the %s keep their volume within 1 %% in every stance of its plan',
    (_, skeleton) => {
      for (const { anglesDeg } of skeleton.plan.stances) {
        for (const { radii, muscle } of posedMuscles(poseSkeleton(skeleton, anglesDeg, 0.5))) {
          const got = ellipsoidMeasures(...radii).volume * 8;
          expect(Math.abs(got / muscle.volumeMm3 - 1)).toBeLessThan(0.01);
        }
      }
    },
  );

  it('are thicker where they are shorter: a bent elbow swells the biceps', () => {
    const of = (flexion: number) =>
      posedMuscles(poseSkeleton(wolf, { 'radius.L': { flexion } })).find(
        (posedMuscle) => posedMuscle.muscle.id === 'biceps-brachii.L',
      )!.radii;
    const [straight, bent] = [of(-20), of(80)];
    expect(bent[0]).toBeLessThan(straight[0]);
    expect(bent[1]).toBeGreaterThan(straight[1]);
  });
});

describe('bulk', () => {
  it('adds to the body what the muscle grows beyond the outline, and takes some when it shrinks', () => {
    const volume = (bulk: Record<string, number>): number =>
      bodyGrid(shapedSkeleton(wolf, { ...LIBRARY_SHAPE, bulk }), COARSE_CELLS).volumeMm3;
    const usual = volume({});
    expect(volume({ hamstrings: 2 })).toBeGreaterThan(usual * 1.001);
    expect(volume({ hamstrings: 2 })).toBeLessThan(usual * 1.1);
    expect(volume({ hamstrings: 0.5 })).toBeLessThan(usual * 0.999);
    expect(volume({ hamstrings: 0.5 })).toBeGreaterThan(usual * 0.97);
  });
});
