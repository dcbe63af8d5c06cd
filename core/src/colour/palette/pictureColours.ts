import type { Triple } from '../../geometry/matrix3.ts';
import type { Point2 } from '../../geometry/hull.ts';
import { linearRgb, rgbToOklab } from '../colourSpaces.ts';
import { CARD_REFLECTS, type CardKind } from '../greyCard.ts';
import type { Weighed } from './groups.ts';

/** A picture as bytes: red, green, blue and opacity of sRGB, row by row from its top. */
export interface PicturePixels {
  readonly width: number;
  readonly height: number;
  readonly rgba: Uint8ClampedArray;
}

/** What is asked of a picture. */
export interface PictureQuestion extends PicturePixels {
  /** Drawn round, in shares of width and height from the top left; null for all of it. */
  readonly round: readonly Point2[] | null;
  /** What each channel of linear light is multiplied by: see {@link lightOf}. */
  readonly light: Triple;
}

/** The colours of a picture in the light of its card, gathered into cells of the colour cube. */
export interface PictureColours extends Weighed {
  /** Linear sRGB of each, as they are without the light. */
  readonly linear: readonly Triple[];
  /** How many pixels were looked at. */
  readonly pixels: number;
  /** How many of them are burnt out: a channel at its end in the picture. */
  readonly burntPixels: number;
}

/** Cells of the colour cube: so many bits a channel. */
const BITS = 5;
const SHIFT = 8 - BITS;
const CELLS = 2 ** (3 * BITS);
/** A byte from here on is burnt out. */
const BURNT = 252;
/** More transparent pixels do not count. */
const OPAQUE = 128;

/** Linear light of each byte. */
const LINEAR = Float64Array.from({ length: 256 }, (_, byte) => linearRgb([byte / 255, 0, 0])[0]);

/**
 * What takes the light of a picture out: each channel times what the card reflects over what it shows in linear light
 * (the scaling of J. von Kries, 1902, in sRGB). `card` are RGBA bytes of it. Null where it is black in a channel.
 */
export function lightOf(card: Uint8ClampedArray, kind: CardKind): Triple | null {
  const sum: [number, number, number] = [0, 0, 0];
  for (let i = 0; i + 3 < card.length; i += 4)
    for (let k = 0; k < 3; k++) sum[k]! += LINEAR[card[i + k]!]!;
  const many = Math.floor(card.length / 4);
  if (many === 0 || sum.some((v) => v <= 0)) return null;
  const of = (k: 0 | 1 | 2): number => (CARD_REFLECTS[kind] * many) / sum[k];
  return [of(0), of(1), of(2)];
}

/** What is gathered of a picture, cell by cell of the colour cube: see {@link countPixel}. */
export interface ColourCount {
  readonly counts: Float64Array;
  readonly red: Float64Array;
  readonly green: Float64Array;
  readonly blue: Float64Array;
  pixels: number;
  burnt: number;
}

/** A count of nothing yet. */
export const emptyCount = (): ColourCount => ({
  ...{ counts: new Float64Array(CELLS), red: new Float64Array(CELLS) },
  ...{ green: new Float64Array(CELLS), blue: new Float64Array(CELLS), pixels: 0, burnt: 0 },
});

/** Counts the pixel whose red is byte `i` of a picture; what is transparent is none. */
export function countPixel(count: ColourCount, rgba: Uint8ClampedArray, i: number): void {
  if (rgba[i + 3]! < OPAQUE) return;
  const r = rgba[i]!;
  const g = rgba[i + 1]!;
  const b = rgba[i + 2]!;
  count.pixels++;
  if (r >= BURNT || g >= BURNT || b >= BURNT) {
    count.burnt++;
    return;
  }
  const cell = ((r >> SHIFT) << (2 * BITS)) | ((g >> SHIFT) << BITS) | (b >> SHIFT);
  count.counts[cell]!++;
  count.red[cell]! += LINEAR[r]!;
  count.green[cell]! += LINEAR[g]!;
  count.blue[cell]! += LINEAR[b]!;
}

/** The colours that were counted, each channel of linear light times that of `light`: see {@link lightOf}. */
export function countedColours(
  { counts, red, green, blue, pixels, burnt }: ColourCount,
  light: Triple,
): PictureColours {
  const cells = [...counts.keys()].filter((cell) => counts[cell]! > 0);
  const linear = cells.map((cell): Triple => {
    const many = counts[cell]!;
    return [
      (red[cell]! / many) * light[0],
      (green[cell]! / many) * light[1],
      (blue[cell]! / many) * light[2],
    ];
  });
  return {
    ...{ linear, pixels, burntPixels: burnt },
    colours: linear.map(rgbToOklab),
    weights: cells.map((cell) => counts[cell]!),
  };
}

/** The colours of a picture, or of what is drawn round in it. A picture of 24 megapixels takes a fraction of a second. */
export function pictureColours({
  width,
  height,
  rgba,
  round,
  light,
}: PictureQuestion): PictureColours {
  const count = emptyCount();
  const px = round?.map(([x, y]): Point2 => [x * width, y * height]) ?? null;
  for (let y = 0; y < height; y++)
    for (const [from, to] of px === null ? [[0, width] as const] : rowsWithin([px], y, width))
      for (let x = from; x < to; x++) countPixel(count, rgba, 4 * (y * width + x));
  return countedColours(count, light);
}

/**
 * Which pixels of a row lie within loops (even-odd), by the crossings of the row's middle: those whose own middle is
 * in, from the first to before the second of each pair. Loops in pixels from the top left, y down.
 */
export function rowsWithin(
  loops: readonly (readonly Point2[])[],
  row: number,
  width: number,
): readonly (readonly [from: number, to: number])[] {
  const middle = row + 0.5;
  const xs = loops
    .flatMap((loop) =>
      loop.flatMap(([x0, y0], i): number[] => {
        const [x1, y1] = loop[(i + 1) % loop.length]!;
        return y0 <= middle === y1 <= middle ? [] : [x0 + ((middle - y0) / (y1 - y0)) * (x1 - x0)];
      }),
    )
    .toSorted((a, b) => a - b);
  const at = (x: number): number => Math.min(width, Math.max(0, Math.ceil(x - 0.5)));
  return xs.flatMap((x, i): (readonly [number, number])[] =>
    i % 2 === 0 && xs[i + 1] !== undefined ? [[at(x), at(xs[i + 1]!)]] : [],
  );
}
