import * as say from './words.ts';
import { greatest, least } from '../../geometry/extremes.ts';
import type { Plan } from '../../planTypes.ts';
import type { Feather, FeatherRowPlan } from '../../skin/feathers/featherRow.ts';
import type { FeatherPlan } from '../../skin/feathers/featherPlan.ts';
import {
  cutFeathers,
  onSheet,
  type NestedSheet,
  type Nesting,
} from '../../skin/feathers/nestQuestion.ts';
import { mirroredVane, type Vane } from '../../skin/feathers/vane.ts';
import { dimension } from '../dimension.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from '../drawing.ts';
import { MARGIN_MM } from '../formItems.ts';
import { featherOutline } from './featherOutline.ts';

/** Letters, and how far a number stands beyond its tip, mm. */
const TEXT_MM = 2.6;
const BEYOND_MM = 2.5;
const GAP_MM = 7;

/** What is drawn on a feather of a row on one side: under those that are laid over it. */
export type OnFeather = (
  row: FeatherRowPlan,
  feather: Feather,
  side: 1 | -1,
) => readonly DrawingItem[];

/**
 * The spread left wing and the tail of a piece laid flat at 1:1, every large feather numbered, with what is `on` each;
 * none without such feathers.
 */
export function featherMaps(
  { skin: { feathers } }: Plan,
  on: OnFeather = () => [],
): readonly Drawing[] {
  if (feathers === null) return [];
  const wing = feathers.rows.filter(({ row }) => row.id !== 'tail');
  const tail = feathers.rows.filter(({ row }) => row.id === 'tail');
  return [
    ...(wing.length === 0 ? [] : [mapOf('feathers-wing', say.featherMapWing, wing, [1], on)]),
    ...(tail.length === 0 ? [] : [mapOf('feathers-tail', say.featherMapTail, tail, [1, -1], on)]),
  ];
}

/** The longest feather of each row that is worked in clay, by itself with its barbs. */
export const barbSheets = ({ skin: { feathers } }: Plan): readonly Drawing[] =>
  (feathers?.rows ?? [])
    .filter(({ barb }) => barb !== null)
    .map((row) =>
      featherOutline(
        row,
        row.feathers.reduce((most, of) => (of.long.value > most.long.value ? of : most)),
      ),
    );

/** Rows on their limb, the outermost laid first; a tail with both halves. */
function mapOf(
  id: string,
  title: string,
  rows: readonly FeatherRowPlan[],
  sides: readonly (1 | -1)[],
  on: OnFeather,
): Drawing {
  const placed = rows.flatMap((row) =>
    row.feathers.flatMap((feather) =>
      sides.map((side) => ({ row, feather, vane: placedVane(feather, side), side })),
    ),
  );
  // Primaries and the tail from the outermost in, then secondaries towards the body: each lies on the one before.
  const order = placed.toSorted((a, b) => layer(a) - layer(b));
  const bones = new Map(
    rows.map(({ row, limb }) => [row.root.bone, limb.bones.get(row.root.bone)!]),
  );
  return fittedDrawing(
    id,
    title,
    [
      ...order.flatMap(({ row, feather, vane, side }) => [
        ...featherItems(row, feather, vane, side),
        ...on(row, feather, side),
      ]),
      ...[...bones.values()].map((ends): DrawingItem => ({
        ...{ kind: 'line', points: ends, weight: WEIGHT.thin, dashed: true },
        ...{ ink: 'far', layer: 'bones' },
      })),
      ...listItems(
        rows,
        placed.flatMap(({ vane }) => vane.outline),
      ),
    ],
    MARGIN_MM,
  );
}

const layer = ({
  row,
  feather,
}: {
  readonly row: FeatherRowPlan;
  readonly feather: Feather;
}): number => (row.row.id === 'secondaries' ? 100 + feather.number : -feather.number);

/** Where a point of a left feather lies when it is mounted, or its mirror image. */
export const placedAt =
  ({ mount: { root, angle } }: Feather, side: 1 | -1) =>
  ([x, y]: PagePoint): PagePoint => [
    side * (root[0] + Math.cos(angle) * x - Math.sin(angle) * y),
    root[1] + Math.sin(angle) * x + Math.cos(angle) * y,
  ];

/** A feather of a side as far as it has grown, where it is mounted; wholly grown where it is missing. */
function placedVane(feather: Feather, side: 1 | -1): Vane {
  const its = feather.sides[side === 1 ? 0 : 1];
  const grown = its === null ? mirroredVane(feather.vane) : side === 1 ? its : mirroredVane(its);
  const at = placedAt(feather, side);
  return { outline: grown.outline.map(at), shaft: grown.shaft.map(at) };
}

