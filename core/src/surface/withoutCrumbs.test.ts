import { describe, expect, it } from 'vitest';
import type { OwnedMesh } from './sparseMesh.ts';
import { withoutCrumbs } from './withoutCrumbs.ts';

/** A closed ball of rings and two poles, about a place. */
function ball(rings: number, round: number, x: number): OwnedMesh {
  const positions: number[] = [x, 1, 0, x, -1, 0];
  for (let r = 1; r <= rings; r++)
    for (let i = 0; i < round; i++) {
      const [a, b] = [(Math.PI * r) / (rings + 1), (2 * Math.PI * i) / round];
      positions.push(x + Math.sin(a) * Math.cos(b), Math.cos(a), Math.sin(a) * Math.sin(b));
    }
  const at = (r: number, i: number): number => 2 + (r - 1) * round + (i % round);
  const indices: number[] = [];
  for (let i = 0; i < round; i++) {
    indices.push(0, at(1, i + 1), at(1, i), 1, at(rings, i), at(rings, i + 1));
    for (let r = 1; r < rings; r++)
      indices.push(
        at(r, i),
        at(r, i + 1),
        at(r + 1, i),
        at(r, i + 1),
        at(r + 1, i + 1),
        at(r + 1, i),
      );
  }
  const many = positions.length / 3;
  return {
    positions: Float32Array.from(positions),
    normals: Float32Array.from(positions),
    indices: Uint32Array.from(indices),
    owner: new Int16Array(many).fill(x),
  };
}

const both = (a: OwnedMesh, b: OwnedMesh): OwnedMesh => ({
  positions: Float32Array.from([...a.positions, ...b.positions]),
  normals: Float32Array.from([...a.normals, ...b.normals]),
  indices: Uint32Array.from([...a.indices, ...[...b.indices].map((i) => i + a.owner.length)]),
  owner: Int16Array.from([...a.owner, ...b.owner]),
});

describe('crumbs of the grid', () => {
  const [large, small] = [ball(9, 12, 0), ball(2, 5, 7)];

  it('are left out, and the rest stays as it was', () => {
    for (const mesh of [both(large, small), both(small, large)]) {
      const kept = withoutCrumbs(mesh);
      expect([...kept.positions]).toEqual([...large.positions]);
      expect([...kept.indices]).toEqual([...large.indices]);
      expect(new Set(kept.owner)).toEqual(new Set([0]));
    }
  });

  it('are none in a whole skin, nor in one of crumbs alone', () => {
    expect(withoutCrumbs(large)).toBe(large);
    expect(withoutCrumbs(small)).toBe(small);
    const two = both(large, { ...ball(9, 12, 5), owner: new Int16Array(110).fill(5) });
    expect(withoutCrumbs(two)).toBe(two);
  });
});
