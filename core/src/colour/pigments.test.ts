import fc from 'fast-check';
import { Color, mix } from 'spectral.js';
import { describe, expect, it } from 'vitest';
import type { Triple } from '../geometry/matrix3.ts';
import { differenceOf, differenceOfLab } from './colourDifference.ts';
import { hexToOklch, linearRgb } from './colourSpaces.ts';
import { hexOfSpectrum, labOfSpectrum } from './labOf.ts';
import { linearOf } from './observer.ts';
import type { Tube } from './paintQuestion.ts';
import { insideMix, mixed, pigmentOf, seenOf } from './pigments.ts';
import { quickDifference } from './quickDifference.ts';
import { spectrumOfHex } from './spectra.ts';

const hex = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);
const tube = (id: string, of: string): Tube => ({
  ...{ id, name: id, hex: of, kind: 'paint', tint: null, opacity: 'opaque', card: null },
});
const palette = (hexes: readonly string[]) => hexes.map((of, i) => pigmentOf(tube(`t${i}`, of)));
const mixHex = (hexes: readonly string[], parts: readonly number[]): string =>
  hexOfSpectrum(seenOf(insideMix(mixed(palette(hexes), parts))));

describe('smooth spectra', () => {
  it('stay inside 0 to 1 and look as told, black and white too', () => {
    fc.assert(
      fc.property(
        fc.oneof(hex, fc.constantFrom('#000000', '#ffffff', '#ff0000', '#00ffff')),
        (of) => {
          const spectrum = spectrumOfHex(of);
          expect(spectrum.every((v) => v > 0 && v < 1)).toBe(true);
          const encoded = [1, 3, 5].map((at) => Number.parseInt(of.slice(at, at + 2), 16) / 255);
          linearOf(spectrum).forEach((v, k) =>
            expect(Math.abs(v - linearRgb(encoded as unknown as Triple)[k]!)).toBeLessThan(0.012),
          );
        },
      ),
      { seed: 11, numRuns: 60 },
    );
  });
});

describe('differences in plain numbers', () => {
  it('are those of the library that follows the standard', () => {
    const lab = fc.tuple(
      fc.double({ min: 0, max: 100, noNaN: true }),
      fc.double({ min: -90, max: 90, noNaN: true }),
      fc.double({ min: -90, max: 90, noNaN: true }),
    );
    fc.assert(
      fc.property(lab, lab, (one, other) => {
        expect(quickDifference(...one, ...other)).toBeCloseTo(differenceOfLab(one, other), 6);
      }),
      { seed: 5, numRuns: 400 },
    );
  });
});

describe('mixing', () => {
  it('is the same whichever comes first, and a paint by itself is itself', () => {
    fc.assert(
      fc.property(hex, hex, fc.integer({ min: 1, max: 8 }), (a, b, n) => {
        expect(mixHex([a, b], [n, 3])).toBe(mixHex([b, a], [3, n]));
        // Whites brighter than a surface lets through are held to it.
        const back = mixHex([a, b], [n, 0]);
        if ((hexToOklch(a)![0] ?? 1) < 0.9) expect(differenceOf(back, a)).toBeLessThan(1.5);
      }),
      { seed: 7, numRuns: 60 },
    );
  });

  // Run beside another maker's model of pigments from the registry: same direction of hue, and both darker than light.
  it.each([
    // A dark blue is strong: of equal strength by volume it takes six parts of yellow to make a green of it.
    ['#002185', '#fcd200', 6],
    ['#f7f6f1', '#8a1c1c', 1],
    ['#5b4430', '#c9b183', 1],
    ['#1f2a72', '#b7261d', 1],
  ])('of %s and %s goes where a reference model goes, darker than light mixes', (a, b, parts) => {
    const own = mixHex([a, b], [1, parts]);
    const reference = mix([new Color(a), 1], [new Color(b), 1])
      .toString()
      .toLowerCase();
    const luminance = (of: string): number => {
      const encoded = [1, 3, 5].map((at) => Number.parseInt(of.slice(at, at + 2), 16) / 255);
      const [r, g, blue] = linearRgb(encoded as unknown as Triple);
      return 0.2126 * r + 0.7152 * g + 0.0722 * blue;
    };
    const light = (luminance(a) + luminance(b)) / 2;
    expect(luminance(own)).toBeLessThan(light);
    expect(luminance(reference)).toBeLessThan(light);
    const [[, c1, h1], [, c2, h2]] = [hexToOklch(own)!, hexToOklch(reference)!];
    const turn = Math.abs(((h1 - h2 + 540) % 360) - 180);
    // Greys have no hue to speak of.
    if (Math.min(c1, c2) > 0.02) expect(turn).toBeLessThan(45);
  });

  it('takes the strength of a tint: a strong paint colours more white', () => {
    const strong = pigmentOf({ ...tube('s', '#1f2a72'), tint: { white: 10, hex: '#7f8fc8' } });
    const plain = pigmentOf(tube('p', '#1f2a72'));
    const white = pigmentOf(tube('w', '#f7f6f1'));
    const tinted = (of: typeof plain): number =>
      labOfSpectrum(seenOf(insideMix(mixed([of, white], [1, 10]))))[0];
    const told = labOfSpectrum(spectrumOfHex('#7f8fc8'))[0];
    expect(Math.abs(tinted(strong) - told)).toBeLessThan(3);
    expect(Math.abs(tinted(plain) - told)).toBeGreaterThan(Math.abs(tinted(strong) - told));
  });

  it('throws where there are parts of nothing', () => {
    expect(() => mixed(palette(['#112233']), [0])).toThrow('parts of something');
  });
});
