import { bodyGrid } from '../body/bodyGrid.ts';
import { planMeasure } from '../measure/planMeasure.ts';
import { demoPieces } from '../piece/demoPieces.ts';
import { newPiece } from '../piece/newPiece.ts';
import type { Piece } from '../piece/pieceSchema.ts';
import { planPiece, type Plan } from '../plan.ts';

/** The demonstration otter. */
export const otterPiece = (): Piece => demoPieces()[0]!;

/** A plain standing otter at 1:4. */
export const plainPiece = (): Piece => newPiece('plain', 'Plain', 'eurasian-otter');

/** A piece with part of one of its sections replaced. */
export function changed<S extends 'measure' | 'stance' | 'wire'>(
  piece: Piece,
  section: S,
  part: Partial<Piece[S]>,
): Piece {
  return { ...piece, [section]: { ...piece[section], ...part } };
}

/** The whole plan of a piece, body included, on a coarse grid. */
export const wholePlan = (piece: Piece): Plan =>
  planPiece(piece, bodyGrid(planMeasure(piece.measure, piece.stance).skeleton, 60));
