import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inWorkshop, type Workpiece } from '../workshop/workpiece.ts';
import { demoWorkshop } from '../start/demoPieces.ts';
import { otterPiece, wholePlan } from '../testing/samples.ts';
import { parted } from '../workshop/workpiece.ts';
import { wireTakes, withStockBack, withStockTaken, type StepTakes } from './stockUse.ts';

const piece = inWorkshop(parted(otterPiece()).piece, demoWorkshop());
const plan = wholePlan(piece);

/** All that there is and all that is written down as used, by kind and unit. */
const totals = ({ atHand, wire }: Workpiece) => {
  const used = (kind: string): number =>
    atHand.used.filter(({ of }) => of === kind).reduce((sum, { amount }) => sum + amount, 0);
  const sum = (all: readonly number[]): number => all.reduce((a, b) => a + b, 0);
  return [
    sum(atHand.clays.map(({ grams }) => grams)) + used('clay'),
    sum(atHand.paints.map(({ ml }) => ml)) + used('paint'),
    sum(atHand.supplies.map(({ amount }) => amount)) + used('supply'),
    sum(wire.stock.flatMap(({ lengthsMm }) => lengthsMm)) + used('wire'),
  ];
};
const lots = {
  clay: piece.atHand.clays.map(({ id }) => id),
  paint: piece.atHand.paints.map(({ id }) => id),
  supply: piece.atHand.supplies.map(({ id }) => id),
} as const;
const stuffs = fc.array(
  fc.constantFrom('clay', 'paint', 'supply').chain((of) =>
    fc.record({
      of: fc.constant(of),
      lots: fc.subarray([...lots[of], 'gone'], { minLength: 1 }),
      amount: fc.double({ min: 0, max: 900, noNaN: true }),
    }),
  ),
  { maxLength: 4 },
);
const sticks = fc.array(
  fc.record({
    lot: fc.constantFrom('coil-1', 'coil-2', 'sticks', 'gone'),
    stickMm: fc.constantFrom(1000, 500, 300),
    // Nobody cuts finer than a tenth; finer ones would pass for sticks of one length.
    amountMm: fc.integer({ min: 0, max: 3000 }).map((tenths) => tenths / 10),
  }),
  { maxLength: 3 },
);
const takes: fc.Arbitrary<StepTakes> = fc.record({ stuffs, sticks });
const moves = fc.array(
  fc.record({ step: fc.constantFrom('a', 'b', 'c'), takes, tick: fc.boolean() }),
  {
    maxLength: 12,
  },
);

