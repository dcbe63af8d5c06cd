import type { PosedSkeleton } from '../anatomy/pose.ts';
import { inverse, turn } from '../geometry/quat.ts';
import { sub, type Vec3 } from '../geometry/vec3.ts';
import { toDeg } from '../units/angles.ts';
import type { SkinSurface } from './skinSurface.ts';

/** Which points of the skin lie on a pad: its place in the face and one, else 0. */
export function facePads(
  posed: PosedSkeleton,
  { mesh, parts }: Pick<SkinSurface, 'mesh' | 'parts'>,
): Uint8Array {
  const { positions, owner } = mesh;
  const on = new Uint8Array(owner.length);
  const { pads } = posed.skeleton.animal.face ?? { pads: [] };
  for (const [n, { bone: key, along, around }] of pads.entries())
    for (const { bone, start, end, rotation } of posed.bones) {
      if (bone.key !== key) continue;
      const back = inverse(rotation);
      const axis = turn(back, sub(end, start));
      const long2 = axis[0] ** 2 + axis[1] ** 2 + axis[2] ** 2;
      const long = Math.sqrt(long2);
      // Up in the plane of the bone's section, and across it to the left.
      const up: Vec3 = [-axis[1] / long, axis[0] / long, 0];
      const own = parts.map(({ boneId }) => boneId === bone.id);
      for (let i = 0; i < owner.length; i++) {
        if (!own[owner[i]!]) continue;
        const p = sub([positions[3 * i]!, positions[3 * i + 1]!, positions[3 * i + 2]!], start);
        const [x, y, z] = turn(back, p);
        const share = (x * axis[0] + y * axis[1] + z * axis[2]) / long2;
        if (share < along[0] || share > along[1]) continue;
        // From the line of the bone, which may lean to its side.
        const beside = z - share * axis[2];
        const over = (x - share * axis[0]) * up[0] + (y - share * axis[1]) * up[1];
        const angle = Math.abs(toDeg(Math.atan2(-beside, over)));
        if (angle >= around[0] && angle <= around[1]) on[i] = n + 1;
      }
    }
  return on;
}
