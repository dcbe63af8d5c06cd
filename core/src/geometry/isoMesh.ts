import type { TriangleMesh } from './triangleMesh.ts';
import type { Vec3 } from './vec3.ts';

/** A regular grid: centre of the first cell, edge, and cells along each axis; x runs fastest. */
export interface Lattice {
  readonly origin: Vec3;
  readonly cellMm: number;
  readonly cells: readonly [number, number, number];
}

/**
 * Six tetrahedra that fill a cube, all round the diagonal from corner 0 to corner 7 (corner bits
 * x, y, z); neighbouring cubes cut their common face alike, so nothing is left open. H. Freudenthal,
 * Annals of Mathematics 43 (1942).
 */
export const TETRAHEDRA = [
  [0, 1, 3, 7],
  [0, 3, 2, 7],
  [0, 2, 6, 7],
  [0, 6, 4, 7],
  [0, 4, 5, 7],
  [0, 5, 1, 7],
] as const;

/** A point keeps this share of an edge away from either end, so that no triangle vanishes. */
const AWAY = 0.02;

/** Where on the edge between two values the surface passes, as a share of it. */
export const edgeShare = (a: number, b: number): number =>
  Math.min(1 - AWAY, Math.max(AWAY, a / (a - b)));

/**
 * The surface where a sampled field is zero (negative inside), by marching tetrahedra: closed and
 * manifold wherever the field is positive along the border of the grid, as each tetrahedron is cut
 * by one triangle or one quadrangle. Values may be Infinity away from the surface.
 */
// eslint-disable-next-line max-lines-per-function -- one pass over the cells; its steps share the tables of vertices
export function isoMesh({ origin, cellMm, cells }: Lattice, values: Float32Array): TriangleMesh {
  const [nx, ny, nz] = cells;
  const corner = Array.from(
    { length: 8 },
    (_, c) => (c & 1) + nx * (((c >> 1) & 1) + ny * (c >> 2)),
  );
  const positions: number[] = [];
  const slopes: number[] = [];
  const indices: number[] = [];
  const known = new Map<number, number>();
  const total = values.length;

  /** The point on the edge between two cells, made once for all that share it. */
  const pointOn = (a: number, b: number): number => {
    const [low, high] = a < b ? [a, b] : [b, a];
    const key = low * total + high;
    const before = known.get(key);
    if (before !== undefined) return before;
    const [va, vb] = [values[low]!, values[high]!];
    const t = edgeShare(va, vb);
    const [p, q] = [placeOf(low), placeOf(high)];
    for (let k = 0; k < 3; k++) {
      positions.push(p[k]! + (q[k]! - p[k]!) * t);
      slopes.push((1 - t) * slope(low, k) + t * slope(high, k));
    }
    const index = positions.length / 3 - 1;
    known.set(key, index);
    return index;
  };
  const placeOf = (at: number): Vec3 => {
    const i = at % nx;
    const rest = (at - i) / nx;
    const j = rest % ny;
    return [origin[0] + i * cellMm, origin[1] + j * cellMm, origin[2] + ((rest - j) / ny) * cellMm];
  };
  const steps = [1, nx, nx * ny] as const;
  const slope = (at: number, axis: number): number => {
    const [before, after] = [values[at - steps[axis]!]!, values[at + steps[axis]!]!];
    const here = values[at]!;
    return (
      (after < Infinity ? after : 2 * here - before) -
      (before < Infinity ? before : 2 * here - after)
    );
  };

  for (let k = 0; k < nz - 1; k++)
    for (let j = 0; j < ny - 1; j++)
      for (let i = 0; i < nx - 1; i++) {
        const at = i + nx * (j + ny * k);
        let inside = 0;
        for (let c = 0; c < 8; c++) if (values[at + corner[c]!]! < 0) inside++;
        if (inside === 0 || inside === 8) continue;
        for (const tetra of TETRAHEDRA) {
          let code = 0;
          for (let n = 0; n < 4; n++) if (values[at + corner[tetra[n]!]!]! < 0) code |= 1 << n;
          for (const [from, to] of CUTS[code]!)
            indices.push(pointOn(at + corner[tetra[from]!]!, at + corner[tetra[to]!]!));
        }
      }
  return {
    positions: Float32Array.from(positions),
    normals: unitNormals(slopes, positions, indices),
    indices: Uint32Array.from(indices),
  };
}

