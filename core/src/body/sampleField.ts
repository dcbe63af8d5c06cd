import type { Vec3 } from '../geometry/vec3.ts';
import type { CellGrid } from './cellGrid.ts';

/**
 * The value of a field between its cells, trilinear. Outside the grid, and beside cells that nothing
 * reaches, Infinity.
 */
export function sampleField(
  values: Float32Array,
  { origin, cellMm, cells }: CellGrid,
  px: number,
  py: number,
  pz: number,
): number {
  const x = (px - origin[0]) / cellMm;
  const y = (py - origin[1]) / cellMm;
  const z = (pz - origin[2]) / cellMm;
  const i = Math.floor(x);
  const j = Math.floor(y);
  const k = Math.floor(z);
  const nx = cells[0];
  const nxy = nx * cells[1];
  if (i < 0 || j < 0 || k < 0 || i >= nx - 1 || j >= cells[1] - 1 || k >= cells[2] - 1)
    return Infinity;
  const u = x - i;
  const v = y - j;
  const w = z - k;
  const a = i + nx * j + nxy * k;
  const b = a + nxy;
  const low =
    (values[a]! * (1 - u) + values[a + 1]! * u) * (1 - v) +
    (values[a + nx]! * (1 - u) + values[a + nx + 1]! * u) * v;
  const high =
    (values[b]! * (1 - u) + values[b + 1]! * u) * (1 - v) +
    (values[b + nx]! * (1 - u) + values[b + nx + 1]! * u) * v;
  const value = low * (1 - w) + high * w;
  // Infinity times nothing is no number.
  return value < Infinity ? value : Infinity;
}

/**
 * The first place along a way, at most `far` from where it begins, where a field that is negative
 * there turns positive: steps of half a cell, then a straight line between two. Undefined where the
 * field is not negative at the start, or stays so.
 */
export function wayOut(
  values: Float32Array,
  grid: CellGrid,
  from: Vec3,
  way: Vec3,
  far: number,
): number | undefined {
  let before = sampleField(values, grid, ...from);
  if (!(before < 0)) return undefined;
  const step = grid.cellMm / 2;
  for (let s = step; s <= far + step; s += step) {
    const value = sampleField(
      values,
      grid,
      from[0] + s * way[0],
      from[1] + s * way[1],
      from[2] + s * way[2],
    );
    if (value >= 0) return value === Infinity ? s : s - (step * value) / (value - before);
    before = value;
  }
  return undefined;
}
