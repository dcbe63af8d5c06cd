import * as say from './words.ts';
import type { Plan } from '../../planTypes.ts';
import type { BladePlan, EdgeWire } from '../../skin/blades/bladePlan.ts';
import { lapStrip } from '../../skin/blades/edgeWire.ts';
import { foldLines } from '../../skin/blades/sagAndFolds.ts';
import { noteLines, patternItems, patternNotes } from '../bladeItems.ts';
import { fittedDrawing, WEIGHT, type Drawing, type DrawingItem } from '../drawing.ts';
import { MARGIN_MM } from '../formItems.ts';

/** Letters, and how far a number stands from its bend, mm. */
const TEXT_MM = 2.6;
const BESIDE_MM = 4;

/** Thin wings, fins and membranes as templates at 1:1: the outline, the folds, the lap, the wire with its bends, veins and bones. */
export const bladeSheets = ({ skin }: Plan): readonly Drawing[] => skin.blades.map(bladeSheet);

/** The template of one blade; the other side is the same sheet turned over. */
export function bladeSheet(plan: BladePlan): Drawing {
  const { pattern, wire, folds, many } = plan;
  const { blade } = pattern;
  const target =
    blade.zone === undefined ? {} : { target: { kind: 'zone', id: blade.zone } as const };
  return fittedDrawing(
    `blade-${blade.id}`,
    say.bladeTemplate(blade.name, many),
    [
      ...(folds === null ? [] : foldItems(pattern, folds.value)),
      ...patternItems(pattern, target),
      ...(wire === null ? [] : wireItems(pattern.outline, wire)),
      ...noteItems(plan),
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

/** Crests of the folds, to press in. */
const foldItems = (pattern: BladePlan['pattern'], many: number): readonly DrawingItem[] =>
  foldLines(pattern, many).map((points): DrawingItem => ({
    ...{ kind: 'line', points, dashed: true },
    ...{ weight: WEIGHT.thin, ink: 'near', layer: 'folds' },
  }));

/** How thick it is made, how it is propped, how many folds it has, and its wire: under its dimensions. */
function noteItems({
  pattern,
  made,
  atScale,
  wire,
  prop,
  folds,
}: BladePlan): readonly DrawingItem[] {
  const notes = [
    ...patternNotes(pattern),
    say.thickAgainstScale(made.value.toFixed(2), atScale.value.toFixed(2)),
    ...(prop === null ? [] : [say.propsApart(prop.value.toFixed(0))]),
    ...(folds === null || folds.value === 0 ? [] : [say.foldsIn(folds.value)]),
    ...(wire === null ? [] : [say.edgeWireOf(wire.thickMm.toFixed(1), wire.cut.value.toFixed(1))]),
  ];
  return noteLines(pattern, notes);
}
