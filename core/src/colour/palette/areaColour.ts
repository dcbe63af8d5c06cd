import type { Triple } from '../../geometry/matrix3.ts';
import { encodedRgb, rgbToLab } from '../colourSpaces.ts';
import { quickDifference } from '../quickDifference.ts';
import { groupedByMeans } from './groups.ts';
import type { PictureColours } from './pictureColours.ts';

/** A colour that a picture has, with what of it that is. */
export interface PaletteColour {
  readonly hex: string;
  /** How many pixels it stands for. */
  readonly pixels: number;
}

/** An area of a picture: its own colour, and what shade and light make of it. */
export interface AreaColour {
  readonly base: string;
  readonly shade: string;
  readonly light: string;
  /** Mean difference by CIEDE2000 of its middle from its base: how even it is. */
  readonly spread: number;
  /** Lightness of base, shade and light in OKLab. */
  readonly baseL: number;
  readonly shadeL: number;
  readonly lightL: number;
  /** Whether the shade is bluer than the base, as under an open sky, or warmer. */
  readonly shadeIs: 'bluer' | 'warmer' | 'alike';
}

/** What is worked out of a picture. */
export interface PictureAnswer {
  readonly pixels: number;
  /** How many of them are burnt out. */
  readonly burntPixels: number;
  /** The most common first. */
  readonly palette: readonly PaletteColour[];
  /** Null where nothing is left to look at. */
  readonly area: AreaColour | null;
}

/** The darkest and the lightest fifths of an area are its shade and its light; between them lies its own colour. Common practice. */
const FIFTH = 0.2;
/** Blue to yellow in OKLab that is seen as another hue of shade. */
const HUE_SEEN = 0.008;

/** "#rrggbb" of linear sRGB, held to what a screen shows. */
export function linearHex(rgb: Triple): string {
  const held = rgb.map((v) => Math.min(1, Math.max(0, v))) as unknown as Triple;
  const byte = (v: number): string =>
    Math.round(255 * v)
      .toString(16)
      .padStart(2, '0');
  return `#${encodedRgb(held).map(byte).join('')}`;
}

/** The palette of a picture in k colours, and its area told apart into base, shade and light. */
export function pictureAnswer(of: PictureColours, k: number): PictureAnswer {
  const { pixels, burntPixels, weights, linear } = of;
  const all = weights.reduce((sum, w) => sum + w, 0);
  if (all === 0) return { pixels, burntPixels, palette: [], area: null };
  const { of: group, means } = groupedByMeans(of, k);
  const palette = means
    .map((_, n): PaletteColour => {
      const its = [...weights.keys()].filter((i) => group[i] === n);
      const weight = its.reduce((sum, i) => sum + weights[i]!, 0);
      const mean = meanOf(linear, weights, its);
      return { hex: linearHex(mean), pixels: weight };
    })
    .filter((its) => its.pixels > 0)
    .toSorted((a, b) => b.pixels - a.pixels);
  return { pixels, burntPixels, palette, area: areaOf(of) };
}

/** What was counted as an area: its own colour, its shade and its light. Of at least one colour. */
export function areaOf({ colours, weights, linear }: PictureColours): AreaColour {
  const all = weights.reduce((sum, w) => sum + w, 0);
  const rising = [...colours.keys()].sort((a, b) => colours[a]![0] - colours[b]![0]);
  const [dark, middle, bright]: [number[], number[], number[]] = [[], [], []];
  let gone = 0;
  for (const i of rising) {
    const at = (gone + weights[i]! / 2) / all;
    gone += weights[i]!;
    (at < FIFTH ? dark : at > 1 - FIFTH ? bright : middle).push(i);
  }
  // Of very few colours a fifth may be empty: then it is the next to it.
  const own = middle.length > 0 ? middle : rising;
  const [below, above] = [dark.length > 0 ? dark : own, bright.length > 0 ? bright : own];
  const base = meanOf(linear, weights, own);
  const lab = rgbToLab(base);
  const weight = own.reduce((sum, i) => sum + weights[i]!, 0);
  const spread = own.reduce(
    (sum, i) => sum + weights[i]! * quickDifference(...rgbToLab(linear[i]!), ...lab),
    0,
  );
  const [baseOk, shadeOk, lightOk] = [own, below, above].map((its) =>
    meanOf(colours, weights, its),
  ) as [Triple, Triple, Triple];
  // Blue against what chroma the shade has left, so that darker alone is no other hue.
  const bluer = shadeOk[2] - baseOk[2] * (shadeOk[0] / Math.max(baseOk[0], 1e-6));
  return {
    ...{ base: linearHex(base), spread: spread / weight },
    shade: linearHex(meanOf(linear, weights, below)),
    light: linearHex(meanOf(linear, weights, above)),
    ...{ baseL: baseOk[0], shadeL: shadeOk[0], lightL: lightOk[0] },
    shadeIs: Math.abs(bluer) < HUE_SEEN ? 'alike' : bluer < 0 ? 'bluer' : 'warmer',
  };
}

/** The weighed mean of some of the colours. */
function meanOf(
  of: readonly Triple[],
  weights: readonly number[],
  places: readonly number[],
): Triple {
  const sum: [number, number, number] = [0, 0, 0];
  let all = 0;
  for (const i of places) {
    for (let k = 0; k < 3; k++) sum[k]! += weights[i]! * of[i]![k]!;
    all += weights[i]!;
  }
  return [sum[0] / all, sum[1] / all, sum[2] / all];
}
