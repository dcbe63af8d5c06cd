import { expose } from 'comlink';

/** Longest side of a kept picture, pixels: sharp enough to click on, small enough for a tablet. */
export const KEPT_PX = 4096;

/** A picture that is ready to be kept: upright, at most {@link KEPT_PX} long. */
export interface ReadyPicture {
  readonly blob: Blob;
  /** The picture as it came, upright. */
  readonly widthPx: number;
  readonly heightPx: number;
  readonly keptWidthPx: number;
}

/**
 * Decodes a picture as its orientation says and, where it is too large, makes it smaller. Only one is
 * decoded at a time, and its memory is let go before the answer.
 */
const pictureWorker = {
  async ready(file: Blob, alwaysRedraw: boolean): Promise<ReadyPicture> {
    const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
    try {
      const { width: widthPx, height: heightPx } = bitmap;
      const factor = Math.min(1, KEPT_PX / Math.max(widthPx, heightPx));
      const keptWidthPx = Math.max(1, Math.round(widthPx * factor));
      if (factor === 1 && !alwaysRedraw) return { blob: file, widthPx, heightPx, keptWidthPx };
      const canvas = new OffscreenCanvas(keptWidthPx, Math.max(1, Math.round(heightPx * factor)));
      const context = canvas.getContext('2d');
      if (context === null) throw new Error('the browser has no canvas for it');
      context.imageSmoothingQuality = 'high';
      context.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
      const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.92 });
      return { blob, widthPx, heightPx, keptWidthPx };
    } finally {
      bitmap.close();
    }
  },
};

export type PictureWorker = typeof pictureWorker;
expose(pictureWorker);
