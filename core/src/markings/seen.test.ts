import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Marking } from '../anatomy/marking.ts';
import { eachTriangle } from '../geometry/triangleMesh.ts';
import { bladeSkins } from '../surface/bladeSkin.ts';
import { skinSurface } from '../surface/skinSurface.ts';
import { settledStance } from '../posing/settledStance.ts';
import { ADDER_RINGS, at, marking } from '../testing/marks.ts';
import { skeletonOf } from '../testing/skeletonOf.ts';
import { bladeField } from './bladeFields.ts';
import { coverageOf, seenOf } from './markParts.ts';
import { markedSkin } from './markedSkin.ts';
import { noise, noiseBelow } from './noise.ts';
import { regionOf } from './region.ts';
import { laidBands } from './laidBands.ts';
import { runsOf } from './runs.ts';
import { skinChart } from './skinChart.ts';
import { skinField } from './skinFields.ts';
import { spotAt } from './skinPoint.ts';

const adder = skeletonOf('adder');
const ADDER_RUN = runsOf(adder)[0]!;

describe('irregularity', () => {
  it('covers the share that it is told, smoothly, and the same each time', () => {
    const random = Array.from({ length: 4000 }, (_, i) =>
      noise([i * 0.731, i * 0.417, i * 0.291], 3),
    );
    for (const share of [0.1, 0.35, 0.6, 0.9]) {
      const below = random.filter((value) => value < noiseBelow(share)).length / random.length;
      expect(below).toBeGreaterThan(share - 0.05);
      expect(below).toBeLessThan(share + 0.05);
    }
    expect(noise([1.5, 2.5, 3.5], 4)).toBe(noise([1.5, 2.5, 3.5], 4));
    expect(noise([1.5, 2.5, 3.5], 4)).not.toBe(noise([1.5, 2.5, 3.5], 5));
    for (let i = 0; i < 400; i++) {
      const [x, y] = [i * 0.173, i * 0.311];
      expect(Math.abs(noise([x, y, 0], 1) - noise([x + 1e-4, y, 0], 1))).toBeLessThan(1e-3);
    }
  });

  it('has no seam where a body closes', () => {
    const one = marking({
      kind: 'marbling',
      places: ADDER_RINGS.places,
      mirrored: false,
      widthMm: 9,
    });
    const field = skinField(adder, {
      ...one,
      places: [at('neck.1', 0, -180), at('tail4', 1, 180)],
    })!;
    for (let t = 0.2; t < 0.8; t += 0.07) {
      const base = spotAt(adder, ADDER_RUN, t * ADDER_RUN.lengthMm, 0)!;
      const [a, b] = [base.girth / 2, -base.girth / 2].map(
        (round) => field({ ...base, round })![0]!,
      );
      expect(a).toBeCloseTo(b!, 6);
    }
  });
});

