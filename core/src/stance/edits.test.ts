/* eslint-disable max-lines -- the tests of one subject, which share its pieces */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FREEDOMS } from '../anatomy/bodyPlan.ts';
import { endRadius } from '../anatomy/fleshRadius.ts';
import { assertPosed, poseSkeleton, posedBone, type JointAngles } from '../anatomy/pose.ts';
import { ANIMALS, animalById, planById } from '../anatomy/registry.ts';
import { buildSkeleton, type Skeleton } from '../anatomy/skeleton.ts';
import { distance } from '../geometry/vec3.ts';
import { FLAT, groundHeight, groundLine, type Ground } from '../posing/ground.ts';
import { settledStance, stanceAngles, type StanceChoice } from '../posing/settledStance.ts';
import { evenNumbers } from '../testing/tracing.ts';
import { changed, plainPiece, wholePlan } from '../testing/samples.ts';
import { carriedOver } from './carriedOver.ts';
import { collisions } from './collisions.ts';
import { compareStances } from './compareStances.ts';
import { dragJoint } from './dragJoint.ts';
import { dragReach } from './dragReach.ts';
import { dragTrunk } from './dragTrunk.ts';
import { heldFeet } from './heldFeet.ts';
import { limitArc } from './limitArc.ts';
import { mirroredSide, straightened, swappedSides } from './limbEdits.ts';
import { plantedAngles } from './plantedAngles.ts';

const skeletonOf = (id: string): Skeleton => {
  const animal = animalById(id)!;
  return buildSkeleton(planById(animal.planId)!, animal);
};
const otter = skeletonOf('eurasian-otter');
const wolf = skeletonOf('grey-wolf');
const walking = { presetId: 'walking', anglesDeg: {}, lifted: null };
const standing = { presetId: 'standing', anglesDeg: {}, lifted: null };

/** Angles anywhere within the limits. */
function anywhere(skeleton: Skeleton, seed: number): JointAngles {
  const even = evenNumbers(seed);
  return Object.fromEntries(
    skeleton.bones.map((bone) => [
      bone.id,
      Object.fromEntries(
        FREEDOMS.flatMap((name) => {
          const freedom = bone.joint.freedoms[name];
          if (freedom === undefined) return [];
          return [[name, freedom.minDeg + (freedom.maxDeg - freedom.minDeg) * even()]];
        }),
      ),
    ]),
  );
}

describe.each([...new Map(ANIMALS.map((animal) => [animal.planId, animal.id])).values()])(
  'random stances of the %s',
  (id) => {
    const skeleton = skeletonOf(id);

    it('keep every bone its length, also after drags of every kind', () => {
      for (const seed of [1, 2, 3]) {
        const choice = { ...standing, anglesDeg: anywhere(skeleton, seed) };
        expect(() => assertPosed(settledStance(skeleton, choice, 0.3), 1e-9)).not.toThrow();
        const tip = skeleton.bones.at(-1)!.id;
        const reached = dragReach(skeleton, choice, 0.3, 20, tip, 'side', [30, 40]);
        const moved = dragTrunk(skeleton, choice, 0.3, [4, -3, 0]);
        for (const anglesDeg of [reached.anglesDeg, moved.anglesDeg])
          expect(() =>
            assertPosed(settledStance(skeleton, { ...choice, anglesDeg }, 0.3), 1e-9),
          ).not.toThrow();
      }
    });

    it('swap into their mirror image, and back into themselves', () => {
      const choice = { ...standing, anglesDeg: anywhere(skeleton, 9), lifted: [] };
      const once = { ...choice, ...swappedSides(skeleton, choice) };
      const twice = { ...once, ...swappedSides(skeleton, once) };
      const posed = [choice, once, twice].map((entry) =>
        poseSkeleton(skeleton, stanceAngles(skeleton, entry)),
      );
      for (const { bone, end } of posed[0]!.bones) {
        const image = posedBone(posed[1]!, bone.image).end;
        expect(distance([end[0], end[1], -end[2]], image), bone.id).toBeLessThan(
          2e-3 * Math.max(10, bone.lifeLengthMm * 10),
        );
        expect(distance(end, posedBone(posed[2]!, bone.id).end), bone.id).toBeLessThan(
          2e-3 * Math.max(10, bone.lifeLengthMm * 10),
        );
      }
    });
  },
);

