import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Triple } from '../geometry/matrix3.ts';
import { differenceOf, differenceOfLab } from '../testing/colourDifference.ts';
import { hexToOklch, rgbToLab } from './colourSpaces.ts';
import { tubeFinder } from './fewTubes.ts';
import { hexOfSpectrum, labOfSpectrum } from './labOf.ts';
import { paintAnswer } from './paintAnswer.ts';
import { coatsToHide, hiding, mixOver } from './paintLook.ts';
import type { PaintQuestion, Tube } from './paintQuestion.ts';
import { cardThickness, insideOf, mixed, pigmentOf, seenOf } from './pigments.ts';
import { allRecipes, choices, mixColours, portions } from './recipes.ts';
import { LAYERS_OF, layerHex } from './schools.ts';
import { spectrumOfHex } from './spectra.ts';
import { USUAL_PIGMENTS, usualTubes } from './usualBox.ts';

const hex = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);
const tube = (id: string, of: string): Tube => ({
  ...{ id, name: id, hex: of, kind: 'paint', tint: null, opacity: 'opaque', card: null },
});
const palette = (hexes: readonly string[]) => hexes.map((of, i) => pigmentOf(tube(`t${i}`, of)));
describe('recipes', () => {
  const aims = fc.array(hex, { minLength: 1, maxLength: 3 });
  const shelf = fc.uniqueArray(hex, { minLength: 2, maxLength: 4 });
  const labs = (of: readonly string[]): Triple[] =>
    of.map((one) => labOfSpectrum(spectrumOfHex(one)));

  it('are the nearest of every portion of every choice', () => {
    fc.assert(
      fc.property(shelf, aims, (paints, targets) => {
        const pigments = palette(paints);
        const found = allRecipes(pigments, labs(targets), { maxPaints: 3, maxParts: 5 });
        const out = new Float64Array(3);
        targets.forEach((_, t) => {
          let least = Infinity;
          for (let many = 1; many <= Math.min(3, paints.length); many++)
            for (const places of choices(paints.length, many))
              for (const portion of portions(many, 5)) {
                mixColours(pigments).lab(places, portion, out);
                const lab = [...out] as unknown as Triple;
                least = Math.min(least, differenceOfLab(lab, labs(targets)[t]!));
              }
          expect(found[t]!.best!.difference).toBeCloseTo(least, 6);
        });
      }),
      { seed: 13, numRuns: 12 },
    );
  });

  it('never get worse with a tube more, and the second is no better than the first', () => {
    fc.assert(
      fc.property(shelf, hex, aims, (paints, more, targets) => {
        const limits = { maxPaints: 3, maxParts: 6 };
        const before = allRecipes(palette(paints), labs(targets), limits);
        const after = allRecipes(palette([...paints, more]), labs(targets), limits);
        before.forEach(({ best, second }, t) => {
          expect(after[t]!.best!.difference).toBeLessThanOrEqual(best!.difference + 1e-9);
          expect(second!.difference).toBeGreaterThanOrEqual(best!.difference - 1e-9);
        });
      }),
      { seed: 17, numRuns: 12 },
    );
  });

  it('name portions once, in lowest terms: 21 of two paints in up to 8 parts (counted by hand)', () => {
    expect(portions(1, 8)).toEqual([[1]]);
    // Pairs of whole numbers without a common divisor whose sum is 2 to 8: 1 + 2 + 2 + 4 + 2 + 6 + 4.
    expect(portions(2, 8)).toHaveLength(21);
  });
});

describe('layers over layers', () => {
  const ochre = mixed(palette(['#b98636']), [1]);
  const ground = insideOf(spectrumOfHex('#8c8c8a'));

  it('that are not there change nothing, and thick ones hide all', () => {
    expect([...mixOver(ochre, 0, ground)]).toEqual([...ground]);
    const thick = hexOfSpectrum(seenOf(mixOver(ochre, 50, ground)));
    expect(differenceOf(thick, '#b98636')).toBeLessThan(1);
  });

  it('hide more with each coat, and stay inside 0 to 1', () => {
    let last = 0;
    for (const thick of [0.1, 0.5, 1, 2, 4]) {
      const hides = hiding(ochre, thick);
      expect(hides).toBeGreaterThan(last);
      last = hides;
      for (const v of mixOver(ochre, thick, ground)) expect(v > 0 && v < 1).toBe(true);
    }
    const clear = mixed([pigmentOf({ ...tube('c', '#b98636'), opacity: 'transparent' })], [1]);
    expect(coatsToHide(clear, 1)).toBeGreaterThan(coatsToHide(ochre, 1));
  });

  it('are as thick as a card tells: one that hides it is thicker than one that hardly shows', () => {
    const hides = cardThickness({ overBlack: '#b98636', overWhite: '#b98737' });
    const half = cardThickness({ overBlack: '#7d5a28', overWhite: '#c39a52' });
    expect(hides).toBeGreaterThan(half);
    expect(half).toBeGreaterThan(0);
  });
});

