import * as say from './words.ts';
import { pieceText, problemSentence, refused, type Piece, type Workpiece } from '@keen-sinew/core';
import { loadPicture } from '../stores/pictureStorage.ts';
import type { NamedPicture, PieceArchive } from './archive.ts';
import type { ArchiveWorker } from '../workers/archive.worker.ts';

/** What packs and opens archives: a worker, or this thread in tests. */
export type ArchiveHands = ArchiveWorker;
/** Lends hands to one job, which the signal ends. */
export type Hire = <T>(act: (hands: ArchiveHands) => Promise<T>, signal: AbortSignal) => Promise<T>;

/** A worker of its own for each archive. */
const hireWorker: Hire = async <T>(
  act: (hands: ArchiveHands) => Promise<T>,
  signal: AbortSignal,
): Promise<T> => {
  const [{ proxy }, { hired }] = await Promise.all([
    import('comlink'),
    import('../workers/hired.ts'),
  ]);
  const make = (): Worker =>
    new Worker(new URL('../workers/archive.worker.ts', import.meta.url), { type: 'module' });
  return hired<ArchiveWorker, T>(
    make,
    (remote) =>
      act({
        packArchive: (text, pictures, told) => remote.packArchive(text, pictures, proxy(told)),
        openArchive: (file, room, told) => remote.openArchive(file, room, proxy(told)),
      }),
    signal,
  );
};

/** The pictures of a piece that are no part of the application: what it is measured on, and those of its log. */
export const keptPictures = ({
  references,
  bench,
}: Pick<Piece, 'references' | 'bench'>): readonly string[] => [
  ...references.pictures.filter(({ shipped }) => shipped === null).map(({ id }) => id),
  ...bench.log.flatMap(({ picture }) => picture ?? []),
];

/** A piece and the pictures that this browser keeps of it, as one ZIP archive. */
export async function pieceZip(
  piece: Workpiece,
  told: (share: number) => void,
  signal: AbortSignal,
  hire: Hire = hireWorker,
): Promise<Blob> {
  const pictures: NamedPicture[] = [];
  for (const id of keptPictures(piece)) {
    const blob = await loadPicture(piece.id, id);
    if (blob !== null) pictures.push({ id, blob });
  }
  return hire((hands) => hands.packArchive(pieceText(piece), pictures, told), signal);
}

/** How many bytes more this browser says that it can keep; without end where it does not say. */
async function roomLeft(): Promise<number> {
  const { quota, usage } = (await navigator.storage?.estimate?.()) ?? {};
  return quota === undefined || usage === undefined ? Infinity : Math.max(0, quota - usage);
}

/**
 * Reads an archive; throws a sentence where it is damaged, too large, holds no piece, or a picture that
 * its piece does not name.
 */
export async function readPieceZip(
  file: Blob,
  told: (share: number) => void,
  signal: AbortSignal,
  hire: Hire = hireWorker,
): Promise<PieceArchive> {
  const room = await roomLeft();
  const archive = await hire((hands) => hands.openArchive(file, room, told), signal);
  const { readPieceText } = await import('../stores/olderPieces.ts');
  const read = readPieceText(archive.text);
  if (!read.ok) throw new Error(problemSentence(read.problem));
  const named = new Set(keptPictures(read.value.piece));
  const stranger = archive.pictures.find(({ id }) => !named.has(id));
  if (stranger === undefined) return archive;
  const names = named.size === 0 ? say.noPictureAtAll : [...named].join(', ');
  const { problem } = refused(say.archive, stranger.id, say.picturesThatPieceNames(names)) as {
    problem: Parameters<typeof problemSentence>[0];
  };
  throw new Error(problemSentence(problem));
}