describe('edits of limbs', () => {
  it('copy one side to the other, with its lifted feet', () => {
    const edit = mirroredSide(otter, walking, 'right');
    const angles = stanceAngles(otter, { ...walking, ...edit });
    for (const bone of otter.bones.filter(({ side }) => side === 'left'))
      for (const name of FREEDOMS)
        expect(angles[bone.id]?.[name] ?? 0, bone.id).toBeCloseTo(
          angles[bone.image]?.[name] ?? 0,
          2,
        );
    expect([...edit.lifted!].sort()).toEqual(['forefoot.L', 'forefoot.R']);
  });

  it('copy one limb alone', () => {
    const part = otter.plan.parts.find(({ keys }) => keys.includes('femur'))!;
    const edit = mirroredSide(otter, walking, 'left', part.id);
    const before = stanceAngles(otter, walking);
    const after = stanceAngles(otter, { ...walking, ...edit });
    expect(after['femur.R']!.flexion).toBeCloseTo(before['femur.L']!.flexion!, 2);
    expect(after['humerus.R']).toEqual(before['humerus.R']);
  });

  it('straighten one side of a limb to its rest, and leave the other', () => {
    const part = otter.plan.parts.find(({ keys }) => keys.includes('femur'))!;
    const before = stanceAngles(otter, walking);
    const after = stanceAngles(otter, {
      ...walking,
      ...straightened(otter, walking, part.id, 'left'),
    });
    expect(after['femur.L']!.flexion).toBe(0);
    expect(after['tibia.L']!.flexion).toBe(0);
    expect(after['femur.R']).toEqual(before['femur.R']);
  });
});

describe('dragging the trunk', () => {
  const feetOf = (anglesDeg: JointAngles) => {
    const choice = { ...standing, anglesDeg };
    const posed = settledStance(wolf, choice, 0.2);
    return wolf.plan.contacts.map(({ bone }) => posedBone(posed, bone).end);
  };

  it('moves it on feet that stay planted, as far as was asked', () => {
    const { anglesDeg, share } = dragTrunk(wolf, standing, 0.2, [12, -6, 0]);
    expect(share).toBe(1);
    // The root stays where it is in the drawing, so the feet go the other way together.
    feetOf(anglesDeg).forEach((foot, i) => {
      const before = feetOf({})[i]!;
      expect(before[0] - foot[0]).toBeCloseTo(12, 1);
      expect(foot[1]).toBeCloseTo(before[1], 1);
      expect(foot[2]).toBeCloseTo(before[2], 1);
    });
  });

  it('stops where a leg is at its end, within its limits', () => {
    const { anglesDeg, share } = dragTrunk(wolf, standing, 0.2, [0, 400, 0]);
    expect(share).toBeLessThan(0.6);
    const angles = stanceAngles(wolf, { ...standing, anglesDeg });
    for (const bone of wolf.bones)
      for (const [name, { minDeg, maxDeg }] of Object.entries(bone.joint.freedoms)) {
        expect(angles[bone.id]?.[name as 'flexion'] ?? 0).toBeGreaterThanOrEqual(minDeg - 1e-6);
        expect(angles[bone.id]?.[name as 'flexion'] ?? 0).toBeLessThanOrEqual(maxDeg + 1e-6);
      }
  });

  it('leaves locked joints alone', () => {
    const locked = ['femur.L', 'humerus.R'];
    const before = stanceAngles(wolf, standing);
    const { anglesDeg } = dragTrunk(wolf, standing, 0.2, [5, -4, 0], false, locked);
    const after = stanceAngles(wolf, { ...standing, anglesDeg });
    for (const id of locked) expect(after[id]).toEqual(before[id]);
    expect(after['tibia.L']).not.toEqual(before['tibia.L']);
  });
});

describe('locked joints', () => {
  it('do not turn in a drag, nor in a reach', () => {
    expect(
      dragJoint(otter, walking, 1 / 3, 'radius.L', 'side', [40, 20], false, ['radius.L']),
    ).toBeUndefined();
    const before = stanceAngles(otter, walking);
    const reached = dragReach(otter, walking, 1 / 3, 20, 'metacarpus.L', 'side', [60, 20], false, [
      'radius.L',
    ]);
    const after = stanceAngles(otter, { ...walking, anglesDeg: reached.anglesDeg });
    expect(after['radius.L']!.flexion).toBeCloseTo(before['radius.L']!.flexion!, 1);
    expect(after['humerus.L']!.flexion).not.toBeCloseTo(before['humerus.L']!.flexion!, 1);
  });
});

