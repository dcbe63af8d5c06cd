import { sidesShown } from '../anatomy/bodyPlan.ts';
import type { PosedSkeleton } from '../anatomy/pose.ts';
import { ballMesh } from '../geometry/ballMesh.ts';
import type { TriangleMesh } from '../geometry/triangleMesh.ts';
import { scale, sub } from '../geometry/vec3.ts';
import { patchAt } from '../body/facePoint.ts';
import { eyeAxis } from './gaze.ts';
import type { SkinSurface } from './skinSurface.ts';

/** The eyeballs of a posed head, whole, each behind the middle of its lids; mm. */
export function eyeballs(posed: PosedSkeleton): readonly TriangleMesh[] {
  const { face, eye } = posed.skeleton.animal;
  const radius = (eye.mm * posed.sizeFactor) / 2;
  return (face?.eyes ?? []).flatMap(({ at, ahead }) =>
    sidesShown(posed.skeleton.plan).flatMap((side) => {
      const patch = patchAt(posed, at, side);
      if (patch === undefined) return [];
      return [ballMesh(sub(patch.at, scale(eyeAxis(patch, ahead), radius)), radius)];
    }),
  );
}

/** The skin in two: what lies on bones of these keys, and the rest. Where they meet both are open. */
export function skinApart(
  { mesh, parts }: SkinSurface,
  posed: PosedSkeleton,
  isTaken: (key: string) => boolean,
): { readonly taken: TriangleMesh; readonly rest: TriangleMesh } {
  const ofPart = parts.map(({ boneId }) => isTaken(posed.byId.get(boneId)?.bone.key ?? ''));
  const [taken, rest]: [number[], number[]] = [[], []];
  for (let t = 0; t < mesh.indices.length; t += 3) {
    const corners = [...mesh.indices.subarray(t, t + 3)];
    const isAll = corners.every((at) => ofPart[mesh.owner[at]!] === true);
    (isAll ? taken : rest).push(...corners);
  }
  return { taken: withTriangles(mesh, taken), rest: withTriangles(mesh, rest) };
}

/** A mesh of some of another's triangles, with the points that they use alone. */
function withTriangles(mesh: TriangleMesh, triangles: readonly number[]): TriangleMesh {
  const places = new Map<number, number>();
  const indices = Uint32Array.from(triangles, (at) => {
    const place = places.get(at) ?? places.size;
    places.set(at, place);
    return place;
  });
  const used = [...places.keys()];
  const of = (all: Float32Array): Float32Array =>
    Float32Array.from(used.flatMap((at) => [...all.subarray(3 * at, 3 * at + 3)]));
  return { positions: of(mesh.positions), normals: of(mesh.normals), indices };
}
