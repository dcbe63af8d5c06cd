import * as say from './words.ts';
import { getDocument, GlobalWorkerOptions } from 'pdfjs-dist';
import workerUrl from 'pdfjs-dist/build/pdf.worker.min.mjs?url';

GlobalWorkerOptions.workerSrc = workerUrl;

/** Pages of a drawing are drawn at this many dots per inch, unless they would be too large. */
const DPI = 200;
const POINTS_PER_INCH = 72;
const LONGEST_PX = 4096;
/** A book is not a drawing: of a longer document only so many pages are taken. */
const MOST_PAGES = 12;

/** Each page of a PDF as a PNG picture, named by file and page. Rejects where the file is damaged. */
export async function pdfPages(
  file: File,
): Promise<readonly { readonly name: string; readonly blob: Blob }[]> {
  const task = getDocument({
    data: new Uint8Array(await file.arrayBuffer()),
    isEvalSupported: false,
  });
  const document_ = await task.promise;
  try {
    const pages: { name: string; blob: Blob }[] = [];
    for (let n = 1; n <= Math.min(document_.numPages, MOST_PAGES); n++) {
      const page = await document_.getPage(n);
      const { width, height } = page.getViewport({ scale: 1 });
      const scale = Math.min(DPI / POINTS_PER_INCH, LONGEST_PX / Math.max(width, height));
      const viewport = page.getViewport({ scale });
      const canvas = document.createElement('canvas');
      canvas.width = Math.ceil(viewport.width);
      canvas.height = Math.ceil(viewport.height);
      await page.render({ canvas, viewport }).promise;
      const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'));
      if (blob === null) throw new Error(`page ${n} could not be drawn`);
      pages.push({ name: say.page(file.name, n), blob });
    }
    return pages;
  } finally {
    await task.destroy();
  }
}
