import type { PosedBone } from '../anatomy/pose.ts';
import { upwardMoment, weightOf, type PlacedMass, type SupportLoad } from '../body/supports.ts';
import { add, length, ORIGIN, scale, sub, type Vec3 } from '../geometry/vec3.ts';
import { newtons } from '../units/gravity.ts';

/** A tree of bones: each hangs on its parent at the joint where it starts. */
export interface JointTree {
  /** Parents before their children. */
  readonly bones: readonly (Pick<PosedBone, 'start'> & {
    readonly bone: { readonly id: string; readonly parent: string | null };
  })[];
}

/** What crosses the joint at which a bone starts. */
export interface JointLoad {
  readonly boneId: string;
  /** Force of what lies beyond upon what carries it, upward, N. */
  readonly upN: number;
  /** Its moment about the joint, N·mm, and how large that is: standing as posed. */
  readonly momentNmm: Vec3;
  readonly stanceNmm: number;
  /** Held by the trunk and turned over: the worst way up for what hangs beyond the joint. */
  readonly handlingNmm: number;
}

interface Sums {
  upN: number;
  /** About the origin. */
  momentNmm: Vec3;
  grams: number;
  /** Σ m·r. */
  firstMoment: Vec3;
}

/**
 * Forces and moments at every joint from all that lies beyond it: flesh pulls down, supports push up and
 * hold against turning (statics: Σ (r − joint) × F + Σ M). In equilibrium the other side of the joint
 * gives the same. Turned over, supports do nothing and the weights pull square to their lever:
 * g·|Σ m·(r − joint)|. Flesh of `resting` bones lies on the ground and loads no joint as posed. A twist
 * along the bone counts as bending, on the safe side.
 */
export function jointLoads(
  tree: JointTree,
  masses: readonly PlacedMass[],
  supports: readonly SupportLoad[],
  resting: ReadonlySet<string> = new Set(),
): ReadonlyMap<string, JointLoad> {
  const sums = new Map<string, Sums>();
  const sumOf = (id: string): Sums => {
    const known = sums.get(id) ?? { upN: 0, momentNmm: ORIGIN, grams: 0, firstMoment: ORIGIN };
    sums.set(id, known);
    return known;
  };
  for (const mass of masses) {
    const sum = sumOf(mass.boneId);
    sum.grams += mass.grams;
    sum.firstMoment = add(sum.firstMoment, scale(mass.at, mass.grams));
    if (resting.has(mass.boneId)) continue;
    const { upN, momentNmm } = weightOf([mass]);
    sum.upN += upN;
    sum.momentNmm = add(sum.momentNmm, momentNmm);
  }
  for (const { boneId, at, upN, momentNmm } of supports) {
    const sum = sumOf(boneId);
    sum.upN += upN;
    sum.momentNmm = add(sum.momentNmm, add(upwardMoment(at, upN), momentNmm));
  }
  const loads = new Map<string, JointLoad>();
  // From the ends inwards: a bone hands on what it carries to what carries it.
  for (const { bone, start } of tree.bones.toReversed()) {
    const sum = sumOf(bone.id);
    const momentNmm = sub(sum.momentNmm, upwardMoment(start, sum.upN));
    const hanging = sub(sum.firstMoment, scale(start, sum.grams));
    loads.set(bone.id, {
      boneId: bone.id,
      upN: sum.upN,
      momentNmm,
      stanceNmm: length(momentNmm),
      handlingNmm: newtons(length(hanging)),
    });
    if (bone.parent === null) continue;
    const up = sumOf(bone.parent);
    up.upN += sum.upN;
    up.momentNmm = add(up.momentNmm, sum.momentNmm);
    up.grams += sum.grams;
    up.firstMoment = add(up.firstMoment, sum.firstMoment);
  }
  return loads;
}
