import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Animal } from './animal.ts';
import { FREEDOMS } from './bodyPlan.ts';
import { assertPosed, poseSkeleton, restPose, posedBone, type JointAngles } from './pose.ts';
import { animalFaults, planFaults } from './faults.ts';
import { animalById, ANIMALS, BODY_PLANS, planById } from './registry.ts';
import { buildSkeleton } from './skeleton.ts';

const otter = animalById('eurasian-otter')!;
const plan = planById(otter.planId)!;
const skeleton = buildSkeleton(plan, otter);

const angles = fc.dictionary(
  fc.constantFrom(...plan.bones.map((bone) => bone.id)),
  fc.record(
    Object.fromEntries(FREEDOMS.map((f) => [f, fc.double({ min: -170, max: 170, noNaN: true })])),
    { requiredKeys: [] },
  ),
);

describe('the library', () => {
  it.each(ANIMALS.map((animal) => [animal.name, animal] as const))('%s is whole', (_, animal) => {
    const itsPlan = planById(animal.planId);
    expect(itsPlan && animalFaults(itsPlan, animal)).toEqual([]);
  });

  it.each(BODY_PLANS.map((bodyPlan) => [bodyPlan.name, bodyPlan] as const))(
    'plan %s is whole',
    (_, body) => {
      expect(planFaults(body)).toEqual([]);
    },
  );

  it('names what is missing from an animal', () => {
    const { femur: _gone, ...lengths } = otter.lengths;
    const poor: Animal = { ...otter, lengths };
    expect(animalFaults(plan, poor).join()).toContain('no life length for femur');
  });

  it('marks every length with a provenance and a range', () => {
    for (const life of Object.values(otter.lengths)) {
      expect(life.provenance).toBe('memory');
      expect(life.range[0]).toBeLessThan(life.range[1]);
    }
  });
});

describe('poseSkeleton', () => {
  it('never changes a bone length, whatever the angles', () => {
    fc.assert(
      fc.property(angles, fc.double({ min: 0.05, max: 2, noNaN: true }), (some, size) => {
        expect(() => assertPosed(poseSkeleton(skeleton, some as JointAngles, size))).not.toThrow();
      }),
      { seed: 21, numRuns: 60 },
    );
  });

  it('is the mirror image when the angles of both sides are swapped', () => {
    const some: JointAngles = {
      'femur.L': { flexion: 30, abduction: 12, rotation: 9 },
      'radius.R': { flexion: 25 },
    };
    const swapped: JointAngles = { 'femur.R': some['femur.L']!, 'radius.L': some['radius.R']! };
    const one = poseSkeleton(skeleton, some);
    const two = poseSkeleton(skeleton, swapped);
    for (const { bone, end } of one.bones) {
      const image = posedBone(two, bone.image).end;
      expect([image[0], image[1], -image[2]]).toEqual(end.map((v) => expect.closeTo(v, 8)));
    }
  });

  it.each([
    ['femur.L', 'flexion', 0, 1, 'forward'],
    ['femur.L', 'abduction', 2, -1, 'to the left, outward'],
    ['femur.R', 'abduction', 2, 1, 'to the right, outward'],
    ['skull', 'flexion', 1, 1, 'up'],
    ['tail1', 'flexion', 1, 1, 'up'],
    ['tail1', 'abduction', 2, -1, 'to the left'],
    ['skull', 'abduction', 2, -1, 'to the left'],
  ] as const)(
    'turns %s by positive %s so that its end moves %#',
    (id, freedom, axis, sign, _way) => {
      const rest = posedBone(restPose(skeleton), id);
      const turned = posedBone(poseSkeleton(skeleton, { [id]: { [freedom]: 10 } }), id);
      expect(Math.sign(turned.end[axis] - rest.end[axis])).toBe(sign);
    },
  );

  it('says which bone a plan does not have', () => {
    expect(() => posedBone(restPose(skeleton), 'wing')).toThrow(/no bone wing/);
  });
});

describe('buildSkeleton', () => {
  it('puts the user’s length in place of the library’s, on both sides, with its provenance', () => {
    const own = buildSkeleton(plan, otter, { femur: { mm: 90, provenance: 'measured' } });
    for (const id of ['femur.L', 'femur.R']) {
      expect(own.byId.get(id)).toMatchObject({ lifeLengthMm: 90, provenance: 'measured' });
    }
    expect(own.byId.get('tibia.L')?.lifeLengthMm).toBe(otter.lengths['tibia']?.mm);
  });
});
