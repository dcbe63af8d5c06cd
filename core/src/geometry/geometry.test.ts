import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { boxOfPoints, boxSize } from './box.ts';
import { convexHull, distanceToSegment, edgeMargins, type Point2 } from './hull.ts';
import { aboutAxis, compose, inverse, turn } from './quat.ts';
import { angleBetween, cross, dot, length, mirrored, mirroredAxis, sub, unit } from './vec3.ts';

const coordinate = fc.double({ min: -100, max: 100, noNaN: true });
const vector = fc.tuple(coordinate, coordinate, coordinate);
const angle = fc.double({ min: -3, max: 3, noNaN: true });

describe('rotations', () => {
  it('keep lengths and angles, and undo themselves', () => {
    fc.assert(
      fc.property(vector, vector, vector, angle, (axis, a, b, rad) => {
        fc.pre(length(axis) > 1e-3);
        const q = aboutAxis(unit(axis), rad);
        expect(length(turn(q, a))).toBeCloseTo(length(a), 8);
        expect(dot(turn(q, a), turn(q, b))).toBeCloseTo(dot(a, b), 5);
        expect(length(sub(turn(inverse(q), turn(q, a)), a))).toBeLessThan(1e-9);
      }),
      { seed: 11 },
    );
  });

  it('are right-handed and compose from right to left', () => {
    const quarter = aboutAxis([0, 0, 1], Math.PI / 2);
    expect(turn(quarter, [1, 0, 0])[1]).toBeCloseTo(1, 12);
    const roll = aboutAxis([1, 0, 0], Math.PI / 2);
    const both = turn(compose(roll, quarter), [1, 0, 0]);
    expect(both[2]).toBeCloseTo(1, 12);
  });

  it('mirror as axial vectors: the mirrored turn of the mirrored vector is the mirror image', () => {
    fc.assert(
      fc.property(vector, vector, angle, (axis, v, rad) => {
        fc.pre(length(axis) > 1e-3);
        const image = mirrored(turn(aboutAxis(unit(axis), rad), v));
        const other = turn(aboutAxis(mirroredAxis(unit(axis)), rad), mirrored(v));
        expect(length(sub(image, other))).toBeLessThan(1e-9);
      }),
      { seed: 5 },
    );
  });
});

describe('vectors', () => {
  it('measure small and straight angles well', () => {
    expect(angleBetween([1, 0, 0], [1, 1e-9, 0])).toBeCloseTo(1e-9, 15);
    expect(angleBetween([1, 0, 0], [-1, 0, 0])).toBeCloseTo(Math.PI, 12);
    expect(cross([1, 0, 0], [0, 1, 0])).toEqual([0, 0, 1]);
    expect(unit([0, 0, 0])).toEqual([0, 0, 0]);
  });
});

describe('convexHull', () => {
  const points = fc.array(
    fc.tuple(fc.integer({ min: 0, max: 9 }), fc.integer({ min: 0, max: 9 })),
    {
      minLength: 3,
      maxLength: 12,
    },
  );

  it('holds every point, turns left at every corner, and uses given points only', () => {
    fc.assert(
      fc.property(points, (given) => {
        const hull = convexHull(given);
        fc.pre(hull.length >= 3);
        for (const p of given) expect(Math.min(...edgeMargins(hull, p))).toBeGreaterThan(-1e-9);
        for (const corner of hull) expect(given).toContainEqual(corner);
      }),
      { seed: 3 },
    );
  });

  it('agrees with the margin by the support function in many directions', () => {
    const hull: Point2[] = [
      [0, 0],
      [90, 12],
      [0, 40],
    ];
    const centre: Point2 = [30, 18];
    const plain = Array.from({ length: 3600 }, (_, i) => {
      const [ux, uy] = [Math.cos((i * Math.PI) / 1800), Math.sin((i * Math.PI) / 1800)];
      return Math.max(...hull.map((p) => (p[0] - centre[0]) * ux + (p[1] - centre[1]) * uy));
    });
    expect(Math.min(...edgeMargins(convexHull(hull), centre))).toBeCloseTo(Math.min(...plain), 1);
  });

  it('returns what there is for fewer than three points', () => {
    expect(
      convexHull([
        [1, 2],
        [1, 2],
      ]),
    ).toEqual([[1, 2]]);
    expect(distanceToSegment([5, 5], [0, 0], [10, 0])).toBe(5);
    expect(distanceToSegment([15, 0], [0, 0], [10, 0])).toBe(5);
  });
});

describe('boxOfPoints', () => {
  it('spans points, and is nothing for none', () => {
    const box = boxOfPoints([
      [1, 2, 3],
      [-3, 6, 7],
    ]);
    expect(box && boxSize(box)).toEqual([4, 4, 4]);
    expect(boxOfPoints([])).toBeUndefined();
  });
});
