/* eslint-disable max-lines -- the tests of one subject, which share its pieces */
import type { Workpiece } from '../workshop/workpiece.ts';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { posedBone } from '../anatomy/pose.ts';
import { convexHull, edgesOf, type Point2 } from '../geometry/hull.ts';
import { snagSentence } from '../piece/snag.ts';
import { planPiece } from '../plan.ts';
import { swappedSides } from '../stance/limbEdits.ts';
import {
  newWorkpiece,
  changed,
  otterPiece,
  plainPiece,
  wholePlan,
  wolfPiece,
} from '../testing/samples.ts';
import { ballRadiusMm, weightNeededG, WEIGHT_METALS } from './counterweight.ts';
import { footing } from './footing.ts';
import { wallPullN } from './hangingPoint.ts';
import { reactions } from '../posing/reactions.ts';
import { EDGE_MM, smallestBase } from '../posing/smallestBase.ts';
import { directionText, tipRose, worstDirection } from './tipRose.ts';

const place = fc.tuple(
  fc.double({ min: -100, max: 100, noNaN: true }),
  fc.double({ min: -100, max: 100, noNaN: true }),
) as fc.Arbitrary<Point2>;
const sum = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0);

describe('reactions', () => {
  // The lever of a beam on two supports: any textbook of statics.
  it('share by the lever between two supports', () => {
    const { held } = reactions(
      [
        [0, 0],
        [90, 0],
      ],
      [30, 0],
      600,
    );
    expect(held[0]).toBeCloseTo(400, 9);
    expect(held[1]).toBeCloseTo(200, 9);
  });

  it('add up to the weight and balance its moments, for any supports that span the plan', () => {
    fc.assert(
      fc.property(fc.array(place, { minLength: 3, maxLength: 8 }), place, (supports, centre) => {
        const hull = convexHull(supports);
        fc.pre(
          hull.length >= 3 && Math.min(...edgesOf(hull, hull[0]!).map((e) => e.insideMm)) >= -1,
        );
        const area = hull.reduce((a, p, i) => {
          const q = hull[(i + 1) % hull.length]!;
          return a + (p[0] * q[1] - q[0] * p[1]) / 2;
        }, 0);
        fc.pre(area > 50);
        const { held } = reactions(supports, centre, 500);
        expect(sum(held)).toBeCloseTo(500, 5);
        expect(sum(held.map((r, i) => r * supports[i]![0])) / 500).toBeCloseTo(centre[0], 4);
        expect(sum(held.map((r, i) => r * supports[i]![1])) / 500).toBeCloseTo(centre[1], 4);
      }),
      { seed: 6, numRuns: 200 },
    );
  });

  it('let a loose support go instead of pulling, and the others carry all', () => {
    const square: Point2[] = [
      [0, 0],
      [90, 0],
      [90, 40],
      [0, 40],
    ];
    const { held, loose } = reactions(square, [110, 20], 500);
    expect(Math.min(...held)).toBeLessThan(0);
    expect(Math.min(...loose)).toBeGreaterThanOrEqual(0);
    expect(sum(loose)).toBeCloseTo(500, 6);
  });

  it('are none without supports', () => {
    expect(reactions([], [0, 0], 100)).toEqual({ held: [], loose: [] });
  });
});

describe('the rose of tilts', () => {
  const square = convexHull([
    [-45, -20],
    [45, -20],
    [45, 20],
    [-45, 20],
  ]);

  it('has the footing’s tip angle in its worst direction, and the corner in its best', () => {
    const rose = tipRose(square, [10, 0], 70);
    const worst = worstDirection(rose)!;
    expect(worst.tipDeg).toBeCloseTo(footing(square, [10, 0], 70).tipDeg, 9);
    // Straight ahead the edge lies 35 mm before the centre.
    expect(rose[0]!.tipDeg).toBeCloseTo((Math.atan2(35, 70) * 180) / Math.PI, 9);
  });

  it('is never below the least over the edges, for any outline', () => {
    fc.assert(
      fc.property(fc.array(place, { minLength: 3, maxLength: 9 }), (points) => {
        const hull = convexHull(points);
        fc.pre(hull.length >= 3);
        const middle: Point2 = [
          sum(hull.map((p) => p[0])) / hull.length,
          sum(hull.map((p) => p[1])) / hull.length,
        ];
        const rose = tipRose(hull, middle, 50);
        fc.pre(rose.length > 0);
        const least = footing(hull, middle, 50).tipDeg;
        for (const { tipDeg } of rose) expect(tipDeg).toBeGreaterThanOrEqual(least - 1e-9);
      }),
      { seed: 6, numRuns: 100 },
    );
  });

  it('is empty where the centre is outside, or nothing spans the plan', () => {
    expect(tipRose(square, [60, 0], 70)).toEqual([]);
    expect(tipRose([[0, 0]], [0, 0], 70)).toEqual([]);
  });

  it('names directions in the animal’s words', () => {
    expect([0, 90, 180, 270, 359].map(directionText)).toEqual([
      'the front',
      'the right',
      'the rear',
      'the left',
      'the front',
    ]);
  });
});

