import { greatest } from '../geometry/extremes.ts';
import type { Landmark } from '../anatomy/landmarks.ts';
import { alongBone, posedBone } from '../anatomy/pose.ts';
import type { Bone, Skeleton } from '../anatomy/skeleton.ts';
import { bodyBox } from '../body/blades.ts';
import { settledStance } from '../posing/settledStance.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
  type View,
} from './drawing.ts';
import { boneItems, skinItems } from './posedItems.ts';
import { project } from './views.ts';

/** Longest side of the small drawing, and of the one that shows a single bone, mm. */
const SMALL_MM = 70;
const LARGE_MM = 160;
const RING_MM = 3.4;
const LARGE_RING_MM = 1.9;
const DOT_MM = 0.7;

/** A small side elevation with a ring where a landmark is. */
export const landmarkDrawing = (skeleton: Skeleton, landmark: Landmark): Drawing =>
  ringed(skeleton, `landmark-${landmark.id}`, landmark.name, 'side', SMALL_MM, [landmark]);

/** A bone on the animal with both its ends ringed: where tape and caliper are laid. */
export function boneDrawing(skeleton: Skeleton, bone: Bone, view: View = 'side'): Drawing {
  return ringed(skeleton, `bone-${bone.id}-${view}`, bone.name, view, LARGE_MM, [
    { bone: bone.id, at: 0 },
    { bone: bone.id, at: 1 },
  ]);
}

/** An elevation of a given longest side with rings at the ends of bones, joined where there are two. */
function ringed(
  skeleton: Skeleton,
  id: string,
  title: string,
  view: View,
  sizeMm: number,
  rings: readonly Pick<Landmark, 'bone' | 'at'>[],
): Drawing {
  const choice = { presetId: '', anglesDeg: {}, lifted: null };
  const life = bodyBox(settledStance(skeleton, choice));
  const longest = greatest(life.max.map((v, i) => v - life.min[i as 0]));
  const posed = settledStance(skeleton, choice, sizeMm / longest);
  const places = rings.map((ring) =>
    project(view, alongBone(posedBone(posed, ring.bone), ring.at)),
  );
  const ring = (at: PagePoint, radius: number, filled: boolean): DrawingItem => ({
    kind: 'circle',
    ink: 'ink',
    layer: 'landmark',
    weight: WEIGHT.near,
    at,
    radius,
    filled,
  });
  const between: readonly DrawingItem[] =
    places.length === 2
      ? [{ kind: 'line', ink: 'ink', layer: 'landmark', weight: 2 * WEIGHT.mid, points: places }]
      : [];
  return fittedDrawing(
    id,
    title,
    [
      ...skinItems(posed, view),
      ...boneItems(posed, view),
      ...between,
      ...places.flatMap((at) => [
        ring(at, places.length > 1 ? LARGE_RING_MM : RING_MM, false),
        ring(at, DOT_MM, true),
      ]),
    ],
    RING_MM + 0.6,
  );
}
