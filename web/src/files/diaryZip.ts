import { diaryMarkdown, type BenchPlan, type Workpiece } from '@keen-sinew/core';
import { loadPicture } from '../stores/pictureStorage.ts';

/** Endings of the pictures that browsers keep, by their media types. */
const ENDINGS: Readonly<Record<string, string>> = {
  ...{ 'image/jpeg': 'jpg', 'image/png': 'png', 'image/webp': 'webp' },
};

/** The diary of a piece as Markdown, with those of its pictures that this browser has, in one ZIP archive. */
export async function diaryZip(piece: Workpiece, bench: BenchPlan): Promise<Blob> {
  const { BlobReader, BlobWriter, configure, TextReader, ZipWriter } =
    await import('@zip.js/zip.js/lib/zip-core-external.js');
  // The policy of our pages forbids workers out of blobs; nothing is pressed here, only put together.
  configure({ useWebWorkers: false });
  const files = new Map<string, { readonly name: string; readonly blob: Blob }>();
  for (const { picture } of piece.bench.log) {
    const blob = picture === null ? null : await loadPicture(piece.id, picture);
    if (picture === null || blob === null) continue;
    files.set(picture, { name: `pictures/${picture}.${ENDINGS[blob.type] ?? 'img'}`, blob });
  }
  const lessons = piece.atHand.lessons.filter(({ piece: of }) => of === piece.name);
  const text = diaryMarkdown(piece, bench, lessons, (id) => files.get(id)?.name ?? null);
  const zip = new ZipWriter(new BlobWriter('application/zip'), { level: 0 });
  await zip.add('diary.md', new TextReader(text));
  for (const { name, blob } of files.values()) await zip.add(name, new BlobReader(blob));
  return zip.close();
}
