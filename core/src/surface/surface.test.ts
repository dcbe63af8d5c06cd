import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FACINGS } from '../anatomy/coat.ts';
import { poseSkeleton, type PosedSkeleton } from '../anatomy/pose.ts';
import { ANIMALS, animalById, planById } from '../anatomy/registry.ts';
import { buildSkeleton, type Skeleton } from '../anatomy/skeleton.ts';
import { blendPairs } from '../body/blend.ts';
import { fieldOf, skinParts, type SkinPart } from '../body/skin.ts';
import { torusMeasures } from '../body/sectionSolids.ts';
import { assertMesh, meshMeasures } from '../geometry/triangleMesh.ts';
import { distance, mirrored, type Vec3 } from '../geometry/vec3.ts';
import { settledStance } from '../posing/settledStance.ts';
import { capsule } from '../testing/capsule.ts';
import { nearestSleeve, placeable, placeOn, pointAt } from '../body/skinPlace.ts';
import { zoneAreas } from './skinAreas.ts';
import { skinSurface, SURFACE_CELLS } from './skinSurface.ts';
import { BLOCK, cellFor, sparseField } from './sparseField.ts';
import { sparseMesh } from './sparseMesh.ts';

const skeletonOf = (id: string): Skeleton => {
  const animal = animalById(id)!;
  return buildSkeleton(planById(animal.planId)!, animal);
};
const stanceOf = (id: string, index = 0, size = 1 / 6): PosedSkeleton => {
  const skeleton = skeletonOf(id);
  const presetId = skeleton.plan.stances[index]!.id;
  return settledStance(skeleton, { presetId, anglesDeg: {}, lifted: null }, size);
};

const none = blendPairs([], () => false);
const bodyOf = (parts: readonly SkinPart[], cellMm: number) =>
  sparseMesh(
    sparseField(
      parts,
      blendPairs(parts, () => false),
      cellMm,
    ),
  );

/** A ring as a coil of short capsules: 96 of them are a ring within a thousandth. */
const ring = (R: number, r: number): readonly SkinPart[] =>
  Array.from({ length: 96 }, (_, i) => {
    const at = (k: number): Vec3 => {
      const angle = (2 * Math.PI * k) / 96;
      return [R * Math.cos(angle), R * Math.sin(angle), 0];
    };
    return capsule(at(i), at(i + 1), r);
  });

describe('the mesh of analytic bodies', () => {
  const capsuleOf = (r: number, long: number) => ({
    volume: Math.PI * r * r * long + (4 / 3) * Math.PI * r ** 3,
    area: 2 * Math.PI * r * long + 4 * Math.PI * r * r,
  });
  it.each([
    ['capsule', [capsule([0, 0, 0], [80, 10, 4], 20)], capsuleOf(20, Math.hypot(80, 10, 4))],
    ['ring', ring(40, 14), torusMeasures(40, 14)],
  ] as const)(
    'has volume and area of a %s within half a per cent, nearer with finer cells',
    (_, parts, of) => {
      const off = (cellMm: number) => {
        const mesh = bodyOf(parts, cellMm);
        assertMesh(mesh);
        const { volume, area } = meshMeasures(mesh);
        return Math.max(Math.abs(volume / of.volume - 1), Math.abs(area / of.area - 1));
      };
      const [fine, coarse] = [off(1), off(4)];
      expect(fine).toBeLessThan(0.005);
      expect(fine).toBeLessThan(coarse);
    },
  );

  it('keeps cells near the skin only: four times as many for a body twice as long and thick', () => {
    const cells = (k: number): number =>
      sparseField([capsule([0, 0, 0], [80 * k, 0, 0], 20 * k)], none, 1).depth.length;
    expect(cells(2) / cells(1)).toBeGreaterThan(3);
    // The room round it grows eightfold.
    expect(cells(2) / cells(1)).toBeLessThan(5);
    expect(cells(1) % BLOCK ** 3).toBe(0);
  });

  it('takes about as many cells as it is given', () => {
    const part = capsule([0, 0, 0], [200, 0, 0], 25);
    const area = 2 * Math.PI * 25 * 250;
    const wanted = 60_000;
    const got = sparseField([part], none, cellFor(area, wanted)).depth.length;
    expect(got / wanted).toBeGreaterThan(0.5);
    expect(got / wanted).toBeLessThan(2);
  });
});

