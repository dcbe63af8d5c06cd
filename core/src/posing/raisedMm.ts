import type { Piece } from '../piece/pieceSchema.ts';

/** How high a rod holds a body above its base, mm; what hangs, free or on a wall, has no base below it. */
export const raisedMm = ({ hold, base }: Pick<Piece['stance'], 'hold' | 'base'>): number =>
  hold === 'base' ? base.rodMm : 0;
