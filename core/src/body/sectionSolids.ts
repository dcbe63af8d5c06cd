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

/** What the formulas of a round cone give, lengths in the unit given. */
export interface RoundConeMeasures {
  readonly volume: number;
  readonly area: number;
  /** Integral of mean curvature, for Steiner's formula. */
  readonly meanCurvature: number;
  /** True where one sphere holds the other, and the cone is just the larger sphere. */
  readonly oneSphere: boolean;
  /** (r1 − r2)/d, the sine of the flank's slope; null for one sphere. */
  readonly k: number | null;
  /** Where the flank meets each sphere: radius and place along the axis from the first centre. */
  readonly tangentRadius1: number | null;
  readonly tangentAt1: number | null;
  readonly tangentRadius2: number | null;
  readonly tangentAt2: number | null;
}

/**
 * Volume, area and mean curvature of a round cone from two radii and the distance of the centres:
 * two spherical caps and a tangent frustum. A capsule is the case of equal radii.
 */
export function roundConeMeasures(r1: number, r2: number, d: number): RoundConeMeasures {
  if (d <= Math.abs(r1 - r2)) return sphereMeasures(Math.max(r1, r2));
  const k = (r1 - r2) / d;
  const c2 = 1 - k * k;
  const caps = r1 ** 3 * (1 + k) ** 2 * (2 - k) + r2 ** 3 * (1 - k) ** 2 * (2 + k);
  return {
    volume: (Math.PI / 3) * (caps + d * c2 * c2 * (r1 * r1 + r1 * r2 + r2 * r2)),
    area: 2 * Math.PI * (r1 * r1 * (1 + k) + r2 * r2 * (1 - k)) + Math.PI * (r1 + r2) * d * c2,
    meanCurvature: 2 * Math.PI * (r1 * (1 + k) + r2 * (1 - k)) + Math.PI * d * c2,
    oneSphere: false,
    k,
    tangentRadius1: r1 * Math.sqrt(c2),
    tangentAt1: r1 * k,
    tangentRadius2: r2 * Math.sqrt(c2),
    tangentAt2: d + r2 * k,
  };
}

function sphereMeasures(r: number): RoundConeMeasures {
  return {
    volume: (4 / 3) * Math.PI * r ** 3,
    area: 4 * Math.PI * r * r,
    meanCurvature: 4 * Math.PI * r,
    oneSphere: true,
    k: null,
    tangentRadius1: null,
    tangentAt1: null,
    tangentRadius2: null,
    tangentAt2: null,
  };
}

/** Volume and area of a frustum of the height h from the radius r to s, with half a ball on either end. */
export const frustumBetweenBalls = (r: number, s: number, h: number) => ({
  volume: (Math.PI * h * (r * r + r * s + s * s)) / 3 + (2 / 3) * Math.PI * (r ** 3 + s ** 3),
  area: Math.PI * (r + s) * Math.hypot(h, r - s) + 2 * Math.PI * (r * r + s * s),
});
