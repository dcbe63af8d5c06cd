import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ANIMALS, planById } from '../anatomy/registry.ts';
import { buildSkeleton } from '../anatomy/skeleton.ts';
import type { Flesh } from '../anatomy/animal.ts';
import { carlsonRF, carlsonRG } from '../geometry/carlson.ts';
import { length, type Vec3 } from '../geometry/vec3.ts';
import { bodyGrid, COARSE_CELLS, FINE_CELLS, deeperMm3 } from './bodyGrid.ts';
import { bodyWeight } from './bodyWeight.ts';
import { alongMiddle } from '../testing/capsule.ts';
import { ellipsoidField, ellipsoidMeasures, type Ellipsoid } from './ellipsoid.ts';

const wolf = ANIMALS.find((animal) => animal.id === 'grey-wolf')!;
const skeleton = buildSkeleton(planById(wolf.planId)!, wolf);

/** A skeleton of one bone with this flesh alone. */
const lone = (lifeLengthMm: number, flesh: readonly Flesh[]) => ({
  ...skeleton,
  bones: [{ ...skeleton.bones[0]!, lifeLengthMm, flesh }],
});

const upright = (a: number, b: number, c: number): Ellipsoid => ({
  centre: [0, 0, 0],
  axes: [
    [1, 0, 0],
    [0, 1, 0],
    [0, 0, 1],
  ],
  radii: [a, b, c],
});

describe('ellipsoidField', () => {
  const r = fc.double({ min: 2, max: 40, noNaN: true });
  const angle = fc.double({ min: 0, max: Math.PI, noNaN: true });

  // A point set off the surface along its normal has that distance: the definition, no search.
  it('gives back how far a point was set off the surface, outside and a little inside', () => {
    fc.assert(
      fc.property(r, r, r, angle, angle, fc.double({ min: -0.9, max: 3, noNaN: true }), (...of) => {
        const [a, b, c, u, v, share] = of;
        const on: Vec3 = [
          a * Math.cos(u) * Math.sin(v),
          b * Math.sin(u) * Math.sin(v),
          c * Math.cos(v),
        ];
        const normal: Vec3 = [on[0] / (a * a), on[1] / (b * b), on[2] / (c * c)];
        const size = length(normal);
        // Inside, the foot stays unique only up to the sharpest curve of the surface.
        const sharpest = Math.min(a, b, c) ** 2 / Math.max(a, b, c);
        const off = share < 0 ? share * sharpest : share * 10;
        const p = on.map((x, i) => x + (off * normal[i]!) / size) as unknown as Vec3;
        expect(ellipsoidField(upright(a, b, c))(...p)).toBeCloseTo(off, 5);
      }),
      { seed: 5, numRuns: 300 },
    );
  });

  it('is minus the least half axis in the centre, and that of a ball for a ball', () => {
    expect(ellipsoidField(upright(9, 4, 7))(0, 0, 0)).toBeCloseTo(-4, 6);
    expect(ellipsoidField(upright(5, 5, 5))(3, 4, 12)).toBeCloseTo(8, 9);
  });
});

describe('Carlson’s integrals', () => {
  // Closed forms: R_F(x,x,x) = x^(−1/2); R_G of equal arguments is their root (B. C. Carlson 1979).
  it('have their closed forms for equal arguments, and a disc’s area in the limit', () => {
    expect(carlsonRF(4, 4, 4)).toBeCloseTo(0.5, 14);
    expect(carlsonRG(9, 9, 9)).toBeCloseTo(3, 13);
    // A flat disc of radius 10, seen from both sides.
    expect(ellipsoidMeasures(10, 10, 1e-6).area).toBeCloseTo(2 * Math.PI * 100, 3);
  });
});

describe('a body of one ball', () => {
  const ball = bodyGrid(lone(10, [alongMiddle([0.4999, 30], [0.5001, 30])]), COARSE_CELLS);
  const sum = (of: (patch: (typeof ball.patches)[number]) => number): number =>
    ball.patches.reduce((total, patch) => total + of(patch), 0);

  it('has the volume and the skin of a ball', () => {
    expect(ball.volumeMm3 / ((4 / 3) * Math.PI * 30 ** 3)).toBeCloseTo(1, 2);
    expect(sum((patch) => patch.areaMm2) / (4 * Math.PI * 900)).toBeCloseTo(1, 2);
  });

  it('holds inside any depth the ball that is smaller by it', () => {
    for (const depth of [0, 2, 5.5, 12, 24]) {
      const wanted = (4 / 3) * Math.PI * (30 - depth) ** 3;
      const got = sum((patch) => deeperMm3(patch, ball.levelMm, depth));
      expect(Math.abs(got - wanted)).toBeLessThan(0.012 * ball.volumeMm3);
    }
    expect(sum((patch) => deeperMm3(patch, ball.levelMm, 31))).toBe(0);
  });

  it('looks up, sideways and down in the shares of a ball: a quarter, a half, a quarter', () => {
    // A cap within 60° of upright has the share (1 − cos 60°)/2 of a ball (Archimedes).
    const share = (facing: string): number =>
      ball.patches
        .filter((patch) => patch.facing === facing)
        .reduce((total, patch) => total + patch.areaMm2, 0) / sum((patch) => patch.areaMm2);
    expect(share('up')).toBeCloseTo(0.25, 1);
    expect(share('side')).toBeCloseTo(0.5, 1);
    expect(share('down')).toBeCloseTo(0.25, 1);
  });
});

describe('a body of one ellipsoid', () => {
  it('has the closed form’s volume and area', () => {
    const of = ellipsoidMeasures(60, 40, 25);
    // Its sections at even angles, so that the tips are domes of little.
    const stations = Array.from({ length: 23 }, (_, i) => {
      const x = -Math.cos((Math.PI * (i + 0.5)) / 23);
      const r = Math.sqrt(1 - x * x);
      return { at: 0.5 + 6 * x, above: 40 * r, below: 40 * r, halfWidth: 25 * r };
    });
    const flesh: Flesh = { sleeve: 'egg', order: 0, faces: 'back', stations };
    const grid = bodyGrid(lone(10, [flesh]), FINE_CELLS);
    expect(grid.volumeMm3 / of.volume).toBeCloseTo(1, 2);
    const area = grid.patches.reduce((total, patch) => total + patch.areaMm2, 0);
    expect(area / of.area).toBeCloseTo(1, 2);
  });
});

describe('the animals of the library', () => {
  // Body masses are remembered handbook ranges: plausibility, not proof.
  it.each(ANIMALS.map((animal) => [animal.name, animal] as const))(
    '%s weighs what it should in life, left as much as right',
    (_, animal) => {
      const its = buildSkeleton(planById(animal.planId)!, animal);
      const body = bodyGrid(its, COARSE_CELLS);
      const weight = bodyWeight(body, animal);
      expect(weight.value).toBeGreaterThan(animal.ranges.massKg![0]);
      expect(weight.value).toBeLessThan(animal.ranges.massKg![1]);
      const of = (id: string): number =>
        body.bones.find((bone) => bone.boneId === id)?.volumeMm3 ?? 0;
      for (const bone of its.bones.filter((bone) => bone.side === 'left')) {
        expect(Math.abs(of(bone.id) - of(bone.id.replace('.L', '.R')))).toBeLessThanOrEqual(
          1e-6 * of(bone.id),
        );
      }
    },
  );
});
