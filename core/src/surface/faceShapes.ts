import { sidesShown } from '../anatomy/bodyPlan.ts';
import {
  renamedFace,
  type FaceEye,
  type FaceHole,
  type FaceLine,
  type FacePlace,
} from '../anatomy/face.ts';
import { posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import { add, dot, ORIGIN, scale, sub, type Vec3 } from '../geometry/vec3.ts';
import { toRad } from '../units/angles.ts';
import { facePoint, idOn, patchAt, type Patch } from '../body/facePoint.ts';
import { eyeAxis, gazePoint, pupilOff } from './gaze.ts';

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
  const point = posed.gaze && gazePoint(posed, posed.gaze);
  return sidesShown(posed.skeleton.plan).flatMap((side) => [
    ...face.eyes.flatMap((of) => eyeShapes(posed, of, ball, side, point)),
    ...face.holes.flatMap((of) => holeShapes(posed, of, side)),
    ...face.lines.flatMap((of) => lineShapes(posed, of, side)),
  ]);
}

const on = ({ at, ahead, up, out }: Patch, x: number, y: number, off: number): Vec3 =>
  add(at, add(scale(ahead, x), add(scale(up, y), scale(out, off))));

/** A hole or a pupil, and the light in an eye. */
const DARK = '#1d1a17';
const LIGHT = '#f4efe2';
const ROUND = 36;
/** Lids that are wider than high meet in corners: between an ellipse (0) and two arcs (1). */
const CORNERED = 0.6;
/** Lids that are open by less are a line. */
const SHUT = 0.08;
/** What lies on an eyeball stands off the skin by so much of its diameter. */
const BULGE = 0.06;
/** The light in a dark eye, and a round pupil, in heights of the opening. */
const GLINT = 0.17;
const ROUND_PUPIL = 0.6;

/** How far the pupil of an eye moves in the plane of its lids to look at a point. */
function turnedBy(patch: Patch, point: Vec3, ahead: number, ball: number): Vec3 {
  const off = pupilOff(point, patch.at, eyeAxis(patch, ahead), ball);
  return sub(off, scale(patch.out, dot(off, patch.out)));
}

function eyeShapes(
  posed: PosedSkeleton,
  { at, opening, slitDeg, pupil, hex, ahead }: FaceEye,
  ball: number,
  side: 1 | -1,
  looksAt: Vec3 | undefined,
): readonly FaceShape[] {
  const patch = patchAt(posed, at, side);
  if (patch === undefined || (side === -1 && at[2] === 0)) return [];
  const { lids: open = 1 } = posed;
  const [a, full] = [(opening[0] * ball) / 2, (opening[1] * ball) / 2];
  const h = full * open;
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
  const isShut = open < SHUT;
  const area = (points: readonly Vec3[], colour: string): FaceShape => ({
    ...{ points, hex: colour, closed: true },
    out: patch.out,
  });
  const turned = looksAt === undefined ? ORIGIN : turnedBy(patch, looksAt, ahead, ball);
  const dark = {
    dark: lids,
    round: round(ROUND_PUPIL * full, Math.min(ROUND_PUPIL * full, h)),
    upright: round(0.22 * full, 0.92 * h, 0, 0, CORNERED),
    level: round(0.6 * a, Math.min(0.34 * full, h)),
  }[pupil];
  const seen = [
    area(lids, hex),
    area(pupil === 'dark' ? dark : dark.map((p) => add(p, turned)), DARK),
    area(round(GLINT * h, GLINT * h, 0.2 * a, 0.4 * h), LIGHT),
  ];
  const line = { hex: null, out: patch.out };
  const brow = round(1.22 * a, 1.5 * full, 0, 0, CORNERED).slice(2, ROUND / 2 - 1);
  return [
    ...(isShut ? [] : seen),
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
      return facePoint(posed, here, side, true)?.at;
    }).filter((at) => at !== undefined);
  });
  return points.length < 2 ? [] : [{ hex: null, points, out: null, closed: false }];
}
