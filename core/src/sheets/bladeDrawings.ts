import * as say from './words.ts';
import { bladePatterns, type BladePattern } from '../body/bladePattern.ts';
import { greatest, least } from '../geometry/extremes.ts';
import type { Plan } from '../planTypes.ts';
import { dimension } from './dimension.ts';
import { fittedDrawing, WEIGHT, type Drawing, type DrawingItem } from './drawing.ts';
import { MARGIN_MM } from './formItems.ts';

const mm = (value: number): string => value.toFixed(1);
/** Letters of the line under a pattern, and how far apart lines and dimensions lie, mm. */
const TEXT_MM = 3.2;
const GAP_MM = 7;
/** A sheet that is bent by less than this stays flat by itself, mm. */
const FLAT_MM = 0.5;

/** Wings, membranes and fins of a piece laid flat at 1:1, one side of each pair: to cut from sheet. */
export const bladeDrawings = (plan: Plan): readonly Drawing[] =>
  bladePatterns(plan.measure.skeleton, 1 / plan.measure.lifePerModel).map((pattern) =>
    fittedDrawing(
      `flat-${pattern.blade.id}`,
      pattern.blade.paired
        ? say.laidFlatTwice(pattern.blade.name)
        : say.laidFlat(pattern.blade.name),
      patternItems(pattern),
      MARGIN_MM,
    ),
  );

/** The outline to cut along, the lines in it, its bones, and how long, wide and large it is. */
function patternItems(pattern: BladePattern): readonly DrawingItem[] {
  const { outline, ribs, bones, longMm, wideMm, areaMm2, offFlatMm } = pattern;
  const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
  const [left, right, low, high] = [least(xs), greatest(xs), least(ys), greatest(ys)];
  const line = (
    points: readonly (readonly [number, number])[],
    ink: 'ink' | 'soft' | 'far',
    weight: number,
    layer: string,
    more: { readonly closed?: boolean; readonly dashed?: boolean } = {},
  ): DrawingItem => ({ kind: 'line', points, ink, weight, layer, ...more });
  const note = [
    say.areaMm2(areaMm2.toFixed(0)),
    ...(offFlatMm < FLAT_MM ? [] : [say.bentBy(mm(offFlatMm))]),
  ].join(' · ');
  return [
    ...ribs.map((rib) => line(rib, 'soft', WEIGHT.hair, 'ribs')),
    ...bones.map(({ ends }) => line(ends, 'far', WEIGHT.thin, 'bones', { dashed: true })),
    line(outline, 'ink', WEIGHT.thin, 'cut', { closed: true }),
    ...dimension('horizontal', [left, low], [right, low], low - GAP_MM, mm(longMm)),
    ...dimension('upright', [left, low], [left, high], left - GAP_MM, mm(wideMm)),
    {
      ...{ kind: 'text', ink: 'ink', layer: 'notes', face: 'label', anchor: 'start' },
      ...{ at: [left, low - 2.4 * GAP_MM], text: note, sizeMm: TEXT_MM },
    },
  ];
}