describe('the answer for an animal', () => {
  const layers = LAYERS_OF['dark-up'].map((rule) => ({
    ...{ id: rule.id, hex: layerHex('#8a6a4c', rule, 0.08), kind: rule.kind },
    ...{ covers: rule.covers, paint: rule.paint, coats: null },
  }));
  const question: PaintQuestion = {
    zones: [
      {
        ...{ id: 'back', hex: '#8a6a4c', groundHex: '#8c8c8a', textured: true, areaCm2: 80 },
        ...{ kind: 'paint', layers },
      },
      {
        ...{ id: 'belly', hex: '#cfc6b4', groundHex: '#d3c8b6', textured: false, areaCm2: 40 },
        ...{ kind: 'clay', layers: [] },
      },
    ],
    tubes: [],
    ...{ few: 3, fixed: [], maxParts: 6 },
  };
  const answer = paintAnswer(question);

  it('has a recipe for each layer and each clay, of the few that were chosen', () => {
    expect(answer.few.paint).toHaveLength(3);
    expect(Object.keys(answer.recipes)).toHaveLength(layers.length + 1);
    for (const [key, { best, second }] of Object.entries(answer.recipes)) {
      const few = answer.few[key.startsWith('clay') ? 'clay' : 'paint'];
      for (const { tubeId } of best.parts) expect(few).toContain(tubeId);
      const all = best.parts.reduce((sum, { parts }) => sum + parts, 0);
      // Beyond the limit only as a touch, and only where that is much nearer.
      if (all > 6) {
        expect([12, 16, 24, 32, 48]).toContain(all - best.parts.length + 1);
        expect(second!.difference - best.difference).toBeGreaterThanOrEqual(3);
      }
      expect(differenceOf(best.hex, key.split(' ')[1]!)).toBeCloseTo(best.difference, 0);
    }
  });

  it('shows hollows darker than tips, and tips lighter with each dry brush', () => {
    const [back, belly] = answer.zones;
    const { hexes } = back!.layers.at(-1)!;
    const [hollow, , , tip] = hexes.map((of) => hexToOklch(of)![0]);
    expect(hollow).toBeLessThan(tip!);
    expect(belly!.layers).toEqual([]);
    const { best } = answer.recipes['clay #cfc6b4']!;
    expect(belly!.difference).toBeCloseTo(best.difference, 6);
  });

  it('has a ladder from its darkest mix to its lightest, lighter rung by rung', () => {
    const [back, belly] = answer.zones;
    const lights = back!.ladder.map(({ hex: of }) => hexToOklch(of)![0]);
    expect(lights).toEqual([...lights].sort((a, b) => a - b));
    expect(belly!.ladder).toEqual([]);
    const mixes = Object.values(answer.recipes).map(({ best }) => best.hex);
    expect(mixes).toContain(back!.ladder[0]!.hex);
    expect(mixes).toContain(back!.ladder.at(-1)!.hex);
  });

  it('names the tube more by how much nearer the mean comes with it', () => {
    const poor = paintAnswer({ ...question, tubes: [tube('grey', '#808080')], few: 1 });
    expect(poor.oneMore!.nearer).toBeGreaterThan(0.4);
    const { name } = poor.oneMore!;
    const pigment = USUAL_PIGMENTS.find((of) => of.name === name)!;
    const better = paintAnswer({
      ...question,
      ...{ few: 2, tubes: [tube('grey', '#808080'), tube('more', pigment.hex)] },
    });
    const mean = (of: typeof poor): number => {
      const offs = layers.map(({ hex: aim }) => of.recipes[`paint ${aim}`]!.best.difference);
      return offs.reduce((sum, off) => sum + off, 0) / offs.length;
    };
    expect(mean(poor) - mean(better)).toBeGreaterThan(0.4);
  });

  it('is the same again, and tells how far it is', () => {
    const told: number[] = [];
    expect(paintAnswer(question, (done) => told.push(done))).toEqual(answer);
    expect(told).toEqual([...told].sort((a, b) => a - b));
    expect(told.length).toBeGreaterThan(1);
  });
});

describe('the usual box', () => {
  it('has a name, a colour and a class for each pigment, none twice', () => {
    expect(new Set(USUAL_PIGMENTS.map(({ hex: of }) => of)).size).toBe(USUAL_PIGMENTS.length);
    expect(usualTubes('clay').every(({ kind }) => kind === 'clay')).toBe(true);
    for (const { hex: of } of USUAL_PIGMENTS) expect(hexToOklch(of)).toBeDefined();
  });

  it('reaches a wolf’s greys and browns with four tubes (facts of the trade: white, black, an ochre and an umber do it)', () => {
    const targets = ['#8d8577', '#6b5c49', '#cfc3ad', '#3a342d'];
    const aims = targets.map((of) => ({ lab: labOfSpectrum(spectrumOfHex(of)), weight: 1 }));
    const finder = tubeFinder(usualTubes('paint').map(pigmentOf), aims, {
      maxPaints: 4,
      maxParts: 12,
    });
    expect(finder.off(finder.best(4))).toBeLessThan(5.5);
    expect(rgbToLab([1, 1, 1])[0]).toBeCloseTo(100, 3);
  });
});
