import type { LimbPairSpec } from '../anatomy/bodyPlan.ts';
import type { PosedSkeleton } from '../anatomy/pose.ts';
import type { StancePlan } from '../stance/stancePlan.ts';
import { routePoint, type PegDepth, type RoutePoint } from './routePoints.ts';
import { ballRef, boneRef, crossingRef, jointRef, pegRef, type RouteRef } from './routeRef.ts';

export type { RoutePoint } from './routePoints.ts';

/** A wire's way over the skeleton, from its named end. */
export interface Route {
  readonly points: readonly RoutePoint[];
  /** Index of the point where the wire crosses the spine and is wound round it, if it does. */
  readonly wrapAt: number | null;
  /** Feet with a peg at the start and end of the route. */
  readonly pegs: readonly [start: boolean, end: boolean];
}

/** A wire that ends in a free limb stops short of its tip: common practice. */
export const TIP_REACH = 0.8;

/** The spine, from short of the tail tip, along the column, into the head, as references. */
export function spineRefs(posed: PosedSkeleton): readonly RouteRef[] {
  const { id, spine, spineEnds, bones } = posed.skeleton.plan;
  const [first, last] = [spine[0], spine.at(-1)];
  if (first === undefined || last === undefined) throw new Error(`plan ${id} has no spine`);
  const parentOf = new Map(bones.map((bone) => [bone.id, bone.parent]));
  // Two neighbours meet where the one that hangs on the other begins.
  const joints = spine
    .slice(1)
    .map((bone, i) => (parentOf.get(bone) === spine[i] ? bone : spine[i]!));
  return [
    boneRef(first, spineEnds.tail.reach),
    ...joints.map(jointRef),
    boneRef(last, spineEnds.head.reach),
  ];
}

/** One limb from the foot (with its peg, where asked) to its first joint off the trunk. */
export function limbRefs(
  pair: LimbPairSpec,
  side: 'left' | 'right',
  pegged: boolean,
): readonly RouteRef[] {
  const { bones, contact } = pair[side];
  const joints = bones.toReversed().slice(0, -1).map(jointRef);
  if (contact === null) return [boneRef(bones.at(-1) ?? '', TIP_REACH), ...joints];
  return [...(pegged ? [pegRef(contact)] : []), ballRef(contact), ...joints];
}

/** A limb pair: from under the left foot, up the limb, over the girdle, down to the right foot. */
export const pairRefs = (pair: LimbPairSpec, pegged: boolean): readonly RouteRef[] => [
  ...limbRefs(pair, 'left', pegged),
  crossingRef(pair.id),
  ...limbRefs(pair, 'right', pegged).toReversed(),
];

/**
 * A route through references. Those that this animal or stance does not have (the peg of a lifted
 * foot) are passed over; a route needs two places that it does have.
 */
export function routeThrough(
  stance: StancePlan,
  refs: readonly RouteRef[],
  depth: PegDepth,
): Route | undefined {
  const points = refs.flatMap((ref) => routePoint(stance, ref, depth) ?? []);
  if (points.length < 2) return undefined;
  const wrapAt = points.findIndex(({ ref }) => ref.over === 'crossing');
  const isPeg = (point: RoutePoint | undefined): boolean => point?.ref.over === 'peg';
  return {
    points,
    wrapAt: wrapAt === -1 ? null : wrapAt,
    pegs: [isPeg(points[0]), isPeg(points.at(-1))],
  };
}
