import type { LimbPairSpec } from '../anatomy/bodyPlan.ts';
import { otherSide } from '../anatomy/plans/kit/bilateral.ts';
import type { Bone } from '../anatomy/skeleton.ts';
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

/** A wire that ends in a free limb stops short of its tip: common practice. */
const TIP_REACH = 0.8;

/** The spine: from short of the tail tip, along the column, into the head. */
export function spineRoute(posed: PosedSkeleton): Route {
  const { spine, spineEnds, tailBones } = posed.skeleton.plan;
  const bones = spine.map((id) => posedBone(posed, id));
  const [first, last] = [bones[0], bones.at(-1)];
  if (first === undefined || last === undefined)
    throw new Error(`plan ${posed.skeleton.plan.id} has no spine`);
  const joints = bones.slice(1).map((bone, i): RoutePoint => {
    // Two neighbours meet where the one that hangs on the other begins.
    const hanging = bone.bone.parent === spine[i] ? bone : bones[i]!;
    return { at: hanging.start, name: jointName(hanging.bone.joint.name) };
  });
  return {
    points: [
      { at: alongBone(first, spineEnds.tail.reach), name: spineEnds.tail.name },
      ...joints,
      { at: alongBone(last, spineEnds.head.reach), name: spineEnds.head.name },
    ],
    wrapAt: null,
    singleUntil: tailBones.length,
    pegs: [false, false],
  };
}

/**
 * A limb pair: from under the left foot, up the limb, over the girdle, down to the right foot. A
 * lifted foot has no peg: the wire ends in its ball, and in a free limb short of its tip.
 * `pegDepthMm` is how far a peg reaches below the top of the base.
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
  const joints = pair.bonesLeft
    .toReversed()
    .slice(0, -1)
    .map((id): RoutePoint => {
      const at = posedBone(stance.posed, sided(id));
      return { at: at.start, name: `${side} ${jointName(at.bone.joint.name)}` };
    });
  const { contactLeft } = pair;
  if (contactLeft === null) {
    const last = posedBone(stance.posed, sided(pair.bonesLeft.at(-1) ?? ''));
    const tip = {
      at: alongBone(last, TIP_REACH),
      name: `${side} ${last.bone.tip ?? `end of the ${plainName(last.bone)}`}`,
    };
    return { points: [tip, ...joints], peg: false };
  }
  const foot = stance.feet.find((one) => one.contact.id === sided(contactLeft));
  if (foot === undefined) throw new Error(`no foot ${sided(contactLeft)}`);
  const [x, , z] = foot.ball;
  const ball: RoutePoint = { at: foot.ball, name: `ball of the ${foot.contact.name}` };
  const peg: RoutePoint[] = foot.down
    ? [{ at: [x, foot.groundMm - pegDepthMm, z], name: `peg under the ${foot.contact.name}` }]
    : [];
  return { points: [...peg, ball, ...joints], peg: foot.down };
}

const plainName = ({ name }: Bone): string =>
  jointName(name).replace(/,? ?(left|right)$|\s*\(.*\)/g, '');

const jointName = (name: string): string => name.charAt(0).toLowerCase() + name.slice(1);
