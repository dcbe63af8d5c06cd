import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { animalById } from '../../anatomy/registry.ts';
import { loopArea } from '../../geometry/contours.ts';
import { planPiece } from '../../plan.ts';
import { NEW_FEATHERS, type FeatherChoice } from '../../piece/featherSchema.ts';
import { evaluated } from '../../testing/formula.ts';
import { changed, newWorkpiece } from '../../testing/samples.ts';
import type { Workpiece } from '../../workshop/workpiece.ts';
import { featherWorkings, type FeatherPlan } from './featherPlan.ts';
import { formulaShare } from './featherRow.ts';
import { apartMm } from './mounting.ts';
import { cutFeathers } from './nestQuestion.ts';
import { FULL, mirroredVane, vaneOf, vaneProfile, type VaneShape } from './vane.ts';

const feathered = ['grey-heron', 'barn-owl', 'dodo', 'deinonychus'] as const;
const ALL_CUT: FeatherChoice['rows'] = Object.fromEntries(
  ['primaries', 'secondaries', 'tail'].map((id) => [
    id,
    { way: 'cut', many: null, longestMm: null, overlap: null } as const,
  ]),
);
const pieceOf = (animal: string, more: Partial<FeatherChoice> = {}): Workpiece => {
  const piece = newWorkpiece('bird', 'Bird', animal);
  return changed(piece, 'skin', { feathers: { ...NEW_FEATHERS, ...more } });
};
const feathersOf = (animal: string, more: Partial<FeatherChoice> = {}): FeatherPlan =>
  planPiece(pieceOf(animal, more)).skin.feathers!;

const shapes: fc.Arbitrary<VaneShape> = fc.record({
  longMm: fc.double({ min: 4, max: 400, noNaN: true }),
  wideMm: fc.double({ min: 1, max: 60, noNaN: true }),
  leading: fc.double({ min: 0.1, max: 0.9, noNaN: true }),
  tip: fc.constantFrom('round', 'pointed', 'square'),
  isNotched: fc.boolean(),
  turnDeg: fc.double({ min: 0, max: 40, noNaN: true }),
  shaped: fc.constant(null),
});

describe('a feather to cut', () => {
  it('is as long along its shaft as told, as wide where it is full, and its right one mirrors it to the bit', () => {
    fc.assert(
      fc.property(shapes, (shape) => {
        const { outline, shaft } = vaneOf(shape);
        const long = shaft
          .slice(1)
          .reduce((sum, [x, y], i) => sum + Math.hypot(x - shaft[i]![0], y - shaft[i]![1]), 0);
        // Chords of an arc of at most a degree each: within a ten-thousandth.
        expect(long / shape.longMm).toBeGreaterThan(1 - 1e-4);
        expect(long / shape.longMm).toBeLessThanOrEqual(1 + 1e-9);
        const right = mirroredVane({ outline, shaft });
        expect(right.outline.map(([x, y]) => [x, -y])).toEqual(outline);
        expect(loopArea(right.outline)).toBeCloseTo(-loopArea(outline), 6);
      }),
    );
  });

  it('is full where neighbours are told to meet, and nowhere wider', () => {
    for (const tip of ['round', 'pointed', 'square'] as const) {
      for (const share of FULL) expect(vaneProfile(share, tip)).toBeCloseTo(1, 9);
      for (let share = 0; share <= 1; share += 0.01)
        expect(vaneProfile(share, tip)).toBeLessThanOrEqual(1);
    }
  });
});

