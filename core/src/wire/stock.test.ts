import type { Workpiece } from '../workshop/workpiece.ts';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { planPiece } from '../plan.ts';
import { newWorkpiece, changed, plainPiece } from '../testing/samples.ts';
import { cutFromStock, fewestSticks } from './stockCutting.ts';

/** Fewest equal sticks by trying every partition: the plain twin for a few pieces. */
function plainFewest(pieces: readonly number[], stick: number, loss: number): number {
  let best = pieces.length;
  const used: number[] = [];
  const place = (at: number): void => {
    if (used.length >= best) return;
    if (at === pieces.length) {
      best = used.length;
      return;
    }
    const need = pieces[at]!;
    for (let i = 0; i < used.length; i++)
      if (used[i]! + loss + need <= stick + 1e-9) {
        const before = used[i]!;
        used[i] = before + loss + need;
        place(at + 1);
        used[i] = before;
      }
    used.push(need);
    place(at + 1);
    used.pop();
  };
  place(0);
  return best;
}

describe('fewestSticks', () => {
  it('never takes more sticks than the search over every partition', () => {
    const lengths = fc.array(fc.integer({ min: 30, max: 500 }), { minLength: 1, maxLength: 8 });
    fc.assert(
      fc.property(lengths, fc.integer({ min: 0, max: 4 }), (pieces, loss) => {
        const named = pieces.map((mm, i) => ({ id: String(i), mm }));
        const found = fewestSticks(named, 500, loss);
        expect(found.sticks).toBe(plainFewest(pieces, 500, loss));
        expect(found.sticks).toBeGreaterThanOrEqual(found.bound);
        expect(found.proven).toBe(true);
      }),
      { seed: 21, numRuns: 120 },
    );
  });

  it('says that a piece is longer than a stick', () => {
    expect(fewestSticks([{ id: 'a', mm: 501 }], 500, 0).sticks).toBeUndefined();
    expect(fewestSticks([{ id: 'a', mm: 500 }], 500, 3).sticks).toBe(1);
  });
});

describe('cutFromStock', () => {
  it('tells whether it is proven, and a bound that holds either way', () => {
    const many = Array.from({ length: 26 }, (_, i) => ({
      id: String(i),
      mm: 101 + ((i * 37) % 89),
    }));
    const sticks = [950, 870, 640].map((mm, i) => ({ id: `s${i}`, mm }));
    const plan = cutFromStock(many, sticks, 1);
    const missing = plan.missing.reduce((sum, { mm }) => sum + mm, 0);
    expect(missing).toBeGreaterThanOrEqual(plan.boundMm - 1e-9);
    const few = cutFromStock(many.slice(0, 5), sticks, 1);
    expect([few.proven, few.missing]).toEqual([true, []]);
  });
});

describe('stock of a piece', () => {
  const wireOf = (piece: Workpiece) => planPiece(piece).wire;

  it('costs what its lengths cost, and nothing is said while a price is missing', () => {
    const plain = plainPiece();
    const kinds = wireOf(plain).stock.groups;
    const sold = kinds.map(({ metal, size }) => ({ metal, size, lengthMm: 1000, price: 2.5 }));
    const { groups, cost } = wireOf(changed(plain, 'wire', { sold })).stock;
    const lengths = groups.reduce((sum, group) => sum + (group.lengths?.sticks ?? 0), 0);
    expect(cost!.value).toBeCloseTo(2.5 * lengths, 9);
    expect(lengths).toBeGreaterThanOrEqual(groups.length);
    const unpriced = sold.map((entry, i) => (i === 0 ? { ...entry, price: null } : entry));
    expect(wireOf(changed(plain, 'wire', { sold: unpriced })).stock.cost).toBeNull();
  });
});

describe('shafts of parts made apart', () => {
  const heron = newWorkpiece('one', 'One', 'grey-heron');
  const shaftsOf = (wire: Partial<Workpiece['wire']> = {}) =>
    planPiece(changed(heron, 'wire', wire)).wire.shafts;

  it('go into the plumes, and leave out claws that are too short at this scale', () => {
    const plumes = shaftsOf().find(({ key }) => key === 'part-plumes')!;
    const size = 1 / (heron.measure.scale.by === 'ratio' ? heron.measure.scale.lifePerModel : 1);
    // Crest plumes of a heron are 120 to 220 mm long (from memory).
    expect(plumes.length.value / size).toBeGreaterThan(120);
    expect(plumes.length.value / size).toBeLessThan(220);
    expect(plumes.cut!.value).toBeCloseTo(plumes.length.value + heron.wire.allowancesMm.tieEnd, 9);
    const otter = planPiece(plainPiece()).wire.shafts;
    expect(otter.find(({ key }) => key === 'part-claws')).toMatchObject({
      cut: null,
      why: 'too short to need a wire',
    });
  });

  it('are cut from stock like any wire, and listed where the user asks for one', () => {
    const size = { system: 'mm', value: 0.3 } as const;
    const fine = { 'part-claws': { metal: 'copper-annealed', size, count: 8 } };
    const { stock, shafts } = planPiece(changed(plainPiece(), 'wire', { fine })).wire;
    const claws = shafts.find(({ key }) => key === 'part-claws')!;
    const pieces = stock.groups.find(({ metal }) => metal === 'copper-annealed')!.pieces;
    expect(pieces.map(({ id }) => id)).toEqual(Array.from({ length: 8 }, () => claws.id));
  });
});
