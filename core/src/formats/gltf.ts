import * as say from './words.ts';
import type { TriangleMesh } from '../geometry/triangleMesh.ts';

/** A mesh with what it is called and painted with. */
export interface NamedMesh {
  readonly name: string;
  readonly mesh: TriangleMesh;
  /** sRGB, 0 to 1. */
  readonly colour: readonly [number, number, number];
}

const MAGIC = 0x46546c67;
const JSON_CHUNK = 0x4e4f534a;
const BINARY_CHUNK = 0x004e4942;
const FLOAT = 5126;
const UNSIGNED_INT = 5125;
const VERTICES = 34962;
const INDICES = 34963;
/** glTF measures in metres: the root is scaled, so that the numbers inside stay millimetres. */
const METRES_PER_MM = 0.001;

/**
 * Meshes as one binary glTF 2.0 file, each a node of its own under a root that turns millimetres into
 * metres; y is up and the animal looks along +x, as in the application. Empty meshes are left out.
 * Source: Khronos Group, glTF 2.0 specification (2021).
 */
export function glbOf(meshes: readonly NamedMesh[], title: string): Uint8Array {
  const full = meshes.filter(({ mesh }) => mesh.indices.length > 0);
  const buffers = full.flatMap(({ mesh }) => [mesh.positions, mesh.normals, mesh.indices]);
  let length = 0;
  const bufferViews = buffers.map((data, i) => {
    const view = {
      buffer: 0,
      byteOffset: length,
      byteLength: data.byteLength,
      target: i % 3 === 2 ? INDICES : VERTICES,
    };
    length += data.byteLength;
    return view;
  });
  const json = {
    asset: { version: '2.0', generator: say.keenSinew },
    scene: 0,
    scenes: [{ name: title, nodes: [0] }],
    nodes: [
      {
        name: title,
        scale: [METRES_PER_MM, METRES_PER_MM, METRES_PER_MM],
        children: full.map((_, i) => i + 1),
      },
      ...full.map(({ name }, i) => ({ name, mesh: i })),
    ],
    meshes: full.map(({ name }, i) => ({
      name,
      primitives: [
        { attributes: { POSITION: 3 * i, NORMAL: 3 * i + 1 }, indices: 3 * i + 2, material: i },
      ],
    })),
    materials: full.map(({ name, colour }) => ({
      name,
      pbrMetallicRoughness: {
        baseColorFactor: [...colour.map(linear), 1],
        metallicFactor: 0,
        roughnessFactor: 0.9,
      },
    })),
    accessors: full.flatMap(({ mesh }, i) => [
      { ...vectors(3 * i, mesh.positions), ...extremes(mesh.positions) },
      vectors(3 * i + 1, mesh.normals),
      {
        bufferView: 3 * i + 2,
        componentType: UNSIGNED_INT,
        count: mesh.indices.length,
        type: 'SCALAR',
      },
    ]),
    bufferViews,
    buffers: [{ byteLength: length }],
  };
  return packed(asciiJson(json), buffers, length);
}

/** JSON as bytes, other signs than ASCII escaped. */
const asciiJson = (json: unknown): Uint8Array =>
  Uint8Array.from(
    [
      ...JSON.stringify(json).replace(
        /[\u0080-\uffff]/g,
        (sign) => `\\u${sign.charCodeAt(0).toString(16).padStart(4, '0')}`,
      ),
    ].map((sign) => sign.charCodeAt(0)),
  );

const vectors = (bufferView: number, data: Float32Array) => ({
  bufferView,
  componentType: FLOAT,
  count: data.length / 3,
  type: 'VEC3',
});

/** sRGB to linear light (IEC 61966-2-1). */
const linear = (v: number): number => (v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4);

function extremes(positions: Float32Array): { readonly min: number[]; readonly max: number[] } {
  const [min, max] = [
    [Infinity, Infinity, Infinity],
    [-Infinity, -Infinity, -Infinity],
  ] as [number[], number[]];
  positions.forEach((v, i) => {
    min[i % 3] = Math.min(min[i % 3]!, v);
    max[i % 3] = Math.max(max[i % 3]!, v);
  });
  return { min, max };
}

/** Header, JSON padded with spaces, and the buffers, each chunk a multiple of four bytes long. */
function packed(
  json: Uint8Array,
  buffers: readonly (Float32Array | Uint32Array)[],
  length: number,
): Uint8Array {
  const jsonLength = 4 * Math.ceil(json.length / 4);
  const total = 12 + 8 + jsonLength + 8 + length;
  const bytes = new Uint8Array(total).fill(0x20, 20, 20 + jsonLength);
  const view = new DataView(bytes.buffer);
  [MAGIC, 2, total, jsonLength, JSON_CHUNK].forEach((v, i) => view.setUint32(4 * i, v, true));
  bytes.set(json, 20);
  let at = 20 + jsonLength;
  view.setUint32(at, length, true);
  view.setUint32(at + 4, BINARY_CHUNK, true);
  at += 8;
  for (const data of buffers) {
    bytes.set(new Uint8Array(data.buffer, data.byteOffset, data.byteLength), at);
    at += data.byteLength;
  }
  return bytes;
}
