import type { Lattice } from '../geometry/isoMesh.ts';
import { type Vec3 } from '../geometry/vec3.ts';
import { type SkinPart } from './skin.ts';

/** A regular grid of cells over a body; x runs fastest. */
export type CellGrid = Lattice;

/** The flesh as one field: how deep every cell lies, and whose surface is nearest to it. */
export interface FleshField extends CellGrid {
  readonly parts: readonly SkinPart[];
  /** Signed distance to the skin, mm, negative inside; Infinity far outside. */
  readonly depth: Float32Array;
  /** Index of the part whose skin is nearest; −1 far outside. */
  readonly owner: Int16Array;
}

/** The two parts nearest to every cell: signed distances in mm, and their indices. */
export interface Nearest {
  readonly first: Float32Array;
  readonly second: Float32Array;
  readonly firstPart: Int16Array;
  readonly secondPart: Int16Array;
}

/** Slope of a field at a cell, per mm: it points away from the body. One-sided beside unknown cells. */
export function slopeAt(
  values: Float32Array,
  { cells, cellMm }: CellGrid,
  at: number,
): readonly [number, number, number] {
  return [
    slopeAlong(values, at, 1, cellMm),
    slopeAlong(values, at, cells[0], cellMm),
    slopeAlong(values, at, cells[0] * cells[1], cellMm),
  ];
}

/** Centre of a cell, mm. */
export function cellCentre({ origin, cellMm: h, cells }: CellGrid, at: number): Vec3 {
  const i = at % cells[0];
  const rest = (at - i) / cells[0];
  const j = rest % cells[1];
  return [origin[0] + i * h, origin[1] + j * h, origin[2] + ((rest - j) / cells[1]) * h];
}

function slopeAlong(values: Float32Array, at: number, step: number, h: number): number {
  const before = values[at - step] ?? Infinity;
  const after = values[at + step] ?? Infinity;
  if (before < Infinity)
    return after < Infinity ? (after - before) / (2 * h) : (values[at]! - before) / h;
  return after < Infinity ? (after - values[at]!) / h : 0;
}
