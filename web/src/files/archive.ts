import * as say from './words.ts';
import { problemSentence, readPictureHeader, refused } from '@keen-sinew/core';
import {
  BlobReader,
  BlobWriter,
  configure,
  TextReader,
  ZipReader,
  ZipWriter,
  type Entry,
  type FileEntry,
} from '@zip.js/zip.js/lib/zip-core-external.js';

// The policy of our pages forbids workers out of blobs: this runs in a worker of our own already.
configure({ useWebWorkers: false });

const DOCUMENT = 'piece.json';
const PICTURES = 'pictures/';
/** A document larger than this is none of ours. */
const MOST_DOCUMENT_BYTES = 50e6;
/** All of an archive together, packed or not: what the format bears without its extensions, and tablets. */
export const MOST_ARCHIVE_BYTES = 2e9;
/** More entries than this no piece has: its document, what it is measured on, and the pictures of a full log. */
const MOST_ENTRIES = 2100;
/** The head of a picture is read from so many bytes. */
const HEAD_BYTES = 256 * 1024;

/** A picture of a piece by its id. */
export interface NamedPicture {
  readonly id: string;
  readonly blob: Blob;
}

/** What an archive of a piece holds: the text of its document, and its pictures. */
export interface PieceArchive {
  readonly text: string;
  readonly pictures: readonly NamedPicture[];
}

/** Told as a sentence that is ours, so that it can be shown as it is. */
export class ArchiveRefusal extends Error {}

/** How much is done, 0 to 1. */
type Told = (share: number) => void;

/** Packs a piece’s document and pictures into one ZIP archive. Throws where they are too large. */
export async function packArchive(
  text: string,
  pictures: readonly NamedPicture[],
  told: Told,
): Promise<Blob> {
  const total = pictures.reduce((sum, { blob }) => sum + blob.size, text.length);
  refuseAbove(say.picturesOfPiece, total, MOST_ARCHIVE_BYTES);
  let before = 0;
  const progress = {
    onprogress: (done: number): undefined => {
      told(Math.min(1, (before + done) / total));
      return undefined;
    },
  };
  const writer = new ZipWriter(new BlobWriter('application/zip'));
  await writer.add(DOCUMENT, new TextReader(text), progress);
  before += text.length;
  for (const { id, blob } of pictures) {
    // Pictures are packed already: storing them is as small and much quicker.
    await writer.add(PICTURES + id, new BlobReader(blob), { level: 0, ...progress });
    before += blob.size;
  }
  return writer.close();
}

/**
 * Opens an archive with room for so many bytes. Throws a sentence where it is damaged, is no archive of a
 * piece, leads out of its folders, or unpacks to more than it says or there is room for; nothing of it is
 * kept then.
 */
export async function openArchive(file: Blob, room: number, told: Told): Promise<PieceArchive> {
  const most = Math.min(MOST_ARCHIVE_BYTES, room);
  refuseAbove(say.archive, file.size, most);
  const entries = await entriesOf(file);
  const total = entries.reduce((sum, { uncompressedSize }) => sum + uncompressedSize, 0);
  refuseAbove(say.unpackedArchive, total, most);
  let before = 0;
  const opened = async (entry: FileEntry): Promise<Blob> => {
    const blob = await unpacked(file, entry, (done) => told(Math.min(1, (before + done) / total)));
    before += entry.uncompressedSize;
    return blob;
  };
  const document_ = entries.find(({ filename }) => filename === DOCUMENT);
  if (document_ === undefined)
    throw refusal(say.archive, say.withoutDocument, say.archiveWith(DOCUMENT));
  refuseAbove(DOCUMENT, document_.uncompressedSize, MOST_DOCUMENT_BYTES);
  const text = await (await opened(document_)).text();
  const pictures: NamedPicture[] = [];
  for (const entry of entries) {
    if (entry === document_) continue;
    pictures.push(await pictureOf(entry, await opened(entry)));
  }
  return { text, pictures };
}

