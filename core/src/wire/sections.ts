/** A solid round section: area mm², second moment mm⁴, elastic and plastic section modulus mm³. */
export interface RoundSection {
  readonly areaMm2: number;
  readonly iMm4: number;
  readonly sMm3: number;
  readonly zMm3: number;
}

/** A = πd²/4, I = πd⁴/64, S = πd³/32, Z = d³/6 (R. Roark; S. Timoshenko; any text on strength). */
export const roundSection = (diameterMm: number): RoundSection => ({
  areaMm2: (Math.PI * diameterMm ** 2) / 4,
  iMm4: (Math.PI * diameterMm ** 4) / 64,
  sMm3: (Math.PI * diameterMm ** 3) / 32,
  zMm3: diameterMm ** 3 / 6,
});

/** How much stiffer and stronger n strands are than one. */
export interface Bundle {
  /** Strands that slip on each other: each bends about its own axis. */
  readonly slippingI: number;
  readonly slippingZ: number;
  /** Strands bonded into one, about the stronger and the weaker axis; undefined for other numbers. */
  readonly bondedIx: number | undefined;
  readonly bondedIy: number | undefined;
  /** One wire of the same area. */
  readonly singleI: number;
  readonly singleZ: number;
}

/** Touching strands in their closest packing, I/I₀ = Σ(1 + 16·(y/d)²) (parallel-axis theorem). */
const BONDED: Readonly<Record<number, readonly [ix: number, iy: number]>> = {
  1: [1, 1],
  2: [10, 2],
  3: [11, 11],
  4: [20, 20],
  7: [55, 55],
};

/** Ratios of n equal round strands to one strand. */
export const bundle = (strands: number): Bundle => ({
  slippingI: strands,
  slippingZ: strands,
  bondedIx: BONDED[strands]?.[0],
  bondedIy: BONDED[strands]?.[1],
  singleI: strands ** 2,
  singleZ: strands ** 1.5,
});

/** Moment in N·mm at which the outermost fibre of n slipping strands yields: M = n·Y·S. */
export const yieldMomentNmm = (diameterMm: number, yieldMPa: number, strands = 1): number =>
  strands * yieldMPa * roundSection(diameterMm).sMm3;

/** Moment in N·mm at which n slipping strands go on bending: M = n·Y·d³/6. */
export const plasticMomentNmm = (diameterMm: number, yieldMPa: number, strands = 1): number =>
  strands * yieldMPa * roundSection(diameterMm).zMm3;

/** Diameter in mm of n slipping strands that yield at a moment: d = ∛(32·M/(nπY)). */
export const diameterForMoment = (momentNmm: number, yieldMPa: number, strands = 1): number =>
  Math.cbrt((32 * momentNmm) / (strands * Math.PI * yieldMPa));

/** A straight arm held at one end, with a load at its tip and its own even weight. */
export interface Cantilever {
  readonly tipDeflectionMm: number;
  readonly tipSlopeRad: number;
  readonly rootMomentNmm: number;
}

/**
 * Small deflections of a cantilever of n slipping strands: FL³/3EI + wL⁴/8EI, FL²/2EI + wL³/6EI and
 * FL + wL²/2 (strength of materials). Force in N, even load in N/mm, E in MPa.
 */
export function cantilever(
  lengthMm: number,
  tipN: number,
  evenNPerMm: number,
  diameterMm: number,
  eMPa: number,
  strands = 1,
): Cantilever {
  const ei = eMPa * strands * roundSection(diameterMm).iMm4;
  return {
    tipDeflectionMm: (tipN * lengthMm ** 3) / (3 * ei) + (evenNPerMm * lengthMm ** 4) / (8 * ei),
    tipSlopeRad: (tipN * lengthMm ** 2) / (2 * ei) + (evenNPerMm * lengthMm ** 3) / (6 * ei),
    rootMomentNmm: tipN * lengthMm + (evenNPerMm * lengthMm ** 2) / 2,
  };
}

/** Length in mm at which such an arm begins to yield at its root: F·L + wL²/2 = M. */
export const lengthAtYieldMm = (momentNmm: number, tipN: number, evenNPerMm: number): number =>
  evenNPerMm === 0
    ? momentNmm / tipN
    : (Math.sqrt(tipN ** 2 + 2 * evenNPerMm * momentNmm) - tipN) / evenNPerMm;

/**
 * Axial force in N at which n slipping strands, fixed at one end and free at the other, buckle:
 * π²·nEI/(2L)² (L. Euler, 1744; any text on strength). Length in mm, E in MPa.
 */
export const bucklingLoadN = (
  diameterMm: number,
  eMPa: number,
  freeMm: number,
  strands = 1,
): number => (Math.PI ** 2 * strands * eMPa * roundSection(diameterMm).iMm4) / (2 * freeMm) ** 2;

/** Diameter in mm of one such rod that buckles at a force: the same turned round. */
export const diameterForBuckling = (forceN: number, eMPa: number, freeMm: number): number =>
  ((64 * forceN * (2 * freeMm) ** 2) / (Math.PI ** 3 * eMPa)) ** (1 / 4);
