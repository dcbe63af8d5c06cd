/** A convex body enlarged by a shell: volumes in mm³, area in mm². */
export interface SteinerShell {
  readonly outerVolume: number;
  readonly shellVolume: number;
  readonly outerArea: number;
}

/**
 * Volume and area of a convex body grown outward by t: V + S·t + M·t² + (4π/3)·t³ and
 * S + 2M·t + 4π·t², where M is the integral of mean curvature. Source: J. Steiner, 1840.
 */
export function steinerShell(
  volume: number,
  area: number,
  meanCurvature: number,
  t: number,
): SteinerShell {
  const shellVolume = area * t + meanCurvature * t * t + ((4 * Math.PI) / 3) * t ** 3;
  return {
    outerVolume: volume + shellVolume,
    shellVolume,
    outerArea: area + 2 * meanCurvature * t + 4 * Math.PI * t * t,
  };
}
