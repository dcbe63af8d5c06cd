import { pieceText, readPictureHeader, type Workpiece } from '@keen-sinew/core';
import { strFromU8, strToU8, unzip, zip, type Unzipped, type Zippable } from 'fflate';
import { loadPicture } from '../stores/pictureStorage.ts';

const DOCUMENT = 'piece.json';
const PICTURES = 'pictures/';
/** A document larger than this is none of ours. */
const MOST_DOCUMENT_BYTES = 50e6;
/** All pictures of a piece together; more would not fit a tablet’s memory. */
const MOST_BYTES = 500e6;

/** A piece and the pictures that this browser keeps of it, as one ZIP archive. */
export async function pieceZip(piece: Workpiece): Promise<Blob> {
  const entries: Zippable = { [DOCUMENT]: strToU8(pieceText(piece)) };
  for (const { id, shipped } of piece.references.pictures) {
    const blob = shipped === null ? await loadPicture(piece.id, id) : null;
    // Pictures are packed already: storing them is as small and much quicker.
    if (blob !== null)
      entries[PICTURES + id] = [new Uint8Array(await blob.arrayBuffer()), { level: 0 }];
  }
  const bytes = await new Promise<Uint8Array>((done, fail) =>
    zip(entries, (error, data) => (error ? fail(error) : done(data))),
  );
  return new Blob([bytes as Uint8Array<ArrayBuffer>], { type: 'application/zip' });
}

/** What a ZIP archive of a piece holds: the text of its document, and its pictures by id. */
export interface PieceArchive {
  readonly text: string;
  readonly pictures: ReadonlyMap<string, Blob>;
}

/** Reads an archive; rejects with a reason where it is damaged or holds no piece. */
export async function readPieceZip(file: Blob): Promise<PieceArchive> {
  if (file.size > MOST_BYTES)
    throw new Error(`it has ${Math.round(file.size / 1e6)} MB, and 500 MB is the most`);
  const bytes = new Uint8Array(await file.arrayBuffer());
  let total = 0;
  const entries = await new Promise<Unzipped>((done, fail) =>
    unzip(
      bytes,
      {
        // A small archive can unpack to anything: what is too large is left out before it is read.
        filter: ({ name, originalSize }) => {
          total += originalSize;
          const most = name === DOCUMENT ? MOST_DOCUMENT_BYTES : MOST_BYTES;
          return originalSize <= most && total <= MOST_BYTES;
        },
      },
      (error, data) => (error ? fail(error) : done(data)),
    ),
  );
  const document_ = entries[DOCUMENT];
  if (document_ === undefined) throw new Error(`it holds no ${DOCUMENT}`);
  const pictures = new Map<string, Blob>();
  for (const [name, data] of Object.entries(entries)) {
    if (!name.startsWith(PICTURES)) continue;
    const header = readPictureHeader(name, data);
    if (header.ok)
      pictures.set(
        name.slice(PICTURES.length),
        new Blob([data as Uint8Array<ArrayBuffer>], { type: header.value.type }),
      );
  }
  return { text: strFromU8(document_), pictures };
}
