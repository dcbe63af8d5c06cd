/** Volume and areas of a solid between two sections, units of its lengths. */
export interface FrustumMeasures {
  readonly volume: number;
  readonly lateralArea: number;
  readonly totalArea: number;
}

/** Gauss–Legendre nodes and weights on −1 to 1, five points: exact to the ninth power. */
const NODES = [
  [0, 128 / 225],
  [Math.sqrt(5 - 2 * Math.sqrt(10 / 7)) / 3, (322 + 13 * Math.sqrt(70)) / 900],
  [-Math.sqrt(5 - 2 * Math.sqrt(10 / 7)) / 3, (322 + 13 * Math.sqrt(70)) / 900],
  [Math.sqrt(5 + 2 * Math.sqrt(10 / 7)) / 3, (322 - 13 * Math.sqrt(70)) / 900],
  [-Math.sqrt(5 + 2 * Math.sqrt(10 / 7)) / 3, (322 - 13 * Math.sqrt(70)) / 900],
] as const;
const ANGLE_STEPS = 720;

/**
 * A trunk between two elliptic sections with parallel axes, half axes running straight from (a1,
 * b1) to (a2, b2) over the height h. V = πh/6·(2a₁b₁ + a₁b₂ + a₂b₁ + 2a₂b₂) (Simpson, exact here);
 * the lateral area is the parametric integral, by Gauss points along and equal steps round.
 */
export function ellipticFrustum(
  a1: number,
  b1: number,
  a2: number,
  b2: number,
  h: number,
): FrustumMeasures {
  const volume = ((Math.PI * h) / 6) * (2 * a1 * b1 + a1 * b2 + a2 * b1 + 2 * a2 * b2);
  let lateralArea = 0;
  for (const [node, weight] of NODES) {
    const s = (node + 1) / 2;
    const a = a1 + (a2 - a1) * s;
    const b = b1 + (b2 - b1) * s;
    for (let i = 0; i < ANGLE_STEPS; i++) {
      const angle = (2 * Math.PI * i) / ANGLE_STEPS;
      const [c, d] = [Math.cos(angle), Math.sin(angle)];
      const sink = b * c * c * (a2 - a1) + a * d * d * (b2 - b1);
      const element = Math.hypot(h * b * c, h * a * d, sink);
      lateralArea += (weight / 2) * element * ((2 * Math.PI) / ANGLE_STEPS);
    }
  }
  return { volume, lateralArea, totalArea: lateralArea + Math.PI * (a1 * b1 + a2 * b2) };
}

/** Volume 2π²Rr² and area 4π²Rr of a ring (Pappus): the coil of a wire, an eyelid, a curled tail. */
export const torusMeasures = (
  ringRadius: number,
  tubeRadius: number,
): { readonly volume: number; readonly area: number } => ({
  volume: 2 * Math.PI ** 2 * ringRadius * tubeRadius ** 2,
  area: 4 * Math.PI ** 2 * ringRadius * tubeRadius,
});