function featherItems(
  plan: FeatherRowPlan,
  feather: Feather,
  { outline, shaft }: Vane,
  side: 1 | -1,
): readonly DrawingItem[] {
  const { id, number, mount, grown } = feather;
  const target = { kind: 'zone', id: plan.row.zone } as const;
  const isMissing = grown[side === 1 ? 0 : 1] === 0;
  const tip = shaft.at(-1)!;
  const [dx, dy] = [side * Math.cos(mount.angle), Math.sin(mount.angle)];
  // Numbers stand in three ranks, so that they do not run into each other.
  const beyond = BEYOND_MM * (1 + 1.3 * ((number - 1) % 3));
  const numbered: DrawingItem = {
    ...{ kind: 'text', text: id, sizeMm: TEXT_MM, face: 'number', anchor: 'middle' },
    ...{ ink: 'ink', layer: 'numbers', target },
    at: [tip[0] + dx * beyond, tip[1] + dy * beyond - TEXT_MM / 2],
  };
  return [
    isMissing
      ? {
          ...{ kind: 'line', points: outline, weight: WEIGHT.hair, closed: true, dashed: true },
          ...{ ink: 'soft', layer: 'feathers', target },
        }
      : {
          ...{ kind: 'union', outlines: [outline], weight: WEIGHT.thin },
          ...{ ink: 'skin', layer: 'feathers', target },
        },
    { kind: 'line', points: shaft, weight: WEIGHT.hair, ink: 'ink', layer: 'shafts' },
    // The middle pair of a tail lies on one line: one number does.
    ...(side === -1 && number === 1 ? [] : [numbered]),
  ];
}

/** Lengths of all feathers under the map, row by row, and how long and wide it is. */
function listItems(
  rows: readonly FeatherRowPlan[],
  points: readonly PagePoint[],
): readonly DrawingItem[] {
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  const [left, right, low, high] = [least(xs), greatest(xs), least(ys), greatest(ys)];
  return [
    ...dimension(
      'horizontal',
      [left, low],
      [right, low],
      low - 2 * GAP_MM,
      (right - left).toFixed(1),
    ),
    ...dimension('upright', [left, low], [left, high], left - 2 * GAP_MM, (high - low).toFixed(1)),
    ...rows.map(({ row, feathers }, i): DrawingItem => ({
      ...{ kind: 'text', sizeMm: TEXT_MM, face: 'label', anchor: 'start' },
      ...{ ink: 'ink', layer: 'notes' },
      at: [left, low - 3.2 * GAP_MM - i * 2 * TEXT_MM],
      text: say.lengthsOf(
        row.name,
        `${row.letter}1–${row.letter}${feathers.length}`,
        feathers.map(({ long, grown }) => (long.value * grown[0]).toFixed(0)).join(' '),
      ),
    })),
  ];
}

/** Sheets with the feathers to cut out of them at 1:1, left and right, as they were nested. */
export const featherSheets = (plan: FeatherPlan, { sheets }: Nesting): readonly Drawing[] => {
  const vanes = new Map(cutFeathers(plan).map(({ id, vane }) => [id, vane]));
  return sheets.map((of, i) => sheetDrawing(of, i + 1, vanes));
};

function sheetDrawing(
  { sheet, isBought, feathers }: NestedSheet,
  number: number,
  vanes: ReadonlyMap<string, Vane>,
): Drawing {
  const { longMm, wideMm, grained, name } = sheet;
  const edge: readonly PagePoint[] = [
    ...[[0, 0] as const, [longMm, 0] as const],
    ...[[longMm, wideMm] as const, [0, wideMm] as const],
  ];
  const grain: readonly DrawingItem[] = grained
    ? [
        {
          ...{
            kind: 'line',
            points: [
              [longMm * 0.35, -4],
              [longMm * 0.65, -4],
            ],
          },
          ...{ weight: WEIGHT.thin, ink: 'soft', layer: 'grain' },
        },
        {
          ...{ kind: 'text', at: [longMm / 2, -9], text: say.grainThisWay, sizeMm: TEXT_MM },
          ...{ anchor: 'middle', face: 'label', ink: 'soft', layer: 'grain' },
        },
      ]
    : [];
  return fittedDrawing(
    `feathers-cut-${number}`,
    say.cutFromSheet(name, number, isBought),
    [
      {
        kind: 'line',
        points: edge,
        closed: true,
        weight: WEIGHT.hair,
        ink: 'soft',
        layer: 'sheet',
      },
      ...grain,
      ...feathers.flatMap((on) => cutItems(on.id, onSheet(vanes.get(on.id)!, on))),
    ],
    MARGIN_MM,
  );
}

/** The outline to cut along, the line of the shaft, and which feather it is. */
function cutItems(id: string, { outline, shaft }: Vane): readonly DrawingItem[] {
  const [from, to] = [
    shaft[Math.floor(shaft.length * 0.4)]!,
    shaft[Math.floor(shaft.length * 0.5)]!,
  ];
  const turn = (Math.atan2(to[1] - from[1], to[0] - from[0]) * 180) / Math.PI;
  return [
    { kind: 'line', points: outline, closed: true, weight: WEIGHT.thin, ink: 'ink', layer: 'cut' },
    { kind: 'line', points: shaft, dashed: true, weight: WEIGHT.hair, ink: 'far', layer: 'shafts' },
    {
      ...{ kind: 'text', at: to, text: id.replace('.', ' '), sizeMm: TEXT_MM, anchor: 'middle' },
      ...{ face: 'number', ink: 'ink', layer: 'numbers', rotateDeg: turn },
    },
  ];
}
