import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Marking, MarkingPlace } from '../anatomy/marking.ts';
import { poseSkeleton, restPose, type PosedSkeleton } from '../anatomy/pose.ts';
import { placeOn, pointAt } from '../body/skinPlace.ts';
import { skinParts, type SleevePart } from '../body/skin.ts';
import { ADDER_RINGS, at, marking } from '../testing/marks.ts';
import { skeletonOf } from '../testing/skeletonOf.ts';
import { covered, coverageOf, edgeOver } from './markParts.ts';
import { regionOf } from './region.ts';
import { onRun, runsOf } from './runs.ts';
import { skinField } from './skinFields.ts';
import { skinSpot, spotAt } from './skinPoint.ts';
import { crumbs } from './wander.ts';

const adder = skeletonOf('adder');
const wolf = skeletonOf('grey-wolf');
const ADDER_RUN = runsOf(adder)[0]!;

/** The same place of the skin as a stance has it. */
function spotIn(posed: PosedSkeleton, place: MarkingPlace & { sleeveId: string }) {
  const point = pointAt(posed, place)!;
  const part = skinParts(posed).find(
    (of): of is SleevePart =>
      of.kind === 'sleeve' && of.sleeve === place.sleeveId && of.boneId === place.boneId,
  )!;
  return skinSpot(posed.skeleton, placeOn(posed, part, point.at))!;
}

