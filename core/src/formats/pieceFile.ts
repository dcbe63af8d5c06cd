import { migrate } from '../piece/migrations.ts';
import { PIECE_FORMAT, PIECE_VERSION, type Piece } from '../piece/pieceSchema.ts';
import { readPieceData } from '../piece/readPiece.ts';
import { accepted, refused, type Parsed } from '../units/problem.ts';
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

/**
 * Reads a piece file: text → JSON → version → schema → names that must exist. Anything wrong comes
 * back as one problem that says where; nothing is half read.
 */
export function readPieceText(text: string): Parsed<PieceFile> {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (error) {
    const reason = error instanceof Error ? error.message : String(error);
    return refused(
      'The file',
      reason,
      'a whole piece file in JSON, as this application exports it',
    );
  }
  return readPiece(data);
}

/** The same for data that is already parsed: an envelope, or the bare document of a piece. */
export function readPiece(data: unknown): Parsed<PieceFile> {
  const head = data as Partial<Record<string, unknown>> | null;
  if (typeof data !== 'object' || head === null || !isOurs(head['format']))
    return refused(
      'The file',
      head?.['format'] ?? typeof data,
      `a file of format “${FILE_FORMAT}” or “${PIECE_FORMAT}”`,
    );
  if (head['format'] === PIECE_FORMAT) return readDocument(head, undefined);
  if (head['version'] !== FILE_VERSION)
    return refused('The file’s version', head['version'], `the version ${FILE_VERSION}`);
  const { piece, workshop } = head;
  if (typeof piece !== 'object' || piece === null)
    return refused('The file’s piece', piece, 'the document of a piece');
  return readDocument(piece as Record<string, unknown>, workshop);
}

const isOurs = (format: unknown): boolean => format === FILE_FORMAT || format === PIECE_FORMAT;

/** A piece's document of any version; what older ones held of the workshop comes out beside it. */
function readDocument(data: Record<string, unknown>, beside: unknown): Parsed<PieceFile> {
  const current = migrate(data);
  if (current === undefined)
    return refused('The file’s version', data['version'], `a version from 1 to ${PIECE_VERSION}`);
  const { workshop: carried, ...own } = current;
  const piece = readPieceData(own);
  if (!piece.ok) return piece;
  const shop = beside ?? carried;
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