describe('from above', () => {
  it('a drag bends the column sideways', () => {
    const found = dragJoint(otter, standing, 1 / 3, 'tail2', 'top', [-150, 40]);
    expect(found).toMatchObject({ boneId: 'tail2', freedom: 'abduction' });
    expect(Math.abs(found!.deg)).toBeGreaterThan(3);
  });

  it('a reach keeps the height', () => {
    const posed = settledStance(otter, standing, 1 / 3);
    const { end } = posedBone(posed, 'skull');
    const reached = dragReach(otter, standing, 1 / 3, 20, 'skull', 'top', [end[0] - 6, 12]);
    const after = posedBone(
      settledStance(otter, { ...standing, anglesDeg: reached.anglesDeg }, 1 / 3),
      'skull',
    ).end;
    expect(after[2]).toBeCloseTo(12, 1);
    expect(after[1]).toBeCloseTo(end[1], 1);
  });
});

describe('the arc of a joint’s limits', () => {
  it('goes through the bone’s end as it is, and keeps its length', () => {
    const angles = stanceAngles(otter, walking);
    const posed = settledStance(otter, walking, 1 / 3);
    const arc = limitArc(posed, angles, 'tibia.L', 'side')!;
    const { end, bone } = posedBone(posed, 'tibia.L');
    for (const point of arc.points)
      expect(distance(point, arc.centre)).toBeCloseTo(bone.lifeLengthMm / 3, 6);
    expect(Math.min(...arc.points.map((point) => distance(point, end)))).toBeLessThan(2);
    expect([arc.minDeg, arc.maxDeg]).toEqual([-75, 45]);
  });

  it('is none where the view shows no turn', () => {
    const posed = settledStance(otter, walking, 1 / 3);
    expect(limitArc(posed, {}, 'tibia.L', 'front')).toBeUndefined();
  });
});

describe('limbs that meet', () => {
  it('are none in any stance that the plans offer for the otter and the wolf', () => {
    for (const skeleton of [otter, wolf])
      for (const { id } of skeleton.plan.stances.filter((stance) => stance.id !== 'sitting'))
        expect(
          collisions(settledStance(skeleton, { ...standing, presetId: id }, 0.25), []),
          id,
        ).toEqual([]);
  });

  it('are told with their depth when one forearm goes through the other', () => {
    const crossed = {
      ...standing,
      anglesDeg: { 'humerus.L': { abduction: -20 }, 'humerus.R': { abduction: -20 } },
    };
    const found = collisions(settledStance(otter, crossed, 1 / 3), []);
    expect(found[0]!.depthMm).toBeGreaterThan(0.5);
    const sides = [found[0]!.first, found[0]!.second].map((id) => id.at(-1)).sort();
    expect(sides).toEqual(['L', 'R']);
    const piece = changed(plainPiece(), 'stance', crossed);
    expect(wholePlan(piece).snags.map(({ code }) => code)).toContain('limbs-meet');
  });
});