describe('a marking', () => {
  it('keeps its place and its widths in every stance and at every scale', () => {
    const stances = wolf.plan.stances.map(({ anglesDeg }) => anglesDeg);
    const bones = ['thoracic', 'lumbar', 'neckUpper', 'tail2'];
    fc.assert(
      fc.property(
        fc.constantFrom(...stances),
        fc.double({ min: 0.05, max: 2, noNaN: true }),
        fc.constantFrom(...bones),
        fc.double({ min: 0.2, max: 0.8, noNaN: true }),
        fc.double({ min: -175, max: 175, noNaN: true }),
        (angles, sizeFactor, boneId, along, around) => {
          const sleeveId = boneId.startsWith('tail') ? 'tail mid' : 'trunk mid';
          const place = { sleeveId, boneId, along, around };
          const rest = spotIn(restPose(wolf), place);
          const posed = spotIn(poseSkeleton(wolf, angles, sizeFactor), place);
          expect(posed.along).toBeCloseTo(rest.along, 3);
          expect(posed.round).toBeCloseTo(rest.round, 2);
          expect(posed.girth).toBeCloseTo(rest.girth, 2);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('of one side mirrors left on right, and of both sides not where it is told so', () => {
    const kinds = [
      marking({ kind: 'spots', places: [at('thoracic', 1, 10), at('sacrum', 0, 120)], vary: 0.8 }),
      marking({ kind: 'marbling', places: [at('thoracic', 1, 0), at('sacrum', 0, 120)], vary: 1 }),
      marking({ kind: 'line', places: [at('thoracic', 0.8, 40), at('lumbar', 0.5, 90)], vary: 1 }),
      marking({ kind: 'rings', places: ADDER_RINGS.places, bands: ADDER_RINGS.bands, vary: 1 }),
    ];
    const run = runsOf(wolf)[0]!;
    const values = (one: Marking, around: number, along: number): number =>
      skinField(wolf, one)!(spotAt(wolf, run, along * run.lengthMm, around)!)?.[0] ?? NaN;
    let differing = 0;
    fc.assert(
      fc.property(
        fc.constantFrom(...kinds.slice(0, 3)),
        fc.double({ min: 1, max: 179, noNaN: true }),
        fc.double({ min: 0.3, max: 0.6, noNaN: true }),
        (one, around, along) => {
          const [left, right] = [values(one, around, along), values(one, -around, along)];
          if (Number.isNaN(left)) expect(right).toBeNaN();
          else expect(right).toBeCloseTo(left, 9);
          const alone = { ...one, mirrored: false };
          const [l, r] = [values(alone, around, along), values(alone, -around, along)];
          if (Math.abs(l - r) > 1e-6) differing++;
        },
      ),
      { numRuns: 60 },
    );
    expect(differing).toBeGreaterThan(20);
    expect(kinds).toHaveLength(4);
  });

  it('covers what its field says, though no more of that is worked out than near its edge', () => {
    const over = 0.8;
    const kinds = (
      [
        { kind: 'field', edge: 'soft', edgeMm: 9 },
        { kind: 'rings', bands: [{ colour: 0, mm: 40, speckle: 0.3 }, ADDER_RINGS.bands[1]!] },
        { kind: 'zigzag', lengthMm: 30, stepMm: 40, edge: 'broken', edgeMm: 4 },
        { kind: 'stripes', repeats: 2, edge: 'broken', edgeMm: 6 },
        { kind: 'spots', stepMm: 30 },
        { kind: 'rosettes', stepMm: 40 },
        { kind: 'marbling', share: 0.4 },
        { kind: 'line', edge: 'soft', edgeMm: 12 },
        { kind: 'patch', places: [at('lumbar', 0.5, 50)], lengthMm: 60 },
      ] as const
    ).map((its) =>
      marking({
        ...{ places: [at('thoracic', 0.6, 10), at('sacrum', 0, 120)], vary: 0.7, widthMm: 14 },
        ...its,
      }),
    );
    const run = runsOf(wolf)[0]!;
    const seen = new Set<number>();
    fc.assert(
      fc.property(
        fc.constantFrom(...kinds),
        fc.double({ min: 0.2, max: 0.8, noNaN: true }),
        fc.double({ min: -179, max: 179, noNaN: true }),
        (one, along, around) => {
          const spot = spotAt(wolf, run, along * run.lengthMm, around)!;
          const told = coverageOf(wolf, [one], over)(spot, undefined);
          const outs = skinField(wolf, one)!(spot) ?? one.colours.map(() => Infinity);
          const strays = crumbs(one, spot, Math.abs(spot.round));
          outs.forEach((out, c) => {
            const cover = covered(out + strays, edgeOver(one, over));
            expect(told[c]).toBeCloseTo(cover, 5);
            seen.add(Math.ceil(cover));
          });
        },
      ),
      { numRuns: 600 },
    );
    expect([...seen].sort()).toEqual([0, 1]);
  });

  it('lies on one limb alone where the other has it not', () => {
    const left = marking({
      places: [at('radius.L', 0.2, -60), at('radius.L', 0.8, 60)],
      mirrored: false,
    });
    const sleeveId = (side: string) => `foreleg ${side}`;
    const on = (boneId: string, side: string) =>
      skinSpot(wolf, { sleeveId: sleeveId(side), boneId, along: 0.5, around: 0 })!;
    const cover = (one: Marking, boneId: string, side: string): number => {
      const spot = on(boneId, side);
      return coverageOf(wolf, [one], 0.1)(spot, undefined)[0]!;
    };
    expect(cover(left, 'radius.L', 'left')).toBe(1);
    expect(cover(left, 'radius.R', 'right')).toBe(0);
    expect(cover({ ...left, mirrored: true }, 'radius.R', 'right')).toBe(1);
  });

  it('is as wide as it is told: lines, stripes, spots, and the stroke of a zigzag', () => {
    const run = ADDER_RUN;
    const wide = (one: Marking, isAcross: boolean): number => {
      const field = skinField(adder, one)!;
      const step = 0.01;
      const middle = 0.4 * run.lengthMm;
      let mm = 0;
      for (let d = -20; d < 20; d += step) {
        const base = spotAt(adder, run, middle + (isAcross ? 0 : d), 0)!;
        const spot = isAcross ? { ...base, round: d } : base;
        if ((field(spot)?.[0] ?? 1) < 0) mm += step;
      }
      return mm;
    };
    const stretch = [at('trunk.3', 0, 0), at('trunk.15', 1, 0)];
    expect(
      wide(marking({ kind: 'stripes', repeats: 1, places: stretch, widthMm: 6 }), true),
    ).toBeCloseTo(6, 1);
    const middle = onRun(run, 0.4 * run.lengthMm);
    const patch = marking({
      kind: 'patch',
      places: [at(middle.boneId, middle.along, 0)],
      ...{ widthMm: 8, lengthMm: 14 },
    });
    expect(wide(patch, true)).toBeCloseTo(8, 1);
    expect(wide(patch, false)).toBeCloseTo(14, 1);
    const line = marking({
      kind: 'line',
      places: [at('trunk.2', 0, 0), at('trunk.16', 1, 0)],
      widthMm: 5,
    });
    expect(wide(line, true)).toBeCloseTo(5, 1);
  });

  it('swings as far and as often as it is told', () => {
    const one = marking({
      kind: 'zigzag',
      places: [at('neck.1', 0, 0), at('tail2', 1, 0)],
      ...{ widthMm: 2, lengthMm: 10, stepMm: 25 },
    });
    const field = skinField(adder, one)!;
    const region = regionOf(adder, one)!;
    const waves = Math.round((region.to - region.from) / 25);
    /** Where the middle of the stroke lies: the lowest value round the body. */
    const middle = (along: number): number => {
      const base = spotAt(adder, ADDER_RUN, along, 0)!;
      let [best, least] = [0, Infinity];
      for (let round = -8; round <= 8; round += 0.05) {
        const value = field({ ...base, round })![0]!;
        if (value < least) [best, least] = [round, value];
      }
      return best;
    };
    const [turns, swings]: [number[], number[]] = [[], []];
    for (let along = region.from + 1; along < region.to - 1; along += 0.5) {
      swings.push(middle(along));
      if (swings.length > 1 && Math.sign(swings.at(-1)!) !== Math.sign(swings.at(-2)!))
        turns.push(along);
    }
    expect(Math.max(...swings)).toBeCloseTo(5, 0);
    expect(Math.min(...swings)).toBeCloseTo(-5, 0);
    expect(Math.abs(turns.length - 2 * waves)).toBeLessThanOrEqual(2);
  });
});
