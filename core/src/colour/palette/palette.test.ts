import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Triple } from '../../geometry/matrix3.ts';
import { seeded } from '../../geometry/seeded.ts';
import { hexToLab } from '../colourSpaces.ts';
import { swatchColour } from '../greyCard.ts';
import { quickDifference } from '../quickDifference.ts';
import { linearHex, pictureAnswer } from './areaColour.ts';
import { groupedByMeans, heldToFew, type Weighed } from './groups.ts';
import { lightOf, pictureColours, type PicturePixels } from './pictureColours.ts';

const NO_LIGHT: Triple = [1, 1, 1];

const colour: fc.Arbitrary<Triple> = fc.tuple(
  fc.double({ min: 0, max: 1, noNaN: true }),
  fc.double({ min: -0.3, max: 0.3, noNaN: true }),
  fc.double({ min: -0.3, max: 0.3, noNaN: true }),
);
const weighed = (least: number, most: number): fc.Arbitrary<Weighed> =>
  fc
    .array(fc.tuple(colour, fc.double({ min: 0.1, max: 50, noNaN: true })), {
      ...{ minLength: least, maxLength: most },
    })
    .map((all) => ({ colours: all.map(([c]) => c), weights: all.map(([, w]) => w) }));

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

describe('colours gathered by means', () => {
  it('each lies in the group whose mean is nearest, and a mean is that of its group', () => {
    fc.assert(
      fc.property(weighed(1, 14), fc.integer({ min: 1, max: 5 }), (of, k) => {
        const { means, of: group, inertia } = groupedByMeans(of, k);
        expect(means.length).toBeLessThanOrEqual(Math.min(k, of.colours.length));
        let sum = 0;
        of.colours.forEach((c, i) => {
          const far = means.map((m) => Math.hypot(...c.map((v, j) => v - m[j]!)));
          expect(far[group[i]!]!).toBeLessThanOrEqual(Math.min(...far) + 1e-9);
          sum += of.weights[i]! * far[group[i]!]! ** 2;
        });
        expect(inertia).toBeCloseTo(sum, 9);
      }),
      { numRuns: 40 },
    );
  });

  it('have the same inertia by pairs of a group, without its mean', () => {
    fc.assert(
      fc.property(weighed(2, 10), (of) => {
        const { of: group, inertia } = groupedByMeans(of, 3);
        const pairs = [0, 1, 2].reduce((sum, n) => {
          const its = [...of.colours.keys()].filter((i) => group[i] === n);
          const all = its.reduce((w, i) => w + of.weights[i]!, 0);
          const within = its.reduce(
            (part, i) =>
              part +
              its
                .filter((j) => j > i)
                .reduce(
                  (s, j) =>
                    s +
                    of.weights[i]! *
                      of.weights[j]! *
                      of.colours[i]!.reduce((q, v, k) => q + (v - of.colours[j]![k]!) ** 2, 0),
                  0,
                ),
            0,
          );
          return sum + (all === 0 ? 0 : within / all);
        }, 0);
        expect(inertia).toBeCloseTo(pairs, 8);
      }),
      { numRuns: 30 },
    );
  });
});

describe('colours held to a few of themselves', () => {
  it('cost no more than any choice thrown at random, and no less with more of them', () => {
    fc.assert(
      fc.property(weighed(3, 12), fc.integer({ min: 1, max: 3 }), fc.nat(), (of, k, seed) => {
        const { medoids, cost } = heldToFew(of, k);
        expect(medoids).toHaveLength(Math.min(k, of.colours.length));
        const random = seeded(seed);
        const thrown = [...of.colours.keys()]
          .toSorted(() => random() - 0.5)
          .slice(0, medoids.length);
        const costly = of.colours.reduce(
          (sum, c, i) =>
            sum +
            of.weights[i]! *
              Math.min(
                ...thrown.map((m) => Math.hypot(...c.map((v, j) => v - of.colours[m]![j]!))),
              ),
          0,
        );
        expect(cost).toBeLessThanOrEqual(costly + 1e-9);
        expect(heldToFew(of, k + 1).cost).toBeLessThanOrEqual(cost + 1e-9);
      }),
      { numRuns: 40 },
    );
  });

  it('of many are found by exchanges as well as by trying all, where both can', () => {
    const random = seeded(9);
    const colours = Array.from({ length: 60 }, (): Triple => [
      random(),
      random() / 5,
      random() / 5,
    ]);
    const of = { colours, weights: colours.map(() => 1 + random()) };
    // Sixty over four is more than is tried one by one; two of sixty is not.
    const four = heldToFew(of, 4);
    expect(four.medoids).toHaveLength(4);
    expect(four.cost).toBeLessThan(heldToFew(of, 2).cost);
    for (const [i, m] of four.nearest.entries()) {
      const far = four.medoids.map((n) =>
        Math.hypot(...colours[i]!.map((v, j) => v - colours[n]![j]!)),
      );
      expect(Math.min(...far)).toBeCloseTo(
        Math.hypot(...colours[i]!.map((v, j) => v - colours[m]![j]!)),
        12,
      );
    }
  });
});

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
    expect(palette.map(({ share }) => share)).toEqual([0.5, 0.3, 0.2]);
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
    expect(none).toEqual({ pixels: 0, burnt: 0, palette: [], area: null });
    const burnt = bands([
      [[255, 255, 250], 25],
      [rust, 75],
    ]);
    const answer = pictureAnswer(pictureColours({ ...burnt, round: null, light: NO_LIGHT }), 2);
    expect(answer.burnt).toBe(0.25);
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
    expect(area.shadeBy).toBeLessThan(0.8);
    expect(area.lightBy).toBeGreaterThan(1.1);
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

  it('is told as a screen shows it', () => {
    expect(linearHex([0, 0.5, 4])).toBe('#00bcff');
  });
});
