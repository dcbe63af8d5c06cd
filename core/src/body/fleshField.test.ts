import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ANIMALS, planById } from '../anatomy/registry.ts';
import { poseSkeleton, restPose } from '../anatomy/pose.ts';
import { buildSkeleton } from '../anatomy/skeleton.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import { bodyBlends } from './bodyBlends.ts';
import { FINE_CELLS, insideShare } from './bodyGrid.ts';
import { blendPairs } from './blend.ts';
import { ellipsoidMeasures } from './ellipsoid.ts';
import { fleshField, gridOver } from './fleshField.ts';
import { cellCentre, type FleshField } from './cellGrid.ts';
import { capsule } from '../testing/capsule.ts';
import { frustumBetweenBalls, roundConeMeasures, torusMeasures } from './sectionSolids.ts';
import { partDistance, skinParts, type SkinPart } from './skin.ts';
import { steinerShell } from './steiner.ts';

const AXES = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
] as const;
const egg = (radii: Vec3): SkinPart => ({
  kind: 'ellipsoid',
  boneId: 'one',
  centre: [1.3, -0.4, 0.7],
  axes: AXES,
  radii,
});
/** A ring as a coil of short capsules: 96 of them are a ring within a thousandth. */
const ring = (R: number, r: number): readonly SkinPart[] =>
  Array.from({ length: 96 }, (_, i) => {
    const at = (k: number): Vec3 => {
      const angle = (2 * Math.PI * k) / 96;
      return [R * Math.cos(angle), R * Math.sin(angle), 0];
    };
    return capsule(at(i), at(i + 1), r, r);
  });

const fieldOf = (parts: readonly SkinPart[], total: number) =>
  fleshField(parts, gridOver(parts, total));

/** Volume in mm³ of what lies deeper than a depth. */
const deeper = ({ depth, cellMm: h }: FleshField, mm: number): number =>
  depth.reduce((sum, d) => sum + insideShare(d + mm, h), 0) * h ** 3;
/** Area in mm² of the surface at a depth, as the volume that lies within half a cell of it. */
const areaAt = (field: FleshField, mm: number): number =>
  (deeper(field, mm - field.cellMm / 2) - deeper(field, mm + field.cellMm / 2)) / field.cellMm;

/** Half a body's fine grid: what a piece is worked out with. */
const WORKING = FINE_CELLS / 2;
const BODIES = [
  ['ball', [egg([30, 30, 30])], ellipsoidMeasures(30, 30, 30)],
  ['capsule', [capsule([0, 0, 0], [80, 0, 0], 20)], roundConeMeasures(20, 20, 80)],
  ['ellipsoid', [egg([60, 40, 25])], ellipsoidMeasures(60, 40, 25)],
  [
    'frustum between half balls',
    [capsule([0, 0, 0], [60, 20, 5], 24, 12)],
    frustumBetweenBalls(24, 12, Math.hypot(60, 20, 5)),
  ],
  ['ring', ring(40, 14), torusMeasures(40, 14)],
] as const;

describe('the field of analytic bodies, at the working resolution', () => {
  it.each(BODIES)('gives volume and area of a %s within half a per cent', (_, parts, of) => {
    const field = fieldOf(parts, WORKING);
    expect(Math.abs(deeper(field, 0) / of.volume - 1)).toBeLessThan(0.005);
    expect(Math.abs(areaAt(field, 0) / of.area - 1)).toBeLessThan(0.005);
  });

  it.each(BODIES)('comes nearer to a %s with finer cells', (_, parts, of) => {
    const off = (total: number): number =>
      Math.abs(deeper(fieldOf(parts, total), 0) / of.volume - 1);
    // Errors of one grid are partly luck: the mean of some is compared.
    const mean = (totals: readonly number[]): number =>
      totals.reduce((sum, total) => sum + off(total), 0) / totals.length;
    expect(mean([120_000, 150_000, 180_000])).toBeLessThan(mean([4000, 5000, 6000]));
  });

  // Steiner's formula read backwards: a body grown by t from a smaller one is that one at depth t.
  it.each([4, 8])('leaves inside a shell of %d mm what Steiner’s formula says', (t) => {
    const field = fieldOf([capsule([0, 0, 0], [80, 0, 0], 20)], WORKING);
    const inner = roundConeMeasures(20 - t, 20 - t, 80);
    const grown = steinerShell(inner.volume, inner.area, inner.meanCurvature, t);
    expect(deeper(field, t) / inner.volume).toBeCloseTo(1, 2);
    expect((deeper(field, 0) - deeper(field, t)) / grown.shellVolume).toBeCloseTo(1, 2);
    expect(Math.abs(areaAt(field, t) / inner.area - 1)).toBeLessThan(0.015);
    const coil = fleshField(ring(40, 14), gridOver([egg([54, 54, 14])], WORKING));
    expect(Math.abs(deeper(coil, t) / torusMeasures(40, 14 - t).volume - 1)).toBeLessThan(0.006);
  });

  it('measures true depth where parts overlap, which no part knows by itself', () => {
    // Two balls that share much: in the plane between them the rim of their meeting is nearest.
    const balls = [
      capsule([-12, 0, 0], [-12, 0, 0], 20, 20),
      capsule([12, 0, 0], [12, 0, 0], 20, 20),
    ];
    const field = fieldOf(balls, WORKING);
    const rim = Math.sqrt(20 ** 2 - 12 ** 2);
    let checked = 0;
    field.depth.forEach((d, at) => {
      const [x, y, z] = cellCentre(field, at);
      if (Math.abs(x) > 0.6 * field.cellMm || Math.hypot(y, z) > rim - 3) return;
      const wanted = Math.hypot(x, rim - Math.hypot(y, z));
      expect(Math.abs(-d - wanted)).toBeLessThan(1.2 * field.cellMm);
      expect(-Math.min(...balls.map((ball) => partDistance(ball, [x, y, z])))).toBeLessThan(
        wanted + 1e-9,
      );
      checked++;
    });
    expect(checked).toBeGreaterThan(20);
  });
});

