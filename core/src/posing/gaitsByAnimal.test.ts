import { describe, expect, it } from 'vitest';
import type { StepGaitSpec } from '../anatomy/bodyPlan.ts';
import { poseSkeleton, posedBone } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { dot, sub, unit } from '../geometry/vec3.ts';
import { skeletonOf } from '../testing/skeletonOf.ts';
import { gaitMoment, gaitOf } from './gaitMoment.ts';
import { strideOf } from './steppedAngles.ts';
import { supportShares, type Footfalls } from './footfalls.ts';

const MOMENTS = Array.from({ length: 16 }, (_, i) => i / 16);
const fallsOf = (gait: StepGaitSpec): Footfalls => ({
  LH: gait.falls['hindfoot']![0],
  RH: gait.falls['hindfoot']![1],
  LF: gait.falls['forefoot']![0],
  RF: gait.falls['forefoot']![1],
});

/** Through how many degrees a joint goes in a stride. */
function range(skeleton: Skeleton, gaitId: string, bone: string): number {
  const gait = gaitOf(skeleton, gaitId)!;
  const all = MOMENTS.map((at) => gaitMoment(skeleton, gait, at).angles[bone]?.flexion ?? 0);
  return Math.max(...all) - Math.min(...all);
}

describe('gaits by animal', () => {
  const perHip = (id: string, gaitId: string): number => {
    const skeleton = skeletonOf(id);
    const { strideMm, hipMm } = strideOf(skeleton, gaitOf(skeleton, gaitId) as StepGaitSpec);
    return strideMm / hipMm;
  };
  // Memory: a walk strides about 1.3 heights of the hip, a trot 2.1, a gallop 4 to 5.
  it.each(['grey-wolf', 'red-deer'])('%s strides as far as its kind for its legs', (id) => {
    expect(perHip(id, 'walk')).toBeCloseTo(1.3, 1);
    expect(perHip(id, 'trot')).toBeCloseTo(2.1, 1);
    expect(perHip(id, 'gallop')).toBeGreaterThan(4);
    expect(perHip(id, 'gallop')).toBeLessThan(5);
  });

  it.each([
    'grey-wolf',
    'red-deer',
    'alpine-ibex',
    'thylacine',
    'eurasian-otter',
    'woolly-mammoth',
  ])('%s swings its shoulder blade through 25 to 40 degrees in every gait', (id) => {
    const skeleton = skeletonOf(id);
    for (const gait of skeleton.plan.gaits) {
      const deg = range(skeleton, gait.id, 'scapula.L');
      expect(deg, gait.id).toBeGreaterThan(24.5);
      expect(deg, gait.id).toBeLessThan(40.5);
    }
  });

  it('the back bends before the sacrum more than behind the ribs', () => {
    for (const [id, gait] of [
      ['grey-wolf', 'gallop'],
      ['red-deer', 'gallop'],
      ['eurasian-otter', 'bound'],
    ] as const) {
      const skeleton = skeletonOf(id);
      expect(range(skeleton, gait, 'lumbar'), id).toBeGreaterThan(
        1.3 * range(skeleton, gait, 'thoracic'),
      );
    }
  });

  it('a wolf’s gallop goes round: hind left, hind right, fore right, fore left; a deer’s crosses', () => {
    const order = (id: string): string =>
      Object.entries(fallsOf(gaitOf(skeletonOf(id), 'gallop') as StepGaitSpec))
        .toSorted(([, a], [, b]) => a - b)
        .map(([foot]) => foot)
        .join(' ');
    expect(order('grey-wolf')).toBe('LH RH RF LF');
    expect(order('red-deer')).toBe('LH RH LF RF');
  });

  it('a mammoth ambles, never gallops, and never leaves the ground', () => {
    const { gaits } = skeletonOf('woolly-mammoth').plan;
    expect(gaits.map(({ id }) => id)).toEqual(['walk', 'amble']);
    for (const gait of gaits as readonly StepGaitSpec[])
      expect(supportShares(fallsOf(gait), gait.duty).shares[0]).toBe(0);
  });

  it('an otter bounds: hind feet together, fore feet together, the back arched high between', () => {
    const otter = skeletonOf('eurasian-otter');
    const { LH, RH, LF, RF } = fallsOf(gaitOf(otter, 'bound') as StepGaitSpec);
    expect(RH - LH).toBeLessThan(0.05);
    expect(RF - LF).toBeLessThan(0.06);
    const sagitta = (moment: number): number => {
      const posed = poseSkeleton(otter, gaitMoment(otter, gaitOf(otter, 'bound')!, moment).angles);
      const [a, b, c] = [
        posedBone(posed, 'sacrum').end,
        posedBone(posed, 'thoracic').start,
        posedBone(posed, 'thoracic').end,
      ];
      const share = (b[0] - a[0]) / (c[0] - a[0]);
      return (b[1] - (a[1] + (c[1] - a[1]) * share)) / (c[0] - a[0]);
    };
    expect(sagitta(0.86)).toBeGreaterThan(0.13);
    expect(sagitta(0.36)).toBeLessThan(0.1);
  });

  // Memory: J. Gatesy and A. Biewener, J. Zool. 224 (1991), on birds that walk with a flexed, still thigh.
  it.each(['grey-heron', 'barn-owl', 'dodo'])(
    '%s walks from the knee, its thigh nearly still',
    (id) => {
      const skeleton = skeletonOf(id);
      const thigh = range(skeleton, 'walk', 'femur.L');
      expect(thigh).toBeGreaterThanOrEqual(15);
      expect(thigh).toBeLessThanOrEqual(25);
      expect(range(skeleton, 'walk', 'tibiotarsus.L')).toBeGreaterThan(1.7 * thigh);
    },
  );

  it('a pterosaur walks with its wing finger held to the forearm', () => {
    const flier = skeletonOf('rhamphorhynchus');
    const between = (moment: number): number => {
      const posed = poseSkeleton(flier, gaitMoment(flier, gaitOf(flier, 'walk')!, moment).angles);
      const way = (id: string) => unit(sub(posedBone(posed, id).end, posedBone(posed, id).start));
      return (Math.acos(dot(way('ulna.L'), way('wingFinger1.L'))) * 180) / Math.PI;
    };
    const all = MOMENTS.map(between);
    expect(Math.max(...all) - Math.min(...all)).toBeLessThan(2);
  });

  it('a serpent’s head goes ahead on the way that its body follows', () => {
    const adder = skeletonOf('adder');
    const gait = gaitOf(adder, 'undulation')!;
    const way = (moment: number, bone: string): number => {
      const { start, end } = posedBone(
        poseSkeleton(adder, gaitMoment(adder, gait, moment).angles),
        bone,
      );
      const sign = bone === 'skull' ? 1 : -1;
      return Math.atan2(sign * (end[2] - start[2]), sign * (end[0] - start[0]));
    };
    // A wave of 1.75 in all: after that share of a stride each link lies where the one before it lay.
    const later =
      1.75 / adder.plan.bones.filter(({ key }) => /^(neck|trunk|tail)/.test(key)).length;
    for (const moment of MOMENTS)
      expect(way(moment + later, 'neck.1') - way(moment, 'skull'), `${moment}`).toBeCloseTo(0, 1);
  });
});
