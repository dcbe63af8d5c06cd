import { cross, dot, lerp, sub, type Vec3 } from '../geometry/vec3.ts';
import { eachTriangle, type TriangleMesh } from '../geometry/triangleMesh.ts';
import type { SkinSamples } from './pointsOnSkin.ts';
import { wayLengths } from './wayLengths.ts';

/** A bit of a row in one triangle, from one of its edges to another, as shares of its corners. */
interface Piece {
  readonly triangle: number;
  readonly from: Vec3;
  readonly to: Vec3;
  readonly mm: number;
}

/** A row, or as much of one as hangs together. */
interface Row {
  readonly level: number;
  readonly pieces: readonly Piece[];
  readonly mm: number;
}

/**
 * Exactly so many places in rows across the lie, those farthest along it first: rows lie where the length along the
 * lie is the same, each row half a step off the one before. `lengthMm` and `widthMm` are of what is laid: rows stand as
 * far apart against the places of a row. `ways` is unit and in the skin, three numbers a point.
 */
export function rowedPoints(
  mesh: TriangleMesh,
  ways: Float32Array,
  triangles: readonly number[],
  many: number,
  { lengthMm, widthMm }: { readonly lengthMm: number; readonly widthMm: number },
): SkinSamples {
  const areaMm2 = areaOf(mesh, triangles);
  const pitch = Math.sqrt((areaMm2 / Math.max(1, many)) * (lengthMm / widthMm));
  const rows = rowsAcross(mesh, ways, triangles, pitch);
  const all = rows.reduce((sum, { mm }) => sum + mm, 0);
  const found: [triangle: number, shares: Vec3][] = [];
  let gone = 0;
  if (all > 0)
    for (const row of rows) {
      const before = Math.round((gone * many) / all);
      gone += row.mm;
      found.push(...placesOn(row, Math.round((gone * many) / all) - before));
    }
  return {
    triangles: Uint32Array.from(found, ([triangle]) => triangle),
    shares: Float32Array.from(found.flatMap(([, [a, b]]) => [a, b])),
  };
}

function areaOf({ positions, indices }: TriangleMesh, triangles: readonly number[]): number {
  const its = Uint32Array.from(triangles.flatMap((t) => [...indices.subarray(3 * t, 3 * t + 3)]));
  let sum = 0;
  eachTriangle({ positions, indices: its }, (mm2) => (sum += mm2));
  return sum;
}

/** So many places along a row, a quarter of a step from its ends, on the one end and the other in turns. */
function placesOn({ level, pieces, mm }: Row, many: number): readonly [number, Vec3][] {
  const off = level % 2 === 0 ? 0.25 : 0.75;
  let [n, start] = [0, 0];
  return Array.from({ length: many }, (_, i): [number, Vec3] => {
    const at = ((i + off) / many) * mm;
    while (n < pieces.length - 1 && start + pieces[n]!.mm < at) start += pieces[n++]!.mm;
    const { triangle, from, to, mm: long } = pieces[n]!;
    return [triangle, lerp(from, to, long === 0 ? 0 : Math.min(1, (at - start) / long))];
  });
}

/** Rows of a skin so far apart along the lie, the farthest along it first. */
function rowsAcross(
  mesh: TriangleMesh,
  ways: Float32Array,
  triangles: readonly number[],
  pitch: number,
): readonly Row[] {
  const along = wayLengths(mesh, ways, triangles);
  const levels = new Map<number, Map<string, Piece & { readonly end: string }>>();
  for (const t of triangles)
    for (const { level, start, ...piece } of piecesIn(mesh, ways, along, t, pitch)) {
      const at = levels.get(level) ?? new Map<string, Piece & { readonly end: string }>();
      levels.set(level, at.set(start, piece));
    }
  return [...levels]
    .toSorted(([a], [b]) => b - a)
    .flatMap(([level, pieces]) => chains(pieces).map((chain) => rowOf(level, chain)));
}

const rowOf = (level: number, pieces: readonly Piece[]): Row => ({
  ...{ level, pieces },
  mm: pieces.reduce((sum, { mm }) => sum + mm, 0),
});

/** Pieces put one after the other by the edges that they run through; first those that begin at a border, then rings. */
function chains<P extends Piece & { readonly end: string }>(
  pieces: Map<string, P>,
): readonly (readonly P[])[] {
  const ends = new Set([...pieces.values()].map(({ end }) => end));
  const heads = [...pieces.keys()].filter((start) => !ends.has(start));
  const left = new Map(pieces);
  const from = (head: string): readonly P[] => {
    const chain: P[] = [];
    for (let piece = left.get(head), at = head; piece !== undefined; piece = left.get(at)) {
      left.delete(at);
      chain.push(piece);
      at = piece.end;
    }
    return chain;
  };
  const open = heads.map(from);
  const rings: (readonly P[])[] = [];
  for (let next = left.keys().next(); !next.done; next = left.keys().next())
    rings.push(from(next.value));
  return [...open, ...rings].filter(({ length }) => length > 0);
}

/** The rows that run through a triangle, each with the edges that it comes in and goes out by. */
function piecesIn(
  mesh: TriangleMesh,
  ways: Float32Array,
  along: ReadonlyMap<number, number>,
  t: number,
  pitch: number,
): readonly (Piece & { readonly level: number; readonly start: string; readonly end: string })[] {
  const corners = [0, 1, 2].map((k) => mesh.indices[3 * t + k]!) as [number, number, number];
  const u = corners.map((c) => along.get(c)! / pitch - 0.5);
  const [first, last] = [Math.ceil(Math.min(...u)), Math.ceil(Math.max(...u)) - 1];
  const at = (c: number, of: Float32Array): Vec3 => [of[3 * c]!, of[3 * c + 1]!, of[3 * c + 2]!];
  const [p, q, r] = corners.map((c) => at(c, mesh.positions)) as [Vec3, Vec3, Vec3];
  const normal = cross(sub(q, p), sub(r, p));
  const left = cross(normal, at(corners[0], ways));
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => {
    const level = first + i;
    const [one, two] = crossings(corners, u, level);
    const place = ([a, b, c]: Vec3): Vec3 =>
      [0, 1, 2].map((k) => a * p[k]! + b * q[k]! + c * r[k]!) as unknown as Vec3;
    const way = sub(place(two!.shares), place(one!.shares));
    const [from, to] = dot(way, left) < 0 ? [two!, one!] : [one!, two!];
    return {
      ...{ level, triangle: t, start: from.edge, end: to.edge },
      ...{ from: from.shares, to: to.shares, mm: Math.hypot(...way) },
    };
  });
}

/** Where the edges of a triangle reach a level; a corner that lies on it counts as above. */
function crossings(
  corners: readonly number[],
  u: readonly number[],
  level: number,
): readonly { readonly edge: string; readonly shares: Vec3 }[] {
  return [0, 1, 2].flatMap((i) => {
    const j = (i + 1) % 3;
    if (u[i]! < level === u[j]! < level) return [];
    const share = (level - u[i]!) / (u[j]! - u[i]!);
    const shares: [number, number, number] = [0, 0, 0];
    [shares[i], shares[j]] = [1 - share, share];
    const [a, b] = [corners[i]!, corners[j]!];
    return [{ edge: a < b ? `${a} ${b}` : `${b} ${a}`, shares }];
  });
}
