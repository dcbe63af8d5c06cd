import { describe, expect, it } from 'vitest';
import { bodyGrid, COARSE_CELLS } from '../body/bodyGrid.ts';
import { canBeSectioned, librarySections } from '../body/measureSections.ts';
import { isMirrored } from '../body/mirroredBody.ts';
import { LIBRARY_SHAPE, type Shape } from './shapeSchema.ts';
import { ANIMALS } from './registry.ts';
import { shapedSkeleton } from './shaped.ts';
import type { Skeleton } from './skeleton.ts';
import { skeletonOf } from '../testing/skeletonOf.ts';
import { adopt, shapedParts } from '../body/shapeEdits.ts';

const otter = skeletonOf('eurasian-otter');
const volume = (skeleton: Skeleton): number => bodyGrid(skeleton, COARSE_CELLS).volumeMm3;
/** Sections in place of the library's flesh, for a part of the body. */
function taken(skeleton: Skeleton, partId: string): Shape {
  const part = skeleton.plan.parts.find((part) => part.id === partId)!;
  const sections = Object.fromEntries(
    skeleton.bones.flatMap((bone) => {
      const own = part.keys.includes(bone.key) && bone.side !== 'right';
      const stations = own && canBeSectioned(skeleton, bone) && librarySections(skeleton, bone);
      return stations ? [[bone.key, [...stations]]] : [];
    }),
  );
  return { ...LIBRARY_SHAPE, sections };
}

describe('sections in place of the library’s flesh', () => {
  it.each([
    ['eurasian-otter', 'trunk'],
    ['eurasian-otter', 'head'],
    ['grey-wolf', 'trunk'],
    ['grey-wolf', 'tail'],
    ['grey-heron', 'head'],
    ['red-deer', 'trunk'],
  ])('keep the weight of the %s when its %s is taken over, within 5 per cent', (id, part) => {
    const skeleton = skeletonOf(id);
    const shape = taken(skeleton, part);
    expect(Object.keys(shape.sections).length).toBeGreaterThan(1);
    const shaped = shapedSkeleton(skeleton, shape);
    expect(Math.abs(volume(shaped) / volume(skeleton) - 1)).toBeLessThan(0.05);
    expect(isMirrored(shaped)).toBe(true);
  });

  it.each(ANIMALS.map(({ id }) => id))(
    'are those of the %s itself: taking over any part of it changes its weight by less than 2 per cent',
    (id) => {
      const skeleton = skeletonOf(id);
      const before = volume(skeleton);
      for (const part of shapedParts(skeleton, LIBRARY_SHAPE)) {
        const shaped = shapedSkeleton(skeleton, adopt(skeleton, LIBRARY_SHAPE, part.id));
        expect(Math.abs(volume(shaped) / before - 1), part.id).toBeLessThan(0.02);
      }
    },
  );

  it('make the animal thinner where they are made narrower', () => {
    const shape = taken(otter, 'trunk');
    const narrow = {
      ...shape,
      sections: Object.fromEntries(
        Object.entries(shape.sections).map(([key, list]) => [
          key,
          list.map((entry) => ({ ...entry, halfWidth: entry.halfWidth * 0.8 })),
        ]),
      ),
    };
    const [wide, thin] = [
      volume(shapedSkeleton(otter, shape)),
      volume(shapedSkeleton(otter, narrow)),
    ];
    expect(thin).toBeLessThan(0.93 * wide);
    expect(thin).toBeGreaterThan(0.75 * wide);
  });

  it('are the same on both sides until one side is shaped by itself', () => {
    const femur = librarySections(otter, otter.byId.get('femur.L')!)!;
    const fatter = femur.map((fleshStation) => ({
      ...fleshStation,
      halfWidth: fleshStation.halfWidth * 1.5,
    }));
    const both = shapedSkeleton(otter, { ...LIBRARY_SHAPE, sections: { femur: fatter } });
    expect(isMirrored(both)).toBe(true);
    const mass = (skeleton: Skeleton, id: string): number =>
      bodyGrid(skeleton, COARSE_CELLS).bones.find((bone) => bone.boneId === id)!.volumeMm3;
    expect(mass(both, 'femur.L')).toBe(mass(both, 'femur.R'));
    const entry = shapedSkeleton(otter, { ...LIBRARY_SHAPE, sections: { 'femur.L': fatter } });
    expect(isMirrored(entry)).toBe(false);
    expect(mass(entry, 'femur.L')).toBeGreaterThan(1.01 * mass(entry, 'femur.R'));
  });
});

describe('fat under the skin', () => {
  it('adds about its thickness times the skin of its region, and lies nowhere else', () => {
    const body = bodyGrid(otter, COARSE_CELLS);
    const trunk = otter.plan.regions.find((region) => region.id === 'trunk')!;
    const skin = body.patches
      .filter((patch) => trunk.bones.includes(otter.byId.get(patch.boneId)!.key))
      .reduce((sum, patch) => sum + patch.areaMm2, 0);
    const fat = bodyGrid(
      shapedSkeleton(otter, { ...LIBRARY_SHAPE, fatMm: { trunk: 6 } }),
      COARSE_CELLS,
    );
    const added = fat.volumeMm3 - body.volumeMm3;
    expect(added).toBeGreaterThan(skin * 6);
    expect(added).toBeLessThan(skin * 6 * 1.35);
    const tail = (of: typeof body) => of.bones.find((bone) => bone.boneId === 'tail3')!.volumeMm3;
    expect(Math.abs(tail(fat) / tail(body) - 1)).toBeLessThan(0.06);
  });

  it('never takes a part away altogether', () => {
    const lean = shapedSkeleton(otter, { ...LIBRARY_SHAPE, fatMm: { feet: -100 } });
    expect(volume(lean)).toBeGreaterThan(0.9 * volume(otter));
  });

  it('and all the rest leave the library’s skeleton alone where nothing is set', () => {
    expect(shapedSkeleton(otter, LIBRARY_SHAPE)).toBe(otter);
  });
});
