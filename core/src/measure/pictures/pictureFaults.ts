import { boneEnds, landmarksOf } from '../../anatomy/landmarks.ts';
import type { Skeleton } from '../../anatomy/skeleton.ts';
import type { Picture } from '../../piece/referencesSchema.ts';
import type { CalibrationGap } from './calibration.ts';
import { LEAST_APART_PX } from './calibration.ts';
import { meanPoint } from './precision.ts';

/** What each gap asks for, in words that end a sentence. */
export const GAP_WORDS: Readonly<Record<CalibrationGap, string>> = {
  'no-scale': 'it has no scale yet: mark two points and type the length between them',
  'scale-of-no-length':
    'the two points of its scale are one, or the length between them is nought: mark them apart and type a length above 0 mm',
  'bone-not-placed':
    'the bone that its scale is taken from has not both its ends on this picture: place them, or mark two points of a known length',
  'level-of-no-length':
    'both ends of its level line are one point: draw the line along something level',
  'lens-inside-the-animal':
    'the lens would stand inside the animal: the camera must be farther away than the animal is near',
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
