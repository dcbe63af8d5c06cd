import type { Workpiece, Shape } from '@keen-sinew/core';

/** The document with the shape of the living animal replaced. */
export const withShape = (piece: Workpiece, shape: Shape): Workpiece => ({
  ...piece,
  measure: { ...piece.measure, shape },
});

/** A record with one entry put or, where the value is undefined, taken out. */
export function withEntry<T>(
  of: Readonly<Record<string, T>>,
  key: string,
  value: T | undefined,
): Record<string, T> {
  const rest = Object.fromEntries(Object.entries(of).filter(([k]) => k !== key));
  return value === undefined ? rest : { ...rest, [key]: value };
}
