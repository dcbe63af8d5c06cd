import * as say from './words.ts';
import { least } from '../../geometry/extremes.ts';
import type { FleshStation } from '../../anatomy/animal.ts';
import { boneEnds } from '../../anatomy/landmarks.ts';
import type { Bone, Skeleton } from '../../anatomy/skeleton.ts';
import { sectionsOf } from '../../anatomy/shaped.ts';
import { sectionKey, shapedParts, adopt } from '../../body/shapeEdits.ts';
import type { Picture, PicturePoint } from '../../piece/referencesSchema.ts';
import { SECTION_MM, type Shape } from '../../anatomy/shapeSchema.ts';
import { calibrate, pagePoint, type Calibration } from './calibration.ts';
import { meanPoint } from './precision.ts';

/** What an outline made of the shape, and what it could not. */
export interface TracedShape {
  readonly shape: Shape;
  /** Sections that were set from the outline. */
  readonly sections: number;
  /** Bones whose sections follow it, in words. */
  readonly bones: readonly string[];
  /** Why nothing was set; null where something was. */
  readonly problem: string | null;
}

/** An outline has this many points at least. */
const LEAST_POINTS = 8;
/** Where an outline lies so many times further off than the library's skin, it is another part's. */
const OTHERS_SKIN = 1.8;

/**
 * Sections of the body from an outline traced on a picture: square to each bone whose both ends are
 * placed, outwards to the outline. A picture from the side gives depths and how far the middle lies
 * off the bone; one from above gives widths. Parts that are not shaped yet are taken over first.
 */
export function tracedShape(library: Skeleton, shape: Shape, picture: Picture): TracedShape {
  const nothing = (problem: string): TracedShape => ({ shape, sections: 0, bones: [], problem });
  if (picture.view !== 'side' && picture.view !== 'top') return nothing(say.onlyPicturesFromSide);
  if (picture.outline.length < LEAST_POINTS)
    return nothing(say.outlineHasPointsAt(picture.outline.length, LEAST_POINTS));
  const calibration = calibrate(picture, library);
  if (typeof calibration === 'string') return nothing(say.pictureHasNoScale);
  const reader: Reader = { picture, calibration, outline: picture.outline };
  let next = shape;
  const bones: string[] = [];
  let sections = 0;
  for (const part of shapedParts(library, shape)) {
    const own = part.bones.filter((bone) => lineOn(library, picture, bone) !== undefined);
    if (own.length === 0) continue;
    const before = part.taken ? next : adopt(library, next, part.id);
    for (const bone of own) {
      const list = sectionsOf(before, bone);
      const line = lineOn(library, picture, bone);
      if (list === undefined || line === undefined) continue;
      const read = list.map((station) => readStation(reader, line, station));
      const many = read.filter((entry) => entry !== undefined).length;
      if (many === 0) continue;
      sections += many;
      bones.push(bone.name.replace(/, left$/, ''));
      const merged = list.map((station, i) => read[i] ?? station);
      const base = next === before || part.taken ? next : before;
      next = {
        ...base,
        sections: { ...base.sections, [sectionKey(base, bone)]: merged },
      };
    }
  }
  if (sections === 0) return nothing(say.noBoneLiesIn);
  return { shape: next, sections, bones, problem: null };
}

interface Reader {
  readonly picture: Picture;
  readonly calibration: Calibration;
  readonly outline: readonly PicturePoint[];
}

/** A bone on the picture, from its start to its end. */
type BoneLine = readonly [from: PicturePoint, to: PicturePoint];

function lineOn(skeleton: Skeleton, { landmarks }: Picture, bone: Bone): BoneLine | undefined {
  const ends = boneEnds(skeleton).get(bone.id);
  const [from, to] = [landmarks[ends?.start ?? ''], landmarks[ends?.end ?? '']];
  return from === undefined || to === undefined ? undefined : [meanPoint(from), meanPoint(to)];
}

/** A section with the depth or the width that the outline has there; undefined where it has none. */
function readStation(
  { picture, calibration, outline }: Reader,
  [from, to]: BoneLine,
  station: FleshStation,
): FleshStation | undefined {
  const long = Math.hypot(to[0] - from[0], to[1] - from[1]);
  if (long === 0) return undefined;
  const along: PicturePoint = [(to[0] - from[0]) / long, (to[1] - from[1]) / long];
  const at: PicturePoint = [
    from[0] + (to[0] - from[0]) * station.at,
    from[1] + (to[1] - from[1]) * station.at,
  ];
  // Pixels run down: a quarter turn against the clock is (y, −x). With the head to the left the
  // animal's back lies clockwise of a bone that runs forward, with the head to the right against it.
  const turn = picture.facing === 'right' ? 1 : -1;
  const up: PicturePoint = [turn * along[1], -turn * along[0]];
  const reach = (way: PicturePoint): number | undefined => {
    const far = reachTo(outline, at, way);
    if (far === undefined) return undefined;
    const nearer = calibration.camera?.nearerMm ?? 0;
    const [a, b] = [at, [at[0] + far * way[0], at[1] + far * way[1]] as const].map((p) =>
      pagePoint(calibration, p, nearer),
    ) as [readonly [number, number], readonly [number, number]];
    return Math.hypot(b[0] - a[0], b[1] - a[1]);
  };
  const [above, below] = [reach(up), reach([-up[0], -up[1]])];
  if (above === undefined || below === undefined) return undefined;
  const half = Math.max((above + below) / 2, SECTION_MM.min);
  if (picture.view === 'top')
    return half > OTHERS_SKIN * station.halfWidth ? undefined : { ...station, halfWidth: half };
  return half > OTHERS_SKIN * station.halfDepth
    ? undefined
    : { ...station, halfDepth: half, up: (above - below) / 2 };
}

/** How far the outline is from a point inside it, in pixels along a way; undefined from outside. */
function reachTo(
  outline: readonly PicturePoint[],
  [px, py]: PicturePoint,
  [wx, wy]: PicturePoint,
): number | undefined {
  const hits = outline.flatMap(([ax, ay], i): number[] => {
    const [bx, by] = outline[(i + 1) % outline.length]!;
    // Sides of the ray on which the two ends lie, and where it crosses between them.
    const [a, b] = [wx * (ay - py) - wy * (ax - px), wx * (by - py) - wy * (bx - px)];
    if (a > 0 === b > 0) return [];
    const t = a / (a - b);
    const far = wx * (ax + (bx - ax) * t - px) + wy * (ay + (by - ay) * t - py);
    return far > 0 ? [far] : [];
  });
  return hits.length % 2 === 1 ? least(hits) : undefined;
}
