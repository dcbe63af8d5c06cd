import * as say from './words.ts';
import type { BladePattern } from '../body/bladePattern.ts';
import { greatest, least } from '../geometry/extremes.ts';
import { dimension } from './dimension.ts';
import { WEIGHT, type DrawingItem, type PagePoint } from './drawing.ts';
import type { SheetTarget } from '../piece/target.ts';

const mm = (value: number): string => value.toFixed(1);
/** Letters of the lines under a pattern, and how far apart lines and dimensions lie, mm. */
const TEXT_MM = 2.6;
const GAP_MM = 7;
/** A sheet that is bent by less than this stays flat by itself, mm. */
const FLAT_MM = 0.5;

const boxOf = ({ outline }: BladePattern) => {
  const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
  return { left: least(xs), right: greatest(xs), low: least(ys), high: greatest(ys) };
};

/** A blade laid flat: the outline to cut along, the lines in it, its bones, and how long and wide it is. */
export function patternItems(
  pattern: BladePattern,
  target: { readonly target?: SheetTarget } = {},
): readonly DrawingItem[] {
  const { outline, ribs, bones, longMm, wideMm } = pattern;
  const { left, right, low, high } = boxOf(pattern);
  const line = (
    points: readonly PagePoint[],
    ink: 'ink' | 'soft' | 'far',
    weight: number,
    layer: string,
    more: { readonly closed?: boolean; readonly dashed?: boolean } = {},
  ): DrawingItem => ({ kind: 'line', points, ink, weight, layer, ...more });
  return [
    ...ribs.map((rib) => line(rib, 'soft', WEIGHT.hair, 'ribs')),
    ...bones.map(({ ends }) => line(ends, 'far', WEIGHT.thin, 'bones', { dashed: true })),
    { ...line(outline, 'ink', WEIGHT.thin, 'cut', { closed: true }), ...target },
    ...dimension('horizontal', [left, low], [right, low], low - GAP_MM, mm(longMm)),
    ...dimension('upright', [left, low], [left, high], left - GAP_MM, mm(wideMm)),
  ];
}

/** How large a blade is, and how far from flat. */
export const patternNotes = ({ areaMm2, offFlatMm }: BladePattern): readonly string[] => [
  say.areaMm2(areaMm2.toFixed(0)),
  ...(offFlatMm < FLAT_MM ? [] : [say.bentBy(mm(offFlatMm))]),
];

/** Lines of words under a pattern and its dimensions. */
export function noteLines(pattern: BladePattern, notes: readonly string[]): readonly DrawingItem[] {
  const { left, low } = boxOf(pattern);
  return notes.map((text, i): DrawingItem => ({
    ...{ kind: 'text', text, sizeMm: TEXT_MM, anchor: 'start', face: 'label' },
    ...{ ink: 'ink', layer: 'notes', at: [left, low - 2.4 * GAP_MM - i * 2 * TEXT_MM] },
  }));
}
