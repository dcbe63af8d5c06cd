import type { PagePoint } from './drawing.ts';

/** Length of the bars that a maker measures before cutting anything, mm: one across, one down. */
export const CHECK_BAR_MM = 100;

/** What all lengths of a sheet are multiplied by before printing, across and down. */
export type PrintFactors = readonly [across: number, down: number];

/** A printer that nobody measured. */
export const TRUE_PRINTER: PrintFactors = [1, 1];

/** A bar outside this was misread: a printer is off by a few hundredths at most, mm. */
export const BAR_LIMITS = { minMm: 90, maxMm: 110 } as const;

/**
 * The factor from now on, from what a bar measures on a sheet that was drawn with a factor:
 * f = f_before · bar / measured, each direction by itself. Lengths in mm.
 */
export const printFactor = (measuredMm: number, before: number, barMm = CHECK_BAR_MM): number =>
  (before * barMm) / measuredMm;

/** Where to draw what shall come out at a place: fixed + f · (wanted − fixed), mm of the sheet. */
export const corrected = (
  wanted: PagePoint,
  factors: PrintFactors,
  fixed: PagePoint,
): PagePoint => [
  fixed[0] + factors[0] * (wanted[0] - fixed[0]),
  fixed[1] + factors[1] * (wanted[1] - fixed[1]),
];

/** What 100 mm would be off on the paper without any factor, mm; more than nothing is too long. */
export const errorPer100 = (measuredMm: number, before: number, barMm = CHECK_BAR_MM): number =>
  (100 * measuredMm) / (before * barMm) - 100;
