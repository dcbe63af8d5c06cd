import type { FeatherTip } from '../../anatomy/plumage.ts';
import type { Point2 } from '../../geometry/hull.ts';
import { SHAPE_STATIONS, type FeatherShape } from '../../piece/featherSchema.ts';
import { toRad } from '../../units/angles.ts';

/** What a feather is drawn from, mm. */
export interface VaneShape {
  /** Along the shaft, quill and all. */
  readonly longMm: number;
  /** Both vanes together where they are widest. */
  readonly wideMm: number;
  /** What of the width lies before the shaft. */
  readonly leading: number;
  readonly tip: FeatherTip;
  readonly isNotched: boolean;
  /** How far the shaft turns from root to tip, degrees, away from its leading edge. */
  readonly turnDeg: number;
  /** Widths set by hand; null for the outline as it is by itself. */
  readonly shaped: FeatherShape | null;
}

/** A feather laid flat, mm: its root at the origin, the shaft setting out along x, the leading edge towards plus y. */
export interface Vane {
  readonly outline: readonly Point2[];
  readonly shaft: readonly Point2[];
}

/** The quill is bare up to here, of the length: common practice. */
export const QUILL = 0.12;
/** From here to there, of the length, the vanes are as wide as they get: common practice. */
export const FULL = [0.35, 0.6] as const;
/** The vane narrows from where to where, of the length, and what is left of it: common practice. */
const NOTCH = { from: 0.62, to: 0.7, left: 0.55 } as const;
/** From where on a tip draws in, of the length. */
const TIP_FROM: Readonly<Record<FeatherTip, number>> = { round: 0.74, pointed: 0.62, square: 0.93 };
/** Thickness of a quill as a share of the length. */
const QUILL_WIDE = 0.016;
const STEPS = 40;

/** Width of the vanes at a share of the length, as a share of the widest. */
export function vaneProfile(share: number, tip: FeatherTip): number {
  if (share <= QUILL || share >= 1) return 0;
  if (share < FULL[0]) return Math.sin(((share - QUILL) / (FULL[0] - QUILL)) * (Math.PI / 2));
  const from = TIP_FROM[tip];
  if (share <= from) return 1;
  const u = (share - from) / (1 - from);
  return tip === 'pointed' ? Math.cos((u * Math.PI) / 2) ** 1.4 : Math.sqrt(1 - u * u);
}

const notch = (share: number): number => {
  const t = Math.min(1, Math.max(0, (share - NOTCH.from) / (NOTCH.to - NOTCH.from)));
  return 1 - (1 - NOTCH.left) * t * t * (3 - 2 * t);
};

/** What a width set by hand makes of a vane at a share of its length: 1 at quill and tip, straight between the places. */
export function shapedBy(factors: readonly number[] | undefined, share: number): number {
  if (factors === undefined) return 1;
  const at = [QUILL, ...SHAPE_STATIONS, 1];
  const by = [1, ...factors, 1];
  const after = at.findIndex((place) => place >= share);
  if (after <= 0) return 1;
  const t = (share - at[after - 1]!) / (at[after]! - at[after - 1]!);
  return by[after - 1]! + (by[after]! - by[after - 1]!) * t;
}

/** How wide the vanes of a feather are before and behind its shaft at a share of its length, mm. */
export function vaneWidths(
  { wideMm, leading, tip, isNotched, shaped }: VaneShape,
  share: number,
): readonly [before: number, behind: number] {
  const full = wideMm * vaneProfile(share, tip);
  return [
    full * leading * (isNotched ? notch(share) : 1) * shapedBy(shaped?.before, share),
    full * (1 - leading) * shapedBy(shaped?.behind, share),
  ];
}

/** A point of the shaft, and the direction to its leading side: an arc that sets out along x and turns towards minus y. */
export function onShaft({ longMm, turnDeg }: VaneShape, share: number): readonly [Point2, Point2] {
  const turn = toRad(turnDeg);
  const at = turn * share;
  if (turn < 1e-9)
    return [
      [longMm * share, 0],
      [0, 1],
    ];
  const radius = longMm / turn;
  return [
    [radius * Math.sin(at), -radius * (1 - Math.cos(at))],
    [Math.sin(at), Math.cos(at)],
  ];
}

