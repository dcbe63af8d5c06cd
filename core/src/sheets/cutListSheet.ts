import * as say from './words.ts';
import { sizeText } from '../units/gauges.ts';
import type { PlannedWire } from '../wire/plannedWire.ts';
import type { WirePlan } from '../wire/wirePlan.ts';
import { WEIGHT, type Drawing, type DrawingItem } from './drawing.ts';
import { listDrawing } from './textPages.ts';
import { type TextBlock } from './drawing.ts';

const ROW_MM = 7;
const BOX_MM = 3.6;
/** Where the columns begin, mm: box, letter, name, wire, how many, length. */
const COLUMNS = { letter: 6, name: 14, wire: 76, count: 152, cut: 178 } as const;

/** The cut list to tick off with a pencil: every length of wire, tie wire and hardware. Not to scale. */
export function cutListSheet({ wires, shafts, bindings, base, stock }: WirePlan): Drawing {
  const rows: Row[] = [
    ...wires
      .filter(({ otherEndOf }) => otherEndOf === null)
      .flatMap((wire): readonly Row[] => [
        rowOf(wire, wire.id, wire.name, wire.count, wire.cut.value),
        ...wire.moreStrands.map(({ id, name, count, cut }) =>
          rowOf(wire, id, name, count, cut.value),
        ),
      ]),
    ...shafts.flatMap((shaft) =>
      shaft.cut === null ? [] : [rowOf(shaft, shaft.id, shaft.name, shaft.count, shaft.cut.value)],
    ),
    ...(bindings.total.unit === 'm' && bindings.total.value > 0
      ? [plain(bindings.total.label, `${bindings.total.value.toFixed(2)} m`)]
      : []),
    ...base.hardware.map((working) => plain(working.label, working.value.toFixed(0))),
    ...stock.groups
      .filter(({ buy }) => buy.value > 0)
      .map(({ buy }) => plain(buy.label, `${buy.value.toFixed(0)} mm`)),
  ];
  const none = text(COLUMNS.name, -TEXT_MM, say.noWirePieceIs, 'label', say.cutList);
  const blocks: readonly TextBlock[] = [
    { items: headItems(), heightMm: ROW_MM, repeat: true },
    ...(rows.length === 0
      ? [{ items: [none], heightMm: ROW_MM }]
      : rows.map((row): TextBlock => ({ items: rowItems(row, -TEXT_MM), heightMm: ROW_MM }))),
  ];
  const title = say.cutListTickEach;
  return listDrawing('cut-list', title, COLUMNS.cut, blocks);
}

/** From the top of a row to the line that its words stand on, mm. */
const TEXT_MM = 4.4;

interface Row {
  readonly letter: string;
  readonly name: string;
  readonly wire: string;
  readonly count: string;
  readonly cut: string;
  readonly target: { readonly kind: 'wire'; readonly id: string } | undefined;
}

const rowOf = (
  wire: Pick<PlannedWire, 'id' | 'metalName' | 'size'>,
  id: string,
  name: string,
  count: number,
  mm: number,
): Row => ({
  letter: id,
  name,
  wire: `${wire.metalName}, ${sizeText(wire.size)}`,
  count: `${count} ×`,
  cut: `${mm.toFixed(1)} mm`,
  target: { kind: 'wire', id: wire.id },
});

const plain = (name: string, cut: string): Row => ({
  letter: '',
  name,
  wire: '',
  count: '',
  cut,
  target: undefined,
});

function text(
  x: number,
  y: number,
  words: string,
  face: 'label' | 'number' | 'title',
  layer: string,
  anchor: 'start' | 'end' = 'start',
  target?: Row['target'],
): DrawingItem {
  return {
    kind: 'text',
    ink: face === 'title' ? 'soft' : 'ink',
    layer,
    at: [x, y],
    text: words,
    sizeMm: 3,
    anchor,
    face,
    ...(target ? { target } : {}),
  };
}

function headItems(): readonly DrawingItem[] {
  const layer = say.cutList;
  return [
    text(COLUMNS.name, -TEXT_MM, 'piece', 'title', layer),
    text(COLUMNS.wire, -TEXT_MM, 'wire', 'title', layer),
    text(COLUMNS.count, -TEXT_MM, 'times', 'title', layer, 'end'),
    text(COLUMNS.cut, -TEXT_MM, say.cutTo, 'title', layer, 'end'),
  ];
}

function rowItems(
  { letter, name, wire, count, cut, target }: Row,
  y: number,
): readonly DrawingItem[] {
  const layer = letter === '' ? say.cutList : say.wire2(letter);
  const low = y - 0.6;
  const items: readonly DrawingItem[] = [
    {
      kind: 'line',
      ink: 'ink',
      layer,
      weight: WEIGHT.thin,
      closed: true,
      points: [
        [0, low],
        [BOX_MM, low],
        [BOX_MM, low + BOX_MM],
        [0, low + BOX_MM],
      ],
    },
    text(COLUMNS.letter, y, letter, 'number', layer, 'start', target),
    text(COLUMNS.name, y, name, 'label', layer, 'start', target),
    text(COLUMNS.wire, y, wire, 'label', layer),
    text(COLUMNS.count, y, count, 'number', layer, 'end'),
    text(COLUMNS.cut, y, cut, 'number', layer, 'end', target),
    {
      kind: 'line',
      ink: 'soft',
      layer,
      weight: WEIGHT.hair,
      points: [
        [0, y - 2.2],
        [COLUMNS.cut, y - 2.2],
      ],
    },
  ];
  return items.filter((item) => item.kind !== 'text' || item.text !== '');
}
