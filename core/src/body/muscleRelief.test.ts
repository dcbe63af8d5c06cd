import { describe, expect, it } from 'vitest';
import { restPose } from '../anatomy/pose.ts';
import { animalById, planById } from '../anatomy/registry.ts';
import { buildSkeleton } from '../anatomy/skeleton.ts';
import { meshMeasures } from '../geometry/triangleMesh.ts';
import { add, mirrored, scale } from '../geometry/vec3.ts';
import { sparseField } from '../surface/sparseField.ts';
import { sparseMesh } from '../surface/sparseMesh.ts';
import { bodyBlends } from './bodyBlends.ts';
import { mayReach, muscleReliefs, raisedMm } from './muscleRelief.ts';
import { skinParts } from './skin.ts';

const restOf = (id: string) => {
  const animal = animalById(id)!;
  return restPose(buildSkeleton(planById(animal.planId)!, animal));
};

describe('muscles that show in the skin', () => {
  const deer = restOf('red-deer');
  const reliefs = muscleReliefs(deer);

  it('stand highest over their middle, in a furrow, and end at its rim', () => {
    expect(reliefs.length).toBeGreaterThan(10);
    for (const of of reliefs) {
      const at = (along: number, across: number) =>
        raisedMm(
          of,
          add(
            of.centre,
            add(scale(of.along, along * of.half[0]), scale(of.across, across * of.half[2])),
          ),
        );
      expect(at(0, 0)).toBeCloseTo(of.riseMm, 9);
      expect(at(0.5, 0)).toBeCloseTo(0, 9);
      expect(at(0, 0.75)).toBeLessThan(0);
      expect(at(1, 0)).toBeCloseTo(0, 12);
      expect(at(0, 1.2)).toBe(0);
      const image = reliefs.find(
        ({ centre }) => Math.hypot(...centre.map((v, k) => v - mirrored(of.centre)[k]!)) < 1e-6,
      );
      expect(image?.riseMm).toBeCloseTo(of.riseMm, 9);
    }
  });

  it('take and give nothing over the whole', () => {
    const [of] = reliefs;
    let [sum, up] = [0, 0];
    for (let x = -1; x <= 1; x += 0.01)
      for (let z = -1; z <= 1; z += 0.01) {
        const way = add(scale(of!.along, x * of!.half[0]), scale(of!.across, z * of!.half[2]));
        const mm = raisedMm(of!, add(of!.centre, way));
        sum += mm;
        up += Math.max(0, mm);
      }
    expect(Math.abs(sum)).toBeLessThan(0.01 * up);
  });

  it('reach no cell that they are not asked for', () => {
    for (const of of reliefs)
      for (let i = 0; i < 200; i++) {
        const [x, y, z] = [Math.sin(7.1 * i), Math.sin(3.3 * i + 1), Math.sin(5.7 * i + 2)];
        const here = add(of.centre, scale([x, y, z], 400 * (i / 200)));
        if (!mayReach(of, here, 0)) expect(Math.abs(raisedMm(of, here))).toBe(0);
      }
  });

  it('leave the body as large as it is', () => {
    const parts = skinParts(deer);
    const measuresOf = (shown: typeof reliefs) =>
      meshMeasures(sparseMesh(sparseField(parts, bodyBlends(deer.skeleton, parts), 16, [], shown)));
    const [plain, shown] = [measuresOf([]), measuresOf(reliefs)];
    expect(shown.volume / plain.volume).toBeCloseTo(1, 2);
    expect(shown.area).not.toBe(plain.area);
  });

  it('are hidden by feathers and scales, and in part by long hair', () => {
    expect(muscleReliefs(restOf('barn-owl'))).toEqual([]);
    expect(muscleReliefs(restOf('nile-crocodile'))).toEqual([]);
    const riseOf = (id: string): number => {
      const of = muscleReliefs(restOf(id));
      return Math.max(...of.map(({ riseMm, half }) => riseMm / half[1]));
    };
    expect(riseOf('woolly-mammoth')).toBeLessThan(0.3 * riseOf('red-deer'));
  });
});
