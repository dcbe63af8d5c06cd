import * as say from './words.ts';
import { PIECE_FORMAT, PIECE_VERSION, type Piece } from '../piece/pieceSchema.ts';
import { readPieceData } from '../piece/readPiece.ts';
import { accepted, refused, type Parsed } from '../units/problem.ts';
import { boundedData } from '../units/readJson.ts';
import type { VersionedData } from '../units/versions.ts';
import { readWorkshop } from '../workshop/readWorkshop.ts';
import { parted, type Workpiece } from '../workshop/workpiece.ts';
import type { Workshop } from '../workshop/workshopSchema.ts';

/** The envelope of a piece's file: the piece, and a copy of the workshop that it was planned in. */
export const FILE_FORMAT = 'keen-sinew-file';
const FILE_VERSION = 1;

/** What a piece's file or record holds. */
export interface PieceFile {
  readonly piece: Piece;
  /** The workshop that it was planned in; null where none came with it. */
  readonly workshop: Workshop | null;
}

/** What is in a file or record before its piece is read, and the workshop beside it. */
export interface OpenedFile {
  readonly piece: VersionedData;
  readonly workshop: unknown;
}

/** Opens an envelope, or takes the bare document of a piece for one without a workshop. */
export function openedFile(data: unknown): Parsed<OpenedFile> {
  const bounded = boundedData(data);
  if (!bounded.ok) return bounded;
  const head = data as VersionedData | null;
  if (typeof data !== 'object' || head === null || !isOurs(head['format']))
    return refused(
      say.file,
      head?.['format'] ?? typeof data,
      say.fileOfFormatOr(FILE_FORMAT, PIECE_FORMAT),
    );
  if (head['format'] === PIECE_FORMAT) return accepted({ piece: head, workshop: undefined });
  if (head['version'] !== FILE_VERSION)
    return refused(say.filesVersion, head['version'], say.version(FILE_VERSION));
  const { piece, workshop } = head;
  return typeof piece === 'object' && piece !== null
    ? accepted({ piece: piece as VersionedData, workshop })
    : refused(say.filesPiece, piece, say.documentOfPiece);
}

const isOurs = (format: unknown): boolean => format === FILE_FORMAT || format === PIECE_FORMAT;

/** Whether data is a piece of today’s version, that can be read without its older ones. */
export function isOfToday(data: unknown): boolean {
  const file = openedFile(data);
  return file.ok && file.value.piece['version'] === PIECE_VERSION;
}

/**
 * Reads a piece of today’s version, in its envelope or bare: schema, then names that must exist. Older
 * ones are brought up first by `readPiece` (formats/readPiece.ts).
 */
export function readTodaysPiece(data: unknown): Parsed<PieceFile> {
  const file = openedFile(data);
  return file.ok ? readOpened(file.value) : file;
}

/** Reads what an envelope holds, both documents being of today’s version. */
export function readOpened({ piece: data, workshop: shop }: OpenedFile): Parsed<PieceFile> {
  const piece = readPieceData(data);
  if (!piece.ok) return piece;
  if (shop === undefined) return accepted({ piece: piece.value, workshop: null });
  const workshop = readWorkshop(shop);
  return workshop.ok ? accepted({ piece: piece.value, workshop: workshop.value }) : workshop;
}

/** The text of a piece file: the envelope, readable, ending in a line break. */
export function pieceText(workpiece: Workpiece): string {
  const { piece, workshop } = parted(workpiece);
  const file = { format: FILE_FORMAT, version: FILE_VERSION, piece, workshop };
  return `${JSON.stringify(file, null, 2)}\n`;
}
