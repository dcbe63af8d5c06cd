import type { PosedSkeleton } from '../anatomy/pose.ts';
import { scale, unit, type Vec3 } from '../geometry/vec3.ts';
import type { SkinSurface } from '../surface/skinSurface.ts';
import { inSurface } from './anatomyLie.ts';
import { axisFrames, intoFrame, movedPoint, nearestFrame, outOfFrame } from './axisFrames.ts';
import { nearPoints, type NearPoints } from './nearPoints.ts';
import type { RestLie } from './restLie.ts';

/** Points of the rest skin that are asked lie within so many of its cells. */
const REACH = 1.6;

/** The lie at a place of the rest skin: the mean of what lies near it, weighed by nearness; undefined where nothing does. */
function lieNear({ ways }: RestLie, near: NearPoints, sleeve: number, p: Vec3): Vec3 | undefined {
  let [x, y, z] = [0, 0, 0];
  near.each(sleeve, ...p, (i, square) => {
    const weight = 1 / (square + 1e-12) ** 2;
    x += weight * ways[3 * i]!;
    y += weight * ways[3 * i + 1]!;
    z += weight * ways[3 * i + 2]!;
  });
  return x === 0 && y === 0 && z === 0 ? undefined : unit([x, y, z]);
}

/** For each sleeve of the rest skin the one on the other side; itself on the midline. */
function imagesOf(
  { parts, sleeve }: SkinSurface,
  posed: PosedSkeleton,
): ReadonlyMap<number, number> {
  const bones = new Map(parts.map((part, i) => [`${part.boneId} ${part.sleeve}`, i]));
  const names = new Map(parts.map(({ sleeve: name }, i) => [name, i] as const).toReversed());
  const images = new Map<number, number>();
  for (const first of new Set(sleeve)) {
    const { boneId, sleeve: name } = parts[first]!;
    const image = posed.byId.get(boneId)?.bone.image ?? boneId;
    const other = parts.findIndex(
      (part) => part.boneId === image && (image !== boneId || part.sleeve === name),
    );
    const its = other < 0 ? undefined : names.get(parts[other]!.sleeve);
    images.set(first, its ?? bones.get(`${boneId} ${name}`) ?? first);
  }
  return images;
}

/**
 * The lie of a coat on the skin of a stance, unit and in that skin, three numbers a point: each point is found on
 * the rest skin by its place on its part, and its way is carried over in the frame of the section there.
 */
export function carriedLie(
  rest: PosedSkeleton,
  lie: RestLie,
  posed: PosedSkeleton,
  skin: SkinSurface,
): Float32Array {
  const [from, to] = [axisFrames(posed), axisFrames(rest)];
  const near = nearPoints(lie.skin.mesh.positions, REACH * lie.skin.cellMm, lie.skin.sleeve);
  const images = imagesOf(lie.skin, rest);
  const { positions, normals, owner } = skin.mesh;
  // Of a head by itself there are fewer parts: each is found among all by its names.
  const all = new Map(lie.skin.parts.map((part, i) => [nameOf(part), i]));
  const partOf = skin.parts.map((part) => all.get(nameOf(part)) ?? -1);
  const sleeves = new Map(lie.skin.parts.map(({ sleeve }, i) => [sleeve, i] as const).toReversed());
  const sleeveOf = skin.parts.map((part) => sleeves.get(part.sleeve) ?? -1);
  const ways = Float32Array.from(skin.flow);
  const larger = rest.sizeFactor / posed.sizeFactor;
  for (let i = 0; i < owner.length; i++) {
    const part = partOf[owner[i]!]!;
    if (part < 0) continue;
    const p: Vec3 = [positions[3 * i]!, positions[3 * i + 1]!, positions[3 * i + 2]!];
    const normal: Vec3 = [normals[3 * i]!, normals[3 * i + 1]!, normals[3 * i + 2]!];
    const n = nearestFrame(from[part]!, p);
    const [here, there] = [from[part]![n]!, to[part]![n]!];
    const q = movedPoint(here, there, p, larger);
    const sleeve = sleeveOf[owner[i]!]!;
    const own = lieNear(lie, near, sleeve, q);
    if (own === undefined) continue;
    const way = lie.isMirrored
      ? evened(own, lieNear(lie, near, images.get(sleeve) ?? sleeve, mirror(q)))
      : own;
    const flat = inSurface(outOfFrame(here, intoFrame(there, way)), normal);
    if (flat !== undefined) ways.set(flat, 3 * i);
  }
  return ways;
}

const nameOf = ({ boneId, sleeve }: SkinSurface['parts'][number]): string => `${boneId} ${sleeve}`;

const mirror = ([x, y, z]: Vec3): Vec3 => [x, y, -z];

/** The mean of a way and the image of that on the other side, so that left mirrors right whatever the grid does. */
function evened(way: Vec3, other: Vec3 | undefined): Vec3 {
  if (other === undefined) return way;
  const image = mirror(other);
  const sum: Vec3 = [way[0] + image[0], way[1] + image[1], way[2] + image[2]];
  return Math.hypot(...sum) < 1e-6 ? way : unit(scale(sum, 0.5));
}
