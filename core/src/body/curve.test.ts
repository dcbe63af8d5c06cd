import { describe, expect, it } from 'vitest';
import type { FleshCurve } from '../anatomy/animal.ts';
import { poseSkeleton, restPose } from '../anatomy/pose.ts';
import { animalById, planById } from '../anatomy/registry.ts';
import { buildSkeleton, type Skeleton } from '../anatomy/skeleton.ts';
import { fattened } from '../anatomy/shaped.ts';
import { fleshBy, girthBy, turnedFlesh } from '../anatomy/sizing.ts';
import { distance, mirrored } from '../geometry/vec3.ts';
import { thinSections } from './thinSections.ts';
import { curveRuns } from './curve.ts';

const heron = animalById('grey-heron')!;
const skeleton = buildSkeleton(planById(heron.planId)!, heron);

/** A skeleton of one bone along x with this curve alone. */
const lone = (curve: FleshCurve): Skeleton => ({
  ...skeleton,
  bones: [{ ...skeleton.bones[0]!, rest: [1, 0, 0], lifeLengthMm: 100, flesh: [curve] }],
});

describe('a curve that a bone carries', () => {
  const rod: FleshCurve = {
    curve: 'rod',
    points: [
      { at: 0, radius: 8 },
      { at: 0, radius: 8, offset: [0, 60, 0] },
    ],
  };

  it('goes where its points are, with half balls at its ends', () => {
    const [run] = curveRuns(poseSkeleton(lone(rod), {}));
    expect(run!.samples[0]!.at).toEqual([0, 0, 0]);
    expect(distance(run!.samples.at(-1)!.at, [0, 60, 0])).toBeLessThan(1e-9);
    expect(run!.domes).toEqual([true, true]);
    // A cylinder and a ball (solid geometry).
    const [mass] = thinSections(lone(rod));
    expect(mass!.volumeMm3 / (Math.PI * 64 * 60 + (4 / 3) * Math.PI * 512)).toBeCloseTo(1, 6);
  });

  it('has frames that are square, carried along with the least turn', () => {
    for (const { samples } of curveRuns(restPose(skeleton)))
      for (const { along, up, across } of samples) {
        const product = along[0] * up[0] + along[1] * up[1] + along[2] * up[2];
        expect(Math.abs(product)).toBeLessThan(1e-9);
        expect(Math.hypot(...across)).toBeCloseTo(1, 9);
      }
  });

  it('has its mirror image on the other side', () => {
    const runs = curveRuns(restPose(skeleton));
    const toe = (side: string) => runs.find(({ sleeve }) => sleeve === `inner toe toes.${side}`)!;
    const [left, right] = [toe('L').samples, toe('R').samples];
    expect(left.length).toBeGreaterThan(10);
    left.forEach(({ at }, i) => expect(distance(at, mirrored(right[i]!.at))).toBeLessThan(1e-9));
  });

  it('grows as flesh grows: all of it, its girth alone, or by fat', () => {
    const radii = (flesh: ReturnType<typeof fleshBy>): readonly number[] =>
      'curve' in flesh ? flesh.points.map(({ radius }) => radius) : [];
    const twice = fleshBy(rod, 2);
    expect(radii(twice)).toEqual([16, 16]);
    expect('curve' in twice && twice.points[1]!.offset).toEqual([0, 120, 0]);
    const thick = girthBy(rod, 1.5);
    expect(radii(thick)).toEqual([12, 12]);
    expect('curve' in thick && thick.points[1]!.offset).toEqual([0, 60, 0]);
    expect(radii(fattened(rod, 3))).toEqual([11, 11]);
    expect(radii(fattened(rod, -100))).toEqual([2, 2]);
    const turned = turnedFlesh(rod, ([x, y, z]) => [y, x, z]);
    expect('curve' in turned && turned.points[1]!.offset).toEqual([60, 0, 0]);
  });
});
