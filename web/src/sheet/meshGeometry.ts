import type { TriangleMesh } from '@keen-sinew/core';
import { BufferAttribute, BufferGeometry } from 'three';

/** A mesh of the core as it is drawn in space; its arrays are shared. */
export function meshGeometry({ positions, normals, indices }: TriangleMesh): BufferGeometry {
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(positions, 3));
  geometry.setAttribute('normal', new BufferAttribute(normals, 3));
  geometry.setIndex(new BufferAttribute(indices, 1));
  return geometry;
}
