import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { distance, type Vec3 } from '../geometry/vec3.ts';
import { bendSaving, bendSchedule, largestRadiusMm } from './bendSchedule.ts';
import { bentVertices } from './bentWire.ts';
import { formingBend } from './formingBend.ts';
import { flowStressMPa, METALS, metalById } from './metals.ts';
import {
  formingRadiusMm,
  releasedRadiusMm,
  roundWireRatio,
  sheetRatio,
  yieldOverEFromTest,
} from './springback.ts';
import { helixRadiusMm, ropeDiameterMm, twistFactor } from './twist.ts';

const c = fc.double({ min: -100, max: 100, noNaN: true });
const path = fc.array(fc.tuple(c, c, c), { minLength: 3, maxLength: 9 });

/** Largest difference of the distances between vertices: the same shape up to a motion. */
function shapeError(a: readonly Vec3[], b: readonly Vec3[]): number {
  return Math.max(
    ...a.flatMap((p, i) => a.map((q, j) => Math.abs(distance(p, q) - distance(b[i]!, b[j]!)))),
  );
}

describe('bendSchedule', () => {
  it('returns to the same vertices', () => {
    fc.assert(
      fc.property(path, (points) => {
        const plan = bendSchedule(points, 2);
        fc.pre(plan.faults.every((fault) => fault.kind !== 'reversal'));
        const back = bentVertices(plan.feedsMm, plan.bends);
        expect(shapeError(plan.vertices, back)).toBeLessThan(1e-6);
      }),
      { seed: 4 },
    );
  });

  it('mirrored negates every turn and keeps feeds and bends', () => {
    fc.assert(
      fc.property(path, (points) => {
        const plan = bendSchedule(points, 1);
        const image = bendSchedule(
          points.map(([x, y, z]) => [x, y, -z]),
          1,
        );
        image.bends.forEach((bend, i) => {
          expect(bend.bendDeg).toBeCloseTo(plan.bends[i]!.bendDeg, 6);
          const sum = Math.abs(bend.turnDeg + plan.bends[i]!.turnDeg) % 360;
          expect(Math.min(sum, 360 - sum)).toBeLessThan(1e-4);
        });
      }),
      { seed: 9 },
    );
  });

  it('from the other end has the same turns, and feeds and bends reversed', () => {
    const points: Vec3[] = [
      [0, 0, 0],
      [38, -66, 9],
      [-22, -118, 14],
      [6, -182, 11],
      [27, -188, 16],
    ];
    const one = bendSchedule(points, 3);
    const other = bendSchedule(points.toReversed(), 3);
    expect(other.bends.map((b) => b.bendDeg)).toEqual(
      one.bends.toReversed().map((b) => expect.closeTo(b.bendDeg, 9)),
    );
    expect(other.bends.slice(1).map((b) => b.turnDeg)).toEqual(
      one.bends
        .slice(1)
        .toReversed()
        .map((b) => expect.closeTo(b.turnDeg, 9)),
    );
    expect(other.developedMm).toBeCloseTo(one.developedMm, 9);
  });

  it('is the polyline less what its bends save', () => {
    const plan = bendSchedule(
      [
        [0, 0, 0],
        [50, 0, 0],
        [80, 40, 0],
        [80, 40, 60],
      ],
      6,
    );
    const saved = plan.bends.reduce(
      (sum, bend) => sum + bendSaving(6, (bend.bendDeg * Math.PI) / 180).savingMm,
      0,
    );
    expect(plan.developedMm).toBeCloseTo(plan.polylineMm - saved, 9);
  });

  it('refuses a leg that is shorter than its set-backs, and names the radius that would do', () => {
    const points: Vec3[] = [
      [0, 0, 0],
      [40, 0, 0],
      [40, 10, 0],
      [80, 10, 0],
    ];
    const plan = bendSchedule(points, 8);
    expect(plan.faults).toMatchObject([
      { kind: 'short-leg', leg: 1, haveMm: 10, needMm: expect.closeTo(16, 9) },
    ]);
    const most = largestRadiusMm(plan, 1);
    expect(bendSchedule(points, most * 0.999).faults).toEqual([]);
    expect(bendSchedule(points, most * 1.001).faults).toHaveLength(1);
  });

  it('refuses a reversal by name, and drops repeated points', () => {
    expect(
      bendSchedule(
        [
          [0, 0, 0],
          [50, 0, 0],
          [10, 0, 0],
        ],
        5,
      ).faults,
    ).toMatchObject([{ kind: 'reversal', bend: 0, bendDeg: 180 }]);
    expect(
      bendSchedule(
        [
          [0, 0, 0],
          [5, 0, 0],
          [5, 0, 0],
          [5, 9, 0],
        ],
        1,
      ).bends,
    ).toHaveLength(1);
  });
});

