import { otherSide } from '../anatomy/plans/kit/bilateral.ts';
import { alongBone } from '../anatomy/pose.ts';
import type { Bone } from '../anatomy/skeleton.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import type { StancePlan } from '../stance/stancePlan.ts';

/** A vertex of a wire's route over the posed model, mm. */
export interface RoutePoint {
  /**
   * What it refers to, so that a route outlives a change of stance: `femur.L` is the joint where a
   * bone starts, `ear.L@0.9` a place along it, `ball:forefoot.L` and `peg:forefoot.L` a foot and the
   * hole under it, `over:hind-legs` where a pair of limbs crosses the spine.
   */
  readonly ref: string;
  readonly at: Vec3;
  /** What the hand looks for there: a joint, a foot, a tip. */
  readonly name: string;
}

/** How far a peg reaches below the ground it stands on, mm. */
export interface PegDepth {
  readonly pegDepthMm: number;
}

/** A name as it stands within a sentence. */
export const lowerFirst = (name: string): string => name.charAt(0).toLowerCase() + name.slice(1);

const plainName = ({ name }: Bone): string =>
  lowerFirst(name).replace(/,? ?(left|right)$|\s*\(.*\)/g, '');

const sideWord = ({ side }: Bone): string => (side === 'mid' ? '' : `${side} `);

/** The joint where a bone starts, in words. */
export const jointText = (bone: Bone): string => `${sideWord(bone)}${lowerFirst(bone.joint.name)}`;

/** The place that a reference names in this stance; undefined where this animal has no such place. */
export function routePoint(
  stance: StancePlan,
  ref: string,
  { pegDepthMm }: PegDepth,
): RoutePoint | undefined {
  const [head = '', tail] = ref.split(':');
  if (tail !== undefined) return namedPoint(stance, ref, head, tail, pegDepthMm);
  const [id = '', share] = ref.split('@');
  const posed = stance.posed.byId.get(id);
  if (posed === undefined) return undefined;
  if (share === undefined) return { ref, at: posed.start, name: jointText(posed.bone) };
  const { spine, spineEnds } = stance.posed.skeleton.plan;
  for (const [bone, { reach, name }] of [
    [spine[0], spineEnds.tail],
    [spine.at(-1), spineEnds.head],
  ] as const)
    if (bone === id && share === String(reach)) return { ref, at: alongBone(posed, reach), name };
  const end = sideWord(posed.bone) + (posed.bone.tip ?? `end of the ${plainName(posed.bone)}`);
  const fraction = Number(share);
  if (!Number.isFinite(fraction)) return undefined;
  const middle = `${sideWord(posed.bone)}middle of the ${plainName(posed.bone)}`;
  return { ref, at: alongBone(posed, fraction), name: fraction > 0.7 ? end : middle };
}

function namedPoint(
  stance: StancePlan,
  ref: string,
  kind: string,
  id: string,
  pegDepthMm: number,
): RoutePoint | undefined {
  if (kind === 'over') {
    const pair = stance.posed.skeleton.plan.limbPairs.find((limbPair) => limbPair.id === id);
    const first = stance.posed.byId.get(pair?.bonesLeft[0] ?? '');
    return pair && first
      ? { ref, at: first.start, name: `crossing over the spine at the ${pair.over}` }
      : undefined;
  }
  const foot = stance.feet.find(({ contact }) => contact.id === id);
  if (foot === undefined) return undefined;
  if (kind === 'ball') return { ref, at: foot.ball, name: `ball of the ${foot.contact.name}` };
  if (kind !== 'peg' || !foot.down) return undefined;
  const [x, , z] = foot.ball;
  const name = `peg under the ${foot.contact.name}`;
  return { ref, at: [x, foot.groundMm - pegDepthMm, z], name };
}

/** The same reference on the other side of the body. */
export const mirroredRef = (ref: string): string =>
  ref.replace(/[^:@]+/g, (part) => (/\.(L|R)$/.test(part) ? otherSide(part) : part));
