import type { FacePlace } from '../anatomy/face.ts';
import { sidedId } from '../anatomy/plans/kit/bilateral.ts';
import { posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import { partNormal, skinParts } from './skin.ts';
import { turn } from '../geometry/quat.ts';
import { cross, dot, lerp, scale, sub, unit, type Vec3 } from '../geometry/vec3.ts';
import { sleeveId } from './sleeveChain.ts';
import { placeable, pointAt, type SkinPlace, type SkinPoint } from './skinPlace.ts';

/** The point of a place on one side of the head; of the midline once; on sleeves alone, and on no curve that stands off them, where that is asked. Undefined where its flesh is not there. */
export function facePoint(
  posed: PosedSkeleton,
  [key, along, around, offMm = 0]: FacePlace,
  side: 1 | -1,
  onSleeves = false,
): SkinPoint | undefined {
  const bone = idOn(posed, key, side);
  return bone === undefined
    ? undefined
    : skinPoint(posed, { boneId: bone, along, around: side * around, offMm }, onSleeves);
}

/** Where the outermost flesh of a bone is at a share of it and an angle about it; undefined where there is none. */
export function skinPoint(
  posed: PosedSkeleton,
  { boneId: bone, along, around, offMm = 0 }: Omit<SkinPlace, 'sleeveId'>,
  onSleeves = false,
): SkinPoint | undefined {
  if (!posed.byId.has(bone)) return undefined;
  const { flesh, side } = posedBone(posed, bone).bone;
  const points = placeable(skinParts(posed))
    .filter(
      ({ sleeve }) =>
        !onSleeves || flesh.some((of) => 'sleeve' in of && sleeveId(of.sleeve, side) === sleeve),
    )
    .filter(({ boneId, samples }) => {
      const [a, b] = [samples[0]!.share, samples.at(-1)!.share];
      return (
        boneId === bone && along >= Math.min(a, b) - BESIDE && along <= Math.max(a, b) + BESIDE
      );
    })
    .flatMap((part) => {
      const place = { sleeveId: part.sleeve, boneId: bone, along, around, offMm };
      const point = pointAt(posed, place);
      return point === undefined ? [] : [{ ...point, out: partNormal(part, point.at, NORMAL_MM) }];
    });
  // Where a neck runs into a head both have a section there: what is seen is the outer one.
  const { start, end } = posedBone(posed, bone);
  const axis = lerp(start, end, along);
  return points.toSorted((a, b) => far(b.at, axis) - far(a.at, axis))[0];
}

/** The bone of a key on this side, or the one on the midline. */
export const idOn = (posed: PosedSkeleton, key: string, side: 1 | -1): string | undefined =>
  [sidedId(key, side === 1 ? 'left' : 'right'), key].find((id) => posed.byId.has(id));

/** A way out of the skin is read over so much of it, mm. */
const NORMAL_MM = 0.05;

/** So far beyond the sections of a run, in shares of its bone, its last one still tells. */
const BESIDE = 0.02;

const far = (p: Vec3, q: Vec3): number => dot(sub(p, q), sub(p, q));

/** A flat place on the skin: its middle, and unit ways along the head, towards the back, and out. */
export interface Patch {
  readonly at: Vec3;
  readonly ahead: Vec3;
  readonly up: Vec3;
  readonly out: Vec3;
  /** Unit, along the bone. */
  readonly along: Vec3;
}

/** The flat place on the skin about a place on one side of the head; undefined where its flesh is not there. */
export function patchAt(posed: PosedSkeleton, place: FacePlace, side: 1 | -1): Patch | undefined {
  const point = facePoint(posed, place, side);
  if (point === undefined) return undefined;
  const { start, end, rotation } = posedBone(posed, idOn(posed, place[0], side)!);
  const { out } = point;
  const flat = (way: Vec3): Vec3 => unit(sub(way, scale(out, dot(way, out))));
  const ahead = flat(sub(end, start));
  const across = cross(out, ahead);
  const up = dot(across, turn(rotation, [0, 1, 0])) < 0 ? scale(across, -1) : across;
  return { at: point.at, ahead, up, out, along: unit(sub(end, start)) };
}
