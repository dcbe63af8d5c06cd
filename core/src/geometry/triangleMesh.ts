import { add, cross, length, scale, sub, type Vec3 } from './vec3.ts';

/** A closed triangle mesh: three numbers a point, three indices a triangle, seen anticlockwise. */
export interface TriangleMesh {
  readonly positions: Float32Array;
  /** Unit, outwards, one for each point. */
  readonly normals: Float32Array;
  readonly indices: Uint32Array;
}

/** Goes through the triangles of a mesh: the area of each, mm², and its corners. */
export function eachTriangle(
  { positions: p, indices }: Pick<TriangleMesh, 'positions' | 'indices'>,
  tell: (areaMm2: number, corners: readonly [number, number, number], normal: Vec3) => void,
): void {
  for (let t = 0; t < indices.length; t += 3) {
    const corners = [indices[t]!, indices[t + 1]!, indices[t + 2]!] as const;
    const [a, b, c] = [3 * corners[0], 3 * corners[1], 3 * corners[2]];
    const [ux, uy, uz] = [p[b]! - p[a]!, p[b + 1]! - p[a + 1]!, p[b + 2]! - p[a + 2]!];
    const [vx, vy, vz] = [p[c]! - p[a]!, p[c + 1]! - p[a + 1]!, p[c + 2]! - p[a + 2]!];
    const normal: Vec3 = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
    tell(Math.hypot(...normal) / 2, corners, normal);
  }
}

/** Volume and area of a closed mesh, by the divergence theorem and the cross product; mm³ and mm². */
export function meshMeasures({ positions, indices }: TriangleMesh): {
  readonly volume: number;
  readonly area: number;
} {
  let [volume, area] = [0, 0];
  eachTriangle({ positions, indices }, (mm2, [first], normal) => {
    const a = 3 * first;
    area += mm2;
    volume +=
      (positions[a]! * normal[0] + positions[a + 1]! * normal[1] + positions[a + 2]! * normal[2]) /
      6;
  });
  return { volume, area };
}

/** Throws where a mesh is open, has an edge with other than two triangles, or turns inside out. */
export function assertMesh(mesh: TriangleMesh): void {
  const edges = new Map<number, number>();
  const many = mesh.positions.length / 3;
  for (let i = 0; i < mesh.indices.length; i += 3)
    for (let n = 0; n < 3; n++) {
      const [a, b] = [mesh.indices[i + n]!, mesh.indices[i + ((n + 1) % 3)]!];
      if (a === b) throw new Error(`triangle ${i / 3} uses point ${a} twice`);
      const key = a * many + b;
      if (edges.has(key)) throw new Error(`edge ${a}–${b} is used twice in one direction`);
      edges.set(key, i / 3);
    }
  for (const key of edges.keys()) {
    const [a, b] = [Math.floor(key / many), key % many];
    if (!edges.has(b * many + a)) throw new Error(`edge ${a}–${b} is open`);
  }
  const { volume } = meshMeasures(mesh);
  if (mesh.indices.length > 0 && !(volume > 0)) throw new Error('the mesh is inside out');
}

/** Several meshes as one, each piece closed by itself. */
export function joinedMeshes(meshes: readonly TriangleMesh[]): TriangleMesh {
  const positions = meshes.flatMap((mesh) => [...mesh.positions]);
  const normals = meshes.flatMap((mesh) => [...mesh.normals]);
  let before = 0;
  const indices = meshes.flatMap((mesh) => {
    const shifted = Array.from(mesh.indices, (index) => index + before);
    before += mesh.positions.length / 3;
    return shifted;
  });
  return {
    positions: Float32Array.from(positions),
    normals: Float32Array.from(normals),
    indices: Uint32Array.from(indices),
  };
}

/** The middle of an outline in space and its mean normal, as long as twice its area. */
export function outlineNormal(outline: readonly Vec3[]): {
  readonly middle: Vec3;
  readonly normal: Vec3;
} {
  const n = outline.length;
  const middle = scale(outline.reduce<Vec3>(add, [0, 0, 0]), 1 / n);
  const normal = outline.reduce<Vec3>(
    (sum, p, i) => add(sum, cross(sub(p, middle), sub(outline[(i + 1) % n]!, middle))),
    [0, 0, 0],
  );
  return { middle, normal };
}

/**
 * A plate of an even thickness over an outline in space, closed: two fans about the outline's middle
 * and a rim. The outline may be a little curved; its points are moved along the mean normal.
 */
export function plateMesh(outline: readonly Vec3[], thickness: number): TriangleMesh {
  const n = outline.length;
  const { middle, normal } = outlineNormal(outline);
  const size = length(normal);
  if (n < 3 || size === 0)
    return {
      positions: new Float32Array(),
      normals: new Float32Array(),
      indices: new Uint32Array(),
    };
  const up = scale(normal, thickness / 2 / size);
  const face = [...outline, middle];
  const positions = [...face.map((p) => add(p, up)), ...face.map((p) => sub(p, up))];
  const faceUp = scale(normal, 1 / size);
  const normals = positions.map((_, i) => (i <= n ? faceUp : scale(faceUp, -1)));
  const indices = outline.flatMap((_, i) => {
    const next = (i + 1) % n;
    const [below, belowNext] = [n + 1 + i, n + 1 + next];
    return [
      [n, i, next],
      [2 * n + 1, belowNext, below],
      [i, below, belowNext],
      [i, belowNext, next],
    ].flat();
  });
  return {
    positions: Float32Array.from(positions.flat()),
    normals: Float32Array.from(normals.flat()),
    indices: Uint32Array.from(indices),
  };
}
