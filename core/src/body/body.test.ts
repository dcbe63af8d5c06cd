import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { animalById, planById } from '../anatomy/registry.ts';
import { poseSkeleton, restPose } from '../anatomy/pose.ts';
import { buildSkeleton } from '../anatomy/skeleton.ts';
import { alongMiddle } from '../testing/capsule.ts';
import { bodyGrid, COARSE_CELLS } from './bodyGrid.ts';
import { centreOfMass, stanceMassCentre } from './massCentre.ts';
import { frustumBetweenBalls } from './sectionSolids.ts';
import { presetAngles, settledStance } from '../posing/settledStance.ts';
import { padRadiusMm, partBox, partDistance, skinBox, skinParts } from './skin.ts';
import { skinAbove, skinDistance } from './surfaceDistance.ts';

const otter = animalById('eurasian-otter')!;
const skeleton = buildSkeleton(planById(otter.planId)!, otter);
const standing = { presetId: 'standing', anglesDeg: {}, lifted: null };

describe('bodyGrid', () => {
  it('gives the volume of a single frustum between half balls within 1 %', () => {
    const only = skeleton.bones[0]!;
    const lone = {
      ...skeleton,
      bones: [
        {
          ...only,
          lifeLengthMm: 40,
          flesh: [alongMiddle([0, 12], [1, 6])],
        },
      ],
    };
    const grid = bodyGrid(lone, COARSE_CELLS);
    expect(grid.volumeMm3 / frustumBetweenBalls(12, 6, 40).volume).toBeCloseTo(1, 2);
  });

  it('gives the otter a mass inside its range at about 1 kg a litre, on coarse and fine grids', () => {
    const coarse = bodyGrid(skeleton, COARSE_CELLS).volumeMm3 / 1e6;
    const fine = bodyGrid(skeleton).volumeMm3 / 1e6;
    expect(coarse / fine).toBeCloseTo(1, 1);
    expect(fine).toBeGreaterThan(otter.ranges.massKg![0]);
    expect(fine).toBeLessThan(otter.ranges.massKg![1]);
  });

  it('shares the body out alike to left and right, and tells its progress up to the end', () => {
    const told: number[] = [];
    const grid = bodyGrid(skeleton, COARSE_CELLS, (done) => told.push(done));
    const of = (id: string) => grid.bones.find((bone) => bone.boneId === id)?.volumeMm3 ?? 0;
    expect(of('femur.L')).toBe(of('femur.R'));
    expect(told.at(-1)).toBe(1);
  });
});

describe('centres of mass', () => {
  it('lie on the midline of a symmetrical stance and follow the limbs', () => {
    const grid = bodyGrid(skeleton, COARSE_CELLS);
    const rest = stanceMassCentre(restPose(skeleton), grid)!;
    expect(Math.abs(rest[2])).toBeLessThan(1);
    const forward = poseSkeleton(skeleton, {
      'femur.L': { flexion: 50 },
      'femur.R': { flexion: 50 },
    });
    expect(stanceMassCentre(forward, grid)![0]).toBeGreaterThan(rest[0]);
  });

  it('are undefined for no mass', () => {
    expect(centreOfMass([])).toBeUndefined();
    expect(
      centreOfMass([
        { mass: 1, at: [0, 0, 0] },
        { mass: 3, at: [4, 0, 0] },
      ]),
    ).toEqual([3, 0, 0]);
  });
});

describe('stances of the plan', () => {
  it.each(['standing', 'walking'])('%s plants every foot that should be down', (presetId) => {
    const posed = settledStance(skeleton, { ...standing, presetId });
    const preset = skeleton.plan.stances.find((stance) => stance.id === presetId)!;
    for (const contact of skeleton.plan.contacts) {
      const sole = posed.byId.get(contact.bone)!.end[1] - padRadiusMm(posed, contact.bone);
      if (preset.lifted.includes(contact.id)) expect(sole).toBeGreaterThan(5);
      else expect(Math.abs(sole)).toBeLessThan(1e-5);
    }
  });

  it.each(['standing', 'walking'])('%s keeps every joint within its limits', (presetId) => {
    const angles = presetAngles(skeleton, presetId);
    for (const [id, of] of Object.entries(angles)) {
      const freedom = skeleton.byId.get(id)?.joint.freedoms.flexion;
      expect(of.flexion ?? 0).toBeGreaterThanOrEqual(freedom?.minDeg ?? 0);
      expect(of.flexion ?? 0).toBeLessThanOrEqual(freedom?.maxDeg ?? 0);
    }
  });

  it('plants again when a leg is longer than the library’s', () => {
    const long = buildSkeleton(skeleton.plan, otter, { tibia: { mm: 100, provenance: 'own' } });
    const posed = settledStance(long, standing);
    const soles = long.plan.contacts.map(
      ({ bone }) => posed.byId.get(bone)!.end[1] - padRadiusMm(posed, bone),
    );
    expect(Math.max(...soles.map(Math.abs))).toBeLessThan(1e-5);
  });
});

describe('skin', () => {
  it('has its box touched by its highest point, found straight above', () => {
    const parts = skinParts(settledStance(skeleton, standing));
    const box = skinBox(parts);
    expect(skinAbove(parts, [0, 60, 0])).toBeLessThanOrEqual(box.max[1] + 1e-6);
    expect(skinAbove(parts, [0, 9999, 0])).toBe(9999);
    expect(skinDistance(parts, [box.max[0] + 10, 0, 0])).toBeGreaterThan(0);
    expect(() => skinBox([])).toThrow(/without flesh/);
  });

  it('is as far away as the nearest of all its parts, each of them asked', () => {
    const parts = skinParts(settledStance(skeleton, standing));
    const { min, max } = skinBox(parts);
    const along = (k: 0 | 1 | 2) => fc.double({ min: min[k] - 60, max: max[k] + 60, noNaN: true });
    fc.assert(
      fc.property(along(0), along(1), along(2), (x, y, z) => {
        const plain = Math.min(...parts.map((part) => partDistance(part, [x, y, z])));
        // Far off, the field of a part may tell less than how far its box is: the box is the truer then.
        const safe = Math.min(
          ...parts.map((part) => {
            const box = partBox(part);
            const off = [x, y, z].map((v, k) =>
              Math.max(box.min[k as 0] - v, v - box.max[k as 0], 0),
            );
            return Math.max(partDistance(part, [x, y, z]), Math.hypot(...off) || -Infinity);
          }),
        );
        const told = skinDistance(parts, [x, y, z]);
        expect(told).toBeGreaterThanOrEqual(plain);
        expect(told).toBeLessThanOrEqual(safe);
      }),
      { seed: 9, numRuns: 400 },
    );
  });
});