describe('the ground', () => {
  const log: Ground = { kind: 'log', atMm: 60, topMm: 24, diameterMm: 24, acrossMm: null };

  it('has the height of what it is', () => {
    expect(groundHeight(FLAT, 12)).toBe(0);
    expect(groundHeight({ kind: 'slope', deg: 45, fromMm: 10 }, 30)).toBeCloseTo(20, 9);
    expect(groundHeight({ kind: 'slope', deg: -45, fromMm: 10 }, -10)).toBeCloseTo(20, 9);
    expect(groundHeight({ kind: 'step', riseMm: 8, fromMm: 0 }, -1)).toBe(0);
    expect(groundHeight({ kind: 'step', riseMm: 8, fromMm: 0 }, 1)).toBe(8);
    expect(groundHeight(log, 60)).toBe(24);
    expect(groundHeight(log, 72.1)).toBe(0);
    const rock: Ground = {
      kind: 'rock',
      points: [
        [0, 0],
        [10, 6],
        [30, 2],
      ],
      acrossMm: null,
    };
    expect([-5, 5, 20, 40].map((x) => groundHeight(rock, x))).toEqual([0, 3, 4, 2]);
  });

  it('is drawn with its corners', () => {
    const line = groundLine({ kind: 'step', riseMm: 8, fromMm: 3.3 }, -10, 10);
    expect(line.some(([x, y]) => Math.abs(x - 3.3) < 1e-9 && y === 8)).toBe(true);
    expect(line.every(([x], i) => i === 0 || x >= line[i - 1]![0])).toBe(true);
  });

  it.each<Ground>([
    { kind: 'slope', deg: 8, fromMm: -120 },
    { kind: 'slope', deg: -6, fromMm: 80 },
    { kind: 'step', riseMm: 6, fromMm: 20 },
    {
      kind: 'rock',
      points: [
        [-150, 0],
        [0, 4],
        [120, 12],
      ],
      acrossMm: null,
    },
  ])('has every foot planted on it: $kind', (ground) => {
    const piece = changed(plainPiece(), 'stance', { ground });
    const { skeleton, lifePerModel } = wholePlan(piece).measure;
    const anglesDeg = plantedAngles(skeleton, piece.stance, 1 / lifePerModel);
    const { stance } = wholePlan(changed(piece, 'stance', { anglesDeg: { ...anglesDeg } }));
    for (const foot of stance.feet) expect(foot.touches, foot.contact.name).toBe(true);
  });

  it('lets perching toes wrap a branch: their tips lie on its bark, below its top', () => {
    const owl = skeletonOf('barn-owl');
    const size = 1 / 3;
    const choice = { presetId: 'perching', anglesDeg: {}, lifted: null };
    const ball = posedBone(settledStance(owl, choice, size), 'tarsometatarsus.L').end;
    const ground: Ground = {
      kind: 'log',
      atMm: ball[0],
      topMm: 60,
      diameterMm: 14,
      acrossMm: null,
    };
    const anglesDeg = plantedAngles(owl, { ...choice, ground }, size);
    const posed = settledStance(owl, { ...choice, anglesDeg, ground }, size);
    for (const id of ['toes.L', 'toes.R']) {
      const { end, bone } = posedBone(posed, id);
      const pad = endRadius(bone.flesh[0]!) * size;
      expect(Math.hypot(end[0] - ball[0], end[1] - 53)).toBeCloseTo(7 + pad, 0);
      expect(end[1]).toBeLessThan(60);
    }
  });

  it('carries the pegs down from where the foot stands', () => {
    const ground: Ground = { kind: 'slope', deg: 8, fromMm: -120 };
    const piece = changed(plainPiece(), 'stance', { ground });
    const { skeleton, lifePerModel } = wholePlan(piece).measure;
    const anglesDeg = { ...plantedAngles(skeleton, piece.stance, 1 / lifePerModel) };
    const plan = wholePlan(changed(piece, 'stance', { anglesDeg }));
    const legs = plan.wire.wires.find((wire) => wire.route.pegs[0])!;
    const foot = plan.stance.feet.find(({ contact }) =>
      legs.route.points[1]!.name.includes(contact.name),
    )!;
    const depth = piece.stance.base.thicknessMm + piece.wire.allowancesMm.nutAndWashers;
    expect(legs.route.points[0]!.at[1]).toBeCloseTo(foot.groundMm - depth, 6);
    expect(foot.groundMm).toBeGreaterThan(1);
  });
});

describe('two stances compared', () => {
  it('have bones of one length, and tell what moved farthest', () => {
    const other = { ...standing, anglesDeg: { skull: { flexion: 30 } } };
    const result = compareStances(
      settledStance(otter, standing, 1 / 3),
      settledStance(otter, other, 1 / 3),
    );
    expect(result.worstMm).toBeLessThan(1e-9);
    expect(result.bones[0]!.boneId).toBe('skull');
    expect(result.bones[0]!.turnedDeg).toBeCloseTo(30, 6);
    expect(result.bones.filter(({ movedMm }) => movedMm < 1e-9).length).toBeGreaterThan(10);
  });
});

