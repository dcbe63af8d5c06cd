import type { TriangleMesh } from './triangleMesh.ts';
import type { Vec3 } from './vec3.ts';

/** Rings from pole to pole, and points on each. */
const RINGS = 16;
const ROUND = 32;

/** A closed ball of triangles about a point. */
export function ballMesh(centre: Vec3, radius: number): TriangleMesh {
  const ways: Vec3[] = [[0, 1, 0]];
  for (let ring = 1; ring < RINGS; ring++)
    for (let n = 0; n < ROUND; n++) {
      const [down, round] = [(Math.PI * ring) / RINGS, (2 * Math.PI * n) / ROUND];
      const flat = Math.sin(down);
      ways.push([flat * Math.cos(round), Math.cos(down), flat * Math.sin(round)]);
    }
  ways.push([0, -1, 0]);
  const at = (ring: number, n: number): number => 1 + (ring - 1) * ROUND + (n % ROUND);
  const indices: number[] = [];
  for (let n = 0; n < ROUND; n++) {
    indices.push(0, at(1, n + 1), at(1, n));
    indices.push(ways.length - 1, at(RINGS - 1, n), at(RINGS - 1, n + 1));
    for (let ring = 1; ring < RINGS - 1; ring++) {
      const [a, b, c, d] = [at(ring, n), at(ring, n + 1), at(ring + 1, n), at(ring + 1, n + 1)];
      indices.push(a, b, c, b, d, c);
    }
  }
  return {
    positions: Float32Array.from(ways.flatMap((way) => way.map((v, k) => centre[k]! + radius * v))),
    normals: Float32Array.from(ways.flat()),
    indices: Uint32Array.from(indices),
  };
}