describe('stock that steps use', () => {
  it('ticking and opening again in any order never makes or loses any of it', () => {
    fc.assert(
      fc.property(moves, (all) => {
        const before = totals(piece);
        const after = all.reduce(
          (now, { step, takes: its, tick }) =>
            tick ? withStockTaken(now, step, its) : withStockBack(now, step),
          piece,
        );
        totals(after).forEach((total, i) => expect(total).toBeCloseTo(before[i]!, 6));
        const empty = ['a', 'b', 'c'].reduce(withStockBack, after);
        expect(empty.atHand.used).toEqual([]);
        totals(empty).forEach((total, i) => expect(total).toBeCloseTo(before[i]!, 6));
      }),
    );
  });

  it('a step ticked and opened again leaves every lot as it was', () => {
    fc.assert(
      fc.property(takes, (its) => {
        const back = withStockBack(withStockTaken(piece, 'a', its), 'a');
        expect(back.atHand.clays).toEqual(piece.atHand.clays);
        back.wire.stock.forEach(({ lengthsMm }, i) =>
          expect(lengthsMm.toSorted((a, b) => a - b)).toEqual(
            piece.wire.stock[i]!.lengthsMm.toSorted((a, b) => a - b),
          ),
        );
      }),
      { numRuns: 60 },
    );
  });

  it('no lot falls below nothing, and what is missing is not written down as used', () => {
    const [clay] = piece.atHand.clays;
    const its = { stuffs: [{ of: 'clay', lots: [clay!.id], amount: 1e5 } as const], sticks: [] };
    const after = withStockTaken(piece, 'a', its);
    expect(after.atHand.clays[0]!.grams).toBe(0);
    expect(after.atHand.used).toEqual([
      { piece: piece.id, step: 'a', of: 'clay', lot: clay!.id, amount: clay!.grams, stickMm: null },
    ]);
  });

  it('a rest of wire that is too short to keep is used with its cut', () => {
    const its = { stuffs: [], sticks: [{ lot: 'coil-2', stickMm: 500, amountMm: 460 }] };
    const after = withStockTaken(piece, 'a', its);
    expect(after.wire.stock.find(({ id }) => id === 'coil-2')!.lengthsMm).toEqual([]);
    expect(after.atHand.used[0]).toMatchObject({ amount: 500, stickMm: 500 });
  });

  it('a cut wire leaves the list of what is to cut, and its stick is shorter', () => {
    const step = plan.bench!.steps.find(
      ({ id, takes: { sticks: cut } }) => /^wire\..*\.cut$/.test(id) && cut.length > 0,
    )!;
    const cut = withStockTaken(piece, step.id, step.takes);
    const done = { [step.id]: { on: '2026-05-30', minutes: null, note: '' } };
    const ticked = { ...cut, bench: { ...cut.bench, done } };
    const after = wholePlan(ticked);
    const [stick] = step.takes.sticks;
    const of = (shop: Workpiece): number =>
      shop.wire.stock.find(({ id }) => id === stick!.lot)!.lengthsMm.reduce((a, b) => a + b, 0);
    expect(of(piece) - of(ticked)).toBeGreaterThanOrEqual(stick!.amountMm - 1e-6);
    const pieces = (p: typeof plan): number =>
      p.wire.stock.groups.reduce((sum, group) => sum + group.pieces.length, 0);
    expect(pieces(after)).toBeLessThan(pieces(plan));
    const toBuy = (p: typeof plan): number =>
      p.wire.stock.groups.reduce((sum, { buy }) => sum + buy.value, 0);
    expect(toBuy(after)).toBeCloseTo(toBuy(plan), 6);
  });

  it('all wires cut one after the other leave the offcuts of the cutting plan, and all of it can be undone', () => {
    const { stock } = plan.wire;
    const open = [...new Set(stock.groups.flatMap(({ pieces }) => pieces.map(({ step }) => step)))];
    expect(open.length).toBeGreaterThan(1);
    const cut = open.reduce((now, id) => {
      const taken = withStockTaken(now, id, wireTakes(now, plan.wire, id));
      const done = { ...now.bench.done, [id]: { on: '2026-05-30', minutes: null, note: '' } };
      return { ...taken, bench: { ...taken.bench, done } };
    }, piece);
    const left = cut.wire.stock.flatMap(({ lengthsMm }) => lengthsMm);
    for (const mm of left) expect(mm).toBeGreaterThanOrEqual(piece.wire.keepMm);
    const fromSticks = stock.groups
      .flatMap(({ cutting }) => cutting.sticks)
      .reduce((sum, { pieces }) => sum + pieces.reduce((mm, of) => mm + of.mm, 0), 0);
    const used = cut.atHand.used.reduce((sum, { amount }) => sum + amount, 0);
    expect(used).toBeGreaterThanOrEqual(fromSticks - 1e-6);
    totals(cut).forEach((total, i) => expect(total).toBeCloseTo(totals(piece)[i]!, 6));
    expect(wholePlan(cut).wire.stock.groups.flatMap(({ pieces }) => pieces)).toEqual([]);
    const back = open.toReversed().reduce(withStockBack, cut);
    expect(back.atHand.used).toEqual([]);
  });

  it('the price of a piece does not fall when its wire is cut', () => {
    const sold = piece.wire.stock.map(({ metal, size }) => ({
      ...{ metal, size, lengthMm: 1000, price: 4 },
    }));
    const priced = { ...piece, wire: { ...piece.wire, sold } };
    const step = plan.bench!.steps.find(({ takes: { sticks: its } }) => its.length > 0)!;
    const done = { [step.id]: { on: '2026-05-30', minutes: null, note: '' } };
    const material = (of: Workpiece): number => wholePlan(of).bench!.cost.material.value;
    const before = material(priced);
    const wires = wholePlan(priced).bench!.materials.filter(({ kind }) => kind === 'wire');
    expect(wires.some(({ worth }) => worth !== null && worth.value > 0)).toBe(true);
    expect(material({ ...priced, bench: { ...priced.bench, done } })).toBeCloseTo(before, 9);
  });

  it('what is bought of a stuff does not change when a step that uses it is ticked with stock', () => {
    for (const id of ['mass.core', 'colour.primer']) {
      const step = plan.bench!.steps.find((of) => of.id === id)!;
      expect(step.takes.stuffs.length, id).toBeGreaterThan(0);
      const taken = withStockTaken(piece, id, step.takes);
      const done = { [id]: { on: '2026-05-30', minutes: null, note: '' } };
      const after = wholePlan({ ...taken, bench: { ...taken.bench, done } });
      const buy = (p: typeof plan): number =>
        p.bench!.materials.find(({ usedAt }) => usedAt.some((at) => at.step === id))!.quantity
          .value;
      // With too little there, the rest is taken as bought with the tick.
      expect(buy(after), id).toBeLessThanOrEqual(buy(plan));
    }
  });
});
