import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { insideLoop } from '../../geometry/contours.ts';
import { planPiece } from '../../plan.ts';
import { NEW_FEATHERS, type FeatherChoice } from '../../piece/featherSchema.ts';
import { bladeDrawings } from '../../sheets/bladeDrawings.ts';
import { bladeSheets } from '../../sheets/skin/bladeSheets.ts';
import { evaluated } from '../../testing/formula.ts';
import { changed, newWorkpiece } from '../../testing/samples.ts';
import { foldLines, foldsWorking } from './sagAndFolds.ts';

const planOf = (animal: string, presetId: string, blades: FeatherChoice['blades'] = {}) =>
  planPiece(
    changed(
      changed(newWorkpiece('winged', 'Winged', animal), 'skin', {
        feathers: { ...NEW_FEATHERS, blades },
      }),
      'stance',
      { presetId },
    ),
  );

/** Sag in the middle of a strip on two supports under its own weight, m: its moment over E·I, integrated twice. */
function sagOf(spanM: number, thickM: number, stiffPa: number, kgM3: number): number {
  const [steps, e] = [4000, stiffPa * (thickM ** 3 / 12)];
  const load = kgM3 * 9.80665 * thickM;
  const h = spanM / 2 / steps;
  // From the middle, where it is level, out to a support.
  let [slope, down] = [0, 0];
  for (let i = 0; i < steps; i++) {
    const x = (i + 0.5) * h;
    const moment = (load / 2) * ((spanM / 2) ** 2 - x * x);
    down += slope * h + (moment / e) * (h * h) * 0.5;
    slope += (moment / e) * h;
  }
  return down;
}

describe('a blade of soft clay', () => {
  it('sags between its props by what is told, by the moment along the strip as well', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.5, max: 8, noNaN: true }), (thickMm) => {
        const clay = { way: 'clay', thickMm, wireMm: null } as const;
        const { blades } = planOf('emperor-dragonfly', 'standing', { forewing: clay }).skin;
        const prop = blades.find(({ pattern }) => pattern.blade.id === 'forewing')!.prop!;
        const given = (symbol: string) => prop.inputs.find((of) => of.symbol === symbol)!.value;
        const sag = sagOf(prop.value / 1000, thickMm / 1000, given('E') * 1e6, given('ρ') * 1000);
        expect((1000 * sag) / given('s')).toBeCloseTo(1, 4);
        expect(evaluated(prop)).toBeCloseTo(prop.value, 6);
      }),
      { numRuns: 12 },
    );
  });

  it('of film needs no props, and one pressed on has them', () => {
    const film = { way: 'sheet', thickMm: null, wireMm: null } as const;
    const dragonfly = planOf('emperor-dragonfly', 'standing', { forewing: film }).skin.blades;
    expect(dragonfly.map(({ prop }) => prop === null)).toEqual(
      dragonfly.map(({ way }) => way === 'sheet'),
    );
    const membranes = planOf('rhamphorhynchus', 'standing').skin.blades;
    expect(membranes.every(({ prop }) => prop !== null)).toBe(true);
  });
});

describe('folds of a membrane', () => {
  it('are none where it is spread, and take up what hangs where it is not', () => {
    const wing = (presetId: string) =>
      planOf('rhamphorhynchus', presetId).skin.blades.find(({ way }) => way === 'pressed')!;
    const [spread, folded] = [wing('flying'), wing('standing')];
    expect(spread.slack.value).toBeLessThan(folded.slack.value);
    expect(folded.folds!.value).toBeGreaterThan(spread.folds!.value);
    for (const { folds, slack, pattern, made } of [spread, folded]) {
      expect(evaluated(folds!)).toBeCloseTo(folds!.value, 9);
      const takenMm = folds!.value * 2 * 4 * made.value;
      expect(takenMm).toBeGreaterThanOrEqual((slack.value / 100) * pattern.wideMm - 1e-6);
      const none = foldsWorking(pattern, { ...slack, value: 0 }, made);
      expect(none.value).toBe(0);
    }
  });

  it('run within the outline, as many lines as folds or more where it has a bay', () => {
    const { pattern } = planOf('rhamphorhynchus', 'standing').skin.blades[0]!;
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 30 }), (many) => {
        const lines = foldLines(pattern, many);
        expect(lines.length).toBeGreaterThanOrEqual(many);
        if (many === 0) expect(lines).toEqual([]);
        for (const [[x0, y0], [x1, y1]] of lines) {
          expect(y0).toBe(y1);
          expect(x1).toBeGreaterThan(x0);
          expect(insideLoop(pattern.outline, [(x0 + x1) / 2, y0])).toBe(true);
        }
      }),
    );
  });

  it('are drawn on the template, which stands once among the sheets of the form', () => {
    const plan = planOf('rhamphorhynchus', 'standing');
    const drawn = bladeSheets(plan).find(({ items }) =>
      items.some(({ layer }) => layer === 'folds'),
    );
    expect(drawn).toBeDefined();
    const form = bladeDrawings(plan);
    expect(form.find(({ id }) => id === drawn!.id)).toEqual(drawn);
    expect(new Set(form.map(({ id }) => id)).size).toBe(form.length);
    // A feathered wing is no template: its outline and bones alone.
    const heron = bladeDrawings(planOf('grey-heron', 'standing'));
    expect(heron.map(({ id }) => id)).toContain('flat-wing');
  });
});
