import * as say from './words.ts';
import { migrate } from '../piece/migrations.ts';
import { PIECE_VERSION } from '../piece/pieceSchema.ts';
import { refused, type Parsed } from '../units/problem.ts';
import { readJson } from '../units/readJson.ts';
import { openedFile, readOpened, type PieceFile } from './pieceFile.ts';

/**
 * Reads a piece file: text → JSON → version → schema → names that must exist. Anything wrong comes
 * back as one problem that says where; nothing is half read.
 */
export function readPieceText(text: string): Parsed<PieceFile> {
  const data = readJson(text, say.wholePieceFileIn);
  return data.ok ? readPiece(data.value) : data;
}

/**
 * The same for data that is already parsed: an envelope, or the bare document of a piece, of any
 * version. What older documents held of the workshop comes out beside the piece.
 */
export function readPiece(data: unknown): Parsed<PieceFile> {
  const file = openedFile(data);
  if (!file.ok) return file;
  const current = migrate(file.value.piece);
  if (current === undefined)
    return refused(say.filesVersion, file.value.piece['version'], say.versionFromTo(PIECE_VERSION));
  const { workshop: carried, ...piece } = current;
  return readOpened({ piece, workshop: file.value.workshop ?? carried });
}
