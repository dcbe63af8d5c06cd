import * as say from './words.ts';
import type { TriangleMesh } from '../geometry/triangleMesh.ts';

const HEADER_BYTES = 80;
const TRIANGLE_BYTES = 50;

/**
 * A mesh as binary STL, little-endian: 80 bytes of header, a count, then for each triangle its normal
 * and three corners. STL knows no unit; printers and slicers read it as millimetres. z is up there,
 * so that the piece stands: (x, y, z) is written as (x, −z, y).
 */
export function stlOf(mesh: TriangleMesh, name: string): Uint8Array {
  const many = mesh.indices.length / 3;
  const bytes = new Uint8Array(HEADER_BYTES + 4 + many * TRIANGLE_BYTES);
  // A header that begins with "solid" is taken for the text form.
  const header = say
    .binaryStlMm(name)
    .replace(/[^\x20-\x7e]/g, '?')
    .slice(0, HEADER_BYTES);
  for (let i = 0; i < header.length; i++) bytes[i] = header.charCodeAt(i);
  const view = new DataView(bytes.buffer);
  view.setUint32(HEADER_BYTES, many, true);
  const corner = new Float64Array(9);
  for (let t = 0; t < many; t++) {
    for (let n = 0; n < 3; n++) {
      const p = 3 * mesh.indices[3 * t + n]!;
      corner[3 * n] = mesh.positions[p]!;
      corner[3 * n + 1] = -mesh.positions[p + 2]!;
      corner[3 * n + 2] = mesh.positions[p + 1]!;
    }
    const at = HEADER_BYTES + 4 + t * TRIANGLE_BYTES;
    facetNormal(corner).forEach((v, k) => view.setFloat32(at + 4 * k, v, true));
    corner.forEach((v, k) => view.setFloat32(at + 12 + 4 * k, v, true));
  }
  return bytes;
}

function facetNormal(c: Float64Array): readonly [number, number, number] {
  const [ux, uy, uz] = [c[3]! - c[0]!, c[4]! - c[1]!, c[5]! - c[2]!];
  const [vx, vy, vz] = [c[6]! - c[0]!, c[7]! - c[1]!, c[8]! - c[2]!];
  const n = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx] as const;
  const size = Math.hypot(...n) || 1;
  return [n[0] / size, n[1] / size, n[2] / size];
}
