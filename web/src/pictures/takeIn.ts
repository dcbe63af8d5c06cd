import * as say from './words.ts';
import {
  blankPicture,
  cutText,
  MOST_PICTURES,
  problemSentence,
  readPictureHeader,
  uprightSize,
  type Picture,
  type PictureView,
} from '@keen-sinew/core';
import { hired } from '../workers/hired.ts';
import type { PictureWorker, ReadyPicture } from '../workers/picture.worker.ts';

/** What came of one file: pictures to add with their bytes, or the sentence of what is wrong. */
export interface TakenIn {
  readonly pictures: readonly { readonly picture: Picture; readonly blob: Blob }[];
  readonly sentences: readonly string[];
}

/** The head of a file is read from so many bytes. */
const HEAD_BYTES = 256 * 1024;

/** Decodes in a worker that is ended afterwards, so that the memory of a large picture is let go. */
export type Decode = (file: Blob, alwaysRedraw: boolean) => Promise<ReadyPicture>;

const inWorker: Decode = (file, alwaysRedraw) =>
  hired<PictureWorker, ReadyPicture>(
    () => new Worker(new URL('../workers/picture.worker.ts', import.meta.url), { type: 'module' }),
    (remote) => remote.ready(file, alwaysRedraw),
  );

/**
 * Reads files as pictures of a view, one after the other. Files are told by what they hold; a PDF
 * gives one picture a page. `taken` are the ids that are in use.
 */
export async function takeInPictures(
  files: readonly File[],
  view: PictureView,
  taken: readonly string[],
  decode: Decode = inWorker,
): Promise<TakenIn> {
  const pictures: { picture: Picture; blob: Blob }[] = [];
  const sentences: string[] = [];
  const ids = new Set(taken);
  for (const file of files) {
    const pages = await pagesOf(file);
    if ('sentence' in pages) sentences.push(pages.sentence);
    else
      for (const page of pages.list) {
        if (ids.size >= MOST_PICTURES) {
          sentences.push(say.thisPieceHasPictures(page.name, MOST_PICTURES));
          continue;
        }
        const read = await oneOf(page.name, page.blob, view, ids, decode);
        if (typeof read === 'string') sentences.push(read);
        else pictures.push(read);
      }
  }
  return { pictures, sentences };
}

interface Page {
  readonly name: string;
  readonly blob: Blob;
}

async function pagesOf(
  file: File,
): Promise<{ readonly list: readonly Page[] } | { readonly sentence: string }> {
  const start = new TextDecoder('latin1').decode(await file.slice(0, 5).arrayBuffer());
  if (start !== '%PDF-') return { list: [{ name: file.name, blob: file }] };
  try {
    const { pdfPages } = await import('./pdfPages.ts');
    return { list: await pdfPages(file) };
  } catch (error) {
    return {
      sentence: say.thisPdfCouldNot(file.name, (error as Error).message),
    };
  }
}

async function oneOf(
  name: string,
  blob: Blob,
  view: PictureView,
  ids: Set<string>,
  decode: Decode,
): Promise<{ picture: Picture; blob: Blob } | string> {
  const header = readPictureHeader(
    name,
    new Uint8Array(await blob.slice(0, HEAD_BYTES).arrayBuffer()),
  );
  if (!header.ok) return problemSentence(header.problem);
  let ready: ReadyPicture;
  try {
    ready = await decode(blob, header.value.orientation !== 1);
  } catch (error) {
    return say.pictureIsDamagedAnd(name, (error as Error).message);
  }
  const upright = uprightSize(header.value);
  if (ready.widthPx !== upright.widthPx || ready.heightPx !== upright.heightPx)
    return say.itsHeadSpeaksOf(
      name,
      upright.widthPx,
      upright.heightPx,
      ready.widthPx,
      ready.heightPx,
    );
  const id = freeId(name, ids);
  ids.add(id);
  const { widthPx, heightPx, keptWidthPx } = ready;
  const picture = blankPicture({
    id,
    name: cutText(name, 120),
    view,
    widthPx,
    heightPx,
    pxPerKept: widthPx / keptWidthPx,
  });
  return { picture, blob: ready.blob };
}

function freeId(name: string, ids: ReadonlySet<string>): string {
  const stem =
    name
      .toLowerCase()
      .replace(/\.[a-z0-9]+$/, '')
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 30) || 'picture';
  let id = stem;
  for (let n = 2; ids.has(id); n++) id = `${stem}-${n}`;
  return id;
}
