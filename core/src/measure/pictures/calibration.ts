import { boneEnds } from '../../anatomy/landmarks.ts';
import type { Skeleton } from '../../anatomy/skeleton.ts';
import type { Picture, PicturePoint } from '../../piece/referencesSchema.ts';
import { trueFromApparent } from '../photo/perspective.ts';
import {
  clickSpread,
  COVERAGE,
  meanPoint,
  NOT_LEVELLED_RAD,
  type ClickSpread,
} from './precision.ts';

/** A calibrated picture: from its pixels to life millimetres on a levelled page. */
export interface Calibration {
  readonly mmPerPx: number;
  /** One sigma of the scale, as a share of it. */
  readonly relative: number;
  /** Of the level line on the turned picture, counter-clockwise on the page. */
  readonly levelRad: number;
  /** One sigma of the level. */
  readonly levelSigmaRad: number;
  readonly click: ClickSpread;
  /** The lens looks at this pixel: the middle of the picture as it came. */
  readonly centre: PicturePoint;
  readonly turnDeg: number;
  readonly camera: Picture['camera'];
  /** What the scale was taken from. */
  readonly known: { readonly mm: number; readonly plusMinusMm: number; readonly px: number };
}

/** Why a picture gives no millimetres yet. */
export type CalibrationGap =
  | 'no-scale'
  | 'scale-of-no-length'
  | 'bone-not-placed'
  | 'level-of-no-length'
  | 'lens-inside-the-animal';

/** Two points nearer than this are one: no length can be read between them, pixels. */
export const LEAST_APART_PX = 2;

const apart = (a: PicturePoint, b: PicturePoint): number => Math.hypot(b[0] - a[0], b[1] - a[1]);

/** The calibration of a picture, or what is missing. `skeleton` gives the lengths of known bones. */
export function calibrate(picture: Picture, skeleton: Skeleton): Calibration | CalibrationGap {
  const { scale, level, camera } = picture;
  if (scale === null) return 'no-scale';
  const known = scale.by === 'length' ? lineOf(scale) : boneLine(picture, scale.boneId, skeleton);
  if (known === undefined) return 'bone-not-placed';
  const px = apart(known.from, known.to);
  if (px < LEAST_APART_PX || !(known.mm > 0)) return 'scale-of-no-length';
  if (level !== null && apart(level.from, level.to) < LEAST_APART_PX) return 'level-of-no-length';
  if (camera !== null && camera.nearerMm >= camera.distanceMm * 0.9)
    return 'lens-inside-the-animal';
  const click = clickSpread(picture);
  return {
    mmPerPx: known.mm / px,
    relative: Math.hypot(
      (Math.SQRT2 * click.sigmaPx) / px,
      known.plusMinusMm / COVERAGE / known.mm,
    ),
    levelRad: level === null ? 0 : levelRad(level, picture.turnDeg),
    levelSigmaRad:
      level === null
        ? NOT_LEVELLED_RAD
        : (Math.SQRT2 * click.sigmaPx) / apart(level.from, level.to),
    click,
    centre: [picture.widthPx / 2, picture.heightPx / 2],
    turnDeg: picture.turnDeg,
    camera,
    known: { mm: known.mm, plusMinusMm: known.plusMinusMm, px },
  };
}

interface KnownLine {
  readonly from: PicturePoint;
  readonly to: PicturePoint;
  readonly mm: number;
  readonly plusMinusMm: number;
}

const lineOf = (scale: Extract<Picture['scale'], { by: 'length' }>): KnownLine => scale;

/** A known bone between its landmarks; its usual range stands for two sigma either way. */
function boneLine(picture: Picture, boneId: string, skeleton: Skeleton): KnownLine | undefined {
  const bone = skeleton.byId.get(boneId);
  const ends = boneEnds(skeleton).get(boneId);
  const from = picture.landmarks[ends?.start ?? ''];
  const to = picture.landmarks[ends?.end ?? ''];
  if (bone === undefined || from === undefined || to === undefined) return undefined;
  return {
    from: meanPoint(from),
    to: meanPoint(to),
    mm: bone.lifeLengthMm,
    plusMinusMm: bone.plusMinusMm ?? (bone.range[1] - bone.range[0]) / 2,
  };
}

/** The tilt of a line on the turned picture, folded so that either end may be clicked first. */
function levelRad({ from, to }: NonNullable<Picture['level']>, turnDeg: number): number {
  const [du, dv] = turned([to[0] - from[0], to[1] - from[1]], turnDeg);
  const tilt = Math.atan2(-dv, du);
  if (tilt > Math.PI / 2) return tilt - Math.PI;
  return tilt <= -Math.PI / 2 ? tilt + Math.PI : tilt;
}

/** A way on the picture after quarter turns clockwise. */
function turned([du, dv]: PicturePoint, turnDeg: number): PicturePoint {
  if (turnDeg === 90) return [-dv, du];
  if (turnDeg === 180) return [-du, -dv];
  return turnDeg === 270 ? [dv, -du] : [du, dv];
}

/** A pixel on the levelled page in pixels from the picture's middle: x right, y up. */
export function levelPoint(
  picture: Pick<Picture, 'widthPx' | 'heightPx' | 'turnDeg' | 'level'>,
  at: PicturePoint,
): PicturePoint {
  const { level, turnDeg } = picture;
  const flat = level === null || apart(level.from, level.to) < LEAST_APART_PX;
  const tilt = flat ? 0 : levelRad(level, turnDeg);
  return onPage(at, [picture.widthPx / 2, picture.heightPx / 2], turnDeg, tilt);
}

function onPage(
  [u, v]: PicturePoint,
  centre: PicturePoint,
  turnDeg: number,
  tilt: number,
): PicturePoint {
  const [du, dv] = turned([u - centre[0], v - centre[1]], turnDeg);
  const [c, s] = [Math.cos(tilt), Math.sin(tilt)];
  return [du * c - dv * s, -dv * c - du * s];
}

/**
 * A pixel on the levelled page: mm from the picture's middle, x right, y up. `nearerMm` says how much
 * nearer to the lens than the scale the point lies (pinhole, similar triangles); a drawing knows no
 * perspective.
 */
export function pagePoint(
  of: Calibration,
  at: PicturePoint,
  nearerMm: number = of.camera?.nearerMm ?? 0,
): readonly [number, number] {
  const k =
    of.camera === null ? of.mmPerPx : trueFromApparent(of.mmPerPx, of.camera.distanceMm, nearerMm);
  const [right, up] = onPage(at, of.centre, of.turnDeg, of.levelRad);
  return [k * right, k * up];
}
