import { describe, expect, it } from 'vitest';
import type { TriangleMesh } from '../geometry/triangleMesh.ts';
import { meshNormals } from '../surface/sparseMesh.ts';
import { toDeg, toRad } from '../units/angles.ts';
import { harmonicLie } from './harmonicLie.ts';
import { inFrame, surfaceGraph, tangentFrames, cutGraph } from './surfaceGraph.ts';
import type { Vec3 } from '../geometry/vec3.ts';

/** A net of triangles over a rectangle of parameters; `closed` joins the last column to the first. */
function net(
  columns: number,
  rows: number,
  closed: boolean,
  at: (u: number, v: number) => Vec3,
): TriangleMesh {
  const across = closed ? columns : columns + 1;
  const positions = Array.from({ length: across * (rows + 1) }, (_, n) =>
    at((n % across) / columns, Math.floor(n / across) / rows),
  );
  const indices: number[] = [];
  for (let j = 0; j < rows; j++)
    for (let i = 0; i < columns; i++) {
      const [a, b] = [j * across + i, j * across + ((i + 1) % across)];
      const [c, d] = [a + across, b + across];
      // Diagonals alternate, so that no way is favoured.
      if ((i + j) % 2 === 0) indices.push(a, b, d, a, d, c);
      else indices.push(a, b, c, b, d, c);
    }
  const mesh = {
    positions: Float32Array.from(positions.flat()),
    indices: Uint32Array.from(indices),
  };
  return { ...mesh, normals: meshNormals(mesh) };
}

const vec = (of: Float32Array, i: number): Vec3 => [of[3 * i]!, of[3 * i + 1]!, of[3 * i + 2]!];

/** A field on a mesh between what some points are held to, as vectors of space. */
function fieldOn(mesh: TriangleMesh, held: ReadonlyMap<number, Vec3>) {
  const frames = tangentFrames(mesh);
  const graph = surfaceGraph(mesh, frames);
  const many = graph.many;
  const isHeld = new Uint8Array(many);
  const towards = new Float64Array(2 * many);
  for (const [i, way] of held) {
    isHeld[i] = 1;
    towards.set(inFrame(frames, i, way), 2 * i);
  }
  const { vectors, rest } = harmonicLie(
    graph,
    { held: isHeld, towards, lean: new Float64Array(many) },
    1e-9,
  );
  expect(rest).toBeLessThan(1e-8);
  return (i: number): Vec3 => {
    const [a, b] = [vectors[2 * i]!, vectors[2 * i + 1]!];
    return [0, 1, 2].map(
      (k) => a * frames.first[3 * i + k]! + b * frames.second[3 * i + k]!,
    ) as unknown as Vec3;
  };
}

describe('the connection Laplacian on a mesh', () => {
  // Formula of the annulus in the notes beside the check values direction-field: linear in ln r.
  it('has the field of an annulus between two directions, to half a degree', () => {
    const [inner, outer] = [5, 20];
    const [columns, rows] = [96, 48];
    const mesh = net(columns, rows, true, (u, v) => {
      const r = inner * (outer / inner) ** v;
      return [r * Math.cos(2 * Math.PI * u), 0, -r * Math.sin(2 * Math.PI * u)];
    });
    const held = new Map<number, Vec3>();
    for (let i = 0; i < columns; i++) {
      held.set(i, [0, 0, -1]);
      held.set(rows * columns + i, [1, 0, 0]);
    }
    const field = fieldOn(mesh, held);
    for (const [row, share] of [
      [12, 0.25],
      [24, 0.5],
      [36, 0.75],
    ] as const) {
      const [x, , z] = field(row * columns + 7);
      expect(toDeg(Math.atan2(-z, x))).toBeCloseTo(toDeg(Math.atan2(1 - share, share)), 0);
      expect(Math.hypot(x, z)).toBeCloseTo(Math.hypot(1 - share, share), 2);
    }
  });

  // A cone is developable: its field is that of its flat sheet (the check values direction-field, CONE).
  it('has on a cone the field of its unrolled mantle, whatever the place along a generator', () => {
    const [small, great, long] = [12, 30, 24];
    const [columns, rows] = [180, 20];
    const mesh = net(columns, rows, true, (u, v) => {
      const r = small + (great - small) * v;
      const t = 2 * Math.PI * u;
      return [long * v, r * Math.cos(t), r * Math.sin(t)];
    });
    const generator = (i: number): Vec3 => {
      const t = (2 * Math.PI * (i % columns)) / columns;
      const slant = Math.hypot(long, great - small);
      const rise = (great - small) / slant;
      return [long / slant, rise * Math.cos(t), rise * Math.sin(t)];
    };
    const held = new Map<number, Vec3>();
    const columnOf = (deg: number): number => (deg / 360) * columns;
    for (const deg of [20, 140])
      for (let j = 0; j <= rows; j++) {
        const i = j * columns + columnOf(deg);
        held.set(i, generator(i));
      }
    const field = fieldOn(mesh, held);
    const turned = toRad(360) * ((great - small) / Math.hypot(long, great - small));
    for (const deg of [50, 80, 200, 260])
      for (const row of [4, 10, 16]) {
        const i = row * columns + columnOf(deg);
        const way = field(i);
        const along = generator(i);
        const t = toRad(deg);
        const round: Vec3 = [0, -Math.sin(t), Math.cos(t)];
        const [a, b] = [
          way.reduce((s, v, k) => s + v * along[k]!, 0),
          way.reduce((s, v, k) => s + v * round[k]!, 0),
        ];
        // The flat sheet: t is the share of the stretch, w its angle there.
        const [from, stretch] = deg < 140 ? [20, 120] : [140, 240];
        const share = (deg - from) / stretch;
        const w = (turned * stretch) / 360;
        const [x, y] = [1 - share + share * Math.cos(w), share * Math.sin(w)];
        const lean = toDeg(Math.atan2(y, x) - share * w);
        expect(Math.abs(toDeg(Math.atan2(b, a)) - lean)).toBeLessThan(1.5);
        expect(Math.hypot(a, b)).toBeCloseTo(Math.hypot(x, y), 1);
      }
  });

  it('weighs each edge alike from both ends, turns back what it turned, and cuts both ways', () => {
    const mesh = net(8, 6, false, (u, v) => [u * 10, Math.sin(3 * u) + v * v, v * 8]);
    const graph = surfaceGraph(mesh, tangentFrames(mesh));
    const edge = (i: number, j: number): number => {
      for (let e = graph.starts[i]!; e < graph.starts[i + 1]!; e++) if (graph.to[e] === j) return e;
      return -1;
    };
    for (let i = 0; i < graph.many; i++)
      for (let e = graph.starts[i]!; e < graph.starts[i + 1]!; e++) {
        const back = edge(graph.to[e]!, i);
        expect(back).toBeGreaterThanOrEqual(0);
        expect(graph.weight[back]).toBe(graph.weight[e]);
        expect(graph.weight[e]).toBeGreaterThan(0);
        // There and back again: the two turns undo each other.
        expect(graph.cos[e]! * graph.cos[back]! - graph.sin[e]! * graph.sin[back]!).toBeCloseTo(
          1,
          5,
        );
      }
    const cut = cutGraph(graph, (i, j) => (i === 3 && j === 4) || (i === 4 && j === 3));
    expect(cut.weight[edge(3, 4)]).toBe(0);
    expect(cut.weight[edge(4, 3)]).toBe(0);
    expect(cut.weight.filter((w) => w === 0)).toHaveLength(2);
    expect(vec(mesh.normals, 0).every(Number.isFinite)).toBe(true);
  });
});