describe('springback', () => {
  const x = fc.double({ min: 0, max: 0.8, noNaN: true });

  it('never gives a radius smaller than the former, and grows with the yield', () => {
    fc.assert(
      fc.property(x, x, (a, b) => {
        for (const ratio of [sheetRatio, roundWireRatio]) {
          expect(ratio(a)).toBeGreaterThanOrEqual(0);
          expect(ratio(a)).toBeLessThanOrEqual(1);
          if (a < b) expect(ratio(a)).toBeGreaterThanOrEqual(ratio(b));
        }
      }),
      { seed: 2 },
    );
  });

  // The closed form against the plain sum of the stress block it was integrated from.
  it('agrees with the summed stress block of a round section', () => {
    for (const at of [0.01, 0.1, 0.3, 0.45]) {
      let moment = 0;
      const n = 20_000;
      for (let i = 0; i < n; i++) {
        const y = (i + 0.5) / n;
        // Strain y/R against yield Y/E, in units of the radius r = d/2: yields where y > 2x.
        const stress = Math.min(y, 2 * at);
        moment += (stress * y * 4 * Math.sqrt(1 - y * y)) / n;
      }
      expect(roundWireRatio(at)).toBeCloseTo(1 - moment / (Math.PI / 4), 4);
    }
  });

  it('finds the forming radius that releases to the wanted one', () => {
    const r = fc.double({ min: 1, max: 50, noNaN: true });
    const yieldOverE = fc.double({ min: 0, max: 0.01, noNaN: true });
    fc.assert(
      fc.property(r, yieldOverE, (wanted, ratio) => {
        const forming = formingRadiusMm(wanted, ratio, 1.6);
        if (forming !== undefined)
          expect(releasedRadiusMm(forming, ratio, 1.6)).toBeCloseTo(wanted, 4);
      }),
      { seed: 6 },
    );
  });

  it('takes the user’s own test bend before the table', () => {
    const test = { diameterMm: 2, radiusMm: 4, relaxedDeg: 84 };
    const own = formingBend(metalById('aluminium-soft'), 2, 4, { 'aluminium-soft': test })!;
    const table = formingBend(metalById('aluminium-soft'), 2, 4, {})!;
    expect(own.provenance).toBe('measured');
    expect(own.overBend).toBeGreaterThan(table.overBend);
    // Bent by the same wire round the released radius, 90° needs about 90/84 more.
    const ratio = yieldOverEFromTest(84, 4, 2);
    expect(releasedRadiusMm(4, ratio, 2)).toBeCloseTo((4 * 90) / 84, 6);
  });

  it('says when nothing would stay bent', () => {
    expect(formingBend(metalById('brass-half-hard'), 0.3, 200, {})).toBeUndefined();
  });
});

// Ranges of metals are from memory of handbooks; typical values must lie inside them.
describe('metals', () => {
  it.each(METALS.map((metal) => [metal.name, metal] as const))('%s is in order', (_, metal) => {
    for (const [low, high, typical] of [metal.eMPa, metal.yieldMPa]) {
      expect(typical).toBeGreaterThanOrEqual(low);
      expect(typical).toBeLessThanOrEqual(high);
    }
    expect(flowStressMPa(metal, 0.3)).toBeGreaterThanOrEqual(flowStressMPa(metal, 0.002));
  });

  it('counts a metal that nobody knows as a soft steel', () => {
    expect(metalById('own-7')).toEqual({
      ...metalById('steel-annealed'),
      id: 'own-7',
      name: 'Unknown metal own-7',
    });
  });
});

describe('twisted strands', () => {
  it('take the length of a helix', () => {
    expect(helixRadiusMm(1, 2)).toBe(0);
    expect(helixRadiusMm(2, 2)).toBeCloseTo(1, 12);
    expect(ropeDiameterMm(3, 2)).toBeCloseTo(2 * (1 + 2 / Math.sqrt(3)), 12);
    // The plain twin: a helix measured point by point.
    let measured = 0;
    const n = 10_000;
    for (let i = 0; i < n; i++) {
      const [a, b] = [(2 * Math.PI * i) / n, (2 * Math.PI * (i + 1)) / n];
      measured += distance(
        [Math.cos(a), Math.sin(a), (20 * i) / n],
        [Math.cos(b), Math.sin(b), (20 * (i + 1)) / n],
      );
    }
    expect(twistFactor(1, 20)).toBeCloseTo(measured / 20, 6);
  });
});