/** The outline of a feather by two vanes about a curved shaft; of the right side, seen from above. */
export function vaneOf(shape: VaneShape): Vane {
  // Closer towards the tip, which is round.
  const shares = Array.from({ length: STEPS + 1 }, (_, i) => 1 - (1 - i / STEPS) ** 1.8);
  const quill = (shape.longMm * QUILL_WIDE) / 2;
  const side = (share: number, sign: 1 | -1): Point2 => {
    const [[x, y], [nx, ny]] = onShaft(shape, share);
    const width = vaneWidths(shape, share)[sign === 1 ? 0 : 1];
    const wide = Math.max(share < FULL[0] ? quill : 0, width);
    return [x + sign * nx * wide, y + sign * ny * wide];
  };
  const before = shares.map((share) => side(share, 1));
  const behind = shares.slice(0, -1).map((share) => side(share, -1));
  return {
    outline: [...before, ...behind.toReversed()],
    shaft: shares.map((share) => onShaft(shape, share)[0]),
  };
}

/** Below this share of its length a growing feather is a pin: a sheath with a brush at its end. Common practice. */
export const PIN = 0.4;
/** Width of a sheath against the vanes that come out of it. */
const SHEATH = 0.3;

/** A feather that has grown to a share of its length: small, and below {@link PIN} a pin; null where it is missing. */
export function grownVane(shape: VaneShape, grown: number): Vane | null {
  if (grown <= 0) return null;
  if (grown === 1) return vaneOf(shape);
  const wide = grown < PIN ? SHEATH : 1;
  return vaneOf({
    ...shape,
    longMm: shape.longMm * grown,
    wideMm: shape.wideMm * grown * wide,
    isNotched: shape.isNotched && grown >= PIN,
  });
}

/** Angle of a barb to its shaft, degrees, and how far from the shaft it begins, of the vane. Common practice. */
const BARB = { deg: 35, free: 0.12 } as const;

/** The barbs to draw on both vanes, each from beside the shaft to the edge; the shaft stays free. None closer than `apartMm`. */
export function barbsOf(shape: VaneShape, apartMm: number): readonly (readonly [Point2, Point2])[] {
  const many = barbCount(shape.longMm, apartMm);
  return Array.from({ length: many }, (_, i) => QUILL + ((i + 0.5) / many) * (1 - QUILL)).flatMap(
    (share) => ([1, -1] as const).flatMap((sign) => barbAt(shape, share, sign)),
  );
}

/** How many barbs a vane of so long a feather has, drawn so far apart; 0 for none. */
export const barbCount = (longMm: number, apartMm: number): number =>
  apartMm === 0 ? 0 : Math.max(1, Math.round((longMm * (1 - QUILL)) / apartMm));

function barbAt(
  shape: VaneShape,
  share: number,
  sign: 1 | -1,
): readonly (readonly [Point2, Point2])[] {
  const of = (at: number): number => vaneWidths(shape, at)[sign === 1 ? 0 : 1];
  const wide = of(share);
  // It ends where the edge is, farther out along the shaft than it begins.
  const end = Math.min(1, share + wide / Math.tan(toRad(BARB.deg)) / shape.longMm);
  const [from, to] = [BARB.free * wide, of(end)];
  if (to <= from) return [];
  const point = (at: number, off: number): Point2 => {
    const [[x, y], [nx, ny]] = onShaft(shape, at);
    return [x + sign * nx * off, y + sign * ny * off];
  };
  return [[point(share, from), point(end, to)]];
}

/** The same feather of the other side: mirrored to the bit. */
export const mirroredVane = ({ outline, shaft }: Vane): Vane => ({
  outline: outline.map(([x, y]) => [x, -y]),
  shaft: shaft.map(([x, y]) => [x, -y]),
});
