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

/** The document with part of what binds the wires replaced. */
export const withBinder = (piece: Piece, part: Partial<Wire['binder']>): Piece =>
  withWire(piece, { binder: { ...piece.wire.binder, ...part } });

/** The document with a thin wire chosen, left out (null), or given back to the usual (undefined). */
export function withFine(piece: Piece, key: string, own: Wire['fine'][string] | undefined): Piece {
  const { [key]: _before, ...others } = piece.wire.fine;
  return withWire(piece, { fine: own === undefined ? others : { ...others, [key]: own } });
}
