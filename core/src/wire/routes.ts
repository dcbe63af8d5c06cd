import type { LimbPairSpec } from '../anatomy/bodyPlan.ts';
import { otherSide } from '../anatomy/plans/bilateral.ts';
import { alongBone, posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import type { StancePlan } from '../stance/planStance.ts';

/** A vertex of a wire's route over the posed model, mm. */
export interface RoutePoint {
  readonly at: Vec3;
  /** What the hand looks for there: a joint, a foot, a tip. */
  readonly name: string;
}

/** A wire's way over the skeleton, from its named end. */
export interface Route {
  readonly points: readonly RoutePoint[];
  /** Index of the point where the wire crosses the spine and is wound round it, if it does. */
  readonly wrapAt: number | null;
  /** Index of the point up to which only one strand runs (the root of the tail), if any. */
  readonly singleUntil: number | null;
  /** Feet with a peg at the start and end of the route. */
  readonly pegs: readonly [start: boolean, end: boolean];
}

/** The spine: from short of the tail tip, along the column, into the head. */
export function spineRoute(posed: PosedSkeleton): Route {
  const { spine, spineReach, tailBones } = posed.skeleton.plan;
  const tails = tailBones.toReversed();
  const points: RoutePoint[] = [];
  spine.forEach((id, i) => {
    const at = posedBone(posed, id);
    const isTail = tails.includes(id);
    if (isTail) {
      if (i === 0) points.push({ at: alongBone(at, spineReach.tail), name: 'tail end' });
      points.push({ at: at.start, name: jointName(at.bone.joint.name) });
    } else if (at.bone.parent !== null) {
      points.push({ at: at.start, name: jointName(at.bone.joint.name) });
      if (i === spine.length - 1) {
        points.push({ at: alongBone(at, spineReach.head), name: 'muzzle' });
      }
    }
  });
  return { points, wrapAt: null, singleUntil: tails.length, pegs: [false, false] };
}

/**
 * A limb pair: from under the left foot, up the limb, over the girdle, down to the right foot. A
 * lifted foot has no peg: the wire ends in its ball. `pegDepthMm` is how far a peg reaches below
 * the top of the base.
 */
export function limbRoute(stance: StancePlan, pair: LimbPairSpec, pegDepthMm: number): Route {
  const left = limbUp(stance, pair, 'left', pegDepthMm);
  const right = limbUp(stance, pair, 'right', pegDepthMm);
  const trunk = posedBone(stance.posed, pair.bonesLeft[0] ?? '').start;
  return {
    points: [
      ...left.points,
      { at: trunk, name: `crossing over the spine at the ${pair.over}` },
      ...right.points.toReversed(),
    ],
    wrapAt: left.points.length,
    singleUntil: null,
    pegs: [left.peg, right.peg],
  };
}

/** One limb from the foot to its first joint at the trunk, with its peg where the foot is down. */
function limbUp(
  stance: StancePlan,
  pair: LimbPairSpec,
  side: 'left' | 'right',
  pegDepthMm: number,
): { readonly points: readonly RoutePoint[]; readonly peg: boolean } {
  const sided = (id: string): string => (side === 'left' ? id : otherSide(id));
  const foot = stance.feet.find((one) => one.contact.id === sided(pair.contactLeft));
  if (foot === undefined) throw new Error(`no foot ${sided(pair.contactLeft)}`);
  const [x, , z] = foot.ball;
  const joints = pair.bonesLeft
    .toReversed()
    .slice(0, -1)
    .map((id): RoutePoint => {
      const at = posedBone(stance.posed, sided(id));
      return { at: at.start, name: `${side} ${jointName(at.bone.joint.name)}` };
    });
  const ball: RoutePoint = { at: foot.ball, name: `ball of the ${foot.contact.name}` };
  const peg: RoutePoint[] = foot.down
    ? [{ at: [x, -pegDepthMm, z], name: `peg under the ${foot.contact.name}` }]
    : [];
  return { points: [...peg, ball, ...joints], peg: foot.down };
}

const jointName = (name: string): string => name.charAt(0).toLowerCase() + name.slice(1);
