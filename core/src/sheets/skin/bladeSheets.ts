import * as say from './words.ts';
import { greatest, least } from '../../geometry/extremes.ts';
import type { Plan } from '../../planTypes.ts';
import type { BladePlan, EdgeWire } from '../../skin/blades/bladePlan.ts';
import { lapStrip } from '../../skin/blades/edgeWire.ts';
import { dimension } from '../dimension.ts';
import { fittedDrawing, WEIGHT, type Drawing, type DrawingItem } from '../drawing.ts';
import { MARGIN_MM } from '../formItems.ts';

/** Letters, how far a number stands from its bend, and how far lines and dimensions lie apart, mm. */
const TEXT_MM = 2.6;
const BESIDE_MM = 4;
const GAP_MM = 7;

/** Thin wings, fins and membranes as templates at 1:1: the outline, the lap, the wire with its bends, veins and bones. */
export const bladeSheets = ({ skin }: Plan): readonly Drawing[] => skin.blades.map(bladeSheet);

/** The template of one blade; the other side is the same sheet turned over. */
export function bladeSheet(plan: BladePlan): Drawing {
  const { pattern, wire, many } = plan;
  const { outline, ribs, bones, blade } = pattern;
  const target =
    blade.zone === undefined ? {} : { target: { kind: 'zone', id: blade.zone } as const };
  return fittedDrawing(
    `blade-${blade.id}`,
    say.bladeTemplate(blade.name, many),
    [
      ...ribs.map((points): DrawingItem => ({
        ...{ kind: 'line', points, weight: WEIGHT.hair, ink: 'soft', layer: 'veins' },
      })),
      ...bones.map(({ ends }): DrawingItem => ({
        ...{ kind: 'line', points: ends, dashed: true },
        ...{ weight: WEIGHT.thin, ink: 'far', layer: 'bones' },
      })),
      {
        ...{ kind: 'line', points: outline, closed: true },
        ...{ weight: WEIGHT.thin, ink: 'ink', layer: 'cut', ...target },
      },
      ...(wire === null ? [] : wireItems(pattern.outline, wire)),
      ...sizeItems(plan),
    ],
    MARGIN_MM,
  );
}

/** The strip that laps over the wire, the wire, and its bends by mark and angle. */
function wireItems(
  outline: BladePlan['pattern']['outline'],
  wire: EdgeWire,
): readonly DrawingItem[] {
  const { path, bends, lap } = wire;
  return [
    {
      ...{ kind: 'line', points: lapStrip(outline, path, lap.value), closed: true, dashed: true },
      ...{ weight: WEIGHT.hair, ink: 'ink', layer: 'lap' },
    },
    { kind: 'line', points: path, weight: WEIGHT.far, ink: 'near', layer: 'wire' },
    ...bends.flatMap(({ at, mark, turn }, i): DrawingItem[] => [
      {
        ...{ kind: 'circle', at, radius: 0.9, weight: WEIGHT.thin },
        ...{ ink: 'near', layer: 'bends' },
      },
      {
        ...{ kind: 'text', sizeMm: TEXT_MM, anchor: 'middle', face: 'number' },
        ...{ ink: 'ink', layer: 'bends', at: [at[0], at[1] + BESIDE_MM * (1 + (i % 3))] },
        text: `${mark.value.toFixed(1)} · ${turn.value.toFixed(0)}°`,
      },
    ]),
  ];
}

function sizeItems({ pattern, made, atScale, wire }: BladePlan): readonly DrawingItem[] {
  const { outline, longMm, wideMm } = pattern;
  const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
  const [left, right, low, high] = [least(xs), greatest(xs), least(ys), greatest(ys)];
  const notes = [
    say.thickAgainstScale(made.value.toFixed(2), atScale.value.toFixed(2)),
    ...(wire === null ? [] : [say.edgeWireOf(wire.thickMm.toFixed(1), wire.cut.value.toFixed(1))]),
  ];
  return [
    ...dimension('horizontal', [left, low], [right, low], low - GAP_MM, longMm.toFixed(1)),
    ...dimension('upright', [left, low], [left, high], left - GAP_MM, wideMm.toFixed(1)),
    ...notes.map((text, i): DrawingItem => ({
      ...{ kind: 'text', text, sizeMm: TEXT_MM, anchor: 'start', face: 'label' },
      ...{ ink: 'ink', layer: 'notes', at: [left, low - 2.2 * GAP_MM - i * 2 * TEXT_MM] },
    })),
  ];
}
