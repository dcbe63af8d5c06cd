import { posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import { endRadius } from '../anatomy/fleshRadius.ts';
import { padRadiusMm } from '../body/skin.ts';
import type { Point2 } from '../geometry/hull.ts';
import { groundHeight, type Ground } from '../posing/ground.ts';
import { TOUCH_MM } from '../stance/planStance.ts';
import { type Footfall } from '../stance/stancePlan.ts';

/** Toes count as touching within this beyond their own flesh: clay is pressed flat there, mm. */
const TOE_MM = TOUCH_MM + 0.5;

/**
 * Where a foot that stands touches the ground, in plan: its ball, as wide as its flesh is thick, and
 * the tips of toes that lie on the ground too. What lies or is held by a rod touches at a point.
 */
export function solePoints(
  posed: PosedSkeleton,
  { contact, ball }: Pick<Footfall, 'contact' | 'ball'>,
  ground: Ground,
): readonly Point2[] {
  const [x, , z] = ball;
  if (contact.kind !== 'foot') return [[x, z]];
  const pad = padRadiusMm(posed, contact.bone);
  const toes = posed.bones
    .filter(({ bone }) => bone.parent === contact.bone && bone.at === 1)
    .filter(({ bone, end }) => {
      const [flesh] = bone.flesh;
      const radius = flesh === undefined ? 0 : endRadius(flesh) * posed.sizeFactor;
      return end[1] - radius - groundHeight(ground, end[0]) <= TOE_MM;
    })
    .map(({ bone }): Point2 => {
      const { end } = posedBone(posed, bone.id);
      return [end[0], end[2]];
    });
  return [[x, z - pad], [x, z + pad], ...toes];
}
