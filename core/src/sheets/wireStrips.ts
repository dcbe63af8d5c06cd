import * as say from './words.ts';
import { greatest } from '../geometry/extremes.ts';
import type { PlannedWire } from '../wire/plannedWire.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from './drawing.ts';

/** From a wire to the next, with room for one row of labels, mm. */
const STRIP_MM = 26;
const TICK_MM = 5;
const MARGIN_MM = 6;
const ROW_MM = 4;
/** Width of a letter of a label as a share of its size, and the size, mm. */
const LABEL = { letter: 0.62, sizeMm: 3, gapMm: 2 } as const;

/** More rows than these, and labels stand upright below their marks, so far apart at least, mm. */
const MOST_ROWS = 5;
const UPRIGHT_MM = 4.2;

/** What stands at each mark: its number, or its number and its distance from the named end. */
export type MarkLabels = 'number' | 'full';

/** Every wire laid straight at 1:1, with its bend marks from the named end: lay the wire on it. */
export function wireStrips(wires: readonly PlannedWire[], labels: MarkLabels = 'full'): Drawing {
  if (wires.length === 0) return fittedDrawing('wires', stripTitle(wires), [noWire()], MARGIN_MM);
  // The other end of a folded wire is marked on the wire itself, from its far end.
  let y = 0;
  const items = wires.flatMap((wire) => {
    const places = labels === 'full' ? labelPlaces(wire) : null;
    const at = y;
    y -= STRIP_MM + (places?.depthMm ?? 0);
    return stripItems(wire, at, places);
  });
  return fittedDrawing('wires', stripTitle(wires), items, MARGIN_MM);
}

/** Where the labels of a wire's marks go, and how much room they take below it, mm. */
interface LabelPlaces {
  readonly upright: boolean;
  /** From the named end and below the wire, by bend: the label's start, or its upper end if upright. */
  readonly at: readonly PagePoint[];
  readonly depthMm: number;
}

/**
 * Labels in rows below their wire, or upright below their marks where rows would pile up: a coiled spine
 * has a bend every few millimetres.
 */
export function labelPlaces(wire: Pick<PlannedWire, 'bends'>): LabelPlaces {
  const rows = labelRows(wire);
  const deepest = Math.max(0, greatest(rows));
  const marks = wire.bends.map(({ mark }) => mark.value);
  if (deepest <= MOST_ROWS)
    return {
      upright: false,
      at: marks.map((x, i) => [x + 0.8, -7 - rows[i]! * ROW_MM]),
      depthMm: deepest * ROW_MM,
    };
  let last = -Infinity;
  const at = marks.map((x): PagePoint => {
    last = Math.max(x, last + UPRIGHT_MM);
    return [last, -7];
  });
  return { upright: true, at, depthMm: greatest(wire.bends.map(labelWidth)) };
}

const labelWidth = (bend: PlannedWire['bends'][number]): number =>
  labelText(bend).length * LABEL.letter * LABEL.sizeMm + LABEL.gapMm;

const labelText = ({ number, mark, middle }: PlannedWire['bends'][number]): string =>
  `${number}: ${mark.value.toFixed(1)} (${middle.value.toFixed(1)})`;

/**
 * The row of each label below its wire. Where the next mark is nearer than a label is wide, the label goes
 * a row deeper than that one's, so that neither its words nor its tick meets them.
 */
export function labelRows({ bends }: Pick<PlannedWire, 'bends'>): readonly number[] {
  const rows: number[] = [];
  for (let i = bends.length - 1; i >= 0; i--) {
    const [bend, next] = [bends[i]!, bends[i + 1]];
    const free = next === undefined || next.mark.value - bend.mark.value > labelWidth(bend);
    rows[i] = free ? 0 : rows[i + 1]! + 1;
  }
  return rows;
}

function stripItems(
  wire: PlannedWire,
  y: number,
  places: LabelPlaces | null,
): readonly DrawingItem[] {
  const target = { kind: 'wire', id: wire.id } as const;
  const layer = say.wire(wire.id);
  const stroke = (points: readonly PagePoint[], weight: number): DrawingItem => ({
    kind: 'line',
    ink: 'ink',
    layer,
    weight,
    points,
    target,
  });
  return [
    stroke(
      [
        [0, y],
        [wire.cut.value, y],
      ],
      WEIGHT.near,
    ),
    stroke(
      [
        [0, y - TICK_MM],
        [0, y + TICK_MM],
      ],
      WEIGHT.far,
    ),
    stroke(
      [
        [wire.cut.value, y - TICK_MM],
        [wire.cut.value, y + TICK_MM],
      ],
      WEIGHT.far,
    ),
    ...(places === null ? [] : [caption(wire, y), ...rulerItems(wire, y)]),
    ...wire.bends.flatMap((bend, i) => markItems(wire, bend, i, y, places)),
    ...wire.features.map((feature): DrawingItem => ({
      kind: 'line',
      ink: 'far',
      layer,
      weight: WEIGHT.mid,
      dashed: true,
      points: [
        [feature.atMm, y],
        [feature.atMm + feature.lengthMm, y],
      ],
      target,
    })),
  ];
}

