import fc from 'fast-check';
import { Color, mix } from 'spectral.js';
import { describe, expect, it } from 'vitest';
import type { Triple } from '../geometry/matrix3.ts';
import { differenceOf, differenceOfLab } from '../testing/colourDifference.ts';
import { hexToOklch, linearRgb } from './colourSpaces.ts';
import { hexOfSpectrum, labOfSpectrum } from './labOf.ts';
import { linearOf } from './observer.ts';
import type { Tube } from './paintQuestion.ts';
import { demoWorkshop } from '../start/demoPieces.ts';
import { asItComesOut, shiftWorking } from './bakedColour.ts';
import { CARD_REFLECTS, swatchColour } from './greyCard.ts';
import { insideMix, mixed, pigmentOf, seenOf, stirred } from './pigments.ts';
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

describe('ready mixes that are stirred', () => {
  it('are those that were mixed from the paints at once, by equal parts', () => {
    const use = palette(['#bd8a3a', '#26231f']);
    const [one, other] = [mixed(use, [3, 1]), mixed(use, [1, 3])];
    const half = stirred(one, other, 0.5);
    const once = mixed(use, [2, 2]);
    half.ratios.forEach((ratio, i) => expect(ratio).toBeCloseTo(once.ratios[i]!, 9));
    expect([...stirred(one, other, 0).ratios]).toEqual([...one.ratios]);
  });
});

describe('what a bake makes of a colour', () => {
  const told = { hex: '#c07a4a', tile: null } as const;

  it('is the tile where one was baked, a little darker where it goes through the oven, else as told', () => {
    expect(asItComesOut({ ...told, kind: 'paint' })).toBe(told.hex);
    expect(asItComesOut({ ...told, kind: 'clay', tile: '#a06030' })).toBe('#a06030');
    const baked = asItComesOut({ ...told, kind: 'pastel' });
    expect(hexToOklch(baked)![0]).toBeLessThan(hexToOklch(told.hex)![0]);
  });

  it('is told with how far it is off, and nothing where it stays', () => {
    const paint = { ...demoWorkshop().paints[0]!, hex: told.hex };
    expect(shiftWorking({ ...paint, kind: 'paint', tile: null })).toBeNull();
    const off = shiftWorking({ ...paint, kind: 'clay', tile: '#a06030' })!;
    expect(off.value).toBeCloseTo(differenceOf(told.hex, '#a06030'), 9);
    expect(off.provenance).toBe('own');
  });
});

describe('a colour beside a card', () => {
  const patch = (rgb: readonly [number, number, number], many = 9): Uint8ClampedArray =>
    Uint8ClampedArray.from(Array.from({ length: many }, () => [...rgb, 255]).flat());
  const encoded = (v: number): number => Math.round(255 * (1.055 * v ** (1 / 2.4) - 0.055));

  it('is itself where the card shows what it reflects, by the curve of IEC 61966-2-1', () => {
    const grey = encoded(CARD_REFLECTS.grey);
    const found = swatchColour(patch([90, 68, 48]), patch([grey, grey, grey]), 'grey')!;
    expect(differenceOf(found.hex, '#5a4430')).toBeLessThan(0.5);
    expect(found.spread).toBeLessThan(0.01);
    expect(found.held).toBe(false);
  });

  it('loses the light that both lay in, whatever its colour', () => {
    fc.assert(
      fc.property(
        fc.tuple(...Array.from({ length: 3 }, () => fc.double({ min: 0.4, max: 1, noNaN: true }))),
        (light) => {
          const under = (reflects: readonly number[]) =>
            patch(reflects.map((v, i) => encoded(v * light[i]!)) as [number, number, number]);
          const found = swatchColour(under([0.3, 0.2, 0.1]), under([0.18, 0.18, 0.18]), 'grey')!;
          const aim = [0.3, 0.2, 0.1].map((v) => encoded(v).toString(16).padStart(2, '0'));
          expect(differenceOf(found.hex, `#${aim.join('')}`)).toBeLessThan(1.2);
        },
      ),
      { seed: 23, numRuns: 40 },
    );
  });

  it('tells an uneven area, too much light, and a card that is black', () => {
    const mixedUp = Uint8ClampedArray.from([...patch([20, 20, 20]), ...patch([200, 190, 180])]);
    const grey = patch([118, 118, 118]);
    expect(swatchColour(mixedUp, grey, 'grey')!.spread).toBeGreaterThan(10);
    expect(swatchColour(patch([250, 250, 250]), patch([60, 60, 60]), 'grey')!.held).toBe(true);
    expect(swatchColour(patch([90, 90, 90]), patch([0, 0, 0]), 'grey')).toBeNull();
    expect(swatchColour(new Uint8ClampedArray(), grey, 'grey')).toBeNull();
  });
});