describe('feathers of a bird', () => {
  // FEATHER-1: Cramp & Simmons (eds), The Birds of the Western Palearctic, and H. Ginn & D. Melville, Moult in
  // Birds, 1983, from memory: primaries, secondaries and tail feathers by order.
  it.each([
    ['grey-heron', 10, 11, 15, 20, 12],
    ['barn-owl', 10, 11, 11, 19, 12],
  ])('%s has as many as its order', (id, leastP, mostP, leastS, mostS, tail) => {
    const { rows } = feathersOf(id);
    const many = (row: string): number => rows.find(({ row: of }) => of.id === row)!.many.value;
    expect(many('primaries')).toBeGreaterThanOrEqual(leastP);
    expect(many('primaries')).toBeLessThanOrEqual(mostP);
    expect(many('secondaries')).toBeGreaterThanOrEqual(leastS);
    expect(many('secondaries')).toBeLessThanOrEqual(mostS);
    expect(2 * many('tail')).toBe(tail);
  });

  it.each(feathered)('%s: counts agree with those told beside the animal', (id) => {
    const animal = animalById(id)!;
    for (const row of animal.plumage!) {
      const told = animal.counts?.find(({ name }) => name.startsWith(row.name));
      if (told === undefined) continue;
      const each = row.id === 'tail' ? 2 : 1;
      expect(each * row.many[0]).toBeGreaterThanOrEqual(told.range[0]);
      expect(each * row.many[2]).toBeLessThanOrEqual(told.range[1]);
    }
  });

  it.each(feathered)('%s: lengths follow the formula, and every number its own', (id) => {
    const plan = feathersOf(id, { rows: ALL_CUT });
    for (const { row, feathers, longest } of plan.rows) {
      const most = Math.max(...feathers.map(({ long }) => long.value));
      expect(most).toBeLessThanOrEqual(longest.value * Math.max(...row.formula));
      expect(Math.max(...row.formula)).toBe(1);
    }
    for (const working of featherWorkings(plan))
      expect(evaluated(working), working.id).toBeCloseTo(working.value, 9);
  });

  it('an outer primary of the heron is longer than one at the wrist, the wing tip being pointed there', () => {
    const primaries = feathersOf('grey-heron').rows.find(({ row }) => row.id === 'primaries')!;
    const longs = primaries.feathers.map(({ long }) => long.value);
    expect(longs.indexOf(Math.max(...longs)) + 1).toBe(8);
    expect(longs[0]).toBeLessThan(0.7 * Math.max(...longs));
  });

  it('shares run evenly between those of the formula, whatever the count', () => {
    expect(formulaShare([0.5, 1, 0.8], 0, 7)).toBe(0.5);
    expect(formulaShare([0.5, 1, 0.8], 3, 7)).toBe(1);
    expect(formulaShare([0.5, 1, 0.8], 6, 7)).toBe(0.8);
    expect(formulaShare([0.5, 1, 0.8], 1, 7)).toBeCloseTo(0.5 + 0.5 / 3, 12);
    expect(formulaShare([0.9], 4, 7)).toBe(0.9);
  });

  it('mounted feathers lie over each other by the overlap that is asked for, or more', () => {
    for (const id of feathered)
      for (const overlap of [0.2, 0.35, 0.6]) {
        const rows = Object.fromEntries(
          Object.entries(ALL_CUT).map(([row, of]) => [row, { ...of, overlap }]),
        );
        for (const { row, feathers } of feathersOf(id, { rows }).rows)
          feathers.slice(1).forEach((outer, i) => {
            const inner = feathers[i]!;
            const long = Math.min(inner.long.value, outer.long.value);
            const apart = apartMm(inner.mount, outer.mount, long);
            const narrower = Math.min(inner.wide.value, outer.wide.value);
            // The rear vane of one and the leading vane of the next reach over the way between their shafts.
            const reach = inner.wide.value * (1 - row.leading) + outer.wide.value * row.leading;
            expect(reach).toBeGreaterThanOrEqual(narrower - 1e-9);
            expect(1 - apart / narrower).toBeGreaterThanOrEqual(overlap - 1e-9);
          });
      }
  });

  it('every shaft wire is as long as its way: turns, and along the shaft', () => {
    const { shafts, rows, shaftWire } = feathersOf('grey-heron', { rows: ALL_CUT, turns: 5 });
    expect(shafts.length).toBeGreaterThan(20);
    const longs = new Map(rows.flatMap(({ feathers }) => feathers.map((of) => [of.id, of.long])));
    for (const { cut, feather } of shafts) {
      expect(cut.inputs.at(-1)!.value).toBe(longs.get(feather)!.value);
      expect(evaluated(cut)).toBeCloseTo(cut.value, 9);
    }
    const sum = shafts.reduce((all, { cut, many }) => all + cut.value * many, 0);
    expect(1000 * shaftWire!.value).toBeCloseTo(sum, 6);
  });

  it('pressed feathers need neither sheet nor wire, and a missing one is neither made nor cut', () => {
    const pressed = feathersOf('barn-owl');
    expect([pressed.sheet, pressed.shaftWire, pressed.shafts]).toEqual([null, null, []]);
    expect(pressed.step!.value).toBeGreaterThan(0);
    const all = feathersOf('barn-owl', { rows: ALL_CUT });
    const moulting = feathersOf('barn-owl', { rows: ALL_CUT, grown: { 'L.P3': 0, 'R.R1': 0.5 } });
    expect(cutFeathers(moulting).map(({ id }) => id)).toEqual(
      cutFeathers(all)
        .map(({ id }) => id)
        .filter((id) => id !== 'L.P3'),
    );
    const half = cutFeathers(moulting).find(({ id }) => id === 'R.R1')!;
    const whole = cutFeathers(all).find(({ id }) => id === 'R.R1')!;
    expect(half.areaMm2).toBeCloseTo(whole.areaMm2 / 4, 6);
    expect(moulting.rows[0]!.minutes.value).toBeLessThan(all.rows[0]!.minutes.value);
  });

  it('left out of what has no feathers', () => {
    expect(planPiece(newWorkpiece('otter', 'Otter', 'eurasian-otter')).skin.feathers).toBeNull();
  });
});
