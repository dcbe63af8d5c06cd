/** Degrees in a radian. Angles are radians inside the core and degrees at its edges. */
export const DEG_PER_RAD = 180 / Math.PI;

/** Degrees from radians. */
export const toDeg = (rad: number): number => rad * DEG_PER_RAD;

/** Radians from degrees. */
export const toRad = (deg: number): number => deg / DEG_PER_RAD;

/** The same direction, expressed in (−180, 180] degrees. */
export function wrapDeg(deg: number): number {
  const wrapped = ((((deg + 180) % 360) + 360) % 360) - 180;
  return wrapped === -180 ? 180 : wrapped;
}
