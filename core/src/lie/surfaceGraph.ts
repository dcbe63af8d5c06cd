import { eachTriangle, type TriangleMesh } from '../geometry/triangleMesh.ts';
import { cross, dot, unit, type Vec3 } from '../geometry/vec3.ts';

/** Neighbours of each point of a surface, with how much they count and how their frames are turned. */
export interface SurfaceGraph {
  readonly many: number;
  /** Where the neighbours of a point begin; one more than there are points. */
  readonly starts: Uint32Array;
  readonly to: Uint32Array;
  /** Above 0, and the same from either end; 0 where a parting cuts. */
  readonly weight: Float64Array;
  /** Turns a vector in the neighbour's frame into this point's: cosine and sine. */
  readonly cos: Float64Array;
  readonly sin: Float64Array;
}

/** Two unit axes in the tangent plane of each point, three numbers each: the second is normal × first. */
export interface TangentFrames {
  readonly first: Float64Array;
  readonly second: Float64Array;
}

/** Cotangents of slivers are held to this range, so that no neighbour pushes away and none rules alone. */
const WEIGHTS = { least: 0.05, most: 8 } as const;

const at = (of: Float32Array | Float64Array, i: number): Vec3 => [
  of[3 * i]!,
  of[3 * i + 1]!,
  of[3 * i + 2]!,
];

/** Frames of the points of a mesh: the first axis is what of x (or of y, where x stands out) lies in the surface. */
export function tangentFrames({ normals }: Pick<TriangleMesh, 'normals'>): TangentFrames {
  const [first, second] = [new Float64Array(normals.length), new Float64Array(normals.length)];
  for (let i = 0; 3 * i < normals.length; i++) {
    const normal = unit(at(normals, i));
    const axis: Vec3 = Math.abs(normal[0]) < 0.8 ? [1, 0, 0] : [0, 1, 0];
    const off = dot(axis, normal);
    const e = unit([
      axis[0] - off * normal[0],
      axis[1] - off * normal[1],
      axis[2] - off * normal[2],
    ]);
    first.set(e, 3 * i);
    second.set(cross(normal, e), 3 * i);
  }
  return { first, second };
}

/** A vector as its two parts in the frame of a point. */
export const inFrame = (
  { first, second }: TangentFrames,
  i: number,
  v: Vec3,
): readonly [number, number] => [dot(at(first, i), v), dot(at(second, i), v)];

/** Two parts in the frame of a point as a vector of space. */
export function fromFrame(frames: TangentFrames, i: number, a: number, b: number): Vec3 {
  const [e, f] = [at(frames.first, i), at(frames.second, i)];
  return [a * e[0] + b * f[0], a * e[1] + b * f[1], a * e[2] + b * f[2]];
}

/**
 * The connection Laplacian of a mesh: cotangent weights (U. Pinkall and K. Polthier, 1993), and parallel transport
 * along each edge as the least turn from one normal to the other (F. Knöppel and others, 2013).
 */
export function surfaceGraph(mesh: TriangleMesh, frames: TangentFrames): SurfaceGraph {
  const edges = cotangents(mesh);
  const many = mesh.positions.length / 3;
  const starts = new Uint32Array(many + 1);
  for (const key of edges.keys()) {
    starts[Math.floor(key / many) + 1]!++;
    starts[(key % many) + 1]!++;
  }
  for (let i = 0; i < many; i++) starts[i + 1]! += starts[i]!;
  const size = starts[many]!;
  const [to, weight] = [new Uint32Array(size), new Float64Array(size)];
  const [cos, sin] = [new Float64Array(size), new Float64Array(size)];
  const next = starts.slice(0, many);
  const put = (i: number, j: number, w: number): void => {
    const place = next[i]!++;
    const [c, s] = transport(mesh.normals, frames, i, j);
    to[place] = j;
    weight[place] = w;
    cos[place] = c;
    sin[place] = s;
  };
  for (const [key, w] of edges) {
    const [i, j] = [Math.floor(key / many), key % many];
    const held = Math.min(WEIGHTS.most, Math.max(WEIGHTS.least, w));
    put(i, j, held);
    put(j, i, held);
  }
  return { many, starts, to, weight, cos, sin };
}

/** Half the sum of the cotangents opposite each edge, by i · points + j with i below j. */
function cotangents({ positions: p, indices }: TriangleMesh): Map<number, number> {
  const many = p.length / 3;
  const edges = new Map<number, number>();
  for (let t = 0; t < indices.length; t += 3)
    for (let n = 0; n < 3; n++) {
      const [apex, a, b] = [
        indices[t + n]!,
        indices[t + ((n + 1) % 3)]!,
        indices[t + ((n + 2) % 3)]!,
      ];
      const [ux, uy, uz] = [0, 1, 2].map((k) => p[3 * a + k]! - p[3 * apex + k]!) as [
        number,
        number,
        number,
      ];
      const [vx, vy, vz] = [0, 1, 2].map((k) => p[3 * b + k]! - p[3 * apex + k]!) as [
        number,
        number,
        number,
      ];
      const area = Math.hypot(uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx);
      const cot = (ux * vx + uy * vy + uz * vz) / Math.max(area, 1e-12);
      const key = Math.min(a, b) * many + Math.max(a, b);
      edges.set(key, (edges.get(key) ?? 0) + cot / 2);
    }
  return edges;
}

/** Cosine and sine of the turn from the frame of j, carried to i, into that of i. */
function transport(
  normals: Float32Array,
  { first, second }: TangentFrames,
  i: number,
  j: number,
): readonly [number, number] {
  const [n, m] = [at(normals, i), at(normals, j)];
  const v = at(first, j);
  const k = dot(n, v) / Math.max(1 + dot(n, m), 1e-6);
  const turned: Vec3 = [
    v[0] - k * (n[0] + m[0]),
    v[1] - k * (n[1] + m[1]),
    v[2] - k * (n[2] + m[2]),
  ];
  const [c, s] = [dot(at(first, i), turned), dot(at(second, i), turned)];
  const size = Math.hypot(c, s) || 1;
  return [c / size, s / size];
}

/** A third of the triangles round each point, mm². */
export function pointAreas(mesh: TriangleMesh): Float64Array {
  const areas = new Float64Array(mesh.positions.length / 3);
  eachTriangle(mesh, (area, corners) => {
    for (const corner of corners) areas[corner]! += area / 3;
  });
  return areas;
}

/** The same neighbours without the edges that are cut. */
export function cutGraph(
  graph: SurfaceGraph,
  isCut: (i: number, j: number) => boolean,
): SurfaceGraph {
  const { many, starts, to } = graph;
  const weight = graph.weight.slice();
  for (let i = 0; i < many; i++)
    for (let e = starts[i]!; e < starts[i + 1]!; e++) if (isCut(i, to[e]!)) weight[e] = 0;
  return { ...graph, weight };
}
