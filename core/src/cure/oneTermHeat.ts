import { besselJ, erf, scaledErfc } from './specialFunctions.ts';

/** A body of one dimension: heated on its face, its rim, or all round. */
export type HeatShape = 'slab' | 'cylinder' | 'sphere';

/** What conducts and stores the heat: W/(m·K), kg/m³, J/(kg·K); film in W/(m²·K). */
export interface HeatMaterial {
  readonly conductivity: number;
  readonly densityKgM3: number;
  readonly specificHeat: number;
  readonly film: number;
}

/** Thermal diffusivity k/(ρ·c), m²/s. */
export const diffusivity = (of: HeatMaterial): number =>
  of.conductivity / (of.densityKgM3 * of.specificHeat);

/** First eigenvalue and its coefficient in the one-term solution. */
export interface OneTerm {
  readonly zeta: number;
  readonly c1: number;
}

/**
 * First root of ζ tan ζ = Bi (slab), ζ J₁/J₀ = Bi (long cylinder) or 1 − ζ cot ζ = Bi (sphere), by
 * bisection, and C₁. Source: Incropera & DeWitt, Fundamentals of Heat and Mass Transfer, ch. 5.
 */
export function oneTerm(shape: HeatShape, biot: number): OneTerm {
  const z = bisect((at) => residual(shape, at) - biot, 0, FIRST_POLE[shape]);
  const s = Math.sin(z);
  if (shape === 'slab') return { zeta: z, c1: (4 * s) / (2 * z + Math.sin(2 * z)) };
  if (shape === 'sphere')
    return { zeta: z, c1: (4 * (s - z * Math.cos(z))) / (2 * z - Math.sin(2 * z)) };
  const [j0, j1] = [besselJ(0, z), besselJ(1, z)];
  return { zeta: z, c1: ((2 / z) * j1) / (j0 * j0 + j1 * j1) };
}

/** Where the left side of the eigenvalue equation first runs to infinity. */
const FIRST_POLE: Readonly<Record<HeatShape, number>> = {
  slab: Math.PI / 2,
  cylinder: 2.404825557695773,
  sphere: Math.PI,
};

function residual(shape: HeatShape, z: number): number {
  if (shape === 'slab') return z * Math.tan(z);
  if (shape === 'sphere') return 1 - z / Math.tan(z);
  return (z * besselJ(1, z)) / besselJ(0, z);
}

/** Root of a rising function between two places, to the last bit. */
function bisect(rising: (x: number) => number, from: number, to: number): number {
  let [low, high] = [from, to];
  for (let i = 0; i < 200 && high - low > 0; i++) {
    const mid = (low + high) / 2;
    if (mid === low || mid === high) break;
    if (rising(mid) > 0) high = mid;
    else low = mid;
  }
  return (low + high) / 2;
}

/** Biot number of a size L in m: h·L/k. */
export const biotNumber = (of: HeatMaterial, sizeM: number): number =>
  (of.film * sizeM) / of.conductivity;

/** Fourier number after a time in s: α·t/L². */
export const fourierNumber = (of: HeatMaterial, sizeM: number, timeS: number): number =>
  (diffusivity(of) * timeS) / sizeM ** 2;

/**
 * Seconds until a place at `fraction` of the half thickness or radius (0 the middle) has covered the
 * share of the way to the oven's temperature, by the one-term solution: good for Fo above 0.2.
 */
export function oneTermTimeS(
  shape: HeatShape,
  of: HeatMaterial,
  sizeM: number,
  remaining: number,
  fraction = 0,
): number {
  const { zeta, c1 } = oneTerm(shape, biotNumber(of, sizeM));
  const x = zeta * fraction;
  const profile =
    shape === 'slab'
      ? Math.cos(x)
      : shape === 'cylinder'
        ? besselJ(0, x)
        : x === 0
          ? 1
          : Math.sin(x) / x;
  const fo = Math.log((c1 * profile) / remaining) / zeta ** 2;
  return (fo * sizeM ** 2) / diffusivity(of);
}

/**
 * Share of the way still to go in the middle of a slab (half thickness `sizeM`) after a time, by the
 * whole series Σ Cₙ exp(−ζₙ²Fo): exact at any time, and a second opinion on the finite volumes.
 */
export function slabMiddle(of: HeatMaterial, sizeM: number, timeS: number, terms = 60): number {
  const biot = biotNumber(of, sizeM);
  const fo = fourierNumber(of, sizeM, timeS);
  let sum = 0;
  for (let n = 0; n < terms; n++) {
    // The nth root lies in the nth rising branch of ζ tan ζ.
    const z = bisect((at) => at * Math.tan(at) - biot, n * Math.PI, (n + 0.5) * Math.PI);
    sum += ((4 * Math.sin(z)) / (2 * z + Math.sin(2 * z))) * Math.exp(-z * z * fo);
  }
  return sum;
}

/** Volume over heated area in m, for the lumped estimate: L, r/2, r/3. */
export const lumpedLengthM = (shape: HeatShape, sizeM: number): number =>
  sizeM / { slab: 1, cylinder: 2, sphere: 3 }[shape];

/** Time constant in s of a body that warms evenly: ρ·c·Lc/h; valid for h·Lc/k below 0.1. */
export const lumpedTimeConstantS = (of: HeatMaterial, lengthM: number): number =>
  (of.densityKgM3 * of.specificHeat * lengthM) / of.film;

/**
 * Share of the way to the surroundings' temperature covered at a depth of very thick clay: with the
 * surface held at it (erfc), and with a convecting surface. Incropera & DeWitt, ch. 5.
 */
export function deepClay(
  of: HeatMaterial,
  depthM: number,
  timeS: number,
): { readonly fixedSurface: number; readonly convecting: number } {
  const root = Math.sqrt(diffusivity(of) * timeS);
  const eta = depthM / (2 * root);
  const shift = (of.film * root) / of.conductivity;
  const outer = 1 - erf(eta);
  // exp(hx/k + (h√(αt)/k)²)·erfc(η + s) = exp(−η²)·[exp(u²)·erfc(u)] with u = η + s.
  return {
    fixedSurface: outer,
    convecting: outer - Math.exp(-eta * eta) * scaledErfc(eta + shift),
  };
}
