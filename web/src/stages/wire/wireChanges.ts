import type { Workpiece } from '@keen-sinew/core';

type Wire = Workpiece['wire'];

/** The document with part of its wire decisions replaced. */
export const withWire = (piece: Workpiece, part: Partial<Wire>): Workpiece => ({
  ...piece,
  wire: { ...piece.wire, ...part },
});

/** The document with one allowance set, mm. */
export const withAllowance = (
  piece: Workpiece,
  name: keyof Wire['allowancesMm'],
  mm: number,
): Workpiece => withWire(piece, { allowancesMm: { ...piece.wire.allowancesMm, [name]: mm } });

/** The document with part of what binds the wires replaced. */
export const withBinder = (piece: Workpiece, part: Partial<Wire['binder']>): Workpiece =>
  withWire(piece, { binder: { ...piece.wire.binder, ...part } });

/** The document with a thin wire chosen, left out (null), or given back to the usual (undefined). */
export function withFine(
  piece: Workpiece,
  key: string,
  own: Wire['fine'][string] | undefined,
): Workpiece {
  const { [key]: _before, ...others } = piece.wire.fine;
  return withWire(piece, { fine: own === undefined ? others : { ...others, [key]: own } });
}
