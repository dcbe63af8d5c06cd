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

/** The colours of a picture, or of what is drawn round in it. A picture of 24 megapixels takes a fraction of a second. */
export function pictureColours({
  width,
  height,
  rgba,
  round,
  light,
}: PictureQuestion): PictureColours {
  const counts = new Float64Array(CELLS);
  const [red, green, blue] = [0, 1, 2].map(() => new Float64Array(CELLS)) as [
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  let [pixels, burnt] = [0, 0];
  const row = (y: number, from: number, to: number): void => {
    for (let i = 4 * (y * width + from); i < 4 * (y * width + to); i += 4) {
      if (rgba[i + 3]! < OPAQUE) continue;
      const r = rgba[i]!;
      const g = rgba[i + 1]!;
      const b = rgba[i + 2]!;
      pixels++;
      if (r >= BURNT || g >= BURNT || b >= BURNT) {
        burnt++;
        continue;
      }
      const cell = ((r >> SHIFT) << (2 * BITS)) | ((g >> SHIFT) << BITS) | (b >> SHIFT);
      counts[cell]!++;
      red[cell]! += LINEAR[r]!;
      green[cell]! += LINEAR[g]!;
      blue[cell]! += LINEAR[b]!;
    }
  };
  for (let y = 0; y < height; y++)
    for (const [from, to] of rowsWithin(round, y, width, height)) row(y, from, to);
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

/** Which pixels of a row lie within a loop, by the crossings of the row's middle. */
function rowsWithin(
  round: readonly Point2[] | null,
  y: number,
  width: number,
  height: number,
): readonly (readonly [from: number, to: number])[] {
  if (round === null) return [[0, width]];
  const middle = (y + 0.5) / height;
  const xs = round
    .flatMap(([x0, y0], i): number[] => {
      const [x1, y1] = round[(i + 1) % round.length]!;
      return y0 <= middle === y1 <= middle ? [] : [x0 + ((middle - y0) / (y1 - y0)) * (x1 - x0)];
    })
    .toSorted((a, b) => a - b);
  // A pixel is in where its middle is.
  const at = (x: number): number => Math.min(width, Math.max(0, Math.ceil(x * width - 0.5)));
  return xs.flatMap((x, i): (readonly [number, number])[] =>
    i % 2 === 0 && xs[i + 1] !== undefined ? [[at(x), at(xs[i + 1]!)]] : [],
  );
}
