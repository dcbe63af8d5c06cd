import {
  absorptionRatio,
  coatFromCard,
  endlessReflectance,
  insideSurface,
  PAINT_SURFACE,
  throughSurface,
} from './kubelkaMunk.ts';
import type { Opacity } from '../piece/colourSchema.ts';
import { BANDS, TO_LINEAR } from './observer.ts';
import { spectrumOfHex, type Spectrum } from './spectra.ts';

/** Scattering thickness of one brushed coat by its class, against a white's. Common practice. */
export const COAT_THICKNESS: Readonly<Record<Opacity, number>> = {
  opaque: 4,
  'semi-opaque': 1.8,
  'semi-transparent': 0.7,
  transparent: 0.25,
};

/** A paint as it is told: by what its colour looks like, and a tint with white where there is one. */
export interface PaintData {
  readonly id: string;
  readonly hex: string;
  /** So many parts of white to one of it, and what that looks like. */
  readonly tint: { readonly white: number; readonly hex: string } | null;
  readonly opacity: Opacity;
  /** One coat over the fields of a black and white card, as it looks; null where it was not measured. */
  readonly card: { readonly overBlack: string; readonly overWhite: string } | null;
}

/** What mixes: absorption and scattering by band, against a white's scattering of 1. */
export interface Pigment {
  readonly id: string;
  readonly absorbs: Float64Array;
  readonly scatters: Float64Array;
  /** Scattering thickness of one coat, by S = 1. */
  readonly thick: number;
}

/** A white that tints were mixed with, where the user owns none: titanium white, from memory. */
export const TINT_WHITE_HEX = '#f7f6f1';
/** Scattering against white is held to this: what is measured by eye says no more. */
const STRENGTHS = [0.02, 60] as const;

/** The inner reflectances of a colour that is seen with its gloss excluded. */
export const insideOf = (seen: Spectrum): Spectrum =>
  seen.map((v) => Math.max(1e-5, insideSurface(v, PAINT_SURFACE)));

/** What is seen of inner reflectances, gloss excluded. */
export const seenOf = (inside: Spectrum): Spectrum =>
  inside.map((v) => throughSurface(v, PAINT_SURFACE));

/** K/S by band of a colour as it is seen. */
const ratiosOf = (hex: string): Spectrum => insideOf(spectrumOfHex(hex)).map(absorptionRatio);

/**
 * What mixes, of a paint: without a tint it scatters as a white does in every band; with one, its strength follows
 * from the two colours in each band (D. Duncan, 1940): S = (1 − c)(q_w − q_t)/(c (q_t − q_m)), c its share.
 */
export function pigmentOf({ id, hex, tint, opacity, card }: PaintData): Pigment {
  const mass = ratiosOf(hex);
  const thick = card === null ? COAT_THICKNESS[opacity] : cardThickness(card);
  if (tint === null) return { id, absorbs: mass, scatters: new Float64Array(BANDS).fill(1), thick };
  const [tinted, white] = [ratiosOf(tint.hex), ratiosOf(TINT_WHITE_HEX)];
  const share = 1 / (1 + tint.white);
  const scatters = mass.map((q, i) => {
    const apart = tinted[i]! - q;
    const s = ((1 - share) * (white[i]! - tinted[i]!)) / (share * apart);
    return Number.isFinite(s) && s > 0 ? Math.min(STRENGTHS[1], Math.max(STRENGTHS[0], s)) : 1;
  });
  return { id, absorbs: mass.map((q, i) => q * scatters[i]!), scatters, thick };
}

/** Fields of a card as they look, common practice, and what a coat that hides it counts. */
const CARD_FIELDS = { black: 0.05, white: 0.85 } as const;
const HIDES_ALL = 12;

/** Scattering thickness of a coat over a card, by what the eye is most sensitive to. */
export function cardThickness(card: NonNullable<PaintData['card']>): number {
  const [black, white] = [card.overBlack, card.overWhite].map((of) => insideOf(spectrumOfHex(of)));
  const field = (seen: number): number => insideSurface(seen, PAINT_SURFACE);
  const fields = { black: field(CARD_FIELDS.black), white: field(CARD_FIELDS.white) };
  let [sum, all] = [0, 0];
  for (let i = 0; i < BANDS; i++) {
    const seen = Math.max(0, TO_LINEAR[1][i]!);
    const over = { black: Math.min(black![i]!, white![i]!), white: white![i]! };
    const { scattering } = coatFromCard(fields, over);
    const thick = scattering === null || !(scattering > 0) ? HIDES_ALL : scattering;
    sum += seen * Math.min(HIDES_ALL, thick);
    all += seen;
  }
  return sum / all;
}

/** A mix of paints by parts: K/S, S against white's by band, and how thick a coat of it scatters. */
export interface Mix {
  readonly ratios: Spectrum;
  readonly scatters: Spectrum;
  readonly thick: number;
}

/** Paints mixed by volume: K and S add up by their parts. Throws where no part is above 0. */
export function mixed(pigments: readonly Pigment[], parts: readonly number[]): Mix {
  const all = parts.reduce((sum, part) => sum + part, 0);
  if (!(all > 0)) throw new Error('a mix has parts of something');
  const [ratios, scatters] = [new Float64Array(BANDS), new Float64Array(BANDS)];
  let thick = 0;
  pigments.forEach(({ absorbs, scatters: s, thick: of }, n) => {
    const share = parts[n]! / all;
    for (let i = 0; i < BANDS; i++) {
      ratios[i]! += share * absorbs[i]!;
      scatters[i]! += share * s[i]!;
    }
    thick += share * of;
  });
  for (let i = 0; i < BANDS; i++) ratios[i]! /= scatters[i]!;
  return { ratios, scatters, thick };
}

/** The inner reflectances of a mix that hides its ground. */
export const insideMix = ({ ratios }: Mix): Spectrum => ratios.map(endlessReflectance);

/** Two ready mixes stirred together by volume, so much of it the second. */
export function stirred(one: Mix, other: Mix, share: number): Mix {
  const scatters = one.scatters.map((s, i) => (1 - share) * s + share * other.scatters[i]!);
  const ratios = scatters.map((s, i) => {
    const absorbs =
      (1 - share) * one.ratios[i]! * one.scatters[i]! +
      share * other.ratios[i]! * other.scatters[i]!;
    return absorbs / s;
  });
  return { ratios, scatters, thick: (1 - share) * one.thick + share * other.thick };
}
