import { eachTriangle, type TriangleMesh } from '../geometry/triangleMesh.ts';
import { nearPoints } from './nearPoints.ts';

/** Places on a mesh: its triangle, and where in it. */
export interface SkinSamples {
  readonly triangles: Uint32Array;
  /** Shares of the first and second corner; the third has the rest. Two numbers a place. */
  readonly shares: Float32Array;
}

/** So many places are thrown for each that is kept (C. Yuksel, 2015, has 5 as plenty). */
const THROWN = 3;
/** How far places are from each other at most: those of hexagons. Weights fall with the eighth power (Yuksel). */
const HEXAGON = 2 * Math.sqrt(3);

/**
 * Exactly so many places, evenly over the area of some triangles and in no pattern: more are thrown by area, and of
 * those that crowd the most crowded is taken away until so many are left (C. Yuksel, Sample elimination for Poisson
 * disk sample sets, 2015). `random` gives numbers from 0 to below 1.
 */
export function evenPoints(
  mesh: TriangleMesh,
  triangles: readonly number[],
  many: number,
  random: () => number,
): SkinSamples {
  const thrown = thrownPoints(mesh, triangles, THROWN * many, random);
  if (many === 0 || thrown.areaMm2 === 0)
    return { triangles: new Uint32Array(), shares: new Float32Array() };
  const kept = thinned(thrown.places, many, Math.sqrt(thrown.areaMm2 / (HEXAGON * many)));
  return {
    triangles: Uint32Array.from(kept, (i) => thrown.triangles[i]!),
    shares: Float32Array.from(
      kept.flatMap((i) => [thrown.shares[2 * i]!, thrown.shares[2 * i + 1]!]),
    ),
  };
}

/** Places thrown on triangles by their area: at even steps through all of it, so that each has its share. */
function thrownPoints(
  mesh: TriangleMesh,
  triangles: readonly number[],
  many: number,
  random: () => number,
) {
  const areas = new Float64Array(mesh.indices.length / 3);
  let t = 0;
  eachTriangle(mesh, (area) => (areas[t++] = area));
  const areaMm2 = triangles.reduce((sum, at) => sum + areas[at]!, 0);
  const [places, of] = [new Float32Array(3 * many), new Uint32Array(many)];
  const shares = new Float32Array(2 * many);
  const { positions: p, indices } = mesh;
  let [n, gone] = [0, 0];
  for (const at of triangles) {
    gone += areas[at]!;
    while (n < many && (n + 0.5) * areaMm2 < gone * many) {
      // A point of a triangle by the square root of a number (G. Turk, 1990).
      const [root, v] = [Math.sqrt(random()), random()];
      const [a, b] = [1 - root, root * (1 - v)];
      const corners = [indices[3 * at]!, indices[3 * at + 1]!, indices[3 * at + 2]!] as const;
      for (let k = 0; k < 3; k++)
        places[3 * n + k] =
          a * p[3 * corners[0] + k]! +
          b * p[3 * corners[1] + k]! +
          (1 - a - b) * p[3 * corners[2] + k]!;
      of[n] = at;
      shares.set([a, b], 2 * n);
      n++;
    }
  }
  return { areaMm2, places, triangles: of.slice(0, n), shares };
}

/** Takes away the most crowded place until so many are left: those that are kept, in their order. */
function thinned(places: Float32Array, many: number, radius: number): number[] {
  const all = places.length / 3;
  const near = neighbours(places, 2 * radius);
  const weights = new Float64Array(all);
  const pull = (square: number): number => {
    // The eighth power of how near it is, squared three times over: this is the inner loop.
    const nearness = Math.max(0, 1 - Math.sqrt(square) / (2 * radius));
    const second = nearness * nearness;
    return second * second * second * second;
  };
  for (let i = 0; i < all; i++)
    for (let e = near.starts[i]!; e < near.starts[i + 1]!; e++)
      weights[i]! += pull(near.squares[e]!);
  const heap = heaviestFirst(weights);
  for (let left = all; left > many; left--) {
    const i = heap.take();
    for (let e = near.starts[i]!; e < near.starts[i + 1]!; e++)
      heap.lighter(near.to[e]!, pull(near.squares[e]!));
  }
  return heap.left();
}

/** The places near each place, in rows. */
function neighbours(places: Float32Array, reach: number) {
  const all = places.length / 3;
  const near = nearPoints(places, reach);
  const starts = new Uint32Array(all + 1);
  const [to, squares]: [number[], number[]] = [[], []];
  for (let n = 0; n < all; n++) {
    near.each(0, places[3 * n]!, places[3 * n + 1]!, places[3 * n + 2]!, (m, square) => {
      if (m === n) return;
      to.push(m);
      squares.push(square);
    });
    starts[n + 1] = to.length;
  }
  return { starts, to, squares };
}

/** A binary heap of places, the heaviest on top, whose weights may fall. */
function heaviestFirst(weights: Float64Array) {
  let size = weights.length;
  const heap = Int32Array.from(weights.keys());
  const place = Int32Array.from(weights.keys());
  const swap = (a: number, b: number): void => {
    const [i, j] = [heap[a]!, heap[b]!];
    heap[a] = j;
    heap[b] = i;
    place[j] = a;
    place[i] = b;
  };
  const sink = (from: number): void => {
    for (let at = from; ;) {
      let most = at;
      for (const child of [2 * at + 1, 2 * at + 2])
        if (child < size && weights[heap[child]!]! > weights[heap[most]!]!) most = child;
      if (most === at) return;
      swap(at, most);
      at = most;
    }
  };
  for (let at = Math.floor(size / 2) - 1; at >= 0; at--) sink(at);
  return {
    take: (): number => {
      const top = heap[0]!;
      swap(0, --size);
      sink(0);
      return top;
    },
    /** One that is taken already is not there any more. */
    lighter: (i: number, by: number): void => {
      if (place[i]! >= size) return;
      weights[i]! -= by;
      sink(place[i]!);
    },
    left: (): number[] => [...heap.slice(0, size)].sort((a, b) => a - b),
  };
}