/** The plain twin: every part everywhere. */
function plainField(parts: readonly SkinPart[], field: FleshField): Float32Array {
  return field.depth.map((_, at) =>
    Math.min(...parts.map((part) => partDistance(part, cellCentre(field, at)))),
  );
}

describe('the fast field beside its plain twin', () => {
  it('has the same inside, and the same distances near the surface of the nearest part', () => {
    const c = fc.double({ min: -30, max: 30, noNaN: true });
    const r = fc.double({ min: 4, max: 18, noNaN: true });
    const some = fc.array(fc.tuple(c, c, c, c, c, c, r, r), { minLength: 1, maxLength: 5 });
    fc.assert(
      fc.property(some, (list) => {
        const parts = list.map(([a, b, d, , f, g, ra, rb]) =>
          capsule([a, b, d], [a + 30, f, g], ra, rb),
        );
        const field = fieldOf(parts, 9000);
        const wrong = [...plainField(parts, field).entries()].filter(([at, plain]) => {
          const got = field.depth[at]!;
          // Inside, the true depth is at least what the best part says.
          const near =
            plain < 0
              ? -got > -plain - 0.6 * field.cellMm
              : plain >= field.cellMm || Math.abs(got - plain) < field.cellMm;
          return got < 0 !== plain < 0 || !near;
        });
        expect(wrong).toEqual([]);
      }),
      { seed: 21, numRuns: 25, endOnFailure: true },
    );
  });

  it.each(['eurasian-otter', 'grey-heron', 'raft-spider'])(
    'has the same inside for the %s',
    (id) => {
      const animal = ANIMALS.find((animal) => animal.id === id)!;
      const parts = skinParts(poseSkeleton(buildSkeleton(planById(animal.planId)!, animal), {}));
      const field = fieldOf(parts, 20_000);
      const plain = plainField(parts, field);
      expect(field.depth.filter((d, at) => d < 0 !== plain[at]! < 0)).toHaveLength(0);
      expect(field.depth.some((d) => d < 0)).toBe(true);
    },
  );
});

describe('creases between parts', () => {
  const cross = [capsule([-40, 0, 0], [40, 0, 0], 14, 14), capsule([0, 0, 0], [0, 40, 0], 14, 14)];
  const filled = fleshField(
    cross,
    gridOver(cross, 60_000),
    blendPairs(cross, () => true),
  );
  const sharp = fieldOf(cross, 60_000);

  it('are filled where two parts of one body meet, and nothing is taken away', () => {
    expect(deeper(filled, 0)).toBeGreaterThan(1.003 * deeper(sharp, 0));
    expect(deeper(filled, 0)).toBeLessThan(1.05 * deeper(sharp, 0));
    expect(filled.depth.some((d, at) => sharp.depth[at]! < 0 && d >= 0)).toBe(false);
  });

  it('do not swell where one part runs smoothly on in the next', () => {
    const line = [capsule([-40, 0, 0], [0, 0, 0], 14, 14), capsule([0, 0, 0], [40, 0, 0], 14, 14)];
    const grid = gridOver(line, 60_000);
    const [one, other] = [
      fleshField(
        line,
        grid,
        blendPairs(line, () => true),
      ),
      fleshField(line, grid),
    ];
    expect(deeper(one, 0) / deeper(other, 0)).toBeCloseTo(1, 4);
  });

  it('are filled between a limb and its trunk, and stay between limbs that only touch', () => {
    const wolf = ANIMALS.find((animal) => animal.id === 'grey-wolf')!;
    const skeleton = buildSkeleton(planById(wolf.planId)!, wolf);
    const parts = skinParts(restPose(skeleton));
    const blends = bodyBlends(skeleton, parts);
    const of = (id: string): number => parts.findIndex((part) => part.boneId === id);
    // A thigh grows into the rump; a thigh and a shoulder that touch do not, nor runs of one sleeve.
    expect(blends.radiusMm(of('femur.L'), of('sacrum'))).toBeGreaterThan(0);
    expect(blends.radiusMm(of('femur.L'), of('humerus.L'))).toBe(0);
    expect(blends.radiusMm(of('lumbar'), of('thoracic'))).toBe(0);
  });
});
