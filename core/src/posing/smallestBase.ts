import { greatest, least } from '../geometry/extremes.ts';
import type { Point2 } from '../geometry/hull.ts';
import { toRad } from '../units/angles.ts';

/** Air-dry softwood to light hardwood, g/ml: common practice, from memory. */
export const WOOD_G_PER_ML = 0.6;
/** Wood kept beyond the outermost foot: common practice, as for the holes. */
export const EDGE_MM = 12;
/** Boards as they are sold, mm: common practice. */
export const BOARD_THICKNESSES_MM = [9, 12, 18, 22, 28, 35, 45] as const;

/** A board that stands, in plan: from x0 to x1 and z0 to z1, mm. */
export interface SmallBase {
  readonly thicknessMm: number;
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly x0: number;
  readonly z0: number;
  readonly boardG: number;
  /** Height of the common centre of piece and board above the table. */
  readonly heightMm: number;
  /** The common centre inside the nearest edge. */
  readonly marginMm: number;
  /** The tilt that it then survives, degrees. */
  readonly tipDeg: number;
}

/** Rounds of widening; each only adds, and a board that grows lies lower. */
const ROUNDS = 400;
const CLOSE_MM = 1e-6;

/**
 * The smallest rectangle of wood under a piece that is fixed to it, so that both together survive a
 * tilt: their common centre must lie at least h·tan φ from every edge of the board, h being its
 * height above the table (statics). It always reaches 12 mm beyond the feet. `centre` and `heightMm`
 * are those of the piece above the top of the board.
 */
export function smallestBase(
  feet: readonly Point2[],
  centre: Point2,
  heightMm: number,
  grams: number,
  thicknessMm: number,
  tiltDeg: number,
): SmallBase {
  const all = feet.length > 0 ? feet : [centre];
  const low = (k: 0 | 1): number => least(all.map((p) => p[k])) - EDGE_MM;
  const high = (k: 0 | 1): number => greatest(all.map((p) => p[k])) + EDGE_MM;
  let [x0, x1, z0, z1] = [low(0), high(0), low(1), high(1)];
  const tan = Math.tan(toRad(tiltDeg));
  let boardG = 0;
  let h = 0;
  let at: Point2 = centre;
  for (let round = 0; round < ROUNDS; round++) {
    boardG = ((x1 - x0) * (z1 - z0) * thicknessMm * WOOD_G_PER_ML) / 1000;
    const total = grams + boardG;
    h = (grams * (heightMm + thicknessMm) + (boardG * thicknessMm) / 2) / total;
    at = [
      (grams * centre[0] + (boardG * (x0 + x1)) / 2) / total,
      (grams * centre[1] + (boardG * (z0 + z1)) / 2) / total,
    ];
    const need = h * tan;
    const next = [
      Math.min(x0, at[0] - need),
      Math.max(x1, at[0] + need),
      Math.min(z0, at[1] - need),
      Math.max(z1, at[1] + need),
    ] as const;
    const grown = x0 - next[0] + next[1] - x1 + z0 - next[2] + next[3] - z1;
    [x0, x1, z0, z1] = next;
    if (grown < CLOSE_MM) break;
  }
  const insideMm = Math.min(at[0] - x0, x1 - at[0], at[1] - z0, z1 - at[1]);
  return {
    thicknessMm,
    lengthMm: x1 - x0,
    widthMm: z1 - z0,
    x0,
    z0,
    boardG,
    heightMm: h,
    marginMm: insideMm,
    tipDeg: (Math.atan2(insideMm, h) * 180) / Math.PI,
  };
}
