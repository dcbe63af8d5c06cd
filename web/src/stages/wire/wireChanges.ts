import type { Piece } from '@keen-sinew/core';

type Wire = Piece['wire'];

/** The document with part of its wire decisions replaced. */
export const withWire = (piece: Piece, part: Partial<Wire>): Piece => ({
  ...piece,
  wire: { ...piece.wire, ...part },
});

/** The document with one allowance set, mm. */
export const withAllowance = (piece: Piece, name: keyof Wire['allowancesMm'], mm: number): Piece =>
  withWire(piece, { allowancesMm: { ...piece.wire.allowancesMm, [name]: mm } });
