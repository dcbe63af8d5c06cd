import type { Triple } from '../geometry/matrix3.ts';
import { encodedRgb, linearRgb, rgbToLab } from './colourSpaces.ts';
import { quickDifference } from './quickDifference.ts';

/** What a card in the picture is known to reflect, by kind: a photographer's grey card, white printing paper. */
export const CARD_REFLECTS = { grey: 0.18, paper: 0.82 } as const;
export type CardKind = keyof typeof CARD_REFLECTS;

/** A colour measured beside a card. */
export interface SwatchColour {
  readonly hex: string;
  /** Mean difference of its pixels from it by CIEDE2000: how even the area is. */
  readonly spread: number;
  /** Whether a channel had to be held to what a screen shows: the card lies darker than the swatch, or too much light. */
  readonly held: boolean;
}

/** Of an area at most so many pixels are compared with its mean. */
const COMPARED = 400;

const pixelsOf = (rgba: Uint8ClampedArray): Triple[] => {
  const pixels: Triple[] = [];
  for (let i = 0; i + 3 < rgba.length; i += 4)
    pixels.push(linearRgb([rgba[i]! / 255, rgba[i + 1]! / 255, rgba[i + 2]! / 255]));
  return pixels;
};

const meanOf = (pixels: readonly Triple[]): Triple => {
  const sum: [number, number, number] = [0, 0, 0];
  for (const [r, g, b] of pixels) {
    sum[0] += r;
    sum[1] += g;
    sum[2] += b;
  }
  return [sum[0] / pixels.length, sum[1] / pixels.length, sum[2] / pixels.length];
};

/**
 * The colour of an area of a picture in the light that a card in it lay in: each channel in linear light times what
 * the card reflects over what it shows (the scaling of J. von Kries, 1902, in sRGB). Pixels are RGBA bytes of sRGB.
 * Null where an area has no pixels, or the card is black in a channel.
 */
export function swatchColour(
  swatch: Uint8ClampedArray,
  card: Uint8ClampedArray,
  kind: CardKind,
): SwatchColour | null {
  const [pixels, cards] = [pixelsOf(swatch), pixelsOf(card)];
  if (pixels.length === 0 || cards.length === 0) return null;
  const shown = meanOf(cards);
  if (shown.some((v) => v <= 0)) return null;
  const scaled = ([r, g, b]: Triple): Triple => [
    (r * CARD_REFLECTS[kind]) / shown[0],
    (g * CARD_REFLECTS[kind]) / shown[1],
    (b * CARD_REFLECTS[kind]) / shown[2],
  ];
  const mean = scaled(meanOf(pixels));
  const held = mean.map((v) => Math.min(1, v)) as unknown as Triple;
  const lab = rgbToLab(mean);
  const every = Math.ceil(pixels.length / COMPARED);
  const some = pixels.filter((_, i) => i % every === 0);
  const spread =
    some.reduce((sum, of) => sum + quickDifference(...rgbToLab(scaled(of)), ...lab), 0) /
    some.length;
  const hex = encodedRgb(held)
    .map((v) =>
      Math.round(255 * v)
        .toString(16)
        .padStart(2, '0'),
    )
    .join('');
  return { hex: `#${hex}`, spread, held: mean.some((v) => v > 1) };
}
