import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Triple } from '../../geometry/matrix3.ts';
import { seeded } from '../../geometry/seeded.ts';
import { hexToLab } from '../colourSpaces.ts';
import { swatchColour } from '../greyCard.ts';
import { quickDifference } from '../quickDifference.ts';
import { linearHex, pictureAnswer } from './areaColour.ts';
import { lightOf, pictureColours, type PicturePixels } from './pictureColours.ts';
import { pictureWorkings } from './pictureWorkings.ts';
import { evaluated } from '../../testing/formula.ts';

const NO_LIGHT: Triple = [1, 1, 1];

/** A picture of bands, each so many columns of one colour, with some noise. */
function bands(of: readonly (readonly [rgb: Triple, columns: number])[], noise = 0): PicturePixels {
  const random = seeded(3);
  const height = 20;
  const columns = of.flatMap(([rgb, many]) => Array.from({ length: many }, () => rgb));
  const rgba = new Uint8ClampedArray(4 * height * columns.length);
  for (let y = 0; y < height; y++)
    columns.forEach((rgb, x) => {
      const off = noise * (random() - 0.5);
      rgba.set([...rgb.map((v) => v + off), 255], 4 * (y * columns.length + x));
    });
  return { width: columns.length, height, rgba };
}

const differenceOf = (a: string, b: string): number =>
  quickDifference(...hexToLab(a)!, ...hexToLab(b)!);

describe('the palette of a picture', () => {
  const rust: Triple = [150, 72, 40];
  const slate: Triple = [60, 78, 98];
  const cream: Triple = [226, 214, 190];

  it('has the colours of the picture with what of it each is', () => {
    const picture = bands(
      [
        [rust, 30],
        [slate, 50],
        [cream, 20],
      ],
      8,
    );
    const of = pictureColours({ ...picture, round: null, light: NO_LIGHT });
    expect(of.weights.reduce((sum, w) => sum + w, 0)).toBe(2000);
    const { palette, pixels } = pictureAnswer(of, 3);
    expect(pixels).toBe(2000);
    expect(palette.map((its) => its.pixels)).toEqual([1000, 600, 400]);
    const { shares, cast, burnt } = pictureWorkings(pictureAnswer(of, 3), NO_LIGHT);
    expect(shares.map(({ value }) => value)).toEqual([50, 30, 20]);
    expect([cast, burnt]).toEqual([[], null]);
    const told = [slate, rust, cream].map(
      (rgb) => `#${rgb.map((v) => v.toString(16).padStart(2, '0')).join('')}`,
    );
    palette.forEach(({ hex }, i) => expect(differenceOf(hex, told[i]!)).toBeLessThan(1.5));
  });

  it('looks only at what is drawn round, and not at what shines through or is burnt out', () => {
    const picture = bands([
      [rust, 50],
      [slate, 50],
    ]);
    const left = [
      [0, 0],
      [0.5, 0],
      [0.5, 1],
      [0, 1],
    ] as const;
    const of = pictureColours({ ...picture, round: left, light: NO_LIGHT });
    expect(of.pixels).toBe(1000);
    expect(pictureAnswer(of, 2).palette).toHaveLength(1);
    const half = [
      [0, 0],
      [1, 0],
      [0, 1],
    ] as const;
    const triangle = pictureColours({ ...picture, round: half, light: NO_LIGHT });
    expect(Math.abs(triangle.pixels - 1000)).toBeLessThan(20);
    const clear = { ...picture, rgba: picture.rgba.map((v, i) => (i % 4 === 3 ? 0 : v)) };
    const none = pictureAnswer(pictureColours({ ...clear, round: null, light: NO_LIGHT }), 3);
    expect(none).toEqual({ pixels: 0, burntPixels: 0, palette: [], area: null });
    const burnt = bands([
      [[255, 255, 250], 25],
      [rust, 75],
    ]);
    const answer = pictureAnswer(pictureColours({ ...burnt, round: null, light: NO_LIGHT }), 2);
    expect(answer.burntPixels).toBe(500);
    expect(pictureWorkings(answer, NO_LIGHT).burnt!.value).toBe(25);
    expect(answer.palette).toHaveLength(1);
  });

  it('in the light of its card is what a swatch beside that card is', () => {
    fc.assert(
      fc.property(
        fc.tuple(...[0, 1, 2].map(() => fc.integer({ min: 40, max: 240 }))),
        fc.constantFrom('grey', 'paper'),
        (rgb, kind) => {
          const card = Uint8ClampedArray.from([...rgb, 255, ...rgb, 255]);
          const light = lightOf(card, kind)!;
          const picture = bands([[rust, 10]]);
          const { area } = pictureAnswer(pictureColours({ ...picture, round: null, light }), 1);
          const swatch = swatchColour(picture.rgba, card, kind)!;
          expect(differenceOf(area!.base, swatch.hex)).toBeLessThan(0.5);
        },
      ),
    );
    expect(lightOf(Uint8ClampedArray.from([0, 9, 9, 255]), 'grey')).toBeNull();
    expect(lightOf(new Uint8ClampedArray(), 'grey')).toBeNull();
  });

  it('tells base, shade and light apart, and that a shade under the sky is bluer', () => {
    const scaled = (k: Triple): Triple => rust.map((v, i) => v * k[i]!) as unknown as Triple;
    const lit = bands(
      [
        [scaled([0.5, 0.55, 0.72]), 20],
        [rust, 60],
        [scaled([1.3, 1.3, 1.3]), 20],
      ],
      4,
    );
    const area = pictureAnswer(pictureColours({ ...lit, round: null, light: NO_LIGHT }), 3).area!;
    expect(differenceOf(area.base, '#964828')).toBeLessThan(1.5);
    expect(area.shadeL / area.baseL).toBeLessThan(0.8);
    expect(area.lightL / area.baseL).toBeGreaterThan(1.1);
    expect(area.shadeIs).toBe('bluer');
    expect(area.spread).toBeLessThan(2);
    const even = bands([
      [scaled([0.8, 0.8, 0.8]), 20],
      [rust, 60],
      [scaled([1.2, 1.2, 1.2]), 20],
    ]);
    const plain = pictureAnswer(pictureColours({ ...even, round: null, light: NO_LIGHT }), 3).area!;
    expect(plain.shadeIs).toBe('alike');
  });

  it('tells every number with its working', () => {
    const picture = bands([
      [rust, 30],
      [slate, 50],
      [[255, 255, 255], 20],
    ]);
    const light: Triple = [1.2, 1, 0.8];
    const answer = pictureAnswer(pictureColours({ ...picture, round: null, light }), 3);
    const { shares, area, cast, burnt } = pictureWorkings(answer, light);
    expect(cast.map(({ value }) => value)).toEqual([1.2, 0.8]);
    expect(area).toHaveLength(3);
    for (const working of [...shares, ...area, ...cast, burnt!])
      if (working.formula !== undefined)
        expect(evaluated(working), working.id).toBeCloseTo(working.value, 9);
    expect(shares.reduce((sum, { value }) => sum + value, 0)).toBeCloseTo(100, 9);
  });

  it('is told as a screen shows it', () => {
    expect(linearHex([0, 0.5, 4])).toBe('#00bcff');
  });
});
