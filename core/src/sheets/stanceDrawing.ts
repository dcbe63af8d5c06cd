import * as say from './words.ts';
import { greatest } from '../geometry/extremes.ts';
import type { JointAngles } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { bodyBox } from '../body/blades.ts';
import { settledStance } from '../posing/settledStance.ts';
import { fittedDrawing, type Drawing, type View } from './drawing.ts';
import { boneItems, skinItems } from './posedItems.ts';

const TITLES: Readonly<Record<View, string>> = {
  side: say.recoveredFromSide,
  front: say.fromFront2,
  top: say.fromAbove2,
};

/** A stance in one view at 1:n of life, mm, its lowest foot on the ground. */
export function stanceDrawing(
  skeleton: Skeleton,
  presetId: string,
  anglesDeg: JointAngles,
  view: View,
  lifePerModel: number,
): Drawing {
  const posed = settledStance(skeleton, { presetId, anglesDeg, lifted: null }, 1 / lifePerModel);
  const box = bodyBox(posed);
  const margin = 0.03 * greatest(box.max.map((v, i) => v - box.min[i as 0]));
  return fittedDrawing(
    `recovered-${view}`,
    TITLES[view],
    [...skinItems(posed, view), ...boneItems(posed, view)],
    margin,
  );
}
