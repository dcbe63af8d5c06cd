import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Triple } from '../geometry/matrix3.ts';
import { tubeFinder } from './fewTubes.ts';
import { labOfSpectrum } from './labOf.ts';
import type { Tube } from './paintQuestion.ts';
import { pigmentOf } from './pigments.ts';
import { allRecipes, choices, recipesWithTouches } from './recipes.ts';
import { spectrumOfHex } from './spectra.ts';
import { usualTubes } from './usualBox.ts';

const hex = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);
const tube = (id: string, of: string): Tube => ({
  ...{ id, name: id, hex: of, kind: 'paint', tint: null, opacity: 'opaque', card: null },
});
const palette = (hexes: readonly string[]) => hexes.map((of, i) => pigmentOf(tube(`t${i}`, of)));

describe('a touch of a strong paint', () => {
  const pick = (...ids: readonly string[]) =>
    usualTubes('paint')
      .filter(({ id }) => ids.includes(id))
      .map(pigmentOf);
  const aim = (of: string): Triple => labOfSpectrum(spectrumOfHex(of));
  const limits = { maxPaints: 4, maxParts: 8 };

  it('greys much white, which eight parts cannot (common practice)', () => {
    const paints = pick('usual-white', 'usual-black');
    const [within] = allRecipes(paints, [aim('#86827b')], limits);
    const [found] = recipesWithTouches(paints, [aim('#86827b')], limits);
    expect(within!.best!.difference).toBeGreaterThan(8);
    expect(found!.best!.difference).toBeLessThan(within!.best!.difference - 3);
    expect(found!.second).toEqual(within!.best);
    const [white, black] = found!.best!.parts as [number, number];
    expect([12, 16, 24, 32, 48]).toContain(white);
    expect(black).toBe(1);
  });

  it('is left out where a plain mix does nearly as well, and never comes out worse', () => {
    fc.assert(
      fc.property(fc.uniqueArray(hex, { minLength: 2, maxLength: 3 }), hex, (paints, target) => {
        const [plain] = allRecipes(palette(paints), [aim(target)], limits);
        const [found] = recipesWithTouches(palette(paints), [aim(target)], limits);
        const nearer = plain!.best!.difference - found!.best!.difference;
        if (nearer === 0) expect(found).toEqual(plain);
        else expect(nearer).toBeGreaterThanOrEqual(3);
      }),
      { seed: 29, numRuns: 15 },
    );
  });
});

describe('few tubes', () => {
  it('leave no small marking to white: a black animal with yellow spots gets a yellow', () => {
    const aims = [
      { of: '#1e1c1a', weight: 90 },
      { of: '#2d2b29', weight: 60 },
      { of: '#3f3c39', weight: 30 },
      { of: '#e9b81c', weight: 8 },
    ].map(({ of, weight }) => ({ lab: labOfSpectrum(spectrumOfHex(of)), weight }));
    const tubes = usualTubes('paint');
    const finder = tubeFinder(tubes.map(pigmentOf), aims, { maxPaints: 4, maxParts: 6 });
    const chosen = finder.best(4).map((i) => tubes[i]!.id);
    expect(chosen).toContain('usual-warm-yellow');
    expect(chosen).toContain('usual-black');
  });

  it('are the best pair of a small shelf, as all pairs tell', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(hex, { minLength: 4, maxLength: 5 }),
        fc.array(hex, { minLength: 2, maxLength: 4 }),
        (paints, targets) => {
          const aims = targets.map((of) => ({
            lab: labOfSpectrum(spectrumOfHex(of)),
            weight: 1,
          }));
          const finder = tubeFinder(palette(paints), aims, { maxPaints: 2, maxParts: 4 });
          const least = Math.min(...[...choices(paints.length, 2)].map((set) => finder.off(set)));
          expect(finder.off(finder.best(2))).toBeCloseTo(least, 9);
        },
      ),
      { seed: 19, numRuns: 12 },
    );
  });

  it('keep what is fixed', () => {
    const aims = [{ lab: labOfSpectrum(spectrumOfHex('#f0ece2')), weight: 1 }];
    const finder = tubeFinder(palette(['#f0ece2', '#111111', '#22aa33']), aims, {
      maxPaints: 2,
      maxParts: 4,
    });
    expect(finder.best(2, [2])).toContain(2);
  });
});
