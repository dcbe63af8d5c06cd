import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bakesByTrial, keepsRules, rangeByRule } from '../testing/bakesByTrial.ts';
import { fewestBakes, type OrderItem } from './bakeOrder.ts';

const IDS = ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h', 'i', 'j', 'k', 'l', 'm', 'n', 'o', 'p'];
/** Things by chance: ranges that overlap often, some put on, rules between a few, ids in both directions. */
const things = (least: number, most: number, pinned: boolean): fc.Arbitrary<OrderItem[]> =>
  fc.integer({ min: least, max: most }).chain((count) =>
    fc
      .tuple(
        ...IDS.slice(0, count).map((id, i) =>
          fc
            .record({
              low: fc.integer({ min: 9, max: 14 }),
              wide: fc.integer({ min: 0, max: 3 }),
              more: fc.integer({ min: -1, max: 4 }),
              isPut: fc.nat(5),
              after: fc.subarray(
                IDS.slice(0, count).filter((of) => of !== id),
                { maxLength: Math.min(2, count - 1) },
              ),
              with: fc.subarray(IDS.slice(0, i), { maxLength: i % 3 === 2 ? 1 : 0 }),
              pin: pinned
                ? fc.oneof(
                    { weight: 4, arbitrary: fc.constant(null) },
                    fc.constantFrom<OrderItem['pin']>(1, 2, 3, 'alone'),
                  )
                : fc.constant(null),
            })
            .map(({ low, wide, more, isPut, after, with: mates, pin }): OrderItem => ({
              id,
              curesC: isPut === 0 ? null : [10 * low, 10 * (low + wide)],
              standsC: 10 * (low + wide + more),
              after,
              with: isPut === 0 ? [] : mates,
              pin: isPut === 0 && pin === 'alone' ? null : pin,
            })),
        ),
      )
      .map((drawn) => {
        // What is only put on names nothing that is only put on, and nothing cures with it.
        const isPut = new Set(drawn.filter(({ curesC }) => curesC === null).map(({ id }) => id));
        return drawn.map((item) => ({
          ...item,
          after: item.curesC === null ? item.after.filter((id) => !isPut.has(id)) : item.after,
          with: item.with.filter((id) => !isPut.has(id)),
        }));
      }),
  );

const numbered = (bakes: readonly { readonly ids: readonly string[] }[]): Map<string, number> =>
  new Map(bakes.flatMap(({ ids }, i) => ids.map((id) => [id, i + 1] as const)));

describe('the fewest bakes', () => {
  it.each([
    ['without pins', false],
    ['with pins', true],
  ])('are as few as trying every numbering finds, %s', (_, pinned) => {
    let [feasible, not] = [0, 0];
    fc.assert(
      fc.property(things(1, pinned ? 4 : 5, pinned), (items) => {
        const order = fewestBakes(items);
        const tried = bakesByTrial(items);
        expect(order.feasible).toBe(tried !== null);
        if (!order.feasible) {
          not += 1;
          return;
        }
        feasible += 1;
        expect(order.bakes).toHaveLength(tried!.bakes);
        expect(order.atLeast).toBe(tried!.bakes);
        const cured = order.bakes.flatMap(({ ids }) => ids);
        expect(cured.toSorted()).toEqual(
          items.filter(({ curesC }) => curesC !== null).map(({ id }) => id),
        );
        if (pinned) return;
        const numbering = numbered(order.bakes);
        expect(keepsRules(items, numbering)).toBe(true);
        order.bakes.forEach(({ rangeC }, i) =>
          expect(rangeC).toEqual(rangeByRule(items, numbering, i + 1)),
        );
      }),
      { seed: 23, numRuns: 300 },
    );
    // Both happen often enough to mean something.
    expect(feasible).toBeGreaterThan(60);
    expect(not).toBeGreaterThan(30);
  });

  it('of many things keep every rule and stand between their bounds', () => {
    fc.assert(
      fc.property(things(9, 16, false), (items) => {
        const order = fewestBakes(items);
        if (!order.feasible) {
          expect(order.conflict.length).toBeGreaterThan(0);
          return;
        }
        expect(keepsRules(items, numbered(order.bakes))).toBe(true);
        expect(order.atLeast).toBeLessThanOrEqual(order.bakes.length);
        expect(order.bakes.length).toBeLessThanOrEqual(
          items.filter(({ curesC }) => curesC !== null).length,
        );
      }),
      { seed: 24, numRuns: 60 },
    );
  });
});

describe('the smallest contradiction', () => {
  it('cannot be baked taken alone, and whatever is smaller can', () => {
    fc.assert(
      fc.property(things(2, 5, false), (items) => {
        const order = fewestBakes(items);
        if (order.feasible) return;
        const set = items.filter(({ id }) => order.conflict.includes(id));
        expect(bakesByTrial(set)).toBeNull();
        for (const left of set)
          expect(bakesByTrial(set.filter((item) => item !== left))).not.toBeNull();
      }),
      { seed: 25, numRuns: 120 },
    );
  });
});
