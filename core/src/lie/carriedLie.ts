import type { PosedSkeleton } from '../anatomy/pose.ts';
import { scale, unit, type Vec3 } from '../geometry/vec3.ts';
import type { SkinSurface } from '../surface/skinSurface.ts';
import { inSurface } from './anatomyLie.ts';
import {
  axisFrames,
  intoFrame,
  movedPoint,
  nearestFrame,
  outOfFrame,
  type AxisFrame,
} from './axisFrames.ts';
import { keptFor } from './keptFor.ts';
import { nearPoints, type NearPoints } from './nearPoints.ts';
import type { RestLie } from './restLie.ts';

/** Points of the rest skin that are asked lie within so many of its cells. */
const REACH = 1.6;

/** Where the points of a skin lie on that at rest: for each the points near it there and what they count, its own side's and the other's. */
interface Carried {
  /** The sections that each is carried from and to; none where it has no place at rest. */
  readonly frames: readonly (readonly [here: AxisFrame, there: AxisFrame] | undefined)[];
  readonly own: Nearby;
  readonly other: Nearby;
}

/** Points near places, in rows, and their weights. */
interface Nearby {
  readonly starts: Uint32Array;
  readonly to: Uint32Array;
  readonly weights: Float32Array;
}

/** Gathers rows of near points, one place after the other. */
function gatherer(near: NearPoints, many: number) {
  const starts = new Uint32Array(many + 1);
  const [to, weights]: [number[], number[]] = [[], []];
  let row = 0;
  const tell = (i: number, square: number): void => {
    to.push(i);
    weights.push(1 / (square + 1e-12) ** 2);
  };
  return {
    place: (sleeve: number, p: Vec3): void => near.each(sleeve, p[0], p[1], p[2], tell),
    close: (): void => void (starts[++row] = to.length),
    rows: (): Nearby => ({ starts, to: Uint32Array.from(to), weights: Float32Array.from(weights) }),
  };
}

/** The mean way of a row, weighed by nearness; undefined where nothing lies near. */
function meanWay(
  ways: Float32Array,
  { starts, to, weights }: Nearby,
  row: number,
): Vec3 | undefined {
  let [x, y, z] = [0, 0, 0];
  for (let e = starts[row]!; e < starts[row + 1]!; e++) {
    const i = 3 * to[e]!;
    const weight = weights[e]!;
    x += weight * ways[i]!;
    y += weight * ways[i + 1]!;
    z += weight * ways[i + 2]!;
  }
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

/** Finds the points of a skin on that at rest. */
function carry(
  rest: PosedSkeleton,
  atRest: SkinSurface,
  posed: PosedSkeleton,
  skin: SkinSurface,
): Carried {
  const [from, to] = [axisFrames(posed), axisFrames(rest)];
  const near = nearPoints(atRest.mesh.positions, REACH * atRest.cellMm, atRest.sleeve);
  const images = imagesOf(atRest, rest);
  const { positions, owner } = skin.mesh;
  // Of a head by itself there are fewer parts: each is found among all by its names.
  const all = new Map(atRest.parts.map((part, i) => [nameOf(part), i]));
  const partOf = skin.parts.map((part) => all.get(nameOf(part)) ?? -1);
  const sleeves = new Map(atRest.parts.map(({ sleeve }, i) => [sleeve, i] as const).toReversed());
  const sleeveOf = skin.parts.map((part) => sleeves.get(part.sleeve) ?? -1);
  const larger = rest.sizeFactor / posed.sizeFactor;
  const [own, other] = [gatherer(near, owner.length), gatherer(near, owner.length)];
  const frames = Array.from(owner, (its, i): Carried['frames'][number] => {
    const part = partOf[its]!;
    if (part >= 0) {
      const p: Vec3 = [positions[3 * i]!, positions[3 * i + 1]!, positions[3 * i + 2]!];
      const n = nearestFrame(from[part]!, p);
      const [here, there] = [from[part]![n]!, to[part]![n]!];
      const q = movedPoint(here, there, p, larger);
      const sleeve = sleeveOf[its]!;
      own.place(sleeve, q);
      other.place(images.get(sleeve) ?? sleeve, mirror(q));
      own.close();
      other.close();
      return [here, there];
    }
    own.close();
    other.close();
    return undefined;
  });
  return { frames, own: own.rows(), other: other.rows() };
}

/** Places do not change with the lie. */
const carries = keptFor<SkinSurface, Carried>();

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
  const { frames, own, other } = carries(skin, lie.skin.cellMm, () =>
    carry(rest, lie.skin, posed, skin),
  );
  const { normals } = skin.mesh;
  const ways = Float32Array.from(skin.flow);
  for (let i = 0; i < frames.length; i++) {
    const its = frames[i];
    if (its === undefined) continue;
    const mean = meanWay(lie.ways, own, i);
    if (mean === undefined) continue;
    const way = lie.isMirrored ? evened(mean, meanWay(lie.ways, other, i)) : mean;
    const normal: Vec3 = [normals[3 * i]!, normals[3 * i + 1]!, normals[3 * i + 2]!];
    const flat = inSurface(outOfFrame(its[0], intoFrame(its[1], way)), normal);
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
