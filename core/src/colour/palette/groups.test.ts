import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Triple } from '../../geometry/matrix3.ts';
import { seeded } from '../../geometry/seeded.ts';
import { groupedByMeans, heldToFew, type Weighed } from './groups.ts';

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
