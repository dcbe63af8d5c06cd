import { describe, expect, it } from 'vitest';
import { settledStance } from '../../posing/settledStance.ts';
import { bodyBox } from '../../body/blades.ts';
import { padRadiusMm } from '../../body/skin.ts';
import { landmarksOf } from '../landmarks.ts';
import { planFaults } from '../faults.ts';
import { planFor, planWithout } from '../planFor.ts';
import { assertPosed, posedBone, poseSkeleton } from '../pose.ts';
import { animalById, ANIMALS, BODY_PLANS, planById } from '../registry.ts';
import { buildSkeleton } from '../skeleton.ts';

const skeletonOf = (id: string) => {
  const animal = animalById(id)!;
  return buildSkeleton(planById(animal.planId)!, animal);
};
const inStance = (id: string, presetId: string) =>
  settledStance(skeletonOf(id), { presetId, anglesDeg: {}, lifted: null });

describe.each(BODY_PLANS.map((plan) => [plan.name, plan] as const))('the plan %s', (_, plan) => {
  it('offers parts that can be left out one by one, all but the trunk', () => {
    for (const part of plan.parts.slice(1))
      expect(planFaults(planWithout(plan, part.keys)), part.id).toEqual([]);
  });

  it('names each stance, part, region, size and contact once', () => {
    const lists: readonly (readonly { readonly id: string }[])[] = [
      plan.stances,
      plan.parts,
      plan.regions,
      plan.sizes,
      plan.contacts,
      plan.limbPairs,
      plan.muscles,
    ];
    for (const list of lists) {
      const ids = list.map((entry) => entry.id);
      expect(new Set(ids).size, ids.join()).toBe(ids.length);
    }
  });

  it('has an animal that stands on it', () => {
    expect(ANIMALS.some((animal) => animal.planId === plan.id)).toBe(true);
  });
});

// The twenty that were to be described, by the names that zoologists give them.
it('the library holds twenty animals, each under its own Latin name', () => {
  expect(ANIMALS).toHaveLength(20);
  expect(new Set(ANIMALS.map((animal) => animal.latin)).size).toBe(20);
});

describe('feet', () => {
  it.each(['red-deer', 'alpine-ibex'])(
    'of the %s, which walks on hooves, meet the ground with their tips',
    (id) => {
      const { plan } = skeletonOf(id);
      expect(plan.contacts.map((contact) => contact.bone)).toContain('foreDigits.L');
      expect(plan.limbPairs[0]!.left.bones.at(-1)).toBe('hindDigits.L');
    },
  );

  it.each(['grey-wolf', 'eurasian-otter', 'woolly-mammoth'])(
    'of the %s meet it with their balls',
    (id) => {
      expect(skeletonOf(id).plan.contacts.map((contact) => contact.bone)).toContain('metacarpus.L');
    },
  );

  it.each(ANIMALS.map((animal) => animal.id))(
    'of the %s stand on one level, left as right',
    (id) => {
      const first = skeletonOf(id).plan.stances[0]!;
      const posed = inStance(id, first.id);
      for (const contact of posed.skeleton.plan.contacts) {
        if (contact.kind !== 'foot' || first.lifted.includes(contact.id)) continue;
        const end = posedBone(posed, contact.bone).end;
        const size = bodyBox(posed).max[1];
        expect(end[1] - padRadiusMm(posed, contact.bone)).toBeLessThan(size * 1e-3);
        const image = posedBone(posed, posedBone(posed, contact.bone).bone.image).end;
        expect(image[2]).toBeCloseTo(-end[2], 6);
      }
    },
  );

  it('of a spider come down although one leg alone is bent', () => {
    const skeleton = skeletonOf('raft-spider');
    const bent = { 'leg2Tibia.L': { flexion: -20 } };
    const before = settledStance(skeleton, { presetId: 'standing', anglesDeg: bent, lifted: null });
    expect(() => assertPosed(before)).not.toThrow();
    expect(skeleton.plan.contacts).toHaveLength(8);
  });
});

describe('a body that has no foot down', () => {
  it('is held above the ground by as much as its rod, and lies on it without one', () => {
    const skeleton = skeletonOf('northern-pike');
    const choice = { presetId: 'straight', anglesDeg: {}, lifted: null };
    const lowest = (rodMm: number) => bodyBox(settledStance(skeleton, choice, 0.25, rodMm)).min[1];
    expect(lowest(60) - lowest(0)).toBeCloseTo(60, 6);
  });

  it('is a serpent on its belly, whatever its rod would be', () => {
    const skeleton = skeletonOf('adder');
    for (const presetId of ['coiled', 'waving', 'stretched'])
      expect(
        bodyBox(settledStance(skeleton, { presetId, anglesDeg: {}, lifted: null }, 1, 40)).min[1],
      ).toBeCloseTo(0, 6);
  });

  it('is a heron that flies, and not one that stalks', () => {
    const skeleton = skeletonOf('grey-heron');
    const lowest = (presetId: string) =>
      bodyBox(settledStance(skeleton, { presetId, anglesDeg: {}, lifted: null }, 0.25, 60)).min[1];
    expect(lowest('flying')).toBeGreaterThan(55);
    expect(lowest('stalking')).toBeLessThan(1);
  });
});