/** A wire of more ticks than these has a ten times coarser rule; 20 m at ticks of 10 mm. */
const MOST_TICKS = 2000;

/** Ticks every 10 mm, longer every 50, above the wire: a rule to read any length on. */
function rulerItems(wire: PlannedWire, y: number): readonly DrawingItem[] {
  const coarser = Math.ceil(Math.log10(wire.cut.value / (10 * MOST_TICKS)));
  const stepMm = 10 * 10 ** Math.max(0, coarser);
  const count = Math.floor(wire.cut.value / stepMm);
  return Array.from({ length: count }, (_, i): DrawingItem => {
    const x = (i + 1) * stepMm;
    const long = (i + 1) % 5 === 0;
    return {
      kind: 'line',
      ink: 'soft',
      layer: `wire ${wire.id}`,
      weight: WEIGHT.hair,
      points: [
        [x, y + 0.6],
        [x, y + (long ? 3 : 1.8)],
      ],
    };
  });
}

/** What stands on the sheet of a piece without wire. */
const noWire = (): DrawingItem => ({
  kind: 'text',
  ink: 'ink',
  layer: 'wires',
  at: [0, 0],
  text: say.noWirePieceIs,
  sizeMm: 4,
  anchor: 'start',
  face: 'label',
});

// eslint-disable-next-line max-lines-per-function -- one mark, drawn item by item
function markItems(
  wire: PlannedWire,
  bend: PlannedWire['bends'][number],
  index: number,
  y: number,
  places: LabelPlaces | null,
): readonly DrawingItem[] {
  const x = bend.mark.value;
  const target = { kind: 'bend', wireId: wire.id, bend: bend.number } as const;
  const layer = say.wire(wire.id);
  const stroke = (points: readonly PagePoint[], weight: number): DrawingItem => ({
    kind: 'line',
    ink: 'near',
    layer,
    weight,
    points,
    target,
  });
  const label = { kind: 'text', ink: 'dimension', layer, face: 'number', target } as const;
  const place = places?.at[index];
  if (places === null || place === undefined)
    return [
      stroke(
        [
          [x, y + 2.5],
          [x, y - 4],
        ],
        WEIGHT.far,
      ),
      {
        ...label,
        at: [x, y - 10],
        text: String(bend.number),
        sizeMm: LABEL.sizeMm,
        anchor: 'middle',
      },
    ];
  const middle = bend.middle.value;
  const [labelX, labelY] = [place[0], y + place[1]];
  const tick: readonly PagePoint[] = places.upright
    ? [
        [x, y + 2.5],
        [x, y - 4],
        [labelX, labelY + 1],
      ]
    : [
        [x, y + 2.5],
        [x, labelY + 3],
      ];
  return [
    stroke(tick, WEIGHT.far),
    stroke(
      [
        [middle, y + 1.6],
        [middle, y - 1.6],
      ],
      WEIGHT.hair,
    ),
    {
      ...label,
      // Upright letters stand with their middle below the mark.
      at: places.upright ? [labelX + LABEL.sizeMm * 0.35, labelY] : [labelX, labelY],
      text: labelText(bend),
      sizeMm: LABEL.sizeMm,
      anchor: places.upright ? 'end' : 'start',
      ...(places.upright ? { rotateDeg: 90 } : {}),
    },
  ];
}

function caption(wire: PlannedWire, y: number): DrawingItem {
  const strands = wire.strands > 1 ? say.strandsTwisted(wire.strands) : '';
  return {
    kind: 'text',
    ink: 'ink',
    layer: `wire ${wire.id}`,
    at: [0, y + TICK_MM + 3],
    text: say.cutMm(
      wire.id,
      wire.name,
      wire.metalName,
      wire.sizeText,
      strands,
      wire.cut.value.toFixed(1),
      wire.bends.length === 0 ? 'straight' : say.fromWord(wire.namedEnd),
    ),
    sizeMm: 3.6,
    anchor: 'start',
    face: 'label',
    target: { kind: 'wire', id: wire.id },
  };
}

function stripTitle(wires: readonly PlannedWire[]): string {
  const [wire, ...others] = wires;
  if (wire === undefined || others.length > 0) return say.wiresLaidStraightMarks;
  const from = wire.bends.length === 0 ? '' : say.bendsFrom2(wire.namedEnd);
  return say.laidStraight(wire.id, wire.name, from);
}
