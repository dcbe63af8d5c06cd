import * as say from './words.ts';
import { boneEnds, landmarksOf } from '../../anatomy/landmarks.ts';
import type { Skeleton } from '../../anatomy/skeleton.ts';
import type { Picture } from '../../piece/referencesSchema.ts';
import type { CalibrationGap } from './calibration.ts';
import { LEAST_APART_PX } from './calibration.ts';
import { meanPoint } from './precision.ts';

/** What each gap asks for, in words that end a sentence. */
export const GAP_WORDS: Readonly<Record<CalibrationGap, string>> = {
  'no-scale': say.itHasNoScale,
  'scale-of-no-length': say.twoPointsOfIts,
  'bone-not-placed': say.boneThatItsScale,
  'level-of-no-length': say.bothEndsOfIts,
  'lens-inside-the-animal': say.lensWouldStandInside,
};

/** A bone whose two ends were put on one point of a picture. */
export interface OnOnePoint {
  readonly boneId: string;
  readonly first: string;
  readonly second: string;
}

/** Bones whose ends lie on one point of a picture, with the names of both landmarks. */
export function onOnePoint(picture: Picture, skeleton: Skeleton): readonly OnOnePoint[] {
  const nameOf = new Map(landmarksOf(skeleton).map(({ id, name }) => [id, name]));
  return [...boneEnds(skeleton)].flatMap(([boneId, { start, end }]): OnOnePoint[] => {
    const from = picture.landmarks[start ?? ''];
    const to = picture.landmarks[end ?? ''];
    if (from === undefined || to === undefined) return [];
    const [a, b] = [meanPoint(from), meanPoint(to)];
    if (Math.hypot(b[0] - a[0], b[1] - a[1]) >= LEAST_APART_PX) return [];
    return [{ boneId, first: nameOf.get(start!) ?? '', second: nameOf.get(end!) ?? '' }];
  });
}
