import { fitAngles } from '../../anatomy/fitAngles.ts';
import { boneEnds } from '../../anatomy/landmarks.ts';
import { poseSkeleton, restPose, posedBone, type JointAngles } from '../../anatomy/pose.ts';
import type { Bone, Skeleton } from '../../anatomy/skeleton.ts';
import {
  aboutAxis,
  compose,
  IDENTITY,
  shortestTurn,
  turn,
  type Quat,
} from '../../geometry/quat.ts';
import { dot, sub, unit, Y_AXIS, type Vec3 } from '../../geometry/vec3.ts';
import type { Picture } from '../../piece/referencesSchema.ts';
import { calibrate, levelPoint } from '../pictures/calibration.ts';
import { clickSpread, COVERAGE, meanPoint } from '../pictures/precision.ts';
import { toDeg, toRad } from '../../units/angles.ts';
import {
  depthMm,
  hasTwoWays,
  leastScale,
  type Nearer,
  type Pixel,
  type SeenBone,
} from './scaledOrthography.ts';

/** A bone on the photograph. */
export interface PhotoBone {
  readonly bone: Bone;
  /** Share of its length that the photograph shows: 1 in the picture's plane, more is impossible. */
  readonly seenShare: number;
  /** Depth between its ends, mm, without sign; null where impossible. */
  readonly depthMm: number | null;
  readonly nearer: Nearer;
  /** False for a bone in the picture's plane: it points neither nearer nor farther. */
  readonly twoWays: boolean;
  /** Whether the sign was chosen by the user; else it is the start stance's. */
  readonly chosen: boolean;
  /** Angle between the bone as seen and as its joints can hold it, degrees; null where impossible. */
  readonly missDeg: number | null;
}

/** The smallest changes, each by itself, that make an impossible bone possible. */
export interface ImpossibleBone {
  readonly bone: Bone;
  /** The bone would have to be so long, mm. */
  readonly lengthMm: number;
  /** Or its far end be seen so much nearer to its near end, pixels. */
  readonly movePx: number;
  /** Or the photograph have so many pixels in a millimetre. */
  readonly pxPerMm: number;
}

export interface RecoveredStance {
  readonly pxPerMm: number;
  /** The least scale at which every bone can be as long as it is, pixels per mm. */
  readonly leastPxPerMm: number;
  /** True where the photograph was calibrated; else the least scale was taken. */
  readonly calibrated: boolean;
  readonly bones: readonly PhotoBone[];
  readonly impossible: readonly ImpossibleBone[];
  /** How far the trunk turns out of the picture, degrees; the stance is turned back by it. */
  readonly headingDeg: number;
  /** Angles of the whole stance; null where no bone is seen or some are impossible. */
  readonly angles: JointAngles | null;
}

/**
 * The stance on one photograph, its bones being of known length: depth of each bone by scaled
 * orthography with the signs chosen, then the joint angles that hold the bones so. `start` gives the
 * signs that nobody chose and the angles of what is not seen.
 */
export function recoverStance(
  skeleton: Skeleton,
  picture: Picture,
  start: JointAngles,
): RecoveredStance {
  const seen = seenBones(skeleton, picture);
  const slackPx = COVERAGE * Math.SQRT2 * clickSpread(picture).sigmaPx;
  const least = leastScale(seen.map(({ on }) => ({ ...on, to: nearerBy(on, slackPx) })));
  const calibration = calibrate(picture, skeleton);
  const calibrated = typeof calibration !== 'string';
  const pxPerMm = calibrated ? 1 / calibration.mmPerPx : least;
  const facing = picture.facing === 'left' ? 1 : -1;
  const signs = likelySigns(skeleton, picture, seen, pxPerMm, start);
  const directions = new Map<string, Vec3>();
  const drafts = seen.map(({ bone, on }) => {
    const seenPx = seenPxOf(on);
    // A click's width past its length is a bone in the picture's plane, not an impossible one.
    const inReach = seenPx <= on.lengthMm * pxPerMm + slackPx + ROUNDING_PX;
    const depth = inReach ? (depthMm(nearerTo(on, on.lengthMm * pxPerMm), pxPerMm) ?? 0) : null;
    const nearer = signs.get(bone.id) ?? 1;
    if (depth !== null) directions.set(bone.id, inSpace(on, facing, nearer * depth * pxPerMm));
    return {
      bone,
      seenShare: seenPx / pxPerMm / on.lengthMm,
      seenPx,
      depthMm: depth,
      nearer,
      twoWays: hasTwoWays(on, pxPerMm),
      chosen: picture.nearer[bone.id] !== undefined,
    };
  });
  const impossible = drafts
    .filter((draft) => draft.depthMm === null)
    .map(({ bone, seenPx }): ImpossibleBone => ({
      bone,
      lengthMm: seenPx / pxPerMm,
      movePx: seenPx - bone.lifeLengthMm * pxPerMm,
      pxPerMm: seenPx / bone.lifeLengthMm,
    }));
  const headingDeg = headingOf(skeleton, directions);
  const level = aboutAxis(Y_AXIS, (-headingDeg * Math.PI) / 180);
  const wanted = new Map([...directions].map(([id, v]) => [id, turn(level, v)]));
  const fitted = wanted.size > 0 ? fitAngles(skeleton, wanted, start) : null;
  return {
    pxPerMm,
    leastPxPerMm: least,
    calibrated,
    bones: drafts.map(({ seenPx: _, ...draft }) => ({
      ...draft,
      missDeg: fitted?.missDeg.get(draft.bone.id) ?? null,
    })),
    impossible,
    headingDeg,
    angles: impossible.length > 0 ? null : (fitted?.angles ?? null),
  };
}

