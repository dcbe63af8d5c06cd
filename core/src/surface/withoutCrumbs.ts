import type { OwnedMesh } from './sparseMesh.ts';

/** A closed piece of a skin of fewer points lies in two cells or three: no part of a body, but one of the grid. */
const CRUMB_POINTS = 64;

/**
 * A skin without the closed pieces that the grid alone has made: a bubble where two sleeves meet, the last cell
 * of a tip. What is thin on the animal itself stands out of the skin by itself and is never here.
 */
export function withoutCrumbs(mesh: OwnedMesh): OwnedMesh {
  const { indices, owner } = mesh;
  const many = owner.length;
  const joined = Int32Array.from({ length: many }, (_, i) => i);
  const rootOf = (i: number): number => {
    let at = i;
    while (joined[at] !== at) at = joined[at] = joined[joined[at]!]!;
    return at;
  };
  for (let t = 0; t < indices.length; t += 3) {
    const root = rootOf(indices[t]!);
    joined[rootOf(indices[t + 1]!)] = root;
    joined[rootOf(indices[t + 2]!)] = root;
  }
  const size = new Int32Array(many);
  for (let i = 0; i < many; i++) size[rootOf(i)]!++;
  const isKept = (i: number): boolean => size[rootOf(i)]! >= CRUMB_POINTS;
  const place = new Int32Array(many).fill(-1);
  let kept = 0;
  for (let i = 0; i < many; i++) if (isKept(i)) place[i] = kept++;
  if (kept === many || kept === 0) return mesh;
  const threes = (of: Float32Array): Float32Array =>
    of.filter((_, n) => place[Math.floor(n / 3)] !== -1);
  return {
    positions: threes(mesh.positions),
    normals: threes(mesh.normals),
    indices: indices.filter((i) => place[i] !== -1).map((i) => place[i]!),
    owner: owner.filter((_, i) => place[i] !== -1),
  };
}
