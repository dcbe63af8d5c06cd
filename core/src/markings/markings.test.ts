import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PLAIN_MARKING, type Marking, type MarkingPlace } from '../anatomy/marking.ts';
import { individual } from '../anatomy/individual.ts';
import { poseSkeleton, restPose, type PosedSkeleton } from '../anatomy/pose.ts';
import { ANIMALS, planById } from '../anatomy/registry.ts';
import { buildSkeleton } from '../anatomy/skeleton.ts';
import { placeOn, pointAt } from '../body/skinPlace.ts';
import { skinParts, type SleevePart } from '../body/skin.ts';
import { superellipseGirth } from '../skin/flat/girth.ts';
import { eachTriangle } from '../geometry/triangleMesh.ts';
import { bladeSkins } from '../surface/bladeSkin.ts';
import { skinSurface } from '../surface/skinSurface.ts';
import { settledStance } from '../posing/settledStance.ts';
import { skeletonOf } from '../testing/skeletonOf.ts';
import { arcsRound } from './arcs.ts';
import { bladeField } from './bladeFields.ts';
import { coverageOf, seenOf } from './markParts.ts';
import { markedSkin } from './markedSkin.ts';
import { noise, noiseBelow } from './noise.ts';
import { regionOf } from './region.ts';
import { laidBands } from './rings.ts';
import { alongRun, onRun, runsOf } from './runs.ts';
import { skinChart } from './skinChart.ts';
import { skinField } from './skinFields.ts';
import { skinSpot, spotAt } from './skinPoint.ts';

const adder = skeletonOf('adder');
const wolf = skeletonOf('grey-wolf');
const at = (boneId: string, along: number, around: number): MarkingPlace => ({
  ...{ boneId, along, around },
});
const marking = (part: Partial<Marking>): Marking => ({
  ...PLAIN_MARKING,
  ...{ id: 'm', name: 'M', kind: 'field', colours: [{ name: 'M', hex: '#202020' }], vary: 0 },
  ...part,
});
const RINGS = marking({
  kind: 'rings',
  places: [at('neck.1', 0, 0), at('tail4', 1, 180)],
  bands: [
    { colour: 0, mm: 11, speckle: 0 },
    { colour: null, mm: 23, speckle: 0 },
  ],
});
const ADDER_RUN = runsOf(adder)[0]!;

describe('a run', () => {
  it('is gone along from the snout to the tail tip, bone by bone, and back', () => {
    for (const animal of ANIMALS) {
      const skeleton = skeletonOf(animal.id);
      const run = runsOf(skeleton)[0]!;
      const sum = [...run.bones.values()].reduce((mm, { long }) => mm + long, 0);
      expect(run.lengthMm, animal.id).toBeCloseTo(sum, 9);
      for (let t = 0.001; t < 1; t += 0.0499) {
        const place = onRun(run, t * run.lengthMm);
        expect(alongRun(run, place.boneId, place.along)).toBeCloseTo(t * run.lengthMm, 6);
      }
    }
  });

  it('begins at the head: of a wolf the muzzle, of a heron the bill', () => {
    const nose = onRun(runsOf(wolf)[0]!, 0);
    expect(nose.boneId).toBe('skull');
    expect(nose.along).toBeCloseTo(1, 9);
    expect(onRun(runsOf(skeletonOf('grey-heron'))[0]!, 0).boneId).toBe('bill');
    const tip = onRun(ADDER_RUN, ADDER_RUN.lengthMm);
    expect(tip.boneId).toBe('tail4');
    expect(tip.along).toBeCloseTo(1, 9);
  });
});

describe('round the skin', () => {
  it('half a girth lies between back and belly, as the girth of a superellipse has it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 60, noNaN: true }),
        fc.double({ min: 2, max: 60, noNaN: true }),
        fc.double({ min: 1.8, max: 3.2, noNaN: true }),
        (half, high, square) => {
          const arcs = arcsRound({
            ...{ above: high, below: high, half, widest: 0, side: 0 },
            ...{ squareAbove: square, squareBelow: square },
          });
          const girth = superellipseGirth(half, high, square);
          expect(Math.abs((2 * arcs.at(-1)!) / girth - 1)).toBeLessThan(0.01);
          for (let n = 1; n < arcs.length; n++) expect(arcs[n]!).toBeGreaterThan(arcs[n - 1]!);
          // Symmetrical about its widest place.
          expect(arcs[30]! / arcs[60]!).toBeCloseTo(0.5, 3);
        },
      ),
      { numRuns: 40 },
    );
  });
});

describe('rings', () => {
  it('sum to their stretch, however many there are and however wide', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.5, max: 80, noNaN: true }), { minLength: 1, maxLength: 6 }),
        fc.option(fc.integer({ min: 1, max: 40 }), { nil: null }),
        fc.double({ min: 20, max: 900, noNaN: true }),
        (widths, repeats, long) => {
          const bands = widths.map((mm, colour) => ({ colour, mm, speckle: 0 }));
          const laid = laidBands({ bands, repeats }, { from: 30, to: 30 + long });
          expect(laid[0]!.from).toBe(30);
          expect(laid.at(-1)!.to).toBeCloseTo(30 + long, 6);
          laid.slice(1).forEach(({ from }, i) => expect(from).toBe(laid[i]!.to));
          // Widths keep to one another.
          const [a, b] = [laid[0]!, laid[Math.min(1, bands.length - 1)]!];
          expect((a.to - a.from) / (b.to - b.from)).toBeCloseTo(
            bands[0]!.mm / bands[Math.min(1, bands.length - 1)]!.mm,
            6,
          );
          if (repeats !== null) expect(laid).toHaveLength(repeats * bands.length);
        },
      ),
    );
  });

  it('are as wide on a young animal as its length lets them be, and as many', () => {
    const plan = planById('four-footed-mammal')!;
    const thylacine = ANIMALS.find(({ id }) => id === 'thylacine')!;
    const pup = individual(plan, thylacine, { sex: null, juvenility: 0.8 });
    const laid = [thylacine, pup].map((animal) => {
      const skeleton = buildSkeleton(plan, animal);
      const stripes = animal.markings!.find(({ id }) => id === 'stripes')!;
      const region = regionOf(skeleton, stripes)!;
      return { bands: laidBands(stripes, region), long: region.to - region.from };
    });
    const [grown, young] = laid as [(typeof laid)[0], (typeof laid)[0]];
    expect(young.bands).toHaveLength(grown.bands.length);
    expect(young.long).toBeLessThan(0.6 * grown.long);
    const share = ({ bands, long }: typeof grown): number => (bands[1]!.to - bands[1]!.from) / long;
    expect(share(young)).toBeCloseTo(share(grown), 9);
  });
});

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
      marking({ kind: 'rings', places: RINGS.places, bands: RINGS.bands, vary: 1 }),
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
    const one = marking({ kind: 'marbling', places: RINGS.places, mirrored: false, widthMm: 9 });
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
      const region = regionOf(adder, RINGS)!;
      const ring = laidBands(RINGS, region).filter(({ band }) => band.colour === 0)[6]!;
      const cover = coverageOf(adder, [RINGS], skin.cellMm / 0.5);
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
