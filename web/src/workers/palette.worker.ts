import {
  coloursUnder,
  lightOf,
  pictureAnswer,
  pictureColours,
  type PictureAnswer,
  type PicturePixels,
  type UnderQuestion,
  type ZoneUnder,
} from '@keen-sinew/core/palette';
import type { CardKind } from '@keen-sinew/core';
import { expose } from 'comlink';

/** Places of a picture in shares of its width and height, from its top left. */
export type Loop = readonly (readonly [x: number, y: number])[];

/** What is asked of a picture. */
export interface PaletteQuestion {
  readonly round: Loop | null;
  /** Where a card lies, the corners of a rectangle; null where the picture shows none. */
  readonly card: Loop | null;
  readonly kind: CardKind;
  readonly many: number;
}

/** An answer with what each channel was multiplied by. */
export interface PaletteFound extends PictureAnswer {
  readonly light: readonly [red: number, green: number, blue: number];
}

/** What is asked of a picture with the piece laid over it, placed in pixels of a picture `widthPx` wide. */
export interface LaidQuestion extends Pick<UnderQuestion, 'areas' | 'middle' | 'placing'> {
  readonly widthPx: number;
  readonly card: Loop | null;
  readonly kind: CardKind;
}

/** Looks at the colours of a picture, away from the page. */
const paletteWorker = {
  /** The colours of a picture in the light of its card; null where that is black. */
  async look(
    file: Blob,
    { round, card, kind, many }: PaletteQuestion,
  ): Promise<PaletteFound | null> {
    const pixels = await decoded(file);
    const light = lightIn(pixels, card, kind);
    if (light === null) return null;
    return { ...pictureAnswer(pictureColours({ ...pixels, round, light }), many), light };
  },

  /** The colours under the zones of a piece, in the light of the card; null where that is black. */
  async under(
    file: Blob,
    { widthPx, card, kind, placing, ...of }: LaidQuestion,
  ): Promise<readonly ZoneUnder[] | null> {
    const pixels = await decoded(file);
    const light = lightIn(pixels, card, kind);
    if (light === null) return null;
    // A smaller copy may be kept than the picture was.
    const k = pixels.width / widthPx;
    const [x, y] = placing.at;
    const kept = { ...placing, at: [k * x, k * y] as const, pxPerMm: k * placing.pxPerMm };
    return coloursUnder({ ...pixels, ...of, placing: kept, light });
  },
};

const lightIn = (pixels: PicturePixels, card: Loop | null, kind: CardKind) =>
  card === null ? ([1, 1, 1] as const) : lightOf(pixelsIn(pixels, card), kind);

async function decoded(file: Blob): Promise<PicturePixels> {
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
  const { width, height } = bitmap;
  try {
    const context = new OffscreenCanvas(width, height).getContext('2d', {
      willReadFrequently: true,
    });
    if (context === null) throw new Error('the browser has no canvas for it');
    context.drawImage(bitmap, 0, 0);
    return { width, height, rgba: context.getImageData(0, 0, width, height).data };
  } finally {
    bitmap.close();
  }
}

/** The bytes of the rectangle that a loop spans. */
function pixelsIn({ width, height, rgba }: PicturePixels, loop: Loop): Uint8ClampedArray {
  const [xs, ys] = [loop.map(([x]) => x * width), loop.map(([, y]) => y * height)];
  const clamp = (v: number, most: number): number => Math.min(most, Math.max(0, Math.round(v)));
  const [left, right] = [clamp(Math.min(...xs), width - 1), clamp(Math.max(...xs), width)];
  const [top, low] = [clamp(Math.min(...ys), height - 1), clamp(Math.max(...ys), height)];
  const [wide, high] = [Math.max(1, right - left), Math.max(1, low - top)];
  const bytes = new Uint8ClampedArray(4 * wide * high);
  for (let y = 0; y < high; y++) {
    const from = 4 * ((top + y) * width + left);
    bytes.set(rgba.subarray(from, from + 4 * wide), 4 * wide * y);
  }
  return bytes;
}

export type PaletteWorker = typeof paletteWorker;
expose(paletteWorker);
