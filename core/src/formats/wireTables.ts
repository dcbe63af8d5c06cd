import type { Working } from '../piece/working.ts';
import type { PlannedWire } from '../wire/plannedWire.ts';
import type { WirePlan } from '../wire/wirePlan.ts';
import { csvText, type Cell } from './csv.ts';

/** Figures in files carry a thousandth of a millimetre, so that lines still add up to their sum. */
const rounded = (value: number): number => Math.round(value * 1000) / 1000;

/** The cut list as CSV: each allowance a row, and each piece closed by a row "cut". mm. */
export function cutListCsv(plan: WirePlan): string {
  const header = ['piece', 'name', 'quantity', 'metal', 'diameter_mm', 'line', 'length_mm'];
  const rows = plan.wires
    .filter(({ otherEndOf }) => otherEndOf === null)
    .flatMap((wire) => [
      ...pieceRows(wire, wire.id, wire.name, wire.count, wire.lines, wire.cut),
      ...wire.moreStrands.flatMap(({ id, name, count, lines, cut }) =>
        pieceRows(wire, id, name, count, lines, cut),
      ),
    ]);
  const shafts = plan.shafts.flatMap((shaft) =>
    shaft.cut === null
      ? []
      : pieceRows(shaft, shaft.id, shaft.name, shaft.count, [shaft.cut], shaft.cut),
  );
  return csvText(header, [...rows, ...shafts]);
}

function pieceRows(
  wire: Pick<PlannedWire, 'metalName' | 'diameterMm'>,
  piece: string,
  name: string,
  quantity: number,
  lines: readonly Working[],
  cut: Working,
): readonly (readonly Cell[])[] {
  const row = (line: string, working: Working): readonly Cell[] => [
    piece,
    name,
    quantity,
    wire.metalName,
    rounded(wire.diameterMm),
    line,
    rounded(working.value),
  ];
  return [...lines.map((line) => row(line.label, line)), row('cut', cut)];
}

/** The bend marks as CSV, one row per bend in the order of the bench. mm and degrees. */
export function bendsCsv(plan: WirePlan): string {
  const header = [
    'wire',
    'from',
    'bend',
    'place',
    'feed_mm',
    'mark_mm',
    'middle_mm',
    'turn_deg',
    'angle_deg',
    'bend_to_deg',
  ];
  const rows = plan.wires.flatMap((wire) =>
    wire.bends.map((bend): readonly Cell[] => [
      wire.id,
      wire.namedEnd,
      bend.number,
      bend.place,
      rounded(bend.feed.value),
      rounded(bend.mark.value),
      rounded(bend.middle.value),
      rounded(bend.turn.value),
      rounded(bend.angle.value),
      bend.bendTo && rounded(bend.bendTo.value),
    ]),
  );
  return csvText(header, rows);
}