describe('a stance on another animal of the plan', () => {
  it('keeps its angles within the other’s limits, and stands on its own feet', () => {
    const result = carriedOver(otter, walking, wolf);
    const angles = stanceAngles(wolf, result.stance);
    expect(angles['neckLower']!.flexion).toBe(stanceAngles(otter, walking)['neckLower']!.flexion);
    const piece = changed(plainPiece(), 'measure', { animalId: 'grey-wolf' });
    const plan = wholePlan(changed(piece, 'stance', result.stance));
    expect(result.stance.lifted).toEqual(['forefoot.R']);
    for (const foot of plan.stance.feet.filter(({ down }) => down))
      expect(foot.touches, foot.contact.name).toBe(true);
    expect(result.missing).toEqual([]);
  });

  it('goes on lying where it lay', () => {
    const lying = { ...standing, presetId: 'resting' };
    const { stance } = carriedOver(otter, lying, wolf);
    expect(stance.presetId).toBe('resting');
    expect(stance.lifted).toHaveLength(4);
  });

  it('says what the other does not have, and what had to be cut', () => {
    const mammoth = skeletonOf('woolly-mammoth');
    const trunked = { ...standing, anglesDeg: { proboscis: { flexion: 40 } } };
    expect(carriedOver(mammoth, trunked, wolf).missing).toContain('proboscis');
    const wide = { ...standing, anglesDeg: { skull: { flexion: 85 } } };
    expect(carriedOver(otter, wide, wolf).cut).toEqual(['skull']);
  });
});

describe('numbers of a drag', () => {
  it('never leave the limits, whatever is asked', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -200, max: 200, noNaN: true }),
        fc.double({ min: -100, max: 200, noNaN: true }),
        fc.constantFrom('side', 'front', 'top'),
        (a, b, view) => {
          const { anglesDeg } = dragReach(
            otter,
            walking,
            1 / 3,
            20,
            'metatarsus.R',
            view as 'side',
            [a, b],
          );
          for (const [id, angles] of Object.entries(anglesDeg))
            for (const [name, deg] of Object.entries(angles)) {
              const limits = otter.byId.get(id)!.joint.freedoms[name as 'flexion']!;
              expect(deg).toBeGreaterThanOrEqual(limits.minDeg - 0.006);
              expect(deg).toBeLessThanOrEqual(limits.maxDeg + 0.006);
            }
        },
      ),
      { seed: 6, numRuns: 25 },
    );
  });
});

describe('locked feet', () => {
  const feet = ['hindfoot.L', 'forefoot.L', 'forefoot.R', 'hindfoot.R'];
  const placeOf = (choice: StanceChoice, id: string) => {
    const { bone } = otter.plan.contacts.find((contact) => contact.id === id)!;
    return posedBone(poseSkeleton(otter, stanceAngles(otter, choice)), bone).end;
  };

  it('stay where they stand when the trunk turns, and the turned joint keeps its angle', () => {
    const turned = { ...standing, anglesDeg: { sacrum: { flexion: 4 } } };
    const { anglesDeg, slippedMm } = heldFeet(otter, standing, turned, feet, ['sacrum']);
    expect(slippedMm).toBeLessThan(0.1);
    expect(anglesDeg['sacrum']).toEqual({ flexion: 4 });
    for (const id of feet)
      expect(distance(placeOf({ ...turned, anglesDeg }, id), placeOf(standing, id))).toBeLessThan(
        0.2,
      );
  });

  it('leave other feet to go along', () => {
    const turned = { ...standing, anglesDeg: { sacrum: { flexion: 4 } } };
    const { anglesDeg } = heldFeet(otter, standing, turned, ['hindfoot.L'], ['sacrum']);
    expect(
      distance(placeOf({ ...turned, anglesDeg }, 'forefoot.R'), placeOf(standing, 'forefoot.R')),
    ).toBeGreaterThan(1);
    expect(heldFeet(otter, standing, turned, [], ['sacrum']).anglesDeg).toBe(turned.anglesDeg);
  });

  it('tell by how much they are pulled from their place where the limb is too short', () => {
    const turned = { ...standing, anglesDeg: { sacrum: { flexion: 40 } } };
    expect(heldFeet(otter, standing, turned, feet, ['sacrum']).slippedMm).toBeGreaterThan(5);
  });
});
