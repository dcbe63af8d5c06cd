import { describe, expect, it } from 'vitest';
import type { Animal } from '../anatomy/animal.ts';
import { memory } from '../anatomy/animals/memory.ts';
import { poseSkeleton } from '../anatomy/pose.ts';
import { animalById, planById } from '../anatomy/registry.ts';
import { buildSkeleton } from '../anatomy/skeleton.ts';
import { subjectOf } from '../anatomy/subject.ts';
import { bladeArea, bladeMasses, bodyBox, posedBlades } from './blades.ts';
import { bodyGrid, COARSE_CELLS } from './bodyGrid.ts';
import { bodyStations } from './stations.ts';

const skeletonOf = (id: string, change: Partial<Animal> = {}) => {
  const animal = { ...animalById(id)!, ...change };
  return buildSkeleton(planById(animal.planId)!, animal);
};

describe('blades', () => {
  it('have the area of their outline, flat or folded', () => {
    const square = [
      [0, 0, 0],
      [10, 0, 0],
      [10, 10, 0],
      [0, 10, 0],
    ] as const;
    expect(bladeArea({ outline: square })).toBeCloseTo(100, 12);
    // A square folded along its middle: two leaves of 5 × 10, about its centre.
    const tent = [
      [0, 0, 0],
      [5, 0, 5],
      [10, 0, 0],
      [10, 10, 0],
      [5, 10, 5],
      [0, 10, 0],
    ] as const;
    expect(bladeArea({ outline: tent })).toBeGreaterThan(100);
  });

  it('come in pairs that mirror each other, or once on the midline', () => {
    const blades = posedBlades(poseSkeleton(skeletonOf('harbour-porpoise'), {}));
    expect(blades.map(({ blade, side }) => `${blade.id} ${side}`)).toEqual([
      'fluke left',
      'fluke right',
      'dorsal-fin mid',
      'flipper left',
      'flipper right',
    ]);
    const [left, right] = blades as [(typeof blades)[0], (typeof blades)[0]];
    right.outline.forEach(([x, y, z], i) => {
      expect([x, y, -z]).toEqual(left.outline[i]!.map((v) => expect.closeTo(v, 8)));
    });
  });

  it('count as wide as any stance spreads them, times their thickness', () => {
    const [wing] = bladeMasses(skeletonOf('grey-heron'));
    // A heron's wing is about a quarter of a square metre in all (memory): a tenth or more each here.
    expect(wing!.areaMm2 / 1e6).toBeGreaterThan(0.08);
    expect(wing!.areaMm2 / 1e6).toBeLessThan(0.25);
    expect(wing!.volumeMm3).toBeCloseTo(wing!.areaMm2 * 0.6, 6);
  });

  it('add their volume and both faces to the body’s grid, once', () => {
    const thick = memory(16, 10, 24);
    const plain = skeletonOf('harbour-porpoise', { blades: [] });
    const finned = skeletonOf('harbour-porpoise');
    const [without, with_] = [bodyGrid(plain, COARSE_CELLS), bodyGrid(finned, COARSE_CELLS)];
    const masses = bladeMasses(finned);
    const volume = masses.reduce((sum, mass) => sum + mass.volumeMm3, 0);
    expect(with_.volumeMm3 - without.volumeMm3).toBeCloseTo(volume, 3);
    const area = (of: typeof with_) => of.patches.reduce((sum, patch) => sum + patch.areaMm2, 0);
    const faces = masses.reduce((sum, mass) => sum + 2 * mass.areaMm2, 0);
    expect(area(with_) - area(without)).toBeCloseTo(faces, 3);
    expect(thick.mm).toBe(16);
  });

  it('stretch the box round the body', () => {
    const posed = poseSkeleton(skeletonOf('emperor-dragonfly'), {});
    const bare = poseSkeleton(skeletonOf('emperor-dragonfly', { blades: [] }), {});
    expect(bodyBox(posed).max[2]).toBeGreaterThan(bodyBox(bare).max[2] + 30);
  });
});

describe('stations', () => {
  it('tell the width and depth of a body that is known: the links of the adder, broadest in the middle', () => {
    const stations = bodyStations(skeletonOf('adder'));
    const trunk = stations.filter((station) => station.boneId.startsWith('trunk.'));
    const widths = trunk.map(({ widthMm }) => widthMm);
    const widest = Math.max(...widths);
    // Its section at the girth of 1.06: 2 · 11.4 wide, 9.4 + 8.2 deep.
    expect(widest / (2 * 11.4 * 1.06)).toBeCloseTo(1, 1);
    const deepest = Math.max(...trunk.map(({ depthMm }) => depthMm));
    expect(deepest / ((9.4 + 8.2) * 1.06)).toBeCloseTo(1, 1);
    const at = widths.indexOf(widest) / widths.length;
    expect(at).toBeGreaterThan(0.3);
    expect(at).toBeLessThan(0.7);
    expect(widths[0]).toBeLessThan(0.8 * widest);
  });

  it('make a wolf’s chest deeper than wide, and a crocodile’s wider than deep', () => {
    const at = (id: string, bone: string) =>
      bodyStations(skeletonOf(id)).find(
        (bodyStation) => bodyStation.boneId === bone && bodyStation.at > 0.5,
      )!;
    const wolf = at('grey-wolf', 'thoracic');
    expect(wolf.depthMm).toBeGreaterThan(1.3 * wolf.widthMm);
    const crocodile = at('nile-crocodile', 'dorsalRear');
    expect(crocodile.widthMm).toBeGreaterThan(1.1 * crocodile.depthMm);
  });
});

it('a subject that there is not is a defect, said by name', () => {
  expect(() => subjectOf({ animalId: 'unicorn', creature: null })).toThrow(/no animal unicorn/);
});
