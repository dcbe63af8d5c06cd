import { describe, expect, it } from 'vitest';
import { differenceOf } from '../colour/colourDifference.ts';
import { sentenceText } from '../piece/step.ts';
import { changed, otterPiece, wholePlan } from '../testing/samples.ts';
import type { AtHand, Workpiece } from '../workshop/workpiece.ts';
import { nearestPaint } from '../colour/nearestPaint.ts';

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
  const brown = { id: 'a', name: 'Earth brown', hex: '#5b4430', ml: 40 };
  const chalk = { id: 'b', name: 'Chalk', hex: '#f0ece2', ml: 60 };

  it('are told by the one that comes nearest, with how far off it is', () => {
    expect(nearestPaint('#5c4531', [chalk, brown])).toMatchObject({ paint: brown });
    const { shopping } = wholePlan(having({ paints: [brown, chalk] })).bench!;
    const zone = bare.colour!.zones.find(({ hex }) => differenceOf(hex, brown.hex) < 12)!;
    const line = shopping.find(({ what }) => sentenceText(what).includes(zone.hex))!;
    expect(line.beside).toMatchObject([
      {
        label: 'Nearest paint on hand, “Earth brown”: ΔE00',
        value: differenceOf(zone.hex, brown.hex),
      },
    ]);
    const { workings } = wholePlan(having({ paints: [brown, chalk] }));
    expect(workings.map(({ id }) => id)).toContain(line.beside[0]!.id);
  });

  it('are not told where none comes near, or there is none', () => {
    expect(nearestPaint('#2040ff', [brown, chalk])).toBeNull();
    expect(nearestPaint('#5c4531', [])).toBeNull();
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
    const finished = wholePlan({ ...having({}), bench: { done } }).bench!;
    expect([finished.timed.value, finished.sittings.value]).toEqual([0, 0]);
  });
});