describe('wings', () => {
  // Facts of the trade, common practice: folded wings lie along the body, spread ones reach far out.
  it.each(['grey-heron', 'barn-owl'])(
    'of the %s lie close at rest, and reach out when spread',
    (id) => {
      const tip = (presetId: string) => posedBone(inStance(id, presetId), 'primaries.L').end;
      const half = animalById(id)!.ranges.sizes['wingspan']![0] / 2;
      expect(Math.abs(tip('standing')[2])).toBeLessThan(half / 4);
      expect(-tip('spread')[2]).toBeGreaterThan(half * 0.95);
    },
  );

  it('of the pterosaur fold beside the body and open for flight, by one finger', () => {
    const tip = (presetId: string) =>
      posedBone(inStance('rhamphorhynchus', presetId), 'wingFinger4.L').end;
    expect(Math.abs(tip('standing')[2])).toBeLessThan(200);
    expect(-tip('flying')[2]).toBeGreaterThan(700);
  });
});

describe('a serpent', () => {
  it('does not run through itself in a coil', () => {
    const posed = inStance('adder', 'coiled');
    const middles = posed.bones
      .filter(({ bone }) => bone.key === 'trunkLink')
      .map(({ start, end }) => [(start[0] + end[0]) / 2, (start[2] + end[2]) / 2] as const);
    const thick = 2 * 8.3;
    middles.forEach(([x, z], i) => {
      middles.forEach(([x2, z2], j) => {
        if (Math.abs(i - j) > 2) expect(Math.hypot(x - x2, z - z2)).toBeGreaterThan(thick * 0.95);
      });
    });
  });

  it('has as many links as its plan says, of one length', () => {
    const links = skeletonOf('adder').bones.filter((bone) => bone.key === 'trunkLink');
    expect(links).toHaveLength(20);
    expect(new Set(links.map((bone) => bone.lifeLengthMm)).size).toBe(1);
  });
});

describe('optional bones', () => {
  it('are there for the animal that gives them a length, and for no other', () => {
    const has = (id: string, key: string) => skeletonOf(id).bones.some((bone) => bone.key === key);
    expect(has('red-deer', 'horn')).toBe(true);
    expect(has('grey-wolf', 'horn')).toBe(false);
    expect(has('woolly-mammoth', 'proboscis')).toBe(true);
    expect(has('stag-beetle', 'mandible')).toBe(true);
    expect(has('emperor-dragonfly', 'mandible')).toBe(false);
    expect(has('northern-pike', 'pelvicFin')).toBe(true);
    expect(has('harbour-porpoise', 'pelvicFin')).toBe(false);
  });

  it('leave no size behind that would need them', () => {
    const { sizes } = planFor(planById('insect')!, {
      ...animalById('emperor-dragonfly')!,
      ranges: { sizes: {} },
    });
    expect(sizes.map((size) => size.id)).not.toContain('length-with-jaws');
  });
});

describe('landmarks', () => {
  it.each(ANIMALS.map((animal) => animal.id))('of the %s have names and lie on its bones', (id) => {
    const skeleton = skeletonOf(id);
    const landmarks = landmarksOf(skeleton);
    const ids = landmarks.map((landmark) => landmark.id);
    expect(new Set(ids).size).toBe(ids.length);
    for (const landmark of landmarks) {
      expect(landmark.name).toMatch(/^[A-Z]/);
      expect(skeleton.byId.has(landmark.bone)).toBe(true);
    }
    expect(landmarks.filter((landmark) => landmark.at === 1).length).toBeGreaterThan(0);
  });
});

describe('muscles', () => {
  // The masses that a sculptor of mammals lays, common practice.
  it('of a mammal are those that sculptors name', () => {
    const names = planById('four-footed-mammal')!.muscles.map((muscle) => muscle.id);
    for (const id of [
      'temporalis',
      'masseter',
      'sternocephalicus',
      'trapezius',
      'deltoid',
      'triceps',
      'biceps-brachii',
      'pectorals',
      'latissimus',
      'abdominal-wall',
      'gluteals',
      'quadriceps',
      'hamstrings',
      'gastrocnemius',
      'forearm-extensors',
      'forearm-flexors',
    ])
      expect(names).toContain(id);
  });

  it.each(ANIMALS.map((animal) => animal.id))(
    'of the %s begin and end inside the body’s reach',
    (id) => {
      const { plan } = skeletonOf(id);
      for (const { origin, insertion } of plan.muscles)
        for (const at of [origin.at, insertion.at]) {
          // The point of the elbow stands out beyond its joint.
          expect(at).toBeGreaterThanOrEqual(-0.15);
          expect(at).toBeLessThanOrEqual(1);
        }
    },
  );
});

describe('axes turned with the body', () => {
  it('keep every length, and mirror from side to side', () => {
    const skeleton = skeletonOf('barn-owl');
    const spread = skeleton.plan.stances.find((stance) => stance.id === 'spread')!;
    const posed = poseSkeleton(skeleton, spread.anglesDeg);
    expect(() => assertPosed(posed)).not.toThrow();
    const [left, right] = ['primaries.L', 'primaries.R'].map((id) => posedBone(posed, id).end);
    expect([right![0], right![1], -right![2]]).toEqual(left!.map((v) => expect.closeTo(v, 8)));
  });
});
