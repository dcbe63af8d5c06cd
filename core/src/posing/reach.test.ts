import { describe, expect, it } from 'vitest';
import { assertPosed, poseSkeleton, posedBone, type JointAngles } from '../anatomy/pose.ts';
import { animalById, ANIMALS, planById } from '../anatomy/registry.ts';
import { buildSkeleton, type Bone, type Skeleton } from '../anatomy/skeleton.ts';
import { settledStance, stanceAngles } from './settledStance.ts';
import { add, distance, scale, sub, unit, type Vec3 } from '../geometry/vec3.ts';
import { evenNumbers } from '../testing/tracing.ts';
import { toDeg } from '../units/angles.ts';
import { dragReach } from '../stance/dragReach.ts';
import { reachingChain, reachTo } from './reach.ts';

const skeletonOf = (id: string): Skeleton => {
  const animal = animalById(id)!;
  return buildSkeleton(planById(animal.planId)!, animal);
};
const startOf = (skeleton: Skeleton): JointAngles =>
  stanceAngles(skeleton, { presetId: '', anglesDeg: {}, lifted: null });
const endOf = (skeleton: Skeleton, angles: JointAngles, id: string): Vec3 =>
  posedBone(poseSkeleton(skeleton, angles), id).end;

/** Bones at which a chain ends: feet, hands, tips of tail and head, wings. */
const tipsOf = (skeleton: Skeleton): readonly string[] =>
  skeleton.bones
    .filter((bone) => !skeleton.bones.some((other) => other.parent === bone.id))
    .filter((bone) => reachingChain(skeleton, bone.id).some(turns))
    .map((bone) => bone.id);
const turns = (bone: Bone): boolean => Object.keys(bone.joint.freedoms).length > 0;

/** Angles of a chain somewhere within its limits, most of the way from the start stance. */
function within(skeleton: Skeleton, chain: readonly Bone[], seed: number): JointAngles {
  const even = evenNumbers(seed);
  const start = startOf(skeleton);
  const moved = chain.map((bone) => [
    bone.id,
    Object.fromEntries(
      Object.entries(bone.joint.freedoms).map(([name, { minDeg, maxDeg }]) => {
        const from = start[bone.id]?.[name as 'flexion'] ?? 0;
        return [name, from + 0.7 * (minDeg + (maxDeg - minDeg) * even() - from)];
      }),
    ),
  ]);
  return { ...start, ...Object.fromEntries(moved) };
}

function expectWithinLimits(skeleton: Skeleton, angles: JointAngles): void {
  for (const bone of skeleton.bones)
    for (const [name, { minDeg, maxDeg }] of Object.entries(bone.joint.freedoms)) {
      const deg = angles[bone.id]?.[name as 'flexion'] ?? 0;
      expect(deg, `${bone.id} ${name}`).toBeGreaterThanOrEqual(minDeg - 1e-9);
      expect(deg, `${bone.id} ${name}`).toBeLessThanOrEqual(maxDeg + 1e-9);
    }
}

describe.each(ANIMALS.map((animal) => animal.id))('what the %s reaches for', (id) => {
  const skeleton = skeletonOf(id);

  it('is met within a tenth of a millimetre wherever a stance within the limits has it', () => {
    const start = startOf(skeleton);
    for (const tip of tipsOf(skeleton).slice(0, 8)) {
      const chain = reachingChain(skeleton, tip);
      for (const seed of [1, 2, 3]) {
        const target = endOf(skeleton, within(skeleton, chain, seed), tip);
        const { angles, shortfallMm } = reachTo(skeleton, start, tip, target);
        expect(shortfallMm, `${tip}, seed ${seed}`).toBeLessThan(0.1);
        const reached = endOf(skeleton, angles, tip);
        expect(distance(reached, target)).toBeCloseTo(shortfallMm, 6);
        assertPosed(poseSkeleton(skeleton, angles));
        expectWithinLimits(skeleton, angles);
      }
    }
  });

  it('fails by what is missing where it lies out of reach, and leaves the others alone', () => {
    const start = startOf(skeleton);
    const tip = tipsOf(skeleton)[0]!;
    const chain = reachingChain(skeleton, tip);
    const root = posedBone(poseSkeleton(skeleton, start), chain[0]!.id).start;
    const away = unit(sub(endOf(skeleton, start, tip), root));
    const long = chain.reduce((sum, bone) => sum + bone.lifeLengthMm, 0);
    const target = add(root, scale(away, 3 * long));
    const { angles, shortfallMm } = reachTo(skeleton, start, tip, target);
    // No chain is longer than its bones, so at least two lengths are missing.
    expect(shortfallMm).toBeGreaterThanOrEqual(2 * long - 1e-6);
    expect(shortfallMm).toBeLessThan(4 * long);
    expectWithinLimits(skeleton, angles);
    for (const bone of skeleton.bones)
      if (!chain.includes(bone)) expect(angles[bone.id]).toEqual(start[bone.id]);
  });
});

