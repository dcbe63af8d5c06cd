import fc from 'fast-check';
import { STROKE_NUMBERS } from './seenCoat.ts';
import { describe, expect, it } from 'vitest';
import { seeded } from '../geometry/seeded.ts';
import { distance, type Vec3 } from '../geometry/vec3.ts';
import { ballMesh } from '../geometry/ballMesh.ts';
import { otterPiece, wholePlan, withCoat } from '../testing/samples.ts';
import { evenPoints } from './pointsOnSkin.ts';
import { nearPoints } from './nearPoints.ts';

const ball = ballMesh([0, 0, 0], 10);
const all = Array.from({ length: ball.indices.length / 3 }, (_, t) => t);

/** The points of samples in space. */
function places(many: number, seed: number): readonly Vec3[] {
  const { triangles, shares } = evenPoints(ball, all, many, seeded(seed));
  return Array.from(triangles, (t, n) => {
    const [a, b] = [shares[2 * n]!, shares[2 * n + 1]!];
    return [0, 1, 2].map((k) =>
      [a, b, 1 - a - b].reduce(
        (sum, share, c) => sum + share * ball.positions[3 * ball.indices[3 * t + c]! + k]!,
        0,
      ),
    ) as unknown as Vec3;
  });
}

describe('points on a skin', () => {
  it('are exactly as many as are asked for, the same for the same seed', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 600 }), fc.integer(), (many, seed) => {
        expect(places(many, seed)).toHaveLength(many);
        expect(places(many, seed)).toEqual(places(many, seed));
      }),
      { numRuns: 12, seed: 5 },
    );
    expect(evenPoints(ball, all, 0, seeded(1)).triangles).toHaveLength(0);
    expect(evenPoints(ball, [], 9, seeded(1)).triangles).toHaveLength(0);
  });

  it('stand apart as sample elimination has them (C. Yuksel, 2015): 0.6 of the hexagons and more', () => {
    const points = places(500, 2);
    const hexagons = Math.sqrt((4 * Math.PI * 100) / (2 * Math.sqrt(3) * 500));
    const nearest = points.map((p, i) =>
      Math.min(...points.flatMap((q, j) => (i === j ? [] : [distance(p, q)]))),
    );
    // Twice the radius of a disk is the distance of two neighbours in a hexagonal lattice.
    expect(Math.min(...nearest)).toBeGreaterThan(0.6 * 2 * hexagons);
    // What is thrown at random comes far nearer.
    const random = seeded(7);
    const thrown = points.map((): Vec3 => {
      const [z, t] = [20 * random() - 10, 2 * Math.PI * random()];
      const r = Math.sqrt(100 - z * z);
      return [r * Math.cos(t), r * Math.sin(t), z];
    });
    const close = thrown.map((p, i) =>
      Math.min(...thrown.flatMap((q, j) => (i === j ? [] : [distance(p, q)]))),
    );
    expect(Math.min(...close)).toBeLessThan(0.3 * 2 * hexagons);
  });
});

describe('points near a place', () => {
  it('are those that a look at every one finds', () => {
    const random = seeded(11);
    const positions = Float32Array.from({ length: 3 * 400 }, () => 20 * random() - 10);
    const kinds = Uint8Array.from({ length: 400 }, () => Math.floor(3 * random()));
    const near = nearPoints(positions, 2.5, kinds);
    fc.assert(
      fc.property(
        fc.tuple(...[0, 1, 2].map(() => fc.double({ min: -14, max: 14, noNaN: true }))),
        fc.integer({ min: 0, max: 2 }),
        ([x, y, z], kind) => {
          const found: number[] = [];
          near.each(kind, x!, y!, z!, (i) => found.push(i));
          const plain = [...kinds.keys()].filter((i) => {
            const far = Math.hypot(
              positions[3 * i]! - x!,
              positions[3 * i + 1]! - y!,
              positions[3 * i + 2]! - z!,
            );
            return kinds[i] === kind && far <= 2.5;
          });
          expect(found.sort((a, b) => a - b)).toEqual(plain);
        },
      ),
      { seed: 4 },
    );
    expect(nearPoints(new Float32Array(), 1).nearest(0, 0, 0, 0)).toBe(-1);
  });
});

describe('the strokes of a coat', () => {
  const plan = withCoat(wholePlan(otterPiece()));
  const { coat } = plan;

  it('are round(area × density) of each zone, with the figures of the ledger', () => {
    const counts = plan.skin.zones.map(
      (_, zone) => [...coat!.zone].filter((of) => of === zone).length,
    );
    plan.skin.zones.forEach(({ strokes, area }, zone) => {
      const { length, width } = plan.skin.zones[zone]!;
      expect(counts[zone]).toBe(strokes!.count!.value);
      const overlap = strokes!.count!.inputs.find(({ symbol }) => symbol === 'o')!.value;
      const density = 1 / (length.value * Math.max(width!.value, strokes!.wide.value));
      expect(counts[zone]).toBe(Math.round((100 * area!.value * density) / (1 - overlap)));
    });
  });

  it('are as long as their zone has them, varied by a third, and short about eyes and nose', () => {
    const long = (n: number): number => {
      const p = (k: number): Vec3 => [
        coat!.lines[9 * n + 3 * k]!,
        coat!.lines[9 * n + 3 * k + 1]!,
        coat!.lines[9 * n + 3 * k + 2]!,
      ];
      return distance(p(0), p(1)) + distance(p(1), p(2));
    };
    const of = (id: string): readonly number[] => {
      const zone = plan.skin.zones.findIndex((entry) => entry.zone.id === id);
      return [...coat!.zone.keys()].filter((n) => coat!.zone[n] === zone).map(long);
    };
    const mean = (all: readonly number[]): number => all.reduce((s, v) => s + v, 0) / all.length;
    const tail = plan.skin.zones.find((entry) => entry.zone.id === 'tail')!.length.value;
    expect(mean(of('tail')) / tail).toBeGreaterThan(0.85);
    expect(mean(of('tail')) / tail).toBeLessThan(1.1);
    expect(Math.max(...of('tail'))).toBeLessThan(1.34 * 1.25 * tail);
    const face = plan.skin.zones.find((entry) => entry.zone.id === 'face')!.length.value;
    const short = of('face').filter((mm) => mm < 0.5 * face).length;
    expect(short).toBeGreaterThan(20);
  });

  it('are seen no longer than they are, and only where they face the viewer', () => {
    for (const seen of coat!.views) {
      expect(seen.zone.length).toBeGreaterThan(500);
      expect(seen.zone.length).toBeLessThan(coat!.zone.length);
      for (let n = 0; n < seen.zone.length; n += 17) {
        const s = seen.strokes.subarray(STROKE_NUMBERS * n, STROKE_NUMBERS * (n + 1));
        const onPage =
          Math.hypot(s[2]! - s[0]!, s[3]! - s[1]!) + Math.hypot(s[4]! - s[2]!, s[5]! - s[3]!);
        const { length } = plan.skin.zones[seen.zone[n]!]!;
        expect(onPage).toBeLessThan(1.5 * Math.max(length.value, 8));
        expect(Math.hypot(s[6]!, s[7]!)).toBeGreaterThan(0);
      }
    }
  });

  it('are the mirror image of themselves in how they lie: as many on the left as on the right', () => {
    const side = coat!.views.find(({ view }) => view === 'front')!;
    const [left, right] = [0, 2].map((s) => [...side.side].filter((of) => of === s).length);
    expect(Math.abs(left! - right!) / (left! + right!)).toBeLessThan(0.15);
  });
});
