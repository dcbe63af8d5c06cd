import type { CoatZone } from '../anatomy/coat.ts';
import { sidesShown } from '../anatomy/bodyPlan.ts';
import type { PosedSkeleton } from '../anatomy/pose.ts';
import { facePoint } from '../body/facePoint.ts';
import { distance, dot, scale, sub, unit, type Vec3 } from '../geometry/vec3.ts';
import type { SkinSurface } from '../surface/skinSurface.ts';

/** How far a coat sinks towards the belly on the flank, against its way to the rear. Common practice. */
const SINKS = 0.45;
/** How far the coat of a limb is swept to the rear, against its way down. Common practice. */
const SWEPT = 0.3;
/** Round an eye hair stands off the lids out to so many diameters of the eyeball, and so much against its way to the rear. Common practice. */
const ROUND_EYE = { diameters: 2.1, share: 1.4 } as const;

/** What of a way lies in a surface, unit; undefined for one that stands out of it. */
export function inSurface(way: Vec3, normal: Vec3): Vec3 | undefined {
  const off = dot(way, normal);
  const flat: Vec3 = [way[0] - off * normal[0], way[1] - off * normal[1], way[2] - off * normal[2]];
  return Math.hypot(...flat) < 1e-9 ? undefined : unit(flat);
}

/**
 * The lie of a coat as anatomy has it, unit and in the skin at rest, three numbers a point: from the nose to the rear, down
 * the limbs and to the tip of the tail, sinking on the flanks, swept to the rear on limbs, away from the lids.
 * Scales lie along the body. Common practice.
 */
export function anatomyLie(rest: PosedSkeleton, skin: SkinSurface): Float32Array {
  const { coat } = rest.skeleton.animal;
  const lie = Float32Array.from(skin.flow);
  const { normals, positions, owner } = skin.mesh;
  const eyes = eyeMiddles(rest);
  const reach = ROUND_EYE.diameters * rest.skeleton.animal.eye.mm * rest.sizeFactor;
  for (let i = 0; i < owner.length; i++) {
    const { side } = skin.parts[owner[i]!]!;
    if (!isSoft(coat[skin.zone[i]!])) continue;
    const normal: Vec3 = [normals[3 * i]!, normals[3 * i + 1]!, normals[3 * i + 2]!];
    const p: Vec3 = [positions[3 * i]!, positions[3 * i + 1]!, positions[3 * i + 2]!];
    const flank = 1 - Math.abs(normal[1]);
    const drift: Vec3 = side === 'mid' ? [0, -SINKS * flank, 0] : [-SWEPT, 0, 0];
    const way: [number, number, number] = [
      lie[3 * i]! + drift[0],
      lie[3 * i + 1]! + drift[1],
      lie[3 * i + 2]! + drift[2],
    ];
    for (const eye of eyes) {
      const far = distance(p, eye);
      if (far >= reach || far === 0) continue;
      const much = ROUND_EYE.share * (1 - far / reach);
      const off = scale(sub(p, eye), much / far);
      for (const k of [0, 1, 2] as const) way[k] += off[k];
    }
    const flat = inSurface(way, normal);
    if (flat !== undefined) lie.set(flat, 3 * i);
  }
  return lie;
}

/** Hair and feathers hang and are swept; scales and skin are not. */
const isSoft = (zone: CoatZone | undefined): boolean =>
  zone !== undefined && ['hair', 'feather', 'down'].includes(zone.covering ?? 'hair');

/** The middles of all eyes on the skin. */
export function eyeMiddles(posed: PosedSkeleton): readonly Vec3[] {
  const { plan, animal } = posed.skeleton;
  return sidesShown(plan).flatMap((side) =>
    (animal.face?.eyes ?? []).flatMap(({ at }) => {
      const point = side === -1 && at[2] === 0 ? undefined : facePoint(posed, at, side);
      return point === undefined ? [] : [point.at];
    }),
  );
}
