import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { aboutAxis, turn } from '../../geometry/quat.ts';
import { distance, unit, type Vec3 } from '../../geometry/vec3.ts';
import { alignPoints } from './alignment.ts';
import { apparentFromTrue, distanceForError, trueFromApparent } from './perspective.ts';
import {
  hasTwoWays,
  leastScale,
  recoverChain,
  type Nearer,
  type SeenBone,
} from './scaledOrthography.ts';
import { foreshortening, jointInSpace, segmentInSpace } from './trueLength.ts';

const coordinate = fc.double({ min: -500, max: 500, noNaN: true });
const point = fc.tuple(coordinate, coordinate, coordinate);

describe('two views', () => {
  it('never show more than the true length, and two of them give it', () => {
    fc.assert(
      fc.property(point, point, (a, b) => {
        const seen = segmentInSpace(a, b);
        expect(seen.trueMm).toBeCloseTo(distance(a, b), 9);
        for (const view of [seen.sideMm, seen.frontMm, seen.aboveMm])
          expect(view).toBeLessThanOrEqual(seen.trueMm + 1e-9);
        expect(Math.hypot(seen.sideMm, a[2] - b[2])).toBeCloseTo(seen.trueMm, 6);
      }),
      { seed: 5, numRuns: 100 },
    );
  });

  it('show a right angle in space as another in a view that looks at it askew', () => {
    const joint = jointInSpace([10, 0, 10], [0, 0, 0], [0, 10, 0]);
    expect(joint.trueDeg).toBeCloseTo(90, 9);
    const askew = jointInSpace([10, 10, 0], [0, 0, 0], [0, 10, 10]);
    expect(askew.trueDeg).toBeCloseTo(60, 9);
    expect(askew.sideDeg).toBeCloseTo(45, 9);
  });

  it('hide nothing of a bone in their plane, and all of one that is seen end on', () => {
    expect(foreshortening(80, 80)).toBe(0);
    expect(foreshortening(80, 0)).toBe(1);
    expect(foreshortening(0, 0)).toBe(0);
  });
});

describe('one picture with known lengths', () => {
  it('counts one way only for a single bone that is seen whole', () => {
    fc.assert(
      fc.property(point, point, (a, b) => {
        const bone: SeenBone = {
          from: [a[0], a[1]],
          to: [b[0], b[1]],
          lengthMm: distance(a, b) / 2 + 1,
        };
        // At the least scale that it can have, it lies in the picture's plane.
        expect(hasTwoWays(bone, leastScale([bone]))).toBe(false);
        expect(recoverChain([bone], leastScale([bone]), []).ways).toBe(1);
      }),
      { seed: 47, numRuns: 1000 },
    );
    const long: SeenBone = { from: [0, 0], to: [100, 0], lengthMm: 100 };
    expect(hasTwoWays(long, 1.005)).toBe(false);
    expect(hasTwoWays(long, 1.02)).toBe(true);
  });

  const direction = point.filter((v) => Math.hypot(...v) > 1).map((v) => unit(v));

  it('gives back the depths of a chain that was drawn from them', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(direction, fc.double({ min: 20, max: 200, noNaN: true })), {
          minLength: 1,
          maxLength: 5,
        }),
        fc.double({ min: 0.5, max: 8, noNaN: true }),
        (chain, scale) => {
          let at: Vec3 = [0, 0, 0];
          const bones = chain.map(([d, length]): SeenBone => {
            const from = at;
            at = [at[0] + d[0] * length, at[1] + d[1] * length, at[2] + d[2] * length];
            return {
              from: [from[0] * scale, from[1] * scale],
              to: [at[0] * scale, at[1] * scale],
              lengthMm: length,
            };
          });
          const signs = chain.map(([d]): Nearer => (d[2] >= 0 ? 1 : -1));
          const found = recoverChain(bones, scale, signs);
          expect(found.impossible).toEqual([]);
          chain.forEach(([d, length], i) => {
            expect(found.depthsMm[i]).toBeCloseTo(d[2] * length, 3);
          });
          expect(found.pointsMm.at(-1)).toBeCloseTo(at[2], 2);
          expect(leastScale(bones)).toBeLessThanOrEqual(scale * (1 + 1e-9));
        },
      ),
      { seed: 7, numRuns: 80 },
    );
  });

  it('names the bones that are seen longer than they can be', () => {
    const bones: readonly SeenBone[] = [
      { from: [0, 0], to: [90, 0], lengthMm: 100 },
      { from: [90, 0], to: [90, 120], lengthMm: 100 },
    ];
    expect(recoverChain(bones, 1, [1, 1])).toMatchObject({ impossible: [1], depthsMm: [] });
    expect(leastScale(bones)).toBeCloseTo(1.2, 12);
  });
});

describe('a camera', () => {
  it('that is far enough reads true to the share that is wanted', () => {
    const far = distanceForError(120, 0.02);
    expect(apparentFromTrue(100, far, 120)).toBeCloseTo(102, 9);
    expect(trueFromApparent(102, far, 120)).toBeCloseTo(100, 9);
  });
});

describe('alignment', () => {
  it('finds the similarity that points were moved by, in space', () => {
    fc.assert(
      fc.property(
        fc.array(point, { minLength: 4, maxLength: 9 }),
        direction3(),
        fc.double({ min: -3, max: 3, noNaN: true }),
        fc.double({ min: 0.1, max: 10, noNaN: true }),
        point,
        (points, axis, angle, scale, shift) => {
          const spread = Math.max(...points.map((p) => distance(p, points[0]!)));
          fc.pre(spread > 10);
          const q = aboutAxis(axis, angle);
          const moved = points.map((p) => turn(q, p).map((v, k) => scale * v + shift[k]!));
          const found = alignPoints(points, moved);
          expect(found.scale).toBeCloseTo(scale, 6);
          expect(found.rms).toBeLessThan(1e-6 * scale * spread);
        },
      ),
      { seed: 11, numRuns: 60 },
    );
  });

  it('never mirrors: a left foot stays one', () => {
    const left = [
      [0, 0],
      [10, 0],
      [0, 30],
    ];
    const found = alignPoints(
      left,
      left.map(([x, y]) => [-x!, y!]),
    );
    const [[a, b], [c, d]] = found.rotation as [[number, number], [number, number]];
    expect(a * d - b * c).toBeCloseTo(1, 12);
    expect(found.rms).toBeGreaterThan(1);
  });

  it('refuses lists that do not match, and points that are all one', () => {
    expect(() => alignPoints([[0, 0]], [])).toThrow(/1 points cannot lie upon 0/);
    expect(() =>
      alignPoints(
        [
          [1, 1],
          [1, 1],
        ],
        [
          [0, 0],
          [2, 2],
        ],
      ),
    ).toThrow(/no scale/);
  });
});

function direction3() {
  return point.filter((v) => Math.hypot(...v) > 1).map((v) => unit(v));
}
