import type { Band, Marking } from '../anatomy/marking.ts';
import type { Region } from './region.ts';

/** One ring where it lies: life mm along its run. */
export interface LaidBand {
  readonly band: Band;
  readonly from: number;
  readonly to: number;
}

/** Waves or repeats of this length that fill a stretch: as many as are told, or as fit best. */
export const fitted = (repeats: number | null, stepMm: number, longMm: number): number =>
  repeats ?? Math.max(1, Math.round(longMm / stepMm));

/**
 * The bands of a row over a stretch: repeated as often as is told, or as fits best, and stretched evenly, so that
 * they sum to it.
 */
export function laidBands(
  { bands, repeats }: Pick<Marking, 'bands' | 'repeats'>,
  { from, to }: Pick<Region, 'from' | 'to'>,
): readonly LaidBand[] {
  const one = bands.reduce((sum, { mm }) => sum + mm, 0);
  if (one <= 0 || to <= from) return [];
  const many = fitted(repeats, one, to - from);
  const stretch = (to - from) / (many * one);
  let at = from;
  return Array.from({ length: many }, () => bands)
    .flat()
    .map((band) => {
      const begins = at;
      at += band.mm * stretch;
      return { band, from: begins, to: at };
    });
}
