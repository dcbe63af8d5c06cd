import { sidesShown } from '../anatomy/bodyPlan.ts';
import { type Gaze, type PosedSkeleton } from '../anatomy/pose.ts';
import { turn } from '../geometry/quat.ts';
import { add, cross, dot, length, scale, sub, unit, type Vec3 } from '../geometry/vec3.ts';
import { toDeg, toRad } from '../units/angles.ts';
import { patchAt, type Patch } from '../body/facePoint.ts';

/** An eye turns so far from the middle of its lids, degrees; further the head must follow. General knowledge of mammals. */
export const EYE_TURNS_DEG = 35;

/** Of a pair of eyes, how far each turns to look at a point. */
export interface EyeTurn {
  readonly side: 'left' | 'right';
  readonly deg: number;
  /** How far the point lies along the way that the eye looks from the middle of its lids, and beside that way, mm. */
  readonly alongMm: number;
  readonly besideMm: number;
}

/** The point that both eyes look at, mm of the model in space; undefined for an animal without such eyes. */
export function gazePoint(posed: PosedSkeleton, gaze: Gaze): Vec3 | undefined {
  const middle = betweenEyes(posed);
  const key = posed.skeleton.animal.face?.eyes[0]?.at[0];
  const head = posed.bones.find(({ bone }) => bone.key === key);
  if (middle === undefined || head === undefined) return undefined;
  const ahead = unit(sub(head.end, head.start));
  const left = turn(head.rotation, [0, 0, -1]);
  const up = cross(ahead, scale(left, -1));
  return add(
    middle,
    add(scale(ahead, gaze.aheadMm), add(scale(left, gaze.leftMm), scale(up, gaze.upMm))),
  );
}

/** An eye of the first pair: its place, and the way that it looks from the middle of its lids. */
function eyeOn(posed: PosedSkeleton, side: 1 | -1) {
  const [eye] = posed.skeleton.animal.face?.eyes ?? [];
  const patch = eye && patchAt(posed, eye.at, side);
  return eye && patch && { at: patch.at, axis: eyeAxis(patch, eye.ahead) };
}

/** The way that an eye looks from the middle of its lids: between straight out of the skin and along the head. */
export const eyeAxis = ({ out, along }: Pick<Patch, 'out' | 'along'>, share: number): Vec3 =>
  unit(add(scale(out, 1 - share), scale(along, share)));

/** Halfway between the eyes of the first pair. */
function betweenEyes(posed: PosedSkeleton): Vec3 | undefined {
  const [left, right] = [eyeOn(posed, 1), eyeOn(posed, -1)];
  return left && right && scale(add(left.at, right.at), 0.5);
}

/** How far either eye of the first pair turns from the middle of its lids to look where the stance says. */
export function eyeTurns(posed: PosedSkeleton): readonly EyeTurn[] {
  const point = posed.gaze && gazePoint(posed, posed.gaze);
  if (point === undefined) return [];
  return sidesShown(posed.skeleton.plan).flatMap((side) => {
    const eye = eyeOn(posed, side);
    if (eye === undefined) return [];
    const way = sub(point, eye.at);
    const alongMm = dot(way, eye.axis);
    const besideMm = length(sub(way, scale(eye.axis, alongMm)));
    const deg = toDeg(Math.atan2(besideMm, alongMm));
    return [{ side: side === 1 ? 'left' : 'right', deg, alongMm, besideMm }];
  });
}

/**
 * Where the pupil of an eye lies that looks at a point, from the middle of its lids: square to the way `axis` that
 * it looks from there, mm; at most as far as an eye turns. `at` is the middle of the lids, `ball` its diameter.
 */
export function pupilOff(point: Vec3, at: Vec3, axis: Vec3, ball: number): Vec3 {
  const centre = sub(at, scale(axis, ball / 2));
  const way = unit(sub(point, centre));
  const flat = sub(way, scale(axis, dot(way, axis)));
  const size = length(flat);
  const most = Math.sin(toRad(EYE_TURNS_DEG));
  const isBehind = dot(way, axis) < 0;
  const reach = isBehind || size > most ? most : size;
  return size === 0 ? [0, 0, 0] : scale(flat, (reach * ball) / 2 / size);
}