describe('a counterweight', () => {
  const feet = convexHull([
    [0, -20],
    [30, -20],
    [30, 20],
    [0, 20],
  ]);

  it('brings the common centre exactly to the margin', () => {
    const grams = weightNeededG(feet, [44, 0], 210, [-45, 0], 8)!;
    const after = (210 * 44 + grams * -45) / (210 + grams);
    expect(after).toBeCloseTo(30 - 8, 9);
  });

  it('is nothing where none is needed, and impossible where it would only make it worse', () => {
    expect(weightNeededG(feet, [15, 0], 210, [-45, 0], 8)).toBe(0);
    expect(weightNeededG(feet, [44, 0], 210, [60, 0], 8)).toBeUndefined();
    // Far enough to the side, it would carry the centre out there.
    expect(weightNeededG(feet, [44, 0], 210, [-45, 400], 8)).toBeUndefined();
  });

  // Density of lead, 11.34 g/ml: CRC Handbook of Chemistry and Physics, from memory.
  it('is a ball of its metal: a kilogram of lead is 55 mm across', () => {
    expect(2 * ballRadiusMm(1000, WEIGHT_METALS.lead.gPerMl)).toBeCloseTo(55.2, 1);
  });
});

describe('the smallest base', () => {
  const feet: Point2[] = [
    [-30, -15],
    [30, -15],
    [30, 15],
    [-30, 15],
  ];

  it('survives the tilt that was asked for, in every direction of its edges, and not much more', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -40, max: 40, noNaN: true }),
        fc.double({ min: 5, max: 30, noNaN: true }),
        fc.constantFrom(12, 18, 28),
        (x, tilt, thick) => {
          const base = smallestBase(feet, [x, 0], 120, 600, thick, tilt);
          expect(base.tipDeg).toBeGreaterThanOrEqual(tilt - 1e-6);
          for (const [px, pz] of feet) {
            expect(px - base.x0).toBeGreaterThanOrEqual(EDGE_MM - 1e-9);
            expect(base.x0 + base.lengthMm - px).toBeGreaterThanOrEqual(EDGE_MM - 1e-9);
            expect(pz - base.z0).toBeGreaterThanOrEqual(EDGE_MM - 1e-9);
          }
        },
      ),
      { seed: 6, numRuns: 60 },
    );
  });

  it('grows with the tilt, and with the thickness that lifts the piece', () => {
    const long = (tilt: number, thick: number): number =>
      smallestBase(feet, [20, 0], 200, 600, thick, tilt).lengthMm;
    expect(long(25, 18)).toBeGreaterThan(long(15, 18));
    expect(long(25, 45)).toBeGreaterThan(long(25, 9));
  });
});

describe('a piece that hangs or is held on a wall', () => {
  it('is hung from the spine straight above its centre', () => {
    const plan = wholePlan(changed(plainPiece(), 'stance', { hold: 'hanging' }));
    const { hook, massCentre, workings } = plan.balance;
    expect(Math.abs(hook!.place[0] - massCentre[0])).toBeLessThan(2);
    expect(hook!.belowMm).toBeGreaterThan(0);
    expect(hook!.tiltDeg).toBeLessThan(2);
    expect(workings.map(({ id }) => id)).toContain('balance.hook.place');
    expect(plan.snags.map(({ code }) => code)).not.toContain('too-few-feet');
    expect(plan.wire.wires.every((wire) => wire.route.pegs.every((peg) => !peg))).toBe(true);
  });

  it('pulls on its upper fixing by its lever: m·g·d/H', () => {
    // 1 kg, 50 mm from the wall, fixings 100 mm apart: half its weight.
    expect(wallPullN(1000, 50, 100, 9.80665)).toBeCloseTo(4.903, 3);
    const plan = wholePlan(changed(plainPiece(), 'stance', { hold: 'wall' }));
    const pull = plan.balance.workings.find(({ id }) => id === 'balance.wall.pull')!;
    expect(pull.value).toBeGreaterThan(0);
    expect(pull.unit).toBe('N');
  });
});

