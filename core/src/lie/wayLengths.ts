import type { TriangleMesh } from '../geometry/triangleMesh.ts';

/** Points that hang together by edges, in rows: where the neighbours of each begin, and which they are. */
interface Neighbours {
  readonly points: readonly number[];
  readonly starts: Uint32Array;
  readonly to: Uint32Array;
}

/** Solved to this share of where it began, and in so many rounds at most. */
const SOLVED = 1e-4;
const MOST_ROUNDS = 800;

/**
 * How far along the lie each point of some triangles lies, mm, by point: the numbers whose steps from point to point
 * are nearest, in least squares over the edges, to what the way of the lie goes there; 0 where each part that hangs
 * together begins. Conjugate gradients on the Laplacian of the edges (M. Hestenes and E. Stiefel, 1952).
 */
export function wayLengths(
  mesh: TriangleMesh,
  ways: Float32Array,
  triangles: readonly number[],
): ReadonlyMap<number, number> {
  const of = neighbours(mesh, triangles);
  const { points, starts, to } = of;
  const many = points.length;
  const step = (i: number, j: number): number => {
    const [a, b] = [3 * points[i]!, 3 * points[j]!];
    let sum = 0;
    for (let k = 0; k < 3; k++)
      sum +=
        0.5 * (ways[a + k]! + ways[b + k]!) * (mesh.positions[b + k]! - mesh.positions[a + k]!);
    return sum;
  };
  // Begun along a tree of edges, so that few rounds are left.
  const { x, part } = alongTree(of, step);
  const r = new Float64Array(many);
  for (let i = 0; i < many; i++)
    for (let e = starts[i]!; e < starts[i + 1]!; e++) r[i]! += x[to[e]!]! - x[i]! - step(i, to[e]!);
  solve(of, x, r);
  const first = new Float64Array(Math.max(0, ...part) + 1).fill(Infinity);
  for (let i = 0; i < many; i++) first[part[i]!] = Math.min(first[part[i]!]!, x[i]!);
  return new Map(points.map((point, i) => [point, x[i]! - first[part[i]!]!]));
}

/** Betters x until what is left of the equation, r, is small. */
function solve({ starts, to }: Neighbours, x: Float64Array, r: Float64Array): void {
  const many = x.length;
  const degree = (i: number): number => Math.max(1, starts[i + 1]! - starts[i]!);
  const [p, q] = [new Float64Array(many), new Float64Array(many)];
  for (let i = 0; i < many; i++) p[i] = r[i]! / degree(i);
  const square = (): number => {
    let sum = 0;
    for (let i = 0; i < many; i++) sum += (r[i]! * r[i]!) / degree(i);
    return sum;
  };
  const begun = square();
  for (let now = begun, round = 0; round < MOST_ROUNDS && now > SOLVED ** 2 * begun; round++) {
    let across = 0;
    for (let i = 0; i < many; i++) {
      let sum = 0;
      for (let e = starts[i]!; e < starts[i + 1]!; e++) sum += p[i]! - p[to[e]!]!;
      q[i] = sum;
      across += sum * p[i]!;
    }
    if (across === 0) return;
    const by = now / across;
    for (let i = 0; i < many; i++) {
      x[i]! += by * p[i]!;
      r[i]! -= by * q[i]!;
    }
    const next = square();
    for (let i = 0; i < many; i++) p[i] = r[i]! / degree(i) + (next / now) * p[i]!;
    now = next;
  }
}

function neighbours({ indices }: TriangleMesh, triangles: readonly number[]): Neighbours {
  const place = new Map<number, number>();
  const at = (point: number): number => {
    if (!place.has(point)) place.set(point, place.size);
    return place.get(point)!;
  };
  const edges = new Set<number>();
  const span = 2 ** 26;
  for (const t of triangles)
    for (let k = 0; k < 3; k++) {
      const [i, j] = [at(indices[3 * t + k]!), at(indices[3 * t + ((k + 1) % 3)]!)];
      edges.add(Math.min(i, j) * span + Math.max(i, j));
    }
  const starts = new Uint32Array(place.size + 1);
  const ends = [...edges].map((key) => [Math.floor(key / span), key % span] as const);
  for (const [i, j] of ends) {
    starts[i + 1]!++;
    starts[j + 1]!++;
  }
  for (let i = 0; i < place.size; i++) starts[i + 1]! += starts[i]!;
  const [to, next] = [new Uint32Array(2 * ends.length), starts.slice()];
  for (const [i, j] of ends) {
    to[next[i]!++] = j;
    to[next[j]!++] = i;
  }
  return { points: [...place.keys()], starts, to };
}

/** Lengths along a tree of edges, and which part that hangs together each point is of. */
function alongTree(
  { starts, to }: Neighbours,
  step: (i: number, j: number) => number,
): { readonly x: Float64Array; readonly part: Int32Array } {
  const many = starts.length - 1;
  const x = new Float64Array(many);
  const part = new Int32Array(many).fill(-1);
  let parts = 0;
  for (let root = 0; root < many; root++) {
    if (part[root] !== -1) continue;
    part[root] = parts;
    const queue = [root];
    for (let n = 0; n < queue.length; n++) {
      const i = queue[n]!;
      for (let e = starts[i]!; e < starts[i + 1]!; e++) {
        const j = to[e]!;
        if (part[j] !== -1) continue;
        part[j] = parts;
        x[j] = x[i]! + step(i, j);
        queue.push(j);
      }
    }
    parts++;
  }
  return { x, part };
}
