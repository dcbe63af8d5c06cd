import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { individual } from '../anatomy/individual.ts';
import { ANIMALS, planById } from '../anatomy/registry.ts';
import { buildSkeleton } from '../anatomy/skeleton.ts';
import { superellipseGirth } from '../skin/flat/girth.ts';
import { skeletonOf } from '../testing/skeletonOf.ts';
import { arcsRound } from './arcs.ts';
import { regionOf } from './region.ts';
import { laidBands } from './laidBands.ts';
import { alongRun, onRun, runsOf } from './runs.ts';

const adder = skeletonOf('adder');
const wolf = skeletonOf('grey-wolf');
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
