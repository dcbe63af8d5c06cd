import type { Picture } from '../../piece/referencesSchema.ts';

/** A careful click lies within so many pixels of the kept picture (one sigma): common practice. */
export const USUAL_CLICK_PX = 1.5;
/** So many free repeats must there be before their own spread counts. */
const LEAST_REPEATS = 3;
/** A picture without a level line is held to be level within this (one sigma): common practice. */
export const NOT_LEVELLED_RAD = (0.5 * Math.PI) / 180;
/** Stated ranges hold with 95 %: two sigma (coverage factor 2, JCGM 100:2008, 6.2). */
export const COVERAGE = 2;

/** How well one click lies on a picture, pixels of the picture as it came. */
export interface ClickSpread {
  readonly sigmaPx: number;
  /** True where it comes from this user's own repeated clicks. */
  readonly own: boolean;
}

/**
 * One sigma of a click in each direction: pooled from landmarks that were clicked more than once
 * (√(Σd²/2Σ(n−1))), or the usual one, with the rounding to whole kept pixels (width/√12) added.
 */
export function clickSpread({
  landmarks,
  pxPerKept,
}: Pick<Picture, 'landmarks' | 'pxPerKept'>): ClickSpread {
  let squares = 0;
  let repeats = 0;
  for (const clicks of Object.values(landmarks)) {
    const [u, v] = meanPoint(clicks);
    for (const click of clicks) squares += (click[0] - u) ** 2 + (click[1] - v) ** 2;
    repeats += clicks.length - 1;
  }
  const own = repeats >= LEAST_REPEATS;
  const sigma = own ? Math.sqrt(squares / (2 * repeats)) : USUAL_CLICK_PX * pxPerKept;
  return { sigmaPx: Math.hypot(sigma, pxPerKept / Math.sqrt(12)), own };
}

/** The mean of clicks; there is at least one. */
export function meanPoint(
  clicks: readonly (readonly [number, number])[],
): readonly [number, number] {
  const sum = clicks.reduce(([u, v], click) => [u + click[0], v + click[1]] as const, [
    0, 0,
  ] as const);
  return [sum[0] / clicks.length, sum[1] / clicks.length];
}
