import { allometric, type Allometry } from './statistics.ts';

/*
 * Body mass in life from the least circumference of the limb bones, mm to kg. All constants are
 * quoted from memory of the papers.
 */

/**
 * Four-footed: M[g] = 0.078·C^2.73 with C the summed circumferences of humerus and femur; two-footed:
 * M[g] = 0.16·C^2.73 with C that of the femur alone (J. F. Anderson, A. Hall-Martin & D. A. Russell,
 * J. Zool. Lond. A 207, 1985).
 */
const ANDERSON = { four: 0.078, two: 0.16, exponent: 2.73 } as const;

/**
 * log10 M[g] = 2.749·log10 C − 1.104 (raw), or 2.754·log10 C − 1.097 (with the family tree taken into
 * account); N. E. Campione & D. C. Evans, BMC Biology 10:60, 2012.
 */
const CAMPIONE_EVANS = {
  raw: { exponent: 2.749, logFactor: -1.104 },
  phylogenetic: { exponent: 2.754, logFactor: -1.097 },
} as const satisfies Record<string, Allometry>;

/** Mean error of a prediction by Campione & Evans, as a fraction. */
export const CAMPIONE_EVANS_ERROR = 0.256;

/** Mass in kg of a four-footed animal, by Anderson et al. `circumferenceMm` humerus + femur. */
export const andersonKg = (circumferenceMm: number): number =>
  (ANDERSON.four * circumferenceMm ** ANDERSON.exponent) / 1000;

/** Mass in kg of a two-footed animal, by Anderson et al. `circumferenceMm` of the femur. */
export const andersonBipedKg = (circumferenceMm: number): number =>
  (ANDERSON.two * circumferenceMm ** ANDERSON.exponent) / 1000;

/** Mass in kg of a four-footed animal, by Campione & Evans. `circumferenceMm` humerus + femur. */
export const campioneEvansKg = (
  circumferenceMm: number,
  fit: keyof typeof CAMPIONE_EVANS = 'raw',
): number => allometric(CAMPIONE_EVANS[fit], circumferenceMm) / 1000;

/**
 * Mass in kg of a two-footed animal: the femur's circumference times √2 stands for the sum of a
 * four-footed one (N. E. Campione et al., Methods Ecol. Evol. 5, 2014).
 */
export const campioneBipedKg = (femurMm: number): number =>
  campioneEvansKg(femurMm * Math.SQRT2, 'phylogenetic');

/** Summed circumference in mm that goes with a mass in kg, by Anderson et al. */
export const andersonCircumferenceMm = (kg: number): number =>
  ((kg * 1000) / ANDERSON.four) ** (1 / ANDERSON.exponent);

/** Summed circumference in mm that goes with a mass in kg, by Campione & Evans (raw). */
export const campioneEvansCircumferenceMm = (kg: number): number =>
  10 ** ((Math.log10(kg * 1000) - CAMPIONE_EVANS.raw.logFactor) / CAMPIONE_EVANS.raw.exponent);
