import { bodyGrid, COARSE_CELLS, type BodyGrid } from '../body/bodyGrid.ts';
import { heatRun } from '../cure/heatRun.ts';
import { shapeRun } from '../mass/shapeRun.ts';
import { planMeasure } from '../measure/planMeasure.ts';
import { demoPieces } from '../piece/demoPieces.ts';
import { newPiece } from '../piece/newPiece.ts';
import type { Piece } from '../piece/pieceSchema.ts';
import { planPiece, type Plan } from '../plan.ts';

/** The demonstration otter. */
export const otterPiece = (): Piece => demoPieces()[0]!;

/** A plain standing otter at 1:4. */
export const plainPiece = (): Piece => newPiece('plain', 'Plain', 'eurasian-otter');

type Section = 'measure' | 'stance' | 'wire' | 'mass' | 'cure' | 'skin' | 'colour' | 'bench';

/** A piece with part of one of its sections replaced. */
export function changed<S extends Section>(
  piece: Piece,
  section: S,
  part: Partial<Piece[S]>,
): Piece {
  return { ...piece, [section]: { ...piece[section], ...part } };
}

/** The demonstration wolf. */
export const wolfPiece = (): Piece =>
  demoPieces().find((piece) => piece.id === 'wolf-at-the-carr')!;

/** The body of a piece on a coarse grid; the same skeleton is worked out once. */
export function coarseBody(piece: Piece): BodyGrid {
  const { skeleton } = planMeasure(piece.measure, piece.stance);
  const key = JSON.stringify(piece.measure);
  const found = bodies.get(key) ?? bodyGrid(skeleton, COARSE_CELLS);
  bodies.set(key, found);
  return found;
}
const bodies = new Map<string, BodyGrid>();

/** The whole plan of a piece, body included, on a coarse grid; heat as well where it is asked. */
export function wholePlan(piece: Piece, withHeat = false): Plan {
  const body = coarseBody(piece);
  if (!withHeat) return planPiece(piece, body);
  const shape = shapeRun(piece, false);
  const { request } = planPiece(piece, body, null, shape).cure;
  return planPiece(piece, body, request && heatRun(request), shape);
}
