import {
  lightOf,
  pictureAnswer,
  pictureColours,
  type PictureAnswer,
  type PicturePixels,
} from '@keen-sinew/core/palette';
import type { CardKind } from '@keen-sinew/core';
import { expose } from 'comlink';

/** Places of a picture in shares of its width and height, from its top left. */
export type Loop = readonly (readonly [x: number, y: number])[];

/** What is asked of the picture that is open. */
export interface PaletteQuestion {
  readonly round: Loop | null;
  /** Where a card lies, the corners of a rectangle; null where the picture shows none. */
  readonly card: Loop | null;
  readonly kind: CardKind;
  readonly many: number;
}

let open: PicturePixels | null = null;

/** Looks at the colours of one picture after the other, away from the page. */
const paletteWorker = {
  /** Decodes a picture and keeps its pixels until the next; how large it is. */
  async show(file: Blob): Promise<{ readonly width: number; readonly height: number }> {
    const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
    const { width, height } = bitmap;
    try {
      const context = new OffscreenCanvas(width, height).getContext('2d', {
        willReadFrequently: true,
      });
      if (context === null) throw new Error('the browser has no canvas for it');
      context.drawImage(bitmap, 0, 0);
      open = { width, height, rgba: context.getImageData(0, 0, width, height).data };
    } finally {
      bitmap.close();
    }
    return { width, height };
  },
  /** The answer, and the light that was taken out; null where the card is black. */
  ask({ round, card, kind, many }: PaletteQuestion): PaletteFound | null {
    if (open === null) throw new Error('no picture is open');
    const light = card === null ? ([1, 1, 1] as const) : lightOf(pixelsIn(open, card), kind);
    if (light === null) return null;
    const colours = pictureColours({ ...open, round: round as never, light });
    return { ...pictureAnswer(colours, many), light };
  },
};

/** An answer with what each channel was multiplied by. */
export interface PaletteFound extends PictureAnswer {
  readonly light: readonly [red: number, green: number, blue: number];
}

/** The bytes of the rectangle that a loop spans. */
function pixelsIn({ width, height, rgba }: PicturePixels, loop: Loop): Uint8ClampedArray {
  const [xs, ys] = [loop.map(([x]) => x * width), loop.map(([, y]) => y * height)];
  const clamp = (v: number, most: number): number => Math.min(most, Math.max(0, Math.round(v)));
  const [left, right] = [clamp(Math.min(...xs), width - 1), clamp(Math.max(...xs), width)];
  const [top, low] = [clamp(Math.min(...ys), height - 1), clamp(Math.max(...ys), height)];
  const wide = Math.max(1, right - left);
  const bytes = new Uint8ClampedArray(4 * wide * Math.max(1, low - top));
  for (let y = 0; y < Math.max(1, low - top); y++) {
    const from = 4 * ((top + y) * width + left);
    bytes.set(rgba.subarray(from, from + 4 * wide), 4 * wide * y);
  }
  return bytes;
}

export type PaletteWorker = typeof paletteWorker;
expose(paletteWorker);