/** Every bone with both its ends placed, on the levelled page (pixels, y up). */
function seenBones(
  skeleton: Skeleton,
  picture: Picture,
): readonly { readonly bone: Bone; readonly on: SeenBone }[] {
  const ends = boneEnds(skeleton);
  const place = (id: string | null | undefined) => {
    const clicks = picture.landmarks[id ?? ''];
    return clicks === undefined ? undefined : levelPoint(picture, meanPoint(clicks));
  };
  return skeleton.bones.flatMap((bone) => {
    const from = place(ends.get(bone.id)?.start);
    const to = place(ends.get(bone.id)?.end);
    if (from === undefined || to === undefined) return [];
    return [{ bone, on: { from, to, lengthMm: bone.lifeLengthMm } }];
  });
}

const seenPxOf = ({ from, to }: SeenBone): number => Math.hypot(to[0] - from[0], to[1] - from[1]);

/** The far end brought to at most a distance from the near end, pixels. */
function nearerTo(on: SeenBone, mostPx: number): SeenBone {
  const px = seenPxOf(on);
  if (px <= mostPx) return on;
  const k = mostPx / px;
  const { from, to } = on;
  return { ...on, to: [from[0] + (to[0] - from[0]) * k, from[1] + (to[1] - from[1]) * k] };
}

const nearerBy = (on: SeenBone, px: number): Pixel =>
  nearerTo(on, Math.max(0, seenPxOf(on) - px)).to;

/** A bone on the page with its depth (pixels, towards the viewer) in the animal's axes, unit. */
function inSpace(on: SeenBone, facing: 1 | -1, towardsPx: number): Vec3 {
  const [right, up] = [on.to[0] - on.from[0], on.to[1] - on.from[1]];
  return unit([-facing * right, up, -facing * towardsPx]);
}

/** The bone that sets the least scale must not be called impossible by a rounding. */
const ROUNDING_PX = 1e-6;

/** Less than this out of the picture is taken as none: clicks and lens do as much, degrees. */
const LEAST_HEADING_DEG = 5;

/**
 * The signs that the user chose, and for the others those that lie nearest to the start stance: from
 * the trunk outwards, each bone is expected as its parent has been turned, and takes the sign that
 * turns it less. A trunk that lies askew is taken to come nearer with its head; the other way is the
 * mirror choice.
 */
function likelySigns(
  skeleton: Skeleton,
  picture: Picture,
  seen: readonly { readonly bone: Bone; readonly on: SeenBone }[],
  pxPerMm: number,
  start: JointAngles,
): ReadonlyMap<string, Nearer> {
  const facing = picture.facing === 'left' ? 1 : -1;
  const posed = poseSkeleton(skeleton, start);
  const byId = new Map(seen.map((entry) => [entry.bone.id, entry.on]));
  const trunk = longestTrunkBone(skeleton, byId);
  let heading: Quat = IDENTITY;
  if (trunk !== undefined) {
    const on = byId.get(trunk.id)!;
    const flat = Math.min(1, seenPxOf(on) / (on.lengthMm * pxPerMm));
    const sign = picture.nearer[trunk.id] ?? 1;
    const deg = toDeg(Math.acos(flat));
    if (deg >= LEAST_HEADING_DEG || picture.nearer[trunk.id] !== undefined)
      heading = aboutAxis(Y_AXIS, facing * sign * toRad(deg));
  }
  const turnedBy = new Map<string, Quat>();
  const signs = new Map<string, Nearer>();
  for (const { bone, start: from, end: to } of posed.bones) {
    const before = (bone.parent === null ? undefined : turnedBy.get(bone.parent)) ?? heading;
    const on = byId.get(bone.id);
    const expected = turn(before, unit(sub(to, from)));
    if (on === undefined) {
      turnedBy.set(bone.id, before);
      continue;
    }
    const flat = nearerTo(on, on.lengthMm * pxPerMm);
    const towardsPx = (depthMm(flat, pxPerMm) ?? 0) * pxPerMm;
    const nearer = inSpace(flat, facing, towardsPx);
    const farther = inSpace(flat, facing, -towardsPx);
    const own = picture.nearer[bone.id];
    const sign = own ?? (dot(expected, nearer) >= dot(expected, farther) ? 1 : -1);
    signs.set(bone.id, sign);
    turnedBy.set(bone.id, compose(shortestTurn(expected, sign === 1 ? nearer : farther), before));
  }
  return signs;
}

function longestTrunkBone(
  skeleton: Skeleton,
  seen: ReadonlyMap<string, SeenBone>,
): Bone | undefined {
  const keys = skeleton.plan.parts.find((part) => part.kind === 'trunk')?.keys ?? [];
  return skeleton.bones
    .filter((bone) => bone.side === 'mid' && keys.includes(bone.key) && seen.has(bone.id))
    .toSorted((a, b) => b.lifeLengthMm - a.lifeLengthMm)[0];
}

/**
 * How far the trunk points away from the picture's plane: the mean heading, about the vertical, of
 * the midline bones of the trunk as they lie from tail to head.
 */
function headingOf(skeleton: Skeleton, directions: ReadonlyMap<string, Vec3>): number {
  const trunk = skeleton.plan.parts.find((part) => part.kind === 'trunk')?.keys ?? [];
  const rest = restPose(skeleton);
  let [x, z] = [0, 0];
  for (const [id, direction] of directions) {
    const bone = skeleton.byId.get(id)!;
    if (bone.side !== 'mid' || !trunk.includes(bone.key)) continue;
    const { start, end } = posedBone(rest, id);
    const forward = Math.sign(sub(end, start)[0]) || 1;
    x += forward * direction[0] * bone.lifeLengthMm;
    z += forward * direction[2] * bone.lifeLengthMm;
  }
  return x === 0 && z === 0 ? 0 : (Math.atan2(-z, x) * 180) / Math.PI;
}