describe('a thigh and a shank', () => {
  // Two hinges with one axis: the knee’s angle follows from the law of cosines alone.
  it('bend as the law of cosines has it', () => {
    const skeleton = skeletonOf('grey-wolf');
    const start = startOf(skeleton);
    const posed = poseSkeleton(skeleton, start);
    const [a, b] = ['femur.L', 'tibia.L'].map((id) => skeleton.byId.get(id)!.lifeLengthMm) as [
      number,
      number,
    ];
    const hip = posedBone(posed, 'femur.L').start;
    const ankle = posedBone(posed, 'tibia.L').end;
    const standing = distance(hip, ankle);
    for (const share of [0.85, 0.92, 0.97, 1.02]) {
      const wanted = share * standing;
      const target = add(hip, scale(unit(sub(ankle, hip)), wanted));
      const { angles, shortfallMm } = reachTo(skeleton, start, 'tibia.L', target);
      expect(shortfallMm).toBeLessThan(0.02);
      const after = poseSkeleton(skeleton, angles);
      const [at, knee, end] = [
        posedBone(after, 'femur.L').start,
        posedBone(after, 'tibia.L').start,
        posedBone(after, 'tibia.L').end,
      ] as const;
      const opened = toDeg(Math.acos((a * a + b * b - distance(at, end) ** 2) / (2 * a * b)));
      const [u, v] = [unit(sub(at, knee)), unit(sub(end, knee))];
      const seen = toDeg(Math.acos(u[0] * v[0] + u[1] * v[1] + u[2] * v[2]));
      expect(seen).toBeCloseTo(opened, 6);
    }
  });

  it('may pass its limits only knowingly', () => {
    const skeleton = skeletonOf('grey-wolf');
    const start = startOf(skeleton);
    const hip = posedBone(poseSkeleton(skeleton, start), 'femur.L').start;
    const behind: Vec3 = add(hip, [-240, 160, -40]);
    const held = reachTo(skeleton, start, 'tibia.L', behind);
    const free = reachTo(skeleton, start, 'tibia.L', behind, true);
    expect(held.shortfallMm).toBeGreaterThan(20);
    expect(free.shortfallMm).toBeLessThan(held.shortfallMm);
    expectWithinLimits(skeleton, held.angles);
  });
});

describe('chains', () => {
  const skeleton = skeletonOf('eurasian-otter');
  it('end at the trunk, with the girdle of a limb and all of a tail', () => {
    const ids = (tip: string): readonly string[] =>
      reachingChain(skeleton, tip).map((bone) => bone.id);
    expect(ids('foreDigits.L')).toEqual([
      'scapula.L',
      'humerus.L',
      'radius.L',
      'metacarpus.L',
      'foreDigits.L',
    ]);
    expect(ids('skull')).toEqual(['neckLower', 'neckUpper', 'skull']);
    expect(ids('tail4')).toEqual(['tail1', 'tail2', 'tail3', 'tail4']);
  });
});

describe('dragging an end', () => {
  const skeleton = skeletonOf('eurasian-otter');
  const choice = { presetId: 'standing', anglesDeg: {}, lifted: null };
  const SIZE = 1 / 3;
  const at = (anglesDeg: JointAngles, id: string): Vec3 =>
    posedBone(settledStance(skeleton, { ...choice, anglesDeg }, SIZE), id).end;

  it('brings a paw under the pointer and keeps what the view does not show', () => {
    const before = at({}, 'foreDigits.L');
    const side = dragReach(skeleton, choice, SIZE, 0, 'foreDigits.L', 'side', [
      before[0] + 14,
      before[1] + 9,
    ]);
    expect(side.shortfallMm).toBeLessThan(0.05);
    const after = at(side.anglesDeg, 'foreDigits.L');
    expect(after[0]).toBeCloseTo(before[0] + 14, 1);
    expect(after[1]).toBeCloseTo(before[1] + 9, 1);
    expect(after[2]).toBeCloseTo(before[2], 1);
    expect(at(side.anglesDeg, 'hindDigits.L')).toEqual(at({}, 'hindDigits.L'));
    const front = dragReach(skeleton, choice, SIZE, 0, 'tail4', 'front', [20, at({}, 'tail4')[1]]);
    expect(Math.abs(at(front.anglesDeg, 'tail4')[2] - 20)).toBeLessThan(0.1);
  });

  it('never pushes a foot through the ground, and says what is out of reach', () => {
    const before = at({}, 'metatarsus.L');
    const contact = skeleton.plan.contacts.find(({ kind }) => kind === 'foot')!;
    const foot = at({}, contact.bone);
    const pushed = dragReach(skeleton, choice, SIZE, 0, contact.bone, 'side', [foot[0], -40]);
    expect(at(pushed.anglesDeg, contact.bone)[1]).toBeCloseTo(foot[1], 1);
    const far = dragReach(skeleton, choice, SIZE, 0, 'metatarsus.L', 'side', [before[0] + 300, 60]);
    expect(far.shortfallMm).toBeGreaterThan(150);
  });
});