/** The files of an archive, each once and under a name that a piece's archive has. */
async function entriesOf(file: Blob): Promise<readonly FileEntry[]> {
  // Names are checked below, so that a wrong one is told by its name.
  const reader = new ZipReader(new BlobReader(file), { filenameValidation: 'tolerant' });
  const all = await damagedAs(() => reader.getEntries());
  if (all.length > MOST_ENTRIES)
    throw refusal(say.archive, say.filesIn(all.length), say.filesAtMost(MOST_ENTRIES));
  const files = all.filter((entry: Entry): entry is FileEntry => !entry.directory);
  const seen = new Set<string>();
  for (const { filename, encrypted } of files) {
    if (filename !== DOCUMENT && !/^pictures\/[a-z0-9-]{1,40}$/.test(filename))
      throw refusal(say.archive, filename, say.onlyDocumentAndPictures(DOCUMENT));
    if (seen.has(filename)) throw refusal(say.archive, filename, say.everyFileOnce);
    if (encrypted) throw refusal(say.archive, say.lockedFile(filename), say.filesWithoutPassword);
    seen.add(filename);
  }
  return files;
}

/**
 * The bytes of an entry, read through once; refused where there are more of them than it says, or others.
 * What is stored as it is becomes a slice of the archive, so that nothing of it is held twice.
 */
function unpacked(file: Blob, entry: FileEntry, told: Told): Promise<Blob> {
  const { filename, uncompressedSize } = entry;
  const isStored = entry.compressionMethod === STORED;
  let parts: Blob[] = [];
  let chunks: Uint8Array<ArrayBuffer>[] = [];
  let [bytes, open] = [0, 0];
  /** Blobs may lie on the disk, where chunks of a large picture would fill the memory. */
  const gather = (): void => {
    parts = [...parts, new Blob(chunks)];
    [chunks, open] = [[], 0];
  };
  const sink = new WritableStream<Uint8Array<ArrayBuffer>>({
    write(chunk) {
      bytes += chunk.length;
      open += chunk.length;
      if (bytes > uncompressedSize)
        throw refusal(filename, say.moreThanItSays, say.bytesAtMost(uncompressedSize));
      if (!isStored) chunks.push(chunk);
      if (open > GATHERED_BYTES) gather();
      told(bytes);
    },
    close: gather,
  });
  return damagedAs(async () => {
    await entry.getData(sink, { checkSignature: true });
    return isStored ? storedSlice(file, entry) : new Blob(parts);
  });
}

const GATHERED_BYTES = 16e6;
/** Kept as it is: no compression (PKWARE APPNOTE 4.4.5). */
const STORED = 0;
/** A local header without its name and its extra field, whose lengths stand in it (APPNOTE 4.3.7). */
const LOCAL_HEADER = { bytes: 30, nameAt: 26, extraAt: 28 } as const;

/** Where the bytes of a stored entry lie in its archive. */
async function storedSlice(file: Blob, { offset, uncompressedSize }: FileEntry): Promise<Blob> {
  const head = await file.slice(offset, offset + LOCAL_HEADER.bytes).arrayBuffer();
  const view = new DataView(head);
  const from =
    offset +
    LOCAL_HEADER.bytes +
    view.getUint16(LOCAL_HEADER.nameAt, true) +
    view.getUint16(LOCAL_HEADER.extraAt, true);
  return file.slice(from, from + uncompressedSize);
}

/** A picture of an archive, told by its first bytes. */
async function pictureOf({ filename }: FileEntry, blob: Blob): Promise<NamedPicture> {
  const head = new Uint8Array(await blob.slice(0, HEAD_BYTES).arrayBuffer());
  const header = readPictureHeader(filename, head);
  if (!header.ok) throw new ArchiveRefusal(problemSentence(header.problem));
  return {
    id: filename.slice(PICTURES.length),
    blob: blob.slice(0, blob.size, header.value.type),
  };
}

/** What a library says of damage, in our words. */
async function damagedAs<T>(read: () => Promise<T>): Promise<T> {
  try {
    return await read();
  } catch (error) {
    if (error instanceof ArchiveRefusal) throw error;
    // The browser lets go of a file that it cannot hold, or that was moved meanwhile.
    if (error instanceof DOMException && error.name === 'NotReadableError')
      throw refusal(say.archive, say.fileThatIsGone, say.fileThatCanBeRead);
    throw refusal(say.archive, say.damagedArchive, say.wholeArchive);
  }
}

const MEGABYTE = 1e6;

function refuseAbove(where: string, bytes: number, most: number): void {
  if (bytes > most)
    throw refusal(
      where,
      say.megabytes(Math.ceil(bytes / MEGABYTE)),
      say.megabytesAtMost(Math.floor(most / MEGABYTE)),
    );
}

function refusal(where: string, received: string, allowed: string): ArchiveRefusal {
  const { problem } = refused(where, received, allowed) as ReturnType<typeof refused> & {
    readonly ok: false;
  };
  return new ArchiveRefusal(problemSentence(problem));
}
