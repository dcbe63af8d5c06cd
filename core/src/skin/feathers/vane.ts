import type { FeatherTip } from '../../anatomy/plumage.ts';
import type { Point2 } from '../../geometry/hull.ts';
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

/** A point of the shaft, and the direction to its leading side: an arc that sets out along x and turns towards minus y. */
function onShaft({ longMm, turnDeg }: VaneShape, share: number): readonly [Point2, Point2] {
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
  const { longMm, wideMm, leading, tip, isNotched } = shape;
  const quill = (longMm * QUILL_WIDE) / 2;
  const side = (share: number, width: number, sign: 1 | -1): Point2 => {
    const [[x, y], [nx, ny]] = onShaft(shape, share);
    const wide = Math.max(share < FULL[0] ? quill : 0, width * vaneProfile(share, tip));
    return [x + sign * nx * wide, y + sign * ny * wide];
  };
  const before = shares.map((share) =>
    side(share, wideMm * leading * (isNotched ? notch(share) : 1), 1),
  );
  const behind = shares.slice(0, -1).map((share) => side(share, wideMm * (1 - leading), -1));
  return {
    outline: [...before, ...behind.toReversed()],
    shaft: shares.map((share) => onShaft(shape, share)[0]),
  };
}

/** The same feather of the other side: mirrored to the bit. */
export const mirroredVane = ({ outline, shaft }: Vane): Vane => ({
  outline: outline.map(([x, y]) => [x, -y]),
  shaft: shaft.map(([x, y]) => [x, -y]),
});
