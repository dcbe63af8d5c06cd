import * as say from './words.ts';
import { SHAPE_STATIONS, type FeatherShape } from '../../piece/featherSchema.ts';
import type { Feather, FeatherRowPlan } from '../../skin/feathers/featherRow.ts';
import { barbsOf, onShaft, vaneOf, vaneWidths, type VaneShape } from '../../skin/feathers/vane.ts';
import { dimension } from '../dimension.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from '../drawing.ts';
import { MARGIN_MM } from '../formItems.ts';

/** A vane of a feather. */
export type VaneSide = 'before' | 'behind';
export const VANE_SIDES: readonly VaneSide[] = ['before', 'behind'];

/** A place of an outline that can be taken hold of. */
export interface VaneGrip {
  readonly side: VaneSide;
  /** Which of the places along the feather, from its root on. */
  readonly station: number;
  /** On the drawing, mm. */
  readonly at: PagePoint;
  /** From the shaft to the edge, mm. */
  readonly wideMm: number;
  /** Between which widths it can be set. */
  readonly limits: { readonly minMm: number; readonly maxMm: number };
}

/** How far dimensions lie from a feather, mm. */
const GAP_MM = 6;
const LIMITS = { least: 0.1, most: 2.5 } as const;

/** One feather of the right side, wholly grown, lying along x at 1:1: its outline, shaft, barbs and the places of its vanes. */
export function featherOutline({ barb }: FeatherRowPlan, feather: Feather): Drawing {
  const { outline, shaft } = vaneOf(feather.shape);
  const [ys, xs] = [outline.map(([, y]) => y), outline.map(([x]) => x)];
  const [low, high, far] = [Math.min(...ys), Math.max(...ys), Math.max(...xs)];
  const barbs = barb === null ? [] : barbsOf(feather.shape, barb.value);
  return fittedDrawing(
    `feather-${feather.id}`,
    say.oneFeather(feather.id),
    [
      ...barbs.map((points): DrawingItem => ({
        ...{ kind: 'line', points, weight: WEIGHT.hair, ink: 'soft', layer: 'barbs' },
      })),
      { kind: 'line', points: shaft, weight: WEIGHT.thin, ink: 'ink', layer: 'shafts' },
      {
        ...{ kind: 'line', points: outline, closed: true, weight: WEIGHT.near },
        ...{ ink: 'ink', layer: 'cut' },
      },
      ...dimension('horizontal', [0, low], [far, low], low - GAP_MM, far.toFixed(1)),
      ...dimension('upright', [0, low], [0, high], -GAP_MM, (high - low).toFixed(1)),
    ],
    MARGIN_MM,
  );
}

/** How wide a vane is by itself at one of its places, mm. */
const plainWidth = (shape: VaneShape, side: VaneSide, station: number): number =>
  vaneWidths({ ...shape, shaped: null }, SHAPE_STATIONS[station]!)[VANE_SIDES.indexOf(side)]!;

/** Where the vanes of a feather can be taken hold of, on the drawing of {@link featherOutline}. */
export const vaneGrips = ({ shape }: Feather): readonly VaneGrip[] =>
  VANE_SIDES.flatMap((side) =>
    SHAPE_STATIONS.map((share, station): VaneGrip => {
      const wideMm = vaneWidths(shape, share)[VANE_SIDES.indexOf(side)]!;
      const [[x, y], [nx, ny]] = onShaft(shape, share);
      const off = side === 'before' ? wideMm : -wideMm;
      const plain = plainWidth(shape, side, station);
      const limits = { minMm: LIMITS.least * plain, maxMm: LIMITS.most * plain };
      return { side, station, wideMm, limits, at: [x + off * nx, y + off * ny] };
    }),
  );

/** How wide a vane is where its edge is pulled to a point of the drawing, mm. */
export function widthPulled(
  { shape }: Feather,
  { side, station }: VaneGrip,
  to: PagePoint,
): number {
  const [[x, y], [nx, ny]] = onShaft(shape, SHAPE_STATIONS[station]!);
  const off = (to[0] - x) * nx + (to[1] - y) * ny;
  return Math.max(0, side === 'before' ? off : -off);
}

/** The shape of a feather with one of its vanes so wide at a place, held to a tenth and to two and a half of what it has by itself. */
export function shapedTo(
  { shape }: Feather,
  { side, station }: Pick<VaneGrip, 'side' | 'station'>,
  wideMm: number,
): FeatherShape {
  const by = plainWidth(shape, side, station);
  const ones = SHAPE_STATIONS.map(() => 1);
  const before = shape.shaped ?? { before: ones, behind: ones };
  const factor = Math.min(LIMITS.most, Math.max(LIMITS.least, wideMm / by));
  return { ...before, [side]: before[side].map((old, n) => (n === station ? factor : old)) };
}