describe('the balance of a stance', () => {
  const baryonyx = changed(newWorkpiece('b', 'B', 'baryonyx'), 'stance', { presetId: 'standing' });

  it('is told at once from thin sections, near to what the cells tell later', () => {
    const exact = wholePlan(baryonyx).balance;
    expect(exact.exact).toBe(true);
    const { massCentre } = exact;
    // From the sections alone.
    const rough = planPiece(baryonyx).balance;
    expect(rough.exact).toBe(false);
    const long = wholePlan(baryonyx).stance.summary[1]!.value;
    expect(Math.abs(rough.massCentre[0] - massCentre[0])).toBeLessThan(0.03 * long);
  });

  it('mirrors with the stance', () => {
    const walking = changed(plainPiece(), 'stance', { presetId: 'walking' });
    const { skeleton } = wholePlan(walking).measure;
    const edit = swappedSides(skeleton, walking.stance);
    const mirrored = changed(walking, 'stance', {
      anglesDeg: { ...edit.anglesDeg },
      lifted: edit.lifted && [...edit.lifted],
    });
    const [a, b] = [wholePlan(walking).balance, wholePlan(mirrored).balance];
    expect(b.footing.marginMm).toBeCloseTo(a.footing.marginMm, 3);
    expect(b.massCentre[0]).toBeCloseTo(a.massCentre[0], 3);
    expect(b.massCentre[2]).toBeCloseTo(-a.massCentre[2], 3);
    const carries = (plan: typeof a, foot: string): number =>
      plan.workings.find(({ id }) => id === `balance.foot.${foot}`)!.value;
    expect(carries(b, 'hindfoot.R')).toBeCloseTo(carries(a, 'hindfoot.L'), 2);
  });

  it('what the feet carry adds up to the piece, less what lies on the ground', () => {
    const { workings, grams, resting, flesh } = wholePlan(plainPiece()).balance;
    const feet = workings.filter(({ id }) => id.startsWith('balance.foot.'));
    expect(feet).toHaveLength(4);
    const carried = sum(feet.map(({ value }) => value));
    // An otter's toes lie on the ground, with their clay.
    expect(resting.size).toBe(4);
    for (const id of resting) expect(id).toMatch(/Digits/);
    const lies = sum(
      flesh.filter(({ boneId }) => resting.has(boneId)).map((placedMass) => placedMass.grams),
    );
    expect(lies).toBeGreaterThan(0);
    expect(grams - carried).toBeCloseTo(lies, 9);
  });

  it('a piece weighs what Mass says, each region by its own density', () => {
    for (const piece of [otterPiece(), wolfPiece()]) {
      const plan = wholePlan(piece);
      const { balance, mass } = plan;
      expect(balance.grams).toBeCloseTo(mass!.modelGrams.value, 6);
      const solid = mass!.regions.map(({ region }) => [region.id, { core: 'solid', shellMm: 5 }]);
      const shells = Object.fromEntries(solid) as Workpiece['mass']['shells'];
      const heavy = wholePlan(changed(piece, 'mass', { shells })).balance;
      expect(heavy.grams).toBeGreaterThan(balance.grams);
    }
  });

  // A trunk of foil weighs less than legs and head of clay: one density would put the centre elsewhere.
  it('foil in the trunk moves the centre of mass towards what is solid', () => {
    const of = (core: 'foil' | 'solid') => {
      const shells = { trunk: { core, shellMm: 3 } } as const;
      return wholePlan(changed(wolfPiece(), 'mass', { shells })).balance;
    };
    const [foil, solid] = [of('foil'), of('solid')];
    expect(foil.grams).toBeLessThan(solid.grams);
    const trunk = solid.flesh.filter(({ boneId }) => /lumbar|thoracic|sacrum/.test(boneId));
    const middle =
      sum(trunk.map(({ at, grams }) => at[0] * grams)) / sum(trunk.map(({ grams }) => grams));
    const off = (x: number) => Math.abs(x - middle);
    expect(off(foil.massCentre[0])).toBeGreaterThan(off(solid.massCentre[0]));
  });

  it('offers a weight that mends it, and the warning goes when it is placed', () => {
    // Large enough for a ball of steel under the clay of its tail.
    const large = changed(baryonyx, 'measure', { scale: { by: 'ratio', lifePerModel: 18 } });
    const before = wholePlan(large);
    expect(before.snags.map(({ code }) => code)).toContain('mass-near-edge');
    const [best] = before.balance.places;
    expect(best!.ballMm).toBeLessThanOrEqual(best!.roomMm);
    const weight: Workpiece['stance']['weight'] = {
      boneId: best!.boneId,
      along: best!.along,
      grams: best!.grams,
      metal: 'steel',
    };
    const after = wholePlan(changed(large, 'stance', { weight }));
    expect(after.snags.map(({ code }) => code)).not.toContain('mass-near-edge');
    expect(after.balance.grams).toBeCloseTo(before.balance.grams + weight.grams, 6);
    expect(after.balance.footing.marginMm).toBeGreaterThan(before.balance.footing.marginMm);
  });

  it('says where a weight does not fit', () => {
    const weight = { boneId: 'tail4', along: 0.5, grams: 500, metal: 'steel' } as const;
    const snag = wholePlan(changed(baryonyx, 'stance', { weight })).snags.find(
      ({ code }) => code === 'weight-too-large',
    );
    expect(snagSentence(snag!)).toMatch(/500 g is a ball of .* mm, and .* mm fits/);
  });

  it('passes over a weight in a bone that the animal does not have', () => {
    const weight = { boneId: 'fluke', along: 0.5, grams: 500, metal: 'lead' } as const;
    expect(wholePlan(changed(baryonyx, 'stance', { weight })).balance.weight).toBeNull();
  });

  it('counts the whole sole: toes that touch, and the width of the foot', () => {
    const { balance, stance } = wholePlan(baryonyx);
    const toe = posedBone(stance.posed, 'hindDigits.L').end;
    expect(Math.max(...balance.footing.hull.map(([x]) => x))).toBeCloseTo(toe[0], 6);
  });
});
