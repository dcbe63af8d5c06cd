import type { JointAngles } from '../anatomy/pose.ts';
import { posedBone } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { settledStance, stanceAngles, type StanceChoice } from '../posing/settledStance.ts';
import { padRadiusMm } from '../body/skin.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import type { DragView } from './dragJoint.ts';
import { FLAT, groundHeight } from '../posing/ground.ts';
import { reachTo } from '../posing/reach.ts';

/** What a reach sets: the angles of a chain, degrees to a hundredth, and by how much it fails. */
export interface DragReach {
  /** The user's own angles, with those of the chain put in. */
  readonly anglesDeg: JointAngles;
  /** How far the end stays from the pointer, mm of the model. */
  readonly shortfallMm: number;
  readonly chain: readonly string[];
}

/**
 * Brings the far end of a bone under the pointer by its whole chain, the trunk held where it is. The
 * pointer is in the view's plane, (x, y) from the side, (z, y) from the front and (x, z) from above,
 * mm of the model; the third coordinate stays. A foot is not pushed through the ground,
 * and near to it is put on it.
 */
export function dragReach(
  skeleton: Skeleton,
  choice: StanceChoice,
  sizeFactor: number,
  rodMm: number,
  boneId: string,
  view: DragView,
  pointer: readonly [number, number],
  anyAngle = false,
  locked: readonly string[] = [],
): DragReach {
  const posed = settledStance(skeleton, choice, sizeFactor, rodMm);
  const { end } = posedBone(posed, boneId);
  const lift = posed.bones[0]!.start[1];
  const isFoot = skeleton.plan.contacts.some(
    (contact) => contact.kind === 'foot' && contact.bone === boneId,
  );
  const [x, wantedY, z] = pointed(view, pointer, end);
  const y = isFoot
    ? onGround(wantedY, padRadiusMm(posed, boneId) + groundHeight(choice.ground ?? FLAT, x))
    : wantedY;
  const target: Vec3 = [x / sizeFactor, (y - lift) / sizeFactor, z / sizeFactor];
  const { angles, shortfallMm, chain } = reachTo(
    skeleton,
    stanceAngles(skeleton, choice),
    boneId,
    target,
    anyAngle,
    locked,
  );
  const moved = chain.filter((id) => Object.keys(angles[id] ?? {}).length > 0);
  const rounded = moved.map((id) => [
    id,
    Object.fromEntries(
      Object.entries(angles[id]!).map(([name, deg]) => [name, Math.round(deg * 100) / 100]),
    ),
  ]);
  return {
    anglesDeg: { ...choice.anglesDeg, ...Object.fromEntries(rounded) },
    shortfallMm: shortfallMm * sizeFactor,
    chain,
  };
}

/** A foot let go this near to the ground was meant to stand on it, mm of the model. */
export const SNAP_MM = 2.5;

const onGround = (wantedY: number, soleY: number): number =>
  wantedY < soleY + SNAP_MM ? soleY : wantedY;

/** A point under the pointer: what the view shows is taken from it, the rest stays. */
export function pointed(view: DragView, [a, b]: readonly [number, number], kept: Vec3): Vec3 {
  if (view === 'side') return [a, b, kept[2]];
  return view === 'front' ? [kept[0], b, a] : [a, kept[1], b];
}
