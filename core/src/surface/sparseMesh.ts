import { CUTS, TETRAHEDRA, edgeShare } from '../geometry/isoMesh.ts';
import { eachTriangle, type TriangleMesh } from '../geometry/triangleMesh.ts';
import { BLOCK, type SparseField } from './sparseField.ts';

/** The skin as a mesh, and whose skin each of its points is. */
export interface OwnedMesh extends TriangleMesh {
  /** Index of the part whose skin a point lies on. */
  readonly owner: Int16Array;
}

/**
 * The skin of a sparse field by marching tetrahedra (H. Freudenthal's cut of a cube, 1942): closed and manifold,
 * as cubes that the skin does not come near to are passed over.
 */
// eslint-disable-next-line max-lines-per-function -- one pass over the cells; its steps share the table of points
export function sparseMesh(field: SparseField): OwnedMesh {
  const { blocks, slots, depth, owner, origin, cellMm: h } = field;
  const [bx, by, bz] = blocks;
  const [nx, ny] = [bx * BLOCK, by * BLOCK];
  const positions: number[] = [];
  const owners: number[] = [];
  const indices: number[] = [];
  const known = new Map<number, number>();
  const at = new Int32Array(8);
  const values = new Float64Array(8);
  const places = new Int32Array(3);

  /** The point on the edge of a cube from corner a to corner b, made once for all that share it. */
  const pointOn = (a: number, b: number): number => {
    const [low, high] = a < b ? [a, b] : [b, a];
    const [i, j, k] = [
      places[0]! + (low & 1),
      places[1]! + ((low >> 1) & 1),
      places[2]! + (low >> 2),
    ];
    const way = high - low;
    const key = 8 * (i + nx * (j + ny * k)) + way;
    const before = known.get(key);
    if (before !== undefined) return before;
    const t = edgeShare(values[low]!, values[high]!);
    positions.push(
      origin[0] + (i + t * (way & 1)) * h,
      origin[1] + (j + t * ((way >> 1) & 1)) * h,
      origin[2] + (k + t * (way >> 2)) * h,
    );
    owners.push(owner[at[t < 0.5 ? low : high]!]!);
    const index = positions.length / 3 - 1;
    known.set(key, index);
    return index;
  };
  /** Where the value of a cell lies; −1 where its block is not there. */
  const cellAt = (i: number, j: number, k: number): number => {
    const [bi, bj, bk] = [i >> 3, j >> 3, k >> 3];
    if (bi >= bx || bj >= by || bk >= bz) return -1;
    const slot = slots[bi + bx * (bj + by * bk)]!;
    return slot < 0 ? -1 : slot + (i & 7) + 8 * ((j & 7) + 8 * (k & 7));
  };
  /** Reads the corners of a cube; false where one is missing or the skin does not pass. */
  const read = (i: number, j: number, k: number): boolean => {
    let inside = 0;
    for (let c = 0; c < 8; c++) {
      const cell = cellAt(i + (c & 1), j + ((c >> 1) & 1), k + (c >> 2));
      if (cell < 0) return false;
      at[c] = cell;
      values[c] = depth[cell]!;
      if (values[c]! < 0) inside++;
    }
    return inside > 0 && inside < 8;
  };

  for (let block = 0; block < slots.length; block++) {
    if (slots[block]! < 0) continue;
    const i0 = (block % bx) * BLOCK;
    const rest = Math.floor(block / bx);
    const [j0, k0] = [(rest % by) * BLOCK, Math.floor(rest / by) * BLOCK];
    for (let n = 0; n < BLOCK ** 3; n++) {
      places[0] = i0 + (n & 7);
      places[1] = j0 + ((n >> 3) & 7);
      places[2] = k0 + (n >> 6);
      if (!read(places[0], places[1], places[2])) continue;
      for (const tetra of TETRAHEDRA) {
        let code = 0;
        for (let m = 0; m < 4; m++) if (values[tetra[m]!]! < 0) code |= 1 << m;
        for (const [from, to] of CUTS[code]!) indices.push(pointOn(tetra[from]!, tetra[to]!));
      }
    }
  }
  const mesh = {
    positions: Float32Array.from(positions),
    indices: Uint32Array.from(indices),
    owner: Int16Array.from(owners),
  };
  return { ...mesh, normals: meshNormals(mesh) };
}

/** Unit normals of the points of a mesh: its triangles' by their areas (G. Taubin, 1995). */
export function meshNormals(mesh: Pick<TriangleMesh, 'positions' | 'indices'>): Float32Array {
  const normals = new Float32Array(mesh.positions.length);
  eachTriangle(mesh, (_, corners, normal) => {
    for (const corner of corners)
      for (let k = 0; k < 3; k++) normals[3 * corner + k]! += normal[k as 0];
  });
  for (let i = 0; i < normals.length; i += 3) {
    const size = Math.hypot(normals[i]!, normals[i + 1]!, normals[i + 2]!);
    if (size === 0) normals[i + 1] = 1;
    else for (let k = 0; k < 3; k++) normals[i + k]! /= size;
  }
  return normals;
}