describe('what is seen', () => {
  it('of a spot sums to one, whatever lies over whatever', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { maxLength: 12 }),
        (covers) => {
          const { seen, rest } = seenOf(Float32Array.from(covers));
          expect(seen.reduce((sum, share) => sum + share, rest)).toBeCloseTo(1, 5);
        },
      ),
    );
  });

  it.each(['grey-wolf', 'emperor-dragonfly', 'adder'])(
    'of zones and markings sums to the skin and its blades: %s',
    (id) => {
      const skeleton = skeletonOf(id);
      const { animal, plan } = skeleton;
      const posed = settledStance(
        skeleton,
        { presetId: plan.stances[0]!.id, anglesDeg: {}, lifted: null },
        0.3,
      );
      const skin = skinSurface(posed, 12_000);
      const blades = bladeSkins(posed);
      const { areas } = markedSkin(posed, skin, blades, animal.markings!);
      let all = blades
        .filter(({ zone }) => zone < animal.coat.length)
        .reduce((sum, { areaMm2 }) => sum + areaMm2, 0);
      eachTriangle(skin.mesh, (area) => (all += area));
      const told = [...areas.zonesMm2, ...areas.seenMm2].reduce((sum, mm2) => sum + mm2, 0);
      expect(Math.abs(told / all - 1)).toBeLessThan(1e-3);
      expect(areas.seenMm2.some((mm2) => mm2 > 0)).toBe(true);
      areas.seenMm2.forEach((mm2, n) => expect(mm2).toBeLessThanOrEqual(areas.ownMm2[n]! + 1e-6));
    },
  );

  it('of one wholly under another is nothing', () => {
    const under = marking({ id: 'a', places: [at('trunk.4', 0, 0), at('trunk.8', 0, 60)] });
    const over = marking({ id: 'b', places: [at('trunk.3', 0, 0), at('trunk.9', 0, 90)] });
    const posed = settledStance(adder, { presetId: 'stretched', anglesDeg: {}, lifted: null }, 1);
    const skin = skinSurface(posed, 12_000);
    const { areas } = markedSkin(posed, skin, [], [under, over]);
    expect(areas.ownMm2[0]).toBeGreaterThan(100);
    expect(areas.seenMm2[0]! / areas.ownMm2[0]!).toBeLessThan(1e-3);
    const turned = markedSkin(posed, skin, [], [over, under]).areas;
    expect(turned.seenMm2[1]).toBeCloseTo(turned.ownMm2[1]!, 6);
  });

  it('of a ring is as long on the skin as it is told, in a coil as stretched out', () => {
    for (const presetId of ['stretched', 'coiled']) {
      const posed = settledStance(adder, { presetId, anglesDeg: {}, lifted: null }, 0.5);
      const skin = skinSurface(posed, 30_000);
      const chart = skinChart(posed, skin);
      const region = regionOf(adder, ADDER_RINGS)!;
      const ring = laidBands(ADDER_RINGS, region).filter(({ band }) => band.colour === 0)[6]!;
      const cover = coverageOf(adder, [ADDER_RINGS], skin.cellMm / 0.5);
      const inside = chart.own.flatMap((spot) =>
        spot !== undefined &&
        cover(spot, spot)[0]! > 0.5 &&
        Math.abs(spot.along - (ring.from + ring.to) / 2) < 15
          ? [spot.along]
          : [],
      );
      const slack = (2 * skin.cellMm) / 0.5;
      expect(Math.abs(Math.min(...inside) - ring.from)).toBeLessThan(slack);
      expect(Math.abs(Math.max(...inside) - ring.to)).toBeLessThan(slack);
    }
  });
});

describe('markings of wings', () => {
  const blade = {
    outline: [
      [0, -5],
      [60, -8],
      [60, 8],
      [0, 5],
    ] as const,
    ribs: [
      [
        [0, -3],
        [60, -4],
      ],
      [
        [0, 3],
        [60, 4],
      ],
    ] as const,
    longMm: 60,
  };
  const out = (part: Partial<Marking>, x: number, y: number, colour = 0): number =>
    bladeField(marking(part), blade)!([x, y])[colour]!;

  it('lie at their distances from edge, veins, root and middle', () => {
    expect(out({ kind: 'wing-border', widthMm: 2 }, 40, 0)).toBeGreaterThan(4);
    expect(out({ kind: 'wing-border', widthMm: 2 }, 59, 0)).toBeCloseTo(-1, 6);
    expect(out({ kind: 'wing-veins', widthMm: 1 }, 0, 3)).toBeCloseTo(-0.5, 6);
    expect(out({ kind: 'wing-dots', widthMm: 4, share: 0.5 }, 30, 0)).toBeCloseTo(-2, 6);
    expect(out({ kind: 'wing-tip', share: 0.75 }, 50, 0)).toBeCloseTo(-5, 6);
    expect(out({ kind: 'wing-bars', widthMm: 4, stepMm: 10 }, 15, 0)).toBeCloseTo(-2, 6);
    const three = ['#101010', '#c0a040', '#202060'].map((hex) => ({ name: hex, hex }));
    const spot = {
      kind: 'wing-spot',
      share: 0.5,
      lengthMm: 2,
      widthMm: 6,
      colours: three,
    } as const;
    expect([0, 1, 2].map((c) => out(spot, 30, 2, c))).toEqual([-3, -2, -1]);
    expect(bladeField(marking({ kind: 'rings' }), blade)).toBeUndefined();
  });
});
