import * as say from './words.ts';
import { alongBone } from '../anatomy/pose.ts';
import type { Bone } from '../anatomy/skeleton.ts';
import { beforeWall } from '../body/wall.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import type { StancePlan } from '../stance/stancePlan.ts';
import type { RouteRef } from './routeRef.ts';

/** A vertex of a wire's route over the posed model, mm. */
export interface RoutePoint {
  readonly ref: RouteRef;
  readonly at: Vec3;
  /** What the hand looks for there: a joint, a foot, a tip. */
  readonly name: string;
}

/** How far a peg reaches below the ground it stands on, mm: told by where it stands. */
export interface PegDepth {
  readonly pegMm: (x: number, groundMm: number) => number;
}

/** A name as it stands within a sentence. */
export const lowerFirst = (name: string): string => name.charAt(0).toLowerCase() + name.slice(1);

/** Without its side and without what its name says in brackets. */
const shortName = ({ plainName }: Bone): string => lowerFirst(plainName).replace(/\s*\(.*\)/g, '');

const sideWord = ({ side }: Bone): string => (side === 'mid' ? '' : `${side} `);

/** The joint where a bone starts, in words. */
export const jointText = (bone: Bone): string => `${sideWord(bone)}${lowerFirst(bone.joint.name)}`;

/** The place that a reference names in this stance; undefined where this animal has no such place. */
export function routePoint(
  stance: StancePlan,
  ref: RouteRef,
  { pegMm }: PegDepth,
): RoutePoint | undefined {
  switch (ref.over) {
    case 'joint': {
      const posed = stance.posed.byId.get(ref.boneId);
      return posed && { ref, at: posed.start, name: jointText(posed.bone) };
    }
    case 'bone':
      return alongPoint(stance, ref);
    case 'crossing': {
      const pair = stance.posed.skeleton.plan.limbPairs.find(({ id }) => id === ref.pairId);
      const first = stance.posed.byId.get(pair?.left.bones[0] ?? '');
      return pair && first
        ? { ref, at: first.start, name: say.crossingOverSpineAt(pair.over) }
        : undefined;
    }
    case 'ball':
    case 'peg':
      return footPoint(stance, ref, pegMm);
  }
}

/** A place along a bone; the ends of the spine are told by what is seen there. */
function alongPoint(
  stance: StancePlan,
  ref: Extract<RouteRef, { over: 'bone' }>,
): RoutePoint | undefined {
  const posed = stance.posed.byId.get(ref.boneId);
  if (posed === undefined) return undefined;
  const { bone } = posed;
  const { spine, spineEnds } = stance.posed.skeleton.plan;
  const at = alongBone(posed, ref.along);
  for (const [id, { reach, name }] of [
    [spine[0], spineEnds.tail],
    [spine.at(-1), spineEnds.head],
  ] as const)
    if (ref.boneId === id && ref.along === reach) return { ref, at, name };
  const end = sideWord(bone) + (bone.tip ?? say.endOf(shortName(bone)));
  const middle = say.middleOf(sideWord(bone), shortName(bone));
  return { ref, at, name: ref.along > 0.7 ? end : middle };
}

function footPoint(
  stance: StancePlan,
  ref: Extract<RouteRef, { over: 'ball' | 'peg' }>,
  pegMm: PegDepth['pegMm'],
): RoutePoint | undefined {
  const foot = stance.feet.find(({ contact }) => contact.id === ref.contactId);
  if (foot === undefined) return undefined;
  const { wall } = stance;
  if (wall !== null)
    return ref.over === 'ball'
      ? { ref, at: foot.ball, name: say.rodMeetsColumn }
      : { ref, at: beforeWall(wall, foot.ball, -pegMm(0, 0)), name: say.pegInPlate };
  if (ref.over === 'ball') return { ref, at: foot.ball, name: say.ballOf(foot.contact.name) };
  if (!foot.down) return undefined;
  const [x, , z] = foot.ball;
  const name = say.pegUnder(foot.contact.name);
  return { ref, at: [x, foot.groundMm - pegMm(x, foot.groundMm), z], name };
}
