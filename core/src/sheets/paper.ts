import { MM_PER_INCH, POINTS_PER_MM } from '../units/quantity.ts';

/** Width and height of a sheet in mm, portrait. */
export type PaperMm = readonly [shortMm: number, longMm: number];

/**
 * ISO 216 A-series: long ⌊1000·2^(1/4 − n/2) + 0.2⌋ and short ⌊1000·2^(−1/4 − n/2) + 0.2⌋ mm.
 */
export function isoPaperA(n: number): PaperMm {
  const side = (power: number): number => Math.floor(1000 * 2 ** power + 0.2);
  return [side(-0.25 - n / 2), side(0.25 - n / 2)];
}

/**
 * ISO 216 B-series: the geometric mean of A_n and A_(n−1), 1000·2^(−n/2) by 1000·2^((1 − n)/2) mm.
 */
export function isoPaperB(n: number): PaperMm {
  const side = (power: number): number => Math.floor(1000 * 2 ** power + 0.2);
  return [side(-n / 2), side((1 - n) / 2)];
}

/** North American papers, exact in inches. */
export const INCH_PAPERS: Readonly<Record<string, PaperMm>> = Object.freeze({
  Letter: [8.5 * MM_PER_INCH, 11 * MM_PER_INCH],
  Legal: [8.5 * MM_PER_INCH, 14 * MM_PER_INCH],
  Tabloid: [11 * MM_PER_INCH, 17 * MM_PER_INCH],
});

export const A4: PaperMm = isoPaperA(4);

/** Papers that sheets are tiled on. */
export const PAPERS = Object.freeze({
  A4,
  A3: isoPaperA(3),
  Letter: INCH_PAPERS['Letter'] as PaperMm,
});
export type PaperName = keyof typeof PAPERS;

/** PDF points from millimetres: 72 to the inch (ISO 32000). */
export const toPoints = (mm: number): number => mm * POINTS_PER_MM;
