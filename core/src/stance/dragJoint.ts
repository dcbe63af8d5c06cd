import type { Bone, Skeleton } from '../anatomy/skeleton.ts';
import type { FreedomName } from '../anatomy/bodyPlan.ts';
import { posedBone, type JointAngles } from '../anatomy/pose.ts';
import { settledStance, stanceAngles, type StanceChoice } from '../body/settledStance.ts';

/** Which elevation was dragged in: each shows one freedom of a joint. */
export type DragView = 'side' | 'front';

const FREEDOM_OF: Readonly<Record<DragView, FreedomName>> = {
  side: 'flexion',
  front: 'abduction',
};

/** What a drag sets: one angle of one joint, in degrees. */
export interface DragResult {
  readonly boneId: string;
  readonly freedom: FreedomName;
  readonly deg: number;
  /** True where the pointer asked for more than the limits allow. */
  readonly atLimit: boolean;
}

/** Angles searched coarsely before the fine search, per degree of range. */
const COARSE_STEP_DEG = 4;
const FINE_DEG = 1e-4;

/**
 * Turns the joint at the near end of a bone so that the bone's far end comes as near to the pointer
 * as the view can show. `pointer` is in the view's plane: (x, y) from the side, (z, y) from the
 * front, mm of the model. Where the joint has no such freedom, the nearest one above it in the same
 * limb turns. `anyAngle` lifts the limits knowingly. Undefined where nothing can turn.
 */
export function dragJoint(
  skeleton: Skeleton,
  choice: StanceChoice,
  sizeFactor: number,
  boneId: string,
  view: DragView,
  pointer: readonly [number, number],
  anyAngle = false,
): DragResult | undefined {
  const freedomName = FREEDOM_OF[view];
  const turning = turningBone(skeleton, boneId, freedomName);
  const freedom = turning?.joint.freedoms[freedomName];
  if (turning === undefined || freedom === undefined) return undefined;
  const angles = stanceAngles(skeleton, choice);
  const axis = view === 'side' ? 0 : 2;
  const miss = (deg: number): number => {
    const tried: JointAngles = {
      ...choice.anglesDeg,
      [turning.id]: { ...choice.anglesDeg[turning.id], [freedomName]: deg },
    };
    const posed = settledStance(skeleton, { ...choice, anglesDeg: tried }, sizeFactor);
    const { end } = posedBone(posed, boneId);
    return Math.hypot(end[axis] - pointer[0], end[1] - pointer[1]);
  };
  const [low, high] = anyAngle ? [-180, 180] : [freedom.minDeg, freedom.maxDeg];
  const start = Math.min(high, Math.max(low, angles[turning.id]?.[freedomName] ?? 0));
  const deg = leastOf(miss, low, high, start);
  const atLimit = !anyAngle && (deg <= low + FINE_DEG || deg >= high - FINE_DEG);
  return { boneId: turning.id, freedom: freedomName, deg: Math.round(deg * 10) / 10, atLimit };
}

/** The bone itself, or its nearest ancestor on the same side, that has the freedom. */
function turningBone(skeleton: Skeleton, boneId: string, freedom: FreedomName): Bone | undefined {
  let bone = skeleton.byId.get(boneId);
  const side = bone?.side;
  while (bone !== undefined && bone.side === side) {
    if (bone.joint.freedoms[freedom] !== undefined) return bone;
    bone = bone.parent === null ? undefined : skeleton.byId.get(bone.parent);
  }
  return undefined;
}

/** Least of a function of one angle: coarse steps, then golden section round the best of them. */
function leastOf(f: (deg: number) => number, low: number, high: number, start: number): number {
  const steps = Math.max(1, Math.ceil((high - low) / COARSE_STEP_DEG));
  const places = [
    start,
    ...Array.from({ length: steps + 1 }, (_, i) => low + ((high - low) * i) / steps),
  ];
  const best = places.reduce((a, b) => (f(b) < f(a) - 1e-9 ? b : a));
  let a = Math.max(low, best - COARSE_STEP_DEG);
  let b = Math.min(high, best + COARSE_STEP_DEG);
  const golden = (Math.sqrt(5) - 1) / 2;
  while (b - a > FINE_DEG) {
    const c = b - golden * (b - a);
    const d = a + golden * (b - a);
    if (f(c) < f(d)) b = d;
    else a = c;
  }
  return (a + b) / 2;
}
