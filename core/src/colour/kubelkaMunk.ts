/** Absorption against scattering of an endless layer, of its inner reflectance 0 < R ≤ 1 (P. Kubelka and F. Munk, 1931). */
export const absorptionRatio = (reflectance: number): number =>
  (1 - reflectance) ** 2 / (2 * reflectance);

/** The inner reflectance of an endless layer, of its K/S. */
export const endlessReflectance = (ratio: number): number =>
  1 / (1 + ratio + Math.sqrt(ratio * ratio + 2 * ratio));

/** So thick in bSX that no ground is seen through it: coth is 1 to all digits. */
const THICK = 20;

/**
 * Inner reflectance of a film over a ground (P. Kubelka, 1948): its K/S, its scattering thickness S·X, and the
 * reflectance of what is under it, 0 to 1. A film of no thickness is its ground; one without absorption is the
 * limit of the formula.
 */
export function filmOver(ratio: number, scattering: number, ground: number): number {
  if (scattering <= 0) return ground;
  if (ratio <= 1e-12) {
    const thick = (1 - ground) * scattering;
    return (ground + thick) / (1 + thick);
  }
  const a = 1 + ratio;
  const b = Math.sqrt(a * a - 1);
  const deep = b * scattering;
  const coth = deep > THICK ? 1 : 1 / Math.tanh(deep);
  return (1 - ground * (a - b * coth)) / (a - ground + b * coth);
}

/** The same of a film that only absorbs: K·X thick. */
export const clearFilmOver = (absorption: number, ground: number): number =>
  ground * Math.exp(-2 * absorption);

/** How much of a ground that is black shows of one that is `white`, through a film: 1 hides all. */
export const contrastRatio = (ratio: number, scattering: number, white: number): number =>
  filmOver(ratio, scattering, 0) / filmOver(ratio, scattering, white);

/** Most scattering thickness that is looked for; beyond it a film never hides its ground. */
const MOST_THICK = 1e4;

/** The least scattering thickness whose contrast ratio reaches a target below 1, by halving. */
export function hidingThickness(ratio: number, white: number, target: number): number {
  let [low, high] = [0, 1];
  while (contrastRatio(ratio, high, white) < target && high < MOST_THICK) high *= 2;
  for (let n = 0; n < 80; n++) {
    const mid = (low + high) / 2;
    if (contrastRatio(ratio, mid, white) < target) low = mid;
    else high = mid;
  }
  return high;
}

/** K/S of a coat, and its scattering thickness; null thick where it hides the card. */
export interface CardCoat {
  readonly ratio: number;
  readonly scattering: number | null;
}

/**
 * A coat from a card with a black and a white field, in one band: inner reflectances of the fields, and of the coat
 * over them. The film's formula multiplied out is linear in a and b·coth(bSX) for both fields.
 */
export function coatFromCard(
  fields: { readonly black: number; readonly white: number },
  over: { readonly black: number; readonly white: number },
): CardCoat {
  if (Math.abs(over.white - over.black) < 1e-9)
    return { ratio: absorptionRatio(over.white), scattering: null };
  const [g1, g2, r1, r2] = [fields.black, fields.white, over.black, over.white];
  // a (R + G) + c (R − G) = 1 + R G, twice.
  const whole = (r1 + g1) * (r2 - g2) - (r2 + g2) * (r1 - g1);
  const a = ((1 + r1 * g1) * (r2 - g2) - (1 + r2 * g2) * (r1 - g1)) / whole;
  const c = ((r1 + g1) * (1 + r2 * g2) - (r2 + g2) * (1 + r1 * g1)) / whole;
  const b = Math.sqrt(Math.max(0, a * a - 1));
  // arcoth(c/b)/b, and its limit without absorption.
  const scattering = b < 1e-9 ? 1 / c : Math.atanh(Math.min(b / c, 1 - 1e-15)) / b;
  return { ratio: Math.max(0, a - 1), scattering };
}

/** What is seen of a base of which a share is covered: shares of light add up (A. Murray, 1936). */
export const dryBrushed = (paint: number, base: number, share: number): number =>
  share * paint + (1 - share) * base;

/** The share that was covered, from what is seen. */
export const coveredShare = (paint: number, base: number, seen: number): number =>
  (seen - base) / (paint - base);

/** A surface's reflectances: from outside, and from inside (J. Saunderson, 1942); of n = 1.5. */
export interface SurfaceLoss {
  readonly outer: number;
  readonly inner: number;
}
/** What is usual for paint; the inner one is 0.4 to 0.6 (Saunderson). */
export const PAINT_SURFACE: SurfaceLoss = Object.freeze({ outer: 0.04, inner: 0.6 });

/** What is seen of an inner reflectance, gloss excluded. */
export const throughSurface = (inside: number, { outer, inner }: SurfaceLoss): number =>
  ((1 - outer) * (1 - inner) * inside) / (1 - inner * inside);

/** The inner reflectance of what is seen with the gloss excluded, which is held to 1 − `outer`. */
export function insideSurface(seen: number, { outer, inner }: SurfaceLoss): number {
  const held = Math.min(seen, 1 - outer);
  return held / ((1 - outer) * (1 - inner) + inner * held);
}
