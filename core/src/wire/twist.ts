/**
 * Radius in mm of the circle on which the axes of n touching strands lie: d/(2·sin(π/n)), and 0 for
 * one strand. Geometry of touching circles.
 */
export const helixRadiusMm = (strands: number, diameterMm: number): number =>
  strands === 1 ? 0 : diameterMm / (2 * Math.sin(Math.PI / strands));

/** Diameter in mm of the rope of n touching strands: twice the helix radius and one wire. */
export const ropeDiameterMm = (strands: number, diameterMm: number): number =>
  2 * helixRadiusMm(strands, diameterMm) + diameterMm;

/**
 * Length of each strand over the length of the rope: √(1 + (2πr/p)²) for helix radius r and pitch p
 * (one full turn), both in mm. Geometry of the helix.
 */
export const twistFactor = (radiusMm: number, pitchMm: number): number =>
  Math.hypot(1, (2 * Math.PI * radiusMm) / pitchMm);
