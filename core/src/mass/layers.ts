import { facingOf, FACINGS } from '../anatomy/coat.ts';
import type { PosedSkeleton } from '../anatomy/pose.ts';
import { slopeAt, type CellGrid, type FleshField } from '../body/cellGrid.ts';
import { clayFreeMm, type CoatChoice } from '../body/undersize.ts';
import { distanceTransform } from '../geometry/distanceTransform.ts';
import { inverse, turn } from '../geometry/quat.ts';
import { LEAST_CORE_MM, type RegionBuild } from './buildUp.ts';

/** The layers of a model as fields over one grid, mm, each negative inside its own surface. */
export interface Layers extends CellGrid {
  /** The finished animal: the tips of its coat. */
  readonly skin: Float32Array;
  /** The clay, which lies deeper where fibre is stuck on it. */
  readonly clay: Float32Array;
  /** The core inside the shell; nowhere negative where all is solid. */
  readonly core: Float32Array;
  /** Index in the builds of the region that a cell belongs to; −1 far outside. */
  readonly region: Int16Array;
}

/** Cells this near to the surface, in edges, speak for it. */
const SEED_CELLS = 0.9;
/** Shells that differ by less are one. */
const SAME_MM = 1e-4;

/**
 * The layers of a posed body as level sets of its one field: clay at the depth u of the coat stuck
 * on it, core at the depth u + t of its region's shell t. A place is core only where every bit of the
 * surface is further away than its own u + t: an exact distance transform with −(u + t)² on the
 * surface says which bit decides.
 */
export function layersOf(
  field: FleshField,
  posed: PosedSkeleton,
  builds: readonly RegionBuild[],
  skin: CoatChoice,
): Layers {
  const { depth, owner, parts, cellMm: h, cells } = field;
  const freeOf = coatTable(field, posed, skin);
  const regionOf = parts.map(({ boneId }) => {
    const key = posed.skeleton.byId.get(boneId)?.key ?? '';
    return builds.findIndex((build) => build.region.bones.includes(key));
  });
  const region = new Int16Array(depth.length).fill(-1);
  const clay = new Float32Array(depth.length).fill(Infinity);
  const core = new Float32Array(depth.length).fill(Infinity);
  const f = new Float32Array(depth.length).fill(Infinity);
  const rho = new Float32Array(depth.length);
  const shells = new Float32Array(depth.length);
  for (let at = 0; at < depth.length; at++) {
    const d = depth[at]!;
    if (owner[at]! < 0 || d === Infinity) continue;
    const own = regionOf[owner[at]!]!;
    const free = freeOf(at);
    const shell = free + (builds[own]?.shellMm ?? 0);
    region[at] = own;
    shells[at] = shell;
    clay[at] = d + free;
    core[at] = builds[own]?.core === 'solid' ? Math.max(h, d + shell) : d + shell;
    if (Math.abs(d) > SEED_CELLS * h) continue;
    rho[at] = Math.max(0, shell + d);
    f[at] = -(rho[at]! ** 2);
  }
  const { value, seed } = distanceTransform(f, cells, [h, h, h]);
  for (let at = 0; at < depth.length; at++) {
    if (!(core[at]! < 0) || seed[at]! < 0) continue;
    // Under one thickness the cell's own depth is exact already.
    if (Math.abs(shells[seed[at]!]! - shells[at]!) < SAME_MM) continue;
    const from = rho[seed[at]!]!;
    const nearest = from - Math.sqrt(Math.max(0, value[at]! + from * from));
    core[at] = Math.max(core[at]!, nearest);
  }
  dropCrumbs(core, field);
  return { origin: field.origin, cellMm: h, cells, skin: depth, clay, core, region };
}

/** How far the coat stuck on stands off, mm of the model, by cell: told from part and facing. */
function coatTable(
  field: FleshField,
  posed: PosedSkeleton,
  skin: CoatChoice,
): (at: number) => number {
  const { skeleton, sizeFactor } = posed;
  const table = field.parts.map(({ boneId }) => {
    const bone = skeleton.byId.get(boneId);
    return FACINGS.map((facing) => clayFreeMm(skeleton, bone, facing, skin, 1 / sizeFactor));
  });
  if (table.every((row) => row.every((mm) => mm === 0))) return () => 0;
  const turns = field.parts.map(({ boneId }) => inverse(posed.byId.get(boneId)!.rotation));
  return (at) => {
    const part = field.owner[at]!;
    const normal = turn(turns[part]!, slopeAt(field.depth, field, at));
    return table[part]![facingOf(normal[1] / (Math.hypot(...normal) || 1))]!;
  };
}

/** Bits of core too thin to be packed are left to the clay. */
function dropCrumbs(core: Float32Array, grid: CellGrid): void {
  for (const piece of piecesOf(core, grid)) {
    let deepest = 0;
    for (const at of piece) deepest = Math.min(deepest, core[at]!);
    if (-deepest < LEAST_CORE_MM) for (const at of piece) core[at] = grid.cellMm;
  }
}

/**
 * Cells that hang together face to face where a field is negative (or, asked so, where it is not):
 * one list of cells for each piece.
 */
export function piecesOf(
  values: Float32Array,
  { cells }: CellGrid,
  inside = true,
): readonly Int32Array[] {
  const [nx, ny] = cells;
  const steps = [1, -1, nx, -nx, nx * ny, -nx * ny] as const;
  const seen = new Uint8Array(values.length);
  const found = new Int32Array(values.length);
  const pieces: Int32Array[] = [];
  let end = 0;
  for (let start = 0; start < values.length; start++) {
    if (seen[start] || values[start]! < 0 !== inside) continue;
    const begin = end;
    seen[start] = 1;
    found[end++] = start;
    for (let i = begin; i < end; i++) {
      const at = found[i]!;
      const x = at % nx;
      for (let n = 0; n < 6; n++) {
        const to = at + steps[n]!;
        if (to < 0 || to >= values.length || seen[to] || values[to]! < 0 !== inside) continue;
        // The ends of a row do not touch those of the next.
        if ((n === 0 && x === nx - 1) || (n === 1 && x === 0)) continue;
        seen[to] = 1;
        found[end++] = to;
      }
    }
    pieces.push(found.subarray(begin, end));
  }
  return pieces;
}
