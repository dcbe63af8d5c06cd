import {
  renamedFace,
  type FaceEye,
  type FaceHole,
  type FaceLine,
  type FacePlace,
} from '../anatomy/face.ts';
import { sidedId } from '../anatomy/plans/kit/bilateral.ts';
import { posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import { partNormal, skinParts } from '../body/skin.ts';
import { turn } from '../geometry/quat.ts';
import { add, cross, dot, lerp, scale, sub, unit, type Vec3 } from '../geometry/vec3.ts';
import { toRad } from '../units/angles.ts';
import { placeable, pointAt, type SkinPoint } from './skinPlace.ts';

/** Something on a head in space, mm of the model: a line in the skin, or an area of some colour. */
export interface FaceShape {
  /** The colour of an area; null for a line. */
  readonly hex: string | null;
  readonly points: readonly Vec3[];
  /** Where an area looks, unit; a line lies on the skin point by point. */
  readonly out: Vec3 | null;
  /** A line that closes. */
  readonly closed: boolean;
}

const SIDES = [1, -1] as const;

/** Eyes, nostrils and lines of a posed model, or of some of its bones; nothing for an animal without a face. */
export function faceShapes(
  posed: PosedSkeleton,
  bones: ReadonlySet<string> | null = null,
): readonly FaceShape[] {
  const { face: whole, eye } = posed.skeleton.animal;
  const keys = posed.bones.flatMap(({ bone }) => ((bones?.has(bone.id) ?? true) ? [bone.key] : []));
  const face = renamedFace(whole, (key) => (keys.includes(key) ? key : null));
  if (face === undefined) return [];
  const ball = eye.mm * posed.sizeFactor;
  return SIDES.flatMap((side) => [
    ...face.eyes.flatMap((of) => eyeShapes(posed, of, ball, side)),
    ...face.holes.flatMap((of) => holeShapes(posed, of, side)),
    ...face.lines.flatMap((of) => lineShapes(posed, of, side)),
  ]);
}

/** The point of a place on one side of the head; of the midline once. Undefined where its flesh is not there. */
export function facePoint(
  posed: PosedSkeleton,
  [key, along, around, offMm = 0]: FacePlace,
  side: 1 | -1,
): SkinPoint | undefined {
  const bone = idOn(posed, key, side);
  if (bone === undefined) return undefined;
  const points = placeable(skinParts(posed))
    .filter(({ boneId, samples }) => {
      const [a, b] = [samples[0]!.share, samples.at(-1)!.share];
      return (
        boneId === bone && along >= Math.min(a, b) - BESIDE && along <= Math.max(a, b) + BESIDE
      );
    })
    .flatMap((part) => {
      const place = { sleeveId: part.sleeve, boneId: bone, along, around: side * around, offMm };
      const point = pointAt(posed, place);
      return point === undefined ? [] : [{ ...point, out: partNormal(part, point.at, NORMAL_MM) }];
    });
  // Where a neck runs into a head both have a section there: what is seen is the outer one.
  const { start, end } = posedBone(posed, bone);
  const axis = lerp(start, end, along);
  return points.toSorted((a, b) => far(b.at, axis) - far(a.at, axis))[0];
}

/** The bone of a key on this side, or the one on the midline. */
const idOn = (posed: PosedSkeleton, key: string, side: 1 | -1): string | undefined =>
  [sidedId(key, side === 1 ? 'left' : 'right'), key].find((id) => posed.byId.has(id));

/** A way out of the skin is read over so much of it, mm. */
const NORMAL_MM = 0.05;

/** So far beyond the sections of a run, in shares of its bone, its last one still tells. */
const BESIDE = 0.02;

const far = (p: Vec3, q: Vec3): number => dot(sub(p, q), sub(p, q));

/** A flat place on the skin: its middle, and unit ways along the head, towards the back, and out. */
interface Patch {
  readonly at: Vec3;
  readonly ahead: Vec3;
  readonly up: Vec3;
  readonly out: Vec3;
}

function patchAt(posed: PosedSkeleton, place: FacePlace, side: 1 | -1): Patch | undefined {
  const point = facePoint(posed, place, side);
  if (point === undefined) return undefined;
  const { start, end, rotation } = posedBone(posed, idOn(posed, place[0], side)!);
  const { out } = point;
  const flat = (way: Vec3): Vec3 => unit(sub(way, scale(out, dot(way, out))));
  const ahead = flat(sub(end, start));
  const across = cross(out, ahead);
  const up = dot(across, turn(rotation, [0, 1, 0])) < 0 ? scale(across, -1) : across;
  return { at: point.at, ahead, up, out };
}

const on = ({ at, ahead, up, out }: Patch, x: number, y: number, off: number): Vec3 =>
  add(at, add(scale(ahead, x), add(scale(up, y), scale(out, off))));

/** A hole or a pupil, and the light in an eye. */
const DARK = '#1d1a17';
const LIGHT = '#f4efe2';
const ROUND = 36;
/** Lids that are wider than high meet in corners: between an ellipse (0) and two arcs (1). */
const CORNERED = 0.6;
/** What lies on an eyeball stands off the skin by so much of its diameter. */
const BULGE = 0.06;
/** The light in a dark eye, and a round pupil, in heights of the opening. */
const GLINT = 0.17;
const ROUND_PUPIL = 0.6;

function eyeShapes(
  posed: PosedSkeleton,
  { at, opening, slitDeg, pupil, hex }: FaceEye,
  ball: number,
  side: 1 | -1,
): readonly FaceShape[] {
  const patch = patchAt(posed, at, side);
  if (patch === undefined || (side === -1 && at[2] === 0)) return [];
  const [a, h] = [(opening[0] * ball) / 2, (opening[1] * ball) / 2];
  const slit = toRad(-slitDeg);
  const off = BULGE * ball;
  const place = (x: number, y: number): Vec3 =>
    on(
      patch,
      x * Math.cos(slit) - y * Math.sin(slit),
      x * Math.sin(slit) + y * Math.cos(slit),
      off,
    );
  const round = (wide: number, high: number, x = 0, y = 0, cornered = 0): readonly Vec3[] =>
    Array.from({ length: ROUND }, (_, i) => {
      const t = (2 * Math.PI * i) / ROUND;
      const s = Math.sin(t);
      return place(x + wide * Math.cos(t), y + high * (s + cornered * (s * Math.abs(s) - s)));
    });
  const lids = round(a, h, 0, 0, a === h ? 0 : CORNERED);
  const area = (points: readonly Vec3[], colour: string): FaceShape => ({
    ...{ points, hex: colour, closed: true },
    out: patch.out,
  });
  const dark = {
    dark: lids,
    round: round(ROUND_PUPIL * h, ROUND_PUPIL * h),
    upright: round(0.22 * h, 0.92 * h, 0, 0, CORNERED),
    level: round(0.6 * a, 0.34 * h),
  }[pupil];
  const seen = [
    area(lids, hex),
    area(dark, DARK),
    area(round(GLINT * h, GLINT * h, 0.2 * a, 0.4 * h), LIGHT),
  ];
  const line = { hex: null, out: patch.out };
  const brow = round(1.22 * a, 1.5 * h, 0, 0, CORNERED).slice(2, ROUND / 2 - 1);
  return [
    ...seen,
    { ...line, points: lids, closed: true },
    ...(opening[1] < opening[0] ? [{ ...line, points: brow, closed: false }] : []),
  ];
}

function holeShapes(
  posed: PosedSkeleton,
  { at, long, wide, turnDeg }: FaceHole,
  side: 1 | -1,
): readonly FaceShape[] {
  const patch = patchAt(posed, at, side);
  if (patch === undefined || (side === -1 && at[2] === 0)) return [];
  const size = posedBone(posed, idOn(posed, at[0], side)!).bone.lifeLengthMm * posed.sizeFactor;
  const [a, b] = [(long * size) / 2, (wide * size) / 2];
  const [c, s] = [Math.cos(toRad(turnDeg)), Math.sin(toRad(turnDeg))];
  const points = Array.from({ length: ROUND / 2 }, (_, i) => {
    const t = (4 * Math.PI * i) / ROUND;
    const [x, y] = [a * Math.cos(t), b * Math.sin(t)];
    return on(patch, x * c - y * s, x * s + y * c, 0);
  });
  return [{ hex: DARK, points, out: patch.out, closed: true }];
}

const STEPS = 8;

/** A line through places; between two of one bone it runs on the skin. */
function lineShapes(posed: PosedSkeleton, through: FaceLine, side: 1 | -1): readonly FaceShape[] {
  if (side === -1 && through.every(([, , around]) => around === 0)) return [];
  const points = through.flatMap((place, i): Vec3[] => {
    const next = through[i + 1];
    const steps = next !== undefined && next[0] === place[0] ? STEPS : 1;
    return Array.from({ length: steps }, (_, n) => {
      const t = n / steps;
      const [bone, along, around] = place;
      const here: FacePlace =
        n === 0 ? place : [bone, along + (next![1] - along) * t, around + (next![2] - around) * t];
      return facePoint(posed, here, side)?.at;
    }).filter((at) => at !== undefined);
  });
  return points.length < 2 ? [] : [{ hex: null, points, out: null, closed: false }];
}
