import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import Module, { type ManifoldToplevel } from 'manifold-3d';
import { contourLoops, insideLoop, loopArea, loopLength } from './contours.ts';
import { isoMesh, type Lattice } from './isoMesh.ts';
import { assertMesh, meshMeasures } from './triangleMesh.ts';
import { torusMeasures } from '../body/sectionSolids.ts';

/** A field sampled on a cube of cells round the origin. */
function sampled(n: number, half: number, field: (x: number, y: number, z: number) => number) {
  const cellMm = (2 * half) / (n - 1);
  const lattice: Lattice = { origin: [-half, -half, -half], cellMm, cells: [n, n, n] };
  const values = Float32Array.from({ length: n ** 3 }, (_, at) => {
    const place = (step: number): number => (Math.floor(at / step) % n) * cellMm - half;
    return field(place(1), place(n), place(n * n));
  });
  return { lattice, values };
}
const ring = (R: number, r: number) => (x: number, y: number, z: number) =>
  Math.hypot(Math.hypot(x, y) - R, z) - r;

let wasm: ManifoldToplevel;
beforeAll(async () => {
  wasm = await Module();
  wasm.setup();
});

describe('isoMesh', () => {
  it('closes round a ball, facing outwards, with its volume and area', () => {
    const { lattice, values } = sampled(40, 12, (x, y, z) => Math.hypot(x, y, z) - 10);
    const mesh = isoMesh(lattice, values);
    assertMesh(mesh);
    const { volume, area } = meshMeasures(mesh);
    expect(Math.abs(volume / ((4 / 3) * Math.PI * 1000) - 1)).toBeLessThan(0.005);
    expect(Math.abs(area / (400 * Math.PI) - 1)).toBeLessThan(0.005);
    for (let i = 0; i < mesh.positions.length; i += 3) {
      const out = [0, 1, 2].reduce(
        (sum, k) => sum + mesh.positions[i + k]! * mesh.normals[i + k]!,
        0,
      );
      if (out < 9.5) throw new Error(`normal ${i / 3} does not look outwards`);
    }
  });

  it('keeps the hole of a ring', () => {
    const { lattice, values } = sampled(64, 22, ring(14, 6));
    const mesh = isoMesh(lattice, values);
    assertMesh(mesh);
    const of = torusMeasures(14, 6);
    expect(Math.abs(meshMeasures(mesh).volume / of.volume - 1)).toBeLessThan(0.005);
    // V − E + F = 0 for a ring (Euler).
    const faces = mesh.indices.length / 3;
    expect(mesh.positions.length / 3 - (3 * faces) / 2 + faces).toBe(0);
  });

  it('stays closed and manifold for any values at all, as a mesh library agrees', () => {
    const value = fc.double({ min: -1, max: 1, noNaN: true });
    fc.assert(
      fc.property(fc.array(value, { minLength: 64, maxLength: 64 }), (inner) => {
        // A rough block of values inside a border that lies outside.
        const values = new Float32Array(216).fill(1);
        inner.forEach((v, i) => {
          const [x, y, z] = [i % 4, Math.floor(i / 4) % 4, Math.floor(i / 16)];
          values[x + 1 + 6 * (y + 1 + 6 * (z + 1))] = v === 0 ? 0.1 : v;
        });
        const mesh = isoMesh({ origin: [0, 0, 0], cellMm: 1, cells: [6, 6, 6] }, values);
        if (mesh.indices.length === 0) return;
        assertMesh(mesh);
        const theirs = new wasm.Manifold(
          new wasm.Mesh({ numProp: 3, vertProperties: mesh.positions, triVerts: mesh.indices }),
        );
        expect(theirs.status()).toBe('NoError');
        expect(theirs.volume()).toBeCloseTo(meshMeasures(mesh).volume, 3);
        theirs.delete();
      }),
      { seed: 42, numRuns: 60 },
    );
  });

  it('is told by its validator where it is open or inside out', () => {
    const { lattice, values } = sampled(12, 5, (x, y, z) => Math.hypot(x, y, z) - 3);
    const mesh = isoMesh(lattice, values);
    expect(() => assertMesh({ ...mesh, indices: mesh.indices.slice(3) })).toThrow(/open/);
    const turned = Uint32Array.from(
      mesh.indices,
      (_, i) => mesh.indices[i - (i % 3) + 2 - (i % 3)]!,
    );
    expect(() => assertMesh({ ...mesh, indices: turned })).toThrow(/inside out/);
  });
});

describe('contourLoops', () => {
  const grid = (n: number, field: (x: number, y: number) => number) =>
    Float64Array.from({ length: n * n }, (_, at) => field(at % n, Math.floor(at / n)));

  it('runs anticlockwise round a disc, with its area and girth', () => {
    const loops = contourLoops(
      grid(41, (x, y) => Math.hypot(x - 20, y - 20) - 15),
      41,
      41,
    );
    expect(loops).toHaveLength(1);
    expect(loopArea(loops[0]!) / (225 * Math.PI)).toBeCloseTo(1, 2);
    expect(loopLength(loops[0]!) / (30 * Math.PI)).toBeCloseTo(1, 2);
    expect(insideLoop(loops[0]!, [20, 20])).toBe(true);
    expect(insideLoop(loops[0]!, [2, 2])).toBe(false);
  });

  it('gives a hole the other way round, and closes at the border', () => {
    const loops = contourLoops(
      grid(41, (x, y) => Math.abs(Math.hypot(x - 20, y - 20) - 12) - 3),
      41,
      41,
    );
    expect(loops.map((loop) => Math.sign(loopArea(loop))).sort()).toEqual([-1, 1]);
    const all = contourLoops(
      grid(9, () => -1),
      9,
      9,
    );
    expect(loopArea(all[0]!)).toBeGreaterThanOrEqual(64);
  });

  it('closes every outline of any values, and their areas sum to what is inside', () => {
    const value = fc.double({ min: -1, max: 1, noNaN: true });
    fc.assert(
      fc.property(fc.array(value, { minLength: 49, maxLength: 49 }), (values) => {
        const loops = contourLoops(values, 7, 7);
        const negative = values.filter((v) => v < 0).length;
        expect(loops.length > 0).toBe(negative > 0);
        for (const loop of loops) expect(loop.length).toBeGreaterThan(2);
        const sum = loops.reduce((total, loop) => total + loopArea(loop), 0);
        expect(sum).toBeLessThan(64);
        expect(sum).toBeGreaterThan(negative > 0 ? 0 : -1);
      }),
      { seed: 7, numRuns: 200 },
    );
  });
});