/** An edge of a tetrahedron, between two of its corners. */
type Edge = readonly [number, number];

/** The other three corners of a right-handed tetrahedron, as seen from outside past each corner. */
const OTHERS = [
  [1, 2, 3],
  [0, 3, 2],
  [0, 1, 3],
  [0, 2, 1],
] as const;
/** Pairs of corners inside for which (a, b, c, d) is an even order of the corners. */
const EVEN_PAIRS: readonly number[] = [0b0011, 0b1001, 0b0110, 0b1100];

/** For each way in which the corners lie inside (one bit each): the edges cut, three a triangle. */
export const CUTS: readonly (readonly Edge[])[] = Array.from({ length: 16 }, (_, code) =>
  cutsOf(code),
);

function cutsOf(code: number): readonly Edge[] {
  const inside = [0, 1, 2, 3].filter((n) => code & (1 << n));
  const outside = [0, 1, 2, 3].filter((n) => !(code & (1 << n)));
  if (inside.length === 1 || outside.length === 1) {
    const lone = (inside.length === 1 ? inside : outside)[0]!;
    const edges = OTHERS[lone]!.map((other): Edge => [lone, other]);
    return inside.length === 1 ? edges : edges.toReversed();
  }
  if (inside.length !== 2) return [];
  const [a, b] = inside as [number, number];
  const [c, d] = outside as [number, number];
  const ring: readonly Edge[] = [
    [a, c],
    [a, d],
    [b, d],
    [b, c],
  ];
  const order = EVEN_PAIRS.includes(code) ? [0, 1, 2, 0, 2, 3] : [0, 2, 1, 0, 3, 2];
  return order.map((n) => ring[n]!);
}

/** Slopes flatter than this say nothing about which way a surface looks: a ridge or a valley. */
const LEAST_SLOPE = 1e-3;

/** Slopes as unit normals; where there is no slope, the sum of the triangles round the point. */
function unitNormals(
  slopes: readonly number[],
  positions: readonly number[],
  indices: readonly number[],
): Float32Array {
  const normals = Float32Array.from(slopes);
  const flat = new Set<number>();
  for (let i = 0; i < slopes.length; i += 3)
    if (!(Math.hypot(slopes[i]!, slopes[i + 1]!, slopes[i + 2]!) > LEAST_SLOPE)) {
      flat.add(i / 3);
      normals.fill(0, i, i + 3);
    }
  for (let t = 0; flat.size > 0 && t < indices.length; t += 3) {
    const corners = [indices[t]!, indices[t + 1]!, indices[t + 2]!];
    if (!corners.some((point) => flat.has(point))) continue;
    const p = corners.map((point) => positions.slice(3 * point, 3 * point + 3));
    const [u, v] = [1, 2].map((n) => p[n]!.map((x, k) => x - p[0]![k]!)) as [number[], number[]];
    const face = [0, 1, 2].map((k) => {
      const [i, j] = [(k + 1) % 3, (k + 2) % 3];
      return u[i]! * v[j]! - u[j]! * v[i]!;
    });
    for (const point of corners)
      if (flat.has(point)) face.forEach((x, k) => (normals[3 * point + k]! += x));
  }
  for (let i = 0; i < normals.length; i += 3) {
    const size = Math.hypot(normals[i]!, normals[i + 1]!, normals[i + 2]!);
    if (size === 0) normals[i + 1] = 1;
    else for (let k = 0; k < 3; k++) normals[i + k]! /= size;
  }
  return normals;
}
