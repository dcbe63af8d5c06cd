import { describe, expect, it } from 'vitest';
import type { PaintOnHand } from '../workshop/workshopSchema.ts';
import { sentenceText } from '../piece/step.ts';
import { changed, otterPiece, wholePlan } from '../testing/samples.ts';
import type { AtHand, Workpiece } from '../workshop/workpiece.ts';

const having = (part: Partial<AtHand>): Workpiece => ({
  // So much to spare that it takes several packets.
  ...changed(otterPiece(), 'mass', { sparePercent: 200 }),
  atHand: { ...otterPiece().atHand, clays: [], paints: [], ...part },
});
const clay = {
  id: 'clay-1',
  classId: 'oven-firm' as const,
  name: otterPiece().mass.clay.name,
  grams: 0,
  packetPrice: 6.5,
  where: '',
  opened: null,
};
const bare = wholePlan(having({}));

describe('clay on hand', () => {
  const { grams, packets, figures } = bare.mass!.batches[0]!;
  const linesFor = (grammes: number) =>
    wholePlan(having({ clays: [{ ...clay, grams: grammes }] })).bench!.shopping.filter(({ what }) =>
      sentenceText(what).includes(clay.name),
    );

  it('is bought by the packet, less what is there, and costs so much', () => {
    const [none] = linesFor(0);
    expect(none!.quantity.value).toBe(packets.value);
    expect(none!.beside[0]!.value).toBeCloseTo(6.5 * packets.value, 9);
    const [one] = linesFor(figures.packet.value);
    expect(one!.quantity.value).toBe(packets.value - 1);
  });

  it('is not on the list where there is enough of it', () => {
    expect(linesFor(grams.value + 1)).toEqual([]);
  });

  it('is found by kind and name, and no other is counted', () => {
    const other = { ...clay, name: 'Another clay', grams: 9000 };
    const { shopping } = wholePlan(having({ clays: [other] })).bench!;
    const line = shopping.find(({ what }) => sentenceText(what).includes(clay.name));
    expect(line!.quantity).toEqual(packets);
  });
});

describe('paints on hand', () => {
  const paint = (id: string, name: string, hex: string, ml: number): PaintOnHand => ({
    ...{
      id,
      name,
      hex,
      ml,
      kind: 'paint',
      tile: null,
      tint: null,
      opacity: 'semi-opaque',
      card: null,
    },
    ...{ light: 'unknown', packMl: null, price: null, where: '', opened: null },
  });
  const shelf = [paint('a', 'Earth brown', '#5b4430', 400), paint('b', 'Chalk', '#f0ece2', 0.1)];
  const shelved = wholePlan(having({ paints: shelf }));

  it('are all that a piece is mixed of, and only what is short is bought', () => {
    const { tubes } = shelved.colour!;
    expect(tubes!.map(({ tube }) => tube.name)).toEqual(['Earth brown', 'Chalk']);
    const bought = shelved.bench!.shopping.map(({ what }) => sentenceText(what));
    expect(bought).toContain('Paint, Chalk');
    expect(bought).not.toContain('Paint, Earth brown');
    const chalk = tubes!.find(({ tube }) => tube.name === 'Chalk')!;
    expect(chalk.buy!.value).toBeCloseTo(chalk.needed.value - 0.1, 9);
  });

  it('are bought by the packet where one is told', () => {
    const packed = { ...shelf[1]!, packMl: 5 };
    const { tubes } = wholePlan(having({ paints: [shelf[0]!, packed] })).colour!;
    const chalk = tubes!.find(({ tube }) => tube.name === 'Chalk')!;
    expect(chalk.buy).toMatchObject({
      unit: 'count',
      value: Math.ceil((chalk.needed.value - 0.1) / 5),
    });
  });

  it('are those of a usual box where the shelf is empty', () => {
    const { tubes } = wholePlan(having({ paints: [] })).colour!;
    expect(tubes).toHaveLength(4);
    for (const { tube, onHand, buy, needed } of tubes!) {
      expect(tube.id).toMatch(/^usual-/);
      expect([onHand, buy!.value]).toEqual([null, needed.value]);
    }
  });
});

describe('the maker’s pace', () => {
  it('makes hand work longer, and leaves the oven its time', () => {
    const slow = wholePlan(having({ pace: 2 })).bench!;
    for (const [i, step] of bare.bench!.steps.entries()) {
      const { duration, occupies } = slow.steps[i]!;
      const usual = step.duration?.value ?? 0;
      expect(duration?.value ?? 0).toBeCloseTo(occupies === 'person' ? 2 * usual : usual, 9);
    }
    expect(slow.timed.value).toBeCloseTo(2 * bare.bench!.timed.value, 9);
  });

  it('tells the sittings that are left, and none where all is done', () => {
    const { timed, sittings, steps } = wholePlan(having({ sittingH: 0.5 })).bench!;
    expect(sittings.value).toBe(Math.ceil(timed.value / 30));
    const done = Object.fromEntries(
      steps.map(({ id }) => [id, { on: '2026-05-30', minutes: null, note: '' }]),
    );
    const finished = wholePlan({ ...having({}), bench: { ...otterPiece().bench, done } }).bench!;
    expect([finished.timed.value, finished.sittings.value]).toEqual([0, 0]);
  });
});
