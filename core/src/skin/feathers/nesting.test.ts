import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { loopArea } from '../../geometry/contours.ts';
import { planPiece } from '../../plan.ts';
import { NEW_FEATHERS } from '../../piece/featherSchema.ts';
import { evaluated } from '../../testing/formula.ts';
import { changed, newWorkpiece } from '../../testing/samples.ts';
import { nested } from './nesting.ts';
import { cutFeathers, fillWorking, onSheet, type NestQuestion } from './nestQuestion.ts';

/** A heron with all of its large feathers cut from sheet. */
const cutHeron = () =>
  changed(newWorkpiece('heron', 'Heron', 'grey-heron'), 'skin', {
    feathers: {
      ...NEW_FEATHERS,
      rows: Object.fromEntries(
        ['primaries', 'secondaries', 'tail'].map((id) => [
          id,
          { way: 'cut' as const, many: null, longestMm: null, overlap: null },
        ]),
      ),
    },
  });

const sheets = fc.array(
  fc.record({
    name: fc.constant('Felt'),
    longMm: fc.integer({ min: 40, max: 600 }),
    wideMm: fc.integer({ min: 40, max: 400 }),
    many: fc.integer({ min: 0, max: 4 }),
    grained: fc.boolean(),
    thickMm: fc.constant(1),
  }),
  { maxLength: 3 },
);
const questions: fc.Arbitrary<NestQuestion> = fc.record({
  feathers: fc
    .array(
      fc.record({
        longMm: fc.double({ min: 5, max: 200, noNaN: true }),
        wideMm: fc.double({ min: 2, max: 50, noNaN: true }),
      }),
      { maxLength: 60 },
    )
    .map((all) =>
      all.map((of, i) => ({ id: `${i}`, areaMm2: of.longMm * of.wideMm * 0.7, ...of })),
    ),
  sheets: sheets.map((all) => all.map((of, i) => ({ id: `sheet-${i}`, ...of }))),
  gapMm: fc.integer({ min: 0, max: 6 }),
});

/** Sums of doubles are this near, mm. */
const EPS_MM = 1e-9;

describe('feathers on sheets', () => {
  it('each lies inside its sheet, none over another, and none is lost', () => {
    fc.assert(
      fc.property(questions, (question) => {
        const { sheets: laid, tooLarge } = nested(question);
        const told = [...laid.flatMap(({ feathers }) => feathers.map(({ id }) => id)), ...tooLarge];
        expect(told.toSorted()).toEqual(question.feathers.map(({ id }) => id).toSorted());
        for (const { sheet, feathers } of laid) {
          feathers.forEach((a, i) => {
            expect(a.x).toBeGreaterThanOrEqual(question.gapMm - EPS_MM);
            expect(a.y).toBeGreaterThanOrEqual(question.gapMm - EPS_MM);
            expect(a.x + a.width).toBeLessThanOrEqual(sheet.longMm - question.gapMm + EPS_MM);
            expect(a.y + a.height).toBeLessThanOrEqual(sheet.wideMm - question.gapMm + EPS_MM);
            if (sheet.grained) expect(a.isTurned).toBe(false);
            for (const b of feathers.slice(i + 1)) {
              const apartX = Math.max(a.x - b.x - b.width, b.x - a.x - a.width);
              const apartY = Math.max(a.y - b.y - b.height, b.y - a.y - a.height);
              expect(Math.max(apartX, apartY)).toBeGreaterThanOrEqual(question.gapMm - EPS_MM);
            }
          });
        }
        const own = (id: string): number =>
          laid.filter(({ sheet, isBought }) => sheet.id === id && !isBought).length;
        for (const { id, many } of question.sheets) expect(own(id)).toBeLessThanOrEqual(many);
        const fill = fillWorking({ sheets: laid, tooLarge });
        if (laid.length > 0) {
          expect(fill!.value).toBeLessThanOrEqual(100);
          expect(evaluated(fill!)).toBeCloseTo(fill!.value, 9);
        } else expect(fill).toBeNull();
      }),
    );
  });

  it('turns one that is wider than its sheet is wide, though not long', () => {
    const sheet = { ...NEW_FEATHERS.sheets[0]!, longMm: 43, wideMm: 40 };
    const broad = { id: '0', areaMm2: 140, longMm: 5, wideMm: 40 };
    const { sheets: laid, tooLarge } = nested({ feathers: [broad], sheets: [sheet], gapMm: 1 });
    expect(tooLarge).toEqual([]);
    const [on] = laid[0]!.feathers;
    expect(on).toMatchObject({ isTurned: true, width: 40, height: 5 });
    expect(on!.x + on!.width).toBeLessThanOrEqual(42 + EPS_MM);
  });

  it('says what no sheet takes, and buys what is short', () => {
    const sheet = { ...NEW_FEATHERS.sheets[0]!, many: 1, longMm: 120, wideMm: 60 };
    const feather = { id: 'a', longMm: 110, wideMm: 25, areaMm2: 1900 };
    const feathers = [...'abcdef'].map((id) => ({ ...feather, id }));
    const { sheets: laid, tooLarge } = nested({
      feathers: [...feathers, { ...feather, id: 'long', longMm: 130 }],
      ...{ sheets: [sheet], gapMm: 2 },
    });
    expect(tooLarge).toEqual(['long']);
    expect(laid.map(({ isBought, feathers: on }) => [isBought, on.length])).toEqual([
      [false, 2],
      [true, 2],
      [true, 2],
    ]);
  });

  it('points of a feather lie in its rectangle on the sheet', () => {
    const plan = planPiece(cutHeron()).skin.feathers!;
    const all = cutFeathers(plan);
    const { sheets: laid } = nested({ feathers: all, sheets: NEW_FEATHERS.sheets, gapMm: 2 });
    const vanes = new Map(all.map(({ id, vane }) => [id, vane]));
    for (const on of laid.flatMap(({ feathers }) => feathers)) {
      const { outline } = onSheet(vanes.get(on.id)!, on);
      for (const [x, y] of outline) {
        expect(x).toBeGreaterThanOrEqual(on.x - 1e-9);
        expect(x).toBeLessThanOrEqual(on.x + on.width + 1e-9);
        expect(y).toBeGreaterThanOrEqual(on.y - 1e-9);
        expect(y).toBeLessThanOrEqual(on.y + on.height + 1e-9);
      }
      // The right one mirrors the left, on the sheet as well: turned, never flipped over.
      expect(Math.sign(loopArea(outline))).toBe(on.id.startsWith('L') ? 1 : -1);
    }
  });
});