describe('the skin of every animal', () => {
  it.each(ANIMALS.map((animal) => [animal.name, animal.id] as const))(
    'of the %s is closed and manifold in its first stance, and its zones add up to it',
    (_, id) => {
      const surface = skinSurface(stanceOf(id), SURFACE_CELLS.coarse);
      assertMesh(surface.mesh);
      const { area } = meshMeasures(surface.mesh);
      const zones = zoneAreas(surface, surface.zone.length === 0 ? 0 : 20);
      expect(zones.reduce((sum, mm2) => sum + mm2, 0) / area).toBeCloseTo(1, 5);
      const { coat } = animalById(id)!;
      for (const zone of surface.zone) expect(zone).toBeLessThan(coat.length);
    },
  );

  it('is on both sides alike in a stance that is', () => {
    const { mesh, parts } = skinSurface(stanceOf('grey-wolf'), SURFACE_CELLS.coarse);
    const of = { left: 0, right: 0, mid: 0 };
    mesh.owner.forEach((part) => of[parts[part]!.side]++);
    expect(of.left / of.right).toBeCloseTo(1, 1);
    expect(of.left).toBeGreaterThan(1000);
  });

  it('looks up on the back and down on the belly', () => {
    const { facing, mesh } = skinSurface(stanceOf('grey-wolf'), SURFACE_CELLS.coarse);
    const mean = (way: (typeof FACINGS)[number]): number => {
      let [sum, many] = [0, 0];
      facing.forEach((of, i) => {
        if (FACINGS[of] !== way) return;
        sum += mesh.positions[3 * i + 1]!;
        many++;
      });
      return sum / many;
    };
    expect(mean('up')).toBeGreaterThan(mean('side'));
    expect(mean('side')).toBeGreaterThan(mean('down') - 20);
  });
});

describe('a place on the skin', () => {
  const angle = fc.double({ min: -179, max: 179, noNaN: true });
  const share = fc.double({ min: 0, max: 1, noNaN: true });

  it('is found again from its point, in every stance, at every scale', () => {
    for (const id of ['grey-wolf', 'grey-heron', 'adder']) {
      const skeleton = skeletonOf(id);
      for (const stance of skeleton.plan.stances.slice(0, 3)) {
        const posed = poseSkeleton(skeleton, stance.anglesDeg, 1 / 5);
        const parts = skinParts(posed);
        fc.assert(
          fc.property(fc.nat(placeable(parts).length - 1), share, angle, (n, t, around) => {
            const part = placeable(parts)[n]!;
            const [first, last] = [part.samples[0]!.share, part.samples.at(-1)!.share];
            const along = first + (last - first) * t;
            const place = { sleeveId: part.sleeve, boneId: part.boneId, along, around };
            const { at } = pointAt(posed, place, parts)!;
            const back = placeOn(posed, part, at);
            const again = pointAt(posed, back, parts)!;
            // In a sharp bend a point lies in two sections: it is found again, by the other perhaps.
            expect(distance(again.at, at)).toBeLessThan(1.5);
          }),
          { seed: 18, numRuns: 40 },
        );
      }
    }
  });

  it('has its mirror image on the other side', () => {
    const posed = poseSkeleton(skeletonOf('grey-wolf'), {});
    const parts = skinParts(posed);
    const on = (side: 'left' | 'right', around: number) =>
      pointAt(
        posed,
        {
          sleeveId: `foreleg ${side}`,
          boneId: side === 'left' ? 'radius.L' : 'radius.R',
          along: 0.4,
          around,
        },
        parts,
      )!.at;
    for (const around of [0, 40, -130, 90])
      expect(distance(on('left', around), mirrored(on('right', -around)))).toBeLessThan(1e-9);
  });

  it('lies on the animal’s left for angles over nothing, and off the skin by what it says', () => {
    const posed = poseSkeleton(skeletonOf('grey-wolf'), {}, 0.5);
    const place = { sleeveId: 'trunk mid', boneId: 'thoracic', along: 0.5, around: 90 };
    const on = pointAt(posed, place)!;
    expect(on.at[2]).toBeLessThan(0);
    expect(on.out[2]).toBeLessThan(0);
    const trunk = nearestSleeve(skinParts(posed), on.at)!;
    expect(trunk).toMatchObject({ sleeve: 'trunk mid', boneId: 'thoracic' });
    expect(Math.abs(fieldOf(trunk)(...on.at))).toBeLessThan(0.2);
    const off = pointAt(posed, { ...place, offMm: 30 })!;
    expect(distance(on.at, off.at)).toBeCloseTo(15, 9);
  });

  it('is nowhere on a body that has lost its sleeve', () => {
    const posed = poseSkeleton(skeletonOf('adder'), {});
    const place = { sleeveId: 'foreleg left', boneId: 'radius.L', along: 0.5, around: 0 };
    expect(pointAt(posed, place)).toBeUndefined();
    expect(nearestSleeve(skinParts(posed), [0, 0, 0])?.sleeve).toMatch(/^(body|head) /);
  });
});
