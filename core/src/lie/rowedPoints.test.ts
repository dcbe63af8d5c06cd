import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ballMesh } from '../geometry/ballMesh.ts';
import type { TriangleMesh } from '../geometry/triangleMesh.ts';
import { rowedPoints } from './rowedPoints.ts';
import { wayLengths } from './wayLengths.ts';

/** A flat sheet of triangles, `long` by `wide` mm, in squares of so many mm. */
function sheet(long: number, wide: number, cell: number): TriangleMesh {
  const [nx, ny] = [Math.round(long / cell), Math.round(wide / cell)];
  const at = (i: number, j: number): number => i * (ny + 1) + j;
  const positions = Float32Array.from(
    Array.from({ length: (nx + 1) * (ny + 1) }, (_, n) => [
      Math.floor(n / (ny + 1)) * cell,
      (n % (ny + 1)) * cell,
      0,
    ]).flat(),
  );
  const indices = Uint32Array.from(
    Array.from({ length: nx * ny }, (_, n) => {
      const [i, j] = [Math.floor(n / ny), n % ny];
      return [
        ...[at(i, j), at(i + 1, j), at(i + 1, j + 1)],
        ...[at(i, j), at(i + 1, j + 1), at(i, j + 1)],
      ];
    }).flat(),
  );
  const normals = Float32Array.from(positions, (_, k) => (k % 3 === 2 ? 1 : 0));
  return { positions, indices, normals };
}

const trianglesOf = ({ indices }: TriangleMesh): readonly number[] =>
  Array.from({ length: indices.length / 3 }, (_, t) => t);

/** One way all over a mesh. */
const ways = ({ positions }: TriangleMesh, way: readonly number[]): Float32Array =>
  Float32Array.from(positions, (_, k) => way[k % 3]!);

/** Places of samples in space. */
function placed(mesh: TriangleMesh, { triangles, shares }: ReturnType<typeof rowedPoints>) {
  return Array.from(triangles, (t, n) => {
    const [a, b] = [shares[2 * n]!, shares[2 * n + 1]!];
    return [0, 1, 2].map((k) =>
      [a, b, 1 - a - b].reduce(
        (sum, share, c) => sum + share * mesh.positions[3 * mesh.indices[3 * t + c]! + k]!,
        0,
      ),
    ) as [number, number, number];
  });
}

describe('how far along the lie', () => {
  it('is the distance along a lie that goes one way, from where the skin begins', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: Math.PI / 2, noNaN: true }), (turn) => {
        const mesh = sheet(30, 20, 2);
        const [c, s] = [Math.cos(turn), Math.sin(turn)];
        const along = wayLengths(mesh, ways(mesh, [c, s, 0]), trianglesOf(mesh));
        for (const [point, mm] of along) {
          const [x, y] = [mesh.positions[3 * point]!, mesh.positions[3 * point + 1]!];
          expect(mm).toBeCloseTo(c * x + s * y, 3);
        }
      }),
      { numRuns: 20, seed: 3 },
    );
  });

  it('is the length of the meridian on a ball, from pole to pole', () => {
    const ball = ballMesh([0, 0, 0], 10);
    const lie = Float32Array.from(ball.positions);
    for (let i = 0; i < lie.length; i += 3) {
      const [x, y, z] = [0, 1, 2].map((k) => ball.positions[i + k]! / 10) as [
        number,
        number,
        number,
      ];
      // Down from the pole of y: what of −y lies in the ball.
      const [dx, dy, dz] = [x * y, y * y - 1, z * y];
      const size = Math.hypot(dx, dy, dz) || 1;
      lie.set([dx / size, dy / size, dz / size], i);
    }
    const along = wayLengths(ball, lie, trianglesOf(ball));
    const off = [...along].flatMap(([point, mm]) => {
      const y = ball.positions[3 * point + 1]! / 10;
      return Math.abs(y) > 0.9 ? [] : [mm - 10 * Math.acos(y)];
    });
    // About the poles, where no way goes, some is lost: the same for all.
    expect(off.length).toBeGreaterThan(50);
    expect(Math.max(...off) - Math.min(...off)).toBeLessThan(0.6);
  });
});

describe('places in rows', () => {
  const mesh = sheet(60, 40, 1);
  const lie = ways(mesh, [1, 0, 0]);

  it('are exactly as many as are asked for, in rows across the lie, the farthest first', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 400 }),
        fc.double({ min: 0.4, max: 3, noNaN: true }),
        (many, lengthMm) => {
          const found = placed(
            mesh,
            rowedPoints(mesh, lie, trianglesOf(mesh), many, { lengthMm, widthMm: 1 }),
          );
          const pitch = Math.sqrt((2400 / many) * lengthMm);
          expect(found).toHaveLength(many);
          const rows = found.map(([x]) => x / pitch - 0.5);
          for (const row of rows) expect(row).toBeCloseTo(Math.round(row), 2);
          expect(rows).toEqual(rows.toSorted((a, b) => Math.round(b) - Math.round(a)));
        },
      ),
      { numRuns: 30, seed: 8 },
    );
  });

  it('stand half a step off those of the row before, evenly', () => {
    const found = placed(
      mesh,
      rowedPoints(mesh, lie, trianglesOf(mesh), 96, { lengthMm: 1, widthMm: 1 }),
    );
    // 96 on 60 by 40: 12 rows of 8, five apart either way.
    const rows = new Map<number, number[]>();
    for (const [x, y] of found)
      rows.set(Math.round(x * 2) / 2, [...(rows.get(Math.round(x * 2) / 2) ?? []), y]);
    expect(rows.size).toBe(12);
    const all = [...rows.values()].map((ys) => ys.toSorted((a, b) => a - b));
    for (const ys of all) {
      expect(ys).toHaveLength(8);
      ys.slice(1).forEach((y, i) => expect(y - ys[i]!).toBeCloseTo(5, 3));
    }
    all.slice(1).forEach((ys, i) => expect(Math.abs(ys[0]! - all[i]![0]!)).toBeCloseTo(2.5, 3));
  });

  it('run round a ball as rings, none of them left out', () => {
    const ball = ballMesh([0, 0, 0], 10);
    const down = Float32Array.from(ball.positions);
    for (let i = 0; i < down.length; i += 3) {
      const [x, y, z] = [0, 1, 2].map((k) => ball.positions[i + k]! / 10) as [
        number,
        number,
        number,
      ];
      const size = Math.hypot(x * y, y * y - 1, z * y) || 1;
      down.set([(x * y) / size, (y * y - 1) / size, (z * y) / size], i);
    }
    const found = placed(
      ball,
      rowedPoints(ball, down, trianglesOf(ball), 300, { lengthMm: 1, widthMm: 1 }),
    );
    expect(found).toHaveLength(300);
    // Evenly by area: a band of the ball has its share (Archimedes).
    for (const [low, high] of [
      [-5, 0],
      [0, 5],
    ] as const) {
      const share = found.filter(([, y]) => y >= low && y < high).length / 300;
      expect(Math.abs(share - 0.25)).toBeLessThan(0.05);
    }
  });

  it('are none where there is no skin or none are wanted', () => {
    const size = { lengthMm: 1, widthMm: 1 };
    expect(rowedPoints(mesh, lie, [], 5, size).triangles).toHaveLength(0);
    expect(rowedPoints(mesh, lie, trianglesOf(mesh), 0, size).triangles).toHaveLength(0);
  });
});
