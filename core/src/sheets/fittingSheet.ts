import * as say from './words.ts';
import type { Fitting, FittingsPlan } from '../fittings/fittingsPlan.ts';
import { quantityText } from '../units/quantity.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from './drawing.ts';

const ROW_GAP_MM = 8;
const LABEL_MM = 3.4;
/** Between the side of a part, its front and its label, mm. */
const GAP_MM = 8;
const STEPS = 24;
const MARGIN_MM = 6;

/** Every part made apart at 1:1, from the side and from the front, to hold the work against; undefined where there is none. */
export function fittingSheet({ fittings }: FittingsPlan): Drawing | undefined {
  if (fittings.length === 0) return undefined;
  const widest = Math.max(...fittings.map(({ length }) => length.value));
  let y = 0;
  const items = fittings.flatMap((fitting): readonly DrawingItem[] => {
    const high = Math.max(2 * LABEL_MM, heightOf(fitting));
    y -= high + ROW_GAP_MM;
    return fittingItems(fitting, [0, y], widest);
  });
  return fittedDrawing('fittings', say.partsMadeApart, items, MARGIN_MM);
}

/** Of the higher of its two views, mm. */
const heightOf = (fitting: Fitting): number =>
  fitting.kind.shape === 'ball'
    ? fitting.length.value
    : Math.max(...outlines(fitting).flatMap((points) => points.map(([, y]) => y)));

function fittingItems(fitting: Fitting, [x, y]: PagePoint, widest: number): readonly DrawingItem[] {
  const { id, name, count, spare, length, thick, kind, boneId } = fitting;
  const common = {
    layer: `fitting ${id}`,
    target: { kind: 'bone', id: boneId },
  } as const;
  const l = length.value;
  const front = x + widest + GAP_MM;
  const shape: readonly DrawingItem[] =
    kind.shape === 'ball'
      ? [x, front].map((left) => ({
          ...common,
          kind: 'circle',
          ink: 'ink',
          weight: WEIGHT.thin,
          at: [left + l / 2, y + l / 2],
          radius: l / 2,
        }))
      : outlines(fitting).map((points, i) => ({
          ...common,
          kind: 'line',
          ink: 'ink',
          weight: WEIGHT.thin,
          closed: true,
          points: points.map(([px, py]): PagePoint => [(i === 0 ? x : front) + px, y + py]),
        }));
  const size =
    thick === null ? quantityText(l, 'mm', 'metric', 1) : say.lengthByThick(l, thick.value);
  const label = (dy: number, text: string, face: 'label' | 'number'): DrawingItem => ({
    ...common,
    kind: 'text',
    ink: face === 'label' ? 'ink' : 'soft',
    at: [front + Math.max(thick?.value ?? l, 8) + GAP_MM, y + dy],
    text,
    sizeMm: LABEL_MM,
    anchor: 'start',
    face,
  });
  return [
    ...shape,
    label(LABEL_MM + 2, say.countOf(name, count, spare), 'label'),
    label(0, size, 'number'),
  ];
}

/** Side and front of a part that is no ball, each from its lower left. */
function outlines({ length, thick, kind }: Fitting): readonly (readonly PagePoint[])[] {
  const [l, d] = [length.value, thick?.value ?? length.value / 30];
  if (kind.shape === 'block' || kind.shape === 'nail')
    return [
      [
        [0, 0],
        [l, 0],
        [l * 0.8, d],
        [0, d],
      ],
      [
        [0, 0],
        [d, 0],
        [d * 0.8, l * 0.8],
        [d * 0.2, l * 0.8],
      ],
    ];
  return [
    sideOutline(l, d, kind.curveDeg).points,
    [
      [0, 0],
      [d, 0],
      [d / 2, l],
    ],
  ];
}

/**
 * The side of a part that tapers from its base to its tip along an arc as long as the part, turning by an angle: points
 * from the base and back, and how high it is. mm, from its lower left.
 */
export function sideOutline(
  lengthMm: number,
  thickMm: number,
  curveDeg: number,
): { readonly points: readonly PagePoint[]; readonly high: number } {
  const turn = (curveDeg * Math.PI) / 180;
  const places = Array.from({ length: STEPS + 1 }, (_, i) => {
    const t = i / STEPS;
    const a = turn * t;
    // Along a circle of radius length/turn; straight where it does not turn.
    const at: PagePoint =
      turn === 0
        ? [lengthMm * t, 0]
        : [(lengthMm / turn) * Math.sin(a), (-lengthMm / turn) * (1 - Math.cos(a))];
    return { at, normal: [Math.sin(a), Math.cos(a)] as const, half: (thickMm / 2) * (1 - t) };
  });
  const edge = (side: number): readonly PagePoint[] =>
    places.map(({ at, normal, half }) => [
      at[0] + side * half * normal[0],
      at[1] + side * half * normal[1],
    ]);
  const all = [...edge(1), ...edge(-1).toReversed()];
  const left = Math.min(...all.map(([px]) => px));
  const low = Math.min(...all.map(([, py]) => py));
  const top = Math.max(...all.map(([, py]) => py));
  return { points: all.map(([px, py]) => [px - left, py - low]), high: top - low };
}
